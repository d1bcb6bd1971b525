import { parse } from 'culori';
import { coloursOf, findStage, findTaxon, SHADES, type LifeStage } from '$lib/core/atlas';
import type { Random } from '$lib/core/math';
import { bodyAxis, hexOf, insectMarks, tracedPoints, type Mark, type Point } from '$lib/core/figure';
import { CARD, cardShapes, FIELD, linearOf, type LinearRgb } from '$lib/core/specimen';

/** An animal to be laid on the card. */
export interface Laid {
	taxonId: string;
	stage: LifeStage;
	lengthMm: number;
}

/** Scene pixels to a millimetre: a little more than the picture will resolve, and no more than a phone's camera does. */
export const scenePerMm = (width: number): number => Math.min(20, Math.max(5, Math.ceil(width / 95)));
/** The card lies on a tray that reaches this far beyond it, mm. */
const TRAY_MM = 25;

/** A raster of linear light, in card mm from its left and top. */
export interface Scene {
	perMm: number;
	width: number;
	height: number;
	light: Float32Array;
	/** Which layer each pixel shows, to find bare belly. */
	layer: Uint8Array;
}

/** A place on the card, in pixels of the scene from its left or top edge. */
export const inScene = ({ perMm }: Scene, mm: number) => (mm + TRAY_MM) * perMm;

export function sceneOf(perMm: number, withoutCard: boolean, random: Random): Scene {
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
export function layOut(animals: readonly Laid[], random: Random): Placed[] {
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

export function drawAnimal(scene: Scene, { laid, index, place }: Placed) {
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

export const pathLength = (points: readonly Point[]): number =>
	points.slice(1).reduce((sum, [x, y], i) => {
		const [px, py] = points[i] as Point;
		return sum + Math.hypot(x - px, y - py);
	}, 0);
