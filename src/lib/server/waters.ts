import { randomUUID } from 'node:crypto';
import * as v from 'valibot';
import {
	PlaceSchema,
	regionOf,
	REGIONS_TO_SET,
	WATER_KINDS,
	type Place,
	type Region,
	type RegionToSet,
	type WaterKind
} from '$lib/core/atlas';
import { fault } from '$lib/core/message';
import { listOf, nameOf, wordsOf } from '$lib/core/note';
import type { WaterNames } from '$lib/core/share';
import { isTimeZone } from '$lib/core/units';
import { REACH_POINTS } from '$lib/core/vocabulary';
import { database, insertedId, inTransaction, type Database } from './database';
import words from './words';

/** A reach with the names above it. */
export interface Reach {
	id: string;
	name: string;
	water: string;
	basin: string;
	timeZone: string;
	place: Place;
}

export const NewReachSchema = v.object({
	basin: nameOf(80),
	water: nameOf(80),
	name: nameOf(80),
	kind: v.picklist(WATER_KINDS),
	/** As it flows, longitude before latitude, degrees; one point where only that is known. */
	line: v.pipe(
		listOf(v.tuple([PlaceSchema.entries.longitude, PlaceSchema.entries.latitude]), REACH_POINTS.most),
		v.minLength(REACH_POINTS.least, fault(words('reach-without-a-place')))
	),
	elevationM: PlaceSchema.entries.elevationM,
	region: v.exactOptional(v.picklist(REGIONS_TO_SET)),
	timeZone: v.pipe(wordsOf(60), v.check(isTimeZone, fault(words('no-time-zone'))))
});

/** The region whose insects a guide means: as it was set, or else that of the water fished last. */
export async function homeRegionOf({
	id,
	settings: { region }
}: {
	id: string;
	settings: { region: RegionToSet | 'by-place' };
}): Promise<Region | undefined> {
	if (region !== 'by-place') return region === 'anywhere' ? undefined : region;
	const { rows } = await database().query<ReachRow>(
		`${SELECT_REACH} join outing o on o.reach_id = r.id where o.author_id = $1
		 order by o.started_at desc, o.id desc limit 1`,
		[id]
	);
	return rows[0] && regionOf(reachOf(rows[0]).place);
}

/** Reaches a guide may fish by: their own, and those of the demonstration. */
export async function reachesFor(accountId: string): Promise<Reach[]> {
	const { rows } = await database().query<ReachRow>(
		`${SELECT_REACH} where r.owner_id is null or r.owner_id = $1 order by b.name, w.name, r.elevation_m desc, r.id`,
		[accountId]
	);
	return rows.map(reachOf);
}

/** Reaches that a guide has fished in the last weeks, the latest first; a handful. */
export async function reachesLatelyFished(accountId: string, at: Date, most = 6): Promise<Reach[]> {
	const { rows } = await database().query<ReachRow>(
		`${SELECT_REACH} join lateral (
			select max(o.started_at) as at from outing o where o.reach_id = r.id and o.author_id = $1) last on true
		 where last.at > $2::timestamptz - interval '60 days' order by last.at desc, r.id limit $3`,
		[accountId, at, most]
	);
	return rows.map(reachOf);
}

/** The names of waters that are a guide's own or that they have fished: what their words might give away. */
export async function waterNamesOf(accountId: string): Promise<WaterNames[]> {
	const { rows } = await database().query<WaterNames>(
		`select b.name as basin, w.name as water, r.name as reach
		 from reach r join water w on w.id = r.water_id join basin b on b.id = w.basin_id
		 where r.owner_id = $1 or exists (select 1 from outing o where o.reach_id = r.id and o.author_id = $1)`,
		[accountId]
	);
	return rows;
}

/** Adds a reach of a guide's own, with its water and basin where they are new. */
export async function addReach(
	accountId: string,
	given: v.InferOutput<typeof NewReachSchema>
): Promise<string> {
	const id = randomUUID();
	await inTransaction((client) => addReachLine(client, accountId, { id, ...given }));
	return id;
}

