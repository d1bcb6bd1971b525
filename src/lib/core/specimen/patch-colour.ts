import { InputError, words } from '../message';
import { colourDifference, SHADE_NAMES, SHADES, type Lab, type ShadeName } from '../atlas';
import {
	CARD,
	CHECK_DOT_MM,
	CHECK_DOTS,
	COLOUR_PATCHES,
	GREY_PATCHES,
	HOOK_PLACE,
	PAPER_L,
	TARGET,
	TARGETS
} from './card';
import { colourAt, type CardFit } from './find-card';
import { mapped, type PixelPoint } from './homography';
import { solved } from './linear';
import { labOf, linearOf, type LinearRgb, type Picture } from './picture';

const says = words('patch', { outside: 'The patch is outside the picture.' });

/** The light on the card as the picture shows white paper, as a smooth surface over the card. */
export interface CardLight {
	/** White paper at a place on the card, in linear light of the picture. */
	whiteAt: (xMm: number, yMm: number) => LinearRgb;
	/** How unevenly it is lit: the darkest white against the lightest, 0 to 1. */
	evenness: number;
	/** So unevenly that colours in the darker part are less sure. */
	uneven: boolean;
}

/**
 * The light on the card, from its white margins: for each channel a quadric over the card through the logarithms
 * of what white paper shows, by least squares.
 */
export function cardLight(picture: Picture, fit: CardFit): CardLight {
	const sites = PAPER_SITES.flatMap(({ x, y }) => {
		const seen = medianColour(picture, fit, x, y, 0.5);
		return seen && Math.min(...seen) > 0.002 ? [{ x, y, seen }] : [];
	});
	const planes = [0, 1, 2].map((channel) =>
		surface(
			sites.map(({ x, y, seen }) => ({ x, y, value: Math.log(seen[channel] ?? 1) })),
			QUADRIC
		)
	);
	const levels = sites.map(({ seen }) => seen[1]);
	const evenness = levels.length > 0 ? Math.min(...levels) / Math.max(...levels) : 0;
	return {
		whiteAt: (xMm, yMm) => planes.map((plane) => Math.exp(plane(xMm, yMm))) as unknown as LinearRgb,
		evenness,
		uneven: evenness < UNEVEN_LIGHT
	};
}

export interface PatchColour {
	lab: Lab;
	/** The word for it. */
	shade: ShadeName;
	/** Shades of the guide's own neutral dubbing nearest to it, with how far off each is (CIEDE2000). */
	dubbing: { shade: ShadeName; difference: number }[];
	/** In a shadow, shining, over an edge, or too few pixels to tell: look again, or go nearer. */
	warning?: 'shadow' | 'glare' | 'edge' | 'small';
}

/** The darkest paper under half as light as the lightest: a shadow or a lamp too near. */
const UNEVEN_LIGHT = 0.5;
/** Darker than this share of the card's light, the paper beside the animal lies in shadow. */
const SHADOW = 0.6;
/** Blur mixes the neighbours into anything smaller. */
const LEAST_RADIUS_PX = 1.4;
/** A patch this uneven holds an edge or a ring of another colour (CIELAB lightness, interquartile). */
const UNEVEN_L = 22;

/**
 * The colour of a small round patch of the picture, in daylight: the median of its pixels against white paper
 * close by, or against the card's light where none is near.
 *
 * @param at middle of the patch in picture pixels
 * @param radiusMm on the card
 * @throws RangeError when the patch is outside the picture
 */
