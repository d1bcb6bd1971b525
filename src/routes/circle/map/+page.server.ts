import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { mapFor } from '$lib/server/circle-season';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	waters: await mapFor(guideOf(locals, url).id, await now()),
	/** Tiles behind the waters, where whoever runs the server has some; the map needs none. */
	tiles: process.env['MAP_TILES'] ?? ''
});
