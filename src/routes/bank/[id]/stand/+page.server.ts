import { bearingOf } from '$lib/core/approach';
import { guideOf } from '$lib/server/entry';
import { groundBeforeOf } from '$lib/server/notes';
import { lineOf } from '$lib/server/waters';
import type { PageServerLoad } from './$types';

/** What is known of this water from earlier days, and from its line on the map. */
export const load: PageServerLoad = async ({ locals, url, parent }) => {
	const guide = guideOf(locals, url);
	const { outing } = await parent();
	const [known, line] = await Promise.all([
		groundBeforeOf(guide.id, outing),
		lineOf(guide.id, outing.reach.id)
	]);
	const flowDeg = known.flowDeg ?? bearingOf(line);
	return { known: { ...known, ...(flowDeg !== undefined && { flowDeg }) } };
};
