import { guideOf } from '$lib/server/entry';
import { boxOf } from '$lib/server/flies';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	box: await boxOf(guideOf(locals, url).id)
});
