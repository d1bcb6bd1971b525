import { describe, expect, it } from 'vitest';

/** Situations that guides settled on the bank: each is put by `settle`, and most must come out as they had it. */
export function settledCases(): {
	settle: (what: string, found: unknown, right: boolean) => void;
	/** Tells how many there are at least, and that nine in ten are right; what is wrong is printed. */
	judge: (least: number) => void;
} {
	const settled: { what: string; right: boolean; found: string }[] = [];
	return {
		settle: (what, found, right) => settled.push({ what, right, found: JSON.stringify(found) }),
		judge: (least) => {
			describe('what guides settled on the bank', () => {
				it(`${settled.length} situations, at least ${least}`, () => {
					expect(settled.length).toBeGreaterThanOrEqual(least);
				});

				it('nine in ten come out as they had it', () => {
					const wrong = settled.filter(({ right }) => !right);
					expect(
						wrong.length / settled.length,
						wrong.map(({ what, found }) => `${what}: ${found}`).join('\n')
					).toBeLessThanOrEqual(0.1);
				});
			});
		}
	};
}
