import { describe, expect, it } from 'vitest';
import { KNOWN_SEASONS, type KnownSeason } from '../../../../tests/support/known-seasons';
import {
	activityOf,
	findTaxon,
	livesAt,
	regionOf,
	seasonWeight,
	solarHour,
	type Place,
	type Taxon
} from '../atlas';
import { usualAirC, usualWaterC } from './index';

const DAY_MS = 86_400_000;
/** South of the equator a season may run over the turn of the year. */
const dayOf = (monthDay: string, year: number): number =>
	Date.parse(`${year}-${monthDay}T12:00:00Z`) / DAY_MS;

const taxonOf = ({ taxonId }: KnownSeason): Taxon => {
	const taxon = findTaxon(taxonId);
	if (!taxon) throw new Error(`no ${taxonId}`);
	return taxon;
};

/** Days from a day to a range of days, 0 within it. */
const outside = (value: number, [from, to]: readonly [number, number]): number =>
	Math.max(0, from - value, value - to);

/** The peak of the season that is nearest to the known one, and by how many days it misses it. */
function missedDays(known: KnownSeason): { day: number; misses: number } {
	const taxon = taxonOf(known);
	const from = dayOf(known.days[0], 2026);
	const to = dayOf(known.days[1], known.days[1] < known.days[0] ? 2027 : 2026);
	const middle = (from + to) / 2;
	const days = Array.from({ length: 365 }, (_, i) => Math.round(middle) - 182 + i);
	const weights = days.map((day) => seasonWeight(taxon, known.place, new Date(day * DAY_MS)));
	const peaks = days.filter((_, i) => {
		const own = weights[i] ?? 0;
		return own > 0.5 && own >= (weights[i - 1] ?? 0) && own >= (weights[i + 1] ?? 0);
	});
	const [nearest] = peaks
		.map((day) => ({ day, misses: outside(day, [from, to]) }))
		.sort((a, b) => a.misses - b.misses || Math.abs(a.day - middle) - Math.abs(b.day - middle));
	if (!nearest) throw new Error(`${known.taxonId} has no season`);
	return nearest;
}

/** By how many hours its strongest hour of an ordinary day of that season misses the known ones. */
function missedHours(known: KnownSeason, day: number): number {
	if (!known.hours) return 0;
	const taxon = taxonOf(known);
	const midnight = day * DAY_MS - (known.place.longitude / 15) * 3_600_000;
	const strengths = Array.from({ length: 96 }, (_, quarter) => {
		const at = new Date(midnight + quarter * 900_000);
		const weather = {
			waterC: usualWaterC(known.place, at),
			airC: usualAirC(known.place, at, solarHour(known.place, at)),
			dull: taxon.likes === 'dull',
			windMs: 1
		};
		return { hour: quarter / 4, strength: activityOf(taxon, known.place, at, weather)[known.what] };
	});
	const most = Math.max(...strengths.map(({ strength }) => strength));
	if (most <= 0.02) return 24;
	return Math.min(
		...strengths
			.filter(({ strength }) => strength >= 0.95 * most)
			.map(({ hour }) => outside(hour, known.hours as readonly [number, number]))
	);
}

const judged = KNOWN_SEASONS.map((known) => {
	const { day, misses } = missedDays(known);
	return { known, days: misses, hours: missedHours(known, day) };
});
const where = ({ latitude, elevationM, water }: Place) => `${latitude}°, ${elevationM} m, ${water}`;
const told = judged
	.filter(({ days, hours }) => days > 10 || hours > 1)
	.map(
		({ known, days, hours }) =>
			`${known.taxonId} ${known.what}, ${where(known.place)}: ${Math.round(days)} days, ${hours} h`
	);

describe('seasons and hours that guides of each region know', () => {
	it('are 120 at least, of every region, from 0 to 2,700 m and 54° S to 68° N, in all kinds of water', () => {
		expect(KNOWN_SEASONS.length).toBeGreaterThanOrEqual(120);
		expect(new Set(KNOWN_SEASONS.map(({ place }) => regionOf(place))).size).toBe(10);
		expect(new Set(KNOWN_SEASONS.map(({ place }) => place.water)).size).toBe(4);
		const heights = KNOWN_SEASONS.map(({ place }) => place.elevationM);
		expect([Math.min(...heights) < 50, Math.max(...heights)]).toEqual([true, 2700]);
	});

	it('are of insects that live there, in that water', () => {
		for (const known of KNOWN_SEASONS)
			expect(livesAt(taxonOf(known), known.place), `${known.taxonId}, ${where(known.place)}`).toBe(true);
	});

	it('come within ten days and an hour in 85 of 100', () => {
		const right = judged.length - told.length;
		expect(right / judged.length, told.join('\n')).toBeGreaterThanOrEqual(0.85);
	});

	it('are never off by a season', () => {
		const far = judged.filter(({ days }) => days > 45).map(({ known }) => known.taxonId);
		expect(far).toEqual([]);
	});
});
