import words from '$lib/server/words';
import { notSignedIn, problem, readBody } from '$lib/server/http';
import { NewOutingSchema, startOuting } from '$lib/server/outings';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, NewOutingSchema);
	if ('refusal' in body) return body.refusal;
	if (!(await startOuting(locals.account.id, body.value)))
		return problem(409, words('there-is-no-such-reach'), [
			{ field: 'reachId', says: words('not-your-reach') }
		]);
	return Response.json({ id: body.value.id }, { status: 201 });
};
