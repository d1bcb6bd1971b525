import fc from 'fast-check';
import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import { findStage, findTaxon } from '../atlas';
import type { Lot, NoteOf } from '../note';
import { foldOuting } from '../outing';
import { DEMO_NOW, DEMO_TIME_ZONE } from '$lib/simulate';
import { RIVER, testId } from '../../../../tests/support/story';
import { coarsen, finerNames, weighNames } from '../share';
import { editedRecord } from './edited';
import { foretoldBy, FORETOLD_DAYS, type EarlierSample } from './foretold';
import { namingWeight, usualNaming } from './naming';
import { proposeRecords } from './propose';
import { RecordTextSchema } from './record';
import { looksAt, unseenAround } from './looked';

const names = {
	basin: 'Ovrane basin',
	water: 'Ovrane',
	reach: 'Alder Bend',
	latitude: 47.1723,
	longitude: -20.3312,
	timeZone: DEMO_TIME_ZONE
};
const at = (minute: number) => new Date(DEMO_NOW.getTime() + (minute - 120) * 60_000);
const net = (
	minute: number,
	method: NoteOf<'sample'>['body']['method'],
	...lots: (Partial<Lot> & Pick<Lot, 'taxonId' | 'stage'>)[]
): NoteOf<'sample'> => ({
	id: testId(),
	at: at(minute),
	kind: 'sample',
	body: { method, lots: lots.map((lot) => ({ count: 3, measured: 'body', ...lot })) }
});
const dun = { taxonId: 'baetis', stage: 'dun' } as const;
const outingOf = (...notes: NoteOf<'sample'>[]) => foldOuting(notes, RIVER, DEMO_NOW);
const propose = (...notes: NoteOf<'sample'>[]) => proposeRecords(outingOf(...notes), notes, names);

describe('a window bounded by who was looking', () => {
	it('reaches from the last look that did not show it to the first that did not any more', () => {
		const [record] = propose(
			net(10, 'surface-net'),
			net(30, 'surface-net', dun),
			net(50, 'surface-net', dun),
			net(80, 'surface-net')
		);
		expect(record).toMatchObject({
			firstSeen: at(30),
			lastSeen: at(50),
			notBefore: at(10),
			notAfter: at(80)
		});
	});

	it('is open where nobody looked, or only looked where it would not have shown', () => {
		const [record] = propose(
			net(10, 'kick-net'),
			net(30, 'surface-net', dun),
			net(80, 'stones', { taxonId: 'perla', stage: 'nymph' })
		);
		expect(record).not.toHaveProperty('notBefore');
		expect(record).not.toHaveProperty('notAfter');
	});

	it('never lies inside of the time it was seen', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 0, max: 200 }), { maxLength: 20 }),
				fc.integer({ min: 0, max: 100 }),
				fc.integer({ min: 0, max: 100 }),
				(minutes, from, long) => {
					const { notBefore, notAfter } = unseenAround(minutes.map(at), at(from), at(from + long));
					if (notBefore) expect(notBefore < at(from)).toBe(true);
					if (notAfter) expect(notAfter > at(from + long)).toBe(true);
				}
			)
		);
	});

	it('refuses a stage that the atlas has not', () => {
		expect(() => looksAt(outingOf(), 'baetis', 'pupa')).toThrow('no pupa of "baetis"');
	});
});

