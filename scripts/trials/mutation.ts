/**
 * Mutation testing of the rooms that infer and choose: each statement is changed in turn, and the tests must notice.
 * Incremental: what did not change since the last run, neither code nor its tests, is not tried again.
 *   npm run trial mutation                 all six rooms; takes hours the first time
 *   MUTATION=rig npm run trial mutation    one room
 *   MUTATION=reading MUTATION_SHARE=0.25 npm run trial mutation    a quarter of its declarations, drawn from a seed
 */
import { readdirSync, readFileSync } from 'node:fs';
import { Stryker } from '@stryker-mutator/core';
import { createSourceFile, isImportDeclaration, ScriptTarget } from 'typescript';
import { seededRandom } from '$lib/core/math';
import { table } from './print';

const ROOMS = ['reading', 'look', 'likeness', 'match', 'rig', 'advice'] as const;
const asked = process.env['MUTATION'];
const rooms = ROOMS.filter((room) => asked === undefined || asked.split(',').includes(room));
if (rooms.length === 0) throw new Error(`There is no room ${asked}: ${ROOMS.join(', ')}.`);

const share = Number(process.env['MUTATION_SHARE'] ?? 1);
if (!(share > 0 && share <= 1)) throw new Error('MUTATION_SHARE is more than 0 and at most 1.');
const random = seededRandom(9);

/** A declaration at the outermost level of a file, as the lines that it fills. */
const declarationsOf = (fileName: string): string[] => {
	const file = createSourceFile(fileName, readFileSync(fileName, 'utf8'), ScriptTarget.Latest);
	const lineAt = (position: number) => file.getLineAndCharacterOfPosition(position).line + 1;
	return file.statements
		.filter((statement) => !isImportDeclaration(statement))
		.map((statement) => `${fileName}:${lineAt(statement.getStart(file))}-${lineAt(statement.end)}`);
};

/** What is changed of a room: all of its files, or the declarations that were drawn. */
const changedOf = (room: string): string[] => {
	const files = readdirSync(`src/lib/core/${room}`, { recursive: true, encoding: 'utf8' })
		.filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'index.ts')
		.sort()
		.map((name) => `src/lib/core/${room}/${name}`);
	return share === 1 ? files : files.flatMap(declarationsOf).filter(() => random() < share);
};

const KEPT = 'node_modules/.cache/mutation';
const results = await new Stryker({
	packageManager: 'npm',
	testRunner: 'vitest',
	plugins: ['@stryker-mutator/vitest-runner'],
	vitest: { configFile: 'scripts/trials/mutation.vitest.ts', related: false },
	mutate: rooms.flatMap(changedOf),
	// What is said, and names of things, are held by the tests of messages.
	mutator: { excludedMutations: ['StringLiteral'] },
	ignoreStatic: true,
	coverageAnalysis: 'perTest',
	inPlace: true,
	incremental: true,
	incrementalFile: `${KEPT}/incremental.json`,
	jsonReporter: { fileName: `${KEPT}/report.json` },
	reporters: ['json'],
	concurrency: Number(process.env['MUTATION_AT_ONCE'] ?? 2),
	timeoutMS: 20_000,
	tempDirName: `${KEPT}/tmp`,
	allowEmpty: false
}).runMutationTest();

const killed = ({ status }: { status: string }) => status === 'Killed' || status === 'Timeout';
const counted = results.filter(({ status }) => !['Ignored', 'CompileError', 'RuntimeError'].includes(status));
const roomOf = ({ fileName }: { fileName: string }) => /core\/(\w+)\//.exec(fileName)?.[1] ?? '';
const rows = [...rooms, 'all'].map((room) => {
	const own = counted.filter((one) => room === 'all' || roomOf(one) === room);
	const held = own.filter(killed).length;
	return [room, String(held), String(own.length), `${((100 * held) / own.length).toFixed(0)} %`];
});
const linesOf = new Map<string, string[]>();
const line = (fileName: string, at: number): string => {
	let lines = linesOf.get(fileName);
	if (!lines) linesOf.set(fileName, (lines = readFileSync(fileName, 'utf8').split('\n')));
	return (lines[at] ?? '').trim().slice(0, 90);
};
const survivors = counted
	.filter((one) => !killed(one))
	.map(
		({ fileName, location, mutatorName, status }) =>
			`  ${fileName.replace(/.*core\//, '')}:${location.start.line} ${mutatorName}${status === 'NoCoverage' ? ', not run' : ''}: ${line(fileName, location.start.line - 1)}`
	);
console.log(
	[
		`Changes of single statements that tests notice${asked ? ` (${asked})` : ''}${share < 1 ? `, ${100 * share} in 100 of the declarations, drawn` : ''}; tables of numbers are tried apart (numbers.txt).`,
		'',
		table(['room', 'noticed', 'of', 'share'], rows),
		'',
		'Not noticed:',
		...survivors
	].join('\n')
);
