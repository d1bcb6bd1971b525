import fc from 'fast-check';
import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import { coarsen } from '../share';
import { abundanceOf, proposeRecords } from './propose';
import { HatchRecordSchema, PRECISIONS, RecordTextSchema, SharedRecordSchema } from './record';
import { fieldIssues, type Note } from '../note';
import { foldOuting } from '../outing';
import { DEMO_NOW, DEMO_TIME_ZONE, demoMorning } from '$lib/simulate';
import { SHADES } from '../atlas';
import { seededRandom } from '../math';

const place = { latitude: 47.172, longitude: -20.331, elevationM: 720, water: 'freestone' as const };
const names = {
	basin: 'Ovrane basin',
	water: 'Ovrane',
	reach: 'Alder Bend',
	latitude: 47.1723,
	longitude: -20.3312,
	timeZone: DEMO_TIME_ZONE
};
const tied: Note = {
	id: '01890000-0000-7000-8000-000000000001',
	at: new Date(DEMO_NOW.getTime() - 60_000),
	kind: 'attempt',
	body: { patternId: 'hanging-parachute-emerger-olive', hookSize: 18, outcome: 'taken' }
};
const notes = [...demoMorning(seededRandom(7)).notes, tied];
const records = proposeRecords(foldOuting(notes, place, DEMO_NOW), notes, names);
const emerger = records.find(({ taxonId, stage }) => taxonId === 'baetis' && stage === 'emerger');
if (!emerger) throw new Error('no emerger record');

describe('a record proposed from an outing', () => {
	it('puts first what the fish were likeliest on', () => {
		expect(records[0]).toBe(emerger);
		const winged = records
			.filter(({ stage }) => stage !== 'nymph' && stage !== 'larva')
			.map(({ taken }) => taken);
		expect(winged).toEqual([...winged].sort((a, b) => b - a));
		expect(records.at(-1)?.stage).toMatch(/nymph|larva/);
	});

	it('tells when it was first, most and last seen, how many, how large, and what was on', () => {
		const dun = records.find(({ taxonId, stage }) => taxonId === 'baetis' && stage === 'dun');
		expect(dun?.firstSeen.toISOString()).toBe('2026-05-19T11:09:00.000Z');
		expect(dun?.lastSeen.toISOString()).toBe('2026-05-19T11:26:00.000Z');
		expect(emerger).toMatchObject({
			day: '2026-05-19',
			abundance: 'few',
			lengthMm: 7,
			conditions: { waterC: 9.8, sky: 'drizzle' },
			flies: [{ patternId: 'hanging-parachute-emerger-olive', outcome: 'taken', times: 1 }]
		});
		expect(emerger.riseForms[0]).toEqual({ form: 'bulge', count: 4 });
	});

	it('is made of what has no name too, with its length and colour, and reads back', () => {
		const unnamed: Note = {
			id: '5f0c3a52-6f0e-4d5b-9a39-6d2f0a4c1e88',
			at: new Date('2026-05-19T11:10:00Z'),
			kind: 'unnamed',
			body: {
				group: 'stonefly',
				stage: 'adult',
				lengthMm: 8,
				shade: 'olive',
				zone: 'on-film',
				abundance: 'few'
			}
		};
		const all = [...notes, unnamed];
		const record = proposeRecords(foldOuting(all, place, DEMO_NOW), all, names).find(
			({ taxonId }) => taxonId === 'unnamed-stonefly'
		);
		expect(record).toMatchObject({ stage: 'adult', abundance: 'few', lengthMm: 8, belly: SHADES.olive });
		expect(v.parse(HatchRecordSchema, JSON.parse(JSON.stringify(record)))).toEqual(record);
	});

	it('reads back from storage as it was', () => {
		for (const record of records)
			expect(v.parse(HatchRecordSchema, JSON.parse(JSON.stringify(record)))).toEqual(record);
	});

	it('refuses times out of order and a stage the taxon has not', () => {
		const wrong = { ...emerger, mostSeen: new Date(emerger.firstSeen.getTime() - 1), stage: 'larva' };
		const fields = fieldIssues(v.safeParse(RecordTextSchema, wrong).issues ?? []).map(({ field }) => field);
		expect(fields).toEqual(expect.arrayContaining(['stage', 'mostSeen']));
	});

	it.each([
		[0, 'none'],
		[2, 'single'],
		[9, 'few'],
		[10, 'many'],
		[50, 'masses']
	])('calls %d in the net %s', (count, word) => {
		expect(abundanceOf(count)).toBe(word);
	});
});

