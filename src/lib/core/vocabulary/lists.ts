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

/** How a fish showed itself. */
export const RISE_FORMS = [
	'nose',
	'head-back-tail',
	'bulge',
	'splash',
	'crash',
	'leap',
	'weaving',
	'unsure'
] as const;
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

export const SIGNS = ['insects', 'shucks', 'swarm'] as const;
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

/** Where in the current a fish lies. */
export const LIES = ['seam', 'foam-lane', 'pool-tail', 'pocket', 'flat', 'edge', 'eddy', 'margin'] as const;
export type Lie = (typeof LIES)[number];
/** Those where nothing flows: under the wind's foam, over a flat, along an edge or the margin. */
export const LIES_WHERE_STILL = ['foam-lane', 'flat', 'edge', 'margin'] as const satisfies readonly Lie[];

export const FISH_SIZES = ['small', 'middling', 'large'] as const;
export type FishSize = (typeof FISH_SIZES)[number];

export const FATES = ['passed', 'taken'] as const;
/** What became of a natural that drifted over a fish. */
export type Fate = (typeof FATES)[number];

/** What can be done differently when a fish does not take. */
export type ChangeId =
	| 'stay'
	| 'next-fish'
	| 'mend'
	| 'finer'
	| 'position'
	| 'smaller'
	| 'larger'
	| 'posture'
	| 'stage'
	| 'insect'
	| 'rest'
	| 'outrageous';
