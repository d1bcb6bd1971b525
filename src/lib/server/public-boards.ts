import * as v from 'valibot';
import { fault } from '$lib/core/message';
import { IdSchema, faults, listOf, wordsOf } from '$lib/core/note';
import { HatchRecordSchema, SharedRecordSchema, type Precision } from '$lib/core/record';
import { coarsen, latestOfEach, onBoard, type BoardRecord } from '$lib/core/share';
import { hashOf, newToken } from './tokens';
import { database, inTransaction, type Database } from './database';
import { isThere, readable } from './readable';

export const PUBLIC_PRECISIONS = ['water', 'basin', 'season'] as const satisfies readonly Precision[];

export const PublicBoardSchema = v.object({
	title: wordsOf(80),
	precision: v.picklist(PUBLIC_PRECISIONS),
	delayDays: v.picklist(['0', '1', '3', '7', '14']),
	waters: v.pipe(listOf(IdSchema, 50), v.minLength(1, fault(faults('none'))))
});

/** A board as its owner lists it. */
export interface OwnBoard {
	id: string;
	title: string;
	precision: Precision;
	delayDays: number;
	waters: string[];
	records: number;
}

/** How far back a new board looks, days. */
const LOOKS_BACK_DAYS = 60;
const MOST_SHOWN = 60;
/** Of a new board: those shown now, and what is held back until later. */
const MOST_PUT_UP = 1_000;

/** Waters on which a guide has recorded anything. */
export async function recordedWaters(accountId: string): Promise<{ id: string; name: string }[]> {
	const { rows } = await database().query<{ id: string; name: string }>(
		`select distinct w.id, w.name from hatch_record r join outing o on o.id = r.outing_id
		 join reach on reach.id = o.reach_id join water w on w.id = reach.water_id
		 where r.author_id = $1 order by w.name`,
		[accountId]
	);
	return rows;
}

/** The boards a guide has put up. */
export async function boardsOf(accountId: string): Promise<OwnBoard[]> {
	const { rows } = await database().query<OwnBoard>(
		`select b.id, b.title, b.precision, b.delay_days as "delayDays",
			array(select w.name from public_board_water bw join water w on w.id = bw.water_id
				where bw.board_id = b.id order by w.name) as waters,
			(select count(*)::int from public_board_record r where r.board_id = b.id) as records
		 from public_board b where b.account_id = $1 order by b.created_at, b.id`,
		[accountId]
	);
	return rows;
}

/** Puts a board up, with the guide's records of the last weeks on those waters; answers with its token. */
export async function putUpBoard(
	accountId: string,
	{ title, precision, delayDays, waters }: v.InferOutput<typeof PublicBoardSchema>,
	at: Date
): Promise<string> {
	const token = newToken();
	await inTransaction(async (client) => {
		const { rows } = await client.query<{ id: string }>(
			`insert into public_board (account_id, token_hash, title, precision, delay_days, created_at)
			 values ($1, $2, $3, $4, $5, $6) returning id`,
			[accountId, hashOf(token), title, precision, Number(delayDays), at]
		);
		const boardId = rows[0]?.id;
		if (!boardId) throw new Error('the database returned no board');
		await client.query(
			// Only waters of which the guide has records: of any other not even the name is theirs to read.
			`insert into public_board_water (board_id, water_id)
			 select distinct $1::uuid, reach.water_id from hatch_record r join outing o on o.id = r.outing_id
			 join reach on reach.id = o.reach_id where r.author_id = $3 and reach.water_id = any ($2::uuid[])`,
			[boardId, waters, accountId]
		);
		const own = await client.query<{ id: string }>(
			`select r.id from hatch_record r where r.author_id = $1 and r.confirmed_at > $2
			 order by r.body ->> 'mostSeen' desc limit $3`,
			[accountId, new Date(at.getTime() - LOOKS_BACK_DAYS * 86_400_000), MOST_PUT_UP]
		);
		await showOnBoards(
			client,
			accountId,
			own.rows.map(({ id }) => id),
			boardId
		);
	});
	return token;
}

/** Takes a board down: its link is dead at once. */
export async function takeDownBoard(accountId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query('delete from public_board where id = $1 and account_id = $2', [
		id,
		accountId
	]);
	return rowCount === 1;
}

/**
 * Puts coarsened copies of records on the boards of their author that show their waters; on one board only, when that
 * is told.
 */
export async function showOnBoards(
	client: Database,
	accountId: string,
	recordIds: readonly string[],
	boardId?: string
): Promise<void> {
	const { rows } = await client.query<{
		board_id: string;
		record_id: string;
		precision: Precision;
		delay_days: number;
		body: unknown;
		confirmed_at: Date;
	}>(
		`select b.id as board_id, r.id as record_id, b.precision, b.delay_days, r.body, r.confirmed_at
		 from hatch_record r join outing o on o.id = r.outing_id join reach on reach.id = o.reach_id
		 join public_board_water bw on bw.water_id = reach.water_id
		 join public_board b on b.id = bw.board_id and b.account_id = r.author_id
		 where r.id = any ($1::uuid[]) and r.author_id = $2 and ($3::uuid is null or b.id = $3)`,
		[recordIds, accountId, boardId ?? null]
	);
	if (rows.length === 0) return;
	const copies = rows
		.map(({ board_id, record_id, precision, delay_days, body, confirmed_at }) => {
			const record = readable(HatchRecordSchema, body, { table: 'hatch_record', id: record_id });
			const appears_at = new Date(confirmed_at.getTime() + delay_days * 86_400_000);
			return record && { board_id, record_id, body: coarsen(record, precision), appears_at };
		})
		.filter(isThere);
	await client.query(
		`insert into public_board_record (board_id, record_id, body, appears_at)
		 select c.board_id, c.record_id, c.body, c.appears_at
		 from jsonb_to_recordset($1::jsonb) as c(board_id uuid, record_id uuid, body jsonb, appears_at timestamptz)
		 on conflict (board_id, record_id) do update set body = excluded.body`,
		[JSON.stringify(copies)]
	);
}

/** One line for each kind and stage, the latest; what a window has room for. */
const MOST_LINES = 14;

/** What anybody with the link sees, while the board is up: copies that were made for it, and nothing else. */
export async function publicBoard(
	token: string,
	at: Date
): Promise<{ title: string; by: string; records: BoardRecord[] } | undefined> {
	const { rows } = await database().query<{ id: string; title: string; by: string }>(
		`select b.id, b.title, a.name as by from public_board b join account a on a.id = b.account_id
		 where b.token_hash = $1`,
		[hashOf(token)]
	);
	const [board] = rows;
	if (!board) return undefined;
	const shown = await database().query<{ record_id: string; body: unknown }>(
		`select record_id, body from public_board_record where board_id = $1 and appears_at <= $2
		 order by body ->> 'mostSeen' desc limit $3`,
		[board.id, at, MOST_SHOWN]
	);
	return {
		title: board.title,
		by: board.by,
		records: latestOfEach(
			shown.rows
				.map(({ record_id, body }) =>
					readable(SharedRecordSchema, body, { table: 'public_board_record', id: record_id })
				)
				.filter(isThere),
			MOST_LINES
		).map(onBoard)
	};
}
