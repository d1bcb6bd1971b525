import { fault, type Message } from '../message';
import * as v from 'valibot';
import { REGIONS_TO_SET, WATER_KINDS } from '../atlas';
import {
	checked,
	DressingSchema,
	IdSchema as id,
	InstantSchema,
	listOf,
	KeptNoteSchema,
	nameOf,
	TaxonIdSchema as taxon,
	wordsOf
} from '../note';
import { HatchRecordSchema } from '../record';
import says from './words';

/**
 * The packet: everything of one guide's own, one JSON object on each line, so that it can be written and read in
 * a stream. The first line says what it is; a reach comes before its outings, an outing before its notes,
 * pictures and records. Documented in docs/formats.md.
 */
export const PACKET = { format: 'lacewing-packet', version: 2 } as const;
/** Versions that are read: each is what the one before it was, with more kinds of notes. */
const READ = [1, 2] as const;

/** Characters of a picture of 8 MB in base64. */
const MOST_PHOTO = 10_700_000;
const degrees = (most: number) => v.pipe(v.number(), v.minValue(-most), v.maxValue(most));

export const PacketLineSchema = v.variant('kind', [
	v.object({
		kind: v.literal('packet'),
		format: v.literal(PACKET.format, fault(says('other-packet'))),
		version: v.picklist(READ, fault(says('other-version'))),
		writtenAt: InstantSchema
	}),
	v.object({
		kind: v.literal('reach'),
		id,
		basin: nameOf(80),
		water: nameOf(80),
		name: nameOf(80),
		waterKind: v.picklist(WATER_KINDS),
		elevationM: v.pipe(v.number(), v.minValue(-400), v.maxValue(5500)),
		region: v.exactOptional(v.picklist(REGIONS_TO_SET)),
		timeZone: wordsOf(60),
		line: v.pipe(listOf(v.tuple([degrees(180), degrees(90)]), 5000), v.minLength(1))
	}),
	v.object({
		kind: v.literal('outing'),
		id,
		reachId: id,
		startedAt: InstantSchema,
		endedAt: v.nullable(InstantSchema),
		guests: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(20)),
		latitude: degrees(90),
		longitude: degrees(180)
	}),
	v.object({ kind: v.literal('note'), outingId: id, note: KeptNoteSchema }),
	v.object({
		kind: v.literal('record'),
		id,
		outingId: id,
		confirmedAt: InstantSchema,
		record: HatchRecordSchema,
		/** What it said before. */
		earlier: v.optional(listOf(v.object({ confirmedAt: InstantSchema, record: HatchRecordSchema }), 1000))
	}),
	v.object({
		kind: v.literal('photo'),
		id,
		outingId: id,
		/** The picture as it is kept, in base64. */
		jpeg: v.pipe(
			v.string(),
			v.nonEmpty(fault(says('empty'))),
			v.maxLength(MOST_PHOTO, 'is over 8 MB'),
			v.base64('is not base64')
		)
	}),
	v.object({ kind: v.literal('name'), taxonId: taxon, name: nameOf(60) }),
	v.object({
		kind: v.literal('pattern'),
		id,
		...DressingSchema.entries,
		sizes: v.pipe(listOf(v.pipe(v.number(), v.integer()), 14), v.minLength(1))
	}),
	v.object({
		kind: v.literal('boxed'),
		patternId: wordsOf(60),
		hookSize: v.pipe(v.number(), v.integer(), v.minValue(2), v.maxValue(32)),
		count: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(999))
	})
]);
export type PacketLine = v.InferOutput<typeof PacketLineSchema>;

/** What is wrong with a line of a packet. */
export interface BadLine {
	line: number;
	field: string;
	says: Message;
}

/** A line of a packet, read and checked. */
export function readPacketLine(text: string, line: number): { value: PacketLine } | { bad: BadLine } {
	let given: unknown;
	try {
		given = JSON.parse(text);
	} catch {
		return { bad: { line, field: '', says: says('line-no-json') } };
	}
	const read = checked(PacketLineSchema, given, text.length);
	return 'value' in read ? read : { bad: { line, ...read.issues[0] } };
}

/** A line of a packet, written. */
export const packetLine = (line: v.InferInput<typeof PacketLineSchema>): string =>
	`${JSON.stringify(line)}\n`;
