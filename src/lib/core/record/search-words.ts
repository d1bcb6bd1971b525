import {
	GROUP_NAMES,
	GROUPS,
	LIFE_STAGES,
	searchAtlas,
	STAGE_NAMES,
	TAXA,
	unnamedOf,
	type GuidesName,
	type LifeStage
} from '../atlas';
import { PATTERNS, STYLES, type Pattern } from '../tackle';
import { MONTH_NAMES } from '../units';

/** What one word of a search may stand for in a record; any one of them is enough. */
export interface SearchTerm {
	/** As it may stand in the name of a water, a reach, or in the guide's words. */
	text: string;
	taxa: string[];
	stages: LifeStage[];
	/** 1 to 12. */
	months: number[];
	/** Flies that are called so, or built so. */
	patterns: string[];
}

const MOST_TERMS = 8;
/** Shorter words begin too many names to mean one of them. */
const SHORTEST_NAME = 3;

/**
 * The words of a search, each with all it may stand for: any name of an insect, a stage, a month, a fly or its
 * style. A record fits when every word does.
 *
 * `searchTerms('olive may')[1]?.months` is `[5]`.
 *
 * @param names what the guide and the guide's circles call insects; @param own the guide's own flies
 */
export function searchTerms(
	words: string,
	names: readonly GuidesName[] = [],
	own: readonly Pattern[] = []
): SearchTerm[] {
	return words
		.toLowerCase()
		.split(/\s+/)
		.filter((word) => word !== '')
		.slice(0, MOST_TERMS)
		.map((text) => {
			const begins = (name: string) =>
				text.length >= SHORTEST_NAME &&
				name
					.toLowerCase()
					.split(/[\s-]+/)
					.some((part) => part.startsWith(text));
			const taxa = text.length < SHORTEST_NAME ? [] : searchAtlas({ words: text }, names);
			return {
				text,
				// A word that stands in every name stands for none.
				taxa: [
					...(taxa.length === TAXA.length ? [] : taxa.map(({ id }) => id)),
					...GROUPS.filter((group) => begins(GROUP_NAMES[group].text)).map(unnamedOf)
				],
				stages: LIFE_STAGES.filter((stage) => begins(STAGE_NAMES[stage].text) || begins(stage)),
				months: MONTH_NAMES.flatMap((name, i) => (begins(name) ? [i + 1] : [])),
				patterns: [...PATTERNS, ...own]
					.filter(({ name, style }) => begins(name) || begins(STYLES[style].name))
					.map(({ id }) => id)
			};
		});
}

/** Flies of one style: of the library, and a guide's own. */
export function patternsOfStyle(style: string, own: readonly Pattern[]): string[] {
	return [...PATTERNS, ...own].filter((pattern) => pattern.style === style).map(({ id }) => id);
}
