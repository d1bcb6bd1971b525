import words from '$lib/server/words';
import { BoxedFlySchema, NOT_BOXED, setBoxed } from '$lib/server/flies';
import { notSignedIn, problem, readBody } from '$lib/server/http';
import type { RequestHandler } from './$types';

export const PUT: RequestHandler = async ({ request, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, BoxedFlySchema);
	if ('refusal' in body) return body.refusal;
	if (!(await setBoxed(locals.account.id, body.value)))
		return problem(
			422,
			words('the-request-is-not-right', { field: NOT_BOXED.field, wrong: NOT_BOXED.says }),
			[NOT_BOXED]
		);
	return new Response(null, { status: 204 });
};
