import { lnGamma } from '../math';
import type { LiveNote, Watch } from '../outing';
import { CLEAR_FORMS, type RiseForm } from '../vocabulary';

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
/** To tell a guide of, once in so many rises: of form, which tells early, and of pace, which needs more to be believed. */
export const OF_FORM: ChangeModel = { hazardOf: () => 1 / 9, pace: 0.3 };
export const OF_PACE: ChangeModel = { hazardOf: () => 1 / 60, pace: 1, formless: true };
/** To weigh what was noted before: about once in so many minutes. */
const MIN_BETWEEN_CHANGES = 30;
const OF_FOOD: ChangeModel = {
	hazardOf: (gapS) => 1 - Math.exp(-gapS / (60 * MIN_BETWEEN_CHANGES)),
	pace: 0.15
};
/** How many kinds there are of each sort: forms as they are listed, kinds of food as a fish may meet in an hour. */
const KINDS = { form: CLEAR_FORMS.length, food: 5, net: 6, eye: 6 } as const;
/** Pseudo-counts of kinds, and of the gamma prior of pace, before anything is seen. */
const KIND_PRIOR = 0.4;
const PACE_PRIOR = { shape: 1.5, seconds: 30 };
/** A wait of so many seconds is as likely in a new run as in none: it makes densities into odds. */
const USUAL_WAIT_S = 30;
/** Runs less likely than this are not followed further. */
const LEAST_WEIGHT = 1e-4;
/** What happened longer ago than so many events is no news. */
export const MOST_EVENTS = 36;

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
	let runs: Counted[] = [];
	let lastRise: number | undefined;
	let last: number | undefined;
	events.forEach((event, i) => {
		const ms = event.at.getTime();
		const hazard = last === undefined ? 1 : hazardOf((ms - last) / 1000);
		last = ms;
		const waitS =
			event.sort === 'form' && lastRise !== undefined ? Math.max(1, (ms - lastRise) / 1000) : undefined;
		if (event.sort === 'form') lastRise = ms;
		const fresh: Counted = { ...NEW, start: i, weight: hazard, ways: model.ways?.chances ?? [] };
		runs = [...runs.map((run) => ({ ...run, weight: run.weight * (1 - hazard) })), fresh].map((run) =>
			withEvent(run, event, waitS, model)
		);
		const sum = runs.reduce((all, { weight }) => all + weight, 0);
		runs = runs
			.map((run) => ({ ...run, weight: run.weight / sum }))
			.filter(({ weight }) => weight > LEAST_WEIGHT);
	});
	return runs.map(({ start, weight }) => ({ start, weight }));
}

/** A run with what was counted in it. */
interface Counted extends Run {
	counts: Readonly<Record<string, number>>;
	totals: Readonly<Record<RunEvent['sort'], number>>;
	waits: number;
	waitedS: number;
	/** How likely each way of taking is by what was seen in it. */
	ways: readonly number[];
}
const NEW: Omit<Counted, keyof Run> = {
	counts: {},
	totals: { form: 0, food: 0, net: 0, eye: 0 },
	waits: 0,
	waitedS: 0,
	ways: []
};

function withEvent(run: Counted, event: RunEvent, waitS: number | undefined, model: ChangeModel): Counted {
	const { sort } = event;
	const met = 'kind' in event ? [[event.kind, 1] as const] : [...event.counts];
	const all = met.reduce((sum, [, count]) => sum + count, 0);
	const counts = { ...run.counts };
	for (const [kind, count] of met) counts[`${sort} ${kind}`] = (counts[`${sort} ${kind}`] ?? 0) + count;
	const next = { ...run, counts, totals: { ...run.totals, [sort]: run.totals[sort] + all } };
	let likelihood = model.formless ? 1 : chanceOf(run, sort, met, all);
	let ways = run.ways;
	const shown =
		sort === 'form'
			? model.ways?.formOf(event.kind as RiseForm)
			: sort === 'food'
				? model.ways?.foodOf(event.kind)
				: undefined;
	if (shown) {
		const joint = shown.map((chance, k) => chance * (run.ways[k] ?? 0));
		const chance = joint.reduce((sum, one) => sum + one, 0);
		// Which form it is follows from the way alone; which food it is, from what it took before as well.
		likelihood = sort === 'form' ? chance : likelihood * chance;
		ways = joint.map((one) => one / chance);
	}
	if (sort !== 'form') return { ...next, ways, weight: run.weight * likelihood };
	return {
		...next,
		weight: run.weight * likelihood * (waitS === undefined ? 1 : paceChance(run, waitS, model)),
		// The wait before its first rise is none of its own.
		waits: run.waits + (waitS === undefined || run.totals.form === 0 ? 0 : 1),
		ways,
		waitedS: run.waitedS + (run.totals.form === 0 ? 0 : (waitS ?? 0))
	};
}

/** Of so many kinds together, after those before them: Dirichlet and multinomial, the order of the kinds left out. */
function chanceOf(
	{ counts, totals }: Counted,
	sort: RunEvent['sort'],
	met: readonly (readonly [string, number])[],
	all: number
): number {
	const rising = (from: number, count: number) => lnGamma(from + count) - lnGamma(from);
	const log = met.reduce(
		(sum, [kind, count]) => sum + rising((counts[`${sort} ${kind}`] ?? 0) + KIND_PRIOR, count),
		-rising(totals[sort] + KIND_PRIOR * KINDS[sort], all)
	);
	return Math.exp(log);
}

/** Predictive of a wait that is the sum of two exponentials, its rate with a gamma prior (beta prime). */
function paceChance({ waits, waitedS }: Counted, waitS: number, { pace }: ChangeModel): number {
	const shape = PACE_PRIOR.shape + 2 * waits;
	const scale = PACE_PRIOR.seconds + waitedS;
	const share = scale / (scale + waitS);
	const density = (shape * (shape + 1) * (1 - share) ** 2 * share ** shape) / waitS;
	return (density * USUAL_WAIT_S) ** pace;
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
	const events = [...formEvents(watch?.rises ?? []), ...took, ...looks]
		.sort((a, b) => a.at.getTime() - b.at.getTime())
		.slice(-MOST_EVENTS);
	const runs = runsOf(events, { ...OF_FOOD, ways });
	if (runs.length === 0) return () => 1;
	return (at) =>
		runs.reduce((sum, { start, weight }) => sum + weight * begunBy(at, events[start - 1], events[start]), 0);
}

/** How likely a run had begun by an instant: it did at some time between the last event before it and its first. */
function begunBy(at: Date, before: RunEvent | undefined, first: RunEvent | undefined): number {
	// The first run goes back to before anything was seen of the fish.
	if (!before || !first || at >= first.at) return 1;
	const [from, to, moment] = [before.at.getTime(), first.at.getTime(), at.getTime()];
	return Math.max(0, (moment - from) / (to - from));
}
