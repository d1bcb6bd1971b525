import * as v from 'valibot';
import { IdSchema, InstantSchema, PAST_AFTER_H, whole, within } from '$lib/core/note';
import { foldOuting } from '$lib/core/outing';
import { FORETOLD_DAYS, type EarlierSample } from '$lib/core/record';
import { database } from './database';
import { notesOfOutings } from './notes';
import { writeOutings } from './writing';
import { REACH_COLUMNS, reachOf, type Reach, type ReachRow } from './waters';

export interface StoredOuting {
	id: string;
	reach: Reach;
	startedAt: Date;
	endedAt: Date | null;
	guests: number;
	/** The guide's own position; nobody else's eyes. */
	latitude: number;
	longitude: number;
	noteCount: number;
}

export const NewOutingSchema = v.object({
	id: IdSchema,
	reachId: IdSchema,
	startedAt: InstantSchema,
	guests: whole(0, 20),
	latitude: v.optional(within(-90, 90, '°')),
	longitude: v.optional(within(-180, 180, '°'))
});

/** Begins an outing on a reach the guide may fish by; answers false when there is no such reach for them. */
export async function startOuting(
	accountId: string,
	given: v.InferOutput<typeof NewOutingSchema>
): Promise<boolean> {
	return (await writeOutings(database(), accountId, [given])).size === 1;
}

/** One outing of this guide's own. */
export async function outingOf(accountId: string, outingId: string): Promise<StoredOuting | undefined> {
	const { rows } = await database().query<OutingRow>(
		`${SELECT_OUTING} where o.id = $1 and o.author_id = $2`,
		[outingId, accountId]
	);
	return rows[0] && storedOuting(rows[0]);
}

/** A page of the guide's outings, newest first. */
export async function outingsOf(
	accountId: string,
	before?: { startedAt: Date; id: string },
	most = 20
): Promise<StoredOuting[]> {
	const { rows } = await database().query<OutingRow>(
		`${SELECT_OUTING} where o.author_id = $1 and ($2::timestamptz is null or (o.started_at, o.id) < ($2, $3))
		 order by o.started_at desc, o.id desc limit $4`,
		[accountId, before?.startedAt ?? null, before?.id ?? null, most]
	);
	return rows.map(storedOuting);
}

/**
 * What a guide netted on the reach of an outing in the weeks before it and on it, for what it foretold; of the
 * latest outings alone.
 */
export async function earlierSamples(
	accountId: string,
	{ reach, startedAt }: StoredOuting
): Promise<EarlierSample[]> {
	const { rows } = await database().query<{ id: string }>(
		`select id from outing where author_id = $1 and reach_id = $2 and started_at between $3 and $4
		 order by started_at desc limit 20`,
		[accountId, reach.id, new Date(startedAt.getTime() - FORETOLD_DAYS * 86_400_000), startedAt]
	);
	const ids = rows.map(({ id }) => id);
	const notes = await notesOfOutings(accountId, ids);
	return ids.flatMap((id) => {
		const { samples, conditions } = foldOuting(notes.get(id) ?? [], reach.place, LATE);
		return samples.map(({ note, observedAt }) => ({
			outingId: id,
			at: observedAt,
			method: note.body.method,
			lots: note.body.lots,
			...(conditions.waterC && { waterC: conditions.waterC.value })
		}));
	});
}

/** After every note there can be. */
const LATE = new Date('9999-01-01T00:00:00Z');

/** Ends an outing, or opens it again. */
export async function endOuting(accountId: string, outingId: string, endedAt: Date | null): Promise<boolean> {
	const { rowCount } = await database().query(
		// One of a past day ends with its last note, not on the day on which it was written down.
		`update outing o set ended_at = case when $3::timestamptz is null then null
			when $3 - o.started_at > make_interval(hours => $4)
				then greatest(o.started_at, (select max(n.at) from note n where n.outing_id = o.id))
			else greatest($3, o.started_at) end
		 where id = $1 and author_id = $2`,
		[outingId, accountId, endedAt, PAST_AFTER_H]
	);
	return rowCount === 1;
}

interface OutingRow extends ReachRow {
	id: string;
	started_at: Date;
	ended_at: Date | null;
	guests: number;
	latitude: number;
	longitude: number;
	note_count: number;
}

const SELECT_OUTING = `select o.id, o.started_at, o.ended_at, o.guests, o.latitude, o.longitude, ${REACH_COLUMNS},
		(select count(*)::int from note n where n.outing_id = o.id) as note_count
	from outing o join reach r on r.id = o.reach_id join water w on w.id = r.water_id join basin b on b.id = w.basin_id`;

const storedOuting = (row: OutingRow): StoredOuting => ({
	id: row.id,
	reach: reachOf(row),
	startedAt: row.started_at,
	endedAt: row.ended_at,
	guests: row.guests,
	latitude: row.latitude,
	longitude: row.longitude,
	noteCount: row.note_count
});
