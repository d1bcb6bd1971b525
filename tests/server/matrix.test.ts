import sharp from 'sharp';
import { beforeAll, expect, it } from 'vitest';
import { DEMO_BASIN, DEMO_NOW } from '../../src/lib/simulate';
import { signUp } from '../../src/lib/server/accounts';
import { hashOf } from '../../src/lib/server/tokens';
import { startSession } from '../../src/lib/server/sessions';
import { createCircle, invite, joinCircle, removeMember } from '../../src/lib/server/circles';
import { database } from '../../src/lib/server/database';
import { replyTo } from '../../src/lib/server/feed';
import { addName } from '../../src/lib/server/guides-names';
import { outingOf, startOuting } from '../../src/lib/server/outings';
import { addOwnPattern } from '../../src/lib/server/own-patterns';
import { keepPhoto } from '../../src/lib/server/photos';
import { putUpBoard, recordedWaters } from '../../src/lib/server/public-boards';
import { confirmRecord, shareRecord } from '../../src/lib/server/records';
import { SESSION_COOKIE } from '../../src/lib/server/session-cookie';
import { addReach } from '../../src/lib/server/waters';
import { type App } from './app';
import { openCopy, openDatabase } from './house';
import { waysIn } from './ways';

/**
 * Who may do what, on every way there is: nobody, somebody of no circle, the reader, guide and keeper of a circle,
 * the guide of that circle whose outing it is, one who was taken out of it, and one whose invitation ran out.
 */
const ROLES = ['nobody', 'stranger', 'reader', 'guide', 'keeper', 'owner', 'removed', 'expired'] as const;
type Role = (typeof ROLES)[number];
/** A status, or where one is sent. */
type Outcome = number | string;
type Expected = Record<Role, Outcome>;

const all = (outcome: Outcome): Expected =>
	Object.fromEntries(ROLES.map((role) => [role, outcome])) as Expected;
const SIGN_IN = '→ /sign-in';
/** A page for whoever is signed in. */
const page = (outcome: Outcome = 200): Expected => ({ ...all(outcome), nobody: SIGN_IN });
const ownPage: Expected = { ...page(404), owner: 200 };
/** A way for programs, for whoever is signed in. */
const api = (outcome: Outcome = 200): Expected => ({ ...all(outcome), nobody: 401 });
const ownApi = (outcome: Outcome = 200): Expected => ({ ...api(404), owner: outcome });
const members = { reader: 200, guide: 200, keeper: 200, owner: 200 };

let app: App;
const ids = {} as Record<Role, string>;
const cookies = { nobody: '' } as Record<Role, string>;
/** What there is to reach for: all of it the owner's, or of the circle. */
let there: {
	circleId: string;
	otherToken: string;
	expiredToken: string;
	reachId: string;
	outingId: string;
	photoId: string;
	recordId: string;
	sharedId: string;
	waterId: string;
	boardToken: string;
};
let jpeg: Uint8Array<ArrayBuffer>;
let serial = 0;

beforeAll(async () => {
	await openDatabase();
	for (const role of ROLES.filter((one) => one !== 'nobody')) ids[role] = await newAccount(role);
	for (const role of ROLES.filter((one) => one !== 'nobody')) cookies[role] = await cookieOf(ids[role]);

	const circleId = await createCircle(ids.keeper, 'Matrix circle');
	const link = async (id: string, keeper: string, role: 'guide' | 'reader') =>
		(await invite(keeper, { circleId: id, days: '30', uses: 'any', role }, DEMO_NOW))?.token ?? '';
	for (const role of ['reader', 'guide', 'owner', 'removed'] as const)
		await joinCircle(
			ids[role],
			await link(circleId, ids.keeper, role === 'reader' ? 'reader' : 'guide'),
			DEMO_NOW
		);
	await removeMember(ids.keeper, circleId, ids.removed, DEMO_NOW);
	const expiredToken = await link(circleId, ids.keeper, 'guide');
	await database().query('update invitation set expires_at = $1 where token_hash = $2', [
		new Date(DEMO_NOW.getTime() - 1),
		hashOf(expiredToken)
	]);
	const host = await newAccount('host');
	const otherToken = await link(await createCircle(host, 'Another circle'), host, 'guide');

	const reachId = await addReach(ids.owner, {
		...{ basin: 'Matrix basin', water: 'Matrix water', name: 'Matrix run', kind: 'freestone' },
		...{ line: [[-20.3, 47.1]], elevationM: 700, timeZone: 'Atlantic/Azores' }
	});
	const outingId = crypto.randomUUID();
	await startOuting(ids.owner, { id: outingId, reachId, startedAt: DEMO_NOW, guests: 1 });
	const photoId = crypto.randomUUID();
	jpeg = new Uint8Array(
		await sharp({ create: { width: 40, height: 30, channels: 3, background: '#345' } })
			.jpeg()
			.toBuffer()
	);
	await keepPhoto(ids.owner, outingId, photoId, jpeg);
	const outing = await outingOf(ids.owner, outingId);
	if (!outing) throw new Error('no outing');
	const recordId = await confirmRecord(ids.owner, outing, { ...record(), photoId }, DEMO_NOW);
	there = { circleId, otherToken, expiredToken, reachId, outingId, photoId, recordId } as typeof there;
	await share();
	const [water] = await recordedWaters(ids.owner);
	there.waterId = water?.id ?? '';
	there.boardToken = await putUp();
	app = await openCopy({ env: { API_PER_MINUTE: '100000' } });
}, 120_000);

