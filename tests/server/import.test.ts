import { zipSync } from 'fflate';
import { beforeAll, describe, expect, it } from 'vitest';
import { guessMapping, type TableMapping } from '../../src/lib/core/exchange';
import { seededRandom } from '../../src/lib/core/math';
import { signUp } from '../../src/lib/server/accounts';
import { startSession } from '../../src/lib/server/sessions';
import { database } from '../../src/lib/server/database';
import { SESSION_COOKIE } from '../../src/lib/server/session-cookie';
import { enterAs, type App } from './app';
import { openDemo } from './house';

let app: App;
let ines = '';

beforeAll(async () => {
	app = await openDemo();
	ines = await enterAs(app, 'ines');
}, 120_000);

const TYPES = {
	packet: 'application/x-ndjson',
	table: 'text/csv',
	gpx: 'application/gpx+xml',
	geojson: 'application/geo+json'
};
type Kind = keyof typeof TYPES;
type Body = string | Uint8Array<ArrayBuffer> | ReadableStream;

async function newcomer(handle: string): Promise<{ id: string; cookie: string }> {
	const account = await signUp({ handle, name: handle, password: 'long enough for this' });
	if (account === 'taken') throw new Error('taken');
	return { id: account.id, cookie: `${SESSION_COOKIE}=${(await startSession(account.id)).token}` };
}

async function bring(cookie: string, kind: Kind, body: Body, settings: unknown = {}, keep = true) {
	const query = new URLSearchParams({ ...(keep && { keep: '1' }), settings: JSON.stringify(settings) });
	const response = await fetch(`${app.origin}/api/v1/import?${query}`, {
		method: 'POST',
		body,
		headers: { cookie, origin: app.origin, 'content-type': TYPES[kind] },
		...(body instanceof ReadableStream && { duplex: 'half' })
	} as RequestInit);
	return { status: response.status, told: await response.json() };
}

const newReaches = { kind: 'freestone', elevationM: 600, latitude: 47.1, longitude: -20.3 };
const tableSettings = (head: string, fixed: Record<string, string> = {}) => {
	const mapping: TableMapping = { ...guessMapping(head.split(','), []), dates: 'dmy', fixed };
	return { mapping, newReaches };
};
const drawnSettings = {
	basin: 'Own basin',
	water: 'Own water',
	kind: 'freestone',
	elevationM: 600,
	timeZone: 'Europe/Zurich'
};
const exported = async (cookie: string) =>
	(await fetch(`${app.origin}/api/v1/export/csv`, { headers: { cookie } })).text();

/** What a guide has in all: how many of each, and every record. */
async function everything(accountId: string) {
	const { rows } = await database().query(
		`select (select count(*)::int from outing where author_id = $1) as outings,
			(select count(*)::int from reach where owner_id = $1) as reaches,
			(select count(*)::int from note n join outing o on o.id = n.outing_id where o.author_id = $1) as notes,
			(select count(*)::int from hatch_record where author_id = $1) as records,
			(select md5(string_agg(id::text || body::text, '' order by id)) from hatch_record where author_id = $1) as hash`,
		[accountId]
	);
	return rows[0] as { outings: number; reaches: number; notes: number; records: number; hash: string | null };
}

const HEAD = 'day,insect,stage,how many,first,last,water,reach,water temp,size,notes';
const NOTEBOOK = `${HEAD}
2025-05-12,olive,dun,23,12:10,14:00,Own water,Mill run,9.5,7,"low, clear"
2025-05-12,olive,spinner,few,19:10,20:00,Own water,Mill run,,7,
2025-05-12,olive,dun,many,17:00,18:00,Own water,Mill run,11,7,again in the evening
2025-05-13,zyxw,dun,few,12:00,,Own water,Mill run,,,
2025-05-14,grannom,pupa,umpteen,12:00,,Own water,Long flat,,900,
`;
const FIXED = { basin: 'Own basin', time_zone: 'Europe/Zurich' };

