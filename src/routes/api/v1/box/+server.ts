import { BoxedFlySchema, setBoxed } from '$lib/server/flies';
import { notSignedIn, readBody } from '$lib/server/http';
import type { RequestHandler } from './$types';

export const PUT: RequestHandler = async ({ request, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, BoxedFlySchema);
	if ('refusal' in body) return body.refusal;
	await setBoxed(locals.account.id, body.value);
	return new Response(null, { status: 204 });
};
