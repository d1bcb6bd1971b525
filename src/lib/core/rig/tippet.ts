import { mmFromInch } from '../units';

/** Diameter of an X in mm: 0.011 − 0.001·X inches. `tippetMm(6)` is 0.127. */
export function tippetMm(x: number): number {
	return mmFromInch(0.011 - 0.001 * x);
}

/**
 * Tippet diameter in mm that turns a fly of this hook over delicately: X is a third of the hook size, in the
 * usual range of 3X to 8X (field rule).
 */
export function tippetFor(hookSize: number): number {
	return tippetMm(Math.min(8, Math.max(3, Math.round(hookSize / 3))));
}
