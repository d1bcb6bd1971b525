import type { Sky } from '../vocabulary';
import type { Phrase } from '../units';
import { SINK_RATES_MS, type SinkingLine } from './leader';

/** A depth at which flies were fished, and how many fish took there. */
export interface DepthTried {
	depthM: number;
	takes: number;
	/** Minutes, or casts, spent at it: any unit, the same for all. */
	effort: number;
}

/** How likely fish are at each depth. */
export interface DepthBelief {
	/** Middle of the layer, m. */
	depthM: number;
	probability: number;
}

const LAYERS = 12;
/** Fish that took at one depth are within about this of it, as a share of the whole depth. */
const SPREAD = 0.12;
/** Pupae gather above the bed, so fish are a little likelier there to begin with. Field rule. */
const TOWARDS_BED = 0.5;
/** Takes for one unit of effort right at the fish, to begin with; only its order matters. */
const RATE = 0.1;
const BACKGROUND = 0.02;

/**
 * Where fish feed in the column, from the depths that were fished and what took there: takes at each depth are
 * Poisson with a rate that falls off with the distance from the fish, over a grid of layers (Bayes; the prior
 * leans to the bed).
 *
 * @param depthM the whole depth, 0.5 to 15 m
 * @returns layers from the surface down; probabilities sum to 1
 * @throws RangeError naming a depth outside the water
 */
export function depthPosterior(depthM: number, tried: readonly DepthTried[]): DepthBelief[] {
	if (!(depthM >= 0.5 && depthM <= 15)) throw new RangeError(`depthM is ${depthM} m; use 0.5 to 15 m.`);
	for (const { depthM: at } of tried)
		if (!(at >= 0 && at <= depthM + 0.5))
			throw new RangeError(`A fly at ${at} m is deeper than the water, ${depthM} m.`);
	const layers = Array.from({ length: LAYERS }, (_, i) => ((i + 0.5) / LAYERS) * depthM);
	const logs = layers.map((layer) => {
		let log = Math.log(1 + TOWARDS_BED * (layer / depthM));
		for (const { depthM: at, takes, effort } of tried) {
			const z = (at - layer) / (SPREAD * depthM);
			const mean = Math.max(1e-6, effort * RATE * (BACKGROUND + Math.exp((-z * z) / 2)));
			log += takes * Math.log(mean) - mean;
		}
		return log;
	});
	const most = Math.max(...logs);
	const raised = logs.map((log) => Math.exp(log - most));
	const sum = raised.reduce((a, b) => a + b, 0);
	return layers.map((layer, i) => ({ depthM: layer, probability: (raised[i] ?? 0) / sum }));
}

/** Lines for still water. */
export const STILL_LINES = ['floating', 'intermediate', 'slow-sink', 'fast-sink'] as const;
export type StillLine = (typeof STILL_LINES)[number];

export interface LinePlan {
	line: StillLine;
	/** Seconds to count before the retrieve, for a line that sinks. */
	countdownS?: number;
	because: Phrase[];
}

/** A static hang under a floating line, down to this depth, m. */
const HANGS_TO_M = 6;
const BREEZE_MS = 3;
const WINDY_MS = 6;

/**
 * The line that brings flies to a depth on still water in this wind: hung under a floating line in a light
 * breeze; an intermediate with a short leader, drifting, where the wind drags a floating one; sinking lines
 * where it is too deep to hang. Field rules of docs/method.md.
 *
 * @throws RangeError naming depth or wind out of range
 */
