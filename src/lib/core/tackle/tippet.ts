import { mmFromInch } from '../units';

/** Diameter of an X in mm: 0.011 − 0.001·X inches. `tippetMm(6)` is 0.127. */
export function tippetMm(x: number): number {
	return mmFromInch(0.011 - 0.001 * x);
}
