import { names, type Message } from '../message';
import type { SeasonCount } from './season';

/** How many days something was seen in an ISO week of a year, by how many it was. */
export interface WeekCount {
	taxonId: string;
	year: number;
	week: number;
	count: number;
}

/** Shares of all years by week of the year. */
export function sharesByWeek(
	counts: readonly { taxonId: string; week: number; shares: number }[]
): SeasonCount[] {
	return counts.map(({ taxonId, week, shares }) => ({ taxonId, at: week, count: shares }));
}

/** This week beside the usual one. */
export interface WeekBesideUsual {
	taxonId: string;
	now: number;
	/** Mean of the same week, with its neighbours at half weight, over the earlier years that have any record. */
	usual: number;
	says: Message;
}

const WEEKS_IN_YEAR = 365.25 / 7;

/** A difference worth saying: this many times, and at least one sighting. Field rule. */
const TIMES = 1.8;

/**
 * What was shared this week against the same week of earlier years, the most striking first. With no earlier year
 * there is no usual, and nothing is said.
 */
export function weekBesideUsual(counts: readonly WeekCount[], year: number, week: number): WeekBesideUsual[] {
	/** How many years ago, and how many weeks from this one, over the turn of the year too. */
	const since = (count: WeekCount) => {
		const weeks = (year - count.year) * WEEKS_IN_YEAR + (week - count.week);
		const years = Math.round(weeks / WEEKS_IN_YEAR);
		return { years, apart: Math.abs(Math.round(weeks - years * WEEKS_IN_YEAR)) };
	};
	const earlier = new Set(counts.map((count) => since(count).years).filter((years) => years > 0));
	if (earlier.size === 0) return [];
	const taxa = new Map<string, { now: number; usual: number }>();
	for (const count of counts) {
		const row = taxa.get(count.taxonId) ?? { now: 0, usual: 0 };
		const { years, apart } = since(count);
		if (years === 0 && apart === 0) row.now += count.count;
		if (years > 0 && apart <= 1) row.usual += (count.count * (apart === 0 ? 1 : 0.5)) / (2 * earlier.size);
		taxa.set(count.taxonId, row);
	}
	return [...taxa]
		.filter(([, { now, usual }]) => now > 0 || usual >= 0.5)
		.map(([taxonId, { now, usual }]) => ({ taxonId, now, usual, says: saysOf(now, usual) }))
		.sort((a, b) => b.now + b.usual - a.now - a.usual || (a.taxonId < b.taxonId ? -1 : 1));
}

const BESIDE_USUAL = names('beside-usual', {
	'not-yet': 'usual, not seen yet',
	early: 'not usual yet',
	more: 'more than usual',
	less: 'less than usual',
	same: 'as usual'
});

function saysOf(now: number, usual: number): WeekBesideUsual['says'] {
	if (now === 0) return BESIDE_USUAL['not-yet'];
	if (usual < 0.25) return BESIDE_USUAL['early'];
	if (now > TIMES * usual && now - usual >= 1) return BESIDE_USUAL['more'];
	if (usual > TIMES * now && usual - now >= 1) return BESIDE_USUAL['less'];
	return BESIDE_USUAL['same'];
}
