import libraryCdf from '@stdlib/stats-base-dists-gamma-cdf';
import libraryLnGamma from '@stdlib/math-base-special-gammaln';
import { describe, expect, it } from 'vitest';
import { gammaAbove, lnGamma } from './gamma-function';

describe('the gamma function', () => {
	it('of whole numbers is the factorial below', () => {
		let factorial = 1;
		for (let n = 1; n < 20; n++) {
			expect(lnGamma(n) - Math.log(factorial)).toBeCloseTo(0, 11);
			factorial *= n;
		}
		expect(lnGamma(0.5)).toBeCloseTo(Math.log(Math.PI) / 2, 13);
	});

	it('agrees with a library from a thousandth to ten thousand', () => {
		for (let x = 0.001; x < 1e4; x *= 1.37) {
			const library = libraryLnGamma(x);
			expect(Math.abs(lnGamma(x) - library), `at ${x}`).toBeLessThan(1e-11 * Math.max(1, Math.abs(library)));
		}
	});

	it('is told where it is not asked for', () => {
		expect(() => lnGamma(0)).toThrow(RangeError);
		expect(() => lnGamma(Number.NaN)).toThrow(RangeError);
		expect(() => gammaAbove(-1, 2)).toThrow(RangeError);
	});
});

describe('the chance of more than x', () => {
	it('of an exponential is exp(−x)', () => {
		for (const x of [0, 1e-9, 0.5, 1.99, 2.01, 10, 50])
			expect(gammaAbove(x, 1) / Math.exp(-x), `at ${x}`).toBeCloseTo(1, 12);
	});

	it('agrees with a library on both sides of its mean, for every shape', () => {
		for (const shape of [0.3, 0.8, 1, 1.3, 2, 3.5, 6, 11, 20, 40])
			for (let x = 0.01; x < 6 * shape + 10; x *= 1.31)
				expect(Math.abs(gammaAbove(x, shape) - (1 - libraryCdf(x, shape, 1))), `${shape}, ${x}`).toBeLessThan(
					1e-12
				);
	});
});
