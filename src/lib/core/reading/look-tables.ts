import { words } from '../message';
import { FIELD_RULE, numbers } from '../rule';

const says = words('look-table', {
	minutes: 'What an observation costs',
	'minutes.reason': 'Minutes until it has told what it can.',
	'surface-net': 'Surface net',
	rise: 'Two more rises',
	follow: 'Following three naturals',
	bank: 'Along the bank',
	'kick-net': 'A kick',
	'margin-strainer': 'A strain of the weed',
	throat: 'A throat sample',
	net: 'What a net would show',
	'net.reason':
		'Where a net sees all of what is eaten, so often that is what it mostly holds; otherwise little, or something else.',
	right: 'The class of what is eaten',
	little: 'Little or nothing, of the rest',
	'bank-shows': 'What the bank would show',
	'bank-shows.reason': 'By what is eaten.',
	'bed-shows': 'What the bed would show',
	'bed-shows.reason': 'By what is eaten.',
	spinner: 'Spinners',
	dun: 'Duns, emergers, cripples',
	adult: 'Adults, egg-layers, pupae',
	mayfly: 'Mayflies',
	stonefly: 'Stoneflies',
	airborne: 'What falls from the air',
	other: 'All else',
	spinners: 'Spinners waiting',
	duns: 'Fresh duns',
	winged: 'Winged adults',
	nothing: 'Nothing new',
	mayflies: 'Ripe mayfly nymphs',
	others: 'Caddis or midges',
	stoneflies: 'Stonefly nymphs',
	'nothing-ripe': 'Nothing ripe',
	looking: 'When an observation is proposed',
	'looking.reason':
		'An outcome that is rarer is not counted on. What was just done is worth little again until the water has changed. A throat is sampled of the fish just landed alone, and never in warm water.',
	couldHappen: 'An outcome is counted on from a chance of',
	noThroatFromC: 'No throat sample from, °C',
	justLandedMin: 'A fish is just landed for, minutes',
	againAfterMin: 'Worth something again after, minutes',
	againLoses: 'Just done it loses',
	followed: 'Naturals followed'
});

export const MINUTES = numbers(
	'reading.look-minutes',
	{
		title: says('minutes'),
		reason: says('minutes.reason'),
		unit: 'min',
		range: [0.5, 60],
		source: FIELD_RULE,
		keys: {
			'surface-net': says('surface-net'),
			rise: says('rise'),
			follow: says('follow'),
			bank: says('bank'),
			'kick-net': says('kick-net'),
			'margin-strainer': says('margin-strainer'),
			throat: says('throat')
		}
	},
	{ 'surface-net': 3, rise: 3, follow: 2, bank: 2, 'kick-net': 6, 'margin-strainer': 5, throat: 4 }
);

export const NET_SHOWS = numbers(
	'reading.net-shows',
	{
		title: says('net'),
		reason: says('net.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		keys: { right: says('right'), little: says('little') }
	},
	{ right: 0.7, little: 0.45 }
);

export const BANK_SHOWS = numbers(
	'reading.bank-shows',
	{
		title: says('bank-shows'),
		reason: says('bank-shows.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true,
		keys: {
			spinner: says('spinner'),
			dun: says('dun'),
			adult: says('adult'),
			other: says('other'),
			spinners: says('spinners'),
			duns: says('duns'),
			winged: says('winged'),
			nothing: says('nothing')
		}
	},
	{
		spinner: { spinners: 0.65, duns: 0.12, winged: 0.08, nothing: 0.15 },
		dun: { spinners: 0.1, duns: 0.55, winged: 0.1, nothing: 0.25 },
		adult: { spinners: 0.08, duns: 0.1, winged: 0.6, nothing: 0.22 },
		other: { spinners: 0.12, duns: 0.15, winged: 0.15, nothing: 0.58 }
	}
);

export const BED_SHOWS = numbers(
	'reading.bed-shows',
	{
		title: says('bed-shows'),
		reason: says('bed-shows.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true,
		keys: {
			mayfly: says('mayfly'),
			stonefly: says('stonefly'),
			airborne: says('airborne'),
			other: says('other'),
			mayflies: says('mayflies'),
			others: says('others'),
			stoneflies: says('stoneflies'),
			nothing: says('nothing-ripe')
		}
	},
	{
		airborne: { mayflies: 0.2, others: 0.2, stoneflies: 0.1, nothing: 0.5 },
		mayfly: { mayflies: 0.5, others: 0.15, stoneflies: 0.1, nothing: 0.25 },
		stonefly: { mayflies: 0.15, others: 0.15, stoneflies: 0.5, nothing: 0.2 },
		other: { mayflies: 0.15, others: 0.5, stoneflies: 0.1, nothing: 0.25 }
	}
);

export const LOOKING = numbers(
	'reading.looking',
	{
		title: says('looking'),
		reason: says('looking.reason'),
		unit: 'count',
		range: [0, 100],
		source:
			'Lindley, D. V. (1956), Annals of Mathematical Statistics 27, for the gain; field rule for the numbers',
		keys: {
			couldHappen: says('couldHappen'),
			noThroatFromC: says('noThroatFromC'),
			justLandedMin: says('justLandedMin'),
			againAfterMin: says('againAfterMin'),
			againLoses: says('againLoses'),
			followed: says('followed')
		}
	},
	{ couldHappen: 0.05, noThroatFromC: 18, justLandedMin: 10, againAfterMin: 30, againLoses: 0.9, followed: 3 }
);

/** What decides which observation is proposed. */
export const LOOK_TABLES = [MINUTES, NET_SHOWS, BANK_SHOWS, BED_SHOWS, LOOKING] as const;
