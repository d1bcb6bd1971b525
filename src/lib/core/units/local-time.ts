import { TZDateMini as TZDate, tzOffset } from '@date-fns/tz';
import { getISOWeek, getISOWeekYear, lightFormat, startOfDay } from 'date-fns';

const MINUTE_MS = 60_000;

/** Names that were asked about already; asking takes longer than a row of a table does to read. */
const zonesAsked = new Map<string, boolean>();
const MOST_ASKED = 1000;

/** Whether there is a time zone of that name. `isTimeZone('Europe/Zurich')` is true. */
export function isTimeZone(name: string): boolean {
	const known = zonesAsked.get(name);
	if (known !== undefined) return known;
	let exists = name !== '';
	try {
		new Intl.DateTimeFormat('en', { timeZone: name });
	} catch {
		exists = false;
	}
	if (zonesAsked.size < MOST_ASKED) zonesAsked.set(name, exists);
	return exists;
}

/** The local day at a water, `YYYY-MM-DD`. `localDay(new Date('2026-05-19T23:30Z'), 'Europe/Zurich')` is `2026-05-20`. */
export function localDay(at: Date, timeZone: string): string {
	return lightFormat(new TZDate(at, timeZone), 'yyyy-MM-dd');
}

/** Local clock time at a water, `HH:mm`. */
export function localClock(at: Date, timeZone: string): string {
	return lightFormat(new TZDate(at, timeZone), 'HH:mm');
}

/** The instant of a local clock time, in whole hours and minutes, on the local day of `at`. */
export function localInstant(at: Date, timeZone: string, hours: number, minutes = 0): Date {
	const day = startOfDay(new TZDate(at, timeZone));
	day.setHours(hours, minutes, 0, 0);
	return new Date(day.getTime());
}

/**
 * An instant by the clock of the water, with its offset from UTC:
 * `instantWithOffset(new Date('2026-05-19T09:40Z'), 'Europe/Zurich')` is `2026-05-19T11:40:00.000+02:00`.
 */
export function instantWithOffset(at: Date, timeZone: string): string {
	const minutes = Math.round(tzOffset(timeZone, at));
	const clock = new Date(at.getTime() + minutes * MINUTE_MS).toISOString().slice(0, -1);
	const two = (value: number) => String(Math.floor(value)).padStart(2, '0');
	return `${clock}${minutes < 0 ? '-' : '+'}${two(Math.abs(minutes) / 60)}:${two(Math.abs(minutes) % 60)}`;
}

/** Local days that were asked for already: when each begins, and whether it is as long as most. */
const days = new Map<string, { begins: number; ordinary: boolean }>();
const MOST_DAYS = 10_000;

/** The instant of a clock time on a local day: `instantOn('2026-05-19', 'Europe/Zurich', 14, 30)` is 12:30 in UTC. */
export function instantOn(day: string, timeZone: string, hours: number, minutes = 0): Date {
	const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
	const onClock = (hour: number, minute: number) =>
		new TZDate(year, month - 1, date, hour, minute, timeZone).getTime();
	const key = `${day} ${timeZone}`;
	let known = days.get(key);
	if (!known) {
		const [begins, ends] = [onClock(0, 0), onClock(24, 0)];
		known = { begins, ordinary: ends - begins === 24 * 60 * MINUTE_MS };
		if (days.size < MOST_DAYS) days.set(key, known);
	}
	// A day on which the clocks change is worked out in full.
	return new Date(
		known.ordinary ? known.begins + (hours * 60 + minutes) * MINUTE_MS : onClock(hours, minutes)
	);
}

/** The names of days and months, as English has them; each writer is slow to make and quick to use. */
const writers = new Map<string, Intl.DateTimeFormat>();

/** Parts of a date by name, with spaces between and in the order of a guide's diary: day before month. */
function datePart(at: Date, timeZone: string, part: Intl.DateTimeFormatOptions): string {
	const key = `${JSON.stringify(part)} ${timeZone}`;
	let writer = writers.get(key);
	if (!writer) {
		writer = new Intl.DateTimeFormat('en-US', { ...part, timeZone, calendar: 'gregory' });
		if (writers.size < MOST_ASKED) writers.set(key, writer);
	}
	return writer.format(at);
}

/** "Tuesday 19 May", or "Tue 19 May 2026" in short. */
export function localDate(at: Date, timeZone: string, short = false): string {
	const name = short ? 'short' : 'long';
	const parts: Intl.DateTimeFormatOptions[] = [
		{ weekday: name },
		{ day: 'numeric' },
		{ month: name },
		...(short ? [{ year: 'numeric' } as const] : [])
	];
	return parts.map((part) => datePart(at, timeZone, part)).join(' ');
}

/** A day without its year: `dayOfMonth('2026-05-19')` is "19 May". */
export function dayOfMonth(day: string): string {
	const at = new Date(`${day}T00:00:00Z`);
	return [{ day: 'numeric' } as const, { month: 'short' } as const]
		.map((part) => datePart(at, 'UTC', part))
		.join(' ');
}

/** The months by name, January first. */
export const MONTH_NAMES = Array.from({ length: 12 }, (_, month) =>
	datePart(new Date(Date.UTC(2026, month, 1)), 'UTC', { month: 'long' })
);

/** The ISO week of the local day, and the year it belongs to. `localWeek(new Date('2026-05-19T12:00Z'), 'UTC')` is week 21 of 2026. */
export function localWeek(at: Date, timeZone: string): { year: number; week: number } {
	const day = new TZDate(at, timeZone);
	return { year: getISOWeekYear(day), week: getISOWeek(day) };
}
