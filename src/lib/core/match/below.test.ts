import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RIVER, Story } from '../../../../tests/support/story';
import { said } from '../../../../tests/support/said';
import { fishesBelow, PATTERNS } from '../tackle';
import { asRigged, belowPlans, isRiggedSo, waterDepthOf, zoneDepthM, type BelowOptions } from './below';

const NOON = new Date('2026-05-19T11:30:00Z');
const named = (id: string) => {
	const pattern = PATTERNS.find((one) => one.id === id);
	if (!pattern) throw new Error(`no fly ${id}`);
	return pattern;
};
const NYMPH = 'wing-case-nymph-dark';
const plansOf = (story: Story, id = NYMPH, hookSize = 16, options: BelowOptions = {}) =>
	belowPlans(story.outing(30), { pattern: named(id), hookSize, tippetMm: 0.15 }, options);
const first = (...given: Parameters<typeof plansOf>) => {
	const [plan] = plansOf(...given);
	if (!plan) throw new Error('no plan');
	return plan;
};
const river = (water = {}) => new Story(RIVER, NOON).weather({ surface: 'rippled', speedMs: 0.5, ...water });

describe('which way a fly is brought down', () => {
	it('fast broken pocket water a metre deep: a tight line', () => {
		expect(first(river({ surface: 'broken', speedMs: 0.9 }), NYMPH, 16, { waterM: 0.9 }).way).toBe(
			'tight-line'
		);
	});

	it('a slow deep pool: an indicator', () => {
		expect(first(river({ speedMs: 0.25 }), NYMPH, 16, { waterM: 2.2 }).way).toBe('indicator');
	});

	it('thin clear glides: under a dry fly, on one and a half times the depth', () => {
		const plan = first(river({ surface: 'glassy', speedMs: 0.25, clarityM: 2 }), 'slim-nymph-olive', 18, {
			waterM: 0.6
		});
		expect(plan.way).toBe('under-dry');
		expect(plan.lineM / plan.wantedM).toBeCloseTo(1.5, 9);
	});

	it('a soft-hackled fly just under the film: let swing', () => {
		const plan = first(river(), 'soft-hackle-wet-olive', 14, { waterM: 1.1 });
		expect(plan.way).toBe('swung');
		expect(plan.leadM).toBeUndefined();
		expect(said(plan.told)).toMatch(/^No bead: it swings \d+ cm deep\.$/);
	});

	it('no dry fly holds up a heavy stonefly nymph in two metres', () => {
		const ways = plansOf(river(), 'clawed-crayfish-brown-olive', 6, { waterM: 2 }).map(({ way }) => way);
		expect(ways.at(-1)).toBe('under-dry');
	});
});

describe('how it is told', () => {
	it('bead, lead upstream, and depth at the lie', () => {
		const plan = first(river({ surface: 'broken', speedMs: 0.7 }), NYMPH, 14, { waterM: 1 });
		expect(said(plan.told)).toMatch(
			/^\d\.\d mm bead, lead [\d.]+ c?m upstream, [\d.]+ c?m deep at the lie\.$/
		);
		expect(plan.depthM).toBeGreaterThan(0.6);
		expect(plan.depthM).toBeLessThanOrEqual(1);
	});

	it('faster water asks for a heavier bead or a longer lead', () => {
		const effort = (speedMs: number) => {
			const plan = plansOf(river({ speedMs }), NYMPH, 14, { waterM: 1 }).find(
				({ way }) => way === 'indicator'
			);
			return (plan?.beadMm ?? 0) * 10 + (plan?.leadM ?? 0);
		};
		expect(effort(0.9)).toBeGreaterThan(effort(0.3));
	});

	it('what never comes down is said to', () => {
		const wild = plansOf(river({ surface: 'broken', speedMs: 2 }), 'thin-worm-red', 14, { waterM: 3 });
		expect(
			wild
				.find(({ way }) => way === 'indicator')
				?.because.map((one) => said(one))
				.join(' ')
		).toMatch(/It comes no deeper than/);
	});
});