async function newAccount(handle: string): Promise<string> {
	const made = await signUp({ handle: `m-${handle}`, name: `M ${handle}`, password: 'long enough for this' });
	if (made === 'taken') throw new Error('taken');
	return made.id;
}
const cookieOf = async (id: string) => `${SESSION_COOKIE}=${(await startSession(id)).token}`;
const seen = new Date(DEMO_NOW.getTime() - 60_000);
const record = () => ({
	...{ taxonId: 'baetis', stage: 'dun' as const, firstSeen: seen, mostSeen: seen, lastSeen: seen },
	...{ abundance: 'few' as const, conditions: {}, riseForms: [], taken: 0.4, flies: [] }
});
/** Shares the owner's record, and knows under which id. */
async function share(): Promise<void> {
	const how = { circleId: there.circleId, precision: 'water', embargo: 'now', withPicture: true } as const;
	await shareRecord(ids.owner, there.recordId, how, DEMO_NOW);
	const { rows } = await database().query<{ id: string }>(
		'select id from shared_record where record_id = $1',
		[there.recordId]
	);
	there.sharedId = rows[0]?.id ?? '';
}
const putUp = () => {
	const board = { title: 'Matrix board', precision: 'water', delayDays: '0' } as const;
	return putUpBoard(ids.owner, { ...board, waters: [there.waterId] }, DEMO_NOW);
};
const INVITED = { days: '1', uses: 'one', role: 'guide' } as const;
const invited = async () =>
	(await invite(ids.keeper, { circleId: there.circleId, ...INVITED }, DEMO_NOW))?.token ?? '';
/** The id of what goes by a link. */
async function idOfLink(kind: 'public_board' | 'invitation', token: string): Promise<string> {
	const { rows } = await database().query<{ id: string }>(`select id from ${kind} where token_hash = $1`, [
		hashOf(token)
	]);
	return rows[0]?.id ?? '';
}
/** The id of what the owner wrote last. */
async function idOfLast(kind: 'own_name' | 'feed_reply'): Promise<string> {
	const [by, whose] = kind === 'own_name' ? ['created_at', 'account_id'] : ['at', 'author_id'];
	const { rows } = await database().query<{ id: string }>(
		`select id from ${kind} where ${whose} = $1 order by ${by} desc limit 1`,
		[ids.owner]
	);
	return rows[0]?.id ?? '';
}

interface Asked {
	path: string;
	init?: RequestInit;
}
const get = (path: string): Asked => ({ path });
const sends = (method: string, path: string, body: unknown): Asked => ({
	path,
	init: { method, body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }
});
const posts = (path: string, fields: Record<string, string> = {}): Asked => ({
	path,
	init: {
		method: 'POST',
		body: new URLSearchParams(fields),
		headers: { accept: 'application/json', 'content-type': 'application/x-www-form-urlencoded' }
	}
});
const outing = (rest = '') => `/bank/${there.outingId}${rest}`;
const outingApi = (rest: string) => `/api/v1/outings/${there.outingId}/${rest}`;
const note = () => ({ id: crypto.randomUUID(), at: DEMO_NOW, kind: 'rise', body: { form: 'nose' } });

