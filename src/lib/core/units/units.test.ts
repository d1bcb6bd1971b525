import { describe, expect, it } from 'vitest';
import {
	celsiusFromFahrenheit,
	fahrenheitFromCelsius,
	mmFromInch,
	inchFromMm,
	metresFromFeet,
	feetFromMetres
} from './convert';
import { instantOn, isTimeZone, localClock, localDay } from './local-time';
import { METRIC, probabilityWord, sayPhrase, showQuantity, tippetX, type UnitSettings } from './phrase';
import fc from 'fast-check';

const IMPERIAL: UnitSettings = { system: 'imperial', tippet: 'diameter', size: 'both' };

describe('units at the edge', () => {
	it('converts there and back without loss', () => {
		fc.assert(
			fc.property(fc.double({ min: -50, max: 200, noNaN: true }), (x) => {
				expect(celsiusFromFahrenheit(fahrenheitFromCelsius(x))).toBeCloseTo(x, 9);
				expect(mmFromInch(inchFromMm(x))).toBeCloseTo(x, 9);
				expect(metresFromFeet(feetFromMetres(x))).toBeCloseTo(x, 9);
			})
		);
	});

	it('writes a reason in the units of the guide who reads it', () => {
		const phrase = {
			say: 'Natural {n} in water of {w}',
			with: { n: { lengthMm: 7 }, w: { temperatureC: 9.8 } }
		};
		expect(sayPhrase(phrase, METRIC)).toBe('Natural 7 mm in water of 9.8 °C');
		expect(sayPhrase(phrase, IMPERIAL)).toBe('Natural 0.28 in in water of 50 °F');
	});

	it('refuses a sentence with a number missing', () => {
		expect(() => sayPhrase({ say: 'Water {w}' })).toThrow('{w}');
	});

	it.each([
		[{ levelM: 0.12 }, '+12 cm', '+5 in'],
		[{ levelM: -0.05 }, '−5 cm', '−2 in'],
		[{ distanceM: 1.4 }, '1.4 m', '4.6 ft'],
		[{ windMs: 2 }, '2 m/s', '4 mph'],
		[{ tippetMm: 0.127 }, '6X', '0.005 in'],
		[{ hookSize: 18 }, '#18', '#18'],
		[{ count: 14 }, '14', '14']
	])('writes %o', (quantity, metric, imperial) => {
		expect(showQuantity(quantity, METRIC)).toBe(metric);
		expect(showQuantity(quantity, IMPERIAL)).toBe(imperial);
	});

	it('gives the customary X of the usual diameters', () => {
		expect([0.279, 0.178, 0.152, 0.127, 0.102].map(tippetX)).toEqual([0, 4, 5, 6, 7]);
	});

	it('speaks of chances in words that only ever climb', () => {
		const words = ['hardly', 'unlikely', 'could be', 'likely', 'almost surely'];
		const ranks = [0, 0.05, 0.2, 0.5, 0.9].map((p) => words.indexOf(probabilityWord(p)));
		expect(ranks).toEqual([0, 1, 2, 3, 4]);
	});
});

describe('a clock time on a local day', () => {
	it('is right on ordinary days, on those the clocks change, and whatever was asked before', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('Europe/Zurich', 'America/Denver', 'UTC', 'Asia/Kathmandu', 'Atlantic/Azores'),
				fc.date({ min: new Date('2000-01-01'), max: new Date('2030-01-01'), noInvalidDate: true }),
				(timeZone, at) => {
					const minute = new Date(Math.floor(at.getTime() / 60_000) * 60_000);
					const [hours = 0, minutes = 0] = localClock(minute, timeZone).split(':').map(Number);
					const told = instantOn(localDay(minute, timeZone), timeZone, hours, minutes);
					expect(localClock(told, timeZone)).toBe(localClock(minute, timeZone));
					// An hour that comes twice may be meant either way.
					expect([0, 60, -60]).toContain((told.getTime() - minute.getTime()) / 60_000);
				}
			)
		);
		expect(instantOn('2026-03-29', 'Europe/Zurich', 12)).toEqual(new Date('2026-03-29T10:00:00Z'));
		expect(instantOn('2026-10-25', 'Europe/Zurich', 12)).toEqual(new Date('2026-10-25T11:00:00Z'));
	});

	it('knows which time zones there are', () => {
		expect(isTimeZone('Europe/Zurich')).toBe(true);
		for (const name of ['', 'Moon/Tranquillity', 'Europe/Zurich ']) expect(isTimeZone(name)).toBe(false);
	});
});
