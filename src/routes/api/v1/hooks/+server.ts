import { notSignedIn, readBody } from '$lib/server/http';
import { HooksSchema, saveHooks } from '$lib/server/settings';
import type { RequestHandler } from './$types';

export const PUT: RequestHandler = async ({ request, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, HooksSchema);
	if ('refusal' in body) return body.refusal;
	await saveHooks(locals.account.id, body.value);
	return new Response(null, { status: 204 });
};
