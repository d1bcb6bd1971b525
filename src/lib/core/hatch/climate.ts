import { regionOf, tableDay, type Place, type Region } from '../atlas';

/** The air of a region at sea level, °C. */
interface Climate {
	/** Degrees from the equator at which the mean holds. */
	latitude: number;
	yearMean: number;
	/** Half of what lies between the warmest and the coldest month. */
	swing: number;
	/** Colder by so much for each degree towards the pole. */
	perDegree: number;
	/** Wider by so much for each degree towards the pole, where it is. */
	swingPerDegree?: number;
}

/**
 * A coarse climatology, fitted by eye to station normals of each region (New, Lister, Hulme & Makin 2002, A
 * high-resolution data set of surface climate over global land areas, Climate Research 21, 1–25); good to about 2 °C
 * in a month, worse in valleys with cold air lakes. Every note of the air or the water corrects it.
 */
const CLIMATES: Readonly<Record<Region | 'anywhere', Climate>> = {
	'british-isles': { latitude: 53, yearMean: 10, swing: 6, perDegree: 0.5 },
	'western-europe': { latitude: 47, yearMean: 12, swing: 9.5, perDegree: 0.5 },
	'northern-europe': { latitude: 61, yearMean: 6, swing: 11, perDegree: 0.75, swingPerDegree: 0.45 },
	mediterranean: { latitude: 42, yearMean: 16, swing: 9, perDegree: 0.8 },
	'eastern-na': { latitude: 41.5, yearMean: 11, swing: 12.5, perDegree: 0.95 },
	'western-na': { latitude: 45, yearMean: 13.5, swing: 12, perDegree: 0.55 },
	'new-zealand': { latitude: 43, yearMean: 12, swing: 5.5, perDegree: 0.7 },
	australia: { latitude: 37, yearMean: 17, swing: 7.2, perDegree: 0.75 },
	patagonia: { latitude: 41, yearMean: 13, swing: 6, perDegree: 0.55 },
	japan: { latitude: 37, yearMean: 14.5, swing: 11.5, perDegree: 0.95 },
	anywhere: { latitude: 47, yearMean: 12, swing: 9.5, perDegree: 0.5 }
};
/** Colder by so much for each metre of height. */
const LAPSE_C_PER_M = 0.006;
/** The year's warmest day, as north of the equator: a month after the sun stands highest. */
const WARMEST_DAY = 201;
/** The day's swing of the air about its mean, under a sky of every kind, and its warmest hour. */
const DAY_SWING_C = 5;
const WARMEST_HOUR = 15;
const YEAR_DAYS = 365.25;

/** The ocean's side of western North America, to its first divide: mild winters, cool summers. */
const PACIFIC_SLOPE: Climate = { latitude: 44.5, yearMean: 12.3, swing: 7.5, perDegree: 0.6 };
const PACIFIC_WEST_OF = -120.8;

function climateOf(place: Place): Climate {
	const region = regionOf(place);
	if (region === 'western-na' && place.longitude < PACIFIC_WEST_OF) return PACIFIC_SLOPE;
	return CLIMATES[region ?? 'anywhere'];
}

/** Mean air temperature of the year at a place, °C. */
export function yearMeanAirC(place: Place): number {
	const { latitude, yearMean, perDegree } = climateOf(place);
	return (
		yearMean -
		perDegree * (Math.abs(place.latitude) - latitude) -
		LAPSE_C_PER_M * Math.max(0, place.elevationM)
	);
}

/** Mean air temperature of a day of the tables (as north of the equator, whole or not), °C. */
export function usualAirOfDay(place: Place, day: number): number {
	const { latitude, swing: there, swingPerDegree = 0 } = climateOf(place);
	const swing = there + swingPerDegree * (Math.abs(place.latitude) - latitude);
	return yearMeanAirC(place) + swing * Math.cos((2 * Math.PI * (day - WARMEST_DAY)) / YEAR_DAYS);
}

/** The air to expect at a place and an hour, °C, by the usual of its season and of the day. */
export function usualAirC(place: Place, at: Date, solarHour: number): number {
	const day = Math.cos((2 * Math.PI * (solarHour - WARMEST_HOUR)) / 24);
	return usualAirOfDay(place, tableDay(place, at)) + DAY_SWING_C * day;
}
