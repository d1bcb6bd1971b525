import { CAUSE_NAMES } from '$lib/core/advice';
import { STAGE_NAMES, ZONE_NAMES } from '$lib/core/atlas';
import { SCHOOL } from '$lib/core/likeness';
import { LOSS_NAMES } from '$lib/core/match';
import { words, type Message } from '$lib/core/message';
import { TAKING_NAMES } from '$lib/core/reading';
import { TIPPET } from '$lib/core/rig';
import type { NumberTable, TableWords } from '$lib/core/rule';
import {
	ABUNDANCE_NAMES,
	ATTEMPT_OUTCOME_NAMES,
	LIE_NAMES,
	METHOD_NAMES,
	RISE_FORM_NAMES
} from '$lib/core/vocabulary';

type Names = Readonly<Record<string, Message>>;

/** What stands beside a table: lists that its keys are of, and names for those that are of none. */
interface Written {
	title: string;
	reason: string;
	lists?: readonly Names[];
	keys?: Readonly<Record<string, string>>;
}

const namesOf = (choices: Readonly<Record<string, { name: Message }>>): Names =>
	Object.fromEntries(Object.entries(choices).map(([id, { name }]) => [id, name]));
const SCHOOLS_BY_NAME = namesOf(SCHOOL.choices);
const large = words('table.rig.tippet.large', { fish: 'A large fish. {school}' });
const LARGE_BY_SCHOOL: Names = Object.fromEntries(
	Object.entries(namesOf(TIPPET.choices)).map(([id, school]) => [id, large('fish', { school })])
);

