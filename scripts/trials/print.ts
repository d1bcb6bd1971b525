/** The middle one, by order. */
export function median(values: readonly number[]): number {
	return quantile(values, 0.5);
}

/** The value below which a share of all lies. */
export function quantile(values: readonly number[], share: number): number {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
}

export const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;
export const count = (n: number, digits = 0): string => n.toFixed(digits);

/** Columns padded for a fixed-width page: the first to the left, numbers to the right. */
export function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
	const widths = head.map((cell, i) => Math.max(cell.length, ...rows.map((row) => row[i]?.length ?? 0)));
	const lineOf = (row: readonly string[]) =>
		row
			.map((cell, i) => (i === 0 ? cell.padEnd(widths[i] ?? 0) : cell.padStart(widths[i] ?? 0)))
			.join('  ')
			.trimEnd();
	return [head, ...rows].map(lineOf).join('\n');
}
