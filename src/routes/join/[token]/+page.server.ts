import { tell } from '$lib/server/tell';
import words from '$lib/server/words';
import { error, redirect } from '@sveltejs/kit';
import { invitationTo, joinCircle } from '$lib/server/circles';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import type { Actions, PageServerLoad } from './$types';

const GONE = words('this-invitation-has-expired-or');

export const load: PageServerLoad = async ({ locals, url, params }) => {
	guideOf(locals, url);
	const invitation = await invitationTo(params.token, await now());
	if (!invitation) error(410, tell(GONE));
	return { invitation };
};

export const actions: Actions = {
	default: async ({ locals, url, params }) => {
		const guide = guideOf(locals, url);
		if (!(await joinCircle(guide.id, params.token, await now()))) error(410, tell(GONE));
		redirect(303, '/circle');
	}
};
