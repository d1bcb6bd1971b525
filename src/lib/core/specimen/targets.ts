import { TARGET } from './card';
import type { PixelPoint } from './homography';
import { luminance, luminanceOf, type Picture } from './picture';

/** A corner target as it was seen in a picture. */
export interface SeenTarget {
	centre: PixelPoint;
	/** Half the size of its ring, in pixels. */
	radius: number;
	/** Has the large dot of the origin. */
	origin: boolean;
}

/** The search runs on a picture of this longest side: targets of a usable card are then over 12 pixels. */
const SEARCH_LONGEST = 1400;
/** Darker than this share of the neighbourhood counts as black. */
const BLACK_SHARE = 0.6;
const SMALLEST_RING_PX = 9;
/** Ink is darker than this share of the lightest paper beside it, even where that is lit and the ink is not sharp. */
const INK_SHARE = 0.22;

interface Blob {
	area: number;
	left: number;
	right: number;
	top: number;
	bottom: number;
	sumX: number;
	sumY: number;
}

/**
 * Ring-and-dot targets in a picture, by black rings that hold a black dot at their middle: concentric shapes keep
 * their common centre under tilt, which nothing else on a table does (after the concentric contrasting circles of
 * Gatrell, Hoff & Sklair 1992).
 */
export function seenTargets(picture: Picture): SeenTarget[] {
	const small = luminanceOf(picture, SEARCH_LONGEST);
	const blobs = blobsOf(darkerThanAround(small.values, small.width, small.height), small.width, small.height);
	const rings = blobs.filter(isRing);
	const found: SeenTarget[] = [];
	for (const ring of rings) {
		const centre = middle(ring);
		const size = spanOf(ring);
		const dot = blobs.find((blob) => {
			if (blob === ring || !inside(blob, ring)) return false;
			const c = middle(blob);
			const share = spanOf(blob) / size;
			return Math.hypot(c.x - centre.x, c.y - centre.y) < 0.12 * size && share > 0.12 && share < 0.62;
		});
		if (!dot) continue;
		// Areas tell the two dots apart better than widths do, when the picture is blurred.
		const share = Math.sqrt(dot.area / (Math.PI / 4)) / size;
		const between = (TARGET.dotMm + TARGET.originDotMm) / 2 / TARGET.outerMm;
		found.push({
			centre: refined(
				picture,
				{
					x: (centre.x + 0.5) * small.factor - 0.5,
					y: (centre.y + 0.5) * small.factor - 0.5
				},
				(size / 2) * small.factor
			),
			radius: (size / 2) * small.factor,
			origin: share > between
		});
	}
	return found;
}

/** Width and height of a ring are alike within a factor of two, and a fixed share of its box is black. */
function isRing(blob: Blob): boolean {
	const w = blob.right - blob.left + 1;
	const h = blob.bottom - blob.top + 1;
	const fill = blob.area / (w * h);
	return (
		Math.min(w, h) >= SMALLEST_RING_PX && Math.max(w, h) < 2.2 * Math.min(w, h) && fill > 0.25 && fill < 0.66
	);
}

const middle = ({ sumX, sumY, area }: Blob): PixelPoint => ({ x: sumX / area, y: sumY / area });
const spanOf = ({ left, right, top, bottom }: Blob): number =>
	Math.sqrt((right - left + 1) * (bottom - top + 1));
const inside = (a: Blob, b: Blob): boolean =>
	a.left > b.left && a.right < b.right && a.top > b.top && a.bottom < b.bottom;

/** Centre to a fraction of a pixel: the middle of all darkness within the ring's disc, at full size. */
function refined({ width, height, pixels }: Picture, start: PixelPoint, radius: number): PixelPoint {
	let { x: cx, y: cy } = start;
	const reach = radius * 1.25;
	for (let round = 0; round < 4; round++) {
		const left = Math.max(0, Math.floor(cx - reach));
		const right = Math.min(width - 1, Math.ceil(cx + reach));
		const top = Math.max(0, Math.floor(cy - reach));
		const bottom = Math.min(height - 1, Math.ceil(cy + reach));
		let paper = 0;
		for (let y = top; y <= bottom; y += 2)
			for (let x = left; x <= right; x += 2) paper = Math.max(paper, luminance(pixels, 4 * (y * width + x)));
		let [sum, sumX, sumY] = [0, 0, 0];
		for (let y = top; y <= bottom; y++)
			for (let x = left; x <= right; x++) {
				if (Math.hypot(x - cx, y - cy) > reach) continue;
				// Only ink: paper in a shadow is still many times as light, and would pull the middle towards it.
				const dark = Math.max(0, INK_SHARE * paper - luminance(pixels, 4 * (y * width + x)));
				sum += dark;
				sumX += dark * x;
				sumY += dark * y;
			}
		if (sum <= 0) break;
		[cx, cy] = [sumX / sum, sumY / sum];
	}
	return { x: cx, y: cy };
}

/** 1 where a pixel is much darker than its neighbourhood's mean (Bradley & Roth 2007, on an integral image). */
function darkerThanAround(values: Float32Array, width: number, height: number): Uint8Array {
	const sums = new Float64Array((width + 1) * (height + 1));
	for (let y = 0; y < height; y++) {
		let line = 0;
		for (let x = 0; x < width; x++) {
			line += values[y * width + x] ?? 0;
			sums[(y + 1) * (width + 1) + x + 1] = (sums[y * (width + 1) + x + 1] ?? 0) + line;
		}
	}
	const reach = Math.round(Math.max(width, height) / 16);
	const dark = new Uint8Array(width * height);
	for (let y = 0; y < height; y++) {
		const top = Math.max(0, y - reach);
		const bottom = Math.min(height, y + reach + 1);
		for (let x = 0; x < width; x++) {
			const left = Math.max(0, x - reach);
			const right = Math.min(width, x + reach + 1);
			const w = width + 1;
			const sum =
				(sums[bottom * w + right] ?? 0) -
				(sums[top * w + right] ?? 0) -
				(sums[bottom * w + left] ?? 0) +
				(sums[top * w + left] ?? 0);
			const mean = sum / ((right - left) * (bottom - top));
			if ((values[y * width + x] ?? 0) < BLACK_SHARE * mean) dark[y * width + x] = 1;
		}
	}
	return dark;
}

/** Connected dark regions, corners touching; by flooding with a stack. */
function blobsOf(dark: Uint8Array, width: number, height: number): Blob[] {
	const blobs: Blob[] = [];
	const stack: number[] = [];
	for (let start = 0; start < dark.length; start++) {
		if (dark[start] !== 1) continue;
		const blob: Blob = { area: 0, left: width, right: 0, top: height, bottom: 0, sumX: 0, sumY: 0 };
		dark[start] = 2;
		stack.push(start);
		while (stack.length > 0) {
			const at = stack.pop() ?? 0;
			const x = at % width;
			const y = (at - x) / width;
			blob.area++;
			blob.sumX += x;
			blob.sumY += y;
			if (x < blob.left) blob.left = x;
			if (x > blob.right) blob.right = x;
			if (y < blob.top) blob.top = y;
			if (y > blob.bottom) blob.bottom = y;
			for (let dy = -1; dy <= 1; dy++)
				for (let dx = -1; dx <= 1; dx++) {
					const [nx, ny] = [x + dx, y + dy];
					if (nx < 0 || ny < 0 || nx >= width || ny >= height) continue;
					const next = ny * width + nx;
					if (dark[next] === 1) {
						dark[next] = 2;
						stack.push(next);
					}
				}
		}
		if (blob.area >= 4) blobs.push(blob);
	}
	return blobs;
}
