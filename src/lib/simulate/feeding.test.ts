import { describe, expect, it } from 'vitest';
import { driftOf, feed, type Prey, type RiverDay, type StandInFish } from './feeding';
import { standInWatch } from './watch';
import { TAXA, type Place } from '$lib/core/atlas';
import { seededRandom } from '$lib/core/math';
import { CLEAR_FORMS } from '$lib/core/vocabulary';

const river: Place = { latitude: 47, longitude: 0, elevationM: 500, water: 'freestone' };
const day = (iso: string, waterC: number): RiverDay => ({
	place: river,
	at: new Date(iso),
	waterC,
	dull: true,
	windMs: 1
});
const fish: StandInFish = {
	size: 'middling',
	depthM: 0.5,
	speedMs: 0.3,
	holding: 'on-station',
	habit: 'steady',
	looksUp: 1,
	manner: Object.fromEntries(CLEAR_FORMS.map((form) => [form, 1])) as StandInFish['manner']
};
const prey = (stage: Prey['stage'], zone: Prey['zone'], perMinute: number, massMg = 2): Prey => ({
	taxonId: 'baetis',
	stage,
	zone,
	lengthMm: 7,
	massMg,
	perMinute
});

describe('the drift of the stand-in river', () => {
	it('holds only what lives in that water, at the heights of the atlas', () => {
		for (const { taxonId, perMinute } of driftOf(day('2026-05-01T13:00Z', 9), seededRandom(1))) {
			expect(TAXA.find(({ id }) => id === taxonId)?.waters.freestone).toBeGreaterThan(0);
			expect(perMinute).toBeGreaterThan(0);
		}
	});

	it('brings more emergers at a spring midday than at dawn, on the average of many years', () => {
		const emergers = (iso: string) => {
			let sum = 0;
			for (let year = 0; year < 30; year++)
				for (const { stage, perMinute } of driftOf(day(iso, 9), seededRandom(year)))
					if (stage === 'emerger') sum += perMinute;
			return sum;
		};
		expect(emergers('2026-05-01T13:00Z')).toBeGreaterThan(3 * emergers('2026-05-01T05:00Z'));
	});
});

describe('the stand-in fish', () => {
	it('does the same for the same seed, and eats nothing that does not pass', () => {
		const drift = [prey('emerger', 'in-film', 4), prey('dun', 'on-film', 2)];
		expect(feed(drift, fish, 10, seededRandom(4))).toEqual(feed(drift, fish, 10, seededRandom(4)));
		for (const { prey: eaten } of feed(drift, fish, 10, seededRandom(4)).meals)
			expect(drift).toContain(eaten);
		expect(feed([], fish, 10, seededRandom(4)).meals).toEqual([]);
	});

	it('comes to prefer what there is most of: it switches', () => {
		const share = (emergers: number) => {
			const drift = [prey('emerger', 'in-film', emergers), prey('spinner', 'on-film', 2)];
			let [own, all] = [0, 0];
			for (let seed = 0; seed < 20; seed++)
				for (const meal of feed(drift, fish, 20, seededRandom(seed)).meals) {
					all++;
					if (meal.prey.stage === 'emerger') own++;
				}
			return own / all;
		};
		// Three times the density, more than three times the odds.
		const odds = (p: number) => p / (1 - p);
		expect(odds(share(6)) / odds(share(2))).toBeGreaterThan(3);
	});

	it('is told of truly: the food named makes up at least half of what it ate', () => {
		const random = seededRandom(12);
		for (let i = 0; i < 5; i++) {
			const { truth, meals, notes, watchId } = standInWatch(random);
			const own = meals.filter(
				({ prey: p }) => p.taxonId === truth.taxonId && p.stage === truth.stage
			).length;
			expect(own / meals.length).toBeGreaterThanOrEqual(0.5);
			expect(notes.some(({ id }) => id === watchId)).toBe(true);
		}
	});
});
