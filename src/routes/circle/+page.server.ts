import { fail, redirect } from '@sveltejs/kit';
import * as v from 'valibot';
import { words } from '$lib/core';
import { circlesOf, createCircle, invite } from '$lib/server/circles';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { idParameter } from '$lib/server/http';
import { feedFor } from '$lib/server/records';
import type { Actions, PageServerLoad } from './$types';

const PAGE = 20;

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	const guide = guideOf(locals, url);
	depends('lacewing:feed');
	const sharedAt = new Date(url.searchParams.get('before') ?? '');
	const id = idParameter(url.searchParams.get('id') ?? undefined);
	const cursor = id && !Number.isNaN(sharedAt.getTime()) ? { sharedAt, id } : undefined;
	const [circles, feed] = await Promise.all([circlesOf(guide.id), feedFor(guide.id, cursor, PAGE)]);
	return { circles, feed, more: feed.length === PAGE };
};

export const actions: Actions = {
	create: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const name = v.safeParse(words(60), (await request.formData()).get('name'));
		if (!name.success) return fail(422, { message: `The name ${name.issues[0].message}.` });
		await createCircle(guide.id, name.output);
		redirect(303, '/circle');
	},
	invite: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const circleId = idParameter(String((await request.formData()).get('circleId')));
		const invitation = circleId && (await invite(guide.id, circleId, await now()));
		if (!invitation) return fail(404, { message: 'You are not in that circle.' });
		return { circleId, link: `${url.origin}/join/${invitation.token}`, expiresAt: invitation.expiresAt };
	}
};
