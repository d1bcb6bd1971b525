import { typed, type Message } from '$lib/core/message';
import { setTimeout as sleep } from 'node:timers/promises';
import pg from 'pg';
import { log } from './log';

/** Anything that runs SQL: the pool, or one client inside a transaction. */
export type Database = Pick<pg.Pool, 'query'>;

let shared: pg.Pool | undefined;

/**
 * How long anything may take. The server of the database ends what takes too long; where it does not answer at all,
 * this side stops waiting a little later.
 */
const LONGEST_MS = {
	toConnect: 5_000,
	statement: 30_000,
	lock: 10_000,
	idleInTransaction: 60_000,
	answer: 35_000,
	rollback: 3_000,
	healthy: 1_500
} as const;
const LIMITS = {
	statement_timeout: LONGEST_MS.statement,
	lock_timeout: LONGEST_MS.lock,
	idle_in_transaction_session_timeout: LONGEST_MS.idleInTransaction,
	query_timeout: LONGEST_MS.answer,
	connectionTimeoutMillis: LONGEST_MS.toConnect,
	keepAlive: true
} as const;

/** The pool of this process, made on first use from DATABASE_URL. */
export function database(): pg.Pool {
	if (!shared) {
		const connectionString = process.env['DATABASE_URL'];
		if (!connectionString)
			throw new Error('DATABASE_URL is not set: bin/start sets it, or give your own PostgreSQL.');
		shared = new pg.Pool({
			connectionString,
			max: Number(process.env['DATABASE_POOL'] ?? 10),
			...LIMITS,
			// A server that restarts closes idle connections; the pool makes new ones.
			idleTimeoutMillis: 30_000
		});
		shared.on('error', (error) => log.warn({ error: error.message }, 'lost an idle database connection'));
	}
	return shared;
}

/** Closes the pool, at shutdown or after a test. */
export async function closeDatabase(): Promise<void> {
	await shared?.end();
	shared = undefined;
}

/** A query that is given up after so long; the driver takes the limit, though its types don't say so. */
const within = (text: string, ms: number): pg.QueryConfig => ({ text, query_timeout: ms }) as pg.QueryConfig;

/** Runs work in one transaction: all of it is kept, or none. */
export async function inTransaction<T>(work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
	const client = await database().connect();
	/** Why the connection can't be used again, if it can't. */
	let broken: Error | undefined;
	// A connection that is lost between two queries tells so by an event; without a listener that ends the process.
	const lost = (error: Error) => {
		broken = error;
		log.warn({ error: error.message }, 'lost a database connection in a transaction');
	};
	client.on('error', lost);
	try {
		await client.query('begin');
		const result = await work(client);
		await client.query('commit');
		return result;
	} catch (error) {
		// What failed first is what the caller must know; a connection that can't roll back, or not soon, is thrown away.
		if (!broken)
			await client.query(within('rollback', LONGEST_MS.rollback)).catch((rollback: unknown) => {
				broken ??= rollback instanceof Error ? rollback : new Error(String(rollback));
				log.warn({ error: String(rollback) }, 'could not roll back');
			});
		throw error;
	} finally {
		client.off('error', lost);
		client.release(broken);
	}
}

/** Runs an insert that returns an id, and answers with it. */
export async function insertedId(client: Database, sql: string, values: unknown[]): Promise<string> {
	const { rows } = await client.query<{ id: string }>(sql, values);
	if (!rows[0]) throw new Error('the database returned no id');
	return rows[0].id;
}

/** SQLSTATE of a PostgreSQL error, or undefined for any other error. */
export function sqlState(error: unknown): string | undefined {
	return error instanceof pg.DatabaseError ? error.code : undefined;
}

export const UNIQUE_VIOLATION = '23505';
export const FOREIGN_KEY_VIOLATION = '23503';

/** What the database says where there is as much of something as can be kept (db/migrations/0012). */
const OVER_QUOTA = 'LW001';

/** Runs what adds something; where there is no room for more, that is said in a sentence instead. */
export async function unlessFull<T>(work: () => Promise<T>): Promise<T | Full> {
	try {
		return await work();
	} catch (error) {
		if (sqlState(error) === OVER_QUOTA && error instanceof Error) return new Full(typed(error.message));
		throw error;
	}
}
/** Why there is no room: a sentence for the guide. */
export class Full {
	constructor(readonly says: Message) {}
}

/** Whether the database answers within a moment, also where all connections wait for it. */
export async function databaseAnswers(): Promise<boolean> {
	const asked = database()
		.query(within('select 1', LONGEST_MS.healthy))
		.then(
			() => true,
			(error: unknown) => {
				log.warn({ error: String(error) }, 'the database does not answer');
				return false;
			}
		);
	return Promise.race([asked, sleep(LONGEST_MS.healthy, false, { ref: false })]);
}
