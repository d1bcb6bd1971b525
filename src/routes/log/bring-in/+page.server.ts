import { guideOf } from '$lib/server/entry';
import { reachesFor } from '$lib/server/waters';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const reaches = await reachesFor(guide.id);
	const distinct = (names: string[]) => [...new Set(names)].sort();
	return {
		names: {
			basins: distinct(reaches.map(({ basin }) => basin)),
			waters: distinct(reaches.map(({ water }) => water)),
			reaches: distinct(reaches.map(({ name }) => name))
		}
	};
};
