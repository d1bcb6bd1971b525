import { LINE_ON_WATER } from './tables';

const T = LINE_ON_WATER.values;

/** A point on the water: m downstream, and m from the left bank. */
export interface Spot {
	alongM: number;
	acrossM: number;
}

/** Speed of the surface so far from the left bank, m/s downstream. */
export type Surface = (acrossM: number) => number;

/** A line on the water from the tip of the rod to the fly: points, and between two of them a piece that cannot stretch. */
export interface Chain {
	/** From the tip to the fly. */
	points: Spot[];
	/** Length of the piece after each point but the last, m. */
	lengthsM: readonly number[];
	/** How much the current has hold of each point, the tip's left aside: line of so many m, 1 mm thick. */
	holds: readonly number[];
}

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
	const { points, lengthsM, holds } = chain;
	const last = points.length - 1;
	points[0] = { ...tip };
	for (let i = 1; i <= last; i++) {
		const point = at(points, i);
		// Half a step on, since a point goes straight downstream and its lane is the same there.
		point.alongM += surface(point.acrossM) * stepS;
	}
	const fly = { ...at(points, last) };
	for (let turn = 0; turn < TURNS; turn++) if (!pullOnce(points, lengthsM, holds)) break;
	const now = at(points, last);
	return Math.hypot(now.alongM - fly.alongM, now.acrossM - fly.acrossM);
}

/** Pulls too long pieces together, all at once; @returns whether any was too long */
function pullOnce(points: Spot[], lengthsM: readonly number[], holds: readonly number[]): boolean {
	const pieces = lengthsM.length;
	const spans: { too: number; alongM: number; acrossM: number }[] = [];
	let any = false;
	for (let i = 0; i < pieces; i++) {
		const [a, b] = [at(points, i), at(points, i + 1)];
		const [dAlong, dAcross] = [b.alongM - a.alongM, b.acrossM - a.acrossM];
		const distance = Math.hypot(dAlong, dAcross);
		const length = at(lengthsM, i);
		if (distance > length * (1 + TAUT / 2)) any = true;
		spans.push({
			too: distance - length,
			alongM: distance > 0 ? dAlong / distance : 0,
			acrossM: distance > 0 ? dAcross / distance : 0
		});
	}
	if (!any) return false;
	const gives = points.map((_, i) => (i === 0 ? 0 : 1 / at(holds, i)));
	let taut = spans.map(({ too }, i) => too > -TAUT * at(lengthsM, i));
	let pulls = pullsOf(spans, taut, gives);
	// A line pulls and never pushes.
	if (pulls.some((pull) => pull < 0)) {
		taut = taut.map((is, i) => is && at(pulls, i) >= 0);
		pulls = pullsOf(spans, taut, gives);
	}
	for (let i = 0; i < pieces; i++) {
		const pull = at(pulls, i);
		if (!(pull > 0)) continue;
		const span = at(spans, i);
		const [a, b] = [at(points, i), at(points, i + 1)];
		a.alongM += at(gives, i) * pull * span.alongM;
		a.acrossM += at(gives, i) * pull * span.acrossM;
		b.alongM -= at(gives, i + 1) * pull * span.alongM;
		b.acrossM -= at(gives, i + 1) * pull * span.acrossM;
	}
	return true;
}

/** The pull of each taut piece by which all of them come to their lengths: a system with a band of three (Thomas). */
function pullsOf(
	spans: readonly { too: number; alongM: number; acrossM: number }[],
	taut: readonly boolean[],
	gives: readonly number[]
): number[] {
	const upper: number[] = [];
	const right: number[] = [];
	for (let i = 0; i < spans.length; i++) {
		const span = at(spans, i);
		const before = i > 0 && taut[i - 1] && taut[i] ? -at(gives, i) * cosine(at(spans, i - 1), span) : 0;
		const after =
			i + 1 < spans.length && taut[i] && taut[i + 1] ? -at(gives, i + 1) * cosine(span, at(spans, i + 1)) : 0;
		const own = taut[i] ? at(gives, i) + at(gives, i + 1) : 1;
		const rest = own - before * (upper[i - 1] ?? 0);
		upper.push(after / rest);
		right.push(((taut[i] ? span.too : 0) - before * (right[i - 1] ?? 0)) / rest);
	}
	for (let i = spans.length - 2; i >= 0; i--) right[i] = at(right, i) - at(upper, i) * at(right, i + 1);
	return right;
}

const cosine = (
	one: { alongM: number; acrossM: number },
	other: { alongM: number; acrossM: number }
): number => one.alongM * other.alongM + one.acrossM * other.acrossM;

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

function at<Item>(items: readonly Item[], index: number): Item {
	const item = items[index];
	if (item === undefined) throw new RangeError(`There is no ${index} among ${items.length}.`);
	return item;
}