/** Every way into the server, how each tries it, and what comes of it. */
const WAYS: Record<string, [ask: (role: Role) => Asked | Promise<Asked>, expected: Expected]> = {
	'page /': [() => get('/'), { ...all('→ /bank'), nobody: SIGN_IN }],
	'page /sign-in': [() => get('/sign-in'), { ...all('→ /bank'), nobody: 200 }],
	'page /sign-up': [() => get('/sign-up'), { ...all('→ /bank'), nobody: 200 }],
	'page /sign-out': [() => get('/sign-out'), all('→ /settings')],
	'page /bank': [() => get('/bank'), page()],
	'page /bank/new': [() => get('/bank/new'), page()],
	'page /bank/[id]': [() => get(outing()), ownPage],
	'page /bank/[id]/line': [() => get(outing('/line')), ownPage],
	'page /bank/[id]/record': [() => get(outing('/record')), ownPage],
	'page /bank/[id]/stand': [() => get(outing('/stand')), ownPage],
	'page /bank/[id]/tray': [() => get(outing('/tray')), ownPage],
	'page /bank/[id]/watch': [() => get(outing('/watch')), ownPage],
	'page /atlas': [() => get('/atlas'), page()],
	'page /atlas/[id]': [() => get('/atlas/baetis'), page()],
	'page /atlas/key': [() => get('/atlas/key'), page()],
	'page /weights': [() => get('/weights'), page()],
	// In development alone.
	'page /workbench': [() => get('/workbench'), all(404)],
	'page /box': [() => get('/box'), page()],
	'page /box/new': [() => get('/box/new'), page()],
	'page /log': [() => get('/log'), page()],
	'page /log/bring-in': [() => get('/log/bring-in'), page()],
	'page /circle': [() => get('/circle'), page()],
	'page /circle/boards': [() => get('/circle/boards'), page()],
	'page /circle/map': [() => get('/circle/map'), page()],
	'page /circle/season': [() => get('/circle/season'), page()],
	'page /settings': [() => get('/settings'), page()],
	'page /settings/hooks': [() => get('/settings/hooks'), page()],
	'page /settings/account': [() => get('/settings/account'), page()],
	'page /settings/leave': [() => get('/settings/leave'), page()],
	'page /join/[token]': [() => get(`/join/${there.otherToken}`), page()],
	'page /join/[token] run out': [() => get(`/join/${there.expiredToken}`), page(410)],
	'page /board/[token]': [() => get(`/board/${there.boardToken}`), all(200)],
	'page /board/[token] of none': [() => get('/board/aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa'), all(410)],

	'GET /healthz': [() => get('/healthz'), all(200)],
	'GET /card.pdf': [() => get('/card.pdf'), all(200)],
	'GET /card.svg': [() => get('/card.svg'), all(200)],
	'GET /fauna/[region]': [() => get('/fauna/japan'), all(200)],
	'GET /fauna/[region] of none': [() => get('/fauna/atlantis'), all(404)],
	'GET /api/v1/openapi.json': [() => get('/api/v1/openapi.json'), all(200)],
	// Open to all: they compute, and store nothing. An empty question is not right, for whomever.
	...Object.fromEntries(
		['advice', 'approach', 'drift', 'hook', 'identify', 'match', 'reading', 'rig', 'sample'].map((name) => [
			`POST /api/v1/${name}`,
			[() => sends('POST', `/api/v1/${name}`, []), all(422)]
		])
	),
	'GET /api/v1/events': [() => get('/api/v1/events'), api()],
	'GET /api/v1/export/[format]': [() => get('/api/v1/export/csv'), api()],
	'POST /api/v1/import': [
		() => ({
			path: '/api/v1/import',
			init: {
				method: 'POST',
				body: '{"kind":"packet","format":"lacewing-packet","version":1,"writtenAt":"2026-05-19T11:40:00Z"}\n',
				headers: { 'content-type': 'application/x-ndjson' }
			}
		}),
		api()
	],
	'PUT /api/v1/hooks': [() => sends('PUT', '/api/v1/hooks', { steps: {}, dressShort: true }), api(204)],
	'action /box?fill': [
		() => posts('/box?/fill', { reachId: DEMO_BASIN.reaches[0]?.id ?? '', month: '5' }),
		page()
	],
	'PUT /api/v1/box': [
		() =>
			sends('PUT', '/api/v1/box', { patternId: 'hanging-parachute-emerger-olive', hookSize: 18, count: 2 }),
		api(204)
	],
	'POST /api/v1/patterns': [
		() => sends('POST', '/api/v1/patterns', { name: 'Fly', style: 'spent-wing', belly: 'rust', sizes: [16] }),
		api(201)
	],
	'DELETE /api/v1/patterns/[id]': [
		async () => {
			const fly = { name: 'Fly', style: 'spent-wing', belly: 'rust', sizes: [16] } as const;
			const made = await addOwnPattern(ids.owner, { ...fly, sizes: [16] });
			return { path: `/api/v1/patterns/${made}`, init: { method: 'DELETE' } };
		},
		ownApi(204)
	],
	'POST /api/v1/outings': [
		() =>
			sends('POST', '/api/v1/outings', {
				...{ id: crypto.randomUUID(), reachId: there.reachId, startedAt: DEMO_NOW, guests: 0 }
			}),
		{ ...api(409), owner: 201 }
	],
	'POST /api/v1/outings/[id]/notes': [() => sends('POST', outingApi('notes'), { notes: [note()] }), ownApi()],
	'POST /api/v1/outings/[id]/records': [
		() =>
			sends('POST', outingApi('records'), { record: { ...record(), photoId: there.photoId }, shares: [] }),
		ownApi()
	],
	'GET /api/v1/outings/[id]/photos/[photoId]': [() => get(outingApi(`photos/${there.photoId}`)), ownApi()],
	'PUT /api/v1/outings/[id]/photos/[photoId]': [
		() => ({
			path: outingApi(`photos/${crypto.randomUUID()}`),
			init: { method: 'PUT', body: jpeg, headers: { 'content-type': 'image/jpeg' } }
		}),
		ownApi()
	],
	'GET /api/v1/outings/[id]/watch.csv': [() => get(outingApi('watch.csv')), ownApi()],
	'GET /api/v1/feed/[id]/picture': [
		() => get(`/api/v1/feed/${there.sharedId}/picture`),
		{ ...api(404), ...members }
	],

	'action /sign-in?enter': [
		() => posts('/sign-in?/enter', { handle: 'm-owner', password: 'not the right one' }),
		all(400)
	],
	'action /sign-in?demo': [() => posts('/sign-in?/demo', { handle: 'ines' }), all('→ /bank')],
	'action /sign-up?default': [
		() => posts('/sign-up', { handle: `m-new-${++serial}`, name: 'New', password: 'long enough for this' }),
		all('→ /bank')
	],
	'action /sign-out?default': [() => posts('/sign-out'), all(SIGN_IN)],
	'action /settings?default': [() => posts('/settings', { theme: 'none of ours' }), page(422)],
	'action /settings/account?password': [
		() => posts('/settings/account?/password', { current: 'not the right one', new: 'over the far riffle' }),
		page(422)
	],
	'action /settings/account?end': [
		() => posts('/settings/account?/end', { id: crypto.randomUUID() }),
		page(404)
	],
	'action /settings/account?endOthers': [() => posts('/settings/account?/endOthers'), page()],
	'action /settings/leave?default': [() => posts('/settings/leave', { handle: 'ines' }), page(422)],
	'action /bank/new?begin': [
		() =>
			posts('/bank/new?/begin', {
				...{ id: crypto.randomUUID(), reachId: there.reachId, startedAt: DEMO_NOW.toISOString(), guests: '0' }
			}),
		{ ...page(409), owner: '→ /bank/ID' }
	],
	'action /bank/new?reach': [
		() =>
			posts('/bank/new?/reach', {
				...{ basin: 'B', water: 'W', name: `R ${++serial}`, kind: 'lake', timeZone: 'UTC' },
				...{ line: '[[-20, 47], [-20, 46.999]]', elevationM: '500' }
			}),
		page()
	],
	'action /bank/[id]?end': [() => posts(outing('?/end')), { ...ownPage, owner: 204 }],
	'action /bank/[id]?reopen': [() => posts(outing('?/reopen')), { ...ownPage, owner: 204 }],
	'action /bank/[id]/record?unshare': [
		async () => {
			await share();
			return posts(outing('/record?/unshare'), { recordId: there.recordId, circleId: there.circleId });
		},
		ownPage
	],
	'action /atlas/[id]?name': [
		() => posts('/atlas/baetis?/name', { name: `Zorble ${++serial}`, circleId: there.circleId }),
		{ ...page(404), ...members }
	],
	'action /atlas/[id]?unname': [
		async () => {
			await addName(ids.owner, { taxonId: 'perla', name: `Own ${++serial}` });
			return posts('/atlas/perla?/unname', { id: await idOfLast('own_name') });
		},
		ownPage
	],
	'action /circle?create': [() => posts('/circle?/create', { name: 'One more' }), page('→ /circle')],
	'action /circle?invite': [
		() => posts('/circle?/invite', { circleId: there.circleId, days: '1', uses: 'one', role: 'guide' }),
		{ ...page(404), keeper: 200 }
	],
	'action /circle?revoke': [
		async () => posts('/circle?/revoke', { id: await idOfLink('invitation', await invited()) }),
		{ ...page(404), keeper: 200 }
	],
	'action /circle?role': [
		() => posts('/circle?/role', { circleId: there.circleId, memberId: ids.reader, role: 'reader' }),
		{ ...page(404), keeper: 200 }
	],
	'action /circle?remove': [
		async () => {
			const spare = await newAccount(`spare-${++serial}`);
			await joinCircle(spare, await invited(), DEMO_NOW);
			return posts('/circle?/remove', { circleId: there.circleId, memberId: spare });
		},
		{ ...page(404), keeper: 200 }
	],
	'action /circle?reply': [
		async () => {
			await share();
			return posts('/circle?/reply', { sharedId: there.sharedId, kind: 'word', text: 'Well seen' });
		},
		{ ...page(404), ...members, reader: 404 }
	],
	'action /circle?takeBack': [
		async () => {
			await share();
			await replyTo(ids.owner, there.sharedId, { kind: 'word', text: 'mine' }, new Date());
			return posts('/circle?/takeBack', { id: await idOfLast('feed_reply') });
		},
		{ ...ownPage, keeper: 200 }
	],
	'action /circle/boards?putUp': [
		() =>
			posts('/circle/boards?/putUp', {
				...{ title: 'A board', precision: 'water', delayDays: '0', waters: there.waterId }
			}),
		page()
	],
	'action /circle/boards?takeDown': [
		async () => posts('/circle/boards?/takeDown', { id: await idOfLink('public_board', await putUp()) }),
		ownPage
	],
	'action /join/[token]?default': [() => posts(`/join/${there.otherToken}`), page('→ /circle')],
	'action /join/[token]?default run out': [() => posts(`/join/${there.expiredToken}`), page(410)]
};