export function patchColour(
	picture: Picture,
	fit: CardFit,
	light: CardLight,
	at: PixelPoint,
	radiusMm: number
): PatchColour {
	const { x, y } = mapped(fit.toCard, at);
	const pixels = pixelsWithin(picture, fit, x, y, Math.max(radiusMm, 0.8 / fit.pixelsPerMm));
	const seen = medianOf(pixels);
	if (!seen) throw new InputError(says('outside'));
	const smooth = light.whiteAt(x, y);
	const near = paperNear(picture, fit, x, y, smooth);
	const white = near ?? smooth;
	const [, paperY] = linearOf({ l: PAPER_L, a: 0, b: 0 });
	const reflected = (colour: LinearRgb): LinearRgb =>
		[0, 1, 2].map((c) => (paperY * (colour[c] ?? 0)) / (white[c] ?? 1)) as unknown as LinearRgb;
	const lab = labOf(reflected(seen));
	const lightness = pixels.map((p) => labOf(reflected(p)).l).sort((a, b) => a - b);
	const spread =
		(lightness[Math.floor(0.75 * lightness.length)] ?? 0) -
		(lightness[Math.floor(0.25 * lightness.length)] ?? 0);
	const dubbing = nearestShades(lab, 3);
	const warning =
		radiusMm * fit.pixelsPerMm < LEAST_RADIUS_PX
			? 'small'
			: near && near[1] < SHADOW * smooth[1]
				? 'shadow'
				: seen.some((c) => c > 0.97)
					? 'glare'
					: spread > UNEVEN_L
						? 'edge'
						: undefined;
	return { lab, shade: dubbing[0]?.shade ?? 'grey', dubbing, ...(warning && { warning }) };
}

const DUBBING = SHADE_NAMES.filter((shade) => shade !== 'clear' && !shade.startsWith('mottled'));

/** The shades of dubbing nearest to a colour, nearest first. `nearestShades(SHADES.rust, 1)[0]?.shade` is `rust`. */
export function nearestShades(lab: Lab, most: number): { shade: ShadeName; difference: number }[] {
	return DUBBING.map((shade) => ({
		shade,
		difference: colourDifference(lab, SHADES[shade])
	}))
		.sort((a, b) => a.difference - b.difference)
		.slice(0, most);
}

/** A pad this much darker than the body, in CIELAB lightness, is days away; black is now. Field rule of the-job, in numbers. */
const DARKER_BY = 8;
const BLACK_L = 22;

/**
 * How ripe a nymph is, from the lightness of its wing pads against its body: pale as the body, darker, or black.
 *
 * `padState({ l: 15, a: 0, b: 0 }, { l: 45, a: 2, b: 20 })` is `black`.
 */
export function padState(pad: Lab, body: Lab): 'pale' | 'dark' | 'black' {
	if (pad.l <= BLACK_L && pad.l < body.l - DARKER_BY) return 'black';
	return pad.l < body.l - DARKER_BY ? 'dark' : 'pale';
}

/** White paper close to a place: what surrounds the animal and has the paper's tint, carried to the place itself. */
function paperNear(
	picture: Picture,
	fit: CardFit,
	xMm: number,
	yMm: number,
	smooth: LinearRgb
): LinearRgb | undefined {
	const reach = 5;
	let found: { x: number; y: number; seen: LinearRgb }[] = [];
	for (let dy = -reach; dy <= reach; dy += 0.4)
		for (let dx = -reach; dx <= reach; dx += 0.4) {
			const r = Math.hypot(dx, dy);
			if (r > reach || r < 0.8) continue;
			const seen = colourAt(picture, mapped(fit.toPicture, { x: xMm + dx, y: yMm + dy }));
			if (!seen) continue;
			// Paper keeps its tint in light and shade; an animal rarely has it.
			const [red = 0, green = 0, blue = 0] = seen.map((c, i) => c / (smooth[i] ?? 1));
			const tinted = Math.abs(Math.log(red / green)) > 0.12 || Math.abs(Math.log(blue / green)) > 0.15;
			if (green > 0.25 && green < 1.5 && !tinted) found.push({ x: dx / reach, y: dy / reach, seen });
		}
	// A shadow's edge makes paper lighter on one side: a plane through its logarithm, less what lies below it.
	for (let round = 0; ; round++) {
		if (found.length < 25) return undefined;
		const planes = [0, 1, 2].map((channel) =>
			surface(
				found.map(({ x, y, seen }) => ({ x, y, value: Math.log(seen[channel] ?? 1) })),
				(x, y) => [1, x, y]
			)
		);
		if (round === 3) return planes.map((plane) => Math.exp(plane(0, 0))) as unknown as LinearRgb;
		found = found.filter(
			({ x, y, seen }) => Math.log(seen[1]) > (planes[1]?.(x, y) ?? 0) - 0.12 / (round + 1)
		);
	}
}

