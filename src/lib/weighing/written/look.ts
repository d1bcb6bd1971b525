import type { WrittenTables } from './written';

/** The words of the tables of what to look at next, by their ids. */
export const LOOK_WORDS: WrittenTables = {
	'look.strainer-shows': {
		title: 'What the weed of a lake would show',
		reason: 'What it mostly holds, by what fish take beside it.',
		keys: {
			midge: 'Fish on midges below the film',
			mayfly: 'Fish on mayfly nymphs or emergers',
			swimmer: 'Fish on what swims',
			grazer: 'Fish on shrimps and snails',
			airborne: 'Fish on what flies or falls',
			midges: 'Midges',
			mayflies: 'Mayfly nymphs',
			swimmers: 'Damsels, boatmen',
			grazers: 'Shrimps, snails'
		}
	},
	'look.count-shows': {
		title: 'What a count of rises would show',
		reason: 'Of all fish in sight, for two minutes.',
		keys: {
			idle: 'Fish that do not feed',
			fading: 'A hatch that ends',
			below: 'What is taken below',
			above: 'What is taken at the surface or under it',
			none: 'None',
			few: 'One or two',
			many: 'Many'
		}
	},
	'look.minutes': {
		title: 'What an observation costs',
		reason: 'Minutes until it has told what it can.',
		keys: {
			'surface-net': 'Surface net',
			rise: 'Two more rises',
			count: 'Counting rises',
			follow: 'Following three naturals',
			bank: 'Along the bank',
			'kick-net': 'A kick',
			'margin-strainer': 'A strain of the weed',
			throat: 'A throat sample'
		}
	},
	'look.net-shows': {
		title: 'What a net would show',
		reason:
			'Where a net sees all of what is eaten, so often that is what it mostly holds; otherwise little, or something else.',
		keys: { right: 'The class of what is eaten', little: 'Little or nothing, of the rest' }
	},
	'look.bank-shows': {
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
	'look.bed-shows': {
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
	'look.proposed': {
		title: 'When an observation is proposed',
		reason:
			'What cannot change the kind of fly is not proposed. What was just done is worth little again until the water has changed. A throat is sampled of the fish just landed alone, and never in warm water.',
		keys: {
			worthDoing: 'Worth doing: makes the right kind of fly likelier by, of 1',
			anotherSize: 'Another size of fly: lengths that differ by the factor',
			laneFromMs: 'A current carries insects into a net from, m/s',
			windLaneFromMs: 'On a lake the wind does, from, m/s',
			noThroatFromC: 'No throat sample from, °C',
			justLandedMin: 'A fish is just landed for, minutes',
			againAfterMin: 'Worth something again after, minutes',
			againLoses: 'Just done it loses',
			followed: 'Naturals followed'
		}
	}
};
