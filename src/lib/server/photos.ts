import sharp, { type Sharp } from 'sharp';
import { database, Full, unlessFull } from './database';
import { log } from './log';
import { writePhoto } from './writing';

/** Longest side of a kept picture in pixels, and of one that may be sent. */
const KEPT_LONGEST = 2048;
const MOST_PIXELS = 60_000_000;
const FORMATS = new Set(['jpeg', 'png', 'webp']);

export type KeptPhoto = { id: string; width: number; height: number };
export type PhotoRefusal = 'no-outing' | 'taken' | 'not-a-picture' | 'too-large' | 'busy';

/**
 * Keeps a picture with one of the guide's own outings. What is stored is encoded anew from the pixels alone, so
 * that position and every other metadata are gone; the type is told by content, not by name.
 *
 * @param id made on the device, so that the same picture sent twice is stored once
 */
export async function keepPhoto(
	accountId: string,
	outingId: string,
	id: string,
	bytes: Uint8Array
): Promise<KeptPhoto | { refused: PhotoRefusal } | Full> {
	const { rowCount: own } = await database().query('select 1 from outing where id = $1 and author_id = $2', [
		outingId,
		accountId
	]);
	if (own === 0) return { refused: 'no-outing' };
	if (inLine >= MOST_IN_LINE) return { refused: 'busy' };
	const encoded = await encodeAnew(bytes);
	if (encoded === 'too-large') return { refused: 'too-large' };
	if (!encoded) return { refused: 'not-a-picture' };
	const { width, height, jpeg } = encoded;
	const written = await unlessFull(() =>
		writePhoto(database(), accountId, { id, outingId, jpeg, width, height })
	);
	if (written instanceof Full) return written;
	if (written) return { id, width: encoded.width, height: encoded.height };
	const { rows } = await database().query<KeptPhoto & { mine: boolean }>(
		`select p.id, p.width, p.height, p.outing_id = $2 and o.author_id = $3 as mine
		 from photo p join outing o on o.id = p.outing_id where p.id = $1`,
		[id, outingId, accountId]
	);
	const [there] = rows;
	if (!there) return { refused: 'no-outing' };
	return there.mine ? { id, width: there.width, height: there.height } : { refused: 'taken' };
}

/** A picture of one of the guide's own outings, as JPEG. */
export async function photoOf(
	accountId: string,
	outingId: string,
	id: string
): Promise<Uint8Array<ArrayBuffer> | undefined> {
	const { rows } = await database().query<{ jpeg: Buffer }>(
		`select p.jpeg from photo p join outing o on o.id = p.outing_id
		 where p.id = $1 and o.id = $2 and o.author_id = $3`,
		[id, outingId, accountId]
	);
	return rows[0] && new Uint8Array(rows[0].jpeg);
}

/** The pictures of an outing of the guide's own, one after another. */
export async function* photosOf(
	accountId: string,
	outingId: string
): AsyncGenerator<{ id: string; jpeg: Buffer }> {
	const { rows } = await database().query<{ id: string }>(
		`select p.id from photo p join outing o on o.id = p.outing_id
		 where o.id = $1 and o.author_id = $2 order by p.received_at, p.id`,
		[outingId, accountId]
	);
	for (const { id } of rows) {
		const jpeg = await photoOf(accountId, outingId, id);
		if (jpeg) yield { id, jpeg: Buffer.from(jpeg) };
	}
}

/**
 * A picture that comes back from a packet, as it is to be kept: unchanged when it is what we would write, encoded anew
 * when it is larger or holds anything beside the picture; undefined when it is no picture.
 */
export async function asKept(
	bytes: Uint8Array
): Promise<{ jpeg: Buffer; width: number; height: number } | undefined> {
	const kept = await oneAtATime(async () => {
		const size = await sizeOf(bytes);
		if (size === undefined || size === 'too-large') return undefined;
		if (Math.max(size.width, size.height) > KEPT_LONGEST || !isBareJpeg(bytes)) return 'anew';
		// To its last pixel: what is cut off is no picture.
		const whole = await reading(bytes, (image) => image.stats());
		return whole ? { jpeg: Buffer.from(bytes), ...size } : undefined;
	});
	const encoded = kept === 'anew' ? await encodeAnew(bytes) : kept;
	return encoded === 'too-large' ? undefined : encoded;
}

/** Whether a picture is kept with an outing of the guide's own. */
export async function hasPhoto(accountId: string, outingId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		'select 1 from photo p join outing o on o.id = p.outing_id where p.id = $1 and o.id = $2 and o.author_id = $3',
		[id, outingId, accountId]
	);
	return rowCount === 1;
}

