import * as v from 'valibot';
import {
	coarsen,
	HatchRecordSchema,
	localDay,
	PRECISIONS,
	RecordTextSchema,
	SharedRecordSchema,
	type HatchRecord,
	type Precision,
	type SharedRecord
} from '$lib/core';
import { database } from './database';
import type { StoredOuting } from './outings';

/** A confirmed record of the guide's own, and where it has been shared. */
export interface OwnRecord {
	id: string;
	record: HatchRecord;
	shares: { circleId: string; circle: string; precision: Precision }[];
}

/** A record as a circle sees it. */
export interface FeedItem {
	id: string;
	circleId: string;
	circle: string;
	author: string;
	mine: boolean;
	sharedAt: Date;
	record: SharedRecord;
}

/** What a guide sends to confirm: the record without its place, which the outing has, and with whom to share it. */
export const ConfirmSchema = v.object({
	record: RecordTextSchema,
	shares: v.pipe(
		v.array(
			v.object({ circleId: v.pipe(v.string(), v.uuid('must be a UUID')), precision: v.picklist(PRECISIONS) })
		),
		v.maxLength(50, 'names over 50 circles')
	)
});

/**
 * Keeps a confirmed record with the place of its outing; confirming the same stage of the same outing again
 * replaces it. The outing must be the guide's own.
 */
export async function confirmRecord(
	accountId: string,
	outing: StoredOuting,
	told: v.InferOutput<typeof RecordTextSchema>,
	at: Date
): Promise<string> {
	const record: HatchRecord = {
		...told,
		timeZone: outing.reach.timeZone,
		day: localDay(told.mostSeen, outing.reach.timeZone),
		place: exactPlace(outing)
	};
	const { rows } = await database().query<{ id: string }>(
		`insert into hatch_record (outing_id, author_id, taxon_id, stage, day, body, confirmed_at)
		 select o.id, o.author_id, $3, $4, $5, $6, $7 from outing o where o.id = $1 and o.author_id = $2
		 on conflict (outing_id, taxon_id, stage)
		 do update set day = excluded.day, body = excluded.body, confirmed_at = excluded.confirmed_at
		 returning id`,
		[outing.id, accountId, record.taxonId, record.stage, record.day, record, at]
	);
	if (!rows[0]) throw new Error(`outing ${outing.id} is not of account ${accountId}`);
	return rows[0].id;
}

/** The finest a record can say of where it was. */
export function exactPlace({ reach, latitude, longitude }: StoredOuting): HatchRecord['place'] {
	return {
		precision: 'exact',
		basin: reach.basin,
		water: reach.water,
		reach: reach.name,
		latitude,
		longitude
	};
}

/** Confirmed records of one of the guide's own outings. */
export async function recordsOf(accountId: string, outingId: string): Promise<OwnRecord[]> {
	const { rows } = await database().query<{ id: string; body: unknown; shares: OwnRecord['shares'] | null }>(
		`select r.id, r.body,
			(select json_agg(json_build_object('circleId', c.id, 'circle', c.name, 'precision', s.precision) order by c.name)
			 from shared_record s join circle c on c.id = s.circle_id where s.record_id = r.id) as shares
		 from hatch_record r where r.outing_id = $1 and r.author_id = $2 order by r.taxon_id, r.stage`,
		[outingId, accountId]
	);
	return rows.map(({ id, body, shares }) => ({
		id,
		record: v.parse(HatchRecordSchema, body),
		shares: shares ?? []
	}));
}

/**
 * Shares a record with a circle: only the coarsened copy goes where the circle can read. Both the record and
 * the membership must be the guide's own, or the answer is false.
 */
export async function shareRecord(
	accountId: string,
	recordId: string,
	circleId: string,
	precision: Precision,
	at: Date
): Promise<boolean> {
	const own = await database().query<{ body: unknown }>(
		'select body from hatch_record where id = $1 and author_id = $2',
		[recordId, accountId]
	);
	if (!own.rows[0]) return false;
	const shared = coarsen(v.parse(HatchRecordSchema, own.rows[0].body), precision);
	const { rowCount } = await database().query(
		`insert into shared_record (circle_id, author_id, record_id, precision, body, shared_at)
		 select m.circle_id, m.account_id, $3, $4, $5, $6 from circle_member m where m.circle_id = $2 and m.account_id = $1
		 on conflict (circle_id, record_id)
		 do update set precision = excluded.precision, body = excluded.body, shared_at = excluded.shared_at`,
		[accountId, circleId, recordId, precision, shared, at]
	);
	return rowCount === 1;
}

/** Takes a share back: it is gone from the circle. */
export async function unshareRecord(accountId: string, recordId: string, circleId: string): Promise<boolean> {
	const { rowCount } = await database().query(
		'delete from shared_record where record_id = $1 and circle_id = $2 and author_id = $3',
		[recordId, circleId, accountId]
	);
	return (rowCount ?? 0) > 0;
}

/** Where a page of the feed ended. */
export interface FeedCursor {
	sharedAt: Date;
	id: string;
}

/** A page of what a guide's circles have shared, newest first. Only coarsened copies are selected. */
export async function feedFor(accountId: string, before?: FeedCursor, most = 20): Promise<FeedItem[]> {
	const { rows } = await database().query<{
		id: string;
		circle_id: string;
		circle: string;
		author: string;
		mine: boolean;
		shared_at: Date;
		body: unknown;
	}>(
		`select s.id, s.circle_id, c.name as circle, a.name as author, s.author_id = $1 as mine, s.shared_at, s.body
		 from circle_member m
		 join shared_record s on s.circle_id = m.circle_id
		 join circle c on c.id = s.circle_id
		 join account a on a.id = s.author_id
		 where m.account_id = $1 and ($2::timestamptz is null or (s.shared_at, s.id) < ($2, $3))
		 order by s.shared_at desc, s.id desc limit $4`,
		[accountId, before?.sharedAt ?? null, before?.id ?? null, most]
	);
	return rows.map((row) => ({
		id: row.id,
		circleId: row.circle_id,
		circle: row.circle,
		author: row.author,
		mine: row.mine,
		sharedAt: row.shared_at,
		record: v.parse(SharedRecordSchema, row.body)
	}));
}
