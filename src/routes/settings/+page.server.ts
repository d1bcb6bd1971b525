import words from '$lib/server/words';
import { fail } from '@sveltejs/kit';
import * as v from 'valibot';
import { REGIONS_TO_SET, regionName } from '$lib/core/atlas';
import { atStart } from '$lib/core/message';
import { formOf } from '$lib/server/form';
import {
	FIVE_X_BREAKS_N,
	KNOTS_CM,
	RODS_M,
	saveSettings,
	SettingsSchema,
	SMALLEST_SEEN,
	THROAT_FROM_CM
} from '$lib/server/settings';
import { guideOf } from '$lib/server/entry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
	guideOf(locals, url);
	return {
		knotsCm: KNOTS_CM,
		rodsM: RODS_M,
		fiveXBreaksN: FIVE_X_BREAKS_N,
		smallestSeen: SMALLEST_SEEN,
		throatFromCm: THROAT_FROM_CM,
		regions: REGIONS_TO_SET.map((id) => ({ id, name: atStart(regionName(id)) }))
	};
};

export const actions: Actions = {
	default: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const parsed = v.safeParse(SettingsSchema, Object.fromEntries(await formOf(request)));
		if (!parsed.success) return fail(422, { message: words('that-choice-is-not-one') });
		await saveSettings(guide.id, parsed.output);
		return { message: words('saved') };
	}
};
