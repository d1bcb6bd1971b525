import type { Cast } from '../vocabulary';
import { chainOf, holdsOf, moveOn, spotsOf, type Chain, type Spot, type Surface } from './chain';
import { CAST_SHAPES, DRIFT_STEPS, LINE_ON_WATER } from './tables';

const T = LINE_ON_WATER.values;
const D = DRIFT_STEPS.values;

/** A line as it comes down: from where, to where, and how it is laid. */
export interface Laid {
	/** Where the tip of the rod is when the line comes down, without any reach. */
	tip: Spot;
	/** Where the fly falls. */
	fly: Spot;
	cast: Cast;
	leaderM?: number | undefined;
	/** Line beyond the straight way that the guide lays besides, m, all along. */
	slackM?: number | undefined;
	/** All of the line from the tip to the fly, m, its slack spread all along; left out, it is what the cast lays. */
	lineM?: number | undefined;
	/** Line held off the water from the tip on, m along the water. */
	heldM?: number | undefined;
	/** So far downstream the tip goes along with the fly, m. */
	followM?: number | undefined;
}

/** How finely, and how long, a drift is followed. */
export interface Followed {
	fine?: boolean | undefined;
	pieces?: number | undefined;
	stepS?: number | undefined;
	longestS?: number | undefined;
	/** Keeps where the line lies, every so many seconds. */
	everyS?: number | undefined;
}

/** What became of a drift. */
export interface Drift {
	/** Until the fly moves otherwise than the water, s and m of its way; all that was followed where it never did. */
	freeS: number;
	freeM: number;
	/** Whether it came to drag at all within the time that was followed. */
	drags: boolean;
	/** Line from the tip to the fly, m. */
	lineM: number;
	/** Where the line lies, from tip to fly, at moments from landing on. */
	frames: { atS: number; line: Spot[] }[];
}

const SAMPLES = 120;
/** A belly is laid from so far along the way to so far, shares of it. */
const BELLY = { from: 0.1, to: 0.8 };

/**
 * How long a fly drifts as the water does: the line is a chain of pieces that cannot stretch, carried by the lanes it
 * lies on, held at the rod. From the first moment at which the fly moves otherwise than the water by 3 cm/s, it drags.
 *
 * On uniform current, the tip held and all of a line of length L held off the water over a width W, that is after
 * √(L² − W²)/U; a line that lies on the water bows downstream and has less, at the least (L − W)/U (docs/method.md).
 *
 * @throws RangeError naming what is out of range
 */
export function driftOf(laid: Laid, surface: Surface, followed: Followed = {}): Drift {
	const grain = followed.fine === false ? D.coarse : D.fine;
	const { pieces = grain.pieces, stepS = grain.stepS, longestS = T.longestS, everyS } = followed;
	const { followM = T.followM } = laid;
	for (const [name, value] of Object.entries({ stepS, longestS, pieces }))
		if (!(value > 0 && Number.isFinite(value)))
			throw new RangeError(`${name} is ${value}; it must be above 0.`);
	if (!(followM >= 0)) throw new RangeError(`followM is ${followM}; it must be 0 or more.`);
	const { chain, lineM } = lay(laid, pieces);
	const [from] = spotsOf(chain);
	if (!from) throw new RangeError('The line has no tip.');
	const furthest = laid.tip.alongM + followM;
	const frames: Drift['frames'] = [];
	const keep = (atS: number) => frames.push({ atS, line: spotsOf(chain) });
	if (everyS !== undefined) keep(0);
	let freeM = 0;
	let nextS = everyS ?? Infinity;
	const steps = Math.ceil(longestS / stepS - 1e-9);
	let freeS: number | undefined;
	for (let step = 1; step <= steps; step++) {
		const atS = step * stepS;
		const water = surface(chain.across.at(-1) ?? from.acrossM);
		const tip = { ...from, alongM: Math.min(furthest, from.alongM + water * atS) };
		const pulled = moveOn(chain, surface, tip, stepS);
		if (freeS === undefined && pulled > T.dragsMs * stepS) {
			freeS = atS - stepS;
			// Who only asks how long needs no more.
			if (everyS === undefined) break;
		}
		if (freeS === undefined) freeM += water * stepS;
		if (atS >= nextS - 1e-9) {
			keep(atS);
			nextS += everyS ?? Infinity;
		}
	}
	return { freeS: freeS ?? steps * stepS, freeM, drags: freeS !== undefined, lineM, frames };
}

/** Where the tip is as the line comes down: upstream of where the rod was, after a reach. */
const reached = (tip: Spot, cast: Cast): Spot => ({
	...tip,
	alongM: tip.alongM - CAST_SHAPES.values[cast].reachM
});

