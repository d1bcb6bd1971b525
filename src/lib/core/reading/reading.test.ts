import { said } from '../../../../tests/support/said';
import { sayMessage } from '../message';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { likelyNaturals } from './likely';
import { METHODS, methodsReaching } from './methods';
import { readWater, reasonsFor, scoreOfGuess, strengthOf, worthOf, type Reading } from './reading';
import { WEIGHTS, riseFormProbability } from './weights';
import { TAXA, zoneOf, type Place } from '../atlas';
import type { Lot, Note, NoteOf } from '../note';
import { foldOuting } from '../outing';
import { SAMPLE_METHODS, type RiseForm } from '../vocabulary';
import { DEMO_NOW, demoMorning } from '$lib/simulate';
import { seededRandom } from '../math';

const river: Place = {
	latitude: 47.17,
	longitude: -20.33,
	elevationM: 720,
	water: 'freestone',
	region: 'western-europe'
};
const brook: Place = { ...river, elevationM: 520, water: 'spring-creek' };
const noon = new Date('2026-05-19T13:40:00Z');

let made = 0;
const noted = (minutesAgo: number, now = noon) => ({
	id: `01890000-0000-7000-8000-${String(++made).padStart(12, '0')}`,
	at: new Date(now.getTime() - minutesAgo * 60_000)
});
const rise = (form: RiseForm, minutesAgo = 3, now = noon): Note => ({
	...noted(minutesAgo, now),
	kind: 'rise',
	body: { form }
});
const rises = (form: RiseForm, count: number, now = noon) =>
	Array.from({ length: count }, (_, i) => rise(form, 2 + i, now));
const sample = (
	method: NoteOf<'sample'>['body']['method'],
	lots: Omit<Lot, 'measured'>[],
	minutesAgo = 5,
	now = noon
): Note => ({
	...noted(minutesAgo, now),
	kind: 'sample',
	body: { method, lots: lots.map((lot) => ({ measured: 'body', ...lot })) }
});
const sighting = (
	body: Omit<NoteOf<'sighting'>['body'], 'sign'> & { sign?: 'insects' | 'shucks' | 'swarm' },
	now = noon
): Note => ({
	...noted(6, now),
	kind: 'sighting',
	body: { sign: 'insects', ...body }
});
const conditions = (body: NoteOf<'conditions'>['body'], now = noon): Note => ({
	...noted(30, now),
	kind: 'conditions',
	body
});

const read = (notes: Note[], place = river, now = noon) => readWater(foldOuting(notes, place, now));
const chance = (reading: Reading, id: string) =>
	reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.probability ?? 0;
const topOf = (reading: Reading) => reading.beliefs[0]?.hypothesis.id;
const where = (reading: Reading, test: (id: string) => boolean) =>
	reading.beliefs
		.filter(({ hypothesis }) => test(hypothesis.id))
		.reduce((sum, { probability }) => sum + probability, 0);

const morning = demoMorning(seededRandom(7)).notes;
const dull = conditions({ waterC: 9.5, sky: 'drizzle', windMs: 1.5 });

