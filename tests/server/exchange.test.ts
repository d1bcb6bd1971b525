import { createHash } from 'node:crypto';
import { strFromU8, unzipSync } from 'fflate';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { localNamesOf } from '../../src/lib/core/atlas';
import { STYLE_IDS } from '../../src/lib/core/tackle';
import { signUp } from '../../src/lib/server/accounts';
import { startSession } from '../../src/lib/server/sessions';

import { SESSION_COOKIE } from '../../src/lib/server/session-cookie';
import { enterAs, send, type App } from './app';
import { openCopy, openDatabase } from './house';

/** Of the terms of Darwin Core (rs.tdwg.org/dwc/terms), those of the classes Event, Location, Occurrence and Taxon that may stand here. */
const DARWIN_CORE_TERMS = [
	...['eventID', 'eventDate', 'eventTime', 'samplingProtocol', 'sampleSizeValue', 'habitat', 'eventRemarks'],
	...['higherGeography', 'waterBody', 'locality', 'decimalLatitude', 'decimalLongitude', 'geodeticDatum'],
	...['coordinateUncertaintyInMeters', 'dataGeneralizations', 'informationWithheld', 'basisOfRecord'],
	...['occurrenceID', 'occurrenceStatus', 'occurrenceRemarks', 'organismQuantity', 'organismQuantityType'],
	...['lifeStage', 'scientificName', 'vernacularName', 'taxonRank', 'recordedBy', 'identificationRemarks'],
	...['samplingEffort', 'sampleSizeUnit', 'kingdom', 'phylum', 'class', 'order', 'family', 'genus']
];

/** Two servers: what is taken out of the first goes into the second. */
let apps: [App, App];
const urls: string[] = [];
let ines = '';
let newcomer = '';

beforeAll(async () => {
	for (const demo of [true, false]) {
		urls.push(await openDatabase(demo ? 'demo' : 'tables'));
		if (!demo) {
			const account = await signUp({
				handle: 'ines',
				name: 'Ines elsewhere',
				password: 'long enough for this'
			});
			if (account === 'taken') throw new Error('taken');
			newcomer = `${SESSION_COOKIE}=${(await startSession(account.id)).token}`;
		}
	}
	apps = [await openCopy({ url: urls[0] ?? '' }), await openCopy({ url: urls[1] ?? '' })];
	ines = await enterAs(apps[0], 'ines');
	const fly = { name: 'Evening rust', style: 'spent-wing', belly: 'rust', sizes: [16, 18] };
	await send(apps[0], '/api/v1/patterns', fly, ines);
	await addToTheMorning();
}, 120_000);

/** What else is one's own: a picture of the outing under way, a record that was corrected, a name for an insect. */
async function addToTheMorning(): Promise<void> {
	const page = await (await get(apps[0], '/log?view=outings', ines)).text();
	const outing = /href="\/bank\/([0-9a-f-]{36})"/.exec(page)?.[1] ?? '';
	const photoId = crypto.randomUUID();
	const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#586' } })
		.withExif({ IFD0: { Copyright: 'A secret place' } })
		.jpeg()
		.toBuffer();
	const kept = await fetch(`${apps[0].origin}/api/v1/outings/${outing}/photos/${photoId}`, {
		method: 'PUT',
		body: new Uint8Array(picture),
		headers: { cookie: ines, origin: apps[0].origin, 'content-type': 'image/jpeg' }
	});
	expect(kept.status).toBe(200);
	const seen = '2026-05-19T11:30:00.000Z';
	for (const abundance of ['few', 'many']) {
		const record = {
			...{ taxonId: 'baetis', stage: 'dun', firstSeen: seen, mostSeen: seen, lastSeen: seen, abundance },
			...{ conditions: {}, riseForms: [], taken: 0.5, flies: [], photoId }
		};
		const path = `/api/v1/outings/${outing}/records`;
		expect((await send(apps[0], path, { record, shares: [] }, ines)).status).toBe(200);
	}
	await fetch(`${apps[0].origin}/atlas/baetis?/name`, {
		method: 'POST',
		body: new URLSearchParams({ name: 'Zorble' }),
		headers: { cookie: ines, origin: apps[0].origin, accept: 'application/json' }
	});
}

const get = (app: App, path: string, cookie: string) =>
	fetch(`${app.origin}${path}`, { headers: cookie ? { cookie } : {} });
const bringIn = (app: App, packet: string | Uint8Array<ArrayBuffer>, cookie: string, keep = true) =>
	fetch(`${app.origin}/api/v1/import${keep ? '?keep=1' : ''}`, {
		method: 'POST',
		body: packet,
		headers: { cookie, origin: app.origin, 'content-type': 'application/x-ndjson' }
	});
