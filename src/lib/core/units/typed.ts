import { celsiusFromFahrenheit, metresFromFeet, mmFromInch } from './convert';

/** What a guide may type a number of. */
export type Measure =
	'temperatureC' | 'distanceM' | 'levelM' | 'windMs' | 'currentMs' | 'lengthMm' | 'fishMm';

type Convert = (value: number) => number;
const same: Convert = (value) => value;
const times =
	(factor: number): Convert =>
	(value) =>
		value * factor;
const MPH_MS = 1609.344 / 3600;
const KNOT_MS = 1852 / 3600;

const LENGTHS_IN_MM: Readonly<Record<string, Convert>> = {
	mm: same,
	cm: times(10),
	m: times(1000),
	in: mmFromInch,
	'"': mmFromInch
};
const LENGTHS_IN_M: Readonly<Record<string, Convert>> = {
	m: same,
	cm: times(0.01),
	mm: times(0.001),
	ft: metresFromFeet,
	"'": metresFromFeet,
	in: (inch) => mmFromInch(inch) / 1000,
	'"': (inch) => mmFromInch(inch) / 1000
};

/** Units that each measure may be typed in, and the one that is meant where none is typed. */
const MEASURES: Record<
	Measure,
	{ units: Readonly<Record<string, Convert>>; meant: Record<'metric' | 'imperial', string> }
> = {
	temperatureC: {
		units: { '°c': same, c: same, '°f': celsiusFromFahrenheit, f: celsiusFromFahrenheit },
		meant: { metric: 'c', imperial: 'f' }
	},
	distanceM: { units: LENGTHS_IN_M, meant: { metric: 'm', imperial: 'ft' } },
	levelM: { units: LENGTHS_IN_M, meant: { metric: 'cm', imperial: 'in' } },
	windMs: {
		units: { 'm/s': same, mph: times(MPH_MS), 'km/h': times(1 / 3.6), kn: times(KNOT_MS) },
		meant: { metric: 'm/s', imperial: 'mph' }
	},
	currentMs: {
		units: { 'm/s': same, 'ft/s': metresFromFeet, 'cm/s': times(0.01) },
		meant: { metric: 'm/s', imperial: 'ft/s' }
	},
	lengthMm: { units: LENGTHS_IN_MM, meant: { metric: 'mm', imperial: 'in' } },
	fishMm: { units: LENGTHS_IN_MM, meant: { metric: 'cm', imperial: 'in' } }
};

const NUMBER = /^([+\-−±]?)\s*(\d{1,6}(?:[.,]\d{1,6})?|[.,]\d{1,6})\s*([^\d\s.,][^\d]*)?$/;

/**
 * What somebody typed as a number of something, in the core's unit: in the guide's units unless another is typed after
 * it. A comma is a decimal point; undefined when it does not read as a number of that.
 *
 * `typedMeasure('temperatureC', '11,5', METRIC)` is 11.5; `typedMeasure('temperatureC', '52 °F', METRIC)` is 11.1.
 */
export function typedMeasure(
	measure: Measure,
	text: string,
	{ system }: { system: 'metric' | 'imperial' }
): number | undefined {
	const [, sign, digits, unit] = NUMBER.exec(text.trim().slice(0, 40)) ?? [];
	if (digits === undefined) return undefined;
	const { units, meant } = MEASURES[measure];
	const named = unit?.trim().toLowerCase() ?? meant[system];
	const convert = Object.hasOwn(units, named) ? units[named] : undefined;
	const value = Number(digits.replace(',', '.')) * (sign === '-' || sign === '−' ? -1 : 1);
	return convert && Number.isFinite(value) ? Number(convert(value).toFixed(6)) : undefined;
}
