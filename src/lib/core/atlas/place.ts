import * as v from 'valibot';
import { fault, words } from '../message';
import { WATER_KINDS } from './taxon';

const says = words('place', { range: 'must be a number from {least} to {most}{unit}' });
const within = (least: number, most: number, unit: string) => {
	const wrong = fault(says('range', { least: String(least), most: String(most), unit }));
	return v.pipe(v.number(wrong), v.minValue(least, wrong), v.maxValue(most, wrong));
};

/** Where an outing is, as far as computing needs it. Degrees north and east; height in metres. */
export const PlaceSchema = v.object({
	latitude: within(-66, 72, '°'),
	longitude: within(-180, 180, '°'),
	elevationM: within(-400, 5500, ' m'),
	water: v.picklist(WATER_KINDS)
});
export type Place = v.InferOutput<typeof PlaceSchema>;

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;

/** Mean solar time at the place, hours 0 to 24: insects keep the sun's time, not the clock's. */
export function solarHour(place: Place, at: Date): number {
	const hours = at.getTime() / HOUR_MS + place.longitude / 15;
	return ((hours % 24) + 24) % 24;
}

/** Day of the year by the place's own sun, 1 to 366, with the fraction of the day. */
export function dayOfYear(place: Place, at: Date): number {
	const local = at.getTime() + (place.longitude / 15) * HOUR_MS;
	// A reading asks this a thousand times for the same year; finding a year's start is what takes the time.
	if (local < year.starts || local >= year.ends) year = yearOf(local);
	return (local - year.starts) / DAY_MS + 1;
}

let year = yearOf(0);

function yearOf(time: number): { starts: number; ends: number } {
	const number = new Date(time).getUTCFullYear();
	return { starts: Date.UTC(number, 0, 1), ends: Date.UTC(number + 1, 0, 1) };
}
