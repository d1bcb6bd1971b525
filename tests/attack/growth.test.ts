import sharp from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/math';
import { PATTERNS } from '../../src/lib/core/tackle';
import { DEMO_NOW, simulatedNoteId } from '../../src/lib/simulate';
import { database } from '../../src/lib/server/database';
import { putUpBoard, recordedWaters } from '../../src/lib/server/public-boards';
import { send, type App } from '../server/app';
import { demoServer, type DemoServer } from '../server/demo-server';
import { cost, FAR_TOO_LONG_MS, LONG, print, stands } from './siege';

/** What once grew faster than what was sent. */

let server: DemoServer;
let app: App;
let cookie: string;
let ines: string;
let outingId: string;
const costs: [string, { ms: number; mb: number }][] = [];

beforeAll(async () => {
	server = await demoServer();
	({ app, cookie, ines, outingId } = server);
});
afterAll(() => print('What once grew faster than what was sent:', costs));

async function measured<T>(name: string, attack: () => Promise<T>): Promise<T> {
	const spent = await cost(app, attack);
	costs.push([name, spent]);
	expect(spent.ms, name).toBeLessThan(FAR_TOO_LONG_MS);
	expect(spent.mb, name).toBeLessThan(300);
	expect(await stands(app)).toBe(true);
	return spent.came;
}
const bringIn = async (type: string, body: string, settings: unknown = {}, keep = '') => {
	const query = new URLSearchParams({ settings: JSON.stringify(settings), ...(keep && { keep }) });
	const response = await fetch(`${app.origin}/api/v1/import?${query}`, {
		method: 'POST',
		headers: { cookie, 'content-type': type },
		body
	});
	return { status: response.status, told: await response.json() };
};

it('cells of a table, however long and of whatever', async () => {
	const FIELDS = [
		'taxon_id',
		'stage',
		'how_many',
		'day',
		'first_seen',
		'rise_forms',
		'flies',
		'water_c',
		'words'
	];
	const columns = Object.fromEntries(FIELDS.map((field, i) => [field, i]));
	const fixed = { time_zone: 'UTC', basin: 'B', water: 'W', reach: 'R' };
	const settings = {
		...{ columns, fixed, dates: 'ymd', temperature: 'C', length: 'mm' },
		place: { kind: 'freestone', latitude: 47, longitude: -20, elevationM: 700 }
	};
	for (const [name, filling] of Object.entries({
		spaces: ' ',
		words: 'a ',
		brackets: '(a) ',
		numbers: '1 ',
		hashes: 'x (#',
		parts: ';'
	})) {
		const long = `x${filling.repeat(40_000 / filling.length)}x`;
		const rows = FIELDS.map((_, at) => FIELDS.map((__, i) => (i === at ? long : '1')).join(','));
		const { status } = await measured(`cells of 40 kB: ${name}`, () =>
			bringIn('text/csv', `${FIELDS.join(',')}\n${rows.join('\n')}\n`, settings)
		);
		expect(status).toBeLessThan(500);
	}
});

it('a chain of thousands of corrections of a note that is nowhere', async () => {
	const random = seededRandom(7);
	let before = crypto.randomUUID() as string;
	const lines = Array.from({ length: 4_000 }, (_, i) => {
		const at = new Date(DEMO_NOW.getTime() - i);
		const id = simulatedNoteId(random, at);
		const note = { id, at, kind: 'rise', body: { form: 'nose' }, replaces: before };
		before = id;
		return JSON.stringify({ kind: 'note', outingId, note });
	});
	const head = '{"kind":"packet","format":"lacewing-packet","version":1,"writtenAt":"2026-05-19T11:40:00Z"}';
	const { told } = await measured('a chain of 4,000 corrections', () =>
		bringIn('application/x-ndjson', [head, ...lines].join('\n'))
	);
	expect(told).toMatchObject({ badCount: 4_000, lines: { note: { read: 4_000, fresh: 0 } } });
});

it('pictures that are small to send and large to unpack, several at once', async () => {
	const side = 4_400;
	const bomb = await sharp({ create: { width: side, height: side, channels: 3, background: '#456' } })
		.toColourspace('rgb16')
		.png({ progressive: true, compressionLevel: 6 })
		.toBuffer();
	expect(bomb.length).toBeLessThan(1_000_000);
	const statuses = await measured('four interlaced pictures of 16 bits', () =>
		Promise.all(
			Array.from({ length: 4 }, async () => {
				const response = await fetch(
					`${app.origin}/api/v1/outings/${outingId}/photos/${crypto.randomUUID()}`,
					{
						method: 'PUT',
						headers: { cookie, 'content-type': 'image/png' },
						body: new Uint8Array(bomb)
					}
				);
				return response.status;
			})
		)
	);
	expect(statuses).toEqual([413, 413, 413, 413]);
});

it('event streams of one account', async () => {
	const ends = new AbortController();
	const most = LONG ? 2_000 : 200;
	await measured(`${most} event streams of one account`, async () => {
		const opened = await Promise.all(
			Array.from({ length: most }, () =>
				fetch(`${app.origin}/api/v1/events`, { headers: { cookie }, signal: ends.signal })
			)
		);
		let open = most;
		for (const { body } of opened) {
			const reader = body?.getReader();
			void (async () => {
				while (reader && !(await reader.read()).done);
				open -= 1;
			})().catch(() => undefined);
		}
		await expect.poll(() => open, { timeout: 20_000 }).toBeLessThanOrEqual(12);
	});
	ends.abort();
});

