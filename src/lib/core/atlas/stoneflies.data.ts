import { AFTERNOON, EVENING, MIDDAY, NIGHT, hours, seasons, stages, water } from './compact';
import type { Taxon } from './taxon';

/** Stoneflies (Plecoptera). */
export const STONEFLIES: readonly Taxon[] = [
	{
		id: 'capnia',
		scientificName: 'Capnia',
		rank: 'genus',
		family: 'Capniidae',
		group: 'stonefly',
		commonName: 'small winter stonefly',
		localNames: [
			['winter stonefly', 'western-na', 'eastern-na'],
			['little black stonefly', 'eastern-na', 'western-na'],
			['slender early black', 'britain']
		],
		waters: { freestone: 0.6, tailwater: 0.2 },
		seasons: seasons([15, 65, 115]),
		emergence: 'crawls-out',
		emergenceHours: hours([[10, 13, 16]], [[9, 12, 15]]),
		flightHours: hours([[11, 13.5, 16]], [[10, 13, 16]]),
		waterC: water(1, 3, 7, 11),
		likes: 'mild',
		stages: stages([
			[
				'nymph',
				[5, 7, 9],
				'brown',
				'dark brown',
				undefined,
				{ anatomy: { build: 'slender' }, moves: 'crawls' }
			],
			['adult', [5, 7, 9], 'black-brown', 'black', 'charcoal'],
			['egg-laying', [6, 8, 10], 'black-brown', 'black', 'charcoal']
		]),
		marks: { nymph: { gills: 'none' }, winged: { wings: 'flat', 'tail-length': 'half' } },
		sources: ['hynes-1977', 'brittain-1990']
	},
	{
		id: 'leuctra',
		scientificName: 'Leuctra',
		rank: 'genus',
		family: 'Leuctridae',
		group: 'stonefly',
		commonName: 'needle fly',
		localNames: [
			['needle fly', 'britain', 'eastern-na'],
			['rolled-wing stonefly', 'eastern-na', 'western-na'],
			['willow fly', 'britain']
		],
		waters: { freestone: 0.7, tailwater: 0.3, 'spring-creek': 0.3 },
		seasons: seasons([95, 130, 170], [220, 262, 310]),
		emergence: 'crawls-out',
		emergenceHours: hours([[10, 13, 16]], [[8, 11, 15]]),
		flightHours: hours([[11, 14, 17]], [[15, 18, 20.5]]),
		waterC: water(4, 7, 14, 18),
		likes: 'any',
		stages: stages([
			['nymph', [5, 8, 10], 'tan', 'ginger', undefined, { anatomy: { build: 'slender' }, moves: 'crawls' }],
			['adult', [5, 7, 9], 'dark brown', 'black-brown', 'brown'],
			['egg-laying', [6, 8, 10], 'dark brown', 'black-brown', 'brown']
		]),
		marks: { nymph: { gills: 'none' }, winged: { wings: 'rolled', 'tail-length': 'stubs' } },
		sources: ['hynes-1977']
	},
	{
		id: 'nemoura',
		scientificName: 'Nemoura',
		rank: 'genus',
		family: 'Nemouridae',
		group: 'stonefly',
		commonName: 'small brown stonefly',
		localNames: [
			['early brown', 'britain'],
			['little brown stonefly', 'western-na', 'eastern-na']
		],
		waters: { freestone: 0.5, 'spring-creek': 0.35, tailwater: 0.2 },
		seasons: seasons([70, 110, 165]),
		emergence: 'crawls-out',
		emergenceHours: hours([[10, 13, 16]], [[9, 12, 15]]),
		flightHours: hours([[11, 14, 17]], [[14, 17, 20]]),
		waterC: water(4, 6, 12, 16),
		likes: 'any',
		stages: stages([
			['nymph', [5, 7, 9], 'brown', 'dark brown', undefined, { anatomy: { build: 'stout' } }],
			['adult', [6, 8, 9], 'brown', 'dark brown', 'brown'],
			['egg-laying', [6, 8, 10], 'brown', 'dark brown', 'brown']
		]),
		marks: { nymph: { gills: 'none' }, winged: { 'tail-length': 'stubs' } },
		sources: ['hynes-1977', 'brittain-1990']
	},
	{
		id: 'isoperla',
		scientificName: 'Isoperla',
		rank: 'genus',
		family: 'Perlodidae',
		group: 'stonefly',
		commonName: 'yellow stonefly',
		localNames: [
			['yellow sally', 'britain', 'western-na'],
			['little yellow stonefly', 'eastern-na', 'western-na'],
			['stripetail', 'western-na']
		],
		waters: { freestone: 0.6, tailwater: 0.3, 'spring-creek': 0.2 },
		seasons: seasons([118, 155, 205]),
		emergence: 'crawls-out',
		emergenceHours: hours([[10, 13, 16]], [[5, 8, 11]]),
		flightHours: hours([[12, 15, 18]], [[16, 19, 21]]),
		waterC: water(6, 9, 15, 19),
		likes: 'mild',
		years: [1, 1],
		stages: stages([
			['nymph', [9, 12, 16], 'pale yellow', 'brown-olive'],
			['adult', [8, 11, 14], 'sulphur', 'pale olive', 'pale yellow'],
			['egg-laying', [9, 12, 15], 'sulphur', 'pale olive', 'pale yellow']
		]),
		marks: { nymph: { back: 'striped' }, winged: { 'tail-length': 'half', back: 'striped' } },
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'perla',
		scientificName: 'Perla',
		rank: 'genus',
		family: 'Perlidae',
		group: 'stonefly',
		commonName: 'large stonefly',
		localNames: [
			['large stonefly', 'britain', 'alps'],
			['golden stonefly', 'western-na', 'eastern-na'],
			['creeper', 'britain']
		],
		waters: { freestone: 0.55, tailwater: 0.1 },
		seasons: seasons([125, 152, 190]),
		emergence: 'crawls-out',
		emergenceHours: hours(
			[[4, 6.5, 10]],
			[
				[3, 5, 8],
				[21, 23, 26]
			]
		),
		flightHours: hours([[12, 15, 18]], [[15, 18.5, 21]]),
		waterC: water(7, 9, 15, 19),
		likes: 'mild',
		years: [2, 3],
		stages: stages([
			['nymph', [18, 26, 35], 'sand', 'dark brown'],
			['adult', [16, 22, 28], 'ginger', 'dark brown', 'brown'],
			['egg-laying', [20, 25, 30], 'ginger', 'dark brown', 'brown']
		]),
		marks: { nymph: { gills: 'armpits', back: 'bold' }, winged: { 'tail-length': 'half', back: 'bold' } },
		sources: ['hynes-1977', 'brittain-1990']
	},
	{
		id: 'taeniopteryx',
		scientificName: 'Taeniopteryx',
		rank: 'genus',
		family: 'Taeniopterygidae',
		group: 'stonefly',
		commonName: 'early dark stonefly',
		localNames: [
			['early black stonefly', 'eastern-na'],
			['winter stonefly', 'western-na']
		],
		waters: { freestone: 0.4, tailwater: 0.15 },
		seasons: seasons([40, 75, 110]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: MIDDAY,
		waterC: water(2, 4, 8, 12),
		likes: 'mild',
		stages: stages([
			['nymph', [8, 11, 14], 'brown', 'dark brown'],
			['adult', [8, 10, 13], 'dark brown', 'black-brown', 'brown'],
			['egg-laying', [9, 11, 15], 'dark brown', 'black-brown', 'brown']
		]),
		marks: { nymph: { gills: 'armpits', back: 'striped' }, winged: { 'tail-length': 'stubs' } },
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'brachyptera',
		scientificName: 'Brachyptera',
		rank: 'genus',
		family: 'Taeniopterygidae',
		group: 'stonefly',
		commonName: 'february-red type',
		localNames: [
			['february red', 'britain'],
			['early brown stonefly', 'eastern-na']
		],
		waters: { freestone: 0.45 },
		seasons: seasons([45, 85, 125]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: MIDDAY,
		waterC: water(2, 4, 9, 13),
		likes: 'mild',
		stages: stages([
			['nymph', [7, 10, 12], 'tan', 'brown'],
			['adult', [7, 9, 11], 'chestnut', 'mahogany', 'chestnut'],
			['egg-laying', [8, 10, 13], 'chestnut', 'mahogany', 'chestnut']
		]),
		marks: {
			nymph: { gills: 'none', back: 'banded' },
			winged: { 'tail-length': 'stubs', 'wing-marks': 'bands' }
		},
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'protonemura',
		scientificName: 'Protonemura',
		rank: 'genus',
		family: 'Nemouridae',
		group: 'stonefly',
		commonName: 'moss stonefly',
		localNames: [
			['early brown', 'britain'],
			['moss stone', 'alps']
		],
		waters: { freestone: 0.5 },
		seasons: seasons([80, 120, 170]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(3, 6, 11, 15),
		likes: 'any',
		stages: stages([
			['nymph', [6, 8, 10], 'brown', 'dark brown'],
			['adult', [6, 8, 10], 'brown', 'dark brown', 'slate'],
			['egg-laying', [7, 9, 12], 'brown', 'dark brown', 'slate']
		]),
		marks: { nymph: { gills: 'neck' }, winged: { 'tail-length': 'stubs', 'wing-marks': 'spots' } },
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'amphinemura',
		scientificName: 'Amphinemura',
		rank: 'genus',
		family: 'Nemouridae',
		group: 'stonefly',
		commonName: 'small dusky stonefly',
		localNames: [
			['small brown', 'britain'],
			['little brown stonefly', 'western-na']
		],
		waters: { freestone: 0.4, 'spring-creek': 0.15 },
		seasons: seasons([105, 140, 185]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(5, 8, 13, 17),
		likes: 'any',
		stages: stages([
			['nymph', [4, 6, 7], 'brown', 'dark brown'],
			['adult', [4, 6, 7], 'dark brown', 'black-brown', 'charcoal'],
			['egg-laying', [5, 7, 9], 'dark brown', 'black-brown', 'charcoal']
		]),
		marks: { nymph: { gills: 'neck', 'gill-shape': 'bunch' }, winged: { 'tail-length': 'stubs' } },
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'siphonoperla',
		scientificName: 'Siphonoperla',
		rank: 'genus',
		family: 'Chloroperlidae',
		group: 'stonefly',
		commonName: 'small yellow stonefly',
		localNames: [
			['small yellow sally', 'britain'],
			['little yellow stonefly', 'alps']
		],
		waters: { freestone: 0.5 },
		seasons: seasons([120, 160, 215]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(6, 9, 14, 18),
		likes: 'mild',
		stages: stages([
			['nymph', [6, 8, 10], 'pale yellow', 'tan'],
			['adult', [6, 7, 9], 'sulphur', 'pale olive', 'pale yellow'],
			['egg-laying', [7, 8, 11], 'sulphur', 'pale olive', 'pale yellow']
		]),
		marks: { nymph: { back: 'plain' }, winged: { 'tail-length': 'half', back: 'striped' } },
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'alloperla',
		scientificName: 'Alloperla',
		rank: 'genus',
		family: 'Chloroperlidae',
		group: 'stonefly',
		commonName: 'green stonefly',
		localNames: [
			['green sally', 'western-na'],
			['little green stonefly', 'eastern-na', 'western-na']
		],
		waters: { freestone: 0.35 },
		seasons: seasons([145, 180, 220]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(6, 9, 14, 18),
		likes: 'mild',
		stages: stages([
			['nymph', [7, 9, 12], 'pale yellow', 'tan'],
			['adult', [7, 9, 11], 'apple green', 'apple green', 'pale yellow'],
			['egg-laying', [8, 10, 13], 'apple green', 'apple green', 'pale yellow']
		]),
		marks: { nymph: { back: 'plain' }, winged: { 'tail-length': 'half', back: 'plain' } },
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'perlodes',
		scientificName: 'Perlodes',
		rank: 'genus',
		family: 'Perlodidae',
		group: 'stonefly',
		commonName: 'large springfly',
		localNames: [
			['large springfly', 'alps'],
			['early springfly', 'western-na'],
			['creeper', 'britain']
		],
		waters: { freestone: 0.4, tailwater: 0.1 },
		seasons: seasons([80, 110, 145]),
		emergence: 'crawls-out',
		emergenceHours: NIGHT,
		flightHours: AFTERNOON,
		waterC: water(4, 6, 11, 15),
		likes: 'mild',
		years: [1, 1],
		stages: stages([
			['nymph', [17, 23, 30], 'pale yellow', 'brown'],
			['adult', [16, 20, 25], 'brown', 'dark brown', 'grey'],
			['egg-laying', [17, 21, 27], 'brown', 'dark brown', 'grey']
		]),
		marks: { nymph: { gills: 'none', back: 'bold' }, winged: { 'tail-length': 'half', back: 'striped' } },
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'dinocras',
		scientificName: 'Dinocras',
		rank: 'genus',
		family: 'Perlidae',
		group: 'stonefly',
		commonName: 'dark large stonefly',
		localNames: [
			['large stonefly', 'britain', 'alps', 'scandinavia'],
			['creeper', 'britain']
		],
		waters: { freestone: 0.4 },
		seasons: seasons([130, 158, 195]),
		emergence: 'crawls-out',
		emergenceHours: NIGHT,
		flightHours: EVENING,
		waterC: water(6, 9, 14, 18),
		likes: 'mild',
		years: [2, 3],
		stages: stages([
			['nymph', [18, 25, 33], 'sand', 'black-brown'],
			['adult', [16, 21, 26], 'dark brown', 'black-brown', 'dark brown'],
			['egg-laying', [17, 22, 28], 'dark brown', 'black-brown', 'dark brown']
		]),
		marks: { nymph: { gills: 'armpits', back: 'plain' }, winged: { 'tail-length': 'half', back: 'plain' } },
		sources: ['hynes-1977', 'brittain-1990']
	},
	{
		id: 'pteronarcys',
		scientificName: 'Pteronarcys',
		rank: 'genus',
		family: 'Pteronarcyidae',
		group: 'stonefly',
		commonName: 'giant stonefly',
		localNames: [
			['giant stonefly', 'western-na', 'eastern-na'],
			['salmonfly', 'western-na'],
			['willow fly', 'western-na']
		],
		waters: { freestone: 0.35, tailwater: 0.15 },
		seasons: seasons([125, 150, 180]),
		emergence: 'crawls-out',
		emergenceHours: NIGHT,
		flightHours: AFTERNOON,
		waterC: water(7, 9, 14, 18),
		likes: 'mild',
		years: [3, 4],
		stages: stages([
			['nymph', [30, 40, 52], 'dark brown', 'black-brown'],
			['adult', [28, 36, 45], 'orange', 'dark brown', 'brown'],
			['egg-laying', [29, 37, 47], 'orange', 'dark brown', 'brown']
		]),
		marks: {
			nymph: { gills: 'armpits', 'gill-shape': 'branched', back: 'plain' },
			winged: { 'tail-length': 'half' }
		},
		sources: ['hynes-1977', 'merritt-2008']
	}
];
