import { describe, expect, it } from 'vitest';
import {
	celsiusFromFahrenheit,
	fahrenheitFromCelsius,
	METRIC,
	mmFromInch,
	inchFromMm,
	metresFromFeet,
	feetFromMetres,
	probabilityWord,
	sayPhrase,
	showQuantity,
	tippetX,
	type UnitSettings
} from '.';
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
