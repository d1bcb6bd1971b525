import type { Lab } from '$lib/core/atlas';
import { normal, srgbByteOf, type Random } from '$lib/core/math';
import type { Point } from '$lib/core/figure';
import {
	CARD,
	homographyOf,
	inverseOf,
	mapped,
	TARGETS,
	type Homography,
	type LinearRgb,
	type Picture,
	type PixelPoint
} from '$lib/core/specimen';
import {
	drawAnimal,
	inScene,
	layOut,
	pathLength,
	sceneOf,
	scenePerMm,
	type Laid,
	type Scene
} from './bench-scene';

/** What the stand-in camera knows of an animal in its picture. */
export interface LaidTruth extends Laid {
	/** Length along the bent body, mm. */
	alongMm: number;
	/** The middle line of the body in picture pixels, head first. */
	axis: PixelPoint[];
	belly: Lab;
	/** A place in the picture where the belly is bare and widest, and how far it reaches from there, mm. */
	bellyAt?: { at: PixelPoint; radiusMm: number };
}

export interface BenchShot {
	picture: Picture;
	truth: { corners: PixelPoint[]; animals: LaidTruth[]; tiltDeg: number; cardThere: boolean };
}

export interface BenchSettings {
	width: number;
	height: number;
	/** Largest tilt of the lens, degrees. */
	tiltDeg?: number;
	/** A picture without the card, to see that none is found. */
	withoutCard?: boolean;
}

/**
 * The stand-in bench camera: draws the measuring card with animals of the atlas on it, and photographs it with
 * tilt, blur, noise, a colour cast, uneven light and shadows. Seeded, and it tells the truth beside the picture.
 */
export function benchShot(animals: readonly Laid[], settings: BenchSettings, random: Random): BenchShot {
	const scene = sceneOf(scenePerMm(settings.width), settings.withoutCard === true, random);
	const placed = layOut(animals, random).map((laid) => drawAnimal(scene, laid));
	const camera = cameraOf(settings, random);
	const picture = photograph(scene, camera, settings, random);
	const toPixels = (p: Point) => mapped(camera.toPicture, { x: p[0], y: p[1] });
	return {
		picture,
		truth: {
			corners: TARGETS.map(({ xMm, yMm }) => toPixels([xMm, yMm])),
			tiltDeg: camera.tiltDeg,
			cardThere: settings.withoutCard !== true,
			animals: placed.map(({ laid, axis, belly, bellyAt }) => ({
				...laid,
				alongMm: pathLength(axis),
				axis: axis.map(toPixels),
				belly,
				...(bellyAt && { bellyAt: { at: toPixels(bellyAt.at), radiusMm: bellyAt.radiusMm } })
			}))
		}
	};
}

interface Camera {
	toPicture: Homography;
	tiltDeg: number;
}

/** A pinhole camera over the card: tilted, turned about its axis, near enough that the card fills most of the picture. */
function cameraOf({ width, height, tiltDeg = 25 }: BenchSettings, random: Random): Camera {
	const tilt = tiltDeg * random();
	const [a, towards, roll] = [
		(tilt * Math.PI) / 180,
		2 * Math.PI * random(),
		(random() - 0.5) * 0.7 + (random() < 0.3 ? Math.PI : 0)
	];
	const focal = 1.15 * width;
	let fill = 0.72 + 0.16 * random();
	const axis = [Math.cos(towards), Math.sin(towards)] as const;
	const [shiftX, shiftY] = [(random() - 0.5) * 0.05 * width, (random() - 0.5) * 0.05 * height];
	const project = (xMm: number, yMm: number): PixelPoint => {
		const x = xMm - CARD.widthMm / 2;
		const y = yMm - CARD.heightMm / 2;
		const [rx, ry] = [x * Math.cos(roll) - y * Math.sin(roll), x * Math.sin(roll) + y * Math.cos(roll)];
		// Turn about an axis in the card's plane, after Rodrigues.
		const along = rx * axis[0] + ry * axis[1];
		const across = -rx * axis[1] + ry * axis[0];
		const [flat, depth] = [across * Math.cos(a), across * Math.sin(a)];
		const [px, py] = [along * axis[0] - flat * axis[1], along * axis[1] + flat * axis[0]];
		const scale = focal / ((focal * CARD.widthMm) / (fill * width) + depth);
		return { x: width / 2 + shiftX + px * scale, y: height / 2 + shiftY + py * scale };
	};
	const corners = [
		[0, 0],
		[CARD.widthMm, 0],
		[CARD.widthMm, CARD.heightMm],
		[0, CARD.heightMm]
	] as const;
	// Whoever holds the camera steps back until the whole card is in.
	const margin = 0.01 * width;
	const inside = ({ x, y }: PixelPoint) =>
		x > margin && y > margin && x < width - margin && y < height - margin;
	while (!corners.every(([x, y]) => inside(project(x, y)))) fill *= 0.97;
	return { tiltDeg: tilt, toPicture: homographyOf(corners.map(([x, y]) => [{ x, y }, project(x, y)])) };
}

