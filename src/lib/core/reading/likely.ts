import type { LifeStage } from '../atlas';
import type { SampleMethod } from '../vocabulary';
import { visibility } from './evidence';
import type { Belief } from './reading';
import { WEIGHTS } from './weights';

/**
 * The naturals someone is likeliest to report, best first: by how likely they are about, and by what the
 * method can hold, or for a sighting what the eye can see. The kinds of a group share its belief in the reading, since
 * a fish takes one of them; in the net they lie side by side, so here the commonest of each group and stage stands for
 * all of it, and the others as far behind as they are.
 */
export function likelyNaturals(
	beliefs: readonly Belief[],
	method: SampleMethod | 'eye',
	most: number
): { taxonId: string; stage: LifeStage }[] {
	const naturals = beliefs.filter(({ hypothesis }) => hypothesis.kind === 'natural');
	const groups = new Map<string, { sum: number; most: number }>();
	const keyOf = ({ group, stage }: Belief['hypothesis']) => `${group} ${stage}`;
	for (const { hypothesis, probability } of naturals) {
		const { sum, most } = groups.get(keyOf(hypothesis)) ?? { sum: 0, most: 0 };
		groups.set(keyOf(hypothesis), { sum: sum + probability, most: Math.max(most, probability) });
	}
	return naturals
		.map(({ hypothesis, probability }) => {
			const sees = visibility(method, hypothesis);
			const group = groups.get(keyOf(hypothesis));
			const about = group && group.most > 0 ? (probability * group.sum) / group.most : 0;
			return {
				hypothesis,
				weight: method !== 'eye' && sees < WEIGHTS.passesFor.reaches ? 0 : about * sees
			};
		})
		.filter(({ weight }) => weight > 0)
		.sort((a, b) => b.weight - a.weight)
		.slice(0, most)
		.map(({ hypothesis: { taxonId, stage } }) => ({ taxonId, stage }));
}
