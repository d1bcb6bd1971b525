import { beforeAll, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/math';
import { enterAs } from '../server/app';
import { demoServer, type DemoServer } from '../server/demo-server';
import { waysIn } from '../server/ways';
import { LONG, stands } from './siege';

let server: DemoServer;
let cookie: string;

beforeAll(async () => {
	server = await demoServer();
	cookie = server.cookie;
});

/** Every name of a parameter or field that any way in reads, as far as the sources of the routes tell. */
const NAMES = [
	...[
		'before',
		'after',
		'id',
		'key',
		'q',
		'month',
		'water',
		'style',
		'order',
		'view',
		'page',
		'taxon',
		'stage'
	],
	...['days', 'year', 'settings', 'keep', 'precision', 'paper', 'next', 'from', 'handle', 'name', 'password'],
	...['circleId', 'memberId', 'role', 'sharedId', 'kind', 'text', 'mark', 'taxonId', 'title', 'delayDays'],
	...['waters', 'reachId', 'startedAt', 'guests', 'latitude', 'longitude', 'basin', 'elevationM', 'timeZone'],
	...['fillBox', 'recordId', 'theme', 'system', 'uses', 'namesMayGo', 'throat', 'session', 'current'],
	...['__proto__', 'constructor', 'toString', 'hasOwnProperty', '/enter', '/nothing', '/__proto__']
];
const VALUES = [
	...['', ' ', '0', '-1', '1', '16', 'NaN', 'Infinity', '1e999', '99999999999999999999', '0x10', '1.5'],
	...['null', 'undefined', 'true', '[]', '{}', '[[[[', '{"columns":{}}', "'; drop table note; --", '%', '%s'],
	...['\0', 'a\0b', '\ud800', '\u202e', '\u200b', '￿', '../../etc/passwd', '..%2f', '/\t/elsewhere.example'],
	...['//elsewhere.example', '/\\elsewhere.example', 'javascript:alert(1)', 'constructor', '__proto__'],
	...[
		'2026-05-19',
		'2026-02-31',
		'2026-02-31T10:00:00Z',
		'+275760-09-13T00:00:00Z',
		'-000001-01-01T00:00:00Z'
	],
	...['9999-12-31T23:59:59Z', '2026-05-19T11:40:00Z', '0000-00', '1990-01', '2099-12', '2101-13'],
	...['00000000-0000-0000-0000-000000000000', 'baetis', 'dun', 'newest', 'taken', 'outings', 'calendar'],
	...['Ovrane', 'csv', 'water', 'saw-it-too', 'word', 'x'.repeat(5_000), '\ufeff', 'İ', 'ﬁ', '🜚']
];
const SENT = [
	'application/json',
	'application/x-www-form-urlencoded',
	'text/csv',
	'application/x-ndjson',
	'image/png',
	'text/plain',
	''
];

it('answers whatever is asked of any way in, with no fault of its own and no dropped connection', async () => {
	const seed = Number(process.env['FUZZ_SEED'] ?? 20260519);
	const random = seededRandom(seed);
	const one = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
	const ways = waysIn().filter((way) => way !== 'GET /api/v1/events');
	/** A text as it may stand in an address; a broken half of a character as the bytes it would be. */
	const encoded = (text: string) => (text.isWellFormed() ? encodeURIComponent(text) : '%ED%A0%80');
	for (let i = 0; i < (LONG ? 10_000 : 400); i++) {
		const way = ways[i % ways.length] ?? '';
		const [verb = '', route = ''] = way.split(' ');
		const [path = '', action] = route.split('?');
		const address = path.replaceAll(/\[\w+\]/g, () =>
			random() < 0.3 ? server.outingId : encoded(one(VALUES)) || 'x'
		);
		const query = Array.from(
			{ length: Math.floor(random() * 4) },
			() => `${encoded(one(NAMES))}=${encoded(one(VALUES))}`
		);
		if (action && action !== 'default') query.unshift(`/${action}`);
		const method = verb === 'page' ? 'GET' : verb === 'action' ? 'POST' : verb;
		const type = verb === 'action' && random() < 0.8 ? 'application/x-www-form-urlencoded' : one(SENT);
		const fields = Array.from({ length: 6 }, () => [one(NAMES), one(VALUES)] as const);
		const body =
			method === 'GET' || method === 'DELETE'
				? undefined
				: type === 'application/json'
					? JSON.stringify(Object.fromEntries(fields))
					: fields.map(([name, value]) => `${encoded(name)}=${encoded(value)}`).join(one(['&', '\n', ',']));
		const told = `${i} of seed ${seed}: ${method} ${address}?${query.join('&')} ${type} ${body?.slice(0, 400)}`;
		const response = await fetch(`${server.app.origin}${address}?${query.join('&')}`, {
			method,
			redirect: 'manual',
			headers: {
				...{ origin: server.app.origin, accept: random() < 0.5 ? 'application/json' : 'text/html' },
				...(random() < 0.9 && { cookie }),
				...(type && body !== undefined && { 'content-type': type })
			},
			...(body !== undefined && { body })
		}).catch((error: unknown) => {
			throw new Error(told, { cause: error });
		});
		expect(response.status, told).toBeLessThan(500);
		const location = response.headers.get('location');
		if (location) expect(new URL(location, server.app.origin).origin, told).toBe(server.app.origin);
		const text = await response.text();
		// What an action says of itself goes in the body.
		const said = /"status":(\d+)/.exec(text.slice(0, 200))?.[1];
		if (said) expect(Number(said), told).toBeLessThan(500);
		if (route === '/sign-out?default') cookie = await enterAs(server.app, 'ines');
	}
	expect(await stands(server.app)).toBe(true);
});
