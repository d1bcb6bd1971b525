import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { PRECISIONS, type Precision } from '../../src/lib/core/record';
import { DEMO_CIRCLE, DEMO_NOW } from '../../src/lib/simulate';
import { signUp } from '../../src/lib/server/accounts';
import { startSession } from '../../src/lib/server/sessions';
import { createCircle, invite, joinCircle, removeMember } from '../../src/lib/server/circles';
import { database } from '../../src/lib/server/database';
import { SESSION_COOKIE } from '../../src/lib/server/session-cookie';
import { enterAs, send, type App } from './app';
import { openDemo } from './house';

let app: App;
let outingId: string;
const cookies: Record<Who, string> = { nobody: '', stranger: '', colleague: '', owner: '' };
type Who = 'nobody' | 'stranger' | 'colleague' | 'owner';

beforeAll(async () => {
	app = await openDemo({ API_PER_MINUTE: '100000' });
	cookies.owner = await enterAs(app, 'ines');
	cookies.colleague = await enterAs(app, 'mira');
	const stranger = await signUp({ handle: 'stranger', name: 'A stranger', password: 'long enough for this' });
	if (stranger === 'taken') throw new Error('taken');
	cookies.stranger = `${SESSION_COOKIE}=${(await startSession(stranger.id)).token}`;
	const { rows } = await database().query<{ id: string }>('select id from outing where ended_at is null');
	outingId = rows[0]?.id ?? '';
});

const get = (path: string, who: Who) =>
	fetch(`${app.origin}${path}`, {
		redirect: 'manual',
		headers: cookies[who] ? { cookie: cookies[who] } : {}
	});
const seen = DEMO_NOW.toISOString();
const record = () => ({
	taxonId: 'baetis',
	stage: 'emerger',
	firstSeen: seen,
	mostSeen: seen,
	lastSeen: seen,
	abundance: 'few',
	conditions: { waterC: 9.8, clarityM: 1.4 },
	riseForms: [],
	taken: 0.7,
	flies: [],
	words: 'By the third alder'
});

