import { sveltekit } from '@sveltejs/kit/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

/** A test that hangs is given up after this long; how quick the machine is decides nothing. */
const GIVE_UP_MS = 180_000;

/** Pages fetch the atlas; tests have it whole. */
const ATLAS = ['src/lib/core/atlas/all.ts'];

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The content security policy allows fonts from our own origin only, so none may become a data: address.
	build: { assetsInlineLimit: 0 },
	test: {
		projects: [
			{
				extends: true,
				test: {
					name: 'core',
					setupFiles: ATLAS,
					environment: 'node',
					// Functions without a state of their own: read once, for all files of tests.
					isolate: false,
					testTimeout: GIVE_UP_MS,
					include: [
						'src/lib/core/**/*.test.ts',
						'src/lib/simulate/**/*.test.ts',
						'src/lib/weighing/**/*.test.ts',
						'tests/layers/*.test.ts'
					]
				}
			},
			{
				// Parts of the pages, in a stand-in for a browser.
				extends: true,
				plugins: [svelteTesting()],
				test: {
					name: 'ui',
					setupFiles: ATLAS,
					environment: 'jsdom',
					testTimeout: GIVE_UP_MS,
					include: ['src/lib/ui/**/*.test.ts']
				}
			},
			{
				extends: true,
				test: {
					name: 'server',
					environment: 'node',
					include: ['src/lib/server/**/*.test.ts', 'tests/server/**/*.test.ts'],
					globalSetup: ['tests/server/throwaway-database.ts'],
					setupFiles: [...ATLAS, 'tests/server/own-database.ts'],
					maxWorkers: 2,
					testTimeout: GIVE_UP_MS,
					hookTimeout: GIVE_UP_MS
				}
			},
			{
				extends: true,
				test: {
					// In its short form; ATTACK=long makes the numbers those of a siege (npm run attack).
					name: 'attack',
					environment: 'node',
					include: ['tests/attack/**/*.test.ts'],
					globalSetup: ['tests/server/throwaway-database.ts'],
					setupFiles: [...ATLAS, 'tests/server/own-database.ts'],
					maxWorkers: 2,
					testTimeout: process.env['ATTACK'] === 'long' ? 3_600_000 : GIVE_UP_MS,
					hookTimeout: GIVE_UP_MS
				}
			}
		]
	}
});
