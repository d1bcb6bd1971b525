import { error } from '@sveltejs/kit';
import { findTaxon } from '$lib/core';
import { guideOf } from '$lib/server/entry';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url, params }) => {
	guideOf(locals, url);
	if (!findTaxon(params.id)) error(404, `The atlas has no "${params.id}".`);
	return { id: params.id };
};
