/** Coefficients of Lanczos, C. (1964), SIAM J. Numer. Anal. B 1, 86–96, for g = 7 and nine terms (Godfrey, P. 2001). */
const LANCZOS_G = 7;
const LANCZOS = [
	0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
	12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7
] as const;

/**
 * The logarithm of the gamma function, to a relative 1e-13.
 *
 * @param x above 0
 * @throws RangeError when x is not above 0
 */
export function lnGamma(x: number): number {
	if (!(x > 0)) throw new RangeError(`The gamma function is wanted above 0, not at ${x}.`);
	const [first, ...terms] = LANCZOS;
	const series = terms.reduce<number>((sum, term, i) => sum + term / (x + i), first);
	const t = x + LANCZOS_G - 0.5;
	return 0.5 * Math.log(2 * Math.PI) + (x - 0.5) * Math.log(t) - t + Math.log(series);
}

const PRECISION = 1e-14;
const MOST_TERMS = 1000;

/**
 * The chance that a gamma variable of scale 1 is above x: the regularised incomplete gamma function Q(shape, x).
 * Below x = shape + 1 by its power series, above by its continued fraction (DLMF 8.11.4 and 8.9.2, the fraction by
 * the modified method of Lentz).
 *
 * @param shape above 0
 * @param x at least 0
 * @throws RangeError when either lies outside
 */
export function gammaAbove(x: number, shape: number): number {
	if (!(x >= 0)) throw new RangeError(`A gamma variable is never below 0, and ${x} was asked.`);
	if (x === 0) return 1;
	const scale = Math.exp(shape * Math.log(x) - x - lnGamma(shape));
	return x < shape + 1 ? 1 - scale * lowerSeries(x, shape) : scale * upperFraction(x, shape);
}

function lowerSeries(x: number, shape: number): number {
	let term = 1 / shape;
	let sum = term;
	for (let n = 1; n < MOST_TERMS && term > PRECISION * sum; n++) {
		term *= x / (shape + n);
		sum += term;
	}
	return sum;
}

function upperFraction(x: number, shape: number): number {
	let b = x + 1 - shape;
	let c = Number.MAX_VALUE;
	let d = 1 / b;
	let value = d;
	for (let n = 1; n < MOST_TERMS; n++) {
		const a = -n * (n - shape);
		b += 2;
		d = 1 / (a * d + b);
		c = b + a / c;
		value *= c * d;
		if (Math.abs(c * d - 1) < PRECISION) break;
	}
	return value;
}
