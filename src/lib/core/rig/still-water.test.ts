import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seenBy } from './seen';
import { depthPosterior, lineFor, windDrift } from './still-water';
import { stillLeaderM } from './still-leader';
import { winterWindow } from './winter';
import { LIES } from '../vocabulary';

const likeliest = (beliefs: ReturnType<typeof depthPosterior>) =>
	beliefs.reduce((best, next) => (next.probability > best.probability ? next : best)).depthM;

describe('whether the fish has seen the fly', () => {
	it('is about four in five after thirty drifts on a usual rhythm, and hardly after three', () => {
		expect(seenBy(30, {}).chance).toBeGreaterThan(0.75);
		expect(seenBy(30, {}).chance).toBeLessThan(0.9);
		expect(seenBy(3, {}).chance).toBeLessThan(0.25);
		expect(seenBy(30, {}).until80).toBeLessThanOrEqual(2);
	});

	it('comes sooner for a fish that rises often, on station, in a broad lane', () => {
		const steady = { medianS: 12, kind: 'on-station', sure: 0.9 } as const;
		const fast = seenBy(5, { lie: 'margin', rhythm: steady });
		expect(fast.chance).toBeGreaterThan(seenBy(5, { lie: 'eddy', rhythm: steady }).chance);
		expect(fast.chance).toBeGreaterThan(
			seenBy(5, { lie: 'margin', rhythm: { ...steady, medianS: 90 } }).chance
		);
		expect(fast.chance).toBeGreaterThan(
			seenBy(5, { lie: 'margin', holding: 'cruising', rhythm: steady }).chance
		);
	});

	it('never falls with more drifts, and what is missing to 80 % is just enough', () => {
		fc.assert(
			fc.property(
				fc.nat(120),
				fc.nat(40),
				fc.constantFrom(...LIES),
				fc.double({ min: 3, max: 600, noNaN: true }),
				(drifts, more, lie, medianS) => {
					const fish = { lie, rhythm: { medianS, kind: 'on-station', sure: 0.7 } } as const;
					const now = seenBy(drifts, fish);
					expect(seenBy(drifts + more, fish).chance).toBeGreaterThanOrEqual(now.chance);
					expect(seenBy(drifts + now.until80, fish).chance).toBeGreaterThan(0.8 - 1e-9);
					if (now.until80 > 0) expect(seenBy(drifts + now.until80 - 1, fish).chance).toBeLessThan(0.8);
				}
			)
		);
		expect(() => seenBy(-1, {})).toThrow(/drifts is -1/);
	});
});

describe('which depth', () => {
	it('leans to the bed before anything is tried', () => {
		const beliefs = depthPosterior(4, []);
		expect(beliefs.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
		expect(likeliest(beliefs)).toBeGreaterThan(3.5);
	});

	it('goes to where fish took, away from where long effort brought nothing', () => {
		const beliefs = depthPosterior(5, [
			{ depthM: 4.7, takes: 0, effort: 40 },
			{ depthM: 2, takes: 3, effort: 15 }
		]);
		expect(likeliest(beliefs)).toBeGreaterThan(1.4);
		expect(likeliest(beliefs)).toBeLessThan(2.6);
	});

	it('moves towards a take wherever it was, in water of any depth', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 14, noNaN: true }),
				fc.double({ min: 0.1, max: 0.9, noNaN: true }),
				(depthM, share) => {
					const at = share * depthM;
					const near = (beliefs: ReturnType<typeof depthPosterior>) =>
						beliefs
							.filter((b) => Math.abs(b.depthM - at) < 0.15 * depthM)
							.reduce((sum, { probability }) => sum + probability, 0);
					const after = depthPosterior(depthM, [{ depthM: at, takes: 2, effort: 10 }]);
					expect(near(after)).toBeGreaterThan(near(depthPosterior(depthM, [])));
				}
			)
		);
	});

	it('refuses depths outside the water', () => {
		expect(() => depthPosterior(0.02, [])).toThrow(/depthM is 0.02/);
		expect(() => depthPosterior(3, [{ depthM: 9, takes: 0, effort: 1 }])).toThrow(/deeper than the water/);
	});
});

