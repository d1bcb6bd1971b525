import * as v from 'valibot';
import { describe, expect, it } from 'vitest';
import { DEMO_BASIN } from './basin.data';
import { demoColleague, DEMO_NOW, demoMorning } from './morning';
import { oneWhoKnows } from './one-who-knows';
import { simulatePastSeasons } from './past-seasons';
import { standInWatch } from './watch';
import { normal, pickWeighted, poisson, seededRandom } from '$lib/core/math';
import { PATTERNS } from '$lib/core/tackle';
import { NoteSchema } from '$lib/core/note';

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

describe('what was tried on past outings', () => {
	const outings = past(5);
	const attempts = outings.map(({ notes }) => notes.filter((note) => note.kind === 'attempt'));

	it('is a fly of the library in a size it is tied in, tied on first, on most outings that netted anything', () => {
		const netted = outings.filter(({ notes }) =>
			notes.some((note) => note.kind === 'sample' && note.body.lots.length > 0)
		);
		expect(attempts.filter((tried) => tried.length > 0).length).toBeGreaterThan(netted.length / 2);
		for (const tried of attempts)
			for (const { body } of tried) {
				const pattern = PATTERNS.find(({ id }) => id === body.patternId);
				expect(pattern?.sizes).toContain(body.hookSize);
			}
		for (const [first] of attempts) if (first) expect(first.body.outcome).toBe('tied-on');
	});

	it('lands no fish that did not take, and two flies at the most', () => {
		for (const tried of attempts) {
			for (const [i, { body }] of tried.entries())
				if (body.outcome === 'landed') expect(tried[i - 1]?.body.outcome).toBe('taken');
			expect(new Set(tried.map(({ body }) => body.patternId)).size).toBeLessThanOrEqual(2);
		}
		expect(attempts.flat().filter(({ body }) => body.outcome === 'landed').length).toBeGreaterThan(3);
	});

	it('comes in order, after what it answers', () => {
		for (const tried of attempts)
			expect(tried.map(({ at }) => at.getTime())).toEqual(
				tried.map(({ at }) => at.getTime()).sort((a, b) => a - b)
			);
	});
});

describe('a colleague’s morning', () => {
	it('is over by now, on another reach of the river, and the same each time', () => {
		const colleague = demoColleague(seededRandom(3));
		expect(colleague).toEqual(demoColleague(seededRandom(3)));
		expect(colleague.endedAt < DEMO_NOW).toBe(true);
		expect(colleague.reachId).not.toBe(demoMorning(seededRandom(3)).reachId);
		for (const { at } of colleague.notes) expect(at <= colleague.endedAt).toBe(true);
	});
});

describe('one who knows the rules of the stand-in river, and of the day what was noted', () => {
	it('says chances that sum to 1, and bets on what is eaten better than one who only knows how often each is', () => {
		const random = seededRandom(41);
		const draws = seededRandom(42);
		let logs = 0;
		const watches = Array.from({ length: 8 }, () => standInWatch(random, 'usual'));
		for (const watch of watches) {
			const known = oneWhoKnows(watch, draws, { met: 200, unmet: 40, together: 150 });
			expect(known.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1);
			const right = known
				.filter(({ stage }) => stage === watch.truth.stage)
				.reduce((sum, { probability }) => sum + probability, 0);
			logs += Math.log(Math.max(0.02, right)) / watches.length;
		}
		// Who bets on each stage by how often fish are on it has about −1.4.
		expect(logs).toBeGreaterThan(-1);
	});
});
