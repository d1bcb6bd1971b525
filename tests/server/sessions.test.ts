import { beforeAll, expect, it } from 'vitest';
import { signUp } from '../../src/lib/server/accounts';
import { database } from '../../src/lib/server/database';
import { DEVICE_COOKIE, SESSION_COOKIE } from '../../src/lib/server/session-cookie';
import { startSession } from '../../src/lib/server/sessions';
import { ACCOUNT_HEADER } from '../../src/lib/protocol';
import { enterForm } from './app';
import { demoServer, type DemoServer } from './demo-server';

let demo: DemoServer;
beforeAll(async () => {
	demo = await demoServer();
});

const post = (path: string, cookie: string, fields: Record<string, string>) =>
	fetch(`${demo.app.origin}${path}`, {
		method: 'POST',
		redirect: 'manual',
		headers: { origin: demo.app.origin, accept: 'text/html', cookie },
		body: new URLSearchParams(fields)
	});

it('does nothing as somebody else than the page says', async () => {
	const put = (account: string) =>
		fetch(`${demo.app.origin}/api/v1/box`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json', cookie: demo.cookie, [ACCOUNT_HEADER]: account },
			body: JSON.stringify({ patternId: 'parachute-dun-olive', hookSize: 16, count: 3 })
		});
	const [refused, taken] = [await put(crypto.randomUUID()), await put(demo.ines)];
	expect([refused.status, await refused.json()]).toEqual([
		401,
		{
			error: {
				message: 'Somebody else is signed in on this device now.',
				code: 'server.somebody-else-is-signed-in',
				issues: []
			}
		}
	]);
	expect(taken.status).not.toBe(401);
});

it('keeps the cookie for another month from each use, and knows the device after signing out', async () => {
	const entered = await enterForm(demo.app, 'mira');
	const cookies = entered.headers.getSetCookie();
	const session = cookies.find((cookie) => cookie.startsWith(SESSION_COOKIE)) ?? '';
	expect(session).toMatch(/Max-Age=2592000/);
	expect(session).toMatch(/HttpOnly/);
	expect(cookies.some((cookie) => cookie.startsWith(DEVICE_COOKIE) && cookie.includes('HttpOnly'))).toBe(
		true
	);
	const cookie = session.split(';')[0] ?? '';
	const visit = () => fetch(`${demo.app.origin}/settings`, { headers: { cookie }, redirect: 'manual' });
	expect((await visit()).headers.getSetCookie()).toEqual([]);
	await database().query(`update session set used_at = now() - interval '12 days'`);
	expect((await visit()).headers.getSetCookie().join()).toMatch(/Max-Age=2592000/);
	await database().query(`update session set used_at = now() - interval '31 days'`);
	expect((await visit()).headers.get('location')).toBe('/sign-in?next=%2Fsettings');
	await database().query(`update session set used_at = now()`);
	const out = (await post('/sign-out', cookie, {})).headers.getSetCookie();
	expect(out.join()).toContain(SESSION_COOKIE);
	expect(out.join()).not.toContain(DEVICE_COOKIE);
	expect((await visit()).status).toBe(303);
});

it('ends what was open in a browser when another guide enters there', async () => {
	const made = await signUp({ handle: 'lasting', name: 'Lasting', password: 'willow by the weir' });
	if (made === 'taken') throw new Error('taken');
	const cookie = `${SESSION_COOKIE}=${(await startSession(made.id)).token}`;
	await post('/sign-in?/demo', cookie, { handle: 'mira' });
	const after = await fetch(`${demo.app.origin}/settings`, { headers: { cookie }, redirect: 'manual' });
	expect(after.status).toBe(303);
});

it('takes an account away only with its password', async () => {
	const made = await signUp({ handle: 'leaving', name: 'Leaving', password: 'willow by the weir' });
	if (made === 'taken') throw new Error('taken');
	const cookie = `${SESSION_COOKIE}=${(await startSession(made.id)).token}`;
	const there = async () =>
		(await database().query('select from account where id = $1', [made.id])).rowCount === 1;
	for (const fields of ['', 'handle=leaving', 'password=', 'password=willow+by+the+wire']) {
		expect(
			(await post('/settings/leave', cookie, Object.fromEntries(new URLSearchParams(fields)))).status
		).toBe(422);
		expect(await there()).toBe(true);
	}
	expect((await post('/settings/leave', demo.cookie, { password: 'x' })).status).toBe(409);
	expect((await post('/settings/leave', cookie, { password: 'willow by the weir' })).status).toBe(303);
	expect(await there()).toBe(false);
});
