import type { HatchRecord, SharedRecord } from '$lib/core/record';
import { hourTold } from '$lib/core/share';
import type { Database } from './database';

/** An outing as it is written down; without a position of its own it is in the middle of its reach. */
export interface WrittenOuting {
	id: string;
	reachId: string;
	startedAt: Date;
	endedAt?: Date | null;
	guests: number;
	latitude?: number | undefined;
	longitude?: number | undefined;
}

/**
 * Writes outings on reaches that their guide may fish by. One that is there stays as it is; with `widen`, one of the
 * guide's own that only tables have told of grows as long as its rows: an outing with notes says itself when it was.
 *
 * @returns the ids of those that were written
 */
export async function writeOutings(
	client: Database,
	accountId: string,
	outings: readonly WrittenOuting[],
	{ widen = false } = {}
): Promise<Set<string>> {
	const { rows } = await client.query<{ id: string }>(
		`insert into outing (id, reach_id, author_id, started_at, ended_at, guests, latitude, longitude)
		 select o.id, r.id, $1, o."startedAt", o."endedAt", o.guests,
			coalesce(o.latitude, (r.line -> (jsonb_array_length(r.line) / 2) ->> 1)::float8),
			coalesce(o.longitude, (r.line -> (jsonb_array_length(r.line) / 2) ->> 0)::float8)
		 from jsonb_to_recordset($2::jsonb) as o(id uuid, "reachId" uuid, "startedAt" timestamptz,
			"endedAt" timestamptz, guests int, latitude float8, longitude float8)
		 join reach r on r.id = o."reachId" and (r.owner_id is null or r.owner_id = $1)
		 on conflict (id) do update set started_at = least(outing.started_at, excluded.started_at),
			ended_at = greatest(outing.ended_at, excluded.ended_at)
			where $3 and outing.author_id = $1 and outing.ended_at is not null
				and not exists (select 1 from note n where n.outing_id = outing.id)
		 returning id`,
		[accountId, JSON.stringify(outings), widen]
	);
	return new Set(rows.map(({ id }) => id));
}

/** A record as it is written down; its id is made where it has none. */
export interface WrittenRecord {
	id?: string;
	outingId: string;
	record: HatchRecord;
	confirmedAt: Date;
}

const AGAIN = {
	stays: 'on conflict do nothing',
	replaces: `on conflict (outing_id, taxon_id, stage)
		do update set day = excluded.day, body = excluded.body, confirmed_at = excluded.confirmed_at`
} as const;

/**
 * Writes records of a guide's own outings. What an outing says of a stage already stays, or is replaced.
 *
 * @returns the ids of those that were written
 */
export async function writeRecords(
	client: Database,
	accountId: string,
	records: readonly WrittenRecord[],
	again: keyof typeof AGAIN = 'stays'
): Promise<Set<string>> {
	const { rows } = await client.query<{ id: string }>(
		`insert into hatch_record (id, outing_id, author_id, taxon_id, stage, day, body, confirmed_at)
		 select coalesce(r.id, gen_random_uuid()), o.id, $1, r.record ->> 'taxonId', r.record ->> 'stage',
			(r.record ->> 'day')::date, r.record, r."confirmedAt"
		 from jsonb_to_recordset($2::jsonb)
			as r(id uuid, "outingId" uuid, record jsonb, "confirmedAt" timestamptz)
		 join outing o on o.id = r."outingId" and o.author_id = $1
		 ${AGAIN[again]} returning id`,
		[accountId, JSON.stringify(records)]
	);
	return new Set(rows.map(({ id }) => id));
}

/** A coarsened copy of a record, for whom and from when. */
export interface WrittenShare {
	circleId: string;
	recordId: string;
	copy: SharedRecord;
	sharedAt: Date;
	appearsAt: Date;
	/** A picture of the record's outing that goes along. */
	photoId?: string | undefined;
}

/**
 * Writes a share into a circle where its author may share, in place of an earlier one of the same record.
 *
 * @returns its id; undefined where the author may not share
 */
export async function writeShare(
	client: Database,
	accountId: string,
	{ circleId, recordId, copy, sharedAt, appearsAt, photoId }: WrittenShare
): Promise<string | undefined> {
	const { rows } = await client.query<{ id: string }>(
		`insert into shared_record (circle_id, author_id, record_id, precision, body, shared_at, appears_at, hour_told,
			photo_id)
		 select m.circle_id, m.account_id, $3, $4, $5, $6, $7, $8,
			(select p.id from photo p join hatch_record r on r.id = $3 and r.outing_id = p.outing_id where p.id = $9::uuid)
		 from circle_member m
		 where m.circle_id = $2 and m.account_id = $1 and m.role <> 'reader'
		 on conflict (circle_id, record_id)
		 do update set precision = excluded.precision, body = excluded.body, shared_at = excluded.shared_at,
			appears_at = excluded.appears_at, hour_told = excluded.hour_told, photo_id = excluded.photo_id
		 returning id`,
		[
			accountId,
			circleId,
			recordId,
			copy.place.precision,
			copy,
			sharedAt,
			appearsAt,
			hourTold(copy),
			photoId ?? null
		]
	);
	return rows[0]?.id;
}

/** Writes a picture into one of the guide's own outings; answers false where its id is taken or the outing is not theirs. */
export async function writePhoto(
	client: Database,
	accountId: string,
	{
		id,
		outingId,
		jpeg,
		width,
		height
	}: { id: string; outingId: string; jpeg: Buffer; width: number; height: number }
): Promise<boolean> {
	const { rowCount } = await client.query(
		`insert into photo (id, outing_id, jpeg, width, height)
		 select $1, id, $3, $4, $5 from outing where id = $2 and author_id = $6
		 on conflict (id) do nothing`,
		[id, outingId, jpeg, width, height, accountId]
	);
	return rowCount === 1;
}
