import words from '$lib/server/words';
import { tell } from '$lib/server/tell';
import { error } from '@sveltejs/kit';
import { now } from '$lib/server/clock';
import { publicBoard } from '$lib/server/public-boards';
import type { PageServerLoad } from './$types';

/** For anybody with the link. */
export const load: PageServerLoad = async ({ params, url, setHeaders }) => {
	const board = await publicBoard(params.token, await now());
	if (!board) error(410, tell(words('this-board-is-not-up')));
	// A link that is passed on must not be found by searching.
	setHeaders({ 'x-robots-tag': 'noindex', 'cache-control': 'private, no-store' });
	return { board, link: url.href };
};
