import type { LiveNote, Watch } from '../outing';
import { CLEAR_FORMS, type RiseForm } from '../vocabulary';

/** Something a fish was seen to do: of which kind it was, among how many of its sort, and whether its pace tells. */
export interface FishEvent {
	at: Date;
	/** `form` or `food`: each sort is counted by itself. */
	sort: 'form' | 'food';
	kind: string;
}

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
	/** How fish show what they take, where that is known; else forms are kinds like any other. */
	ways?: WaysOfRising | undefined;
}

/** The ways in which a fish may take what it takes, each with its chance beforehand and that of each form. */
export interface WaysOfRising {
	chances: readonly number[];
	formOf: (form: RiseForm) => readonly number[];
}
/** To tell a guide of: about once in fifteen rises, of form or of pace. */
export const WORTH_TELLING: ChangeModel = { hazardOf: () => 1 / 15, pace: 1 };
/** To weigh what was noted before: about once in so many minutes. */
const MIN_BETWEEN_CHANGES = 90;
const OF_FOOD: ChangeModel = {
	hazardOf: (gapS) => 1 - Math.exp(-gapS / (60 * MIN_BETWEEN_CHANGES)),
	pace: 0.15
};
/** How many kinds there are of each sort: forms as they are listed, kinds of food as a fish may meet in an hour. */
const KINDS = { form: CLEAR_FORMS.length, food: 5 } as const;
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
export function runsOf(events: readonly FishEvent[], model: ChangeModel): Run[] {
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
	totals: Readonly<Record<FishEvent['sort'], number>>;
	waits: number;
	waitedS: number;
	/** How likely each way of taking is by what was seen in it. */
	ways: readonly number[];
}
const NEW: Omit<Counted, keyof Run> = {
	counts: {},
	totals: { form: 0, food: 0 },
	waits: 0,
	waitedS: 0,
	ways: []
};

function withEvent(
	run: Counted,
	{ sort, kind }: FishEvent,
	waitS: number | undefined,
	{ pace, ways: known }: ChangeModel
): Counted {
	const key = `${sort} ${kind}`;
	const before = run.counts[key] ?? 0;
	let likelihood = (before + KIND_PRIOR) / (run.totals[sort] + KIND_PRIOR * KINDS[sort]);
	let ways = run.ways;
	if (known && sort === 'form') {
		const joint = known.formOf(kind as RiseForm).map((chance, k) => chance * (run.ways[k] ?? 0));
		likelihood = joint.reduce((sum, one) => sum + one, 0);
		ways = joint.map((one) => one / likelihood);
	}
	if (waitS !== undefined) {
		// Predictive of a wait that is the sum of two exponentials, its rate with a gamma prior (beta prime).
		const shape = PACE_PRIOR.shape + 2 * run.waits;
		const scale = PACE_PRIOR.seconds + run.waitedS;
		const share = scale / (scale + waitS);
		const density = (shape * (shape + 1) * (1 - share) ** 2 * share ** shape) / waitS;
		likelihood *= (density * USUAL_WAIT_S) ** pace;
	}
	return {
		start: run.start,
		weight: run.weight * likelihood,
		counts: { ...run.counts, [key]: before + 1 },
		totals: { ...run.totals, [sort]: run.totals[sort] + 1 },
		// The wait before its first rise is none of its own.
		waits: run.waits + (waitS === undefined || run.totals.form === 0 ? 0 : 1),
		ways,
		waitedS: run.waitedS + (run.totals.form === 0 ? 0 : (waitS ?? 0))
	};
}

/** Rises whose form was seen, as events. */
export const formEvents = (rises: readonly LiveNote<'rise'>[]): FishEvent[] =>
	rises
		.filter(({ note }) => note.body.form !== 'unsure')
		.slice(-MOST_EVENTS)
		.map(({ note, observedAt }) => ({ at: observedAt, sort: 'form', kind: note.body.form }));

/**
 * How likely it is that a fish has done the same ever since an instant, from how it rose and what it took.
 *
 * @param ways how fish show what they take
 * @returns 0 to 1 for any instant; 1 for a fish that was not seen to do anything
 */
export function unchangedSince(watch: Watch, ways?: WaysOfRising): (at: Date) => number {
	const took = watch.drifted
		.filter(({ note }) => note.body.fate === 'taken')
		.map(({ note, observedAt }): FishEvent => ({
			at: observedAt,
			sort: 'food',
			kind: `${note.body.taxonId}/${note.body.stage}`
		}));
	const events = [...formEvents(watch.rises), ...took]
		.sort((a, b) => a.at.getTime() - b.at.getTime())
		.slice(-MOST_EVENTS);
	const runs = runsOf(events, { ...OF_FOOD, ways });
	if (runs.length === 0) return () => 1;
	return (at) =>
		runs.reduce((sum, { start, weight }) => sum + weight * begunBy(at, events[start - 1], events[start]), 0);
}

/** How likely a run had begun by an instant: it did at some time between the last event before it and its first. */
function begunBy(at: Date, before: FishEvent | undefined, first: FishEvent | undefined): number {
	// The first run goes back to before anything was seen of the fish.
	if (!before || !first || at >= first.at) return 1;
	const [from, to, moment] = [before.at.getTime(), first.at.getTime(), at.getTime()];
	return Math.max(0, (moment - from) / (to - from));
}
