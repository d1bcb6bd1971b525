import { zoneOf, type StageTraits, type Taxon } from '../atlas';
import { CLEAR_FORMS, type RiseForm } from '../vocabulary';
import { takingOf } from './hypothesis';
import { riseFormProbability } from './weights';

/**
 * The rise forms that a stage mostly provokes, likeliest first: those that come at least half as often as the
 * commonest, from the same table the reading weighs rises with.
 */
export function riseFormsProvoked(taxon: Taxon, traits: StageTraits): RiseForm[] {
	const taking = takingOf(traits.stage, zoneOf(taxon, traits), traits.lengthMm.typical, taxon.group);
	const ranked = CLEAR_FORMS.map((form) => ({ form, chance: riseFormProbability(taking, form) })).sort(
		(a, b) => b.chance - a.chance
	);
	const most = ranked[0]?.chance ?? 0;
	return ranked.filter(({ chance }) => chance >= most / 2).map(({ form }) => form);
}
