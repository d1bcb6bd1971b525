/**
 * Builds a database of many records (a million of 200 guides in 20 circles) and measures what circles ask of it:
 * a page of the feed, a filtered page and the season, each against its bare SQL in the same run, under 20
 * concurrent readers; and how much memory taking everything along needs. `npm run measure`; RECORDS, TEST_DATABASE_URL.
 */
import '../src/lib/core/atlas/all';
import { TAXA } from '../src/lib/core/atlas';
import { closeDatabase, database } from '../src/lib/server/database';
import { seasonOfCircles } from '../src/lib/server/circle-season';
import { feedFor } from '../src/lib/server/feed';
import { FORMATS, exportFile, type Format } from '../src/lib/server/export';
import { throwawayDatabase } from '../tests/server/throwaway-database';
import { quantile, table } from './trials/print';

const RECORDS = Number(process.env['RECORDS'] ?? 1_000_000);
const GUIDES = 200;
const CIRCLES = 20;
const READERS = 20;
const ROUNDS = 200;
const at = new Date('2026-05-19T11:40:00Z');

const { url, drop } = await throwawayDatabase();
process.env['DATABASE_URL'] = url;
process.env['DATABASE_POOL'] = String(READERS);

async function build(): Promise<void> {
	const sql = database();
	await sql.query(`
		insert into account (handle, name, is_demo)
			select 'guide-' || i, 'Guide ' || i, true from generate_series(1, ${GUIDES}) i;
		insert into circle (id, name) select gen_random_uuid(), 'Circle ' || i from generate_series(1, ${CIRCLES}) i;
		insert into circle_member (circle_id, account_id, role)
			select c.id, a.id, 'guide' from (select id, row_number() over (order by name) as n from circle) c
			join (select id, row_number() over (order by handle) as n from account) a
				on a.n % ${CIRCLES} = c.n - 1 or (a.n + 7) % ${CIRCLES} = c.n - 1;
		insert into basin (id, name) values ('0b000000-0000-4000-8000-00000000000a', 'Wide basin');
		insert into water (id, basin_id, name)
			select gen_random_uuid(), '0b000000-0000-4000-8000-00000000000a', 'Water ' || i from generate_series(1, 40) i;
		insert into reach (water_id, name, kind, elevation_m, time_zone, line)
			select id, name || ' reach', 'freestone', 600, 'Europe/Zurich', '[[8.1, 47.1]]' from water;
		insert into outing (id, reach_id, author_id, started_at, ended_at, latitude, longitude)
			select gen_random_uuid(), r.id, a.id, now(), now(), 47.1, 8.1
			from account a cross join lateral (select id from reach order by random() limit 1) r;`);
	const taxa = TAXA.map(({ id, stages }) => ({ id, stage: stages[0]?.stage }));
	// Each record needs an outing of its own kind and stage; ids stand for both.
	await sql.query(
		`create table measure_taxa as select row_number() over () as n, id, stage
		 from jsonb_to_recordset($1::jsonb) as t(id text, stage text)`,
		[JSON.stringify(taxa)]
	);
	await sql.query('alter table hatch_record drop constraint hatch_record_outing_id_taxon_id_stage_key');
	await sql.query('alter table shared_record disable trigger user');
	const batch = 100_000;
	for (let from = 0; from < RECORDS; from += batch) {
		await sql.query(
			`with made as (
				select gen_random_uuid() as id, o.id as outing_id, o.author_id, t.id as taxon_id, t.stage,
					timestamptz '2026-05-19 11:00Z' - (i || ' minutes')::interval as seen, 'Water ' || (i % 40 + 1) as water
				from generate_series($1::int + 1, $2::int) i
				join (select o.*, row_number() over (order by o.id) as n from outing o) o on o.n = i % ${GUIDES} + 1
				join measure_taxa t on t.n = i % ${taxa.length} + 1),
			kept as (
				insert into hatch_record (id, outing_id, author_id, taxon_id, stage, day, body, confirmed_at)
				select id, outing_id, author_id, taxon_id, stage, seen::date, jsonb_build_object(
					'taxonId', taxon_id, 'stage', stage, 'day', seen::date, 'timeZone', 'Europe/Zurich',
					'firstSeen', seen, 'mostSeen', seen, 'lastSeen', seen, 'abundance', 'few', 'conditions', '{}'::jsonb,
					'riseForms', '[]'::jsonb, 'taken', 0.4, 'flies', '[]'::jsonb, 'place', jsonb_build_object(
						'precision', 'exact', 'basin', 'Wide basin', 'water', water, 'reach', 'A reach',
						'latitude', 47.1, 'longitude', 8.1)), seen from made returning id, author_id, body, confirmed_at)
			insert into shared_record (circle_id, author_id, record_id, precision, body, shared_at, appears_at, hour_told)
			select m.circle_id, k.author_id, k.id, 'water',
				jsonb_set(k.body, '{place}', jsonb_build_object('precision', 'water', 'basin', 'Wide basin',
					'water', k.body -> 'place' ->> 'water')), k.confirmed_at, k.confirmed_at,
				extract(hour from k.confirmed_at at time zone 'Europe/Zurich')
			from kept k cross join lateral (
				select circle_id from circle_member m where m.account_id = k.author_id order by circle_id limit 1) m`,
			[from, Math.min(RECORDS, from + batch)]
		);
		console.error(`${Math.min(RECORDS, from + batch)} records`);
	}
	await sql.query('vacuum analyze');
}