describe('line, wind and winter on still water', () => {
	it('hangs flies in a calm, goes under the waves in wind, sinks where it is deep', () => {
		expect(lineFor(3, 1).line).toBe('floating');
		expect(lineFor(2, 9).line).toBe('intermediate');
		expect(lineFor(11, 1).line).toBe('fast-sink');
		expect(lineFor(2, 9).countdownS).toBeCloseTo(2 / 0.045, 6);
		expect(() => lineFor(99, 1)).toThrow(/flyDepthM is 99/);
		expect(() => lineFor(2, 40)).toThrow(/windMs is 40/);
	});

	it('drifts downwind, faster in more wind', () => {
		expect(windDrift(5, 270).towardsDeg).toBe(90);
		expect(windDrift(8).metresAMinute).toBeGreaterThan(windDrift(3).metresAMinute);
		expect(windDrift(3).towardsDeg).toBeUndefined();
	});

	it('fishes naturals in winter only in the warm hours of a calm, warming day', () => {
		const noon = {
			waterC: 5,
			windMs: 2,
			sky: 'overcast',
			clarityM: 2,
			solarHour: 12.8,
			warmingC: 1.5
		} as const;
		expect(winterWindow(noon)?.naturals).toBe(true);
		expect(winterWindow({ ...noon, windMs: 9, warmingC: 0 })?.naturals).toBe(false);
		expect(winterWindow({ ...noon, solarHour: 8.5 })?.naturals).toBe(false);
		expect(winterWindow({ ...noon, waterC: 11 })).toBeUndefined();
	});
});

describe('the ways to fish a lake in winter', () => {
	const noon = { waterC: 4, windMs: 2, clarityM: 2, solarHour: 12.8, warmingC: 1.5 } as const;
	const open = (more: Partial<Parameters<typeof winterWindow>[0]> = {}) =>
		winterWindow({ ...noon, ...more })
			?.methods.filter(({ vetoes }) => vetoes.length === 0)
			.map(({ id }) => id);

	it('naturals in their hour, else the bed, the column, a slim dark fly, and last a lure', () => {
		expect(open()).toEqual(['natural', 'bloodworm', 'column', 'slim', 'lure']);
		expect(open({ solarHour: 15 })).toEqual(['bloodworm', 'column', 'slim', 'lure']);
	});

	it.each([
		['a gale', { windMs: 12 }, ['slim', 'lure']],
		['minus four', { airC: -4 }, ['bloodworm', 'slim', 'lure']],
		['rain into murk', { sky: 'rain', clarityM: 0.4 }, ['column', 'lure']]
	] as const)('%s stands against some of them', (_, weather, left) => {
		expect(open(weather)).toEqual(left);
		expect(winterWindow({ ...noon, ...weather })?.naturals).toBe(false);
	});

	it('what stands against a method is told, and it goes to the end', () => {
		const methods = winterWindow({ ...noon, windMs: 12 })?.methods ?? [];
		expect(methods.at(-1)?.vetoes.length).toBeGreaterThan(0);
		expect(methods).toHaveLength(5);
	});
});

it('the leader of still water hangs to above the bed, and is short on a line under the water', () => {
	expect(stillLeaderM(4, 2)).toBeCloseTo(3.7, 9);
	expect(stillLeaderM(4, 9)).toBe(2.7);
	expect(stillLeaderM(9, 1)).toBe(2.7);
	expect(stillLeaderM(1, 1)).toBe(2.4);
	expect(() => stillLeaderM(4, 60)).toThrow(/windMs is 60/);
	// Short just where the line is not the floating one.
	for (const windMs of [0, 3, 6, 6.1, 12])
		for (const waterM of [3, 6, 6.4, 9])
			expect(stillLeaderM(waterM, windMs) === 2.7, `${waterM} m, ${windMs} m/s`).toBe(
				lineFor(waterM - 0.3, windMs).line !== 'floating' || waterM === 3
			);
});
