/**
 * How much of what is there has been seen, and how many kinds probably have not, from a sample's counts.
 */
export interface Completeness {
	/** Share of the animals out there that belong to kinds that were seen, 0 to 1 (Chao & Jost 2012). */
	coverage: number;
	/** Kinds seen. */
	seen: number;
	/** Kinds there, at least, by Chao1 (Chao 1984). */
	likely: number;
	/** New kinds to expect in another sample of the same size (Shen, Chao & Lin 2003). */
	anotherWouldAdd: number;
}

/**
 * Completeness of a sample. Chao, A. (1984), Scandinavian Journal of Statistics 11, 265–270; Chao, A. & Jost, L.
 * (2012), Ecology 93, 2533–2547; Shen, T.-J., Chao, A. & Lin, C.-F. (2003), Ecology 84, 798–804.
 *
 * @param counts animals of each kind, whole numbers; kinds with none are left out
 * @throws RangeError when a count is not a whole number, or there are no animals
 */
export function completeness(counts: readonly number[]): Completeness {
	for (const count of counts)
		if (!Number.isInteger(count) || count < 0)
			throw new RangeError(`A count of ${count} is not a number of animals.`);
	const present = counts.filter((count) => count > 0);
	const n = present.reduce((sum, count) => sum + count, 0);
	if (n === 0) throw new RangeError('A sample without animals has no coverage.');
	const singles = present.filter((count) => count === 1).length;
	const doubles = present.filter((count) => count === 2).length;
	// With no kind seen just twice, the forms that are right on average for rare kinds.
	const unseen = ((n - 1) / n) * (doubles > 0 ? singles ** 2 / (2 * doubles) : (singles * (singles - 1)) / 2);
	const coverage = 1 - (singles / n) * adjustment(n, singles, doubles);
	return {
		coverage: Math.min(1, Math.max(0, coverage)),
		seen: present.length,
		likely: present.length + unseen,
		anotherWouldAdd: unseen > 0 ? unseen * (1 - (1 - singles / (n * unseen + singles)) ** n) : 0
	};
}

function adjustment(n: number, singles: number, doubles: number): number {
	if (singles === 0) return 0;
	const [one, two] = doubles > 0 ? [singles, 2 * doubles] : [singles - 1, 2];
	if (n === 1) return 1;
	return ((n - 1) * one) / ((n - 1) * one + two);
}
