import { Zip, ZipDeflate } from 'fflate';
import {
	ARCHIVE_TABLES,
	archiveAbout,
	archiveMeta,
	CALENDAR_FOOT,
	CALENDAR_HEAD,
	csvLine,
	expectedEvent,
	PACKET,
	packetLine,
	RECORD_COLUMNS,
	recordCells,
	recordEvent,
	recordFeature
} from '$lib/core/exchange';
import { expectedWindows } from '$lib/core/hatch';
import type { Precision, SharedRecord } from '$lib/core/record';
import { coarsen } from '$lib/core/share';
import { localDay } from '$lib/core/units';
import { feedPage, type FeedItem } from './feed';
import { boxOf } from './flies';
import { logOf, NO_FILTER, type LogCursor, type LogEntry, type LogFilter } from './log-book';
import { namesFor } from './guides-names';
import { keptNotesOf } from './notes';
import { outingsOf } from './outings';
import { ownPatternsOf } from './own-patterns';
import { photosOf } from './photos';
import { earlierVersions } from './records';
import { lineOf, reachesLatelyFished, type Reach } from './waters';
import { tell } from './tell';

/** Formats in which a guide's own records, or everything of their own, can be taken along. */
export const FORMATS = {
	csv: { type: 'text/csv; charset=utf-8', name: 'hatch-records.csv' },
	geojson: { type: 'application/geo+json', name: 'hatch-records.geojson' },
	shared: { type: 'application/geo+json', name: 'shared-with-me.geojson' },
	dwca: { type: 'application/zip', name: 'hatch-records-darwin-core.zip' },
	ics: { type: 'text/calendar; charset=utf-8', name: 'hatch-records.ics' },
	expected: { type: 'text/calendar; charset=utf-8', name: 'hatches-to-expect.ics' },
	packet: { type: 'application/x-ndjson', name: 'lacewing-packet.ndjson' }
} as const;
export type Format = keyof typeof FORMATS;

/** What to take out, for whom. */
interface Wanted {
	accountId: string;
	/** The guide, as the archive names its observer. */
	by: string;
	at: Date;
	/** How fine the archive for publishing is. */
	precision: Precision;
	/** Which of the guide's own records, as the log was searched. */
	filter?: LogFilter;
}

/** As a stream, a page of the database at a time: memory does not grow with how much there is. */
export function exportFile(format: Format, wanted: Wanted): ReadableStream<Uint8Array> {
	const parts = { csv, dwca, expected, geojson, ics, packet, shared }[format](wanted);
	const encoder = new TextEncoder();
	return new ReadableStream({
		async pull(controller) {
			const part = await parts.next();
			if (part.done) controller.close();
			else controller.enqueue(typeof part.value === 'string' ? encoder.encode(part.value) : part.value);
		},
		async cancel() {
			await parts.return(undefined);
		}
	});
}

const PAGE = 500;

async function* recordPages({
	accountId,
	filter = NO_FILTER
}: Pick<Wanted, 'accountId' | 'filter'>): AsyncGenerator<LogEntry[]> {
	const [names, patterns] = await Promise.all([namesFor(accountId), ownPatternsOf(accountId)]);
	let cursor: LogCursor | undefined;
	for (;;) {
		const page = await logOf(accountId, filter, cursor, PAGE, { names, patterns });
		const last = page.at(-1);
		if (last) yield page;
		if (!last || page.length < PAGE) return;
		cursor = { key: last.key, id: last.id };
	}
}

async function* csv(wanted: Wanted): AsyncGenerator<string> {
	yield csvLine(RECORD_COLUMNS);
	for await (const page of recordPages(wanted))
		yield page.map(({ id, outingId, record }) => csvLine(recordCells(id, outingId, record))).join('');
}

async function* geojson(wanted: Wanted): AsyncGenerator<string> {
	yield* features(recordPages(wanted));
}

/** What a guide's circles shared, each as finely as its share tells it. */
async function* shared({ accountId, at }: Wanted): AsyncGenerator<string> {
	yield* features(sharedPages(accountId, at));
}

async function* sharedPages(accountId: string, at: Date): AsyncGenerator<FeedItem[]> {
	let cursor: string | undefined;
	for (;;) {
		const { items, next } = await feedPage(accountId, at, {}, cursor, PAGE);
		if (items.length > 0) yield items;
		if (!next) return;
		cursor = next;
	}
}

async function* features(
	pages: AsyncIterable<readonly { id: string; record: SharedRecord }[]>
): AsyncGenerator<string> {
	yield '{"type":"FeatureCollection","features":[';
	let between = '\n';
	for await (const page of pages) {
		yield between + page.map(({ id, record }) => JSON.stringify(recordFeature(id, record))).join(',\n');
		between = ',\n';
	}
	yield '\n]}\n';
}

async function* ics(wanted: Wanted): AsyncGenerator<string> {
	yield CALENDAR_HEAD;
	for await (const page of recordPages(wanted))
		yield page.map(({ id, record }) => recordEvent(id, record, { at: wanted.at, tell })).join('');
	yield CALENDAR_FOOT;
}

