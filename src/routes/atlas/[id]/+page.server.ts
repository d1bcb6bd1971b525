import words from '$lib/server/words';
import { tell } from '$lib/server/tell';
import { error, fail, redirect } from '@sveltejs/kit';
import * as v from 'valibot';
import { findTaxon, groupOfUnnamed } from '$lib/core/atlas';
import { fieldIssues } from '$lib/core/note';
import { circlesOf } from '$lib/server/circles';
import { now } from '$lib/server/clock';
import { Full, unlessFull } from '$lib/server/database';
import { guideOf } from '$lib/server/entry';
import { fieldOf, formOf } from '$lib/server/form';
import { idParameter } from '$lib/server/http';
import { addName, namesFor, OwnNameSchema, removeName } from '$lib/server/guides-names';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, params }) => {
	const guide = guideOf(locals, url);
	// What stands for a group without a name is no row of the atlas.
	if (groupOfUnnamed(params.id)) redirect(303, '/atlas');
	if (!findTaxon(params.id)) error(404, tell(words('the-atlas-has-no', { id: params.id })));
	const [names, circles] = await Promise.all([namesFor(guide.id), circlesOf(guide.id, await now())]);
	return {
		id: params.id,
		names: names.filter(({ taxonId }) => taxonId === params.id),
		circles: circles.map(({ id, name, role }) => ({ id, name, keeps: role === 'keeper' }))
	};
};

export const actions: Actions = {
	name: async ({ request, locals, url, params }) => {
		const guide = guideOf(locals, url);
		const form = await formOf(request);
		const circleId = form.get('circleId');
		const parsed = v.safeParse(OwnNameSchema, {
			taxonId: params.id,
			name: form.get('name'),
			...(circleId && { circleId })
		});
		if (!parsed.success) {
			const [issue] = fieldIssues(parsed.issues);
			return fail(422, {
				message: words('the', { value: issue?.field ?? 'name', value2: issue?.says ?? '' })
			});
		}
		const added = await unlessFull(() => addName(guide.id, parsed.output));
		if (added instanceof Full) return fail(409, { message: added.says });
		if (!added) return fail(404, { message: words('you-are-not-in-that') });
		return { message: words('saved') };
	},
	unname: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const id = idParameter(fieldOf(await formOf(request), 'id'));
		if (!id || !(await removeName(guide.id, id)))
			return fail(404, { message: words('you-gave-no-such-name') });
		return { message: words('taken-back') };
	}
};
