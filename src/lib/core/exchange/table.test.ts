import fc from 'fast-check';
import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import { csvLine, RECORD_COLUMNS, recordCells } from './csv';
import { unknownWords } from './table-content';
import { guessMapping, missingFields, type TableMapping } from './table-fields';
import { readTableRow } from './table-record';
import { TableRows } from './table-rows';
import { givenNames, LIFE_STAGES, TAXA } from '../atlas';
import { sayMessage } from '../message';
import { nameOf, wordsOf } from '../note';
import { ABUNDANCES, ATTEMPT_OUTCOMES, RISE_FORMS, SKIES } from '../vocabulary';
import { HOW_SURE, NAMED_BY, type HatchRecord } from '../record';
import { testId } from '../../../../tests/support/story';

const rowsOf = (text: string, step = text.length) => {
	const rows = new TableRows();
	const found = [];
	for (let at = 0; at < text.length; at += step) found.push(...rows.read(text.slice(at, at + step)));
	return [...found, ...rows.end()];
};

/** The first row's mapping, guessed, and the rest of the rows read with it. */
function read(text: string, change: (mapping: TableMapping) => void = () => undefined) {
	const [head, ...rows] = rowsOf(text);
	const guessed = guessMapping(
		head?.cells ?? [],
		rows.map(({ cells }) => cells)
	);
	const mapping: TableMapping = { ...guessed, dates: guessed.dates ?? 'dmy' };
	change(mapping);
	return { mapping, rows: rows.map((row) => readTableRow(row, mapping)) };
}
const notebook = (mapping: TableMapping): void => {
	mapping.fixed = { basin: 'Ovrane basin', reach: 'Alder Bend', time_zone: 'Europe/Zurich' };
};
const first = (text: string, change = notebook) => {
	const [row] = read(text, change).rows;
	if (!row || !('value' in row)) throw new Error(JSON.stringify(row));
	return row.value;
};
const wrongIn = (text: string, change = notebook) =>
	read(text, change).rows.flatMap((row) =>
		'bad' in row ? row.bad.map(({ says, ...cell }) => ({ ...cell, message: sayMessage(says) })) : []
	);

describe('rows of a table', () => {
	it('are whole however the text comes in, with quotes, line ends within cells, and an end without a line end', () => {
		const text = 'a,"b ""x"" ,\r\nc",d\r\n\r\n5" hook,e,f\nlast,,';
		const whole = rowsOf(text);
		expect(whole).toEqual([
			{ line: 1, cells: ['a', 'b "x" ,\r\nc', 'd'] },
			{ line: 4, cells: ['5" hook', 'e', 'f'] },
			{ line: 5, cells: ['last', '', ''] }
		]);
		for (const step of [1, 2, 3, 7]) expect(rowsOf(text, step)).toEqual(whole);
	});

	it.each([
		['a;b;c', 3],
		['a\tb', 2],
		['"x,y,z";b', 2]
	])('are parted as %j is', (line, cells) => {
		expect(rowsOf(line)[0]?.cells).toHaveLength(cells);
	});

	it('come back as they were written, whatever is in them', () => {
		const cell = fc.string({ unit: 'grapheme', maxLength: 30 }).map((text) => text.replaceAll('\0', ''));
		fc.assert(
			fc.property(
				fc.array(fc.array(cell, { minLength: 2, maxLength: 5 }), { minLength: 1, maxLength: 8 }),
				fc.integer({ min: 1, max: 40 }),
				(table, step) => {
					const head = ['one', 'two', 'three'];
					const kept = table.filter((cells) => csvLine(cells).trim() !== '');
					const text = [head, ...kept].map(csvLine).join('');
					expect(rowsOf(text, step).map(({ cells }) => cells)).toEqual([head, ...kept]);
				}
			)
		);
	});

	it('that never end are refused before they fill the memory', () => {
		expect(() => rowsOf(`a,b\n"${'x,'.repeat(200_000)}`, 65_536)).toThrow('Line 2 is over 200000 characters');
		expect(() => rowsOf(`a,b\n${'x'.repeat(300_000)}`)).toThrow('Line 2');
		expect(() => rowsOf(','.repeat(10_000))).toThrow('Line 1 has 10001 columns');
	});
});

