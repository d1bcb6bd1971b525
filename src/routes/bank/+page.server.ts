import { guideOf } from '$lib/server/entry';
import { outingsOf } from '$lib/server/outings';
import type { PageServerLoad } from './$types';

const PAGE = 20;

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const startedAt = new Date(url.searchParams.get('before') ?? '');
	const id = url.searchParams.get('id') ?? '';
	const cursor =
		Number.isNaN(startedAt.getTime()) || !/^[0-9a-f-]{36}$/.test(id) ? undefined : { startedAt, id };
	const outings = await outingsOf(guide.id, cursor, PAGE);
	return { outings, more: outings.length === PAGE };
};
