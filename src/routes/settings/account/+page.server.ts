import words from '$lib/server/words';
import { fail } from '@sveltejs/kit';
import { changePassword, confirmPassword, hasPassword, sayRefusal, troubleWith } from '$lib/server/accounts';
import { guideOf } from '$lib/server/entry';
import { fieldOf, formOf } from '$lib/server/form';
import { idParameter } from '$lib/server/http';
import { SESSION_COOKIE } from '$lib/server/session-cookie';
import { endOneSession, endOtherSessions, openSessions } from '$lib/server/sessions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, cookies }) => {
	const { id } = guideOf(locals, url);
	return {
		sessions: await openSessions(id, cookies.get(SESSION_COOKIE) ?? ''),
		hasPassword: await hasPassword(id)
	};
};

export const actions: Actions = {
	password: async ({ request, locals, url, cookies }) => {
		const guide = guideOf(locals, url);
		const form = await formOf(request);
		const token = cookies.get(SESSION_COOKIE) ?? '';
		const password = fieldOf(form, 'new');
		const trouble = troubleWith(password, guide);
		if (trouble) return fail(422, { trouble });
		const confirmed = await confirmPassword(guide, fieldOf(form, 'current'), token);
		if (confirmed !== 'right')
			return fail(422, {
				trouble: sayRefusal(confirmed, words('that-is-not-your-password'))
			});
		await changePassword(guide, password, token);
		return { done: words('your-password-is-changed-you') };
	},
	end: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const id = idParameter(fieldOf(await formOf(request), 'id'));
		if (!id || !(await endOneSession(guide.id, id)))
			return fail(404, { gone: words('that-one-has-ended-already') });
		return { ended: words('signed-out-there') };
	},
	endOthers: async ({ locals, url, cookies }) => {
		const guide = guideOf(locals, url);
		const ended = await endOtherSessions(guide.id, cookies.get(SESSION_COOKIE) ?? '');
		return { ended: ended === 0 ? words('you-were-signed-in-nowhere') : words('signed-out-everywhere-else') };
	}
};
