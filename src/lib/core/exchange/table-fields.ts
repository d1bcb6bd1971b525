import * as v from 'valibot';
import { LIFE_STAGES, REGION_IDS } from '../atlas';
import { ABUNDANCES } from '../vocabulary';
import { DATE_ORDERS, type DateOrder } from './date-order';
import { columnsByContent } from './table-content';

/** What a row of a table of records may hold; the names are those of the columns we write ourselves. */
export interface TableField {
	id: string;
	/** As the guide is asked for it. */
	name: string;
	/** Headers by which it goes, the surest first; words parted by a single underscore. */
	heads: readonly string[];
	/** A record cannot do without it, but it may be the same for all rows. */
	needed?: boolean;
}

const field = (id: string, name: string, heads: readonly string[] = [], needed = false): TableField => ({
	id,
	name,
	heads: [id, ...heads],
	...(needed && { needed })
});

export const TABLE_FIELDS: readonly TableField[] = [
	field('record_id', 'Record’s id'),
	field('outing_id', 'Outing’s id'),
	field('day', 'Day', ['date', 'datum', 'when'], true),
	field('first_seen', 'First seen', ['first', 'start', 'started', 'began', 'begin', 'from', 'time', 'hour']),
	field('most_seen', 'Most seen', ['most', 'peak']),
	field('last_seen', 'Last seen', ['last', 'end', 'ended', 'until', 'to', 'over']),
	field('not_before', 'Last look that showed none'),
	field('not_after', 'First look that showed none again'),
	field(
		'taxon_id',
		'Insect',
		['taxon', 'scientific_name', 'species', 'genus', 'insect', 'bug', 'hatch', 'common_name', 'what', 'name'],
		true
	),
	field('stage', 'Stage', ['life_stage', 'lifestage', 'form', 'phase']),
	field('named_by', 'Named how'),
	field('how_sure', 'How sure', ['sure', 'certainty', 'confidence']),
	field('how_many', 'How many', ['abundance', 'number', 'count', 'amount', 'numbers'], true),
	field('length_mm', 'Length', ['length', 'size', 'size_mm', 'body', 'body_length', 'length_in', 'mm']),
	field('belly_lab', 'Belly colour (CIELAB)'),
	field('hook_size', 'Hook', ['hook']),
	field('water_c', 'Water temperature', [
		'water_f',
		'water_temp',
		'water_temperature',
		'temp',
		'temperature'
	]),
	field('water_first_c', 'Water when first seen'),
	field('water_last_c', 'Water when last seen'),
	field('air_c', 'Air temperature', ['air_f', 'air_temp', 'air_temperature', 'air']),
	field('sky', 'Sky', ['weather', 'cloud']),
	field('wind_ms', 'Wind, m/s'),
	field('clarity_m', 'Clarity, m'),
	field('surface', 'Surface'),
	field('current_ms', 'Current, m/s'),
	field('level_m', 'Level against usual, m'),
	field('rise_forms', 'Rise forms'),
	field('taken_probability', 'Fish on it, 0 to 1'),
	field('rivals', 'What else was likely'),
	field('leader_m', 'Leader, m'),
	field('tippet_x', 'Tippet, X'),
	field('flies', 'Flies'),
	field('words', 'Words', ['notes', 'note', 'remarks', 'remark', 'comment', 'comments']),
	field('basin', 'Basin', ['catchment', 'drainage', 'watershed'], true),
	field('water', 'Water', ['river', 'stream', 'lake', 'brook', 'water_body'], true),
	field('reach', 'Reach', ['beat', 'place', 'spot', 'location', 'section', 'stretch'], true),
	field('latitude_deg', 'Latitude', ['latitude', 'lat']),
	field('longitude_deg', 'Longitude', ['longitude', 'lon', 'lng', 'long']),
	field('time_zone', 'Time zone', ['timezone', 'tz'], true)
];

const column = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(499));
const FIELD_IDS = TABLE_FIELDS.map(({ id }) => id);
const fieldId = v.pipe(
	v.string(),
	v.check(
		(id) => FIELD_IDS.includes(id),
		(issue) => `is no field of a record: ${issue.input.slice(0, 40)}`
	)
);

/** Words that were asked about, at the most. */
const MOST_ANSWERS = 300;
const answersOf = <T extends v.GenericSchema<string, string>>(value: T) =>
	v.pipe(
		v.record(v.pipe(v.string(), v.maxLength(80)), value),
		v.maxEntries(MOST_ANSWERS, `holds over ${MOST_ANSWERS} words`)
	);