describe('who may do what', () => {
	it('a picture: only its outing’s guide keeps and sees it', async () => {
		const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#345' } })
			.jpeg()
			.toBuffer();
		const id = crypto.randomUUID();
		const path = `/api/v1/outings/${outingId}/photos/${id}`;
		const put = (who: Who) =>
			fetch(`${app.origin}${path}`, {
				method: 'PUT',
				body: new Uint8Array(jpeg),
				headers: {
					origin: app.origin,
					'content-type': 'image/jpeg',
					...(cookies[who] && { cookie: cookies[who] })
				}
			});
		const expected: Record<Who, number> = { nobody: 401, stranger: 404, colleague: 404, owner: 200 };
		for (const [who, status] of Object.entries(expected) as [Who, number][])
			expect((await put(who)).status, `put by ${who}`).toBe(status);
		for (const [who, status] of Object.entries(expected) as [Who, number][])
			expect((await get(path, who)).status, `got by ${who}`).toBe(status);
	});

	it('a fly of one’s own: made by whoever is signed in, boxed and taken away by nobody else', async () => {
		const fly = { name: 'Evening rust', style: 'spent-wing', belly: 'rust', sizes: [16, 18] };
		expect((await send(app, '/api/v1/patterns', fly)).status).toBe(401);
		const made = await send(app, '/api/v1/patterns', fly, cookies.owner);
		expect(made.status).toBe(201);
		const { id } = await made.json();
		const boxed = { patternId: id, hookSize: 16, count: 3 };
		expect((await send(app, '/api/v1/box', boxed, cookies.owner, 'PUT')).status).toBe(204);
		const theirs = await send(app, '/api/v1/box', boxed, cookies.colleague, 'PUT');
		expect(theirs.status).toBe(422);
		expect((await theirs.json()).error.issues[0].field).toBe('patternId');
		expect((await send(app, '/api/v1/box', { ...boxed, hookSize: 20 }, cookies.owner, 'PUT')).status).toBe(
			422
		);
		for (const page of ['/box', '/box/__data.json'])
			expect(await (await get(page, 'colleague')).text()).not.toContain('Evening rust');
		expect(await (await get('/box/__data.json', 'owner')).text()).toContain('Evening rust');
		const remove = (who: Who) => send(app, `/api/v1/patterns/${id}`, undefined, cookies[who], 'DELETE');
		expect((await remove('nobody')).status).toBe(401);
		expect((await remove('colleague')).status).toBe(404);
		expect((await remove('owner')).status).toBe(204);
		expect((await remove('owner')).status).toBe(404);
		const left = await database().query('select 1 from boxed_fly where pattern_id = $1', [id]);
		expect(left.rows).toEqual([]);
	});

	it('how one’s hooks run: kept for oneself, and beside the other settings', async () => {
		const hooks = { steps: { dry: 0.5 }, dressShort: false };
		expect((await send(app, '/api/v1/hooks', hooks, undefined, 'PUT')).status).toBe(401);
		const wrong = await send(app, '/api/v1/hooks', { steps: { dry: 9 } }, cookies.owner, 'PUT');
		expect(wrong.status).toBe(422);
		expect((await wrong.json()).error.issues[0].field).toBe('steps.dry');
		expect((await send(app, '/api/v1/hooks', hooks, cookies.owner, 'PUT')).status).toBe(204);
		const { rows } = await database().query<{ settings: unknown }>(
			`select settings from account where handle = 'ines'`
		);
		expect(rows[0]?.settings).toMatchObject({ hooks });
	});

	it('a circle: what a keeper, a guide, a reader, one who was taken out and a stranger may do', async () => {
		type Member = 'keeper' | 'guide' | 'reader' | 'removed' | 'outsider';
		const sessions = {} as Record<Member, string>;
		const ids = {} as Record<Member, string>;
		for (const who of ['keeper', 'guide', 'reader', 'removed', 'outsider'] as const) {
			const made = await signUp({
				handle: `circle-${who}`,
				name: `A ${who}`,
				password: 'long enough for this'
			});
			if (made === 'taken') throw new Error('taken');
			ids[who] = made.id;
			sessions[who] = `${SESSION_COOKIE}=${(await startSession(made.id)).token}`;
		}
		const circleId = await createCircle(ids.keeper, 'Five of us');
		const link = (role: 'guide' | 'reader', days: '1' | '30' = '30') =>
			invite(ids.keeper, { circleId, days, uses: 'any', role }, DEMO_NOW);
		for (const [who, role] of [
			['guide', 'guide'],
			['reader', 'reader'],
			['removed', 'guide']
		] as const)
			await joinCircle(ids[who], (await link(role))?.token ?? '', DEMO_NOW);
		expect(await removeMember(ids.keeper, circleId, ids.removed, DEMO_NOW)).toBe('done');
		// One share of the keeper's, put there as her own confirmed record would be.
		const { rows } = await database().query<{ id: string }>(
			`insert into shared_record (circle_id, author_id, record_id, precision, body, shared_at, appears_at)
			 select $1, $2, r.id, 'basin', jsonb_set(r.body, '{place}', '{"precision": "basin", "basin": "Five basin"}'), $3, $3
			 from hatch_record r limit 1 returning id`,
			[circleId, ids.keeper, DEMO_NOW]
		);
		const sharedId = rows[0]?.id ?? '';
		const act = (who: Member, action: string, fields: Record<string, string>) =>
			fetch(`${app.origin}/circle?/${action}`, {
				method: 'POST',
				redirect: 'manual',
				headers: {
					cookie: sessions[who],
					origin: app.origin,
					accept: 'application/json',
					'content-type': 'application/x-www-form-urlencoded'
				},
				body: new URLSearchParams(fields)
			}).then(async (response) => (await response.json()) as { type: string; status: number });
		const may: Record<Member, { see: boolean; reply: boolean; keep: boolean }> = {
			keeper: { see: true, reply: true, keep: true },
			guide: { see: true, reply: true, keep: false },
			reader: { see: true, reply: false, keep: false },
			removed: { see: false, reply: false, keep: false },
			outsider: { see: false, reply: false, keep: false }
		};
		for (const [who, { see, reply, keep }] of Object.entries(may) as [Member, (typeof may)[Member]][]) {
			for (const path of ['/circle/__data.json', '/circle/season/__data.json']) {
				const text = await (
					await fetch(`${app.origin}${path}`, { headers: { cookie: sessions[who] } })
				).text();
				if (path === '/circle/__data.json') expect(text.includes('Five basin'), `${who} ${path}`).toBe(see);
				else expect(text.includes('"rows":'), `${who} ${path}`).toBe(true);
			}
			const outcomes = {
				reply: await act(who, 'reply', { sharedId, kind: 'word', text: `from ${who}` }),
				invite: await act(who, 'invite', { circleId }),
				role: await act(who, 'role', { circleId, memberId: ids.reader, role: 'reader' }),
				remove: await act(who, 'remove', { circleId, memberId: crypto.randomUUID() })
			};
			expect(outcomes.reply.type, who).toBe(reply ? 'success' : 'failure');
			expect(outcomes.invite.type, who).toBe(keep ? 'success' : 'failure');
			expect(outcomes.role.type, who).toBe(keep ? 'success' : 'failure');
			expect(outcomes.remove.type, who).toBe('failure');
		}
		// An invitation that has run out lets nobody in.
		const old = await link('guide', '1');
		await database().query(`update invitation set expires_at = $2 where circle_id = $1`, [
			circleId,
			new Date(DEMO_NOW.getTime() - 1)
		]);
		const join = await fetch(`${app.origin}/join/${old?.token}`, { headers: { cookie: sessions.outsider } });
		expect(join.status).toBe(410);
		expect(await joinCircle(ids.outsider, old?.token ?? '', DEMO_NOW)).toBe(false);
	});

	it('lets nobody share into a circle they are not in', async () => {
		const { rows } = await database().query<{ id: string }>(
			`insert into circle (name) values ('Somebody else’s') returning id`
		);
		const shares = [{ circleId: rows[0]?.id, precision: 'exact' }];
		const response = await send(
			app,
			`/api/v1/outings/${outingId}/records`,
			{ record: record(), shares },
			cookies.owner
		);
		expect(response.status).toBe(404);
		expect((await response.json()).error.issues[0].field).toBe('shares');
	});

	it('takes no place, day or outing from whoever confirms a record', async () => {
		const forged = {
			...record(),
			place: { precision: 'exact', latitude: 1, longitude: 1, reach: 'X', water: 'X', basin: 'X' },
			day: '1999-01-01'
		};
		expect(
			(await send(app, `/api/v1/outings/${outingId}/records`, { record: forged, shares: [] }, cookies.owner))
				.status
		).toBe(200);
		const { rows } = await database().query<{ body: { place: { reach: string }; day: string } }>(
			`select body from hatch_record where outing_id = $1 and stage = 'emerger'`,
			[outingId]
		);
		expect(rows[0]?.body.place.reach).toBe('Alder Bend');
		expect(rows[0]?.body.day).toBe('2026-05-19');
	});
});

