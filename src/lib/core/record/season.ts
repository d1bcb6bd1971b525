/** How often something was recorded in a week of the year or an hour of the day. */
export interface SeasonCount {
	taxonId: string;
	/** ISO week, 1 to 53, or hour of the local day, 0 to 23. */
	at: number;
	count: number;
}

/** One taxon's row: a cell for each step, with how many observations stand behind it. */
export interface SeasonRow {
	taxonId: string;
	total: number;
	/** How many stand behind its tallest week. */
	mostInWeek: number;
	weeks: { week: number; count: number; share: number }[];
	hours: { hour: number; count: number; share: number }[];
}

/** Which half of the earth a year of insects belongs to: in the south it begins in July. */
export type Hemisphere = 'north' | 'south';

/** The hemisphere of a latitude in degrees north. */
export const hemisphereOf = (latitude: number): Hemisphere => (latitude < 0 ? 'south' : 'north');

/** A year of insects as it is called: "2026", in the south "2026/27", the year it begins in first. */
export const seasonYear = (begins: number, hemisphere: Hemisphere): string =>
	hemisphere === 'south' ? `${begins}/${String((begins + 1) % 100).padStart(2, '0')}` : String(begins);

/** ISO weeks of a year, from its own winter on. */
const WEEKS = Array.from({ length: 53 }, (_, i) => i + 1);
const FIRST_WEEK: Record<Hemisphere, number> = { north: 1, south: 27 };
const HOURS = Array.from({ length: 24 }, (_, hour) => hour);

/** The ISO weeks of a year of insects in their order: from the middle of the winter to the next. */
export const seasonWeeks = (hemisphere: Hemisphere): number[] => [
	...WEEKS.filter((week) => week >= FIRST_WEEK[hemisphere]),
	...WEEKS.filter((week) => week < FIRST_WEEK[hemisphere])
];

/**
 * Records by week of the year, from the winter of the hemisphere on, and by hour of the day, the most recorded taxa
 * first. A share is of the taxon's own largest cell, so that rare kinds show their season too; the counts say how much
 * stands behind it.
 */
export function seasonRows(
	weeks: readonly SeasonCount[],
	hours: readonly SeasonCount[],
	most = 12,
	hemisphere: Hemisphere = 'north'
): SeasonRow[] {
	const totals = new Map<string, number>();
	for (const { taxonId, count } of weeks) totals.set(taxonId, (totals.get(taxonId) ?? 0) + count);
	return [...totals]
		.sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
		.slice(0, most)
		.map(([taxonId, total]) => {
			const own = spread(weeks, taxonId, seasonWeeks(hemisphere)).map(({ at, ...cell }) => ({
				week: at,
				...cell
			}));
			return {
				taxonId,
				total,
				mostInWeek: Math.max(0, ...own.map(({ count }) => count)),
				weeks: own,
				hours: spread(hours, taxonId, HOURS).map(({ at, ...cell }) => ({ hour: at, ...cell }))
			};
		});
}

function spread(
	cells: readonly SeasonCount[],
	taxonId: string,
	steps: readonly number[]
): { at: number; count: number; share: number }[] {
	const counts = new Map(steps.map((step) => [step, 0]));
	for (const cell of cells) {
		if (cell.taxonId !== taxonId) continue;
		const before = counts.get(cell.at);
		if (before === undefined) throw new RangeError(`${cell.at} is no week of a year and no hour of a day.`);
		counts.set(cell.at, before + cell.count);
	}
	const largest = Math.max(1, ...counts.values());
	return [...counts].map(([at, count]) => ({ at, count, share: count / largest }));
}
