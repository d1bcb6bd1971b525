import type { Lab } from '../atlas';
import { labOfLinear, linearRgbOf } from '../math';

/** A picture as a camera or canvas gives it: RGBA, 8 bits each, row by row. */
export interface Picture {
	width: number;
	height: number;
	pixels: Uint8ClampedArray;
}

/** sRGB bytes to linear light, 0 to 1 (IEC 61966-2-1). */
export const LINEAR = Float32Array.from({ length: 256 }, (_, byte) => {
	const c = byte / 255;
	return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
});

/** Linear red, green and blue, 0 to 1. */
export type LinearRgb = readonly [number, number, number];

/** A colour as linear light, cut to what a screen can show. */
export function linearOf(lab: Lab): LinearRgb {
	const { r, g, b } = linearRgbOf(lab);
	const cut = (value: number) => Math.min(1, Math.max(0, value));
	return [cut(r), cut(g), cut(b)];
}

/** CIELAB (D65) of a reflectance in linear light. */
export function labOf([r, g, b]: LinearRgb): Lab {
	return labOfLinear({ r, g, b });
}

/** Luminance of each pixel in linear light, shrunk by a whole factor so that the longer side is at most this. */
export function luminanceOf(
	{ width, height, pixels }: Picture,
	longest: number
): { width: number; height: number; values: Float32Array; factor: number } {
	const factor = Math.max(1, Math.ceil(Math.max(width, height) / longest));
	const w = Math.floor(width / factor);
	const h = Math.floor(height / factor);
	const values = new Float32Array(w * h);
	const share = 1 / (factor * factor);
	for (let y = 0; y < h; y++)
		for (let x = 0; x < w; x++) {
			let sum = 0;
			for (let dy = 0; dy < factor; dy++) {
				let at = 4 * ((y * factor + dy) * width + x * factor);
				for (let dx = 0; dx < factor; dx++, at += 4) sum += luminance(pixels, at);
			}
			values[y * w + x] = sum * share;
		}
	return { width: w, height: h, values, factor };
}

/** Rec. 709 luminance of the pixel whose red byte is at this index. */
export function luminance(pixels: Uint8ClampedArray, at: number): number {
	return (
		0.2126 * (LINEAR[pixels[at] ?? 0] ?? 0) +
		0.7152 * (LINEAR[pixels[at + 1] ?? 0] ?? 0) +
		0.0722 * (LINEAR[pixels[at + 2] ?? 0] ?? 0)
	);
}
