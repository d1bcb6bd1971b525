/**
 * The reading against the widened stand-in river: for each kind of day and of guide, seeded watches that were not used
 * for setting any weight. SEED and WATCHES (of each kind) choose others. Seeded; `npm run trial slices`.
 */
import { seededRandom } from '../../src/lib/core/math';
import { foldOuting, type Outing } from '../../src/lib/core/outing';
import { usualWays } from '../../src/lib/core/reading';
import { lastChange } from '../../src/lib/core/rise';
import {
	formChance,
	standInWatch,
	WATCH_KINDS,
	type StandInWatch,
	type WatchKind
} from '../../src/lib/simulate';
import { percent, table } from './print';
import { ceiling, knowsTheRules, WAYS, type Said } from './ways';

const WATCHES = Number(process.env['WATCHES'] ?? 1200);
/** One who knows the rules draws rivers for each watch, some seconds: it reads the first of each kind. */
const KNOWS = Number(process.env['KNOWS'] ?? 100);
const SEED = Number(process.env['SEED'] ?? 91_000);
/** A bin with fewer watches is joined to the next. */
const LEAST_IN_BIN = 200;

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

/** The reading at each of the first rises after a switch: whether the new food's stage was first, and a change was told. */
interface AfterSwitch {
	/** Rises until the stage of the new food was first, and until a change was told; Infinity for never. */
	first: number;
	told: number;
	/** How much likelier its first six rises are with the new food than with the old one. */
	odds: number;
}
const MOST_RISES = 12;
const reads = (outing: Outing, watch: StandInWatch): Said => {
	const way = WAYS['The reading'];
	if (!way) throw new Error('no reading');
	return way(outing, watch);
};

function afterSwitch(watch: StandInWatch, outing: Outing): AfterSwitch | undefined {
	const { switchedAt, turned, truth } = watch;
	if (!switchedAt || !turned || turned.from.stage === turned.to.stage) return undefined;
	const since = outing.rises.filter(({ observedAt }) => observedAt >= switchedAt).slice(0, MOST_RISES);
	// A change is told to within two rises.
	const nearly =
		outing.rises.filter(({ observedAt }) => observedAt < switchedAt).at(-2)?.observedAt ?? switchedAt;
	const upTo = (n: number) => foldOuting(watch.notes, watch.place, since[n - 1]?.observedAt ?? switchedAt);
	const until = (holds: (outing: Outing) => boolean): number => {
		for (let n = 1; n <= since.length; n++) if (holds(upTo(n))) return n;
		return Infinity;
	};
	return {
		first: until((seen) => reads(seen, watch).stages[0]?.stage === truth.stage),
		told: until((seen) => {
			const change = lastChange(seen.rises, usualWays(watch.fish.size));
			return change !== undefined && change.at >= nearly;
		}),
		odds: oddsOf(watch, upTo(Math.min(SIX, since.length)), turned)
	};
}

/** How much likelier the rises since a switch are with the new food than with the old, to one who knows both and this river's own rules. */
function oddsOf({ switchedAt, fish }: StandInWatch, outing: Outing, { from, to }: Turned): number {
	return outing.rises.reduce((product, { note, observedAt }) => {
		const { form } = note.body;
		return form === 'unsure' || !switchedAt || observedAt < switchedAt
			? product
			: (product * formChance(to, fish, form)) / formChance(from, fish, form);
	}, 1);
}
type Turned = NonNullable<StandInWatch['turned']>;
const SIX = 6;
/** What rises have to say at least to show a switch: to whom knows both foods, and to whom has to find them out. */
const SHOWS = [20, 100] as const;

/** Changes that were told of a fish that did not turn. */
function falseAlarms({ switchedAt, fish }: StandInWatch, outing: Outing): number {
	if (switchedAt) return 0;
	const told = outing.rises.map((_, n) =>
		lastChange(outing.rises.slice(0, n + 1), usualWays(fish.size))?.at.getTime()
	);
	return told.filter((at, n) => at !== undefined && told[n - 1] === undefined).length;
}

const others = Object.keys(WAYS).filter((name) => name !== 'The reading');
const rows = WATCH_KINDS.map((kind: WatchKind, k) => {
	const random = seededRandom(SEED + k);
	const draws = seededRandom(SEED - 1 - k);
	const ways = new Map(
		['The reading', ...others, 'ceiling', 'rules', 'reading of those'].map((name) => [name, tally()])
	);
	const switched: AfterSwitch[] = [];
	const alarms = { told: 0, hours: 0 };
	for (let i = 0; i < WATCHES; i++) {
		const watch = standInWatch(random, kind);
		const outing = foldOuting(watch.notes, watch.place, watch.endsAt);
		for (const [name, into] of ways) {
			if (name === 'rules' || name === 'reading of those') continue;
			const way = WAYS[name];
			count(into, way ? way(outing, watch) : ceiling(outing, watch), watch);
		}
		if (i < KNOWS) {
			count(ways.get('rules') ?? tally(), knowsTheRules(watch, draws), watch);
			count(ways.get('reading of those') ?? tally(), reads(outing, watch), watch);
		}
		const after = afterSwitch(watch, outing);
		if (after) switched.push(after);
		alarms.told += falseAlarms(watch, outing);
		if (!watch.switchedAt) alarms.hours += (watch.endsAt.getTime() - watch.startsAt.getTime()) / 3_600_000;
	}
	const reading = ways.get('The reading') ?? tally();
	const of = (name: string) => {
		const { stageFirst, watches } = ways.get(name) ?? tally();
		return stageFirst / Math.max(1, watches);
	};
	const best = Math.max(...others.map(of));
	const { gap, at } = widestGap(reading);
	return {
		kind,
		switched,
		alarms,
		row: [
			kind,
			percent(reading.stageFirst / reading.watches),
			percent(reading.three / reading.watches),
			`${gap > 0 ? '+' : ''}${(100 * gap).toFixed(0)} (${at})`,
			reading.unseen === 0 ? '' : `${percent(reading.unseenWrong / reading.unseen)} of ${reading.unseen}`,
			percent(best),
			`${percent(of('rules'))} to ${percent(of('reading of those'))}`,
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
			`Knows the rules, to the reading (${KNOWS})`,
			'Knows all that drifts'
		],
		rows.map(({ row }) => row)
	)
);
const switched = rows.flatMap((row) => row.switched);
const within = (most: number, of: readonly AfterSwitch[], by: (one: AfterSwitch) => number) =>
	percent(of.filter((one) => by(one) <= most).length / Math.max(1, of.length));
for (const least of SHOWS) {
	const shown = switched.filter(({ odds }) => odds >= least);
	console.log(
		`\nOf ${switched.length} fish that turned to another stage, the first six rises are ${least} times as likely with the new food in ${shown.length}. Of these,`
	);
	console.log(
		table(
			['', '1 rise', '3 rises', '6 rises', '12 rises'],
			(
				[
					['the new food’s stage is first', ({ first }) => first],
					['a change is told', ({ told }) => told],
					['one or the other', ({ first, told }) => Math.min(first, told)]
				] satisfies [string, (one: AfterSwitch) => number][]
			).map(([name, by]) => [name, ...[1, 3, SIX, MOST_RISES].map((most) => within(most, shown, by))])
		)
	);
}
const all = rows.reduce(
	(sum, { alarms: { told, hours } }) => ({ told: sum.told + told, hours: sum.hours + hours }),
	{ told: 0, hours: 0 }
);
console.log(
	`\nChanges told of fish that did not turn: ${all.told} in ${all.hours.toFixed(0)} hours, ${(all.told / all.hours).toFixed(2)} an hour.`
);
