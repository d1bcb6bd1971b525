import sharp from 'sharp';
import { afterEach, beforeAll, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/math';
import { PRECISIONS, type Precision } from '../../src/lib/core/record';
import { EMBARGOES, type Embargo } from '../../src/lib/core/share';
import { DEMO_CIRCLE, DEMO_NOW } from '../../src/lib/simulate';
import { demoGuides, signUp } from '../../src/lib/server/accounts';
import { startSession } from '../../src/lib/server/sessions';
import { database } from '../../src/lib/server/database';
import { outingOf, startOuting } from '../../src/lib/server/outings';
import { keepPhoto } from '../../src/lib/server/photos';
import { confirmRecord, shareRecord } from '../../src/lib/server/records';
import { SESSION_COOKIE } from '../../src/lib/server/session-cookie';
import { addReach } from '../../src/lib/server/waters';
import { enterAs, type App } from './app';
import { openCopy, openDatabase } from './house';

/** So many secret places, each shared in some way; and what everybody else then gets to see. */
const PLACES = 240;

interface Secret {
	precision: Precision;
	embargo: Embargo;
	reach: string;
	water: string;
	words: string;
	latitude: number;
	outingId: string;
	recordId: string;
	sharedId: string;
	photoId: string;
	/** As it was said when sharing; unsaid, words go to those who may know the reach. */
	withWords: boolean | undefined;
	withPicture: boolean;
}
let app: App;
const secrets: Secret[] = [];
/** Everything that came to a colleague, and to somebody in no circle. */
let colleague = '';
let stranger = '';

beforeAll(async () => {
	await openDatabase();
	const owner = (await demoGuides()).find(({ handle }) => handle === 'ines')?.id ?? '';
	const jpeg = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#345' } })
		.jpeg()
		.toBuffer();
	const random = seededRandom(606);
	const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
	for (let i = 0; i < PLACES; i++) {
		const latitude = Number((46 + (i + random()) / PLACES).toFixed(6));
		const secret = {
			reach: `Hidden run q${i}q`,
			water: `Secret brook w${i}w`,
			words: `by stone z${i}z`,
			latitude
		};
		const reachId = await addReach(owner, {
			basin: 'Ovrane basin',
			water: secret.water,
			name: secret.reach,
			kind: 'freestone',
			line: [[-20.5, latitude]],
			elevationM: 700,
			timeZone: 'Atlantic/Azores'
		});
		const outingId = crypto.randomUUID();
		await startOuting(owner, { id: outingId, reachId, startedAt: DEMO_NOW, guests: 7 });
		const photoId = crypto.randomUUID();
		await keepPhoto(owner, outingId, photoId, jpeg);
		const outing = await outingOf(owner, outingId);
		if (!outing) throw new Error('no outing');
		const seen = new Date(DEMO_NOW.getTime() - Math.floor(random() * 3_600_000));
		const recordId = await confirmRecord(
			owner,
			outing,
			{
				taxonId: pick(['simuliidae', 'perla', 'chironomidae']),
				stage: 'adult' as const,
				firstSeen: seen,
				mostSeen: seen,
				lastSeen: seen,
				abundance: 'few',
				conditions: { waterC: 9.83, clarityM: 1.37, levelM: 0.123, speedMs: 0.77 },
				riseForms: [],
				taken: 0.5,
				flies: [],
				words: secret.words,
				photoId
			},
			DEMO_NOW
		);
		const [precision, embargo] = [pick(PRECISIONS), pick(EMBARGOES)];
		const [withWords, withPicture] = [pick([undefined, true, false]), random() < 0.5];
		const how = { circleId: DEMO_CIRCLE.id, precision, embargo, withWords, withPicture };
		expect(await shareRecord(owner, recordId, how, DEMO_NOW)).toBe(true);
		// What tells no day appears with others, twice a day; here at once, to be looked at.
		if (precision === 'season' && embargo === 'now')
			await database().query('update shared_record set appears_at = shared_at where record_id = $1', [
				recordId
			]);
		const { rows } = await database().query<{ id: string }>(
			'select id from shared_record where record_id = $1',
			[recordId]
		);
		const sharedId = rows[0]?.id ?? '';
		secrets.push({
			...secret,
			...{ precision, embargo, outingId, recordId, sharedId, photoId, withWords, withPicture }
		});
	}
	app = await openCopy();
	const nobody = await signUp({ handle: 'nobody', name: 'A stranger', password: 'long enough for this' });
	if (nobody === 'taken') throw new Error('taken');
	colleague = await walk(await enterAs(app, 'mira'));
	stranger = await walk(`${SESSION_COOKIE}=${(await startSession(nobody.id)).token}`);
}, 180_000);

/** Looking through so much text takes seconds; that the server closed idle connections meanwhile is to be noticed first. */
afterEach(() => new Promise((resolve) => setTimeout(resolve, 100)));

/** Everything that a session can ask for without knowing an id: pages, their data, exports, and each page of the feed. */
async function walk(cookie: string): Promise<string> {
	const read = async (path: string) =>
		(await fetch(`${app.origin}${path}`, { redirect: 'manual', headers: { cookie } })).text();
	const all: string[] = [];
	for (const path of [
		'/bank',
		'/bank/__data.json',
		'/bank/new',
		'/bank/new/__data.json',
		'/box/__data.json',
		'/log',
		'/log/__data.json',
		'/log?view=outings',
		'/log?view=calendar',
		'/log/bring-in/__data.json',
		'/circle/map',
		'/circle/map/__data.json',
		'/circle/season',
		'/circle/season/__data.json',
		'/circle/boards/__data.json',
		'/settings/__data.json',
		'/atlas/baetis/__data.json',
		'/api/v1/export/csv',
		'/api/v1/export/geojson',
		'/api/v1/export/shared',
		'/api/v1/export/ics',
		'/api/v1/export/expected',
		'/api/v1/export/packet',
		...secrets.flatMap(({ outingId }, i) =>
			i % 12 === 0 ? [`/bank/${outingId}`, `/bank/${outingId}/record/__data.json`] : []
		)
	])
		all.push(await read(path));
	// What one asked for by id is no leak in the answer that says there is no such thing.
	let next: string | undefined = '/circle';
	for (let pages = 0; next && pages < 60; pages++) {
		const page: string = await read(next);
		all.push(page, await read(next.replace('/circle', '/circle/__data.json')));
		next = /href="(\/circle\?after=[^"]+)"/.exec(page)?.[1]?.replaceAll('&amp;', '&');
	}
	return all.join('\n');
}

