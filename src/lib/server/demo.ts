import type pg from 'pg';
import type { Place } from '$lib/core/atlas';
import { pickWeighted, poisson, seededRandom, type Random } from '$lib/core/math';
import type { Note } from '$lib/core/note';
import { foldOuting } from '$lib/core/outing';
import { proposeRecords, type Precision, type HatchRecord, type SharedRecord } from '$lib/core/record';
import { coarsen } from '$lib/core/share';
import { PATTERNS } from '$lib/core/tackle';
import {
	DEMO_BASIN,
	DEMO_CIRCLE,
	DEMO_GUIDES,
	DEMO_NOW,
	DEMO_REGION,
	DEMO_TIME_ZONE,
	demoColleague,
	demoMorning,
	simulatedNoteId,
	simulatePastSeasons
} from '$lib/simulate';
import { inTransaction, database } from './database';
import { log } from './log';
import { insertNotes } from './notes';
import { writeOutings, writeRecords, writeShare } from './writing';

const SEED = 20260519;
/** Two full seasons and this spring. */
const FIRST_SEASON = new Date('2024-03-01T00:00:00Z');

/** Loads the demonstration's basin, guides and past seasons, when there is no account yet. */
export async function loadDemo(): Promise<boolean> {
	return inTransaction(async (client) => {
		await client.query('lock table account in exclusive mode');
		const { rowCount } = await client.query('select 1 from account limit 1');
		if (rowCount) return false;
		const random = seededRandom(SEED);
		await loadBasin(client);
		const guides = await loadGuides(client, random);
		await loadSeasons(client, random, guides);
		await loadMorning(client, random, guides);
		return true;
	});
}

/**
 * Sets the demonstration's clock at start: where it stood, or at the last note written, so that a board left
 * yesterday is still in the middle of its hatch today.
 */
export async function setDemoClock(): Promise<Date> {
	const { rows } = await database().query<{ shown_at: Date }>(
		`insert into demo_clock (shown_at, real_at)
		 values (greatest($1::timestamptz, (select max(at) + interval '1 second' from note)), now())
		 on conflict (only_one) do update set shown_at = excluded.shown_at, real_at = excluded.real_at
		 returning shown_at`,
		[DEMO_NOW]
	);
	return rows[0]?.shown_at ?? DEMO_NOW;
}

async function loadBasin(client: pg.PoolClient): Promise<void> {
	await client.query('insert into basin (id, name) values ($1, $2)', [DEMO_BASIN.id, DEMO_BASIN.name]);
	for (const water of DEMO_BASIN.waters)
		await client.query('insert into water (id, basin_id, name) values ($1, $2, $3)', [
			water.id,
			DEMO_BASIN.id,
			water.name
		]);
	for (const reach of DEMO_BASIN.reaches)
		await client.query(
			`insert into reach (id, water_id, name, kind, elevation_m, region, time_zone, line)
			 values ($1, $2, $3, $4, $5, $6, $7, $8)`,
			[
				reach.id,
				reach.waterId,
				reach.name,
				reach.kind,
				reach.elevationM,
				DEMO_REGION,
				DEMO_TIME_ZONE,
				JSON.stringify(reach.line)
			]
		);
}

async function loadGuides(client: pg.PoolClient, random: Random): Promise<Map<string, string>> {
	const ids = new Map<string, string>();
	await client.query('insert into circle (id, name) values ($1, $2)', [DEMO_CIRCLE.id, DEMO_CIRCLE.name]);
	for (const [i, { handle, name }] of DEMO_GUIDES.entries()) {
		const { rows } = await client.query<{ id: string }>(
			'insert into account (handle, name, is_demo) values ($1, $2, true) returning id',
			[handle, name]
		);
		const id = rows[0]?.id;
		if (!id) throw new Error('the database returned no account');
		ids.set(handle, id);
		await client.query('insert into circle_member (circle_id, account_id, role) values ($1, $2, $3)', [
			DEMO_CIRCLE.id,
			id,
			i === 0 ? 'keeper' : 'guide'
		]);
		for (const pattern of PATTERNS)
			for (const size of pattern.sizes) {
				const count = random() < 0.2 ? 0 : poisson(random, 3.5);
				if (count > 0)
					await client.query(
						'insert into boxed_fly (account_id, pattern_id, hook_size, count) values ($1, $2, $3, $4)',
						[id, pattern.id, size, count]
					);
			}
	}
	return ids;
}

