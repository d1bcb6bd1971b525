import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { Message } from '$lib/core/message';
import { WEIGHING, type WeighingId } from '$lib/core/reading';
import { leavesOf, shownTable, type Nested, type NumberTable, type ShownTable } from '$lib/core/rule';
import { said } from '../../../tests/support/said';
import { CHAPTERS, QUARRELS, shownChapters } from '.';
import { numbersPage } from './page';
import { tableWords } from './table-words';

const TABLES = CHAPTERS.flatMap(({ tables }) => tables);
const CORE = 'src/lib/core';

/** Ids of all tables of numbers that are written anywhere in the core. */
function idsWritten(): string[] {
	return readdirSync(CORE, { recursive: true, encoding: 'utf8' })
		.filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
		.flatMap((file) =>
			[...readFileSync(join(CORE, file), 'utf8').matchAll(/\bnumbers\(\s*'([^']+)'/g)].map(
				([, id]) => id ?? ''
			)
		);
}

/** All that stands in the cells of a table. */
const textsOf = ({ rows }: ShownTable): string[] =>
	rows.flatMap(({ cells }) => cells.flatMap((cell) => (cell ? [said(cell.text)] : [])));

/** The numbers with one of them changed. */
function changed(values: Nested, path: readonly string[], to: number): Nested {
	const [key, ...rest] = path;
	if (key === undefined) return to;
	const inner = values as Record<string, Nested>;
	return { ...inner, [key]: changed(inner[key] as Nested, rest, to) };
}

describe('how this is weighed', () => {
	it('holds every table of numbers of the core, once', () => {
		expect(TABLES.map(({ id }) => id).sort()).toEqual(idsWritten().sort());
		expect(idsWritten().length).toBeGreaterThan(30);
	});

	it('shows every number of every table, under names that are all there', () => {
		for (const table of TABLES) {
			const shown = shownTable(table, tableWords(table));
			const values = shown.rows.flatMap(({ cells }) => cells.flatMap((cell) => (cell ? [cell.value] : [])));
			expect(values.sort(), table.id).toEqual(
				leavesOf(table.values)
					.map(({ value }) => value)
					.sort()
			);
			for (const words of [
				shown.title,
				shown.reason,
				...shown.columns,
				...shown.rows.map(({ name }) => name)
			])
				expect(said(words), table.id).not.toBe('');
			const rows = shown.rows.map(({ name }) => said(name));
			expect(new Set(rows).size, `${table.id}: ${rows.join('; ')}`).toBe(rows.length);
			expect(new Set(shown.columns.map((column) => said(column))).size, table.id).toBe(shown.columns.length);
		}
	});

	it('shows any number changed by a hundredth as another, and marks it', () => {
		const leaves = TABLES.flatMap((table) => leavesOf(table.values).map((leaf) => ({ table, leaf })));
		fc.assert(
			fc.property(
				fc.constantFrom(...leaves),
				fc.constantFrom(0.5, 0.99, 1.01, 2),
				({ table, leaf }, factor) => {
					const to = leaf.value === 0 ? 0.01 * factor : leaf.value * factor;
					const before = textsOf(shownTable(table, tableWords(table)));
					const shown = shownTable(table, tableWords(table), changed(table.values, leaf.path, to));
					expect(textsOf(shown).filter((text, i) => text !== before[i])).toHaveLength(1);
					expect(shown.rows.flatMap(({ cells }) => cells.filter((cell) => cell?.own))).toHaveLength(1);
				}
			),
			{ numRuns: 600 }
		);
	});

	it('shows for each school of weighing just the numbers that it puts in their place', () => {
		const own = (id: WeighingId): number[] =>
			shownChapters(id).flatMap(({ tables }) =>
				tables.flatMap(({ rows }) =>
					rows.flatMap(({ cells }) => cells.flatMap((cell) => (cell?.own ? [cell.value] : [])))
				)
			);
		for (const id of WEIGHING.ids) {
			const replaced = Object.values(WEIGHING.choices[id].replaced) as Nested[];
			expect(own(id).sort()).toEqual(
				replaced.flatMap((values) => leavesOf(values).map(({ value }) => value)).sort()
			);
		}
	});

	it('refuses a number outside its range, naming it', () => {
		const table = TABLES.find(({ id }) => id === 'reading.rise-form') as NumberTable;
		expect(table.range).toEqual([0, 1]);
		const { title, reason } = tableWords(table);
		expect(() => shownTable(table, { title, reason, keys: {} })).toThrow(/reading\.rise-form.*name/);
	});
});

describe('the quarrels', () => {
	it('are settings of their names, each answer with what follows from it', () => {
		for (const [name, quarrel] of Object.entries(QUARRELS)) {
			expect(quarrel.id).toBe(name);
			expect(quarrel.ids).toContain(quarrel.usual);
			for (const choice of Object.values<{ name: Message; consequence: Message }>(quarrel.choices)) {
				expect(said(choice.name)).not.toBe('');
				expect(said(choice.consequence).length).toBeGreaterThan(10);
			}
		}
	});
});

it('docs/numbers.md is what the tables print', () => {
	expect(readFileSync('docs/numbers.md', 'utf8')).toBe(numbersPage());
});
