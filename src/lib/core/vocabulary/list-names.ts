import type {
	Habitat,
	Abundance,
	FishSize,
	Lie,
	AttemptOutcome,
	LevelTrend,
	Light,
	Position,
	Measured,
	RiseForm,
	SampleMethod,
	Sky,
	Surface
} from './lists';

/** The words of the trade for what a note can say. */
export const METHOD_NAMES: Record<SampleMethod, string> = {
	'surface-net': 'Surface net',
	'kick-net': 'Kick net',
	stones: 'Turned stones',
	bank: 'Bank and reeds',
	'margin-strainer': 'Margin strainer',
	throat: 'Throat sample'
};

export const RISE_FORM_NAMES: Record<RiseForm, string> = {
	nose: 'Nose',
	'head-back-tail': 'Head, back, tail',
	bulge: 'Bulge',
	splash: 'Splash',
	crash: 'Crash',
	leap: 'Leap',
	weaving: 'Weaving',
	unsure: 'Not sure'
};

export const ABUNDANCE_NAMES: Record<Abundance, string> = {
	none: 'Looked, none',
	single: 'One or two',
	few: 'A few',
	many: 'Many',
	masses: 'Masses'
};

export const SKY_NAMES: Record<Sky, string> = {
	clear: 'Clear',
	broken: 'Broken cloud',
	overcast: 'Overcast',
	drizzle: 'Drizzle',
	rain: 'Rain',
	snow: 'Snow'
};

export const SURFACE_NAMES: Record<Surface, string> = {
	glassy: 'Glassy',
	rippled: 'Rippled',
	broken: 'Broken'
};

export const LEVEL_TREND_NAMES: Record<LevelTrend, string> = {
	falling: 'Falling',
	steady: 'Steady',
	rising: 'Rising'
};

export const LIE_NAMES: Record<Lie, string> = {
	seam: 'Seam',
	'foam-lane': 'Foam lane',
	'pool-tail': 'Pool tail',
	pocket: 'Pocket',
	flat: 'Flat',
	edge: 'Edge',
	eddy: 'Eddy',
	margin: 'Margin'
};

export const FISH_SIZE_NAMES: Record<FishSize, string> = {
	small: 'Small',
	middling: 'Middling',
	large: 'Large'
};

export const HABITAT_NAMES: Record<Habitat, string> = {
	riffle: 'Riffle',
	glide: 'Glide',
	pool: 'Pool',
	margin: 'Margin',
	weed: 'Weed',
	'foam-lane': 'Foam lane',
	film: 'Open surface'
};

export const MEASURED_NAMES: Record<Measured, string> = {
	body: 'Body only',
	'to-wing-tips': 'To wing tips',
	'with-tails': 'With tails',
	'against-hook': 'Against a hook',
	binoculars: 'Through binoculars'
};

export const ATTEMPT_OUTCOME_NAMES: Record<AttemptOutcome, string> = {
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
};

export const LIGHT_NAMES: Record<Light, string> = {
	even: 'Even',
	silver: 'Silver glare',
	shade: 'Deep shade'
};

export const POSITION_NAMES: Record<Position, string> = {
	below: 'From below',
	side: 'From the side',
	above: 'From above, fly first'
};
