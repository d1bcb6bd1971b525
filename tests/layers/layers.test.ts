import { cruise } from 'dependency-cruiser';
import { ESLint, type Linter } from 'eslint';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import ts from 'typescript-eslint';
import { describe, expect, it } from 'vitest';
import { FLOORS, ROOMS } from '../../rooms.js';

// Files that only would lie there have no types.
const eslint = new ESLint({ overrideConfig: ts.configs.disableTypeChecked as Linter.Config });

/** What the linter says of a file that would lie there. */
async function complaints(filePath: string, code: string): Promise<string[]> {
	const [result] = await eslint.lintText(code, { filePath, warnIgnored: true });
	return (result?.messages ?? []).map(({ ruleId }) => ruleId ?? '');
}

describe('the rooms of the core', () => {
	it.each(ROOMS.flatMap((room, i) => ROOMS.slice(i).map((other) => [room, other] as const)))(
		'%s imports nothing of %s, not even a type',
		async (room, other) => {
			const code = `import type { X } from '../${other}';\nexport type Y = X;\n`;
			expect(await complaints(`src/lib/core/${room}/x.ts`, code)).toContain('no-restricted-imports');
		}
	);

	it('may import from those before them, by their door alone', async () => {
		const says = (path: string) =>
			complaints('src/lib/core/match/x.ts', `import { x } from '${path}';\nexport const y = x;\n`);
		for (const fine of ['../atlas', '../reading', './fitness', 'valibot'])
			expect(await says(fine)).toEqual([]);
		for (const wrong of [
			'../atlas/taxon',
			'$lib/core/atlas',
			'..',
			'.',
			'./index',
			'../index',
			'../../simulate'
		])
			expect(await says(wrong), wrong).toContain('no-restricted-imports');
	});

	it('are all there, and each has a door', () => {
		expect(readdirSync('src/lib/core').sort()).toEqual([...ROOMS].sort());
		for (const room of ROOMS) expect(existsSync(`src/lib/core/${room}/index.ts`)).toBe(true);
	});

	it('have no circles of files, types included, and a circle would be found', async () => {
		expect(await circlesIn(['src/lib'])).toEqual([]);
		const folder = mkdtempSync('src/lib/core/units/circle-');
		try {
			writeFileSync(
				`${folder}/one.ts`,
				"import type { Two } from './two';\nexport interface One { two: Two }\n"
			);
			writeFileSync(
				`${folder}/two.ts`,
				"import type { One } from './one';\nexport interface Two { one: One }\n"
			);
			expect(await circlesIn([folder])).toHaveLength(1);
		} finally {
			rmSync(folder, { recursive: true });
		}
	});

	it('are drawn in docs/architecture.md as they are', () => {
		const drawn = FLOORS.flatMap(({ floor, rooms }) =>
			Object.entries(rooms).map(([room, holds], i) => ({ floor: i === 0 ? floor : '', room, holds }))
		);
		const rows = readFileSync('docs/architecture.md', 'utf8')
			.split('\n')
			.flatMap((line) => {
				const [, floor = '', room, holds] = /^\| *([a-z ]*?) *\| `([a-z]+)` *\| (.*?) *\|$/.exec(line) ?? [];
				return room ? [{ floor, room, holds }] : [];
			});
		expect(rows).toEqual(drawn);
	});
});

/** Files that import each other in circles, each circle once. */
async function circlesIn(folders: string[]): Promise<string[]> {
	const { output } = await cruise(folders, {
		tsPreCompilationDeps: true,
		doNotFollow: { path: ['node_modules'] },
		includeOnly: ['^src/'],
		exclude: ['\\.test\\.ts$'],
		validate: true,
		ruleSet: { forbidden: [{ name: 'circle', severity: 'error', from: {}, to: { circular: true } }] }
	});
	if (typeof output === 'string') throw new Error(output);
	const circles = output.summary.violations.map(({ cycle = [] }) =>
		cycle
			.map(({ name }) => name)
			.sort()
			.join(' ')
	);
	return [...new Set(circles)];
}

describe('the layers', () => {
	it.each([
		['src/lib/core/reading/x.ts', "import { onMount } from 'svelte';\nonMount(() => {});\n"],
		['src/lib/core/reading/x.ts', "import pg from 'pg';\nexport const pool = new pg.Pool();\n"],
		[
			'src/lib/core/reading/x.ts',
			"import { readFileSync } from 'node:fs';\nexport const x = readFileSync;\n"
		],
		[
			'src/lib/core/reading/x.ts',
			"import { database } from '$lib/server/database';\nexport const x = database;\n"
		],
		[
			'src/lib/core/reading/x.ts',
			"import { database } from '../../server/database';\nexport const x = database;\n"
		],
		['src/lib/server/x.ts', "import { now } from '$lib/ui/clock';\nexport const x = now;\n"],
		[
			'src/lib/server/x.ts',
			"import { readWater } from '$lib/core/reading/reading';\nexport const x = readWater;\n"
		],
		['src/lib/ui/x.ts', "import { database } from '$lib/server/database';\nexport const x = database;\n"],
		['src/lib/ui/x.ts', "import { database } from '../server/database';\nexport const x = database;\n"],
		['src/routes/x.ts', "import pg from 'pg';\nexport const x = pg;\n"]
	])('refuse in %s: %s', async (filePath, code) => {
		expect(await complaints(filePath, code)).toContain('no-restricted-imports');
	});

	it.each([
		['export const x = Date.now();\n', 'no-restricted-properties'],
		['export const x = Math.random();\n', 'no-restricted-properties'],
		['export const x = new Date();\n', 'no-restricted-syntax'],
		['export const x = fetch;\n', 'no-restricted-globals']
	])('keep clock, chance and platform out of the core: %s', async (code, rule) => {
		expect(await complaints('src/lib/core/hatch/x.ts', code)).toContain(rule);
	});

	it('allow what the table allows', async () => {
		const fine =
			"import * as v from 'valibot';\nimport { TAXA } from '../atlas';\nexport const x = [v, TAXA];\n";
		expect(await complaints('src/lib/core/hatch/x.ts', fine)).toEqual([]);
		const server =
			"import pg from 'pg';\nimport { TAXA } from '$lib/core/atlas';\nexport const x = [pg, TAXA];\n";
		expect(await complaints('src/lib/server/x.ts', server)).toEqual([]);
	});
});
