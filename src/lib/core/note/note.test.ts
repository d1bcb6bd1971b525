import fc from 'fast-check';
import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import { foldOuting } from '../outing';
import { sayMessage } from '../message';
import { fieldIssues } from './issues';
import { nameOf } from './fields';
import { NoteSchema, type Note } from './note';
import type { Place } from '../atlas';

const place: Place = { latitude: 47, longitude: -20, elevationM: 700, water: 'freestone' };
const now = new Date('2026-05-19T12:00:00Z');
const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const minute = (n: number) => new Date(Date.parse('2026-05-19T11:00:00Z') + n * 60_000);

const rise = (n: number, form: 'nose' | 'bulge', replaces?: number): Note => ({
	id: id(n),
	at: minute(n),
	kind: 'rise',
	body: { form },
	...(replaces !== undefined && { replaces: id(replaces) })
});
const withdraw = (n: number, replaces: number): Note => ({
	id: id(n),
	at: minute(n),
	kind: 'void',
	body: {},
	replaces: id(replaces)
});
const forms = (notes: Note[], at = now) => foldOuting(notes, place, at).rises.map((r) => r.note.body.form);
const parse = (note: unknown) => v.safeParse(NoteSchema, note);
const wrong = (note: unknown) => {
	const [issue] = fieldIssues(parse(note).issues ?? []);
	return issue && { field: issue.field, message: sayMessage(issue.says) };
};

describe('a field note', () => {
	const base = { id: id(1), at: '2026-05-19T11:40:00Z' };

	it('names the field that is wrong and what would be right', () => {
		expect(wrong({ ...base, kind: 'conditions', body: { waterC: 60 } })).toEqual({
			field: 'body.waterC',
			message: '60 is over 35 °C'
		});
		expect(wrong({ ...base, kind: 'conditions', body: {} })?.message).toBe('states nothing');
		expect(wrong({ ...base, at: 'noon', kind: 'rise', body: { form: 'nose' } })?.field).toBe('at');
		expect(wrong({ ...base, at: '2026-02-31T99:00:00Z', kind: 'rise', body: { form: 'nose' } })?.field).toBe(
			'at'
		);
		expect(wrong({ ...base, kind: 'rise', body: { form: 'wiggle' } })?.field).toBe('body.form');
		expect(wrong({ ...base, kind: 'void', body: {} })?.field).toBe('replaces');
	});

	it('hangs a third fly only behind a second', () => {
		const fly = { patternId: 'midge-pupa-black', hookSize: 16, distanceM: 1 };
		const rig = { leaderM: 4, tippetX: 4, tippetM: 1, third: fly };
		expect(wrong({ ...base, kind: 'rig', body: rig })).toEqual({
			field: 'body.third',
			message: 'hangs behind a second fly, and there is none'
		});
		expect(wrong({ ...base, kind: 'rig', body: { ...rig, second: fly } })).toBeUndefined();
	});

	it('takes names in every script, without what cannot be seen in them', () => {
		const read = (text: string) => v.safeParse(nameOf(60), text);
		for (const name of ['زهرة النهر', 'פרח הנהר', 'می‌خواهم', 'Großer Bach', '春の川', 'İzmir'])
			expect(read(name).output).toBe(name);
		expect(read('Al\u202Eder\u200B Bend\u2066').output).toBe('Alder Bend');
		expect(read('one\nline\tonly').output).toBe('one line only');
		for (const nothing of ['\u200B', '\u202E\u2069', '\u200C\u200D', ' \u00AD '])
			expect(read(nothing).success).toBe(false);
	});

	it('knows which stages a taxon has', () => {
		const lot = { taxonId: 'perla', stage: 'emerger', count: 2 };
		expect(wrong({ ...base, kind: 'sample', body: { method: 'surface-net', lots: [lot] } })).toEqual({
			field: 'body.lots.0.stage',
			message: 'this taxon has no such stage'
		});
		expect(
			wrong({
				...base,
				kind: 'sighting',
				body: { taxonId: 'unicorn', stage: 'dun', zone: 'air', abundance: 'few' }
			})
		).toEqual({
			field: 'body.taxonId',
			message: 'the atlas has no taxon “unicorn”'
		});
	});

	it('accepts an empty net: looked and found none is a note too', () => {
		expect(parse({ ...base, kind: 'sample', body: { method: 'surface-net', lots: [] } }).success).toBe(true);
	});
});

