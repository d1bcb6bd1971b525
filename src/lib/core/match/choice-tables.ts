import { words } from '../message';
import { FIELD_RULE, numbers } from '../rule';

const says = words('choice', {
	chosen: 'How flies are ranked',
	'chosen.reason':
		'Beliefs are matched, likeliest first, until they hold so much of the whole: the rest moves no ranking. A fly that is not in the box must be better by a factor to be named before one that is; a carried fly with a share of the best one’s score will do.',
	shareMatched: 'Of the reading is matched',
	mostMatched: 'Beliefs at the most',
	notInBox: 'A fly that is not in the box counts',
	willDo: 'A carried fly will do from',
	passes: 'It passes for the natural from a posture of',
	canServe: 'A style serves a stage from',
	likeSize: 'As long as the natural from',
	likeColour: 'Of the natural’s colour from',
	nearColour: 'Near the natural’s colour from',
	bulky: 'The wind catches a fly bulkier than',
	box: 'A first box',
	'box.reason':
		'A first box serves some days and hours of a month; each fly counts by its place in the shortlist there. More of the best go in, since they get lost; a second size where it came up often against the first.',
	patterns: 'Patterns',
	best: 'The first four, of each',
	others: 'The next five, of each',
	last: 'The rest, of each',
	secondSize: 'A second size, from',
	place1: 'First in the shortlist',
	place2: 'Second',
	place3: 'Third',
	place4: 'Fourth',
	place5: 'Fifth',
	place6: 'Sixth',
	paired: 'Two flies',
	'paired.reason':
		'A leading fly must show, or it marks nothing; one that shows less can’t be followed. Two must serve the reading better than one by a factor, since two flies tangle. The first carries only so much.',
	marks: 'A leading fly shows at least',
	hardToSee: 'A fly can’t be followed under',
	worth: 'Two are worth it from',
	carries: 'Carries, for each m/s of sinking'
});

export const CHOSEN = numbers(
	'match.chosen',
	{
		title: says('chosen'),
		reason: says('chosen.reason'),
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE,
		keys: {
			shareMatched: says('shareMatched'),
			mostMatched: says('mostMatched'),
			notInBox: says('notInBox'),
			willDo: says('willDo'),
			passes: says('passes'),
			canServe: says('canServe'),
			likeSize: says('likeSize'),
			likeColour: says('likeColour'),
			nearColour: says('nearColour'),
			bulky: says('bulky')
		}
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

export const PAIRED = numbers(
	'match.paired',
	{
		title: says('paired'),
		reason: says('paired.reason'),
		unit: 'weight',
		range: [0, 20],
		source: FIELD_RULE,
		keys: {
			marks: says('marks'),
			hardToSee: says('hardToSee'),
			worth: says('worth'),
			carries: says('carries')
		}
	},
	{ marks: 0.6, hardToSee: 0.45, worth: 1.12, carries: 4 }
);

/** What goes into a first box. */
export const FIRST_BOX = numbers(
	'match.first-box',
	{
		title: says('box'),
		reason: says('box.reason'),
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE,
		keys: {
			patterns: says('patterns'),
			best: says('best'),
			others: says('others'),
			last: says('last'),
			secondSize: says('secondSize'),
			place1: says('place1'),
			place2: says('place2'),
			place3: says('place3'),
			place4: says('place4'),
			place5: says('place5'),
			place6: says('place6')
		}
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
