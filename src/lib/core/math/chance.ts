import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A source of chance: numbers from 0 up to 1. */
export type Random = () => number;

/** A source that always gives the same numbers for the same seed. */
export function seededRandom(seed: number): Random {
	const generator = xoroshiro128plus(seed);
	return () => uniformFloat64(generator);
}

/** A count with a given mean: Knuth's multiplication method, above 50 the nearest normal deviate. */
export function poisson(random: Random, mean: number): number {
	if (mean > 50) return Math.max(0, Math.round(normal(random, mean, Math.sqrt(mean))));
	const limit = Math.exp(-mean);
	let count = -1;
	for (let product = 1; product > limit; count++) product *= random();
	return Math.max(0, count);
}

/** A normal deviate (Box & Muller 1958). */
export function normal(random: Random, mean: number, deviation: number): number {
	return mean + deviation * Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/**
 * A gamma deviate of scale 1, by Marsaglia, G. & Tsang, W. W. (2000), ACM Transactions on Mathematical Software 26,
 * 363–372.
 *
 * @param shape above 0
 */
export function gamma(random: Random, shape: number): number {
	// Below 1 the method needs the step up: a deviate of shape + 1, shrunk.
	if (shape < 1) return gamma(random, shape + 1) * (1 - random()) ** (1 / shape);
	const d = shape - 1 / 3;
	const c = 1 / Math.sqrt(9 * d);
	for (;;) {
		const x = normal(random, 0, 1);
		const v = (1 + c * x) ** 3;
		if (v > 0 && Math.log(1 - random()) < x ** 2 / 2 + d - d * v + d * Math.log(v)) return d * v;
	}
}

/** One of the list, each as likely as its weight. */
export function pickWeighted<T>(random: Random, choices: readonly (readonly [T, number])[]): T {
	const total = choices.reduce((sum, [, weight]) => sum + weight, 0);
	let left = random() * total;
	for (const [choice, weight] of choices) {
		left -= weight;
		if (left < 0) return choice;
	}
	const last = choices.at(-1);
	if (!last) throw new RangeError('nothing to pick from');
	return last[0];
}
