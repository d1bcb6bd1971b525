import { describe, expect, it } from 'vitest';
import { said } from '../../../../tests/support/said';
import { RIVER, Story } from '../../../../tests/support/story';
import { earlierFrom } from './earlier';
import { bearingOf, groundOf, lineLengthM } from './ground';
import { landingPoint } from './landing';
import { plumeHalfM, siltReaches } from './silt';
import { searchStances, stancesFor } from './stances';
import type { StanceFor } from './stance-weighs';
import { windOn } from './wind';

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

describe('what the notes say of a side', () => {
	const FLY = ['quill-dun-olive', 18] as const;
	const story = () => {
		const told = new Story(RIVER, new Date('2026-05-19T11:00:00Z'));
		const { watchId } = told;
		const body = { stance: 'below', posture: 'kneeling', cast: 'reach', distanceM: 8, watchId };
		return told.says(1, { kind: 'stance', body });
	};
	const earlier = (told: Story, which = 0) => {
		const outing = told.outing(30);
		return earlierFrom(outing, outing.watches[which]);
	};

	it('counts good drifts that were left, dragged ones, and a fish that was put down', () => {
		const told = story()
			.fly(2, ...FLY, 'drifted', { drifts: 3, dragged: 2 })
			.fly(3, ...FLY, 'refused')
			.fly(4, ...FLY, 'put-down');
		expect(earlier(told)).toEqual({ below: { drifts: 4, dragged: 2, putDown: 1, took: 0 } });
	});

	it('counts one take for one fish, however its end was noted', () => {
		const told = story()
			.fly(2, ...FLY, 'taken')
			.fly(3, ...FLY, 'landed')
			.fly(4, ...FLY, 'landed');
		expect(earlier(told).below?.took).toBe(2);
	});

	it('a stance taken up for one fish says nothing of casts over another', () => {
		const told = story().says(5, {
			kind: 'watch',
			body: { event: 'begin', lie: 'edge', holding: 'on-station' }
		});
		const other = told.notes.at(-1)?.id;
		expect(earlier(told.fly(6, ...FLY, 'drifted', { watchId: other, drifts: 5 }), 1)).toEqual({});
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

	it('goes the short way where longitudes begin anew, and its bearing is not lost by a point set twice', () => {
		const across = [
			[179.999, 0],
			[-179.999, 0]
		] as const;
		expect(lineLengthM(across)).toBeCloseTo(222.4, 0);
		expect(bearingOf(across)).toBeCloseTo(90, 6);
		const twice = [
			[8, 47],
			[8, 46.99],
			[8, 46.99],
			[8, 46.99]
		] as const;
		expect(bearingOf(twice)).toBeCloseTo(180, 6);
		expect(bearingOf([[8, 47]])).toBeUndefined();
		expect(bearingOf([])).toBeUndefined();
	});
});
