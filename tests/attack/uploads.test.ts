import { request, type ClientRequest } from 'node:http';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/math';
import { DEMO_NOW, simulatedNoteId } from '../../src/lib/simulate';
import { signUp } from '../../src/lib/server/accounts';
import { startSession } from '../../src/lib/server/sessions';
import { database } from '../../src/lib/server/database';
import { SESSION_COOKIE } from '../../src/lib/server/session-cookie';
import { enterAs, type App } from '../server/app';
import { openCopy, openDatabase } from '../server/house';
import { stands } from './siege';

/** One copy as it runs, and one that gives up on slow files sooner, so that a test need not wait for it. */
let app: App;
let brisk: App;
let cookie: string;
const WINDOW_MS = 3_000;

beforeAll(async () => {
	await openDatabase();
	const quiet = { LOG_LEVEL: 'silent', DATABASE_POOL: '4' };
	app = await openCopy({ env: quiet });
	brisk = await openCopy({ env: { ...quiet, RECEIVE_WINDOW_MS: String(WINDOW_MS) } });
	cookie = await enterAs(app, 'ines');
});
afterAll(async () => {
	await Promise.all([app.end('SIGKILL'), brisk.end('SIGKILL')]);
});

const HEAD = '{"kind":"packet","format":"lacewing-packet","version":1,"writtenAt":"2026-05-19T11:40:00Z"}\n';
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Begins to send a file of so many bytes; the caller writes it. */
function sending(
	to: App,
	as: string,
	bytes: number
): { request: ClientRequest; answer: Promise<[number, string]> } {
	const sent = request(`${to.origin}/api/v1/import`, {
		method: 'POST',
		headers: { cookie: as, 'content-type': 'application/x-ndjson', 'content-length': bytes }
	});
	const answer = new Promise<[number, string]>((resolve) => {
		sent.on('response', (response) => {
			let text = '';
			response.on('data', (chunk: Buffer) => (text += chunk.toString()));
			response.on('end', () => resolve([response.statusCode ?? 0, text]));
		});
		sent.on('error', (error) => resolve([0, error.message]));
	});
	return { request: sent, answer };
}
async function newGuide(handle: string): Promise<string> {
	const made = await signUp({ handle, name: handle, password: 'long enough for this' });
	if (made === 'taken') throw new Error('taken');
	return `${SESSION_COOKIE}=${(await startSession(made.id)).token}`;
}
const whole = async (to: App, body: string) => {
	const response = await fetch(`${to.origin}/api/v1/import`, {
		method: 'POST',
		headers: { cookie, 'content-type': 'application/x-ndjson' },
		body
	});
	return [response.status, await response.text()] as const;
};

it('twenty files of ten accounts that drip hold nothing that others need', async () => {
	const guides = await Promise.all(Array.from({ length: 10 }, (_, i) => newGuide(`drip-${i}`)));
	let over = false;
	const drips = new Set<ClientRequest>();
	/** Sends one, and another in its place should it be answered. */
	const drip = (guide: string): void => {
		const { request: one, answer } = sending(app, guide, 1_000_000);
		drips.add(one);
		void answer.then(() => {
			drips.delete(one);
			if (!over) drip(guide);
		});
	};
	for (const guide of guides) for (let i = 0; i < 2; i++) drip(guide);
	const dripping = setInterval(() => drips.forEach((one) => one.write(' ')), 100);
	try {
		// Once both are on their way, a third of one guide's is refused.
		const third = (): Promise<[number, string]> => {
			const one = sending(app, guides[0] ?? '', HEAD.length);
			one.request.end(HEAD);
			return one.answer;
		};
		await expect
			.poll(third, { timeout: 60_000, interval: 500 })
			.toEqual([422, expect.stringContaining('Other files of yours are on their way in')]);
		const { rows } = await database().query<{ count: number }>(
			`select count(*)::int as count from pg_stat_activity
			 where datname = current_database() and state like 'idle in transaction%'`
		);
		expect(rows[0]?.count).toBe(0);
		for (let i = 0; i < 10; i++) {
			expect((await fetch(`${app.origin}/circle`, { headers: { cookie } })).status).toBe(200);
			expect((await whole(app, HEAD))[0]).toBe(200);
		}
	} finally {
		over = true;
		clearInterval(dripping);
		drips.forEach((one) => one.destroy());
	}
	expect(await stands(app)).toBe(true);
});

it('a file that only drips is given up, one that comes slowly but steadily is taken', async () => {
	const dripped = sending(brisk, cookie, 1_000_000);
	const dripping = setInterval(() => dripped.request.write(' '), 100);
	expect(await dripped.answer).toEqual([422, expect.stringContaining('came too slowly')]);
	clearInterval(dripping);
	dripped.request.destroy();

	const line = `${' '.repeat(4_999)}\n`;
	const steps = 9;
	const steady = sending(brisk, cookie, HEAD.length + steps * line.length);
	steady.request.write(HEAD);
	for (let i = 0; i < steps; i++) {
		await pause(WINDOW_MS / 4);
		steady.request.write(line);
	}
	steady.request.end();
	expect((await steady.answer)[0]).toBe(200);
});

it('work that nobody waits for any more stops at once, and leaves nothing', async () => {
	const random = seededRandom(3);
	const lines = Array.from({ length: 60_000 }, () =>
		JSON.stringify({
			...{ kind: 'note', outingId: crypto.randomUUID() },
			note: { id: simulatedNoteId(random, DEMO_NOW), at: DEMO_NOW, kind: 'rise', body: { form: 'nose' } }
		})
	);
	const body = HEAD + lines.join('\n');
	const sent = sending(app, cookie, body.length);
	sent.request.end(body);
	// Whole, and being worked on: then whoever sent it goes away.
	const working = async () =>
		(
			await database().query(
				`select 1 from pg_stat_activity where datname = current_database() and xact_start is not null and pid <> pg_backend_pid()`
			)
		).rowCount;
	await expect.poll(working, { timeout: 60_000, interval: 10 }).toBeGreaterThan(0);
	sent.request.destroy();
	await expect.poll(working, { timeout: 60_000, interval: 20 }).toBe(0);
	expect((await whole(app, HEAD))[0]).toBe(200);
});
