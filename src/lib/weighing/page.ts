import { sayMessage } from '$lib/core/message';
import { FIELD_RULE, type ShownTable } from '$lib/core/rule';
import { shownChapters } from '.';

const HEAD = `# The numbers

Every number by which Lacewing judges, printed from its tables (\`npm run numbers\`); the page *How this is weighed* shows the same. What the rules say is in [method.md](method.md).
`;

/** All tables of numbers as a page of Markdown. */
export const numbersPage = (): string =>
	[
		HEAD,
		...shownChapters('even-handed').flatMap(({ title, tables }) => [
			`## ${sayMessage(title)}\n`,
			...tables.map(tableOf)
		])
	].join('\n');

function tableOf({ title, reason, source, columns, rows }: ShownTable): string {
	const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
	return [
		`### ${sayMessage(title)}\n`,
		`${sayMessage(reason)} ${source === FIELD_RULE ? 'Field rule.' : `Source: ${source}.`}\n`,
		line(['', ...columns.map((column) => sayMessage(column))]),
		line(['---', ...columns.map(() => '---:')]),
		...rows.map(({ name, cells }) =>
			line([sayMessage(name), ...cells.map((cell) => (cell ? sayMessage(cell.text) : ''))])
		),
		''
	].join('\n');
}
