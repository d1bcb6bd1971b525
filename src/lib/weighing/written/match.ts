import type { WrittenTables } from './written';

/** The words of the tables of match, by their ids. */
export const MATCH_WORDS: WrittenTables = {
	'match.losses': {
		title: 'What a fly loses in the wrong water',
		reason:
			'Each rule takes away so much for each whole step of its cause, whatever the fly imitates: what floats in broken water, what is sparse enough for glass, what a guest can see, what drags least.',
		keys: {
			drowns: 'Rougher than it floats',
			bushy: 'Smoother than its bulk bears',
			'hard-to-see': 'Less seen than the water asks',
			drags: 'Drags, in rough currents',
			wind: 'Wind on a bushy fly, each m/s',
			'too-small-for-guest': 'Smaller than the guest sees, each size',
			'small-in-poor-light': 'Small in broken water and poor light, each size',
			'small-in-murk': 'Small in coloured water',
			'pale-in-murk': 'Pale in coloured water'
		}
	},
	'match.water': {
		title: 'Where the rules begin',
		reason: 'How rough each surface is, and from where on a rule applies.',
		keys: {
			glassy: 'Roughness: glassy',
			rippled: 'Roughness: rippled',
			broken: 'Roughness: broken',
			speedRoughens: 'Each m/s over the usual adds',
			usualSpeed: 'A usual current, m/s',
			usualClarity: 'A usual clarity, m',
			usualLakeM: 'A lake is taken to be deep, m',
			ripplesMs: 'and to ripple from a wind of, m/s',
			smooth: 'Smooth enough to ask for sparse flies',
			seenFrom: 'A fly must show, on glass',
			seenMore: 'and more on rough water',
			seenDim: 'and more in dim light',
			dragLeast: 'Of its drag, on glass',
			windFrom: 'Wind bothers from, m/s',
			guestSees: 'The guest sees, of flies that show, up to',
			roughFrom: 'Broken enough to lose small flies',
			smallOver: 'Small in poor light: over hook',
			smallInMurk: 'Small in colour: over hook',
			smallSpan: 'and wholly, so many sizes on',
			paleFrom: 'Pale: lightness over',
			paleSpan: 'and wholly, so much lighter',
			coloured: 'Coloured: clear to less than, m',
			standsUp: 'Something stands up from a show of',
			worthSaying: 'A loss is worth a line from',
			mostLost: 'One rule takes at most',
			ridesFrom: 'Rides broken water: floats at least',
			roughRides: 'where it is rougher than',
			easyFrom: 'Easy to see from',
			freelyFrom: 'A fish takes freely from, rises a minute',
			freelyAll: 'and everything at, rises a minute',
			latelyMin: 'counted over, minutes',
			forgives: 'It then forgives, of likeness'
		}
	},
	'match.post': {
		title: 'What is seen of a post',
		reason: 'A post or wing that stands up, by its colour and the light: dark on silver, pale elsewhere.',
		keys: { pale: 'Pale', dark: 'Dark', even: 'Even light', silver: 'Silver glare', shade: 'Deep shade' }
	},
	'match.two-nymphs': {
		title: 'Two nymphs',
		reason: 'One heavy, one light; cold water and food on the bed put the heavy one on the point.',
		keys: {
			heavier: 'The heavy one weighs as much more',
			coldC: 'Cold under, °C',
			risesFrom: 'What comes up is eaten from a chance of',
			apartFromM: 'Apart from, m',
			apartToM: 'and to, m'
		}
	},
	'match.retrieved': {
		title: 'Which retrieve',
		reason:
			'Takes to each are weighed against the draws that were made with it; before any, the wind says which.',
		keys: {
			calmMs: 'Calm to, m/s',
			windyMs: 'Windy from, m/s',
			worthDraws: 'What is usual is worth so many draws',
			rate: 'Takes for each draw, before any',
			likelier: 'The wind’s own is likelier by'
		}
	},
	'match.below': {
		title: 'How deep a fly is wanted',
		reason: 'By what it stands for, until takes say otherwise; and how much line goes with that.',
		keys: {
			aboveBedM: 'Above the bed, m',
			drift: 'In the drift, of the depth',
			underFilmM: 'Under the film, m',
			spread: 'Give or take, of the depth',
			usualWaterM: 'Water is taken to be deep, m',
			hung: 'Line to a float, in depths',
			led: 'Line led by hand, in depths',
			swungM: 'Line to swing on, m',
			farthestM: 'Cast upstream at most, m',
			nearestM: 'and on a tight line, m',
			beadFrom: 'Bead at least, of the length of the fly',
			beadTo: 'and at most',
			heldUpN: 'Held up by a dry fly that carries all, N',
			usualCarries: 'A bushy dry fly carries, of that',
			leastLineM: 'Line at least, m',
			shortOf: 'Too shallow under, of the depth that is wanted',
			leastPrior: 'Fish at any depth, beside the likeliest'
		}
	},
	'match.ways': {
		title: 'How a fly is brought down',
		reason: 'Each rule speaks for or against a way; the way with the greatest sum comes first.',
		keys: {
			shallowM: 'Shallow to, m',
			dryMostM: 'Under a dry fly to, m',
			tightMostM: 'On a tight line to, m',
			fastMs: 'Fast from, m/s',
			slowMs: 'Slow under, m/s',
			windyMs: 'Windy from, m/s',
			deepM: 'Deep from, m',
			'shallow-float': 'Shallow: under a dry fly',
			'quiet-float': 'Quiet and clear: under a dry fly',
			'too-heavy': 'Too heavy for a dry fly',
			'too-deep-for-dry': 'Too deep for a dry fly',
			'near-and-fast': 'Fast and near: on a tight line',
			'too-wide': 'Slow and clear: on a tight line',
			windy: 'Wind: on a tight line',
			'deep-and-even': 'Deep and even: under an indicator',
			rises: 'It comes up in the water: let swing',
			'bed-animals': 'It lives on the bed: let swing'
		}
	},
	'match.chosen': {
		title: 'How flies are ranked',
		reason:
			'Beliefs are matched, likeliest first, until they hold so much of the whole: the rest moves no ranking. A fly that is not in the box must be better by a factor to be named before one that is; a carried fly with a share of the best one’s score will do.',
		keys: {
			shareMatched: 'Of the reading is matched',
			mostMatched: 'Beliefs at the most',
			notInBox: 'A fly that is not in the box counts',
			willDo: 'A carried fly will do from',
			passes: 'It passes for the natural from a posture of',
			canServe: 'A style serves a stage from',
			likeSize: 'As long as the natural from',
			likeColour: 'Of the natural’s colour from',
			nearColour: 'Near the natural’s colour from',
			bulky: 'The wind catches a fly bulkier than'
		}
	},
	'match.paired': {
		title: 'Two flies',
		reason:
			'A leading fly must show, or it marks nothing; one that shows less can’t be followed. Two must serve the reading better than one by a factor, since two flies tangle. The first carries only so much.',
		keys: {
			marks: 'A leading fly shows at least',
			hardToSee: 'A fly can’t be followed under',
			worth: 'Two are worth it from',
			carries: 'Carries, for each m/s of sinking'
		}
	},
	'match.preferred': {
		title: 'Where schools of fishing differ',
		reason:
			'How far what is believed is bent for the choice of a fly by the answers in the settings: when nothing rises, which animal from the tray, and a stonefly.',
		keys: {
			surfaceLikelier: 'Prospecting with a dry: what is taken at the surface',
			belowLikelier: 'Else, when nothing rises: what is taken below it',
			adultLikelier: 'A stonefly dry by preference: its winged stages',
			food: 'Most food: dry mass to the power',
			foodInCold: 'Most food in cold water: to the power',
			coldC: 'Cold: under, °C'
		}
	},
	'match.first-box': {
		title: 'A first box',
		reason:
			'A first box serves some days and hours of a month; each fly counts by its place in the shortlist there. More of the best go in, since they get lost; a second size where it came up often against the first.',
		keys: {
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
			place6: 'Sixth'
		}
	}
};
