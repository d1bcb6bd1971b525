import { getTimes } from 'suncalc';
import type { Place } from '../atlas';

/** The light of one day: null where the sun does not cross that height there. */
export interface Daylight {
	dawn: Date | null;
	sunrise: Date | null;
	sunset: Date | null;
	dusk: Date | null;
}

/** Dawn, sunrise, sunset and dusk at a place on the day of an instant. */
export function daylightOf(place: Place, at: Date): Daylight {
	const { dawn, sunrise, sunset, dusk } = getTimes(at, place.latitude, place.longitude);
	return { dawn, sunrise, sunset, dusk };
}
