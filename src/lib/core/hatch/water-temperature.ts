import { dayOfYear, solarHour, type Place, type WaterKind } from '../atlas';

/**
 * Seasonal and daily swing of water temperature by kind of water, in °C. Shapes after Caissie, D. (2006), The
 * thermal regime of rivers: a review, Freshwater Biology 51, 1389–1406; sizes are field rules for 47° N.
 */
const REGIMES: Record<WaterKind, { mean: number; yearSwing: number; daySwing: number }> = {
	freestone: { mean: 7.5, yearSwing: 5.5, daySwing: 1.6 },
	tailwater: { mean: 8, yearSwing: 2.5, daySwing: 0.5 },
	'spring-creek': { mean: 9.5, yearSwing: 2.5, daySwing: 1.2 },
	lake: { mean: 10, yearSwing: 8.5, daySwing: 0.6 }
};
const WARMEST_DAY = 205;
const WARMEST_SOLAR_HOUR = 15.5;
/** Cooler by half a degree for each 100 m above 500 m. */
const LAPSE_C_PER_M = 0.005;

/** The temperature to expect when nobody has measured: °C at a place and instant. */
export function usualWaterC(place: Place, at: Date): number {
	const { mean, yearSwing, daySwing } = REGIMES[place.water];
	const warmest = place.latitude < 0 ? WARMEST_DAY - 182.6 : WARMEST_DAY;
	const year = Math.cos((2 * Math.PI * (dayOfYear(place, at) - warmest)) / 365.25);
	const day = Math.cos((2 * Math.PI * (solarHour(place, at) - WARMEST_SOLAR_HOUR)) / 24);
	const cooler = (place.elevationM - 500) * LAPSE_C_PER_M;
	return Math.max(0.5, mean - cooler + yearSwing * year + daySwing * day);
}

/** The day's temperature at another instant, given one measurement of it: the usual curve, moved to pass through it. */
export function waterCAt(place: Place, at: Date, measured?: { waterC: number; at: Date }): number {
	const usual = usualWaterC(place, at);
	return measured ? usual + measured.waterC - usualWaterC(place, measured.at) : usual;
}
