import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';

/** Below this many animals a sample is too small to tell shares, kinds or days from. Field rule. */
export const LEAST_TO_TELL = 10;
/** An interval of a share as wide as this spans nearly everything, and tells nothing. */
const TELLS_NOTHING = 0.8;
/** A ratio known only within this factor tells nothing either. */
const RATIO_TELLS_NOTHING = 25;

/** Whether the interval of a share is narrow enough to be a statement. */
export const shareTells = ({ low, high }: Pick<ShareInterval, 'low' | 'high'>): boolean =>
	high - low < TELLS_NOTHING;

/** Whether a ratio is known well enough to say which is more, and by how much about. */
export const ratioTells = ({ low, high }: { low: number; high: number }): boolean =>
	low > 1 && high / low < RATIO_TELLS_NOTHING;

/** A share, 0 to 1, with the interval in which it lies at the stated confidence. */
export interface ShareInterval {
	share: number;
	low: number;
	high: number;
}

/**
 * The interval of one share: x of n. Wilson, E. B. (1927), Journal of the American Statistical Association 22,
 * 209–212.
 *
 * `wilson(81, 263)` is 0.308, from 0.255 to 0.366.
 *
 * @param confidence 0 to 1
 * @throws RangeError when x is not between 0 and n, or n is not above 0
 */
export function wilson(x: number, n: number, confidence = 0.95): ShareInterval {
	checkCounts(x, n);
	return scoreInterval(x, n, normalQuantile(1 - (1 - confidence) / 2, 0, 1) ** 2);
}

/**
 * Intervals for several shares of one sample that hold all at once. Goodman, L. A. (1965), Technometrics 7,
 * 247–254. For two kinds or more; with one there is nothing to be unsure of but the next kind, and the interval
 * is Wilson's.
 *
 * @param counts animals of each kind, at least one kind and one animal
 */
export function goodman(counts: readonly number[], confidence = 0.95): ShareInterval[] {
	const n = counts.reduce((sum, count) => sum + count, 0);
	for (const count of counts) checkCounts(count, n);
	const each = (1 - confidence) / Math.max(1, counts.length);
	const chiSquare = normalQuantile(1 - each / 2, 0, 1) ** 2;
	return counts.map((count) => scoreInterval(count, n, chiSquare));
}

/** The shares p for which (x/n − p)² = A·p·(1 − p)/n: both methods' interval, with their own A. */
function scoreInterval(x: number, n: number, a: number): ShareInterval {
	const middle = a + 2 * x;
	const spread = Math.sqrt(a * (a + (4 * x * (n - x)) / n));
	return {
		share: x / n,
		low: Math.max(0, (middle - spread) / (2 * (n + a))),
		high: Math.min(1, (middle + spread) / (2 * (n + a)))
	};
}

/**
 * The ratio of two counts of one sample, with its interval: from the share of the first among both.
 *
 * `ratioOf(9, 3).ratio` is 3; from about 0.9 to 10.
 */
export function ratioOf(
	x: number,
	y: number,
	confidence = 0.95
): { ratio: number; low: number; high: number } {
	const { low, high } = wilson(x, x + y, confidence);
	const odds = (share: number) => (share >= 1 ? Infinity : share / (1 - share));
	return { ratio: y === 0 ? Infinity : x / y, low: odds(low), high: odds(high) };
}

function checkCounts(x: number, n: number): void {
	if (!(n > 0)) throw new RangeError(`A share needs at least one animal, not ${n}.`);
	if (!(x >= 0 && x <= n)) throw new RangeError(`A count of ${x} does not lie between 0 and ${n}.`);
}
