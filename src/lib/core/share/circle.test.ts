import { said } from '../../../../tests/support/said';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	seasonRows,
	seasonYear,
	weekBesideUsual,
	tellFlies,
	finestOf,
	isFiner,
	PRECISIONS,
	type HatchRecord,
	type Precision
} from '../record';
import { dayTold, latestOfEach } from './board';
import { coarsen } from './coarsen';
import { appearsAt, EMBARGOES } from './embargo';
import { gatherEvents, weighNames } from './events';
import { DEMO_TIME_ZONE } from '$lib/simulate';
import { sayMessage } from '../message';

const record: HatchRecord = {
	taxonId: 'baetis',
	stage: 'dun',
	day: '2026-05-19',
	timeZone: DEMO_TIME_ZONE,
	firstSeen: new Date('2026-05-19T12:10:00Z'),
	mostSeen: new Date('2026-05-19T13:20:00Z'),
	lastSeen: new Date('2026-05-19T14:40:00Z'),
	abundance: 'many',
	conditions: {},
	riseForms: [],
	taken: 0.6,
	flies: [],
	place: {
		precision: 'exact',
		basin: 'Ovrane basin',
		water: 'Ovrane',
		reach: 'Alder Bend',
		latitude: 47.17,
		longitude: -20.33
	}
};
const at = new Date('2026-05-19T15:00:00Z');

describe('a share that is held back', () => {
	it('never appears before it was shared, whatever the embargo, the hour or the height', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...EMBARGOES),
				fc.integer({ min: 0, max: 3000 }),
				fc.integer({ min: 0, max: 365 * 24 }),
				(embargo, elevationM, hours) => {
					const when = new Date(at.getTime() + hours * 3_600_000);
					expect(appearsAt(record, embargo, when, elevationM, 'water').getTime()).toBeGreaterThanOrEqual(
						when.getTime()
					);
				}
			)
		);
	});

	it('waits for nine in the evening, for days, or for the end of the hatch, later higher up', () => {
		const tonight = appearsAt(record, 'tonight', at, 720, 'water');
		expect(tonight.getTime() - at.getTime()).toBeLessThan(12 * 3_600_000);
		expect(tonight > at).toBe(true);
		const late = new Date(tonight.getTime() + 60_000);
		expect(appearsAt(record, 'tonight', late, 720, 'water')).toEqual(late);
		expect(appearsAt(record, 'days-3', at, 720, 'water').getTime() - at.getTime()).toBe(3 * 86_400_000);
		const over = appearsAt(record, 'after-hatch', at, 500, 'water');
		expect(over.getTime() - at.getTime()).toBeGreaterThan(6 * 86_400_000);
		expect(appearsAt(record, 'after-hatch', at, 1100, 'water') > over).toBe(true);
	});

	it('waits for the end of a southern hatch south of the equator', () => {
		const over = appearsAt(record, 'after-hatch', at, 500, 'water');
		const south = { ...record, place: { ...record.place, latitude: -record.place.latitude } };
		// The same insect half a year later on the other half of the earth, held back for as long.
		const later = (date: Date) => new Date(date.getTime() + 182.625 * 86_400_000);
		const spring = { ...south, mostSeen: later(record.mostSeen) };
		const there = appearsAt(spring, 'after-hatch', later(at), 500, 'water');
		expect(Math.abs(there.getTime() - later(over).getTime())).toBeLessThan(17 * 86_400_000);
		expect(there.getTime() - spring.mostSeen.getTime()).toBeGreaterThan(20 * 86_400_000);
	});

	it('does not tell the height of the reach by the day on which the hatch is over', () => {
		const days = Array.from({ length: 600 }, (_, i) =>
			appearsAt(record, 'after-hatch', at, 400 + i, 'water')
		);
		expect(new Set(days.map((day) => day.getTime())).size).toBeLessThanOrEqual(4);
		for (const day of days) expect([1, 16]).toContain(day.getUTCDate());
	});
});

