import { STAGE_NAMES, type LifeStage } from '../atlas';
import { names, words } from '../message';
import { FIELD_RULE, numbers } from '../rule';
import {
	ABUNDANCE_NAMES,
	ATTEMPT_OUTCOME_NAMES,
	METHOD_NAMES,
	RISE_FORM_NAMES,
	type Abundance,
	type AttemptOutcome,
	type RiseForm,
	type SampleMethod,
	type Sign
} from '../vocabulary';
import type { Taking } from '../likeness';
import type { RhythmKind } from '../rise';

const says = words('evidence', {
	'rise-form': 'How fish rise to what they take',
	'rise-form.reason':
		'Of the rises to each kind of food, so many show each form. Noses for what can’t escape, bulges for what hangs beneath, splashes for what moves. A large fish can splash at anything and a small one rise softly, so no number is near nothing or all.',
	rhythm: 'Rhythm',
	'rhythm.reason': 'How fish on each kind of food usually rise; it counts only after five rises.',
	'on-station': 'On station',
	bursts: 'In bursts',
	wandering: 'Wandering',
	taken: 'What drifts over a fish',
	'taken.reason':
		'How large a share of it is taken, as takes and passes seen before any was followed: no fish takes every dun, and the lane matters, so a few passes prove little and many prove much (beta-binomial).',
	takes: 'Takes',
	passes: 'Passes',
	food: 'The very food',
	kin: 'Another stage of it',
	other: 'Anything else',
	anything: 'By a fish on nothing in particular',
	trust: 'Samples',
	'trust.reason':
		'How far what lies in a net speaks for what is eaten. A throat tells what was eaten, the surface net what is on offer this minute, the bed only the menu.',
	'half-life': 'How long a note speaks',
	'half-life.reason':
		'After so long it says half as much. A hatch moves on in an hour; the bed changes in days.',
	rise: 'A rise',
	drifted: 'What drifted over',
	attempt: 'A fly that was tried',
	sighting: 'What was seen',
	abundance: 'Seen by eye',
	'abundance.reason': 'What so many do to the odds of that very stage at that height.',
	spread: 'What one stage says of another',
	'spread.reason':
		'How much of what was seen of one stage passes to each stage of its kind. Empty skins tell that something has just passed through the film, or crawled out; a swarm has not fallen yet.',
	insects: 'Insects',
	shucks: 'Empty skins',
	swarm: 'A swarm in the air',
	outcome: 'Flies that were tried',
	'outcome.reason':
		'How far each outcome speaks of the insect: a take for what the fly is like; a refusal less, since drag and tippet refuse more flies than the wrong insect does; a drift without an answer less still.',
	ripeness: 'Wing pads',
	'ripeness.reason':
		'What a nymph’s wing pads say for its emerging today, by state; the shares of the animals weigh them.',
	pale: 'Pale',
	dark: 'Dark',
	black: 'Black',
	scales: 'How far notes count',
	'scales.reason':
		'Alike notes of one fish are not independent: n of them count as n / (1 + (n − 1) × so much), the design effect (Kish 1965). Passes over a fish that does not rise say little. Notes of other fish count less for the fish in hand. A fly is taken by how like it is to the food; good drifts without an answer count in full only from a few on.',
	alikeRises: 'Each further alike rise',
	alikeDrifts: 'Each further alike drift',
	passWithoutRise: 'A pass over a fish that did not rise',
	sameLie: 'Another fish in the same lie',
	elsewhere: 'Another fish of the reach',
	otherHeight: 'Seen at another height than fish could take it',
	sameTaxon: 'A kind found in one stage, for its others',
	emptyNet: 'An empty net makes what it fully sees less likely by',
	takenWhenLike: 'A fly just like the food is taken, beyond any fly',
	takenAnyway: 'Any fly is taken',
	likeAnything: 'How like any fair fly is to nothing in particular',
	firstCastSpeaks: 'The first cast at a fish',
	withinMin: 'A pass speaks in full with a rise within, minutes',
	quietFrom: 'Drifts without an answer that are taken as had',
	quietFull: 'and with which they count in full',
	bounds: 'Bounds and tempering',
	'bounds.reason':
		'The prior counts as so many animals against those in the net (a Dirichlet concentration). One sample never moves the odds further than its bounds. Evidence of notes is sharpened, and season, evidence and all once more: more when the likeliest food was itself met with today. Set on stand-in watches so that what is said with 70 % is right about so often.',
	sampleConcentration: 'The prior, in animals',
	least: 'A sample against, at most',
	most: 'A sample for, at most',
	leastShare: 'A kind’s share before, at least',
	leastKin: 'Its kin’s share before, at least',
	sharpness: 'Evidence of notes',
	seen: 'Tempering, where the likeliest was met with today',
	unseen: 'Tempering, where nobody saw it',
	largeFromMm: 'A large natural, from, mm',
	strength: 'How strongly a note speaks',
	'strength.reason': 'From which factor in the odds each word is said.',
	somewhat: 'Somewhat',
	clearly: 'Clearly',
	strongly: 'Strongly',
	certainty: 'Certainty',
	'certainty.reason':
		'From so much for the likeliest each word is said. Two things are taken at once where the second has so much and they are no further apart.',
	sure: 'Sure',
	'fairly-sure': 'Fairly sure',
	leaning: 'Leaning',
	mixedFrom: 'Both, from so much for the second',
	mixedWithin: 'and no further apart'
});