describe('what else a record holds', () => {
	const photoId = testId();
	const belly = { l: 50, a: 2, b: 20 };
	const [record] = propose(
		net(30, 'surface-net', { ...dun, lengthMm: 7, belly, photoId }),
		net(40, 'surface-net', { ...dun, lengthMm: 7.2, belly: { l: 54, a: 2, b: 24 } })
	);

	it('is the colour, the hook its length asks for, a picture and how it was named', () => {
		expect(record).toMatchObject({ belly: { l: 52, a: 2, b: 22 }, hookSize: 16, photoId });
		expect(record?.naming?.by).toBe('picture');
	});

	it('is the water when it was first and when it was last seen, as coarse as everything else', () => {
		const measured = (minute: number, waterC: number) => ({
			...{ id: testId(), at: at(minute), kind: 'conditions' as const, body: { waterC } }
		});
		const notes = [
			measured(20, 8.4),
			net(30, 'surface-net', dun),
			measured(45, 9.26),
			net(50, 'surface-net', dun)
		];
		const [own] = proposeRecords(foldOuting(notes, RIVER, DEMO_NOW), notes, names);
		expect(own?.waterSpan).toEqual({ firstC: 8.4, lastC: 9.26 });
		if (!own) throw new Error('no record');
		expect(coarsen(own, 'water').waterSpan).toEqual({ firstC: 8.5, lastC: 9.5 });
		expect(coarsen(own, 'basin').waterSpan).toEqual({ firstC: 8, lastC: 9 });
	});

	it('follows the guide’s own hooks', () => {
		const notes = [net(30, 'surface-net', { ...dun, lengthMm: 7 })];
		const [larger] = proposeRecords(outingOf(...notes), notes, names, { steps: { dry: 2 } });
		expect(larger?.hookSize).toBe(20);
	});

	it('keeps what else the reading held likely, never the record’s own', () => {
		const records = propose(
			net(
				30,
				'surface-net',
				dun,
				{ taxonId: 'baetis', stage: 'emerger' },
				{ taxonId: 'perla', stage: 'adult' }
			)
		);
		const rivals = records.flatMap((own) => own.rivals ?? []);
		expect(rivals.length).toBeGreaterThan(0);
		for (const { taxonId, stage, probability } of rivals) {
			const taxon = findTaxon(taxonId);
			expect(taxon && findStage(taxon, stage)).toBeDefined();
			expect(probability).toBeGreaterThanOrEqual(0.05);
		}
		for (const own of records)
			expect(own.rivals?.map((rival) => `${rival.taxonId}/${rival.stage}`)).not.toContain(
				`${own.taxonId}/${own.stage}`
			);
	});

	it('tells others no picture, and from afar only about which colour', () => {
		if (!record) throw new Error('no record');
		for (const precision of ['exact', 'reach', 'water', 'basin', 'season'] as const)
			expect(JSON.stringify(coarsen(record, precision))).not.toContain(photoId);
		expect(coarsen(record, 'reach').belly).toEqual(record.belly);
		expect(coarsen(record, 'water').belly).toEqual({ l: 50, a: 0, b: 20 });
		expect(coarsen(record, 'water')).not.toHaveProperty('rivals');
	});
});

describe('a record as its guide changed it', () => {
	const [record] = propose(
		net(10, 'surface-net'),
		net(30, 'surface-net', dun),
		net(50, 'surface-net', dun),
		net(80, 'surface-net')
	);
	if (!record) throw new Error('no record');
	const same = {
		...{ firstSeen: record.firstSeen, mostSeen: record.mostSeen, lastSeen: record.lastSeen },
		...{ abundance: record.abundance, naming: { by: 'key', sure: 'sure' } as const, words: '' }
	};

	it('keeps what was noted, and the looks that bound it', () => {
		expect(editedRecord(record, same)).toEqual({ ...record, naming: same.naming });
	});

	it('is not bounded by a look that its new times speak against', () => {
		const wider = editedRecord(record, { ...same, firstSeen: at(5), lastSeen: at(90) });
		expect(wider).not.toHaveProperty('notBefore');
		expect(wider).not.toHaveProperty('notAfter');
		expect(v.is(RecordTextSchema, wider)).toBe(true);
		expect(v.is(RecordTextSchema, { ...record, firstSeen: at(5) })).toBe(false);
	});

	it('says what the guide says, and nothing where that was taken out', () => {
		const said = editedRecord(record, { ...same, words: ' low and clear ' });
		expect(said.words).toBe('low and clear');
		expect(editedRecord(said, same)).not.toHaveProperty('words');
	});
});

