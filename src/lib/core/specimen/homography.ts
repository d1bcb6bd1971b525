import { InputError, words } from '../message';
import { solved } from './linear';

const says = words('homography', { 'on-a-line': 'Three of the four points lie on a line.' });

/** A point of a picture in pixels, from its upper left corner. */
export interface PixelPoint {
	x: number;
	y: number;
}

/** A projective map of the plane, row by row; the last entry is 1. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

type Pair = readonly [from: PixelPoint, to: PixelPoint];

/**
 * The projective map that carries points to points: exact for four pairs, least squares for more (direct linear
 * transformation; Hartley & Zisserman 2004, Multiple view geometry, ch. 4, with coordinates scaled first).
 *
 * @throws RangeError with fewer than four pairs, or when three of four lie on a line
 */
export function homographyOf(pairs: readonly Pair[]): Homography {
	if (pairs.length < 4) throw new RangeError('A homography needs four pairs of points.');
	const from = scalingOf(pairs.map(([p]) => p));
	const to = scalingOf(pairs.map(([, p]) => p));
	// Normal equations of the 2n × 8 system.
	const a = Array.from({ length: 8 }, () => new Float64Array(9));
	for (const [p, q] of pairs) {
		const { x, y } = scaled(p, from);
		const { x: u, y: v } = scaled(q, to);
		for (const r of [
			[x, y, 1, 0, 0, 0, -u * x, -u * y, u],
			[0, 0, 0, x, y, 1, -v * x, -v * y, v]
		])
			for (let i = 0; i < 8; i++)
				for (let j = 0; j < 9; j++) (a[i] as Float64Array)[j] = (a[i]?.[j] ?? 0) + (r[i] ?? 0) * (r[j] ?? 0);
	}
	const h = solved(a, says('on-a-line'));
	const normal: Homography = [h[0], h[1], h[2], h[3], h[4], h[5], h[6], h[7], 1] as unknown as Homography;
	// Points on a line can be solved for, but fold the plane up.
	const [a0, a1, a2, a3, a4, a5, a6, a7] = normal;
	const determinant = a0 * (a4 - a5 * a7) - a1 * (a3 - a5 * a6) + a2 * (a3 * a7 - a4 * a6);
	if (Math.abs(determinant) < 1e-9) throw new InputError(says('on-a-line'));
	return withLastOne(
		multiply(
			[1 / to.scale, 0, to.x, 0, 1 / to.scale, to.y, 0, 0, 1],
			multiply(normal, [from.scale, 0, -from.x * from.scale, 0, from.scale, -from.y * from.scale, 0, 0, 1])
		)
	);
}

/** Carries a point through a homography. */
export function mapped([a, b, c, d, e, f, g, h, i]: Homography, { x, y }: PixelPoint): PixelPoint {
	const w = g * x + h * y + i;
	return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

/** The way back. */
export function inverseOf([a, b, c, d, e, f, g, h, i]: Homography): Homography {
	return withLastOne([
		e * i - f * h,
		c * h - b * i,
		b * f - c * e,
		f * g - d * i,
		a * i - c * g,
		c * d - a * f,
		d * h - e * g,
		b * g - a * h,
		a * e - b * d
	]);
}

interface Scaling {
	x: number;
	y: number;
	scale: number;
}

function scalingOf(points: readonly PixelPoint[]): Scaling {
	const n = points.length;
	const x = points.reduce((sum, p) => sum + p.x, 0) / n;
	const y = points.reduce((sum, p) => sum + p.y, 0) / n;
	const spread = points.reduce((sum, p) => sum + Math.hypot(p.x - x, p.y - y), 0) / n;
	if (!(spread > 0)) throw new RangeError('The points of a homography lie in one place.');
	return { x, y, scale: Math.SQRT2 / spread };
}

const scaled = ({ x, y }: PixelPoint, by: Scaling): PixelPoint => ({
	x: (x - by.x) * by.scale,
	y: (y - by.y) * by.scale
});

function multiply(m: Homography, n: Homography): Homography {
	const at = (r: number, c: number) =>
		[0, 1, 2].reduce((sum, k) => sum + (m[3 * r + k] ?? 0) * (n[3 * k + c] ?? 0), 0);
	return [at(0, 0), at(0, 1), at(0, 2), at(1, 0), at(1, 1), at(1, 2), at(2, 0), at(2, 1), at(2, 2)];
}

function withLastOne(m: Homography): Homography {
	const last = m[8];
	return m.map((value) => value / last) as unknown as Homography;
}
