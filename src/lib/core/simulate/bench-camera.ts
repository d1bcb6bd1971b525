import { parse } from 'culori';
import { coloursOf, findStage, findTaxon, SHADES, type Lab, type LifeStage } from '../atlas';
import { normal, type Random } from '../chance';
import { bodyAxis, hexOf, insectMarks, tracedPoints, type Mark, type Point } from '../figure';
import {
	byteOf,
	CARD,
	cardShapes,
	FIELD,
	homographyOf,
	inverseOf,
	linearOf,
	mapped,
	TARGETS,
	type Homography,
	type LinearRgb,
	type Picture,
	type PixelPoint
} from '../specimen';

/** An animal to be laid on the card. */
export interface Laid {
	taxonId: string;
	stage: LifeStage;
	lengthMm: number;
}

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

/** Scene pixels to a millimetre: a little more than the picture will resolve, and no more than a phone's camera does. */
const scenePerMm = (width: number): number => Math.min(20, Math.max(5, Math.ceil(width / 95)));
/** The card lies on a tray that reaches this far beyond it, mm. */
const TRAY_MM = 25;

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

/** A raster of linear light, in card mm from its left and top. */
interface Scene {
	perMm: number;
	width: number;
	height: number;
	light: Float32Array;
	/** Which layer each pixel shows, to find bare belly. */
	layer: Uint8Array;
}

/** A place on the card, in pixels of the scene from its left or top edge. */
const inScene = ({ perMm }: Scene, mm: number) => (mm + TRAY_MM) * perMm;

function sceneOf(perMm: number, withoutCard: boolean, random: Random): Scene {
	const width = (CARD.widthMm + 2 * TRAY_MM) * perMm;
	const height = (CARD.heightMm + 2 * TRAY_MM) * perMm;
	const scene: Scene = {
		perMm,
		width,
		height,
		light: new Float32Array(3 * width * height),
		layer: new Uint8Array(width * height)
	};
	const tray = linearOf({ l: 25 + 45 * random(), a: 8 * (random() - 0.5), b: 14 * random() });
	fillPolygon(
		scene,
		[
			[-TRAY_MM, -TRAY_MM],
			[CARD.widthMm + TRAY_MM, -TRAY_MM],
			[CARD.widthMm + TRAY_MM, CARD.heightMm + TRAY_MM],
			[-TRAY_MM, CARD.heightMm + TRAY_MM]
		],
		tray,
		1,
		0
	);
	// Pebbles and drops: dark and light rounds that are no targets.
	for (let i = 0; i < 14; i++) {
		const at: Point = [
			random() * (CARD.widthMm + 2 * TRAY_MM) - TRAY_MM,
			random() < 0.5 ? -random() * TRAY_MM : CARD.heightMm + random() * TRAY_MM
		];
		fillPolygon(
			scene,
			disc(at, 1 + 4 * random()),
			linearOf({ l: 12 + 70 * random(), a: 0, b: 8 * random() }),
			1,
			0
		);
	}
	const paper = linearOf({ l: 95, a: 0, b: 0 });
	if (withoutCard) {
		// A sheet with rings and print on it that is not the card.
		fillPolygon(scene, box(0, 0, CARD.widthMm, CARD.heightMm), paper, 1, 0);
		for (let i = 0; i < 6; i++) {
			const at: Point = [10 + random() * 100, 10 + random() * 60];
			fillPolygon(scene, disc(at, 5), linearOf(SHADES.black), 1, 0);
			fillPolygon(scene, disc(at, 3.2), paper, 1, 0);
			if (random() < 0.7)
				fillPolygon(scene, disc(at, random() < 0.5 ? 1.2 : 2.2), linearOf(SHADES.black), 1, 0);
		}
		return scene;
	}
	fillPolygon(scene, box(0, 0, CARD.widthMm, CARD.heightMm), paper, 1, 0);
	for (const s of cardShapes()) {
		if (s.shape === 'disc') fillPolygon(scene, disc([s.xMm, s.yMm], s.rMm), linearOf(s.lab), 1, 0);
		if (s.shape === 'rect')
			fillPolygon(scene, box(s.xMm, s.yMm, s.widthMm, s.heightMm), linearOf(s.lab), 1, 0);
	}
	return scene;
}