describe('what the columns of a notebook mean', () => {
	it('is guessed from headers in words, units among them', () => {
		const { mapping } = read(
			'Date;Bug;Stage;River;Beat;How many;Start;Peak;End;Water temp (°F);Size (in);Notes\n19.5.2025;olive;dun;Ovrane;A;12;12:10;;;50;0.28;x'
		);
		expect(mapping.columns).toMatchObject({
			day: 0,
			taxon_id: 1,
			stage: 2,
			water: 3,
			reach: 4,
			how_many: 5,
			first_seen: 6,
			most_seen: 7,
			last_seen: 8,
			water_c: 9,
			length_mm: 10,
			words: 11
		});
		expect(mapping).toMatchObject({ dates: 'dmy', temperature: 'F', length: 'in' });
		expect(missingFields(mapping).map(({ id }) => id)).toEqual(['basin', 'time_zone']);
	});

	it.each([
		[['2025-05-19'], 'ymd'],
		[['19/05/2025', '01/06/2025'], 'dmy'],
		[['05/19/2025', '06/01/2025'], 'mdy'],
		[['13 May 2025', 'June 1, 2025'], 'ymd'],
		// Any of these reads in two ways, or some of them in no one way: asked about, never guessed.
		[['3.4.2025'], undefined],
		[['12/05/2025', '11/05/2025'], undefined],
		[['25/05/2025', '05/26/2025'], undefined]
	])('reads the order of dates from %j', (days, order) => {
		expect(
			guessMapping(
				['day'],
				days.map((day) => [day])
			).dates
		).toBe(order);
	});
});

