import { IntlMessageFormat } from 'intl-messageformat';
import { ENGLISH, type Language } from './language';
import { words, type Joined, type Message, type Value } from './message';
import { chanceWord } from './chance-word';
import { measured, METRIC, type Quantity, type UnitSettings } from './quantity';

/** In whose units and language a message is written. */
export interface Reader {
	units?: UnitSettings;
	language?: Language;
}

/**
 * Writes a message for a reader; metric and English unless said.
 *
 * @throws Error naming the message, when a placeholder has no value or its text is no ICU message: both are mistakes in
 * the program
 */
export function sayMessage(message: Message, reader: Reader = {}): string {
	const { language = ENGLISH } = reader;
	const { form } = message;
	const said = inForm(message, reader, language);
	if (form === 'start') return language.atStart(said);
	if (form === 'within') return language.within(said);
	return form === 'article' ? language.withArticle(said) : said;
}

/**
 * Writes one quantity with its unit.
 *
 * `showQuantity({ temperatureC: 9.8 })` is `9.8 °C`.
 */
export function showQuantity(quantity: Quantity, reader: Reader = {}): string {
	return 'probability' in quantity
		? sayMessage(chanceWord(quantity.probability), reader)
		: measured(quantity, reader.units ?? METRIC);
}

const says = words('message', { range: '{from} to {to}' });

/**
 * From one quantity to another of its kind, the unit once where both have the same.
 *
 * `showRange({ distanceM: 0.6 }, { distanceM: 0.75 })` is `60 to 75 cm`.
 */
export function showRange(from: Quantity, to: Quantity, reader: Reader = {}): string {
	const [low, high] = [showQuantity(from, reader), showQuantity(to, reader)];
	const [number = '', unit = ''] = low.split(' ');
	if (low === high) return low;
	return sayMessage(says('range', { from: high.endsWith(` ${unit}`) ? number : low, to: high }), reader);
}

function inForm(
	{ id, text: english, with: values = {} }: Message,
	reader: Reader,
	language: Language
): string {
	const text = language.text(id, english);
	if (!/[{'#]/.test(text)) return text;
	try {
		const written = Object.fromEntries(
			Object.entries(values).map(([name, value]) => [name, valueFor(value, reader, language)])
		);
		return String(compiled(text, language).format(written));
	} catch (error) {
		throw new Error(`The message "${id}" can't be written: ${error instanceof Error ? error.message : ''}`, {
			cause: error
		});
	}
}

/** Numbers stay numbers: a plural is chosen by them. */
function valueFor(value: Value, reader: Reader, language: Language): string | number {
	if (typeof value !== 'object') return value;
	if ('id' in value) return sayMessage(value, reader);
	if ('list' in value) return join(value, reader, language);
	if ('count' in value) return value.count;
	return showQuantity(value, reader);
}

function join({ list, by }: Joined, reader: Reader, { tag }: Language): string {
	const parts = list.map((part) => sayMessage(part, reader));
	if (by !== 'and' && by !== 'or') return parts.join(by);
	return new Intl.ListFormat(tag, { type: by === 'and' ? 'conjunction' : 'disjunction' }).format(parts);
}

/** Texts are few and said often: each is taken apart once. */
const known = new Map<string, IntlMessageFormat>();

function compiled(text: string, { tag }: Language): IntlMessageFormat {
	const key = `${tag}\n${text}`;
	let format = known.get(key);
	if (!format) known.set(key, (format = new IntlMessageFormat(text, tag, undefined, { ignoreTag: true })));
	return format;
}
