import { AFTERNOON, DAYLIGHT, EVENING, MIDDAY, seasons, stages, water } from './compact';
import type { Taxon } from './taxon';

const merritt = ['merritt-2008'] as const;
const pools = ['merritt-2008', 'thorp-covich-2010'] as const;
const always = seasons([1, 150, 366]);
const never = { emergence: 'never', emergenceHours: DAYLIGHT, flightHours: DAYLIGHT, likes: 'any' } as const;
const land = { emergence: 'land', emergenceHours: DAYLIGHT, flightHours: DAYLIGHT, likes: 'mild' } as const;

/** Flies, dragonflies, alderflies, bugs and beetles, crustaceans, snails, leeches, worms, land insects, and fry. */
export const OTHER_ANIMALS: readonly Taxon[] = [
	{
		id: 'chironomus',
		scientificName: 'Chironomus',
		rank: 'genus',
		group: 'true-fly',
		commonName: 'large lake midge',
		waters: { lake: 0.9, tailwater: 0.1 },
		seasons: seasons([85, 130, 190], [215, 250, 290]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(6, 9, 18, 23),
		likes: 'mild',
		stages: stages([
			['larva', [10, 17, 25], 'red', 'red'],
			['pupa', [9, 12, 16], 'charcoal', 'black-brown', 'pale grey'],
			['adult', [8, 11, 14], 'grey-olive', 'charcoal', 'clear']
		]),
		sources: ['armitage-1995']
	},
	{
		id: 'tipulidae',
		scientificName: 'Tipulidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'cranefly',
		waters: { freestone: 0.3, 'spring-creek': 0.3, lake: 0.2, tailwater: 0.2 },
		seasons: seasons([125, 170, 200], [225, 255, 290]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(6, 9, 17, 22),
		likes: 'any',
		stages: stages([
			['larva', [15, 25, 40], 'grey-olive', 'brown-olive'],
			['adult', [10, 16, 24], 'tan', 'brown', 'clear', { anatomy: { antennae: 'short', wings: 'flat' } }]
		]),
		sources: merritt
	},
	{
		id: 'chaoborus',
		scientificName: 'Chaoborus',
		rank: 'genus',
		group: 'true-fly',
		commonName: 'phantom midge',
		waters: { lake: 0.6 },
		seasons: seasons([125, 180, 260]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(9, 12, 20, 25),
		likes: 'mild',
		stages: stages([
			['larva', [8, 11, 14], 'clear', 'pale grey', undefined, { zone: 'under-film' }],
			['pupa', [6, 8, 9], 'sand', 'tan', 'pale grey'],
			['adult', [5, 6, 8], 'pale olive', 'grey-olive', 'clear']
		]),
		sources: merritt
	},
	{
		id: 'bibionidae',
		scientificName: 'Bibionidae',
		rank: 'family',
		group: 'terrestrial',
		commonName: 'dangling-leg fly',
		waters: { freestone: 0.3, tailwater: 0.3, 'spring-creek': 0.3, lake: 0.4 },
		seasons: seasons([105, 123, 145]),
		...land,
		waterC: water(6, 9, 18, 24),
		stages: stages([
			[
				'terrestrial',
				[6, 9, 12],
				'black',
				'black',
				'clear',
				{ anatomy: { build: 'stout', wings: 'flat', wingLength: 1, wingLook: 'clear' } }
			]
		]),
		sources: merritt
	},
	{
		id: 'anisoptera',
		scientificName: 'Anisoptera',
		rank: 'order',
		group: 'dragonfly',
		commonName: 'dragonfly',
		waters: { lake: 0.5, 'spring-creek': 0.15, tailwater: 0.1 },
		seasons: seasons([135, 185, 260]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: DAYLIGHT,
		waterC: water(9, 13, 21, 26),
		likes: 'mild',
		stages: stages([
			['nymph', [18, 28, 45], 'olive', 'mottled brown'],
			['adult', [35, 50, 75], 'olive', 'dark brown', 'clear']
		]),
		sources: merritt
	},
	{
		id: 'zygoptera',
		scientificName: 'Zygoptera',
		rank: 'order',
		group: 'dragonfly',
		commonName: 'damselfly',
		waters: { lake: 0.8, 'spring-creek': 0.3, tailwater: 0.15 },
		seasons: seasons([130, 165, 230]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: DAYLIGHT,
		waterC: water(10, 13, 21, 26),
		likes: 'mild',
		stages: stages([
			[
				'nymph',
				[12, 20, 28],
				'pale olive',
				'olive',
				undefined,
				{ anatomy: { build: 'slender', gills: 'tail' }, zone: 'under-film' }
			],
			['adult', [25, 33, 42], 'blue-grey', 'charcoal', 'clear', { anatomy: { build: 'slender' } }]
		]),
		sources: merritt
	},
	{
		id: 'sialis',
		scientificName: 'Sialis',
		rank: 'genus',
		group: 'alderfly',
		commonName: 'alderfly',
		waters: { lake: 0.4, 'spring-creek': 0.25, tailwater: 0.15 },
		seasons: seasons([115, 138, 170]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: DAYLIGHT,
		waterC: water(8, 11, 17, 22),
		likes: 'mild',
		stages: stages([
			['larva', [14, 20, 27], 'cinnamon', 'brown'],
			['adult', [10, 13, 16], 'dark brown', 'black-brown', 'mottled brown']
		]),
		sources: merritt
	},
	{
		id: 'corixidae',
		scientificName: 'Corixidae',
		rank: 'family',
		group: 'bug',
		commonName: 'water boatman',
		waters: { lake: 0.7, 'spring-creek': 0.2, tailwater: 0.1 },
		seasons: seasons([75, 265, 330]),
		...never,
		waterC: water(4, 8, 20, 26),
		stages: stages([['aquatic', [4, 8, 13], 'pale yellow', 'mottled brown']]),
		sources: merritt
	},
	{
		id: 'notonectidae',
		scientificName: 'Notonectidae',
		rank: 'family',
		group: 'bug',
		commonName: 'backswimmer',
		waters: { lake: 0.5, 'spring-creek': 0.1 },
		seasons: seasons([90, 250, 315]),
		...never,
		waterC: water(6, 10, 21, 26),
		stages: stages([['aquatic', [9, 13, 16], 'black-brown', 'sand']]),
		sources: merritt
	},
	{
		id: 'elmidae',
		scientificName: 'Elmidae',
		rank: 'family',
		group: 'beetle',
		commonName: 'riffle beetle',
		waters: { freestone: 0.4, tailwater: 0.3, 'spring-creek': 0.4 },
		seasons: always,
		...never,
		waterC: water(3, 7, 18, 23),
		stages: stages([
			['larva', [3, 5, 8], 'tan', 'brown'],
			[
				'aquatic',
				[1.5, 2.5, 4],
				'black-brown',
				'black',
				undefined,
				{ anatomy: { hindLegs: 'plain' }, zone: 'bed' }
			]
		]),
		sources: merritt
	},
	{
		id: 'dytiscidae',
		scientificName: 'Dytiscidae',
		rank: 'family',
		group: 'beetle',
		commonName: 'diving beetle',
		waters: { lake: 0.4, 'spring-creek': 0.15 },
		seasons: seasons([80, 190, 310]),
		...never,
		waterC: water(4, 9, 21, 26),
		stages: stages([
			['larva', [10, 22, 45], 'sand', 'brown-olive'],
			['aquatic', [5, 14, 32], 'dark brown', 'dark olive']
		]),
		sources: merritt
	},
	{
		id: 'gammarus',
		scientificName: 'Gammarus',
		rank: 'genus',
		group: 'crustacean',
		commonName: 'scud',
		waters: { 'spring-creek': 1, tailwater: 0.8, lake: 0.6, freestone: 0.2 },
		seasons: always,
		...never,
		waterC: water(2, 5, 18, 23),
		stages: stages([['crustacean', [5, 11, 20], 'grey-olive', 'grey-olive']]),
		sources: pools
	},
	{
		id: 'asellus',
		scientificName: 'Asellus',
		rank: 'genus',
		group: 'crustacean',
		commonName: 'sow bug',
		waters: { 'spring-creek': 0.6, tailwater: 0.4, lake: 0.4 },
		seasons: always,
		...never,
		waterC: water(2, 5, 20, 25),
		stages: stages([['crustacean', [5, 9, 15], 'grey', 'mottled brown']]),
		sources: pools
	},
	{
		id: 'daphnia',
		scientificName: 'Daphnia',
		rank: 'genus',
		group: 'crustacean',
		commonName: 'water flea',
		waters: { lake: 0.8 },
		seasons: seasons([95, 160, 300]),
		...never,
		waterC: water(6, 10, 20, 25),
		stages: stages([
			[
				'crustacean',
				[1, 2, 3.5],
				'orange',
				'pale olive',
				undefined,
				{ zone: 'under-film', anatomy: { build: 'flea' } }
			]
		]),
		sources: pools
	},
	{
		id: 'astacidae',
		scientificName: 'Astacidae',
		rank: 'family',
		group: 'crustacean',
		commonName: 'crayfish',
		waters: { lake: 0.3, 'spring-creek': 0.2, tailwater: 0.2, freestone: 0.1 },
		seasons: seasons([100, 200, 310]),
		...never,
		waterC: water(6, 11, 20, 25),
		stages: stages([
			['crustacean', [20, 45, 110], 'tan', 'brown-olive', undefined, { anatomy: { build: 'crayfish' } }]
		]),
		sources: pools
	},
	{
		id: 'lymnaeidae',
		scientificName: 'Lymnaeidae',
		rank: 'family',
		group: 'snail',
		commonName: 'pond snail',
		waters: { lake: 0.5, 'spring-creek': 0.4, tailwater: 0.2 },
		seasons: always,
		...never,
		waterC: water(3, 8, 21, 26),
		stages: stages([['aquatic', [4, 9, 25], 'grey-olive', 'brown']]),
		sources: pools
	},
	{
		id: 'planorbidae',
		scientificName: 'Planorbidae',
		rank: 'family',
		group: 'snail',
		commonName: 'ram’s-horn snail',
		waters: { lake: 0.4, 'spring-creek': 0.2 },
		seasons: always,
		...never,
		waterC: water(3, 8, 21, 26),
		stages: stages([['aquatic', [3, 7, 20], 'dark brown', 'chestnut']]),
		sources: pools
	},
	{
		id: 'erpobdellidae',
		scientificName: 'Erpobdellidae',
		rank: 'family',
		group: 'leech',
		commonName: 'leech',
		waters: { lake: 0.5, 'spring-creek': 0.3, tailwater: 0.3, freestone: 0.1 },
		seasons: always,
		...never,
		waterC: water(4, 8, 20, 25),
		stages: stages([['aquatic', [20, 35, 60], 'brown-olive', 'black-brown']]),
		sources: pools
	},
	{
		id: 'oligochaeta',
		scientificName: 'Oligochaeta',
		rank: 'class',
		group: 'worm',
		commonName: 'aquatic worm',
		waters: { tailwater: 0.6, 'spring-creek': 0.3, lake: 0.3, freestone: 0.2 },
		seasons: always,
		...never,
		waterC: water(1, 5, 20, 25),
		stages: stages([['aquatic', [15, 35, 80], 'rust', 'cinnamon']]),
		sources: pools
	},
	{
		id: 'acrididae',
		scientificName: 'Acrididae',
		rank: 'family',
		group: 'terrestrial',
		commonName: 'hopper',
		waters: { freestone: 0.4, tailwater: 0.4, 'spring-creek': 0.5, lake: 0.2 },
		seasons: seasons([185, 235, 285]),
		...land,
		waterC: water(9, 12, 20, 26),
		stages: stages([
			[
				'terrestrial',
				[12, 22, 35],
				'pale yellow',
				'pale olive',
				undefined,
				{ anatomy: { hindLegs: 'jumping' } }
			]
		]),
		sources: merritt
	},
	{
		id: 'coleoptera',
		scientificName: 'Coleoptera',
		rank: 'order',
		group: 'terrestrial',
		commonName: 'land beetle',
		waters: { freestone: 0.4, tailwater: 0.3, 'spring-creek': 0.4, lake: 0.4 },
		seasons: seasons([115, 180, 275]),
		...land,
		waterC: water(7, 10, 20, 26),
		stages: stages([['terrestrial', [4, 8, 14], 'black', 'black-brown']]),
		sources: merritt
	},
	{
		id: 'lepidoptera',
		scientificName: 'Lepidoptera',
		rank: 'order',
		group: 'terrestrial',
		commonName: 'caterpillar',
		waters: { freestone: 0.3, tailwater: 0.2, 'spring-creek': 0.3, lake: 0.2 },
		seasons: seasons([125, 160, 225]),
		...land,
		waterC: water(7, 10, 20, 26),
		stages: stages([
			['terrestrial', [10, 18, 30], 'apple green', 'bright green', undefined, { anatomy: { build: 'grub' } }]
		]),
		sources: merritt
	},
	{
		id: 'cicadellidae',
		scientificName: 'Cicadellidae',
		rank: 'family',
		group: 'terrestrial',
		commonName: 'leafhopper',
		waters: { freestone: 0.3, tailwater: 0.3, 'spring-creek': 0.5, lake: 0.2 },
		seasons: seasons([165, 220, 285]),
		...land,
		waterC: water(9, 12, 20, 26),
		stages: stages([
			[
				'terrestrial',
				[2.5, 4, 7],
				'pale yellow',
				'apple green',
				undefined,
				{ anatomy: { hindLegs: 'jumping' } }
			]
		]),
		sources: merritt
	},
	{
		id: 'phoxinus',
		scientificName: 'Phoxinus',
		rank: 'genus',
		group: 'fish',
		commonName: 'minnow fry',
		waters: { lake: 0.5, tailwater: 0.3, 'spring-creek': 0.3, freestone: 0.2 },
		seasons: seasons([165, 215, 290]),
		...never,
		waterC: water(8, 12, 20, 25),
		stages: stages([['fry', [12, 22, 40], 'pale grey', 'grey-olive']]),
		sources: ['kottelat-freyhof-2007']
	}
];
