import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CURVED_HOOK, dressedMm, DRY_HOOK, HOOK_SIZES, hookFor, NYMPH_HOOK, tippetMm } from '../tackle';

describe('a hook for a length', () => {
	it.each([
		[7, 16],
		[5.9, 18],
		[4.8, 20],
		[12, 10],
		[2.2, 28]
	])('%d mm of body is a %d dry', (length, size) => {
		expect(hookFor(length, 'body', DRY_HOOK).size).toBe(size);
	});

	it('names its neighbours and says why another guide may call it differently', () => {
		const choice = hookFor(7, 'body', DRY_HOOK);
		expect(choice.neighbours.map((n) => n.size)).toEqual([18, 14]);
		expect(choice.because.some(({ text }) => text.includes('another guide'))).toBe(true);
	});

	it('takes off the wings of an adult measured to its wing tips, and the tails of a nymph', () => {
		expect(hookFor(12.2, 'to-wing-tips', DRY_HOOK).bodyMm).toBeCloseTo(10, 6);
		expect(hookFor(16, 'with-tails', DRY_HOOK).bodyMm).toBeCloseTo(10, 6);
	});

	it('dresses a 26 mm stonefly nymph short, on a larger hook than a lake olive but not life size', () => {
		const short = hookFor(26, 'body', NYMPH_HOOK);
		const life = hookFor(26, 'body', { ...NYMPH_HOOK, dressShort: false });
		expect(short.dressedMm).toBeLessThan(21);
		expect(life.dressedMm).toBeGreaterThan(24);
		expect(short.size).toBeGreaterThan(life.size);
	});

	it('carries more body on a long shank and on a curved one', () => {
		expect(dressedMm(14, { ...DRY_HOOK, longX: 2 })).toBeCloseTo(8.7 * 1.2, 6);
		expect(dressedMm(14, CURVED_HOOK)).toBeCloseTo(8.7 * 1.2, 6);
	});

	it.each([0, 300, Number.NaN, -3])('refuses a length of %d mm', (length) => {
		expect(() => hookFor(length, 'body', DRY_HOOK)).toThrow(/outside 1.5 to 60 mm/);
	});

	it('refuses a hook that nobody makes', () => {
		expect(() => dressedMm(40, DRY_HOOK)).toThrow(/even size from 2 to 28/);
	});

	it('never gives a longer natural a smaller fly', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 1.5, max: 59, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.constantFrom(DRY_HOOK, CURVED_HOOK, NYMPH_HOOK),
				(length, more, hook) => {
					expect(hookFor(length + more, 'body', hook).dressedMm).toBeGreaterThanOrEqual(
						hookFor(length, 'body', hook).dressedMm
					);
				}
			)
		);
	});

	it('lists every size once, smallest first', () => {
		const lengths = HOOK_SIZES.map((size) => dressedMm(size, DRY_HOOK));
		expect(lengths).toEqual([...lengths].sort((a, b) => a - b));
	});
});

describe('tippet', () => {
	it('follows the X rule', () => {
		expect(tippetMm(4)).toBeCloseTo(0.178, 3);
	});
});
