import { poisson, type Random } from '../chance';
import { wilson } from './intervals';

/** One kind on offer and eaten. */
export interface Selection {
	kind: string;
	/** Manly–Chesson α: the share this kind would have of the diet, were all kinds equally on offer. */
	alpha: number;
	low: number;
	high: number;
	/** α if fish took kinds as they came: one over the number of kinds. */
	neutral: number;
	says: 'taken more than offered' | 'taken less than offered' | 'taken as offered';
}

/**
 * What fish select, from what was on offer (margin or surface net) and what was eaten (throat). Chesson, J.
 * (1978), Ecology 59, 211–215; interval by a Poisson bootstrap of both counts, with half an animal added to each
 * so that a kind missing from one of them does not count as infinitely loved or loathed.
 *
 * @param offered and `eaten`: animals by kind
 * @param random chance, for the bootstrap
 * @throws RangeError when fewer than two kinds were on offer or eaten
 */
export function selectionOf(
	offered: ReadonlyMap<string, number>,
	eaten: ReadonlyMap<string, number>,
	random: Random
): Selection[] {
	const kinds = [...new Set([...offered.keys(), ...eaten.keys()])].sort();
	if (kinds.length < 2) throw new RangeError('Selection needs at least two kinds.');
	const counts = kinds.map((kind) => ({ offered: offered.get(kind) ?? 0, eaten: eaten.get(kind) ?? 0 }));
	const alphas = (list: { offered: number; eaten: number }[]): number[] => {
		const ratios = list.map((count) => (count.eaten + 0.5) / (count.offered + 0.5));
		const total = ratios.reduce((a, b) => a + b, 0);
		return ratios.map((ratio) => ratio / total);
	};
	const estimate = alphas(counts);
	const draws = Array.from({ length: DRAWS }, () =>
		alphas(
			counts.map((count) => ({
				offered: poisson(random, count.offered),
				eaten: poisson(random, count.eaten)
			}))
		)
	);
	const neutral = 1 / kinds.length;
	return kinds.map((kind, i) => {
		const sorted = draws.map((draw) => draw[i] ?? 0).sort((a, b) => a - b);
		const low = sorted[Math.floor(0.025 * sorted.length)] ?? 0;
		const high = sorted[Math.ceil(0.975 * sorted.length) - 1] ?? 1;
		const says =
			low > neutral
				? 'taken more than offered'
				: high < neutral
					? 'taken less than offered'
					: 'taken as offered';
		return { kind, alpha: estimate[i] ?? 0, low, high, neutral, says };
	});
}

/** Draws of the bootstrap: the ends of a 95 % interval then rest on 25 draws each. */
const DRAWS = 1000;

export interface HatchIndex {
	/** Share of the kind's animals in the surface net that are leaving or have left the water, with interval. */
	share: number;
	low: number;
	high: number;
	says: 'hatching now' | 'beginning' | 'not yet';
}

/**
 * Bed net against surface net for one taxon: the difference is the hatch. The index is the share of winged and
 * emerging animals among all of the taxon in both nets.
 *
 * @param bed nymphs or larvae counted in the bed net
 * @param surface emergers, duns and adults counted in the surface net
 */
export function hatchIndex(bed: number, surface: number): HatchIndex {
	const { share, low, high } = wilson(surface, bed + surface);
	return { share, low, high, says: low > 0.1 ? 'hatching now' : surface > 0 ? 'beginning' : 'not yet' };
}
