import { said } from '../../../../tests/support/said';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawMark } from '../figure';
import { statesShown, stateChances } from './states';
import { familyChances } from './colour-family';
import type { Answer } from './answer';
import { identify } from './identify';
import { measuredAnswers } from './measured';
import { MARK_IDS, MARKS, type MarkId } from './mark';
import { findStage, findTaxon, SHADE_NAMES, SHADES, TAXA, type LifeStage, type Place } from '../atlas';
import { seededRandom } from '../math';
import { findingOf, useKey } from '$lib/simulate';

const given = (...pairs: readonly (readonly [MarkId, string])[]): Answer[] =>
	pairs.map(([mark, state]) => ({ mark, state }));
const first = (answers: Answer[], finding = {}) => {
	const [best] = identify(answers, finding).candidates;
	return `${best?.taxonId}/${best?.stage}`;
};
const group = (answers: Answer[], finding = {}) =>
	findTaxon(identify(answers, finding).candidates[0]?.taxonId ?? '')?.group;
const river: Place = { latitude: 47, longitude: 0, elevationM: 500, water: 'freestone' };

describe('the marks', () => {
	it('gives every stage of every taxon chances that sum to one for each mark it bears', () => {
		for (const taxon of TAXA)
			for (const traits of taxon.stages)
				for (const [mark, chances] of Object.entries(stateChances(taxon, traits))) {
					const states = Object.keys(MARKS[mark as MarkId].states);
					expect(Object.keys(chances).sort(), `${taxon.id} ${traits.stage} ${mark}`).toEqual(states.sort());
					expect(Object.values(chances).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 3);
				}
	});

	it('calls each shade by a word that people would use for it', () => {
		const word = (shade: (typeof SHADE_NAMES)[number]) =>
			Object.entries(familyChances(SHADES[shade])).sort(([, a], [, b]) => b - a)[0]?.[0];
		expect(word('sulphur')).toBe('yellow');
		expect(word('claret')).toBe('red');
		expect(word('slate')).toBe('grey');
		expect(word('black-brown')).toBe('black');
	});
});

