/** How a sample was taken. Each answers another question and is blind to something (`reading/weights.ts`). */
export const SAMPLE_METHODS = [
	'surface-net',
	'kick-net',
	'stones',
	'bank',
	'margin-strainer',
	'throat'
] as const;
export type SampleMethod = (typeof SAMPLE_METHODS)[number];

/** How a fish showed itself, where its form was seen. */
export const CLEAR_FORMS = ['nose', 'head-back-tail', 'bulge', 'splash', 'crash', 'leap', 'weaving'] as const;
export type ClearForm = (typeof CLEAR_FORMS)[number];

/** What was seen only in part, and the forms that it may have been. */
export const VAGUE_FORMS = {
	'broke-film': ['nose', 'head-back-tail', 'splash', 'crash', 'leap'],
	lifted: ['bulge', 'weaving']
} as const satisfies Record<string, readonly ClearForm[]>;
export type VagueForm = keyof typeof VAGUE_FORMS;

/** How a fish showed itself, as it can be noted. */
export const RISE_FORMS = [...CLEAR_FORMS, 'broke-film', 'lifted', 'unsure'] as const;
export type RiseForm = (typeof RISE_FORMS)[number];

/** How many, on the one scale that all guides share. `none` means looked and saw none. */
export const ABUNDANCES = ['none', 'single', 'few', 'many', 'masses'] as const;
export type Abundance = (typeof ABUNDANCES)[number];

export const SKIES = ['clear', 'broken', 'overcast', 'drizzle', 'rain', 'snow'] as const;
export type Sky = (typeof SKIES)[number];

export const SURFACES = ['glassy', 'rippled', 'broken'] as const;
export type Surface = (typeof SURFACES)[number];

export const LEVEL_TRENDS = ['falling', 'steady', 'rising'] as const;
export type LevelTrend = (typeof LEVEL_TRENDS)[number];

/** Light on the water as the guest looks at the fly: even, silver glare, or deep shade. */
export const LIGHTS = ['even', 'silver', 'shade'] as const;
export type Light = (typeof LIGHTS)[number];

/** From where a fish is fished. */
export const POSITIONS = ['below', 'side', 'above'] as const;
export type Position = (typeof POSITIONS)[number];

/** What was seen of a natural: itself, its empty skins, a swarm, nymphs that are restless or that move to the shallows. */
export const SIGNS = ['insects', 'shucks', 'swarm', 'restless', 'to-shallows'] as const;
export type Sign = (typeof SIGNS)[number];

/** Where in the water a sample was taken. */
export const HABITATS = ['riffle', 'glide', 'pool', 'margin', 'weed', 'foam-lane', 'film'] as const;
export type Habitat = (typeof HABITATS)[number];

export const MEASURED = ['body', 'to-wing-tips', 'with-tails', 'against-hook', 'binoculars'] as const;
export type Measured = (typeof MEASURED)[number];

export const ATTEMPT_OUTCOMES = [
	'tied-on',
	'drifted',
	'refused',
	'short',
	'missed',
	'taken',
	'landed',
	'came-off',
	'put-down',
	'lost'
] as const;
/**
 * What became of a fly: tied on; drifted over the fish without an answer; turned away; taken short; the strike
 * missed; taken; landed; a hooked fish that came off; the fish put down; the fly lost.
 */
export type AttemptOutcome = (typeof ATTEMPT_OUTCOMES)[number];

/** How a fish refused a fly: it turned away, looked and sank, or bumped it with a shut mouth. */
export const REFUSALS = ['turned-away', 'sank', 'bumped'] as const;
export type Refusal = (typeof REFUSALS)[number];

/**
 * How a fly is brought to the fish: on the film by itself; under a dry fly; under an indicator; on a tight line; let
 * swing on one; drawn through still water, or hung in it.
 */
export const WAYS = [
	'dry',
	'under-dry',
	'indicator',
	'tight-line',
	'swung',
	'retrieved',
	'hung',
	'wind-drift'
] as const;
export type Way = (typeof WAYS)[number];

/** In which part of the drift a fish took: while the fly sank, drifted, swung round, or rose at the end. */
export const DRIFT_PARTS = ['sinking', 'drifting', 'swinging', 'rising'] as const;
export type DriftPart = (typeof DRIFT_PARTS)[number];

