import { atStart, typed, words, type Message } from '../message';
import { findTaxon } from './shelf';
import { STAGE_NAMES, type LifeStage } from './stages';

const says = words('natural', {
	staged: '{name} {stage}',
	winged: 'winged {name}',
	floating: 'floating {name}'
});

/** Stages in which a natural goes by its name alone: there is no other that a fish would meet. */
const BY_NAME_ALONE: ReadonlySet<LifeStage> = new Set<LifeStage>(['terrestrial', 'crustacean', 'aquatic']);

/**
 * How the name of a taxon stands: alone, before the name of a stage, or as the name of its dun. What is called by the
 * name of its dun, as the mahogany dun is, has a spinner without it.
 */
export const NAME_FORMS = {
	alone: (name: string) => name,
	stem: (name: string) => (name.endsWith(' dun') ? name.slice(0, -' dun'.length) : name),
	dun: (name: string) => (name.endsWith(' dun') ? name : `${name} dun`)
} as const;
type NameForm = keyof typeof NAME_FORMS;

/** The name of a taxon as guides say it; an unknown id is its own name. Regions say it otherwise (`dialect.ts`). */
export const taxonName = (taxonId: string): Message => nameAs(taxonId, 'alone');

function nameAs(taxonId: string, form: NameForm): Message {
	const taxon = findTaxon(taxonId);
	if (!taxon) return typed(taxonId);
	return {
		id: form === 'alone' ? `taxon.${taxon.id}` : `taxon.${taxon.id}.${form}`,
		text: NAME_FORMS[form](taxon.commonName)
	};
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
	if (taxon?.group === 'snail' && stage === 'adult') return says('floating', { name });
	if (taxon && stage === 'dun') return nameAs(taxonId, 'dun');
	if (taxon?.commonName.endsWith(` ${stage}`)) return name;
	return says('staged', { name: nameAs(taxonId, 'stem'), stage: STAGE_NAMES[stage] });
}

/** The same at the start of a line: "Olive dun". */
export const naturalName = (taxonId: string, stage?: LifeStage): Message =>
	atStart(naturalWords(taxonId, stage));
