import words from './words';
import type { IncomingMessage, Server } from 'node:http';
import type { Socket } from 'node:net';
import { problem } from './http';
import { chargeBytes } from './turns';

/** Files that are taken in come as streams and may be long; everything else is read whole. */
const STREAMED = '/api/v1/import';
export const isStreamed = (route: string | null): boolean => route === STREAMED;
const MOST_READ_WHOLE = 12_000_000;

/** Bytes of bodies that are read whole and not yet answered, by who sends them: an account, or an address. */
const inHand = new Map<string, number>();
const MOST_IN_HAND = 3 * MOST_READ_WHOLE;

/**
 * Reads a body whole and then answers; one that is too long for that, does not say how long it is, or comes
 * beside too many others of the same sender, is refused. A file that is taken in stays a stream.
 */
export async function withBodyInHand(
	request: Request,
	{ route, sender }: { route: string | null; sender: string },
	answer: (request: Request) => Promise<Response>
): Promise<Response> {
	const { body } = request;
	if (!body) return answer(request);
	const said = request.headers.get('content-length');
	const length = Number(said);
	chargeBytes(sender, length || 0);
	if (isStreamed(route))
		try {
			return await answer(request);
		} finally {
			await leaveUnread(request);
		}
	const before = inHand.get(sender) ?? 0;
	const refusal = said === null ? problem(411, words('say-how-long-the-body')) : tooMuch(length, before);
	if (refusal) {
		await readAway(body);
		return refusal;
	}
	inHand.set(sender, before + length);
	try {
		const whole = await readWhole(request);
		return whole ? await answer(whole) : problem(400, words('the-body-could-not-be'));
	} finally {
		const left = (inHand.get(sender) ?? 0) - length;
		if (left > 0) inHand.set(sender, left);
		else inHand.delete(sender);
	}
}

/** The request with its body in hand, or undefined where whoever sends it has gone. */
async function readWhole(request: Request): Promise<Request | undefined> {
	try {
		return new Request(request, { body: await request.arrayBuffer() });
	} catch {
		return undefined;
	}
}

function tooMuch(length: number, before: number): Response | undefined {
	if (!(length <= MOST_READ_WHOLE)) return problem(413, words('the-body-is-too-large'));
	if (before + length <= MOST_IN_HAND) return undefined;
	return problem(503, words('too-much-is-coming-in'), [], {
		'retry-after': '5'
	});
}

/** A long file on a weak signal may take this long; whatever else is sent, as long as Node gives everything. */
const LONGEST_FILE_MS = 2 * 3_600_000;
const LONGEST_BODY_MS = 5 * 60_000;

/** Ends a connection that sends its body for too long; Node has one limit for all, files get a longer one. */
export function boundTime(request: IncomingMessage | undefined, route: string | null): void {
	if (!request) return;
	const { server } = request.socket as Socket & { server?: Server };
	if (server) server.requestTimeout = LONGEST_FILE_MS;
	if (request.complete || isStreamed(route)) return;
	const clock = setTimeout(() => request.destroy(), LONGEST_BODY_MS).unref();
	for (const over of ['end', 'close'] as const) request.once(over, () => clearTimeout(clock));
}

/**
 * For an answer that did not want the body: whoever still sends it would lose the answer with the connection, and
 * the next request on it would wait for ever behind what was not read.
 */
export async function leaveUnread({ body, bodyUsed }: Request): Promise<void> {
	if (body && !bodyUsed && !body.locked) await readAway(body);
}

/** Works for as long as whoever asked is still there: the signal says when they have gone. */
export async function whileThere<T>(
	request: IncomingMessage | undefined,
	work: (signal: AbortSignal) => Promise<T>
): Promise<T> {
	const gone = new AbortController();
	const leave = () => gone.abort();
	request?.socket.once('close', leave);
	try {
		return await work(gone.signal);
	} finally {
		request?.socket.off('close', leave);
	}
}

const MOST_READ_AWAY = 2 * MOST_READ_WHOLE;
const READ_AWAY_MS = 5000;

/** Whoever is still sending would meet a closed connection instead of the answer: so much is read, and forgotten. */
export async function readAway(body: ReadableStream<Uint8Array>): Promise<void> {
	const reader = body.getReader();
	const ends = AbortSignal.timeout(READ_AWAY_MS);
	ends.addEventListener('abort', () => void reader.cancel().catch(() => undefined));
	try {
		for (let size = 0; size < MOST_READ_AWAY && !ends.aborted;) {
			const { done, value } = await reader.read();
			if (done) return;
			size += value.byteLength;
		}
	} catch {
		// Whoever sent it has gone; nobody waits for the answer.
	}
}
