import { lnGamma } from '../math';
import type { LiveNote, Watch } from '../outing';
import { CLEAR_FORMS, type RiseForm } from '../vocabulary';
import { CHANGE } from './change-tables';

/** Something a fish was seen to do, a form of rise or something it took: each sort is counted by itself. */
export interface FishEvent {
	at: Date;
	sort: 'form' | 'food';
	kind: string;
}

/** What drifted, by a way of looking that shows shares: how many of each kind, or parts of so many. */
export interface LookEvent {
	at: Date;
	sort: 'net' | 'eye';
	counts: ReadonlyMap<string, number>;
}

type RunEvent = FishEvent | LookEvent;

/** A stretch without change: the event that it began with, and how likely it is that it is the present one. */
export interface Run {
	start: number;
	weight: number;
}

/** What a change is expected to look like. */
export interface ChangeModel {
	/** How likely one is between two events, by the seconds between them. */
	hazardOf: (gapS: number) => number;
	/** How far the pace of rises counts, 0 to 1: fish that rise in bursts change it all the time. */
	pace: number;
	/** Forms tell nothing. */
	formless?: boolean;
	/** How fish show what they take, where that is known; else forms are kinds like any other. */
	ways?: WaysOfRising | undefined;
}

/** The ways in which a fish may take what it takes, each with its chance beforehand and that of each form. */
export interface WaysOfRising {
	chances: readonly number[];
	formOf: (form: RiseForm) => readonly number[];
	/** How likely a fish takes a natural, `taxon/stage`, in each way of taking. */
	foodOf: (natural: string) => readonly number[];
}
const {
	risesToForm,
	paceOfForm,
	risesToPace,
	minutesToFood,
	paceOfFood,
	kindPrior,
	kindsOfFood,
	kindsDrifting,
	waitShape,
	waitS: waitPriorS,
	usualWaitS,
	mostEvents,
	mostLooks: MOST_LOOKS
} = CHANGE.values;

/** To tell a guide of, once in so many rises: of form, which tells early, and of pace, which needs more to be believed. */
export const OF_FORM: ChangeModel = { hazardOf: () => 1 / risesToForm, pace: paceOfForm };
export const OF_PACE: ChangeModel = { hazardOf: () => 1 / risesToPace, pace: 1, formless: true };
/** To weigh what was noted before: once in so many minutes. */
const OF_FOOD: ChangeModel = {
	hazardOf: (gapS) => 1 - Math.exp(-gapS / (60 * minutesToFood)),
	pace: paceOfFood
};
/** How many kinds there are of each sort: forms as they are listed, the rest as a fish may meet in an hour. */
const KINDS = {
	form: CLEAR_FORMS.length,
	food: kindsOfFood,
	net: kindsDrifting,
	eye: kindsDrifting
} as const;
/** Runs less likely than this are not followed further. */
const LEAST_WEIGHT = 1e-4;
/** What happened longer ago than so many events of a sort is no news. */
export const MOST_EVENTS = mostEvents;

/**
 * Where the present run of a fish's doings began: online change-point detection (Adams, R. P. & MacKay, D. J. C. 2007,
 * arXiv:0710.3742), kinds by a Dirichlet, waits between rises as sums of two exponentials with a gamma prior on their rate.
 *
 * @param events in the order in which they came
 * @param model what a change is expected to look like
 * @returns runs whose weights sum to 1; none without events
 */
export function runsOf(events: readonly RunEvent[], model: ChangeModel): Run[] {
	const { hazardOf } = model;
	let runs: Followed[] = [];
	let seen: Counts = new Map();
	let lastRise: number | undefined;
	let last: number | undefined;
	events.forEach((event, i) => {
		const ms = event.at.getTime();
		const hazard = last === undefined ? 1 : hazardOf((ms - last) / 1000);
		last = ms;
		const waitS =
			event.sort === 'form' && lastRise !== undefined ? Math.max(1, (ms - lastRise) / 1000) : undefined;
		if (event.sort === 'form') lastRise = ms;
		const fresh = {
			start: i,
			weight: hazard,
			before: seen,
			ways: model.ways?.chances ?? [],
			rises: 0,
			waits: 0,
			waitedS: 0
		};
		const going = [...runs.map((run) => ({ ...run, weight: run.weight * (1 - hazard) })), fresh];
		runs = going.map((run) => withEvent(run, seen, event, waitS, model));
		seen = counted(seen, event);
		const sum = runs.reduce((all, { weight }) => all + weight, 0);
		runs = runs
			.map((run) => ({ ...run, weight: run.weight / sum }))
			.filter(({ weight }) => weight > LEAST_WEIGHT);
	});
	return runs.map(({ start, weight }) => ({ start, weight }));
}

/** How many were met with of each kind, as `sort kind`, and of each sort in all. */
type Counts = ReadonlyMap<string, number>;

/** What an event met with: so many of each kind. */
const metIn = (event: RunEvent): readonly (readonly [string, number])[] =>
	'kind' in event ? [[event.kind, 1]] : [...event.counts];

function counted(before: Counts, event: RunEvent): Counts {
	const counts = new Map(before);
	for (const [kind, count] of metIn(event))
		for (const key of [`${event.sort} ${kind}`, event.sort]) counts.set(key, (counts.get(key) ?? 0) + count);
	return counts;
}