describe('how fine a share is', () => {
	it('is in one order, from the exact place to the season', () => {
		expect(finestOf([])).toBeUndefined();
		fc.assert(
			fc.property(fc.array(fc.constantFrom(...PRECISIONS), { minLength: 1 }), (precisions) => {
				const finest = finestOf(precisions);
				for (const precision of precisions) expect(finest && isFiner(precision, finest)).toBe(false);
				expect(precisions).toContain(finest);
			})
		);
	});
});

describe('one event that several saw', () => {
	const seen = (author: string, precision: Precision, more: Partial<HatchRecord> = {}) => ({
		circleId: 'c',
		author,
		record: coarsen({ ...record, ...more }, precision)
	});

	it('is put together when taxon, stage, day and water are the same, and kept apart otherwise', () => {
		const events = gatherEvents([
			seen('Ines', 'reach'),
			seen('Mira', 'water'),
			seen('Jorun', 'water', { day: '2026-05-18' }),
			seen('Tomas', 'water', { stage: 'spinner' }),
			seen('Mira', 'reach', { place: { ...record.place, reach: 'Slatefall Gorge' } })
		]);
		expect(events.map((event) => event.seen.map(({ author }) => author))).toEqual([
			['Ines', 'Mira'],
			['Jorun'],
			['Tomas'],
			['Mira']
		]);
	});

	it('is not put together from what hides its water', () => {
		for (const precision of PRECISIONS.filter((step) => step === 'basin' || step === 'season'))
			expect(gatherEvents([seen('Ines', precision), seen('Mira', precision)])).toHaveLength(2);
	});

	it('loses nothing and doubles nothing', () => {
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.constantFrom('Ines', 'Mira', 'Tomas'), fc.constantFrom(...PRECISIONS)), {
					maxLength: 12
				}),
				(given) => {
					const items = given.map(([author, precision]) => seen(author, precision));
					expect(new Set(gatherEvents(items).flatMap((event) => event.seen))).toEqual(new Set(items));
					expect(gatherEvents(items).flatMap((event) => event.seen)).toHaveLength(items.length);
				}
			)
		);
	});

	it('keeps dissent beside the name that most stand behind', () => {
		const names = weighNames(
			[{ author: 'Ines', record }],
			[
				{ author: 'Mira', reply: { kind: 'saw-it-too' } },
				{
					author: 'Tomas',
					reply: { kind: 'question', taxonId: 'rhithrogena', mark: 'two tails, spotted thighs' }
				},
				{ author: 'Tomas', reply: { kind: 'word', text: 'I was there' } }
			]
		);
		expect(names).toEqual([
			{ taxonId: 'baetis', weight: 2.2, by: ['Ines', 'Mira'] },
			{ taxonId: 'rhithrogena', weight: 1, by: ['Tomas'] }
		]);
	});
});

describe('a year of insects', () => {
	const seen = (week: number, hemisphere: 'north' | 'south') =>
		seasonRows([{ taxonId: 'baetis', at: week, count: 2 }], [], 12, hemisphere)[0]?.weeks ?? [];

	it('has every week at its own place, from the middle of its winter on', () => {
		for (const hemisphere of ['north', 'south'] as const)
			for (let week = 1; week <= 53; week++) {
				const weeks = seen(week, hemisphere);
				expect(weeks).toHaveLength(53);
				expect(weeks.filter(({ count }) => count > 0).map((cell) => cell.week)).toEqual([week]);
			}
		expect(seen(1, 'north')[0]).toMatchObject({ week: 1, count: 2 });
		expect(seen(27, 'south')[0]).toMatchObject({ week: 27, count: 2 });
		// Christmas and New Year lie side by side in the southern summer.
		const summer = seen(1, 'south').map(({ week }) => week);
		expect(summer.indexOf(1) - summer.indexOf(52)).toBe(2);
	});

	it('is called by both its years in the south', () => {
		expect(seasonYear(2026, 'north')).toBe('2026');
		expect(seasonYear(2026, 'south')).toBe('2026/27');
		expect(seasonYear(2099, 'south')).toBe('2099/00');
	});

	it('compares a week with its neighbours of earlier years over the turn of the year', () => {
		const week = (year: number, at: number, count: number) => ({ taxonId: 'baetis', year, week: at, count });
		const [row] = weekBesideUsual([week(2026, 52, 3), week(2025, 1, 4), week(2024, 52, 2)], 2027, 1);
		expect(row).toMatchObject({ now: 0 });
		// The Christmas just past is not yet a usual year; those before it are.
		expect(row?.usual).toBeGreaterThan(0);
		expect(weekBesideUsual([week(2026, 52, 3)], 2027, 1)).toEqual([]);
	});
});

