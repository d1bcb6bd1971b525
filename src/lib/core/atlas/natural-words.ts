import { atStart, typed, words, type Message } from '../message';
import { findTaxon } from './lookup';
import { STAGE_NAMES, type LifeStage } from './stages';

const says = words('natural', { staged: '{name} {stage}', winged: 'winged {name}' });

/** Stages in which a natural goes by its name alone: there is no other that a fish would meet. */
const BY_NAME_ALONE: ReadonlySet<LifeStage> = new Set<LifeStage>(['terrestrial', 'crustacean', 'aquatic']);

/** The name of a taxon as guides say it; an unknown id is its own name. */
export function taxonName(taxonId: string): Message {
	const taxon = findTaxon(taxonId);
	return taxon ? { id: `taxon.${taxonId}`, text: taxon.commonName } : typed(taxonId);
}

/**
 * A natural as guides say it inside a sentence.
 *
 * `naturalWords('baetis', 'dun')` is "olive dun", of a scud only "scud", of the dun that is called mahogany dun just
 * that, and its spinner is a "mahogany spinner".
 *
 * @param stage left out, the name alone; an unknown id is its own name
 */
export function naturalWords(taxonId: string, stage?: LifeStage): Message {
	const taxon = findTaxon(taxonId);
	const name = taxonName(taxonId);
	if (!stage || BY_NAME_ALONE.has(stage)) return name;
	if (taxon?.group === 'ant' && stage === 'adult') return says('winged', { name });
	if (taxon?.commonName.endsWith(` ${stage}`)) return name;
	return says('staged', { name: stem(name), stage: STAGE_NAMES[stage] });
}

/** The same at the start of a line: "Olive dun". */
export const naturalName = (taxonId: string, stage?: LifeStage): Message =>
	atStart(naturalWords(taxonId, stage));

/** What is called by the name of its dun has a spinner without it. */
const stem = (name: Message): Message =>
	name.text.endsWith(' dun') ? { id: `${name.id}.stem`, text: name.text.slice(0, -' dun'.length) } : name;
