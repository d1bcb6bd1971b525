import * as v from 'valibot';
import { guideOf } from '$lib/server/entry';
import { idParameter } from '$lib/server/http';
import { LogFilterSchema, logOf, seasonOf } from '$lib/server/log-book';
import type { PageServerLoad } from './$types';

const PAGE = 40;

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const filter = v.parse(LogFilterSchema, Object.fromEntries(url.searchParams));
	const day = v.safeParse(v.pipe(v.string(), v.isoDate()), url.searchParams.get('after'));
	const id = idParameter(url.searchParams.get('id') ?? undefined);
	const cursor = day.success && id ? { day: day.output, id } : undefined;
	const [entries, season] = await Promise.all([logOf(guide.id, filter, cursor, PAGE), seasonOf(guide.id)]);
	return { entries, season, filter, more: entries.length === PAGE };
};
