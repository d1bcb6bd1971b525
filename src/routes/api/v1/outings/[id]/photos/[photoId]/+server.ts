import words from '$lib/server/words';
import { Full } from '$lib/server/database';
import { idParameter, notSignedIn, problem } from '$lib/server/http';
import { keepPhoto, photoOf } from '$lib/server/photos';
import type { RequestHandler } from './$types';

const MOST_BYTES = 12_000_000;

export const GET: RequestHandler = async ({ params, locals }) => {
	if (!locals.account) return notSignedIn();
	const outingId = idParameter(params.id);
	const id = idParameter(params.photoId);
	const jpeg = outingId && id && (await photoOf(locals.account.id, outingId, id));
	if (!jpeg) return problem(404, words('you-have-no-such-picture'));
	return new Response(jpeg, {
		headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' }
	});
};

export const PUT: RequestHandler = async ({ request, params, locals }) => {
	if (!locals.account) return notSignedIn();
	const outingId = idParameter(params.id);
	const id = idParameter(params.photoId);
	if (!outingId || !id) return problem(404, words('you-have-no-such-outing'));
	let bytes: Uint8Array;
	try {
		bytes = new Uint8Array(await request.arrayBuffer());
	} catch {
		return problem(413, words('the-picture-is-too-large'));
	}
	if (bytes.length > MOST_BYTES) return problem(413, words('the-picture-is-too-large'));
	const kept = await keepPhoto(locals.account.id, outingId, id, bytes);
	if (kept instanceof Full) return problem(507, kept.says);
	if (!('refused' in kept)) return Response.json(kept);
	if (kept.refused === 'no-outing') return problem(404, words('you-have-no-such-outing'));
	if (kept.refused === 'taken') return problem(409, words('another-picture-has-this-id'));
	if (kept.refused === 'too-large') return problem(413, words('the-picture-is-too-large'));
	if (kept.refused === 'busy')
		return problem(503, words('many-pictures-are-coming-in'), [], {
			'retry-after': '5'
		});
	return problem(415, words('that-is-no-picture-that'));
};
