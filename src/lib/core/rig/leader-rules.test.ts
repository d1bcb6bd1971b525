import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FISH_SIZES, SURFACES } from '../vocabulary';
import { leaderFor } from './leader';
import { LEADER, LENGTH_RULES, TIPPET, TIPPET_RULES, type LeaderWater } from './leader-rules';
import { winterWindow } from './winter';

const water: fc.Arbitrary<LeaderWater> = fc.record({
	hookSize: fc.constantFrom(6, 10, 14, 18, 22, 26),
	clarityM: fc.oneof(fc.double({ min: 0, max: 6, noNaN: true }), fc.constantFrom(0.3, 0.9, 1.5, 2, 3)),
	surface: fc.constantFrom(...SURFACES, undefined),
	speedMs: fc.double({ min: 0, max: 2, noNaN: true }),
	windMs: fc.double({ min: 0, max: 20, noNaN: true }),
	rodM: fc.double({ min: 1.8, max: 4, noNaN: true }),
	fish: fc.constantFrom(...FISH_SIZES, undefined),
	bulky: fc.boolean(),
	school: fc.constantFrom(...TIPPET.ids),
	leader: fc.constantFrom(...LEADER.ids),
	waterC: fc.option(fc.double({ min: 0, max: 25, noNaN: true }), { nil: undefined }),
	tight: fc.boolean(),
	weed: fc.boolean()
});

describe.each(TIPPET_RULES.map((rule) => [rule.id, rule] as const))('the rule of tippet “%s”', (_, rule) => {
	it('goes one way only: never finer here and stouter there', () => {
		const ways = new Set<number>();
		fc.assert(
			fc.property(water, (given) => {
				if (rule.applies(given)) ways.add(Math.sign(rule.addsX(given)));
			}),
			{ numRuns: 400 }
		);
		expect(ways.has(1) && ways.has(-1)).toBe(false);
		expect(ways.has(1) || ways.has(-1)).toBe(true);
	});
});

describe('the rules of length', () => {
	it('are in an order in which one always applies, and the last to everything', () => {
		fc.assert(fc.property(water, (given) => LENGTH_RULES.some(({ applies }) => applies(given))));
		expect(LENGTH_RULES.at(-1)?.id).toBe('middling');
	});

	it('never shorten the leader for clearer water, nor lengthen it for more wind or current', () => {
		fc.assert(
			fc.property(water, fc.double({ min: 0, max: 3, noNaN: true }), (given, by) => {
				const { lengthM } = leaderFor(given);
				expect(leaderFor({ ...given, clarityM: given.clarityM + by }).lengthM).toBeGreaterThanOrEqual(
					lengthM
				);
				expect(leaderFor({ ...given, windMs: given.windMs + by }).lengthM).toBeLessThanOrEqual(lengthM);
				expect(leaderFor({ ...given, speedMs: given.speedMs + by }).lengthM).toBeLessThanOrEqual(lengthM);
			})
		);
	});

	it('never make it longer for a shorter rod or less room, and follow the school on glass alone', () => {
		fc.assert(
			fc.property(water, fc.double({ min: 0, max: 1.5, noNaN: true }), (given, by) => {
				const { lengthM } = leaderFor(given);
				expect(leaderFor({ ...given, rodM: Math.max(1.5, given.rodM - by) }).lengthM).toBeLessThanOrEqual(
					lengthM
				);
				expect(leaderFor({ ...given, tight: true }).lengthM).toBeLessThanOrEqual(lengthM);
				const turned = leaderFor({ ...given, leader: 'as-it-turns-over' }).lengthM;
				const twice = leaderFor({ ...given, leader: 'twice-the-rod' }).lengthM;
				expect(turned).toBeLessThanOrEqual(twice);
				if (given.surface !== 'glassy') expect(turned).toBe(twice);
			})
		);
	});

	it('never ask for a finer tippet in warmer water or beside weed, and never for one finer than 7X', () => {
		fc.assert(
			fc.property(water, (given) => {
				const { tippetX } = leaderFor(given);
				expect(tippetX).toBeLessThanOrEqual(7);
				expect(leaderFor({ ...given, weed: true }).tippetX).toBeLessThanOrEqual(tippetX);
				expect(leaderFor({ ...given, waterC: 19 }).tippetX).toBeLessThanOrEqual(tippetX);
			})
		);
	});

	it('never ask for a finer tippet for a larger fish or more current', () => {
		fc.assert(
			fc.property(water, fc.double({ min: 0, max: 3, noNaN: true }), (given, by) => {
				const { tippetX } = leaderFor(given);
				expect(leaderFor({ ...given, fish: 'large' }).tippetX).toBeLessThanOrEqual(tippetX);
				expect(leaderFor({ ...given, speedMs: given.speedMs + by }).tippetX).toBeLessThanOrEqual(tippetX);
			})
		);
	});
});

describe('the signs of the winter window', () => {
	it('never speak against naturals when they get better', () => {
		const day = fc.record({
			waterC: fc.double({ min: 0, max: 7.9, noNaN: true }),
			windMs: fc.double({ min: 0, max: 12, noNaN: true }),
			solarHour: fc.double({ min: 8, max: 17, noNaN: true }),
			warmingC: fc.option(fc.double({ min: -2, max: 3, noNaN: true }), { nil: undefined }),
			sky: fc.constantFrom('clear' as const, 'rain' as const, undefined),
			clarityM: fc.option(fc.double({ min: 0, max: 4, noNaN: true }), { nil: undefined })
		});
		fc.assert(
			fc.property(day, (given) => {
				const before = Number(winterWindow(given)?.naturals);
				for (const better of [
					{ windMs: 0 },
					{ solarHour: 13 },
					{ warmingC: 2 },
					{ sky: 'clear' as const },
					{ clarityM: 4 }
				])
					expect(Number(winterWindow({ ...given, ...better })?.naturals)).toBeGreaterThanOrEqual(before);
			})
		);
	});
});
