import { InputError, words, type Message } from '../message';

const says = words('linear', { singular: 'The system has no single solution.' });
/**
 * Solves a square linear system by Gaussian elimination with pivoting; the rows are used up.
 *
 * @param rows each row of the matrix followed by its right side
 * @throws RangeError with the given words when the system has no single solution
 */
export function solved(rows: Float64Array[], whenSingular: Message = says('singular')): number[] {
	const n = rows.length;
	for (let col = 0; col < n; col++) {
		let pivot = col;
		for (let r = col + 1; r < n; r++)
			if (Math.abs(rows[r]?.[col] ?? 0) > Math.abs(rows[pivot]?.[col] ?? 0)) pivot = r;
		[rows[col], rows[pivot]] = [rows[pivot] as Float64Array, rows[col] as Float64Array];
		const top = rows[col] as Float64Array;
		const lead = top[col] ?? 0;
		if (Math.abs(lead) < 1e-10) throw new InputError(whenSingular);
		for (let r = 0; r < n; r++) {
			if (r === col) continue;
			const line = rows[r] as Float64Array;
			const factor = (line[col] ?? 0) / lead;
			for (let c = col; c <= n; c++) line[c] = (line[c] ?? 0) - factor * (top[c] ?? 0);
		}
	}
	return rows.map((line, i) => (line[n] ?? 0) / (line[i] ?? 1));
}
