import type { LifeStage } from '../atlas';
import type { SampleMethod } from '../vocabulary';
import { visibility } from './evidence';
import type { Belief } from './reading';
import { WEIGHTS } from './weights';

/**
 * The naturals someone is likeliest to report, best first: by how likely they are about, and by what the
 * method can hold, or for a sighting what the eye can see.
 */
export function likelyNaturals(
	beliefs: readonly Belief[],
	method: SampleMethod | 'eye',
	most: number
): { taxonId: string; stage: LifeStage }[] {
	return beliefs
		.filter(({ hypothesis }) => hypothesis.kind === 'natural')
		.map(({ hypothesis, probability }) => {
			const sees = visibility(method, hypothesis);
			return {
				hypothesis,
				weight: method !== 'eye' && sees < WEIGHTS.passesFor.reaches ? 0 : probability * sees
			};
		})
		.filter(({ weight }) => weight > 0)
		.sort((a, b) => b.weight - a.weight)
		.slice(0, most)
		.map(({ hypothesis: { taxonId, stage } }) => ({ taxonId, stage }));
}