function photograph(
	scene: Scene,
	{ toPicture }: Camera,
	{ width, height }: BenchSettings,
	random: Random
): Picture {
	const toCard = inverseOf(toPicture);
	const casts: readonly LinearRgb[] = [
		[1, 1, 1],
		[1.18, 1, 0.72],
		[0.9, 1.06, 0.85],
		[0.88, 1, 1.18]
	];
	const cast = casts[Math.floor(random() * casts.length)] ?? [1, 1, 1];
	const exposure = 0.55 + 0.4 * random();
	const [gx, gy] = [(random() - 0.5) * 0.5, (random() - 0.5) * 0.5];
	const shadow =
		random() < 0.4
			? {
					angle: 2 * Math.PI * random(),
					at: (random() - 0.5) * 50,
					deep: 0.45 + 0.3 * random(),
					soft: 3 + 10 * random()
				}
			: undefined;
	const lightOn = (x: number, y: number): number => {
		const [u, v] = [(x - 60) / 60, (y - 40) / 60];
		const even = exposure * (1 + gx * u + gy * v) * (1 - 0.08 * (u * u + v * v));
		if (!shadow) return even;
		const depth =
			((x - 60) * Math.cos(shadow.angle) + (y - 40) * Math.sin(shadow.angle) - shadow.at) / shadow.soft;
		return even * (1 - shadow.deep / (1 + Math.exp(-2 * depth)));
	};
	const light = new Float32Array(3 * width * height);
	const [h0, h1, h2, h3, h4, h5, h6, h7, h8] = toCard;
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const w = h6 * x + h7 * y + h8;
			const mx = (h0 * x + h1 * y + h2) / w;
			const my = (h3 * x + h4 * y + h5) / w;
			const sx = Math.min(scene.width - 2, Math.max(0, inScene(scene, mx) - 0.5));
			const sy = Math.min(scene.height - 2, Math.max(0, inScene(scene, my) - 0.5));
			const [ix, iy] = [Math.floor(sx), Math.floor(sy)];
			const [fx, fy] = [sx - ix, sy - iy];
			const lit = lightOn(mx, my);
			const at = 3 * (iy * scene.width + ix);
			const below = at + 3 * scene.width;
			const to = 3 * (y * width + x);
			for (let c = 0; c < 3; c++) {
				const upper = (scene.light[at + c] as number) * (1 - fx) + (scene.light[at + c + 3] as number) * fx;
				const lower =
					(scene.light[below + c] as number) * (1 - fx) + (scene.light[below + c + 3] as number) * fx;
				light[to + c] = (upper * (1 - fy) + lower * fy) * lit * (cast[c] as number);
			}
		}
	blur(light, width, height, 0.5 + (0.7 * random() * width) / 2400);
	return exposed(light, width, height, 0.004 + 0.008 * random(), random);
}

/** A Gaussian lens blur, in two passes. */
function blur(light: Float32Array, width: number, height: number, sigma: number): void {
	const reach = Math.ceil(2.5 * sigma);
	const kernel = Array.from({ length: 2 * reach + 1 }, (_, i) => Math.exp(-(((i - reach) / sigma) ** 2) / 2));
	const sum = kernel.reduce((a, b) => a + b, 0);
	const row = 3 * width;
	const across = light.slice().fill(0, 3 * reach, light.length - 3 * reach);
	// The outermost pixels stay as they are: nothing is measured there.
	for (let k = -reach; k <= reach; k++) {
		const weight = (kernel[k + reach] ?? 0) / sum;
		for (let i = 3 * reach; i < light.length - 3 * reach; i++)
			across[i] = (across[i] as number) + weight * (light[i + 3 * k] as number);
	}
	light.fill(0, row * reach, light.length - row * reach);
	for (let k = -reach; k <= reach; k++) {
		const weight = (kernel[k + reach] ?? 0) / sum;
		for (let i = row * reach; i < light.length - row * reach; i++)
			light[i] = (light[i] as number) + weight * (across[i + row * k] as number);
	}
}

/** sRGB bytes by linear light in 4096 steps. */
const BYTES = Uint8Array.from({ length: 4096 }, (_, i) => srgbByteOf(i / 4095));

/** Sensor noise and the camera's bytes. */
function exposed(light: Float32Array, width: number, height: number, noise: number, random: Random): Picture {
	const pixels = new Uint8ClampedArray(4 * width * height);
	// Normal noise from a table: drawing it for each of millions of bytes takes most of the time.
	const grain = Float32Array.from({ length: 4093 }, () => normal(random, 0, 1));
	let g = 0;
	for (let i = 0, at = 0; i < light.length; i += 3, at += 4) {
		for (let c = 0; c < 3; c++) {
			g = (g + 1 + (i % 7)) % grain.length;
			const value = light[i + c] ?? 0;
			const grainy = value + noise * Math.sqrt(value + 0.01) * (grain[g] ?? 0);
			pixels[at + c] = BYTES[Math.max(0, Math.min(4095, Math.round(grainy * 4095)))] ?? 0;
		}
		pixels[at + 3] = 255;
	}
	return { width, height, pixels };
}
