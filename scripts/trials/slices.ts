/**
 * The reading against the widened stand-in river: for each kind of day and of guide, seeded watches that were not used
 * for setting any weight. SEED and WATCHES (of each kind) choose others. Seeded; `npm run trial slices`.
 */
import { seededRandom } from '../../src/lib/core/math';
import { foldOuting, type Outing } from '../../src/lib/core/outing';
import { standInWatch, WATCH_KINDS, type StandInWatch, type WatchKind } from '../../src/lib/simulate';
import { percent, table } from './print';
import { ceiling, WAYS, type Said } from './ways';

const WATCHES = Number(process.env['WATCHES'] ?? 1200);
const SEED = Number(process.env['SEED'] ?? 91_000);
/** A bin with fewer watches is joined to the next. */
const LEAST_IN_BIN = 60;

interface Tally {
	watches: number;
	stageFirst: number;
	three: number;
	unseen: number;
	unseenWrong: number;
	said: { probability: number; right: boolean }[];
}
const tally = (): Tally => ({ watches: 0, stageFirst: 0, three: 0, unseen: 0, unseenWrong: 0, said: [] });

function count(into: Tally, { naturals, stages }: Said, { truth, unseen }: StandInWatch): void {
	const [first] = stages;
	if (!first) return;
	const right = first.stage === truth.stage;
	into.watches++;
	into.stageFirst += Number(right);
	into.three += Number(
		naturals.slice(0, 3).some(({ taxonId, stage }) => taxonId === truth.taxonId && stage === truth.stage)
	);
	into.said.push({ probability: first.probability, right });
	if (!unseen) return;
	into.unseen++;
	into.unseenWrong += Number(!right && first.probability > 0.6);
}

/** The widest gap between what was said and how often it was right, in tenths with enough watches. */
function widestGap({ said }: Tally): { gap: number; at: string } {
	const sorted = [...said].sort((a, b) => a.probability - b.probability);
	const bins: (typeof sorted)[] = [];
	let open: typeof sorted = [];
	for (const one of sorted) {
		const tenth = (p: number) => Math.min(9, Math.floor(p * 10));
		const last = open.at(-1);
		if (last && tenth(last.probability) !== tenth(one.probability) && open.length >= LEAST_IN_BIN) {
			bins.push(open);
			open = [];
		}
		open.push(one);
	}
	const before = bins.at(-1);
	if (open.length < LEAST_IN_BIN && before) before.push(...open);
	else bins.push(open);
	return bins
		.map((bin) => {
			const mean = bin.reduce((sum, { probability }) => sum + probability, 0) / bin.length;
			const right = bin.filter((one) => one.right).length / bin.length;
			return { gap: right - mean, at: `${percent(mean)} said, ${percent(right)} right` };
		})
		.reduce((a, b) => (Math.abs(b.gap) > Math.abs(a.gap) ? b : a));
}

/** How many rises after a switch the new food's stage is first, and whether the old one was first before it. */
function risesUntilTold(watch: StandInWatch, outing: Outing): number | undefined {
	const { switchedAt, truth } = watch;
	if (!switchedAt) return undefined;
	const since = outing.rises.filter(({ observedAt }) => observedAt >= switchedAt);
	for (let i = 1; i <= Math.min(since.length, 12); i++) {
		const at = since[i - 1]?.observedAt;
		if (!at) return undefined;
		const { stages } = (WAYS['The reading'] as (outing: Outing, watch: StandInWatch) => Said)(
			foldOuting(watch.notes, watch.place, at),
			watch
		);
		if (stages[0]?.stage === truth.stage) return i;
	}
	return Infinity;
}

const others = Object.keys(WAYS).filter((name) => name !== 'The reading');
const rows = WATCH_KINDS.map((kind: WatchKind, k) => {
	const random = seededRandom(SEED + k);
	const ways = new Map(['The reading', ...others, 'ceiling'].map((name) => [name, tally()]));
	const told: { rises: number; shows: number }[] = [];
	for (let i = 0; i < WATCHES; i++) {
		const watch = standInWatch(random, kind);
		const outing = foldOuting(watch.notes, watch.place, watch.endsAt);
		for (const [name, into] of ways) {
			const way = WAYS[name];
			count(into, way ? way(outing, watch) : ceiling(outing, watch), watch);
		}
		const rises = risesUntilTold(watch, outing);
		if (rises !== undefined) told.push({ rises, shows: watch.shows ?? 0 });
	}
	const own = ways.get('The reading') ?? tally();
	const of = (name: string) => {
		const { stageFirst, watches } = ways.get(name) ?? tally();
		return stageFirst / Math.max(1, watches);
	};
	const best = Math.max(...others.map(of));
	const { gap, at } = widestGap(own);
	return {
		kind,
		told,
		row: [
			kind,
			percent(own.stageFirst / own.watches),
			percent(own.three / own.watches),
			`${gap > 0 ? '+' : ''}${(100 * gap).toFixed(0)} (${at})`,
			own.unseen === 0 ? '' : `${percent(own.unseenWrong / own.unseen)} of ${own.unseen}`,
			percent(best),
			percent(of('ceiling'))
		]
	};
});
console.log(
	`The reading on the widened stand-in river: ${WATCHES} watches of each kind, seed ${SEED}, held back from all tuning.`
);
console.log(
	'Asked for: stage first 75 %, taxon × stage among three 85 %, what is said within 7 points of what is right, of food'
);
console.log('that no note shows at most 10 % more than 60 % sure and wrong.\n');
console.log(
	table(
		[
			'kind',
			'Stage first',
			'Of three',
			'Widest gap',
			'Unseen: sure and wrong',
			'Best other way',
			'Knows the river'
		],
		rows.map(({ row }) => row)
	)
);
const told = rows.find(({ kind }) => kind === 'switching')?.told ?? [];
const within = (most: number, shown = told) =>
	shown.filter(({ rises }) => rises <= most).length / Math.max(1, shown.length);
const shown = told.filter(({ shows }) => shows >= 0.35);
console.log(
	`\nAfter a switch the stage of the new food is first within ${[1, 3, 6, 12].map((most) => `${most} rises in ${percent(within(most))}`).join(', ')}.`
);
console.log(
	`Of the ${shown.length} in which the forms of rise differ by a third or more: ${[1, 3, 6, 12].map((most) => `${most} rises in ${percent(within(most, shown))}`).join(', ')}.`
);