describe('a row as a record', () => {
	const head = 'day,insect,stage,how many,first,most,last,water,water temp,size,notes\n';

	it('takes names, numbers, clock times and units as guides write them', () => {
		const { told, day, water, timeZone } = first(
			`${head}19.5.2025,Baetis sp.,Duns,23,12:10,1:20 pm,2.40 pm,Ovrane,9.8 °C,7 mm,"by the alder, low"`
		);
		expect({ day, water, timeZone }).toEqual({
			day: '2025-05-19',
			water: 'Ovrane',
			timeZone: 'Europe/Zurich'
		});
		expect(told).toMatchObject({
			taxonId: 'baetis',
			stage: 'dun',
			abundance: 'many',
			firstSeen: new Date('2025-05-19T10:10:00Z'),
			mostSeen: new Date('2025-05-19T11:20:00Z'),
			lastSeen: new Date('2025-05-19T12:40:00Z'),
			lengthMm: 7,
			conditions: { waterC: 9.8 },
			words: 'by the alder, low'
		});
	});

	it('turns Fahrenheit and inches into our own units', () => {
		const { told } = first(
			'Date,Insect,Stage,Number,Time,River,Water temp F,Size in\n2025-05-19,olive,dun,few,12:00,Ovrane,50,0.28\n'
		);
		expect(told).toMatchObject({ lengthMm: 7.11, conditions: { waterC: 10 } });
	});

	it('refuses a number in another unit than its column, and one that cannot be', () => {
		const row = (temperature: string, size: string) =>
			wrongIn(`${head}2025-05-19,olive,dun,few,12:00,,,Ovrane,${temperature},${size},`).map(
				({ field, message }) => [field, message]
			);
		expect(row('50 °F', '0.7 cm')).toEqual([
			['length_mm', '“0.7 cm” is not in mm, as the column is'],
			['water_c', '“50 °F” is not in C, as the column is']
		]);
		expect(row('50', '7')).toEqual([['water_c', '50 is over 35 °C']]);
		expect(row('"9,8 C"', '7mm')).toEqual([]);
	});

	it('runs past midnight into the next day', () => {
		const { told } = first(`${head}2025-06-19,olive,spinner,many,22:30,23:40,00:20,Ovrane,,,`);
		expect(told.lastSeen.getTime() - told.firstSeen.getTime()).toBe(110 * 60_000);
	});

	it('names every cell that is wrong, by line, field and what would be right', () => {
		const wrong = wrongIn(
			`${head}2025-02-30,zyxw,flying,umpteen,25:00,,,,warm,big,\n2025-05-19,olive,pupa,few,12:00,,,Ovrane,,,\n2025-05-19,olive,dun,few,12:00,11:00 am,,Ovrane,,900,`
		);
		expect(wrong.filter(({ line }) => line === 2).map(({ field }) => field)).toEqual([
			'day',
			'taxon_id',
			'stage',
			'how_many',
			'water',
			'length_mm',
			'water_c'
		]);
		expect(wrong.find(({ field }) => field === 'taxon_id')?.message).toBe(
			'no insect of the atlas is called “zyxw”'
		);
		expect(wrong.find(({ line }) => line === 3)?.message).toMatch(/^olive has no pupa; it has nymph/);
		expect(wrong.filter(({ line }) => line === 4)).toEqual([
			{ line: 4, field: 'length_mm', message: '900 is over 120 mm' }
		]);
	});

	it('takes a row as a guide writes it: names with and without hyphens, stages in them, words for numbers', () => {
		const told = (row: string) => first(head + row).told;
		expect(told('2025-05-19,blue winged olive,dun,few,12:00,,,Ovrane,,,').taxonId).toBe(
			told('2025-05-19,Blue-winged  Olive,dun,few,12:00,,,Ovrane,,,').taxonId
		);
		expect(told('2025-05-19,olive dun,,few,12:00,,,Ovrane,,,')).toMatchObject({
			taxonId: 'baetis',
			stage: 'dun'
		});
		expect(told('2025-05-19,mahogany dun,dun,few,12:00,,,Ovrane,,,')).toMatchObject({ stage: 'dun' });
		expect(told('19 May 2025,olive,spinners,few,12:00,,,Ovrane,,,').firstSeen).toEqual(
			new Date('2025-05-19T10:00:00Z')
		);
		for (const [word, step] of [
			['lots', 'many'],
			['Loads', 'many'],
			['some', 'few'],
			['a couple', 'single'],
			['heavy', 'masses'],
			['20+', 'many'],
			['about 4', 'few'],
			['3 or 4', 'few'],
			['none', 'none']
		] as const)
			expect(told(`2025-05-19,olive,dun,${word},12:00,,,Ovrane,,,`).abundance, word).toBe(step);
	});

	it('keeps flies that are told in another way as words', () => {
		const text = `Date,Insect,Stage,How many,Time,Water,Flies,Notes\n2025-05-19,olive,dun,few,12:00,Ovrane,"parachute olive 18; wing-up-cripple-olive #16 taken 2",late start\n`;
		expect(first(text).told).toMatchObject({
			flies: [{ patternId: 'wing-up-cripple-olive', hookSize: 16, outcome: 'taken', times: 2 }],
			words: 'late start Flies: parachute olive 18'
		});
	});

	it('asks about each unknown word once, and takes the answer for all rows', () => {
		const rows = ['sedge,adult,few', 'Sedge pupa,,umpteen', 'sedge,,few', 'olive,dun,few']
			.map((row) => `2025-05-19,${row},12:00,,,Ovrane,,,`)
			.join('\n');
		const [top, ...lines] = rowsOf(head + rows);
		const { columns } = guessMapping(top?.cells ?? [], []);
		const asked = unknownWords(
			lines.map(({ cells }) => cells),
			{ columns }
		);
		expect(asked.map(({ field, word, rows: count }) => [field, word.toLowerCase(), count])).toEqual([
			['taxon_id', 'sedge', 3],
			['how_many', 'umpteen', 1]
		]);
		const { rows: told } = read(head + rows, (mapping) => {
			notebook(mapping);
			mapping.fixed['stage'] = 'adult';
			mapping.answers = { taxon_id: { sedge: 'hydropsyche' }, how_many: { umpteen: 'masses' } };
		});
		expect(told.map((row) => 'value' in row && [row.value.told.taxonId, row.value.told.stage])).toEqual([
			['hydropsyche', 'adult'],
			['hydropsyche', 'pupa'],
			['hydropsyche', 'adult'],
			['baetis', 'dun']
		]);
	});

	it('knows what the guide and the circles call insects, and asks where a name means several', () => {
		const name = (id: string, taxonId: string, said: string) => ({ id, taxonId, name: said, mine: true });
		const given = givenNames([
			name('1', 'hydropsyche', 'sedge'),
			name('2', 'baetis', 'wee one'),
			name('3', 'caenis', 'Wee One')
		]);
		const [, ...lines] = rowsOf(
			`${head}${['sedge pupa,,few', 'wee ones,,few', 'baetis,nymph,few'].map((row) => `2025-05-19,${row},12:00,,,Ovrane,,,`).join('\n')}`
		);
		const { columns } = guessMapping(rowsOf(head + 'x')[0]?.cells ?? [], []);
		const cells = lines.map((line) => line.cells);
		expect(unknownWords(cells, { columns }, given).map(({ word }) => word)).toEqual(['wee ones']);
		expect(unknownWords(cells, { columns })).toHaveLength(2);
	});

	it('tells columns with odd headings by what they hold', () => {
		const text =
			'Wann,Tierchen,Zustand,Menge,Uhr,River\n19/05/2025,olive,dun,lots,12:15,Ovrane\n20/05/2025,grannom,adult,30,13:00,Ovrane\n';
		const { mapping, rows } = read(text, notebook);
		expect(mapping.columns).toEqual({ day: 0, taxon_id: 1, stage: 2, how_many: 3, first_seen: 4, water: 5 });
		expect(rows.every((row) => 'value' in row)).toBe(true);
	});

	it('asks which is meant where a local name is that of several', () => {
		const [wrong] = wrongIn(`${head}2025-05-19,green drake,dun,few,12:00,,,Ovrane,,,`);
		expect(wrong?.message).toMatch(/^“green drake” may be .+, .+; write which$/);
	});

	it('takes a local name for what it means where the table is from', () => {
		const columns = { taxon_id: 0 };
		const asked = (region?: 'british-isles' | 'western-na') =>
			unknownWords([['blue-winged olive dun']], { columns, region }).length;
		expect(asked('british-isles')).toBe(0);
		const told = (region: 'british-isles' | 'western-na') =>
			read(`${head}2025-05-19,blue-winged olive,dun,few,12:00,,,Ovrane,,,`, (mapping) => {
				notebook(mapping);
				mapping.region = region;
			}).rows.map((row) => 'value' in row && row.value.told.taxonId);
		expect(told('british-isles')).toEqual(['serratella']);
		expect(told('western-na')).toEqual(['baetis']);
	});

	it('takes a group for what has no name, unless an insect is called so', () => {
		const columns = { taxon_id: 0 };
		expect(unknownWords([['a stonefly'], ['stoneflies'], ['unknown mayfly dun']], { columns })).toEqual([]);
		const { told } = first(
			`Date,Insect,How many,Time,Water\n2025-05-19,unknown stonefly adult,few,12:00,Ovrane\n`
		);
		expect([told.taxonId, told.stage]).toEqual(['unnamed-stonefly', 'adult']);
	});

	it('wants a time, which may be the same for all rows', () => {
		const text = `${head}2025-05-19,olive,dun,few,,,,Ovrane,,,`;
		expect(wrongIn(text)).toEqual([
			{ line: 2, field: 'first_seen', message: 'no time is told; give one for all rows' }
		]);
		expect(
			first(text, (mapping) => {
				notebook(mapping);
				mapping.fixed['first_seen'] = '13:00';
			}).told.firstSeen
		).toEqual(new Date('2025-05-19T11:00:00Z'));
	});
});

