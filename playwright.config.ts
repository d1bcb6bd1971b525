import { defineConfig } from '@playwright/test';

/** Two copies of the server before one database, as in real life behind a proxy. */
export const FIRST_COPY = 'http://localhost:4611';
export const SECOND_COPY = 'http://localhost:4612';
/** A third, whose clock is at nine in the evening of the same day. */
export const EVENING_COPY = 'http://localhost:4613';

export default defineConfig({
	testDir: 'tests/browser',
	fullyParallel: false,
	workers: 1,
	timeout: 60_000,
	forbidOnly: Boolean(process.env['CI']),
	reporter: 'list',
	use: {
		baseURL: FIRST_COPY,
		actionTimeout: 10_000,
		launchOptions: {
			executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
			args: [
				'--no-sandbox',
				'--disable-gpu',
				'--disable-quic',
				'--no-first-run',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync'
			]
		},
		trace: 'off'
	},
	webServer: {
		command: 'npx --no-install tsx tests/browser/serve.ts',
		url: `${EVENING_COPY}/healthz`,
		timeout: 120_000,
		reuseExistingServer: false,
		gracefulShutdown: { signal: 'SIGTERM', timeout: 15_000 },
		stdout: 'pipe'
	}
});