interface Timed {
	p50: number;
	p95: number;
}
/** Milliseconds of some work, by READERS at once. */
async function timed(
	work: (guide: string) => Promise<unknown>,
	guides: string[],
	rounds = ROUNDS
): Promise<Timed> {
	const times: number[] = [];
	let next = 0;
	await Promise.all(
		Array.from({ length: READERS }, async () => {
			while (next < rounds) {
				const guide = guides[next++ % guides.length] ?? '';
				const began = performance.now();
				await work(guide);
				times.push(performance.now() - began);
			}
		})
	);
	return { p50: quantile(times, 0.5), p95: quantile(times, 0.95) };
}

/** The least that must be asked of the database for the same answer: ids and bodies of a page by the index. */
const BARE_PAGE = `select s.id, s.body from circle_member m join lateral (
	select id, body, appears_at from shared_record s where s.circle_id = m.circle_id and s.appears_at <= $2 FILTER
	order by s.appears_at desc, s.id desc limit 20) s on true
	where m.account_id = $1 order by s.appears_at desc, s.id desc limit 20`;
const BARE_SEASON = `select s.taxon_id, extract(isoyear from s.day), extract(week from s.day), count(*), count(distinct s.author_id)
	from circle_member m join shared_record s on s.circle_id = m.circle_id and (s.appears_at <= $2 or s.author_id = $1)
	where m.account_id = $1 group by 1, 2, 3`;

try {
	await build();
	const { rows } = await database().query<{ id: string }>('select id from account order by handle limit 40');
	const guides = rows.map(({ id }) => id);
	const bare = (sql: string) => (guide: string) =>
		database().query(sql, sql.includes('$2') ? [guide, at] : [guide]);
	const filter = { taxon: 'baetis', water: 'Water 3' };
	const asked: [string, (guide: string) => Promise<unknown>, (guide: string) => Promise<unknown>, number][] =
		[
			['A page of the feed', (guide) => feedFor(guide, at), bare(BARE_PAGE.replace('FILTER', '')), ROUNDS],
			[
				'A filtered page',
				(guide) => feedFor(guide, at, filter),
				bare(BARE_PAGE.replace('FILTER', `and s.taxon_id = 'baetis' and s.water = 'Water 3'`)),
				ROUNDS
			],
			['The circle’s season', (guide) => seasonOfCircles(guide, at), bare(BARE_SEASON), READERS]
		];
	const lines: string[][] = [];
	for (const [name, work, plain, rounds] of asked) {
		await timed(plain, guides, READERS);
		await timed(work, guides, READERS);
		const [mine, theirs] = [await timed(work, guides, rounds), await timed(plain, guides, rounds)];
		lines.push([
			name,
			`${mine.p50.toFixed(1)} ms`,
			`${mine.p95.toFixed(1)} ms`,
			`${theirs.p95.toFixed(1)} ms`,
			(mine.p95 / theirs.p95).toFixed(2)
		]);
	}
	console.log(
		`Circles: ${RECORDS} records of ${GUIDES} guides in ${CIRCLES} circles; ${READERS} readers at once. Asked for: at the 95th percentile within three times the bare SQL.\n`
	);
	console.log(table(['', 'Median', '95th percentile', 'Bare SQL', 'Ratio'], lines));
	const plan = await database().query<{ 'QUERY PLAN': string }>(
		`explain (costs off) ${BARE_PAGE.replace('FILTER', '').replace('$1', `'${guides[0]}'`).replace('$2', `'${at.toISOString()}'`)}`
	);
	const indexes = plan.rows.map((row) => row['QUERY PLAN']).filter((line) => /Index|Seq Scan/.test(line));
	console.log(`\nThe plan of a page: ${indexes.map((line) => line.trim().replace(/^-> +/, '')).join('; ')}`);

	const [guide = ''] = guides;
	const streams: string[][] = [];
	for (const format of Object.keys(FORMATS) as Format[]) {
		globalThis.gc?.();
		const before = process.memoryUsage().heapUsed;
		let [peak, bytes] = [0, 0];
		const reader = exportFile(format, {
			accountId: guide,
			by: 'A guide',
			at,
			precision: 'water'
		}).getReader();
		for (;;) {
			const { done, value } = await reader.read();
			if (done) break;
			bytes += value.length;
			peak = Math.max(peak, process.memoryUsage().heapUsed - before);
		}
		streams.push([format, `${(bytes / 1e6).toFixed(1)} MB`, `${(peak / 1e6).toFixed(0)} MB`]);
	}
	const { rows: counted } = await database().query<{ shared: number }>(
		`select count(*)::int as shared from circle_member m join shared_record s on s.circle_id = m.circle_id
		 where m.account_id = $1`,
		[guide]
	);
	console.log(
		`\nTaking along, as streams: ${Math.round(RECORDS / GUIDES)} records of one guide, ${counted[0]?.shared} shared in the guide’s circles.\n`
	);
	console.log(table(['', 'Stream', 'Heap at most above the start'], streams));
} finally {
	await closeDatabase();
	await drop();
}