/** How a fly is moved: not at all, twitched or skated over the film; on still water drawn slowly, or pulled and paused. */
export const MOVES_OF_FLY = ['still', 'twitched', 'skated', 'slow-draw', 'pull-and-pause'] as const;
export type FlyMove = (typeof MOVES_OF_FLY)[number];

/** In what state a fly came back. */
export const FLY_STATES = ['fresh', 'weeded', 'worn', 'tipping-over'] as const;
export type FlyState = (typeof FLY_STATES)[number];

/** How a landed fish went off. */
export const RELEASES = ['at-once', 'held-a-while', 'hurt', 'kept'] as const;
export type Release = (typeof RELEASES)[number];

/** Where in the current a fish lies. */
export const LIES = ['seam', 'foam-lane', 'pool-tail', 'pocket', 'flat', 'edge', 'eddy', 'margin'] as const;
export type Lie = (typeof LIES)[number];
/** Those where nothing flows: under the wind's foam, over a flat, along an edge or the margin. */
export const LIES_WHERE_STILL = ['foam-lane', 'flat', 'edge', 'margin'] as const satisfies readonly Lie[];

export const FISH_SIZES = ['small', 'middling', 'large'] as const;
export type FishSize = (typeof FISH_SIZES)[number];

/** How easily a fish is put down. */
export const WARINESS = ['calm', 'wary', 'very-wary'] as const;
export type Wariness = (typeof WARINESS)[number];

/** How a hatch goes on. */
export const HATCH_TRENDS = ['growing', 'steady', 'fading'] as const;
export type HatchTrend = (typeof HATCH_TRENDS)[number];

/** The level against what is usual for this water. */
export const LEVELS = ['low', 'usual', 'high'] as const;
export type Level = (typeof LEVELS)[number];

/** What a length that was said is to the animal: about so long, longer than that, shorter. */
export const LENGTH_SAID = ['about', 'larger-than', 'smaller-than'] as const;

/** Which of several flies on one leader, from the rod down. */
export const WHICH_FLY = ['first', 'second', 'third'] as const;
export type WhichFly = (typeof WHICH_FLY)[number];

export const FATES = ['passed', 'taken'] as const;
/** What became of a natural that drifted over a fish. */
export type Fate = (typeof FATES)[number];

/** What can be done differently when a fish does not take. */
export const CHANGES = [
	'stay',
	'next-fish',
	'mend',
	'longer',
	'finer',
	'deeper',
	'shallower',
	'swing',
	'twitch',
	'second',
	'one-fly',
	'clean',
	'plain',
	'dressed',
	'position',
	'strike',
	'smaller',
	'larger',
	'posture',
	'stage',
	'insect',
	'rest',
	'outrageous'
] as const;
export type ChangeId = (typeof CHANGES)[number];

/** Kinds of reach: of a river, and of a lake. */
export const RIVER_REACHES = [
	'riffle',
	'run',
	'pool',
	'pocket-water',
	'glide',
	'braid',
	'eddy',
	'weir'
] as const;
export const LAKE_REACHES = ['bay', 'drop-off', 'weed-edge', 'inflow'] as const;
export const REACH_KINDS = [...RIVER_REACHES, ...LAKE_REACHES] as const;
export type ReachKind = (typeof REACH_KINDS)[number];

/** From where a line is laid to a fish, by the current. */
export const STANCES = ['below', 'below-and-across', 'across', 'above-and-across', 'above'] as const;
export type Stance = (typeof STANCES)[number];

/** How a guide keeps low. */
export const POSTURES = ['standing', 'kneeling', 'crouching', 'wading'] as const;
export type Posture = (typeof POSTURES)[number];

/** How the line is laid: what slack it has, and where. */
export const CASTS = ['straight', 'reach', 'pile', 'wiggle', 'mend'] as const;
export type Cast = (typeof CASTS)[number];

/** The banks, as one looks downstream. */
export const BANKS = ['left', 'right'] as const;
export type BankSide = (typeof BANKS)[number];

/** A reach drawn by hand has so many points. */
export const REACH_POINTS = { least: 1, most: 500 } as const;

/** A cross-section of a river is sketched in so many lanes. */
export const LANES = { least: 3, most: 7 } as const;
