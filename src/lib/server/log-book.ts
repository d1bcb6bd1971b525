import * as v from 'valibot';
import { ofTaxa, type GuidesName, type LifeStage } from '$lib/core/atlas';
import { DaySchema } from '$lib/core/note';
import {
	HatchRecordSchema,
	patternsOfStyle,
	searchTerms,
	type HatchRecord,
	type SeasonCount
} from '$lib/core/record';
import { STYLE_IDS, type Pattern } from '$lib/core/tackle';
import { ABUNDANCES, type Abundance } from '$lib/core/vocabulary';
import { database } from './database';
import { isThere, readable } from './readable';

/** A record of one's own, as the log lists it. */
export interface LogEntry {
	id: string;
	outingId: string;
	confirmedAt: Date;
	record: HatchRecord;
	/** What it is ordered by, as text, for the cursor. */
	key: string;
}

/** In which orders the log can be read: what each goes by, and which way. All from our own constants. */
const ORDERS = {
	newest: { by: 'r.day', type: 'date', down: true },
	oldest: { by: 'r.day', type: 'date', down: false },
	kind: { by: 'array_position($9::text[], r.taxon_id)', type: 'int', down: false },
	largest: { by: `coalesce((r.body ->> 'lengthMm')::float8, 0)`, type: 'float8', down: true },
	most: { by: `array_position($10::text[], r.body ->> 'abundance')`, type: 'int', down: true },
	taken: { by: `(r.body ->> 'taken')::float8`, type: 'float8', down: true }
} as const;
export type LogOrder = keyof typeof ORDERS;
const LOG_ORDERS = Object.keys(ORDERS) as LogOrder[];

/** What a key of each type looks like, so that the database takes it. */
const KEYS: Record<'date' | 'int' | 'float8', (key: string) => boolean> = {
	date: (key) => v.is(DaySchema, key),
	int: (key) => /^\d{1,6}$/.test(key),
	float8: (key) => /^-?\d+(\.\d+)?(e[+-]?\d+)?$/.test(key) && Number.isFinite(Number(key))
};

const taxaByName = ofTaxa((taxa) =>
	taxa.toSorted((a, b) => (a.commonName < b.commonName ? -1 : 1)).map(({ id }) => id)
);

const chosen = <S extends v.GenericSchema<string, string>>(schema: S) =>
	v.optional(v.fallback(schema, '' as never), '' as never);

/** What a guide looks for in the log; what is no choice is as good as none. */
export const LogFilterSchema = v.object({
	/** Any name of an insect, a stage, a month, a water or reach, a fly or its style, or words of one's own. */
	q: chosen(v.pipe(v.string(), v.trim(), v.maxLength(80))),
	month: chosen(v.picklist(['', ...Array.from({ length: 12 }, (_, i) => String(i + 1))])),
	water: chosen(v.pipe(v.string(), v.maxLength(80))),
	style: chosen(v.picklist(['', ...STYLE_IDS])),
	order: v.optional(v.fallback(v.picklist(LOG_ORDERS), 'newest'), 'newest')
});
export type LogFilter = v.InferOutput<typeof LogFilterSchema>;
export const NO_FILTER: LogFilter = { q: '', month: '', water: '', style: '', order: 'oldest' };

/** Where a page of the log ended. */
export const LogCursorSchema = v.object({
	/** What the last entry was ordered by, as text. */
	key: v.pipe(v.string(), v.regex(/^[\d.e+-]{1,40}$/)),
	id: v.pipe(v.string(), v.uuid())
});
export type LogCursor = v.InferOutput<typeof LogCursorSchema>;

/**
 * A page of a guide's own records.
 *
 * @param known the guide's own flies and names of insects, which the words of a search may mean
 */
export async function logOf(
	accountId: string,
	{ q, month, water, style, order }: LogFilter,
	after?: LogCursor,
	most = 50,
	known: { names: readonly GuidesName[]; patterns: readonly Pattern[] } = { names: [], patterns: [] }
): Promise<LogEntry[]> {
	const { by, type, down } = ORDERS[order];
	// A cursor of another order, or of nobody's: the log from its beginning.
	const from = after && KEYS[type](after.key) ? after : undefined;
	const { rows } = await database().query<{
		id: string;
		outing_id: string;
		confirmed_at: Date;
		body: unknown;
		key: string;
	}>(
		`select r.id, r.outing_id, r.confirmed_at, r.body, (${by})::text as key from hatch_record r
		 where r.author_id = $1
			and ($2::text is null or (${by}, r.id) ${down ? '<' : '>'} ($2::${type}, $3::uuid))
			and ($4::int is null or extract(month from r.day) = $4)
			and ($5::text is null or r.body -> 'place' ->> 'water' = $5)
			and ($6::text[] is null or exists (
				select 1 from jsonb_array_elements(r.body -> 'flies') f where f ->> 'patternId' = any ($6)))
			and not exists (
				select 1 from jsonb_to_recordset($7::jsonb)
					as t(text text, taxa text[], stages text[], months int[], patterns text[])
				where not (r.taxon_id = any (t.taxa) or r.stage = any (t.stages)
					or extract(month from r.day) = any (t.months)
					or strpos(lower(concat_ws(' ', r.body -> 'place' ->> 'basin', r.body -> 'place' ->> 'water',
						r.body -> 'place' ->> 'reach', r.body ->> 'words')), t.text) > 0
					or exists (select 1 from jsonb_array_elements(r.body -> 'flies') f
						where f ->> 'patternId' = any (t.patterns))))
			and ($9::text[] is not null and $10::text[] is not null)
		 order by ${by} ${down ? 'desc' : 'asc'}, r.id ${down ? 'desc' : 'asc'} limit $8`,
		[
			accountId,
			from?.key ?? null,
			from?.id ?? null,
			month ? Number(month) : null,
			water || null,
			style ? patternsOfStyle(style, known.patterns) : null,
			JSON.stringify(searchTerms(q, known.names, known.patterns)),
			most,
			taxaByName(),
			ABUNDANCES
		]
	);
	return rows
		.map(({ id, outing_id, confirmed_at, body, key }) => {
			const record = readable(HatchRecordSchema, body, { table: 'hatch_record', id });
			return record && { id, outingId: outing_id, confirmedAt: confirmed_at, key, record };
		})
		.filter(isThere);
}

