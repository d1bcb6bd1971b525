import type { LifeStage } from '../atlas';
import { isParticular } from '../likeness';
import type { Belief, Reading } from './reading';

/** A taxon and stage with its probability. */
export interface NaturalBelief {
	taxonId: string;
	stage: LifeStage;
	probability: number;
}

/**
 * A reading by taxon and stage alone, likeliest first: what has no name is shared out among the taxa of its group and
 * stage, what hangs unseen in the film among the emergers and pupae of its group, as they stand; nothing in particular, and not feeding, are left out.
 */
export function byNatural({ beliefs }: Reading): NaturalBelief[] {
	const naturals = beliefs.filter(({ hypothesis }) => hypothesis.kind === 'natural');
	const total = beliefs.reduce(
		(sum, { hypothesis, probability }) => (isParticular(hypothesis) ? sum + probability : sum),
		0
	);
	const extra = new Map<string, number>();
	for (const { hypothesis, probability } of beliefs) {
		if (!isParticular(hypothesis) || hypothesis.kind === 'natural') continue;
		const own = naturals.filter(({ hypothesis: { group, stage } }) =>
			hypothesis.kind === 'group'
				? group === hypothesis.group && stage === hypothesis.stage
				: group === hypothesis.group && (stage === 'emerger' || stage === 'pupa')
		);
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

/** How likely it is that fish eat something of a kind, 0 to 1. */
export const believed = (
	{ beliefs }: Pick<Reading, 'beliefs'>,
	is: (what: Belief['hypothesis']) => boolean
): number =>
	beliefs.reduce((sum, { hypothesis, probability }) => sum + (is(hypothesis) ? probability : 0), 0);
