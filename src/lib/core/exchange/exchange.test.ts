import says from './words';
import fc from 'fast-check';
import ical from 'ical.js';
import papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { csvLine, RECORD_COLUMNS, recordCells, cellText } from './csv';
import { recordFeature } from './geojson';
import { CALENDAR_FOOT, CALENDAR_HEAD, expectedEvent, recordEvent } from './icalendar';
import { PACKET, packetLine, readPacketLine } from './packet';
import { sayMessage, type Message } from '../message';
import { PRECISIONS, type HatchRecord } from '../record';
import { coarsen } from '../share';
import { DEMO_NOW, DEMO_TIME_ZONE } from '$lib/simulate';
import { testId } from '../../../../tests/support/story';

const record: HatchRecord = {
	taxonId: 'baetis',
	stage: 'emerger',
	day: '2026-05-19',
	timeZone: DEMO_TIME_ZONE,
	firstSeen: new Date('2026-05-19T12:10:00Z'),
	mostSeen: new Date('2026-05-19T13:20:00Z'),
	lastSeen: new Date('2026-05-19T14:40:00Z'),
	abundance: 'many',
	lengthMm: 7.1,
	conditions: { waterC: 9.8, sky: 'drizzle', clarityM: 1.4 },
	riseForms: [{ form: 'bulge', count: 3 }],
	taken: 0.62,
	flies: [{ patternId: 'wing-up-cripple-olive', hookSize: 16, outcome: 'taken', times: 2 }],
	words: 'Below the alder; "best" at one, then rain',
	place: {
		precision: 'exact',
		basin: 'Ovrane basin',
		water: 'Ovrane',
		reach: 'Alder Bend',
		latitude: 47.1723,
		longitude: -20.3312
	}
};
const words = fc.string({ unit: 'grapheme', maxLength: 200 });

const RFC_4180 = { delimiter: ',', newline: '\r\n' } as const;

const WRITTEN = { at: DEMO_NOW, tell: (message: Message) => sayMessage(message) };

describe('a table of records', () => {
	it('has a cell for every column, units in the names, and comes back from any reader as it was', () => {
		const [head, row] = papa.parse<string[]>(
			csvLine(RECORD_COLUMNS) + csvLine(recordCells('r1', 'o1', record)),
			{
				skipEmptyLines: true
			}
		).data;
		expect(head).toEqual([...RECORD_COLUMNS]);
		const cell = (name: (typeof RECORD_COLUMNS)[number]) => row?.[RECORD_COLUMNS.indexOf(name)];
		expect(cell('words')).toBe(record.words);
		expect(cell('length_mm')).toBe('7.1');
		expect(cell('air_c')).toBe('');
		expect(cell('flies')).toBe('wing-up-cripple-olive #16 taken 2');
		expect(new Date(cell('most_seen') ?? '')).toEqual(record.mostSeen);
	});

	it('never gives a spreadsheet a formula, and loses no character of what was written', () => {
		fc.assert(
			fc.property(fc.array(fc.oneof(fc.constantFrom(...Array.from("=+-@\t\r\n;, '")), words)), (parts) => {
				const text = parts.join('');
				const told =
					recordCells('r1', 'o1', { ...record, words: text })[RECORD_COLUMNS.indexOf('words')] ?? '';
				// Nor where a spreadsheet parts cells at semicolons or at ends of lines.
				expect(told).not.toMatch(/(^|[;,\n]) *[=+\-@\t]/);
				expect(cellText(told)).toBe(text);
				const back = papa.parse<string[]>(csvLine(['a', told, 'b']), RFC_4180).data[0];
				expect(back).toEqual(['a', told, 'b']);
			})
		);
	});
});

describe('a map layer', () => {
	it('has a point only where the place is exact, longitude first, and no name finer than was told', () => {
		for (const precision of PRECISIONS) {
			const { geometry, properties } = recordFeature('r1', coarsen(record, precision));
			expect(geometry).toEqual(
				precision === 'exact' ? { type: 'Point', coordinates: [-20.3312, 47.1723] } : null
			);
			expect(properties['reach']).toBe(precision === 'exact' || precision === 'reach' ? 'Alder Bend' : null);
			expect(properties['water']).toBe(precision === 'basin' || precision === 'season' ? null : 'Ovrane');
		}
	});
});