describe('how sure a name is', () => {
	it('weighs by how it was come by: the key before the hand before the eye, a guess half', () => {
		expect(namingWeight({ by: 'key', sure: 'sure' })).toBe(2);
		expect(namingWeight({ by: 'hand', sure: 'sure' })).toBeGreaterThan(
			namingWeight({ by: 'eye', sure: 'sure' })
		);
		expect(namingWeight({ by: 'key', sure: 'guess' })).toBe(1);
	});

	it('is less where something looks alike, and from afar', () => {
		expect(usualNaming('perla', 'nymph', 'hand').sure).toBe('likely');
		expect(usualNaming('perla', 'nymph', 'eye').sure).toBe('guess');
	});

	it('lets a name by the key outweigh two by eye', () => {
		const seen = [
			{ author: 'Ines', record: { taxonId: 'baetis', naming: { by: 'eye', sure: 'guess' } as const } }
		];
		const [first] = weighNames(seen, [
			{ author: 'Mira', reply: { kind: 'saw-it-too' } },
			{ author: 'Tomas', reply: { kind: 'question', taxonId: 'rhithrogena', mark: 'two tails' } }
		]);
		expect(first).toEqual({ taxonId: 'baetis', weight: 1.5, by: ['Ines', 'Mira'] });
	});
});

describe('the sample that foretold a hatch', () => {
	const day = (days: number, lots: EarlierSample['lots'], outingId = testId()): EarlierSample => ({
		outingId,
		at: new Date(DEMO_NOW.getTime() - days * 86_400_000),
		method: 'kick-net',
		lots,
		waterC: 9
	});
	const nymphs = (pads?: Lot['pads']): Lot => ({
		taxonId: 'baetis',
		stage: 'nymph',
		count: 12,
		measured: 'body',
		...(pads && { pads })
	});
	const hatch = { ...dun, firstSeen: DEMO_NOW };

	it('is the latest whose pads were looked at, and says whether it was right', () => {
		const black = day(2, [nymphs({ pale: 2, dark: 2, black: 8 })]);
		expect(foretoldBy(hatch, [day(1, [nymphs()]), black])).toMatchObject({
			outingId: black.outingId,
			daysBefore: 2,
			count: 12,
			borneOut: true
		});
		const pale = day(2, [nymphs({ pale: 12, dark: 0, black: 0 })]);
		expect(foretoldBy(hatch, [pale])?.borneOut).toBe(false);
	});

	it('is never of another kind, later, longer ago than a month, or of nymphs themselves', () => {
		expect(foretoldBy(hatch, [day(-1, [nymphs()]), day(FORETOLD_DAYS + 1, [nymphs()])])).toBeUndefined();
		expect(foretoldBy({ ...hatch, taxonId: 'perla' }, [day(2, [nymphs()])])).toBeUndefined();
		expect(foretoldBy({ ...hatch, stage: 'nymph' }, [day(2, [nymphs()])])).toBeUndefined();
	});
});

describe('names in a guide’s own words', () => {
	const own = [
		{ basin: 'Ovrane basin', water: 'Ovrane', reach: 'Alder Bend' },
		{ basin: 'Ovrane basin', water: 'Tessil Brook', reach: 'Mill run' },
		{ basin: 'Ovrane basin', water: 'Ösli', reach: 'Ox' }
	];
	const water = { precision: 'water', basin: 'Ovrane basin', water: 'Ovrane' } as const;

	it.each([
		['Below the third tree at Alder Bend', ['Alder Bend']],
		['ALDERBEND at noon', ['Alder Bend']],
		['as on the tessil-brook', ['Tessil Brook']],
		['like osli in may', ['Ösli']],
		['an ox by the water', ['Ox']],
		['a boxful of duns', []],
		['the Ovrane was high, the whole Ovrane basin was', []]
	])('finds in “%s” what readers may not know', (text, found) => {
		expect(finerNames(text, own, water)).toEqual(found);
	});

	it('lets a reach be named to those who may know it, and a river not to those who know its basin', () => {
		expect(finerNames('Alder Bend', own, { ...water, precision: 'reach', reach: 'Alder Bend' })).toEqual([]);
		const basin = { precision: 'basin', basin: 'Ovrane basin' } as const;
		expect(finerNames('the Ovrane basin', own, basin)).toEqual([]);
		expect(finerNames('the Ovrane', own, basin)).toEqual(['Ovrane']);
	});

	it('finds every own name wherever it stands', () => {
		fc.assert(
			fc.property(fc.string(), fc.string(), fc.constantFrom('Alder Bend', 'Mill run'), (a, b, name) => {
				expect(finerNames(`${a} ${name} ${b}`, own, water)).toContain(name);
			})
		);
	});
});
