import { FIELD_RULE, numbers } from '../rule';

/** When a fish, or what drifts, is taken to have changed (Adams & MacKay 2007). */
export const CHANGE = numbers(
	'rise.change',
	{
		unit: 'count',
		range: [0, 1000],
		source: FIELD_RULE
	},
	{
		risesToForm: 9,
		paceOfForm: 0.3,
		risesToPace: 60,
		minutesToFood: 30,
		paceOfFood: 0.15,
		kindPrior: 0.4,
		kindsOfFood: 5,
		kindsDrifting: 6,
		waitShape: 1.5,
		waitS: 30,
		usualWaitS: 30,
		mostEvents: 36,
		mostLooks: 12,
		sureEnough: 0.5,
		leastEachSide: 3,
		near: 2,
		shareChanged: 0.2,
		paceFactor: 2.5,
		oneLookMin: 5,
		mostCounted: 8,
		byEye: 0.15
	}
);

/** By what a fish is judged while it is watched. */
export const RISE_TABLES = [CHANGE] as const;