/** Lines of a packet without its first, in an order that does not matter. */
const content = (packet: string) => {
	const lines = packet.trim().split('\n').slice(1).sort();
	return { lines: lines.length, hash: createHash('sha256').update(lines.join('\n')).digest('hex') };
};

describe('taking along and bringing back', () => {
	it('gives a guide’s own records in each format, and nobody else anything', async () => {
		for (const format of ['csv', 'geojson', 'shared', 'ics', 'expected', 'dwca', 'packet']) {
			expect((await get(apps[0], `/api/v1/export/${format}`, '')).status).toBe(401);
			const response = await get(apps[0], `/api/v1/export/${format}`, ines);
			expect(response.status).toBe(200);
			expect(response.headers.get('content-disposition')).toMatch(/attachment/);
		}
		const wrong = await get(apps[0], '/api/v1/export/xlsx', ines);
		expect(wrong.status).toBe(404);
		expect((await wrong.json()).error.message).toContain('csv, geojson, shared, dwca, ics, expected, packet');
		const csv = await (await get(apps[0], '/api/v1/export/csv', ines)).text();
		const layer = await (await get(apps[0], '/api/v1/export/geojson', ines)).json();
		expect(layer.features.length).toBeGreaterThan(10);
		expect(csv.trim().split('\r\n')).toHaveLength(layer.features.length + 1);
		// Of the others in her circle nothing comes along.
		const mira = await enterAs(apps[0], 'mira');
		const hers = await (await get(apps[0], '/api/v1/export/csv', mira)).text();
		const ids = (text: string) =>
			new Set(
				text
					.split('\r\n')
					.slice(1)
					.map((line) => line.split(',')[0])
			);
		for (const id of ids(hers)) if (id) expect(ids(csv).has(id)).toBe(false);
	});

	it('makes an archive for science whose meta names every column, no finer than was asked', async () => {
		const archive = async (query: string) => {
			const bytes = await (await get(apps[0], `/api/v1/export/dwca${query}`, ines)).arrayBuffer();
			return Object.fromEntries(
				Object.entries(unzipSync(new Uint8Array(bytes))).map(([name, data]) => [name, strFromU8(data)])
			);
		};
		const files = await archive('');
		expect(Object.keys(files).sort()).toEqual(['eml.xml', 'event.txt', 'meta.xml', 'occurrence.txt']);
		const meta = files['meta.xml'] ?? '';
		for (const [file, table] of [
			['event.txt', /<core[\s\S]*<\/core>/],
			['occurrence.txt', /<extension[\s\S]*<\/extension>/]
		] as const) {
			const [head, ...lines] = (files[file] ?? '').replace(/\n$/, '').split('\n');
			const part = table.exec(meta)?.[0] ?? '';
			expect(part).toContain(`<location>${file}</location>`);
			const named = [
				...part.matchAll(/<field index="(\d+)" term="http:\/\/rs.tdwg.org\/dwc\/terms\/(\w+)"/g)
			];
			const columns = head?.split('\t') ?? [];
			for (const [, index, term] of named) expect(columns[Number(index)]).toBe(term);
			for (const [, , term] of named) expect(DARWIN_CORE_TERMS).toContain(term);
			expect(lines.length).toBeGreaterThan(10);
			for (const line of lines) expect(line.split('\t')).toHaveLength(columns.length);
		}
		const [columns = [], ...seen] = (files['occurrence.txt'] ?? '')
			.split('\n')
			.map((line) => line.split('\t'));
		const told = (term: string) => new Set(seen.map((cells) => cells[columns.indexOf(term)]));
		expect(told('kingdom')).toEqual(new Set(['Animalia', undefined]));
		expect(told('order')).toContain('Ephemeroptera');
		expect(told('family')).toContain('Baetidae');
		expect(told('genus')).toContain('Baetis');
		expect(told('taxonRank')).toContain('genus');
		expect(files['event.txt']).toMatch(/1 observer, \d+ minutes/);
		const everything = Object.values(files).join('\n');
		expect(everything).not.toMatch(/Alder Bend|Cress Meadows|47\.\d{3}/);
		expect(everything).toContain('Position withheld');
		expect((await archive('?precision=exact'))['event.txt']).toMatch(/Alder Bend|Cress Meadows|Mill Flats/);
		expect((await get(apps[0], '/api/v1/export/dwca?precision=finest', ines)).status).toBe(422);
	});

	it('is the same content in a fresh database, and taking it in twice changes nothing', async () => {
		const now = await (await get(apps[0], '/api/v1/export/packet', ines)).text();
		// A note of a kind that a later version knows goes along as it came.
		const outingId = /"kind":"outing","id":"([^"]+)"/.exec(now)?.[1];
		const later = {
			id: crypto.randomUUID(),
			at: '2026-05-19T11:00:00.000Z',
			kind: 'river-song',
			body: { verses: [1, { of: 'x' }] }
		};
		const packet = `${now}${JSON.stringify({ kind: 'note', outingId, note: later })}\n`;
		const looked = await (await bringIn(apps[1], packet, newcomer, false)).json();
		expect(looked).toMatchObject({ kept: false, bad: [] });
		const before = content(await (await get(apps[1], '/api/v1/export/packet', newcomer)).text());
		expect(before.lines).toBe(0);

		const kept = await (await bringIn(apps[1], packet, newcomer)).json();
		expect(kept).toMatchObject({ kept: true, bad: [] });
		expect(kept.lines.record.fresh).toBe(kept.lines.record.read);
		for (const kind of ['pattern', 'photo', 'name'])
			expect(kept.lines[kind], kind).toEqual({ read: 1, fresh: 1 });
		expect(packet).toMatch(/"kind":"record".*"earlier":\[\{"confirmedAt"/);
		const there = await (await get(apps[1], '/api/v1/export/packet', newcomer)).text();
		expect(content(there)).toEqual(content(packet));

		const again = await (await bringIn(apps[1], packet, newcomer)).json();
		for (const [kind, { fresh }] of Object.entries(again.lines as Record<string, { fresh: number }>))
			expect(fresh, kind).toBe(0);
		expect(content(await (await get(apps[1], '/api/v1/export/packet', newcomer)).text())).toEqual(
			content(packet)
		);
	});

	it('takes no picture that is none, and keeps no metadata of one', async () => {
		const packet = await (await get(apps[0], '/api/v1/export/packet', ines)).text();
		const head = packet.slice(0, packet.indexOf('\n'));
		const outingId = /"kind":"outing","id":"([^"]+)"/.exec(packet)?.[1];
		const secret = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#586' } })
			.withExif({ IFD0: { Copyright: 'A secret place' } })
			.jpeg()
			.toBuffer();
		const line = (jpeg: Buffer, id = crypto.randomUUID()) =>
			JSON.stringify({ kind: 'photo', id, outingId, jpeg: jpeg.toString('base64') });
		const id = crypto.randomUUID();
		const lines = [head, line(Buffer.from('no picture')), line(secret.subarray(0, 300)), line(secret, id)];
		const told = await (await bringIn(apps[1], lines.join('\n'), newcomer)).json();
		expect(told.lines.photo).toEqual({ read: 3, fresh: 1 });
		expect(told.bad.map(({ line: at, message }: { line: number; message: string }) => [at, message])).toEqual(
			[
				[2, 'is no picture that can be read'],
				[3, 'is no picture that can be read']
			]
		);
		const got = await get(apps[1], `/api/v1/outings/${outingId}/photos/${id}`, newcomer);
		expect(Buffer.from(await got.arrayBuffer()).includes('A secret place')).toBe(false);
	});

	it('takes nothing that is somebody else’s, and says which line', async () => {
		const packet = await (await get(apps[0], '/api/v1/export/packet', ines)).text();
		const mira = await enterAs(apps[0], 'mira');
		const told = await (await bringIn(apps[0], packet, mira)).json();
		expect(told.bad.length).toBeGreaterThan(5);
		for (const { message } of told.bad) expect(message).toMatch(/not yours|does not fit/);
		expect(told.lines.outing.fresh + told.lines.note.fresh + told.lines.record.fresh).toBe(0);
		const after = await (await get(apps[0], '/api/v1/export/packet', ines)).text();
		expect(content(after)).toEqual(content(packet));
	});

	it('refuses what is no packet, cut, in another encoding or of another version, and keeps nothing of it', async () => {
		const packet = await (await get(apps[0], '/api/v1/export/packet', ines)).text();
		const before = content(await (await get(apps[1], '/api/v1/export/packet', newcomer)).text());
		const head = packet.slice(0, packet.indexOf('\n'));
		for (const [what, body] of Object.entries({
			nothing: '\n',
			prose: 'Dear colleagues',
			'a table': 'day,what\r\n2026-05-19,=HYPERLINK("x")\r\n',
			'another version': head.replace(/"version":\d+/, '"version":99'),
			'no head': packet.slice(packet.indexOf('\n') + 1)
		})) {
			const response = await bringIn(apps[1], body, newcomer);
			if (what === 'nothing') expect((await response.json()).lines, what).toEqual({});
			else expect(response.status, what).toBe(422);
		}
		const latin = new Uint8Array([...new TextEncoder().encode(`${head}\n{"kind":"`), 0xe9, 0xe8]);
		expect((await bringIn(apps[1], latin, newcomer)).status).toBe(422);
		const cut = await (await bringIn(apps[1], packet.slice(0, packet.length - 40), newcomer)).json();
		expect(cut.bad.at(-1)).toMatchObject({ message: 'is not JSON' });
		expect((await send(apps[1], '/api/v1/import', {}, newcomer)).status).toBe(415);
		expect(content(await (await get(apps[1], '/api/v1/export/packet', newcomer)).text())).toEqual(before);
	});

	it('finds records in the log by any name of an insect, by water, by month', async () => {
		const count = async (query: string) => {
			const text = await (await get(apps[0], `/log${query}`, ines)).text();
			return text.match(/<th scope="row"/g)?.length ?? 0;
		};
		const all = await count('');
		expect(all).toBeGreaterThan(10);
		expect(await count('?q=Baetis')).toBeGreaterThan(0);
		// A name that only some region uses finds the same animal.
		const [local] = localNamesOf('baetis');
		expect(await count(`?q=${encodeURIComponent(local?.name ?? '')}`)).toBeGreaterThanOrEqual(
			await count('?q=Baetis')
		);
		expect(await count('?q=Tessil')).toBeGreaterThan(0);
		expect(await count('?q=Tessil')).toBeLessThan(all);
		expect(await count('?month=1')).toBe(0);
		expect(await count('?month=13&order=sideways&style=none&water=')).toBe(all);
		expect(await count('?q=%25')).toBe(0);
		// Every word must fit: a kind, a water and a month together find what all three have.
		const kinds = ['Baetis', 'Chironomidae', 'Gammarus', 'Serratella', 'Simuliidae', 'Ephemera'];
		const together = await Promise.all(
			kinds.map(async (kind) => ({
				both: await count(`?q=${kind}+Tessil`),
				alone: Math.min(await count(`?q=${kind}`), await count('?q=Tessil'))
			}))
		);
		expect(together.filter(({ both, alone }) => both > alone)).toEqual([]);
		expect(together.some(({ both, alone }) => both > 0 && both < alone)).toBe(true);
		expect(await count('?q=Baetis+January')).toBe(0);
		expect(await count('?water=Tessil+Brook')).toBe(await count('?q=Tessil+Brook'));
		const byStyle = await Promise.all(STYLE_IDS.map((style) => count(`?style=${style}`)));
		expect(byStyle.filter((found) => found > 0 && found < all).length).toBeGreaterThan(0);
	});

	it.each(['newest', 'oldest', 'kind', 'most', 'largest', 'taken'])(
		'is read to its end, page by page and nothing twice, %s first',
		async (order) => {
			const seen: string[] = [];
			let query: string | undefined = `?order=${order}`;
			for (let pages = 0; query !== undefined && pages < 20; pages++) {
				const text: string = await (await get(apps[0], `/log${query}`, ines)).text();
				seen.push(...[...text.matchAll(/<tr>.*?<\/tr>/gs)].map(([row]) => row).slice(1));
				query = /href="\/log(\?[^"]*after=[^"]*)"/.exec(text)?.[1]?.replaceAll('&amp;', '&');
			}
			const csv = await (await get(apps[0], '/api/v1/export/csv', ines)).text();
			expect(seen).toHaveLength(csv.trim().split('\r\n').length - 1);
			expect(new Set(seen).size).toBe(seen.length);
		}
	);

	it('shows outings as a list and as a calendar, of one’s own alone', async () => {
		const mira = await enterAs(apps[0], 'mira');
		const page = async (query: string, cookie: string) => (await get(apps[0], `/log${query}`, cookie)).text();
		expect(await page('?view=outings', ines)).toContain('Alder Bend, Ovrane');
		const month = await page('?view=calendar&page=2026-05', ines);
		expect(month).toContain('May 2026');
		const outing = /href="\/bank\/([^"]+)\/record"/.exec(month)?.[1] ?? 'none';
		expect(await page('?view=calendar&page=2026-05', mira)).not.toContain(outing);
		expect(await page('?view=outings', mira)).not.toContain(outing);
		expect(await page('?view=calendar&page=1990-01', ines)).toContain('No outing of yours in this month.');
		expect(await page('?view=calendar&page=nonsense', ines)).toContain('May 2026');
	});
});