/** How the columns of a file become records. */
export const TableMappingSchema = v.object({
	/** By field: the column, counted from 0. */
	columns: v.record(fieldId, column),
	/** By field and word: what the guide said that a word stands for which nobody else could tell. */
	answers: v.optional(
		v.object({
			taxon_id: v.optional(answersOf(v.pipe(v.string(), v.maxLength(60)))),
			stage: v.optional(answersOf(v.picklist(LIFE_STAGES))),
			how_many: v.optional(answersOf(v.picklist(ABUNDANCES)))
		})
	),
	/** By field: what is the same for all rows that say nothing themselves. */
	fixed: v.record(fieldId, v.pipe(v.string(), v.maxLength(200))),
	/** Whose names insects are called by, where a name means another one elsewhere; left out: anyone's. */
	region: v.optional(v.picklist(REGION_IDS)),
	dates: v.picklist(DATE_ORDERS),
	temperature: v.picklist(['C', 'F']),
	length: v.picklist(['mm', 'in'])
});
export type TableMapping = v.InferOutput<typeof TableMappingSchema>;

/** A mapping as it was guessed: in which order dates are is asked where they do not show it. */
export type GuessedMapping = Omit<TableMapping, 'dates'> & { dates: DateOrder | undefined };

/**
 * Guesses a mapping from the headers, and where they say nothing from what the cells hold; the guide looks it over. A
 * column holds one thing at the most.
 *
 * @param rows of the file behind its head, in which the order of dates shows itself
 */
export function guessMapping(head: readonly string[], rows: readonly (readonly string[])[]): GuessedMapping {
	const plain = head.map(plainHead);
	const columns: Record<string, number> = {};
	const used = new Set<number>();
	for (const exact of [true, false])
		for (const { id, heads } of TABLE_FIELDS) {
			if (columns[id] !== undefined) continue;
			const at = heads
				.flatMap((name) => plain.map((text, i) => ({ text, i, name })))
				.find(
					({ text, i, name }) => !used.has(i) && (exact ? text === name : text.startsWith(`${name}_`))
				)?.i;
			if (at === undefined) continue;
			columns[id] = at;
			used.add(at);
		}
	Object.assign(columns, columnsByContent(head.length, rows, columns));
	const headOf = (id: string) => plain[columns[id] ?? -1] ?? '';
	const days = rows.map((row) => row[columns['day'] ?? -1] ?? '').filter((text) => text !== '');
	return {
		columns,
		fixed: {},
		dates: dateOrderOf(days),
		temperature: /(^|_)(f|fahrenheit)$/.test(headOf('water_c') || headOf('air_c')) ? 'F' : 'C',
		length: /(^|_)(in|inch|inches)$/.test(headOf('length_mm')) ? 'in' : 'mm'
	};
}

const plainHead = (text: string): string =>
	text
		.toLowerCase()
		.replaceAll(/[^\p{L}\p{N}]+/gu, '_')
		.replaceAll(/^_+|_+$/g, '');

const ISO_INSTANT = /^\d{4}-\d{2}-\d{2}T/;

/** The one order that all dates allow; undefined where several do, or none does: then it is asked, never guessed. */
function dateOrderOf(days: readonly string[]): DateOrder | undefined {
	// A month by name stands where it likes.
	const numbers = days
		.filter((text) => !/\p{L}/u.test(text) || ISO_INSTANT.test(text))
		.map((text) =>
			text
				.trim()
				.split(/[^\d]+/)
				.map(Number)
		);
	if (numbers.length === 0) return 'ymd';
	const allow: Record<DateOrder, (day: readonly number[]) => boolean> = {
		ymd: ([year = 0, month = 0, day = 0]) => year > 31 && month <= 12 && day <= 31,
		dmy: ([day = 0, month = 0]) => day <= 31 && month <= 12,
		mdy: ([month = 0, day = 0]) => month <= 12 && day <= 31
	};
	const possible = DATE_ORDERS.filter((order) => numbers.every(allow[order]));
	return possible.length === 1 ? possible[0] : undefined;
}

/** Fields that a mapping leaves without a column and without a value for all rows, though no record can. */
export function missingFields({ columns, fixed }: Pick<TableMapping, 'columns' | 'fixed'>): TableField[] {
	return TABLE_FIELDS.filter(({ id, needed }) => needed && columns[id] === undefined && !fixed[id]?.trim());
}
