import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { bodyLine } from './body-line';
import { CARD, cardShapes, TARGETS } from './card';
import { cardSvg } from './card-drawing';
import { findCard, fitCard, type CardFit } from './find-card';
import { homographyOf, inverseOf, mapped } from './homography';
import { cardLight, nearestShades, padState, patchColour } from './patch-colour';
import { labOf, linearOf, type Picture } from './picture';
import { colourDifference, SHADES } from '../atlas';
import { seededRandom } from '../math';
import { benchShot, type BenchShot } from '$lib/simulate';

const flat: CardFit = fitCard(
	{ width: 0, height: 0, pixels: new Uint8ClampedArray(0) },
	TARGETS.map(({ xMm, yMm }) => ({ x: 10 * xMm, y: 10 * yMm }))
);

describe('the measuring card', () => {
	it('prints at true scale, everything on it within its edge', () => {
		expect(cardSvg()).toContain('width="120mm" height="80mm" viewBox="0 0 120 80"');
		for (const s of cardShapes()) {
			const [right, bottom] =
				s.shape === 'disc'
					? [s.xMm + s.rMm, s.yMm + s.rMm]
					: s.shape === 'rect'
						? [s.xMm + s.widthMm, s.yMm + s.heightMm]
						: [s.xMm, s.yMm];
			expect(right).toBeLessThan(CARD.widthMm);
			expect(bottom).toBeLessThan(CARD.heightMm);
		}
	});

	it('keeps its patches clear of the corner rings', () => {
		for (const s of cardShapes())
			if (s.shape === 'rect' && s.heightMm > 1)
				for (const { xMm, yMm } of TARGETS) {
					const dx = Math.max(s.xMm - xMm, 0, xMm - s.xMm - s.widthMm);
					const dy = Math.max(s.yMm - yMm, 0, yMm - s.yMm - s.heightMm);
					expect(Math.hypot(dx, dy)).toBeGreaterThan(5.5);
				}
	});
});

describe('the homography', () => {
	const point = fc.record({
		x: fc.double({ min: -50, max: 50, noNaN: true }),
		y: fc.double({ min: -50, max: 50, noNaN: true })
	});
	it('carries its four points where they belong, and back', () => {
		fc.assert(
			fc.property(point, point, point, point, point, (a, b, c, d, p) => {
				const square = [
					{ x: 0, y: 0 },
					{ x: 100, y: 0 },
					{ x: 100, y: 100 },
					{ x: 0, y: 100 }
				];
				// Moved corners that stay far from a line keep the map well behaved.
				const moved = square.map((q, i) => {
					const by = [a, b, c, d][i] ?? a;
					return { x: 3 * q.x + 0.5 * by.x, y: 3 * q.y + 0.5 * by.y };
				});
				const h = homographyOf(square.map((q, i) => [q, moved[i] ?? q]));
				square.forEach((q, i) => {
					expect(mapped(h, q).x).toBeCloseTo(moved[i]?.x ?? 0, 6);
					expect(mapped(h, q).y).toBeCloseTo(moved[i]?.y ?? 0, 6);
				});
				const back = mapped(inverseOf(h), mapped(h, p));
				expect(back.x).toBeCloseTo(p.x, 5);
				expect(back.y).toBeCloseTo(p.y, 5);
			})
		);
	});

	it('refuses fewer than four points, and three on a line', () => {
		const at = (x: number, y: number) => ({ x, y });
		expect(() => homographyOf([])).toThrow('four pairs');
		expect(() =>
			homographyOf(
				[at(0, 0), at(1, 1), at(2, 2), at(0, 3)].map((p, i) => [
					p,
					[at(0, 0), at(5, 0), at(5, 5), at(0, 5)][i] ?? p
				])
			)
		).toThrow('on a line');
	});
});

describe('measuring along a body', () => {
	it('measures a straight body exactly, and says how sure', () => {
		const { lengthMm, sdMm } = bodyLine(
			[
				{ x: 300, y: 300 },
				{ x: 380, y: 300 }
			],
			flat
		);
		expect(lengthMm).toBeCloseTo(8, 6);
		expect(sdMm).toBeGreaterThan(0.1);
		expect(sdMm).toBeLessThan(0.6);
	});

	it('follows a bend within one part in a hundred where a straight line would cut it short', () => {
		// A third of a circle of radius 10 mm: 20.94 mm along it, 17.3 mm across.
		const arc = [0, 1, 2, 3, 4].map((i) => {
			const angle = (i * Math.PI) / 6;
			return { x: 600 + 100 * Math.cos(angle), y: 400 + 100 * Math.sin(angle) };
		});
		expect(bodyLine(arc, flat).lengthMm / ((20 * Math.PI) / 3)).toBeCloseTo(1, 2);
	});

	it('wants two to six points', () => {
		expect(() => bodyLine([{ x: 0, y: 0 }], flat)).toThrow('two to 6 points');
		expect(() =>
			bodyLine(
				Array.from({ length: 7 }, (_, i) => ({ x: i, y: 0 })),
				flat
			)
		).toThrow('not 7');
	});
});

