import { gammaAbove, lnGamma } from '../math';
import type { RiseTimes } from './intervals';

export type RhythmKind = 'on-station' | 'bursts' | 'wandering';

export interface Rhythm {
	/** Median of the whole intervals, seconds. */
	medianS: number;
	/** (σ − μ)/(σ + μ) of the intervals: −1 like a clock, 0 by chance, towards 1 in bursts (Goh & Barabási 2008). */
	burstiness: number;
	/** The likeliest pattern, and how sure that is, 0 to 1. */
	kind: RhythmKind;
	sure: number;
	/** Usual gap within a burst and length of the pause between bursts, seconds, when it rises in bursts. */
	bursts?: { gapS: number; pauseS: number; usualRises: number };
	/**
	 * Seconds from now in which the next rise is likeliest: the shortest window that holds it with this chance.
	 * Left out when it would reach past `FARTHEST_S`: then nobody knows.
	 */
	next?: { fromS: number; toS: number; chance: number };
	/** Seconds of a silence so far outside the rhythm that the fish has paused; left out while it keeps to it. */
	pausedS?: number;
}

/** Fewer whole intervals than this say nothing of a pattern. */
export const LEAST_INTERVALS = 4;
/** No fish is quite like any model: likelihoods count a little less than they would if one were (power posterior). */
const CAUTION = 0.8;
/** A fish is what it lately was. */
const MOST_INTERVALS = 24;
const WINDOW_CHANCE = 0.5;
/** A window that ends later than this is no help at the water, s. */
export const FARTHEST_S = 600;

/**
 * A fish may stop for a while for reasons of its own: after any rise with this chance, for a time with a heavy tail
 * (Lomax), at least about this long and longer where it rises slowly. Field rule; it keeps one pause from being taken
 * for the rhythm, and a long silence from being nothing divided by nothing.
 */
const OWN_PAUSE = { chance: 0.015, shape: 1.5, leastS: 120, meanTimes: 6 } as const;
/** A silence is told as a pause when it is that with this chance. */
const PAUSED_FROM = 0.9;
/** An interval so many times the usual short one is a pause; bursts are claimed only after two of them. */
const PAUSE_RATIO = 2.5;
const LEAST_PAUSES = 2;

/** Means of a renewal in seconds, and shapes of its gamma: 1 is by chance, 20 nearly a clock. */
const MEANS = logSpaced(4, 900, 26);
/** With how likely each is before anything is seen; what is left goes to bursts. */
const SHAPES: readonly (readonly [shape: number, prior: number])[] = [
	[0.8, 0.1],
	[1, 0.2],
	[1.3, 0.12],
	[2, 0.08],
	[3.5, 0.08],
	[6, 0.06],
	[11, 0.05],
	[20, 0.04],
	[40, 0.02]
];
const BURSTS_PRIOR = 1 - SHAPES.reduce((sum, [, prior]) => sum + prior, 0);
/** Gaps within bursts, and how many times longer the pause is. */
const GAPS = logSpaced(4, 50, 9);
const PAUSE_TIMES = [3.5, 6, 10, 18] as const;
const PART_SHAPES = [3, 7] as const;
/** Chance that a pause follows the n-th rise of a burst: after three or four, or at any time. */
const HAZARDS: readonly (readonly number[])[] = [
	[0.01, 0.04, 0.5, 0.93, 0.97],
	[0.02, 0.12, 0.4, 0.65, 0.85],
	[0.25, 0.25, 0.25, 0.25, 0.25],
	[0.4, 0.4, 0.4, 0.4, 0.4],
	[0.1, 0.1, 0.15, 0.2, 0.25]
];

/**
 * The rhythm of a fish, from at least four whole intervals; undefined before that. A grid of renewal models (gamma
 * intervals; Cox 1962, Renewal theory) and of burst models (short gaps and long pauses, with a hidden count of
 * rises since the last pause) is weighed by Bayes, censored stretches included; the next rise is predicted by all
 * of them together, so that the window is as wide as the ignorance.
 */
