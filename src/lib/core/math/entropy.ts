/** Shannon's entropy in bits of weights, which need not sum to 1. `entropyBits([1, 1])` is 1. */
export function entropyBits(weights: readonly number[]): number {
	const sum = weights.reduce((a, b) => a + b, 0);
	return -weights.reduce((bits, w) => (w > 0 ? bits + (w / sum) * Math.log2(w / sum) : bits), 0);
}

/** How many are really in play: the exponential of the entropy (Hill, M. O. 1973, Ecology 54). */
export const effectiveNumber = (weights: readonly number[]): number => 2 ** entropyBits(weights);
