import type { Taxon } from '../atlas';

/**
 * Dry mass of one animal in mg from its body length in mm: W = a·L^b with the coefficients of its order. Benke,
 * A. C., Huryn, A. D., Smock, L. A. & Wallace, J. B. (1999), Journal of the North American Benthological Society
 * 18, 308–343. Adults and ants go by the same curves, which is near enough for "most food against most numerous".
 *
 * `dryMassMg(7, 'mayfly')` is about 1.75.
 *
 * @throws RangeError for a length that is not above 0
 */
export function dryMassMg(lengthMm: number, group: Taxon['group']): number {
	if (!(lengthMm > 0)) throw new RangeError(`A length of ${lengthMm} mm is no animal.`);
	const { a, b } = COEFFICIENTS[group];
	return a * lengthMm ** b;
}

const COEFFICIENTS: Record<Taxon['group'], { a: number; b: number }> = {
	mayfly: { a: 0.0071, b: 2.832 },
	stonefly: { a: 0.0094, b: 2.754 },
	caddisfly: { a: 0.0056, b: 2.839 },
	'true-fly': { a: 0.0025, b: 2.692 },
	// Ants are not in the paper; beetles are the nearest in build.
	ant: { a: 0.0077, b: 2.91 }
};
