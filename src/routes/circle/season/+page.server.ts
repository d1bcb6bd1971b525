import * as v from 'valibot';
import { seasonRows, sharesByWeek, weekBesideUsual } from '$lib/core/record';
import { localWeek } from '$lib/core/units';
import {
	kindsOfCircles,
	seasonOfCircles,
	SeasonFilterSchema,
	whereGuideIs,
	yearsOfCircles
} from '$lib/server/circle-season';
import { now } from '$lib/server/clock';
import { guideOf } from '$lib/server/entry';
import { watersInFeed } from '$lib/server/feed';
import type { PageServerLoad } from './$types';

const MOST_ROWS = 20;

export const load: PageServerLoad = async ({ locals, url }) => {
	const { id } = guideOf(locals, url);
	const at = await now();
	const { hemisphere, timeZone } = await whereGuideIs(id);
	const filter = { ...v.parse(SeasonFilterSchema, Object.fromEntries(url.searchParams)), hemisphere };
	const [season, waters, years, kinds] = await Promise.all([
		seasonOfCircles(id, at, { ...filter, year: '' }),
		watersInFeed(id, at),
		yearsOfCircles(id, at, hemisphere),
		filter.view === 'table' ? kindsOfCircles(id, at, filter) : undefined
	]);
	// This week against the usual one needs all years; the ribbons may be of one alone.
	const shown = filter.year ? await seasonOfCircles(id, at, filter) : season;
	const today = localWeek(at, timeZone);
	return {
		week: today.week,
		beside: weekBesideUsual(season.weeks, today.year, today.week),
		rows: seasonRows(sharesByWeek(shown.weeks), shown.hours, MOST_ROWS, hemisphere),
		...{ kinds, waters, years, filter, hemisphere }
	};
};