/** A reach that is to be a guide's own, with the line it runs along; its id is free. */
interface NewReach extends Omit<v.InferOutput<typeof NewReachSchema>, 'line'> {
	id: string;
	/** Degrees, longitude before latitude; at least one point. */
	line: readonly (readonly [number, number])[];
}

/** Adds a reach along a line, with its water and basin where they are new. */
export async function addReachLine(client: Database, accountId: string, reach: NewReach): Promise<void> {
	const waterId = await waterIdFor(client, accountId, reach.basin, reach.water);
	const { id, name, kind, elevationM, region, timeZone, line } = reach;
	await client.query(
		`insert into reach (id, water_id, owner_id, name, kind, elevation_m, region, time_zone, line)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
		[id, waterId, accountId, name, kind, elevationM, region, timeZone, JSON.stringify(line)]
	);
}

/** The reach of these names that a guide may fish by, before all their own. */
export async function reachNamed(
	client: Database,
	accountId: string,
	{ basin, water, reach }: WaterNames
): Promise<Reach | undefined> {
	const { rows } = await client.query<ReachRow>(
		`${SELECT_REACH} where (r.owner_id is null or r.owner_id = $1)
			and lower(b.name) = lower($2) and lower(w.name) = lower($3) and lower(r.name) = lower($4)
		 order by r.owner_id nulls last, r.id limit 1`,
		[accountId, basin, water, reach]
	);
	return rows[0] && reachOf(rows[0]);
}

/** The water of a name in a basin of a name that the guide may use; both are made where they are new. */
async function waterIdFor(
	client: Database,
	accountId: string,
	basin: string,
	water: string
): Promise<string> {
	const basins = await client.query<{ id: string }>(
		'select id from basin where lower(name) = lower($1) and (owner_id is null or owner_id = $2)',
		[basin, accountId]
	);
	const basinId =
		basins.rows[0]?.id ??
		(await insertedId(client, 'insert into basin (name, owner_id) values ($1, $2) returning id', [
			basin,
			accountId
		]));
	const waters = await client.query<{ id: string }>(
		'select id from water where basin_id = $1 and lower(name) = lower($2)',
		[basinId, water]
	);
	return (
		waters.rows[0]?.id ??
		(await insertedId(client, 'insert into water (basin_id, name) values ($1, $2) returning id', [
			basinId,
			water
		]))
	);
}

/** The line of a reach that a guide may fish by, longitude before latitude. */
export async function lineOf(accountId: string, reachId: string): Promise<[number, number][]> {
	const { rows } = await database().query<{ line: [number, number][] }>(
		'select line from reach where id = $1 and (owner_id is null or owner_id = $2)',
		[reachId, accountId]
	);
	return rows[0]?.line ?? [];
}

export interface ReachRow {
	reach_id: string;
	reach: string;
	water: string;
	basin: string;
	kind: WaterKind;
	elevation_m: number;
	region: RegionToSet | null;
	time_zone: string;
	line: [number, number][];
}

export const REACH_COLUMNS = `r.id as reach_id, r.name as reach, w.name as water, b.name as basin,
	r.kind, r.elevation_m, r.region, r.time_zone, r.line`;
const SELECT_REACH = `select ${REACH_COLUMNS} from reach r join water w on w.id = r.water_id join basin b on b.id = w.basin_id`;

/** A reach as computing wants it: its place is the middle of its line. */
export function reachOf(row: ReachRow): Reach {
	const [longitude, latitude] = row.line[Math.floor(row.line.length / 2)] ?? [0, 0];
	return {
		id: row.reach_id,
		name: row.reach,
		water: row.water,
		basin: row.basin,
		timeZone: row.time_zone,
		place: {
			latitude,
			longitude,
			elevationM: row.elevation_m,
			water: row.kind,
			...(row.region && { region: row.region })
		}
	};
}
