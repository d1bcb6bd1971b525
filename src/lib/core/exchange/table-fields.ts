import * as v from 'valibot';

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
	field('stage', 'Stage', ['life_stage', 'lifestage'], true),
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

/** In which order a date is written, and in which units lengths and temperatures are. */
export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];
export const DATE_ORDER_NAMES: Record<DateOrder, string> = {
	ymd: 'year, month, day',
	dmy: 'day, month, year',
	mdy: 'month, day, year'
};

const column = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(499));
const FIELD_IDS = TABLE_FIELDS.map(({ id }) => id);
const fieldId = v.pipe(
	v.string(),
	v.check(
		(id) => FIELD_IDS.includes(id),
		(issue) => `is no field of a record: ${String(issue.input).slice(0, 40)}`
	)
);

/** How the columns of a file become records. */
export const TableMappingSchema = v.object({
	/** By field: the column, counted from 0. */
	columns: v.record(fieldId, column),
	/** By field: what is the same for all rows that say nothing themselves. */
	fixed: v.record(fieldId, v.pipe(v.string(), v.maxLength(200))),
	dates: v.picklist(DATE_ORDERS),
	temperature: v.picklist(['C', 'F']),
	length: v.picklist(['mm', 'in'])
});
export type TableMapping = v.InferOutput<typeof TableMappingSchema>;

/**
 * Guesses a mapping from the headers and a few rows; the guide looks it over. A column holds one thing at the most.
 *
 * @param rows of the file behind its head, in which the order of dates shows itself
 */
export function guessMapping(head: readonly string[], rows: readonly (readonly string[])[]): TableMapping {
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

/** The order that all dates allow; where several do, that of the point or else the day first. */
function dateOrderOf(days: readonly string[]): DateOrder {
	const numbers = days.map((text) => text.split(/[^\d]+/).map(Number));
	if (numbers.some(([first = 0]) => first > 31)) return 'ymd';
	if (numbers.some(([first = 0]) => first > 12)) return 'dmy';
	return numbers.some(([, second = 0]) => second > 12) ? 'mdy' : 'dmy';
}

/** Fields that a mapping leaves without a column and without a value for all rows, though no record can. */
export function missingFields({ columns, fixed }: TableMapping): TableField[] {
	return TABLE_FIELDS.filter(({ id, needed }) => needed && columns[id] === undefined && !fixed[id]?.trim());
}
