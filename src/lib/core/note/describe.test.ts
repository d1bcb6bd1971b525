import { describe, expect, it } from 'vitest';
import { bodyLengthMm, naturalName } from '../atlas';
import { describeNote } from './describe';
import type { Note } from './note';
import { testId } from '../../../../tests/support/story';
import { METRIC, sayMessage, type UnitSettings } from '../message';

const imperial: UnitSettings = { system: 'imperial', tippet: 'X', size: 'hook' };
const base = { id: '01890000-0000-7000-8000-000000000001', at: new Date('2026-05-19T11:40:00Z') };
const told = (note: Note, units: UnitSettings = METRIC) => {
	const { title, detail } = describeNote(note);
	return [sayMessage(title, { units }), detail ? sayMessage(detail, { units }) : ''];
};

describe('a note in a line or two', () => {
	it('tells conditions in the guide’s own units', () => {
		const note: Note = {
			...base,
			kind: 'conditions',
			body: {
				waterC: 9.8,
				airC: 12,
				sky: 'drizzle',
				windMs: 2,
				clarityM: 1.4,
				surface: 'rippled',
				levelM: 0.12,
				levelTrend: 'falling'
			}
		};
		expect(told(note)).toEqual([
			'Conditions',
			'Water 9.8 °C, air 12.0 °C, drizzle, wind 2 m/s, clear to 1.4 m, rippled surface, level +12 cm, falling'
		]);
		expect(told(note, imperial)[1]).toContain('Water 50 °F');
		expect(told(note, imperial)[1]).toContain('clear to 4.6 ft');
	});

	it('tells what was in the net, and that nothing was', () => {
		const sample = (lots: Extract<Note, { kind: 'sample' }>['body']['lots']): Note => ({
			...base,
			kind: 'sample',
			body: { method: 'surface-net', lots }
		});
		expect(
			told(
				sample([
					{ taxonId: 'baetis', stage: 'emerger', count: 9, measured: 'body' },
					{ taxonId: 'chironomidae', stage: 'pupa', count: 2, measured: 'body' }
				])
			)
		).toEqual(['Surface net', '9 olive emerger · 2 midge pupa']);
		expect(told(sample([]))).toEqual(['Surface net', 'Looked, found none']);
	});

	it('tells what became of a fly, a guide’s own by its name, and how it was rigged', () => {
		const fly = (body: Partial<Extract<Note, { kind: 'attempt' }>['body']>): Note => ({
			...base,
			kind: 'attempt',
			body: { patternId: 'wing-up-cripple-olive', hookSize: 16, outcome: 'drifted', ...body }
		});
		expect(told(fly({ drifts: 3, dragged: 1 }))).toEqual([
			'Drifted over, no answer',
			'wing-up cripple, olive #16 · 3 good · 1 dragged'
		]);
		expect(told(fly({ outcome: 'refused', lastMoment: true }))[0]).toBe('Refused at the last moment');
		const dressing = { name: 'Evening {rust}', style: 'spent-wing', belly: 'rust' } as const;
		expect(told(fly({ patternId: testId(), dressing, depthM: 2.5 }))[1]).toBe(
			'Evening {rust} #16 · at 2.5 m'
		);
		const rig: Note = {
			...base,
			kind: 'rig',
			body: {
				leaderM: 3.8,
				tippetX: 6,
				tippetM: 1.2,
				second: { patternId: 'spent-wing-spinner-rust', hookSize: 18, distanceM: 0.5 }
			}
		};
		expect(told(rig)).toEqual([
			'Rigged two flies',
			'leader 3.8 m, of it 1.2 m of 6X; spent-wing spinner, rust 50 cm behind'
		]);
	});

	it('tells how ripe the nymphs were', () => {
		const kick = (pads: { pale: number; dark: number; black: number }): Note => ({
			...base,
			kind: 'sample',
			body: {
				method: 'kick-net',
				lots: [{ taxonId: 'baetis', stage: 'nymph', count: 40, measured: 'body', pads }]
			}
		});
		expect(told(kick({ pale: 1, dark: 2, black: 7 }))[1]).toBe('40 olive nymph (wing pads black in 7 of 10)');
		expect(told(kick({ pale: 8, dark: 2, black: 0 }))[1]).toBe('40 olive nymph (wing pads dark in 2 of 10)');
		expect(told(kick({ pale: 5, dark: 0, black: 0 }))[1]).toBe('40 olive nymph (wing pads pale in 5 of 5)');
	});

	it.each<[Note, string[]]>([
		[
			{ ...base, kind: 'rise', body: { form: 'head-back-tail', mark: 'Below the alder' } },
			['Rise: head, back, tail', 'Below the alder']
		],
		[{ ...base, kind: 'rise', body: { form: 'nose' } }, ['Rise: nose', '']],
		[
			{
				...base,
				kind: 'sighting',
				body: { taxonId: 'baetis', stage: 'emerger', zone: 'in-film', abundance: 'few', sign: 'shucks' }
			},
			['Olive skins', 'A few · in the film']
		],
		[
			{
				...base,
				kind: 'sighting',
				body: { taxonId: 'baetis', stage: 'spinner', zone: 'air', abundance: 'many', sign: 'swarm' }
			},
			['Olive swarm', 'Many · air and bank']
		],
		[
			{
				...base,
				kind: 'attempt',
				body: { patternId: 'spent-wing-spinner-rust', hookSize: 16, outcome: 'taken' }
			},
			['Taken', 'spent-wing spinner, rust #16']
		],
		[
			{ ...base, kind: 'remark', body: { text: 'Braces {are} only braces' } },
			['Remark', 'Braces {are} only braces']
		],
		[{ ...base, kind: 'void', body: {}, replaces: base.id }, ['Withdrawn', '']]
	])('tells %o', (note, expected) => {
		expect(told(note)).toEqual(expected);
	});

	it('does not say a stage twice', () => {
		expect(sayMessage(naturalName('paraleptophlebia', 'dun'))).toBe('Mahogany dun');
		expect(sayMessage(naturalName('baetis', 'dun'))).toBe('Olive dun');
		expect(sayMessage(naturalName('baetis'))).toBe('Olive');
	});
});

describe('the body alone', () => {
	it('is shorter than a caddis to its wing tips and a nymph with its tails', () => {
		expect(bodyLengthMm(12.2, 'to-wing-tips', 'hydropsyche', 'adult')).toBeCloseTo(10, 6);
		expect(bodyLengthMm(16, 'with-tails', 'baetis', 'nymph')).toBeCloseTo(10, 6);
		expect(bodyLengthMm(10, 'body', 'baetis', 'nymph')).toBe(10);
	});

	it('is what was measured where there is nothing longer', () => {
		expect(bodyLengthMm(9, 'with-tails', 'chironomidae', 'larva')).toBe(9);
		expect(bodyLengthMm(9, 'to-wing-tips', 'baetis', 'dun')).toBe(9);
	});
});
