import words from '$lib/server/words';
import { idParameter, notSignedIn, problem, readBody } from '$lib/server/http';
import { NoteBatchSchema, storeNotes } from '$lib/server/notes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, NoteBatchSchema);
	if ('refusal' in body) return body.refusal;
	const outingId = idParameter(params.id);
	const answer = outingId
		? await storeNotes(locals.account.id, outingId, body.value.notes)
		: ({ refused: 'no-outing' } as const);
	if (!('refused' in answer)) return Response.json(answer);
	if (answer.refused === 'no-outing') return problem(404, words('you-have-no-such-outing'));
	if (answer.refused === 'full') return problem(507, answer.says);
	return problem(409, words('nothing-was-stored-a-note'), answer.issues);
};