/** Waters of a guide's own records, by name. */
export async function watersInLog(accountId: string): Promise<string[]> {
	const { rows } = await database().query<{ water: string }>(
		`select distinct body -> 'place' ->> 'water' as water from hatch_record where author_id = $1 order by 1`,
		[accountId]
	);
	return rows.map(({ water }) => water);
}

/** An outing as the calendar and the list of outings show it, with what was recorded of it. */
export interface LoggedOuting {
	id: string;
	/** Local day at the water. */
	day: string;
	reach: string;
	water: string;
	timeZone: string;
	startedAt: Date;
	endedAt: Date | null;
	guests: number;
	notes: number;
	landed: number;
	records: { taxonId: string; stage: LifeStage; abundance: Abundance }[];
}

const SELECT_LOGGED = `select o.id, to_char(o.started_at at time zone r.time_zone, 'YYYY-MM-DD') as day,
		r.name as reach, w.name as water, r.time_zone as "timeZone", o.started_at as "startedAt",
		o.ended_at as "endedAt", o.guests,
		(select count(*)::int from note n where n.outing_id = o.id) as notes,
		(select count(*)::int from note n where n.outing_id = o.id and n.kind = 'attempt'
			and n.body ->> 'outcome' = 'landed') as landed,
		coalesce((select json_agg(json_build_object('taxonId', h.taxon_id, 'stage', h.stage,
			'abundance', h.body ->> 'abundance') order by (h.body ->> 'taken')::float8 desc, h.id)
			from hatch_record h where h.outing_id = o.id), '[]') as records
	from outing o join reach r on r.id = o.reach_id join water w on w.id = r.water_id`;

/** The outings of a month of the calendar, `YYYY-MM`, by the local day at the water. */
export async function outingsInMonth(accountId: string, month: string): Promise<LoggedOuting[]> {
	const { rows } = await database().query<LoggedOuting>(
		`${SELECT_LOGGED} where o.author_id = $1
			and o.started_at between $2::date - interval '1 day' and $2::date + interval '1 month 1 day'
			and to_char(o.started_at at time zone r.time_zone, 'YYYY-MM') = $3
		 order by o.started_at, o.id`,
		[accountId, `${month}-01`, month]
	);
	return rows;
}

/** A page of a guide's outings, newest first, of one month of the year or one water where that is asked for. */
export async function outingsInLog(
	accountId: string,
	{ month, water }: Pick<LogFilter, 'month' | 'water'>,
	before?: { startedAt: Date; id: string },
	most = 40
): Promise<LoggedOuting[]> {
	const { rows } = await database().query<LoggedOuting>(
		`${SELECT_LOGGED} where o.author_id = $1
			and ($2::timestamptz is null or (o.started_at, o.id) < ($2, $3::uuid))
			and ($4::int is null or extract(month from o.started_at at time zone r.time_zone) = $4)
			and ($5::text is null or w.name = $5)
		 order by o.started_at desc, o.id desc limit $6`,
		[
			accountId,
			before?.startedAt ?? null,
			before?.id ?? null,
			month ? Number(month) : null,
			water || null,
			most
		]
	);
	return rows;
}

/** What a guide's records add up to, by week of the year and hour of the day. */
export async function seasonOf(
	accountId: string
): Promise<{ weeks: SeasonCount[]; hours: SeasonCount[]; total: number }> {
	const [weeks, hours] = await Promise.all(
		[
			'extract(week from r.day)',
			`extract(hour from (r.body ->> 'mostSeen')::timestamptz at time zone (r.body ->> 'timeZone'))`
		].map((at) =>
			database().query<SeasonCount>(
				`select r.taxon_id as "taxonId", (${at})::int as at, count(*)::int as count
				 from hatch_record r where r.author_id = $1 group by 1, 2 order by 1, 2`,
				[accountId]
			)
		)
	);
	const counted = weeks?.rows ?? [];
	return {
		weeks: counted,
		hours: hours?.rows ?? [],
		total: counted.reduce((sum, { count }) => sum + count, 0)
	};
}
