import { beforeAll, describe, expect, it } from 'vitest';
import { foretoldBy } from '$lib/core/record';
import { DEMO_CIRCLE, DEMO_NOW } from '$lib/simulate';
import { openDatabase } from '../../../tests/server/house';
import { demoGuides } from './accounts';
import { database } from './database';

import { feedFor, namesInReply, replyTo } from './feed';
import { storeNotes } from './notes';
import { earlierSamples, outingOf, outingsOf, startOuting, type StoredOuting } from './outings';
import { confirmRecord, namesToAskAbout, recordOn, shareRecord } from './records';
import { reachesFor, waterNamesOf } from './waters';

const guides = {} as Record<'ines' | 'mira', string>;
let outing: StoredOuting;

beforeAll(async () => {
	await openDatabase();
	for (const { handle, id } of await demoGuides())
		if (handle === 'ines' || handle === 'mira') guides[handle] = id;
	outing = (await outingsOf(guides.ines))[0] as StoredOuting;
});

const seen = new Date(DEMO_NOW.getTime() - 600_000);
const told = (more: object = {}) => ({
	...{ taxonId: 'baetis', stage: 'dun' as const, firstSeen: seen, mostSeen: seen, lastSeen: seen },
	...{ abundance: 'few' as const, conditions: {}, riseForms: [], taken: 0.4, flies: [] },
	...more
});

describe('the samples that may have foretold a hatch', () => {
	it('are one’s own on that reach in the last weeks, this morning’s among them', async () => {
		const id = crypto.randomUUID();
		const at = new Date(DEMO_NOW.getTime() - 6 * 86_400_000);
		await startOuting(guides.ines, { id, reachId: outing.reach.id, startedAt: at, guests: 0 });
		const lots = [{ taxonId: 'baetis', stage: 'nymph' as const, count: 9, measured: 'body' as const }];
		await storeNotes(guides.ines, id, [
			{ id: crypto.randomUUID(), at, kind: 'sample', body: { method: 'kick-net', lots } }
		]);
		const samples = await earlierSamples(guides.ines, outing);
		const today = samples.filter(({ outingId }) => outingId === outing.id);
		expect(today.length).toBeGreaterThan(0);
		expect(samples.length).toBeGreaterThan(today.length);
		for (const { at } of samples) expect(DEMO_NOW.getTime() - at.getTime()).toBeLessThan(32 * 86_400_000);
		expect(foretoldBy({ taxonId: 'baetis', stage: 'dun', firstSeen: DEMO_NOW }, samples)).toMatchObject({
			outingId: outing.id,
			stage: 'nymph',
			daysBefore: 0
		});
	});

	it('are nobody else’s', async () => {
		const id = crypto.randomUUID();
		await startOuting(guides.mira, { id, reachId: outing.reach.id, startedAt: DEMO_NOW, guests: 0 });
		const mirasOuting = await outingOf(guides.mira, id);
		if (!mirasOuting) throw new Error('no outing');
		const own = new Set((await outingsOf(guides.mira, undefined, 500)).map((one) => one.id));
		for (const { outingId } of await earlierSamples(guides.mira, mirasOuting))
			expect(own).toContain(outingId);
	});
});

describe('seen too, with a record of one’s own', () => {
	it('is linked to it for oneself alone, and tells nobody that there is one', async () => {
		const recordId = await confirmRecord(guides.ines, outing, told(), DEMO_NOW);
		const how = { circleId: DEMO_CIRCLE.id, precision: 'water', embargo: 'now' } as const;
		expect(await shareRecord(guides.ines, recordId, how, DEMO_NOW)).toBe(true);
		const [shared] = (await feedFor(guides.mira, DEMO_NOW)).filter(({ author }) => author === 'Ines Varrow');
		const id = crypto.randomUUID();
		const reach = (await reachesFor(guides.mira)).find(({ water }) => water === outing.reach.water);
		await startOuting(guides.mira, { id, reachId: reach?.id ?? '', startedAt: DEMO_NOW, guests: 0 });
		const own = await outingOf(guides.mira, id);
		if (!own) throw new Error('no outing');
		await confirmRecord(guides.mira, own, told({ naming: { by: 'key', sure: 'sure' } }), DEMO_NOW);
		expect(await replyTo(guides.mira, shared?.id ?? '', { kind: 'saw-it-too' }, DEMO_NOW)).toBe(true);

		const replyFor = async (guide: string) =>
			(await feedFor(guide, DEMO_NOW)).find((item) => item.id === shared?.id)?.replies[0];
		const answer = await replyFor(guides.mira);
		if (!answer) throw new Error('no answer');
		const { ownOutingId, ...rest } = answer;
		expect(ownOutingId).toBe(id);
		expect(await replyFor(guides.ines)).toEqual({ ...rest, mine: false });
		expect(rest.reply).toEqual({ kind: 'saw-it-too' });
	});
});

describe('names in one’s own words', () => {
	const share = { circleId: DEMO_CIRCLE.id, precision: 'water', embargo: 'now' } as const;
	const record = (words: string) => recordOn(outing, told({ words }));

	it('are asked about when the words go farther than the names may', async () => {
		const ask = (words: string, more: object = {}) =>
			namesToAskAbout(guides.ines, record(words), { ...share, ...more });
		// Words stay behind at this distance, unless they are sent along.
		expect(await ask('at Alder Bend')).toEqual([]);
		expect(await ask('at Alder Bend', { withWords: true })).toEqual(['Alder Bend']);
		expect(await ask('at Alder Bend', { withWords: true, namesMayGo: true })).toEqual([]);
		expect(await ask('on the Ovrane', { withWords: true })).toEqual([]);
		expect(await ask('at Alder Bend', { precision: 'reach' })).toEqual([]);
		// Another water of one's own is not told by telling of this one.
		expect(await ask('as in Cress Meadows', { precision: 'reach' })).toEqual(['Cress Meadows']);
	});

	it('are those of all waters a guide fishes, and of no others', async () => {
		const { rows } = await database().query<{ reach: string }>(
			'select distinct r.name as reach from outing o join reach r on r.id = o.reach_id where o.author_id = $1',
			[guides.ines]
		);
		const names = (await waterNamesOf(guides.ines)).map(({ reach }) => reach);
		expect([...names].sort()).toEqual(rows.map(({ reach }) => reach).sort());
	});

	it('are asked about in answers too, by what the share that is answered tells', async () => {
		const [shared] = (await feedFor(guides.ines, DEMO_NOW, { water: 'Ovrane' })).filter(
			({ mine, record: { place } }) => !mine && place.precision === 'water'
		);
		const ask = (text: string, guide = guides.ines) =>
			namesInReply(guide, shared?.id ?? '', { kind: 'word', text }, DEMO_NOW);
		expect(await ask('Was that at Alder Bend?')).toEqual(['Alder Bend']);
		expect(await ask('The Ovrane is high')).toEqual([]);
		expect(
			await namesInReply(guides.ines, crypto.randomUUID(), { kind: 'word', text: 'Alder Bend' }, DEMO_NOW)
		).toEqual([]);
	});
});
