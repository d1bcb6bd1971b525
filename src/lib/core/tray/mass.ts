import type { LifeStage, Taxon } from '../atlas';

/**
 * Dry mass of one animal in mg from its body length in mm: W = a·L^b with the coefficients of its family, or else of its order. Benke,
 * A. C., Huryn, A. D., Smock, L. A. & Wallace, J. B. (1999), Journal of the North American Benthological Society
 * 18, 308–343. Winged stages go by curves for adults: Sabo, J. L., Bastow, J. L. & Power, M. E. (2002), in the same
 * journal 21, 336–343, and land insects by Rogers, L. E., Hinds, W. T. & Buschbom, R. L. (1976), Annals of the
 * Entomological Society of America 69, 387–389.
 *
 * `dryMassMg(7, { group: 'mayfly' })` is about 1.75, and that of a dun about as much.
 *
 * @param animal its group, and its family where that is known; a row of a family is its own
 * @param stage left out, as a larva or nymph
 * @throws RangeError for a length that is not above 0
 */
export function dryMassMg(
	lengthMm: number,
	{ group, family, scientificName }: Pick<Taxon, 'group'> & Partial<Pick<Taxon, 'family' | 'scientificName'>>,
	stage?: LifeStage
): number {
	if (!(lengthMm > 0)) throw new RangeError(`A length of ${lengthMm} mm is no animal.`);
	const { a, b } =
		(stage && WINGED.has(stage) && ADULTS[group]) ||
		OF_FAMILY[family ?? scientificName ?? ''] ||
		OF_ORDER[group];
	return a * lengthMm ** b;
}

const WINGED: ReadonlySet<LifeStage> = new Set<LifeStage>(['dun', 'spinner', 'adult', 'egg-laying']);

/** Of winged insects by order (Sabo et al. 2002). */
const ADULTS: Partial<Record<Taxon['group'], { a: number; b: number }>> = {
	mayfly: { a: 0.014, b: 2.49 },
	stonefly: { a: 0.26, b: 1.69 },
	caddisfly: { a: 0.01, b: 2.9 },
	'true-fly': { a: 0.04, b: 2.26 },
	dragonfly: { a: 0.14, b: 2.27 }
};

/** Of larvae and nymphs by family, where the paper has enough of one. */
const OF_FAMILY: Readonly<Record<string, { a: number; b: number }>> = {
	Baetidae: { a: 0.0053, b: 2.875 },
	Ephemerellidae: { a: 0.0103, b: 2.676 },
	Heptageniidae: { a: 0.0108, b: 2.754 },
	Leptophlebiidae: { a: 0.0047, b: 2.686 },
	Capniidae: { a: 0.0049, b: 2.562 },
	Leuctridae: { a: 0.0028, b: 2.719 },
	Nemouridae: { a: 0.0056, b: 2.762 },
	Perlidae: { a: 0.0099, b: 2.879 },
	Hydropsychidae: { a: 0.0046, b: 2.926 },
	Philopotamidae: { a: 0.005, b: 2.511 },
	Rhyacophilidae: { a: 0.0099, b: 2.48 },
	Chironomidae: { a: 0.0018, b: 2.617 },
	Simuliidae: { a: 0.002, b: 3.011 },
	Tipulidae: { a: 0.0029, b: 2.681 },
	Elmidae: { a: 0.0074, b: 2.879 }
};

const OF_ORDER: Record<Taxon['group'], { a: number; b: number }> = {
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
	// Ants and land insects, all together (Rogers et al. 1976).
	ant: { a: 0.0305, b: 2.62 },
	terrestrial: { a: 0.0305, b: 2.62 },
	// For what is no insect, the paper's curve of all insects together: the right order of size and no more.
	snail: { a: 0.0064, b: 2.788 },
	leech: { a: 0.0064, b: 2.788 },
	// A thread forty times as long as it is thick, 15 % of it dry (field rule).
	worm: { a: 0.000_074, b: 3 },
	fish: { a: 0.0064, b: 2.788 }
};
