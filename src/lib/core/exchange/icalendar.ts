import { naturalName } from '../atlas';
import ICAL from 'ical.js';
import { words, type Message } from '../message';
import { ribbonName, type ExpectedWindow } from '../hatch';
import { ABUNDANCE_NAMES } from '../vocabulary';
import type { SharedRecord } from '../record';

const says = words('calendar', {
	seen: '{abundance}. {words}',
	expected: 'Expected: {name}',
	foretold: 'By season, hour and the usual temperature of the water; the weather is not known yet.'
});

const CRLF = '\r\n';
/**
 * Octets of a line before it is folded, its break not counted: the library sets a blank before the rest, and no line may
 * be over 75 (RFC 5545, 3.1).
 */
const LINE_OCTETS = 74;

/** What opens and what closes a calendar (RFC 5545). */
export const CALENDAR_HEAD = [
	'BEGIN:VCALENDAR',
	'VERSION:2.0',
	'PRODID:-//Lacewing//Hatch records//EN',
	'CALSCALE:GREGORIAN',
	''
].join(CRLF);
export const CALENDAR_FOOT = `END:VCALENDAR${CRLF}`;

/** What a calendar shows of a window. */
interface Event {
	uid: string;
	from: Date;
	to: Date;
	summary: Message;
	where: readonly (string | undefined)[];
	description: Message;
	/** Degrees. */
	position?: { latitude: number; longitude: number } | undefined;
}

/** An event, its instants in UTC. */
function calendarEvent(
	{ uid, from, to, summary, where, description, position }: Event,
	written: Written
): string {
	const event = new ICAL.Component('vevent');
	const at = (instant: Date) => ICAL.Time.fromJSDate(instant, true);
	const set = (name: string, value: unknown) => void event.addPropertyWithValue(name, value);
	set('uid', `${uid}@lacewing`);
	set('dtstamp', at(written.at));
	set('dtstart', at(from));
	// A window of no length would not show in a calendar.
	set('dtend', at(new Date(Math.max(to.getTime(), from.getTime() + 60_000))));
	set('summary', written.tell(summary));
	set('location', where.filter(Boolean).join(', '));
	set('description', written.tell(description));
	if (position) set('geo', [position.latitude, position.longitude]);
	ICAL.foldLength = LINE_OCTETS;
	return `${event.toString()}${CRLF}`;
}

/** When a calendar was written, and in whose words. */
export interface Written {
	at: Date;
	tell: (message: Message) => string;
}

/** The window in which something was seen, as a calendar event. */
export function recordEvent(id: string, record: SharedRecord, written: Written): string {
	const { place } = record;
	return calendarEvent(
		{
			uid: id,
			from: record.firstSeen,
			to: record.lastSeen,
			summary: naturalName(record.taxonId, record.stage),
			where: [
				'reach' in place ? place.reach : undefined,
				'water' in place ? place.water : undefined,
				place.basin
			],
			description: says('seen', { abundance: ABUNDANCE_NAMES[record.abundance], words: record.words ?? '' }),
			position: place.precision === 'exact' ? place : undefined
		},
		written
	);
}

/** A window to expect on one reach, as a calendar event: the same window has the same id, however often it is asked for. */
export function expectedEvent(
	reach: { id: string; name: string; water: string; basin: string },
	day: string,
	{ taxonId, what, from, to, peakAt, strength }: ExpectedWindow,
	written: Written
): string {
	const name = ribbonName({ taxonId, what, strength: [strength], peakAt });
	return calendarEvent(
		{
			uid: `${reach.id}-${day}-${taxonId}-${what}`,
			from,
			to,
			summary: says('expected', { name }),
			where: [reach.name, reach.water, reach.basin],
			description: says('foretold')
		},
		written
	);
}
