import { typed, words, type Message } from '../message';
import { localClock, localDate } from '../units';
import type { SharedRecord } from '../record';

/** The hour of the local day in which most were seen, where that is told finer than the basin. */
export function hourTold({ place, mostSeen, timeZone }: SharedRecord): number | null {
	if (place.precision === 'basin' || place.precision === 'season') return null;
	return Number(localClock(mostSeen, timeZone).slice(0, 2));
}

/** The latest record of each kind and stage, newest first: what a board has room for. */
export function latestOfEach<T extends Pick<SharedRecord, 'taxonId' | 'stage' | 'mostSeen'>>(
	records: readonly T[],
	most: number
): T[] {
	const latest = new Map<string, T>();
	for (const record of records) {
		const key = `${record.taxonId}/${record.stage}`;
		const before = latest.get(key);
		if (!before || record.mostSeen > before.mostSeen) latest.set(key, record);
	}
	return [...latest.values()].sort((a, b) => b.mostSeen.getTime() - a.mostSeen.getTime()).slice(0, most);
}

const says = words('day-told', {
	'first-half': 'first half of {month} {year}',
	'second-half': 'second half of {month} {year}'
});

/** The day of a record as finely as it is told: "Tuesday 19 May", or "second half of May 2026". */
export function dayTold({
	place,
	day,
	mostSeen,
	timeZone
}: Pick<SharedRecord, 'place' | 'day' | 'mostSeen' | 'timeZone'>): Message {
	if (place.precision !== 'season') return typed(localDate(mostSeen, timeZone));
	const [month = '', year = ''] = localDate(mostSeen, timeZone, true).split(' ').slice(2);
	return says(Number(day.slice(8)) < 16 ? 'first-half' : 'second-half', { month, year });
}
