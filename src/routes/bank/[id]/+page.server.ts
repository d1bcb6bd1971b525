import words from '$lib/server/words';
import { tell } from '$lib/server/tell';
import { error } from '@sveltejs/kit';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { idParameter } from '$lib/server/http';
import { endOuting, outingsOf } from '$lib/server/outings';
import type { Actions, PageServerLoad } from './$types';

const setEnd = async (locals: App.Locals, url: URL, rawId: string, endedAt: Date | null) => {
	const guide = guideOf(locals, url);
	const id = idParameter(rawId);
	if (!id || !(await endOuting(guide.id, id, endedAt))) error(404, tell(words('you-have-no-such-outing')));
};

export const load: PageServerLoad = async ({ locals, url }) => {
	const outings = await outingsOf(guideOf(locals, url).id, undefined, 2);
	return { first: outings.length < 2 };
};

export const actions: Actions = {
	end: async ({ locals, url, params }) => setEnd(locals, url, params.id, await now()),
	reopen: async ({ locals, url, params }) => setEnd(locals, url, params.id, null)
};