describe('a table of records', () => {
	it('comes back from our own CSV as it was, in a fresh account, and twice changes nothing', async () => {
		const csv = await exported(ines);
		const fresh = await newcomer('table-fresh');
		// Ids that are somebody's stay theirs: this is another server's table, so they are made free first.
		const moved = csv.replaceAll(
			/\b[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-([0-9a-f]{11})[0-9a-f]\b/g,
			(id) =>
				id.replace(/^......../, (start) =>
					((parseInt(start, 16) ^ 0x5a5a5a5a) >>> 0).toString(16).padStart(8, '0')
				)
		);
		const settings = tableSettings(csv.slice(0, csv.indexOf('\r\n')));
		const looked = await bring(fresh.cookie, 'table', moved, settings, false);
		expect(looked).toMatchObject({ status: 200, told: { kept: false, bad: [], badCount: 0 } });
		expect((await everything(fresh.id)).records).toBe(0);

		const kept = await bring(fresh.cookie, 'table', moved, settings);
		expect(kept.told.lines.row.fresh).toBe(kept.told.lines.row.read);
		expect(kept.told.lines.row.read).toBe(csv.trim().split('\r\n').length - 1);
		const back = (text: string) => text.trim().split('\r\n').sort();
		expect(back(await exported(fresh.cookie))).toEqual(back(moved));

		const before = await everything(fresh.id);
		const again = await bring(fresh.cookie, 'table', moved, settings);
		expect(again.told.lines.row.fresh).toBe(0);
		expect(await everything(fresh.id)).toEqual(before);
	});

	it('takes a notebook’s good rows, names what is wrong with the others, and loses none of one day', async () => {
		const guide = await newcomer('notebook');
		const settings = tableSettings(HEAD, FIXED);
		const { told } = await bring(guide.cookie, 'table', NOTEBOOK, settings);
		expect(told.lines).toMatchObject({ row: { read: 5, fresh: 3 }, reach: { read: 1, fresh: 1 } });
		expect(told.bad).toEqual([
			expect.objectContaining({
				line: 5,
				field: 'taxon_id',
				message: 'no insect of the atlas is called “zyxw”'
			}),
			expect.objectContaining({ line: 6, field: 'how_many' })
		]);
		// Two hatches of one stage on one day are two outings, not one record.
		expect(await everything(guide.id)).toMatchObject({ records: 3, outings: 2, reaches: 1 });
		const { told: again } = await bring(guide.cookie, 'table', NOTEBOOK, settings);
		expect(again.lines.row.fresh).toBe(0);
		expect(await everything(guide.id)).toMatchObject({ records: 3, outings: 2, reaches: 1 });
		const log = await (
			await fetch(`${app.origin}/log?q=evening`, { headers: { cookie: guide.cookie } })
		).text();
		expect(log).toContain('Mill run');
	});

	it('touches nothing of somebody else’s, whatever ids it names', async () => {
		const guide = await newcomer('thief');
		const csv = await exported(ines);
		const { rows } = await database().query<{ id: string }>(`select id from account where handle = 'ines'`);
		const before = await everything(rows[0]?.id ?? '');
		const { told } = await bring(
			guide.cookie,
			'table',
			csv,
			tableSettings(csv.slice(0, csv.indexOf('\r\n')))
		);
		expect(told.lines.row.fresh).toBe(0);
		expect(told.badCount).toBe(told.lines.row.read);
		expect(told.bad[0]).toMatchObject({ field: 'record_id', message: 'belongs to what is not yours' });
		expect(await everything(rows[0]?.id ?? '')).toEqual(before);
	});

	it.each([
		['a column is missing', tableSettings('day,insect'), 422, /Say which column holds how many/],
		[
			'a field does not exist',
			{ mapping: { columns: { colour: 1 } }, newReaches },
			422,
			/settings are not right/
		],
		['nothing was said of it', {}, 422, /settings are not right: mapping/],
		['what was said is no object', [], 422, /settings are not right/]
	])('is not begun on when %s', async (_, settings, status, says) => {
		const response = await bring(ines, 'table', NOTEBOOK, settings);
		expect(response.status).toBe(status);
		expect(response.told.error.message).toMatch(says);
	});
});

describe('waters and reaches', () => {
	const gpx = `<gpx><trk><name>Mill run</name><trkseg><trkpt lat="47.1" lon="-20.3"/><trkpt lat="47.2" lon="-20.3"/></trkseg></trk><trk><name>Nowhere</name></trk></gpx>`;
	const geojson = JSON.stringify({
		type: 'FeatureCollection',
		features: [
			{
				type: 'Feature',
				properties: { name: 'North bay', water: 'Own lake', kind: 'lake' },
				geometry: { type: 'Point', coordinates: [-20.4, 47.3] }
			}
		]
	});

	it('come in from GPX and GeoJSON, once, and can be fished', async () => {
		const guide = await newcomer('draws');
		const first = await bring(guide.cookie, 'gpx', gpx, drawnSettings);
		expect(first.told).toMatchObject({
			lines: { reach: { read: 2, fresh: 1 } },
			bad: [{ line: 2, message: 'has no points' }]
		});
		expect((await bring(guide.cookie, 'gpx', gpx, drawnSettings)).told.lines.reach.fresh).toBe(0);
		expect((await bring(guide.cookie, 'geojson', geojson, drawnSettings)).told.lines.reach.fresh).toBe(1);
		const page = await (await fetch(`${app.origin}/bank/new`, { headers: { cookie: guide.cookie } })).text();
		for (const name of ['Mill run', 'North bay', 'Own lake']) expect(page).toContain(name);
		const theirs = await (await fetch(`${app.origin}/bank/new`, { headers: { cookie: ines } })).text();
		expect(theirs).not.toContain('North bay');
	});
});

describe('files that mean harm', () => {
	const bomb = zipSync({ 'records.csv': new Uint8Array(2_000_000) });
	const utf16 = new Uint8Array(Buffer.from(`\uFEFF${NOTEBOOK}`, 'utf16le'));
	const entities = `<!DOCTYPE gpx [<!ENTITY a "${'a'.repeat(1000)}"><!ENTITY b "${'&a;'.repeat(1000)}">]><gpx><trk><name>&b;</name></trk></gpx>`;
	/** As long as wanted without holding it here. */
	const endless = (piece: string, times: number, head = '') =>
		new ReadableStream({
			start: (controller) => controller.enqueue(new TextEncoder().encode(head)),
			pull(controller) {
				if (times-- > 0) controller.enqueue(new TextEncoder().encode(piece));
				else controller.close();
			}
		});

	it.each<[string, Kind, () => Body]>([
		['a zip bomb', 'table', () => bomb],
		['a zip bomb as a packet', 'packet', () => bomb],
		['a zip bomb as GPX', 'gpx', () => bomb],
		['UTF-16', 'table', () => utf16],
		['Latin-1', 'geojson', () => new Uint8Array([0x7b, 0x22, 0xe9, 0x22])],
		['XML entities', 'gpx', () => entities],
		['ten million columns', 'table', () => endless(','.repeat(100_000), 100)],
		['a quote left open', 'table', () => endless('x,'.repeat(50_000), 100, `${HEAD}\n"`)],
		['a line without an end', 'packet', () => endless('x'.repeat(100_000), 100)],
		['ten million open brackets', 'geojson', () => endless('['.repeat(100_000), 100)],
		['ten million open tags', 'gpx', () => endless('<a>'.repeat(30_000), 100)],
		['a truncated collection', 'geojson', () => '{"type":"FeatureCollection","features":[{"type":'],
		['a truncated track', 'gpx', () => '<gpx><trk><name>x</name>'],
		['a picture', 'table', () => new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 0, 16])],
		['nothing but a head', 'table', () => HEAD]
	])('are refused with a sentence, and nothing of them is kept: %s', async (name, kind, body) => {
		const guide = await newcomer(
			`harm-${name.toLowerCase().replaceAll(/[^a-z]+/g, '-')}`.slice(0, 30).replace(/-$/, '')
		);
		const settings = kind === 'table' ? tableSettings(HEAD, FIXED) : drawnSettings;
		const { status, told } = await bring(guide.cookie, kind, body(), settings);
		expect(status).toBe(422);
		expect(told.error.message).toMatch(/^[A-Z].{10,}[.?]$/s);
		expect(await everything(guide.id)).toEqual({ outings: 0, reaches: 0, notes: 0, records: 0, hash: null });
	});

	it('come back out as text, not as formulas', async () => {
		const guide = await newcomer('formulas');
		const row = `2025-05-12,olive,dun,few,12:00,,Own water,Mill run,,,"=HYPERLINK(""http://x"",""y"")"`;
		await bring(guide.cookie, 'table', `${HEAD}\n${row}\n`, tableSettings(HEAD, FIXED));
		expect(await exported(guide.cookie)).toContain(`"'=HYPERLINK(""http://x"",""y"")"`);
	});

	it('that are longer than is taken elsewhere are only taken where they stream', async () => {
		const long = new Uint8Array(13_000_000);
		const to = (path: string, type: string) =>
			fetch(`${app.origin}${path}`, {
				method: 'POST',
				body: long,
				headers: { cookie: ines, origin: app.origin, 'content-type': type }
			});
		expect((await to('/api/v1/patterns', 'application/json')).status).toBe(413);
		expect((await to('/api/v1/import', 'text/csv')).status).toBe(422);
		const unsaid = await fetch(`${app.origin}/api/v1/patterns`, {
			method: 'POST',
			body: endless('{', 3),
			duplex: 'half',
			headers: { cookie: ines, 'content-type': 'application/json' }
		} as RequestInit);
		expect(unsaid.status).toBe(411);
	});

	it('and one that is cancelled on its way leaves nothing', async () => {
		const guide = await newcomer('cancels');
		const abort = new AbortController();
		let rows = 0;
		const body = new ReadableStream({
			async pull(controller) {
				if (rows === 0) controller.enqueue(new TextEncoder().encode(`${HEAD}\n`));
				rows += 1;
				if (rows > 40) return abort.abort();
				const day = `2025-05-${String(1 + (rows % 28)).padStart(2, '0')}`;
				const text = `${day},olive,dun,few,12:00,,Own water,Mill run,,,row ${rows}\n`;
				controller.enqueue(new TextEncoder().encode(text.repeat(200)));
				await new Promise((resolve) => setTimeout(resolve, 5));
			}
		});
		const query = new URLSearchParams({ keep: '1', settings: JSON.stringify(tableSettings(HEAD, FIXED)) });
		await expect(
			fetch(`${app.origin}/api/v1/import?${query}`, {
				method: 'POST',
				body,
				duplex: 'half',
				signal: abort.signal,
				headers: { cookie: guide.cookie, origin: app.origin, 'content-type': 'text/csv' }
			} as RequestInit)
		).rejects.toThrow();
		await expect
			.poll(
				async () => (await bring(guide.cookie, 'table', NOTEBOOK, tableSettings(HEAD, FIXED), false)).status,
				{
					timeout: 10_000
				}
			)
			.toBe(200);
		expect((await everything(guide.id)).records).toBe(0);
	});
});

