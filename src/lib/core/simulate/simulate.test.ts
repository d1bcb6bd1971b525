import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import { DEMO_BASIN, DEMO_NOW, demoMorning, simulatePastSeasons } from '.';
import { normal, pickWeighted, poisson, seededRandom } from '../chance';
import { NoteSchema } from '../note';

const past = (seed: number) =>
	simulatePastSeasons(seededRandom(seed), new Date('2024-03-01T00:00:00Z'), DEMO_NOW);

describe('the stand-in river', () => {
	it('is the same for the same seed, and another for another', () => {
		expect(past(5)).toEqual(past(5));
		expect(past(6)).not.toEqual(past(5));
	});

	it('writes notes that any note must be', () => {
		const notes = [...past(5).flatMap((outing) => outing.notes), ...demoMorning(seededRandom(1)).notes];
		expect(notes.length).toBeGreaterThan(200);
		for (const note of notes) expect(v.is(NoteSchema, JSON.parse(JSON.stringify(note)))).toBe(true);
		expect(new Set(notes.map(({ id }) => id)).size).toBe(notes.length);
	});

	it('has a dozen notes under way on the morning, none of them later than now', () => {
		const { notes } = demoMorning(seededRandom(1));
		expect(notes.length).toBeGreaterThanOrEqual(12);
		for (const { at } of notes) expect(at.getTime()).toBeLessThanOrEqual(DEMO_NOW.getTime());
	});

	it('lies in the open ocean, about 47° north', () => {
		for (const { line } of DEMO_BASIN.reaches)
			for (const [longitude, latitude] of line) {
				expect(latitude).toBeGreaterThan(46.9);
				expect(latitude).toBeLessThan(47.3);
				expect(longitude).toBeLessThan(-19);
				expect(longitude).toBeGreaterThan(-21);
			}
	});

	it('counts by Poisson and scatters normally, within chance', () => {
		const random = seededRandom(3);
		const mean = (list: number[]) => list.reduce((a, b) => a + b, 0) / list.length;
		// 5,000 draws: five standard errors of the mean are 0.13 and 0.14.
		expect(Math.abs(mean(Array.from({ length: 5000 }, () => poisson(random, 3.5))) - 3.5)).toBeLessThan(0.14);
		expect(Math.abs(mean(Array.from({ length: 5000 }, () => normal(random, 10, 2))) - 10)).toBeLessThan(0.15);
		expect(poisson(random, 0)).toBe(0);
		expect(() => pickWeighted(random, [])).toThrow('nothing to pick from');
	});
});
