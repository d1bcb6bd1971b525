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

/** Weeks and hours in which there is anything to see on a river: March to November, four in the morning to eleven at night. */
export const SEASON_WEEKS = { from: 9, to: 47 } as const;
export const SEASON_HOURS = { from: 4, to: 23 } as const;

/**
 * Records by week of the year and hour of the day, the most recorded taxa first. A share is of the taxon's own
 * largest cell, so that rare kinds show their season too; the counts say how much stands behind it.
 */
export function seasonRows(
	weeks: readonly SeasonCount[],
	hours: readonly SeasonCount[],
	most = 12
): SeasonRow[] {
	const totals = new Map<string, number>();
	for (const { taxonId, count } of weeks) totals.set(taxonId, (totals.get(taxonId) ?? 0) + count);
	return [...totals]
		.sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
		.slice(0, most)
		.map(([taxonId, total]) => {
			const own = spread(weeks, taxonId, SEASON_WEEKS).map(({ at, ...cell }) => ({ week: at, ...cell }));
			return {
				taxonId,
				total,
				mostInWeek: Math.max(0, ...own.map(({ count }) => count)),
				weeks: own,
				hours: spread(hours, taxonId, SEASON_HOURS).map(({ at, ...cell }) => ({ hour: at, ...cell }))
			};
		});
}

function spread(
	cells: readonly SeasonCount[],
	taxonId: string,
	{ from, to }: { from: number; to: number }
): { at: number; count: number; share: number }[] {
	const counts = Array.from({ length: to - from + 1 }, () => 0);
	for (const cell of cells) {
		// What lies outside, at night or in winter, counts at the edge.
		const at = Math.min(to, Math.max(from, cell.at)) - from;
		if (cell.taxonId === taxonId) counts[at] = (counts[at] ?? 0) + cell.count;
	}
	const largest = Math.max(1, ...counts);
	return counts.map((count, i) => ({ at: from + i, count, share: count / largest }));
}
