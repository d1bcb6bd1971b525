import type { Hypothesis, Taking } from '../likeness';
import type { WaysOfRising } from '../rise';
import type { FishSize } from '../vocabulary';
import { formChancesOf } from './fish-evidence';
import { WEIGHTS, type Weights } from './weights';

/** The ways in which something may be taken, each as likely as all that is taken so, and the forms of rise that show it. */
export function waysOfRising(
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	weights: Weights
): (size: FishSize | undefined) => WaysOfRising {
	const takings = Object.keys(weights.riseForm) as Taking[];
	const chances = takings.map((taking) =>
		hypotheses.reduce((sum, h, i) => (h.taking === taking ? sum + (priors[i] ?? 0) : sum), 0)
	);
	const takingOf = new Map(hypotheses.map(({ id, taking }) => [id, taking]));
	return (size) => shownBy(takings, chances, size, (natural) => takingOf.get(natural), weights);
}

/** The ways in which a fish of some size may take something, where nothing is known of what there is: all as likely. */
export function usualWays(size: FishSize | undefined, weights: Weights = WEIGHTS): WaysOfRising {
	const takings = Object.keys(weights.riseForm) as Taking[];
	return shownBy(
		takings,
		takings.map(() => 1 / takings.length),
		size,
		() => undefined,
		weights
	);
}

function shownBy(
	takings: readonly Taking[],
	chances: readonly number[],
	size: FishSize = 'middling',
	takingOf: (natural: string) => Taking | undefined,
	weights: Weights
): WaysOfRising {
	const chanceOf = formChancesOf(weights)[size];
	const { sameWay, anyWay } = weights.changed;
	return {
		chances,
		formOf: (form) => takings.map((taking) => (form === 'unsure' ? 1 : chanceOf[form][taking])),
		foodOf: (natural) => {
			const own = takingOf(natural);
			return takings.map((taking) =>
				taking === own ? sameWay : taking === 'anything' ? anyWay : (1 - sameWay) / takings.length
			);
		}
	};
}
