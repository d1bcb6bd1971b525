import { LuDecomposition, Matrix } from 'ml-matrix';
import { InputError, words, type Message } from '../message';

const says = words('linear', { singular: 'The system has no single solution.' });

/** With a pivot nearer to nothing than this, a system has no single solution. */
const LEAST_PIVOT = 1e-10;

/**
 * Solves a square linear system by LU decomposition with pivoting.
 *
 * @param rows each row of the matrix followed by its right side
 * @throws InputError with the given words when the system has no single solution
 */
export function solved(rows: readonly Float64Array[], whenSingular: Message = says('singular')): number[] {
	const n = rows.length;
	const decomposed = new LuDecomposition(new Matrix(rows.map((row) => [...row.subarray(0, n)])));
	const pivots = decomposed.upperTriangularMatrix.diagonal();
	if (pivots.some((pivot) => Math.abs(pivot) < LEAST_PIVOT)) throw new InputError(whenSingular);
	return decomposed.solve(Matrix.columnVector(rows.map((row) => row[n] ?? 0))).to1DArray();
}
