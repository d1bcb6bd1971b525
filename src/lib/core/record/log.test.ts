import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { monthWeeks } from './month';
import { patternsOfStyle, searchTerms } from './search-words';
import { localNamesOf, TAXA } from '../atlas';
import { ownPattern, PATTERNS, STYLE_IDS } from '../tackle';

describe('the words of a search', () => {
	it('may mean an insect by any name, a stage, a month, a fly or its style', () => {
		const [olive, dun, may, parachute] = searchTerms('Olive dun MAY parachute');
		expect(olive?.taxa).toContain('baetis');
		expect(dun?.stages).toEqual(['dun']);
		expect(may?.months).toEqual([5]);
		expect(parachute?.patterns.length).toBeGreaterThan(3);
		for (const id of parachute?.patterns ?? [])
			expect(PATTERNS.find((pattern) => pattern.id === id)?.name).toMatch(/parachute/i);
	});

	it('know what only some region says, and what a guide calls an insect or a fly', () => {
		const [local] = localNamesOf('perla');
		const [first] = searchTerms((local?.name ?? '').split(' ')[0] ?? '');
		expect(first?.taxa).toContain('perla');
		const names = [{ id: '1', taxonId: 'perla', name: 'Zorble', mine: true }];
		expect(searchTerms('zorble', names)[0]?.taxa).toEqual(['perla']);
		const own = ownPattern('mine', { name: 'Evening rust', style: 'spent-wing', belly: 'rust' }, [16]);
		expect(searchTerms('evening', [], [own])[0]?.patterns).toEqual(['mine']);
	});

	it('mean no insect when they begin nearly everything, and are few', () => {
		expect(searchTerms('a')[0]?.taxa).toEqual([]);
		expect(searchTerms('x '.repeat(50)).length).toBeLessThanOrEqual(8);
		expect(searchTerms('  ')).toEqual([]);
		fc.assert(
			fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (words) => {
				for (const { text, taxa } of searchTerms(words)) {
					expect(text).not.toMatch(/\s/);
					expect(taxa.length).toBeLessThan(TAXA.length);
				}
			}),
			{ numRuns: 50 }
		);
	});

	it('find the flies of each style', () => {
		const all = STYLE_IDS.flatMap((style) => patternsOfStyle(style, []));
		expect([...all].sort()).toEqual(PATTERNS.map(({ id }) => id).sort());
	});
});

describe('a page of the calendar', () => {
	it('holds whole weeks from Monday, with its neighbours and what is on each day', () => {
		const page = monthWeeks('2026-05', [
			{ day: '2026-05-19', what: 'first' },
			{ day: '2026-05-19', what: 'second' },
			{ day: '2026-07-01', what: 'elsewhere' }
		]);
		expect(page).toMatchObject({ name: 'May 2026', before: '2026-04', after: '2026-06' });
		expect(page.weeks[0]?.[0]).toEqual({ day: '2026-04-27', date: 27, within: false, items: [] });
		expect(page.weeks.at(-1)?.at(-1)?.day).toBe('2026-05-31');
		const days = page.weeks.flat();
		expect(days.find(({ day }) => day === '2026-05-19')?.items.map(({ what }) => what)).toEqual([
			'first',
			'second'
		]);
		expect(days.flatMap(({ items }) => items)).toHaveLength(2);
	});

	it('has every day of its month once, in any month', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1990, max: 2100 }), fc.integer({ min: 1, max: 12 }), (year, month) => {
				const { weeks } = monthWeeks(`${year}-${String(month).padStart(2, '0')}`, []);
				for (const week of weeks) expect(week).toHaveLength(7);
				const within = weeks.flat().filter((day) => day.within);
				expect(within.map(({ date }) => date)).toEqual(
					Array.from({ length: new Date(year, month, 0).getDate() }, (_, i) => i + 1)
				);
			})
		);
	});
});