/** What the event stream of a session says while something is shared. */
async function newsDuring(cookie: string, work: () => Promise<unknown>): Promise<string> {
	const abort = new AbortController();
	const response = await fetch(`${app.origin}/api/v1/events`, { headers: { cookie }, signal: abort.signal });
	const reader = response.body?.getReader();
	let text = '';
	const listening = (async () => {
		for (;;) {
			const next = await reader?.read();
			if (!next || next.done) return;
			text += new TextDecoder().decode(next.value);
		}
	})().catch(() => undefined);
	await work();
	await expect.poll(() => text, { timeout: 10_000 }).toContain('news');
	abort.abort();
	await listening;
	return text;
}

const wordsShown = ({ precision, withWords }: Secret) =>
	withWords ?? (precision === 'exact' || precision === 'reach');
const shown = ({ embargo }: Secret) => embargo === 'now';

it('tells a colleague what was shared, as finely as it was: otherwise the rest would prove nothing', () => {
	for (const secret of secrets.filter(shown)) {
		const { precision, reach, water, words, latitude } = secret;
		if (precision === 'exact') expect(colleague).toContain(String(latitude));
		if (precision === 'exact' || precision === 'reach') {
			expect(colleague).toContain(reach);
		}
		if (wordsShown(secret)) expect(colleague).toContain(words);
		if (precision !== 'basin' && precision !== 'season') expect(colleague).toContain(water);
	}
	expect(secrets.filter(shown).length).toBeGreaterThan(30);
});

it('tells nothing finer than was shared, nothing before its time, and never outing, record or guests', () => {
	for (const secret of secrets) {
		const { precision, reach, water, words, latitude, outingId, recordId } = secret;
		const what = JSON.stringify(secret);
		const now = shown(secret);
		if (!now || precision !== 'exact') expect(colleague, what).not.toContain(String(latitude));
		if (!now || (precision !== 'exact' && precision !== 'reach')) {
			expect(colleague, what).not.toContain(reach);
		}
		if (!now || !wordsShown(secret)) expect(colleague, what).not.toContain(words);
		expect(colleague, what).not.toContain(secret.photoId);
		if (!now || precision === 'basin' || precision === 'season') expect(colleague, what).not.toContain(water);
		expect(colleague, what).not.toContain(recordId);
		expect(colleague, what).not.toContain(outingId);
	}
});

it('tells somebody in no circle nothing at all', () => {
	for (const { reach, water, words, latitude, recordId } of secrets)
		for (const secret of [reach, water, words, String(latitude), recordId])
			expect(stranger).not.toContain(secret);
});

it('gives the picture of a share that takes it along, when it is seen, to those who see it; and nothing of it else', async () => {
	const mira = await enterAs(app, 'mira');
	const got = async (path: string, cookie: string) =>
		(await fetch(`${app.origin}${path}`, { headers: cookie ? { cookie } : {} })).status;
	for (const secret of secrets.slice(0, 60)) {
		const path = `/api/v1/feed/${secret.sharedId}/picture`;
		const sees = shown(secret) && secret.withPicture;
		expect(await got(path, mira), JSON.stringify(secret)).toBe(sees ? 200 : 404);
		expect(await got(path, '')).toBe(401);
		expect(await got(`/api/v1/outings/${secret.outingId}/photos/${secret.photoId}`, mira)).toBe(404);
	}
	const [pictured] = secrets.filter((secret) => shown(secret) && secret.withPicture);
	const response = await fetch(`${app.origin}/api/v1/feed/${pictured?.sharedId}/picture`, {
		headers: { cookie: mira }
	});
	const metadata = await sharp(await response.arrayBuffer()).metadata();
	expect(metadata).not.toHaveProperty('exif');
	expect(metadata).not.toHaveProperty('xmp');
});

it('tells in its events that there is something, and nothing of what', async () => {
	const mira = await enterAs(app, 'mira');
	const [secret] = secrets.filter(({ embargo }) => embargo === 'now');
	if (!secret) throw new Error('none');
	const owner = (await demoGuides()).find(({ handle }) => handle === 'ines')?.id ?? '';
	const how = { circleId: DEMO_CIRCLE.id, precision: 'basin', embargo: 'now' } as const;
	const text = await newsDuring(mira, () => shareRecord(owner, secret.recordId, how, DEMO_NOW));
	for (const told of [secret.reach, secret.water, secret.words, secret.recordId, secret.outingId, 'Ovrane'])
		expect(text).not.toContain(told);
});
