import { said } from '../../../../tests/support/said';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tippetMm } from '../tackle';
import { sayMessage } from '../message';
import { leaderFor, planDepth, tippetLedger, tippetXOf, type Rig, type RigFor } from './leader';
import { TIPPET } from './leader-rules';

const says = ({ because }: Rig) => because.map((message) => sayMessage(message)).join(' ');

describe('the leader', () => {
	it('is up to twice the rod where it is low, clear and glassy, and fine', () => {
		const rig = leaderFor({
			hookSize: 20,
			clarityM: 3,
			surface: 'glassy',
			speedMs: 0.1,
			windMs: 0,
			rodM: 2.7
		});
		expect(rig.lengthM).toBeCloseTo(5.4, 6);
		expect(rig.tippetX).toBe(7);
		expect(says(rig)).toContain('glassy');
	});

	it('is short and stout in coloured water', () => {
		const clear = leaderFor({ hookSize: 14, clarityM: 2 });
		const murk = leaderFor({ hookSize: 14, clarityM: 0.3 });
		expect(murk.lengthM).toBe(2.7);
		expect(murk.tippetMm).toBeGreaterThan(clear.tippetMm);
	});

	it('goes by a quarter of the hook size, and by a third for choosy fish on slow, clear glass alone', () => {
		const glass = { surface: 'glassy', speedMs: 0.2, clarityM: 1.3, windMs: 1 } as const;
		const third = (given: RigFor) => leaderFor(given).because.some(({ id }) => id === 'leader.third');
		expect(leaderFor({ hookSize: 12, clarityM: 1 }).tippetX).toBe(3);
		expect(third({ hookSize: 18, ...glass })).toBe(true);
		for (const otherwise of [
			{ surface: 'rippled' as const },
			{ speedMs: 0.5 },
			{ clarityM: 1 },
			{ windMs: 8 },
			{ bulky: true }
		])
			expect(third({ hookSize: 18, ...glass, ...otherwise })).toBe(false);
	});

	it('is 2.4 to 2.7 m where there is little room, in murk, fast and broken water', () => {
		for (const water of [
			{ tight: true },
			{ clarityM: 0.3 },
			{ speedMs: 1 },
			{ surface: 'broken' as const }
		]) {
			const { lengthM } = leaderFor({ hookSize: 14, clarityM: 2, ...water });
			expect(lengthM).toBeGreaterThanOrEqual(2.4);
			expect(lengthM).toBeLessThanOrEqual(2.7);
		}
	});

	it('is no longer than a short rod handles, and says so', () => {
		const short = leaderFor({ hookSize: 14, clarityM: 2, rodM: 2.1 });
		expect(short.lengthM).toBeCloseTo(3.15, 6);
		expect(says(short)).toContain('No longer than the rod handles');
		expect(says(leaderFor({ hookSize: 14, clarityM: 2, rodM: 2.7 }))).not.toContain('the rod handles');
	});

	it('bears what nylon and fluorocarbon bear, 18 to 24 N at 5X, or what the spool says', () => {
		const five = leaderFor({ hookSize: 18, clarityM: 1.3 });
		expect(five.tippetX).toBe(5);
		expect(five.strengthN[0]).toBeCloseTo(18.2, 1);
		expect(five.strengthN[1]).toBeCloseTo(23.7, 1);
		expect(leaderFor({ hookSize: 18, clarityM: 1.3, fiveXBreaksN: 20 }).strengthN).toEqual([20, 20]);
		const [finer] = leaderFor({ hookSize: 22, clarityM: 1.3, fiveXBreaksN: 20 }).strengthN;
		expect(finer).toBeLessThan(20);
	});

	it('holds a fish from weed, ends a fight in warm water soon, and says why', () => {
		const plain = leaderFor({ hookSize: 16, clarityM: 1.5 });
		const weed = leaderFor({ hookSize: 16, clarityM: 1.5, weed: true });
		expect(weed.tippetX).toBe(plain.tippetX - 1);
		expect(says(weed)).toContain('Weed or snags');
		expect(says(leaderFor({ hookSize: 16, clarityM: 1.5, waterC: 17 }))).toContain(
			'so that the fight is short'
		);
		expect(says(leaderFor({ hookSize: 16, clarityM: 1.5, waterC: 15 }))).not.toContain('the fight is short');
	});

	it('shows what the schools differ in: never finer than the fish allows, or as fine as the water is clear', () => {
		const water = { hookSize: 18, clarityM: 3, surface: 'glassy', speedMs: 0.2, fish: 'large' } as const;
		const fine = leaderFor({ ...water, school: 'as-fine-as-clear' });
		const stout = leaderFor({ ...water, school: 'never-too-fine' });
		expect(stout.tippetMm).toBeGreaterThan(fine.tippetMm);
	});

	it('hangs an emerger 60 to 75 cm behind a dun, a spinner 30 to 60, a nymph about 30 beneath', () => {
		expect(leaderFor({ hookSize: 16, second: 'hanging' }).secondM).toEqual({ least: 0.6, most: 0.75 });
		expect(leaderFor({ hookSize: 16, second: 'flush' }).secondM).toEqual({ least: 0.3, most: 0.6 });
		expect(
			leaderFor({ hookSize: 12, second: 'nymph' })
				.knots.map((knot) => said(knot))
				.join(' ')
		).toContain('30 cm beneath');
	});

	it('never gets stouter as the water clears', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(8, 12, 16, 20, 24),
				fc.double({ min: 0, max: 6, noNaN: true }),
				fc.double({ min: 0, max: 6, noNaN: true }),
				fc.constantFrom(...TIPPET.ids),
				fc.constantFrom('glassy' as const, 'rippled' as const, 'broken' as const),
				fc.double({ min: 0, max: 1.5, noNaN: true }),
				(hookSize, one, other, school, surface, speedMs) => {
					const at = (clarityM: number) =>
						leaderFor({ hookSize, clarityM, school, surface, speedMs }).tippetMm;
					expect(at(Math.max(one, other))).toBeLessThanOrEqual(at(Math.min(one, other)));
				}
			)
		);
	});

	it('has parts that add up, thinner towards the fly', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(8, 12, 16, 20, 24),
				fc.double({ min: 0, max: 6, noNaN: true }),
				fc.double({ min: 0, max: 1.5, noNaN: true }),
				(hookSize, clarityM, speedMs) => {
					const { parts, lengthM } = leaderFor({ hookSize, clarityM, speedMs });
					expect(parts.reduce((sum, part) => sum + part.lengthM, 0)).toBeCloseTo(lengthM, 9);
					for (let i = 1; i < parts.length; i++)
						expect(parts[i]?.diameterMm).toBeLessThan(parts[i - 1]?.diameterMm ?? 0);
				}
			)
		);
	});

	it('never recommends stouter tippet because the water is clearer', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(8, 12, 16, 20, 24),
				fc.double({ min: 0, max: 10, noNaN: true }),
				fc.double({ min: 0, max: 5, noNaN: true }),
				fc.constantFrom('as-fine-as-clear' as const, 'never-too-fine' as const),
				(hookSize, clarityM, more, school) => {
					expect(leaderFor({ hookSize, clarityM: clarityM + more, school }).tippetX).toBeGreaterThanOrEqual(
						leaderFor({ hookSize, clarityM, school }).tippetX
					);
				}
			)
		);
	});

	it.each([
		[{ hookSize: 40 }, 'hookSize is 40; use 2 to 28.'],
		[{ hookSize: 16, clarityM: -1 }, 'clarityM is -1 m'],
		[{ hookSize: 16, rodM: 30 }, 'rodM is 30 m'],
		[{ hookSize: Number.NaN }, 'hookSize is NaN']
	])('refuses %o with the field named', (given, message) => {
		expect(() => leaderFor(given)).toThrow(message);
	});
});

