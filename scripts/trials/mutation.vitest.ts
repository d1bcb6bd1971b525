import { resolve } from 'node:path';
import { defineConfig } from 'vitest/config';

/** The rooms whose tests hold what is mutated: those that infer and choose. */
const ROOMS = ['reading', 'look', 'likeness', 'match', 'rig', 'advice'];

export default defineConfig({
	root: resolve(import.meta.dirname, '../..'),
	resolve: { alias: { $lib: resolve(import.meta.dirname, '../../src/lib') } },
	test: {
		include: ROOMS.map((room) => `src/lib/core/${room}/**/*.test.ts`),
		setupFiles: ['src/lib/core/atlas/all.ts'],
		isolate: false,
		testTimeout: 180_000
	}
});
