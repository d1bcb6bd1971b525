import fc from 'fast-check';
import { expect, it } from 'vitest';
import { sizeHistogram } from './size-histogram';

it('counts lengths by half millimetres, gaps among them', () => {
	expect(sizeHistogram([5.1, 5.4, 5.5, 7.2])).toEqual([
		{ fromMm: 5, count: 2 },
		{ fromMm: 5.5, count: 1 },
		{ fromMm: 6, count: 0 },
		{ fromMm: 6.5, count: 0 },
		{ fromMm: 7, count: 1 }
	]);
	expect(sizeHistogram([])).toEqual([]);
	expect(sizeHistogram([6])).toEqual([{ fromMm: 6, count: 1 }]);
});

it('counts every animal once, in the bar that it falls into', () => {
	fc.assert(
		fc.property(fc.array(fc.integer({ min: 5, max: 1200 }), { minLength: 1, maxLength: 60 }), (tenths) => {
			const lengths = tenths.map((tenth) => tenth / 10);
			const bars = sizeHistogram(lengths);
			expect(bars.reduce((sum, { count }) => sum + count, 0)).toBe(lengths.length);
			for (const { fromMm, count } of bars)
				expect(lengths.filter((mm) => mm >= fromMm && mm < fromMm + 0.5)).toHaveLength(count);
		})
	);
});
