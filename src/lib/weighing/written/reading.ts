import { STAGE_NAMES, ZONE_NAMES } from '$lib/core/atlas';
import { TAKING_NAMES } from '$lib/core/reading';
import {
	ABUNDANCE_NAMES,
	ATTEMPT_OUTCOME_NAMES,
	FISH_SIZE_NAMES,
	METHOD_NAMES,
	RISE_FORM_NAMES
} from '$lib/core/vocabulary';
import type { WrittenTables } from './written';

/** The words of the tables of reading, by their ids. */
export const READING_WORDS: WrittenTables = {
	'reading.stage-prior': {
		title: 'How much of each stage is within reach',
		reason:
			'Nymphs are always somewhere, and drift before they hatch; emergers are the hatch itself, pupae hang for minutes where nymphs break through in seconds; duns ride a while; adults linger about the bank. The kinds of a group share what its commonest would have, so that telling a group apart into more kinds does not make it likelier. Each stage counts by how much of its taxon lives in this water, how far it is in its season, and how strongly it emerges or flies now; a nymph by what emerges within the hour.',
		lists: [STAGE_NAMES],
		keys: {
			'adult-stonefly': 'Adult stonefly',
			'adult-land': 'Winged ant, falling boatman',
			'adult-floating': 'Floating snail',
			'pupa-still': 'Pupa in still water',
			'pupa-fixed': 'Pupa fixed to the bed',
			'emerger-bubble': 'Fly rising in its bubble',
			'emerger-crawling': 'Emerger of what mostly crawls out',
			present: 'By the kind of water',
			season: 'In its season',
			emerging: 'As it emerges',
			flying: 'As it flies'
		}
	},
	'reading.comes-adrift': {
		title: 'What holds on to the bed',
		reason:
			'Riffle beetles, net-winged midges and flat mayfly nymphs fill a kick net and are seldom adrift; swimmers let go many times a day.',
		keys: {
			darts: 'Swims in darts',
			wriggles: 'Wriggles or loops',
			crawls: 'Crawls',
			clings: 'Clings to stones',
			burrows: 'Lives in the silt',
			others: 'Others'
		}
	},
	'reading.expected': {
		title: 'What is expected beyond what is seen',
		reason:
			'Something that nobody can see may hang in the film; a fish may be on nothing in particular; and what was seen today is in season, whatever the table says. The least that is worth a line of the reading, and from how much activity on a group may hang unseen.',
		keys: {
			unseenShare: 'Something unseen, of what emerges',
			unlisted: 'What nobody could name, as none of those listed',
			together: 'Several kinds of a group at once make so much more of it',
			opportunist: 'A fish on nothing in particular, to begin with',
			seasonWhenSeen: 'In its season at least so far, when it was seen today',
			leastWhenTaken: 'What was taken stands for at least such a share of what an eye would see',
			worthHaving: 'Worth a line of the reading',
			emergingFrom: 'A group counts as emerging from here on',
			youngerLength: 'Length of the nymphs that are left after a large stonefly has hatched',
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
			alike: 'Another kind, taken in the same posture',
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
		lists: [METHOD_NAMES],
		keys: { eye: 'Eyes' }
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
		reason:
			'An eye is a net too: as how many animals in it each word counts. Who says how many of one kind has not counted the others: they are not spoken against.',
		lists: [ABUNDANCE_NAMES]
	},
	'reading.sighting-spread': {
		title: 'What one stage says of another',
		reason:
			'How much of what was seen of one stage passes to each stage of its kind. Empty skins tell that something has just passed through the film, or crawled out; a swarm has not fallen yet.',
		lists: [STAGE_NAMES],
		keys: {
			insects: 'Insects',
			shucks: 'Empty skins',
			swarm: 'A swarm in the air',
			restless: 'Restless nymphs',
			'to-shallows': 'Nymphs moving to the shallows'
		}
	},
	'reading.unnamed': {
		title: 'What nobody could name',
		reason:
			'An animal of which only the group is known speaks for all taxa of it, shared by how like each is: its length against the typical one, as the spread of their logarithms, and its colour, as a distance in CIEDE2000. None is ruled out wholly.',
		keys: {
			lengthSpread: 'Spread of lengths',
			colourSpread: 'Spread of colours',
			leastLike: 'As like as this at least'
		}
	},
	'reading.by-size': {
		title: 'The size of the fish',
		reason:
			'Large fish take with a nose what smaller ones splash at: so much of the splashes and crashes of a row are noses instead.',
		lists: [FISH_SIZE_NAMES]
	},
	'reading.outcome': {
		title: 'Flies that were tried',
		reason:
			'How far each outcome speaks of the insect: a take for what the fly is like; a refusal less, since drag and tippet refuse more flies than the wrong insect does; a drift without an answer less still.',
		lists: [ATTEMPT_OUTCOME_NAMES]
	},
	'reading.taken-at-depth': {
		title: 'A take at a depth',
		reason:
			'How likely what lives at each height is taken deep down. It counts for flies that fish went for.',
		lists: [ZONE_NAMES]
	},
	'reading.silence': {
		title: 'A fish that does not rise',
		reason:
			'Each minute in which it was looked at and did not rise speaks for what is taken below, in natural logarithms of the odds and up to a bound; it is silent once it has risen or taken.',
		keys: { eachMin: 'Each minute', most: 'At most', nothingFromMin: 'Nothing rises: looked for, minutes' }
	},
	'reading.feeding': {
		title: 'A fish that does not feed',
		reason:
			'Beside what it may be eating stands that it does not feed, or not yet: likelier in water near freezing or too warm, with each minute of looking in which it does not rise, and where it cruises about on running water. A rise or a take says that it feeds. In natural logarithms of the odds, up to a bound.',
		keys: {
			notFeeding: 'Odds beforehand',
			coldC: 'Too cold under, water in °C',
			warmC: 'Too warm over, water in °C',
			hardTimes: 'Then so many times the odds',
			silentMin: 'Each minute without a rise',
			silentMost: 'At most',
			cruisingMin: 'Each such minute, where it cruises',
			cruisingMost: 'At most for cruising',
			rose: 'Each rise or take',
			roseMost: 'All of them, at most'
		}
	},
	'reading.fading': {
		title: 'A hatch that ends',
		reason:
			'Where there was a hatch, it may be ending: rises slow down that nobody cast over, fish wander, nets and eyes meet with fewer. What it leaves takes its part from all that hatches. In natural logarithms of the odds.',
		keys: {
			before: 'Odds beforehand',
			growing: 'The guide says that it grows',
			steady: 'The guide says that it is steady',
			fading: 'The guide says that it fades',
			hatchFrom: 'A hatch: so many met with at once',
			risesFrom: 'Or so many rises',
			slowed: 'Rises have slowed down, if that is sure',
			slowPaceS: 'Slow: a rise in so many seconds, or more',
			wandering: 'A cruising fish that rises slowly after a heavy hatch',
			thinnedTo: 'Fewer: such a part of the most before',
			thinned: 'Fewer than before',
			holds: 'No fewer than before'
		}
	},
	'reading.changed': {
		title: 'When the fish has changed',
		reason:
			'How far what was noted before still counts, for the part that it has surely changed since: by the run length of how it rises, what it takes and what drifts (Adams & MacKay 2007).',
		keys: {
			fish: 'What the fish did',
			menu: 'What nets and eyes met with',
			sameWay: 'A fish that takes things in one way takes such a one',
			anyWay: 'One that takes whatever comes does'
		}
	},
	'reading.conditions': {
		title: 'Water and air',
		reason:
			'Coloured or rising water hides the surface and washes worms in. In cold air spinners do not fall.',
		keys: {
			colouredUnderM: 'Coloured: clear to less than, m',
			highFromM: 'High: rising, and over the usual by, m',
			surfaceWhenHigh: 'What is taken at the surface, then',
			wormsWhenHigh: 'Worms, then',
			spinnersColdC: 'Too cold for spinners, air in °C',
			spinnersWhenCold: 'Spinners in the cold',
			spinnersInRain: 'Spinners and egg-layers in rain or snow',
			landInRain: 'Land insects in rain or snow',
			dunsColdC: 'Air that holds duns on the film, under, °C',
			dunsHeld: 'Duns in such air, or in drizzle, rain or snow'
		}
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
			'Fish differ in how they show what they take, so alike rises of one fish say less and less: their forms are Dirichlet-multinomial, with so much concentration (Mosimann 1962). Of other alike notes n count as n / (1 + (n − 1) × so much), the design effect (Kish 1965). Passes over a fish that does not rise say little. Notes of other fish count less for the fish in hand. A fly is taken by how like it is to the food; good drifts without an answer count in full only from a few on.',
		keys: {
			formsAlike: 'How alike fish are in the forms they show',
			alikeDrifts: 'Each further alike drift',
			alikeSightings: 'Each further alike sighting',
			passSeen: 'What drifted by untouched, as seen for the other stages of its hatch',
			deepFromM: 'A take is deep from, m',
			passWithoutRise: 'A pass over a fish that did not rise',
			withinMin: 'A pass speaks in full with a rise within, minutes',
			sameLie: 'Another fish in the same lie',
			elsewhere: 'Another fish of the reach',
			otherHeight: 'Seen at another height than fish could take it',
			kin: 'Other stages of what was met: here at most so far as it',
			sameTaxon: 'A kind found in one stage, for its others',
			emptyNet: 'An empty net makes what it fully sees less likely by',
			emptyEye: 'To have looked and seen none makes it less likely by',
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
			largeFromMm: 'A large natural, from, mm',
			stillToMm: 'A stonefly that sits as still as a dun, to, mm'
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
	}
};
