import words from '$lib/server/words';
import { fail, redirect } from '@sveltejs/kit';
import * as v from 'valibot';
import { REGIONS_TO_SET, regionName } from '$lib/core/atlas';
import { atStart } from '$lib/core/message';
import { fieldIssues } from '$lib/core/note';
import { now } from '$lib/server/clock';
import { Full, unlessFull } from '$lib/server/database';
import { guideOf } from '$lib/server/entry';
import { boxOf } from '$lib/server/flies';
import { fieldOf, formOf } from '$lib/server/form';
import { NewOutingSchema, outingsOf, startOuting } from '$lib/server/outings';
import { fillBoxFor } from '$lib/server/starting-box';
import { addReach, NewReachSchema, reachesFor } from '$lib/server/waters';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const [reaches, [last], box] = await Promise.all([
		reachesFor(guide.id),
		outingsOf(guide.id, undefined, 1),
		boxOf(guide.id)
	]);
	return {
		reaches,
		lastReachId: last?.reach.id,
		boxEmpty: box.length === 0,
		regions: REGIONS_TO_SET.map((id) => ({ id, name: atStart(regionName(id)) }))
	};
};

/** A form's number, or undefined when the field was left empty. */
const numberOf = (form: FormData, field: string): number | undefined => {
	const text = fieldOf(form, field).trim();
	return text === '' ? undefined : Number(text);
};

/** The points of a form's line; what is no list of them is left for the schema to refuse. */
function lineIn(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch {
		return undefined;
	}
}

/** A device's clock may be ahead by so much. */
const AHEAD_MS = 24 * 3_600_000;

export const actions: Actions = {
	begin: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const form = await formOf(request);
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
		const at = await now();
		if (parsed.output.startedAt.getTime() > at.getTime() + AHEAD_MS)
			return fail(422, {
				issues: [{ field: 'startedAt', says: words('lies-ahead') }]
			});
		if (!(await startOuting(guide.id, parsed.output)))
			return fail(409, {
				issues: [{ field: 'reachId', says: words('choose-one-of-your-reaches') }]
			});
		if (form.get('fillBox') === '1') await fillBoxFor(guide, parsed.output.reachId, parsed.output.startedAt);
		redirect(303, `/bank/${parsed.output.id}`);
	},
	reach: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const form = await formOf(request);
		const text = (field: string) => fieldOf(form, field);
		const parsed = v.safeParse(NewReachSchema, {
			basin: text('basin'),
			water: text('water'),
			name: text('name'),
			kind: text('kind'),
			timeZone: text('timeZone'),
			line: lineIn(text('line')),
			elevationM: numberOf(form, 'elevationM'),
			...(text('region') && { region: text('region') })
		});
		if (!parsed.success) return fail(422, { issues: fieldIssues(parsed.issues) });
		const added = await unlessFull(() => addReach(guide.id, parsed.output));
		if (added instanceof Full) return fail(409, { issues: [{ field: '', says: added.says }] });
		return { added };
	}
};
