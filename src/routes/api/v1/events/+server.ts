import { notSignedIn } from '$lib/server/http';
import { newsStream } from '$lib/server/news';
import type { RequestHandler } from './$types';

/** Server-sent events: `news` when a circle of this guide has something new. It says no more than that. */
export const GET: RequestHandler = ({ locals }) => {
	if (!locals.account) return notSignedIn();
	return new Response(newsStream(locals.account.id), {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' }
	});
};
