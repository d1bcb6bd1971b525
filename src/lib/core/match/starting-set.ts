import type { Place } from '../atlas';
import { foldOuting } from '../outing';
import { readWater } from '../reading';
import { instantOn } from '../units';
import { FIRST_BOX, FIRST_BOX_DAYS as DAYS, FIRST_BOX_HOURS as HOURS } from './choice-tables';
import { shortlist, type FlyBox, type ShortlistOptions } from './shortlist';

const B = FIRST_BOX.values;
/** What a fly is worth by its place in the shortlist. */
const PLACES = [B.place1, B.place2, B.place3, B.place4, B.place5, B.place6] as const;
/** So many of the best, and of those after them, go in by their own numbers. */
const RANKS = { best: 4, others: 9 } as const;
const MONTHS = 12;

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
	if (!Number.isInteger(month) || month < 1 || month > MONTHS) throw new RangeError(`${month} is no month.`);
	const worth = new Map<string, { patternId: string; total: number; sizes: Map<number, number> }>();
	for (const day of DAYS)
		for (const hour of HOURS) {
			const date = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
			const outing = foldOuting([], place, instantOn(date, timeZone, hour));
			const flies = shortlist(outing, readWater(outing), { ...options, most: PLACES.length });
			flies.forEach(({ pattern, hookSize }, rank) => {
				const fly = worth.get(pattern.id) ?? {
					patternId: pattern.id,
					total: 0,
					sizes: new Map<number, number>()
				};
				const points = PLACES[rank] ?? 0;
				fly.total += points;
				fly.sizes.set(hookSize, (fly.sizes.get(hookSize) ?? 0) + points);
				worth.set(pattern.id, fly);
			});
		}
	return [...worth.values()]
		.sort((a, b) => b.total - a.total || (a.patternId < b.patternId ? -1 : 1))
		.slice(0, B.patterns)
		.flatMap(({ patternId, sizes }, rank) => {
			const [first, second] = [...sizes].sort((a, b) => b[1] - a[1] || a[0] - b[0]);
			if (!first) return [];
			const count = rank < RANKS.best ? B.best : rank < RANKS.others ? B.others : B.last;
			return [
				{ patternId, hookSize: first[0], count },
				...(second && second[1] >= B.secondSize * first[1]
					? [{ patternId, hookSize: second[0], count: Math.max(2, count - 1) }]
					: [])
			];
		});
}