const box = (x: number, y: number, w: number, h: number): Point[] => [
	[x, y],
	[x + w, y],
	[x + w, y + h],
	[x, y + h]
];
const disc = ([x, y]: Point, r: number): Point[] =>
	Array.from({ length: 48 }, (_, i): Point => {
		const angle = (2 * Math.PI * i) / 48;
		return [x + r * Math.cos(angle), y + r * Math.sin(angle)];
	});

/** Fills a polygon given in card mm, even-odd, by rows. */
function fillPolygon(
	scene: Scene,
	points: readonly Point[],
	[r, g, b]: LinearRgb,
	opacity: number,
	layer: number
): void {
	const xs = points.map(([x]) => inScene(scene, x));
	const ys = points.map(([, y]) => inScene(scene, y));
	const top = Math.max(0, Math.ceil(Math.min(...ys) - 0.5));
	const bottom = Math.min(scene.height - 1, Math.floor(Math.max(...ys) - 0.5));
	for (let row = top; row <= bottom; row++) {
		const y = row + 0.5;
		const cuts: number[] = [];
		for (let i = 0; i < xs.length; i++) {
			const j = (i + 1) % xs.length;
			const [y1 = 0, y2 = 0, x1 = 0, x2 = 0] = [ys[i], ys[j], xs[i], xs[j]];
			if (y1 <= y !== y2 <= y) cuts.push(x1 + ((y - y1) / (y2 - y1)) * (x2 - x1));
		}
		cuts.sort((p, q) => p - q);
		for (let k = 0; k + 1 < cuts.length; k += 2) {
			const from = Math.max(0, Math.ceil((cuts[k] ?? 0) - 0.5));
			const to = Math.min(scene.width - 1, Math.floor((cuts[k + 1] ?? 0) - 0.5));
			for (let x = from; x <= to; x++) {
				const at = row * scene.width + x;
				const l = 3 * at;
				scene.light[l] = (scene.light[l] ?? 0) * (1 - opacity) + r * opacity;
				scene.light[l + 1] = (scene.light[l + 1] ?? 0) * (1 - opacity) + g * opacity;
				scene.light[l + 2] = (scene.light[l + 2] ?? 0) * (1 - opacity) + b * opacity;
				scene.layer[at] = layer;
			}
		}
	}
}

interface Placed {
	laid: Laid;
	index: number;
	/** From the figure's mm to the card's. */
	place: (p: Point) => Point;
}

/** Puts the animals in cells of the field, turned and a little bent, and all of each within the field. */
function layOut(animals: readonly Laid[], random: Random): Placed[] {
	const columns = Math.ceil(Math.sqrt(animals.length * 1.6));
	const rows = Math.ceil(animals.length / columns);
	return animals.map((laid, index) => {
		const cx = FIELD.xMm + ((index % columns) + 0.5) * (FIELD.widthMm / columns);
		const cy = FIELD.yMm + (Math.floor(index / columns) + 0.5) * (FIELD.heightMm / rows);
		const angle = (random() - 0.5) * 1.2 + (random() < 0.5 ? Math.PI : 0);
		// From nearly straight to a gentle arc.
		const curve = ((random() - 0.5) * 0.9) / laid.lengthMm;
		const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
		const turned = ([x, y]: Point): Point => {
			const s = x - laid.lengthMm / 2;
			const turn = curve * s;
			const bx = Math.abs(curve) < 1e-6 ? s : Math.sin(turn) / curve - y * Math.sin(turn);
			const by = Math.abs(curve) < 1e-6 ? y : (1 - Math.cos(turn)) / curve + y * Math.cos(turn);
			return [bx * cos - by * sin, bx * sin + by * cos];
		};
		const points = insectMarks(laid.taxonId, laid.stage, laid.lengthMm).flatMap((mark) =>
			mark.points.map(turned)
		);
		const shift = (centre: number, values: number[], from: number, size: number) =>
			Math.min(Math.max(centre, from - Math.min(...values)), from + size - Math.max(...values));
		const x0 = shift(
			cx,
			points.map(([x]) => x),
			FIELD.xMm,
			FIELD.widthMm
		);
		const y0 = shift(
			cy,
			points.map(([, y]) => y),
			FIELD.yMm,
			FIELD.heightMm
		);
		return {
			laid,
			index,
			place: (p) => {
				const [x, y] = turned(p);
				return [x0 + x, y0 + y];
			}
		};
	});
}

