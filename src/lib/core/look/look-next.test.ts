import { describe, expect, it } from 'vitest';
import { lookNext } from './look-next';
import type { Place } from '../atlas';
import { seededRandom } from '../math';
import type { Note, NoteOf } from '../note';
import { foldOuting } from '../outing';
import { byStage, readWater } from '../reading';
import type { RiseForm } from '../vocabulary';
import { DEMO_NOW, demoMorning, standInWatch } from '$lib/simulate';
import { said } from '../../../../tests/support/said';
import { BROOK, RIVER, testId } from '../../../../tests/support/story';

const [river, brook] = [RIVER, BROOK];
const noon = new Date('2026-05-19T13:40:00Z');

const noted = (minutesAgo: number) => ({ id: testId(), at: new Date(noon.getTime() - minutesAgo * 60_000) });
const rise = (form: RiseForm): Note => ({ ...noted(3), kind: 'rise', body: { form } });
const sample = (method: NoteOf<'sample'>['body']['method'], minutesAgo: number): Note => ({
	...noted(minutesAgo),
	kind: 'sample',
	body: { method, lots: [] }
});
const morning = demoMorning(seededRandom(7)).notes;
const dull: Note = {
	...noted(30),
	kind: 'conditions',
	body: { waterC: 9.5, sky: 'drizzle', windMs: 1.5 }
};

