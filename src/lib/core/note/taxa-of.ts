/** The ids of all taxa that notes speak of, wherever in them they stand. */
export function taxaOf(notes: readonly object[]): Set<string> {
	const found = new Set<string>();
	const open: unknown[] = [...notes];
	while (open.length > 0) {
		const one = open.pop();
		if (typeof one !== 'object' || one === null) continue;
		for (const [key, value] of Object.entries(one))
			if (key === 'taxonId' && typeof value === 'string') found.add(value);
			else open.push(value);
	}
	return found;
}
