import pg from 'pg';
import * as v from 'valibot';
import { now } from './clock';
import { database } from './database';
import { log } from './log';

const CHANNEL = 'circle_news';
/** Says whose session has ended, on whichever copy. */
const ENDED = 'session_ended';
const NewsSchema = v.pipe(
	v.string(),
	v.parseJson(),
	v.object({ circleId: v.pipe(v.string(), v.uuid()), sharedId: v.string() })
);

/** Who listens on this copy of the server: for each guide, what tells each of their streams. */
const listeners = new Map<string, Set<() => void>>();
/**
 * One connection of this copy listens for what any copy has stored. When it was lost and is back, listeners are told to
 * catch up, since something may have been said meanwhile.
 */
let connection: pg.Client | undefined;
let connecting: Promise<void> | undefined;
let closed = false;

/** Open boards of one guide, on all their devices: the oldest stream ends when there are more. */
const MOST_STREAMS_OF_ACCOUNT = 12;
const MOST_STREAMS = 5_000;
/** So much that is not taken up is enough: the reader has gone, though its connection has not. */
const MOST_UNREAD = 100;

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
			const send = (text: string) => {
				if (controller.desiredSize !== null && controller.desiredSize < -MOST_UNREAD) close();
				else controller.enqueue(encoder.encode(text));
			};
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
			streams.set(close, accountId);
			const own = [...streams].filter(([, of]) => of === accountId).map(([end]) => end);
			if (own.length > MOST_STREAMS_OF_ACCOUNT) own[0]?.();
			if (streams.size > MOST_STREAMS) [...streams.keys()][0]?.();
			connect().then(
				() => streams.has(close) && send('retry: 2000\nevent: ready\ndata: {}\n\n'),
				() => undefined
			);
		},
		cancel: () => stop()
	});
}

/** Ways to close the streams that are open, the oldest first, and whose each is. */
const streams = new Map<() => void, string>();

/** Ends the open streams of a guide one of whose sessions has ended; those that may stay come back by themselves. */
function endStreams(accountId: string): void {
	for (const [close, of] of [...streams]) if (of === accountId) close();
}

/** Calls back when something was shared with a circle the guide is in. Answers with the way to stop. */
function followNews(accountId: string, tell: () => void): () => void {
	const own = listeners.get(accountId) ?? new Set();
	own.add(tell);
	listeners.set(accountId, own);
	startLooking();
	return () => {
		own.delete(tell);
		if (own.size === 0 && listeners.get(accountId) === own) listeners.delete(accountId);
	};
}

function tellAll(): void {
	for (const own of listeners.values()) for (const tell of own) tell();
}

/** Circles with news that nobody was told of yet: what comes within a moment is told at once. */
const circles = new Set<string>();
const TOGETHER_MS = 60;
let telling: NodeJS.Timeout | undefined;

/** Tells those who listen here and are in these circles: one question to the database, however many listen. */
function tellCircles(ids: readonly string[]): void {
	for (const id of ids) circles.add(id);
	if (circles.size === 0) return;
	telling ??= setTimeout(() => {
		telling = undefined;
		const told = [...circles];
		circles.clear();
		membersAmong(told, [...listeners.keys()]).then(
			(members) => {
				for (const account of members) for (const tell of listeners.get(account) ?? []) tell();
			},
			(error: unknown) => log.warn({ error: String(error) }, 'could not look up memberships')
		);
	}, TOGETHER_MS).unref();
}

/** What was held back appears at its own moment: each copy looks for it, and tells its own listeners. */
const LOOK_MS = 5_000;
let looking: NodeJS.Timeout | undefined;
let lookedUntil: Date | undefined;

async function tellOfAppeared(): Promise<void> {
	const at = await now();
	const { rows } = await database().query<{ circleId: string }>(
		`select distinct circle_id as "circleId" from shared_record
		 where appears_at > shared_at and appears_at > $1 and appears_at <= $2`,
		[lookedUntil ?? at, at]
	);
	lookedUntil = at;
	tellCircles(rows.map(({ circleId }) => circleId));
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
	for (const close of [...streams.keys()]) close();
	listeners.clear();
	await connection?.end().catch(() => undefined);
	connection = undefined;
}

async function membersAmong(circleIds: readonly string[], accountIds: readonly string[]): Promise<string[]> {
	if (accountIds.length === 0) return [];
	const { rows } = await database().query<{ account_id: string }>(
		`select distinct account_id from circle_member
		 where circle_id = any ($1::uuid[]) and account_id = any ($2::uuid[])`,
		[circleIds, accountIds]
	);
	return rows.map(({ account_id }) => account_id);
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
			client.on('notification', ({ channel, payload }) => {
				if (channel === ENDED) return endStreams(payload ?? '');
				const news = v.safeParse(NewsSchema, payload);
				if (news.success) tellCircles([news.output.circleId]);
				else log.warn({ payload }, 'a piece of news cannot be read');
			});
			client.once('end', () => {
				if (connection === client) connection = undefined;
				if (!closed && listeners.size > 0) void connect();
			});
			await client.query(`listen ${CHANNEL}; listen ${ENDED}`);
			connection = client;
			tellAll();
			return;
		} catch (error) {
			log.warn({ error: String(error), retryMs: delayMs }, 'cannot listen for news');
			await client.end().catch(() => undefined);
			await new Promise((resolve) => setTimeout(resolve, delayMs));
		}
	}
}
