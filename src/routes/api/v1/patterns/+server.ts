import words from '$lib/server/words';
import { notSignedIn, problem, readBody } from '$lib/server/http';
import { addOwnPattern, OwnPatternSchema } from '$lib/server/own-patterns';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, OwnPatternSchema);
	if ('refusal' in body) return body.refusal;
	const id = await addOwnPattern(locals.account.id, body.value);
	return id ? Response.json({ id }, { status: 201 }) : problem(409, words('you-have-300-flies-of'));
};
