import type { CardFit } from './find-card';
import { mapped, type PixelPoint } from './homography';

export interface MeasuredLength {
	lengthMm: number;
	/** One standard deviation, mm, and half the width of the interval that holds it in 95 of 100. */
	sdMm: number;
	withinMm: number;
}

/** How far from the body's end a careful finger puts a point, in pixels of the picture as it is shown. */
const POINTING_PX = 1.5;
/** An animal lies a little nearer to the lens than the card does: so much of the length (field rule). */
const HEIGHT_SHARE = 0.01;
const MOST_POINTS = 6;

/**
 * Length in mm of a line of two to six points drawn along a body, in pixels of the picture, bent as the body is: a
 * centripetal Catmull-Rom curve through them (Yuksel, Schaefer & Keyser 2011), measured on the card.
 *
 * @param shownScale picture pixels to one pixel on the screen while it was drawn; pointing is as exact as the screen
 * @throws RangeError with fewer than two points or more than six
 */
export function bodyLine(points: readonly PixelPoint[], fit: CardFit, shownScale = 1): MeasuredLength {
	if (points.length < 2 || points.length > MOST_POINTS)
		throw new RangeError(`A body line has two to ${MOST_POINTS} points, not ${points.length}.`);
	const onCard = points.map((point) => mapped(fit.toCard, point));
	const curve = curveThrough(onCard);
	let lengthMm = 0;
	for (let i = 1; i < curve.length; i++) lengthMm += between(curve[i - 1], curve[i]);
	const pointing = (Math.SQRT2 * POINTING_PX * shownScale) / fit.pixelsPerMm;
	const fitting = ((fit.offMm ?? 0.5) / 60) * lengthMm;
	const sdMm = Math.hypot(pointing, fitting, HEIGHT_SHARE * lengthMm);
	return { lengthMm, sdMm, withinMm: 1.96 * sdMm };
}

const between = (a: PixelPoint | undefined, b: PixelPoint | undefined): number =>
	a && b ? Math.hypot(b.x - a.x, b.y - a.y) : 0;

/** Points along a smooth curve through the given ones. */
function curveThrough(points: readonly PixelPoint[], steps = 12): PixelPoint[] {
	if (points.length < 3) return [...points];
	const curve: PixelPoint[] = [];
	for (let i = 0; i + 1 < points.length; i++) {
		const p1 = points[i] as PixelPoint;
		const p2 = points[i + 1] as PixelPoint;
		// Mirrored ends keep the curve's bend up to the last point.
		const p0 = points[i - 1] ?? { x: 2 * p1.x - p2.x, y: 2 * p1.y - p2.y };
		const p3 = points[i + 2] ?? { x: 2 * p2.x - p1.x, y: 2 * p2.y - p1.y };
		for (let k = 0; k < steps; k++) curve.push(catmullRom(p0, p1, p2, p3, k / steps));
	}
	curve.push(points.at(-1) as PixelPoint);
	return curve;
}

/** The pyramid of Barry & Goldman (1988) with knots by the square root of distance. */
function catmullRom(
	p0: PixelPoint,
	p1: PixelPoint,
	p2: PixelPoint,
	p3: PixelPoint,
	share: number
): PixelPoint {
	const t0 = 0;
	const t1 = t0 + Math.sqrt(between(p0, p1)) + 1e-9;
	const t2 = t1 + Math.sqrt(between(p1, p2)) + 1e-9;
	const t3 = t2 + Math.sqrt(between(p2, p3)) + 1e-9;
	const t = t1 + share * (t2 - t1);
	const mix = (a: PixelPoint, b: PixelPoint, ta: number, tb: number): PixelPoint => {
		const w = (t - ta) / (tb - ta);
		return { x: a.x + w * (b.x - a.x), y: a.y + w * (b.y - a.y) };
	};
	const a1 = mix(p0, p1, t0, t1);
	const a2 = mix(p1, p2, t1, t2);
	const a3 = mix(p2, p3, t2, t3);
	return mix(mix(a1, a2, t0, t2), mix(a2, a3, t1, t3), t1, t2);
}
