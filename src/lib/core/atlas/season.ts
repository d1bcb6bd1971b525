import { broodAt, broodsIn, circular, daysLater, senseOf, tableDay } from './phenology';
import type { Place } from './place';
import { dayOfYear, solarHour, sunHours } from './solar-time';
import { livesAt } from './range';
import { HOURS, SEASONS } from './tables';
import { yearsToGrow } from './years';
import type { Hours, HourWindow, Season, Taxon, TemperatureBand } from './taxon';

/** Colleagues' first and last sightings scatter about the rows by so many days. */
export const SCATTER_DAYS = SEASONS.values.tailDays;

/**
 * How far into its season a taxon is at a place and instant: 1 at the peak, about 0 well outside, 0 where it does not
 * live.
 *
 * @param colderDays so many days later than usual by the year's water (`lateness`): earlier in autumn
 * @returns 0 to 1, the best of its broods
 */
export function seasonWeight(taxon: Taxon, place: Place, at: Date, colderDays = 0): number {
	return livesAt(taxon, place) ? broodNow(taxon, place, at, colderDays).weight : 0;
}

/**
 * The brood of a taxon that is furthest into its season at a place and instant, and how far, 0 to 1.
 *
 * @param colderDays as for `seasonWeight`
 */
export function broodNow(
	taxon: Taxon,
	place: Place,
	at: Date,
	colderDays = 0
): { brood: Season | undefined; weight: number } {
	const later = daysLater(place);
	const today = tableDay(place, at);
	let weight = 0;
	let brood: Season | undefined;
	for (const one of broodsIn(taxon, place)) {
		const { begins, peaks, ends } = broodAt(one, later);
		const offset = circular(today - peaks - colderDays * senseOf(one.peaks));
		const own = hill(offset, offset < 0 ? peaks - begins : ends - peaks, SCATTER_DAYS, SEASONS.values.beyond);
		if (own > weight) [weight, brood] = [own, one];
	}
	return { brood, weight };
}

/**
 * Whether this year's hatch of a taxon lies behind, so that of nymphs which take two years or more only the younger
 * classes are left: from late in a brood until a season after its end.
 *
 * @param colderDays as for `seasonWeight`
 */
export function eldestHaveLeft(taxon: Taxon, place: Place, at: Date, colderDays = 0): boolean {
	if (yearsToGrow(taxon).most < 2) return false;
	const later = daysLater(place);
	const today = tableDay(place, at);
	const { leftFrom, leftForDays } = SEASONS.values;
	return broodsIn(taxon, place).some((one) => {
		const { peaks, ends } = broodAt(one, later);
		const offset = circular(today - peaks - colderDays * senseOf(one.peaks));
		return offset >= leftFrom * (ends - peaks) && offset <= ends - peaks + leftForDays;
	});
}

const { coldC, warmC, dullKeeps, eveningFrom, dawnTo, tableSets, tableRises, latestEvening, earliestDawn } =
	HOURS.values;

/**
 * How far into a window of the day an instant is, 0 to 1. A window moves as the water warms, from its hours in cold to
 * those in warm water; where one parts into morning and evening, each goes its way. Evening windows keep with sunset,
 * those of dawn with sunrise.
 *
 * @param keeps whether the day keeps it near its middle: dull, of what likes it so
 */
export function hourWeight(hours: Hours, place: Place, at: Date, waterC: number, keeps = false): number {
	const hour = solarHour(place, at);
	const { rises, sets } = sunHours(place.latitude, dayOfYear(place, at));
	const evening = Math.min(latestEvening, sets) - tableSets;
	const dawn = Math.max(earliestDawn, rises) - tableRises;
	const warmth = clamp((waterC - coldC) / (warmC - coldC)) * (keeps ? dullKeeps : 1);
	let best = 0;
	const { cool, warm } = hours;
	for (let i = 0; i < Math.max(cool.length, warm.length); i++) {
		const from = byTheSun(cool[i] ?? cool.at(-1), evening, dawn);
		const to = byTheSun(warm[i] ?? warm.at(-1), evening, dawn);
		best = Math.max(best, windowWeight(between(from, to, warmth), hour));
	}
	return best;
}

const STILL: HourWindow = { from: 12, peak: 12, to: 12 };

function byTheSun(window: HourWindow = STILL, evening: number, dawn: number): HourWindow {
	const by = window.peak >= eveningFrom ? evening : window.peak <= dawnTo ? dawn : 0;
	return { from: window.from + by, peak: window.peak + by, to: window.to + by };
}

const between = (cool: HourWindow, warm: HourWindow, warmth: number): HourWindow => ({
	from: cool.from + warmth * (warm.from - cool.from),
	peak: cool.peak + warmth * (warm.peak - cool.peak),
	to: cool.to + warmth * (warm.to - cool.to)
});

/** How well a water temperature in °C suits, 0 to 1: a trapezium over the band. */
export function temperatureWeight(band: TemperatureBand, waterC: number): number {
	if (waterC < band.best[0]) return clamp((waterC - band.least) / (band.best[0] - band.least));
	if (waterC > band.best[1]) return clamp((band.most - waterC) / (band.most - band.best[1]));
	return 1;
}

/** A gentle hill: half a cosine up to the edge, beyond it at least a share of the tail of a normal curve. */
function hill(offset: number, span: number, tail: number, share: number): number {
	const distance = Math.abs(offset);
	const inside = distance < span ? 0.5 * (1 + Math.cos((Math.PI * distance) / span)) : 0;
	const beyond = Math.max(0, distance - span);
	return Math.max(inside, share * Math.exp(-((beyond / tail) ** 2) / 2));
}

function windowWeight({ from, peak, to }: HourWindow, hour: number): number {
	let offset = hour - peak;
	if (offset > 12) offset -= 24;
	if (offset < -12) offset += 24;
	return hill(offset, offset < 0 ? peak - from : to - peak, HOURS.values.tail, HOURS.values.beyond);
}

const clamp = (x: number): number => Math.min(1, Math.max(0, x));
