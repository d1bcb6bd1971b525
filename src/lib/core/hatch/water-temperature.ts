import { words, type Message } from '../message';
import { solarHour, tableDay, type Place } from '../atlas';
import { usualAirOfDay, yearMeanAirC } from './climate';
import { BY_AIR, BY_GROUND, IN_THE_DAY, MEASURED } from './tables';

const { spring: SPRING, outflow: OUTFLOW } = BY_GROUND.values;
const { warmestHour, heldUnderC, densestC, deepFromM, ofSurface, sharp, ...daySwing } = IN_THE_DAY.values;
const { halfLifeDays, baseC, rememberedDays, mostDaysLate, worthTellingC } = MEASURED.values;

/**
 * The day's mean temperature to expect in a water when nobody has measured, °C. Rivers and lakes by a logistic of the air
 * (Mohseni, Stefan & Erickson 1998), with the lag of snowmelt and depth (Caissie 2006). Springs at the yearly mean of the
 * air, which snow keeps warmer (Allan & Castillo 2007), with some of the season on the way. Outflows of reservoirs, drawn
 * from the depth, by that mean too and never by height: near 4 °C in winter, warmest in autumn (Ward & Stanford 1979).
 */
function usualOfDay(place: Place, day: number): number {
	switch (place.water) {
		case 'freestone':
		case 'lake':
			return logistic(BY_AIR.values[place.water], place, day);
		case 'spring-creek': {
			const airC = yearMeanAirC(place);
			const snow = SPRING.ofSnow * Math.max(0, SPRING.snowFromC - airC);
			const mean = Math.max(SPRING.least, airC + SPRING.overMeanAirC + snow);
			return Math.max(SPRING.least, mean + SPRING.ofSeason * seasonOfAir(place, day - SPRING.lagDays));
		}
		case 'tailwater': {
			const mean = Math.max(OUTFLOW.meanLeast, yearMeanAirC(place) + OUTFLOW.overMeanAirC);
			const now = mean + OUTFLOW.ofSeason * seasonOfAir(place, day - OUTFLOW.lagDays);
			return Math.min(OUTFLOW.most, Math.max(OUTFLOW.least, now));
		}
	}
}

function logistic(
	{ least, most, steepestAirC, slope, lagDays }: (typeof BY_AIR.values)['freestone' | 'lake'],
	place: Place,
	day: number
): number {
	const airC = usualAirOfDay(place, day - lagDays);
	return least + (most - least) / (1 + Math.exp(slope * (steepestAirC - airC)));
}

/** How much warmer the air of a day is than the year's. */
const seasonOfAir = (place: Place, day: number): number => usualAirOfDay(place, day) - yearMeanAirC(place);

/** The temperature to expect when nobody has measured: °C at a place and instant; of a lake, at its surface. */
export function usualWaterC(place: Place, at: Date): number {
	const hour = Math.cos((2 * Math.PI * (solarHour(place, at) - warmestHour)) / 24);
	const mean = usualOfDay(place, tableDay(place, at));
	// Near freezing, ice and meltwater hold it: the sun moves it little.
	const swing = daySwing[place.water] * Math.min(1, mean / heldUnderC);
	return Math.max(0, mean + swing * hour);
}

/**
 * The warmth that a water has usually gathered from the turn of its year to a day of the tables: degree-days above 0 °C.
 * With a thermometer a guide knows by them how far this year is (Ward & Stanford 1982).
 *
 * @param day as the tables count it, 1 at the turn of the year; south of the equator half a year on
 */
export function usualDegreeDays(place: Place, day: number): number {
	let sum = 0;
	for (let d = 1; d <= day; d++) sum += Math.max(0, usualOfDay(place, d));
	return sum;
}

/**
 * The temperature to expect at a depth of a lake, °C: its surface, and below the warm layer little over the 4 °C at
 * which water is densest; in winter, under a colder surface, 4 °C (Wetzel 2001, Limnology, 3rd ed.).
 */
export function lakeAtDepthC(place: Place, at: Date, depthM: number): number {
	const surface = usualWaterC({ ...place, water: 'lake' }, at);
	const deep = densestC + ofSurface * Math.max(0, surface - densestC);
	const share = 1 / (1 + Math.exp(sharp * (deepFromM - depthM)));
	return surface + (deep - surface) * share;
}

/** One measurement of a water. */
export interface MeasuredWater {
	waterC: number;
	at: Date;
}

const DAY_MS = 86_400_000;

/**
 * The temperature of a water at an instant, given measurements of the last weeks: the usual curve, moved by what they
 * differed from it; it passes through one of that moment, and comes back to the usual in the weeks after.
 */
export const waterCAt = (place: Place, at: Date, ...measured: readonly MeasuredWater[]): number =>
	waterCurve(place, measured)(at);

/** The same at any instant, the measurements held against the usual once. */
export function waterCurve(place: Place, measured: readonly MeasuredWater[]): (at: Date) => number {
	const departed = departures(place, measured);
	return (at) => usualWaterC(place, at) + departureAt(at, departed);
}

/** How much warmer than usual a water was, °C. */
interface Departure {
	at: Date;
	apart: number;
}
const departures = (place: Place, measured: readonly MeasuredWater[]): Departure[] =>
	measured.map(({ at, waterC }) => ({ at, apart: waterC - usualWaterC(place, at) }));

/** How much warmer than usual the water is, by measurements near in time: the nearest weigh the most, °C. */
function departureAt(at: Date, departed: readonly Departure[]): number {
	let [sum, weights, nearest] = [0, 0, Infinity];
	for (const one of departed) {
		const days = Math.abs(at.getTime() - one.at.getTime()) / DAY_MS;
		// A weight without a bound at no distance: the curve passes through what was measured.
		const weight = 1 / (0.02 + days) ** 2;
		sum += weight * one.apart;
		weights += weight;
		nearest = Math.min(nearest, days);
	}
	return weights === 0 ? 0 : (sum / weights) * 0.5 ** (Math.max(0, nearest - 1) / halfLifeDays);
}

/**
 * By how many days the year is late, by its water: what a departure from the usual over the last weeks cost in
 * degree-days, at today's usual daily gain. Negative where it is early. Accumulated degree-days (Ward & Stanford 1982,
 * Thermal responses in the evolutionary ecology of aquatic insects, Annual Review of Entomology 27, 97–117).
 *
 * 2 °C colder than the usual 9 °C over three weeks is 6 days late.
 */
export function lateness(place: Place, at: Date, ...measured: readonly MeasuredWater[]): number {
	const colder = -departureAt(at, departures(place, measured));
	const gain = Math.max(1, usualOfDay(place, tableDay(place, at)) - baseC);
	const days = (colder * rememberedDays) / gain;
	return Math.max(-mostDaysLate, Math.min(mostDaysLate, days));
}

const says = words('usual', {
	colder: '{apart} colder than usual: about {days, plural, one {# day} other {# days}} later',
	warmer: '{apart} warmer than usual: about {days, plural, one {# day} other {# days}} earlier'
});
/**
 * How a water stands against the usual by what was measured, today and in the weeks before, and by how much hatches
 * shift; undefined where it is about as usual, or where nothing was measured.
 */
export function againstUsual(
	place: Place,
	at: Date,
	...measured: readonly MeasuredWater[]
): Message | undefined {
	const apart = departureAt(at, departures(place, measured));
	if (Math.abs(apart) < worthTellingC) return undefined;
	const days = Math.round(Math.abs(lateness(place, at, ...measured)));
	return says(apart < 0 ? 'colder' : 'warmer', { apart: { apartC: apart }, days });
}