describe('what many records add up to', () => {
	it('is a row for each kind, whose cells hold every record once', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						taxonId: fc.constantFrom('baetis', 'chironomidae', 'perla'),
						at: fc.integer({ min: 1, max: 53 }),
						count: fc.integer({ min: 1, max: 9 })
					}),
					{ maxLength: 60 }
				),
				(weeks) => {
					const rows = seasonRows(weeks, []);
					const sum = (list: readonly { count: number }[]) =>
						list.reduce((total, { count }) => total + count, 0);
					expect(rows.reduce((total, row) => total + sum(row.weeks), 0)).toBe(sum(weeks));
					for (const row of rows) {
						expect(sum(row.weeks)).toBe(row.total);
						for (const { share } of row.weeks) expect(share).toBeLessThanOrEqual(1);
					}
				}
			)
		);
	});

	it('says what is more, less or not yet, against earlier years, and nothing without them', () => {
		const week = (taxonId: string, year: number, count: number, at = 21) => ({
			taxonId,
			year,
			week: at,
			count
		});
		const beside = weekBesideUsual(
			[
				week('baetis', 2024, 4),
				week('baetis', 2025, 4),
				week('baetis', 2026, 9),
				week('perla', 2025, 6),
				week('chironomidae', 2026, 2),
				week('ephemera', 2025, 3, 23)
			],
			2026,
			21
		);
		expect(Object.fromEntries(beside.map(({ taxonId, says }) => [taxonId, said(says)]))).toEqual({
			baetis: 'more than usual',
			perla: 'usual, not seen yet',
			chironomidae: 'not usual yet'
		});
		expect(weekBesideUsual([week('baetis', 2026, 9)], 2026, 21)).toEqual([]);
	});

	it('shows on a board the latest of each kind and stage, its day no finer than told', () => {
		const older = coarsen({ ...record, mostSeen: new Date('2026-05-19T12:20:00Z') }, 'water');
		const newer = coarsen(record, 'water');
		expect(latestOfEach([older, newer, coarsen({ ...record, stage: 'spinner' }, 'water')], 9)).toHaveLength(
			2
		);
		expect(latestOfEach([older, newer], 9)).toEqual([newer]);
		expect(said(dayTold(newer))).toBe('Tuesday 19 May');
		expect(said(dayTold(coarsen(record, 'season')))).toBe('second half of May 2026');
	});
});

describe('the flies of a record', () => {
	it('are told once each, with what became of them; that they were tied on goes without saying', () => {
		const fly = { patternId: 'wing-up-cripple-olive', hookSize: 16 };
		const told = tellFlies([
			{ ...fly, outcome: 'tied-on', times: 1 },
			{ ...fly, outcome: 'refused', times: 1 },
			{ ...fly, outcome: 'taken', times: 2 },
			{ patternId: 'mine', name: 'Evening {rust}', hookSize: 18, outcome: 'tied-on', times: 1 }
		]);
		expect(told.map((phrase) => sayMessage(phrase))).toEqual([
			'wing-up cripple, olive #16: refused, taken × 2',
			'Evening {rust} #18'
		]);
	});
});
