import * as v from 'valibot';
import { findTaxon, LIFE_STAGES } from '$lib/core/atlas';
import { TaxonIdSchema, wordsOf } from '$lib/core/note';
import { SharedRecordSchema, type SharedRecord } from '$lib/core/record';
import { finerNames, shownOf, type Reply } from '$lib/core/share';
import { database, sqlState, UNIQUE_VIOLATION } from './database';
import { isThere, readable } from './readable';
import { waterNamesOf } from './waters';

/** A record as a circle sees it. */
export interface FeedItem {
	id: string;
	circleId: string;
	circle: string;
	author: string;
	mine: boolean;
	/** When others see it, where that is still to come; told to its author alone. */
	heldUntil?: Date;
	record: SharedRecord;
	/** A picture goes with it. */
	picture: boolean;
	replies: FeedReply[];
}

export interface FeedReply {
	id: string;
	author: string;
	mine: boolean;
	reply: Reply;
	/** The outing whose record stands behind one's own "saw it too"; told to nobody else. */
	ownOutingId?: string;
}

/** The same as the page of a circle shows it. */
export const asShown = ({ record, ...item }: FeedItem) => ({ ...item, record: shownOf(record) });

/** What a guide wants to see of the feed; everything when nothing is chosen. */
export const FeedFilterSchema = v.object({
	taxon: v.optional(
		v.fallback(
			v.pipe(
				v.string(),
				v.check((id) => findTaxon(id) !== undefined)
			),
			''
		)
	),
	stage: v.optional(v.fallback(v.picklist(['', ...LIFE_STAGES]), '')),
	water: v.optional(v.fallback(v.pipe(v.string(), v.maxLength(80)), '')),
	days: v.optional(v.fallback(v.picklist(['', '1', '7', '30']), ''))
});
export type FeedFilter = v.InferOutput<typeof FeedFilterSchema>;

const DAY_MS = 86_400_000;

/** A part of what circles have shared. */
export interface FeedPage {
	items: FeedItem[];
	/** The entry that this page ends with, if there may be another page: when it appeared is not told. */
	next?: string;
	/** Circles with an entry on this page that cannot be read, by id, once for each entry. */
	unreadable: string[];
}

interface FeedRow {
	id: string;
	circle_id: string;
	circle: string;
	author: string;
	mine: boolean;
	appears_at: Date;
	body: unknown;
	picture: boolean;
	replies:
		| (Omit<FeedReply, 'reply'> & {
				kind: string;
				body: object;
				outing: string | null;
		  })[]
		| null;
}

/** A guide, the entry before, how many, a moment; and by taxon, stage, water and since when, or null for any. */
const FEED = `select s.id, s.circle_id, c.name as circle, a.name as author, s.author_id = $1 as mine, s.appears_at, s.body,
		(select s.photo_id::text = r.body ->> 'photoId' from hatch_record r where r.id = s.record_id) as picture,
		(select json_agg(json_build_object('id', r.id, 'author', ra.name, 'mine', r.author_id = $1,
			'kind', r.kind, 'body', r.body, 'outing', o.outing_id) order by r.at, r.id)
		 from feed_reply r join account ra on ra.id = r.author_id
		 left join hatch_record o on o.id = r.own_record_id and o.author_id = $1
		 where r.shared_id = s.id) as replies
	 from circle_member m
	 join lateral (
		select * from shared_record s
		where s.circle_id = m.circle_id
			and (s.appears_at <= $4 or s.author_id = $1)
			and ($2::uuid is null or (s.appears_at, s.id) < (select b.appears_at, b.id from shared_record b
				join circle_member bm on bm.circle_id = b.circle_id and bm.account_id = $1 where b.id = $2))
			and ($5::text is null or s.taxon_id = $5)
			and ($6::text is null or s.stage = $6)
			and ($7::text is null or s.water = $7)
			and ($8::timestamptz is null or s.appears_at > $8)
		order by s.appears_at desc, s.id desc limit $3) s on true
	 join circle c on c.id = s.circle_id
	 join account a on a.id = s.author_id
	 where m.account_id = $1
	 order by s.appears_at desc, s.id desc limit $3`;

/** What a guide's circles have shared, newest first: one page of it. */
export const feedFor = async (...asked: Parameters<typeof feedPage>): Promise<FeedItem[]> =>
	(await feedPage(...asked)).items;

/**
 * A page of what a guide's circles have shared, newest first, up to a moment. Only coarsened copies are selected,
 * and what is held back only for its author. An entry that cannot be read is left out, and said to be.
 */
export async function feedPage(
	accountId: string,
	at: Date,
	filter: FeedFilter = {},
	before?: string,
	most = 20
): Promise<FeedPage> {
	const { taxon, stage, water, days } = filter;
	const { rows } = await database().query<FeedRow>(FEED, [
		accountId,
		before ?? null,
		most,
		at,
		taxon || null,
		stage || null,
		water || null,
		days ? new Date(at.getTime() - Number(days) * DAY_MS) : null
	]);
	const read = rows.map((row) => ({ circleId: row.circle_id, item: itemOf(row, at) }));
	const last = rows.at(-1);
	return {
		items: read.map(({ item }) => item).filter(isThere),
		...(last && rows.length === most && { next: last.id }),
		unreadable: read.flatMap(({ circleId, item }) => (item ? [] : [circleId]))
	};
}

