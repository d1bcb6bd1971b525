import pg from 'pg';
import { log } from './log';

/** Anything that runs SQL: the pool, or one client inside a transaction. */
export type Database = Pick<pg.Pool, 'query'>;

let shared: pg.Pool | undefined;

/** The pool of this process, made on first use from DATABASE_URL. */
export function database(): pg.Pool {
	if (!shared) {
		const connectionString = process.env['DATABASE_URL'];
		if (!connectionString)
			throw new Error('DATABASE_URL is not set: bin/start sets it, or give your own PostgreSQL.');
		shared = new pg.Pool({
			connectionString,
			max: Number(process.env['DATABASE_POOL'] ?? 10),
			connectionTimeoutMillis: 5_000,
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
		// What failed first is what the caller must know; a connection that can't roll back is thrown away.
		await client.query('rollback').catch((rollback: unknown) => {
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

/** Whether the database answers within a moment. */
export async function databaseAnswers(): Promise<boolean> {
	try {
		await database().query('select 1');
		return true;
	} catch (error) {
		log.warn({ error: String(error) }, 'the database does not answer');
		return false;
	}
}
