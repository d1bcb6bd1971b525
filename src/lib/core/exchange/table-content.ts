import type { GivenNames, Region } from '../atlas';
import { namedNatural, readAbundance, readDay, readStage } from './table-cells';

/** A column is taken for what at least this share of its cells can be read as. */
const SHARE = 0.6;

const nothing = (): undefined => undefined;
const reads = (value: unknown): boolean => value !== undefined;

/** What tells a column without its header, the surest first. */
const TELLS: readonly (readonly [field: string, holds: (cell: string) => boolean])[] = [
	['day', (cell) => reads(readDay(cell, 'dmy') ?? readDay(cell, 'mdy') ?? readDay(cell, 'ymd'))],
	['first_seen', (cell) => /^\d{1,2}([:.h]\d{2}(:\d{2})?\s*([ap]\.?m?\.?)?|\s*[ap]\.?m\.?)$/i.test(cell)],
	['taxon_id', (cell) => namedNatural(cell, {}).taxa.length > 0],
	['stage', (cell) => reads(readStage(cell, undefined, {}, nothing))],
	['how_many', (cell) => reads(readAbundance(cell, {}, nothing))]
];

/**
 * Columns that hold what no header said, told by their cells: dates, clock times, insects, stages, numbers.
 *
 * @param width how many columns there are
 * @param known columns that are told by their headers
 */
export function columnsByContent(
	width: number,
	rows: readonly (readonly string[])[],
	known: Readonly<Record<string, number>>
): Record<string, number> {
	const found: Record<string, number> = {};
	const used = new Set(Object.values(known));
	for (const [field, holds] of TELLS) {
		if (known[field] !== undefined) continue;
		for (let column = 0; column < width; column++) {
			if (used.has(column)) continue;
			const cells = rows.map((row) => row[column]?.trim() ?? '').filter((cell) => cell !== '');
			if (cells.length === 0 || cells.filter(holds).length < SHARE * cells.length) continue;
			found[field] = column;
			used.add(column);
			break;
		}
	}
	return found;
}

/** A word of a table that nobody can tell, and the column's field it stands in. */
export interface UnknownWord {
	field: 'taxon_id' | 'stage' | 'how_many';
	word: string;
	/** In how many of the rows it stands. */
	rows: number;
}

/**
 * The words of a table's rows that its guide must be asked about, once each, the commonest first.
 *
 * @param names what the guide and the guide's circles call insects: those are not asked about again
 */
export function unknownWords(
	rows: readonly (readonly string[])[],
	{ columns, region }: { columns: Readonly<Record<string, number>>; region?: Region | undefined },
	names?: GivenNames
): UnknownWord[] {
	const known: Record<UnknownWord['field'], (cell: string) => boolean> = {
		taxon_id: (cell) => namedNatural(cell, {}, { names, region }).taxa.length === 1,
		stage: (cell) => cell.toLowerCase() === 'imago' || reads(readStage(cell, undefined, {}, nothing)),
		how_many: (cell) => reads(readAbundance(cell, {}, nothing))
	};
	const found = new Map<string, UnknownWord>();
	for (const field of ['taxon_id', 'stage', 'how_many'] as const) {
		const column = columns[field];
		if (column === undefined) continue;
		for (const row of rows) {
			const cell = row[column]?.trim() ?? '';
			if (cell === '' || known[field](cell)) continue;
			// "sedge pupa" asks about the sedge alone.
			const word = field === 'taxon_id' ? namedNatural(cell, {}, { region }).without : cell;
			const key = `${field} ${word.toLowerCase()}`;
			const one = found.get(key) ?? { field, word, rows: 0 };
			one.rows += 1;
			found.set(key, one);
		}
	}
	return [...found.values()].sort((a, b) => b.rows - a.rows);
}
