import { spawn, type ChildProcess } from 'node:child_process';
import type { LookupAddress } from 'node:dns';
import { once } from 'node:events';
import { mkdtemp, rm, stat } from 'node:fs/promises';
import { request as plainRequest, type IncomingHttpHeaders } from 'node:http';
import { request as secureRequest } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { maskOf, trustFor } from '../../scripts/phone/authority';

import { freePort, type App } from './app';
import { openCopy, openDemo } from './house';

const NAME = 'lacewing-test.local';
let folder: string;
let app: App;
let door: ChildProcess;
let ports: { plain: number; secure: number };
let authority: string;

beforeAll(async () => {
	app = await openDemo({
		...{ HOST_HEADER: 'x-forwarded-host', PROTOCOL_HEADER: 'x-forwarded-proto' },
		...{ ADDRESS_HEADER: 'x-forwarded-for', ORIGIN: undefined }
	});
	folder = await mkdtemp(join(tmpdir(), 'lacewing-door-'));
	// A port that was free may be another test's by the time that the door opens.
	for (let tries = 0; tries < 5 && !(await opened()); tries++);
	expect(door.exitCode).toBeNull();
	({ authority } = await trustFor(folder, [NAME]));
});

/** Opens the door on two ports; false where one of them was taken meanwhile. */
async function opened(): Promise<boolean> {
	ports = { plain: await freePort(), secure: await freePort() };
	door = spawn('node_modules/.bin/tsx', ['scripts/phone/door.ts'], {
		env: {
			...process.env,
			...{ APP: `http://127.0.0.1:${app.port}`, FOLDER: folder, NAME },
			...{ PORT: String(ports.plain), TLS_PORT: String(ports.secure) }
		},
		stdio: ['ignore', 'pipe', 'inherit']
	});
	const own = door;
	let out = '';
	own.stdout?.on('data', (chunk: Buffer) => {
		out += chunk.toString();
	});
	await vi.waitFor(
		() => expect(own.exitCode !== null || out.includes(`https://${NAME}:${ports.secure}`)).toBe(true),
		{ timeout: 30_000 }
	);
	// It tells its addresses before it has them.
	await new Promise((resolve) => setTimeout(resolve, 300));
	return own.exitCode === null;
}
afterAll(async () => {
	door.kill('SIGTERM');
	await once(door, 'exit');
	await rm(folder, { recursive: true });
});

interface Asked {
	host?: string;
	headers?: Record<string, string>;
	form?: Record<string, string>;
}
interface Answer {
	status: number;
	headers: IncomingHttpHeaders;
	body: string;
}

/** Asks as a phone does that trusts the authority alone and finds the name in the network. */
function ask(path: string, { host = NAME, headers = {}, form }: Asked = {}, secure = true): Promise<Answer> {
	const body = form && new URLSearchParams(form).toString();
	const options = {
		...{ host: secure ? NAME : '127.0.0.1', port: secure ? ports.secure : ports.plain, path, ca: authority },
		servername: NAME,
		method: body === undefined ? 'GET' : 'POST',
		lookup: (_name: string, _options: unknown, done: (error: null, list: LookupAddress[]) => void) =>
			done(null, [{ address: '127.0.0.1', family: 4 }]),
		headers: {
			host: `${host}:${secure ? ports.secure : ports.plain}`,
			...(body !== undefined && { 'content-type': 'application/x-www-form-urlencoded', accept: 'text/html' }),
			...headers
		}
	};
	return new Promise((resolve, reject) => {
		const sent = (secure ? secureRequest : plainRequest)(options, (response) => {
			let text = '';
			response.on('data', (chunk: Buffer) => (text += chunk.toString()));
			response.on('end', () =>
				resolve({ status: response.statusCode ?? 0, headers: response.headers, body: text })
			);
		});
		sent.on('error', reject);
		sent.end(body);
	});
}
const home = () => `https://${NAME}:${ports.secure}`;
const enter = (handle: string, secure = true, headers: Record<string, string> = {}) => {
	const origin = secure ? home() : `http://localhost:${ports.plain}`;
	const host = secure ? NAME : 'localhost';
	return ask('/sign-in?/demo', { host, form: { handle }, headers: { origin, ...headers } }, secure);
};

