import { FIELD_RULE, numbers } from '../rule';

/** How much of a stage is within reach of fish, by what its taxon is doing: sums of products with its activity. */
export const STAGE_PRIOR = numbers(
	'reading.stage-prior',
	{
		unit: 'weight',
		range: [0, 4],
		source: FIELD_RULE
	},
	{
		nymph: { present: 0.04, season: 0.06, emerging: 0.25, flying: 0 },
		larva: { present: 0.045, season: 0.06, emerging: 0, flying: 0 },
		emerger: { present: 0, season: 0, emerging: 1.4, flying: 0 },
		pupa: { present: 0.05, season: 0.03, emerging: 1.1, flying: 0 },
		'pupa-still': { present: 0.2, season: 0.1, emerging: 2, flying: 0 },
		'emerger-crawling': { present: 0, season: 0, emerging: 0.35, flying: 0 },
		'emerger-bubble': { present: 0, season: 0, emerging: 0.3, flying: 0 },
		'pupa-fixed': { present: 0.06, season: 0.08, emerging: 0, flying: 0 },
		cripple: { present: 0, season: 0, emerging: 0.2, flying: 0 },
		dun: { present: 0, season: 0, emerging: 1, flying: 0 },
		adult: { present: 0, season: 0.02, emerging: 0.28, flying: 0.1 },
		'adult-stonefly': { present: 0, season: 0.08, emerging: 0.14, flying: 0.2 },
		'adult-land': { present: 0, season: 0, emerging: 0.12, flying: 0 },
		'adult-floating': { present: 0, season: 0.06, emerging: 0, flying: 0 },
		'egg-laying': { present: 0, season: 0, emerging: 0, flying: 0.7 },
		spinner: { present: 0, season: 0, emerging: 0, flying: 0.7 },
		terrestrial: { present: 0, season: 0, emerging: 0, flying: 0.22 },
		crustacean: { present: 0.08, season: 0.02, emerging: 0, flying: 0 },
		aquatic: { present: 0.02, season: 0.03, emerging: 0, flying: 0 },
		fry: { present: 0, season: 0.02, emerging: 0, flying: 0 }
	}
);

/** How readily what lives on the bed comes adrift, by how it moves: what holds on is met in stomachs far less than in kick nets. */
export const COMES_ADRIFT = numbers(
	'reading.comes-adrift',
	{
		unit: 'weight',
		range: [0, 4],
		source:
			'Rader, R. B. (1997). A functional classification of the drift: traits that influence invertebrate availability to salmonids. Canadian Journal of Fisheries and Aquatic Sciences 54, for the order; field rule for the sizes'
	},
	{ darts: 1.3, wriggles: 1, crawls: 0.8, clings: 0.45, burrows: 0.4, others: 1 }
);

/** What water and air do to what is within reach: factors of the weight before. */
export const CONDITIONS = numbers(
	'reading.conditions',
	{
		unit: 'weight',
		range: [0, 40],
		source: FIELD_RULE
	},
	{
		colouredUnderM: 0.5,
		highFromM: 0.3,
		surfaceWhenHigh: 0.4,
		wormsWhenHigh: 6,
		spinnersColdC: 8,
		spinnersWhenCold: 0.3,
		spinnersInRain: 0.15,
		landInRain: 0.4,
		dunsColdC: 10,
		dunsHeld: 1.5
	}
);

export const EXPECTED = numbers(
	'reading.expected',
	{
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
	},
	{
		unseenShare: 0.22,
		together: 0,
		unlisted: 0.15,
		opportunist: 0.06,
		seasonWhenSeen: 0.8,
		leastWhenTaken: 0.05,
		worthHaving: 0.008,
		emergingFrom: 0.04,
		youngerLength: 0.76,
		least: 1e-4
	}
);

/** What is expected before anything is noted. */
export const PRIOR_TABLES = [STAGE_PRIOR, COMES_ADRIFT, CONDITIONS, EXPECTED] as const;
