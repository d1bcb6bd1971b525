import type { Place } from '../atlas';
import { foldOuting } from '../outing';
import { readWater } from '../reading';
import { instantOn } from '../units';
import { shortlist, type FlyBox, type ShortlistOptions } from './shortlist';

/** Days of the month and hours of the day that a first box is to serve. */
const DAYS = [5, 15, 25] as const;
const HOURS = [8, 11, 13, 16, 19, 21] as const;
/** Flies of the shortlist at each of them, and how much each place is worth. */
const PLACES = [1, 0.7, 0.5, 0.35, 0.25, 0.2] as const;
/** Patterns, and flies of each: more of the best, since they get lost. Field rule. */
const PATTERNS_IN_SET = 14;
const COUNTS = { best: 4, others: 3, last: 2 } as const;
/** A second size goes along where it came up this often against the first. */
const SECOND_SIZE = 0.4;

/**
 * A box to begin with: the flies that the open reading of a water would tie on through a month, from early to dusk.
 * What a guide who knows the water would carry differs; it is a start.
 *
 * @param month 1 to 12
 * @throws RangeError when the month is none
 */
export function startingSet(
	place: Place,
	year: number,
	month: number,
	timeZone: string,
	options: ShortlistOptions = {}
): FlyBox {
	if (!Number.isInteger(month) || month < 1 || month > 12) throw new RangeError(`${month} is no month.`);
	const worth = new Map<string, { patternId: string; total: number; sizes: Map<number, number> }>();
	for (const day of DAYS)
		for (const hour of HOURS) {
			const date = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
			const outing = foldOuting([], place, instantOn(date, timeZone, hour));
			const flies = shortlist(outing, readWater(outing), { ...options, most: PLACES.length });
			flies.forEach(({ pattern, hookSize }, rank) => {
				const fly = worth.get(pattern.id) ?? { patternId: pattern.id, total: 0, sizes: new Map() };
				const points = PLACES[rank] ?? 0;
				fly.total += points;
				fly.sizes.set(hookSize, (fly.sizes.get(hookSize) ?? 0) + points);
				worth.set(pattern.id, fly);
			});
		}
	return [...worth.values()]
		.sort((a, b) => b.total - a.total || (a.patternId < b.patternId ? -1 : 1))
		.slice(0, PATTERNS_IN_SET)
		.flatMap(({ patternId, sizes }, rank) => {
			const [first, second] = [...sizes].sort((a, b) => b[1] - a[1] || a[0] - b[0]);
			if (!first) return [];
			const count = rank < 4 ? COUNTS.best : rank < 9 ? COUNTS.others : COUNTS.last;
			return [
				{ patternId, hookSize: first[0], count },
				...(second && second[1] >= SECOND_SIZE * first[1]
					? [{ patternId, hookSize: second[0], count: Math.max(2, count - 1) }]
					: [])
			];
		});
}
