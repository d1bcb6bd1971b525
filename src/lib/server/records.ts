import * as v from 'valibot';
import { fault } from '$lib/core/message';
import { faults, IdSchema, listOf } from '$lib/core/note';
import {
	HatchRecordSchema,
	PRECISIONS,
	RecordTextSchema,
	type HatchRecord,
	type Precision,
	type RecordText
} from '$lib/core/record';
import { appearsAt, coarsen, EMBARGOES, finerNames, type Embargo, type WaterNames } from '$lib/core/share';
import { localDay } from '$lib/core/units';
import { database, inTransaction, type Database } from './database';
import type { StoredOuting } from './outings';
import { showOnBoards } from './public-boards';
import { isThere, readable } from './readable';
import { waterNamesOf } from './waters';
import { writeRecords, writeShare } from './writing';

/** A confirmed record of the guide's own, and where it has been shared. */
export interface OwnRecord {
	id: string;
	record: HatchRecord;
	shares: { circleId: string; circle: string; precision: Precision; appearsAt: Date }[];
	/** What it said before, newest first. */
	earlier: { confirmedAt: Date; record: HatchRecord }[];
}

const SharesSchema = listOf(
	v.object({
		circleId: IdSchema,
		precision: v.picklist(PRECISIONS),
		embargo: v.optional(v.picklist(EMBARGOES), 'now'),
		/** Whether the guide's own words go along; unless told otherwise, to those who may know the reach. */
		withWords: v.optional(v.boolean()),
		/** The guide was asked about names in the words that say more than the share, and lets them go. */
		namesMayGo: v.optional(v.boolean()),
		/** Whether the picture goes along. */
		withPicture: v.optional(v.boolean())
	}),
	50
);
type Share = v.InferOutput<typeof SharesSchema>[number];

const MOST_RECORDS = 100;
const one = { record: RecordTextSchema, shares: SharesSchema };
/** Share what is seen on this water so from now on, unless told otherwise. */
const usual = v.optional(v.object({ precision: v.picklist(PRECISIONS), embargo: v.picklist(EMBARGOES) }));

const ManySchema = v.object({
	records: v.pipe(listOf(v.object(one), MOST_RECORDS), v.minLength(1, fault(faults('none')))),
	usual
});
const OneSchema = v.object({ ...one, usual });
/**
 * What a guide sends to confirm: records without their place, which the outing has, each with whom to share it. One
 * alone may be sent as it is.
 */
export const ConfirmSchema = v.lazy((input) =>
	typeof input === 'object' && input !== null && 'records' in input ? ManySchema : OneSchema
);
export type Confirmed = v.InferOutput<v.ObjectSchema<typeof one, undefined>>;

/**
 * Confirms records of one of the guide's own outings and shares them: all of it, or nothing.
 *
 * @returns the ids of the records; or the circle that the guide may not share in, and then nothing is kept
 */
export async function confirmAndShare(
	accountId: string,
	outing: StoredOuting,
	confirmed: readonly Confirmed[],
	at: Date,
	usual?: WaterShare
): Promise<{ ids: string[] } | { refused: string }> {
	try {
		return await inTransaction(async (client) => {
			const ids: string[] = [];
			for (const { record, shares } of confirmed) {
				const id = await confirmRecord(accountId, outing, record, at, client);
				for (const share of shares)
					if (!(await shareRecord(accountId, id, share, at, client))) throw new NotInCircle(share.circleId);
				ids.push(id);
			}
			if (usual) await rememberShare(accountId, outing.id, usual, client);
			return { ids };
		});
	} catch (error) {
		if (error instanceof NotInCircle) return { refused: error.circleId };
		throw error;
	}
}

/** Undoes the transaction: a share that may not be. */
class NotInCircle extends Error {
	constructor(readonly circleId: string) {
		super(`not one who may share in circle ${circleId}`);
	}
}

/**
 * Keeps a confirmed record with the place of its outing; confirming the same stage of the same outing again
 * replaces it. The outing must be the guide's own.
 */
export async function confirmRecord(
	accountId: string,
	outing: StoredOuting,
	told: RecordText,
	at: Date,
	client: Database = database()
): Promise<string> {
	const record = recordOn(outing, told);
	const written = { outingId: outing.id, record, confirmedAt: at };
	const [id] = await writeRecords(client, accountId, [written], 'replaces');
	if (id === undefined) throw new Error(`outing ${outing.id} is not of account ${accountId}`);
	await showOnBoards(client, accountId, [id]);
	return id;
}

/** What a guide tells, with the place and the day of its outing: never what a client says of them. */
export function recordOn(outing: StoredOuting, told: RecordText): HatchRecord {
	const { timeZone } = outing.reach;
	return { ...told, timeZone, day: localDay(told.mostSeen, timeZone), place: exactPlace(outing) };
}

/** The finest a record can say of where it was. */
function exactPlace({ reach, latitude, longitude }: StoredOuting): HatchRecord['place'] {
	return {
		precision: 'exact',
		basin: reach.basin,
		water: reach.water,
		reach: reach.name,
		latitude,
		longitude
	};
}

