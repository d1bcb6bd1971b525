import { findStage, findTaxon, type LifeStage } from '../atlas';
import type { Outing } from '../outing';
import { naturalHypothesis } from './hypothesis';
import type { Reading } from './reading';

/** A natural that somebody has in the hand, and wants a fly for. */
export interface StatedNatural {
	taxonId: string;
	stage: LifeStage;
	/** Of its body; the atlas's usual one where nobody measured. */
	lengthMm?: number | undefined;
}

/**
 * The reading of a fish that is on just this: to dress for a natural in the hand, whatever else may be about.
 *
 * @throws RangeError naming a taxon or a stage that the atlas does not have
 */
export function statedReading(
	{ now }: Pick<Outing, 'now'>,
	{ taxonId, stage, lengthMm }: StatedNatural
): Reading {
	const taxon = findTaxon(taxonId);
	if (!taxon) throw new RangeError(`The atlas has no "${taxonId}".`);
	if (!findStage(taxon, stage)) throw new RangeError(`${taxonId} has no ${stage}.`);
	const lengths = new Map(lengthMm === undefined ? [] : [[`${taxon.id}/${stage}`, lengthMm]]);
	const hypothesis = naturalHypothesis(taxon, stage, { lengths, bellies: new Map() }, 1);
	return {
		at: now,
		beliefs: [{ hypothesis, probability: 1 }],
		contributions: [],
		certainty: { top: 1, inPlay: 1, mixed: false, word: 'sure' }
	};
}
