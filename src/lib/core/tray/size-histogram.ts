import { bin, extent } from 'd3-array';

/** Width of a bar, mm: half a hook size or so of a small fly. */
const BAR_MM = 0.5;

/** How many of the measured animals are how long: bars of half a millimetre from the shortest to the longest. */
export function sizeHistogram(lengthsMm: readonly number[]): { fromMm: number; count: number }[] {
	const [shortest, longest] = extent(lengthsMm);
	if (shortest === undefined) return [];
	const from = Math.floor(shortest / BAR_MM) * BAR_MM;
	const bars = Math.floor((longest - from) / BAR_MM) + 1;
	return bin<number, number>()
		.domain([from, from + bars * BAR_MM])
		.thresholds(Array.from({ length: bars - 1 }, (_, i) => from + (i + 1) * BAR_MM))([...lengthsMm])
		.map(({ x0 = from, length }) => ({ fromMm: x0, count: length }));
}