/** So far ahead a season says something, without a forecast. */
const DAYS_AHEAD = 14;

/** What to expect in the coming days on the reaches that a guide has lately fished. */
async function* expected({ accountId, at }: Wanted): AsyncGenerator<string> {
	yield CALENDAR_HEAD;
	for (const reach of await reachesLatelyFished(accountId, at))
		for (let ahead = 0; ahead < DAYS_AHEAD; ahead++) {
			const day = localDay(new Date(at.getTime() + ahead * 86_400_000), reach.timeZone);
			yield expectedWindows(reach.place, day, reach.timeZone)
				.map((window) => expectedEvent(reach, day, window, { at, tell }))
				.join('');
		}
	yield CALENDAR_FOOT;
}

/** A Darwin Core archive: two tables, what their columns mean, and whose they are, in one zip. */
async function* dwca({
	accountId,
	by,
	at,
	precision,
	filter = NO_FILTER
}: Wanted): AsyncGenerator<Uint8Array> {
	let ready: Uint8Array[] = [];
	const zip = new Zip((error, data) => {
		if (error) throw error;
		ready.push(data);
	});
	const encoder = new TextEncoder();
	function* flushed(): Generator<Uint8Array> {
		yield* ready;
		ready = [];
	}
	for (const { file, head, row } of Object.values(ARCHIVE_TABLES)) {
		const entry = new ZipDeflate(file, { level: 6 });
		zip.add(entry);
		entry.push(encoder.encode(head));
		for await (const page of recordPages({ accountId, filter })) {
			entry.push(
				encoder.encode(page.map(({ id, record }) => row(id, coarsen(record, precision), tell)).join(''))
			);
			yield* flushed();
		}
		entry.push(new Uint8Array(), true);
		yield* flushed();
	}
	for (const [file, text] of [
		['meta.xml', archiveMeta()],
		['eml.xml', archiveAbout(by, at, tell)]
	] as const) {
		const entry = new ZipDeflate(file);
		zip.add(entry);
		entry.push(encoder.encode(text), true);
	}
	zip.end();
	yield* flushed();
}

async function* packet({ accountId, at }: Wanted): AsyncGenerator<string> {
	yield packetLine({ kind: 'packet', ...PACKET, writtenAt: at.toISOString() });
	for (const { id, name, style, belly, wing, post, sizes } of await ownPatternsOf(accountId))
		yield packetLine({
			kind: 'pattern',
			id,
			name,
			style,
			belly,
			...(wing && { wing }),
			...(post && { post }),
			sizes: [...sizes]
		});
	for (const fly of await boxOf(accountId)) yield packetLine({ kind: 'boxed', ...fly });
	for (const { taxonId, name, mine } of await namesFor(accountId))
		if (mine) yield packetLine({ kind: 'name', taxonId, name });
	yield* outingLines(accountId);
	yield* recordLines(accountId);
}

/** The outings, newest first, each with its notes and pictures, and its reach before the first that was there. */
async function* outingLines(accountId: string): AsyncGenerator<string> {
	const reaches = new Set<string>();
	let before: { startedAt: Date; id: string } | undefined;
	for (;;) {
		const page = await outingsOf(accountId, before, 50);
		for (const outing of page) {
			const { reach } = outing;
			if (!reaches.has(reach.id)) {
				reaches.add(reach.id);
				yield await reachLine(accountId, reach);
			}
			yield packetLine({
				kind: 'outing',
				id: outing.id,
				reachId: reach.id,
				startedAt: outing.startedAt.toISOString(),
				endedAt: outing.endedAt?.toISOString() ?? null,
				guests: outing.guests,
				latitude: outing.latitude,
				longitude: outing.longitude
			});
			const notes = await keptNotesOf(accountId, outing.id);
			yield notes.map((note) => `${JSON.stringify({ kind: 'note', outingId: outing.id, note })}\n`).join('');
			for await (const { id, jpeg } of photosOf(accountId, outing.id))
				yield packetLine({ kind: 'photo', id, outingId: outing.id, jpeg: jpeg.toString('base64') });
		}
		const last = page.at(-1);
		if (!last || page.length < 50) break;
		before = { startedAt: last.startedAt, id: last.id };
	}
}

async function* recordLines(accountId: string): AsyncGenerator<string> {
	for await (const page of recordPages({ accountId })) {
		const earlier = await earlierVersions(page.map(({ id }) => id));
		yield page
			.map(({ id, outingId, confirmedAt, record }) => {
				const before = earlier.get(id);
				const told = {
					kind: 'record',
					id,
					outingId,
					confirmedAt,
					record,
					...(before && { earlier: before })
				};
				return `${JSON.stringify(told)}\n`;
			})
			.join('');
	}
}

async function reachLine(
	accountId: string,
	{ id, basin, water, name, timeZone, place }: Reach
): Promise<string> {
	return packetLine({
		kind: 'reach',
		id,
		basin,
		water,
		name,
		waterKind: place.water,
		elevationM: place.elevationM,
		...(place.region && { region: place.region }),
		timeZone,
		line: await lineOf(accountId, id)
	});
}
