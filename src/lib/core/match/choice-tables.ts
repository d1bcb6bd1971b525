import { FIELD_RULE, numbers } from '../rule';

export const CHOSEN = numbers(
	'match.chosen',
	{
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE
	},
	{
		shareMatched: 0.98,
		mostMatched: 24,
		notInBox: 0.8,
		willDo: 0.4,
		passes: 0.7,
		canServe: 0.55,
		likeSize: 0.85,
		likeColour: 0.8,
		nearColour: 0.45,
		bulky: 0.65
	}
);

/** How far the answers to quarrels bend what a fly is matched to. */
export const PREFERRED = numbers(
	'match.preferred',
	{
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE
	},
	{ surfaceLikelier: 40, belowLikelier: 3, adultLikelier: 4, food: 0.35, foodInCold: 0.6, coldC: 8 }
);

export const PAIRED = numbers(
	'match.paired',
	{
		unit: 'weight',
		range: [0, 20],
		source: FIELD_RULE
	},
	{ marks: 0.6, hardToSee: 0.45, worth: 1.12, carries: 4 }
);

/** Two nymphs: how much heavier the one is, how far apart they go, and what decides which is on the point. */
export const TWO_NYMPHS = numbers(
	'match.two-nymphs',
	{
		unit: 'weight',
		range: [0, 20],
		source: FIELD_RULE
	},
	{ heavier: 1.8, coldC: 8, risesFrom: 0.35, apartFromM: 0.4, apartToM: 0.5 }
);

/** Which retrieve of still water, before and after takes. */
export const RETRIEVED = numbers(
	'match.retrieved',
	{
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE
	},
	{ calmMs: 3, windyMs: 6, worthDraws: 12, rate: 0.05, likelier: 1.6 }
);

/** What goes into a first box. */
export const FIRST_BOX = numbers(
	'match.first-box',
	{
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE
	},
	{
		patterns: 14,
		best: 4,
		others: 3,
		last: 2,
		secondSize: 0.4,
		place1: 1,
		place2: 0.7,
		place3: 0.5,
		place4: 0.35,
		place5: 0.25,
		place6: 0.2
	}
);

/** Days of the month and hours of the day that a first box is tried on. */
export const FIRST_BOX_DAYS = [5, 15, 25] as const;
export const FIRST_BOX_HOURS = [8, 11, 13, 16, 19, 21] as const;
