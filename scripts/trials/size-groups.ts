/**
 * Size groups on seeded mixtures: how often two are claimed of one, and how often two are found. `npm run trial -- size-groups`.
 */
import { normal, seededRandom } from '../../src/lib/core/math';
import { sizeGroups } from '../../src/lib/core/tray';
import { percent, table } from './print';

const ROUNDS = 400;
const SAMPLES = [10, 25, 50] as const;
/** Spread of log length within one year-class. */
const WITHIN = 0.12;

const random = seededRandom(64);
const drawn = (n: number, groups: readonly (readonly [mm: number, share: number])[]) =>
	Array.from({ length: n }, () => {
		let pick = random();
		const [mm] = groups.find(([, share]) => (pick -= share) < 0) ?? groups[0] ?? [10, 1];
		return Math.exp(Math.log(mm) + normal(random, 0, WITHIN));
	});
const claimsTwo = (lengths: number[]) => sizeGroups(lengths).groups.length === 2;
const share = (n: number, groups: readonly (readonly [number, number])[]) =>
	percent(Array.from({ length: ROUNDS }, () => claimsTwo(drawn(n, groups))).filter(Boolean).length / ROUNDS);

const CASES: readonly (readonly [string, readonly (readonly [number, number])[]])[] = [
	['One group of 13 mm: two claimed, wrongly', [[13, 1]]],
	[
		'13 and 24 mm, half each: two found',
		[
			[13, 0.5],
			[24, 0.5]
		]
	],
	[
		'13 and 24 mm, one in five large: two found',
		[
			[13, 0.8],
			[24, 0.2]
		]
	],
	[
		'9 and 12 mm, half each: two found',
		[
			[9, 0.5],
			[12, 0.5]
		]
	]
];
console.log(`Size groups: ${ROUNDS} seeded mixtures each, log lengths spread by ${WITHIN} within a group.\n`);
console.log(
	table(
		['Lengths measured', ...SAMPLES.map(String)],
		CASES.map(([name, groups]) => [name, ...SAMPLES.map((n) => share(n, groups))])
	)
);
