import { gamma, type Random } from '../math';
import { names, type Message } from '../message';
import { LEAST_TO_TELL, wilson } from './intervals';

/** One kind on offer and eaten. */
export interface Selection {
	kind: string;
	/** Manly–Chesson α: the share this kind would have of the diet, were all kinds equally on offer. */
	alpha: number;
	low: number;
	high: number;
	/** α if fish took kinds as they came: one over the number of kinds. */
	neutral: number;
	says: Message;
}

const SELECTED = names('selection', {
	more: 'taken more than offered',
	less: 'taken less than offered',
	same: 'taken as offered',
	'too-few': 'too few to tell'
});
const HATCHING = names('hatch-index', {
	now: 'hatching now',
	beginning: 'beginning',
	'not-yet': 'not yet',
	'too-few': 'too few to tell'
});

/** Of fewer animals of one kind nothing is said. Field rule. */
const LEAST_OF_KIND = 5;
/** "As offered" is said only of a share of the diet known within this factor of the neutral one. */
const AS_OFFERED_WITHIN = 3;

/**
 * What fish select, from what was on offer (margin or surface net) and what was eaten (throat). Chesson, J.
 * (1978), Ecology 59, 211–215. Counts are Poisson; the interval comes from their rates under Jeffreys' prior, a gamma
 * of the count and half an animal more, so that a kind missing from one of them is not taken for loathed for certain.
 *
 * @param offered and `eaten`: animals by kind
 * @param random chance, for the interval
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
		const ratios = list.map((rate) => rate.eaten / rate.offered);
		const total = ratios.reduce((a, b) => a + b, 0);
		return ratios.map((ratio) => ratio / total);
	};
	const estimate = alphas(
		counts.map(({ offered, eaten }) => ({ offered: offered + 0.5, eaten: eaten + 0.5 }))
	);
	const draws = Array.from({ length: DRAWS }, () =>
		alphas(
			counts.map((count) => ({ offered: rateOf(random, count.offered), eaten: rateOf(random, count.eaten) }))
		)
	);
	const neutral = 1 / kinds.length;
	const sum = (of: 'offered' | 'eaten') => counts.reduce((total, count) => total + count[of], 0);
	const enough = sum('offered') >= LEAST_TO_TELL && sum('eaten') >= LEAST_TO_TELL;
	return kinds.map((kind, i) => {
		const sorted = draws.map((draw) => draw[i] ?? 0).sort((a, b) => a - b);
		const low = sorted[Math.floor(0.025 * sorted.length)] ?? 0;
		const high = sorted[Math.ceil(0.975 * sorted.length) - 1] ?? 1;
		const near = low > neutral / AS_OFFERED_WITHIN && high < neutral * AS_OFFERED_WITHIN;
		const ofKind = (offered.get(kind) ?? 0) + (eaten.get(kind) ?? 0);
		const says =
			!enough || ofKind < LEAST_OF_KIND
				? 'too-few'
				: low > neutral
					? 'more'
					: high < neutral
						? 'less'
						: near && (eaten.get(kind) ?? 0) > 0
							? 'same'
							: 'too-few';
		return { kind, alpha: estimate[i] ?? 0, low, high, neutral, says: SELECTED[says] };
	});
}

/** A rate that could have given this count. */
const rateOf = (random: Random, count: number): number => Math.max(1e-9, gamma(random, count + 0.5));

/** Draws for the interval: the ends of a 95 % interval then rest on 25 draws each. */
const DRAWS = 1000;

export interface HatchIndex {
	/** Enough animals to tell. */
	enough: boolean;
	/** Share of the kind's animals in the surface net that are leaving or have left the water, with interval. */
	share: number;
	low: number;
	high: number;
	says: Message;
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
	const says =
		bed + surface < LEAST_TO_TELL ? 'too-few' : low > 0.1 ? 'now' : surface > 0 ? 'beginning' : 'not-yet';
	return { enough: says !== 'too-few', share, low, high, says: HATCHING[says] };
}