describe('a record of what was not there', () => {
	const looked = (abundance: 'none' | 'few', minutesAgo: number): Note => ({
		id: `01890000-0000-7000-8000-0000000009${String(minutesAgo).padStart(2, '0')}`,
		at: new Date(DEMO_NOW.getTime() - minutesAgo * 60_000),
		kind: 'sighting',
		body: { taxonId: 'ephemera', stage: 'dun', zone: 'on-film', abundance, sign: 'insects' }
	});
	const proposed = (...more: Note[]) => {
		const all = [...notes, ...more];
		return proposeRecords(foldOuting(all, place, DEMO_NOW), all, names).filter(
			({ taxonId }) => taxonId === 'ephemera'
		);
	};

	it('is proposed, last, with the window in which somebody looked', () => {
		const [absent] = proposed(looked('none', 50), looked('none', 10));
		expect(absent).toMatchObject({ abundance: 'none', taken: 0 });
		expect(absent && absent.lastSeen.getTime() - absent.firstSeen.getTime()).toBe(40 * 60_000);
		const all = [...notes, looked('none', 50)];
		expect(proposeRecords(foldOuting(all, place, DEMO_NOW), all, names).at(-1)?.taxonId).toBe('ephemera');
	});

	it('gives way to what was seen after all', () => {
		expect(proposed(looked('none', 50), looked('few', 10))).toMatchObject([{ abundance: 'few' }]);
	});
});

describe('how much of it another guide sees', () => {
	const full = { ...emerger, words: 'Below the third alder at Alder Bend' };

	it.each([
		['reach', ['latitude', 'longitude'], []],
		['water', ['latitude', 'longitude', 'reach"'], ['Alder']],
		['basin', ['latitude', 'longitude', 'reach"', 'water"'], ['Alder', '"Ovrane"']]
	] as const)('holds nothing finer than the %s', (precision, keys, text) => {
		const told = JSON.stringify(coarsen(full, precision));
		for (const key of keys) expect(told).not.toContain(`"${key}`);
		for (const word of text) expect(told).not.toContain(word);
		for (const secret of ['47.17', '-20.33', 'outing', 'note', 'guest']) expect(told).not.toContain(secret);
	});

	it('gives the whole place only when that was chosen', () => {
		expect(coarsen(full, 'exact').place).toEqual(full.place);
	});

	it('tells of a water that is never named neither its name nor the day, only basin and half of the month', () => {
		const told = coarsen(full, 'season');
		expect(JSON.stringify(told)).not.toMatch(/"Ovrane"|Alder|2026-05-19/);
		expect(told).toMatchObject({ day: '2026-05-16', place: { precision: 'season', basin: 'Ovrane basin' } });
		expect(told.firstSeen <= told.mostSeen && told.mostSeen <= told.lastSeen).toBe(true);
	});

	it('is never finer at a coarser step, whatever the record', () => {
		const size = (record: unknown) => JSON.stringify(record).length;
		fc.assert(
			fc.property(
				fc.record({
					waterC: fc.double({ min: 0, max: 25, noNaN: true }),
					clarityM: fc.double({ min: 0, max: 9, noNaN: true })
				}),
				fc.integer({ min: 0, max: 600 }),
				(conditions, minutes) => {
					const record = {
						...full,
						conditions,
						lastSeen: new Date(full.lastSeen.getTime() + minutes * 60_000)
					};
					const told = PRECISIONS.map((precision) => coarsen(record, precision));
					for (const shared of told) expect(v.is(SharedRecordSchema, shared)).toBe(true);
					const sizes = told.map(({ place }) => size({ ...place, precision: '' }));
					expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
					const basin = told[3];
					expect((basin?.lastSeen.getTime() ?? 1) % (180 * 60_000)).toBe(0);
					expect(basin?.conditions).not.toHaveProperty('clarityM');
				}
			)
		);
	});
});
