import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourLikeness } from './likeness';
import type { Lab } from '../atlas';

describe('the likeness of two colours', () => {
	const colour = fc.record({
		l: fc.double({ min: 0, max: 100, noNaN: true }),
		a: fc.double({ min: -60, max: 60, noNaN: true }),
		b: fc.double({ min: -60, max: 60, noNaN: true })
	});

	it('is whole for the same, the same both ways, and never nothing', () => {
		fc.assert(
			fc.property(colour, colour, (one: Lab, other: Lab) => {
				expect(colourLikeness(one, one)).toBeCloseTo(1, 9);
				expect(colourLikeness(one, { ...other })).toBeCloseTo(colourLikeness({ ...other }, one), 9);
				expect(colourLikeness(one, { ...other })).toBeGreaterThan(0);
			})
		);
	});

	it('falls as a belly grows paler than the natural’s', () => {
		const natural: Lab = { l: 45, a: 2, b: 20 };
		const likenesses = [0, 5, 10, 20, 40].map((paler) =>
			colourLikeness(natural, { ...natural, l: 45 + paler })
		);
		expect(likenesses).toEqual([...likenesses].sort((a, b) => b - a));
	});
});
