import pg from 'pg';
import * as v from 'valibot';
import { now } from './clock';
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

/** Proxies drop silent connections after a minute. */
const HEARTBEAT_MS = 25_000;

/**
 * The event stream of one guide: `ready` when it listens, then `news` for each record shared with one of their
 * circles. It says only that there is something; what it is comes through the feed, with its checks.
 */
export function newsStream(accountId: string): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	let stop = () => {};
	return new ReadableStream({
		start(controller) {
			const send = (text: string) => controller.enqueue(encoder.encode(text));
			const heartbeat = setInterval(() => send(': still here\n\n'), HEARTBEAT_MS);
			const unfollow = followNews(accountId, () => send('event: news\ndata: {}\n\n'));
			const close = () => {
				stop();
				controller.close();
			};
			stop = () => {
				clearInterval(heartbeat);
				unfollow();
				streams.delete(close);
			};
			streams.add(close);
			connect().then(
				() => streams.has(close) && send('retry: 2000\nevent: ready\ndata: {}\n\n'),
				() => undefined
			);
		},
		cancel: () => stop()
	});
}

/** Ways to close the streams that are open. */
const streams = new Set<() => void>();

/** Calls back for each record shared with a circle the guide is in. Answers with the way to stop. */
function followNews(accountId: string, tell: () => void): () => void {
	const listener: Listener = (news) => {
		if (news === 'caught-up') tell();
		else
			isMember(accountId, news.circleId).then(
				(member) => member && listeners.has(listener) && tell(),
				(error: unknown) => log.warn({ error: String(error) }, 'could not look up a membership')
			);
	};
	listeners.add(listener);
	startLooking();
	return () => listeners.delete(listener);
}

/** What was held back appears at its own moment: each copy looks for it, and tells its own listeners. */
const LOOK_MS = 5_000;
let looking: NodeJS.Timeout | undefined;
let lookedUntil: Date | undefined;

async function tellOfAppeared(): Promise<void> {
	const at = await now();
	const { rows } = await database().query<News>(
		`select circle_id as "circleId", id as "sharedId" from shared_record
		 where appears_at > shared_at and appears_at > $1 and appears_at <= $2`,
		[lookedUntil ?? at, at]
	);
	lookedUntil = at;
	for (const news of rows) for (const listener of listeners) listener(news);
}

function startLooking(): void {
	looking ??= setInterval(() => {
		tellOfAppeared().catch((error: unknown) =>
			log.warn({ error: String(error) }, 'could not look for what has appeared')
		);
	}, LOOK_MS).unref();
}

/** Ends the streams and stops listening, at shutdown. */
export async function closeNews(): Promise<void> {
	closed = true;
	clearInterval(looking);
	for (const close of [...streams]) close();
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
