import type { FlyInWater } from '../tackle';
import { LINE_DRAG } from './line-tables';
import { check, type Range } from './range';

const D = LINE_DRAG.values;
const WATER_KG_M3 = 1000;
const MM_TO_M = 1e-3;

/** A fly let down on a line into a current. */
export interface Sinking extends FlyInWater {
	/** Diameter of the tippet, mm. */
	tippetMm: number;
	/** Line from the float, or from where it enters the water, to the fly, m. */
	lineM: number;
	/** Speed of the surface, m/s. */
	surfaceMs: number;
	/** Depth of the water, m. */
	waterM: number;
	/** Speed at which the top of the line goes: the surface's, unless a hand leads it; 0 where it is held. */
	carriedMs?: number | undefined;
}

const TIPPETS: Range = { least: 0.05, most: 0.4, unit: ' mm' };
const LINES: Range = { least: 0.05, most: 45, unit: ' m' };
const SPEEDS: Range = { least: 0, most: 5, unit: ' m/s' };
const WATERS: Range = { least: 0.05, most: 30, unit: ' m' };
const DEPTHS: Range = { least: 0.01, most: 30, unit: ' m' };
const LEADS: Range = { least: 0, most: 30, unit: ' m' };
const WEIGHTS: Range = { least: 1e-6, most: 1, unit: ' N' };

function checked({ tippetMm, lineM, surfaceMs, waterM, submergedN }: Sinking): void {
	check('tippetMm', tippetMm, TIPPETS);
	check('lineM', lineM, LINES);
	check('surfaceMs', surfaceMs, SPEEDS);
	check('waterM', waterM, WATERS);
	check('submergedN', submergedN, WEIGHTS);
}

/**
 * Speed of the water at a depth, m/s: fast above and slow at the bed.
 *
 * @param depthM below the surface; @returns 0 at the bed and beneath it
 */
export const currentAt = (
	depthM: number,
	{ surfaceMs, waterM }: Pick<Sinking, 'surfaceMs' | 'waterM'>
): number => surfaceMs * Math.max(0, 1 - depthM / waterM) ** D.profile;

const GRAVITY = 9.81;
/** The integral of the square root of a drag that grows with the line drawn down. */
const THREE_HALVES = 1 + 1 / 2;

/** Drag of the fly and of each metre of line behind it, for its weight and a speed of 1 m/s; and the moment lost at the start, s. */
function sinksAs({ submergedN, dragAreaM2, tippetMm }: Sinking): {
	own: number;
	line: number;
	lostS: number;
} {
	const half = WATER_KG_M3 / 2 / submergedN;
	const own = half * dragAreaM2;
	return {
		own,
		line: half * D.along * Math.PI * tippetMm * MM_TO_M,
		// To come up to its speed, and to draw straight what fell slack about it.
		lostS: 1 / (Math.sqrt(own) * GRAVITY) + (D.straightens * tippetMm) / submergedN
	};
}

/**
 * Depth that a fly has sunk to after a time, on slack line that it draws down after itself, m: its weight against its
 * own drag and that of the line along its length, in closed form.
 */
function slackDepthM(sinking: Sinking, seconds: number): number {
	const { own, line, lostS } = sinksAs(sinking);
	const sinksS = Math.hypot(seconds, lostS) - lostS;
	const drawn = own ** THREE_HALVES + THREE_HALVES * line * sinksS;
	return Math.max(0, (drawn ** (1 / THREE_HALVES) - own) / line);
}

/** Steps of the line from the fly to the top, and halvings in the search for its depth. */
const STEPS = 24;
const HALVINGS = 30;

/**
 * Depth at which a fly hangs at last, m: the water below is slower than what carries the top of the line, so that the
 * line slants, and the fly swims where its weight and the drag on fly and line are in balance. At most the bed.
 */
function hangingDepthM(sinking: Sinking): number {
	const { lineM, waterM } = sinking;
	const deepest = Math.min(lineM, waterM * D.atTheBed);
	let [shallow, deep] = [0, deepest];
	// A line longer than the slant down to here: the fly goes deeper.
	if (slantM(sinking, deepest) <= lineM) return deepest;
	for (let i = 0; i < HALVINGS; i++) {
		const middle = (shallow + deep) / 2;
		if (slantM(sinking, middle) < lineM) shallow = middle;
		else deep = middle;
	}
	return (shallow + deep) / 2;
}

/** Length of line from a fly in balance at a depth up to the surface, m: infinite where it cannot hang so deep. */
function slantM(sinking: Sinking, depthM: number): number {
	const { submergedN, dragAreaM2, tippetMm, surfaceMs, carriedMs = surfaceMs } = sinking;
	const heldBack = (at: number) => Math.abs(carriedMs - currentAt(at, sinking));
	const half = WATER_KG_M3 / 2;
	const step = depthM / STEPS;
	let across = half * dragAreaM2 * heldBack(depthM) ** 2;
	let length = 0;
	for (let i = 0; i < STEPS; i++) {
		const at = depthM - (i + 1 / 2) * step;
		// Force along the line is weight below and drag across; what lies steeper takes more of the flow.
		const slant = Math.hypot(1, across / submergedN);
		length += step * slant;
		const facing = 1 / slant;
		across += half * D.across * tippetMm * MM_TO_M * step * slant * (heldBack(at) * facing) ** 2;
	}
	return length;
}

/**
 * How deep a fly is at the lie, m, cast so far upstream of it with a slack leader: what it has sunk to by then, at most
 * the depth at which it hangs.
 *
 * @param leadM along the surface from where it fell to the lie, m
 * @throws RangeError naming what is outside its range
 */
export function depthAtLieM(sinking: Sinking, leadM: number): number {
	checked(sinking);
	check('leadM', leadM, LEADS);
	const { carriedMs = sinking.surfaceMs } = sinking;
	if (carriedMs === 0) return hangingDepthM(sinking);
	return Math.min(hangingDepthM(sinking), slackDepthM(sinking, leadM / carriedMs));
}

/**
 * How far upstream of the lie a fly has to fall to be at a depth there, m; undefined where it never gets so deep.
 *
 * @throws RangeError naming what is outside its range
 */
export function leadForM(sinking: Sinking, depthM: number): number | undefined {
	checked(sinking);
	check('depthM', depthM, DEPTHS);
	if (hangingDepthM(sinking) < depthM) return undefined;
	const { own, line, lostS } = sinksAs(sinking);
	const sinksS = ((own + line * depthM) ** THREE_HALVES - own ** THREE_HALVES) / (THREE_HALVES * line);
	return Math.sqrt((sinksS + lostS) ** 2 - lostS ** 2) * (sinking.carriedMs ?? sinking.surfaceMs);
}
