import { toldBack, type Message } from '../message';
import { cellText } from './csv';
import says from './words';
import type { Wrong } from './table-cells';
import type { TableMapping } from './table-fields';
import type { TableRow } from './table-rows';

/** What is wrong with a cell. */
export interface BadCell {
	line: number;
	/** The field, as `TABLE_FIELDS` names it. */
	field: string;
	says: Message;
}

/** Characters that a cell may have; of a cell that lists things, room for as many as a record may hold. */
const LONGEST = 300;
const LONGEST_CELL: Readonly<Record<string, number>> = {
	words: 2000,
	flies: 20_000,
	rise_forms: 1000,
	rivals: 2000
};
/** What is wrong with one row, as far as it is told. */
const MOST_BAD = 50;

/** The cells of one row by their fields, read for what they should hold; what is wrong with them is gathered. */
export class RowCells {
	readonly bad: BadCell[] = [];
	readonly #row: TableRow;
	readonly #mapping: TableMapping;

	constructor(row: TableRow, mapping: TableMapping) {
		this.#row = row;
		this.#mapping = mapping;
	}

	readonly wrong: Wrong = (field, fault) => {
		if (this.bad.length < MOST_BAD) this.bad.push({ line: this.#row.line, field, says: fault });
	};

	/** What stands in a column of its own, and not what is said for all rows. */
	own(field: string): string {
		return this.#row.cells[this.#mapping.columns[field] ?? -1]?.trim() ?? '';
	}

	/** Looked at once for its length, before anything is looked for in it. */
	readonly text = (field: string): string => {
		const cell = this.own(field);
		const most = LONGEST_CELL[field] ?? LONGEST;
		if (cell.length > most) {
			if (!this.bad.some((one) => one.field === field)) this.wrong(field, says('long', { most }));
			return '';
		}
		return cellText(cell === '' ? (this.#mapping.fixed[field]?.trim() ?? '') : cell);
	};

	/** A unit behind a number must be the one the column is in: another would be taken for it unseen. */
	number(field: string, unit = '', convert?: (x: number) => number): number | undefined {
		const given = this.text(field);
		if (given === '') return undefined;
		const [, digits = '', said = ''] = /^([-+]?[\d.,]+(?:e[-+]?\d+)?)\s*(\D*)$/i.exec(given) ?? [];
		const value = digits === '' ? NaN : Number(digits.replace(/^([-+]?\d+),(\d+)$/, '$1.$2'));
		if (!Number.isFinite(value)) return this.wrong(field, says('no-number', { given: toldBack(given) }));
		if (said !== '' && said.replace('°', '').trim().toLowerCase() !== unit.toLowerCase())
			return this.wrong(
				field,
				says('other-unit', { given: toldBack(given), unit: unit || says('plain-numbers') })
			);
		return convert ? Math.round(convert(value) * 100) / 100 : value;
	}

	word<T extends string>(field: string, ids: readonly T[], names: Record<T, Message>): T | undefined {
		const given = this.text(field).toLowerCase();
		if (given === '') return undefined;
		const found = ids.find((id) => id === given || names[id].text.toLowerCase() === given);
		return found ?? this.wrong(field, says('not-among', { given: toldBack(given), among: ids.join(', ') }));
	}

	needed(field: string, most: number): string {
		const given = this.text(field);
		if (given === '') this.wrong(field, says('empty'));
		if (given.length > most) this.wrong(field, says('long', { most }));
		return given;
	}
}
