import { words } from '$lib/core/message';
import { TIPPET } from '$lib/core/rig';
import { LIE_NAMES } from '$lib/core/vocabulary';
import { namesOf, type Names, type WrittenTables } from './written';

const large = words('table.rig.tippet.large', { fish: 'A large fish. {school}' });
const LARGE_BY_SCHOOL: Names = Object.fromEntries(
	Object.entries(namesOf(TIPPET.choices)).map(([id, school]) => [id, large('fish', { school })])
);

/** The words of the tables of rig, by their ids. */
export const RIG_WORDS: WrittenTables = {
	'rig.leader-length': {
		title: 'Length of the leader',
		reason: 'By the first rule that applies, from line to fly.',
		keys: {
			tight: 'Little room',
			fast: 'In fast or broken water',
			coloured: 'In coloured water',
			glassy: 'Low, clear and glassy, at most',
			windy: 'Windy',
			clear: 'Clear',
			middling: 'Neither clear nor coloured'
		}
	},
	'tackle.weight': {
		title: 'What makes a fly sink',
		reason: 'Its hook, its bead and wire against the drag of its dressing.',
		keys: {
			tungsten: 'Bead of tungsten, g/cm³',
			wire: 'Lead-free wire, g/cm³',
			steel: 'Hook of steel, g/cm³',
			bored: 'A bead beside its bore, of the ball',
			blunt: 'Drag coefficient of a blunt body',
			fibres: 'Fibres add to its face, of the side of the dressing',
			slimmest: 'Breadth of the sparsest dressing, of its length',
			bushiest: 'Breadth of the bushiest, of its length',
			wireThick: 'Hook wire, thick, of the length of the dressing',
			wireLong: 'Hook wire, long, of that length',
			turnLong: 'A turn of wire, in breadths of the dressing',
			beadForLength: 'A usual bead, for each mm of the dressing, mm',
			beadLeastMm: 'and beside that, mm'
		}
	},
	'rig.line-drag': {
		title: 'What line does to a sinking fly',
		reason: 'It is drawn down after the fly, and slants where the water below is slower than its top.',
		keys: {
			across: 'Drag coefficient across the flow',
			along: 'and along it',
			profile: 'The current falls off with the depth to the power of',
			straightens: 'Slack is drawn straight: seconds for each mm and newton',
			atTheBed: 'The bed holds a fly at, of the depth'
		}
	},
	'rig.tippet': {
		title: 'Thickness of the tippet',
		reason:
			'It begins at a quarter of the hook size, or at a third for choosy fish on slow, clear glass; each rule that applies then makes it finer (up) or stouter (down), in X. Nothing makes clearer water ask for stouter.',
		lists: [LARGE_BY_SCHOOL],
		keys: {
			'very-clear': 'Very clear',
			clear: 'Clear',
			coloured: 'Coloured',
			slow: 'Slow and glassy',
			flow: 'Heavy flow',
			warm: 'Warm water',
			weed: 'Weed or snags'
		}
	},
	'rig.leader-limits': {
		title: 'Where the rules of leader and tippet begin',
		reason: 'What counts as coloured, clear, fast, windy; how a leader is parted; what a tippet bears.',
		keys: {
			delicate: 'Of the hook size, for choosy fish on glass',
			bulky: 'Of the hook size, otherwise',
			colouredM: 'Coloured: clear to less than, m',
			clearM: 'Clear to over, m',
			veryClearM: 'Very clear from, m',
			fastMs: 'Fast over, m/s',
			slowMs: 'Slow under, m/s',
			calmMs: 'Calm under, m/s',
			windyMs: 'Windy over, m/s',
			rods: 'Rods, at most, other than on glass',
			warmC: 'Warm from, °C',
			finestX: 'Finest',
			stoutestX: 'Stoutest',
			tippetLeastM: 'Tippet, at least, m',
			tippetEachX: 'and for each X finer, m',
			tippetFromX: 'of, X',
			tippetGlassM: 'and on glass, m',
			tippetMostM: 'but at most, m',
			butt: 'The butt, of the rest',
			buttInch: 'The butt, inches thick',
			smallFly: 'A small fly’s knot from hook',
			breaksFrom: 'Breaks from, N/mm²',
			breaksTo: 'to, N/mm²'
		}
	},
	'rig.second': {
		title: 'Distance of a second fly',
		reason: 'Flush and hanging ones behind the leading fly, a nymph beneath it.',
		keys: { flush: 'Flush', hanging: 'Hanging', nymph: 'A nymph', least: 'From', most: 'To' }
	},
	'rig.sinking': {
		title: 'How fast lines sink',
		reason: 'Typical; makers vary.',
		keys: { intermediate: 'Intermediate', 'slow-sink': 'Slow sink', 'fast-sink': 'Fast sink' }
	},
	'rig.still': {
		title: 'Still water',
		reason:
			'Pupae are hung above the bed; deeper than a leader can hang, a line sinks; wind carries the surface at about 3 % of its speed (Wu 1975).',
		keys: {
			underDry: 'A nymph under a dry fly, in depths',
			underDryMostM: 'and at most, m',
			give: 'give or take',
			aboveBedM: 'A fly hangs above the bed, m',
			leastM: 'A leader that hangs, at least, m',
			sunkM: 'A leader on a line under the water, m',
			hangsToM: 'A static hang down to, m',
			breezeMs: 'A breeze over, m/s',
			windyMs: 'Windy over, m/s',
			slowSinkM: 'In wind, a slow-sinking line below, m',
			fastSinkM: 'A fast-sinking line below, m',
			surfaceShare: 'The surface moves at, of the wind'
		}
	},
	'rig.depth': {
		title: 'Where fish feed in the column',
		reason:
			'Takes at each depth are Poisson with a rate that falls off with the distance from the fish, over a grid of layers; the prior leans to the bed.',
		keys: {
			layers: 'Layers',
			spread: 'Within, of the whole depth',
			towardsBed: 'Likelier at the bed by',
			rate: 'Takes for one unit of effort at the fish',
			background: 'and far from it, of that'
		}
	},
	'rig.winter': {
		title: 'The winter window',
		reason: 'What each sign adds to or takes from naturals being worth imitating; from where it counts.',
		keys: {
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
			clearM: 'Clear from, m',
			galeMs: 'A gale from, m/s',
			frostC: 'Hard frost from, °C',
			murkM: 'Murk under, m'
		}
	},
	'rig.lane': {
		title: 'A good cast comes down the lane',
		reason:
			'By where the fish lies: a lane is a hand wide, and broad where the current spreads food or the fish must hurry. With a usual rhythm, one or two casts of thirty meet both lane and moment.',
		lists: [LIE_NAMES],
		keys: { unknown: 'Anywhere' }
	},
	'rig.looks': {
		title: 'Lane and moment',
		reason:
			'A fish takes notice for some seconds of what it waits between two rises; one that cruises has no lane to come down; one that rises like a clock can be met on its rhythm.',
		keys: {
			cruising: 'A cruising fish, of its lane',
			looksS: 'It looks for, seconds',
			usualMedianS: 'A usual wait between rises, seconds',
			timed: 'Cast on its rhythm',
			timedSure: 'on a rhythm sure from',
			most: 'A drift is seen with at most',
			enough: 'It has seen the fly, from a chance of'
		}
	}
};
