import type { Taking } from '../likeness';
import { quarrel } from '../rule';
import { CLEAR_FORMS, VAGUE_FORMS, type ClearForm, type FishSize, type VagueForm } from '../vocabulary';
import { PASSES_FOR, SEES } from './detection-tables';
import {
	BOUNDS,
	HALF_LIFE_MIN,
	OUTCOME,
	RHYTHM,
	RIPENESS,
	RISE_FORM,
	SCALES,
	BY_SIZE,
	SILENCE,
	TAKEN,
	TAKEN_AT_DEPTH,
	TRUST
} from './evidence-tables';
import { CHANGED, FADING, FEEDING } from './state-tables';
import { ABUNDANCE, SIGHTING_SPREAD, UNNAMED } from './sighting-tables';
import { COMES_ADRIFT, CONDITIONS, EXPECTED, STAGE_PRIOR } from './prior-tables';

/** Every number that the reading weighs by, from its three tables: prior, detection, evidence. */
export const WEIGHTS = {
	stagePrior: STAGE_PRIOR.values,
	comesAdrift: COMES_ADRIFT.values,
	conditions: CONDITIONS.values,
	expected: EXPECTED.values,
	sees: SEES.values,
	passesFor: PASSES_FOR.values,
	riseForm: RISE_FORM.values,
	rhythm: RHYTHM.values,
	taken: TAKEN.values,
	takenAtDepth: TAKEN_AT_DEPTH.values,
	silence: SILENCE.values,
	trust: TRUST.values,
	halfLifeMin: HALF_LIFE_MIN.values,
	abundance: ABUNDANCE.values,
	sightingSpread: SIGHTING_SPREAD.values,
	unnamed: UNNAMED.values,
	bySize: BY_SIZE.values,
	outcome: OUTCOME.values,
	ripeness: RIPENESS.values,
	feeding: FEEDING.values,
	fading: FADING.values,
	changed: CHANGED.values,
	scales: SCALES.values,
	bounds: BOUNDS.values
};

/** The numbers of the tables, or what a school of weighing puts in their place. */
export type Weights = typeof WEIGHTS;

/** What a school of weighing puts in place of numbers of the tables. */
export interface Replaced {
	replaced: { [Table in keyof Weights]?: Partial<Weights[Table]> };
}

/** What a guide trusts most; practitioners disagree, so it is a setting. Field rules. */
export const WEIGHING = quarrel<'even-handed' | 'fish-first' | 'net-first', Replaced>(
	'weighing',
	{ asks: 'What is trusted most', usual: 'even-handed' },
	{
		'even-handed': {
			name: 'Even-handed',
			consequence: 'Net, eye and fish each by how often they were right on the stand-in river.',
			replaced: {}
		},
		'fish-first': {
			name: 'The fish knows best',
			consequence: 'Rises, passes and takes speak more, nets less: a net shows the menu, not the order.',
			replaced: {
				scales: { formsAlike: 7, alikeDrifts: 0.01 },
				trust: { 'surface-net': 0.8, bank: 0.3, 'kick-net': 0.15, stones: 0.1, eye: 0.55 }
			}
		},
		'net-first': {
			name: 'The net knows best',
			consequence:
				'What the surface net and the tray hold speaks more, rise forms less: they are easily misread.',
			replaced: {
				passesFor: { misnamedForm: 0.35 },
				scales: { formsAlike: 2.5 },
				trust: { 'surface-net': 1.75, bank: 0.65, 'kick-net': 0.4, stones: 0.3, eye: 1.15 }
			}
		}
	}
);
export type WeighingId = (typeof WEIGHING.ids)[number];

const byWeighing = new Map(
	WEIGHING.ids.map((id): [WeighingId, Weights] => {
		const { replaced } = WEIGHING.choices[id];
		if (Object.keys(replaced).length === 0) return [id, WEIGHTS];
		const tables = Object.entries(WEIGHTS).map(([table, values]) => [
			table,
			{ ...values, ...replaced[table as keyof Weights] }
		]);
		return [id, Object.fromEntries(tables) as Weights];
	})
);

/** The numbers that a school of weighing judges by. */
export const weightsOf = (id: WeighingId): Weights => byWeighing.get(id) ?? WEIGHTS;

/**
 * Probability that a rise is noted as this form when fish take in that way; of what was seen only in part, that it was
 * one of the forms that it may have been.
 *
 * @param size of the fish; a large one takes with a nose what smaller ones splash at
 */
export function riseFormProbability(
	taking: Taking,
	form: ClearForm | VagueForm,
	{ passesFor: { misnamedForm }, riseForm, bySize }: Weights = WEIGHTS,
	size: FishSize = 'middling'
): number {
	const quietly = bySize[size];
	const row = riseForm[taking];
	const clear = (one: ClearForm): number => {
		const loud = LOUD.reduce((sum, other) => sum + row[other], 0);
		const shown = LOUD.includes(one)
			? row[one] * (1 - quietly)
			: one === 'nose'
				? row.nose + quietly * loud
				: row[one];
		return (1 - misnamedForm) * shown + misnamedForm / CLEAR_FORMS.length;
	};
	return form === 'broke-film' || form === 'lifted'
		? VAGUE_FORMS[form].reduce((sum, one) => sum + clear(one), 0)
		: clear(form);
}

/** Forms in place of which a large fish shows its nose. */
const LOUD: readonly ClearForm[] = ['splash', 'crash'];
