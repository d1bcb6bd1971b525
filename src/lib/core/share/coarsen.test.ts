import fc from 'fast-check';
import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import {
	HatchRecordSchema,
	HOW_SURE,
	NAMED_BY,
	PRECISIONS,
	SharedRecordSchema,
	type HatchRecord
} from '../record';
import { coarsen } from './coarsen';
import { TAXA } from '../atlas';
import { EARLIEST, LATEST } from '../note';
import { ABUNDANCES, ATTEMPT_OUTCOMES, LIGHTS, RISE_FORMS, SKIES, SURFACES } from '../vocabulary';

/** A number of a range, its ends as often as what lies between. */
const ranged = (min: number, max: number) =>
	fc
		.oneof(fc.constantFrom(min, max, 0, -0.5), fc.double({ min, max, noNaN: true }))
		.map((x) => Math.max(min, Math.min(max, x)));
const instant = fc.oneof(
	fc.constantFrom(EARLIEST, LATEST),
	fc.date({ min: EARLIEST, max: LATEST, noInvalidDate: true })
);
const day = fc.oneof(
	fc.constantFrom('1989-12-01', '1989-12-31', '1990-01-01', '2024-02-29', '2100-12-31', '2101-01-31'),
	instant.map((at) => at.toISOString().slice(0, 10))
);
const name = fc
	.string({ minLength: 1, maxLength: 80, unit: 'grapheme-ascii' })
	.map((text) => text.trim() || 'x');
const natural = fc
	.constantFrom(...TAXA)
	.chain((taxon) => fc.constantFrom(...taxon.stages).map(({ stage }) => ({ taxonId: taxon.id, stage })));
const some = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined });
/** Without the fields that are not there, as JSON has it. */
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

const record = fc.record({
	natural,
	day,
	times: fc
		.tuple(instant, instant, instant, instant, instant)
		.map((times) => times.sort((a, b) => a.getTime() - b.getTime())),
	abundance: fc.constantFrom(...ABUNDANCES),
	naming: some(fc.record({ by: fc.constantFrom(...NAMED_BY), sure: fc.constantFrom(...HOW_SURE) })),
	lengthMm: some(ranged(0.5, 120)),
	belly: some(fc.record({ l: ranged(0, 100), a: ranged(-128, 128), b: ranged(-128, 128) })),
	hookSize: some(fc.integer({ min: 2, max: 32 })),
	conditions: fc.record(
		{
			waterC: ranged(-1, 35),
			airC: ranged(-40, 50),
			sky: fc.constantFrom(...SKIES),
			windMs: ranged(0, 40),
			light: fc.constantFrom(...LIGHTS),
			clarityM: ranged(0, 20),
			surface: fc.constantFrom(...SURFACES),
			speedMs: ranged(0, 5),
			levelM: ranged(-5, 10)
		},
		{ requiredKeys: [] }
	),
	waterSpan: some(fc.record({ firstC: ranged(-1, 35), lastC: ranged(-1, 35) })),
	riseForms: fc.array(fc.record({ form: fc.constantFrom(...RISE_FORMS), count: fc.nat() }), {
		maxLength: RISE_FORMS.length
	}),
	taken: ranged(0, 1),
	flies: fc.array(
		fc.record({
			patternId: name.map((text) => text.slice(0, 60).trim() || 'x'),
			hookSize: fc.integer({ min: 2, max: 32 }),
			outcome: fc.constantFrom(...ATTEMPT_OUTCOMES),
			times: fc.nat()
		}),
		{ maxLength: 100 }
	),
	words: some(name),
	place: fc.record({
		basin: name,
		water: name,
		reach: name,
		latitude: ranged(-90, 90),
		longitude: ranged(-180, 180)
	})
});

describe('what circles see of a record', () => {
	it('can be read back whatever the record holds, at every precision', () => {
		fc.assert(
			fc.property(record, fc.constantFrom(...PRECISIONS), fc.boolean(), (given, precision, withWords) => {
				const { natural: what, times, place, ...rest } = given;
				const [notBefore, firstSeen, mostSeen, lastSeen, notAfter] = times;
				const stored = v.parse(
					HatchRecordSchema,
					plain({
						...rest,
						...what,
						...{ timeZone: 'Etc/GMT-1', notBefore, firstSeen, mostSeen, lastSeen, notAfter },
						place: { precision: 'exact', ...place }
					})
				) satisfies HatchRecord;
				const told = plain(coarsen(stored, precision, withWords));
				const read = v.safeParse(SharedRecordSchema, told);
				expect(read.issues).toBeUndefined();
				expect(plain(read.output)).toEqual(told);
			}),
			{ numRuns: 1000 }
		);
	});
});