describe('a calendar', () => {
	const parsed = (events: string) =>
		new ical.Component(ical.parse(CALENDAR_HEAD + events + CALENDAR_FOOT) as unknown[])
			.getAllSubcomponents('vevent')
			.map((component) => new ical.Event(component));

	it('is read by an independent reader, with the window and the place as they were', () => {
		const [event] = parsed(recordEvent('r1', record, WRITTEN));
		expect(event?.summary).toBe('Olive emerger');
		expect(event?.location).toBe('Alder Bend, Ovrane, Ovrane basin');
		expect(event?.startDate.toJSDate()).toEqual(record.firstSeen);
		expect(event?.endDate.toJSDate()).toEqual(record.lastSeen);
		expect(event?.description).toContain('"best" at one, then rain');
	});

	it('holds what to expect too, under an id that stays the same', () => {
		const reach = { id: 'r', name: 'Alder Bend', water: 'Ovrane', basin: 'Ovrane basin' };
		const [from, peakAt, to] = [record.firstSeen, record.mostSeen, record.lastSeen];
		const window = { taxonId: 'baetis', what: 'flying' as const, from, peakAt, to, strength: 0.4 };
		const written = [DEMO_NOW, peakAt]
			.map((at) => expectedEvent(reach, '2026-05-19', window, { ...WRITTEN, at }))
			.join('');
		const [first, again] = parsed(written);
		expect(first?.summary).toBe('Expected: olive spinners');
		expect(first?.startDate.toJSDate()).toEqual(from);
		expect(again?.uid).toBe(first?.uid);
	});

	it('survives any words, with no line over 75 octets', () => {
		fc.assert(
			fc.property(words, (text) => {
				const written = recordEvent('r1', { ...record, words: text || 'x' }, WRITTEN);
				for (const line of written.split('\r\n'))
					expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
				expect(parsed(written)).toHaveLength(1);
			})
		);
	});
});

describe('a packet', () => {
	it('names the line, the field and what is wrong with it', () => {
		const good = packetLine({ kind: 'packet', ...PACKET, writtenAt: DEMO_NOW.toISOString() });
		expect(readPacketLine(good, 1)).toHaveProperty('value.kind', 'packet');
		expect(readPacketLine('{"kind":', 7)).toEqual({
			bad: { line: 7, field: '', says: says('line-no-json') }
		});
		const newer = JSON.stringify({ ...JSON.parse(good), version: 99 });
		expect(readPacketLine(newer, 1)).toEqual({
			bad: { line: 1, field: 'version', says: says('other-version') }
		});
		const note = { id: testId(), at: DEMO_NOW.toISOString(), kind: 'rise', body: { form: 'hop' } };
		expect(readPacketLine(JSON.stringify({ kind: 'note', outingId: testId(), note }), 3)).toHaveProperty(
			'bad.field',
			'note.body.form'
		);
	});

	it('is read in its first version too, and keeps notes of kinds that a later version knows', () => {
		const first = packetLine({ kind: 'packet', ...PACKET, version: 1, writtenAt: DEMO_NOW.toISOString() });
		expect(readPacketLine(first, 1)).toHaveProperty('value.version', 1);
		const note = {
			id: testId(),
			at: DEMO_NOW.toISOString(),
			kind: 'river-song',
			body: { verses: [1, { of: 'x' }] }
		};
		const line = JSON.stringify({ kind: 'note', outingId: testId(), note });
		const read = readPacketLine(line, 2);
		expect(read).toHaveProperty('value.note.kind', 'river-song');
		expect(read).toHaveProperty('value.note.body', note.body);
		for (const kind of ['River song', '', 'x'.repeat(50)])
			expect(
				readPacketLine(JSON.stringify({ kind: 'note', outingId: testId(), note: { ...note, kind } }), 2)
			).toHaveProperty('bad');
	});

	it('never takes anything for a line that is none', () => {
		fc.assert(
			fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
				expect(readPacketLine(text, 1)).toHaveProperty('bad.line', 1);
			}),
			{ numRuns: 500 }
		);
	});
});
