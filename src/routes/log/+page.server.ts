import * as v from 'valibot';
import { localDay } from '$lib/core/units';
import { whereGuideIs } from '$lib/server/circle-season';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { idParameter, instantParameter } from '$lib/server/http';
import {
	LogCursorSchema,
	LogFilterSchema,
	logOf,
	outingsInLog,
	outingsInMonth,
	seasonOf,
	watersInLog
} from '$lib/server/log-book';
import { namesFor } from '$lib/server/guides-names';
import { outingsOf } from '$lib/server/outings';
import { ownPatternsOf } from '$lib/server/own-patterns';
import type { PageServerLoad } from './$types';

const PAGE = 40;
const ViewSchema = v.fallback(v.picklist(['records', 'calendar', 'outings']), 'records');
const MonthSchema = v.pipe(v.string(), v.regex(/^(199\d|20\d\d)-(0[1-9]|1[0-2])$/));

export const load: PageServerLoad = async ({ locals, url }) => {
	const guide = guideOf(locals, url);
	const asked = Object.fromEntries(url.searchParams);
	const filter = v.parse(LogFilterSchema, asked);
	const view = v.parse(ViewSchema, asked['view']);
	const [season, waters, { hemisphere }] = await Promise.all([
		seasonOf(guide.id),
		watersInLog(guide.id),
		whereGuideIs(guide.id)
	]);
	const common = { season, waters, filter, hemisphere };
	switch (view) {
		case 'records': {
			const [names, patterns] = await Promise.all([namesFor(guide.id), ownPatternsOf(guide.id)]);
			const cursor = v.safeParse(LogCursorSchema, { key: asked['after'], id: asked['id'] });
			const known = { names, patterns };
			const entries = await logOf(guide.id, filter, cursor.success ? cursor.output : undefined, PAGE, known);
			return { ...common, view, entries, more: entries.length === PAGE };
		}
		case 'outings': {
			const startedAt = instantParameter(asked['before'] ?? null);
			const id = idParameter(asked['id']);
			const cursor = id && startedAt ? { startedAt, id } : undefined;
			const outings = await outingsInLog(guide.id, filter, cursor, PAGE);
			return { ...common, view, outings, more: outings.length === PAGE };
		}
		case 'calendar': {
			const page = v.safeParse(MonthSchema, asked['page']);
			const [last] = page.success ? [] : await outingsOf(guide.id, undefined, 1);
			const month = page.success
				? page.output
				: localDay(last?.startedAt ?? (await now()), last?.reach.timeZone ?? 'UTC').slice(0, 7);
			return { ...common, view, month, outings: await outingsInMonth(guide.id, month) };
		}
	}
};
