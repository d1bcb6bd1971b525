/** How one language writes. A second language is one object like this, its texts by id. */
export interface Language {
	/** BCP 47, as `en`. */
	tag: string;
	/** The text of a message; the English one where the language has none. */
	text: (id: string, english: string) => string;
	/** As words stand at the start of a sentence, within one, and with their indefinite article. */
	atStart: (words: string) => string;
	within: (words: string) => string;
	withArticle: (words: string) => string;
}

const SOUNDS_LIKE_A_VOWEL = /^[aeiou]/i;
/** These need no article, or have one. */
const STANDS_ALONE = /^(an? |nothing\b|some(thing|body)\b)/i;

export const ENGLISH: Language = {
	tag: 'en',
	text: (_, english) => english,
	atStart: (words) => words.charAt(0).toLocaleUpperCase('en') + words.slice(1),
	// Names made of letters alone keep them: "X", "UTC".
	within: (words) =>
		/^\p{Lu}{2}/u.test(words) ? words : words.charAt(0).toLocaleLowerCase('en') + words.slice(1),
	withArticle: (words) =>
		STANDS_ALONE.test(words) ? words : `${SOUNDS_LIKE_A_VOWEL.test(words) ? 'an' : 'a'} ${words}`
};
