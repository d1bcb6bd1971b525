import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { TAXA, zoneOf, type Place } from '../atlas';
import { ABUNDANCES, RISE_FORMS, SAMPLE_METHODS } from '../vocabulary';
import { riseFormsProvoked } from './provoked';
import type { Reading } from './reading';
import { WEIGHING, weightsOf } from './weights';

/** More of what a note tells never does the opposite of what it says. */
const naturals = TAXA.flatMap((taxon) => taxon.stages.map((traits) => ({ taxon, traits })));
const natural = fc.constantFrom(...naturals);
const hour = fc.integer({ min: 5, max: 21 });
const day = fc.integer({ min: 0, max: 364 });
const place = fc.constantFrom(BROOK, RIVER, LAKE);
const story = (where: typeof BROOK, dayOfYear: number, at: number): Story =>
	new Story(where, new Date(Date.UTC(2026, 0, 1 + dayOfYear, at)));
const chanceOf = (reading: Reading, id: string): number =>
	reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.probability ?? 0;
const ROUNDING = 1e-9;

describe('evidence', () => {
	it('of a net: one more of a kind never makes that kind less likely', () => {
		fc.assert(
			fc.property(
				natural,
				place,
				day,
				hour,
				fc.constantFrom(...SAMPLE_METHODS),
				fc.integer({ min: 1, max: 30 }),
				fc.integer({ min: 0, max: 20 }),
				({ taxon, traits: { stage } }, where, on, at, method, count, others) => {
					const read = (own: number) =>
						chanceOf(
							story(where, on, at)
								.net(
									method,
									[taxon.id, stage, own],
									...(others > 0 ? [['gammarus', 'crustacean', others] as const] : [])
								)
								.read(),
							`${taxon.id}/${stage}`
						);
					expect(read(count + 1)).toBeGreaterThanOrEqual(read(count) - ROUNDING);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('of what drifts by: one more that passes never makes it likelier, one more that is taken never less', () => {
		fc.assert(
			fc.property(
				natural,
				place,
				day,
				hour,
				fc.integer({ min: 1, max: 9 }),
				({ taxon, traits }, where, on, at, times) => {
					const id = `${taxon.id}/${traits.stage}`;
					const read = (fate: 'passed' | 'taken', count: number) =>
						chanceOf(
							story(where, on, at)
								.saw(taxon.id, traits.stage)
								.rises('nose', 2)
								.drifted(taxon.id, traits.stage, fate, count)
								.read(),
							id
						);
					expect(read('passed', times + 1)).toBeLessThanOrEqual(read('passed', times) + ROUNDING);
					expect(read('taken', times)).toBeGreaterThanOrEqual(read('passed', times) - ROUNDING);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('of the eye: more of them never makes that stage less likely, and none never likelier', () => {
		fc.assert(
			fc.property(natural, place, day, hour, ({ taxon, traits }, where, on, at) => {
				const chances = ABUNDANCES.map((abundance) =>
					chanceOf(
						story(where, on, at)
							.saw(taxon.id, traits.stage, { abundance, zone: zoneOf(taxon, traits) })
							.read(),
						`${taxon.id}/${traits.stage}`
					)
				);
				const [none = 0, ...some] = chances;
				expect(some).toEqual([...some].sort((a, b) => a - b));
				expect(none).toBeLessThanOrEqual(
					chanceOf(story(where, on, at).read(), `${taxon.id}/${traits.stage}`) + ROUNDING
				);
			}),
			{ numRuns: 60 }
		);
	});

	it('of a rise that nobody could make out says nothing beyond that the fish rose', () => {
		for (const form of RISE_FORMS) {
			const unwatched = story(BROOK, 138, 12);
			unwatched.notes = [];
			// Of a fish that feeds: that it rose says that it does.
			const foods = (read: Story) => {
				const beliefs = read.read().beliefs.filter(({ hypothesis }) => hypothesis.kind !== 'not-feeding');
				const sum = beliefs.reduce((all, { probability }) => all + probability, 0);
				return beliefs.map((belief) => ({ ...belief, probability: belief.probability / sum }));
			};
			const quiet = foods(unwatched);
			const risen = foods(story(BROOK, 138, 12).rises(form, 1));
			const moved = risen.some(
				({ hypothesis, probability }, i) =>
					hypothesis.id !== quiet[i]?.hypothesis.id || Math.abs(probability - quiet[i].probability) > ROUNDING
			);
			expect(moved, form).toBe(form !== 'unsure');
		}
	});
});

describe('what must hold', () => {
	const south = { latitude: -44.6, longitude: 169.2, elevationM: 380 } as const;
	const somewhere = (taxon: (typeof TAXA)[number], southern: boolean): Place => {
		const [water = 'freestone'] = Object.keys(taxon.waters) as Place['water'][];
		return { ...(southern ? { ...RIVER, ...south } : RIVER), water };
	};
	const anywhen = [natural, fc.boolean(), day, fc.integer({ min: 0, max: 23 })] as const;
	const fitting = ({ taxon, traits }: (typeof naturals)[number]) => riseFormsProvoked(taxon, traits)[0];
	const rank = (reading: Reading, id: string) =>
		reading.beliefs.findIndex(({ hypothesis }) => hypothesis.id === id);

	it('the calendar can be beaten: thirty in the surface net and ten fitting rises put it first, whenever', () => {
		fc.assert(
			fc.property(...anywhen, (one, southern, on, at) => {
				const { taxon, traits } = one;
				const seen = story(somewhere(taxon, southern), on, at).net('surface-net', [
					taxon.id,
					traits.stage,
					30
				]);
				const form = fitting(one);
				expect(rank((form ? seen.rises(form, 10) : seen).read(), `${taxon.id}/${traits.stage}`)).toBe(0);
			}),
			{ numRuns: 150 }
		);
	});

	it('masses seen, or six that a fish took, put it among the first three, whenever', () => {
		fc.assert(
			fc.property(...anywhen, fc.boolean(), (one, southern, on, at, taken) => {
				const { taxon, traits } = one;
				const told = story(somewhere(taxon, southern), on, at);
				if (taken) told.drifted(taxon.id, traits.stage, 'taken', 6);
				else told.saw(taxon.id, traits.stage, { abundance: 'masses', zone: zoneOf(taxon, traits) });
				const form = fitting(one);
				const place = rank((form ? told.rises(form, 10) : told).read(), `${taxon.id}/${traits.stage}`);
				expect(place).toBeGreaterThanOrEqual(0);
				expect(place).toBeLessThan(3);
			}),
			{ numRuns: 150 }
		);
	});

	it('nobody is sure of what nobody has met with today', () => {
		fc.assert(
			fc.property(
				place,
				day,
				hour,
				fc.constantFrom(...RISE_FORMS),
				fc.integer({ min: 0, max: 40 }),
				(where, on, at, form, times) => {
					expect(story(where, on, at).rises(form, times).read().certainty.word).not.toBe('sure');
				}
			),
			{ numRuns: 100 }
		);
	});

	it('to say it again is not to have met with more', () => {
		fc.assert(
			fc.property(natural, place, day, hour, ({ taxon, traits }, where, on, at) => {
				const odds = (times: number) => {
					const told = story(where, on, at);
					for (let i = 0; i < times; i++) told.saw(taxon.id, traits.stage, { abundance: 'few' });
					const chance = chanceOf(told.read(), `${taxon.id}/${traits.stage}`);
					return Math.log(chance / (1 - chance));
				};
				const [none, once, often] = [odds(0), odds(1), odds(8)];
				if (Number.isFinite(none)) expect(often - none).toBeLessThan(1.6 * (once - none) + 0.5);
				expect(often).toBeGreaterThanOrEqual(once - ROUNDING);
			}),
			{ numRuns: 60 }
		);
	});

	it('a school that trusts nets more trusts every net and the eye more and rises less, and the other way round', () => {
		const usual = weightsOf(WEIGHING.usual);
		for (const [id, way] of [
			['net-first', 1],
			['fish-first', -1]
		] as const) {
			const { trust, scales } = weightsOf(id);
			for (const method of ['surface-net', 'bank', 'kick-net', 'stones', 'eye'] as const)
				expect(way * (trust[method] - usual.trust[method]), `${id} ${method}`).toBeGreaterThan(0);
			expect(way * (usual.scales.formsAlike - scales.formsAlike), id).toBeGreaterThan(0);
		}
	});
});
