import * as v from 'valibot';
import { HatchRecordSchema, searchAtlas, TAXA, type HatchRecord, type SeasonCount } from '$lib/core';
import { database } from './database';

/** A record of one's own, as the log lists it. */
export interface LogEntry {
	id: string;
	outingId: string;
	confirmedAt: Date;
	record: HatchRecord;
}

/** What a guide looks for in the log. */
export const LogFilterSchema = v.object({
	/** Any name of an insect, a water or reach, or words of one's own. */
	q: v.optional(v.fallback(v.pipe(v.string(), v.trim(), v.maxLength(80)), ''), ''),
	month: v.optional(
		v.fallback(v.picklist(['', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12']), ''),
		''
	),
	order: v.optional(v.fallback(v.picklist(['newest', 'oldest']), 'newest'), 'newest')
});
export type LogFilter = v.InferOutput<typeof LogFilterSchema>;

/** Where a page of the log ended. */
export interface LogCursor {
	day: string;
	id: string;
}

/** A page of a guide's own records. */
export async function logOf(
	accountId: string,
	{ q, month, order }: LogFilter,
	after?: LogCursor,
	most = 50
): Promise<LogEntry[]> {
	const [before, direction] = order === 'newest' ? ['<', 'desc'] : ['>', 'asc'];
	const { rows } = await database().query<{
		id: string;
		outing_id: string;
		confirmed_at: Date;
		body: unknown;
	}>(
		`select r.id, r.outing_id, r.confirmed_at, r.body from hatch_record r
		 where r.author_id = $1
			and ($2::date is null or (r.day, r.id) ${before} ($2, $3))
			and ($4::int is null or extract(month from r.day) = $4)
			and ($5::text is null or r.taxon_id = any ($6) or r.body -> 'place' ->> 'water' ilike $5
				or r.body -> 'place' ->> 'reach' ilike $5 or r.body ->> 'words' ilike $5)
		 order by r.day ${direction}, r.id ${direction} limit $7`,
		[
			accountId,
			after?.day ?? null,
			after?.id ?? null,
			month ? Number(month) : null,
			q ? `%${q.replaceAll(/[%_\\]/g, '\\$&')}%` : null,
			q ? taxaNamed(q) : [],
			most
		]
	);
	return rows.map(({ id, outing_id, confirmed_at, body }) => ({
		id,
		outingId: outing_id,
		confirmedAt: confirmed_at,
		record: v.parse(HatchRecordSchema, body)
	}));
}

/** Taxa that some name, local or scientific, finds; none when the words find them all. */
function taxaNamed(words: string): string[] {
	const found = searchAtlas({ words }, []).map(({ id }) => id);
	return found.length === TAXA.length ? [] : found;
}

/** What a guide's records add up to, by week of the year and hour of the day. */
export async function seasonOf(accountId: string): Promise<{ weeks: SeasonCount[]; hours: SeasonCount[] }> {
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
	return { weeks: weeks?.rows ?? [], hours: hours?.rows ?? [] };
}