describe('reading the water: worked situations', () => {
	it('reads bulges during the first olives as emergers', () => {
		const reading = read([
			dull,
			sample('surface-net', [
				{ taxonId: 'baetis', stage: 'emerger', count: 8 },
				{ taxonId: 'baetis', stage: 'dun', count: 4 }
			]),
			...rises('bulge', 5)
		]);
		expect(topOf(reading)).toBe('baetis/emerger');
		expect(chance(reading, 'baetis/emerger')).toBeGreaterThan(4 * chance(reading, 'baetis/dun'));
	});

	it('reads unhurried noses on a mild still evening with fallen spinners in the net as spent spinners', () => {
		const evening = new Date('2026-05-19T19:50:00Z');
		const reading = read(
			[
				conditions({ waterC: 13, sky: 'clear', windMs: 0, surface: 'glassy' }, evening),
				sample('surface-net', [{ taxonId: 'baetis', stage: 'spinner', count: 9 }], 5, evening),
				...rises('nose', 5, evening)
			],
			brook,
			evening
		);
		expect(topOf(reading)).toBe('baetis/spinner');
		expect(reading.certainty.word).toMatch(/^(fairly-)?sure$/);
	});

	it('reads weaving fish and no rises as nymphs', () => {
		const reading = read([dull, ...rises('weaving', 3)]);
		expect(where(reading, (id) => /nymph|larva/.test(id))).toBeGreaterThan(0.6);
	});

	it('reads heavy crashes near boulders with split skins about as adult stoneflies', () => {
		const reading = read([
			conditions({ waterC: 11, sky: 'clear', windMs: 1 }),
			sighting({ taxonId: 'perla', stage: 'nymph', zone: 'air', abundance: 'many', sign: 'shucks' }),
			...rises('crash', 3)
		]);
		expect(where(reading, (id) => id === 'perla/adult' || id === 'perla/egg-laying')).toBeGreaterThan(0.3);
		expect(topOf(reading)).toMatch(/^perla\//);
	});

	it('does not call a swarm in the air a spinner fall yet', () => {
		const swarm = sighting({
			taxonId: 'baetis',
			stage: 'spinner',
			zone: 'air',
			abundance: 'many',
			sign: 'swarm'
		});
		const fallen = sighting({ taxonId: 'baetis', stage: 'spinner', zone: 'on-film', abundance: 'many' });
		const before = chance(read([dull]), 'baetis/spinner');
		const dancing = chance(read([dull, swarm]), 'baetis/spinner');
		const spent = chance(read([dull, fallen]), 'baetis/spinner');
		expect(dancing).toBeGreaterThan(before);
		expect(spent / before).toBeGreaterThan(1.5 * (dancing / before));
	});

	it('believes a throat full of pupae over a margin net full of damsels’ neighbours', () => {
		const lake: Place = { ...river, water: 'lake', elevationM: 640 };
		const reading = read(
			[
				sample('margin-strainer', [{ taxonId: 'cloeon', stage: 'nymph', count: 40 }]),
				sample('throat', [{ taxonId: 'chironomidae', stage: 'pupa', count: 30 }])
			],
			lake
		);
		expect(topOf(reading)).toBe('chironomidae/pupa');
		expect(chance(reading, 'chironomidae/pupa')).toBeGreaterThan(0.5);
	});

	it('keeps something unseen in the film open for each group that is emerging', () => {
		const reading = read([
			dull,
			sample('surface-net', [{ taxonId: 'baetis', stage: 'dun', count: 12 }]),
			...rises('bulge', 4)
		]);
		const unseen = where(reading, (id) => id.startsWith('unseen/'));
		expect(unseen).toBeGreaterThan(0.04);
		expect(unseen).toBeGreaterThan(
			where(read([dull, ...rises('splash', 4)]), (id) => id.startsWith('unseen/'))
		);
	});

	it('takes an insect out of season seriously once it lies in the net', () => {
		expect(chance(read([dull]), 'caenis/spinner')).toBe(0);
		const reading = read([
			dull,
			sample('surface-net', [{ taxonId: 'caenis', stage: 'spinner', count: 30 }]),
			...rises('nose', 3)
		]);
		expect(chance(reading, 'caenis/spinner')).toBeGreaterThan(0.1);
	});

	it('lowers what the surface net would have caught, when it comes up empty', () => {
		const before = read([dull]);
		const after = read([dull, sample('surface-net', [])]);
		expect(chance(after, 'baetis/dun')).toBeLessThan(chance(before, 'baetis/dun'));
		expect(where(after, (id) => id.endsWith('/nymph'))).toBeGreaterThan(
			where(before, (id) => id.endsWith('/nymph'))
		);
	});

	it('measures the insects of the day: a larger olive in the net makes a larger hypothesis', () => {
		const reading = read([
			sample('surface-net', [{ taxonId: 'baetis', stage: 'dun', count: 5, lengthMm: 9 }])
		]);
		const lengthOf = (id: string) =>
			reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.hypothesis.lengthMm;
		expect(lengthOf('baetis/dun')).toBeCloseTo(9, 6);
		expect(lengthOf('baetis/emerger')).toBeCloseTo(9, 6);
	});

	it('expects the hatch sooner from black wing pads than from pale ones', () => {
		const kick = (pads: Lot['pads']) =>
			chance(
				read([dull, sample('kick-net', [{ taxonId: 'baetis', stage: 'nymph', count: 20, pads }])]),
				'baetis/emerger'
			);
		const black = kick({ pale: 1, dark: 2, black: 7 });
		const unlooked = kick(undefined);
		const pale = kick({ pale: 9, dark: 1, black: 0 });
		expect(black).toBeGreaterThan(unlooked);
		expect(unlooked).toBeGreaterThan(pale);
	});

	it('forgets a rise in an hour, but not a kick sample', () => {
		const later = new Date(noon.getTime() + 90 * 60_000);
		const old = rises('weaving', 3);
		const kick = sample('kick-net', [{ taxonId: 'hydropsyche', stage: 'larva', count: 60 }]);
		const fade = (notes: Note[], id: string) => {
			const gain = (now: Date) =>
				Math.log(chance(read(notes, river, now), id) / chance(read([], river, now), id));
			return gain(later) / gain(noon);
		};
		expect(fade(old, 'baetis/nymph')).toBeLessThan(0.45);
		expect(fade([kick], 'hydropsyche/larva')).toBeGreaterThan(0.75);
	});
});

describe('laws of the reading', () => {
	it('gives the same reading whatever the order of the notes', () => {
		const expected = read(morning, river, DEMO_NOW);
		fc.assert(
			fc.property(fc.shuffledSubarray(morning, { minLength: morning.length }), (shuffled) => {
				const reading = read(shuffled, river, DEMO_NOW);
				expect(reading.beliefs.map(({ hypothesis }) => hypothesis.id)).toEqual(
					expected.beliefs.map(({ hypothesis }) => hypothesis.id)
				);
				reading.beliefs.forEach(({ probability }, i) =>
					expect(probability).toBeCloseTo(expected.beliefs[i]?.probability ?? NaN, 12)
				);
			}),
			{ numRuns: 25 }
		);
	});

	it('sums to one, and the reasons for each belief add up to it', () => {
		fc.assert(
			fc.property(fc.subarray(morning), (notes) => {
				const reading = read(notes, river, DEMO_NOW);
				expect(reading.beliefs.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
				const logs = reading.beliefs.map((_, i) =>
					reading.contributions.reduce((sum, { weights }) => sum + (weights[i] ?? NaN), 0)
				);
				const total = logs.reduce((sum, log) => sum + Math.exp(log), 0);
				reading.beliefs.forEach(({ probability }, i) =>
					expect(Math.exp(logs[i] ?? NaN) / total).toBeCloseTo(probability, 9)
				);
			}),
			{ numRuns: 40 }
		);
	});

	it('undoes exactly what a note did when it is withdrawn', () => {
		fc.assert(
			fc.property(fc.nat({ max: morning.length - 1 }), (i) => {
				const note = morning[i];
				if (!note) return;
				const withdrawn: Note = { ...noted(0, DEMO_NOW), kind: 'void', body: {}, replaces: note.id };
				const without = read(
					morning.filter(({ id }) => id !== note.id),
					river,
					DEMO_NOW
				);
				expect(read([...morning, withdrawn], river, DEMO_NOW).beliefs).toEqual(without.beliefs);
			})
		);
	});

	it('gains less from each further rise of the same form', () => {
		const log = (count: number) => Math.log(chance(read([dull, ...rises('bulge', count)]), 'baetis/emerger'));
		expect(log(2) - log(1)).toBeLessThan(log(1) - log(0));
		expect(log(8) - log(7)).toBeLessThan(0.05);
	});

	it('says which notes raised and lowered a belief, weightiest first', () => {
		const reasons = reasonsFor(read(morning, river, DEMO_NOW), 'baetis/emerger');
		expect(reasons.map(({ weight }) => Math.abs(weight))).toEqual(
			reasons.map(({ weight }) => Math.abs(weight)).sort((a, b) => b - a)
		);
		expect(reasons.find(({ says }) => sayMessage(says).startsWith('Rise: bulge'))?.noteIds).toHaveLength(4);
		expect(() => reasonsFor(read([]), 'baetis/teapot')).toThrow(/no hypothesis "baetis\/teapot"/);
	});
});

describe('the weights', () => {
	it('are told in words that grow with the odds', () => {
		expect([0.1, 0.5, 1.2, 2.5].map((weight) => said(strengthOf(weight)))).toEqual([
			'a little for',
			'somewhat for',
			'clearly for',
			'strongly for'
		]);
		expect(said(strengthOf(-Math.log(4)))).toBe('clearly against');
	});

	it('and what each is worth as what would be believed without it', () => {
		const reason = { says: { id: 'x', text: 'x' }, weight: 1, without: 0.413, noteIds: ['a'] };
		expect(said(worthOf(reason, 0.78))).toBe('without this note: 41 instead of 78 in 100');
		expect(said(worthOf({ ...reason, noteIds: ['a', 'b'] }, 0.78))).toBe(
			'without these notes: 41 instead of 78 in 100'
		);
		expect(said(worthOf({ ...reason, noteIds: [] }, 0.78))).toBe('without it: 41 instead of 78 in 100');
		expect(said(worthOf({ ...reason, without: 0.002 }, 0.1))).toBe(
			'without this note: under 1 instead of 10 in 100'
		);
		expect(said(worthOf(reason, 0.411))).toBe('without it: as much, 41 in 100');
	});

	it('have rise forms that sum to one for every way of taking', () => {
		for (const [taking, row] of Object.entries(WEIGHTS.riseForm)) {
			expect(
				Object.values(row).reduce((a, b) => a + b, 0),
				taking
			).toBeCloseTo(1, 9);
			const misnamed = (Object.keys(row) as Exclude<RiseForm, 'unsure'>[]).map((form) =>
				riseFormProbability(taking as keyof typeof WEIGHTS.riseForm, form)
			);
			expect(misnamed.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
		}
	});

	it('leave no stage of the atlas that no net, stone or look along the bank can show', () => {
		for (const taxon of TAXA)
			for (const traits of taxon.stages)
				expect(methodsReaching(zoneOf(taxon, traits)).length, `${taxon.id} ${traits.stage}`).toBeGreaterThan(
					0
				);
	});

	it('make a bed net blind to the film and a surface net blind to the bed', () => {
		expect(WEIGHTS.sees['kick-net']['in-film']).toBe(0);
		expect(WEIGHTS.sees['surface-net'].bed).toBe(0);
		for (const method of SAMPLE_METHODS) expect(METHODS[method].blindTo).not.toBe('');
	});
});

describe('what someone is likeliest to report', () => {
	const reading = read(morning, river, DEMO_NOW);

	it('is what the net can hold, or the eye can see from the bank', () => {
		const zones = (method: 'eye' | 'kick-net' | 'surface-net') =>
			likelyNaturals(reading.beliefs, method, 9).map(
				({ taxonId, stage }) =>
					reading.beliefs.find(({ hypothesis: h }) => h.id === `${taxonId}/${stage}`)?.hypothesis.zone
			);
		expect(new Set(zones('kick-net'))).toEqual(new Set(['drift', 'bed']));
		expect(zones('surface-net')).not.toContain('bed');
		expect(likelyNaturals(reading.beliefs, 'eye', 9)).toContainEqual({ taxonId: 'baetis', stage: 'dun' });
	});
});

it('scores a guess by what the notes say since, and does not read it', () => {
	const guess: Note = {
		...noted(9),
		kind: 'suspicion',
		body: { taxonId: 'ephemera', stage: 'spinner' }
	};
	const read = (...notes: Note[]) => readWater(foldOuting(notes, river, noon));
	expect(read(dull, guess).beliefs).toEqual(read(dull).beliefs);
	expect(said(scoreOfGuess(read(dull, guess), guess.body))).toBe('by the notes under 1 in 100');
	const caught = sample('surface-net', [{ taxonId: 'ephemera', stage: 'spinner', count: 20 }], 4);
	expect(said(scoreOfGuess(read(dull, guess, caught), guess.body))).toMatch(
		/^by the notes likeliest, \d\d in 100$/
	);
});

it('takes wing pads of a stonefly for days or weeks: the adult along the bank', () => {
	const adult = (pads: Lot['pads']) => {
		const lot = { taxonId: 'perla', stage: 'nymph', count: 12, ...(pads && { pads }) } as const;
		const reading = readWater(foldOuting([dull, sample('kick-net', [lot], 4)], river, noon));
		return reading.beliefs.find(({ hypothesis: { id } }) => id === 'perla/adult')?.probability ?? 0;
	};
	const unlooked = adult(undefined);
	expect(adult({ pale: 12, dark: 0, black: 0 })).toBeLessThan(unlooked);
	expect(adult({ pale: 0, dark: 0, black: 12 })).toBeGreaterThan(unlooked);
});
