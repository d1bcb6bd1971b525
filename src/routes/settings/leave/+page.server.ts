import { fail, redirect } from '@sveltejs/kit';
import { deleteAccount } from '$lib/server/accounts';
import { guideOf } from '$lib/server/entry';
import { formOf } from '$lib/server/form';
import { clearSessionCookie } from '$lib/server/session-cookie';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	guideOf(locals, url);
};

export const actions: Actions = {
	default: async ({ request, locals, url, cookies }) => {
		const guide = guideOf(locals, url);
		const typed = String((await formOf(request)).get('handle'))
			.trim()
			.toLowerCase();
		if (typed !== guide.handle)
			return fail(422, { message: 'That is not the name you sign in with. Nothing was taken away.' });
		if (!(await deleteAccount(guide.id)))
			return fail(409, { message: 'The guides of the demonstration stay. Nothing was taken away.' });
		clearSessionCookie(cookies, url);
		redirect(303, '/sign-in');
	}
};
