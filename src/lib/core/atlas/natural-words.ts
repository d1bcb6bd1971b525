import { findTaxon } from './lookup';
import { STAGE_NAMES, type LifeStage } from './stages';

/** Stages in which a natural goes by its name alone: there is no other that a fish would meet. */
const BY_NAME_ALONE: ReadonlySet<LifeStage> = new Set<LifeStage>(['terrestrial', 'crustacean', 'aquatic']);

/**
 * A natural as guides say it inside a sentence.
 *
 * `naturalWords('baetis', 'dun')` is "olive dun", of a scud only "scud", of the dun that is called mahogany dun just
 * that, and its spinner is a "mahogany spinner".
 *
 * @param stage left out, the name alone; an unknown id is its own name
 */
export function naturalWords(taxonId: string, stage?: LifeStage): string {
	const taxon = findTaxon(taxonId);
	const name = taxon?.commonName ?? taxonId;
	if (!stage || BY_NAME_ALONE.has(stage)) return name;
	if (taxon?.group === 'ant' && stage === 'adult') return `winged ${name}`;
	if (name.endsWith(` ${STAGE_NAMES[stage]}`)) return name;
	return `${name.replace(/ dun$/, '')} ${STAGE_NAMES[stage]}`;
}

/** With its article: "an olive dun", "a scud", "nothing in particular" as it is. */
export const withArticle = (words: string): string =>
	/^(an? |nothing)/.test(words) ? words : `${/^[aeiou]/i.test(words) ? 'an' : 'a'} ${words}`;
