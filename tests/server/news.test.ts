import { beforeAll, expect, it } from 'vitest';
import { DEMO_CIRCLE, DEMO_NOW } from '../../src/lib/simulate';
import { database } from '../../src/lib/server/database';
import { enterAs, freePort, send, type App } from './app';
import { openCopy, openDatabase } from './house';

const apps: App[] = [];

beforeAll(async () => {
	await openDatabase();
	apps.push(await openCopy({ port: await freePort() }), await openCopy({ port: await freePort() }));
});

/** Follows one copy's events as a browser would, and counts what it hears. */
async function follow(app: App, cookie: string) {
	const abort = new AbortController();
	const response = await fetch(`${app.origin}/api/v1/events`, { headers: { cookie }, signal: abort.signal });
	let text = '';
	const listen = async () => {
		for await (const chunk of response.body ?? []) text += Buffer.from(chunk).toString();
	};
	const ended = listen().then(
		() => 'ended' as const,
		() => 'lost' as const
	);
	const heard = async (event: string, times: number) => {
		for (let tries = 0; tries < 100; tries++) {
			if (text.split(`event: ${event}\n`).length - 1 >= times) return true;
			await new Promise((resolve) => setTimeout(resolve, 50));
		}
		return false;
	};
	await heard('ready', 1);
	return { heard, ended, text: () => text, close: () => abort.abort() };
}

async function share(app: App, cookie: string, stage: string): Promise<void> {
	const { rows } = await database().query<{ id: string }>('select id from outing where ended_at is null');
	const at = DEMO_NOW.toISOString();
	const record = {
		taxonId: 'baetis',
		stage,
		firstSeen: at,
		mostSeen: at,
		lastSeen: at,
		abundance: 'few',
		conditions: {},
		riseForms: [],
		taken: 0.5,
		flies: []
	};
	const shares = [{ circleId: DEMO_CIRCLE.id, precision: 'water' }];
	const response = await send(app, `/api/v1/outings/${rows[0]?.id}/records`, { record, shares }, cookie);
	expect(response.status).toBe(200);
}

it('brings news of one copy to readers at the other, and none of a circle they are not in', async () => {
	const [first, second] = apps as [App, App];
	const ines = await enterAs(first, 'ines');
	const mira = await follow(second, await enterAs(second, 'mira'));
	await database().query(
		`delete from circle_member where account_id = (select id from account where handle = 'jorun')`
	);
	const jorun = await follow(second, await enterAs(second, 'jorun'));
	await share(first, ines, 'dun');
	expect(await mira.heard('news', 1)).toBe(true);
	expect(mira.text()).toMatch(/event: news\ndata: \{\}/);
	expect(mira.text()).not.toMatch(/[0-9a-f]{8}-[0-9a-f]{4}/);
	await new Promise((resolve) => setTimeout(resolve, 300));
	expect(jorun.text()).not.toContain('news');
	mira.close();
	jorun.close();
});

it('lets readers of a killed copy catch up from where they were', async () => {
	const [first, second] = apps as [App, App];
	const ines = await enterAs(first, 'ines');
	const cookie = await enterAs(second, 'mira');
	const before = await follow(second, cookie);
	const { port } = second;
	await second.end('SIGKILL');
	await before.ended;
	await share(first, ines, 'spinner');

	apps[1] = await openCopy({ port });
	const after = await follow(apps[1], cookie);
	// The page reloads the feed on `ready`; what was shared meanwhile is in it.
	const feed = await (await fetch(`${apps[1].origin}/circle`, { headers: { cookie } })).text();
	expect(feed).toContain('Olive spinner');
	await share(first, ines, 'emerger');
	expect(await after.heard('news', 1)).toBe(true);
	after.close();
});

it('goes on listening after the database has dropped its connections', async () => {
	const [first, second] = apps as [App, App];
	const ines = await enterAs(first, 'ines');
	const reader = await follow(second, await enterAs(second, 'mira'));
	await database()
		.query(
			'select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()'
		)
		.catch(() => undefined);
	// Told to catch up once the connection is back, whether or not something was missed.
	expect(await reader.heard('news', 1)).toBe(true);
	await share(first, ines, 'cripple');
	expect(await reader.heard('news', 2)).toBe(true);
	reader.close();
});

it('ends the open streams of who signs out, on every copy, and of nobody else', async () => {
	const [first, second] = apps as [App, App];
	const cookie = await enterAs(first, 'tomas');
	const leaving = await follow(second, cookie);
	const staying = await follow(second, await enterAs(first, 'mira'));
	let left = false;
	void leaving.ended.then(() => (left = true));
	await fetch(`${first.origin}/sign-out`, {
		method: 'POST',
		redirect: 'manual',
		headers: { cookie, origin: first.origin, 'content-type': 'application/x-www-form-urlencoded' }
	});
	await expect.poll(() => left, { timeout: 10_000 }).toBe(true);
	await share(first, await enterAs(first, 'ines'), 'dun');
	expect(await staying.heard('news', 1)).toBe(true);
	staying.close();
});
