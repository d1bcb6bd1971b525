import { error, fail, redirect } from '@sveltejs/kit';
import { demoGuides, signIn } from '$lib/server/accounts';
import { isDemo } from '$lib/server/clock';
import { enter, wayOn } from '$lib/server/entry';
import { formOf } from '$lib/server/form';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	if (locals.account) redirect(303, wayOn(url));
	return { guides: isDemo() ? (await demoGuides()).map(({ handle, name }) => ({ handle, name })) : [] };
};

export const actions: Actions = {
	enter: async ({ request, cookies, url, getClientAddress }) => {
		const form = await formOf(request);
		const handle = String(form.get('handle') ?? '');
		const answer = await signIn(handle, String(form.get('password') ?? ''), getClientAddress());
		if ('account' in answer) return enter(cookies, url, answer.account);
		const message =
			answer.refused === 'wait'
				? `Too many tries. Wait ${Math.ceil(answer.seconds / 60)} min and try again.`
				: 'That name and password do not belong together.';
		return fail(answer.refused === 'wait' ? 429 : 400, { message, handle });
	},
	demo: async ({ request, cookies, url }) => {
		if (!isDemo()) error(404);
		const handle = (await formOf(request)).get('handle');
		const guide = (await demoGuides()).find((account) => account.handle === handle);
		if (!guide) return fail(400, { message: 'There is no such demonstration guide.', handle: '' });
		return enter(cookies, url, guide);
	}
};
