import Papa from 'papaparse';
import says from './words';
import { Unreadable } from './unreadable';

/** A row of a table with the line of the file it begins on, 1 is the first. */
export interface TableRow {
	line: number;
	cells: string[];
}

const DELIMITERS = [',', ';', '\t'] as const;
/** No row of a records table is longer, in characters; a quote that is never closed stops here too. */
const MOST_ROW = 200_000;
const MOST_CELLS = 500;

/**
 * Splits a table (RFC 4180; also with semicolons or tabs) into rows as its text comes in, holding no more than a row
 * that is not yet whole. Quotes are the library's business; this only finds where rows end, so that neither a quote
 * left open nor a row without an end can fill the memory.
 *
 * @throws Unreadable with the line, for a row that is too long or has too many cells
 */
export class TableRows {
	#rest = '';
	#scanned = 0;
	#quoted = false;
	/** At the start of a cell, or just behind a quote: only there does a quote open. */
	#mayOpen = true;
	#line = 1;
	/** Lines within the row that is not yet whole. */
	#within = 0;
	#delimiter: string | undefined;

	/** The rows that are whole now; empty lines are passed over. */
	*read(text: string): Generator<TableRow> {
		this.#rest += this.#line === 1 && this.#rest === '' ? text.replace(/^\uFEFF/, '') : text;
		let from = 0;
		let at = this.#scanned;
		for (; at < this.#rest.length; at++) {
			const character = this.#rest[at];
			const opens = this.#mayOpen;
			this.#mayOpen = character === '"' ? this.#quoted : !this.#quoted && this.#parts(character);
			if (character === '"' && (this.#quoted || opens)) this.#quoted = !this.#quoted;
			if (character === '\n') {
				this.#within += 1;
				if (!this.#quoted) {
					yield* this.#row(this.#rest.slice(from, at));
					from = at + 1;
				}
			}
			if (at - from > MOST_ROW) throw new Unreadable(says('long-line', { line: this.#line, most: MOST_ROW }));
		}
		this.#rest = this.#rest.slice(from);
		this.#scanned = this.#rest.length;
	}

	/** The last row, where the file does not end its line. */
	*end(): Generator<TableRow> {
		this.#within += 1;
		yield* this.#row(this.#rest);
		this.#rest = '';
	}

	#parts(character: string | undefined): boolean {
		return character === '\n' || (this.#delimiter ? character === this.#delimiter : isDelimiter(character));
	}

	*#row(text: string): Generator<TableRow> {
		const line = this.#line;
		this.#line += this.#within;
		this.#within = 0;
		if (text.trim() === '') return;
		this.#delimiter ??= delimiterOf(text);
		const cells = cellsOf(text.replace(/\r$/, ''), this.#delimiter);
		if (!cells) throw new Unreadable(says('quotation-mark', { line }));
		if (cells.length > MOST_CELLS)
			throw new Unreadable(says('columns', { line, columns: cells.length, most: MOST_CELLS }));
		yield { line, cells };
	}
}

/** The cells of one row; undefined where its quotes make it several. */
function cellsOf(row: string, delimiter: string): string[] | undefined {
	if (!row.includes('"')) return row.split(delimiter);
	const { data } = Papa.parse<string[]>(row, { delimiter, newline: '\n' });
	return data.length === 1 ? data[0] : undefined;
}

const isDelimiter = (character: string | undefined): boolean => DELIMITERS.some((one) => one === character);

/** What parts the cells of a table: whatever its first row has most of, outside of quotes. */
function delimiterOf(head: string): string {
	const bare = head.replaceAll(/"[^"]*"/g, '');
	const counted = DELIMITERS.map((delimiter) => ({ delimiter, count: bare.split(delimiter).length }));
	return counted.reduce((most, next) => (next.count > most.count ? next : most)).delimiter;
}
