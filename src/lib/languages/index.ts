import { ENGLISH, type Language } from '$lib/core/message';

/**
 * The languages that there are. Another one is a file like `pseudo.ts` whose `text` looks a message up by its id, and a
 * line here.
 */
const LANGUAGES = {
	en: () => Promise.resolve(ENGLISH),
	/** No language: shows what has not come out of the catalogue. */
	'en-XA': () => import('./pseudo').then(({ PSEUDO }) => PSEUDO)
} as const satisfies Record<string, () => Promise<Language>>;
export type LanguageTag = keyof typeof LANGUAGES;

/** The tag of a language that there is; English for any other. */
export const languageTag = (asked: string | undefined): LanguageTag =>
	asked !== undefined && Object.hasOwn(LANGUAGES, asked) ? (asked as LanguageTag) : 'en';

export const loadLanguage = (tag: LanguageTag): Promise<Language> => LANGUAGES[tag]();
