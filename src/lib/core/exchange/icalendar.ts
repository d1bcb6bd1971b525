import { naturalName } from '../atlas';
import { sayMessage, words } from '../message';
import { ribbonName, type ExpectedWindow } from '../hatch';

import { ABUNDANCE_NAMES } from '../vocabulary';
import type { SharedRecord } from '../record';

const says = words('calendar', {
	expected: 'Expected: {name}',
	foretold: 'By season, hour and the usual temperature of the water; the weather is not known yet.'
});

const CRLF = '\r\n';
/** Octets in a line, its break not counted (RFC 5545, 3.1). */
const LINE_OCTETS = 75;

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
	summary: string;
	where: readonly (string | undefined)[];
	description: string;
	/** Degrees. */
	position?: { latitude: number; longitude: number } | undefined;
}

/** An event, its instants in UTC. */
function calendarEvent(
	{ uid, from, to, summary, where, description, position }: Event,
	stampedAt: Date
): string {
	// A window of no length would not show in a calendar.
	const end = new Date(Math.max(to.getTime(), from.getTime() + 60_000));
	return [
		'BEGIN:VEVENT',
		`UID:${uid}@lacewing`,
		`DTSTAMP:${utc(stampedAt)}`,
		`DTSTART:${utc(from)}`,
		`DTEND:${utc(end)}`,
		`SUMMARY:${escaped(summary)}`,
		`LOCATION:${escaped(where.filter(Boolean).join(', '))}`,
		`DESCRIPTION:${escaped(description)}`,
		...(position ? [`GEO:${position.latitude};${position.longitude}`] : []),
		'END:VEVENT'
	]
		.map((line) => folded(line) + CRLF)
		.join('');
}

/** The window in which something was seen, as a calendar event. */
export function recordEvent(id: string, record: SharedRecord, stampedAt: Date): string {
	const { place } = record;
	return calendarEvent(
		{
			uid: id,
			from: record.firstSeen,
			to: record.lastSeen,
			summary: sayMessage(naturalName(record.taxonId, record.stage)),
			where: [
				'reach' in place ? place.reach : undefined,
				'water' in place ? place.water : undefined,
				place.basin
			],
			description: `${sayMessage(ABUNDANCE_NAMES[record.abundance])}.${record.words ? ` ${record.words}` : ''}`,
			position: place.precision === 'exact' ? place : undefined
		},
		stampedAt
	);
}

/** A window to expect on one reach, as a calendar event: the same window has the same id, however often it is asked for. */
export function expectedEvent(
	reach: { id: string; name: string; water: string; basin: string },
	day: string,
	{ taxonId, what, from, to, peakAt, strength }: ExpectedWindow,
	stampedAt: Date
): string {
	const name = ribbonName({ taxonId, what, strength: [strength], peakAt });
	return calendarEvent(
		{
			uid: `${reach.id}-${day}-${taxonId}-${what}`,
			from,
			to,
			summary: sayMessage(says('expected', { name })),
			where: [reach.name, reach.water, reach.basin],
			description: sayMessage(says('foretold'))
		},
		stampedAt
	);
}

const utc = (at: Date): string => `${at.toISOString().slice(0, 19).replaceAll(/[-:]/g, '')}Z`;

const escaped = (text: string): string =>
	text.replaceAll('\\', '\\\\').replaceAll(';', '\\;').replaceAll(',', '\\,').replaceAll(/\r?\n/g, '\\n');

/** Folds a line so that none is over 75 octets, without cutting a character in two. */
function folded(line: string): string {
	const encoder = new TextEncoder();
	let [out, room] = ['', LINE_OCTETS];
	for (const character of line) {
		const octets = encoder.encode(character).length;
		if (octets > room) {
			out += `${CRLF} `;
			room = LINE_OCTETS - 1;
		}
		out += character;
		room -= octets;
	}
	return out;
}