/** The picture that was shared with a record which the guide may see, as JPEG. */
export async function sharedPhoto(
	accountId: string,
	sharedId: string,
	at: Date
): Promise<Uint8Array<ArrayBuffer> | undefined> {
	const { rows } = await database().query<{ jpeg: Buffer }>(
		`select p.jpeg from shared_record s
		 join circle_member m on m.circle_id = s.circle_id and m.account_id = $1
		 join hatch_record r on r.id = s.record_id
		 join photo p on p.id = s.photo_id and p.outing_id = r.outing_id and p.id::text = r.body ->> 'photoId'
		 where s.id = $2 and (s.appears_at <= $3 or s.author_id = $1)`,
		[accountId, sharedId, at]
	);
	return rows[0] && new Uint8Array(rows[0].jpeg);
}

const READING = { limitInputPixels: MOST_PIXELS, failOn: 'error' } as const;
// Nothing is read twice, and one picture at a time is enough for what this server is.
sharp.cache(false);

/** The size of a picture that can be read; its header alone is looked at. */
async function sizeOf(
	bytes: Uint8Array
): Promise<{ width: number; height: number } | 'too-large' | undefined> {
	const header = await reading(bytes, (image) => image.metadata());
	if (!header || !FORMATS.has(header.format)) return undefined;
	const { width, height, channels, depth, isProgressive, format } = header;
	// A plain JPEG is read a few lines at a time; everything else is unpacked whole.
	const inLines = format === 'jpeg' && !isProgressive;
	const unpacked = width * height * channels * (depth === 'uchar' ? 1 : 2) * (isProgressive ? 2 : 1);
	return !inLines && unpacked > MOST_UNPACKED ? 'too-large' : { width, height };
}
/** Bytes of a picture unpacked whole: 24 million pixels of the usual kind. */
const MOST_UNPACKED = 100_000_000;

/** What is read of a picture; undefined where it can't be. */
const reading = async <T>(bytes: Uint8Array, read: (image: Sharp) => Promise<T>): Promise<T | undefined> => {
	try {
		return await read(sharp(bytes, READING));
	} catch (error) {
		return refused(error);
	}
};

/** Damaged, too large when unpacked, or no picture at all: the library's own words would not help a guide. */
function refused(error: unknown): undefined {
	log.info({ error: String(error) }, 'picture refused');
	return undefined;
}

async function encodeAnew(
	bytes: Uint8Array
): Promise<{ jpeg: Buffer; width: number; height: number } | 'too-large' | undefined> {
	return oneAtATime(async () => {
		const size = await sizeOf(bytes);
		if (size === undefined || size === 'too-large') return size;
		// Turned upright by its own mark first, since the mark goes with the metadata.
		const encoded = await reading(bytes, (image) =>
			image
				.rotate()
				.resize({ width: KEPT_LONGEST, height: KEPT_LONGEST, fit: 'inside', withoutEnlargement: true })
				.jpeg({ quality: 85 })
				.toBuffer({ resolveWithObject: true })
		);
		return encoded && { jpeg: encoded.data, width: encoded.info.width, height: encoded.info.height };
	});
}

let line: Promise<unknown> = Promise.resolve();
let inLine = 0;
/** So many pictures may wait; whoever comes then is asked to come again. */
const MOST_IN_LINE = 20;
/** Unpacking a picture takes memory by the pixel: however many come, one is unpacked at a time. */
function oneAtATime<T>(work: () => Promise<T>): Promise<T> {
	inLine += 1;
	const done = line.then(work).finally(() => (inLine -= 1));
	line = done.catch(() => undefined);
	return done;
}

const [MARKER, SOI, APP0, SOS, EOI] = [0xff, 0xd8, 0xe0, 0xda, 0xd9];
/** Segments that are needed to draw: tables, restart interval, the frame. */
const NEEDED = new Set([0xdb, 0xc4, 0xdd, 0xc0, 0xc1]);
/** The JFIF head without a thumbnail. */
const BARE_HEAD_LENGTH = 16;

/**
 * Whether a JPEG holds the picture and nothing beside it: no comment, no profile, no thumbnail, nothing behind its
 * end. Source: ITU-T T.81, annex B.
 */
function isBareJpeg(bytes: Uint8Array): boolean {
	if (bytes[0] !== MARKER || bytes[1] !== SOI) return false;
	let at = 2;
	while (bytes[at] === MARKER && bytes[at + 1] !== SOS) {
		const length = ((bytes[at + 2] ?? 0) << 8) | (bytes[at + 3] ?? 0);
		const bareHead = bytes[at + 1] === APP0 && length === BARE_HEAD_LENGTH;
		if (length < 2 || !(bareHead || NEEDED.has(bytes[at + 1] ?? 0))) return false;
		at += 2 + length;
	}
	if (bytes[at] !== MARKER) return false;
	// The picture itself: one scan, in which a marker only restarts.
	for (at += 2; at < bytes.length; at++) {
		if (bytes[at] !== MARKER) continue;
		const code = bytes[at + 1] ?? 0;
		if (code === EOI) return at + 2 === bytes.length;
		if (code !== 0 && !(code >= 0xd0 && code <= 0xd7)) return false;
	}
	return false;
}
