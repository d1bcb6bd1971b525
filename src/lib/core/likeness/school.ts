/** What a guide looks at first; practitioners disagree, so it is a setting. Weights sum to 1. */
export interface School {
	name: string;
	/** What follows from choosing it. */
	consequence: string;
	weights: { posture: number; size: number; outline: number; colour: number };
}

export const SCHOOL_IDS = ['posture-first', 'size-first', 'colour-first', 'presentation-first'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** The main schools of docs/method.md, by what a fly must get right first. */
export const SCHOOLS: Record<SchoolId, School> = {
	'posture-first': {
		name: 'Posture first',
		consequence: 'How a fly sits decides; a colour off by a shade is forgiven.',
		weights: { posture: 0.42, size: 0.28, outline: 0.14, colour: 0.16 }
	},
	'size-first': {
		name: 'Size and outline first',
		consequence: 'A fly of the right size and outline comes before one that sits right.',
		weights: { posture: 0.24, size: 0.4, outline: 0.22, colour: 0.14 }
	},
	'colour-first': {
		name: 'Colour first',
		consequence: 'The belly colour decides, as many hold on lakes.',
		weights: { posture: 0.24, size: 0.22, outline: 0.12, colour: 0.42 }
	},
	'presentation-first': {
		name: 'Presentation first',
		consequence:
			'Any fair general fly will do; one that floats well, shows well and resists drag comes first.',
		weights: { posture: 0.16, size: 0.14, outline: 0.08, colour: 0.06 }
	}
};
