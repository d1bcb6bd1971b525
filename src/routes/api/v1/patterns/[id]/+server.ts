import words from '$lib/server/words';
import { idParameter, notSignedIn, problem } from '$lib/server/http';
import { removeOwnPattern } from '$lib/server/own-patterns';
import type { RequestHandler } from './$types';

export const DELETE: RequestHandler = async ({ params, locals }) => {
	if (!locals.account) return notSignedIn();
	const id = idParameter(params.id);
	const gone = id && (await removeOwnPattern(locals.account.id, id));
	return gone ? new Response(null, { status: 204 }) : problem(404, words('you-have-no-such-fly'));
};
