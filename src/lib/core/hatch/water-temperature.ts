import { words, type Message } from '../message';
import { solarHour, tableDay, type Place, type WaterKind } from '../atlas';
import { usualAirOfDay, yearMeanAirC } from './climate';

/** The warmest hour of the day for water, in solar hours, and its swing about the day's mean by kind of water, °C. */
const WARMEST_SOLAR_HOUR = 15.5;
const DAY_SWING_C: Record<WaterKind, number> = {
	freestone: 1.6,
	tailwater: 0.5,
	'spring-creek': 1.2,
	lake: 0.6
};

/** A logistic of the air of some days before: coldest, warmest, the air at which it rises fastest, and how fast. */
interface Logistic {
	least: number;
	most: number;
	steepestAirC: number;
	slope: number;
	lagDays: number;
}

/**
 * Air to water by a logistic (Mohseni, Stefan & Erickson 1998, A nonlinear regression model for weekly stream
 * temperatures, Water Resources Research 34, 2685–2692): water does not fall below freezing, and evaporation holds it
 * in the heat. The lag is that of snowmelt and depth (Caissie 2006, Freshwater Biology 51, 1389–1406). Parameters
 * are field values, within the range of the work's streams.
 */
const BY_AIR: Record<'freestone' | 'lake', Logistic> = {
	freestone: { least: 0, most: 22, steepestAirC: 13, slope: 0.145, lagDays: 9 },
	lake: { least: 0.5, most: 25, steepestAirC: 10.5, slope: 0.17, lagDays: 12 }
};

/**
 * Springs run at the yearly mean of the air over their ground, which snow keeps somewhat warmer (Allan & Castillo 2007,
 * Stream ecology, 2nd ed.); on its way the brook takes on some of the season.
 */
const SPRING = {
	overMeanAirC: 1.3,
	snowFromC: 8,
	ofSnow: 0.4,
	least: 5,
	ofSeason: 0.38,
	lagDays: 12
} as const;

/**
 * The outflow of a reservoir that is drawn from its depth: near 4 °C in winter, coolest in early spring, warmest in
 * autumn (Ward & Stanford 1979, The ecology of regulated streams). By the yearly mean of the air, never by height.
 */
const OUTFLOW = {
	overMeanAirC: 1,
	ofSeason: 0.36,
	lagDays: 42,
	least: 3.8,
	meanLeast: 6.5,
	most: 16
} as const;

/** Deep water of a lake: densest at 4 °C, warmed little in summer (Wetzel 2001, Limnology, 3rd ed.). */
const DEEP = { densestC: 4, fromM: 8, ofSurface: 0.2 } as const;

/** The day's mean temperature to expect in a water when nobody has measured, °C. */
function usualOfDay(place: Place, day: number): number {
	switch (place.water) {
		case 'freestone':
		case 'lake':
			return logistic(BY_AIR[place.water], place, day);
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
	{ least, most, steepestAirC, slope, lagDays }: Logistic,
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
	const hour = Math.cos((2 * Math.PI * (solarHour(place, at) - WARMEST_SOLAR_HOUR)) / 24);
	const mean = usualOfDay(place, tableDay(place, at));
	// Near freezing, ice and meltwater hold it: the sun moves it little.
	const swing = DAY_SWING_C[place.water] * Math.min(1, mean / 5);
	return Math.max(0, mean + swing * hour);
}

/**
 * The temperature to expect at a depth of a lake, °C: its surface, and below the warm layer little over the 4 °C at
 * which water is densest; in winter, under a colder surface, 4 °C.
 */
export function lakeAtDepthC(place: Place, at: Date, depthM: number): number {
	const surface = usualWaterC({ ...place, water: 'lake' }, at);
	const deep = DEEP.densestC + DEEP.ofSurface * Math.max(0, surface - DEEP.densestC);
	const share = 1 / (1 + Math.exp(1.2 * (DEEP.fromM - depthM)));
	return surface + (deep - surface) * share;
}

/** One measurement of a water. */
export interface MeasuredWater {
	waterC: number;
	at: Date;
}

/** A measurement tells this much less of the water with each so many days. */
const HALF_LIFE_DAYS = 9;
const DAY_MS = 86_400_000;

/**
 * The temperature of a water at an instant, given measurements of the last weeks: the usual curve, moved by what they
 * differed from it; it passes through one of that moment, and comes back to the usual in the weeks after.
 */
export function waterCAt(place: Place, at: Date, ...measured: readonly MeasuredWater[]): number {
	return usualWaterC(place, at) + departure(place, at, measured);
}

/** How much warmer than usual the water is, by measurements near in time: the nearest weigh the most, °C. */
function departure(place: Place, at: Date, measured: readonly MeasuredWater[]): number {
	let [sum, weights, nearest] = [0, 0, Infinity];
	for (const one of measured) {
		const days = Math.abs(at.getTime() - one.at.getTime()) / DAY_MS;
		// A weight without a bound at no distance: the curve passes through what was measured.
		const weight = 1 / (0.02 + days) ** 2;
		sum += weight * (one.waterC - usualWaterC(place, one.at));
		weights += weight;
		nearest = Math.min(nearest, days);
	}
	return weights === 0 ? 0 : (sum / weights) * 0.5 ** (Math.max(0, nearest - 1) / HALF_LIFE_DAYS);
}

/** Growth is counted above this, °C: below it the nymphs of most mayflies and stoneflies hardly grow (field rule). */
const BASE_C = 2;
/** So many days of water are remembered: what was measured tells of the weeks before. */
const REMEMBERED_DAYS = 21;
const MOST_DAYS_LATE = 21;

/**
 * By how many days the year is late, by its water: what a departure from the usual over the last weeks cost in
 * degree-days, at today's usual daily gain. Negative where it is early. Accumulated degree-days (Ward & Stanford 1982,
 * Thermal responses in the evolutionary ecology of aquatic insects, Annual Review of Entomology 27, 97–117).
 *
 * 2 °C colder than the usual 9 °C over three weeks is 6 days late.
 */
export function lateness(place: Place, at: Date, ...measured: readonly MeasuredWater[]): number {
	const colder = -departure(place, at, measured);
	const gain = Math.max(1, usualOfDay(place, tableDay(place, at)) - BASE_C);
	const days = (colder * REMEMBERED_DAYS) / gain;
	return Math.max(-MOST_DAYS_LATE, Math.min(MOST_DAYS_LATE, days));
}

const says = words('usual', {
	colder: '{apart} colder than usual: about {days, plural, one {# day} other {# days}} later',
	warmer: '{apart} warmer than usual: about {days, plural, one {# day} other {# days}} earlier'
});
/** A smaller difference from the usual is within what a coarse climatology can tell, °C. */
const WORTH_TELLING_C = 1.5;

/** How a measured water stands against the usual, and by how much hatches shift; undefined where it is about as usual. */
export function againstUsual(place: Place, { waterC, at }: MeasuredWater): Message | undefined {
	const apart = waterC - usualWaterC(place, at);
	if (Math.abs(apart) < WORTH_TELLING_C) return undefined;
	const days = Math.round(Math.abs(lateness(place, at, { waterC, at })));
	return says(apart < 0 ? 'colder' : 'warmer', { apart: { apartC: apart }, days });
}
