import { describe, expect, it } from 'vitest';
import { flyFromBelow, naturalAtFilm, naturalFromBelow } from './below';
import { hexOf, tracedPoints } from './figure';
import { drawFly } from './fly';
import { drawInsect, insectMarks } from './insect';
import { SHADES, TAXA } from '../atlas';
import { hookOf, PATTERNS, STYLES, dressedMm } from '../tackle';
import { hypothesesFor } from '../reading';
import { foldOuting } from '../outing';
import { DEMO_NOW } from '$lib/simulate';
import { BROOK, LAKE, RIVER } from '../../../../tests/support/story';

const naturals = [RIVER, BROOK, LAKE].flatMap((place) => hypothesesFor(foldOuting([], place, DEMO_NOW)));
const size = ({ bounds }: ReturnType<typeof drawInsect>) => ({
	width: bounds.right - bounds.left,
	height: bounds.bottom - bounds.top
});
const sound = (figure: ReturnType<typeof drawInsect>) => {
	expect(figure.paths.length).toBeGreaterThan(0);
	for (const { d } of figure.paths) expect(d).not.toMatch(/NaN|undefined|Infinity/);
	const { left, right, top, bottom } = figure.bounds;
	expect(left < right && top < bottom).toBe(true);
};

describe('a natural as a trout sees it from beneath', () => {
	it('is drawn for everything that may be eaten', () => {
		expect(naturals.length).toBeGreaterThan(100);
		for (const natural of naturals) sound(naturalFromBelow(natural));
	});

	it('is about as long as the animal, but for one that hangs from the film and looks short', () => {
		for (const natural of naturals.filter(({ kind }) => kind === 'natural')) {
			const { width } = size(naturalFromBelow(natural));
			expect(width / natural.lengthMm, natural.id).toBeGreaterThan(0.3);
			expect(width / natural.lengthMm, natural.id).toBeLessThan(3.2);
		}
	});

	it('shows the belly, not the back', () => {
		for (const natural of naturals.filter(({ kind }) => kind === 'natural').slice(0, 60)) {
			const fills = naturalFromBelow(natural).paths.map(({ fill }) => fill);
			expect(fills, natural.id).toContain(hexOf(natural.colours.belly));
		}
	});
});

describe('a natural at the film', () => {
	const at = (zone: string) =>
		naturals.filter((natural) => natural.kind === 'natural' && natural.zone === zone);

	it('stands on it, hangs in it or swims below it, as the stage does', () => {
		for (const natural of at('under-film')) {
			const figure = naturalAtFilm(natural);
			expect(figure && figure.filmY < figure.bounds.top, natural.id).toBe(true);
		}
		for (const natural of at('in-film')) {
			const figure = naturalAtFilm(natural);
			expect(
				figure && figure.filmY > figure.bounds.top && figure.filmY < figure.bounds.bottom,
				natural.id
			).toBe(true);
		}
		for (const natural of at('air')) {
			const figure = naturalAtFilm(natural);
			expect(figure && figure.filmY > figure.bounds.bottom, natural.id).toBe(true);
		}
	});

	it('is deeper the lower its stage lives', () => {
		const depth = (natural: (typeof naturals)[number]) =>
			((naturalAtFilm(natural)?.bounds.top ?? 0) - (naturalAtFilm(natural)?.filmY ?? 0)) / natural.lengthMm;
		const order = ['in-film', 'under-film', 'drift', 'bed'].map((zone) => at(zone).map(depth));
		for (const [i, depths] of order.entries())
			for (const deeper of order.slice(i + 1)) {
				if (depths.length === 0 || deeper.length === 0) continue;
				expect(Math.max(...depths)).toBeLessThan(Math.min(...deeper));
			}
	});

	it('is nothing to draw for nothing in particular', () => {
		for (const natural of naturals.filter(({ kind }) => kind === 'anything'))
			expect(naturalAtFilm(natural)).toBeUndefined();
	});
});

describe('a fly as a trout sees it from beneath', () => {
	it('is drawn in every size it is tied in, as large as it is dressed, with its hook', () => {
		for (const pattern of PATTERNS)
			for (const hookSize of pattern.sizes) {
				const figure = flyFromBelow(pattern, hookSize);
				sound(figure);
				const dressed = dressedMm(hookSize, hookOf(STYLES[pattern.style]));
				expect(size(figure).width / dressed, pattern.id).toBeGreaterThan(0.35);
				expect(size(figure).width / dressed, pattern.id).toBeLessThan(3.5);
			}
	});

	it('grows with the hook, and with hooks that run large', () => {
		for (const pattern of PATTERNS) {
			const [large = 14, ...rest] = pattern.sizes;
			const small = rest.at(-1);
			if (small === undefined) continue;
			expect(size(flyFromBelow(pattern, large)).width).toBeGreaterThan(
				size(flyFromBelow(pattern, small)).width
			);
			const { hook } = STYLES[pattern.style];
			expect(size(flyFromBelow(pattern, large, { steps: { [hook]: 1 } })).width).toBeGreaterThan(
				size(flyFromBelow(pattern, large)).width
			);
		}
	});

	it('has the belly it is tied with', () => {
		for (const pattern of PATTERNS)
			expect(flyFromBelow(pattern, pattern.sizes[0] ?? 14).paths.map(({ fill }) => fill)).toContain(
				hexOf(SHADES[pattern.belly])
			);
	});
});

describe('drawings from the side', () => {
	it('keep within their bounds, but for the swell of a smooth line', () => {
		for (const taxon of TAXA)
			for (const { stage } of taxon.stages) {
				const figure = drawInsect(taxon.id, stage);
				const { left, right, top, bottom } = figure.bounds;
				const swell = 0.06 * Math.hypot(right - left, bottom - top);
				const points = insectMarks(taxon.id, stage).flatMap((mark) => tracedPoints(mark));
				const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
				expect(Math.min(...xs), taxon.id).toBeGreaterThan(left - swell);
				expect(Math.max(...xs), taxon.id).toBeLessThan(right + swell);
				expect(Math.min(...ys), taxon.id).toBeGreaterThan(top - swell);
				expect(Math.max(...ys), taxon.id).toBeLessThan(bottom + swell);
			}
	});

	it('of a fly are as long as its hook dresses it, within its hackle and tail', () => {
		for (const pattern of PATTERNS)
			for (const hookSize of pattern.sizes) {
				const dressed = dressedMm(hookSize, hookOf(STYLES[pattern.style]));
				const { width, height } = size(drawFly(pattern, hookSize));
				// A fly that hangs is as long, but not level.
				const long = Math.hypot(width, height) / dressed;
				expect(long, `${pattern.id} ${hookSize}`).toBeGreaterThan(0.8);
				expect(long, `${pattern.id} ${hookSize}`).toBeLessThan(4);
			}
	});
});
