import {
	eachWeekOfInterval,
	eachDayOfInterval,
	endOfMonth,
	endOfWeek,
	lightFormat,
	startOfMonth
} from 'date-fns';
import { MONTH_NAMES } from '../units';

/** A day on a page of a calendar. */
export interface CalendarDay<T> {
	/** `YYYY-MM-DD`. */
	day: string;
	date: number;
	/** Whether it is of the page's own month, not of a neighbour's. */
	within: boolean;
	/** What is on that day, in the order it was given. */
	items: T[];
}

/** Guides' weeks begin with Monday, as ISO 8601 has it. */
const MONDAY = { weekStartsOn: 1 } as const;

/**
 * A page of a calendar: the weeks of a month, whole, with its name, its neighbours and what is on each day.
 *
 * `monthWeeks('2026-05', []).weeks[0]?.[0]?.day` is `2026-04-27`.
 *
 * @param month `YYYY-MM`
 */
export function monthWeeks<T extends { day: string }>(
	month: string,
	items: readonly T[]
): {
	name: string;
	before: string;
	after: string;
	weeks: CalendarDay<T>[][];
} {
	const [year = 2000, of = 1] = month.split('-').map(Number);
	const first = startOfMonth(new Date(year, of - 1, 1));
	const itemsOn = new Map<string, T[]>();
	for (const item of items) itemsOn.set(item.day, [...(itemsOn.get(item.day) ?? []), item]);
	const neighbour = (months: number) => lightFormat(new Date(year, of - 1 + months, 1), 'yyyy-MM');
	return {
		name: `${MONTH_NAMES[first.getMonth()]} ${first.getFullYear()}`,
		before: neighbour(-1),
		after: neighbour(1),
		weeks: eachWeekOfInterval({ start: first, end: endOfMonth(first) }, MONDAY).map((start) =>
			eachDayOfInterval({ start, end: endOfWeek(start, MONDAY) }).map((at) => {
				const day = lightFormat(at, 'yyyy-MM-dd');
				return {
					day,
					date: at.getDate(),
					within: at.getMonth() === first.getMonth(),
					items: itemsOn.get(day) ?? []
				};
			})
		)
	};
}
