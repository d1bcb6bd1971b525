import { solarHour } from '../atlas';
import { usualWaterC } from '../hatch';
import { type Outing, weatherOf } from '../outing';
import { dressedMm, fishesBelow, hookOf, inWater, STYLES, usualWeighting } from '../tackle';
import type { FlyChoice } from './shortlist';
import { depthsTried } from './tried';
import { retrieveFor, type Retrieve } from './retrieve';
import {
	depthPosterior,
	lineFor,
	planDepth,
	stillLeaderM,
	WIND_MS,
	windDrift,
	winterWindow,
	type DepthBelief,
	type DepthPlan,
	type DepthTried,
	type LinePlan,
	type WindDrift,
	type WinterWindow
} from '../rig';

/** Everything about depth, line and wind on a still water, from its notes. */
export interface StillWaterPlan {
	depth: DepthPlan;
	/** Length of the leader, m: the same that the rig asks for. */
	leaderM: number;
	line: LinePlan;
	/** How to move the flies, by what took and by the wind. */
	retrieve: Retrieve;
	drift: WindDrift;
	/** Only when the water is wintry. */
	winter?: WinterWindow;
	/** Where fish feed, by what was fished and taken at each depth. */
	beliefs: DepthBelief[];
	/** The likeliest depth, m, and its probability. */
	likeliestM: number;
	likeliest: number;
	tried: DepthTried[];
}

/**
 * The plan for still water of a depth in m, with so many flies on the leader.
 *
 * @throws RangeError naming a depth or number of flies out of range
 */
export function stillWaterPlan(outing: Outing, depthM: number, flies = 1): StillWaterPlan {
	const { windMs } = weatherOf(outing);
	const { waterC, windFromDeg, sky, clarityM } = outing.conditions;
	const wind = Math.min(WIND_MS.most, windMs);
	const depth = planDepth(depthM, flies);
	const tried = depthsTried(outing, depthM);
	const beliefs = depthPosterior(depthM, tried);
	const likeliest = beliefs.reduce((best, next) => (next.probability > best.probability ? next : best));
	const warmingC = warmingToday(outing);
	const winter = winterWindow({
		waterC: waterC?.value ?? usualWaterC(outing.place, outing.now),
		windMs,
		sky: sky?.value,
		clarityM: clarityM?.value,
		solarHour: solarHour(outing.place, outing.now),
		warmingC,
		airC: outing.conditions.airC?.value
	});
	return {
		depth,
		leaderM: stillLeaderM(depthM, wind),
		line: lineFor(depth.leaderM, wind),
		retrieve: retrieveFor(outing, wind),
		drift: windDrift(windMs, windFromDeg?.value),
		...(winter && { winter }),
		beliefs,
		likeliestM: likeliest.depthM,
		likeliest: likeliest.probability,
		tried
	};
}

/**
 * Flies to hang through the whole column, from the top down: the best of the short list that fish beneath the film, of
 * different styles as far as there are, the heaviest lowest. Fewer than were asked for where the list has no more.
 */
export function fliesThrough(flies: readonly FlyChoice[], count: number): FlyChoice[] {
	const below = flies.filter(({ pattern }) => fishesBelow(pattern));
	const isFirst = (of: (fly: FlyChoice) => string) => (fly: FlyChoice, i: number) =>
		below.findIndex((other) => of(other) === of(fly)) === i;
	const patterns = below.filter(isFirst(({ pattern }) => pattern.id));
	const styles = below.filter(isFirst(({ pattern }) => pattern.style));
	const chosen = [...new Set([...styles, ...patterns])].slice(0, count);
	const weight = ({ pattern, hookSize }: FlyChoice) => {
		const style = STYLES[pattern.style];
		const long = dressedMm(hookSize, hookOf(style));
		return inWater(style, long, usualWeighting(style, long)).submergedN;
	};
	return chosen.sort((a, b) => weight(a) - weight(b));
}

/** How far the air has warmed, or else the water, between the first and the last note of it; undefined with fewer than two. */
function warmingToday({ live }: Outing): number | undefined {
	for (const field of ['airC', 'waterC'] as const) {
		const noted = live.flatMap(({ note }) =>
			note.kind === 'conditions' && note.body[field] !== undefined ? [note.body[field]] : []
		);
		const [first, last] = [noted[0], noted.at(-1)];
		if (noted.length > 1 && first !== undefined && last !== undefined) return last - first;
	}
	return undefined;
}
