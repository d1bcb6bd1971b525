import type { Quantity } from './quantity';

/**
 * A sentence that is not written yet: its place in the catalogue, the English text that stands there (ICU message
 * syntax), and values that stay values until a guide's units and language are known.
 *
 * `{ id: 'match.long', text: '{fly} long, like the natural.', with: { fly: { lengthMm: 7.2 } } }` reads
 * "7.2 mm long, like the natural.", or "0.28 in long, like the natural."
 */
export interface Message {
	readonly id: string;
	readonly text: string;
	readonly with?: Values;
	/** How it stands where it is put: at the start of a sentence, within one, or with its indefinite article. */
	readonly form?: Form;
}

export type Form = 'start' | 'within' | 'article';

/**
 * What fills a placeholder: a quantity in its unit, another message, several of them, a plain number, or what somebody
 * typed, which may hold any character.
 */
export type Value = Quantity | Message | Joined | string | number;
export type Values = Readonly<Record<string, Value>>;

/** Several messages in a row. */
export interface Joined {
	readonly list: readonly Message[];
	/** Put between them as they are, or joined by the language's own "and" or "or". */
	readonly by: ' ' | ', ' | ' · ' | '; ' | 'and' | 'or';
}

/** Makes messages of one part of the catalogue: its name stands before each key. */
export interface Words<Key extends string> {
	(key: Key, values?: Values): Message;
	readonly area: string;
	readonly texts: Readonly<Record<Key, string>>;
}

/**
 * A part of the catalogue: sentences by key, in English, in ICU message syntax.
 *
 * `words('rig', { coloured: 'Coloured: stouter.' })('coloured')` has the id `rig.coloured`.
 */
export function words<const Texts extends Readonly<Record<string, string>>>(
	area: string,
	texts: Texts
): Words<keyof Texts & string> {
	const make = (key: keyof Texts & string, values?: Values): Message => ({
		id: `${area}.${key}`,
		text: texts[key] as string,
		...(values && { with: values })
	});
	return Object.assign(make, { area, texts });
}

/**
 * The names of a list's members, as messages.
 *
 * `names('light', { even: 'Even' }).even` has the id `light.even` and the text `Even`.
 */
export function names<const Texts extends Readonly<Record<string, string>>>(
	area: string,
	texts: Texts
): { readonly [Key in keyof Texts]: Message } {
	return Object.fromEntries(
		Object.entries(texts).map(([key, text]) => [key, { id: `${area}.${key}`, text }])
	) as { readonly [Key in keyof Texts]: Message };
}

/** As it stands at the start of a sentence: "Olive dun". */
export const atStart = (message: Message): Message => ({ ...message, form: 'start' });
/** As it stands within a sentence: "a surface net", "rising". */
export const within = (message: Message): Message => ({ ...message, form: 'within' });
/** With its indefinite article: "an olive dun". */
export const withArticle = (message: Message): Message => ({ ...message, form: 'article' });

/** What somebody typed, as a message of its own: any characters, written as they are. */
export const typed = (text: string): Message => ({
	id: 'message.typed',
	text: '{typed}',
	with: { typed: text }
});

/** Several messages as one. */
export const joined = (by: Joined['by'], ...list: readonly Message[]): Message => ({
	id: 'message.joined',
	text: '{list}',
	with: { list: { list, by } }
});
