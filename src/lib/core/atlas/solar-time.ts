import type { Place } from './place';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;

/** Mean solar time at the place, hours 0 to 24: insects keep the sun's time, not the clock's. */
export function solarHour(place: Place, at: Date): number {
	const hours = at.getTime() / HOUR_MS + place.longitude / 15;
	return ((hours % 24) + 24) % 24;
}

/** When the sun rises and sets at a place on a day, in solar hours; equal where it does not rise. */
export interface SunHours {
	rises: number;
	sets: number;
}

/** The sun stands so far below the horizon when its upper edge is seen to rise, degrees. */
const HORIZON = -0.833;
const RADIANS = Math.PI / 180;

/**
 * Sunrise and sunset by the sun's declination (Cooper 1969, Solar Energy 12, 333–346), within some minutes; 0 and 24
 * where it does not set.
 *
 * @param day of the year, 1 to 366
 */
export function sunHours(latitude: number, day: number): SunHours {
	const declination = 23.45 * RADIANS * Math.sin((2 * Math.PI * (284 + day)) / 365);
	const height = Math.sin(HORIZON * RADIANS) - Math.sin(latitude * RADIANS) * Math.sin(declination);
	const cosine = height / (Math.cos(latitude * RADIANS) * Math.cos(declination));
	const half = (Math.acos(Math.min(1, Math.max(-1, cosine))) / RADIANS) * (24 / 360);
	return { rises: 12 - half, sets: 12 + half };
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
