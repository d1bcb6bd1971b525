import { Unreadable } from '$lib/core';
import { now } from '$lib/server/clock';
import { notSignedIn, problem } from '$lib/server/http';
import { INWARD, takeIn } from '$lib/server/take-in';
import type { RequestHandler } from './$types';

const isInward = (type: string): type is keyof typeof INWARD => type in INWARD;

/**
 * A file as a stream: a packet, a table of records, or waters and reaches. `?keep=1` keeps its good parts, otherwise
 * it is only looked at; `?settings=` says in JSON what the columns of a table hold, or where reaches lie.
 */
export const POST: RequestHandler = async ({ request, locals, url }) => {
	if (!locals.account) return notSignedIn();
	const [type = ''] = (request.headers.get('content-type') ?? '').toLowerCase().split(';');
	if (!isInward(type.trim()))
		return problem(415, `Send a file with one of the content types ${Object.keys(INWARD).join(', ')}.`);
	if (!request.body) return problem(400, 'The body is empty.');
	let settings: unknown;
	try {
		settings = JSON.parse(url.searchParams.get('settings') ?? '{}');
	} catch {
		return problem(400, 'The settings are not JSON.');
	}
	try {
		const told = await takeIn({
			accountId: locals.account.id,
			kind: INWARD[type.trim() as keyof typeof INWARD],
			body: request.body,
			settings,
			keep: url.searchParams.get('keep') === '1',
			at: await now()
		});
		if (!('issues' in told)) return Response.json(told);
		const [first] = told.issues;
		return problem(
			422,
			`The settings are not right: ${first?.field} ${first?.message}.`,
			told.issues.slice(0, 50)
		);
	} catch (error) {
		if (error instanceof Unreadable) return problem(422, error.message);
		throw error;
	}
};
