import pg from 'pg';
import * as v from 'valibot';
import { database } from './database';
import { log } from './log';

const CHANNEL = 'circle_news';
const NewsSchema = v.object({ circleId: v.string(), sharedId: v.string() });
type News = v.InferOutput<typeof NewsSchema>;

type Listener = (news: News | 'caught-up') => void;

/**
 * One connection of this copy of the server listens for what any copy has stored. When it was lost and is back,
 * listeners are told to catch up, since something may have been said meanwhile.
 */
const listeners = new Set<Listener>();
let connection: pg.Client | undefined;
let connecting: Promise<void> | undefined;
let closed = false;

/** Calls back for each record shared with a circle the guide is in. Answers with the way to stop. */
export function followNews(accountId: string, tell: () => void): () => void {
	const listener: Listener = (news) => {
		if (news === 'caught-up') tell();
		else
			isMember(accountId, news.circleId).then(
				(member) => member && listeners.has(listener) && tell(),
				(error: unknown) => log.warn({ error: String(error) }, 'could not look up a membership')
			);
	};
	listeners.add(listener);
	void connect();
	return () => listeners.delete(listener);
}

/** Stops listening, at shutdown. */
export async function closeNews(): Promise<void> {
	closed = true;
	listeners.clear();
	await connection?.end().catch(() => undefined);
	connection = undefined;
}

async function isMember(accountId: string, circleId: string): Promise<boolean> {
	const { rowCount } = await database().query(
		'select 1 from circle_member where account_id = $1 and circle_id = $2',
		[accountId, circleId]
	);
	return rowCount === 1;
}

function connect(): Promise<void> {
	if (connection || closed) return Promise.resolve();
	connecting ??= listen().finally(() => (connecting = undefined));
	return connecting;
}

async function listen(): Promise<void> {
	for (let delayMs = 250; !closed; delayMs = Math.min(5_000, delayMs * 2)) {
		const client = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
		// Without a listener an error event would end the process.
		client.on('error', () => undefined);
		try {
			await client.connect();
			client.on('notification', ({ payload }) => {
				const news = v.safeParse(NewsSchema, JSON.parse(payload ?? '{}'));
				if (news.success) for (const listener of listeners) listener(news.output);
			});
			client.once('end', () => {
				if (connection === client) connection = undefined;
				if (!closed && listeners.size > 0) void connect();
			});
			await client.query(`listen ${CHANNEL}`);
			connection = client;
			for (const listener of listeners) listener('caught-up');
			return;
		} catch (error) {
			log.warn({ error: String(error), retryMs: delayMs }, 'cannot listen for news');
			await client.end().catch(() => undefined);
			await new Promise((resolve) => setTimeout(resolve, delayMs));
		}
	}
}
