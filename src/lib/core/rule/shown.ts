import { atStart, joined, words as wordsOf, type Message } from '../message';
import { leavesOf, type Leaf, type Nested, type NumberTable, type NumberUnit } from './numbers';

/** What a table of numbers is called, why it is as it is, and the names of its keys. */
export interface TableWords {
	title: Message;
	reason: Message;
	keys: Readonly<Record<string, Message>>;
}

/** One table of numbers as a guide reads it: rows and columns, every number of it once. */
export interface ShownTable {
	id: string;
	title: Message;
	reason: Message;
	source: string;
	columns: Message[];
	/** `own` marks what the chosen school puts in place of the usual number; a cell may be empty. */
	rows: { name: Message; cells: (ShownNumber | undefined)[] }[];
}

export interface ShownNumber {
	text: Message;
	value: number;
	own: boolean;
}

const says = wordsOf('number', {
	value: 'Value',
	odds: '× {factor}',
	min: '{n} min',
	hours: '{n} h',
	unit: '{n} {unit}',
	plain: '{n}',
	share: '{n} %'
});

/**
 * A table laid out: the last key of each path is its column, what stands before is its row; a table of one level has
 * one column.
 *
 * @param words its title, its reason and the names of its keys
 * @param values in place of the table's own, where a school has others
 * @throws RangeError naming a key that has no name
 */
export function shownTable(table: NumberTable, words: TableWords, values: Nested = table.values): ShownTable {
	const usual = new Map(leavesOf(table.values).map(({ path, value }) => [path.join('/'), value]));
	const leaves = leavesOf(values);
	const flat = leaves.every(({ path }) => path.length < 2);
	const columns = flat ? [] : [...new Set(leaves.map(({ path }) => path.at(-1) ?? ''))];
	const cell = ({ path, value }: Leaf): ShownNumber => ({
		text: written(value, table.unit),
		value,
		own: usual.get(path.join('/')) !== value
	});
	const nameOf = (key: string): Message => {
		const name = words.keys[key];
		if (!name) throw new RangeError(`The table ${table.id} has no name for "${key}".`);
		return name;
	};
	const byRow = new Map<string, Leaf[]>();
	for (const leaf of leaves) {
		const row = flat ? leaf.path.join('/') : leaf.path.slice(0, -1).join('/');
		byRow.set(row, [...(byRow.get(row) ?? []), leaf]);
	}
	return {
		id: table.id,
		title: words.title,
		reason: words.reason,
		source: table.source,
		columns: flat ? [says('value')] : columns.map(nameOf),
		rows: [...byRow].map(([row, own]) => ({
			name: atStart(joined(', ', ...row.split('/').map(nameOf))),
			cells: flat
				? own.map(cell)
				: columns.map((column) => {
						const leaf = own.find(({ path }) => path.at(-1) === column);
						return leaf && cell(leaf);
					})
		}))
	};
}

/** A number with its unit, no digit of it lost: two numbers that differ never look alike. */
function written(value: number, unit: NumberUnit): Message {
	switch (unit) {
		case 'odds':
			return says('odds', { factor: digits(Math.exp(value)) });
		case 'chance':
		case 'share':
			return says('share', { n: digits(100 * value) });
		case 'factor':
			return says('odds', { factor: digits(value) });
		case 'min':
			return value >= 120 && value % 60 === 0
				? says('hours', { n: value / 60 })
				: says('min', { n: digits(value) });
		case 'weight':
		case 'count':
			return says('plain', { n: digits(value) });
		default:
			return says('unit', { n: digits(value), unit });
	}
}

/** Four significant digits tell every number of the tables from one a hundredth off. */
const digits = (value: number): string => String(Number(value.toPrecision(4)));
