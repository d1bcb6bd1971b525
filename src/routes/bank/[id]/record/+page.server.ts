import words from '$lib/server/words';
import { tell } from '$lib/server/tell';
import { error, fail } from '@sveltejs/kit';
import { circlesOf } from '$lib/server/circles';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { fieldOf, formOf } from '$lib/server/form';
import { idParameter } from '$lib/server/http';
import { earlierSamples, outingOf } from '$lib/server/outings';
import { recordsOf, unshareRecord, usualShare } from '$lib/server/records';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, params }) => {
	const guide = guideOf(locals, url);
	const id = idParameter(params.id);
	const outing = id && (await outingOf(guide.id, id));
	if (!outing) error(404, tell(words('you-have-no-such-outing')));
	const [confirmed, circles, usual, samples] = await Promise.all([
		recordsOf(guide.id, outing.id),
		circlesOf(guide.id, await now()),
		usualShare(guide.id, outing.id),
		earlierSamples(guide.id, outing)
	]);
	return {
		confirmed,
		usual,
		samples,
		circles: circles
			.filter(({ role }) => role !== 'reader')
			.map(({ id: circleId, name }) => ({ id: circleId, name }))
	};
};

export const actions: Actions = {
	unshare: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const form = await formOf(request);
		const recordId = idParameter(fieldOf(form, 'recordId'));
		const circleId = idParameter(fieldOf(form, 'circleId'));
		if (!recordId || !circleId || !(await unshareRecord(guide.id, recordId, circleId)))
			return fail(404, { message: words('that-was-not-shared') });
		return { message: words('taken-back') };
	}
};
