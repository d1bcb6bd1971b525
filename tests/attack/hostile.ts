/**
 * Those who mean harm, each without a pause: run as a process of its own beside the soak, so that their own work is not
 * taken for the server's. ORIGIN, COOKIE and OUTING say whom they attack and as whom, MS for how long, ONLY one of them.
 */
import { request } from 'node:http';
import sharp from 'sharp';
import { DEMO_NOW } from '../../src/lib/simulate';
import { enterForm, send } from '../server/app';

const need = (name: string): string => {
	const value = process.env[name];
	if (value === undefined) throw new Error(`${name} is not set.`);
	return value;
};
const app = { origin: need('ORIGIN') };
const [cookie, outingId, only] = [need('COOKIE'), need('OUTING'), process.env['ONLY']];
const until = performance.now() + Number(need('MS'));
const over = (): boolean => performance.now() > until;
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Repeats something until it is over; what fails is the attacker's own affair. */
async function loop(work: (turn: number) => Promise<unknown>, restMs = 0): Promise<void> {
	for (let turn = 0; !over(); turn++) {
		await work(turn).catch(() => undefined);
		await pause(restMs);
	}
}

const bomb = new Uint8Array(
	await sharp({ create: { width: 6_000, height: 6_000, channels: 3, background: '#456' } })
		.png({ progressive: true, compressionLevel: 9 })
		.toBuffer()
);
const post = async (path: string, body: BodyInit, type = 'application/json', method = 'POST') => {
	const response = await fetch(`${app.origin}${path}`, {
		method,
		redirect: 'manual',
		headers: { cookie, origin: app.origin, accept: 'application/json', 'content-type': type },
		body
	});
	await response.arrayBuffer();
};
const empties = `[${'{},'.repeat(660_000)}{}]`;
const bodies = [empties, `{"notes":${empties}}`, `{"lots":${empties}}`, '['.repeat(1_900_000)];
const junk = `${'x,'.repeat(2_000)}\n`.repeat(1_200);
/** Each by what it does. */
const attacks: Record<string, () => Promise<void>> = {
	'long bodies': () => loop((turn) => post('/api/v1/sample', bodies[turn % bodies.length] ?? '')),
	'long bodies to notes': () =>
		loop((turn) => post(`/api/v1/outings/${outingId}/notes`, bodies[turn % bodies.length] ?? '')),
	'files of junk': () => loop(() => post('/api/v1/import', junk, 'application/x-ndjson')),
	'pictures that unfold': () =>
		loop(() => post(`/api/v1/outings/${outingId}/photos/${crypto.randomUUID()}`, bomb, 'image/png', 'PUT')),
	guesses: () =>
		loop(async (turn) => {
			const body = new URLSearchParams({ handle: `nobody-${turn % 50}`, password: 'a wrong guess' });
			await post('/sign-in?/enter', body, 'application/x-www-form-urlencoded');
		}),
	streams: () =>
		loop(async () => {
			const ends = new AbortController();
			const open = Array.from({ length: 20 }, () =>
				fetch(`${app.origin}/api/v1/events`, { headers: { cookie }, signal: ends.signal }).catch(
					() => undefined
				)
			);
			await pause(100);
			ends.abort();
			await Promise.all(open);
		}, 50),
	'pages over and over': () =>
		loop(async (turn) => {
			const path = ['/circle', '/circle/map', '/log', `/weights`, '/atlas'][turn % 5];
			await (await fetch(`${app.origin}${path}`, { headers: { cookie } })).arrayBuffer();
		}),
	'heavy questions': () =>
		loop(async () => {
			const response = await send(app, '/api/v1/reading', { place: {}, at: DEMO_NOW, notes: [] });
			await response.arrayBuffer();
		}),
	drips: () =>
		loop(async () => {
			const sent = request(`${app.origin}/api/v1/import`, {
				method: 'POST',
				headers: { cookie, 'content-type': 'application/x-ndjson', 'content-length': 1_000_000 }
			});
			const gone = new Promise((resolve) => sent.on('error', resolve).on('response', resolve));
			for (let i = 0; i < 20; i++) {
				sent.write(' ');
				await Promise.race([pause(100), gone]);
			}
			sent.destroy();
		}),
	'entering as everybody': () =>
		loop(async () => void (await (await enterForm(app, 'tomas')).arrayBuffer()), 50)
};

await Promise.all(
	Object.entries(attacks).flatMap(([name, begin]) => (!only || name === only ? [begin()] : []))
);