/** A run that is followed. */
interface Followed extends Run {
	/** What had been met with before it began. */
	before: Counts;
	/** How likely each way of taking is by what was seen in it. */
	ways: readonly number[];
	rises: number;
	waits: number;
	waitedS: number;
}

function withEvent(
	run: Followed,
	seen: Counts,
	event: RunEvent,
	waitS: number | undefined,
	model: ChangeModel
): Followed {
	const { chance, ways } = byWay(run, event, model);
	// Which form it is follows from the way alone; which food it is, from what it took before as well.
	const byKind = model.formless || (model.ways && event.sort === 'form') ? 1 : chanceOf(run, seen, event);
	const weight = run.weight * chance * byKind;
	if (event.sort !== 'form') return { ...run, ways, weight };
	// The wait before its first rise is none of its own.
	const own = run.rises > 0 && waitS !== undefined;
	return {
		...run,
		ways,
		weight: waitS === undefined ? weight : weight * paceChance(run, waitS, model),
		rises: run.rises + 1,
		waits: run.waits + Number(own),
		waitedS: run.waitedS + (own ? waitS : 0)
	};
}

/** How likely an event is by the ways of taking that are known, and the ways after it. */
function byWay(
	{ ways }: Followed,
	event: RunEvent,
	{ ways: known, formless }: ChangeModel
): { chance: number; ways: readonly number[] } {
	if (!known || formless || !('kind' in event)) return { chance: 1, ways };
	const shown = event.sort === 'form' ? known.formOf(event.kind as RiseForm) : known.foodOf(event.kind);
	const joint = shown.map((chance, k) => chance * (ways[k] ?? 0));
	const chance = joint.reduce((sum, one) => sum + one, 0);
	return { chance, ways: joint.map((one) => one / chance) };
}

/** Of so many kinds together, after those of the run: Dirichlet and multinomial, the order of the kinds left out. */
function chanceOf({ before }: Followed, seen: Counts, event: RunEvent): number {
	const { sort } = event;
	const inRun = (key: string) => (seen.get(key) ?? 0) - (before.get(key) ?? 0);
	const among = inRun(sort) + kindPrior * KINDS[sort];
	if ('kind' in event) return (inRun(`${sort} ${event.kind}`) + kindPrior) / among;
	const rising = (from: number, count: number) => lnGamma(from + count) - lnGamma(from);
	let [log, all] = [0, 0];
	for (const [kind, count] of event.counts) {
		log += rising(inRun(`${sort} ${kind}`) + kindPrior, count);
		all += count;
	}
	return Math.exp(log - rising(among, all));
}

/** Predictive of a wait that is the sum of two exponentials, its rate with a gamma prior (beta prime). */
function paceChance({ waits, waitedS }: Followed, waitS: number, { pace }: ChangeModel): number {
	const shape = waitShape + 2 * waits;
	const scale = waitPriorS + waitedS;
	const share = scale / (scale + waitS);
	const density = (shape * (shape + 1) * (1 - share) ** 2 * share ** shape) / waitS;
	return (density * usualWaitS) ** pace;
}

/** Rises whose form was seen, as events. */
export const formEvents = (rises: readonly LiveNote<'rise'>[]): FishEvent[] =>
	rises
		.filter(({ note }) => note.body.form !== 'unsure')
		.slice(-MOST_EVENTS)
		.map(({ note, observedAt }) => ({ at: observedAt, sort: 'form', kind: note.body.form }));

/**
 * How likely it is that a fish has done the same ever since an instant, from how it rose, what it took and what drifted.
 *
 * @param watch the fish; without one, what drifted alone tells
 * @param looks what drifted, look by look
 * @param ways how fish show what they take
 * @returns 0 to 1 for any instant; 1 where nothing was seen
 */
export function unchangedSince(
	watch: Pick<Watch, 'rises' | 'drifted'> | undefined,
	looks: readonly LookEvent[] = [],
	ways?: WaysOfRising
): (at: Date) => number {
	const took = (watch?.drifted ?? [])
		.filter(({ note }) => note.body.fate === 'taken')
		.map(({ note, observedAt }): FishEvent => ({
			at: observedAt,
			sort: 'food',
			kind: `${note.body.taxonId}/${note.body.stage}`
		}));
	const doings = [...formEvents(watch?.rises ?? []), ...took].sort(byTime).slice(-MOST_EVENTS);
	const events: RunEvent[] = [...doings, ...looks.slice(-MOST_LOOKS)].sort(byTime);
	const runs = runsOf(events, { ...OF_FOOD, ways });
	if (runs.length === 0) return () => 1;
	return (at) =>
		runs.reduce((sum, { start, weight }) => sum + weight * begunBy(at, events[start - 1], events[start]), 0);
}

const byTime = (a: RunEvent, b: RunEvent): number => a.at.getTime() - b.at.getTime();

/** How likely a run had begun by an instant: it did at some time between the last event before it and its first. */
function begunBy(at: Date, before: RunEvent | undefined, first: RunEvent | undefined): number {
	// The first run goes back to before anything was seen of the fish.
	if (!before || !first || at >= first.at) return 1;
	const [from, to, moment] = [before.at.getTime(), first.at.getTime(), at.getTime()];
	return Math.max(0, (moment - from) / (to - from));
}
