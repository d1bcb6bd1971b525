import { notSignedIn, problem } from '$lib/server/http';
import { takeIn } from '$lib/server/take-in';
import type { RequestHandler } from './$types';

/** A packet as a stream of lines; `?keep=1` keeps its good lines, otherwise it is only looked at. */
export const POST: RequestHandler = async ({ request, locals, url }) => {
	if (!locals.account) return notSignedIn();
	if (!request.headers.get('content-type')?.toLowerCase().startsWith('application/x-ndjson'))
		return problem(415, 'Send a packet with the content type application/x-ndjson.');
	if (!request.body) return problem(400, 'The body is empty.');
	try {
		const told = await takeIn(locals.account.id, request.body, url.searchParams.get('keep') === '1');
		const [first] = told.bad;
		if (first?.line === 1)
			return problem(422, `This is not a packet: line 1 ${first.field} ${first.message}.`);
		return Response.json(told);
	} catch (error) {
		// A stream that was cut, or is not UTF-8: nothing of it is kept.
		if (error instanceof TypeError || (error instanceof Error && 'status' in error))
			return problem(400, 'The packet could not be read to its end; nothing of it was kept.');
		throw error;
	}
};