describe('what to look at next', () => {
	const outing = foldOuting(morning, river, DEMO_NOW);
	const quiet = foldOuting([dull], river, noon);
	const observations = lookNext(quiet, readWater(quiet), 10);

	it('offers what is possible here, best gain per minute first, with what each outcome would mean', () => {
		const rates = observations.map(({ gainOfFly, minutes }) => gainOfFly / minutes);
		expect(rates).toEqual([...rates].sort((a, b) => b - a));
		expect(observations.map(({ id }) => id)).not.toContain('margin-strainer');
		expect(observations.map(({ id }) => id)).not.toContain('throat');
		for (const { outcomes, gainBits } of observations) {
			expect(gainBits).toBeGreaterThanOrEqual(0);
			expect(outcomes.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 6);
			for (const { means } of outcomes) expect(said(means)).not.toBe('');
		}
	});

	it('offers nothing where nothing that can be seen would change the kind of fly', () => {
		const read = readWater(outing);
		const [first] = read.beliefs;
		const kin = read.beliefs.find(
			({ hypothesis }) =>
				hypothesis.stage === first?.hypothesis.stage &&
				hypothesis.zone === first.hypothesis.zone &&
				hypothesis.id !== first.hypothesis.id
		);
		if (!first || !kin) throw new Error('the morning has no two alike');
		const twin = { ...kin.hypothesis, lengthMm: first.hypothesis.lengthMm };
		const even = { ...read, beliefs: [first, { hypothesis: twin, probability: 0.5 }] };
		even.beliefs[0] = { ...first, probability: 0.5 };
		expect(lookNext(outing, even, 10)).toEqual([]);
		const early = foldOuting([dull], river, noon);
		expect(lookNext(early, readWater(early), 10)).not.toEqual([]);
	});

	it('finds something worth looking at wherever two kinds of fly are about as likely', () => {
		const random = seededRandom(31);
		let open = 0;
		for (let i = 0; i < 40; i++) {
			const { notes, place, endsAt, watchId } = standInWatch(random);
			const outing = foldOuting(notes, place, endsAt);
			const reading = readWater(outing, watchId);
			if ((byStage(reading)[1]?.probability ?? 0) <= 0.35) continue;
			open++;
			expect(lookNext(outing, reading)).not.toEqual([]);
		}
		expect(open).toBeGreaterThan(0);
	});

	it('never proposes a surface net where nothing carries insects into it', () => {
		const ids = (place: Place, body: NoteOf<'conditions'>['body'], ...rises: Note[]) => {
			const state = foldOuting([{ ...noted(20), kind: 'conditions', body }, ...rises], place, noon);
			return lookNext(state, readWater(state), 10).map(({ id }) => id);
		};
		const lake: Place = { ...brook, water: 'lake' };
		expect(ids(lake, { waterC: 13 })).not.toContain('surface-net');
		expect(ids(lake, { waterC: 13, windMs: 4 })).toContain('surface-net');
		expect(ids(lake, { waterC: 13 }, rise('bulge'))).toContain('margin-strainer');
		expect(ids(river, { waterC: 10 }, rise('bulge'))).not.toContain('margin-strainer');
		expect(ids(river, { waterC: 10 })).toContain('surface-net');
		expect(ids(river, { waterC: 10, speedMs: 0.02 })).not.toContain('surface-net');
	});

	it('does not send to watch rises where somebody has just looked for them in vain', () => {
		const looked: Note = { ...noted(2), kind: 'looked', body: { rising: 0, minutes: 30 } };
		const ids = (...notes: Note[]) => {
			const state = foldOuting(notes, river, noon);
			return lookNext(state, readWater(state), 10).map(({ id }) => id);
		};
		expect(ids(dull)).toContain('rise');
		expect(ids(dull, looked)).not.toContain('rise');
	});

	it('asks to count rises where it is open whether fish feed at all', () => {
		const state = foldOuting([{ ...noted(20), kind: 'conditions', body: { waterC: 3 } }], river, noon);
		const count = lookNext(state, readWater(state), 10).find(({ id }) => id === 'count');
		expect(count?.outcomes.map(({ finds }) => said(finds))).toContain('None');
	});

	it('finds a net held a minute ago worth less than one never held', () => {
		const gain = (notes: Note[]) => {
			const state = foldOuting(notes, river, noon);
			return (
				lookNext(state, readWater(foldOuting([dull], river, noon)), 10).find(({ id }) => id === 'surface-net')
					?.gainBits ?? 0
			);
		};
		expect(gain([dull, sample('surface-net', 1)])).toBeLessThan(0.4 * gain([dull]));
	});

	describe('a throat sample', () => {
		const minute = (min: number) => new Date(DEMO_NOW.getTime() + min * 60_000);
		const lawful = { throatFromMm: 300 };
		/** Whether one is offered, of a fish landed with so much known of it. */
		const offered = ({
			fishLengthMm = 420,
			waterC = 11,
			size = 'middling',
			options = lawful,
			later = 1,
			sure = false
		}: {
			fishLengthMm?: number | null;
			waterC?: number;
			size?: 'small' | 'middling' | 'large';
			options?: { throatFromMm?: number };
			later?: number;
			sure?: boolean;
		} = {}) => {
			const watchId = testId();
			const notes: Note[] = [
				{ id: testId(), at: minute(-5), kind: 'conditions', body: { waterC } },
				{
					id: watchId,
					at: minute(-4),
					kind: 'watch',
					body: { event: 'begin', lie: 'seam', holding: 'on-station', size }
				},
				{
					id: testId(),
					at: minute(0),
					kind: 'attempt',
					body: {
						patternId: 'wing-up-cripple-olive',
						hookSize: 16,
						outcome: 'landed',
						watchId,
						...(fishLengthMm !== null && { fishLengthMm })
					}
				}
			];
			const state = foldOuting(notes, river, minute(later));
			const read = readWater(state);
			const [first] = read.beliefs;
			const settled = sure && first ? { ...read, beliefs: [{ ...first, probability: 1 }] } : read;
			return lookNext(state, settled, 10, options).find(({ id }) => id === 'throat');
		};

		it('is offered of a large fish in cool water where it is lawful, with its caution', () => {
			expect(said(offered()?.caution)).toMatch(/lawful/);
			expect(offered({ size: 'large' })).toBeDefined();
		});

		it.each([
			['nobody has said that it is lawful', { options: {} }],
			['nobody knows how long the fish was', { fishLengthMm: null }],
			['the fish is under the length that was set', { fishLengthMm: 299 }],
			['the fish was marked small', { size: 'small' as const }],
			['the water is 18 °C', { waterC: 18 }],
			['the water is 21 °C', { waterC: 21 }],
			['the fish was let go long ago', { later: 12 }],
			['nothing it could show would change the reading', { sure: true }]
		])('is not offered when %s', (_, fish) => {
			expect(offered(fish)).toBeUndefined();
		});
	});
});
