import { describe, expect, it } from 'vitest';
import { LAKE, RIVER, Story } from '../../../../tests/support/story';
import { said } from '../../../../tests/support/said';
import { variantOf } from '../likeness';
import { fishesBelow, PATTERNS } from '../tackle';
import { flyWaterOf } from './fitness';
import { rigFor, shortlist } from './shortlist';
import { hungThrough } from './hung';
import { fliesThrough, stillWaterPlan } from './still-water-plan';
import { depthsTried } from './tried';

const NOON = new Date('2026-05-19T13:20:00Z');
const WINTER_NOON = new Date('2026-01-14T13:20:00Z');
const HANGING = ['tuft-pupa-charcoal', 18] as const;
const lake = (begins = NOON) => new Story(LAKE, begins);
const plan = (story: Story, depthM = 4, flies?: number, minutes = 90) =>
	stillWaterPlan(story.outing(minutes), depthM, flies);

describe('the plan for still water', () => {
	it('spaces as many flies as are fished over a bed of that depth, and hangs them in a light wind', () => {
		const one = plan(lake().weather({ waterC: 13, windMs: 2 }));
		expect(one.depth.depthsM).toHaveLength(1);
		expect(one.depth.leaderM).toBeCloseTo(3.7, 6);
		expect(one.line.line).toBe('floating');
		expect(plan(lake(), 4, 3).depth.depthsM).toHaveLength(3);
		expect(() => plan(lake(), 0)).toThrow('depthM');
	});

	it('takes the line under the waves in a wind, and says where the drift goes', () => {
		const windy = plan(lake().weather({ waterC: 13, windMs: 9, windFromDeg: 270 }));
		expect(windy.line.line).not.toBe('floating');
		expect(windy.drift.towardsDeg).toBe(90);
		expect(windy.drift.metresAMinute).toBeGreaterThan(
			plan(lake().weather({ windMs: 2 })).drift.metresAMinute
		);
		expect(plan(lake().weather({ windMs: 2 })).drift).not.toHaveProperty('towardsDeg');
		// A storm is planned for as the strongest wind there is a rule for.
		expect(plan(lake().weather({ windMs: 30 })).line.line).toBe(windy.line.line);
	});

	it('learns the depth from what was fished and what took there', () => {
		const unfished = plan(lake());
		expect(unfished.tried).toEqual([]);
		expect(unfished.beliefs.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
		const fished = lake()
			.fly(5, ...HANGING, 'drifted', { depthM: 3.5, drifts: 12 })
			.fly(20, ...HANGING, 'drifted', { depthM: 1, drifts: 4 })
			.fly(24, ...HANGING, 'taken', { depthM: 1 })
			.fly(25, ...HANGING, 'landed', { depthM: 1 })
			.fly(30, ...HANGING, 'missed', { depthM: 1 })
			.fly(34, ...HANGING, 'short', { depthM: 1 })
			.fly(40, ...HANGING, 'drifted', { depthM: 9 })
			.fly(41, ...HANGING, 'drifted');
		const { tried, likeliestM, likeliest, beliefs } = plan(fished);
		expect(tried).toEqual([
			{ depthM: 1, takes: 3, effort: 8 },
			{ depthM: 3.5, takes: 0, effort: 12 }
		]);
		expect(likeliestM).toBeLessThan(2);
		expect(likeliest).toBe(Math.max(...beliefs.map(({ probability }) => probability)));
		expect(beliefs.find(({ depthM }) => depthM === likeliestM)?.probability).toBe(likeliest);
	});
});

describe('in winter', () => {
	const wintry = (body: Parameters<Story['weather']>[0]) => lake(WINTER_NOON).weather(body);
	const says = (story: Story) => plan(story).winter?.because.map(({ id }) => id.replace('winter.', '')) ?? [];

	it('tells of a winter window only in wintry water, by the season where nobody measured', () => {
		expect(plan(lake().weather({ waterC: 13 }))).not.toHaveProperty('winter');
		expect(plan(lake(WINTER_NOON)).winter).toBeDefined();
		expect(plan(lake(WINTER_NOON).weather({ waterC: 13 }))).not.toHaveProperty('winter');
	});

	it('says of sky and clarity what was noted, and nothing of what was not', () => {
		expect(says(wintry({ waterC: 4, windMs: 1 }))).not.toContain('light-enough');
		expect(says(wintry({ waterC: 4, windMs: 1, sky: 'broken', clarityM: 3 }))).toEqual(
			expect.arrayContaining(['calm', 'light-enough', 'clear-enough'])
		);
		expect(says(wintry({ waterC: 4, windMs: 9, sky: 'rain', clarityM: 0.2 }))).toEqual(
			expect.arrayContaining(['calm.no', 'light-enough.no', 'clear-enough.no'])
		);
	});

	it('sees the day warm by the air, or else by the water, from the first note to the last', () => {
		const noted = (first: object, last: object) =>
			lake(WINTER_NOON)
				.says(-180, { kind: 'conditions', body: { windMs: 1, ...first } })
				.says(0, { kind: 'conditions', body: last });
		expect(says(noted({ airC: -2, waterC: 4 }, { airC: 5 }))).toContain('warming');
		expect(says(noted({ airC: 5, waterC: 3 }, { airC: 3, waterC: 6 }))).toContain('warming.no');
		expect(says(noted({ waterC: 3 }, { waterC: 5 }))).toContain('warming');
		expect(says(noted({ waterC: 4 }, {}))).not.toContain('warming');
		expect(says(noted({ waterC: 4 }, {}))).not.toContain('warming.no');
	});
});

describe('one rig', () => {
	it('the plan and the rig ask for the same leader, whatever depth and wind', () => {
		const pupa = PATTERNS.find(({ id }) => id === 'bead-headed-hung-pupa-black');
		if (!pupa) throw new Error('no pupa');
		for (const windMs of [0.5, 4, 9])
			for (const waterM of [1.5, 4, 8]) {
				const outing = lake().weather({ windMs }).rig(1, { waterM }).outing(9);
				const rig = rigFor(variantOf(pupa, 12), flyWaterOf(outing));
				expect(rig.lengthM, `${windMs} m/s, ${waterM} m`).toBeCloseTo(
					stillWaterPlan(outing, waterM).leaderM,
					9
				);
			}
	});
});

describe('the retrieve', () => {
	const PUPA = 'bead-headed-hung-pupa-black';
	it('is none in a breeze, a slow draw in a calm or in wind, until fish say otherwise', () => {
		const move = (windMs: number) => plan(lake().weather({ windMs })).retrieve.move;
		expect([0.5, 4, 9].map(move)).toEqual(['slow-draw', 'still', 'slow-draw']);
		const story = lake()
			.weather({ windMs: 4 })
			.rig(1, { moved: 'still' })
			.fly(2, PUPA, 12, 'drifted', { drifts: 20 })
			.rig(3, { moved: 'pull-and-pause' })
			.fly(4, PUPA, 12, 'taken')
			.fly(5, PUPA, 12, 'landed')
			.fly(6, PUPA, 12, 'taken');
		const { retrieve } = plan(story);
		expect(retrieve.move).toBe('pull-and-pause');
		expect(said(retrieve.because)).toBe('2 fish took it pulled and paused.');
		expect(retrieve.tried).toEqual([
			{ move: 'still', takes: 0, effort: 20 },
			{ move: 'pull-and-pause', takes: 2, effort: 3 }
		]);
	});
});

describe('three flies through a lake', () => {
	const hung = (id: string, distanceM: number) => ({ patternId: id, hookSize: 14, distanceM });
	const PUPA = 'bead-headed-hung-pupa-black';
	const rigged = () =>
		lake()
			.weather({ windMs: 2 })
			.rig(1, { depthM: 3.7, waterM: 4, second: hung(PUPA, 1.2), third: hung(PUPA, 1.3) });
	const tried = (story: Story) =>
		plan(story).tried.map(({ depthM, takes, effort }) => [depthM, takes, effort]);

	it('are those of the list that go beneath the film, no two alike', () => {
		const story = lake().weather({ waterC: 13, windMs: 2 }).net('throat', ['chironomidae', 'pupa', 12]);
		const list = shortlist(story.outing(), story.read(), { most: 12 });
		const three = fliesThrough(list, 3);
		expect(three).toHaveLength(3);
		expect(three.every(({ pattern }) => fishesBelow(pattern))).toBe(true);
		expect(new Set(three.map(({ pattern }) => pattern.id)).size).toBe(3);
		expect(new Set(three.map(({ pattern }) => pattern.style)).size).toBeGreaterThan(1);
		expect(fliesThrough(list, 2).every((fly) => list.includes(fly))).toBe(true);
		expect(fliesThrough([], 3)).toEqual([]);
		const hung = hungThrough(three, { leaderM: 5.5, hangsM: 3.7 }, 4);
		expect(hung).toMatchObject({ leaderM: 5.5, waterM: 4, depthM: 3.7 });
		expect([hung.second, hung.third].map((fly) => fly?.patternId)).toEqual(
			three.slice(1).map(({ pattern }) => pattern.id)
		);
		expect([hung.second?.distanceM, hung.third?.distanceM]).toEqual([1.23, 1.23]);
		expect(hungThrough(three.slice(0, 2), { leaderM: 5.5, hangsM: 3 }, 4)).toMatchObject({
			second: { distanceM: 1.5 },
			third: undefined
		});
	});

	it('were all fished where nothing went for any', () => {
		expect(tried(rigged().fly(5, PUPA, 14, 'drifted', { drifts: 6 }))).toEqual([
			[1.2, 0, 6],
			[2.4, 0, 6],
			[3.7, 0, 6]
		]);
	});

	it('a take tells of the depth of the fly it names', () => {
		const took = (which: 'first' | 'second' | 'third') =>
			tried(rigged().fly(5, PUPA, 14, 'taken', { which })).map(([depthM]) => depthM);
		expect([took('first'), took('second'), took('third')]).toEqual([[1.2], [2.4], [3.7]]);
	});

	it('a depth that is said of a fly by its name is that fly’s', () => {
		const said = rigged().fly(5, PUPA, 14, 'taken', { which: 'first', depthM: 2 });
		expect(tried(said).map(([depthM]) => depthM)).toEqual([2]);
	});

	it('on a river flies trail at one depth', () => {
		const river = new Story(RIVER, NOON)
			.rig(1, { depthM: 1, second: hung(PUPA, 0.4) })
			.fly(5, PUPA, 14, 'taken', { which: 'first' });
		expect(depthsTried(river.outing(90), 4).map(({ depthM }) => depthM)).toEqual([1]);
	});

	it('one that floats above the others takes no part of the depth', () => {
		const dry = lake().rig(1, { depthM: 1.5, second: hung('parachute-dun-olive', 1) });
		expect(tried(dry.fly(5, PUPA, 14, 'drifted', { drifts: 2 }))).toEqual([[1.5, 0, 2]]);
	});
});
