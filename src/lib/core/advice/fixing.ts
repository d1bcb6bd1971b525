import { mismatchOf, type Mismatch, type Situation } from './causes';
import { JUDGED, type Cause } from './tables';
import type { Variant } from '../likeness';

const J = JUDGED.values;

/** What a change puts right, keeps and costs, of a row of `FIXES`. */
export function fixed({
	keeps,
	minutes = 0,
	...fixes
}: { keeps: number; minutes?: number } & Partial<Record<Cause, number>>) {
	return { fixes, keeps, minutes };
}

/** How far another fly is right where the one on the line is wrong, by cause, and right where that was right. */
export function exchanged(
	{ reading, variant, school }: Situation,
	other: Variant
): { fixes: Partial<Record<Cause, number>>; keeps: number } {
	const wrong: Record<Mismatch, number> = { right: 0, posture: 0, size: 0, stage: 0, insect: 0 };
	const mended: Record<Mismatch, number> = { ...wrong };
	for (const { hypothesis, probability } of reading.beliefs) {
		const before = mismatchOf(variant, hypothesis, school);
		const { right } = mismatchOf(other, hypothesis, school);
		for (const [what, share] of Object.entries(before) as [Mismatch, number][]) {
			wrong[what] += probability * share;
			mended[what] += probability * share * right;
		}
	}
	const share = (what: Mismatch) => (wrong[what] > J.mistaken ? mended[what] / wrong[what] : 0);
	return {
		fixes: { posture: share('posture'), size: share('size'), stage: share('stage'), insect: share('insect') },
		// How well it does where the first was right: what the change may spoil.
		keeps: Math.max(J.keepsLeast, share('right'))
	};
}

export const isStill = ({ place }: Situation['outing']): boolean => place.water === 'lake';