/** The straight way from the tip to the fly, m: no line is shorter. */
export function wayOf({ tip, fly, cast }: Pick<Laid, 'tip' | 'fly' | 'cast'>): number {
	const from = reached(tip, cast);
	return Math.hypot(fly.alongM - from.alongM, fly.acrossM - from.acrossM);
}

/** The line as it lies when it has come down. */
function lay(
	{ tip, fly, cast, leaderM = T.leaderM, slackM = 0, heldM = T.heldM, lineM: wanted }: Laid,
	pieces: number
): { chain: Chain; lineM: number } {
	for (const [name, value] of Object.entries({ leaderM, slackM, heldM }))
		if (!(value >= 0 && Number.isFinite(value)))
			throw new RangeError(`${name} is ${value}; it must be 0 or more.`);
	const shape = CAST_SHAPES.values[cast];
	const from = reached(tip, cast);
	const wayM = wayOf({ tip, fly, cast });
	if (!(wayM > 0)) throw new RangeError('The fly must fall away from the tip of the rod.');
	// What lies slack covers less of the way than it is long.
	const leaderFrom = 1 - Math.min(1, leaderM / (1 + shape.leader) / wayM);
	const spot = (share: number): Spot => {
		const inBelly = (share - BELLY.from) / (BELLY.to - BELLY.from);
		const belly = inBelly > 0 && inBelly < 1 ? shape.bellyM * Math.sin(Math.PI * inBelly) ** 2 : 0;
		return {
			alongM: from.alongM + (fly.alongM - from.alongM) * share - belly,
			acrossM: from.acrossM + (fly.acrossM - from.acrossM) * share
		};
	};
	// Along the way: where it lies, and how much line lies up to there.
	const way = [{ spot: spot(0), lineM: 0 }];
	for (let i = 1; i <= SAMPLES; i++) {
		const share = i / SAMPLES;
		const [here, before] = [spot(share), way.at(-1)];
		if (!before) break;
		const stepM = Math.hypot(here.alongM - before.spot.alongM, here.acrossM - before.spot.acrossM);
		const slack = share > leaderFrom ? shape.leader : shape.slack;
		way.push({ spot: here, lineM: before.lineM + stepM * (1 + slack) + slackM / SAMPLES });
	}
	const laidM = way.at(-1)?.lineM ?? wayM;
	const lineM = wanted ?? laidM;
	if (!(lineM >= wayM)) throw new RangeError(`lineM is ${lineM}; from tip to fly it is ${wayM} already.`);
	// A length that was said is spread as the way goes.
	if (wanted !== undefined) for (const [i, one] of way.entries()) one.lineM = (wanted * i) / SAMPLES;
	const heldLineM = Math.min(heldM, lineM);
	const rest = lineM - heldLineM;
	const onWater = rest > 0 ? pieces : 0;
	const marks = [
		...(heldLineM > 0 ? [0] : []),
		...Array.from({ length: onWater + 1 }, (_, i) => heldLineM + (onWater > 0 ? (rest * i) / onWater : 0))
	];
	const points = marks.map((mark) => alongWay(way, mark));
	const lengthsM = marks.slice(1).map((mark, i) => mark - (marks[i] ?? 0));
	const holds = holdsOf(lengthsM, (beforeFlyM) => thickMm(beforeFlyM, leaderM));
	return { chain: chainOf(points, lengthsM, holds), lineM };
}

const thickMm = (beforeFlyM: number, leaderM: number): number =>
	beforeFlyM > leaderM ? T.lineMm : beforeFlyM > T.tippetM ? T.leaderMm : T.tippetMm;

function alongWay(way: readonly { spot: Spot; lineM: number }[], lineM: number): Spot {
	const after = way.findIndex((one) => one.lineM >= lineM);
	const [b, a] = [way[after < 0 ? way.length - 1 : after], way[Math.max(0, after - 1)]];
	if (!a || !b) throw new RangeError('The line has no length.');
	const share = b.lineM > a.lineM ? Math.min(1, (lineM - a.lineM) / (b.lineM - a.lineM)) : 1;
	return {
		alongM: a.spot.alongM + share * (b.spot.alongM - a.spot.alongM),
		acrossM: a.spot.acrossM + share * (b.spot.acrossM - a.spot.acrossM)
	};
}

/**
 * The longest that any drift can last on a uniform current with the tip held, s: until a line of a length spans from
 * tip to fly, √(L² − W²)/U. It is reached where all of it is held off the water.
 */
export const longestFreeS = (lineM: number, acrossM: number, speedMs: number): number =>
	Math.sqrt(Math.max(0, lineM ** 2 - acrossM ** 2)) / speedMs;
