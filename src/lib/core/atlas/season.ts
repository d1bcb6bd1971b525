import { dayOfYear, solarHour, type Place } from './place';
import type { Hours, HourWindow, Taxon, TemperatureBand } from './taxon';

/** Seasons in the tables are for this height. */
const REFERENCE_ELEVATION_M = 500;
/** A week later for each 150 m (field rule; docs/method.md). */
const DAYS_LATER_PER_METRE = 7 / 150;
/** Colleagues' first and last sightings scatter about the table by some weeks: 10 days one standard deviation. */
const SEASON_TAIL_DAYS = 10;
const YEAR_DAYS = 365.25;

/**
 * How far into its season a taxon is at a place and instant: 1 at the peak, about 0 well outside.
 * Shifted by half a year south of the equator and by height.
 *
 * @returns 0 to 1, the best of its broods
 */
export function seasonWeight(taxon: Taxon, place: Place, at: Date): number {
	const shift =
		(place.latitude < 0 ? YEAR_DAYS / 2 : 0) +
		(place.elevationM - REFERENCE_ELEVATION_M) * DAYS_LATER_PER_METRE;
	const day = dayOfYear(place, at) - shift;
	let best = 0;
	for (const { begins, peaks, ends } of taxon.seasons) {
		const offset = circular(day - peaks);
		const span = offset < 0 ? peaks - begins : ends - peaks;
		best = Math.max(best, bump(offset, span, SEASON_TAIL_DAYS));
	}
	return best;
}

/** How far into a window of the day an instant is, 0 to 1; cool-water and warm-water hours are blended by temperature. */
export function hourWeight(hours: Hours, place: Place, at: Date, waterC: number): number {
	const hour = solarHour(place, at);
	const warm = clamp((waterC - 8) / (15 - 8));
	return (1 - warm) * windowsWeight(hours.cool, hour) + warm * windowsWeight(hours.warm, hour);
}

/** How well a water temperature in °C suits, 0 to 1: a trapezium over the band. */
export function temperatureWeight(band: TemperatureBand, waterC: number): number {
	if (waterC < band.best[0]) return clamp((waterC - band.least) / (band.best[0] - band.least));
	if (waterC > band.best[1]) return clamp((band.most - waterC) / (band.most - band.best[1]));
	return 1;
}

/** A gentle hill: half a cosine up to the edge, at least the tail of a normal curve beyond it. */
function bump(offset: number, span: number, tail: number): number {
	const distance = Math.abs(offset);
	const inside = distance < span ? 0.5 * (1 + Math.cos((Math.PI * distance) / span)) : 0;
	const beyond = Math.max(0, distance - span);
	return Math.max(inside, 0.12 * Math.exp(-((beyond / tail) ** 2) / 2));
}

function windowsWeight(windows: readonly HourWindow[], hour: number): number {
	let best = 0;
	for (const { from, peak, to } of windows) {
		let offset = hour - peak;
		if (offset > 12) offset -= 24;
		if (offset < -12) offset += 24;
		best = Math.max(best, bump(offset, offset < 0 ? peak - from : to - peak, 0.7));
	}
	return best;
}

function circular(days: number): number {
	const wrapped = ((days % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS;
	return wrapped > YEAR_DAYS / 2 ? wrapped - YEAR_DAYS : wrapped;
}

const clamp = (x: number): number => Math.min(1, Math.max(0, x));