describe('our own table', () => {
	const instant = fc
		.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2027, 0, 1) })
		.map((ms) => new Date(ms));
	const number = (min: number, max: number) => fc.double({ min, max, noNaN: true }).map((x) => x + 0);
	// RFC 4180 leaves out nothing, but no field keeps the space around it.
	const textOf = (schema: v.GenericSchema<string, string>) =>
		fc
			.string({ unit: 'grapheme', minLength: 1, maxLength: 80 })
			.map((text) => v.safeParse(schema, text.replaceAll(/[\0\p{Cs}]/gu, '')))
			.filter((read) => read.success)
			.map((read) => read.output);
	const words = textOf(wordsOf(80));
	const named = textOf(nameOf(60));
	const natural = fc
		.constantFrom(...TAXA)
		.chain((taxon) => fc.constantFrom(...taxon.stages).map(({ stage }) => ({ taxonId: taxon.id, stage })));
	const record: fc.Arbitrary<HatchRecord> = fc
		.record(
			{
				natural,
				times: fc.tuple(instant, fc.nat(7_200_000), fc.nat(7_200_000)),
				abundance: fc.constantFrom(...ABUNDANCES),
				naming: fc.record({ by: fc.constantFrom(...NAMED_BY), sure: fc.constantFrom(...HOW_SURE) }),
				lengthMm: number(0.5, 120),
				belly: fc.record({ l: number(0, 100), a: number(-128, 128), b: number(-128, 128) }),
				hookSize: fc.integer({ min: 2, max: 32 }),
				waterC: number(-1, 35),
				waterSpan: fc.record({ firstC: number(-1, 35), lastC: number(-1, 35) }),
				sky: fc.constantFrom(...SKIES),
				riseForms: fc.uniqueArray(fc.constantFrom(...RISE_FORMS)),
				taken: number(0, 1),
				rivals: fc.array(fc.record({ stage: fc.constantFrom(...LIFE_STAGES), probability: number(0, 1) }), {
					minLength: 1,
					maxLength: 3
				}),
				leader: fc.record({ leaderM: number(1, 15), tippetX: fc.integer({ min: 0, max: 8 }) }),
				flies: fc.array(
					fc.record({
						name: fc.option(named, { nil: undefined }),
						hookSize: fc.integer({ min: 2, max: 32 }),
						outcome: fc.constantFrom(...ATTEMPT_OUTCOMES),
						times: fc.integer({ min: 1, max: 99 })
					}),
					{ maxLength: 4 }
				),
				words
			},
			{
				requiredKeys: ['natural', 'times', 'abundance', 'riseForms', 'taken', 'flies']
			}
		)
		.map(
			({
				natural: what,
				times: [firstSeen, most, last],
				waterC,
				sky,
				riseForms,
				rivals,
				flies,
				...rest
			}) => ({
				...what,
				...rest,
				day: '2026-05-19',
				timeZone: 'Europe/Zurich',
				firstSeen,
				mostSeen: new Date(firstSeen.getTime() + Math.min(most, last)),
				lastSeen: new Date(firstSeen.getTime() + Math.max(most, last)),
				conditions: { ...(waterC !== undefined && { waterC }), ...(sky && { sky }) },
				riseForms: riseForms.map((form, i) => ({ form, count: i + 1 })),
				...(rivals && { rivals: rivals.map((rival) => ({ taxonId: 'baetis', ...rival })) }),
				flies: flies.map(({ name, ...fly }) => ({
					patternId: testId(),
					...(name !== undefined && name !== '' && { name }),
					...fly
				})),
				place: {
					precision: 'exact' as const,
					basin: 'Ovrane basin',
					water: 'Ovrane',
					reach: 'Alder Bend',
					latitude: 47.17,
					longitude: -20.33
				}
			})
		);

	it('loses nothing of any record on its way out and in again', () => {
		fc.assert(
			fc.property(fc.array(record, { minLength: 1, maxLength: 5 }), (records) => {
				const ids = records.map(() => ({ id: testId(), outingId: testId() }));
				const text =
					csvLine(RECORD_COLUMNS) +
					records
						.map((one, i) => csvLine(recordCells(ids[i]?.id ?? '', ids[i]?.outingId ?? '', one)))
						.join('');
				const { mapping, rows } = read(text);
				expect(Object.keys(mapping.columns)).toHaveLength(RECORD_COLUMNS.length - 2);
				for (const [i, row] of rows.entries()) {
					const { day, timeZone, place, ...told } = records[i] as HatchRecord;
					expect(row).toEqual({
						value: {
							recordId: ids[i]?.id,
							outingId: ids[i]?.outingId,
							day,
							timeZone,
							basin: place.basin,
							water: place.water,
							reach: place.reach,
							position: { latitude: place.latitude, longitude: place.longitude },
							told
						}
					});
				}
			}),
			{ numRuns: 300 }
		);
	});

	it('answers any row at all with a record or with what is wrong, never with a crash', () => {
		const mapping: TableMapping = { ...guessMapping([...RECORD_COLUMNS], []), dates: 'ymd' };
		fc.assert(
			fc.property(fc.array(fc.string({ unit: 'binary', maxLength: 60 }), { maxLength: 45 }), (cells) => {
				const told = readTableRow({ line: 2, cells }, mapping);
				expect('value' in told || told.bad.length > 0).toBe(true);
			}),
			{ numRuns: 3000 }
		);
	});
});
