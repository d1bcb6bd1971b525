import { fail } from '@sveltejs/kit';
import { circlesOf } from '$lib/server/circles';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { idParameter } from '$lib/server/http';
import { recordsOf, unshareRecord, usualShare } from '$lib/server/records';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, params }) => {
	const guide = guideOf(locals, url);
	const id = idParameter(params.id);
	const [confirmed, circles, usual] = await Promise.all([
		id ? recordsOf(guide.id, id) : [],
		circlesOf(guide.id, await now()),
		id ? usualShare(guide.id, id) : undefined
	]);
	return {
		confirmed,
		usual,
		circles: circles
			.filter(({ role }) => role !== 'reader')
			.map(({ id: circleId, name }) => ({ id: circleId, name }))
	};
};

export const actions: Actions = {
	unshare: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const form = await request.formData();
		const recordId = idParameter(String(form.get('recordId')));
		const circleId = idParameter(String(form.get('circleId')));
		if (!recordId || !circleId || !(await unshareRecord(guide.id, recordId, circleId)))
			return fail(404, { message: 'That was not shared.' });
		return { message: 'Taken back.' };
	}
};