async function loadSeasons(
	client: pg.PoolClient,
	random: Random,
	guides: Map<string, string>
): Promise<void> {
	let records = 0;
	for (const past of simulatePastSeasons(random, FIRST_SEASON, DEMO_NOW)) {
		const authorId = guides.get(past.handle);
		if (!authorId) throw new Error(`no guide ${past.handle}`);
		const { outingId, place, names } = await insertOuting(client, random, { ...past, authorId });
		const outing = foldOuting(past.notes, place, past.endedAt);
		for (const record of proposeRecords(outing, past.notes, names).slice(0, 4)) {
			const confirmedAt = new Date(past.endedAt.getTime() + 40 * 60_000);
			const recordId = await confirmed(client, outingId, authorId, record, confirmedAt);
			records += 1;
			const precision = pickWeighted<Precision | 'kept'>(random, [
				['reach', 4],
				['water', 4],
				['basin', 2],
				['exact', 0.5],
				['kept', 2]
			]);
			if (precision === 'kept') continue;
			const sharedId = await shared(client, authorId, recordId, coarsen(record, precision), confirmedAt);
			if (random() > 0.3) continue;
			const others = [...guides.values()].filter((id) => id !== authorId);
			await client.query(
				`insert into feed_reply (shared_id, author_id, kind, body, at) values ($1, $2, 'saw-it-too', '{}', $3)`,
				[sharedId, others[Math.floor(random() * others.length)], new Date(confirmedAt.getTime() + 3_600_000)]
			);
		}
	}
	log.info({ records }, 'loaded past seasons');
}

async function loadMorning(
	client: pg.PoolClient,
	random: Random,
	guides: Map<string, string>
): Promise<void> {
	const authorId = guides.get('ines');
	if (!authorId) throw new Error('no guide ines');
	await insertOuting(client, random, { ...demoMorning(random), authorId, endedAt: null });

	// Chance of its own, so that what a colleague did moves nothing else of the demonstration.
	const own = seededRandom(SEED + 1);
	const colleague = demoColleague(own);
	const colleagueId = guides.get(colleague.handle);
	if (!colleagueId) throw new Error(`no guide ${colleague.handle}`);
	const { outingId, place, names } = await insertOuting(client, own, { ...colleague, authorId: colleagueId });
	const outing = foldOuting(colleague.notes, place, colleague.endedAt);
	const at = new Date(colleague.endedAt.getTime() + 5 * 60_000);
	for (const record of proposeRecords(outing, colleague.notes, names).slice(0, 2)) {
		const recordId = await confirmed(client, outingId, colleagueId, record, at);
		await shared(client, colleagueId, recordId, coarsen(record, 'water'), at);
	}
}

/** Writes one record; answers with its id. */
async function confirmed(
	client: pg.PoolClient,
	outingId: string,
	authorId: string,
	record: HatchRecord,
	confirmedAt: Date
): Promise<string> {
	const [id] = await writeRecords(client, authorId, [{ outingId, record, confirmedAt }]);
	return theId(id);
}

/** Shares a copy with the demonstration's circle at once; answers with its id. */
async function shared(
	client: pg.PoolClient,
	authorId: string,
	recordId: string,
	copy: SharedRecord,
	at: Date
): Promise<string> {
	const where = { circleId: DEMO_CIRCLE.id, recordId };
	return theId(await writeShare(client, authorId, { ...where, copy, sharedAt: at, appearsAt: at }));
}

function theId(id: string | undefined): string {
	if (id === undefined) throw new Error('the demonstration was not written');
	return id;
}

async function insertOuting(
	client: pg.PoolClient,
	random: Random,
	outing: {
		reachId: string;
		authorId: string;
		startedAt: Date;
		endedAt: Date | null;
		guests: number;
		notes: Note[];
	}
) {
	const reach = DEMO_BASIN.reaches.find(({ id }) => id === outing.reachId);
	const water = DEMO_BASIN.waters.find(({ id }) => id === reach?.waterId);
	const [longitude, latitude] = reach?.line[Math.floor(random() * reach.line.length)] ?? [0, 0];
	if (!reach || !water) throw new Error(`the demo basin has no reach ${outing.reachId}`);
	const outingId = simulatedNoteId(random, outing.startedAt);
	const { reachId, authorId, startedAt, endedAt, guests } = outing;
	await writeOutings(client, authorId, [
		{ id: outingId, reachId, startedAt, endedAt, guests, latitude, longitude }
	]);
	await insertNotes(client, outingId, outing.notes);
	const place: Place = {
		latitude,
		longitude,
		elevationM: reach.elevationM,
		water: reach.kind,
		region: DEMO_REGION
	};
	const names = {
		basin: DEMO_BASIN.name,
		water: water.name,
		reach: reach.name,
		latitude,
		longitude,
		timeZone: DEMO_TIME_ZONE
	};
	return { outingId, place, names };
}