/** The words of every table of numbers, by its id. Loaded by the page that shows them alone. */
const WRITTEN: Readonly<Record<string, Written>> = {
	'reading.stage-prior': {
		title: 'How much of each stage is within reach',
		reason:
			'Nymphs are always somewhere, and drift before they hatch; emergers are the hatch itself, pupae hang for minutes where nymphs break through in seconds; duns ride a while; adults linger about the bank. Each stage counts by how much of its taxon lives in this water, how far it is in its season, and how strongly it emerges or flies now; a nymph by what emerges within the hour.',
		lists: [STAGE_NAMES],
		keys: {
			'adult-stonefly': 'Adult stonefly',
			present: 'By the kind of water',
			season: 'In its season',
			emerging: 'As it emerges',
			flying: 'As it flies'
		}
	},
	'reading.expected': {
		title: 'What is expected beyond what is seen',
		reason:
			'Something that nobody can see may hang in the film; a fish may be on nothing in particular; and what was seen today is in season, whatever the table says. The least that is worth a line of the reading, and from how much activity on a group may hang unseen.',
		keys: {
			unseenShare: 'Something unseen, of what emerges',
			opportunist: 'A fish on nothing in particular, to begin with',
			seasonWhenSeen: 'In its season at least so far, when it was seen today',
			worthHaving: 'Worth a line of the reading',
			emergingFrom: 'A group counts as emerging from here on',
			least: 'Anything at all, at least'
		}
	},
	'reading.sees': {
		title: 'What each way of looking sees',
		reason: 'How much of what is at a height it catches: its eyes and its blind spots.',
		lists: [METHOD_NAMES, ZONE_NAMES],
		keys: { eye: 'The eye, from the bank' }
	},
	'reading.passes-for': {
		title: 'What passes for something else',
		reason:
			'A surface net catches part of what hangs unseen, skins and the larger ones, and a throat more of it; cripples pass for emergers, and only some are told apart; a rise form is misnamed in ripple and glare, mixed evenly into every row. What lies in the net was plainly visible to it. A method that sees less than its reach of what is at a height does not count as reaching it.',
		keys: {
			unseenInNet: 'Something unseen, in a surface net',
			unseenInThroat: 'Something unseen, in a throat',
			cripplesToldApart: 'A cripple is told from an emerger',
			misnamedForm: 'A rise form is misnamed',
			metInNet: 'What lies in the net was visible to it, at least',
			reaches: 'Reaches a height from here on'
		}
	},
	'reading.rise-form': {
		title: 'How fish rise to what they take',
		reason:
			'Of the rises to each kind of food, so many show each form. Noses for what can’t escape, bulges for what hangs beneath, splashes for what moves. A large fish can splash at anything and a small one rise softly, so no number is near nothing or all.',
		lists: [TAKING_NAMES, RISE_FORM_NAMES]
	},
	'reading.rhythm': {
		title: 'Rhythm',
		reason: 'How fish on each kind of food usually rise; it counts only after five rises.',
		lists: [TAKING_NAMES],
		keys: { 'on-station': 'On station', bursts: 'In bursts', wandering: 'Wandering' }
	},
	'reading.taken': {
		title: 'What drifts over a fish',
		reason:
			'How large a share of it is taken, as takes and passes seen before any was followed: no fish takes every dun, and the lane matters, so a few passes prove little and many prove much (beta-binomial).',
		keys: {
			food: 'The very food',
			kin: 'Another stage of it',
			other: 'Anything else',
			anything: 'By a fish on nothing in particular',
			takes: 'Takes',
			passes: 'Passes'
		}
	},
	'reading.trust': {
		title: 'Samples',
		reason:
			'How far what lies in a net speaks for what is eaten. A throat tells what was eaten, the surface net what is on offer this minute, the bed only the menu.',
		lists: [METHOD_NAMES]
	},
	'reading.half-life': {
		title: 'How long a note speaks',
		reason: 'After so long it says half as much. A hatch moves on in an hour; the bed changes in days.',
		lists: [METHOD_NAMES],
		keys: {
			rise: 'A rise',
			drifted: 'What drifted over',
			attempt: 'A fly that was tried',
			sighting: 'What was seen'
		}
	},
	'reading.abundance': {
		title: 'Seen by eye',
		reason: 'What so many do to the odds of that very stage at that height.',
		lists: [ABUNDANCE_NAMES]
	},
	'reading.sighting-spread': {
		title: 'What one stage says of another',
		reason:
			'How much of what was seen of one stage passes to each stage of its kind. Empty skins tell that something has just passed through the film, or crawled out; a swarm has not fallen yet.',
		lists: [STAGE_NAMES],
		keys: { insects: 'Insects', shucks: 'Empty skins', swarm: 'A swarm in the air' }
	},
	'reading.outcome': {
		title: 'Flies that were tried',
		reason:
			'How far each outcome speaks of the insect: a take for what the fly is like; a refusal less, since drag and tippet refuse more flies than the wrong insect does; a drift without an answer less still.',
		lists: [ATTEMPT_OUTCOME_NAMES]
	},
	'reading.ripeness': {
		title: 'Wing pads',
		reason:
			'What a nymph’s wing pads say for its emerging today, by state; the shares of the animals weigh them.',
		keys: { pale: 'Pale', dark: 'Dark', black: 'Black' }
	},
	'reading.scales': {
		title: 'How far notes count',
		reason:
			'Alike notes of one fish are not independent: n of them count as n / (1 + (n − 1) × so much), the design effect (Kish 1965). Passes over a fish that does not rise say little. Notes of other fish count less for the fish in hand. A fly is taken by how like it is to the food; good drifts without an answer count in full only from a few on.',
		keys: {
			alikeRises: 'Each further alike rise',
			alikeDrifts: 'Each further alike drift',
			passWithoutRise: 'A pass over a fish that did not rise',
			withinMin: 'A pass speaks in full with a rise within, minutes',
			sameLie: 'Another fish in the same lie',
			elsewhere: 'Another fish of the reach',
			otherHeight: 'Seen at another height than fish could take it',
			sameTaxon: 'A kind found in one stage, for its others',
			emptyNet: 'An empty net makes what it fully sees less likely by',
			takenWhenLike: 'A fly just like the food is taken, beyond any fly',
			takenAnyway: 'Any fly is taken',
			likeAnything: 'How like any fair fly is to nothing in particular',
			firstCastSpeaks: 'The first cast at a fish',
			quietFrom: 'Drifts without an answer that are taken as had',
			quietFull: 'and with which they count in full'
		}
	},
	'reading.bounds': {
		title: 'Bounds and tempering',
		reason:
			'The prior counts as so many animals against those in the net (a Dirichlet concentration). One sample never moves the odds further than its bounds. Evidence of notes is sharpened, and season, evidence and all once more: more when the likeliest food was itself met with today. Set on stand-in watches so that what is said with 70 % is right about so often.',
		keys: {
			sampleConcentration: 'The prior, in animals',
			least: 'A sample against, at most',
			most: 'A sample for, at most',
			leastShare: 'A kind’s share before, at least',
			leastKin: 'Its kin’s share before, at least',
			sharpness: 'Evidence of notes',
			seen: 'Tempering, where the likeliest was met with today',
			unseen: 'Tempering, where nobody saw it',
			largeFromMm: 'A large natural, from, mm'
		}
	},
	'reading.certainty': {
		title: 'Certainty',
		reason:
			'From so much for the likeliest each word is said. Two things are taken at once where the second has so much and they are no further apart.',
		keys: {
			sure: 'Sure',
			'fairly-sure': 'Fairly sure',
			leaning: 'Leaning',
			mixedFrom: 'Both, from so much for the second',
			mixedWithin: 'and no further apart'
		}
	},
	'reading.strength': {
		title: 'How strongly a note speaks',
		reason: 'From which factor in the odds each word is said.',
		keys: { somewhat: 'Somewhat', clearly: 'Clearly', strongly: 'Strongly' }
	},
	'reading.look-minutes': {
		title: 'What an observation costs',
		reason: 'Minutes until it has told what it can.',
		keys: {
			'surface-net': 'Surface net',
			rise: 'Two more rises',
			follow: 'Following three naturals',
			bank: 'Along the bank',
			'kick-net': 'A kick',
			'margin-strainer': 'A strain of the weed',
			throat: 'A throat sample'
		}
	},
	'reading.net-shows': {
		title: 'What a net would show',
		reason:
			'Where a net sees all of what is eaten, so often that is what it mostly holds; otherwise little, or something else.',
		keys: { right: 'The class of what is eaten', little: 'Little or nothing, of the rest' }
	},
	'reading.bank-shows': {
		title: 'What the bank would show',
		reason: 'By what is eaten.',
		keys: {
			spinner: 'Spinners',
			dun: 'Duns, emergers, cripples',
			adult: 'Adults, egg-layers, pupae',
			other: 'All else',
			spinners: 'Spinners waiting',
			duns: 'Fresh duns',
			winged: 'Winged adults',
			nothing: 'Nothing new'
		}
	},
	'reading.bed-shows': {
		title: 'What the bed would show',
		reason: 'By what is eaten.',
		keys: {
			mayfly: 'Mayflies',
			stonefly: 'Stoneflies',
			airborne: 'What falls from the air',
			other: 'All else',
			mayflies: 'Ripe mayfly nymphs',
			others: 'Caddis or midges',
			stoneflies: 'Stonefly nymphs',
			nothing: 'Nothing ripe'
		}
	},
	'reading.looking': {
		title: 'When an observation is proposed',
		reason:
			'An outcome that is rarer is not counted on. What was just done is worth little again until the water has changed. A throat is sampled of the fish just landed alone, and never in warm water.',
		keys: {
			couldHappen: 'An outcome is counted on from a chance of',
			noThroatFromC: 'No throat sample from, °C',
			justLandedMin: 'A fish is just landed for, minutes',
			againAfterMin: 'Worth something again after, minutes',
			againLoses: 'Just done it loses',
			followed: 'Naturals followed'
		}
	},
	'likeness.school': {
		title: 'What decides a fly',
		reason:
			'How far each part of likeness counts, by school: exponents of a weighted geometric mean. Those of the presentation school sum to less than one, since likeness as a whole counts less there, and fitness for the water twice.',
		lists: [SCHOOLS_BY_NAME],
		keys: {
			posture: 'Posture',
			size: 'Size',
			outline: 'Outline',
			colour: 'Colour',
			fitness: 'Fitness for the water'
		}
	},
	'likeness.parts': {
		title: 'How alike a fly and a natural are',
		reason:
			'Likeness falls off with the ratio of lengths and with the colour difference as a normal curve; one even hook step is a factor of 1.2 in length. Nothing is wholly unlike: fish take the wrong fly now and then.',
		keys: {
			least: 'At least',
			stepApart: 'A step of the column apart',
			sizeFactor: 'A factor in length that is a spread off',
			colourSpread: 'A colour difference that is a spread off (CIEDE2000)',
			belly: 'The belly, of the colours',
			otherOutlines: 'Silhouettes that are not named here',
			stoutFromMm: 'A nymph is stout over, mm',
			flatFromMm: 'A land insect is long from, mm'
		}
	},
	'likeness.outlines': {
		title: 'Silhouettes that pass for one another',
		reason: 'One way or the other.',
		keys: {
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
		}
	},
	'match.losses': {
		title: 'What a fly loses in the wrong water',
		reason:
			'Each rule takes away so much for each whole step of its cause, whatever the fly imitates: what floats in broken water, what is sparse enough for glass, what a guest can see, what drags least.',
		lists: [LOSS_NAMES]
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
	},
	'rig.leader-length': {
		title: 'Length of the leader',
		reason: 'By the first rule that applies, from line to fly.',
		keys: {
			coloured: 'In coloured water',
			fast: 'In fast water',
			glassy: 'Low, clear and glassy: twice the rod, at most',
			windy: 'Windy',
			clear: 'Clear',
			middling: 'Neither clear nor coloured'
		}
	},
	'rig.tippet': {
		title: 'Thickness of the tippet',
		reason:
			'It begins at a third of the hook size, for delicacy, or at a quarter for what the wind catches; each rule that applies then makes it finer (up) or stouter (down), in X. Nothing makes clearer water ask for stouter.',
		lists: [LARGE_BY_SCHOOL],
		keys: {
			'very-clear': 'Very clear',
			clear: 'Clear',
			coloured: 'Coloured',
			slow: 'Slow and glassy',
			flow: 'Heavy flow'
		}
	},
	'rig.leader-limits': {
		title: 'Where the rules of leader and tippet begin',
		reason: 'What counts as coloured, clear, fast, windy; how a leader is parted; what a tippet bears.',
		keys: {
			delicate: 'Of the hook size, for delicacy',
			bulky: 'Of the hook size, for what the wind catches',
			colouredM: 'Coloured: clear to less than, m',
			clearM: 'Clear to over, m',
			veryClearM: 'Very clear from, m',
			fastMs: 'Fast over, m/s',
			slowMs: 'Slow under, m/s',
			calmMs: 'Calm under, m/s',
			windyMs: 'Windy over, m/s',
			rods: 'Rods, on glass, at most',
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
			aboveBedM: 'A fly hangs above the bed, m',
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
			clearM: 'Clear from, m'
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
	},
	'advice.response': {
		title: 'What a fish does that meets the fly',
		reason:
			'By what is wrong with it: drag and tippet are noticed at the last moment, so is a size; a wrong stage or insect is hardly looked at; a fish that is put down does nothing at all.',
		lists: [CAUSE_NAMES],
		keys: {
			none: 'No answer',
			late: 'Turns away late',
			early: 'Turns away early',
			short: 'Takes short',
			take: 'Takes'
		}
	},
	'advice.contrary': {
		title: 'Where drag comes from',
		reason: 'How contrary the currents are between rod and lie.',
		lists: [LIE_NAMES],
		keys: { still: 'Still water', unknown: 'Anywhere' }
	},
	'advice.before': {
		title: 'What is wrong before anything was tried',
		reason:
			'A fly drags about so often, more with the style and with contrary currents, half as often with slack and mends; the tippet shows always a little, more for each X stouter than the rig asks, on clear slow glass, and when it is short; the guest is felt more on glass, less from the side and from above. Even a fly that the reading finds right may be wrong: no reading is sure of everything.',
		keys: {
			dragLeast: 'Drag, at least',
			dragStyle: 'Drag, of how the style drags',
			dragMended: 'With slack and mends',
			tippetLeast: 'Tippet, at least',
			tippetEachX: 'Tippet, each X too stout',
			tippetGlass: 'Tippet too stout on glass',
			tippetShort: 'Tippet too short',
			tippetShowsShort: 'Tippet counts as short under, of the plan',
			positionLeast: 'Position, at least',
			positionGlass: 'Position, on glass',
			positionOther: 'Position, other than from below',
			posture: 'Posture, even so',
			size: 'Size, even so',
			stage: 'Stage, even so',
			insect: 'Insect, even so',
			notFeeding: 'Does not feed',
			putDown: 'Was put down',
			leastLeft: 'Left for the reading, at least',
			glassMs: 'Glass: slower than, m/s',
			glassClearM: 'and clear from, m'
		}
	},
	'advice.judged': {
		title: 'How notes of the fish are judged',
		reason:
			'A share of the drifts drags in any case; drag puts fish down; a fish that is put down or does not feed seldom rises; silence speaks, but fish pause by themselves.',
		keys: {
			draggedUsually: 'Drifts that drag in any case',
			draggedForDrag: 'Drifts seen to drag, where drag is the cause',
			dragTold: 'What is seen of drag counts',
			dragPutsDown: 'A drift that dragged puts it down',
			serves: 'A style serves a stage from a posture of',
			another: 'Another insect: less like than',
			mismatch: 'A mismatch is noticed in',
			risesAnyway: 'A fish that is put down or does not feed rises',
			silence: 'Silence counts, of its logarithm',
			silenceLeast: 'and at most, as a logarithm',
			toldPutDown: 'The guide saw it go down, as a logarithm',
			proofDrifts: 'A change proves itself in, drifts',
			proofMinutes: 'of, minutes each',
			leaveUnder: 'Another fish under a chance of',
			stateLastsMin: 'A mood lasts, minutes',
			sizePrior: 'The conditions count, beside the reading',
			smallerMurk: 'Smaller, in murk',
			smallerLate: 'Smaller, refused late',
			smallerElse: 'Smaller, otherwise',
			largerMurk: 'Larger, in murk',
			largerElse: 'Larger, otherwise',
			mostFixed: 'A size puts right at most',
			notCarried: 'A fly of a kind that is not carried',
			keepsLeast: 'Another fly keeps of what was right, at least',
			keepsBase: 'and of its fitness',
			mistaken: 'A mismatch counts as one from',
			murkClearM: 'Murk: clear to less than, m',
			murkFastMs: 'or faster than, m/s',
			outrageousAfter: 'Something outrageous after, trials'
		}
	},
	'advice.fixes': {
		title: 'What a change puts right',
		reason:
			'The chance that it removes each cause, how much of a fly that was fine stays fine, and what it costs.',
		lists: [CAUSE_NAMES],
		keys: {
			position: 'Move',
			posture: 'Another posture',
			stage: 'Another stage',
			insect: 'Another insect',
			stay: 'Stay',
			'next-fish': 'Next fish',
			mend: 'Mend',
			finer: 'Finer tippet',
			smaller: 'Smaller',
			larger: 'Larger',
			rest: 'Rest',
			outrageous: 'Something outrageous',
			other: 'Another insect',
			keeps: 'Keeps',
			minutes: 'Minutes'
		}
	},
	'advice.rests': {
		title: 'How long a fish is rested',
		reason: 'Minutes, by what happened; between two rhythms three waits, within bounds.',
		keys: {
			putDown: 'It was put down',
			badDrifts: 'Otherwise, at least',
			most: 'and at most',
			waits: 'Waits between rises',
			usualS: 'A usual wait, seconds',
			surelyDown: 'It was surely put down from a chance of'
		}
	},
	'advice.sooner': {
		title: 'In which order changes are tried',
		reason:
			'Factors on the gain of a change: what all put first is the drift, then the tippet, before another fly; then by the guide’s schools.',
		lists: [SCHOOLS_BY_NAME],
		keys: {
			stay: 'Stay',
			'next-fish': 'Next fish',
			mend: 'Mend',
			finer: 'Finer tippet',
			position: 'Move',
			smaller: 'Smaller',
			larger: 'Larger',
			posture: 'Another posture',
			stage: 'Another stage',
			insect: 'Another insect',
			rest: 'Rest',
			outrageous: 'Something outrageous',
			usual: 'All schools'
		}
	}
};

/**
 * The words of a table.
 *
 * @throws RangeError for a table that has none
 */
export function tableWords({ id }: NumberTable): TableWords {
	const written = WRITTEN[id];
	if (!written) throw new RangeError(`The table ${id} has no words.`);
	const says = (key: string, text: string): Message => ({ id: `table.${id}.${key}`, text });
	return {
		title: says('title', written.title),
		reason: says('reason', written.reason),
		keys: Object.assign(
			{},
			...(written.lists ?? []),
			Object.fromEntries(Object.entries(written.keys ?? {}).map(([key, text]) => [key, says(key, text)]))
		) as Names
	};
}
