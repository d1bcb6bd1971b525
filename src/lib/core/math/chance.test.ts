import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gamma, normal, pickWeighted, poisson, seededRandom } from './chance';
import { effectiveNumber, entropyBits } from './entropy';

const MANY = 20_000;
const drawn = (seed: number, draw: (random: () => number) => number) => {
	const random = seededRandom(seed);
	return Array.from({ length: MANY }, () => draw(random));
};
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const variance = (values: readonly number[]) => {
	const middle = mean(values);
	return mean(values.map((value) => (value - middle) ** 2));
};

describe('a seeded source of chance', () => {
	it('gives the same numbers for the same seed, others for another, all from 0 up to 1', () => {
		fc.assert(
			fc.property(fc.integer(), (seed) => {
				const [one, same, other] = [seededRandom(seed), seededRandom(seed), seededRandom(seed ^ 1)];
				const numbers = Array.from({ length: 20 }, one);
				expect(Array.from({ length: 20 }, same)).toEqual(numbers);
				expect(Array.from({ length: 20 }, other)).not.toEqual(numbers);
				for (const number of numbers) expect(number >= 0 && number < 1).toBe(true);
			})
		);
	});

	it('is even: each tenth comes up a tenth of the time', () => {
		const tenths = Array.from({ length: 10 }, () => 0);
		for (const value of drawn(1, (random) => random()))
			tenths[Math.floor(value * 10)] = (tenths[Math.floor(value * 10)] ?? 0) + 1;
		// Chi-square with nine degrees of freedom: over 27.9 once in a thousand seeds.
		const expected = MANY / 10;
		expect(tenths.reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0)).toBeLessThan(27.9);
	});
});

describe('gamma deviates', () => {
	it.each([0.3, 0.5, 1, 4, 30])('of shape %d have that mean and variance, and are above 0', (shape) => {
		const values = drawn(3, (random) => gamma(random, shape));
		// Four standard errors of 20,000 draws.
		expect(Math.abs(mean(values) - shape)).toBeLessThan(4 * Math.sqrt(shape / MANY));
		expect(Math.abs(variance(values) / shape - 1)).toBeLessThan(0.15);
		expect(Math.min(...values)).toBeGreaterThan(0);
	});
});

describe('counts by chance', () => {
	it.each([0.2, 1, 3, 12, 49, 80])('have the mean %d, and a variance as large', (rate) => {
		const counts = drawn(7, (random) => poisson(random, rate));
		// Five standard errors of the mean; the variance's are wider.
		expect(Math.abs(mean(counts) - rate)).toBeLessThan(5 * Math.sqrt(rate / MANY));
		expect(variance(counts) / rate).toBeGreaterThan(0.94);
		expect(variance(counts) / rate).toBeLessThan(1.06);
		for (const count of counts) expect(Number.isInteger(count) && count >= 0).toBe(true);
	});

	it('are spread as Poisson has it', () => {
		const counts = drawn(11, (random) => poisson(random, 3));
		let probability = Math.exp(-3);
		let statistic = 0;
		for (let k = 0; k < 9; k++) {
			const expected = probability * MANY;
			const seen = counts.filter((count) => count === k).length;
			statistic += (seen - expected) ** 2 / expected;
			probability *= 3 / (k + 1);
		}
		// Chi-square, at most nine degrees of freedom.
		expect(statistic).toBeLessThan(27.9);
	});

	it('are none where the mean is none', () => {
		for (const count of drawn(3, (random) => poisson(random, 0)).slice(0, 100)) expect(count).toBe(0);
	});
});

describe('a normal deviate', () => {
	it('has its mean and spread, and falls within one, two and three of them as often as it should', () => {
		const values = drawn(5, (random) => normal(random, 4, 1.6));
		expect(mean(values)).toBeCloseTo(4, 1);
		expect(Math.sqrt(variance(values))).toBeCloseTo(1.6, 1);
		for (const [within, share] of [
			[1, 0.6827],
			[2, 0.9545],
			[3, 0.9973]
		] as const) {
			const seen = values.filter((value) => Math.abs(value - 4) <= within * 1.6).length / MANY;
			expect(Math.abs(seen - share)).toBeLessThan(0.012);
		}
	});
});

describe('one of several by weight', () => {
	it('comes up as often as its weight has it, and never with none', () => {
		const random = seededRandom(17);
		const seen = new Map<string, number>();
		for (let i = 0; i < MANY; i++) {
			const picked = pickWeighted(random, [
				['often', 6],
				['never', 0],
				['seldom', 2]
			]);
			seen.set(picked, (seen.get(picked) ?? 0) + 1);
		}
		expect(seen.get('never')).toBeUndefined();
		expect((seen.get('often') ?? 0) / MANY).toBeCloseTo(0.75, 1);
		expect((seen.get('seldom') ?? 0) / MANY).toBeCloseTo(0.25, 1);
	});

	it('refuses to pick from nothing', () => {
		expect(() => pickWeighted(seededRandom(1), [])).toThrow('nothing to pick from');
	});
});

describe('how many are really in play', () => {
	const weights = fc.array(fc.double({ min: 0.001, max: 1000, noNaN: true }), {
		minLength: 1,
		maxLength: 30
	});

	it('is from one to all of them, the same at any scale and in any order', () => {
		fc.assert(
			fc.property(weights, fc.double({ min: 0.01, max: 100, noNaN: true }), (given, scale) => {
				const number = effectiveNumber(given);
				expect(number).toBeGreaterThan(1 - 1e-9);
				expect(number).toBeLessThan(given.length + 1e-6);
				expect(effectiveNumber([...given].reverse().map((weight) => weight * scale))).toBeCloseTo(number, 6);
			})
		);
	});

	it('is all of them when they are alike, and grows by nothing that has no weight', () => {
		for (const count of [1, 2, 7, 16]) {
			const alike = Array.from({ length: count }, () => 3);
			expect(effectiveNumber(alike)).toBeCloseTo(count, 9);
			expect(entropyBits([...alike, 0])).toBeCloseTo(Math.log2(count), 9);
		}
	});

	it('is a published example: a loaded die of Shannon’s', () => {
		// Weights 1/2, 1/4, 1/8, 1/8 have 1.75 bits (Shannon 1948, Bell System Technical Journal 27, section 6).
		expect(entropyBits([4, 2, 1, 1])).toBeCloseTo(1.75, 12);
	});
});
