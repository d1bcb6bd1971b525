import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

/** Readers of whole files that only the server uses are no part of what a phone loads. */
const treeshake = {
	moduleSideEffects: [{ test: /node_modules\/(saxes|xmlchars|@streamparser)\//, sideEffects: false }]
};

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The content security policy allows fonts from our own origin only, so none may become a data: address.
	build: { assetsInlineLimit: 0, rolldownOptions: { treeshake } },
	worker: { rolldownOptions: { treeshake } },
	test: {
		projects: [
			{
				extends: true,
				test: {
					name: 'core',
					environment: 'node',
					// Two slow cores draw pictures and lint at the same time.
					testTimeout: 30_000,
					include: ['src/lib/core/**/*.test.ts', 'src/lib/ui/**/*.test.ts', 'tests/layers/*.test.ts']
				}
			},
			{
				extends: true,
				test: {
					name: 'server',
					environment: 'node',
					include: ['src/lib/server/**/*.test.ts', 'tests/server/**/*.test.ts'],
					globalSetup: ['tests/server/throwaway-database.ts'],
					setupFiles: ['tests/server/own-database.ts'],
					maxWorkers: 2,
					testTimeout: 30_000,
					hookTimeout: 60_000
				}
			}
		]
	}
});
