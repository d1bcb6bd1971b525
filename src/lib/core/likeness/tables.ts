import { words } from '../message';
import { FIELD_RULE, numbers } from '../rule';
import { OUTLINES, type Outline } from '../tackle';
import { SCHOOL, SCHOOL_IDS, SCHOOLS } from './school';

const says = words('likeness', {
	school: 'What decides a fly',
	'school.reason':
		'How far each part of likeness counts, by school: exponents of a weighted geometric mean. Those of the presentation school sum to less than one, since likeness as a whole counts less there, and fitness for the water twice.',
	posture: 'Posture',
	size: 'Size',
	outline: 'Outline',
	colour: 'Colour',
	fitness: 'Fitness for the water',
	parts: 'How alike a fly and a natural are',
	'parts.reason':
		'Likeness falls off with the ratio of lengths and with the colour difference as a normal curve; one even hook step is a factor of 1.2 in length. Nothing is wholly unlike: fish take the wrong fly now and then.',
	least: 'At least',
	stepApart: 'A step of the column apart',
	sizeFactor: 'A factor in length that is a spread off',
	colourSpread: 'A colour difference that is a spread off (CIEDE2000)',
	belly: 'The belly, of the colours',
	otherOutlines: 'Silhouettes that are not named here',
	stoutFromMm: 'A nymph is stout over, mm',
	flatFromMm: 'A land insect is long from, mm',
	outlines: 'Silhouettes that pass for one another',
	'outlines.reason': 'One way or the other.',
	'mayfly-upright': 'Upright mayfly',
	'mayfly-low': 'Low mayfly',
	'mayfly-spent': 'Spent mayfly',
	hanging: 'Hanging',
	tent: 'Tent wing',
	'flat-wing': 'Flat wing',
	waisted: 'Waisted',
	pupa: 'Pupa',
	'slim-nymph': 'Slim nymph',
	'stout-nymph': 'Stout nymph',
	grub: 'Grub',
	scud: 'Scud',
	lump: 'Lump',
	ribbon: 'Ribbon',
	fish: 'Fish'
});

/** How far each part of likeness counts, by school. */
export const SCHOOL_WEIGHTS = numbers(
	'likeness.school',
	{
		title: says('school'),
		reason: says('school.reason'),
		unit: 'weight',
		range: [0, 3],
		source: FIELD_RULE,
		keys: {
			...Object.fromEntries(SCHOOL_IDS.map((id) => [id, SCHOOL.choices[id].name])),
			posture: says('posture'),
			size: says('size'),
			outline: says('outline'),
			colour: says('colour'),
			fitness: says('fitness')
		}
	},
	Object.fromEntries(SCHOOL_IDS.map((id) => [id, { ...SCHOOLS[id].weights, fitness: SCHOOLS[id].fitness }]))
);

export const ALIKE = numbers(
	'likeness.parts',
	{
		title: says('parts'),
		reason: says('parts.reason'),
		unit: 'weight',
		range: [0, 50],
		source:
			'Sharma, G., Wu, W. & Dalal, E. N. (2005), Color Research & Application 30, for the colour difference; field rule for the rest',
		keys: {
			least: says('least'),
			stepApart: says('stepApart'),
			sizeFactor: says('sizeFactor'),
			colourSpread: says('colourSpread'),
			belly: says('belly'),
			otherOutlines: says('otherOutlines'),
			stoutFromMm: says('stoutFromMm'),
			flatFromMm: says('flatFromMm')
		}
	},
	{
		least: 0.04,
		stepApart: 0.88,
		sizeFactor: 1.2,
		colourSpread: 12,
		belly: 0.75,
		otherOutlines: 0.3,
		stoutFromMm: 10,
		flatFromMm: 14
	}
);

/** Silhouettes that pass for one another, one way or the other. */
export const NEAR_OUTLINES = numbers(
	'likeness.outlines',
	{
		title: says('outlines'),
		reason: says('outlines.reason'),
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE,
		keys: Object.fromEntries(OUTLINES.map((outline) => [outline, says(outline)]))
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
		lump: { waisted: 0.55 },
		ribbon: { fish: 0.5, 'stout-nymph': 0.4 }
	} satisfies Partial<Record<Outline, Partial<Record<Outline, number>>>>
);

export const LIKENESS_TABLES = [SCHOOL_WEIGHTS, ALIKE, NEAR_OUTLINES] as const;
