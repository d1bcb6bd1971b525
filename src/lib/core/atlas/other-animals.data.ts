import { DAYLIGHT, MIDDAY, hours, seasons, stages, water } from './compact';
import type { Taxon } from './taxon';

/** Everything else that fish eat: dragonflies, alderflies, bugs, beetles, ants, crustaceans, snails, leeches, worms, land insects, fry. */
export const OTHER_ANIMALS: readonly Taxon[] = [
	{
		id: 'formicidae',
		scientificName: 'Formicidae',
		rank: 'family',
		group: 'ant',
		commonName: 'ant',
		localNames: [['flying ant', 'britain', 'eastern-na', 'western-na', 'alps', 'scandinavia', 'southern']],
		waters: { freestone: 0.5, tailwater: 0.4, 'spring-creek': 0.5, lake: 0.5 },
		seasons: seasons([118, 205, 285]),
		emergence: 'land',
		emergenceHours: hours([[11, 14, 17]], [[10, 15, 19]]),
		flightHours: hours([[12, 14.5, 17]], [[12, 16, 19]]),
		waterC: water(6, 10, 20, 26),
		likes: 'mild',
		stages: stages([
			['terrestrial', [3, 6, 12], 'black-brown', 'black'],
			['adult', [3, 7, 14], 'black-brown', 'black', 'clear']
		]),
		sources: ['hoelldobler-wilson-1990']
	},
	{
		id: 'anisoptera',
		scientificName: 'Anisoptera',
		rank: 'order',
		group: 'dragonfly',
		commonName: 'dragonfly',
		localNames: [
			['darner', 'western-na', 'eastern-na'],
			['mudeye', 'southern']
		],
		waters: { lake: 0.5, 'spring-creek': 0.15, tailwater: 0.1 },
		seasons: seasons([135, 185, 260]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: DAYLIGHT,
		waterC: water(9, 13, 21, 26),
		likes: 'mild',
		years: [1, 4],
		stages: stages([
			['nymph', [18, 28, 45], 'olive', 'mottled brown', undefined, { moves: 'crawls' }],
			['adult', [35, 50, 75], 'olive', 'dark brown', 'clear']
		]),
		sources: ['merritt-2008']
	},
	{
		id: 'zygoptera',
		scientificName: 'Zygoptera',
		rank: 'order',
		group: 'dragonfly',
		commonName: 'damselfly',
		localNames: [
			['bluet', 'western-na', 'eastern-na'],
			['mudeye', 'southern'],
			['demoiselle', 'britain']
		],
		waters: { lake: 0.8, 'spring-creek': 0.3, tailwater: 0.15 },
		seasons: seasons([130, 165, 230]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: DAYLIGHT,
		waterC: water(10, 13, 21, 26),
		likes: 'mild',
		years: [0.5, 2],
		stages: stages([
			[
				'nymph',
				[12, 20, 28],
				'pale olive',
				'olive',
				undefined,
				{ anatomy: { build: 'slender', gills: 'tail' }, zone: 'under-film', moves: 'wriggles' }
			],
			['adult', [25, 33, 42], 'blue-grey', 'charcoal', 'clear', { anatomy: { build: 'slender' } }]
		]),
		marks: { nymph: { 'tail-look': 'leaves', tails: '3', gills: 'tail' } },
		sources: ['merritt-2008']
	},
	{
		id: 'sialis',
		scientificName: 'Sialis',
		rank: 'genus',
		family: 'Sialidae',
		group: 'alderfly',
		commonName: 'alderfly',
		localNames: [['alder', 'britain', 'western-na', 'eastern-na']],
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
		marks: {
			larva: { gills: 'abdomen', 'gill-shape': 'side', head: 'dark' },
			adult: { 'wing-marks': 'veins' }
		},
		sources: ['merritt-2008']
	},
	{
		id: 'corixidae',
		scientificName: 'Corixidae',
		rank: 'family',
		group: 'bug',
		commonName: 'water boatman',
		localNames: [
			['corixa', 'britain'],
			['lesser boatman', 'britain'],
			['water boatman', 'western-na', 'eastern-na', 'southern']
		],
		waters: { lake: 0.7, 'spring-creek': 0.2, tailwater: 0.1 },
		seasons: seasons([75, 265, 330]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(4, 8, 20, 26),
		likes: 'any',
		stages: stages([['aquatic', [4, 8, 13], 'pale yellow', 'mottled brown']]),
		marks: { aquatic: { side: 'above', back: 'banded' } },
		sources: ['merritt-2008']
	},
	{
		id: 'notonectidae',
		scientificName: 'Notonectidae',
		rank: 'family',
		group: 'bug',
		commonName: 'backswimmer',
		localNames: [
			['water boatman', 'britain'],
			['greater boatman', 'britain'],
			['backswimmer', 'western-na', 'eastern-na', 'southern']
		],
		waters: { lake: 0.5, 'spring-creek': 0.1 },
		seasons: seasons([90, 250, 315]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(6, 10, 21, 26),
		likes: 'any',
		stages: stages([['aquatic', [9, 13, 16], 'black-brown', 'sand']]),
		marks: { aquatic: { side: 'sides', back: 'bold' } },
		sources: ['merritt-2008']
	},
	{
		id: 'elmidae',
		scientificName: 'Elmidae',
		rank: 'family',
		group: 'beetle',
		commonName: 'riffle beetle',
		localNames: [['riffle beetle', 'western-na', 'eastern-na']],
		waters: { freestone: 0.4, tailwater: 0.3, 'spring-creek': 0.4 },
		seasons: seasons([1, 150, 366]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(3, 7, 18, 23),
		likes: 'any',
		stages: stages([
			['larva', [3, 5, 8], 'tan', 'brown'],
			[
				'aquatic',
				[1.5, 2.5, 4],
				'black-brown',
				'black',
				undefined,
				{ anatomy: { hindLegs: 'plain' }, zone: 'bed', moves: 'clings' }
			]
		]),
		marks: { larva: { head: 'dark' } },
		sources: ['merritt-2008']
	},
	{
		id: 'dytiscidae',
		scientificName: 'Dytiscidae',
		rank: 'family',
		group: 'beetle',
		commonName: 'diving beetle',
		localNames: [['water tiger', 'britain', 'eastern-na']],
		waters: { lake: 0.4, 'spring-creek': 0.15 },
		seasons: seasons([80, 190, 310]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(4, 9, 21, 26),
		likes: 'any',
		stages: stages([
			['larva', [10, 22, 45], 'sand', 'brown-olive'],
			['aquatic', [5, 14, 32], 'dark brown', 'dark olive']
		]),
		marks: { larva: { head: 'spotted', forelegs: 'fringed' } },
		sources: ['merritt-2008']
	},
	{
		id: 'gammarus',
		scientificName: 'Gammarus',
		rank: 'genus',
		family: 'Gammaridae',
		group: 'crustacean',
		commonName: 'scud',
		localNames: [
			['freshwater shrimp', 'britain', 'alps'],
			['scud', 'western-na', 'eastern-na'],
			['sideswimmer', 'eastern-na']
		],
		waters: { 'spring-creek': 1, tailwater: 0.8, lake: 0.6, freestone: 0.2 },
		seasons: seasons([1, 150, 366]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(2, 5, 18, 23),
		likes: 'any',
		stages: stages([['crustacean', [5, 11, 20], 'grey-olive', 'grey-olive']]),
		marks: { crustacean: { side: 'sides' } },
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'asellus',
		scientificName: 'Asellus',
		rank: 'genus',
		family: 'Asellidae',
		order: 'Isopoda',
		group: 'crustacean',
		commonName: 'sow bug',
		localNames: [
			['hog louse', 'britain'],
			['cress bug', 'eastern-na'],
			['sow bug', 'western-na']
		],
		waters: { 'spring-creek': 0.6, tailwater: 0.4, lake: 0.4 },
		seasons: seasons([1, 150, 366]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(2, 5, 20, 25),
		likes: 'any',
		years: [0.5, 1],
		stages: stages([['crustacean', [5, 9, 15], 'grey', 'mottled brown', undefined, { moves: 'crawls' }]]),
		marks: { crustacean: { side: 'above' } },
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'daphnia',
		scientificName: 'Daphnia',
		rank: 'genus',
		family: 'Daphniidae',
		order: 'Anomopoda',
		class: 'Branchiopoda',
		group: 'crustacean',
		commonName: 'water flea',
		localNames: [
			['water flea', 'britain', 'western-na', 'eastern-na'],
			['cladoceran', 'alps']
		],
		waters: { lake: 0.8 },
		seasons: seasons([95, 160, 300]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(6, 10, 20, 25),
		likes: 'any',
		years: [0.05, 0.1],
		stages: stages([
			[
				'crustacean',
				[1, 2, 3.5],
				'orange',
				'pale olive',
				undefined,
				{ anatomy: { build: 'flea' }, zone: 'under-film' }
			]
		]),
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'astacidae',
		scientificName: 'Astacidae',
		rank: 'family',
		order: 'Decapoda',
		group: 'crustacean',
		commonName: 'crayfish',
		localNames: [
			['crawfish', 'eastern-na'],
			['crawdad', 'western-na'],
			['yabby', 'southern']
		],
		waters: { lake: 0.3, 'spring-creek': 0.2, tailwater: 0.2, freestone: 0.1 },
		seasons: seasons([100, 200, 310]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(6, 11, 20, 25),
		likes: 'any',
		years: [2, 4],
		stages: stages([
			[
				'crustacean',
				[20, 45, 110],
				'tan',
				'brown-olive',
				undefined,
				{ anatomy: { build: 'crayfish' }, moves: 'crawls' }
			]
		]),
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'lymnaeidae',
		scientificName: 'Lymnaeidae',
		rank: 'family',
		group: 'snail',
		commonName: 'pond snail',
		localNames: [['wandering snail', 'britain']],
		waters: { lake: 0.5, 'spring-creek': 0.4, tailwater: 0.2 },
		seasons: seasons([1, 150, 366]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(3, 8, 21, 26),
		likes: 'any',
		stages: stages([['aquatic', [4, 9, 25], 'grey-olive', 'brown']]),
		marks: { aquatic: { side: 'spire' } },
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'planorbidae',
		scientificName: 'Planorbidae',
		rank: 'family',
		group: 'snail',
		commonName: 'ram’s-horn snail',
		localNames: [['ramshorn', 'britain', 'eastern-na']],
		waters: { lake: 0.4, 'spring-creek': 0.2 },
		seasons: seasons([1, 150, 366]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(3, 8, 21, 26),
		likes: 'any',
		stages: stages([['aquatic', [3, 7, 20], 'dark brown', 'chestnut']]),
		marks: { aquatic: { side: 'coil' } },
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'erpobdellidae',
		scientificName: 'Erpobdellidae',
		rank: 'family',
		group: 'leech',
		commonName: 'leech',
		waters: { lake: 0.5, 'spring-creek': 0.3, tailwater: 0.3, freestone: 0.1 },
		seasons: seasons([1, 150, 366]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(4, 8, 20, 25),
		likes: 'any',
		stages: stages([['aquatic', [20, 35, 60], 'brown-olive', 'black-brown']]),
		marks: { aquatic: { side: 'above', head: 'tiny', back: 'plain' } },
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'oligochaeta',
		scientificName: 'Oligochaeta',
		rank: 'class',
		group: 'worm',
		commonName: 'aquatic worm',
		localNames: [
			['tubifex', 'britain'],
			['aquatic earthworm', 'western-na']
		],
		waters: { tailwater: 0.6, 'spring-creek': 0.3, lake: 0.3, freestone: 0.2 },
		seasons: seasons([1, 150, 366]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(1, 5, 20, 25),
		likes: 'any',
		stages: stages([['aquatic', [15, 35, 80], 'rust', 'cinnamon']]),
		marks: { aquatic: { side: 'round', head: 'tiny', back: 'banded' } },
		sources: ['merritt-2008', 'thorp-covich-2010']
	},
	{
		id: 'acrididae',
		scientificName: 'Acrididae',
		rank: 'family',
		order: 'Orthoptera',
		group: 'terrestrial',
		commonName: 'hopper',
		localNames: [['grasshopper', 'britain', 'western-na', 'eastern-na', 'southern']],
		waters: { freestone: 0.4, tailwater: 0.4, 'spring-creek': 0.5, lake: 0.2 },
		seasons: seasons([185, 235, 285]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(9, 12, 20, 26),
		likes: 'mild',
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
		sources: ['merritt-2008']
	},
	{
		id: 'coleoptera',
		scientificName: 'Coleoptera',
		rank: 'order',
		group: 'terrestrial',
		commonName: 'land beetle',
		localNames: [
			['green beetle', 'southern'],
			['june bug', 'eastern-na']
		],
		waters: { freestone: 0.4, tailwater: 0.3, 'spring-creek': 0.4, lake: 0.4 },
		seasons: seasons([115, 180, 275]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(7, 10, 20, 26),
		likes: 'mild',
		stages: stages([['terrestrial', [4, 8, 14], 'black', 'black-brown']]),
		sources: ['merritt-2008']
	},
	{
		id: 'lepidoptera',
		scientificName: 'Lepidoptera',
		rank: 'order',
		order: 'Lepidoptera',
		group: 'terrestrial',
		commonName: 'caterpillar',
		localNames: [
			['inchworm', 'eastern-na'],
			['oak worm', 'eastern-na']
		],
		waters: { freestone: 0.3, tailwater: 0.2, 'spring-creek': 0.3, lake: 0.2 },
		seasons: seasons([125, 160, 225]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(7, 10, 20, 26),
		likes: 'mild',
		stages: stages([
			[
				'terrestrial',
				[10, 18, 30],
				'apple green',
				'bright green',
				undefined,
				{ anatomy: { build: 'grub' }, moves: 'wriggles' }
			]
		]),
		marks: { terrestrial: { head: 'dark' } },
		sources: ['merritt-2008']
	},
	{
		id: 'cicadellidae',
		scientificName: 'Cicadellidae',
		rank: 'family',
		order: 'Hemiptera',
		group: 'terrestrial',
		commonName: 'leafhopper',
		localNames: [
			['jassid', 'eastern-na', 'southern'],
			['froghopper', 'britain']
		],
		waters: { freestone: 0.3, tailwater: 0.3, 'spring-creek': 0.5, lake: 0.2 },
		seasons: seasons([165, 220, 285]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(9, 12, 20, 26),
		likes: 'mild',
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
		sources: ['merritt-2008']
	},
	{
		id: 'phoxinus',
		scientificName: 'Phoxinus',
		rank: 'genus',
		family: 'Leuciscidae',
		group: 'fish',
		commonName: 'minnow fry',
		localNames: [
			['minnow', 'britain', 'alps'],
			['pin fry', 'britain']
		],
		waters: { lake: 0.5, tailwater: 0.3, 'spring-creek': 0.3, freestone: 0.2 },
		seasons: seasons([165, 215, 290]),
		emergence: 'never',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(8, 12, 20, 25),
		likes: 'any',
		stages: stages([['fry', [12, 22, 40], 'pale grey', 'grey-olive']]),
		marks: { fry: { back: 'striped' } },
		sources: ['kottelat-freyhof-2007']
	}
];
