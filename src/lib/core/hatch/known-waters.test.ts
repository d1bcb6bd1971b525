import { describe, expect, it } from 'vitest';
import type { Place, WaterKind } from '../atlas';
import { sayMessage } from '../message';
import {
	againstUsual,
	lakeAtDepthC,
	lateness,
	usualDegreeDays,
	usualWaterC,
	waterCAt
} from './water-temperature';

const at = (latitude: number, longitude: number, elevationM: number, water: WaterKind): Place => ({
	latitude,
	longitude,
	elevationM,
	water
});

/**
 * Means of months, January first, °C: rounded field values of rivers and lakes of each kind, as agencies and anglers
 * publish them. None is named; the climates of four regions were set anew after a first comparison.
 */
const KNOWN_WATERS: readonly (readonly [what: string, place: Place, months: readonly number[]])[] = [
	[
		'rain-fed river of northern England',
		at(54.5, -2.5, 150, 'freestone'),
		[4, 4, 5.5, 8, 11, 13.5, 15, 15, 12.5, 9.5, 6.5, 4.5]
	],
	[
		'chalk stream',
		at(51.2, -1.5, 60, 'spring-creek'),
		[8, 8, 9, 10.5, 12, 13.5, 14.5, 14.3, 13, 11.5, 9.8, 8.5]
	],
	[
		'river of the Alpine foreland',
		at(47.7, 11.5, 650, 'freestone'),
		[3, 3.5, 5, 7, 10, 12.5, 14, 14, 11.5, 9, 6, 3.8]
	],
	['high Alpine river', at(46.6, 9.9, 1700, 'freestone'), [1, 1, 2, 4, 6, 8, 9.5, 9.5, 7.5, 5, 2.5, 1]],
	[
		'Alpine-foreland lake, surface',
		at(47.8, 11.3, 580, 'lake'),
		[4, 3.5, 4.5, 8, 14, 18.5, 21, 21, 17.5, 13, 8.5, 5.5]
	],
	[
		'river of southern Norway',
		at(61.2, 10.5, 250, 'freestone'),
		[0.5, 0.5, 1, 3, 7, 11, 14.5, 14, 10, 5.5, 2, 0.7]
	],
	['river of Lapland', at(67.5, 23, 250, 'freestone'), [0, 0, 0, 0.7, 4, 11, 14.5, 13, 8, 3, 0.5, 0]],
	['river of central Spain', at(41, -2, 800, 'freestone'), [5, 6, 8, 10, 13, 16.5, 19, 19, 16, 12, 8, 5.5]],
	[
		'freestone of the northeastern States',
		at(41.9, -74.8, 350, 'freestone'),
		[1, 1, 3, 7.5, 12.5, 16.5, 19, 18.5, 15, 10.5, 6, 2.5]
	],
	[
		'tailwater of the northeastern States',
		at(42, -75.2, 350, 'tailwater'),
		[3.5, 3.5, 4, 5, 7, 8.5, 9.5, 10.5, 11, 10.5, 8, 5]
	],
	[
		'freestone of the northern Rockies',
		at(46.5, -114, 1050, 'freestone'),
		[1, 2, 4, 6.5, 9, 11.5, 15.5, 15.5, 12, 7.5, 3.5, 1.3]
	],
	[
		'tailwater of the northern Rockies',
		at(45.3, -107.9, 970, 'tailwater'),
		[4, 3.5, 4, 5, 6.5, 9, 11.5, 13, 13.5, 11.5, 8.5, 5.5]
	],
	[
		'spring creek of the Rockies',
		at(45.5, -110.6, 1430, 'spring-creek'),
		[7, 7.5, 8.5, 9.5, 10.5, 11.5, 12, 12, 11, 10, 8.5, 7.5]
	],
	[
		'interior lake of British Columbia, surface',
		at(50.7, -120.3, 1150, 'lake'),
		[1.5, 1.5, 2.5, 6, 12, 16, 19, 18.5, 14.5, 9, 4, 2]
	],
	[
		'freestone of the Southern Alps, New Zealand',
		at(-44.5, 169.3, 350, 'freestone'),
		[14, 14, 12, 9.5, 7, 5, 4.5, 5.5, 7.5, 9, 11, 13]
	],
	[
		'lake of northern New Zealand, surface',
		at(-38.7, 176, 360, 'lake'),
		[19, 20, 19, 17, 14.5, 12.5, 11, 11, 12, 13.5, 15.5, 17.5]
	],
	[
		'mountain river of south-east Australia',
		at(-36.6, 148, 900, 'freestone'),
		[17, 17, 14.5, 11, 8, 6, 5, 6, 8.5, 11, 13.5, 15.5]
	],
	[
		'freestone of northern Patagonia',
		at(-40.2, -71.3, 750, 'freestone'),
		[15, 15, 13, 10, 7.5, 5.5, 5, 5.5, 7, 9, 11.5, 13.5]
	],
	[
		'mountain stream of central Honshu',
		at(36.8, 139, 600, 'freestone'),
		[3.5, 3.5, 5.5, 9, 12, 14.5, 17.5, 18.5, 16, 12, 8.5, 5.5]
	]
];

const monthMean = (place: Place, month: number): number => {
	const days = [5, 15, 25].flatMap((day) =>
		[0, 6, 12, 18].map((hour) => usualWaterC(place, new Date(Date.UTC(2026, month, day, hour))))
	);
	return days.reduce((sum, c) => sum + c, 0) / days.length;
};

