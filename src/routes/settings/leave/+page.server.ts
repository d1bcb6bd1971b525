import words from '$lib/server/words';
import { fail, redirect } from '@sveltejs/kit';
import { confirmPassword, deleteAccount, sayRefusal } from '$lib/server/accounts';
import { guideOf } from '$lib/server/entry';
import { fieldOf, formOf } from '$lib/server/form';
import { clearSessionCookie, SESSION_COOKIE } from '$lib/server/session-cookie';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	guideOf(locals, url);
};

export const actions: Actions = {
	default: async ({ request, locals, url, cookies }) => {
		const guide = guideOf(locals, url);
		const password = fieldOf(await formOf(request), 'password');
		const confirmed = await confirmPassword(guide, password, cookies.get(SESSION_COOKIE) ?? '');
		if (confirmed === 'no-password') return fail(409, { message: words('the-guides-of-the-demonstration') });
		if (confirmed !== 'right')
			return fail(422, {
				message: sayRefusal(confirmed, words('that-is-not-your-password-2'))
			});
		await deleteAccount(guide.id);
		clearSessionCookie(cookies, url);
		redirect(303, '/sign-in');
	}
};
