import { words } from '../message';
import { FIELD_RULE, numbers } from '../rule';

const says = words('line-table', {
	second: 'Distance of a second fly',
	'second.reason': 'Flush and hanging ones behind the leading fly, a nymph beneath it.',
	flush: 'Flush',
	hanging: 'Hanging',
	nymph: 'A nymph',
	least: 'From',
	most: 'To',
	sinking: 'How fast lines sink',
	'sinking.reason': 'Typical; makers vary.',
	intermediate: 'Intermediate',
	'slow-sink': 'Slow sink',
	'fast-sink': 'Fast sink',
	still: 'Still water',
	'still.reason':
		'Pupae are hung above the bed; deeper than a leader can hang, a line sinks; wind carries the surface at about 3 % of its speed (Wu 1975).',
	aboveBedM: 'A fly hangs above the bed, m',
	hangsToM: 'A static hang down to, m',
	breezeMs: 'A breeze over, m/s',
	windyMs: 'Windy over, m/s',
	slowSinkM: 'In wind, a slow-sinking line below, m',
	fastSinkM: 'A fast-sinking line below, m',
	surfaceShare: 'The surface moves at, of the wind',
	depth: 'Where fish feed in the column',
	'depth.reason':
		'Takes at each depth are Poisson with a rate that falls off with the distance from the fish, over a grid of layers; the prior leans to the bed.',
	layers: 'Layers',
	spread: 'Within, of the whole depth',
	towardsBed: 'Likelier at the bed by',
	rate: 'Takes for one unit of effort at the fish',
	background: 'and far from it, of that',
	winter: 'The winter window',
	'winter.reason':
		'What each sign adds to or takes from naturals being worth imitating; from where it counts.',
	wintry: 'Wintry below, °C',
	calm: 'Calm',
	'warm-hours': 'The warm hours',
	warming: 'The day warms',
	'light-enough': 'Light and dry',
	'clear-enough': 'Clear',
	naturalsFrom: 'Naturals from',
	calmMs: 'Calm up to, m/s',
	fromH: 'Warm hours from',
	toH: 'to',
	warmingC: 'Warming from, °C',
	clearM: 'Clear from, m'
});

/** Distances between two flies, m. */
export const SECOND_M = numbers(
	'rig.second',
	{
		title: says('second'),
		reason: says('second.reason'),
		unit: 'm',
		range: [0.1, 2],
		source: FIELD_RULE,
		keys: {
			flush: says('flush'),
			hanging: says('hanging'),
			nymph: says('nymph'),
			least: says('least'),
			most: says('most')
		}
	},
	{
		flush: { least: 0.3, most: 0.6 },
		hanging: { least: 0.6, most: 0.75 },
		nymph: { least: 0.25, most: 0.35 }
	}
);

/** Sink rates of lines, m/s. */
export const SINKING = numbers(
	'rig.sinking',
	{
		title: says('sinking'),
		reason: says('sinking.reason'),
		unit: 'm/s',
		range: [0.01, 0.5],
		source: FIELD_RULE,
		keys: {
			intermediate: says('intermediate'),
			'slow-sink': says('slow-sink'),
			'fast-sink': says('fast-sink')
		}
	},
	{ intermediate: 0.045, 'slow-sink': 0.065, 'fast-sink': 0.14 }
);

export const STILL = numbers(
	'rig.still',
	{
		title: says('still'),
		reason: says('still.reason'),
		unit: 'weight',
		range: [0, 20],
		source:
			'Wu, J. (1975), Journal of Fluid Mechanics 68, for the drift of the surface; field rule for the rest',
		keys: {
			aboveBedM: says('aboveBedM'),
			hangsToM: says('hangsToM'),
			breezeMs: says('breezeMs'),
			windyMs: says('windyMs'),
			slowSinkM: says('slowSinkM'),
			fastSinkM: says('fastSinkM'),
			surfaceShare: says('surfaceShare')
		}
	},
	{ aboveBedM: 0.3, hangsToM: 6, breezeMs: 3, windyMs: 6, slowSinkM: 3, fastSinkM: 9, surfaceShare: 0.03 }
);

export const DEPTH = numbers(
	'rig.depth',
	{
		title: says('depth'),
		reason: says('depth.reason'),
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE,
		keys: {
			layers: says('layers'),
			spread: says('spread'),
			towardsBed: says('towardsBed'),
			rate: says('rate'),
			background: says('background')
		}
	},
	{ layers: 12, spread: 0.12, towardsBed: 0.5, rate: 0.1, background: 0.02 }
);

export const WINTER = numbers(
	'rig.winter',
	{
		title: says('winter'),
		reason: says('winter.reason'),
		unit: 'weight',
		range: [0, 24],
		source: FIELD_RULE,
		keys: {
			wintry: says('wintry'),
			calm: says('calm'),
			'warm-hours': says('warm-hours'),
			warming: says('warming'),
			'light-enough': says('light-enough'),
			'clear-enough': says('clear-enough'),
			naturalsFrom: says('naturalsFrom'),
			calmMs: says('calmMs'),
			fromH: says('fromH'),
			toH: says('toH'),
			warmingC: says('warmingC'),
			clearM: says('clearM')
		}
	},
	{
		wintry: 8,
		calm: 1,
		'warm-hours': 1,
		warming: 1,
		'light-enough': 0.5,
		'clear-enough': 0.5,
		naturalsFrom: 0.9,
		calmMs: 5,
		fromH: 11.5,
		toH: 14.5,
		warmingC: 0.5,
		clearM: 0.8
	}
);
