import { readBody, refuseTooMany } from '$lib/server/http';
import { answerHook, HookRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, getClientAddress }) => {
	const refusal = await refuseTooMany(getClientAddress());
	if (refusal) return refusal;
	const body = await readBody(request, HookRequestSchema);
	return 'refusal' in body ? body.refusal : Response.json(answerHook(body.value));
};
