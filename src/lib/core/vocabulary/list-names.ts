import { names } from '../message';
import type { compassPoint } from '../units';
import type {
	Habitat,
	HatchTrend,
	Abundance,
	FishSize,
	Lie,
	AttemptOutcome,
	Level,
	LevelTrend,
	Light,
	Measured,
	RiseForm,
	SampleMethod,
	Sky,
	Surface,
	Wariness,
	Refusal,
	DriftPart,
	FlyMove,
	FlyState,
	Release,
	Way
} from './lists';

/** The words of the trade for what a note can say. */
export const METHOD_NAMES = names('method', {
	'surface-net': 'Surface net',
	'kick-net': 'Kick net',
	stones: 'Turned stones',
	bank: 'Bank and reeds',
	'margin-strainer': 'Margin strainer',
	throat: 'Throat sample'
} satisfies Record<SampleMethod, string>);

export const RISE_FORM_NAMES = names('rise-form', {
	nose: 'Nose',
	'head-back-tail': 'Head, back, tail',
	bulge: 'Bulge',
	splash: 'Splash',
	crash: 'Crash',
	leap: 'Leap',
	weaving: 'Weaving',
	'broke-film': 'Broke the film',
	lifted: 'Lifted beneath',
	unsure: 'Not sure'
} satisfies Record<RiseForm, string>);

export const ABUNDANCE_NAMES = names('abundance', {
	none: 'Looked, none',
	single: 'One or two',
	few: 'A few',
	many: 'Many',
	masses: 'Masses'
} satisfies Record<Abundance, string>);

export const SKY_NAMES = names('sky', {
	clear: 'Clear',
	broken: 'Broken cloud',
	overcast: 'Overcast',
	drizzle: 'Drizzle',
	rain: 'Rain',
	snow: 'Snow'
} satisfies Record<Sky, string>);

export const SURFACE_NAMES = names('surface', {
	glassy: 'Glassy',
	rippled: 'Rippled',
	broken: 'Broken'
} satisfies Record<Surface, string>);

export const LEVEL_TREND_NAMES = names('level-trend', {
	falling: 'Falling',
	steady: 'Steady',
	rising: 'Rising'
} satisfies Record<LevelTrend, string>);

export const LEVEL_NAMES = names('level', {
	low: 'Low',
	usual: 'Usual',
	high: 'High'
} satisfies Record<Level, string>);

export const HATCH_TREND_NAMES = names('hatch-trend', {
	growing: 'Growing',
	steady: 'Steady',
	fading: 'Fading'
} satisfies Record<HatchTrend, string>);

export const WARINESS_NAMES = names('wariness', {
	calm: 'Calm',
	wary: 'Wary',
	'very-wary': 'Very wary'
} satisfies Record<Wariness, string>);

export const LIE_NAMES = names('lie', {
	seam: 'Seam',
	'foam-lane': 'Foam lane',
	'pool-tail': 'Pool tail',
	pocket: 'Pocket',
	flat: 'Flat',
	edge: 'Edge',
	eddy: 'Eddy',
	margin: 'Margin'
} satisfies Record<Lie, string>);

export const FISH_SIZE_NAMES = names('fish-size', {
	small: 'Small',
	middling: 'Middling',
	large: 'Large'
} satisfies Record<FishSize, string>);

export const HABITAT_NAMES = names('habitat', {
	riffle: 'Riffle',
	glide: 'Glide',
	pool: 'Pool',
	margin: 'Margin',
	weed: 'Weed',
	'foam-lane': 'Foam lane',
	film: 'Open surface'
} satisfies Record<Habitat, string>);

export const MEASURED_NAMES = names('measured', {
	body: 'Body only',
	'to-wing-tips': 'To wing tips',
	'with-tails': 'With tails',
	'against-hook': 'Against a hook',
	binoculars: 'Through binoculars'
} satisfies Record<Measured, string>);

export const ATTEMPT_OUTCOME_NAMES = names('outcome', {
	'tied-on': 'Tied on',
	drifted: 'Drifted over, no answer',
	refused: 'Refused',
	short: 'Taken short',
	missed: 'Missed',
	taken: 'Taken',
	landed: 'Landed',
	'came-off': 'Came off',
	'put-down': 'Put down',
	lost: 'Fly lost'
} satisfies Record<AttemptOutcome, string>);

export const WAY_NAMES = names('way', {
	dry: 'On the film',
	'under-dry': 'Under a dry fly',
	indicator: 'Under an indicator',
	'tight-line': 'On a tight line',
	swung: 'Let swing',
	retrieved: 'Drawn through',
	hung: 'Hung, hardly moved',
	'wind-drift': 'Drifting with the wind'
} satisfies Record<Way, string>);

export const DRIFT_PART_NAMES = names('drift-part', {
	sinking: 'While it sank',
	drifting: 'Drifting',
	swinging: 'Swinging round',
	rising: 'Rising at the end'
} satisfies Record<DriftPart, string>);

export const FLY_MOVE_NAMES = names('fly-move', {
	still: 'Not moved',
	twitched: 'Twitched',
	skated: 'Skated',
	'slow-draw': 'Figure-of-eight, slowly',
	'pull-and-pause': 'Pulled and paused'
} satisfies Record<FlyMove, string>);

export const FLY_STATE_NAMES = names('fly-state', {
	fresh: 'Fly fresh',
	weeded: 'Weed on it',
	worn: 'Fly worn',
	'tipping-over': 'It tips over'
} satisfies Record<FlyState, string>);

export const RELEASE_NAMES = names('release', {
	'at-once': 'Swam off at once',
	'held-a-while': 'Held a while',
	hurt: 'Hurt',
	kept: 'Kept'
} satisfies Record<Release, string>);

export const REFUSAL_NAMES = names('refusal', {
	'turned-away': 'Turned away',
	sank: 'Looked and sank',
	bumped: 'Bumped it'
} satisfies Record<Refusal, string>);

export const LIGHT_NAMES = names('light', {
	even: 'Even',
	silver: 'Silver glare',
	shade: 'Deep shade'
} satisfies Record<Light, string>);

/** The points of the compass, as they are written beside a wind. */
export const COMPASS_NAMES = names('compass', {
	N: 'N',
	NE: 'NE',
	E: 'E',
	SE: 'SE',
	S: 'S',
	SW: 'SW',
	W: 'W',
	NW: 'NW'
} satisfies Record<ReturnType<typeof compassPoint>, string>);
