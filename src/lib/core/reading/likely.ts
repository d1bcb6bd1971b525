import type { ColumnZone, LifeStage } from '../atlas';
import type { SampleMethod } from '../vocabulary';
import { visibility } from './evidence';
import type { Belief } from './reading';

/** How well a guide on the bank sees what is at each height. Field rule. */
const EYE_SEES: Record<ColumnZone, number> = {
	air: 1,
	'on-film': 1,
	'in-film': 0.3,
	'under-film': 0.1,
	drift: 0.05,
	bed: 0.05
};
/** Less than this of it would get into the net. */
const OUT_OF_REACH = 0.3;

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
			const sees = method === 'eye' ? EYE_SEES[hypothesis.zone] : visibility(method, hypothesis);
			return { hypothesis, weight: method !== 'eye' && sees < OUT_OF_REACH ? 0 : probability * sees };
		})
		.filter(({ weight }) => weight > 0)
		.sort((a, b) => b.weight - a.weight)
		.slice(0, most)
		.map(({ hypothesis: { taxonId, stage } }) => ({ taxonId, stage }));
}