describe('folding an outing', () => {
	it('puts a correction in the place and time of what it corrects', () => {
		const outing = foldOuting([rise(1, 'nose'), rise(5, 'bulge', 1)], place, now);
		expect(outing.rises).toHaveLength(1);
		expect(outing.rises[0]?.note.body.form).toBe('bulge');
		expect(outing.rises[0]?.observedAt).toEqual(minute(1));
	});

	it('brings back the first note when its correction is withdrawn, and again', () => {
		const notes = [rise(1, 'nose'), rise(2, 'bulge', 1), withdraw(3, 2), withdraw(4, 3)];
		expect(forms(notes, minute(1))).toEqual(['nose']);
		expect(forms(notes, minute(2))).toEqual(['bulge']);
		expect(forms(notes, minute(3))).toEqual(['nose']);
		expect(forms(notes, minute(4))).toEqual(['bulge']);
	});

	it('lets the later of two corrections count', () => {
		expect(forms([rise(1, 'nose'), rise(3, 'nose', 1), rise(2, 'bulge', 1)])).toEqual(['nose']);
	});

	it('lets a correction that is corrected again stand once, and comes back step by step as they are withdrawn', () => {
		const chain = [rise(1, 'nose'), rise(2, 'bulge', 1), rise(3, 'nose', 2), rise(4, 'bulge', 3)];
		expect(forms(chain)).toEqual(['bulge']);
		expect(forms([...chain, withdraw(5, 4)])).toEqual(['nose']);
		expect(forms([...chain, withdraw(5, 4), withdraw(6, 3)])).toEqual(['bulge']);
		expect(forms([...chain, withdraw(5, 4), withdraw(6, 3), withdraw(7, 2)])).toEqual(['nose']);
		expect(forms([...chain, withdraw(5, 4), withdraw(6, 5)])).toEqual(['bulge']);
		// Corrected on two devices, once on each and once more on one: one of them counts, the latest.
		expect(forms([rise(1, 'nose'), rise(2, 'bulge', 1), rise(3, 'bulge', 2), rise(4, 'nose', 1)])).toEqual([
			'nose'
		]);
	});

	it('never shows two notes of one chain of corrections, in whatever tree they come', () => {
		fc.assert(
			fc.property(
				fc.array(fc.record({ of: fc.nat(), voids: fc.boolean() }), { minLength: 1, maxLength: 40 }),
				(steps) => {
					const notes = steps.map(({ of, voids }, i) =>
						i === 0
							? rise(1, 'nose')
							: voids
								? withdraw(i + 1, 1 + (of % i))
								: rise(i + 1, 'bulge', 1 + (of % i))
					);
					expect(forms(notes).length).toBeLessThanOrEqual(1);
					if (!steps.some(({ voids }, i) => voids && i > 0)) expect(forms(notes)).toHaveLength(1);
				}
			)
		);
	});

	it('does not hang on notes that name each other', () => {
		expect(forms([rise(1, 'nose', 2), rise(2, 'bulge', 1)]).length).toBeGreaterThan(0);
	});

	it('folds a chain of ten thousand corrections, and as many of one note, as it folds plain ones', () => {
		const many = Array.from({ length: 10_000 }, (_, i) => i + 1);
		expect(forms(many.map((n) => rise(n, 'nose', n > 1 ? n - 1 : undefined)))).toHaveLength(1);
		expect(forms(many.map((n) => rise(n, 'nose', n > 1 ? 1 : undefined)))).toHaveLength(1);
	});

	it('keeps each condition as last noted, whichever note named it', () => {
		const notes: Note[] = [
			{ id: id(1), at: minute(1), kind: 'conditions', body: { waterC: 8.1, sky: 'drizzle' } },
			{ id: id(2), at: minute(2), kind: 'conditions', body: { waterC: 9.8 } }
		];
		const { conditions } = foldOuting(notes, place, now);
		expect(conditions.waterC).toEqual({ value: 9.8, noteId: id(2), at: minute(2) });
		expect(conditions.sky?.noteId).toBe(id(1));
	});

	it('gives the same outing whatever the order of its notes, and with notes sent twice', () => {
		const notes = [
			rise(1, 'nose'),
			rise(2, 'bulge', 1),
			withdraw(3, 2),
			rise(4, 'bulge'),
			rise(6, 'nose', 4),
			rise(7, 'nose')
		];
		const expected = foldOuting(notes, place, now);
		fc.assert(
			fc.property(fc.shuffledSubarray([...notes, ...notes], { minLength: notes.length * 2 }), (shuffled) => {
				expect(foldOuting(shuffled, place, now)).toEqual(expected);
			})
		);
	});
});
