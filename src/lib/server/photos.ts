import sharp from 'sharp';
import { database } from './database';
import { log } from './log';

/** Longest side of a kept picture in pixels, and of one that may be sent. */
const KEPT_LONGEST = 2048;
const MOST_PIXELS = 60_000_000;
const FORMATS = new Set(['jpeg', 'png', 'webp']);

export type KeptPhoto = { id: string; width: number; height: number };
export type PhotoRefusal = 'no-outing' | 'taken' | 'not-a-picture';

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
): Promise<KeptPhoto | { refused: PhotoRefusal }> {
	const { rowCount: own } = await database().query('select 1 from outing where id = $1 and author_id = $2', [
		outingId,
		accountId
	]);
	if (own === 0) return { refused: 'no-outing' };
	const encoded = await encodeAnew(bytes);
	if (!encoded) return { refused: 'not-a-picture' };
	const { rowCount } = await database().query(
		`insert into photo (id, outing_id, jpeg, width, height)
		 select $1, id, $3, $4, $5 from outing where id = $2 and author_id = $6
		 on conflict (id) do nothing`,
		[id, outingId, encoded.jpeg, encoded.width, encoded.height, accountId]
	);
	if (rowCount === 1) return { id, width: encoded.width, height: encoded.height };
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
 * A picture that comes back from a packet, as it is to be kept: unchanged when it is what we would keep, encoded anew
 * when it is larger or carries metadata; undefined when it is no picture.
 */
export async function asKept(
	bytes: Uint8Array
): Promise<{ jpeg: Buffer; width: number; height: number } | undefined> {
	try {
		const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
		const { format, width, height, exif, xmp, iptc } = await image.metadata();
		const bare = !exif && !xmp && !iptc;
		if (format !== 'jpeg' || !bare || Math.max(width, height) > KEPT_LONGEST) return encodeAnew(bytes);
		// To its last pixel: what is cut off is no picture.
		await image.stats();
		return { jpeg: Buffer.from(bytes), width, height };
	} catch (error) {
		log.info({ error: String(error) }, 'picture refused');
		return undefined;
	}
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
		 join photo p on p.outing_id = r.outing_id and p.id::text = r.body ->> 'photoId'
		 where s.id = $2 and s.with_picture and (s.appears_at <= $3 or s.author_id = $1)`,
		[accountId, sharedId, at]
	);
	return rows[0] && new Uint8Array(rows[0].jpeg);
}

async function encodeAnew(
	bytes: Uint8Array
): Promise<{ jpeg: Buffer; width: number; height: number } | undefined> {
	try {
		const image = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
		const { format } = await image.metadata();
		if (!FORMATS.has(format)) return undefined;
		// Turned upright by its own mark first, since the mark goes with the metadata.
		const { data, info } = await image
			.rotate()
			.resize({ width: KEPT_LONGEST, height: KEPT_LONGEST, fit: 'inside', withoutEnlargement: true })
			.jpeg({ quality: 85 })
			.toBuffer({ resolveWithObject: true });
		return { jpeg: data, width: info.width, height: info.height };
	} catch (error) {
		// Damaged, too large when unpacked, or no picture at all: sharp's own words would not help a guide.
		log.info({ error: String(error) }, 'picture refused');
		return undefined;
	}
}
