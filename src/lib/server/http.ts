import type { IncomingMessage, Server } from 'node:http';
import type { Socket } from 'node:net';
import * as v from 'valibot';
import { checked, InstantSchema, type FieldIssue } from '$lib/core';
import { countAttempt } from './attempts';

/** An error as programs and pages get it: one sentence, and the fields that are wrong. */
export function problem(
	status: number,
	message: string,
	issues: FieldIssue[] = [],
	headers?: HeadersInit
): Response {
	return Response.json({ error: { message, issues } }, { status, ...(headers && { headers }) });
}

/** The server takes pictures of several megabytes; nothing that is JSON is so long. */
const MOST_JSON = 2_000_000;

/**
 * A JSON body checked against a schema, or the answer to send instead: 415 for another type, 413 when it is too
 * large, 400 when it is not JSON, 422 when a field is wrong.
 */
export async function readBody<S extends v.GenericSchema>(
	request: Request,
	schema: S
): Promise<{ value: v.InferOutput<S> } | { refusal: Response }> {
	if (!request.headers.get('content-type')?.toLowerCase().startsWith('application/json'))
		return { refusal: problem(415, 'Send JSON with the content type application/json.') };
	let text: string;
	try {
		text = await request.text();
	} catch (error) {
		if (statusOf(error) === 413)
			return { refusal: problem(413, 'The body is too large; send it in smaller parts.') };
		return { refusal: problem(400, 'The body could not be read to its end.') };
	}
	if (text.length > MOST_JSON)
		return { refusal: problem(413, 'The body is too large; send it in smaller parts.') };
	let given: unknown;
	try {
		given = JSON.parse(text);
	} catch {
		return { refusal: problem(400, 'The body is not JSON.') };
	}
	const read = checked(schema, given, text.length);
	if ('value' in read) return read;
	const [first] = read.issues;
	const where = first.field ? `${first.field} ${first.message}` : first.message;
	return { refusal: problem(422, `The request is not right: ${where}.`, read.issues) };
}

/**
 * An address of the open interface: without an account, limited for each network address, its body checked
 * against a schema, and its answer computed without storing anything.
 */
export function openEndpoint<S extends v.GenericSchema>(
	schema: S,
	answer: (value: v.InferOutput<S>) => unknown
): (event: { request: Request; getClientAddress: () => string }) => Promise<Response> {
	return async ({ request, getClientAddress }) => {
		const refusal = await refuseTooMany(getClientAddress());
		if (refusal) return refusal;
		const body = await readBody(request, schema);
		return 'refusal' in body ? body.refusal : Response.json(answer(body.value));
	};
}

/** The answer to a caller that asks too often, or undefined. */
async function refuseTooMany(address: string): Promise<Response | undefined> {
	const seconds = await countAttempt('open-api-address', address);
	if (seconds === 0) return undefined;
	return problem(429, `Too many requests from this address; try again in ${seconds} s.`, [], {
		'retry-after': String(seconds)
	});
}

/** Files that are taken in come as streams and may be long; everything else is read whole. */
const STREAMED = '/api/v1/import';
const MOST_READ_WHOLE = 12_000_000;

/** Bytes of bodies that are read whole and not yet answered, by who sends them: an account, or an address. */
const inHand = new Map<string, number>();
const MOST_IN_HAND = 3 * MOST_READ_WHOLE;

/**
 * Answers a request whose body is read whole; one that is too long for that, does not say how long it is, or comes
 * beside too many others of the same sender, is refused.
 */
export async function withBodyInHand(
	request: Request,
	{ route, sender: whoSends }: { route: string | null; sender: () => string },
	answer: () => Response | Promise<Response>
): Promise<Response> {
	const { body } = request;
	if (!body) return answer();
	const answered = async (): Promise<Response> => {
		try {
			return await answer();
		} finally {
			await leaveUnread(request);
		}
	};
	if (route === STREAMED) return answered();
	const sender = whoSends();
	const before = inHand.get(sender) ?? 0;
	const said = request.headers.get('content-length');
	const length = Number(said);
	const refusal = said === null ? problem(411, 'Say how long the body is.') : tooMuch(length, before);
	if (refusal) {
		await readAway(body);
		return refusal;
	}
	inHand.set(sender, before + length);
	try {
		return await answered();
	} finally {
		const left = (inHand.get(sender) ?? 0) - length;
		if (left > 0) inHand.set(sender, left);
		else inHand.delete(sender);
	}
}

function tooMuch(length: number, before: number): Response | undefined {
	if (!(length <= MOST_READ_WHOLE)) return problem(413, 'The body is too large; send it in smaller parts.');
	if (before + length <= MOST_IN_HAND) return undefined;
	return problem(503, 'Too much is coming in at once; send it one after another.', [], {
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
	if (request.complete || route === STREAMED) return;
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

/** An instant from an address, or undefined. */
export function instantParameter(text: string | null): Date | undefined {
	const read = v.safeParse(InstantSchema, text);
	return read.success ? read.output : undefined;
}

export const notSignedIn = (): Response => problem(401, 'Sign in first.');

/** A UUID from an address, in the form the database wants, or undefined. */
export function idParameter(text: string | undefined): string | undefined {
	return v.is(v.pipe(v.string(), v.uuid()), text) ? text : undefined;
}

function statusOf(error: unknown): unknown {
	return typeof error === 'object' && error !== null && 'status' in error ? error.status : undefined;
}