describe('colour', () => {
	it('knows sRGB: middle grey is L* 50 and comes back', () => {
		for (const lab of [{ l: 50, a: 0, b: 0 }, SHADES.olive, SHADES.rust, SHADES.cream]) {
			const back = labOf(linearOf(lab));
			expect(back.l).toBeCloseTo(lab.l, 3);
			expect(back.b).toBeCloseTo(lab.b, 3);
		}
	});

	it('names the nearest dubbing', () => {
		expect(nearestShades(SHADES.rust, 1)[0]).toEqual({ shade: 'rust', difference: 0 });
		expect(nearestShades({ ...SHADES.olive, l: SHADES.olive.l + 2 }, 2)[0]?.shade).toBe('olive');
	});

	it('tells ripe pads by how much darker they are than the body', () => {
		const body = SHADES['brown-olive'];
		expect(padState(body, body)).toBe('pale');
		expect(padState({ ...body, l: body.l - 14 }, body)).toBe('dark');
		expect(padState(SHADES['black-brown'], body)).toBe('black');
		// A black nymph has black pads all its life: nothing follows.
		expect(padState(SHADES.black, SHADES.black)).toBe('pale');
	});
});

describe('a picture of the card', () => {
	let shot: BenchShot;
	let fit: CardFit;
	beforeAll(() => {
		const animals = [
			{ taxonId: 'perla', stage: 'nymph', lengthMm: 24 },
			{ taxonId: 'baetis', stage: 'nymph', lengthMm: 8 }
		] as const;
		shot = benchShot(animals, { width: 1400, height: 1050 }, seededRandom(12));
		const search = findCard(shot.picture);
		if (!search.found) throw new Error(search.why.text);
		({ fit } = search);
	}, 60_000);

	it('finds the corners within two pixels', () => {
		shot.truth.corners.forEach(({ x, y }, i) => {
			expect(Math.hypot(x - (fit.corners[i]?.x ?? 0), y - (fit.corners[i]?.y ?? 0))).toBeLessThan(2);
		});
		expect(fit.offMm).toBeLessThan(0.3);
	});

	it('measures the animals it was told the truth about', () => {
		for (const { axis, alongMm } of shot.truth.animals) {
			const points = [0, 6, 12, 18, 24].map((i) => axis[i] ?? { x: 0, y: 0 });
			expect(Math.abs(bodyLine(points, fit).lengthMm / alongMm - 1)).toBeLessThan(0.02);
		}
	});

	it('takes the belly’s colour through cast and shade', () => {
		const [stonefly] = shot.truth.animals;
		if (!stonefly?.bellyAt) throw new Error('no belly');
		const light = cardLight(shot.picture, fit);
		const { at, radiusMm } = stonefly.bellyAt;
		const { lab } = patchColour(shot.picture, fit, light, at, 0.6 * radiusMm);
		const off = colourDifference(lab, stonefly.belly);
		expect(off).toBeLessThan(4);
		expect(patchColour(shot.picture, fit, light, at, 0.01).warning).toBe('small');
		expect(() => patchColour(shot.picture, fit, light, { x: -900, y: -900 }, 0.3)).toThrow(
			'outside the picture'
		);
	});

	it('does not take a picture without the card for one with it, and says what to do', () => {
		const other = benchShot([], { width: 800, height: 600, withoutCard: true }, seededRandom(5));
		const search = findCard(other.picture);
		expect(search.found).toBe(false);
		expect(!search.found && search.why.text.length).toBeGreaterThan(30);
	}, 30_000);

	it('does not believe a card whose grey steps are covered', () => {
		const { width, height, pixels } = shot.picture;
		const covered: Picture = { width, height, pixels: pixels.slice() };
		const from = mapped(fit.toPicture, { x: 20, y: 4 });
		const to = mapped(fit.toPicture, { x: 64, y: 12 });
		for (let y = Math.round(Math.min(from.y, to.y)); y < Math.max(from.y, to.y); y++)
			for (let x = Math.round(Math.min(from.x, to.x)); x < Math.max(from.x, to.x); x++)
				covered.pixels.fill(128, 4 * (y * width + x), 4 * (y * width + x) + 3);
		expect(findCard(covered)).toMatchObject({ found: false });
	});

	it('draws the same picture from the same seed', () => {
		const take = () =>
			benchShot(
				[{ taxonId: 'baetis', stage: 'nymph', lengthMm: 7 }],
				{ width: 300, height: 225 },
				seededRandom(2)
			);
		const [one, other] = [take(), take()];
		expect(one.truth).toEqual(other.truth);
		expect(Buffer.from(one.picture.pixels).equals(Buffer.from(other.picture.pixels))).toBe(true);
	}, 30_000);
});
