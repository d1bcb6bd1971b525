import { request } from 'node:http';
import { gunzipSync } from 'node:zlib';
import { beforeAll, describe, expect, it } from 'vitest';
import { readsGzip } from '../../src/lib/server/compress';

import { enterAs, type App } from './app';
import { openDemo } from './house';

let app: App;
let cookie: string;

beforeAll(async () => {
	app = await openDemo();
	cookie = await enterAs(app, 'ines');
});

/** An answer as it comes over the wire, nothing unpacked. */
function raw(path: string, accepted?: string, method = 'GET') {
	return new Promise<{ headers: NodeJS.Dict<string | string[]>; bytes: Buffer; status: number }>(
		(done, failed) => {
			const asked = request(
				`${app.origin}${path}`,
				{ method, headers: { cookie, ...(accepted !== undefined && { 'accept-encoding': accepted }) } },
				(response) => {
					const parts: Buffer[] = [];
					response.on('data', (part: Buffer) => parts.push(part));
					response.on('end', () =>
						done({ headers: response.headers, bytes: Buffer.concat(parts), status: response.statusCode ?? 0 })
					);
				}
			);
			asked.on('error', failed);
			asked.end();
		}
	);
}

describe('text', () => {
	it.each([
		'/bank',
		'/circle',
		'/atlas',
		'/settings',
		'/api/v1/openapi.json',
		'/api/v1/export/csv',
		'/api/v1/export/packet'
	])('leaves compressed for whoever reads gzip, the same otherwise: %s', async (path) => {
		const [packed, plain] = [await raw(path, 'gzip, deflate, br'), await raw(path)];
		expect(packed.headers['content-encoding']).toBe('gzip');
		expect(plain.headers['content-encoding']).toBeUndefined();
		for (const { headers } of [packed, plain]) expect(headers['vary']).toMatch(/accept-encoding/i);
		const unpacked = gunzipSync(packed.bytes).toString();
		expect(packed.bytes.length).toBeLessThan(0.5 * unpacked.length);
		// Pages carry a nonce, and a packet the moment it was written.
		const steady = (text: string) =>
			text.replaceAll(/nonce="[^"]*"|"writtenAt":"[^"]*"|__sveltekit_\w+|new Date\(\d+\)/g, '');
		expect(steady(unpacked)).toBe(steady(plain.bytes.toString()));
	});

	it('is left as it is where it is short, and where it is no text', async () => {
		expect((await raw('/healthz', 'gzip')).headers['content-encoding']).toBeUndefined();
		expect((await raw('/card.pdf', 'gzip')).headers['content-encoding']).toBeUndefined();
		expect((await raw('/bank', 'gzip', 'HEAD')).bytes).toHaveLength(0);
		expect((await raw('/bank', 'identity')).headers['content-encoding']).toBeUndefined();
	});

	it('keeps an event stream open and unpacked', async () => {
		const abort = new AbortController();
		const response = await fetch(`${app.origin}/api/v1/events`, {
			headers: { cookie, 'accept-encoding': 'gzip' },
			signal: abort.signal
		});
		expect(response.headers.get('content-encoding')).toBeNull();
		const reader = response.body?.getReader();
		const { value } = (await reader?.read()) ?? {};
		expect(Buffer.from(value ?? []).toString()).toContain('event: ready');
		abort.abort();
	});

	it('of the app itself leaves compressed too', async () => {
		const page = (await raw('/bank')).bytes.toString();
		const script = /_app\/immutable\/entry\/start\.[\w-]+\.js/.exec(page)?.[0];
		const answer = await raw(`/${script}`, 'gzip, br');
		expect(answer.status).toBe(200);
		expect(answer.headers['content-encoding']).toMatch(/br|gzip/);
	});
});

it.each([
	['gzip', true],
	['br, gzip;q=0.5', true],
	['*', true],
	['gzip;q=0', false],
	['br', false],
	['', false],
	[null, false]
])('reads "%s" as a request for gzip or not', (accepted, reads) => {
	expect(readsGzip(accepted)).toBe(reads);
});
