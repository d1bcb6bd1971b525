import { words, type Message } from '../message';
import type { SinkingLine } from './leader';
import { check, DEPTH_M, WIND_MS, type Range } from './range';
import { DEPTH, SINKING, STILL } from './line-tables';

const says = words('still-water', {
	windy: 'Windy: a short leader on a line under the waves, cast across the wind and left to swing round.',
	deep: 'Too deep to hang: a sinking line, counted down, retrieved slowly.',
	breeze: 'A breeze: hang the flies under a floating line and let them swing round with it.',
	still: 'Calm: hang the flies under a floating line, and give them no more than a slow draw.',
	drift: 'Film and insects are heaped on the downwind bank; under the upwind one lies a calm strip.'
});

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

const D = DEPTH.values;
/** Depths of any water that is fished, m. */
const COLUMN_M: Range = { least: 0.05, most: 30, unit: ' m' };

/**
 * Where fish feed in the column, from the depths that were fished and what took there: takes at each depth are
 * Poisson with a rate that falls off with the distance from the fish, over a grid of layers (Bayes; the prior
 * leans to the bed).
 *
 * @param depthM the whole depth, 0.05 to 30 m
 * @param prior how likely a layer is before anything was fished, by its depth in m; by itself it leans to the bed
 * @returns layers from the surface down; probabilities sum to 1
 * @throws RangeError naming a depth outside the water
 */
export function depthPosterior(
	depthM: number,
	tried: readonly DepthTried[],
	prior = (layerM: number): number => 1 + D.towardsBed * (layerM / depthM)
): DepthBelief[] {
	check('depthM', depthM, COLUMN_M);
	for (const { depthM: at } of tried)
		if (!(at >= 0 && at <= depthM + DEPTH_M.least))
			throw new RangeError(`A fly at ${at} m is deeper than the water, ${depthM} m.`);
	const layers = Array.from({ length: D.layers }, (_, i) => ((2 * i + 1) / (2 * D.layers)) * depthM);
	const logs = layers.map((layer) => {
		let log = Math.log(prior(layer));
		for (const { depthM: at, takes, effort } of tried) {
			const z = (at - layer) / (D.spread * depthM);
			const mean = Math.max(Number.EPSILON, effort * D.rate * (D.background + Math.exp((-z * z) / 2)));
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
export type StillLine = 'floating' | 'intermediate' | 'slow-sink' | 'fast-sink';

export interface LinePlan {
	line: StillLine;
	/** Seconds to count before the retrieve, for a line that sinks. */
	countdownS?: number;
	because: Message[];
}

/**
 * The line that brings flies to a depth on still water in this wind: hung under a floating line in a light
 * breeze; an intermediate with a short leader, drifting, where the wind drags a floating one; sinking lines
 * where it is too deep to hang. Field rules of docs/method.md.
 *
 * @throws RangeError naming depth or wind out of range
 */
export function lineFor(flyDepthM: number, windMs: number): LinePlan {
	check('flyDepthM', flyDepthM, { ...DEPTH_M, least: 0 });
	check('windMs', windMs, WIND_MS);
	const { windyMs, slowSinkM, hangsToM, fastSinkM, breezeMs } = STILL.values;
	const sunk = (line: SinkingLine, because: Message): LinePlan => ({
		line,
		countdownS: flyDepthM / SINKING.values[line],
		because: [because]
	});
	if (windMs > windyMs) return sunk(flyDepthM > slowSinkM ? 'slow-sink' : 'intermediate', says('windy'));
	if (flyDepthM > hangsToM) return sunk(flyDepthM > fastSinkM ? 'fast-sink' : 'slow-sink', says('deep'));
	return { line: 'floating', because: [says(windMs > breezeMs ? 'breeze' : 'still')] };
}

/** Where the surface, and flies on a drifting line with it, come in the wind. */
export interface WindDrift {
	/** m a minute, downwind. */
	metresAMinute: number;
	/** Compass bearing it goes towards, degrees. */
	towardsDeg?: number;
	because: Message;
}

const CIRCLE_DEG = 360;

/** How a drift goes in this wind, and which bank the insects are heaped on. */
export function windDrift(windMs: number, windFromDeg?: number): WindDrift {
	const metresAMinute = windMs * STILL.values.surfaceShare * 60;
	return {
		metresAMinute,
		...(windFromDeg !== undefined && { towardsDeg: (windFromDeg + CIRCLE_DEG / 2) % CIRCLE_DEG }),
		because: says('drift')
	};
}
