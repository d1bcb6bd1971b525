/**
 * Whether the tests hold the numbers: each number of each table is set to nothing, halved and doubled, one at a time,
 * and the tests of the rooms that use it are run until one fails. What is written in docs/numbers.md, and on the page
 * that shows all numbers, is left out: those notice any change.
 *   npm run trial numbers            all of them; takes an hour or two
 *   NUMBERS=rig npm run trial numbers    the tables of one room
 *   NUMBERS=80 npm run trial numbers     so many changes, drawn from a seed
 */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { createVitest, type TestSpecification } from 'vitest/node';
import { seededRandom } from '$lib/core/math';
import { leavesOf, type NumberTable } from '$lib/core/rule';
import { CHAPTERS } from '$lib/weighing';
import { table } from './print';

/** The rooms whose tests may notice a number, the room of its table first. */
const ROOMS = ['reading', 'look', 'likeness', 'match', 'rig', 'advice', 'atlas', 'hatch', 'rise'] as const;
const CHANGES = { nothing: 0, halved: 0.5, doubled: 2 } as const;
type Change = keyof typeof CHANGES;

interface Changed {
	table: string;
	path: string;
	change: Change;
	value: number;
}

const room = (table: string): string => table.split('.')[0] ?? '';

/** All changes that leave a number in its range; the others are refused when the program starts. */
function changesOf({ id, values, range: [least, most] }: NumberTable): { all: Changed[]; refused: number } {
	const all = leavesOf(values).flatMap(({ path, value }) =>
		(Object.keys(CHANGES) as Change[])
			.map((change) => ({ table: id, path: path.join('/'), change, value: value * CHANGES[change] }))
			.filter(({ value: to }) => to !== value)
	);
	const inRange = all.filter(({ value }) => value >= least && value <= most);
	return { all: inRange, refused: all.length - inRange.length };
}

const folder = mkdtempSync(join(tmpdir(), 'numbers-'));
const CHANGED_FILE = join(folder, 'changed.json');

/** What \`numbers\` does while a number is changed: the row of a distribution keeps its sum. */
const CHANGING = `
import { readFileSync as read } from 'node:fs';
export function numbers(id, about, values) {
	const { table, path, value } = JSON.parse(read(${JSON.stringify(CHANGED_FILE)}, 'utf8'));
	return asWritten(id, about, table === id ? changed(values, path.split('/'), value, about.rowsSumTo1) : values);
}
function changed(values, [key, ...rest], to, sums) {
	if (rest.length > 0) return { ...values, [key]: changed(values[key], rest, to, sums) };
	if (!sums) return { ...values, [key]: to };
	const others = Object.entries(values).filter(([name]) => name !== key);
	const left = others.reduce((sum, [, value]) => sum + value, 0);
	return Object.fromEntries(Object.keys(values).map((name) => [name, name === key ? to : (values[name] * (1 - to)) / left]));
}
`;

const vitest = await createVitest(
	'test',
	{
		config: false,
		include: ['src/lib/core/**/*.test.ts'],
		setupFiles: ['src/lib/core/atlas/all.ts'],
		isolate: false,
		watch: true,
		bail: 1,
		reporters: [{}],
		maxWorkers: 1,
		testTimeout: 180_000
	},
	{
		// @ts-expect-error Vitest hands it on to Vite, which knows it; its own type does not.
		configFile: false,
		resolve: { alias: { $lib: resolve('src/lib') } },
		plugins: [
			{
				name: 'change-a-number',
				enforce: 'pre',
				transform: (code, id) =>
					id.endsWith('core/rule/numbers.ts')
						? code.replace('export function numbers', 'function asWritten') + CHANGING
						: undefined
			}
		]
	}
);
const all = await vitest.globTestSpecifications(ROOMS.map((name) => `src/lib/core/${name}/`));
const isWorked = ({ moduleId }: TestSpecification): boolean => moduleId.endsWith('worked.test.ts');
/** What is worked through first, since it is quick; then every other test of the rooms. */
const ROUNDS = [all.filter(isWorked), all.filter((one) => !isWorked(one))];

/** Whether a test fails, while a number is changed. */
async function isNoticed(changed: Changed | { table: '' }): Promise<boolean> {
	writeFileSync(CHANGED_FILE, JSON.stringify({ path: '', value: 0, ...changed }));
	for (const round of ROUNDS) {
		const ids = new Set(round.map(({ moduleId }) => moduleId));
		const { testModules, unhandledErrors } = await vitest.runTestSpecifications(round);
		const failed = testModules.some((module) => ids.has(module.moduleId) && module.state() === 'failed');
		if (failed || unhandledErrors.length > 0) return true;
	}
	return false;
}

const asked = process.env['NUMBERS'];
const tables = CHAPTERS.flatMap((chapter) => chapter.tables).filter(
	({ id }) => asked === undefined || /^\d+$/.test(asked) || room(id) === asked
);
const perTable = tables.map((table) => changesOf(table));
let changes = perTable.flatMap(({ all }) => all);
const refused = perTable.reduce((sum, table) => sum + table.refused, 0);
if (asked !== undefined && /^\d+$/.test(asked)) {
	const random = seededRandom(7);
	changes = changes
		.map((change) => ({ change, at: random() }))
		.sort((a, b) => a.at - b.at)
		.slice(0, Number(asked))
		.map(({ change }) => change);
}

if (await isNoticed({ table: '' })) throw new Error('The tests fail as they are.');
const unnoticed: Changed[] = [];
const counts = new Map<string, { noticed: number; all: number }>();
for (const change of changes) {
	const noticed = await isNoticed(change);
	const count = counts.get(room(change.table)) ?? { noticed: 0, all: 0 };
	counts.set(room(change.table), { noticed: count.noticed + Number(noticed), all: count.all + 1 });
	if (!noticed) unnoticed.push(change);
	process.stderr.write(noticed ? '.' : `\n${change.table} ${change.path} ${change.change}\n`);
}
await vitest.close();

const share = (noticed: number, all: number) => `${((100 * noticed) / all).toFixed(0)} %`;
const made = changes.length;
const noticed = made - unnoticed.length;
console.log(
	[
		`${made} changes of single numbers${asked ? ` (${asked})` : ''}, each to nothing, half or twice; ${refused} more lie outside their range and are refused at once.`,
		'',
		table(
			['room', 'noticed', 'of', 'share'],
			[...counts, ['all', { noticed, all: made }] as const].map(([name, count]) => [
				name,
				String(count.noticed),
				String(count.all),
				share(count.noticed, count.all)
			])
		),
		'',
		'Not noticed:',
		...unnoticed.map(({ table: id, path, change }) => `  ${id} ${path} ${change}`)
	].join('\n')
);
process.exit(0);
