/** Numbers by name, as deep as they need to be. */
export type Nested = number | readonly Nested[] | { readonly [key: string]: Nested };

/** What a number is measured in. `odds` are natural logarithms of likelihood ratios, shown as factors on the odds. */
export type NumberUnit =
	| 'chance'
	| 'share'
	| 'odds'
	| 'factor'
	| 'weight'
	| 'count'
	| 'days'
	| 'hours'
	| 'min'
	| 's'
	| 'm'
	| 'mm'
	| 'm/s'
	| '°C'
	| 'X'
	| 'N/mm²'
	| 'bits'
	| 'Hz';

/** Practitioners say so and nobody has measured it; else the work that the numbers are from. */
export const FIELD_RULE = 'field rule';

export interface AboutNumbers {
	unit: NumberUnit;
	/** No number of the table may lie outside. */
	range: readonly [least: number, most: number];
	/** A citation, or `FIELD_RULE`. */
	source: string;
	/** Each innermost row is a distribution. */
	rowsSumTo1?: true;
}

/** A table of numbers that some rule judges by: shown to guides whole, changed in one place. */
export interface NumberTable<Values extends Nested = Nested> extends AboutNumbers {
	readonly id: string;
	readonly values: Values;
}

/**
 * A table of numbers with what they mean.
 *
 * @param id room and table, as `rig.lane`
 * @throws RangeError naming the number that is outside the range, or the row that does not sum to 1
 */
export function numbers<Values extends Nested>(
	id: string,
	about: AboutNumbers,
	values: Values
): NumberTable<Values> {
	const table = { ...about, id, values };
	const [least, most] = about.range;
	for (const { path, value } of leavesOf(values))
		if (!(value >= least && value <= most))
			throw new RangeError(`${id}: ${path.join('.')} is ${value}; it must lie in ${least} to ${most}.`);
	if (about.rowsSumTo1)
		for (const { path, row } of rowsOf(values)) {
			const sum = row.reduce((total, value) => total + value, 0);
			if (Math.abs(sum - 1) > 1e-9)
				throw new RangeError(`${id}: the row ${path.join('.')} sums to ${sum}, not to 1.`);
		}
	return table;
}

export interface Leaf {
	/** Keys from the table down to the number. */
	path: readonly string[];
	value: number;
}

/** Every number of a table with its path, in order. */
export function leavesOf(values: Nested, path: readonly string[] = []): Leaf[] {
	if (typeof values === 'number') return [{ path, value: values }];
	return Object.entries(values).flatMap(([key, inner]) => leavesOf(inner, [...path, key]));
}

/** The innermost rows: what holds nothing but numbers. */
function rowsOf(values: Nested, path: readonly string[] = []): { path: readonly string[]; row: number[] }[] {
	if (typeof values === 'number') return [];
	const inner = Object.entries<Nested>(values);
	if (inner.every(([, value]) => typeof value === 'number'))
		return [{ path, row: inner.map(([, value]) => Number(value)) }];
	return inner.flatMap(([key, value]) => rowsOf(value, [...path, key]));
}