describe('the temperature of waters, month by month', () => {
	const errors = KNOWN_WATERS.map(([what, place, months]) => ({
		what,
		off: months.map((known, month) => monthMean(place, month) - known)
	}));

	it('is known of at least twelve kinds of waters', () => {
		expect(KNOWN_WATERS.length).toBeGreaterThanOrEqual(12);
	});

	it.each(errors)('of a $what is within 3.5 °C in every month', ({ off }) => {
		expect(Math.max(...off.map(Math.abs)), off.map((c) => c.toFixed(1)).join(' ')).toBeLessThanOrEqual(3.5);
	});

	it('is within 2 °C on the mean', () => {
		const all = errors.flatMap(({ off }) => off.map(Math.abs));
		expect(all.reduce((sum, c) => sum + c, 0) / all.length).toBeLessThanOrEqual(2);
	});

	it('of an outflow is never under 3 °C in summer, however high and cold the valley', () => {
		for (let elevationM = 0; elevationM <= 2700; elevationM += 300)
			for (const [latitude, month] of [
				[40, 6],
				[50, 7],
				[65, 6],
				[-45, 0]
			] as const)
				expect(
					usualWaterC(at(latitude, -111, elevationM, 'tailwater'), new Date(Date.UTC(2026, month, 15)))
				).toBeGreaterThan(3);
	});

	it('lies at 4 °C below a winter lake, and between surface and 4 °C below a summer one', () => {
		const lake = at(47.8, 11.3, 580, 'lake');
		const [winter, summer] = [new Date('2026-02-01T12:00Z'), new Date('2026-08-01T12:00Z')];
		expect(lakeAtDepthC(lake, winter, 15)).toBeCloseTo(4, 1);
		const deep = lakeAtDepthC(lake, summer, 15);
		expect(deep).toBeGreaterThan(4);
		expect(deep).toBeLessThan(usualWaterC(lake, summer) - 8);
	});

	it('passes through what was measured now, and comes back to the usual in the weeks after', () => {
		const river = at(47.7, 11.5, 650, 'freestone');
		const noon = new Date('2026-05-10T12:00Z');
		const measured = { waterC: usualWaterC(river, noon) - 3, at: noon };
		const after = (days: number) => {
			const then = new Date(noon.getTime() + days * 86_400_000);
			return waterCAt(river, then, measured) - usualWaterC(river, then);
		};
		expect(after(0)).toBeCloseTo(-3, 6);
		expect(after(5)).toBeLessThan(-1.5);
		expect(Math.abs(after(40))).toBeLessThan(0.3);
	});

	it('makes the year late by degree-days: two degrees colder than nine is about six days', () => {
		const river = at(47.7, 11.5, 650, 'freestone');
		const day = Array.from({ length: 200 }, (_, i) => new Date(Date.UTC(2026, 0, 1 + i, 12))).find(
			(at) => usualWaterC(river, at) > 9
		) as Date;
		const late = lateness(river, day, { waterC: usualWaterC(river, day) - 2, at: day });
		expect(late).toBeGreaterThan(4.5);
		expect(late).toBeLessThan(7.5);
		expect(lateness(river, day)).toBeCloseTo(0, 9);
		expect(lateness(river, day, { waterC: usualWaterC(river, day) + 2, at: day })).toBeCloseTo(-late, 6);
	});

	it('gathers degree-days: none before the year, as many a day as its degrees, fewer where it is colder', () => {
		const low = at(47.7, 11.5, 400, 'freestone');
		const high = at(47.7, 11.5, 1600, 'freestone');
		expect(usualDegreeDays(low, 0)).toBe(0);
		const july = usualDegreeDays(low, 200) - usualDegreeDays(low, 199);
		expect(Math.abs(july - usualWaterC(low, new Date('2026-07-19T07:00Z')))).toBeLessThan(3);
		for (const day of [60, 120, 180, 300]) {
			expect(usualDegreeDays(high, day)).toBeLessThan(usualDegreeDays(low, day));
			expect(usualDegreeDays(low, day + 1)).toBeGreaterThanOrEqual(usualDegreeDays(low, day));
		}
	});

	it('is told against the usual, with what it means for hatches', () => {
		const river = at(47.7, 11.5, 650, 'freestone');
		const noon = new Date('2026-05-10T12:00Z');
		const usual = usualWaterC(river, noon);
		const told = (waterC: number) => {
			const message = againstUsual(river, noon, { waterC, at: noon });
			return message && sayMessage(message);
		};
		expect(told(usual - 2)).toMatch(/^2 °C colder than usual: about [4-7] days later$/);
		expect(told(usual + 2)).toMatch(/^2 °C warmer than usual: about [4-7] days earlier$/);
		expect(told(usual + 0.5)).toBeUndefined();
		// What was measured last week still tells, and a measurement of today goes before it.
		const before = new Date(noon.getTime() - 6 * 86_400_000);
		const lastWeek = { waterC: usualWaterC(river, before) - 4, at: before };
		const remembered = againstUsual(river, noon, lastWeek);
		expect(remembered && sayMessage(remembered)).toMatch(/^[123](\.\d)? °C colder than usual/);
		expect(againstUsual(river, noon, { waterC: usual, at: noon }, lastWeek)).toBeUndefined();
	});
});
