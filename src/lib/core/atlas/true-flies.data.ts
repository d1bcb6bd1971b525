import {
	AFTERNOON,
	DAYLIGHT,
	DUSK,
	EUROPE,
	EVENING,
	EVERYWHERE,
	HOLARCTIC,
	MIDDAY,
	NORTH_AMERICA,
	hours,
	seasons,
	stages,
	water
} from './compact';
import type { Taxon } from './taxon';

/** True flies (Diptera): midges, blackflies, crane flies. */
export const TRUE_FLIES: readonly Taxon[] = [
	{
		id: 'chironomidae',
		scientificName: 'Chironomidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'midge',
		lives: EVERYWHERE,
		localNames: [
			['buzzer', 'british-isles'],
			[
				'midge',
				'eastern-na',
				'western-na',
				'western-europe',
				'northern-europe',
				'mediterranean',
				'new-zealand',
				'australia',
				'patagonia',
				'japan'
			],
			['gnat', 'british-isles', 'eastern-na'],
			['snow fly', 'western-na']
		],
		waters: { freestone: 0.5, tailwater: 0.9, 'spring-creek': 0.7, lake: 1 },
		seasons: seasons([310, 400, 465], [60, 115, 200], [150, 250, 345]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[9, 12.5, 16]],
			[
				[4.5, 7, 10.5],
				[17.5, 20.5, 23]
			]
		),
		flightHours: hours([[11, 14, 17]], [[18, 20.5, 22.5]]),
		waterC: water(-1, 3, 18, 24),
		likes: 'any',
		stages: stages([
			['larva', [4, 9, 18], 'pale olive', 'olive', undefined, { moves: 'wriggles' }],
			['pupa', [3, 5.5, 12], 'charcoal', 'black-brown', 'pale grey'],
			['adult', [3, 5, 11], 'charcoal', 'black', 'clear']
		]),
		marks: { larva: { head: 'dark', back: 'plain' }, adult: { forelegs: 'long' } },
		sources: ['armitage-1995', 'merritt-2008']
	},
	{
		id: 'simuliidae',
		scientificName: 'Simuliidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'blackfly',
		lives: EVERYWHERE,
		localNames: [
			['reed smut', 'british-isles'],
			['black fly', 'eastern-na', 'western-na', 'western-europe', 'northern-europe', 'new-zealand'],
			['sandfly', 'new-zealand'],
			['buffalo gnat', 'western-na', 'eastern-na']
		],
		waters: { freestone: 0.5, tailwater: 0.4, 'spring-creek': 0.6 },
		seasons: seasons([85, 150, 290]),
		emergence: 'open-water',
		emergenceHours: hours([[10, 13, 16]], [[7, 10, 13]]),
		flightHours: hours([[12, 14, 17]], [[17, 19, 21]]),
		waterC: water(5, 9, 18, 22),
		likes: 'any',
		years: [0.2, 1],
		stages: stages([
			[
				'larva',
				[4, 6, 10],
				'grey-olive',
				'brown-olive',
				undefined,
				{ anatomy: { build: 'stout' }, moves: 'clings' }
			],
			['pupa', [3, 4, 5], 'brown', 'dark brown', 'pale grey', { zone: 'bed' }],
			['emerger', [2.5, 3.5, 5], 'charcoal', 'black', 'clear'],
			[
				'adult',
				[2.5, 3.5, 5],
				'charcoal',
				'black',
				'clear',
				{ anatomy: { antennae: 'short', build: 'stout' }, moves: 'flutters' }
			]
		]),
		marks: {
			larva: { head: 'dark' },
			pupa: { forelegs: 'plain' },
			adult: { antennae: 'short', back: 'plain' }
		},
		sources: ['merritt-2008']
	},
	{
		id: 'chironomus',
		scientificName: 'Chironomus',
		rank: 'genus',
		family: 'Chironomidae',
		group: 'true-fly',
		commonName: 'large lake midge',
		lives: EVERYWHERE,
		localNames: [
			['buzzer', 'british-isles'],
			['duck fly', 'british-isles'],
			['bloodworm', 'british-isles', 'western-na', 'eastern-na', 'western-europe', 'new-zealand']
		],
		waters: { lake: 0.9, tailwater: 0.1 },
		seasons: seasons([85, 130, 190], [215, 250, 290]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(6, 9, 18, 23),
		likes: 'mild',
		years: [0.3, 1],
		stages: stages([
			['larva', [10, 17, 25], 'red', 'red', undefined, { moves: 'wriggles' }],
			['pupa', [9, 12, 16], 'charcoal', 'black-brown', 'pale grey'],
			['adult', [8, 11, 14], 'grey-olive', 'charcoal', 'clear']
		]),
		marks: { larva: { head: 'dark', gills: 'tail' }, adult: { forelegs: 'long' } },
		sources: ['armitage-1995']
	},
	{
		id: 'tipulidae',
		scientificName: 'Tipulidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'cranefly',
		lives: EVERYWHERE,
		localNames: [
			['daddy-long-legs', 'british-isles', 'new-zealand', 'australia'],
			['cranefly', 'british-isles', 'western-na', 'eastern-na'],
			['leatherjacket', 'british-isles']
		],
		waters: { freestone: 0.3, 'spring-creek': 0.3, lake: 0.2, tailwater: 0.2 },
		seasons: seasons([125, 170, 200], [225, 255, 290]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(6, 9, 17, 22),
		likes: 'any',
		years: [0.5, 1],
		stages: stages([
			['larva', [15, 25, 40], 'grey-olive', 'brown-olive', undefined, { moves: 'crawls' }],
			[
				'adult',
				[10, 16, 24],
				'tan',
				'brown',
				'clear',
				{ anatomy: { antennae: 'short', wings: 'flat' }, moves: 'flutters' }
			]
		]),
		marks: { larva: { head: 'tiny', gills: 'tail' }, adult: { forelegs: 'long' } },
		sources: ['merritt-2008']
	},
	{
		id: 'chaoborus',
		scientificName: 'Chaoborus',
		rank: 'genus',
		family: 'Chaoboridae',
		group: 'true-fly',
		commonName: 'phantom midge',
		lives: [...HOLARCTIC, 'australia'],
		localNames: [
			['phantom larva', 'british-isles'],
			['glassworm', 'western-na', 'eastern-na']
		],
		waters: { lake: 0.6 },
		seasons: seasons([125, 180, 260]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(9, 12, 20, 25),
		likes: 'mild',
		stages: stages([
			['larva', [8, 11, 14], 'clear', 'pale grey', undefined, { zone: 'drift', moves: 'stays' }],
			['pupa', [6, 8, 9], 'sand', 'tan', 'pale grey'],
			['adult', [5, 6, 8], 'pale olive', 'grey-olive', 'clear']
		]),
		marks: { larva: { head: 'pale' }, pupa: { back: 'plain' } },
		sources: ['merritt-2008']
	},
	{
		id: 'bibionidae',
		scientificName: 'Bibionidae',
		rank: 'family',
		order: 'Diptera',
		group: 'terrestrial',
		commonName: 'dangling-leg fly',
		lives: HOLARCTIC,
		localNames: [
			['hawthorn fly', 'british-isles', 'western-europe'],
			['black gnat', 'british-isles'],
			['heather fly', 'british-isles', 'northern-europe'],
			['march fly', 'eastern-na', 'western-na']
		],
		waters: { freestone: 0.3, tailwater: 0.3, 'spring-creek': 0.3, lake: 0.4 },
		seasons: seasons([105, 123, 145], [205, 230, 260]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(6, 9, 18, 24),
		airC: { least: 10, best: 15 },
		likes: 'mild',
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
		marks: { terrestrial: { forelegs: 'trailing' } },
		sources: ['triplehorn-johnson-2005']
	},
	{
		id: 'blephariceridae',
		scientificName: 'Blephariceridae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'net-winged midge',
		lives: [
			'western-europe',
			'mediterranean',
			...NORTH_AMERICA,
			'japan',
			'new-zealand',
			'australia',
			'patagonia'
		],
		waters: { freestone: 0.25 },
		seasons: seasons([120, 165, 215]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(4, 7, 13, 17),
		likes: 'any',
		stages: stages([
			[
				'larva',
				[5, 7, 9],
				'grey-olive',
				'dark brown',
				undefined,
				{ anatomy: { build: 'stout' }, moves: 'clings' }
			],
			['pupa', [4, 6, 8], 'dark brown', 'black', 'pale grey', { zone: 'bed' }],
			['adult', [5, 7, 9], 'grey', 'charcoal', 'clear', { moves: 'flutters' }]
		]),
		sources: ['merritt-2008']
	},
	{
		id: 'ceratopogonidae',
		scientificName: 'Ceratopogonidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'biting midge',
		lives: EVERYWHERE,
		localNames: [['no-see-um', 'eastern-na', 'western-na']],
		waters: { lake: 0.12, 'spring-creek': 0.08, freestone: 0.05, tailwater: 0.05 },
		seasons: seasons([120, 180, 260]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(7, 11, 20, 26),
		likes: 'mild',
		stages: stages([
			['larva', [4, 7, 12], 'cream', 'sand', undefined, { anatomy: { build: 'slender' }, moves: 'wriggles' }],
			['pupa', [2, 3, 4], 'tan', 'brown', 'pale grey'],
			['adult', [1, 2, 3], 'charcoal', 'black', 'clear']
		]),
		sources: ['merritt-2008']
	},
	{
		id: 'athericidae',
		scientificName: 'Athericidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'stream snipe fly',
		lives: HOLARCTIC,
		waters: { freestone: 0.25, 'spring-creek': 0.15, tailwater: 0.1 },
		seasons: seasons([145, 175, 215]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(5, 9, 17, 21),
		likes: 'any',
		stages: stages([
			['larva', [9, 14, 20], 'pale olive', 'brown', undefined, { moves: 'crawls' }],
			[
				'adult',
				[7, 9, 11],
				'grey',
				'brown',
				'mottled brown',
				{ anatomy: { build: 'stout', antennae: 'short' } }
			]
		]),
		marks: { larva: { head: 'tiny' } },
		sources: ['merritt-2008']
	},
	{
		id: 'tabanidae',
		scientificName: 'Tabanidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'horsefly',
		lives: EVERYWHERE,
		localNames: [
			['cleg', 'british-isles'],
			['deer fly', 'eastern-na', 'western-na']
		],
		waters: { lake: 0.15, 'spring-creek': 0.1, freestone: 0.05 },
		seasons: seasons([150, 195, 245]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: DAYLIGHT,
		waterC: water(10, 14, 22, 27),
		likes: 'mild',
		stages: stages([
			['larva', [12, 22, 35], 'cream', 'tan', undefined, { moves: 'crawls' }],
			[
				'adult',
				[9, 13, 20],
				'grey-olive',
				'brown',
				'clear',
				{ anatomy: { build: 'stout', antennae: 'short' }, moves: 'kicks' }
			]
		]),
		marks: { larva: { head: 'tiny' } },
		sources: ['merritt-2008']
	},
	{
		id: 'culicidae',
		scientificName: 'Culicidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'mosquito',
		lives: EVERYWHERE,
		waters: { lake: 0.08 },
		seasons: seasons([115, 175, 250]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(8, 13, 22, 28),
		likes: 'mild',
		stages: stages([
			['larva', [4, 7, 10], 'tan', 'brown', undefined, { zone: 'under-film', moves: 'hangs' }],
			['pupa', [4, 6, 7], 'brown', 'dark brown', 'pale grey'],
			['adult', [4, 6, 8], 'grey', 'brown', 'clear']
		]),
		sources: ['merritt-2008']
	},
	{
		id: 'scathophagidae',
		scientificName: 'Scathophagidae',
		rank: 'family',
		order: 'Diptera',
		group: 'terrestrial',
		commonName: 'dung fly',
		lives: [...EUROPE, ...NORTH_AMERICA, 'japan'],
		localNames: [
			['cow-dung fly', 'british-isles'],
			['dung fly', 'british-isles', 'western-europe', 'northern-europe']
		],
		waters: { freestone: 0.25, tailwater: 0.25, 'spring-creek': 0.3, lake: 0.3 },
		seasons: seasons([75, 115, 165], [235, 265, 300]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(4, 7, 18, 24),
		airC: { least: 7, best: 13 },
		likes: 'any',
		stages: stages([
			[
				'terrestrial',
				[7, 9, 11],
				'ginger',
				'ginger',
				'clear',
				{ anatomy: { build: 'stout', wings: 'flat', wingLength: 1, wingLook: 'clear' } }
			]
		]),
		sources: ['triplehorn-johnson-2005']
	},
	{
		id: 'calliphoridae',
		scientificName: 'Calliphoridae',
		rank: 'family',
		order: 'Diptera',
		group: 'terrestrial',
		commonName: 'blowfly',
		lives: EVERYWHERE,
		localNames: [
			['blowfly', 'new-zealand', 'australia'],
			['house fly', 'british-isles', 'eastern-na'],
			['bluebottle', 'british-isles']
		],
		waters: { freestone: 0.25, tailwater: 0.2, 'spring-creek': 0.25, lake: 0.25 },
		seasons: seasons([130, 190, 265]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(7, 10, 21, 27),
		airC: { least: 12, best: 18 },
		likes: 'mild',
		stages: stages([
			[
				'terrestrial',
				[6, 9, 12],
				'blue-grey',
				'charcoal',
				'clear',
				{ anatomy: { build: 'stout', wings: 'flat', wingLength: 1, wingLook: 'clear' } }
			]
		]),
		sources: ['triplehorn-johnson-2005']
	}
];
