import { ABUNDANCE_NAMES, naturalName } from '../note';
import type { SharedRecord } from '../record';

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

/** The window in which something was seen, as a calendar event; instants in UTC. */
export function recordEvent(id: string, record: SharedRecord, stampedAt: Date): string {
	const { place } = record;
	const where = [
		'reach' in place ? place.reach : undefined,
		'water' in place ? place.water : undefined,
		place.basin
	];
	// A window of no length would not show in a calendar.
	const end = new Date(Math.max(record.lastSeen.getTime(), record.firstSeen.getTime() + 60_000));
	return [
		'BEGIN:VEVENT',
		`UID:${id}@lacewing`,
		`DTSTAMP:${utc(stampedAt)}`,
		`DTSTART:${utc(record.firstSeen)}`,
		`DTEND:${utc(end)}`,
		`SUMMARY:${escaped(naturalName(record.taxonId, record.stage))}`,
		`LOCATION:${escaped(where.filter(Boolean).join(', '))}`,
		`DESCRIPTION:${escaped(`${ABUNDANCE_NAMES[record.abundance]}.${record.words ? ` ${record.words}` : ''}`)}`,
		...(place.precision === 'exact' ? [`GEO:${place.latitude};${place.longitude}`] : []),
		'END:VEVENT'
	]
		.map((line) => folded(line) + CRLF)
		.join('');
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