export function rhythmOf(times: RiseTimes): Rhythm | undefined {
	const { whole, atLeast, sinceS = 0 } = times;
	if (whole.length < LEAST_INTERVALS) return undefined;
	const weighed = weighedModels(whole, atLeast);
	const { kind, sure } = kindOf(weighed);
	const bursts = kind === 'bursts' ? meanBurst(weighed) : undefined;
	// Survival from now on, given that nothing came since the last rise.
	const alive = (s: number) => weighed.reduce((sum, { weight, survival }) => sum + weight * survival(s), 0);
	const pausing = (s: number) => weighed.reduce((sum, model) => sum + model.weight * ownPause(s, model), 0);
	const paused = times.sinceS !== undefined && pausing(sinceS) > PAUSED_FROM * alive(sinceS);
	const next =
		times.sinceS === undefined || paused
			? undefined
			: shortestWindow((s) => alive(sinceS + s) / alive(sinceS));
	return {
		medianS: median(whole),
		burstiness: burstiness(whole),
		kind,
		sure,
		...(bursts && { bursts }),
		...(next && next.toS <= FARTHEST_S && { next }),
		...(paused && { pausedS: sinceS })
	};
}

/** The pattern alone, without looking ahead: what the reading takes as evidence. */
export function patternOf({ whole, atLeast }: RiseTimes): Pick<Rhythm, 'kind' | 'sure'> | undefined {
	if (whole.length < LEAST_INTERVALS) return undefined;
	const { kind, sure } = kindOf(weighedModels(whole, atLeast));
	return { kind, sure };
}

/** (σ − μ)/(σ + μ); Goh, K.-I. & Barabási, A.-L. (2008), EPL 81, 48002. */
export function burstiness(intervals: readonly number[]): number {
	const mean = intervals.reduce((a, b) => a + b, 0) / intervals.length;
	const sd = Math.sqrt(intervals.reduce((sum, x) => sum + (x - mean) ** 2, 0) / intervals.length);
	return sd + mean > 0 ? (sd - mean) / (sd + mean) : 0;
}

type Weighed = Model & { weight: number };

/** The models of the last few fish: a tap and every second after it ask for the same. */
const recent = new Map<string, Weighed[]>();
const MOST_RECENT = 8;

/** Models of the rhythm with their relative weights, the hopeless left out. */
function weighedModels(all: readonly number[], atLeast: readonly number[]): Weighed[] {
	const whole = all.slice(-MOST_INTERVALS);
	const key = `${whole.join()} ${atLeast.join()}`;
	let models = recent.get(key);
	if (!models) {
		models = workOut(whole, atLeast);
		const [oldest] = recent.keys();
		if (recent.size >= MOST_RECENT && oldest !== undefined) recent.delete(oldest);
		recent.set(key, models);
	}
	return models;
}

function workOut(whole: readonly number[], atLeast: readonly number[]): Weighed[] {
	const models = [
		...renewals(whole, atLeast),
		...(pausesIn(whole) >= LEAST_PAUSES ? burstModels(whole, atLeast) : [])
	];
	const most = Math.max(...models.map(({ logWeight }) => logWeight));
	return models
		.map((model) => ({ ...model, weight: Math.exp(CAUTION * (model.logWeight - most)) }))
		.filter(({ weight }) => weight > 1e-3);
}

function kindOf(models: readonly Weighed[]): { kind: RhythmKind; sure: number } {
	const total = models.reduce((sum, { weight }) => sum + weight, 0);
	const shares: Record<RhythmKind, number> = { 'on-station': 0, bursts: 0, wandering: 0 };
	for (const { kind, weight } of models) shares[kind] += weight / total;
	const [kind, sure] = (Object.entries(shares) as [RhythmKind, number][]).reduce((a, b) =>
		b[1] > a[1] ? b : a
	);
	return { kind, sure };
}

/** How many intervals are far longer than the short ones are. */
function pausesIn(whole: readonly number[]): number {
	const sorted = [...whole].sort((a, b) => a - b);
	const usualShort = sorted[Math.floor(0.3 * (sorted.length - 1))] ?? 0;
	return whole.filter((s) => s >= PAUSE_RATIO * usualShort).length;
}

interface Model {
	kind: RhythmKind;
	logWeight: number;
	/** The longest usual interval, s: a pause of its own is longer. */
	longestS: number;
	/** Chance that the next interval is longer than this, pauses of its own included. */
	survival: (s: number) => number;
	burst?: { gapS: number; pauseS: number; usualRises: number };
}

