import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { DEMO_NOW } from '../../src/lib/simulate';
import { database } from '../../src/lib/server/database';
import { enterAs, send, type App } from './app';
import { demoServer, type DemoServer } from './demo-server';

let server: DemoServer;
let app: App;
let cookie: string;
let mirasCookie: string;
let outingId: string;
let reachId: string;

const rows = async () => {
	const { rows: counts } = await database().query<Record<string, number>>(
		`select (select count(*) from note)::int as notes, (select count(*) from outing)::int as outings,
			(select count(*) from hatch_record)::int as records, (select count(*) from shared_record)::int as shares,
			(select coalesce(sum(count), 0) from boxed_fly)::int as flies`
	);
	return counts[0];
};

beforeAll(async () => {
	server = await demoServer();
	({ app, cookie, outingId, reachId } = server);
	mirasCookie = await enterAs(app, 'mira');
});

const at = DEMO_NOW.toISOString();
const good = () => ({ id: crypto.randomUUID(), at, kind: 'rise', body: { form: 'nose' } });

/** Values of the wrong kind, out of range, huge, or with text that no store can hold. */
const nasty = fc.oneof(
	fc.jsonValue({ maxDepth: 3 }),
	fc.constantFrom<unknown>(
		null,
		-1,
		1e308,
		'',
		'\u0000',
		'\ud800',
		'a'.repeat(10_000),
		[],
		{},
		[[]],
		'2026-13-45T99:99:99Z',
		"'; drop table note; --"
	)
);
/** A good note with one of its fields, at any depth, replaced by something nasty. */
const spoiled = fc
	.tuple(
		fc.constantFrom(
			'id',
			'at',
			'kind',
			'body',
			'replaces',
			'body.form',
			'body.mark',
			'body.lots',
			'body.text'
		),
		nasty
	)
	.map(([path, value]) => {
		const note: Record<string, unknown> = good();
		const [field, inner] = path.split('.');
		if (inner) note['body'] = { ...(note['body'] as object), [inner]: value };
		else note[field ?? ''] = value;
		return note;
	});
const targets = fc.constantFrom(
	['POST', '/api/v1/reading'],
	['POST', '/api/v1/hook'],
	['POST', '/api/v1/outings'],
	['POST', 'notes'],
	['POST', 'records'],
	['PUT', '/api/v1/box'],
	['POST', '/api/v1/match'],
	['POST', '/api/v1/advice'],
	['POST', '/api/v1/approach'],
	['POST', '/api/v1/drift'],
	['POST', '/api/v1/patterns']
);

describe('bad input', () => {
	it('never breaks the server and never stores by halves: bodies of every kind, to every address', async () => {
		const before = await rows();
		await fc.assert(
			fc.asyncProperty(
				targets,
				fc.oneof(nasty, fc.dictionary(fc.string({ maxLength: 12 }), nasty)),
				async ([method, target], body) => {
					const path = target?.startsWith('/') ? target : `/api/v1/outings/${outingId}/${target}`;
					const response = await send(app, path, body, cookie, method);
					expect(response.status, JSON.stringify(body)?.slice(0, 200)).toBeGreaterThanOrEqual(400);
					expect(response.status).toBeLessThan(500);
					expect((await response.json()).error.message).toMatch(/\.$/);
				}
			),
			{ numRuns: 300 }
		);
		expect(await rows()).toEqual(before);
	});

	it('keeps none of a batch with one bad note in it, and names that one', async () => {
		const before = await rows();
		await fc.assert(
			fc.asyncProperty(spoiled, fc.nat({ max: 3 }), async (bad, position) => {
				const notes: unknown[] = [good(), good(), good()];
				notes.splice(position, 0, bad);
				const response = await send(app, `/api/v1/outings/${outingId}/notes`, { notes }, cookie);
				if (response.status === 200) {
					// The nasty value happened to be a right one: take those notes out again.
					const ids = notes.map((note) => (note as { id: string }).id);
					await database().query('delete from note where id = any($1::uuid[])', [ids]);
					return;
				}
				expect([409, 422]).toContain(response.status);
				const { error } = await response.json();
				expect(error.issues[0].field).toMatch(new RegExp(`^notes\\.${position}\\b`));
			}),
			{ numRuns: 200 }
		);
		expect(await rows()).toEqual(before);
	});

	it.each([
		['not JSON', '{"notes": [', 400],
		['no notes', { notes: [] }, 422],
		['too many notes', { notes: Array.from({ length: 201 }, good) }, 422],
		['a body over the limit', { notes: [good()], padding: 'x'.repeat(3_000_000) }, 413]
	])('refuses %s', async (_, body, status) => {
		const response = await send(app, `/api/v1/outings/${outingId}/notes`, body, cookie);
		expect(response.status).toBe(status);
	});

	it('refuses another guide’s ids, as if they were nobody’s', async () => {
		const before = await rows();
		const theirs = [
			await send(app, `/api/v1/outings/${outingId}/notes`, { notes: [good()] }, mirasCookie),
			await send(app, `/api/v1/outings/not-a-uuid/notes`, { notes: [good()] }, mirasCookie),
			await send(app, `/api/v1/outings/${crypto.randomUUID()}/notes`, { notes: [good()] }, mirasCookie)
		];
		for (const response of theirs) {
			expect(response.status).toBe(404);
			expect((await response.json()).error.message).toBe('You have no such outing.');
		}
		expect((await fetch(`${app.origin}/bank/${outingId}`, { headers: { cookie: mirasCookie } })).status).toBe(
			404
		);
		const { rows: others } = await database().query<{ id: string }>(
			'select id from note where outing_id <> $1 limit 1',
			[outingId]
		);
		const taken = { ...good(), id: others[0]?.id };
		expect((await send(app, `/api/v1/outings/${outingId}/notes`, { notes: [taken] }, cookie)).status).toBe(
			409
		);
		const twice = await send(
			app,
			'/api/v1/outings',
			{ id: outingId, reachId, startedAt: at, guests: 0 },
			mirasCookie
		);
		expect(twice.status).toBe(409);
		expect(await rows()).toEqual(before);
	});

	it('gives pages with odd addresses a plain answer', async () => {
		for (const path of [
			'/bank/%00',
			'/bank/x',
			'/join/%F0%9F',
			'/join/nothing',
			'/circle?before=x&id=y',
			'/bank?before=2026-01-01&id=-',
			'/nowhere'
		]) {
			const response = await fetch(`${app.origin}${path}`, { headers: { cookie } });
			expect(response.status, path).toBeLessThan(500);
		}
	});
});
