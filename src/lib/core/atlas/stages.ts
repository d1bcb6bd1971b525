import { names } from '../message';

/** The life stages a fish may be eating; one list for capture, store and compute. */
export const LIFE_STAGES = [
	'larva',
	'nymph',
	'pupa',
	'emerger',
	'cripple',
	'dun',
	'adult',
	'egg-laying',
	'spinner',
	'terrestrial',
	'crustacean',
	'aquatic',
	'fry'
] as const;
export type LifeStage = (typeof LIFE_STAGES)[number];

/** Heights in the water column, from the bank down to the bed. */
export const COLUMN_ZONES = ['air', 'on-film', 'in-film', 'under-film', 'drift', 'bed'] as const;
export type ColumnZone = (typeof COLUMN_ZONES)[number];

/** Whether something at this height lies on the film or hangs in it. */
export const isSurface = (zone: ColumnZone): boolean => zone === 'on-film' || zone === 'in-film';

/** The groups a guide sorts a tray into first. */
export const GROUPS = [
	'mayfly',
	'stonefly',
	'caddisfly',
	'true-fly',
	'dragonfly',
	'alderfly',
	'bug',
	'beetle',
	'crustacean',
	'snail',
	'leech',
	'worm',
	'ant',
	'terrestrial',
	'fish'
] as const;
export type Group = (typeof GROUPS)[number];

export const ZONE_NAMES = names('zone', {
	air: 'Air and bank',
	'on-film': 'On the film',
	'in-film': 'In the film',
	'under-film': 'Just under',
	drift: 'Drift',
	bed: 'Bed'
} satisfies Record<ColumnZone, string>);

export const GROUP_NAMES = names('group', {
	mayfly: 'mayfly',
	stonefly: 'stonefly',
	caddisfly: 'caddis',
	'true-fly': 'midge',
	dragonfly: 'dragonfly',
	alderfly: 'alderfly',
	bug: 'bug',
	beetle: 'beetle',
	crustacean: 'crustacean',
	snail: 'snail',
	leech: 'leech',
	worm: 'worm',
	ant: 'ant',
	terrestrial: 'land insect',
	fish: 'fish'
} satisfies Record<Group, string>);

export const STAGE_NAMES = names('stage', {
	larva: 'larva',
	nymph: 'nymph',
	pupa: 'pupa',
	emerger: 'emerger',
	cripple: 'cripple',
	dun: 'dun',
	adult: 'adult',
	'egg-laying': 'egg-layer',
	spinner: 'spinner',
	terrestrial: 'on the water',
	crustacean: 'crustacean',
	aquatic: 'under water',
	fry: 'fry'
} satisfies Record<LifeStage, string>);
