import { FIELD_RULE, numbers } from '../rule';
import { type Outline } from '../tackle';
import { SCHOOL_WEIGHTS } from './school';

export const ALIKE = numbers(
	'likeness.parts',
	{
		unit: 'weight',
		range: [0, 50],
		source:
			'Sharma, G., Wu, W. & Dalal, E. N. (2005), Color Research & Application 30, for the colour difference; field rule for the rest'
	},
	{
		least: 0.04,
		stepApart: 0.88,
		sizeFactor: 1.2,
		colourSpread: 12,
		belly: 0.75,
		otherOutlines: 0.3,
		stoutFromMm: 10,
		flatFromMm: 14,
		clawsFromMm: 30
	}
);

/** Silhouettes that pass for one another, one way or the other. */
export const NEAR_OUTLINES = numbers(
	'likeness.outlines',
	{
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
	},
	{
		'mayfly-upright': { 'mayfly-low': 0.75, 'mayfly-spent': 0.4 },
		'mayfly-low': { hanging: 0.8, 'mayfly-spent': 0.6 },
		hanging: { pupa: 0.75, 'slim-nymph': 0.65 },
		tent: { 'flat-wing': 0.7 },
		'slim-nymph': { 'stout-nymph': 0.65, pupa: 0.55 },
		pupa: { grub: 0.6 },
		'stout-nymph': { grub: 0.5 },
		scud: { grub: 0.55, 'stout-nymph': 0.45 },
		lump: { waisted: 0.55, shell: 0.6, ball: 0.5 },
		claws: { 'stout-nymph': 0.5 },
		ribbon: { fish: 0.5, 'stout-nymph': 0.4 }
	} satisfies Partial<Record<Outline, Partial<Record<Outline, number>>>>
);

export const LIKENESS_TABLES = [SCHOOL_WEIGHTS, ALIKE, NEAR_OUTLINES] as const;
