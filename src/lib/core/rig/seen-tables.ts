import { words } from '../message';
import { FIELD_RULE, numbers, quarrel } from '../rule';
import { LIE_NAMES, type Lie } from '../vocabulary';

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
			unseenAlone: false
		},
		'thirty-drifts': {
			name: 'Thirty drifts on one rhythm',
			consequence: 'most casts never meet lane and moment',
			fromDrifts: 0,
			stay: 1.3,
			rest: 1,
			unseenAlone: true
		}
	}
);
export type PatienceSchool = (typeof PATIENCE.ids)[number];

const says = words('seen', {
	lane: 'A good cast comes down the lane',
	'lane.reason':
		'By where the fish lies: a lane is a hand wide, and broad where the current spreads food or the fish must hurry. With a usual rhythm, one or two casts of thirty meet both lane and moment.',
	unknown: 'Anywhere',
	looks: 'Lane and moment',
	'looks.reason':
		'A fish takes notice for some seconds of what it waits between two rises; one that cruises has no lane to come down; one that rises like a clock can be met on its rhythm.',
	cruising: 'A cruising fish, of its lane',
	looksS: 'It looks for, seconds',
	usualMedianS: 'A usual wait between rises, seconds',
	timed: 'Cast on its rhythm',
	timedSure: 'on a rhythm sure from',
	most: 'A drift is seen with at most',
	enough: 'It has seen the fly, from a chance of'
});

export const LANE = numbers(
	'rig.lane',
	{
		title: says('lane'),
		reason: says('lane.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		keys: { ...LIE_NAMES, unknown: says('unknown') }
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
		title: says('looks'),
		reason: says('looks.reason'),
		unit: 'weight',
		range: [0, 600],
		source: FIELD_RULE,
		keys: {
			cruising: says('cruising'),
			looksS: says('looksS'),
			usualMedianS: says('usualMedianS'),
			timed: says('timed'),
			timedSure: says('timedSure'),
			most: says('most'),
			enough: says('enough')
		}
	},
	{ cruising: 0.5, looksS: 8, usualMedianS: 30, timed: 1.5, timedSure: 0.6, most: 0.9, enough: 0.8 }
);