/** An entry as it is shown, unless it cannot be read. */
function itemOf(row: FeedRow, at: Date): FeedItem | undefined {
	const record = readable(SharedRecordSchema, row.body, { table: 'shared_record', id: row.id });
	return (
		record && {
			id: row.id,
			circleId: row.circle_id,
			circle: row.circle,
			author: row.author,
			mine: row.mine,
			...(row.mine && row.appears_at > at && { heldUntil: row.appears_at }),
			record,
			picture: row.picture,
			replies: (row.replies ?? [])
				.map(({ kind, body, outing, ...reply }) => {
					const read = readable(ReplySchema, { kind, ...body }, { table: 'feed_reply', id: reply.id });
					return read && { ...reply, ...(outing && { ownOutingId: outing }), reply: read };
				})
				.filter(isThere)
		}
	);
}

/** Waters that are named in what a guide's circles have shared, to filter by. */
export async function watersInFeed(accountId: string, at: Date): Promise<string[]> {
	const { rows } = await database().query<{ water: string }>(
		`select distinct s.water from circle_member m join shared_record s on s.circle_id = m.circle_id
		 where m.account_id = $1 and s.water is not null and (s.appears_at <= $2 or s.author_id = $1) order by 1`,
		[accountId, at]
	);
	return rows.map(({ water }) => water);
}

export const ReplySchema = v.variant('kind', [
	v.object({
		kind: v.literal('saw-it-too')
	}),
	v.object({
		kind: v.literal('question'),
		taxonId: TaxonIdSchema,
		/** The mark that tells. */
		mark: wordsOf(300)
	}),
	v.object({ kind: v.literal('word'), text: wordsOf(1000) })
]);

/**
 * Answers to a shared record; "saw it too" is linked to one's own record of the same taxon and day in the same
 * basin, where there is one. False when the guide cannot see it, or only reads in its circle.
 */
export async function replyTo(
	accountId: string,
	sharedId: string,
	{ kind, ...body }: v.InferOutput<typeof ReplySchema>,
	at: Date
): Promise<boolean> {
	try {
		const { rowCount } = await database().query(
			`insert into feed_reply (shared_id, author_id, kind, body, at, own_record_id)
			 select s.id, m.account_id, $3, $4, $5, own.id from shared_record s
			 join circle_member m on m.circle_id = s.circle_id and m.account_id = $1 and m.role <> 'reader'
			 left join lateral (
				select r.id from hatch_record r
				where $3 = 'saw-it-too' and r.author_id = $1 and r.taxon_id = s.taxon_id and r.day = s.day
					and r.body -> 'place' ->> 'basin' = s.body -> 'place' ->> 'basin'
					and coalesce(r.body -> 'place' ->> 'water' = s.water, true)
				order by r.stage = s.stage desc, r.id limit 1) own on true
			 where s.id = $2 and (s.appears_at <= $5 or s.author_id = $1)
				and not ($3 = 'saw-it-too' and s.author_id = $1)`,
			[accountId, sharedId, kind, body, at]
		);
		return rowCount === 1;
	} catch (error) {
		// Saying twice that one saw it too changes nothing.
		if (sqlState(error) === UNIQUE_VIOLATION) return true;
		throw error;
	}
}

/**
 * Names of the answering guide's own waters in an answer that say more than the share it answers to; none where the
 * guide cannot see it.
 */
export async function namesInReply(
	accountId: string,
	sharedId: string,
	reply: v.InferOutput<typeof ReplySchema>,
	at: Date
): Promise<string[]> {
	const said = reply.kind === 'word' ? reply.text : reply.kind === 'question' ? reply.mark : '';
	if (said === '') return [];
	const { rows } = await database().query<{ body: unknown }>(
		`select s.body from shared_record s
		 join circle_member m on m.circle_id = s.circle_id and m.account_id = $1
		 where s.id = $2 and (s.appears_at <= $3 or s.author_id = $1)`,
		[accountId, sharedId, at]
	);
	const [shared] = rows;
	const record =
		shared && readable(SharedRecordSchema, shared.body, { table: 'shared_record', id: sharedId });
	return record ? finerNames(said, await waterNamesOf(accountId), record.place) : [];
}

/** Takes an answer back: one's own, or as a keeper anybody's in the circle. */
export async function takeBackReply(accountId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`delete from feed_reply f using shared_record s
		 where f.id = $1 and s.id = f.shared_id and (f.author_id = $2 or exists (
			select from circle_member k where k.circle_id = s.circle_id and k.account_id = $2 and k.role = 'keeper'))`,
		[id, accountId]
	);
	return rowCount === 1;
}
