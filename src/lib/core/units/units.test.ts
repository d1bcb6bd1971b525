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
import fc from 'fast-check';

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
