import { STAGE_NAMES } from '../atlas';
import { words } from '../message';
import { FIELD_RULE, numbers } from '../rule';

const says = words('prior', {
	stages: 'How much of each stage is within reach',
	'stages.reason':
		'Nymphs are always somewhere, and drift before they hatch; emergers are the hatch itself, pupae hang for minutes where nymphs break through in seconds; duns ride a while; adults linger about the bank. Each stage counts by how much of its taxon lives in this water, how far it is in its season, and how strongly it emerges or flies now; a nymph by what emerges within the hour.',
	present: 'By the kind of water',
	season: 'In its season',
	emerging: 'As it emerges',
	flying: 'As it flies',
	'adult-stonefly': 'Adult stonefly',
	expected: 'What is expected beyond what is seen',
	'expected.reason':
		'Something that nobody can see may hang in the film; a fish may be on nothing in particular; and what was seen today is in season, whatever the table says. The least that is worth a line of the reading, and from how much activity on a group may hang unseen.',
	unseenShare: 'Something unseen, of what emerges',
	opportunist: 'A fish on nothing in particular, to begin with',
	seasonWhenSeen: 'In its season at least so far, when it was seen today',
	worthHaving: 'Worth a line of the reading',
	emergingFrom: 'A group counts as emerging from here on',
	least: 'Anything at all, at least'
});

/** How much of a stage is within reach of fish, by what its taxon is doing: sums of products with its activity. */
export const STAGE_PRIOR = numbers(
	'reading.stage-prior',
	{
		title: says('stages'),
		reason: says('stages.reason'),
		unit: 'weight',
		range: [0, 4],
		source: FIELD_RULE,
		keys: {
			...STAGE_NAMES,
			'adult-stonefly': says('adult-stonefly'),
			present: says('present'),
			season: says('season'),
			emerging: says('emerging'),
			flying: says('flying')
		}
	},
	{
		nymph: { present: 0.04, season: 0.06, emerging: 0.25, flying: 0 },
		larva: { present: 0.06, season: 0.08, emerging: 0, flying: 0 },
		emerger: { present: 0, season: 0, emerging: 1, flying: 0 },
		pupa: { present: 0, season: 0, emerging: 2, flying: 0 },
		cripple: { present: 0, season: 0, emerging: 0.3, flying: 0 },
		dun: { present: 0, season: 0, emerging: 0.65, flying: 0 },
		adult: { present: 0, season: 0.03, emerging: 0.4, flying: 0.15 },
		'adult-stonefly': { present: 0, season: 0.12, emerging: 0.2, flying: 0.3 },
		'egg-laying': { present: 0, season: 0, emerging: 0, flying: 0.5 },
		spinner: { present: 0, season: 0, emerging: 0, flying: 0.7 },
		terrestrial: { present: 0, season: 0, emerging: 0, flying: 0.15 },
		crustacean: { present: 0.08, season: 0.02, emerging: 0, flying: 0 },
		aquatic: { present: 0.02, season: 0.03, emerging: 0, flying: 0 },
		fry: { present: 0, season: 0.02, emerging: 0, flying: 0 }
	}
);

export const EXPECTED = numbers(
	'reading.expected',
	{
		title: says('expected'),
		reason: says('expected.reason'),
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE,
		keys: {
			unseenShare: says('unseenShare'),
			opportunist: says('opportunist'),
			seasonWhenSeen: says('seasonWhenSeen'),
			worthHaving: says('worthHaving'),
			emergingFrom: says('emergingFrom'),
			least: says('least')
		}
	},
	{
		unseenShare: 0.22,
		opportunist: 0.06,
		seasonWhenSeen: 0.8,
		worthHaving: 0.008,
		emergingFrom: 0.04,
		least: 1e-4
	}
);

/** What is expected before anything is noted. */
export const PRIOR_TABLES = [STAGE_PRIOR, EXPECTED] as const;
