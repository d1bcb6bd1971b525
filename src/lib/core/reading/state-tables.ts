import { FIELD_RULE, numbers } from '../rule';

/** Whether a fish feeds at all: its chance beforehand, and what is seen of it, in natural logarithms of the odds. */
export const FEEDING = numbers(
	'reading.feeding',
	{
		unit: 'weight',
		range: [-10, 100],
		source: FIELD_RULE
	},
	{
		notFeeding: 0.04,
		coldC: 4,
		warmC: 20,
		hardTimes: 3,
		silentMin: 0.05,
		silentMost: 1,
		cruisingMin: 0.1,
		cruisingMost: 1.5,
		rose: -1.5,
		roseMost: -5
	}
);

/** Whether the hatch is on its end: its chance where there was one, and what is seen of it, likewise. */
export const FADING = numbers(
	'reading.fading',
	{
		unit: 'weight',
		range: [-10, 100],
		source: FIELD_RULE
	},
	{
		before: 0.06,
		growing: -2,
		steady: -1,
		fading: 3,
		hatchFrom: 15,
		risesFrom: 8,
		slowed: 2.2,
		slowPaceS: 90,
		wandering: 1,
		thinnedTo: 0.34,
		thinned: 1.2,
		holds: -0.8
	}
);

/** How far what was noted before a fish changed still counts. */
export const CHANGED = numbers(
	'reading.changed',
	{
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
	},
	{ fish: 0, menu: 0.2, sameWay: 0.7, anyWay: 0.25 }
);

/** What the fish, and the hatch, are about as a whole. */
export const STATE_TABLES = [FEEDING, FADING, CHANGED] as const;