describe('the door for phones', () => {
	it('lets two devices in over TLS by name, each with its own session', async () => {
		const cookies = [];
		for (const handle of ['ines', 'mira']) {
			const entered = await enter(handle);
			expect([entered.status, entered.headers.location]).toEqual([303, '/bank']);
			for (const cookie of entered.headers['set-cookie'] ?? []) expect(cookie).toMatch(/; Secure/);
			cookies.push((entered.headers['set-cookie'] ?? []).map((cookie) => cookie.split(';')[0]).join('; '));
		}
		for (const [i, name] of ['Ines Varrow', 'Mira Oldane'].entries()) {
			const page = await ask('/settings', { headers: { cookie: cookies[i] ?? '' } });
			expect(page.status).toBe(200);
			expect(page.body).toContain(name);
			expect(page.body).not.toContain('can read along');
			expect(page.headers['strict-transport-security']).toBeUndefined();
		}
	});

	it('refuses forms from elsewhere, other names, and what a request says of where it comes from', async () => {
		expect((await enter('ines', true, { origin: 'https://elsewhere.example' })).status).toBe(403);
		expect((await ask('/sign-in', { host: 'elsewhere.example' })).status).toBe(421);
		expect((await ask('/sign-in', { host: 'elsewhere.example' }, false)).status).toBe(421);
		const spoofed = { 'x-forwarded-host': 'elsewhere.example', 'x-forwarded-proto': 'http' };
		const entered = await enter('ines', true, { ...spoofed, 'x-forwarded-for': '10.9.8.7' });
		expect(entered.status).toBe(303);
		expect(entered.headers['set-cookie']?.join()).toContain('Secure');
	});

	it('is this machine’s own way in without TLS too', async () => {
		const entered = await enter('ines', false);
		expect(entered.status).toBe(303);
		expect(entered.headers['set-cookie']?.join()).not.toContain('Secure');
	});

	it('passes live streams through', async () => {
		const cookie =
			(await enter('ines')).headers['set-cookie']?.map((set) => set.split(';')[0]).join('; ') ?? '';
		const heard = await new Promise<string>((resolve, reject) => {
			const sent = secureRequest(
				{
					...{
						host: '127.0.0.1',
						servername: NAME,
						port: ports.secure,
						path: '/api/v1/events',
						ca: authority
					},
					headers: { host: NAME, cookie }
				},
				(response) =>
					response.once('data', (chunk: Buffer) => {
						resolve(chunk.toString());
						sent.destroy();
					})
			);
			sent.on('error', reject);
			sent.end();
		});
		expect(heard).toMatch(/^(retry: 2000\n)?event: (ready|news)/);
	});

	it('keeps its authority to itself, for names nearby alone, and its certificate until names change', async () => {
		const mode = async (name: string) => (await stat(join(folder, name))).mode & 0o077;
		expect([await mode('authority.key'), await mode('door.key'), await mode('.')]).toEqual([0, 0, 0]);
		const first = await trustFor(folder, [NAME]);
		expect((await trustFor(folder, [NAME])).certificate).toBe(first.certificate);
		const wider = await trustFor(folder, [NAME, '192.168.7.7']);
		expect(wider.certificate).not.toBe(first.certificate);
		expect(wider.authority).toBe(first.authority);
		expect([
			maskOf('172.16.0.0', 12),
			maskOf('198.18.0.0', 15),
			maskOf('fc00::', 7),
			maskOf('fe80::', 10)
		]).toEqual([...['255.240.0.0', '255.254.0.0', 'fe00::', 'ffc0::']]);
	});
});

it('without TLS, a private address keeps its session and says that others can read along', async () => {
	const port = await freePort();
	const plain = await openCopy({
		port,
		env: {
			ORIGIN: `http://192.168.0.10:${port}`
		}
	});
	try {
		const entered = await fetch(`${plain.origin}/sign-in?/demo`, {
			method: 'POST',
			redirect: 'manual',
			headers: { origin: `http://192.168.0.10:${port}`, accept: 'text/html' },
			body: new URLSearchParams({ handle: 'ines' })
		});
		expect(entered.status).toBe(303);
		expect(entered.headers.getSetCookie().join()).not.toContain('Secure');
		const cookie = entered.headers.getSetCookie()[0]?.split(';')[0] ?? '';
		const page = await fetch(`${plain.origin}/bank`, { headers: { cookie } });
		expect(await page.text()).toContain('can read along');
	} finally {
		await plain.end();
	}
});
