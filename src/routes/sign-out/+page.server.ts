import { redirect } from '@sveltejs/kit';
import { clearSessionCookie, SESSION_COOKIE } from '$lib/server/session-cookie';
import { endSession } from '$lib/server/sessions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => redirect(303, '/settings');

export const actions: Actions = {
	default: async ({ cookies, url }) => {
		const token = cookies.get(SESSION_COOKIE);
		if (token) await endSession(token);
		clearSessionCookie(cookies, url);
		redirect(303, '/sign-in');
	}
};
