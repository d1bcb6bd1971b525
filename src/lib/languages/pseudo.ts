import { ENGLISH, type Language } from '$lib/core/message';

const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const ACCENTED = 'áƀćďéƒĝĥíĵķłḿńóṕɋŕśťúṽŵẋýźÁɃĆĎÉƑĜĤÍĴĶŁḾŃÓṔɊŔŚŤÚṼŴẊÝŹ';
const accents = new Map(Array.from(PLAIN, (letter, i) => [letter, Array.from(ACCENTED)[i] ?? letter]));
const accented = (text: string): string =>
	Array.from(text, (letter) => accents.get(letter) ?? letter).join('');

/**
 * A text of ICU message syntax with every letter that is shown accented; names of placeholders, of plurals and of
 * choices stay as they are.
 *
 * `accentedMessage('{n, plural, one {# fly} other {# flies}} left')` is
 * `{n, plural, one {# ƒłý} other {# ƒłíéś}} łéƒť`.
 */
export function accentedMessage(text: string): string {
	let out = '';
	let i = 0;
	/** Inside of braces: the name of a placeholder and how it is written, up to a branch's own text. */
	const placeholder = (): void => {
		out += text[i++] ?? '';
		while (i < text.length && text[i] !== '}')
			if (text[i] === '{') branch();
			else out += text[i++] ?? '';
		out += text[i++] ?? '';
	};
	const branch = (): void => {
		out += text[i++] ?? '';
		shown('}');
		out += text[i++] ?? '';
	};
	const shown = (end: string | undefined): void => {
		while (i < text.length && text[i] !== end)
			if (text[i] === '{') placeholder();
			else out += accented(text[i++] ?? '');
	};
	shown(undefined);
	return out;
}

/** English with accents on every letter: what stays plain has escaped the catalogue. */
export const PSEUDO: Language = {
	...ENGLISH,
	text: (_, english) => accentedMessage(english),
	withArticle: (words) => `${accented('a')} ${words}`
};
