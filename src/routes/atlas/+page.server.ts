import { guideOf } from '$lib/server/entry';
import { namesFor } from '$lib/server/guides-names';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	names: await namesFor(guideOf(locals, url).id)
});