describe('naming an animal', () => {
	it('are misread as practitioners misread them: a third tail broken off sooner than one too many', () => {
		const noted = (id: string, stage: LifeStage, mark: MarkId) => {
			const taxon = findTaxon(id);
			const traits = taxon && findStage(taxon, stage);
			if (!taxon || !traits) throw new Error(`no ${id} ${stage}`);
			return stateChances(taxon, traits)[mark] ?? {};
		};
		const olive = noted('baetis', 'nymph', 'tails');
		expect(olive['2']).toBeGreaterThan(2.5 * (olive['1'] ?? 1));
		expect(noted('baetis', 'nymph', 'gills')['none']).toBeGreaterThan(0.05);
		// Gills seen along the abdomen are seldom a mistake: they overrule what only seems.
		expect(noted('perla', 'nymph', 'gills')['abdomen']).toBeLessThan(0.03);
		expect(noted('baetis', 'nymph', 'movement')['wriggles']).toBeGreaterThan(0.05);
		for (const mark of ['tails', 'gills', 'movement', 'build', 'wings'] as const)
			expect(Object.values(noted('baetis', 'nymph', mark)).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
	});

	it('tells mayfly, stonefly and caddis by the marks every guide knows', () => {
		expect(group(given(['tails', '3'], ['gills', 'abdomen'], ['pads', '1']))).toBe('mayfly');
		expect(group(given(['tails', '2'], ['pads', '2'], ['antennae', 'long']))).toBe('stonefly');
		expect(group(given(['case', 'stones'], ['tails', '0']))).toBe('caddisfly');
		expect(group(given(['wings', 'flat'], ['antennae', 'elbowed']))).toBe('ant');
	});

	it('names by a mark that only one bears', () => {
		expect(first(given(['gill-shape', 'sucker'], ['tails', '3'], ['build', 'clinger']))).toBe(
			'rhithrogena/nymph'
		);
		expect(first(given(['case-form', 'spiral'], ['case', 'plants']))).toBe('phryganea/larva');
	});

	it('survives one wrong answer among right ones', () => {
		const right = given(['build', 'clinger'], ['gills', 'abdomen'], ['pads', '1'], ['legs', 'six']);
		const here = { place: river };
		expect(group([...right, { mark: 'tails', state: '2' }], here)).toBe('mayfly');
		expect(group([...right, { mark: 'antennae', state: 'long' }], here)).toBe('mayfly');
	});

	it('takes place and day as a reason, and leaves them out when told to', () => {
		const marks = given(['wings', 'flat'], ['tails', '2'], ['length', '9'], ['wing-colour', 'black']);
		const march = { place: river, at: new Date('2026-03-06T13:00Z') };
		expect(first(marks, march)).toBe('capnia/adult');
		const probability = (finding: object) =>
			identify(marks, finding).candidates.find((c) => c.taxonId === 'capnia' && c.stage === 'adult')
				?.probability ?? 0;
		expect(probability(march)).toBeGreaterThan(probability({}));
	});

	it('is moved by the net that caught it: no spinners from the bed', () => {
		const share = (method: 'kick-net' | 'surface-net') =>
			identify([], { method })
				.candidates.filter(({ stage }) => stage === 'spinner')
				.reduce((sum, { probability }) => sum + probability, 0);
		expect(share('kick-net')).toBeLessThan(0.05);
		expect(share('surface-net')).toBeGreaterThan(0.1);
	});

	it('refuses a mark or a state it does not have, and says which there are', () => {
		expect(() => identify([{ mark: 'tails', state: '5' }])).toThrow(
			'"5" is no answer about tails; use one of 0, 1, 2, 3 or unseen.'
		);
		expect(() => identify([{ mark: 'hat' as MarkId, state: 'none' }])).toThrow('The key has no mark "hat".');
	});

	const answer = fc
		.constantFrom(...MARK_IDS)
		.chain((mark) =>
			fc.constantFrom(...Object.keys(MARKS[mark].states), 'unseen').map((state): Answer => ({ mark, state }))
		);
	it('does not mind the order of answers, and its chances sum to one', () => {
		fc.assert(
			fc.property(fc.uniqueArray(answer, { maxLength: 7, selector: ({ mark }) => mark }), (answers) => {
				const forwards = identify(answers).candidates;
				const backwards = identify([...answers].reverse()).candidates;
				expect(forwards.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
				forwards.slice(0, 3).forEach(({ probability }, i) => {
					expect(backwards[i]?.probability).toBeCloseTo(probability, 9);
				});
			}),
			{ numRuns: 40 }
		);
	});
	it('learns nothing from a mark that could not be seen', () => {
		fc.assert(
			fc.property(fc.constantFrom(...MARK_IDS), (mark) => {
				const [with_, without] = [identify([{ mark, state: 'unseen' }]), identify([])];
				expect(with_.candidates).toEqual(without.candidates);
				expect(with_.questions.map((q) => q.mark)).not.toContain(mark);
			}),
			{ numRuns: 10 }
		);
	});
});

describe('what the bench measured', () => {
	it('are answers with their uncertainty: a length near the end of a band speaks for the next one too', () => {
		const [within] = measuredAnswers({ lengthMm: 7.2 });
		expect(within?.state).toBe('9');
		expect(within?.shares?.['9']).toBeGreaterThan(0.99);
		const [atEnd] = measuredAnswers({ lengthMm: 8.9 });
		expect(atEnd?.state).toBe('9');
		expect(atEnd?.shares?.['13']).toBeGreaterThan(0.3);
		expect(() => measuredAnswers({ lengthMm: 0 })).toThrow(/0 mm/);
		for (const { shares = {} } of measuredAnswers({
			lengthMm: 8.9,
			belly: SHADES.olive,
			back: SHADES.rust,
			wing: SHADES.slate,
			pads: 'dark'
		}))
			expect(Object.values(shares).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
	});

	it('takes belly, back and wing for the nearest word, and a colour far from all words for none', () => {
		const words = (animal: Parameters<typeof measuredAnswers>[0]) =>
			measuredAnswers(animal).map(({ mark, state }) => `${mark} ${state}`);
		expect(words({ belly: SHADES.olive, back: SHADES.rust, wing: SHADES.slate })).toEqual([
			'belly olive',
			'back-colour red',
			'wing-colour grey'
		]);
		expect(words({ back: { l: 60, a: 90, b: -60 } })).toEqual([]);
	});

	it('finds the animal of that back among others that differ in nothing else', () => {
		const chance = (answers: Answer[], id: string, stage: LifeStage) =>
			identify(answers).candidates.find((c) => c.taxonId === id && c.stage === stage)?.probability ?? 0;
		const marks = given(['wings', 'upright'], ['tails', '2']);
		let helped = 0;
		let asked = 0;
		for (const { id, stages } of TAXA)
			for (const { stage, belly, back } of stages) {
				if (stage !== 'dun' || belly === back) continue;
				asked++;
				if (
					chance([...marks, ...measuredAnswers({ back: SHADES[back] })], id, stage) > chance(marks, id, stage)
				)
					helped++;
			}
		expect(asked).toBeGreaterThan(20);
		expect(helped / asked).toBeGreaterThan(0.9);
	});

	it('knows by black pads a nymph, and one that emerges these days before one that emerges in months', () => {
		const april = { place: river, at: new Date('2026-04-20T12:00Z') };
		const chance = (answers: Answer[], id: string) =>
			identify(answers, april).candidates.find((c) => c.taxonId === id && c.stage === 'nymph')?.probability ??
			0;
		const ratio = (answers: Answer[]) => chance(answers, 'rhithrogena') / chance(answers, 'ephemera');
		const [pale, black] = (['pale', 'black'] as const).map((pads) => ratio(measuredAnswers({ pads })));
		expect(chance([], 'ephemera')).toBeGreaterThan(0);
		expect(black).toBeGreaterThan((pale ?? Infinity) * 1.5);
		const nymphs = (answers: Answer[]) =>
			identify(answers, april)
				.candidates.filter(({ stage }) => stage === 'nymph')
				.reduce((sum, { probability }) => sum + probability, 0);
		expect(nymphs(measuredAnswers({ pads: 'black' }))).toBeGreaterThan(nymphs([]));
	});
});

describe('what to look at next', () => {
	it('asks what a glance can answer before what needs a lens', () => {
		const [question] = identify([], { place: river }).questions;
		expect(question?.effortS).toBeLessThanOrEqual(10);
	});

	describe('answers that no animal still possible could have', () => {
		const offered = (answers: Answer[], mark?: string, finding = {}) =>
			identify(answers, finding, 30)
				.questions.filter((question) => mark === undefined || question.mark === mark)
				.flatMap((question) => question.answers.filter(({ possible }) => possible));

		it('are not offered of a tent-winged brown insect', () => {
			const tent = given(['wings', 'tent'], ['wing-colour', 'brown']);
			const says = offered(tent).map((answer) => said(answer.says));
			expect(says.length).toBeGreaterThan(5);
			expect(says.join('; ')).not.toMatch(/fish|grub|tusk|case|claws|shell|ribbon|plates behind|hops/i);
			expect(offered(tent, 'build').map(({ state }) => state)).not.toContain('swimmer');
		});

		it('are offered of nothing, whatever the animal: each answer is shown by one that agrees with all before', () => {
			const suspects = TAXA.flatMap((taxon) =>
				taxon.stages.map((traits) => ({ taxon, traits, shows: statesShown(taxon, traits) }))
			);
			fc.assert(
				fc.property(
					fc.constantFrom(...suspects),
					fc.shuffledSubarray(MARK_IDS, { minLength: 1, maxLength: 4 }),
					({ shows }, marks) => {
						const answers = marks.flatMap((mark): Answer[] => {
							const [likeliest] = Object.entries(shows[mark] ?? {}).sort((x, y) => y[1] - x[1]);
							return likeliest ? [{ mark, state: likeliest[0] }] : [];
						});
						const agreeing = suspects.filter((suspect) =>
							answers.every(({ mark, state }) => (suspect.shows[mark]?.[state] ?? 0) >= 0.02)
						);
						for (const question of identify(answers, {}, 30).questions) {
							const possible = question.answers.filter((answer) => answer.possible);
							expect(possible.length).toBeGreaterThan(0);
							for (const { state } of possible)
								expect(
									agreeing.some((suspect) => (suspect.shows[question.mark]?.[state] ?? 0) >= 0.02),
									`${question.mark} ${state}`
								).toBe(true);
						}
					}
				),
				{ numRuns: 60, seed: 5 }
			);
		});

		it('come back when two answers contradict each other, and nothing agrees with both', () => {
			const odd = given(['wings', 'tent'], ['tails', '3']);
			expect(offered(odd).length).toBeGreaterThan(4);
		});
	});

	it('names answers as fits the stage in hand', () => {
		const build = (answers: Answer[], state: string) =>
			said(
				identify(answers, {}, 30)
					.questions.find(({ mark }) => mark === 'build')
					?.answers.find((answer) => answer.state === state)?.says
			);
		expect(build(given(['wings', 'tent']), 'slender')).toBe('A slim body');
		expect(build(given(['pads', '2']), 'slender')).toBe('Long and thin');
	});

	it('draws every answer, each unlike the others of its question', () => {
		for (const mark of MARK_IDS) {
			const drawn = Object.keys(MARKS[mark].states).map((state) => drawMark(mark, state));
			expect(new Set(drawn.map(({ paths }) => JSON.stringify(paths))).size, mark).toBe(drawn.length);
			// The mark itself stands out in all but those that have none of it to show.
			const bare = drawn.filter(({ paths }) => paths.every(({ stroke }) => stroke !== '#8a2f0c'));
			if (!['wing-colour', 'belly', 'back-colour', 'pad-colour'].includes(mark))
				expect(bare.length, mark).toBeLessThanOrEqual(3);
		}
		expect(() => drawMark('tails', 'seven')).toThrow(/seven/);
	});

	it('teaches the trap of the thorax plate only while mayflies and stoneflies are both in play', () => {
		const trapOf = (answers: Answer[]) =>
			said(identify(answers, {}, 30).questions.find(({ mark }) => mark === 'pads')?.trap);
		expect(trapOf(given(['build', 'clinger'], ['wings', 'none']))).toContain('thorax');
		expect(trapOf(given(['tails', '3'], ['gills', 'abdomen'], ['gill-shape', 'single']))).toBe('');
	});

	it('warns of the flying ant among flat-winged stoneflies', () => {
		const july = { place: river, at: new Date('2026-07-24T14:00Z') };
		const question = identify(given(['wing-look', 'clear'], ['length', '9']), july, 30).questions.find(
			({ mark }) => mark === 'wings'
		);
		expect(said(question?.trap)).toContain('flying ant');
	});

	it('stops when every likely candidate wants the same fly, and says what a finer name would change', () => {
		const { enough } = identify(
			given(['wings', 'spent'], ['length', '9'], ['tails', '2'], ['wing-look', 'clear'])
		);
		expect(enough.yes).toBe(true);
		expect(said(enough.styleName)).toContain('spent');
		const open = identify(given(['wings', 'upright'], ['legs', 'six'])).enough;
		expect(open.yes).toBe(false);
		expect(open.wouldChange.length).toBeGreaterThan(0);
	});

	it('points out answers that do not go together', () => {
		const { contradictions } = identify(
			given(['case', 'stones'], ['wings', 'upright'], ['plates', '2'], ['build', 'grub'])
		);
		expect(said(contradictions[0]?.says)).toContain('hardly go together');
		expect(contradictions[0]?.lookAgain).toBe('wings');
		expect(said(identify(given(['tails', '2'], ['gills', 'abdomen'])).contradictions[0]?.says)).toContain(
			'tails'
		);
		expect(identify(given(['tails', '3'], ['gills', 'abdomen'])).contradictions).toEqual([]);
	});
});

it('names the right group nine times in ten for guides who err, in a handful of questions', () => {
	const random = seededRandom(3);
	const habits = { wrong: 0.1, cantSee: 0.2, most: 10 };
	let right = 0;
	const asked: number[] = [];
	for (const taxon of TAXA) {
		const traits = taxon.stages[0];
		if (!traits) continue;
		const session = useKey(taxon, traits, findingOf(taxon, traits, random), habits, random);
		asked.push(session.asked);
		if (findTaxon(session.stopped.candidates[0]?.taxonId ?? '')?.group === taxon.group) right++;
	}
	expect(right / TAXA.length).toBeGreaterThanOrEqual(0.9);
	expect([...asked].sort((a, b) => a - b)[Math.floor(asked.length / 2)]).toBeLessThanOrEqual(6);
});
