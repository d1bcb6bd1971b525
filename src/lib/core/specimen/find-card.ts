import { words, type Message } from '../message';
import {
	CARD,
	CHECK_DOT_MM,
	CHECK_DOTS,
	GREY_PATCHES,
	PAPER_L,
	TARGET,
	TARGETS,
	type CardPoint,
	type Patch
} from './card';
import { homographyOf, inverseOf, mapped, type Homography, type PixelPoint } from './homography';
import { LINEAR, linearOf, luminance, type Picture } from './picture';
import { seenTargets, type SeenTarget } from './targets';

const says = words('card', {
	rings:
		'Only {count} of the four corner rings could be made out. Take in the whole card, sharp and without glare, or drag the corners.',
	'not-as-card': 'The corner rings do not lie as on the card.',
	'dots-off': 'The dots along the edges are not where they should be: lay the card flat.',
	'greys-unseen': 'The grey steps between the corner rings are not to be seen: is it covered or in glare?',
	'too-small': 'The card is too small in the picture: go nearer.'
});

/** Where the card lies in a picture. */
export interface CardFit {
	/** Centres of the corner targets in the picture, clockwise from the origin. */
	corners: readonly PixelPoint[];
	/** Card mm to picture pixels, and back. */
	toPicture: Homography;
	toCard: Homography;
	/** How far off the check dots were found, root mean square, in mm; absent when they could not be seen. */
	offMm?: number;
	/** Pixels to a millimetre in the middle of the card. */
	pixelsPerMm: number;
}

export type CardSearch = { found: true; fit: CardFit } | { found: false; why: Message };

/** The steps towards black must come out this near to the printed ones, as shares of paper white. */
const GREY_WITHIN = 0.16;
/** Check dots further off than this speak of another pattern, or of a card that is not flat. */
const OFF_AT_MOST_MM = 0.5;
const LEAST_PIXELS_PER_MM = 3;
const MOST_TARGETS = 14;

/**
 * Finds the measuring card by its four corner targets, and believes it only when the grey steps and the check
 * dots are where that fit puts them.
 */
export function findCard(picture: Picture): CardSearch {
	const targets = seenTargets(picture);
	const origins = targets.filter(({ origin }) => origin);
	const others = targets.filter(({ origin }) => !origin);
	if (targets.length < 4 || origins.length === 0 || others.length < 3)
		return {
			found: false,
			why: says('rings', { count: targets.length })
		};
	let best: CardFit | undefined;
	let why = says('not-as-card');
	for (const origin of origins.slice(0, MOST_TARGETS))
		for (const corners of clockwiseFrom(origin, others.slice(0, MOST_TARGETS))) {
			const fit = fitCard(picture, corners);
			if (!liesRight(fit)) {
				why = says('dots-off');
				continue;
			}
			if (!greysAgree(picture, fit)) {
				why = says('greys-unseen');
				continue;
			}
			if (!best || (fit.offMm ?? Infinity) < (best.offMm ?? Infinity)) best = fit;
		}
	if (!best) return { found: false, why };
	if (best.pixelsPerMm < LEAST_PIXELS_PER_MM) return { found: false, why: says('too-small') };
	return { found: true, fit: best };
}

/** Whether the check dots are where a fit puts them: a card that is not flat, or wrong corners, would show there. */
export const liesRight = ({ offMm }: CardFit): boolean => offMm !== undefined && offMm <= OFF_AT_MOST_MM;

/**
 * The card fitted to four corners, found or dragged there.
 *
 * @param corners centres of the corner targets in the picture, clockwise from the one with the large dot
 * @throws RangeError when three of them lie on a line
 */
export function fitCard(picture: Picture, corners: readonly PixelPoint[]): CardFit {
	let toPicture = homographyOf(TARGETS.map((t, i) => [pointOf(t), corners[i] ?? { x: 0, y: 0 }]));
	// Under tilt the middle of a disc's picture is not the picture of its middle: take the difference off, once.
	const mended = corners.map((corner, i) => {
		const target = TARGETS[i] as CardPoint;
		const centre = mapped(toPicture, pointOf(target));
		const seen = middleOfDisc(toPicture, target);
		return { x: corner.x - (seen.x - centre.x), y: corner.y - (seen.y - centre.y) };
	});
	toPicture = homographyOf(TARGETS.map((t, i) => [pointOf(t), mended[i] ?? { x: 0, y: 0 }]));
	const toCard = inverseOf(toPicture);
	const middle = { x: CARD.widthMm / 2, y: CARD.heightMm / 2 };
	const [here, there] = [mapped(toPicture, middle), mapped(toPicture, { ...middle, x: middle.x + 1 })];
	const pixelsPerMm = Math.hypot(there.x - here.x, there.y - here.y);
	const offMm = checkDotsOff(picture, toPicture, toCard);
	return { corners, toPicture, toCard, pixelsPerMm, ...(offMm !== undefined && { offMm }) };
}

const pointOf = ({ xMm, yMm }: CardPoint): PixelPoint => ({ x: xMm, y: yMm });

function middleOfDisc(toPicture: Homography, { xMm, yMm }: CardPoint): PixelPoint {
	let [sumX, sumY, n] = [0, 0, 0];
	for (let dy = -TARGET.outerMm; dy <= TARGET.outerMm; dy += 0.5)
		for (let dx = -TARGET.outerMm; dx <= TARGET.outerMm; dx += 0.5) {
			const r = Math.hypot(dx, dy);
			if (r > TARGET.outerMm || (r < TARGET.innerMm && r > TARGET.dotMm)) continue;
			const { x, y } = mapped(toPicture, { x: xMm + dx, y: yMm + dy });
			sumX += x;
			sumY += y;
			n++;
		}
	return { x: sumX / n, y: sumY / n };
}