function pixelsWithin(
	picture: Picture,
	fit: CardFit,
	xMm: number,
	yMm: number,
	radiusMm: number
): LinearRgb[] {
	const found: LinearRgb[] = [];
	const step = Math.min(radiusMm / 2, 0.7 / fit.pixelsPerMm);
	for (let dy = -radiusMm; dy <= radiusMm; dy += step)
		for (let dx = -radiusMm; dx <= radiusMm; dx += step) {
			if (Math.hypot(dx, dy) > radiusMm) continue;
			const seen = colourAt(picture, mapped(fit.toPicture, { x: xMm + dx, y: yMm + dy }));
			if (seen) found.push(seen);
		}
	return found;
}

const medianColour = (picture: Picture, fit: CardFit, xMm: number, yMm: number, radiusMm: number) =>
	medianOf(pixelsWithin(picture, fit, xMm, yMm, radiusMm));

function medianOf(colours: readonly LinearRgb[]): LinearRgb | undefined {
	if (colours.length === 0) return undefined;
	const middle = (channel: 0 | 1 | 2) =>
		colours.map((c) => c[channel]).sort((a, b) => a - b)[Math.floor(colours.length / 2)] ?? 0;
	return [middle(0), middle(1), middle(2)];
}

/** Places on the card that are bare white paper. */
const PAPER_SITES: readonly PixelPoint[] = bareSites();

function bareSites(): PixelPoint[] {
	const sites: PixelPoint[] = [];
	const taken = (x: number, y: number) =>
		TARGETS.some(({ xMm, yMm }) => Math.hypot(x - xMm, y - yMm) < TARGET.outerMm + 1.2) ||
		CHECK_DOTS.some(({ xMm, yMm }) => Math.hypot(x - xMm, y - yMm) < CHECK_DOT_MM + 1.2) ||
		[...GREY_PATCHES, ...COLOUR_PATCHES, HOOK_PLACE].some(
			(p) => x > p.xMm - 1.2 && x < p.xMm + p.widthMm + 1.2 && y > p.yMm - 1.2 && y < p.yMm + p.heightMm + 1.2
		);
	for (let x = 2; x <= CARD.widthMm - 2; x += 2)
		for (let y = 2; y <= CARD.heightMm - 2; y += 2) {
			const margin =
				x > 9.5 && x < 110.5
					? y <= 3.5 || (y >= 12.6 && y <= 13) || y >= 77
					: x <= 3 || x >= 117 || Math.abs(x - 10.5) < 1;
			if (margin && !taken(x, y)) sites.push({ x, y });
		}
	return sites;
}

/** A least-squares surface of the given terms through values at places. */
function surface(
	sites: readonly { x: number; y: number; value: number }[],
	terms: (x: number, y: number) => number[]
): (x: number, y: number) => number {
	const n = terms(0, 0).length;
	const rows = Array.from({ length: n }, (_, i) =>
		Float64Array.from({ length: n + 1 }, (__, j) => (i === j ? 1e-6 : 0))
	);
	for (const { x, y, value } of sites) {
		const t = terms(x, y);
		rows.forEach((row, i) => {
			for (let j = 0; j < n; j++) row[j] = (row[j] ?? 0) + (t[i] ?? 0) * (t[j] ?? 0);
			row[n] = (row[n] ?? 0) + (t[i] ?? 0) * value;
		});
	}
	const c = solved(rows);
	return (x, y) => terms(x, y).reduce((sum, t, i) => sum + t * (c[i] ?? 0), 0);
}

/** A quadric over the card. */
const QUADRIC = (xMm: number, yMm: number): number[] => {
	const [u, v] = [xMm / 60 - 1, yMm / 40 - 1];
	return [1, u, v, u * u, u * v, v * v];
};