describe('where fish took moves the next', () => {
	const at = (depthM: number, outcome: 'drifted' | 'taken', times: number, story = river()) => {
		for (let i = 0; i < times; i++)
			story.fly(5 + i, NYMPH, 16, outcome, { depthM, drifts: outcome === 'drifted' ? 4 : 0 });
		return story;
	};

	it('two takes at half a metre: half a metre is wanted, and why is told', () => {
		const plan = first(at(0.5, 'taken', 2), NYMPH, 16, { waterM: 1.6 });
		expect(plan.wantedM).toBeGreaterThan(0.35);
		expect(plan.wantedM).toBeLessThan(0.75);
		expect(plan.because.map((one) => said(one)).join(' ')).toContain('Fish took at 50 cm.');
	});

	it('many drifts at the bed without one: higher', () => {
		const usual = first(river(), NYMPH, 16, { waterM: 1.6 }).wantedM;
		expect(first(at(1.2, 'drifted', 6), NYMPH, 16, { waterM: 1.6 }).wantedM).not.toBeCloseTo(usual, 1);
	});
});

it('a fish that came under watch after the rig was noted lies in its own water', () => {
	const story = new Story(RIVER, NOON).rig(1, { waterM: 1.4 });
	const later = {
		kind: 'watch' as const,
		body: { event: 'begin' as const, lie: 'seam' as const, holding: 'on-station' as const, depthM: 0.5 }
	};
	expect(waterDepthOf(story.outing())).toBe(1.4);
	expect(waterDepthOf(story.says(3, later).outing())).toBe(0.5);
});

it('the note of a plan is in whole decimetres, and the plan knows it again', () => {
	const plan = first(river({ speedMs: 0.4 }), NYMPH, 16, { waterM: 1.23 });
	const rigged = asRigged(plan, 1.23);
	expect(rigged).toMatchObject({ way: plan.way, waterM: 1.2, beadMm: plan.beadMm });
	expect(Math.abs(rigged.depthM - plan.depthM)).toBeLessThanOrEqual(0.05);
	const rig = { leaderM: 3, tippetX: 5, tippetM: 1, ...rigged };
	expect(isRiggedSo(rig, plan, 1.23)).toBe(true);
	expect(isRiggedSo(rig, plan, 1.5)).toBe(false);
	expect(isRiggedSo(undefined, plan, 1.23)).toBe(false);
});

it('a bead that is tied on is the one that is told', () => {
	const pattern = named(NYMPH);
	for (const beadMm of [0, 2.5, 3.3])
		for (const plan of belowPlans(river().outing(30), { pattern, hookSize: 16, tippetMm: 0.15, beadMm }))
			expect(plan.beadMm).toBe(beadMm);
});

it('the depth at the lie is the rig’s, else the fish’s, else a usual one', () => {
	expect(waterDepthOf(river().outing())).toBe(1);
	expect(waterDepthOf(new Story(RIVER, NOON, { depthM: 0.7 }).outing())).toBe(0.7);
	expect(waterDepthOf(new Story(RIVER, NOON, { depthM: 0.7 }).rig(2, { waterM: 1.4 }).outing())).toBe(1.4);
	expect(zoneDepthM('bed', 1)).toBeCloseTo(0.9, 9);
	expect(zoneDepthM('drift', 1)).toBeLessThan(zoneDepthM('bed', 1));
	expect(zoneDepthM('under-film', 1)).toBeLessThan(0.3);
	expect(fishesBelow(named(NYMPH))).toBe(true);
	expect(fishesBelow(named('parachute-dun-grey-olive'))).toBe(false);
});

it('plans and advises for any water, fly and current that notes can hold', () => {
	const flies = PATTERNS.filter(fishesBelow);
	fc.assert(
		fc.property(
			fc.constantFrom(...flies),
			fc.double({ min: 0.1, max: 30, noNaN: true }),
			fc.double({ min: 0, max: 5, noNaN: true }),
			fc.double({ min: 0.05, max: 30, noNaN: true }),
			(pattern, waterM, speedMs, fishM) => {
				const hookSize = pattern.sizes[0] ?? 14;
				const story = new Story(RIVER, NOON, { depthM: fishM })
					.weather({ speedMs, surface: 'rippled' })
					.rig(1, { waterM })
					.fly(2, pattern.id, hookSize, 'drifted', { drifts: 3, depthM: waterM / 2 });
				const outing = story.outing(9);
				const plans = belowPlans(outing, { pattern, hookSize, tippetMm: 0.13 });
				for (const { depthM, lineM } of plans) {
					expect(depthM).toBeGreaterThanOrEqual(0);
					expect(depthM).toBeLessThanOrEqual(waterM + 1e-9);
					expect(lineM).toBeGreaterThan(0);
				}
			}
		),
		{ seed: 5, numRuns: 60 }
	);
});
