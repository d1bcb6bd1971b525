import { findTaxon, type LifeStage } from '../atlas';
import { isParticular } from '../likeness';
import type { Reading } from './reading';

/** A taxon and stage with its probability. */
export interface NaturalBelief {
	taxonId: string;
	stage: LifeStage;
	probability: number;
}

/**
 * A reading by taxon and stage alone, likeliest first: what hangs unseen in the film is shared out among the
 * emergers and pupae of its group as they stand; nothing in particular, and not feeding, are left out.
 */
export function byNatural({ beliefs }: Reading): NaturalBelief[] {
	const naturals = beliefs.filter(({ hypothesis }) => hypothesis.kind === 'natural');
	const unseen = beliefs.filter(({ hypothesis }) => hypothesis.kind === 'unseen');
	const total = beliefs.reduce(
		(sum, { hypothesis, probability }) => (isParticular(hypothesis) ? sum + probability : sum),
		0
	);
	const kin = (group: string) =>
		naturals.filter(
			({ hypothesis: { taxonId, stage } }) =>
				(stage === 'emerger' || stage === 'pupa') && findTaxon(taxonId)?.group === group
		);
	const extra = new Map<string, number>();
	for (const { hypothesis, probability } of unseen) {
		const own = kin(hypothesis.group);
		const sum = own.reduce((all, belief) => all + belief.probability, 0);
		for (const belief of own)
			extra.set(
				belief.hypothesis.id,
				(extra.get(belief.hypothesis.id) ?? 0) + (probability * belief.probability) / sum
			);
	}
	return naturals
		.map(({ hypothesis: { id, taxonId, stage }, probability }) => ({
			taxonId,
			stage,
			probability: (probability + (extra.get(id) ?? 0)) / total
		}))
		.sort((a, b) => b.probability - a.probability);
}

/** A reading by stage alone, likeliest first. */
export function byStage(reading: Reading): { stage: LifeStage; probability: number }[] {
	const sums = new Map<LifeStage, number>();
	for (const { stage, probability } of byNatural(reading))
		sums.set(stage, (sums.get(stage) ?? 0) + probability);
	return [...sums]
		.map(([stage, probability]) => ({ stage, probability }))
		.sort((a, b) => b.probability - a.probability);
}
