import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { followSinking } from '$lib/simulate';
import { BEADS_MM, inWater } from '../tackle';
import { currentAt, depthAtLieM, leadForM, type Sinking } from './sinking';

const nymph = (beadMm: number, dressedMm = 8.7) => inWater({ bulk: 0.3 }, dressedMm, { beadMm });
const letDown = (more: Partial<Sinking> = {}): Sinking => ({
	...nymph(2.8),
	tippetMm: 0.15,
	lineM: 1.5,
	surfaceMs: 0.5,
	waterM: 1,
	...more
});

describe('how deep a fly sinks on its line', () => {
	it('is within 15 % of a chain followed moment by moment, over beads, currents, tippets and leads', () => {
		const apart: number[] = [];
		for (const [dressedMm, beadMm] of [
			[5.9, 2],
			[8.7, 2.8],
			[12.3, 3.8]
		] as const)
			for (const surfaceMs of [0.3, 0.9])
				for (const tippetMm of [0.1, 0.2])
					for (const [waterM, leadM] of [
						[0.7, 1.5],
						[1.8, 1],
						[1.8, 3]
					] as const) {
						const given = letDown({
							...nymph(beadMm, dressedMm),
							surfaceMs,
							tippetMm,
							waterM,
							lineM: 1.5 * waterM
						});
						apart.push(depthAtLieM(given, leadM) / followSinking(given, leadM / surfaceMs) - 1);
					}
		expect(Math.max(...apart.map(Math.abs))).toBeLessThan(0.15);
		// Neither always deeper nor always shallower.
		expect(Math.abs(apart.reduce((a, b) => a + b, 0) / apart.length)).toBeLessThan(0.06);
	});

	const weights = fc.constantFrom<number>(...BEADS_MM.filter((mm) => mm >= 2 && mm <= 4.6));
	const any = fc.record({
		beadMm: weights,
		tippetMm: fc.double({ min: 0.1, max: 0.22, noNaN: true }),
		surfaceMs: fc.double({ min: 0.1, max: 1.5, noNaN: true }),
		waterM: fc.double({ min: 0.3, max: 4, noNaN: true }),
		leadM: fc.double({ min: 0.2, max: 6, noNaN: true })
	});
	const depthOf = ({ beadMm, leadM, ...water }: typeof any extends fc.Arbitrary<infer T> ? T : never) =>
		depthAtLieM(letDown({ ...nymph(beadMm), ...water, lineM: 1.5 * water.waterM }), leadM);

	it('is more with a heavier bead, a finer tippet, slower water and a longer lead, and never beneath the bed', () => {
		fc.assert(
			fc.property(any, (given) => {
				const depth = depthOf(given);
				expect(depth).toBeGreaterThanOrEqual(0);
				expect(depth).toBeLessThanOrEqual(given.waterM);
				const slack = 1e-6;
				expect(depthOf({ ...given, beadMm: given.beadMm + 0.5 })).toBeGreaterThanOrEqual(depth - slack);
				expect(depthOf({ ...given, tippetMm: given.tippetMm - 0.03 })).toBeGreaterThanOrEqual(depth - slack);
				expect(depthOf({ ...given, surfaceMs: given.surfaceMs * 0.8 })).toBeGreaterThanOrEqual(depth - slack);
				expect(depthOf({ ...given, leadM: given.leadM + 0.5 })).toBeGreaterThanOrEqual(depth - slack);
			}),
			{ seed: 16 }
		);
	});

	it('asks for just the lead that brings it down, and for none where it never gets so deep', () => {
		const given = letDown();
		const leadM = leadForM(given, 0.7);
		expect(depthAtLieM(given, leadM ?? 0)).toBeCloseTo(0.7, 6);
		expect(leadForM(letDown({ surfaceMs: 2, submergedN: 1e-4 }), 0.9)).toBeUndefined();
	});

	it('is less on a line that is held than on one that goes with the water', () => {
		expect(depthAtLieM(letDown({ carriedMs: 0 }), 3)).toBeLessThan(depthAtLieM(letDown(), 3));
	});

	it('refuses what cannot be, by name', () => {
		expect(() => depthAtLieM(letDown({ tippetMm: 3 }), 1)).toThrow(/tippetMm is 3/);
		expect(() => depthAtLieM(letDown(), -1)).toThrow(/leadM/);
		expect(() => inWater({ bulk: 0.3 }, 0, {})).toThrow(/0 mm/);
		expect(() => inWater({ bulk: 0.3 }, 8, { beadMm: 20 })).toThrow(/bead of 20/);
		expect(() => inWater({ bulk: 0.3 }, 8, { turns: 99 })).toThrow(/99 turns/);
	});
});

it('the current is slow at the bed and whole at the surface', () => {
	const water = { surfaceMs: 0.8, waterM: 2 };
	expect(currentAt(0, water)).toBe(0.8);
	expect(currentAt(1, water)).toBeGreaterThan(0.6);
	expect(currentAt(2, water)).toBe(0);
});

describe('the weight of a fly', () => {
	it('is its own, apart from its style: bead and turns add to it, and it sinks the faster', () => {
		const plain = inWater({ bulk: 0.3 }, 8.7, {});
		const turns = inWater({ bulk: 0.3 }, 8.7, { turns: 10 });
		const bead = inWater({ bulk: 0.3 }, 8.7, { beadMm: 2.8 });
		expect(turns.submergedN).toBeGreaterThan(1.2 * plain.submergedN);
		expect(bead.submergedN).toBeGreaterThan(3 * plain.submergedN);
		const depths = [plain, turns, bead].map((fly) => depthAtLieM(letDown(fly), 0.5));
		expect(depths).toEqual([...depths].sort((a, b) => a - b));
	});
});
