import { guideOf } from '$lib/server/entry';
import { boxOf } from '$lib/server/flies';
import { ownPatternsOf } from '$lib/server/own-patterns';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const { id } = guideOf(locals, url);
	const [box, ownPatterns] = await Promise.all([boxOf(id), ownPatternsOf(id)]);
	return { box, ownPatterns };
};
