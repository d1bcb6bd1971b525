import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';

const eslint = new ESLint();

/** What the linter says of a file that would lie there. */
async function complaints(filePath: string, code: string): Promise<string[]> {
	const [result] = await eslint.lintText(code, { filePath, warnIgnored: true });
	return (result?.messages ?? []).map(({ ruleId }) => ruleId ?? '');
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
		['src/lib/server/x.ts', "import { readWater } from '$lib/core/reading';\nexport const x = readWater;\n"],
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
		const server = "import pg from 'pg';\nimport { TAXA } from '$lib/core';\nexport const x = [pg, TAXA];\n";
		expect(await complaints('src/lib/server/x.ts', server)).toEqual([]);
	});
});
