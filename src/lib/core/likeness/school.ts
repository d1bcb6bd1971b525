import { FIELD_RULE, numbers, quarrel, type Choice } from '../rule';
import type { ChangeId } from '../vocabulary';

/** What a guide looks at first; practitioners disagree, so it is a setting. */
export interface School extends Choice {
	/** How far each part of likeness counts: exponents of a weighted geometric mean. */
	weights: { posture: number; size: number; outline: number; colour: number };
	/** How often fitness for the water counts: twice where how a fly behaves matters more than what it is like. */
	fitness: number;
	/** Factors on the worth of changes that it tries sooner. */
	sooner: Partial<Record<ChangeId, number>>;
}

/** The main schools of docs/method.md, by what a fly must get right first. */
export const SCHOOL = quarrel('school', { asks: 'What decides a fly', usual: 'posture-first' }, {
	'posture-first': {
		name: 'Posture first',
		consequence: 'How a fly sits decides; a colour off by a shade is forgiven.',
		weights: { posture: 0.42, size: 0.28, outline: 0.14, colour: 0.16 },
		fitness: 1,
		sooner: { posture: 1.25, stage: 1.1 }
	},
	'size-first': {
		name: 'Size and outline first',
		consequence: 'A fly of the right size and outline comes before one that sits right.',
		weights: { posture: 0.24, size: 0.4, outline: 0.22, colour: 0.14 },
		fitness: 1,
		sooner: { smaller: 1.3, larger: 1.3 }
	},
	'colour-first': {
		name: 'Colour first',
		consequence: 'The belly colour decides, as many hold on lakes.',
		weights: { posture: 0.24, size: 0.22, outline: 0.12, colour: 0.42 },
		fitness: 1,
		sooner: { insect: 1.25 }
	},
	'presentation-first': {
		name: 'Presentation first',
		consequence:
			'Any fair general fly will do; one that floats well, shows well and resists drag comes first.',
		weights: { posture: 0.16, size: 0.14, outline: 0.08, colour: 0.06 },
		fitness: 2,
		sooner: { mend: 1.2, finer: 1.2, position: 1.5, stay: 1.15 }
	}
} satisfies Record<string, Omit<School, keyof Choice> & { name: string; consequence: string }>);
export type SchoolId = (typeof SCHOOL.ids)[number];
export const SCHOOL_IDS = SCHOOL.ids;

/** How far each part of likeness counts, by school. */
export const SCHOOL_WEIGHTS = numbers(
	'likeness.school',
	{
		unit: 'weight',
		range: [0, 3],
		source: FIELD_RULE
	},
	Object.fromEntries(
		SCHOOL_IDS.map((id) => [id, { ...SCHOOL.choices[id].weights, fitness: SCHOOL.choices[id].fitness }])
	) as Record<SchoolId, School['weights'] & { fitness: number }>
);

/** Each school, judging by the numbers of its row. */
export const SCHOOLS = Object.fromEntries(
	SCHOOL_IDS.map((id): [SchoolId, School] => {
		const { fitness, ...weights } = SCHOOL_WEIGHTS.values[id];
		return [id, { ...SCHOOL.choices[id], weights, fitness }];
	})
) as Record<SchoolId, School>;
