import { beforeAll, expect, it } from 'vitest';
import { enterAs } from '../server/app';
import { demoServer, type DemoServer } from '../server/demo-server';
import { waysIn } from '../server/ways';
import { cost, FAR_TOO_LONG_MS, LONG, print, stands } from './siege';

let server: DemoServer;
let cookie: string;

beforeAll(async () => {
	server = await demoServer();
	cookie = server.cookie;
});

/** As much as a body of JSON may hold. */
const MOST = 1_990_000;
const many = (item: string, most = MOST) =>
	`[${`${item},`.repeat(Math.floor(most / (item.length + 1)) - 1)}${item}]`;
/** Names of the fields that hold lists somewhere, all at once: whichever the schema looks for is there. */
const FIELDS = [
	'notes',
	'records',
	'shares',
	'lots',
	'lengthsMm',
	'marks',
	'box',
	'ownPatterns',
	'sizes',
	'riseForms',
	'rivals',
	'flies',
	'line',
	'earlier',
	'waters'
];
const inEach = (list: string) => `{${FIELDS.map((field) => `"${field}":${list}`).join(',')}}`;
const each = Math.floor(MOST / FIELDS.length) - 20;
const note = (body: string) =>
	`{"id":"019e3f7b-3660-73b6-a224-4d2e75dc4583","at":"2026-05-19T11:40:00Z","kind":"sample","body":${body}}`;

/** Small requests that once cost a great deal: what they hold is bounded by its length alone. */
const BODIES: Record<string, string> = {
	'empty objects': many('{}'),
	nulls: many('null'),
	'empty objects in every list': inEach(many('{}', each)),
	'zeros in every list': inEach(many('0', each)),
	'lists in lists': '['.repeat(MOST / 2) + ']'.repeat(MOST / 2),
	'many fields': `{${Array.from({ length: 150_000 }, (_, i) => `"${i.toString(36)}":0`).join(',')}}`,
	'lengths of one lot': `{"notes":[${note(`{"method":"kick-net","lots":[{"taxonId":"baetis","stage":"nymph","count":1,"lengthsMm":${many('0', MOST - 500)}}]}`)}]}`,
	'lots of one sample': `{"lots":${many('{}', MOST - 100)}}`,
	'one long text': `{"words":"${'a '.repeat(MOST / 2 - 20)}"}`
};

const LISTS = /sample|reading|notes|records|import/;
const ways = waysIn().filter((way) => !/^(GET|page) /.test(way));
const path = (way: string) =>
	way
		.replace(/^\w+ /, '')
		.replace('[id]', server.outingId)
		.replace('[photoId]', server.outingId)
		.replace('[token]', 'a'.repeat(43))
		.replace(/\?(\w+)$/, (_, name: string) => (name === 'default' ? '' : `?/${name}`));

it('never costs more than its length, whatever is sent to whichever way in', async () => {
	const dearest = new Map<string, { ms: number; mb: number }>();
	for (const [at, way] of ways.entries())
		for (const [i, [name, body]] of Object.entries(BODIES).entries()) {
			const action = way.startsWith('action');
			// Forms are no JSON: to them most of these are one and the same.
			if (action && !LONG && name !== 'empty objects in every list') continue;
			// The ways that hold the longest lists get them all, the others each a third, in turn.
			if (!action && !LONG && !LISTS.test(way) && (at + i) % 3 !== 0) continue;
			const spent = await cost(server.app, () =>
				fetch(`${server.app.origin}${path(way)}`, {
					method: action ? 'POST' : (way.split(' ')[0] ?? ''),
					redirect: 'manual',
					headers: {
						cookie,
						origin: server.app.origin,
						accept: 'application/json',
						'content-type': action
							? 'application/x-www-form-urlencoded'
							: way.endsWith('import')
								? 'application/x-ndjson'
								: 'application/json'
					},
					body: action
						? FIELDS.map((field) => `${field}=${body.slice(0, MOST / FIELDS.length)}`).join('&')
						: body
				})
			).catch((error: unknown) => {
				throw new Error(`${name} to ${way}`, { cause: error });
			});
			expect(spent.came.status, `${name} to ${way}`).toBeLessThan(500);
			await spent.came.arrayBuffer();
			if (way === 'action /sign-out?default') cookie = await enterAs(server.app, 'ines');
			const before = dearest.get(name) ?? { ms: 0, mb: 0 };
			dearest.set(name, { ms: Math.max(before.ms, spent.ms), mb: Math.max(before.mb, spent.mb) });
		}
	print('Bodies of 2 MB, the dearest of all ways in:', [...dearest]);
	expect(await stands(server.app)).toBe(true);
	for (const [name, { ms, mb }] of dearest) {
		expect(ms, name).toBeLessThan(FAR_TOO_LONG_MS);
		expect(mb, name).toBeLessThan(300);
	}
});
