import { guideOf } from '$lib/server/entry';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	guideOf(locals, url);
};
