import { beforeAll, describe, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/math';
import { DEMO_NOW, demoMorning } from '../../src/lib/simulate';

import { enterAs, enterForm, send, type App } from './app';
import { isOpenApi, type SchemaObject } from './open-api-shape';
import { openCopy, openDemo } from './house';

let app: App;
const place = { latitude: 47.17, longitude: -20.33, elevationM: 720, water: 'freestone' };
const notes = demoMorning(seededRandom(7)).notes;

beforeAll(async () => {
	app = await openDemo({ API_PER_MINUTE: '40' });
});

describe('the interface for programs', () => {
	it('reads the water without an account, with reasons, flies and what to look at next', async () => {
		const response = await send(app, '/api/v1/reading', { place, at: DEMO_NOW.toISOString(), notes });
		expect(response.status).toBe(200);
		const answer = await response.json();
		expect(answer.reading.beliefs[0]).toMatchObject({
			id: 'baetis/emerger',
			taxon: 'Baetis',
			zone: 'in-film'
		});
		const because = answer.reading.beliefs[0].because as { noteIds: string[]; without: number }[];
		expect(because.some(({ noteIds }) => noteIds.length > 0)).toBe(true);
		for (const { without } of because) expect(without).toBeGreaterThanOrEqual(0);
		expect(answer.shortlist[0].because.length).toBeGreaterThan(0);
		const weather = notes.filter(({ kind }) => kind === 'conditions');
		const early = await send(app, '/api/v1/reading', { place, at: DEMO_NOW.toISOString(), notes: weather });
		const { lookNext } = await early.json();
		expect(lookNext[0].gainBits).toBeGreaterThan(0);
		expect(lookNext[0].gainOfFly).toBeGreaterThan(0);
	});

	it('ranks by the school and the box that were sent', async () => {
		const box = [{ patternId: 'bent-larva-red', hookSize: 16, count: 3 }];
		const answer = await (
			await send(app, '/api/v1/reading', {
				place,
				at: DEMO_NOW.toISOString(),
				notes,
				school: 'colour-first',
				box
			})
		).json();
		expect(answer.shortlist.every((fly: { inBox: number }) => typeof fly.inBox === 'number')).toBe(true);
	});

	it('names an animal from its marks, and asks what would tell most', async () => {
		const marks = [
			{ mark: 'tails', state: '2' },
			{ mark: 'pads', state: '2' },
			{ mark: 'back', state: 'unseen' }
		];
		const response = await send(app, '/api/v1/identify', {
			marks,
			place,
			at: DEMO_NOW.toISOString(),
			method: 'kick-net'
		});
		expect(response.status).toBe(200);
		const answer = await response.json();
		expect(answer.candidates[0].stage).toBe('nymph');
		expect(answer.next.answers.length).toBeGreaterThan(1);
		expect(answer.enough.served).toBeGreaterThan(0);
		const wrong = await send(app, '/api/v1/identify', { marks: [{ mark: 'tails', state: '7' }] });
		expect(wrong.status).toBe(422);
		expect((await wrong.json()).error.issues[0].field).toBe('marks.0.state');
	});

	it('rigs a fly for a water, and depths on a lake; what is out of range is named', async () => {
		const response = await send(app, '/api/v1/rig', {
			hookSize: 18,
			clarityM: 3,
			surface: 'glassy',
			depthM: 4
		});
		expect(response.status).toBe(200);
		const rig = await response.json();
		// One rig: the leader is what brings the fly to its depth.
		expect(rig.lengthM).toBeCloseTo(3.7, 9);
		expect(rig.depth.line).toBe('floating');
		const gale = await (await send(app, '/api/v1/rig', { hookSize: 12, windMs: 9, depthM: 4 })).json();
		expect(gale).toMatchObject({ lengthM: 2.7, depth: { line: 'slow-sink' } });
		expect(gale.depth.lineCountdownS).toBeGreaterThan(30);
		const river = await (
			await send(app, '/api/v1/rig', { hookSize: 16, second: 'nymph', waterM: 0.8 })
		).json();
		expect((river.secondM.least + river.secondM.most) / 2).toBeCloseTo(1.2, 1);
		expect(rig.depth.leaderM).toBeCloseTo(3.7, 9);
		expect(rig.because.length).toBeGreaterThan(0);
		for (const [field, body] of Object.entries({
			hookSize: { hookSize: 40 },
			depthM: { hookSize: 12, depthM: 300 },
			clarityM: { hookSize: 12, clarityM: 'deep' }
		})) {
			const wrong = await send(app, '/api/v1/rig', body);
			expect(wrong.status).toBe(422);
			expect((await wrong.json()).error.issues[0].field).toBe(field);
		}
	});

	it('matches flies, one or two, and says what each school would tie on', async () => {
		const request = { place, at: DEMO_NOW.toISOString(), notes, most: 3 };
		const own = { id: 'mine', name: 'Mine', style: 'hanging-parachute', belly: 'olive', sizes: [16, 18] };
		const response = await send(app, '/api/v1/match', { ...request, ownPatterns: [own] });
		expect(response.status).toBe(200);
		const answer = await response.json();
		expect(answer.flies).toHaveLength(3);
		expect(answer.flies[0].because.length).toBeGreaterThan(1);
		expect(answer.pair.distanceM.least).toBeGreaterThan(0.2);
		expect(answer.schools.map(({ school }: { school: string }) => school)).toContain('presentation-first');
		const all = await (await send(app, '/api/v1/match', { ...request, ownPatterns: [own], most: 50 })).json();
		expect(all.flies.map(({ patternId }: { patternId: string }) => patternId)).toContain('mine');
		for (const [field, more] of Object.entries({
			'ownPatterns.0.style': { ownPatterns: [{ ...own, style: 'no-such' }] },
			'ownPatterns.0.sizes.0': { ownPatterns: [{ ...own, sizes: [40] }] },
			smallestSeen: { smallestSeen: 60 }
		})) {
			const wrong = await send(app, '/api/v1/match', { ...request, ...more });
			expect(wrong.status).toBe(422);
			expect((await wrong.json()).error.issues[0].field).toBe(field);
		}
	});

	it('dresses for a natural in the hand, whatever the notes say', async () => {
		const request = { place, at: DEMO_NOW.toISOString(), notes, most: 3 };
		const natural = { taxonId: 'rhyacophila', stage: 'pupa', lengthMm: 12 };
		const answer = await (await send(app, '/api/v1/match', { ...request, natural })).json();
		for (const fly of answer.flies) expect(fly.passesFor).toMatch(/pupa/);
		const wrong = await send(app, '/api/v1/match', { ...request, natural: { ...natural, stage: 'dun' } });
		expect(wrong.status).toBe(422);
		expect((await wrong.json()).error.issues[0].field).toBe('natural.stage');
	});

	it('advises on a fly below the film, of two: another depth, in metres', async () => {
		const at = (minutesAgo: number) => new Date(DEMO_NOW.getTime() - minutesAgo * 60_000).toISOString();
		const nymph = { patternId: 'wing-case-nymph-dark', hookSize: 16 };
		const second = { patternId: 'slim-nymph-olive', hookSize: 18, distanceM: 0.5 };
		const tried = [
			{ kind: 'rig', body: { leaderM: 3, tippetX: 5, tippetM: 1, second, waterM: 1.6, depthM: 1.1 } },
			{ kind: 'attempt', body: { ...nymph, outcome: 'tied-on' } },
			{ kind: 'attempt', body: { ...nymph, outcome: 'drifted', drifts: 12, which: 'first' } }
		].map((note, i) => ({ id: crypto.randomUUID(), at: at(9 - 3 * i), ...note }));
		const response = await send(app, '/api/v1/advice', { place, at: DEMO_NOW.toISOString(), notes: tried });
		expect(response.status).toBe(200);
		const { advice } = await response.json();
		expect(advice.fly.patternId).toBe(nymph.patternId);
		const moves = [advice.next, ...advice.others].filter(({ depthM }) => depthM !== undefined);
		expect(moves.length).toBeGreaterThan(0);
		expect(moves[0].says).toContain('m.');
	});

	it('advises after refusals: what may be wrong, and the one thing to change; nothing before a fly is on', async () => {
		const request = { place, at: DEMO_NOW.toISOString(), notes };
		expect(await (await send(app, '/api/v1/advice', request)).json()).toEqual({});
		const fly = (minutesAgo: number, body: object) => ({
			id: crypto.randomUUID(),
			at: new Date(DEMO_NOW.getTime() - minutesAgo * 60_000).toISOString(),
			kind: 'attempt',
			body: { patternId: 'parachute-dun-grey-olive', hookSize: 16, ...body }
		});
		const tried = [
			fly(9, { outcome: 'tied-on' }),
			fly(6, { outcome: 'refused', drifts: 3, lastMoment: true }),
			fly(3, { outcome: 'drifted', drifts: 2, dragged: 3 })
		];
		const { advice } = await (
			await send(app, '/api/v1/advice', { ...request, notes: [...notes, ...tried] })
		).json();
		const sum = advice.causes.reduce((total: number, c: { probability: number }) => total + c.probability, 0);
		expect(sum).toBeCloseTo(1, 9);
		expect(advice.seen).toMatchObject({ goodDrifts: 5, dragged: 3 });
		expect(advice.next.id).toBe('mend');
		expect(advice.next.says).not.toContain('{');
		const wrong = await send(app, '/api/v1/advice', {
			...request,
			notes: [...notes, fly(2, { outcome: 'drifted', drifts: -1 })]
		});
		expect((await wrong.json()).error.issues[0].field).toMatch(/^notes\.\d+\.body\.drifts$/);
	});

	it('serves the measuring card as SVG and as PDF, to anyone', async () => {
		const svg = await fetch(`${app.origin}/card.svg`);
		expect(svg.headers.get('content-type')).toBe('image/svg+xml');
		expect(await svg.text()).toContain('width="120mm"');
		for (const path of ['/card.pdf', '/card.pdf?paper=letter']) {
			const pdf = await fetch(`${app.origin}${path}`);
			expect(pdf.headers.get('content-type')).toBe('application/pdf');
			expect((await pdf.text()).slice(0, 5)).toBe('%PDF-');
		}
	});

	it('puts a sample in numbers', async () => {
		const lots = [
			{ taxonId: 'baetis', stage: 'nymph', count: 20, pads: { pale: 1, dark: 2, black: 7 } },
			{ taxonId: 'perla', stage: 'nymph', count: 2, lengthMm: 27 }
		];
		const answer = await (
			await send(app, '/api/v1/sample', { method: 'kick-net', lots, countedShare: 0.5 })
		).json();
		expect(answer.total).toBe(44);
		expect(answer.lots[0].byNumber.low).toBeLessThan(20 / 22);
		expect(answer.lots[0].ripeness.days.most[1]).toBeLessThanOrEqual(3);
		expect(answer.lots[1].byMass).toBeGreaterThan(0.5);
		const wrong = await send(app, '/api/v1/sample', {
			method: 'kick-net',
			lots: [{ ...lots[0], pads: { pale: 0, dark: 0, black: 0 } }]
		});
		expect((await wrong.json()).error.issues[0]).toEqual({
			field: 'lots.0.pads',
			message: 'counts no animals',
			code: 'fault.no-animals'
		});
	});

	it('answers for a length', async () => {
		const answer = await (await send(app, '/api/v1/hook', { lengthMm: 7 })).json();
		expect(answer).toMatchObject({ size: 16, bodyMm: 7 });
		const nymph = await (await send(app, '/api/v1/hook', { lengthMm: 26, family: 'nymph' })).json();
		expect(nymph.dressedMm).toBeLessThan(21);
	});

	it.each([
		['/api/v1/hook', { lengthMm: 300 }, 422, 'lengthMm'],
		['/api/v1/hook', { lengthMm: 'long' }, 422, 'lengthMm'],
		[
			'/api/v1/reading',
			{ place: { ...place, latitude: 200 }, at: DEMO_NOW, notes: [] },
			422,
			'place.latitude'
		],
		[
			'/api/v1/reading',
			{ place, at: DEMO_NOW, notes: [{ ...notes[0], body: { waterC: 90 } }] },
			422,
			'notes.0.body.waterC'
		],
		['/api/v1/reading', '{"place":', 400, undefined]
	])('names the field that is wrong: %s %j', async (path, body, status, field) => {
		const response = await send(app, path, body);
		expect(response.status).toBe(status);
		const { error } = await response.json();
		expect(error.message.length).toBeGreaterThan(10);
		expect(error.issues[0]?.field).toBe(field);
	});

	it('describes itself, from the schemas that check the requests', async () => {
		const description: unknown = await (await fetch(`${app.origin}/api/v1/openapi.json`)).json();
		if (!isOpenApi(description)) throw new Error('not an OpenAPI description');
		expect(Object.keys(description.paths)).toEqual(
			expect.arrayContaining(['/api/v1/reading', '/api/v1/hook', '/api/v1/outings/{id}/notes'])
		);
		const schema: SchemaObject =
			description.paths['/api/v1/hook'].post.requestBody.content['application/json'].schema;
		expect(schema.properties?.['lengthMm']).toMatchObject({ type: 'number', minimum: 1.5, maximum: 60 });
		expect(schema.required).toEqual(['lengthMm']);
	});

	it('asks a caller in a hurry to wait', async () => {
		const statuses = [];
		for (let i = 0; i < 45; i++) statuses.push((await send(app, '/api/v1/hook', { lengthMm: 7 })).status);
		expect(statuses).toContain(429);
		const refused = await send(app, '/api/v1/hook', { lengthMm: 7 });
		expect(Number(refused.headers.get('retry-after'))).toBeGreaterThan(0);
	});
});

describe('what guards the pages', () => {
	it('sends security headers and a content policy that allows no inline script', async () => {
		const response = await fetch(`${app.origin}/sign-in`);
		const policy = response.headers.get('content-security-policy') ?? '';
		expect(policy).toMatch(/script-src 'self' 'nonce-[^']+'/);
		expect(policy).not.toContain('unsafe');
		expect(policy).toContain("frame-ancestors 'none'");
		expect(response.headers.get('x-content-type-options')).toBe('nosniff');
		const html = await response.text();
		expect(html).not.toMatch(/<script(?![^>]*nonce)/);
		expect(html).not.toMatch(/ style="/);
	});

	it('hands out a session that scripts cannot read and other sites cannot use', async () => {
		const response = await enterForm(app, 'ines');
		expect(response.status).toBe(303);
		expect(response.headers.get('set-cookie')).toMatch(/HttpOnly/i);
		expect(response.headers.get('set-cookie')).toMatch(/SameSite=Lax/i);
		const elsewhere = await enterForm(app, 'ines', '', 'http://elsewhere.invalid');
		expect(elsewhere.status).toBe(403);
	});

	it('sends the cookie over TLS only, away from loopback', async () => {
		const outside = await openCopy({
			env: {
				ORIGIN: 'https://lacewing.invalid'
			}
		});
		const response = await enterForm(outside, 'ines', '', 'https://lacewing.invalid');
		expect(response.headers.get('set-cookie')).toMatch(/Secure/i);
		expect(response.headers.get('strict-transport-security')).toBeTruthy();
		await outside.end();
	});

	it('has no one-tap entry outside the demonstration', async () => {
		const real = await openCopy({ env: { LACEWING_DEMO: '0' } });
		await expect(enterAs(real, 'ines')).rejects.toThrow('404');
		expect(await (await fetch(`${real.origin}/sign-in`)).text()).not.toContain('Ines Varrow');
		await real.end();
	});

	it('sends a visitor to the sign-in page and a program a 401', async () => {
		const page = await fetch(`${app.origin}/bank`, { redirect: 'manual' });
		expect(page.headers.get('location')).toBe('/sign-in?next=%2Fbank');
		expect((await send(app, `/api/v1/outings/${crypto.randomUUID()}/notes`, { notes })).status).toBe(401);
		expect((await fetch(`${app.origin}/api/v1/events`)).status).toBe(401);
	});

	it('never sends anyone on to another site after signing in', async () => {
		for (const next of ['https://elsewhere.invalid', '//elsewhere.invalid', '/\\elsewhere.invalid']) {
			const response = await enterForm(app, 'ines', `&next=${encodeURIComponent(next)}`);
			expect(response.headers.get('location')).toBe('/bank');
		}
	});
});

describe('the process', () => {
	it('says that it and its database are up, and finishes a request in hand when it is told to stop', async () => {
		const second = await openCopy({ env: { API_PER_MINUTE: '1000' } });
		expect(await (await fetch(`${second.origin}/healthz`)).json()).toEqual({ process: 'up', database: 'up' });
		const cookie = await enterAs(second, 'mira');
		const events = await fetch(`${second.origin}/api/v1/events`, { headers: { cookie } });
		const slow = send(second, '/api/v1/reading', { place, at: DEMO_NOW.toISOString(), notes });
		await new Promise((resolve) => setTimeout(resolve, 5));
		const ended = second.end('SIGTERM');
		expect((await slow).status).toBe(200);
		await events.body?.cancel().catch(() => undefined);
		expect(await ended).toBe(0);
	});

	it('says so when its database is gone, and that nothing is lost', async () => {
		const gone = new URL(process.env['DATABASE_URL'] ?? '');
		gone.port = '1';
		const lonely = await openCopy({ url: gone.href, env: { LOG_LEVEL: 'silent' }, status: 503 });
		expect(await (await fetch(`${lonely.origin}/healthz`)).json()).toEqual({
			process: 'up',
			database: 'down'
		});
		const page = await fetch(`${lonely.origin}/sign-in`);
		expect(page.status).toBe(500);
		expect(await page.text()).toContain('kept on this device');
		await lonely.end();
	});
});