/** Ways to choose the other three corners so that the four run clockwise from the origin. */
function clockwiseFrom(origin: SeenTarget, others: readonly SeenTarget[]): PixelPoint[][] {
	const ways: PixelPoint[][] = [];
	for (let a = 0; a < others.length; a++)
		for (let b = a + 1; b < others.length; b++)
			for (let c = b + 1; c < others.length; c++) {
				const four = [origin, others[a], others[b], others[c]].filter((t) => t !== undefined);
				const sizes = four.map(({ radius }) => radius);
				if (Math.max(...sizes) > 2.2 * Math.min(...sizes)) continue;
				const cx = four.reduce((sum, { centre }) => sum + centre.x, 0) / 4;
				const cy = four.reduce((sum, { centre }) => sum + centre.y, 0) / 4;
				const angle = ({ centre }: SeenTarget) => Math.atan2(centre.y - cy, centre.x - cx);
				const round = [...four].sort((p, q) => angle(p) - angle(q));
				const at = round.indexOf(origin);
				const corners = [0, 1, 2, 3].map((i) => (round[(at + i) % 4] as SeenTarget).centre);
				if (convex(corners)) ways.push(corners);
			}
	return ways;
}

function convex(corners: readonly PixelPoint[]): boolean {
	return corners.every((p, i) => {
		const q = corners[(i + 1) % 4] as PixelPoint;
		const r = corners[(i + 2) % 4] as PixelPoint;
		return (q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x) > 0;
	});
}

function checkDotsOff(picture: Picture, toPicture: Homography, toCard: Homography): number | undefined {
	const offs: number[] = [];
	for (const dot of CHECK_DOTS) {
		const seen = darkMiddle(picture, toPicture, toCard, dot);
		if (seen) offs.push((seen.x - dot.xMm) ** 2 + (seen.y - dot.yMm) ** 2);
	}
	if (offs.length < 2) return undefined;
	return Math.sqrt(offs.reduce((a, b) => a + b, 0) / offs.length);
}

/** The middle in card mm of the dark spot near a check dot, if there is one of about its size. */
function darkMiddle(
	picture: Picture,
	toPicture: Homography,
	toCard: Homography,
	{ xMm, yMm }: CardPoint
): PixelPoint | undefined {
	const reach = 2.6;
	const ring = Array.from({ length: 16 }, (_, i) => {
		const angle = (2 * Math.PI * i) / 16;
		return lightAt(
			picture,
			mapped(toPicture, { x: xMm + reach * Math.cos(angle), y: yMm + reach * Math.sin(angle) })
		);
	}).sort((a, b) => a - b);
	const paper = ring[8] ?? 0;
	if (!(paper > 0)) return undefined;
	let [sum, sumX, sumY, n, dark] = [0, 0, 0, 0, 0];
	const step = 0.15;
	for (let dy = -reach; dy <= reach; dy += step)
		for (let dx = -reach; dx <= reach; dx += step) {
			if (Math.hypot(dx, dy) > reach) continue;
			const at = mapped(toPicture, { x: xMm + dx, y: yMm + dy });
			const darkness = Math.max(0, 0.4 - lightAt(picture, at) / paper);
			sum += darkness;
			sumX += darkness * at.x;
			sumY += darkness * at.y;
			n++;
			if (darkness > 0.1) dark++;
		}
	const expected = (CHECK_DOT_MM / reach) ** 2;
	const share = dark / n;
	if (share < 0.35 * expected || share > 2 * expected) return undefined;
	return mapped(toCard, { x: sumX / sum, y: sumY / sum });
}

function lightAt({ width, height, pixels }: Picture, { x, y }: PixelPoint): number {
	const px = Math.round(x);
	const py = Math.round(y);
	if (px < 0 || py < 0 || px >= width || py >= height) return 0;
	return luminance(pixels, 4 * (py * width + px));
}

/** Whether the grey steps are there, each against the paper just beside it. */
function greysAgree(picture: Picture, fit: CardFit): boolean {
	const [, paperY] = linearOf({ l: PAPER_L, a: 0, b: 0 });
	return GREY_PATCHES.every((patch) => {
		const beside = patch.yMm < CARD.heightMm / 2 ? patch.yMm - 1.6 : patch.yMm + patch.heightMm + 1.6;
		const paper = lightAt(picture, mapped(fit.toPicture, { x: patch.xMm + patch.widthMm / 2, y: beside }));
		const seen = medianLight(picture, fit, patch);
		const [, expected] = linearOf(patch.lab);
		return paper > 0.004 && Math.abs(seen / paper - expected / paperY) < GREY_WITHIN;
	});
}

function medianLight(picture: Picture, fit: CardFit, patch: Patch): number {
	const values: number[] = [];
	for (let i = 1; i < 8; i++)
		for (let j = 1; j < 5; j++)
			values.push(
				lightAt(
					picture,
					mapped(fit.toPicture, {
						x: patch.xMm + (i * patch.widthMm) / 8,
						y: patch.yMm + (j * patch.heightMm) / 5
					})
				)
			);
	values.sort((a, b) => a - b);
	return values[Math.floor(values.length / 2)] ?? 0;
}

/** Linear colour of the nearest pixel, or undefined outside the picture. */
export function colourAt(
	{ width, height, pixels }: Picture,
	{ x, y }: PixelPoint
): [number, number, number] | undefined {
	const px = Math.round(x);
	const py = Math.round(y);
	if (px < 0 || py < 0 || px >= width || py >= height) return undefined;
	const at = 4 * (py * width + px);
	return [LINEAR[pixels[at] ?? 0] ?? 0, LINEAR[pixels[at + 1] ?? 0] ?? 0, LINEAR[pixels[at + 2] ?? 0] ?? 0];
}
