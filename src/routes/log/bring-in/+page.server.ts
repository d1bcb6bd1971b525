import { guideOf } from '$lib/server/entry';
import { namesFor } from '$lib/server/guides-names';
import { reachesFor } from '$lib/server/waters';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const [reaches, insects] = await Promise.all([reachesFor(guide.id), namesFor(guide.id)]);
	const distinct = (names: string[]) => [...new Set(names)].sort();
	return {
		insects,
		reaches: reaches.map(({ name, water, basin, place: { latitude, longitude } }) => ({
			name,
			water,
			basin,
			latitude,
			longitude
		})),
		names: {
			basins: distinct(reaches.map(({ basin }) => basin)),
			waters: distinct(reaches.map(({ water }) => water)),
			reaches: distinct(reaches.map(({ name }) => name))
		}
	};
};