function renewals(whole: readonly number[], atLeast: readonly number[]): Model[] {
	return SHAPES.flatMap(([shape, prior]) =>
		MEANS.map((mean): Model => {
			const survival = (s: number) => orPaused(gammaSurvival(s, shape, mean), s, mean);
			let logWeight = Math.log(prior / MEANS.length);
			for (const s of whole)
				logWeight += Math.log(
					(1 - OWN_PAUSE.chance) * Math.exp(logGamma(s, shape, mean)) + pauseDensity(s, mean)
				);
			for (const s of atLeast) logWeight += Math.log(survival(s));
			// Nearly by chance, and slowly, is a fish that wanders, or a hatch that ends.
			return { kind: shape >= 2 ? 'on-station' : 'wandering', logWeight, survival, longestS: mean };
		})
	);
}

function burstModels(whole: readonly number[], atLeast: readonly number[]): Model[] {
	const count = GAPS.length * PAUSE_TIMES.length * PART_SHAPES.length * HAZARDS.length;
	return GAPS.flatMap((gapS) =>
		PAUSE_TIMES.flatMap((times) =>
			PART_SHAPES.flatMap((shape) => {
				const pauseS = gapS * times;
				const short = whole.map((s) => Math.exp(logGamma(s, shape, gapS)));
				const long = whole.map(
					(s) => (1 - OWN_PAUSE.chance) * Math.exp(logGamma(s, shape, pauseS)) + pauseDensity(s, pauseS)
				);
				return HAZARDS.map((hazard): Model => {
					const { logLikelihood, pausing } = filtered(short, long, hazard);
					let logWeight = logLikelihood + Math.log(BURSTS_PRIOR / count);
					const survival = (s: number) =>
						orPaused(
							pausing * gammaSurvival(s, shape, pauseS) + (1 - pausing) * gammaSurvival(s, shape, gapS),
							s,
							pauseS
						);
					for (const s of atLeast) logWeight += Math.log(survival(s));
					return {
						kind: 'bursts',
						logWeight,
						survival,
						longestS: pauseS,
						burst: { gapS, pauseS, usualRises: usualRises(hazard) }
					};
				});
			})
		)
	);
}

/**
 * The hidden count of rises in the burst, carried through all intervals (forward algorithm; Rabiner 1989): it goes
 * on after a short one and begins anew after a long one.
 *
 * @returns the log likelihood, and the chance that a pause comes now
 */
function filtered(
	short: readonly number[],
	long: readonly number[],
	hazard: readonly number[]
): { logLikelihood: number; pausing: number } {
	const last = hazard.length - 1;
	const state = Float64Array.of(0.3, 0.25, 0.2, 0.15, 0.1);
	let logLikelihood = 0;
	for (let i = 0; i < short.length; i++) {
		let [began, carried] = [0, 0];
		for (let n = 0; n <= last; n++) {
			const [p, h] = [state[n] ?? 0, hazard[n] ?? 0];
			began += p * h * (long[i] ?? 0);
			const on = p * (1 - h) * (short[i] ?? 0);
			// The last state keeps what goes on from it.
			state[n] = n === 0 ? 0 : carried;
			carried = on;
		}
		state[0] = began;
		state[last] = (state[last] ?? 0) + carried;
		let sum = 0;
		for (let n = 0; n <= last; n++) sum += state[n] ?? 0;
		logLikelihood += Math.log(sum + 1e-300);
		for (let n = 0; n <= last; n++) state[n] = (state[n] ?? 0) / (sum + 1e-300);
	}
	return { logLikelihood, pausing: hazard.reduce((sum, h, n) => sum + h * (state[n] ?? 0), 0) };
}

/** Mean number of rises in a burst with these hazards. */
function usualRises(hazard: readonly number[]): number {
	let [alive, mean] = [1, 0];
	for (let n = 0; n < 40; n++) {
		mean += alive;
		alive *= 1 - (hazard[Math.min(n, hazard.length - 1)] ?? 1);
	}
	return mean;
}

function meanBurst(models: readonly Weighed[]): Rhythm['bursts'] {
	const own = models.filter(({ burst }) => burst);
	const total = own.reduce((sum, { weight }) => sum + weight, 0);
	const mean = (of: (burst: NonNullable<Model['burst']>) => number) =>
		own.reduce((sum, { weight, burst }) => sum + (burst ? weight * of(burst) : 0), 0) / total;
	return { gapS: mean((b) => b.gapS), pauseS: mean((b) => b.pauseS), usualRises: mean((b) => b.usualRises) };
}

