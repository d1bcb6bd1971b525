import words from '../words';
import { v5 as uuidV5 } from 'uuid';
import * as v from 'valibot';
import { findTaxon, givenNames, PlaceSchema, WATER_KINDS } from '$lib/core/atlas';
import {
	missingFields,
	readTableRow,
	TableMappingSchema,
	TableRows,
	Unreadable,
	type TableRecord,
	type TableRow
} from '$lib/core/exchange';
import type { HatchRecord } from '$lib/core/record';
import { namesFor } from '../guides-names';
import { addReachLine, reachNamed } from '../waters';
import type { Taking } from './taking';
import { writeOutings, writeRecords, type WrittenOuting } from '../writing';

/** What the guide said of a table: what its columns hold, and what reaches are like that are new here. */
export const TableSettingsSchema = v.object({
	mapping: TableMappingSchema,
	newReaches: v.object({
		kind: v.picklist(WATER_KINDS),
		elevationM: PlaceSchema.entries.elevationM,
		latitude: v.optional(PlaceSchema.entries.latitude),
		longitude: v.optional(PlaceSchema.entries.longitude)
	})
});
type TableSettings = v.InferOutput<typeof TableSettingsSchema>;

/** Names ids after contents, so that the same row is the same record. */
const NAMESPACE = '5f0c3a52-6f0e-4d5b-9a39-6d2f0a4c1e77';
const BATCH = 500;
/** As names of one's own are limited. */
const MOST_NAME = 60;
/** One table names so many reaches that are new here at the most. */
const MOST_REACHES = 2000;
/** Of one kind and stage, so many rows of one day and reach: each in an outing of its own. */
const MOST_OUTINGS_OF_A_DAY = 20;

/** A row on its way in. */
interface Row extends TableRecord {
	line: number;
	id: string;
	reachId: string;
	record: HatchRecord;
}

/**
 * Reads a table of records, a row at a time. A row goes into the outing it names, or else into one made for its
 * reach and day. Rows that are here already change nothing.
 *
 * @throws Unreadable when a column is missing that no record can do without, or a row cannot be read on
 */
export async function importTable(
	taking: Taking,
	text: AsyncIterable<string>,
	{ mapping, newReaches }: TableSettings,
	at: Date
): Promise<void> {
	const missing = missingFields(mapping);
	if (missing.length > 0)
		throw new Unreadable(
			words('say-which-column-holds-or', { value: missing.map(({ name }) => name.toLowerCase()).join(', ') })
		);
	const reaches = new Reaches(taking, newReaches);
	const names = givenNames(await namesFor(taking.accountId));
	let batch: Row[] = [];
	const take = async (row: TableRow) => {
		const read = readTableRow(row, mapping, names);
		taking.count('row', 1, 0);
		if ('bad' in read) {
			for (const { line, field, says } of read.bad) taking.wrong(line, field, says);
			return;
		}
		const placed = await reaches.place(row.line, read.value);
		if (placed) batch.push(placed);
		if (batch.length < BATCH) return;
		await keepRows(taking, batch, at);
		batch = [];
	};
	const rows = new TableRows();
	let head = true;
	for await (const chunk of text)
		for (const row of rows.read(chunk)) {
			if (!head) await take(row);
			head = false;
		}
	for (const row of rows.end()) {
		if (head) throw new Unreadable(words('there-is-only-one-line'));
		await take(row);
	}
	if (head) throw new Unreadable(words('there-is-nothing-in-this'));
	await keepRows(taking, batch, at);
	await rememberNames(taking, mapping.answers?.taxon_id ?? {});
}

/** What the guide said that a name stands for is a name of the guide's own from now on. */
async function rememberNames(
	{ client, accountId }: Taking,
	answers: Readonly<Record<string, string>>
): Promise<void> {
	const names = Object.entries(answers)
		.map(([name, taxon]) => ({ name: name.trim(), taxon }))
		.filter(({ name, taxon }) => name !== '' && name.length <= MOST_NAME && findTaxon(taxon) !== undefined);
	if (names.length === 0) return;
	await client.query(
		`insert into own_name (account_id, taxon_id, name)
		 select $1, n.taxon, n.name from jsonb_to_recordset($2::jsonb) as n(name text, taxon text)
		 where not exists (select from own_name o where o.account_id = $1 and lower(o.name) = lower(n.name))
		 on conflict do nothing`,
		[accountId, JSON.stringify(names)]
	);
}

/** The reaches that a table names, found or made once each. */
class Reaches {
	#known = new Map<string, Awaited<ReturnType<typeof reachNamed>>>();
	#made = 0;
	constructor(
		readonly taking: Taking,
		readonly like: TableSettings['newReaches']
	) {}