/** What comes of a request: its status, or where it sends one; of an action what it says of itself. */
async function outcomeOf(role: Role, { path, init }: Asked): Promise<Outcome> {
	// Signing in and out end the session that was there: it gets one of its own.
	const cookie = /^\/sign-/.test(path) && role !== 'nobody' ? await cookieOf(ids[role]) : cookies[role];
	const abort = new AbortController();
	const response = await fetch(`${app.origin}${path}`, {
		redirect: 'manual',
		signal: abort.signal,
		...init,
		headers: { origin: app.origin, ...(cookie && { cookie }), ...(init?.headers as Record<string, string>) }
	});
	const sentTo = (location: string) =>
		`→ ${new URL(location, app.origin).pathname.replace(/[0-9a-f]{8}-[0-9a-f-]{27}/, 'ID')}`;
	const location = response.headers.get('location');
	if (location) return sentTo(location);
	const isAction = new Headers(init?.headers).get('accept') === 'application/json';
	if (!isAction) {
		// An event stream has no end of its own.
		abort.abort();
		return response.status;
	}
	const told = (await response.json()) as { type?: string; status?: number; location?: string };
	return told.location ? sentTo(told.location) : (told.status ?? response.status);
}

it('knows every way into the server that there is', () => {
	const listed = new Set(Object.keys(WAYS).map((way) => way.split(' ').slice(0, 2).join(' ')));
	expect(waysIn()).toEqual([...listed].sort());
});

it.each(Object.keys(WAYS))('%s', async (way) => {
	const [ask, expected] = WAYS[way] ?? [];
	if (!ask) throw new Error(way);
	const outcomes = {} as Expected;
	for (const role of ROLES) outcomes[role] = await outcomeOf(role, await ask(role));
	expect(outcomes).toEqual(expected);
});

it('shows the circle’s share, its words and its picture to its members alone', async () => {
	await share();
	for (const role of ROLES) {
		const text = await (
			await fetch(`${app.origin}/circle/__data.json`, { headers: { cookie: cookies[role] } })
		).text();
		expect(text.includes('Matrix water'), role).toBe(role in members);
		expect(text, role).not.toContain('Matrix run');
		if (role !== 'owner') expect(text, role).not.toContain(there.photoId);
	}
});