describe('what a colleague receives of a shared record', () => {
	const secrets: Record<Precision, RegExp[]> = {
		exact: [/"guests"/, /third alder \d/],
		reach: [/47\.1\d/, /-20\.3\d/],
		water: [/47\.1\d/, /-20\.3\d/, /third alder/],
		basin: [/47\.1\d/, /-20\.3\d/, /third alder/],
		season: [/47\.1\d/, /-20\.3\d/, /third alder/]
	};

	it.each(PRECISIONS.map((precision) => [precision] as const))(
		'is no finer than the %s, on every way to it',
		async (precision) => {
			const shares = [{ circleId: DEMO_CIRCLE.id, precision }];
			expect(
				(await send(app, `/api/v1/outings/${outingId}/records`, { record: record(), shares }, cookies.owner))
					.status
			).toBe(200);
			const { rows } = await database().query<{ id: string; record_id: string }>(
				'select id, record_id from shared_record order by shared_at desc limit 1'
			);
			const [page, data] = [
				await (await get('/circle', 'colleague')).text(),
				await (await get('/circle/__data.json', 'colleague')).text()
			];
			for (const text of [page, data]) {
				expect(text).toContain('Ines Varrow');
				// Neither the outing nor the record behind the share has a name here.
				expect(text).not.toContain(outingId);
				expect(text).not.toContain(rows[0]?.record_id);
				for (const secret of secrets[precision]) expect(newest(text)).not.toMatch(secret);
			}
			const strangers = await (await get('/circle/__data.json', 'stranger')).text();
			expect(strangers).not.toContain(rows[0]?.id);
		}
	);

	it('says of a water its name, of a basin not even that', async () => {
		const shared = async (precision: Precision) => {
			const shares = [{ circleId: DEMO_CIRCLE.id, precision }];
			await send(app, `/api/v1/outings/${outingId}/records`, { record: record(), shares }, cookies.owner);
			const { rows } = await database().query<{ body: { place: object } }>(
				'select body from shared_record order by shared_at desc limit 1'
			);
			return rows[0]?.body.place;
		};
		expect(await shared('water')).toEqual({ precision: 'water', basin: 'Ovrane basin', water: 'Ovrane' });
		expect(await shared('basin')).toEqual({ precision: 'basin', basin: 'Ovrane basin' });
	});
});

/** The part of a page or its data that tells of the newest record: up to the next author. */
function newest(text: string): string {
	const at = text.indexOf('Ines Varrow');
	return text.slice(Math.max(0, at - 1500), at + 400);
}
