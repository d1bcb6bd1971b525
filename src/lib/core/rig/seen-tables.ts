import { FIELD_RULE, numbers, quarrel } from '../rule';
import { type Lie } from '../vocabulary';

/** Schools of patience: thirty drifts on one rhythm, or two drifts, rest, and change if it isn't working. */
export const PATIENCE = quarrel(
	'patience',
	{ asks: 'Stay or go', usual: 'two-then-rest' },
	{
		'two-then-rest': {
			name: 'Two drifts, rest, change',
			consequence: 'spares the fish, changes sooner',
			/** Factors on the worth of staying and of resting, from so many drifts on; of staying, only while it has not seen the fly. */
			fromDrifts: 2,
			stay: 0.7,
			rest: 1.25,
			unseenAlone: false,
			/** Good drifts before which no fish is left. */
			leaveFromDrifts: 0
		},
		'thirty-drifts': {
			name: 'Thirty drifts on one rhythm',
			consequence: 'most casts never meet lane and moment',
			fromDrifts: 0,
			stay: 1.3,
			rest: 1,
			unseenAlone: true,
			leaveFromDrifts: 30
		}
	}
);
export type PatienceSchool = (typeof PATIENCE.ids)[number];

export const LANE = numbers(
	'rig.lane',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE
	},
	{
		seam: 0.22,
		'foam-lane': 0.26,
		'pool-tail': 0.24,
		pocket: 0.32,
		flat: 0.26,
		edge: 0.3,
		eddy: 0.14,
		margin: 0.34,
		unknown: 0.24
	} satisfies Record<Lie | 'unknown', number>
);

export const LOOKS = numbers(
	'rig.looks',
	{
		unit: 'weight',
		range: [0, 600],
		source: FIELD_RULE
	},
	{ cruising: 0.5, looksS: 8, usualMedianS: 30, timed: 1.5, timedSure: 0.6, most: 0.9, enough: 0.8 }
);
