import { beforeAll, describe, expect, it } from 'vitest';
import { DEMO_CIRCLE, DEMO_NOW } from '$lib/simulate';
import { openDatabase } from '../../../tests/server/house';
import { demoGuides, signUp } from './accounts';
import { kindsOfCircles, mapFor, seasonOfCircles } from './circle-season';
import { database } from './database';

import { watersInFeed } from './feed';

let ines = '';
let stranger = '';

beforeAll(async () => {
	await openDatabase();
	ines = (await demoGuides()).find(({ handle }) => handle === 'ines')?.id ?? '';
	const account = await signUp({ handle: 'stranger', name: 'A stranger', password: 'long enough for this' });
	if (account === 'taken') throw new Error('taken');
	stranger = account.id;
});

const sum = (counts: readonly number[]) => counts.reduce((total, count) => total + count, 0);
const sharesOf = async (filter: { water: string; year: string }, at = DEMO_NOW) =>
	sum((await seasonOfCircles(ines, at, filter)).weeks.map(({ shares }) => shares));

describe('the circle’s season', () => {
	it('adds up to the same as ribbons, as a table, by water and by year', async () => {
		const all = await sharesOf({ water: '', year: '' });
		const kinds = await kindsOfCircles(ines, DEMO_NOW);
		expect(all).toBeGreaterThan(100);
		expect(sum(kinds.map(({ shares }) => shares))).toBe(all);
		const years = [...new Set(kinds.map(({ year }) => String(year)))];
		expect(sum(await Promise.all(years.map((year) => sharesOf({ water: '', year }))))).toBe(all);
		const waters = await watersInFeed(ines, DEMO_NOW);
		const named = sum(await Promise.all(waters.map((water) => sharesOf({ water, year: '' }))));
		expect(named).toBeGreaterThan(0);
		// What is told of a basin is of no water.
		expect(named).toBeLessThan(all);
	});

	it('tells of each kind and year from when to when, in order, and where it was named', async () => {
		const kinds = await kindsOfCircles(ines, DEMO_NOW, { water: 'Lake Quill', year: '' });
		expect(kinds.length).toBeGreaterThan(2);
		for (const { firstDay, lastDay, waters, guides, shares } of kinds) {
			expect(waters).toEqual(['Lake Quill']);
			expect((firstDay ?? '') <= (lastDay ?? '')).toBe(true);
			expect(guides).toBeLessThanOrEqual(shares);
		}
		expect(kinds.map(({ year }) => year)).toEqual(kinds.map(({ year }) => year).sort((a, b) => b - a));
	});

	it('tells no day of a water that is never named, and nothing that is held back', async () => {
		const before = await kindsOfCircles(ines, DEMO_NOW);
		const taxonId = before.toSorted((a, b) => b.shares - a.shares)[0]?.taxonId;
		const { rows } = await database().query<{ id: string }>(
			`update shared_record set precision = 'season',
				body = jsonb_set(body, '{place}', '{"precision": "season", "basin": "Ovrane basin"}')
			 where circle_id = $1 and taxon_id = $2 returning id`,
			[DEMO_CIRCLE.id, taxonId]
		);
		expect(rows.length).toBeGreaterThan(0);
		const hidden = (await kindsOfCircles(ines, DEMO_NOW)).filter((kind) => kind.taxonId === taxonId);
		for (const { firstDay, lastDay, waters } of hidden)
			expect([firstDay, lastDay, waters]).toEqual([null, null, []]);
		await database().query(
			`update shared_record set appears_at = $1 where taxon_id = $3 and author_id <> $2`,
			[new Date(DEMO_NOW.getTime() + 1), ines, taxonId]
		);
		const after = await kindsOfCircles(ines, DEMO_NOW);
		expect(sum(after.map(({ shares }) => shares))).toBeLessThan(sum(before.map(({ shares }) => shares)));
	});

	it('is empty for somebody in no circle, and so is the map', async () => {
		expect(await seasonOfCircles(stranger, DEMO_NOW)).toEqual({ weeks: [], hours: [] });
		expect(await kindsOfCircles(stranger, DEMO_NOW)).toEqual([]);
		for (const { shares, taxa } of await mapFor(stranger, DEMO_NOW)) expect([shares, taxa]).toEqual([0, []]);
	});
});
