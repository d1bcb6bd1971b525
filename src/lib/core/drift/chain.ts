import { LINE_ON_WATER } from './tables';

const T = LINE_ON_WATER.values;

/** A point on the water: m downstream, and m from the left bank. */
export interface Spot {
	alongM: number;
	acrossM: number;
}

/** Speed of the surface so far from the left bank, m/s downstream. */
export type Surface = (acrossM: number) => number;

/**
 * A line on the water from the tip of the rod to the fly: points, and between two of them a piece that cannot stretch.
 * Kept as rows of numbers, since thousands of them are moved.
 */
export interface Chain {
	/** Of each point, from the tip to the fly: m downstream, and m from the left bank. */
	along: Float64Array;
	across: Float64Array;
	/** Length of the piece after each point but the last, m. */
	lengthsM: Float64Array;
	/** How far each point gives way to a pull: 0 at the tip, which is held; the less, the more of it the water has hold of. */
	gives: Float64Array;
	work: Work;
}

/** Room to work in, for each piece: what it is too long by, its direction, and the band that is solved. */
interface Work {
	too: Float64Array;
	dAlong: Float64Array;
	dAcross: Float64Array;
	upper: Float64Array;
	pull: Float64Array;
	taut: Uint8Array;
}

/**
 * A chain of points and the pieces between them.
 *
 * @param lengthsM one fewer than points
 * @param holds how much the current has hold of each point; the tip's does not count
 */
export function chainOf(
	points: readonly Spot[],
	lengthsM: readonly number[],
	holds: readonly number[]
): Chain {
	const pieces = lengthsM.length;
	if (points.length !== pieces + 1 || holds.length !== points.length)
		throw new RangeError(`${points.length} points need ${points.length - 1} pieces, not ${pieces}.`);
	const row = () => new Float64Array(pieces);
	return {
		along: Float64Array.from(points, ({ alongM }) => alongM),
		across: Float64Array.from(points, ({ acrossM }) => acrossM),
		lengthsM: Float64Array.from(lengthsM),
		gives: Float64Array.from(holds, (hold, i) => (i === 0 ? 0 : 1 / hold)),
		work: {
			too: row(),
			dAlong: row(),
			dAcross: row(),
			upper: row(),
			pull: row(),
			taut: new Uint8Array(pieces)
		}
	};
}

/** Where the points of a chain are. */
export const spotsOf = ({ along, across }: Chain): Spot[] =>
	Array.from(along, (alongM, i) => ({ alongM, acrossM: across[i] ?? 0 }));

/** A piece this near to its length is taken for taut, and none is longer by more, shares of it. */
const TAUT = 1e-3;
const TURNS = 12;

/**
 * Moves a line on by one step: each point goes with the water, then no piece may be longer than it is. What is
 * slack is left so; what is taut pulls on its neighbours by how little the water has hold of them. The pulls of all
 * taut pieces are found at once, by Newton's method on a band of three.
 *
 * Source: Müller et al. (2007), with the constraints of a chain solved directly.
 *
 * @param tip where the rod's tip is at the end of the step
 * @returns how far the fly was pulled from where the water would have taken it, m
 */
export function moveOn(chain: Chain, surface: Surface, tip: Spot, stepS: number): number {
	const { along, across } = chain;
	const last = along.length - 1;
	along[0] = tip.alongM;
	across[0] = tip.acrossM;
	for (let i = 1; i <= last; i++) along[i]! += surface(across[i]!) * stepS;
	const [flyAlong, flyAcross] = [along[last]!, across[last]!];
	for (let turn = 0; turn < TURNS; turn++) if (!pullOnce(chain)) break;
	return Math.hypot(along[last]! - flyAlong, across[last]! - flyAcross);
}

/** Pulls too long pieces together, all at once; @returns whether any was too long */
function pullOnce(chain: Chain): boolean {
	const { along, across, lengthsM, gives, work } = chain;
	const { too, dAlong, dAcross, pull, taut } = work;
	const pieces = lengthsM.length;
	let any = false;
	for (let i = 0; i < pieces; i++) {
		const [a, b] = [along[i + 1]! - along[i]!, across[i + 1]! - across[i]!];
		const distance = Math.sqrt(a * a + b * b);
		const length = lengthsM[i]!;
		too[i] = distance - length;
		if (too[i]! > (length * TAUT) / 2) any = true;
		taut[i] = too[i]! > -TAUT * length ? 1 : 0;
		dAlong[i] = distance > 0 ? a / distance : 0;
		dAcross[i] = distance > 0 ? b / distance : 0;
	}
	if (!any) return false;
	findPulls(chain);
	// A line pulls and never pushes.
	let pushes = false;
	for (let i = 0; i < pieces; i++)
		if (pull[i]! < 0) {
			taut[i] = 0;
			pushes = true;
		}
	if (pushes) findPulls(chain);
	for (let i = 0; i < pieces; i++) {
		const by = pull[i]!;
		if (!(by > 0)) continue;
		along[i]! += gives[i]! * by * dAlong[i]!;
		across[i]! += gives[i]! * by * dAcross[i]!;
		along[i + 1]! -= gives[i + 1]! * by * dAlong[i]!;
		across[i + 1]! -= gives[i + 1]! * by * dAcross[i]!;
	}
	return true;
}

/** The pull of each taut piece by which all of them come to their lengths: a system with a band of three (Thomas). */
function findPulls({ lengthsM, gives, work: { too, dAlong, dAcross, upper, pull, taut } }: Chain): void {
	const pieces = lengthsM.length;
	const cosine = (i: number, j: number) => dAlong[i]! * dAlong[j]! + dAcross[i]! * dAcross[j]!;
	for (let i = 0; i < pieces; i++) {
		if (!taut[i]) {
			upper[i] = 0;
			pull[i] = 0;
			continue;
		}
		const before = i > 0 && taut[i - 1] ? -gives[i]! * cosine(i - 1, i) : 0;
		const after = i + 1 < pieces && taut[i + 1] ? -gives[i + 1]! * cosine(i, i + 1) : 0;
		const rest = gives[i]! + gives[i + 1]! - (before === 0 ? 0 : before * upper[i - 1]!);
		upper[i] = after / rest;
		pull[i] = (too[i]! - (before === 0 ? 0 : before * pull[i - 1]!)) / rest;
	}
	for (let i = pieces - 2; i >= 0; i--) pull[i]! -= upper[i]! * pull[i + 1]!;
}

/** How much the current has hold of each point of a line: half of the pieces on both its sides, by their thickness. */
export function holdsOf(lengthsM: readonly number[], thickMm: (beforeFlyM: number) => number): number[] {
	const total = lengthsM.reduce((sum, length) => sum + length, 0);
	let gone = 0;
	const ofPiece = lengthsM.map((length) => {
		gone += length;
		return length * thickMm(total - gone + length / 2);
	});
	return Array.from(
		{ length: lengthsM.length + 1 },
		(_, i) =>
			((ofPiece[i - 1] ?? 0) + (ofPiece[i] ?? 0)) / 2 + (i === lengthsM.length ? T.flyM * T.lineMm : 0)
	);
}
