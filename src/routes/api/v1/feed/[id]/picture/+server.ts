import words from '$lib/server/words';
import { now } from '$lib/server/clock';
import { idParameter, notSignedIn, problem } from '$lib/server/http';
import { sharedPhoto } from '$lib/server/photos';
import type { RequestHandler } from './$types';

/** The picture that goes with a shared record, for those who may see the record. */
export const GET: RequestHandler = async ({ params, locals }) => {
	if (!locals.account) return notSignedIn();
	const id = idParameter(params.id);
	const jpeg = id && (await sharedPhoto(locals.account.id, id, await now()));
	if (!jpeg) return problem(404, words('there-is-no-such-picture'));
	// Not kept by the browser for long: a share can be taken back.
	return new Response(jpeg, {
		headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, no-store' }
	});
};
