import { describe, expect, it } from 'vitest';
import { said } from '../../../../tests/support/said';
import { groundOf } from './ground';
import { landingPoint } from './landing';
import { plumeHalfM, siltReaches } from './silt';
import { searchStances, stancesFor } from './stances';
import type { StanceFor } from './stance-weighs';
import { windOn } from './wind';
import { lineLengthM } from './ground';

const ground = groundOf({ reachKind: 'glide', flowDeg: 135 }, { still: false });
const asked: StanceFor = {
	ground,
	acrossM: 4,
	through: { depthM: 0.4 },
	landing: landingPoint({ depthM: 0.4, speedMs: 0.4 }),
	wind: windOn(ground, {})
};

describe('silt', () => {
	it('spreads by the root of depth and way, and never upstream', () => {
		// 2 √(2 · 0.6 · 0.1 · 0.5 · 6) beside the feet's 0.3 m.
		expect(plumeHalfM(6, 0.5)).toBeCloseTo(0.3 + 1.2, 9);
		expect(plumeHalfM(24, 0.5) - 0.3).toBeCloseTo(2 * (plumeHalfM(6, 0.5) - 0.3), 9);
		expect(plumeHalfM(-1, 0.5)).toBe(0);
	});

	it('reaches the fish below the feet, not one far aside, above, or far down', () => {
		const feet = { alongM: -6, acrossM: 4 };
		expect(siltReaches(feet, { alongM: 0, acrossM: 5 }, 0.5)).toBe(true);
		expect(siltReaches(feet, { alongM: 0, acrossM: 7 }, 0.5)).toBe(false);
		expect(siltReaches(feet, { alongM: -8, acrossM: 4 }, 0.5)).toBe(false);
		expect(siltReaches(feet, { alongM: 40, acrossM: 4 }, 0.5)).toBe(false);
	});
});

describe('what came of a side before', () => {
	const chanceFrom = (earlier: StanceFor['earlier'], stance: string) =>
		stancesFor({ ...asked, earlier }).find((one) => one.stance === stance);

	it('speaks against a side whose good drifts were left, that dragged, or from which the fish was put down', () => {
		const plain = chanceFrom(undefined, 'below')?.chance ?? 0;
		const none = { drifts: 0, dragged: 0, putDown: 0, took: 0 };
		for (const [there, word] of [
			[{ ...none, drifts: 6 }, '6 good drifts'],
			[{ ...none, dragged: 3 }, '3 times'],
			[{ ...none, putDown: 1 }, 'put down']
		] as const) {
			const found = chanceFrom({ below: there }, 'below');
			expect(found?.chance).toBeLessThan(plain);
			expect(found?.cautions.map((one) => said(one)).join(' ')).toContain(word);
		}
		const better = chanceFrom({ below: { ...none, took: 1 } }, 'below');
		expect(better?.because.map((one) => said(one)).join(' ')).toContain('took from this side');
		expect(better?.chance).toBeGreaterThan(plain);
	});

	it('leaves the other sides as they were', () => {
		const earlier = { below: { drifts: 9, dragged: 0, putDown: 1, took: 0 } };
		expect(chanceFrom(earlier, 'across')?.chance).toBe(chanceFrom(undefined, 'across')?.chance);
	});
});

describe('where nothing flows', () => {
	it('no stance is ranked: what is missing is named', () => {
		const still = landingPoint({ depthM: 0.4, speedMs: 0 });
		expect(() => searchStances({ ...asked, landing: still }).next()).toThrow('over the fish');
		expect(() => searchStances({ ...asked, ground: { ...ground, lanes: [] } }).next()).toThrow('lanes');
	});
});

describe('a line on the map', () => {
	it('is as long as its parts are over the ground', () => {
		// A minute of latitude is a nautical mile, 1853 m on a sphere; of longitude half of that at 60°.
		expect(
			lineLengthM([
				[10, 60],
				[10, 60 + 1 / 60]
			])
		).toBeCloseTo(1853.2, 0);
		expect(
			lineLengthM([
				[10, 60],
				[10 + 1 / 60, 60]
			])
		).toBeCloseTo(926.6, 0);
		expect(lineLengthM([[10, 60]])).toBe(0);
	});
});