	/** A row with its reach, or undefined when it has none and cannot get one. */
	async place(line: number, row: TableRecord): Promise<Row | undefined> {
		const { client, accountId } = this.taking;
		const key = JSON.stringify([row.basin, row.water, row.reach].map((name) => name.toLowerCase()));
		const { latitude = this.like.latitude, longitude = this.like.longitude } = row.position ?? {};
		let reach = this.#known.get(key) ?? (await reachNamed(client, accountId, row));
		if (!reach) {
			if (latitude === undefined || longitude === undefined) {
				this.taking.wrong(line, 'latitude_deg', words('needed-for-a-reach'));
				return undefined;
			}
			if (++this.#made > MOST_REACHES)
				throw new Unreadable(words('over-reaches-of-this-table', { MOST_REACHES }));
			const { basin, water, timeZone } = row;
			const { kind, elevationM } = this.like;
			await addReachLine(client, accountId, {
				id: nameId([accountId, 'reach', key]),
				...{ basin, water, name: row.reach, kind, elevationM, timeZone, line: [[longitude, latitude]] }
			});
			this.taking.count('reach', 1, 1);
			reach = await reachNamed(client, accountId, row);
		}
		if (!reach) throw new Error(`no reach ${key}`);
		this.#known.set(key, reach);
		const record: HatchRecord = {
			...row.told,
			day: row.day,
			timeZone: row.timeZone,
			place: {
				precision: 'exact',
				basin: reach.basin,
				water: reach.water,
				reach: reach.name,
				latitude: row.position?.latitude ?? reach.place.latitude,
				longitude: row.position?.longitude ?? reach.place.longitude
			}
		};
		const id = row.recordId ?? nameId([accountId, row.outingId ?? '', JSON.stringify(record)]);
		return { ...row, line, id, reachId: reach.id, record };
	}
}

const nameId = (parts: readonly string[]): string => uuidV5(parts.join('\n'), NAMESPACE);

/** Keeps rows whose ids are not here yet, each in its outing; of what is not the guide's it says so. */
async function keepRows(taking: Taking, rows: readonly Row[], at: Date): Promise<void> {
	const { client, accountId } = taking;
	const { rows: taken } = await client.query<{ id: string; mine: boolean }>(
		`select id, author_id = $2 as mine from hatch_record where id = any ($1::uuid[])
		 union all select id, author_id = $2 from outing where id = any ($3::uuid[])`,
		[rows.map(({ id }) => id), accountId, rows.flatMap(({ outingId }) => outingId ?? [])]
	);
	const here = new Map(taken.map(({ id, mine }) => [id, mine]));
	let left: Row[] = [];
	for (const row of rows) {
		const wrong =
			here.get(row.id) === false ? 'record_id' : here.get(row.outingId ?? '') === false && 'outing_id';
		if (wrong) taking.wrong(row.line, wrong, words('not-yours'));
		else if (!here.has(row.id)) left.push(row);
	}
	let fresh = 0;
	for (let turn = 0; left.length > 0 && turn < MOST_OUTINGS_OF_A_DAY; turn++) {
		const kept = await insertRows(taking, left, turn, at);
		fresh += kept.size;
		const again = left.filter(({ id }) => !kept.has(id));
		for (const { line, outingId } of again)
			if (outingId) taking.wrong(line, 'stage', words('stands-already'));
		left = again.filter(({ outingId }) => !outingId);
	}
	for (const { line } of left)
		taking.wrong(line, 'stage', words('stands-too-often', { most: MOST_OUTINGS_OF_A_DAY }));
	taking.count('row', 0, fresh);
}

/** Puts rows into their outings, and answers with the ids of those that went in. */
async function insertRows(
	{ client, accountId }: Taking,
	rows: readonly Row[],
	turn: number,
	at: Date
): Promise<Set<string>> {
	const outings = new Map<string, WrittenOuting & { endedAt: Date }>();
	const records = rows.map(({ id, outingId, reachId, day, record }) => {
		const outing = outingId ?? nameId([accountId, reachId, day, String(turn)]);
		const { firstSeen, lastSeen, place } = record;
		const before = outings.get(outing);
		outings.set(outing, {
			id: outing,
			reachId,
			startedAt: before && before.startedAt < firstSeen ? before.startedAt : firstSeen,
			endedAt: before && before.endedAt > lastSeen ? before.endedAt : lastSeen,
			guests: 0,
			latitude: before?.latitude ?? place.latitude,
			longitude: before?.longitude ?? place.longitude
		});
		return { id, outingId: outing, record, confirmedAt: at };
	});
	await writeOutings(client, accountId, [...outings.values()], { widen: true });
	return writeRecords(client, accountId, records);
}
