import words from '$lib/server/words';
import { error, fail, redirect } from '@sveltejs/kit';
import { demoGuides, sayRefusal, signIn } from '$lib/server/accounts';
import { isDemo } from '$lib/server/clock';
import { enter, wayOn } from '$lib/server/entry';
import { fieldOf, formOf } from '$lib/server/form';
import { DEVICE_COOKIE } from '$lib/server/session-cookie';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	if (locals.account) redirect(303, wayOn(url));
	return { guides: isDemo() ? (await demoGuides()).map(({ handle, name }) => ({ handle, name })) : [] };
};

export const actions: Actions = {
	enter: async (event) => {
		const form = await formOf(event.request);
		const handle = fieldOf(form, 'handle');
		const answer = await signIn(handle, fieldOf(form, 'password'), {
			address: event.getClientAddress(),
			device: event.cookies.get(DEVICE_COOKIE)
		});
		if ('account' in answer) return enter(event, answer.account);
		const message = sayRefusal(answer, words('that-name-and-password-do'));
		return fail(answer.refused === 'wait' ? 429 : 400, { message, handle });
	},
	demo: async (event) => {
		if (!isDemo()) error(404);
		const handle = (await formOf(event.request)).get('handle');
		const guide = (await demoGuides()).find((account) => account.handle === handle);
		if (!guide) return fail(400, { message: words('there-is-no-such-demonstration'), handle: '' });
		return enter(event, guide);
	}
};
