import { feetFromMetres, fahrenheitFromCelsius, inchFromMm } from '../units';

/** How one guide wants numbers written. Storage and computing never depend on it. */
export interface UnitSettings {
	/** mm, cm, metres and °C, or inches, feet and °F. */
	system: 'metric' | 'imperial';
	/** Tippet as X or as a diameter in the system's length. */
	tippet: 'X' | 'diameter';
	/** A fly's size as its hook, as the length it is dressed, or both. */
	size: 'hook' | 'length' | 'both';
}

export const METRIC: UnitSettings = { system: 'metric', tippet: 'X', size: 'hook' };

/** A value that is written in the guide's units when it is shown. The unit is in the key. */
export type Quantity =
	| { lengthMm: number }
	/** The length of a fish, told in whole centimetres or inches. */
	| { fishMm: number }
	| { temperatureC: number }
	/** A difference of temperatures, told without its sign. */
	| { apartC: number }
	| { distanceM: number }
	/** A way along the ground: told in kilometres or miles from one of them on. */
	| { wayM: number }
	| { levelM: number }
	| { windMs: number }
	/** Of water: told in m/s, or feet in a second, where miles in an hour would be too coarse. */
	| { currentMs: number }
	| { hookSize: number }
	| { tippetMm: number }
	/** Breaking strain in newtons, told as the mass that hangs on it. */
	| { strengthN: number }
	| { count: number }
	/** Told as a word. */
	| { probability: number };

/** A quantity that has a unit, or is a plain count. */
export type Measured = Exclude<Quantity, { probability: number }>;

/**
 * Writes one quantity with its unit.
 *
 * `measured({ temperatureC: 9.8 }, METRIC)` is `9.8 °C`.
 */
export function measured(quantity: Measured, units: UnitSettings): string {
	const metric = units.system === 'metric';
	if ('lengthMm' in quantity)
		return metric ? `${trim(quantity.lengthMm, 1)} mm` : `${trim(inchFromMm(quantity.lengthMm), 2)} in`;
	if ('fishMm' in quantity)
		return metric
			? `${Math.round(quantity.fishMm / 10)} cm`
			: `${Math.round(inchFromMm(quantity.fishMm))} in`;
	if ('temperatureC' in quantity)
		return metric
			? `${quantity.temperatureC.toFixed(1)} °C`
			: `${fahrenheitFromCelsius(quantity.temperatureC).toFixed(0)} °F`;
	if ('apartC' in quantity) {
		const apart = Math.abs(quantity.apartC);
		return metric ? `${trim(apart, 1)} °C` : `${(1.8 * apart).toFixed(0)} °F`;
	}
	if ('distanceM' in quantity)
		return metric ? metres(quantity.distanceM) : `${trim(feetFromMetres(quantity.distanceM), 1)} ft`;
	if ('wayM' in quantity) return way(quantity.wayM, metric);
	if ('levelM' in quantity) {
		const value = metric ? quantity.levelM * 100 : inchFromMm(quantity.levelM * 1000);
		return `${value > 0 ? '+' : value < 0 ? '−' : '±'}${Math.abs(Math.round(value))} ${metric ? 'cm' : 'in'}`;
	}
	if ('windMs' in quantity)
		return metric
			? `${trim(quantity.windMs, 1)} m/s`
			: `${Math.round((quantity.windMs * 3600) / MILE_M)} mph`;
	if ('currentMs' in quantity)
		return metric
			? `${trim(quantity.currentMs, 2)} m/s`
			: `${trim(feetFromMetres(quantity.currentMs), 1)} ft/s`;
	if ('hookSize' in quantity) return `#${quantity.hookSize}`;
	if ('tippetMm' in quantity) {
		if (units.tippet === 'X') return `${tippetX(quantity.tippetMm)}X`;
		return metric ? `${quantity.tippetMm.toFixed(2)} mm` : `${inchFromMm(quantity.tippetMm).toFixed(3)} in`;
	}
	if ('strengthN' in quantity) {
		const kg = quantity.strengthN / 9.80665;
		return metric ? `${trim(kg, 1)} kg` : `${trim(kg / 0.45359237, 1)} lb`;
	}
	return String(quantity.count);
}

/** Lengths of an arm and less are told in centimetres: 0.6 m for 55 to 64 cm would be too coarse for a dropper. */
function metres(distanceM: number): string {
	const cm = Math.round(distanceM * 100);
	return cm > 0 && cm < 100 ? `${cm} cm` : `${trim(distanceM, 1)} m`;
}

const KM_M = 1000;
const MILE_M = 1609.344;

function way(wayM: number, metric: boolean): string {
	if (metric) return wayM < KM_M ? `${Math.round(wayM)} m` : `${trim(wayM / KM_M, 1)} km`;
	return wayM < MILE_M ? `${Math.round(feetFromMetres(wayM))} ft` : `${trim(wayM / MILE_M, 1)} mi`;
}

/**
 * The X of a tippet diameter: diameter in inches = 0.011 − 0.001·X (the trade's custom).
 * Stouter than 0X is written 0X.
 */
export function tippetX(diameterMm: number): number {
	return Math.max(0, Math.round(11 - inchFromMm(diameterMm) * 1000));
}

const trim = (value: number, digits: number): string => String(Number(value.toFixed(digits)));
