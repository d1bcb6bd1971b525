import type { Lane } from '../drift';
import type { GroundBody } from '../note';
import { RIVER_REACHES, type BankSide, type Level, type ReachKind } from '../vocabulary';
import { LEVEL_LANES, USUAL_LANES, USUAL_PLACE } from './tables';

/** A bank: its height above the water and that of trees or a cliff upon it, m. */
export interface Bank {
	heightM: number;
	treesM: number;
}

/** The water one stands at. */
export interface Ground {
	kind: ReachKind;
	/** From the left bank on, as one looks downstream; none on a lake. */
	lanes: readonly Lane[];
	/** Bearing that the water flows to, degrees from north; undefined where nobody said. */
	flowDeg?: number | undefined;
	banks: Readonly<Record<BankSide, Bank>>;
	/** Whether the lanes are those of any such reach, and not as sketched here. */
	usual: boolean;
}

const isRiverReach = (kind: ReachKind): kind is (typeof RIVER_REACHES)[number] =>
	(RIVER_REACHES as readonly string[]).includes(kind);

/**
 * The water one stands at, as it was noted; what was not, as it usually is in a reach of its kind and at its level.
 *
 * @param level by which usual lanes are deeper and quicker, or the other way
 */
export function groundOf(
	noted: GroundBody,
	{ still = false, level = 'usual' }: { still?: boolean; level?: Level | undefined } = {}
): Ground {
	const kind = noted.reachKind ?? (still ? 'bay' : 'run');
	const by = LEVEL_LANES.values[level];
	const usual = isRiverReach(kind)
		? Object.values(USUAL_LANES.values[kind]).map(({ widthM, depthM, speedMs }) => ({
				widthM,
				depthM: depthM * by.depth,
				speedMs: speedMs * by.speed
			}))
		: [];
	const bank = (side: BankSide): Bank => ({
		heightM: noted[side]?.heightM ?? USUAL_PLACE.values.bankM,
		treesM: noted[side]?.treesM ?? 0
	});
	return {
		kind,
		lanes: noted.lanes ?? usual,
		...(noted.flowDeg !== undefined && { flowDeg: noted.flowDeg }),
		banks: { left: bank('left'), right: bank('right') },
		usual: !noted.lanes
	};
}

const DEGREE = Math.PI / 180;
const ROUND = 360;

/** An angle between two bearings, −180 to 180 degrees: how far to the right the second is of the first. */
const turnDeg = (from: number, to: number): number => ((to - from + 3 * 180) % ROUND) - 180;

/** How much of a bearing goes downstream, and how much to the right bank; shares of 1. */
export function alongFlow(bearingDeg: number, flowDeg: number): { along: number; across: number } {
	const turn = turnDeg(flowDeg, bearingDeg) * DEGREE;
	return { along: Math.cos(turn), across: Math.sin(turn) };
}

/**
 * The bearing of a line where its middle point lies, degrees from north: of a reach that was drawn as it flows, where its
 * water goes. Points at one place, as of a double tap, count once.
 *
 * @param line longitude before latitude, degrees
 * @returns undefined for a line without a length
 */
export function bearingOf(line: readonly Point[]): number | undefined {
	const middle = Math.floor((line.length - 1) / 2);
	const from = line[middle];
	const isElsewhere = (point: Point) => from !== undefined && lineLengthM([from, point]) > 0;
	const below = line.slice(middle + 1).find(isElsewhere);
	const above = line.slice(0, middle).findLast(isElsewhere);
	const [start, end] = below ? [from, below] : [above, from];
	if (!start || !end) return undefined;
	const north = end[1] - start[1];
	const east = eastOf(start, end);
	return (Math.atan2(east, north) / DEGREE + ROUND) % ROUND;
}

type Point = readonly [longitude: number, latitude: number];

/** How far one point lies east of another, in degrees of a great circle; the short way round where longitudes begin anew. */
const eastOf = (from: Point, to: Point): number =>
	turnDeg(from[0], to[0]) * Math.cos(((to[1] + from[1]) / 2) * DEGREE);

/** The earth's mean radius, m (Moritz 2000, J. Geodesy 74, 128–133). */
const EARTH_M = 6_371_008.8;

/** How long a line is over the ground, m; for reaches, of some kilometres at most. @param line degrees, longitude first */
export function lineLengthM(line: readonly Point[]): number {
	let sum = 0;
	for (const [i, point] of line.entries()) {
		const before = line[i - 1] ?? point;
		sum += Math.hypot(point[1] - before[1], eastOf(before, point)) * DEGREE * EARTH_M;
	}
	return sum;
}
