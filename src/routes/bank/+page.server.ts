import { guideOf } from '$lib/server/entry';
import { idParameter, instantParameter } from '$lib/server/http';
import { outingsOf } from '$lib/server/outings';
import type { PageServerLoad } from './$types';

const PAGE = 20;

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const startedAt = instantParameter(url.searchParams.get('before'));
	const id = idParameter(url.searchParams.get('id') ?? undefined);
	const cursor = startedAt && id ? { startedAt, id } : undefined;
	const outings = await outingsOf(guide.id, cursor, PAGE);
	return { outings, more: outings.length === PAGE };
};