describe('ten thousand files with something wrong in them', () => {
	const GOOD: Record<Kind, string> = {
		packet: '',
		table: NOTEBOOK,
		gpx: `<gpx><trk><name>Mill run</name><trkseg><trkpt lat="47.1" lon="-20.3"><ele>700</ele></trkpt></trkseg></trk></gpx>`,
		geojson: `{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"Bay"},"geometry":{"type":"Point","coordinates":[-20.4,47.3]}}]}`
	};
	const PIECES = [
		'"',
		'\n',
		'\0',
		'\\u0000',
		'{',
		'}',
		'<',
		'&',
		';',
		'\u{1F41F}',
		'\ud800',
		'-1e999',
		'null',
		"'",
		'%'
	];
	/** A short form in every run of the tests; `npm run attack` throws ten thousand. */
	const RUNS = Number(process.env['ATTACK_RUNS'] ?? 1200);

	it('are answered with a sentence or taken in whole, never with a crash, never in part', async () => {
		const lines = (
			await (await fetch(`${app.origin}/api/v1/export/packet`, { headers: { cookie: ines } })).text()
		).split('\n');
		GOOD.packet = lines
			.filter((line, i) => i === 0 || /"kind":"(reach|outing|pattern|boxed)"/.test(line) || i % 97 === 0)
			.slice(0, 12)
			.join('\n');
		const kinds = Object.keys(TYPES) as Kind[];
		const statuses = new Map<number, number>();
		await Promise.all(
			kinds.map(async (kind, at) => {
				const random = seededRandom(4200 + at);
				const guide = await newcomer(`fuzz-${kind}`);
				const pick = (most: number) => Math.floor(random() * most);
				const told: Record<string, number> = {};
				for (let run = 0; run < RUNS / kinds.length; run++) {
					let text = GOOD[kind];
					for (let times = 1 + pick(4); times > 0; times--) {
						const from = pick(text.length);
						const put = PIECES[pick(PIECES.length)] ?? '';
						text =
							text.slice(0, from) +
							(random() < 0.7 ? put : '') +
							text.slice(from + pick(random() < 0.1 ? 200 : 4));
					}
					const settings = kind === 'table' ? tableSettings(HEAD, FIXED) : drawnSettings;
					const answer = await bring(guide.cookie, kind, text, settings);
					statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
					if (answer.status === 200)
						for (const [what, { fresh }] of Object.entries(
							answer.told.lines as Record<string, { fresh: number }>
						))
							told[what] = (told[what] ?? 0) + fresh;
					else expect(answer.told.error.message, text).toMatch(/^[A-Z].*[.?]$/s);
				}
				const there = await everything(guide.id);
				expect(there.records, kind).toBe((told['row'] ?? 0) + (told['record'] ?? 0));
				expect(there.reaches, kind).toBe(told['reach'] ?? 0);
				expect(there.notes, kind).toBe(told['note'] ?? 0);
			})
		);
		// 400 is an empty file.
		expect([...statuses.keys()].filter((status) => ![200, 400, 422].includes(status))).toEqual([]);
		expect([...statuses.values()].reduce((sum, count) => sum + count, 0)).toBe(RUNS);
		expect(statuses.get(422)).toBeGreaterThan(RUNS / 11);
		expect(statuses.get(200)).toBeGreaterThan(RUNS / 11);
	}, 300_000);
});
