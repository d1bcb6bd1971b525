import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { variantOf } from '../likeness';
import { PATTERNS } from '../tackle';
import { LIGHTS, SURFACES } from '../vocabulary';
import { fitnessFor, lossesOf, type FlyWater } from './fitness';
import { FITNESS_RULES, LOSSES, type FlyOnWater } from './fitness-rules';

const water: fc.Arbitrary<FlyWater> = fc.record({
	surface: fc.constantFrom(...SURFACES),
	speedMs: fc.double({ min: 0, max: 3, noNaN: true }),
	clarityM: fc.double({ min: 0, max: 5, noNaN: true }),
	dim: fc.boolean(),
	windMs: fc.double({ min: 0, max: 25, noNaN: true }),
	light: fc.constantFrom(...LIGHTS),
	hunger: fc.constant(0),
	smallestSeen: fc.constantFrom(8, 12, 16, 20)
});
const fly = fc
	.constantFrom(...PATTERNS)
	.chain((pattern) => fc.constantFrom(...pattern.sizes).map((size) => variantOf(pattern, size)));

/** What makes each rule's cause grow: more of it, all else alike. */
const MORE: Record<string, (fly: FlyOnWater, by: number) => FlyOnWater> = {
	drowns: (one, by) => ({ ...one, rough: one.rough + by }),
	bushy: (one, by) => ({ ...one, rough: one.rough - by }),
	'hard-to-see': (one, by) => ({ ...one, seen: one.seen - by }),
	drags: (one, by) => ({ ...one, rough: one.rough + by }),
	wind: (one, by) => ({ ...one, windMs: one.windMs + 10 * by }),
	'too-small-for-guest': (one, by) => ({ ...one, hookSize: one.hookSize + 10 * by }),
	'small-in-poor-light': (one, by) => ({ ...one, hookSize: one.hookSize + 10 * by }),
	'small-in-murk': (one, by) => ({ ...one, hookSize: one.hookSize + 10 * by }),
	'pale-in-murk': (one, by) => ({ ...one, lightness: one.lightness + 50 * by })
};

describe.each(FITNESS_RULES.map((rule) => [rule.id, rule] as const))('the rule “%s”', (id, rule) => {
	const onWater = fc.record({
		style: fly.map(({ style }) => style),
		hookSize: fc.integer({ min: 4, max: 28 }),
		lightness: fc.double({ min: 0, max: 100, noNaN: true }),
		post: fc.constantFrom('pale' as const, 'dark' as const, undefined),
		floats: fc.boolean(),
		rough: fc.double({ min: 0, max: 1, noNaN: true }),
		seen: fc.double({ min: 0, max: 1, noNaN: true }),
		dim: fc.boolean(),
		light: fc.constantFrom(...LIGHTS),
		windMs: fc.double({ min: 0, max: 25, noNaN: true }),
		clarityM: fc.double({ min: 0, max: 5, noNaN: true }),
		smallestSeen: fc.constantFrom(8, 12, 16, 20)
	});

	it('takes more, never less, the more there is of its cause', () => {
		fc.assert(
			fc.property(onWater, fc.double({ min: 0, max: 1, noNaN: true }), (one, by) => {
				const more = MORE[id];
				if (!more) throw new Error(`Say what more of “${id}” is.`);
				expect(rule.cause(more(one, by))).toBeGreaterThanOrEqual(rule.cause(one) - 1e-9);
			})
		);
	});

	it('only ever takes, and where it takes nothing it is as if it were not there', () => {
		fc.assert(
			fc.property(fly, water, (variant, given) => {
				const losses = lossesOf(variant, given);
				const own = losses.find((loss) => loss.rule === id)?.lost ?? 0;
				const others = losses
					.filter((loss) => loss.rule !== id)
					.reduce((kept, { lost }) => kept * (1 - lost), 1);
				expect(own).toBeGreaterThanOrEqual(0);
				expect(fitnessFor(variant, given)).toBeCloseTo(others * (1 - own), 12);
			})
		);
		expect(LOSSES.values[id]).toBeGreaterThan(0);
	});
});