export function lineFor(flyDepthM: number, windMs: number): LinePlan {
	if (!(flyDepthM >= 0 && flyDepthM <= 15))
		throw new RangeError(`flyDepthM is ${flyDepthM} m; use 0 to 15 m.`);
	if (!(windMs >= 0 && windMs <= 25)) throw new RangeError(`windMs is ${windMs} m/s; use 0 to 25 m/s.`);
	const sunk = (line: SinkingLine, ...because: Phrase[]): LinePlan => ({
		line,
		countdownS: flyDepthM / SINK_RATES_MS[line],
		because
	});
	if (windMs > WINDY_MS)
		return sunk(flyDepthM > 3 ? 'slow-sink' : 'intermediate', {
			say: 'Windy: a short leader on a line under the waves, cast across the wind and left to swing round.'
		});
	if (flyDepthM > HANGS_TO_M)
		return sunk(flyDepthM > 9 ? 'fast-sink' : 'slow-sink', {
			say: 'Too deep to hang: a sinking line, counted down, retrieved slowly.'
		});
	return {
		line: 'floating',
		because: [
			windMs > BREEZE_MS
				? { say: 'A breeze: hang the flies under a floating line and let them swing round with it.' }
				: { say: 'Calm: hang the flies under a floating line, and give them no more than a slow draw.' }
		]
	};
}

/** Where the surface, and flies on a drifting line with it, come in the wind. */
export interface WindDrift {
	/** m a minute, downwind. */
	metresAMinute: number;
	/** Compass bearing it goes towards, degrees. */
	towardsDeg?: number;
	because: Phrase;
}

/** Surface water is carried at about 3 % of the wind (Wu 1975, Journal of Fluid Mechanics 68). */
const SURFACE_SHARE = 0.03;

/** How a drift goes in this wind, and which bank the insects are heaped on. */
export function windDrift(windMs: number, windFromDeg?: number): WindDrift {
	const metresAMinute = windMs * SURFACE_SHARE * 60;
	return {
		metresAMinute,
		...(windFromDeg !== undefined && { towardsDeg: (windFromDeg + 180) % 360 }),
		because: {
			say: 'Film and insects are heaped on the downwind bank; under the upwind one lies a calm strip.'
		}
	};
}

/** Whether naturals are worth imitating on still water in the cold months. */
export interface WinterWindow {
	/** Imitate naturals now; otherwise go to the bed, through the column, or slim and dark. */
	naturals: boolean;
	/** 0 to 1. */
	sure: number;
	because: Phrase[];
}

/** Below this water temperature it is winter to fish, °C. */
const WINTER_C = 8;

/**
 * The winter window: naturals only on calm to moderate, slowly warming days, from about noon to two. Undefined
 * when the water is not wintry. Field rule of docs/method.md.
 *
 * @param solarHour hours of local solar time
 * @param warmingC how far air or water has warmed since morning, °C
 */
export function winterWindow(given: {
	waterC: number;
	windMs: number;
	sky?: Sky | undefined;
	clarityM?: number | undefined;
	solarHour: number;
	warmingC?: number | undefined;
}): WinterWindow | undefined {
	if (given.waterC >= WINTER_C) return undefined;
	const because: Phrase[] = [];
	let score = 0;
	const judge = (good: boolean, weight: number, yes: string, no: string) => {
		score += good ? weight : -weight;
		because.push({ say: good ? yes : no });
	};
	const calm = given.windMs <= 5;
	const warmHours = given.solarHour >= 11.5 && given.solarHour <= 14.5;
	judge(calm, 1, 'Calm to moderate wind.', 'Too windy for the few that hatch.');
	judge(warmHours, 1, 'The warm hours, noon to two.', 'Outside the warm hours, noon to two.');
	if (given.warmingC !== undefined)
		judge(given.warmingC >= 0.5, 1, 'The day is slowly warming.', 'The day is not warming.');
	if (given.sky)
		judge(
			given.sky !== 'snow' && given.sky !== 'rain',
			0.5,
			'Light enough for midges to rise.',
			'Too dark and wet.'
		);
	if (given.clarityM !== undefined)
		judge(
			given.clarityM >= 0.8,
			0.5,
			'Clear enough to find a small fly.',
			'Coloured: small naturals are not found.'
		);
	// Wind and hour can't be made up for by the rest.
	const naturals = calm && warmHours && score > 0.9;
	because.push({
		say: naturals
			? 'Midge pupae hung just above the bed, hardly moved.'
			: 'A slow bloodworm on the bed, three flies through the whole column, or a slim dark fly on a slow-sinking tip, counted down.'
	});
	return { naturals, sure: 1 / (1 + Math.exp(-Math.abs(score))), because };
}
