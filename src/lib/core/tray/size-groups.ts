/** One group of sizes: its share of the animals, its middle and its spread on the log scale. */
export interface SizeGroup {
	share: number;
	/** Geometric mean, mm. */
	middleMm: number;
	/** Standard deviation of the natural log of length. */
	logSpread: number;
}

export interface SizeGroups {
	/** One group or two, smaller first. */
	groups: SizeGroup[];
	/** Probability of two groups against one, by the Bayesian information criterion. */
	twoGroups: number;
}

/** Fewer lengths than this say nothing about groups. */
const FEWEST = 6;
/** Animals of one age differ at least this much (log scale); it keeps a group from closing on a single length. */
const LEAST_SPREAD = 0.03;
/** Two groups are claimed only above this: wide single groups look like two now and then. */
const CLEARLY_TWO = 0.8;
const ROUNDS = 200;

/**
 * Whether lengths fall into one group or two (two year-classes, or two kinds), by fitting one and two normal
 * distributions of equal spread to log length and comparing by the Bayesian information criterion (Schwarz, G.
 * 1978, Annals of Statistics 6; EM after Dempster, Laird & Rubin 1977).
 *
 * @param lengthsMm body lengths of single animals, above 0
 * @throws RangeError for a length that is not above 0
 */
export function sizeGroups(lengthsMm: readonly number[]): SizeGroups {
	for (const length of lengthsMm)
		if (!(length > 0)) throw new RangeError(`A length of ${length} mm is no animal.`);
	const logs = lengthsMm.map(Math.log).sort((a, b) => a - b);
	const one = fitOne(logs);
	if (logs.length < FEWEST) return { groups: logs.length > 0 ? [groupOf(one)] : [], twoGroups: 0 };
	const two = fitTwo(logs);
	// One group has a mean and a spread; two have two means, a spread and a share.
	const bicOne = -2 * one.logLikelihood + 2 * Math.log(logs.length);
	const bicTwo = -2 * two.logLikelihood + 4 * Math.log(logs.length);
	const twoGroups = 1 / (1 + Math.exp((bicTwo - bicOne) / 2));
	return { groups: twoGroups > CLEARLY_TWO ? two.parts.map(groupOf) : [groupOf(one)], twoGroups };
}

interface Part {
	share: number;
	mean: number;
	spread: number;
}

const groupOf = ({ share, mean, spread }: Part): SizeGroup => ({
	share,
	middleMm: Math.exp(mean),
	logSpread: spread
});

function fitOne(logs: readonly number[]): Part & { logLikelihood: number } {
	const mean = average(logs);
	const spread = Math.max(LEAST_SPREAD, Math.sqrt(average(logs.map((x) => (x - mean) ** 2))));
	const logLikelihood = logs.reduce((sum, x) => sum + Math.log(density(x, mean, spread)), 0);
	return { share: 1, mean, spread, logLikelihood };
}

function fitTwo(logs: readonly number[]): { parts: [Part, Part]; logLikelihood: number } {
	// From several cuts of the sorted lengths, since EM only climbs the hill it starts on.
	const starts = [0.2, 0.35, 0.5, 0.65, 0.8].map((cut) => climb(logs, Math.round(cut * logs.length)));
	return starts.reduce((best, next) => (next.logLikelihood > best.logLikelihood ? next : best));
}

function climb(logs: readonly number[], cut: number): { parts: [Part, Part]; logLikelihood: number } {
	const size = logs.length;
	let share = Math.min(0.95, Math.max(0.05, cut / size));
	let low = average(logs.slice(0, Math.max(1, cut)));
	let high = average(logs.slice(Math.min(size - 1, cut)));
	let spread = Math.max(LEAST_SPREAD, (high - low) / 4);
	let logLikelihood = -Infinity;
	for (let round = 0; round < ROUNDS; round++) {
		const before = logLikelihood;
		logLikelihood = 0;
		const belongs = logs.map((x) => {
			const small = share * density(x, low, spread);
			const large = (1 - share) * density(x, high, spread);
			logLikelihood += Math.log(small + large);
			return small / (small + large);
		});
		const weight = belongs.reduce((a, b) => a + b, 0);
		share = Math.min(0.98, Math.max(0.02, weight / size));
		low = logs.reduce((sum, x, i) => sum + x * (belongs[i] ?? 0), 0) / weight;
		high = logs.reduce((sum, x, i) => sum + x * (1 - (belongs[i] ?? 0)), 0) / (size - weight);
		const variance = logs.reduce(
			(sum, x, i) => sum + (belongs[i] ?? 0) * (x - low) ** 2 + (1 - (belongs[i] ?? 0)) * (x - high) ** 2,
			0
		);
		spread = Math.max(LEAST_SPREAD, Math.sqrt(variance / size));
		if (logLikelihood - before < 1e-9) break;
	}
	const parts: [Part, Part] = [
		{ share, mean: low, spread },
		{ share: 1 - share, mean: high, spread }
	];
	return { parts: low <= high ? parts : [parts[1], parts[0]], logLikelihood };
}

const density = (x: number, mean: number, spread: number): number =>
	Math.max(1e-300, Math.exp(-(((x - mean) / spread) ** 2) / 2) / (spread * Math.sqrt(2 * Math.PI)));
const average = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / list.length;