/** Times ahead at which the chance of no rise yet is worked out, seconds. */
const AHEAD = [0, ...logSpaced(0.5, 5400, 110)];

/** The shortest stretch of time that holds half the chance, by quantiles of the predicted wait. */
function shortestWindow(survival: (s: number) => number): { fromS: number; toS: number; chance: number } {
	const alive = AHEAD.map(survival);
	const quantile = (share: number): number => {
		const at = alive.findIndex((p) => p <= 1 - share);
		if (at <= 0) return at === 0 ? 0 : (AHEAD.at(-1) ?? 0);
		const [above = 1, below = 0] = [alive[at - 1], alive[at]];
		const [from = 0, to = 0] = [AHEAD[at - 1], AHEAD[at]];
		return from + ((above - (1 - share)) / Math.max(1e-12, above - below)) * (to - from);
	};
	const steps = 20;
	let best = { fromS: 0, toS: Number.POSITIVE_INFINITY };
	for (let i = 0; i <= steps; i++) {
		const from = (i / steps) * (1 - WINDOW_CHANCE);
		const [fromS, toS] = [quantile(from), quantile(Math.min(0.995, from + WINDOW_CHANCE))];
		if (toS - fromS < best.toS - best.fromS) best = { fromS, toS };
	}
	return { ...best, chance: WINDOW_CHANCE };
}

/** Survival of a usual interval, or of a pause of the fish's own. */
function orPaused(usual: number, s: number, longestS: number): number {
	return (1 - OWN_PAUSE.chance) * usual + ownPause(s, { longestS });
}

/** Chance that the fish has paused of its own and is still at it after so many seconds. */
function ownPause(s: number, { longestS }: Pick<Model, 'longestS'>): number {
	const scale = Math.max(OWN_PAUSE.leastS, OWN_PAUSE.meanTimes * longestS);
	return OWN_PAUSE.chance * (1 + s / scale) ** -OWN_PAUSE.shape;
}

function pauseDensity(s: number, longestS: number): number {
	const scale = Math.max(OWN_PAUSE.leastS, OWN_PAUSE.meanTimes * longestS);
	return (OWN_PAUSE.chance * OWN_PAUSE.shape * (1 + s / scale) ** (-OWN_PAUSE.shape - 1)) / scale;
}

function logGamma(s: number, shape: number, mean: number): number {
	const rate = shape / mean;
	return shape * Math.log(rate) + (shape - 1) * Math.log(s) - rate * s - lnGammaOf(shape);
}

const lnGammas = new Map<number, number>();
function lnGammaOf(shape: number): number {
	let value = lnGammas.get(shape);
	if (value === undefined) lnGammas.set(shape, (value = lnGamma(shape)));
	return value;
}

/** Survival of a gamma with mean 1, by shape, on a fine grid of times: looked up thousands of times for each tap. */
const STEP = 0.02;
const LONGEST = 12;
const tables = new Map<number, Float64Array>();

function gammaSurvival(s: number, shape: number, mean: number): number {
	let table = tables.get(shape);
	if (!table) {
		table = Float64Array.from({ length: LONGEST / STEP + 2 }, (_, i) => gammaAbove(i * STEP * shape, shape));
		tables.set(shape, table);
	}
	const x = s / mean / STEP;
	const at = Math.floor(x);
	if (at >= LONGEST / STEP) return 1e-9;
	const share = x - at;
	return Math.max(1e-9, (table[at] ?? 0) * (1 - share) + (table[at + 1] ?? 0) * share);
}

/** Our own: a phone loads this with the board, and the library's is ten times as much. */
function median(values: readonly number[]): number {
	const sorted = [...values].sort((a, b) => a - b);
	const middle = Math.floor(sorted.length / 2);
	return sorted.length % 2 === 1
		? (sorted[middle] ?? 0)
		: ((sorted[middle - 1] ?? 0) + (sorted[middle] ?? 0)) / 2;
}

function logSpaced(from: number, to: number, count: number): number[] {
	return Array.from({ length: count }, (_, i) => from * (to / from) ** (i / (count - 1)));
}
