import * as v from 'valibot';
import { hemisphereOf, type Hemisphere, type SeasonCount, type WeekCount } from '$lib/core/record';
import { database } from './database';

/** What a guide's circles have shared, added up; from coarsened copies, and only what each may see. */
export interface CircleSeason {
	/** Days of sightings and shares by taxon, year and ISO week. */
	weeks: (WeekCount & { shares: number })[];
	/** By hour, from shares that are told finer than the basin. */
	hours: SeasonCount[];
}

/** What of the season a guide looks at; everything when nothing is chosen. */
export const SeasonFilterSchema = v.object({
	water: v.optional(v.fallback(v.pipe(v.string(), v.maxLength(80)), ''), ''),
	year: v.optional(v.fallback(v.pipe(v.string(), v.regex(/^(\d{4})?$/)), ''), ''),
	view: v.optional(v.fallback(v.picklist(['ribbons', 'table']), 'ribbons'), 'ribbons')
});
export type SeasonFilter = v.InferOutput<typeof SeasonFilterSchema>;

/** What a guide sees of one water or year. Only what is asked for is in the SQL, so that the rest keeps to its index. */
function visible({ water, year, hemisphere }: Asked): {
	where: string;
	values: unknown[];
} {
	const values: unknown[] = [];
	const parts: string[] = [];
	if (water) parts.push(`and s.water = $${values.push(water) + 2}`);
	if (year) parts.push(`and ${seasonYearSql(hemisphere)} = $${values.push(Number(year)) + 2}`);
	return {
		where: `from circle_member m join shared_record s on s.circle_id = m.circle_id
			and (s.appears_at <= $2 or s.author_id = $1) ${parts.join(' ')} where m.account_id = $1`,
		values
	};
}

/** A water and a year of insects, of this half of the earth: all of them when left empty. */
type Asked = Pick<SeasonFilter, 'water' | 'year'> & { hemisphere?: Hemisphere };
const EVERYTHING: Asked = { water: '', year: '' };

/** The year of insects a day belongs to: in the south it begins with July. */
const seasonYearSql = (hemisphere: Hemisphere | undefined): string =>
	hemisphere === 'south' ? 'extract(year from s.day - 181)' : 'extract(isoyear from s.day)';

/** Where a guide was last, or has a reach: in which half of the world, and by which clock. */
export async function whereGuideIs(accountId: string): Promise<{ hemisphere: Hemisphere; timeZone: string }> {
	const { rows } = await database().query<{ latitude: number; timeZone: string }>(
		`(select o.latitude, r.time_zone as "timeZone" from outing o join reach r on r.id = o.reach_id
			where o.author_id = $1 order by o.started_at desc, o.id desc limit 1)
		 union all
		 (select (line -> 0 ->> 1)::float8, time_zone from reach where owner_id = $1 limit 1) limit 1`,
		[accountId]
	);
	const [last] = rows;
	return { hemisphere: hemisphereOf(last?.latitude ?? 0), timeZone: last?.timeZone ?? 'UTC' };
}

/** Years of insects in which something was shared, the latest first. */
export async function yearsOfCircles(accountId: string, at: Date, hemisphere: Hemisphere): Promise<number[]> {
	const { where, values } = visible(EVERYTHING);
	const { rows } = await database().query<{ year: number }>(
		`select distinct ${seasonYearSql(hemisphere)}::int as year ${where} order by 1 desc`,
		[accountId, at, ...values]
	);
	return rows.map(({ year }) => year);
}

/** The season as counts: one pass over what is visible, by day and guide, and by hour. */
export async function seasonOfCircles(
	accountId: string,
	at: Date,
	filter: Asked = EVERYTHING
): Promise<CircleSeason> {
	const { where, values } = visible(filter);
	const { rows } = await database().query<{
		taxonId: string;
		year: number | null;
		at: number;
		days: number | null;
		shares: number;
	}>(
		`with parts as (
			select s.taxon_id, s.day, s.hour_told, grouping(s.day) as by_hour, count(*)::int as shares ${where}
			group by grouping sets ((s.taxon_id, s.day, s.author_id), (s.taxon_id, s.hour_told)))
		 select taxon_id as "taxonId", extract(isoyear from day)::int as year, extract(week from day)::int as at,
			count(*)::int as days, sum(shares)::int as shares
		 from parts where by_hour = 0 group by 1, 2, 3
		 union all
		 select taxon_id, null, hour_told, null, shares from parts where by_hour = 1 and hour_told is not null`,
		[accountId, at, ...values]
	);
	const season: CircleSeason = { weeks: [], hours: [] };
	for (const { taxonId, year, at: step, days, shares } of rows)
		if (year === null || days === null) season.hours.push({ taxonId, at: step, count: shares });
		else season.weeks.push({ taxonId, year, week: step, count: days, shares });
	return season;
}

/** A kind in one year: from when to when, where, and how many shares and guides stand behind it. */
export interface SeasonOfKind {
	taxonId: string;
	year: number;
	/** First and last local day, `YYYY-MM-DD`; null where no share tells the day. */
	firstDay: string | null;
	lastDay: string | null;
	shares: number;
	guides: number;
	/** Waters that are named. */
	waters: string[];
}

/** The season as a table, the latest year first and in it by first day. */
export async function kindsOfCircles(
	accountId: string,
	at: Date,
	filter: Asked = EVERYTHING,
	most = 400
): Promise<SeasonOfKind[]> {
	const { where, values } = visible(filter);
	const { rows } = await database().query<SeasonOfKind>(
		`select s.taxon_id as "taxonId", ${seasonYearSql(filter.hemisphere)}::int as year,
			to_char(min(s.day) filter (where s.precision <> 'season'), 'YYYY-MM-DD') as "firstDay",
			to_char(max(s.day) filter (where s.precision <> 'season'), 'YYYY-MM-DD') as "lastDay",
			count(*)::int as shares, count(distinct s.author_id)::int as guides,
			coalesce(array_agg(distinct s.water order by s.water) filter (where s.water is not null), '{}') as waters
		 ${where} group by 1, 2 order by 2 desc, min(s.day), 1 limit ${most}`,
		[accountId, at, ...values]
	);
	return rows;
}

/** A water of the map: its line, as far as the guide may know it, and what was lately shared there. */
export interface MapWater {
	water: string;
	/** Lines of its reaches, longitude before latitude. */
	lines: [number, number][][];
	shares: number;
	taxa: string[];
}

const LATELY_DAYS = 14;
const DAY_MS = 86_400_000;

/**
 * Waters that a guide may fish by, with how much their circles shared of each in the last fortnight: by the name
 * that was shared, so that what is coarser than a water is on no water here.
 */
export async function mapFor(accountId: string, at: Date): Promise<MapWater[]> {
	const { rows } = await database().query<MapWater>(
		`with seen as (
			select s.water, count(*)::int as shares, array_agg(distinct s.taxon_id) as taxa
			from circle_member m join shared_record s on s.circle_id = m.circle_id
				and (s.appears_at <= $2 or s.author_id = $1) and s.day > $3::date
			where m.account_id = $1 and s.water is not null group by 1)
		 select w.name as water, json_agg(r.line order by r.elevation_m desc) as lines,
			coalesce(seen.shares, 0) as shares, coalesce(seen.taxa, '{}') as taxa
		 from reach r join water w on w.id = r.water_id left join seen on seen.water = w.name
		 where r.owner_id is null or r.owner_id = $1
		 group by w.id, w.name, seen.shares, seen.taxa order by w.name`,
		[accountId, at, new Date(at.getTime() - LATELY_DAYS * DAY_MS)]
	);
	return rows;
}
