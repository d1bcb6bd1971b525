import { fetchFauna } from '$lib/ui/atlas/fauna';
import type { LayoutLoad } from './$types';

export const load: LayoutLoad = ({ fetch }) => fetchFauna(fetch, 'anywhere');
