import { regionOf } from '$lib/core/atlas';
import { fetchFauna } from '$lib/ui/atlas/fauna';
import type { LayoutLoad } from './$types';

export const load: LayoutLoad = async ({ data, fetch }) => {
	await fetchFauna(fetch, data.elsewhere ? 'anywhere' : (regionOf(data.outing.reach.place) ?? 'anywhere'));
	return data;
};
