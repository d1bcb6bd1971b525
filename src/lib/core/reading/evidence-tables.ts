import { type ColumnZone } from '../atlas';
import { FIELD_RULE, numbers } from '../rule';
import { type AttemptOutcome, type FishSize, type ClearForm, type SampleMethod } from '../vocabulary';
import type { Taking } from '../likeness';
import type { RhythmKind } from '../rise';

export const RISE_FORM = numbers(
	'reading.rise-form',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
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
	} satisfies Record<Taking, Record<ClearForm, number>>
);

export const RHYTHM = numbers(
	'reading.rhythm',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
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
		unit: 'count',
		range: [0, 100],
		source:
			'Skellam, J. G. (1948), Journal of the Royal Statistical Society B 10, for the model; field rule for the numbers'
	},
	{
		food: { takes: 1.6, passes: 2.2 },
		kin: { takes: 0.4, passes: 8 },
		alike: { takes: 1.4, passes: 4.5 },
		other: { takes: 0.25, passes: 8 },
		anything: { takes: 1, passes: 3 }
	}
);

export const TRUST = numbers(
	'reading.trust',
	{
		unit: 'factor',
		range: [0, 3],
		source: FIELD_RULE
	},
	{
		throat: 1.1,
		'surface-net': 1.35,
		bank: 0.5,
		'kick-net': 0.3,
		stones: 0.2,
		'margin-strainer': 0.2,
		eye: 1
	} satisfies Record<SampleMethod | 'eye', number>
);

export const HALF_LIFE_MIN = numbers(
	'reading.half-life',
	{
		unit: 'min',
		range: [1, 10000],
		source: FIELD_RULE
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

/** A large fish takes duns and emergers with a nose too: so much of its splashes and crashes is noses. */
export const BY_SIZE = numbers(
	'reading.by-size',
	{
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
	},
	{ small: 0, middling: 0.1, large: 0.45 } satisfies Record<FishSize, number>
);

export const OUTCOME = numbers(
	'reading.outcome',
	{
		unit: 'factor',
		range: [0, 2],
		source: FIELD_RULE
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

/** What a take at a depth says for what lives at each height: likelihoods from a metre down. */
export const TAKEN_AT_DEPTH = numbers(
	'reading.taken-at-depth',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE
	},
	{ bed: 0.9, drift: 0.9, 'under-film': 0.7, 'in-film': 0.5, 'on-film': 0.02, air: 0.01 } satisfies Record<
		ColumnZone,
		number
	>
);

/** A fish that is looked at and does not rise. */
export const SILENCE = numbers(
	'reading.silence',
	{
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE
	},
	{ eachMin: 0.1, most: 2, nothingFromMin: 10 }
);

export const RIPENESS = numbers(
	'reading.ripeness',
	{
		unit: 'odds',
		range: [-3, 3],
		source: FIELD_RULE
	},
	{ pale: -0.8, dark: 0, black: 0.7 }
);

export const SCALES = numbers(
	'reading.scales',
	{
		unit: 'weight',
		range: [0, 10],
		source:
			'Mosimann, J. E. (1962), Biometrika 49, for alike rises; Kish, L. (1965), Survey sampling, for other alike notes; field rule for the rest'
	},
	{
		formsAlike: 4,
		alikeDrifts: 0.02,
		alikeSightings: 0.8,
		passSeen: 0.65,
		passWithoutRise: 0.25,
		withinMin: 3,
		sameLie: 0.5,
		elsewhere: 0.3,
		otherHeight: 0.5,
		kin: 0.65,
		sameTaxon: 0.3,
		emptyNet: 0.65,
		emptyEye: 0.6,
		takenWhenLike: 0.6,
		takenAnyway: 0.05,
		likeAnything: 0.6,
		deepFromM: 1,
		firstCastSpeaks: 1.2,
		quietFrom: 2,
		quietFull: 6
	}
);

export const BOUNDS = numbers(
	'reading.bounds',
	{
		unit: 'weight',
		range: [-10, 20],
		source: FIELD_RULE
	},
	{
		sampleConcentration: 4,
		least: -2.5,
		most: 11,
		leastShare: 1e-5,
		leastKin: 1e-3,
		sharpness: 1.2,
		seen: 1.4,
		unseen: 1.05,
		largeFromMm: 16,
		stillToMm: 9
	}
);

export const CERTAINTY = numbers(
	'reading.certainty',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE
	},
	{ sure: 0.85, 'fairly-sure': 0.55, leaning: 0.3, mixedFrom: 0.25, mixedWithin: 0.15 }
);

/** From which factor in the odds each word of strength is said. */
export const STRENGTH = numbers(
	'reading.strength',
	{
		unit: 'factor',
		range: [1, 100],
		source: 'Jeffreys, H. (1961), Theory of probability'
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
	BY_SIZE,
	OUTCOME,
	TAKEN_AT_DEPTH,
	SILENCE,
	RIPENESS,
	SCALES,
	BOUNDS,
	CERTAINTY,
	STRENGTH
] as const;
