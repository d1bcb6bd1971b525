import { defineConfig } from '@playwright/test';

/** Browsers that work side by side, each before servers and a database of its own. */
export const WORKERS = 2;
/** Answers once all servers are up. */
export const READY_PORT = 4610;

/**
 * The servers of one worker: two copies before one database, as in real life behind a proxy, and a third whose clock is
 * at nine in the evening of the same day.
 */
export function copiesOf(worker: number): { first: string; second: string; evening: string } {
	const origin = (n: number) => `http://localhost:${READY_PORT + 10 * worker + n}`;
	return { first: origin(1), second: origin(2), evening: origin(3) };
}

export const {
	first: FIRST_COPY,
	second: SECOND_COPY,
	evening: EVENING_COPY
} = copiesOf(Number(process.env['TEST_PARALLEL_INDEX'] ?? 0));

export default defineConfig({
	testDir: 'tests/browser',
	fullyParallel: false,
	workers: WORKERS,
	timeout: 60_000,
	forbidOnly: Boolean(process.env['CI']),
	reporter: 'list',
	// Two slow cores draw pages for two browsers.
	expect: { timeout: 15_000 },
	use: {
		baseURL: FIRST_COPY,
		actionTimeout: 20_000,
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
		url: `http://127.0.0.1:${READY_PORT}`,
		timeout: 120_000,
		reuseExistingServer: false,
		gracefulShutdown: { signal: 'SIGTERM', timeout: 15_000 },
		stdout: 'pipe'
	}
});