/** How fish take something, as guides say it. */
export const TAKING_NAMES = names('taking', {
	spent: 'Spent and helpless',
	film: 'Hanging in the film',
	upright: 'Upright duns',
	active: 'Active adults',
	large: 'Large and struggling',
	rising: 'Rising beneath',
	drift: 'Drifting below',
	anything: 'Nothing in particular'
} satisfies Record<Taking, string>);

const RHYTHM_KINDS = {
	'on-station': says('on-station'),
	bursts: says('bursts'),
	wandering: says('wandering')
};

export const RISE_FORM = numbers(
	'reading.rise-form',
	{
		title: says('rise-form'),
		reason: says('rise-form.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		keys: { ...TAKING_NAMES, ...RISE_FORM_NAMES },
		rowsSumTo1: true
	},
	{
		spent: {
			nose: 0.5,
			'head-back-tail': 0.26,
			bulge: 0.08,
			splash: 0.07,
			crash: 0.01,
			leap: 0.02,
			weaving: 0.06
		},
		film: {
			nose: 0.2,
			'head-back-tail': 0.26,
			bulge: 0.38,
			splash: 0.08,
			crash: 0.01,
			leap: 0.02,
			weaving: 0.05
		},
		upright: {
			nose: 0.32,
			'head-back-tail': 0.28,
			bulge: 0.06,
			splash: 0.25,
			crash: 0.03,
			leap: 0.03,
			weaving: 0.03
		},
		active: {
			nose: 0.08,
			'head-back-tail': 0.1,
			bulge: 0.05,
			splash: 0.47,
			crash: 0.09,
			leap: 0.18,
			weaving: 0.03
		},
		large: {
			nose: 0.05,
			'head-back-tail': 0.08,
			bulge: 0.04,
			splash: 0.27,
			crash: 0.47,
			leap: 0.06,
			weaving: 0.03
		},
		rising: {
			nose: 0.06,
			'head-back-tail': 0.14,
			bulge: 0.36,
			splash: 0.18,
			crash: 0.03,
			leap: 0.14,
			weaving: 0.09
		},
		drift: {
			nose: 0.03,
			'head-back-tail': 0.04,
			bulge: 0.15,
			splash: 0.03,
			crash: 0.01,
			leap: 0.02,
			weaving: 0.72
		},
		// A fish that takes whatever comes shows a little of everything.
		anything: {
			nose: 0.2,
			'head-back-tail': 0.19,
			bulge: 0.13,
			splash: 0.26,
			crash: 0.07,
			leap: 0.06,
			weaving: 0.09
		}
	} satisfies Record<Taking, Record<Exclude<RiseForm, 'unsure'>, number>>
);

export const RHYTHM = numbers(
	'reading.rhythm',
	{
		title: says('rhythm'),
		reason: says('rhythm.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		keys: { ...TAKING_NAMES, ...RHYTHM_KINDS },
		rowsSumTo1: true
	},
	{
		spent: { 'on-station': 0.58, bursts: 0.26, wandering: 0.16 },
		film: { 'on-station': 0.55, bursts: 0.26, wandering: 0.19 },
		upright: { 'on-station': 0.52, bursts: 0.22, wandering: 0.26 },
		active: { 'on-station': 0.22, bursts: 0.28, wandering: 0.5 },
		large: { 'on-station': 0.16, bursts: 0.18, wandering: 0.66 },
		rising: { 'on-station': 0.4, bursts: 0.32, wandering: 0.28 },
		drift: { 'on-station': 0.4, bursts: 0.26, wandering: 0.34 },
		anything: { 'on-station': 0.2, bursts: 0.22, wandering: 0.58 }
	} satisfies Record<Taking, Record<RhythmKind, number>>
);

export const TAKEN = numbers(
	'reading.taken',
	{
		title: says('taken'),
		reason: says('taken.reason'),
		unit: 'count',
		range: [0, 100],
		source:
			'Skellam, J. G. (1948), Journal of the Royal Statistical Society B 10, for the model; field rule for the numbers',
		keys: {
			food: says('food'),
			kin: says('kin'),
			other: says('other'),
			anything: says('anything'),
			takes: says('takes'),
			passes: says('passes')
		}
	},
	{
		food: { takes: 1.6, passes: 2.2 },
		kin: { takes: 0.4, passes: 8 },
		other: { takes: 0.25, passes: 8 },
		anything: { takes: 1.2, passes: 3 }
	}
);

export const TRUST = numbers(
	'reading.trust',
	{
		title: says('trust'),
		reason: says('trust.reason'),
		unit: 'factor',
		range: [0, 3],
		source: FIELD_RULE,
		keys: METHOD_NAMES
	},
	{
		throat: 1.1,
		'surface-net': 0.85,
		bank: 0.35,
		'kick-net': 0.3,
		stones: 0.2,
		'margin-strainer': 0.2
	} satisfies Record<SampleMethod, number>
);

export const HALF_LIFE_MIN = numbers(
	'reading.half-life',
	{
		title: says('half-life'),
		reason: says('half-life.reason'),
		unit: 'min',
		range: [1, 10000],
		source: FIELD_RULE,
		keys: {
			...METHOD_NAMES,
			rise: says('rise'),
			drifted: says('drifted'),
			attempt: says('attempt'),
			sighting: says('sighting')
		}
	},
	{
		rise: 25,
		drifted: 20,
		attempt: 30,
		sighting: 60,
		'surface-net': 45,
		throat: 90,
		bank: 240,
		'kick-net': 720,
		stones: 720,
		'margin-strainer': 480
	} satisfies Record<SampleMethod | 'rise' | 'drifted' | 'attempt' | 'sighting', number>
);

export const ABUNDANCE = numbers(
	'reading.abundance',
	{
		title: says('abundance'),
		reason: says('abundance.reason'),
		unit: 'odds',
		range: [-3, 5],
		source: FIELD_RULE,
		keys: ABUNDANCE_NAMES
	},
	{ none: -0.9, single: 0.15, few: 0.5, many: 1, masses: 1.4 } satisfies Record<Abundance, number>
);

export const SIGHTING_SPREAD = numbers(
	'reading.sighting-spread',
	{
		title: says('spread'),
		reason: says('spread.reason'),
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE,
		keys: { ...STAGE_NAMES, insects: says('insects'), shucks: says('shucks'), swarm: says('swarm') }
	},
	{
		insects: {
			nymph: { nymph: 1, emerger: 0.2 },
			larva: { larva: 1, pupa: 0.2 },
			emerger: { emerger: 1, cripple: 0.6, dun: 0.5, nymph: 0.2 },
			pupa: { pupa: 1, adult: 0.5, larva: 0.1 },
			cripple: { cripple: 1, emerger: 0.7, dun: 0.4 },
			dun: { dun: 1, emerger: 0.7, cripple: 0.5 },
			adult: { adult: 1, pupa: 0.5, 'egg-laying': 0.4 },
			'egg-laying': { 'egg-laying': 1, adult: 0.5 },
			spinner: { spinner: 1 },
			terrestrial: { terrestrial: 1, adult: 0.3 },
			crustacean: { crustacean: 1 },
			aquatic: { aquatic: 1 },
			fry: { fry: 1 }
		},
		// Empty skins tell that something has just passed through the film, or crawled out.
		shucks: {
			nymph: { emerger: 0.9, cripple: 0.6, dun: 0.5, adult: 0.7 },
			emerger: { emerger: 0.9, cripple: 0.6, dun: 0.5 },
			pupa: { pupa: 0.9, adult: 0.5 },
			cripple: { emerger: 0.9, cripple: 0.6, dun: 0.5 },
			dun: { emerger: 0.9, cripple: 0.6, dun: 0.5 },
			adult: { pupa: 0.9, adult: 0.6 },
			larva: { pupa: 0.6, adult: 0.4 },
			'egg-laying': { adult: 0.3 },
			spinner: { spinner: 0.2 },
			terrestrial: {},
			crustacean: {},
			aquatic: {},
			fry: {}
		},
		// Dancing in the air and not fallen yet: soon, not now.
		swarm: {
			spinner: { spinner: 0.3 },
			dun: { spinner: 0.3 },
			adult: { adult: 0.15, 'egg-laying': 0.3 },
			'egg-laying': { 'egg-laying': 0.4 },
			terrestrial: { adult: 0.3 },
			nymph: {},
			larva: {},
			emerger: {},
			pupa: {},
			cripple: {},
			crustacean: {},
			aquatic: {},
			fry: {}
		}
	} satisfies Record<Sign, Record<LifeStage, Partial<Record<LifeStage, number>>>>
);

export const OUTCOME = numbers(
	'reading.outcome',
	{
		title: says('outcome'),
		reason: says('outcome.reason'),
		unit: 'factor',
		range: [0, 2],
		source: FIELD_RULE,
		keys: ATTEMPT_OUTCOME_NAMES
	},
	{
		'tied-on': 0,
		drifted: 0.25,
		refused: 0.3,
		short: 0.6,
		missed: 0.9,
		taken: 1,
		landed: 1,
		'came-off': 1,
		'put-down': 0,
		lost: 0
	} satisfies Record<AttemptOutcome, number>
);

export const RIPENESS = numbers(
	'reading.ripeness',
	{
		title: says('ripeness'),
		reason: says('ripeness.reason'),
		unit: 'odds',
		range: [-3, 3],
		source: FIELD_RULE,
		keys: { pale: says('pale'), dark: says('dark'), black: says('black') }
	},
	{ pale: -0.8, dark: 0, black: 0.7 }
);

export const SCALES = numbers(
	'reading.scales',
	{
		title: says('scales'),
		reason: says('scales.reason'),
		unit: 'factor',
		range: [0, 10],
		source: 'Kish, L. (1965), Survey sampling, for alike notes; field rule for the rest',
		keys: {
			alikeRises: says('alikeRises'),
			alikeDrifts: says('alikeDrifts'),
			passWithoutRise: says('passWithoutRise'),
			withinMin: says('withinMin'),
			sameLie: says('sameLie'),
			elsewhere: says('elsewhere'),
			otherHeight: says('otherHeight'),
			sameTaxon: says('sameTaxon'),
			emptyNet: says('emptyNet'),
			takenWhenLike: says('takenWhenLike'),
			takenAnyway: says('takenAnyway'),
			likeAnything: says('likeAnything'),
			firstCastSpeaks: says('firstCastSpeaks'),
			quietFrom: says('quietFrom'),
			quietFull: says('quietFull')
		}
	},
	{
		alikeRises: 0.1,
		alikeDrifts: 0.02,
		passWithoutRise: 0.25,
		withinMin: 3,
		sameLie: 0.5,
		elsewhere: 0.3,
		otherHeight: 0.5,
		sameTaxon: 0.3,
		emptyNet: 0.65,
		takenWhenLike: 0.6,
		takenAnyway: 0.05,
		likeAnything: 0.6,
		firstCastSpeaks: 1.2,
		quietFrom: 2,
		quietFull: 6
	}
);

export const BOUNDS = numbers(
	'reading.bounds',
	{
		title: says('bounds'),
		reason: says('bounds.reason'),
		unit: 'factor',
		range: [-10, 20],
		source: FIELD_RULE,
		keys: {
			sampleConcentration: says('sampleConcentration'),
			least: says('least'),
			most: says('most'),
			leastShare: says('leastShare'),
			leastKin: says('leastKin'),
			sharpness: says('sharpness'),
			seen: says('seen'),
			unseen: says('unseen'),
			largeFromMm: says('largeFromMm')
		}
	},
	{
		sampleConcentration: 4,
		least: -2.5,
		most: 8,
		leastShare: 1e-5,
		leastKin: 1e-3,
		sharpness: 1.3,
		seen: 1.5,
		unseen: 1.1,
		largeFromMm: 16
	}
);

export const CERTAINTY = numbers(
	'reading.certainty',
	{
		title: says('certainty'),
		reason: says('certainty.reason'),
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		keys: {
			sure: says('sure'),
			'fairly-sure': says('fairly-sure'),
			leaning: says('leaning'),
			mixedFrom: says('mixedFrom'),
			mixedWithin: says('mixedWithin')
		}
	},
	{ sure: 0.75, 'fairly-sure': 0.5, leaning: 0.3, mixedFrom: 0.25, mixedWithin: 0.15 }
);

/** From which factor in the odds each word of strength is said. */
export const STRENGTH = numbers(
	'reading.strength',
	{
		title: says('strength'),
		reason: says('strength.reason'),
		unit: 'factor',
		range: [1, 100],
		source: 'Jeffreys, H. (1961), Theory of probability',
		keys: { somewhat: says('somewhat'), clearly: says('clearly'), strongly: says('strongly') }
	},
	{ somewhat: 1.5, clearly: 3, strongly: 10 }
);

/** What turns a note into a weight of evidence: natural logarithms of likelihood ratios (Good 1950). */
export const EVIDENCE_TABLES = [
	RISE_FORM,
	RHYTHM,
	TAKEN,
	TRUST,
	HALF_LIFE_MIN,
	ABUNDANCE,
	SIGHTING_SPREAD,
	OUTCOME,
	RIPENESS,
	SCALES,
	BOUNDS,
	CERTAINTY,
	STRENGTH
] as const;
