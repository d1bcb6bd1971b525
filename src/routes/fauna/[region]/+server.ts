import { error } from '@sveltejs/kit';
import { faunaOf, REGIONS_TO_SET, TAXA, type RegionToSet } from '$lib/core/atlas';
import { tell } from '$lib/server/tell';
import words from '$lib/server/words';
import type { RequestHandler } from './$types';

const isRegion = (name: string): name is RegionToSet => (REGIONS_TO_SET as readonly string[]).includes(name);
const YEAR_S = 365 * 86_400;
/** What was told once is kept: the atlas stays as it is while the server runs. */
const told = new Map<RegionToSet, string>();

/** The taxa of a region, or of anywhere. Pages ask for it with the version they were built with, and keep it. */
export const GET: RequestHandler = ({ params: { region } }) => {
	if (!isRegion(region))
		error(404, tell(words('no-such-region', { region, regions: REGIONS_TO_SET.join(', ') })));
	let body = told.get(region);
	if (body === undefined) {
		body = JSON.stringify(region === 'anywhere' ? TAXA : faunaOf(TAXA, region));
		told.set(region, body);
	}
	return new Response(body, {
		headers: { 'content-type': 'application/json', 'cache-control': `public, max-age=${YEAR_S}, immutable` }
	});
};
