import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { TAXA, zoneOf } from '../atlas';
import { ABUNDANCES, RISE_FORMS, SAMPLE_METHODS } from '../vocabulary';
import type { Reading } from './reading';

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
			const quiet = unwatched.read().beliefs;
			const risen = story(BROOK, 138, 12).rises(form, 1).read().beliefs;
			const moved = risen.some(
				({ hypothesis, probability }, i) =>
					hypothesis.id !== quiet[i]?.hypothesis.id || Math.abs(probability - quiet[i].probability) > ROUNDING
			);
			expect(moved, form).toBe(form !== 'unsure');
		}
	});
});