/** Confirmed records of one of the guide's own outings. */
export async function recordsOf(accountId: string, outingId: string): Promise<OwnRecord[]> {
	const { rows } = await database().query<{
		id: string;
		body: unknown;
		shares: OwnRecord['shares'] | null;
		earlier: { confirmedAt: string; body: unknown }[] | null;
	}>(
		`select r.id, r.body,
			(select json_agg(json_build_object('confirmedAt', e.confirmed_at, 'body', e.body) order by e.confirmed_at desc)
			 from hatch_record_version e where e.record_id = r.id) as earlier,
			(select json_agg(json_build_object('circleId', c.id, 'circle', c.name, 'precision', s.precision,
				'appearsAt', s.appears_at) order by c.name)
			 from shared_record s join circle c on c.id = s.circle_id where s.record_id = r.id) as shares
		 from hatch_record r where r.outing_id = $1 and r.author_id = $2 order by r.taxon_id, r.stage`,
		[outingId, accountId]
	);
	return rows
		.map(({ id, body, shares, earlier }) => {
			const record = readable(HatchRecordSchema, body, { table: 'hatch_record', id });
			return (
				record && {
					id,
					record,
					shares: (shares ?? []).map((share) => ({ ...share, appearsAt: new Date(share.appearsAt) })),
					earlier: (earlier ?? [])
						.map(({ confirmedAt, body: before }) => {
							const said = readable(HatchRecordSchema, before, { table: 'hatch_record_version', id });
							return said && { confirmedAt: new Date(confirmedAt), record: said };
						})
						.filter(isThere)
				}
			);
		})
		.filter(isThere);
}

/** What records said before, oldest first, by their ids. */
export async function earlierVersions(
	ids: readonly string[]
): Promise<Map<string, { confirmedAt: Date; record: unknown }[]>> {
	const { rows } = await database().query<{ record_id: string; confirmed_at: Date; body: unknown }>(
		`select record_id, confirmed_at, body from hatch_record_version where record_id = any ($1::uuid[])
		 order by confirmed_at`,
		[ids]
	);
	const versions = new Map<string, { confirmedAt: Date; record: unknown }[]>();
	for (const { record_id, confirmed_at, body } of rows)
		versions.set(record_id, [
			...(versions.get(record_id) ?? []),
			{ confirmedAt: confirmed_at, record: body }
		]);
	return versions;
}

/**
 * Shares a record with a circle: only the coarsened copy goes where the circle can read, and nobody but its author
 * sees it before its moment. The record must be the guide's own, and the guide one who may share there, or the
 * answer is false.
 */
export async function shareRecord(
	accountId: string,
	recordId: string,
	{ circleId, precision, embargo, withWords, withPicture }: Share,
	at: Date,
	client: Database = database()
): Promise<boolean> {
	const own = await client.query<{ body: unknown; elevation: number }>(
		`select r.body, reach.elevation_m as elevation from hatch_record r
		 join outing o on o.id = r.outing_id join reach on reach.id = o.reach_id
		 where r.id = $1 and r.author_id = $2`,
		[recordId, accountId]
	);
	const [found] = own.rows;
	if (!found) return false;
	const record = readable(HatchRecordSchema, found.body, { table: 'hatch_record', id: recordId });
	if (!record) return false;
	const id = await writeShare(client, accountId, {
		circleId,
		recordId,
		copy: coarsen(record, precision, withWords),
		sharedAt: at,
		appearsAt: appearsAt(record, embargo, at, found.elevation, precision),
		photoId: withPicture === true ? record.photoId : undefined
	});
	return id !== undefined;
}

/**
 * Names in a record's words, and in those of its flies, that would tell the readers of a share more than they may know, and about which the
 * guide was not asked yet; of all waters the guide fishes.
 */
export async function namesToAskAbout(
	accountId: string,
	record: HatchRecord,
	{ precision, withWords, namesMayGo }: Share,
	/** Asked for once, where many shares are looked at. */
	waters: () => Promise<WaterNames[]> = () => waterNamesOf(accountId)
): Promise<string[]> {
	const shared = coarsen(record, precision, withWords);
	// What the guide called a fly goes along too.
	const said = [shared.words, ...shared.flies.map(({ name }) => name)].filter(Boolean).join('\n');
	if (said === '' || namesMayGo) return [];
	return finerNames(said, await waters(), shared.place);
}

/** How a guide usually shares what was seen on a water. */
export interface WaterShare {
	precision: Precision;
	embargo: Embargo;
}

/** Keeps how a guide usually shares what was seen on the water of an outing. */
async function rememberShare(
	accountId: string,
	outingId: string,
	{ precision, embargo }: WaterShare,
	client: Database = database()
): Promise<void> {
	await client.query(
		`insert into water_share (account_id, water_id, precision, embargo)
		 select o.author_id, reach.water_id, $3, $4 from outing o join reach on reach.id = o.reach_id
		 where o.id = $2 and o.author_id = $1
		 on conflict (account_id, water_id) do update set precision = excluded.precision, embargo = excluded.embargo`,
		[accountId, outingId, precision, embargo]
	);
}

/** How a guide usually shares what was seen on the water of an outing, if that was ever said. */
export async function usualShare(accountId: string, outingId: string): Promise<WaterShare | undefined> {
	const { rows } = await database().query<WaterShare>(
		`select w.precision, w.embargo from water_share w
		 join reach on reach.water_id = w.water_id join outing o on o.reach_id = reach.id
		 where w.account_id = $1 and o.id = $2 and o.author_id = $1`,
		[accountId, outingId]
	);
	return rows[0];
}

/** Takes a share back: it is gone from the circle. */
export async function unshareRecord(accountId: string, recordId: string, circleId: string): Promise<boolean> {
	const { rowCount } = await database().query(
		'delete from shared_record where record_id = $1 and circle_id = $2 and author_id = $3',
		[recordId, circleId, accountId]
	);
	return (rowCount ?? 0) > 0;
}