describe('the tippet ledger', () => {
	it('grows short with every change of fly, and says when', () => {
		expect(tippetLedger(1, 3, 0.12, 0.7)).toMatchObject({ short: true, changesLeft: 0 });
		expect(tippetLedger(1, 3, 0.12, 0.7).leftM).toBeCloseTo(0.64, 9);
		expect(tippetLedger(1.2, 0, 0.1, 0.9)).toEqual({ leftM: 1.2, changesLeft: 3, short: false });
		expect(tippetLedger(0.5, 40, 0.1, 0.4).leftM).toBe(0);
		expect(() => tippetLedger(300, 0, 0.1, 0.5)).toThrow('startM is 300 m');
	});
});

describe('X and millimetres', () => {
	it('go there and back for every spool', () => {
		for (let x = 0; x <= 8; x++) expect(tippetXOf(tippetMm(x))).toBe(x);
		expect(() => tippetXOf(-0.025)).toThrow('outside 0.076 to 0.279 mm');
		expect(() => tippetXOf(1)).toThrow('outside');
	});
});

describe('depth on still water', () => {
	it('hangs a pupa 0.3 m above the bed: 4 m of water is a leader of 3.7 m', () => {
		const plan = planDepth(4);
		expect(plan.leaderM).toBeCloseTo(3.7, 9);
		expect(plan.countdownS.intermediate).toBeCloseTo(82, 0);
	});
	it('spaces three flies through the column', () => {
		expect(planDepth(3.3, 3).depthsM.map((depth) => Number(depth.toFixed(2)))).toEqual([1, 2, 3]);
	});
	it('refuses a depth of 0 or 300 m', () => {
		expect(() => planDepth(0)).toThrow('depthM is 0 m; use 0.5 to 15 m.');
		expect(() => planDepth(300)).toThrow('depthM is 300 m');
	});
});
