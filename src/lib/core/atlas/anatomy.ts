import type { ColumnZone, Group, LifeStage } from './stages';

/** What can be seen of an animal's build: the marks it is told apart by, and what its drawing is made from. */
export interface Anatomy {
	tails: 0 | 1 | 2 | 3;
	/** Tail length as a share of body length. */
	tailLength: number;
	gills: 'none' | 'abdomen' | 'thorax' | 'tail';
	/** Pairs of wing pads to be seen. */
	wingPads: 0 | 1 | 2;
	build:
		| 'swimmer'
		| 'clinger'
		| 'burrower'
		| 'slender'
		| 'grub'
		| 'comma'
		| 'waisted'
		| 'stout'
		| 'scud'
		| 'oval'
		| 'shell'
		| 'ribbon'
		| 'fish'
		| 'crayfish'
		| 'crab'
		| 'flea'
		| 'egg';
	wings: 'none' | 'upright' | 'flat' | 'tent' | 'spent' | 'crumpled' | 'spread';
	/** Wing length as a share of body length. */
	wingLength: number;
	wingLook: 'cloudy' | 'clear' | 'patterned';
	antennae: 'short' | 'long' | 'elbowed' | 'feathery';
	legs: 0 | 6 | 8;
	case: 'none' | 'stones' | 'plants' | 'square';
	/** Hind legs made for jumping or rowing. */
	hindLegs: 'plain' | 'jumping' | 'rowing';
}

const plain: Anatomy = {
	tails: 0,
	tailLength: 0,
	gills: 'none',
	wingPads: 0,
	build: 'slender',
	wings: 'none',
	wingLength: 0,
	wingLook: 'cloudy',
	antennae: 'short',
	legs: 6,
	case: 'none',
	hindLegs: 'plain'
};

/** Marks by group and stage, after Merritt, Cummins & Berg (2008); a taxon states only where it differs. */
export const GROUP_ANATOMY: Record<Group, Partial<Record<LifeStage, Anatomy>>> = {
	mayfly: {
		nymph: { ...plain, tails: 3, tailLength: 0.6, gills: 'abdomen', wingPads: 1, build: 'swimmer' },
		emerger: { ...plain, tails: 3, tailLength: 0.5, wings: 'crumpled', wingLength: 0.5 },
		cripple: { ...plain, tails: 3, tailLength: 0.5, wings: 'crumpled', wingLength: 0.7 },
		dun: { ...plain, tails: 2, tailLength: 1, wings: 'upright', wingLength: 1.1 },
		spinner: { ...plain, tails: 2, tailLength: 1.8, wings: 'spent', wingLength: 1.05, wingLook: 'clear' }
	},
	stonefly: {
		nymph: { ...plain, tails: 2, tailLength: 0.7, wingPads: 2, build: 'clinger', antennae: 'long' },
		adult: { ...plain, tails: 2, tailLength: 0.3, wings: 'flat', wingLength: 1.1, antennae: 'long' },
		'egg-laying': { ...plain, tails: 2, tailLength: 0.3, wings: 'flat', wingLength: 1.1, antennae: 'long' }
	},
	caddisfly: {
		larva: { ...plain, build: 'grub', gills: 'none' },
		pupa: { ...plain, build: 'stout', wings: 'crumpled', wingLength: 0.5, antennae: 'long' },
		adult: { ...plain, wings: 'tent', wingLength: 1.25, antennae: 'long', wingLook: 'patterned' },
		'egg-laying': { ...plain, wings: 'tent', wingLength: 1.25, antennae: 'long', wingLook: 'patterned' }
	},
	'true-fly': {
		larva: { ...plain, build: 'grub', legs: 0 },
		pupa: { ...plain, build: 'comma', gills: 'thorax', legs: 0, wings: 'crumpled', wingLength: 0.25 },
		// What rises from a case on the bed in a bubble of air: a winged fly under water.
		emerger: { ...plain, build: 'stout', wings: 'crumpled', wingLength: 0.5, wingLook: 'clear' },
		adult: { ...plain, wings: 'flat', wingLength: 0.8, wingLook: 'clear', antennae: 'feathery' }
	},
	dragonfly: {
		nymph: { ...plain, build: 'stout', wingPads: 2 },
		adult: { ...plain, wings: 'spread', wingLength: 0.75, wingLook: 'clear' }
	},
	alderfly: {
		larva: { ...plain, build: 'slender', tails: 2, tailLength: 0.15, gills: 'abdomen' },
		adult: {
			...plain,
			build: 'stout',
			wings: 'tent',
			wingLength: 1.1,
			wingLook: 'patterned',
			antennae: 'long'
		}
	},
	bug: {
		aquatic: { ...plain, build: 'oval', hindLegs: 'rowing' },
		// After its flight: it falls onto the film and swims down.
		adult: { ...plain, build: 'oval', hindLegs: 'rowing' }
	},
	beetle: {
		larva: { ...plain, build: 'grub', tails: 2, tailLength: 0.15 },
		aquatic: { ...plain, build: 'oval', hindLegs: 'rowing' }
	},
	crustacean: { crustacean: { ...plain, build: 'scud', antennae: 'long' } },
	snail: {
		aquatic: { ...plain, build: 'shell', legs: 0 },
		// In the warmest weeks they hang by the foot beneath the film and drift.
		adult: { ...plain, build: 'shell', legs: 0 }
	},
	leech: { aquatic: { ...plain, build: 'ribbon', legs: 0 } },
	worm: { aquatic: { ...plain, build: 'ribbon', legs: 0 } },
	terrestrial: { terrestrial: { ...plain, build: 'oval' } },
	fish: { fry: { ...plain, build: 'fish', legs: 0 }, aquatic: { ...plain, build: 'egg', legs: 0 } },
	ant: {
		terrestrial: { ...plain, build: 'waisted', antennae: 'elbowed' },
		adult: {
			...plain,
			build: 'waisted',
			antennae: 'elbowed',
			wings: 'flat',
			wingLength: 1.1,
			wingLook: 'clear'
		}
	}
};

/** Where in the column each stage is when a fish takes it. */
export const GROUP_ZONES: Record<Group, Partial<Record<LifeStage, ColumnZone>>> = {
	mayfly: { nymph: 'drift', emerger: 'in-film', cripple: 'in-film', dun: 'on-film', spinner: 'on-film' },
	stonefly: { nymph: 'bed', adult: 'on-film', 'egg-laying': 'on-film' },
	caddisfly: { larva: 'bed', pupa: 'under-film', adult: 'on-film', 'egg-laying': 'on-film' },
	'true-fly': { larva: 'bed', pupa: 'in-film', emerger: 'under-film', adult: 'on-film' },
	dragonfly: { nymph: 'bed', adult: 'air' },
	alderfly: { larva: 'bed', adult: 'on-film' },
	bug: { aquatic: 'under-film', adult: 'on-film' },
	beetle: { larva: 'bed', aquatic: 'under-film' },
	crustacean: { crustacean: 'bed' },
	snail: { aquatic: 'bed', adult: 'in-film' },
	leech: { aquatic: 'bed' },
	worm: { aquatic: 'bed' },
	ant: { terrestrial: 'on-film', adult: 'on-film' },
	terrestrial: { terrestrial: 'on-film' },
	fish: { fry: 'under-film', aquatic: 'bed' }
};
