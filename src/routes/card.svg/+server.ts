import { cardSvg } from '$lib/core/specimen';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () =>
	new Response(cardSvg(), {
		headers: { 'content-type': 'image/svg+xml', 'cache-control': 'public, max-age=86400' }
	});
