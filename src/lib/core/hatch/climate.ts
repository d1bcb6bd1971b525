import { regionOf, tableDay, type Place } from '../atlas';
import { AIR, AIR_COURSE } from './tables';

const { lapsePerM, warmestDay, daySwing, warmestHour } = AIR_COURSE.values;
const YEAR_DAYS = 365.25;

/** Degrees east, to the first divide of western North America: beyond it are the ocean's mild winters and cool summers. */
const PACIFIC_WEST_OF = -120.8;

function climateOf(place: Place) {
	const region = regionOf(place);
	if (region === 'western-na' && place.longitude < PACIFIC_WEST_OF) return AIR.values['pacific-slope'];
	return AIR.values[region ?? 'anywhere'];
}

/** Mean air temperature of the year at a place, °C. */
export function yearMeanAirC(place: Place): number {
	const { latitude, yearMean, perDegree } = climateOf(place);
	return (
		yearMean - perDegree * (Math.abs(place.latitude) - latitude) - lapsePerM * Math.max(0, place.elevationM)
	);
}

/** Mean air temperature of a day of the tables (as north of the equator, whole or not), °C. */
export function usualAirOfDay(place: Place, day: number): number {
	const { latitude, swing: there, swingPerDegree } = climateOf(place);
	const swing = there + swingPerDegree * (Math.abs(place.latitude) - latitude);
	return yearMeanAirC(place) + swing * Math.cos((2 * Math.PI * (day - warmestDay)) / YEAR_DAYS);
}

/** The air to expect at a place and an hour, °C, by the usual of its season and of the day. */
export function usualAirC(place: Place, at: Date, solarHour: number): number {
	const day = Math.cos((2 * Math.PI * (solarHour - warmestHour)) / 24);
	return usualAirOfDay(place, tableDay(place, at)) + daySwing * day;
}
