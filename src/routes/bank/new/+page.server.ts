import { fail, redirect } from '@sveltejs/kit';
import * as v from 'valibot';
import { fieldIssues } from '$lib/core';
import { guideOf } from '$lib/server/entry';
import { NewOutingSchema, outingsOf, startOuting } from '$lib/server/outings';
import { addReach, NewReachSchema, reachesFor } from '$lib/server/waters';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const [reaches, [last]] = await Promise.all([reachesFor(guide.id), outingsOf(guide.id, undefined, 1)]);
	return { reaches, lastReachId: last?.reach.id };
};

/** A form's number, or undefined when the field was left empty. */
const numberOf = (form: FormData, field: string): number | undefined => {
	const text = String(form.get(field) ?? '').trim();
	return text === '' ? undefined : Number(text);
};

export const actions: Actions = {
	begin: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const form = await request.formData();
		const latitude = numberOf(form, 'latitude');
		const longitude = numberOf(form, 'longitude');
		const parsed = v.safeParse(NewOutingSchema, {
			id: form.get('id'),
			reachId: form.get('reachId') ?? '',
			startedAt: form.get('startedAt'),
			guests: numberOf(form, 'guests') ?? 0,
			...(latitude !== undefined && longitude !== undefined && { latitude, longitude })
		});
		if (!parsed.success) return fail(422, { issues: fieldIssues(parsed.issues) });
		if (!(await startOuting(guide.id, parsed.output)))
			return fail(409, { issues: [{ field: 'reachId', message: 'Choose one of your reaches.' }] });
		redirect(303, `/bank/${parsed.output.id}`);
	},
	reach: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const form = await request.formData();
		const text = (field: string) => String(form.get(field) ?? '');
		const parsed = v.safeParse(NewReachSchema, {
			basin: text('basin'),
			water: text('water'),
			name: text('name'),
			kind: text('kind'),
			timeZone: text('timeZone'),
			latitude: numberOf(form, 'latitude'),
			longitude: numberOf(form, 'longitude'),
			elevationM: numberOf(form, 'elevationM')
		});
		if (!parsed.success) return fail(422, { issues: fieldIssues(parsed.issues) });
		return { added: await addReach(guide.id, parsed.output) };
	}
};