function drawAnimal(scene: Scene, { laid, index, place }: Placed) {
	const taxon = findTaxon(laid.taxonId);
	const traits = taxon && findStage(taxon, laid.stage);
	if (!traits) throw new RangeError(`The atlas has no ${laid.stage} of "${laid.taxonId}".`);
	const bellyHex = hexOf(coloursOf(traits).belly);
	const layer = index + 1;
	for (const mark of insectMarks(laid.taxonId, laid.stage, laid.lengthMm))
		drawMark(scene, mark, place, bellyHex, layer);
	const axis = bodyAxis(laid.taxonId, laid.stage, laid.lengthMm).map(place);
	const bellyAt = widestBare(scene, axis, layer, laid.lengthMm);
	return { laid, axis, belly: coloursOf(traits).belly, bellyAt };
}

function drawMark(
	scene: Scene,
	mark: Mark,
	place: (p: Point) => Point,
	bellyHex: string,
	layer: number
): void {
	const points = tracedPoints(mark).map(place);
	if (mark.fill)
		fillPolygon(scene, points, lightOf(mark.fill), mark.opacity, mark.fill === bellyHex ? layer : 0);
	if (!mark.stroke || mark.width <= 0) return;
	const ink = lightOf(mark.stroke);
	const half = Math.max(mark.width / 2, 0.6 / scene.perMm);
	const path = mark.closed ? [...points, points[0] as Point] : points;
	for (let i = 1; i < path.length; i++) {
		const [[x1, y1], [x2, y2]] = [path[i - 1] as Point, path[i] as Point];
		const long = Math.hypot(x2 - x1, y2 - y1) || 1;
		const [nx, ny] = [(-(y2 - y1) / long) * half, ((x2 - x1) / long) * half];
		fillPolygon(
			scene,
			[
				[x1 + nx, y1 + ny],
				[x2 + nx, y2 + ny],
				[x2 - nx, y2 - ny],
				[x1 - nx, y1 - ny]
			],
			ink,
			mark.opacity,
			0
		);
	}
}

const lights = new Map<string, LinearRgb>();
function lightOf(css: string): LinearRgb {
	let light = lights.get(css);
	if (!light) {
		const colour = parse(css);
		if (colour?.mode !== 'rgb') throw new RangeError(`"${css}" is no colour of a drawing.`);
		const linear = (c: number) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4);
		lights.set(css, (light = [linear(colour.r), linear(colour.g), linear(colour.b)]));
	}
	return light;
}

/** The place on an animal whose belly is bare farthest around: where a careful finger would tap. */
function widestBare(
	scene: Scene,
	axis: readonly Point[],
	layer: number,
	lengthMm: number
): { at: Point; radiusMm: number } | undefined {
	const bare = (x: number, y: number) => {
		const [px, py] = [Math.round(inScene(scene, x)), Math.round(inScene(scene, y))];
		return (
			px >= 0 &&
			py >= 0 &&
			px < scene.width &&
			py < scene.height &&
			scene.layer[py * scene.width + px] === layer
		);
	};
	const step = 1.2 / scene.perMm;
	const most = 0.16 * lengthMm;
	let best: { at: Point; radiusMm: number } | undefined;
	for (const [ax, ay] of axis)
		for (let dy = -most; dy <= most; dy += 2 * step)
			for (let dx = -most / 2; dx <= most / 2; dx += 2 * step) {
				const [x, y] = [ax + dx, ay + dy];
				let r = 0;
				const clear = (radius: number) =>
					Array.from({ length: 8 }, (_, i) => (i * Math.PI) / 4).every((a) =>
						bare(x + radius * Math.cos(a), y + radius * Math.sin(a))
					);
				while (r < most && clear(r)) r += step;
				if (r > (best?.radiusMm ?? 0)) best = { at: [x, y], radiusMm: r };
			}
	return best;
}

const pathLength = (points: readonly Point[]): number =>
	points.slice(1).reduce((sum, [x, y], i) => {
		const [px, py] = points[i] as Point;
		return sum + Math.hypot(x - px, y - py);
	}, 0);

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
const BYTES = Uint8Array.from({ length: 4096 }, (_, i) => byteOf(i / 4095));

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
