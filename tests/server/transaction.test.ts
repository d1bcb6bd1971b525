import { beforeAll, describe, expect, it } from 'vitest';
import { DEMO_CIRCLE, DEMO_NOW } from '../../src/lib/simulate';
import { database, inTransaction } from '../../src/lib/server/database';
import { earlierSamples, outingOf } from '../../src/lib/server/outings';
import { putUpBoard } from '../../src/lib/server/public-boards';
import { recordsOf } from '../../src/lib/server/records';
import { enterAs, send, type App } from './app';
import { openDemo } from './house';

let app: App;
let ines: { cookie: string; id: string; outingId: string };

beforeAll(async () => {
	app = await openDemo();
	const { rows } = await database().query<{ id: string; outing: string }>(
		`select a.id, o.id as outing from account a join outing o on o.author_id = a.id
		 where a.handle = 'ines' and o.ended_at is null`
	);
	ines = { cookie: await enterAs(app, 'ines'), id: rows[0]?.id ?? '', outingId: rows[0]?.outing ?? '' };
});

const record = (taxonId: string, stage: string) => ({
	taxonId,
	stage,
	firstSeen: DEMO_NOW.toISOString(),
	mostSeen: DEMO_NOW.toISOString(),
	lastSeen: DEMO_NOW.toISOString(),
	abundance: 'few',
	conditions: {},
	riseForms: [],
	taken: 0.5,
	flies: []
});
const share = (circleId: string) => ({ circleId, precision: 'water', embargo: 'now' });
const NOBODYS = '00000000-0000-4000-8000-00000000dead';
const sharedNow = async (): Promise<number> =>
	(await database().query('select 1 from shared_record where author_id = $1', [ines.id])).rowCount ?? 0;

describe('confirming and sharing', () => {
	const post = (body: unknown) => send(app, `/api/v1/outings/${ines.outingId}/records`, body, ines.cookie);

	it.each([
		[
			'one record, its second circle',
			() => ({ ...one('baetis', 'dun'), shares: [share(DEMO_CIRCLE.id), share(NOBODYS)] })
		],
		[
			'many records, the last of them',
			() => ({
				records: [
					{ ...one('baetis', 'dun') },
					{ ...one('baetis', 'spinner') },
					{ ...one('chironomidae', 'pupa'), shares: [share(NOBODYS)] }
				]
			})
		]
	])('is undone as a whole when it breaks in the middle: %s', async (_, body) => {
		const before = { shared: await sharedNow(), records: await recordsOf(ines.id, ines.outingId) };
		const response = await post(body());
		expect(response.status).toBe(404);
		expect((await response.json()).error.message).toMatch(/Nothing was saved or shared/);
		expect(await sharedNow()).toBe(before.shared);
		expect(await recordsOf(ines.id, ines.outingId)).toEqual(before.records);
	});

	it('is undone as a whole when the database refuses a share', async () => {
		await database().query(
			`create function refuse() returns trigger language plpgsql as $$ begin
				if new.body ->> 'stage' = 'spinner' then raise exception 'no spinners'; end if; return new; end $$;
			 create trigger refuse before insert on shared_record for each row execute function refuse()`
		);
		const before = { shared: await sharedNow(), records: (await recordsOf(ines.id, ines.outingId)).length };
		const response = await post({
			records: [one('baetis', 'dun'), one('baetis', 'spinner')],
			usual: { precision: 'water', embargo: 'now' }
		});
		expect(response.status).toBe(500);
		expect(await sharedNow()).toBe(before.shared);
		expect((await recordsOf(ines.id, ines.outingId)).length).toBe(before.records);
		expect(
			(await database().query('select 1 from water_share where account_id = $1', [ines.id])).rowCount
		).toBe(0);
		await database().query('drop trigger refuse on shared_record; drop function refuse');
	});

	it('keeps and shares all that was sent, and says which field is wrong', async () => {
		const before = await sharedNow();
		const sent = await post({
			records: [one('baetis', 'dun'), one('baetis', 'spinner')],
			usual: { precision: 'water', embargo: 'now' }
		});
		expect(sent.status).toBe(200);
		expect((await sent.json()).ids).toHaveLength(2);
		expect(await sharedNow()).toBe(before + 2);
		const wrong = await post({ records: [one('baetis', 'dun'), one('baetis', 'wrong')] });
		expect(wrong.status).toBe(422);
		expect((await wrong.json()).error.issues[0].field).toBe('records.1.record.stage');
	});

	const one = (taxonId: string, stage: string) => ({
		record: record(taxonId, stage),
		shares: [share(DEMO_CIRCLE.id)]
	});
});

describe('a transaction', () => {
	it('tells what failed first, though rolling back fails too, and leaves the pool usable', async () => {
		for (let i = 0; i < 12; i++)
			await expect(
				inTransaction(async (client) => {
					await client.query('select pg_terminate_backend(pg_backend_pid())').catch(() => undefined);
					throw new RangeError('what failed first');
				})
			).rejects.toThrow('what failed first');
		expect((await database().query('select 1')).rowCount).toBe(1);
	});

	it('undoes all of its work', async () => {
		await expect(
			inTransaction(async (client) => {
				await client.query(`insert into basin (id, name) values ($1, 'Undone')`, [NOBODYS]);
				throw new Error('undo it');
			})
		).rejects.toThrow('undo it');
		expect((await database().query('select 1 from basin where id = $1', [NOBODYS])).rowCount).toBe(0);
	});
});

describe('the database is asked once, not once for each', () => {
	/** How many statements some work sends. */
	async function counted(work: () => Promise<unknown>): Promise<number> {
		const { rows: before } = await database().query<{ calls: number }>(
			`select xact_commit::int as calls from pg_stat_database where datname = current_database()`
		);
		expect(before).toHaveLength(1);
		let statements = 0;
		const pool = database();
		const query = pool.query.bind(pool);
		pool.query = ((...given: Parameters<typeof query>) => {
			statements++;
			return query(...given);
		}) as typeof pool.query;
		try {
			await work();
		} finally {
			pool.query = query;
		}
		return statements;
	}

	it('for what was netted on other outings', async () => {
		const outing = await outingOf(ines.id, ines.outingId);
		if (!outing) throw new Error('no outing');
		expect(await counted(() => earlierSamples(ines.id, outing))).toBeLessThanOrEqual(2);
	});

	it('for the records of a new public board', async () => {
		const { rows } = await database().query<{ id: string }>('select id from water');
		const board = {
			title: 'Spring',
			precision: 'water' as const,
			delayDays: '0' as const,
			waters: rows.map(({ id }) => id)
		};
		await putUpBoard(ines.id, board, DEMO_NOW);
		const { rows: shown } = await database().query<{ count: number }>(
			`select count(*)::int from public_board_record r join public_board b on b.id = r.board_id
			 where b.account_id = $1`,
			[ines.id]
		);
		expect(shown[0]?.count).toBeGreaterThan(0);
	});
});

it('has an index that begins with the columns of every foreign key', async () => {
	const { rows } = await database().query<{ table: string; columns: string }>(
		`select c.conrelid::regclass::text as table, c.conkey::text as columns from pg_constraint c
		 where c.contype = 'f' and c.connamespace = 'public'::regnamespace
			and not exists (select from pg_index i where i.indrelid = c.conrelid
				and (i.indpred is null or pg_get_expr(i.indpred, i.indrelid) like '%IS NOT NULL%')
				and (string_to_array(i.indkey::text, ' ')::int2[])[1:cardinality(c.conkey)] @> c.conkey)`
	);
	expect(rows).toEqual([]);
});
