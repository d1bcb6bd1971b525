import type { Taxon } from '../atlas';

/**
 * Dry mass of one animal in mg from its body length in mm: W = a·L^b with the coefficients of its order. Benke,
 * A. C., Huryn, A. D., Smock, L. A. & Wallace, J. B. (1999), Journal of the North American Benthological Society
 * 18, 308–343. Adults go by the same curves, which is near enough for "most food against most numerous".
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
	dragonfly: { a: 0.0078, b: 2.792 },
	alderfly: { a: 0.0037, b: 2.838 },
	bug: { a: 0.0108, b: 2.734 },
	beetle: { a: 0.0077, b: 2.91 },
	// Amphipods, in the same paper; sow bugs and water fleas go by them.
	crustacean: { a: 0.0058, b: 3.015 },
	// Ants and land insects are not in the paper; beetles are the nearest in build.
	ant: { a: 0.0077, b: 2.91 },
	terrestrial: { a: 0.0077, b: 2.91 },
	// For what is no insect, the paper's curve of all insects together: the right order of size and no more.
	snail: { a: 0.0064, b: 2.788 },
	leech: { a: 0.0064, b: 2.788 },
	worm: { a: 0.0018, b: 2.617 },
	fish: { a: 0.0064, b: 2.788 }
};
