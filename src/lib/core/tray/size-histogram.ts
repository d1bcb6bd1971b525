import { bin, max } from 'd3-array';

/** Width of a bar, mm: half a hook size or so of a small fly. */
const BAR_MM = 0.5;

/** How many of the measured animals are how long: bars of half a millimetre from the shortest to the longest. */
export function sizeHistogram(lengthsMm: readonly number[]): { fromMm: number; count: number }[] {
	if (lengthsMm.length === 0) return [];
	const from = Math.floor(Math.min(...lengthsMm) / BAR_MM) * BAR_MM;
	const bars = Math.floor(((max(lengthsMm) ?? 0) - from) / BAR_MM) + 1;
	return bin<number, number>()
		.domain([from, from + bars * BAR_MM])
		.thresholds(Array.from({ length: bars - 1 }, (_, i) => from + (i + 1) * BAR_MM))([...lengthsMm])
		.map(({ x0 = from, length }) => ({ fromMm: x0, count: length }));
}
