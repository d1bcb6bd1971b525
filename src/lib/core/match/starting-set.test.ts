import { describe, expect, it } from 'vitest';
import { findTaxon } from '../atlas';
import { BROOK, LAKE, RIVER } from '../../../../tests/support/story';
import { PATTERNS, STYLES } from '../tackle';
import { startingSet } from './starting-set';

const flies = (place = RIVER, month = 5) => startingSet(place, 2026, month, 'UTC');
const styles = (...args: Parameters<typeof flies>) =>
	new Set(flies(...args).map(({ patternId }) => PATTERNS.find(({ id }) => id === patternId)?.style));

describe('a starting set', () => {
	it('is a box of flies that exist, in sizes they are tied in, a few of each', () => {
		for (const place of [RIVER, BROOK, LAKE])
			for (const month of [1, 5, 8, 11]) {
				const set = flies(place, month);
				expect(set.length).toBeGreaterThanOrEqual(6);
				expect(set.reduce((sum, { count }) => sum + count, 0)).toBeLessThanOrEqual(90);
				expect(new Set(set.map(({ patternId, hookSize }) => `${patternId} ${hookSize}`)).size).toBe(
					set.length
				);
				for (const { patternId, hookSize, count } of set) {
					expect(PATTERNS.find(({ id }) => id === patternId)?.sizes).toContain(hookSize);
					expect(count).toBeGreaterThanOrEqual(2);
				}
			}
	});

	it('is another one in another month and on another water', () => {
		expect(flies(RIVER, 5)).not.toEqual(flies(RIVER, 8));
		expect(flies(RIVER, 5)).not.toEqual(flies(LAKE, 5));
		expect(findTaxon('chironomidae')).toBeDefined();
		expect(
			[...styles(LAKE, 6)].some((style) => style && /pupa|midge/.test(`${style} ${STYLES[style].name}`))
		).toBe(true);
	});

	it('names a month that is none', () => {
		expect(() => flies(RIVER, 13)).toThrow(/13 is no month/);
	});
});