it('answers to one record', async () => {
	const { rows } = await database().query<{ id: string }>(
		'select id from shared_record where author_id <> $1 and appears_at <= $2 limit 1',
		[ines, DEMO_NOW]
	);
	const sharedId = rows[0]?.id ?? '';
	await measured('100 answers to one record', async () => {
		for (let i = 0; i < 100; i++) {
			const response = await fetch(`${app.origin}/circle?/reply`, {
				method: 'POST',
				headers: {
					...{ cookie, origin: app.origin, accept: 'application/json' },
					'content-type': 'application/x-www-form-urlencoded'
				},
				body: new URLSearchParams({ sharedId, kind: 'word', text: 'x'.repeat(900) })
			});
			expect(response.status).toBeLessThan(500);
		}
	});
	const { rows: kept } = await database().query<{ count: number }>(
		'select count(*)::int as count from feed_reply where shared_id = $1',
		[sharedId]
	);
	expect(kept[0]?.count).toBeLessThanOrEqual(60);
	const page = await measured('the circle with them', () =>
		fetch(`${app.origin}/circle`, { headers: { cookie } })
	);
	expect((await page.text()).length).toBeLessThan(1_000_000);
});

it('the heaviest questions to the interface for programs that are right', async () => {
	const random = seededRandom(9);
	const at = DEMO_NOW.toISOString();
	const lots = ['nymph', 'emerger', 'dun', 'spinner'].flatMap((stage) =>
		['baetis', 'rhithrogena', 'ephemerella'].map((taxonId) => ({
			...{ taxonId, stage, count: 20 },
			lengthsMm: Array.from({ length: 20 }, () => 6.5)
		}))
	);
	const notes = Array.from({ length: 500 }, (_, i) => {
		const when = new Date(DEMO_NOW.getTime() - i * 60_000);
		return {
			id: simulatedNoteId(random, when),
			at: when,
			kind: 'sample',
			body: { method: 'surface-net', lots }
		};
	});
	const place = { latitude: 47, longitude: -20, elevationM: 700, water: 'freestone' };
	const sizes = [8, 10, 12, 14, 16, 18, 20];
	const dressing = { style: 'spent-wing', belly: 'rust', sizes };
	const ownPatterns = Array.from({ length: 300 }, (_, i) => ({
		id: `own ${i}`,
		name: `Fly ${i}`,
		...dressing
	}));
	const box = PATTERNS.flatMap(({ id, sizes: own }) =>
		own.map((hookSize) => ({ patternId: id, hookSize, count: 2 }))
	).slice(0, 2000);
	for (const [name, body] of Object.entries({
		reading: { place, at, notes, box, ownPatterns },
		match: { place, at, notes, box, ownPatterns },
		advice: { place, at, notes, box, ownPatterns },
		sample: { method: 'kick-net', lots }
	})) {
		const response = await measured(`/${name} with all it may hold`, () =>
			send(app, `/api/v1/${name}`, body, cookie)
		);
		expect(response.status, `${name}: ${(await response.clone().text()).slice(0, 300)}`).toBe(200);
	}
});

it('an outing of ten thousand notes', async () => {
	await database().query(
		`insert into note (id, outing_id, at, kind, body)
		 select gen_random_uuid(), $1, $2::timestamptz - n * interval '1 second', 'rise', '{"form":"nose"}'
		 from generate_series(1, 10000 - (select count(*)::int from note where outing_id = $1)) n`,
		[outingId, DEMO_NOW]
	);
	const page = await measured('the board of 10,000 notes', () =>
		fetch(`${app.origin}/bank/${outingId}`, { headers: { cookie } })
	);
	const html = await page.text();
	expect(page.status).toBe(200);
	expect(html.split('<').length).toBeLessThan(10_000);
	const note = { id: crypto.randomUUID(), at: DEMO_NOW, kind: 'rise', body: { form: 'nose' } };
	const more = await send(app, `/api/v1/outings/${outingId}/notes`, { notes: [note] }, cookie);
	expect(more.status).toBe(507);
	expect((await more.json()).error.message).toContain('10000 notes in this outing');
	await database().query(`delete from note where outing_id = $1 and body = '{"form":"nose"}'`, [outingId]);
});

it('a board over ten thousand records', async () => {
	await database().query(
		`insert into outing (id, reach_id, author_id, started_at, latitude, longitude)
		 select gen_random_uuid(), o.reach_id, o.author_id, o.started_at, o.latitude, o.longitude
		 from outing o, generate_series(1, 10000) where o.id = $1`,
		[outingId]
	);
	await database().query(
		`insert into hatch_record (outing_id, author_id, taxon_id, stage, day, body, confirmed_at)
		 select o.id, o.author_id, r.taxon_id, r.stage, r.day, r.body, $2
		 from outing o, (select * from hatch_record where author_id = $1 limit 1) r
		 where o.author_id = $1 and not exists (select from hatch_record h where h.outing_id = o.id)`,
		[ines, DEMO_NOW]
	);
	const waters = (await recordedWaters(ines)).map(({ id }) => id);
	const board = { title: 'All', precision: 'water', delayDays: '0', waters } as const;
	const began = performance.now();
	const token = await putUpBoard(ines, board, DEMO_NOW);
	costs.push(['a board put up over 10,000 records', { ms: performance.now() - began, mb: 0 }]);
	const page = await measured('that board', () => fetch(`${app.origin}/board/${token}`));
	expect(page.status).toBe(200);
	await page.text();
	for (const path of ['/log', '/circle/season', '/log?view=calendar', '/bank']) {
		const own = await measured(`${path} over 10,000 records`, () =>
			fetch(`${app.origin}${path}`, { headers: { cookie } })
		);
		expect(own.status).toBe(200);
	}
});
