import { cardPdf } from '$lib/server/card-pdf';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ url }) =>
	new Response(await cardPdf(url.searchParams.get('paper') === 'letter' ? 'letter' : 'a4'), {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': 'inline; filename="measuring-card.pdf"',
			'cache-control': 'public, max-age=86400'
		}
	});
