import type { ColumnZone, LifeStage } from '../atlas';
import type { RhythmKind } from '../rise';
import type { Abundance, AttemptOutcome, RiseForm, SampleMethod, Sign } from '../vocabulary';

import type { Taking } from '../likeness';

/**
 * Every number that turns a note into a weight of evidence, with its reason. Weights of evidence are natural
 * logarithms of likelihood ratios (Good, I. J. 1950, Probability and the weighing of evidence).
 */
export const WEIGHTS = {
	/**
	 * How likely each rise form is when fish take in a given way. Rows sum to 1. Field rules of docs/method.md:
	 * unhurried noses for what can't escape, bulges for what hangs just under, splashes for what moves. A large
	 * fish can splash at anything and a small one rise softly, so no cell is near 0 or 1.
	 */
	riseForm: {
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
	} satisfies Record<Taking, Record<Exclude<RiseForm, 'unsure'>, number>>,

	/** How often a form is misnamed, in ripple and glare: mixed evenly into every row above. Field rule. */
	misnamedForm: 0.16,

	/**
	 * Alike rises are not independent: often they are one fish doing one thing. n of them count as
	 * n / (1 + (n − 1)·this), the design effect of Kish, L. (1965), Survey sampling.
	 */
	alikeRises: 0.1,

	/** How much of what is at a height each method catches: its eyes and its blind spots. */
	sees: {
		'surface-net': { air: 0, 'on-film': 0.9, 'in-film': 1, 'under-film': 0.5, drift: 0.15, bed: 0 },
		'kick-net': { air: 0, 'on-film': 0, 'in-film': 0, 'under-film': 0.05, drift: 0.6, bed: 1 },
		stones: { air: 0, 'on-film': 0, 'in-film': 0, 'under-film': 0, drift: 0.4, bed: 0.8 },
		bank: { air: 1, 'on-film': 0.35, 'in-film': 0.05, 'under-film': 0, drift: 0, bed: 0 },
		'margin-strainer': { air: 0, 'on-film': 0.1, 'in-film': 0.2, 'under-film': 0.5, drift: 0.4, bed: 0.8 },
		throat: { air: 0.9, 'on-film': 1, 'in-film': 1, 'under-film': 1, drift: 1, bed: 1 }
	} satisfies Record<SampleMethod, Record<ColumnZone, number>>,

	/**
	 * How far a share in the sample speaks for what fish eat. A throat tells what was eaten; the surface net what
	 * is on offer this minute; bed and margin only the menu.
	 */
	trust: {
		throat: 1.1,
		'surface-net': 0.85,
		bank: 0.35,
		'kick-net': 0.3,
		stones: 0.2,
		'margin-strainer': 0.2
	} satisfies Record<SampleMethod, number>,

	/** The prior counts as this many animals against those in the net (a Dirichlet concentration). */
	sampleConcentration: 4,

	/** What a nymph's wing pads say for its emerging today, by state; the population's shares weigh them. Field rule. */
	ripeness: { pale: -0.8, dark: 0, black: 0.7 },

	/** An empty net makes what it fully sees this much less likely. Field rule. */
	emptyNet: 0.65,

	/** What was seen today is in season, whatever the table says: at least this far into it. */
	seasonWhenSeen: 0.8,

	/** A kind found in one stage speaks, this much weaker, for its other stages. */
	sameTaxon: 0.3,

	/** The share of something nobody can see in the film, against what the atlas expects to emerge there. */
	unseenShare: 0.22,
	/** The surface net catches part of what hangs unseen: skins and the larger ones. */
	unseenInNet: 0.3,

	/** How much longer pupae are within reach than emergers are, as a factor on the prior. Field rule. */
	pupaeLinger: 2,

	/**
	 * All evidence of notes is sharpened by this: tempering each kind alone leaves the whole too timid. Set on
	 * stand-in watches so that what is said with 70 % is right about so often (docs/trials/reading.txt has others).
	 */
	sharpness: 1.3,
	/**
	 * And season, evidence and all by this, for the same reason: more when the likeliest food was itself met with
	 * today, hardly when it would have to be something that nobody saw.
	 */
	resolve: { seen: 1.5, unseen: 1.1 },

	/** How often a fish is on nothing in particular, before anything is seen of it. Field rule. */
	opportunist: 0.06,

	/**
	 * How large a share of what drifts over is taken, as Beta distributions (takes, passes): of the very food, of
	 * another stage of it, of anything else, and by a fish on nothing in particular. No fish takes every dun, and
	 * the lane matters, so a few passes prove little and many prove much (beta-binomial; Skellam 1948, Journal of
	 * the Royal Statistical Society B 10). Field rule for the numbers.
	 */
	taken: {
		food: [1.6, 2.2],
		kin: [0.4, 8],
		other: [0.25, 8],
		anything: [1.2, 3]
	} satisfies Record<string, readonly [number, number]>,
	/** Passes over a fish that did not rise within so many minutes say this much: it may not be feeding. */
	passWithoutRise: { withinMin: 3, scale: 0.25 },
	/** Several passes in one minute are one lane and one mood: tempered as alike rises are. */
	alikeDrifts: 0.02,

	/** What the rhythm of a fish says of how it takes: steady, in bursts with pauses, wandering. Rows sum to 1. Field rule. */
	rhythm: {
		spent: { 'on-station': 0.58, bursts: 0.26, wandering: 0.16 },
		film: { 'on-station': 0.55, bursts: 0.26, wandering: 0.19 },
		upright: { 'on-station': 0.52, bursts: 0.22, wandering: 0.26 },
		active: { 'on-station': 0.22, bursts: 0.28, wandering: 0.5 },
		large: { 'on-station': 0.16, bursts: 0.18, wandering: 0.66 },
		rising: { 'on-station': 0.4, bursts: 0.32, wandering: 0.28 },
		drift: { 'on-station': 0.4, bursts: 0.26, wandering: 0.34 },
		anything: { 'on-station': 0.2, bursts: 0.22, wandering: 0.58 }
	} satisfies Record<Taking, Record<RhythmKind, number>>,

	/**
	 * A fly that was tried: how likely a take is when it is like what is eaten (times likeness squared) and when
	 * it is not, how like any fair fly is to what a fish on nothing in particular takes, and how far each outcome
	 * speaks: a refusal less, since drag and tippet refuse more flies than the wrong insect does, and a drift
	 * without an answer less still, since it may not have been seen.
	 */
	attempt: {
		takenWhenLike: 0.6,
		takenAnyway: 0.05,
		speaks: {
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
		} satisfies Record<AttemptOutcome, number>,
		firstCastSpeaks: 1.2,
		likeAnything: 0.6
	},

	/** Another fish in the same lie tells this much of the fish in hand, any other fish of the reach so much. */
	otherFish: { sameLie: 0.5, elsewhere: 0.3 },

	/** Cripples in a net or throat pass for emergers; only some are told apart. */
	cripplesToldApart: 0.4,

	/** Seen so many: weight for the very stage at the very height. */
	abundance: { none: -0.9, single: 0.15, few: 0.5, many: 1, masses: 1.4 } satisfies Record<Abundance, number>,

	/** Of that, how much passes to each stage of the taxon that was seen, by what was seen of it. */
	sightingSpread: {
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
	} satisfies Record<Sign, Record<LifeStage, Partial<Record<LifeStage, number>>>>,

	/** What is seen elsewhere than where fish could take it counts half. */
	elsewhere: 0.5,

	/** Minutes after which a note says half as much. A hatch moves on in an hour; the bed changes in days. */
	halfLifeMin: {
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
};

/** The numbers of the table, whatever they are. */
export type Weights = typeof WEIGHTS;

export const WEIGHING_IDS = ['even-handed', 'fish-first', 'net-first'] as const;
export type WeighingId = (typeof WEIGHING_IDS)[number];

/** What a guide trusts most; practitioners disagree, so it is a setting. */
export interface Weighing {
	name: string;
	/** What follows from choosing it. */
	consequence: string;
	weights: Weights;
}

/** Schools of weighing: each replaces some numbers of the table above and keeps the rest. Field rules. */
export const WEIGHINGS: Record<WeighingId, Weighing> = {
	'even-handed': {
		name: 'Even-handed',
		consequence: 'Net, eye and fish each by how often they were right on the stand-in river.',
		weights: WEIGHTS
	},
	'fish-first': {
		name: 'The fish knows best',
		consequence: 'Rises, passes and takes speak more, nets less: a net shows the menu, not the order.',
		weights: {
			...WEIGHTS,
			alikeRises: 0.05,
			alikeDrifts: 0.01,
			trust: { ...WEIGHTS.trust, 'surface-net': 0.5, bank: 0.25, 'kick-net': 0.15, stones: 0.1 }
		}
	},
	'net-first': {
		name: 'The net knows best',
		consequence:
			'What the surface net and the tray hold speaks more, rise forms less: they are easily misread.',
		weights: {
			...WEIGHTS,
			misnamedForm: 0.35,
			alikeRises: 0.25,
			trust: { ...WEIGHTS.trust, 'surface-net': 1.15, bank: 0.45, 'kick-net': 0.4, stones: 0.3 }
		}
	}
};

const FORMS = Object.keys(WEIGHTS.riseForm.film).length;

/** Probability that a rise is noted as this form when fish take in that way. */
export function riseFormProbability(
	taking: Taking,
	form: Exclude<RiseForm, 'unsure'>,
	{ misnamedForm, riseForm }: Weights = WEIGHTS
): number {
	return (1 - misnamedForm) * riseForm[taking][form] + misnamedForm / FORMS;
}
