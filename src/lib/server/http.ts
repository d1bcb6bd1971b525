import type { Message } from '$lib/core/message';
import { tell } from './tell';
import words from './words';
import * as v from 'valibot';
import { checked, InstantSchema, type FieldIssue } from '$lib/core/note';
import { countAttempt } from './attempts';

/** An error as programs and pages get it: one sentence, and the fields that are wrong. */
export function problem(
	status: number,
	says: Message,
	issues: FieldIssue[] = [],
	headers?: HeadersInit
): Response {
	return Response.json(
		{ error: { message: tell(says), code: says.id, issues: issues.map(faultTold) } },
		{ status, ...(headers && { headers }) }
	);
}

/** What is wrong with a field or a line, as programs get it. */
export const faultTold = <Place>({ says, ...place }: Place & { says: Message }) => ({
	...place,
	message: tell(says),
	code: says.id
});

/** The server takes pictures of several megabytes; nothing that is JSON is so long. */
const MOST_JSON = 2_000_000;

/** Nothing that is sent holds so many; reading a million of nothing takes a hundred times as long as looking. */
const MOST_VALUES = 300_000;

/** At most so many values a text of JSON holds: its commas and opening brackets, those in texts among them. */
function valuesIn(text: string): number {
	let count = 1;
	for (let i = 0; i < text.length; i++) {
		const code = text.charCodeAt(i);
		if (code === 0x2c || code === 0x5b || code === 0x7b) count += 1;
	}
	return count;
}

/**
 * A JSON body checked against a schema, or the answer to send instead: 415 for another type, 413 when it is too
 * large, 400 when it is not JSON, 422 when a field is wrong.
 */
export async function readBody<S extends v.GenericSchema>(
	request: Request,
	schema: S
): Promise<{ value: v.InferOutput<S> } | { refusal: Response }> {
	if (!request.headers.get('content-type')?.toLowerCase().startsWith('application/json'))
		return { refusal: problem(415, words('send-json-with-the-content')) };
	let text: string;
	try {
		text = await request.text();
	} catch (error) {
		if (statusOf(error) === 413) return { refusal: problem(413, words('the-body-is-too-large')) };
		return { refusal: problem(400, words('the-body-could-not-be')) };
	}
	if (text.length > MOST_JSON) return { refusal: problem(413, words('the-body-is-too-large')) };
	if (!(valuesIn(text) <= MOST_VALUES)) return { refusal: problem(413, words('the-body-holds-too-many')) };
	let given: unknown;
	try {
		given = JSON.parse(text);
	} catch {
		return { refusal: problem(400, words('the-body-is-not-json')) };
	}
	const read = checked(schema, given, text.length);
	if ('value' in read) return read;
	const [first] = read.issues;
	const { field, says: wrong } = first;
	const says = field
		? words('the-request-is-not-right', { field, wrong })
		: words('the-whole-request', { wrong });
	return { refusal: problem(422, says, read.issues) };
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
	return problem(429, words('too-many-requests-from-this', { seconds }), [], {
		'retry-after': String(seconds)
	});
}

/** An instant from an address, or undefined. */
export function instantParameter(text: string | null): Date | undefined {
	const read = v.safeParse(InstantSchema, text);
	return read.success ? read.output : undefined;
}

export const notSignedIn = (): Response => problem(401, words('sign-in-first'));

/** A UUID from an address, in the form the database wants, or undefined. */
export function idParameter(text: string | undefined): string | undefined {
	return v.is(v.pipe(v.string(), v.uuid()), text) ? text : undefined;
}

function statusOf(error: unknown): unknown {
	return typeof error === 'object' && error !== null && 'status' in error ? error.status : undefined;
}
