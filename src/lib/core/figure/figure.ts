import type { Lab } from '../atlas';
import { hexOfLab } from '../math';

/** A point in mm: x towards the tail, y downwards. */
export type Point = readonly [x: number, y: number];

/** One stroke or patch of a drawing, before it becomes an SVG path. */
export interface Mark {
	points: readonly Point[];
	closed: boolean;
	smooth: boolean;
	fill?: string;
	stroke?: string;
	/** Stroke width in mm. */
	width: number;
	opacity: number;
}

/** A drawing as SVG paths, in mm, with its bounds. Whoever shows it chooses the scale. */
export interface Figure {
	paths: { d: string; fill: string; stroke: string; width: number; opacity: number }[];
	bounds: { left: number; top: number; right: number; bottom: number };
}

type Ink = { fill?: string; stroke?: string; width?: number; opacity?: number };

/** A closed patch with a smooth outline. */
export const patch = (points: readonly Point[], ink: Ink): Mark => mark(points, true, true, ink);
/** A closed patch with straight sides. */
export const polygon = (points: readonly Point[], ink: Ink): Mark => mark(points, true, false, ink);
/** A smooth open line. */
export const line = (points: readonly Point[], ink: Ink): Mark => mark(points, false, true, ink);

function mark(points: readonly Point[], closed: boolean, smooth: boolean, ink: Ink): Mark {
	return { width: 0, opacity: 1, ...ink, points, closed, smooth };
}

/** An ellipse round a centre. */
export function ellipse([cx, cy]: Point, rx: number, ry: number, ink: Ink): Mark {
	const points = Array.from({ length: 12 }, (_, i): Point => {
		const angle = (2 * Math.PI * i) / 12;
		return [cx + rx * Math.cos(angle), cy + ry * Math.sin(angle)];
	});
	return patch(points, ink);
}

/** Turns marks about a point; positive degrees lower the tail end. */
export function turned(marks: readonly Mark[], degrees: number, [cx, cy]: Point): Mark[] {
	if (degrees === 0) return [...marks];
	const sin = Math.sin((degrees * Math.PI) / 180);
	const cos = Math.cos((degrees * Math.PI) / 180);
	return marks.map((m) => ({
		...m,
		points: m.points.map(([x, y]): Point => [
			cx + (x - cx) * cos - (y - cy) * sin,
			cy + (x - cx) * sin + (y - cy) * cos
		])
	}));
}

/** Marks upside down, as what hangs beneath the film is seen. */
export const upsideDown = (marks: readonly Mark[]): Mark[] =>
	marks.map((m) => ({ ...m, points: m.points.map(([x, y]): Point => [x, -y]) }));

/** Marks as SVG paths, with the bounds of all their points. */
export function figureOf(marks: readonly Mark[]): Figure {
	const bounds = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
	for (const { points, width } of marks)
		for (const [x, y] of points) {
			bounds.left = Math.min(bounds.left, x - width / 2);
			bounds.right = Math.max(bounds.right, x + width / 2);
			bounds.top = Math.min(bounds.top, y - width / 2);
			bounds.bottom = Math.max(bounds.bottom, y + width / 2);
		}
	return {
		paths: marks.map((m) => ({
			d: m.smooth ? smoothPath(m.points, m.closed) : straightPath(m.points, m.closed),
			fill: m.fill ?? 'none',
			stroke: m.stroke ?? 'none',
			width: round(m.width),
			opacity: m.opacity
		})),
		bounds
	};
}

/** Points along a mark as it is drawn, so close that straight lines between them will do. */
export function tracedPoints({ points, closed, smooth }: Mark, steps = 6): Point[] {
	if (!smooth) return [...points];
	const count = points.length;
	const traced: Point[] = [];
	for (let i = 0; i < (closed ? count : count - 1); i++) {
		const [p0, p1, p2, p3] = around(points, i, closed);
		for (let k = 0; k < steps; k++) {
			const t = k / steps;
			const along = (c: 0 | 1) =>
				p1[c] +
				0.5 *
					t *
					(p2[c] -
						p0[c] +
						t * (2 * p0[c] - 5 * p1[c] + 4 * p2[c] - p3[c] + t * (3 * (p1[c] - p2[c]) + p3[c] - p0[c])));
			traced.push([along(0), along(1)]);
		}
	}
	const last = points.at(-1);
	if (!closed && last) traced.push(last);
	return traced;
}

/** The point before, the two ends and the point after the i-th stretch. */
function around(points: readonly Point[], i: number, closed: boolean): [Point, Point, Point, Point] {
	const count = points.length;
	const at = (k: number): Point => {
		const index = closed ? (k + count) % count : Math.min(count - 1, Math.max(0, k));
		return points[index] ?? [0, 0];
	};
	return [at(i - 1), at(i), at(i + 1), at(i + 2)];
}

const hexes = new WeakMap<Lab, string>();

/** A CIELAB (D65) colour for the screen. */
export function hexOf(colour: Lab): string {
	let hex = hexes.get(colour);
	if (!hex) {
		hex = hexOfLab(colour);
		hexes.set(colour, hex);
	}
	return hex;
}

/** The same colour darker (below 1) or lighter (above 1). */
export function shaded(colour: Lab, factor: number): string {
	return hexOf({ ...colour, l: Math.max(3, Math.min(97, colour.l * factor)) });
}

const straightPath = (points: readonly Point[], closed: boolean): string =>
	points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`).join('') + (closed ? 'Z' : '');

/** Catmull-Rom through the points, as cubic Béziers. */
function smoothPath(points: readonly Point[], closed: boolean): string {
	const count = points.length;
	const [startX, startY] = points[0] ?? [0, 0];
	let d = `M${round(startX)} ${round(startY)}`;
	for (let i = 0; i < (closed ? count : count - 1); i++) {
		const [before, from, to, after] = around(points, i, closed);
		d += `C${round(from[0] + (to[0] - before[0]) / 6)} ${round(from[1] + (to[1] - before[1]) / 6)} ${round(to[0] - (after[0] - from[0]) / 6)} ${round(to[1] - (after[1] - from[1]) / 6)} ${round(to[0])} ${round(to[1])}`;
	}
	return closed ? `${d}Z` : d;
}

const round = (value: number): number => Math.round(value * 1000) / 1000;
