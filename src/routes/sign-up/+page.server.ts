import words from '$lib/server/words';
import { fail, redirect } from '@sveltejs/kit';
import * as v from 'valibot';
import { fieldIssues } from '$lib/core/note';
import { signUp, SignUpSchema } from '$lib/server/accounts';
import { countAttempt, networkOf } from '$lib/server/attempts';
import { enter, wayOn } from '$lib/server/entry';
import { fieldOf, formOf } from '$lib/server/form';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	if (locals.account) redirect(303, wayOn(url));
};

export const actions: Actions = {
	default: async (event) => {
		const form = await formOf(event.request);
		const given = { handle: fieldOf(form, 'handle'), name: fieldOf(form, 'name') };
		const parsed = v.safeParse(SignUpSchema, { ...given, password: fieldOf(form, 'password') });
		if (!parsed.success) return fail(422, { ...given, issues: fieldIssues(parsed.issues) });
		const wait = await countAttempt('sign-up-network', networkOf(event.getClientAddress()));
		if (wait > 0)
			return fail(429, {
				...given,
				issues: [{ field: '', says: words('too-many-new-accounts-from', { minutes: Math.ceil(wait / 60) }) }]
			});
		const account = await signUp(parsed.output);
		if (account === 'taken')
			return fail(409, {
				...given,
				issues: [{ field: 'handle', says: words('somebody-has-that-name-already') }]
			});
		return enter(event, account);
	}
};
