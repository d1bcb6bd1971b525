import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { seasonOfCircles } from '$lib/server/circle-season';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	season: await seasonOfCircles(guideOf(locals, url).id, await now())
});
