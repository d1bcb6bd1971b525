import words from '$lib/server/words';
import { fail } from '@sveltejs/kit';
import * as v from 'valibot';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { boxOf } from '$lib/server/flies';
import { formOf } from '$lib/server/form';
import { outingsOf } from '$lib/server/outings';
import { ownPatternsOf } from '$lib/server/own-patterns';
import { fillBoxFor } from '$lib/server/starting-box';
import { reachesFor } from '$lib/server/waters';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const { id } = guideOf(locals, url);
	const [box, ownPatterns, reaches, [last], at] = await Promise.all([
		boxOf(id),
		ownPatternsOf(id),
		reachesFor(id),
		outingsOf(id, undefined, 1),
		now()
	]);
	return { box, ownPatterns, reaches, lastReachId: last?.reach.id, month: at.getUTCMonth() + 1 };
};

const FillSchema = v.object({
	reachId: v.pipe(v.string(), v.uuid()),
	month: v.pipe(v.string(), v.regex(/^([1-9]|1[0-2])$/), v.transform(Number))
});

export const actions: Actions = {
	fill: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const parsed = v.safeParse(FillSchema, Object.fromEntries(await formOf(request)));
		if (!parsed.success) return fail(422, { message: words('choose-a-reach-and-a') });
		const { reachId, month } = parsed.output;
		const filled = await fillBoxFor(guide, reachId, await now(), month);
		return filled === undefined ? fail(422, { message: words('choose-one-of-your-reaches') }) : { filled };
	}
};
