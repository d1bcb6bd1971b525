import { AFTERNOON, DAYLIGHT, EVENING, MIDDAY, hours, seasons, stages, water } from './compact';
import type { Taxon } from './taxon';

/** True flies (Diptera): midges, blackflies, crane flies. */
export const TRUE_FLIES: readonly Taxon[] = [
	{
		id: 'chironomidae',
		scientificName: 'Chironomidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'midge',
		localNames: [
			['buzzer', 'britain'],
			['gnat', 'britain', 'eastern-na'],
			['snow fly', 'western-na'],
			['bloodworm', 'britain', 'western-na', 'alps']
		],
		waters: { freestone: 0.5, tailwater: 0.9, 'spring-creek': 0.7, lake: 1 },
		seasons: seasons([1, 100, 200], [150, 260, 366]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[9, 12.5, 16]],
			[
				[4.5, 7, 10.5],
				[17.5, 20.5, 23]
			]
		),
		flightHours: hours([[11, 14, 17]], [[18, 20.5, 22.5]]),
		waterC: water(2, 5, 18, 24),
		likes: 'any',
		stages: stages([
			['larva', [4, 9, 18], 'red', 'red', undefined, { moves: 'wriggles' }],
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
		localNames: [
			['reed smut', 'britain'],
			['black gnat', 'eastern-na'],
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
			['pupa', [3, 4, 5], 'brown', 'dark brown', 'pale grey', { zone: 'under-film' }],
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
		localNames: [
			['buzzer', 'britain'],
			['duck fly', 'britain'],
			['bloodworm', 'britain', 'western-na']
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
		localNames: [
			['daddy-long-legs', 'britain'],
			['cranefly', 'britain', 'western-na', 'eastern-na'],
			['leatherjacket', 'britain']
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
		localNames: [
			['phantom larva', 'britain'],
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
			['larva', [8, 11, 14], 'clear', 'pale grey', undefined, { zone: 'under-film', moves: 'stays' }],
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
		localNames: [
			['hawthorn fly', 'britain', 'alps'],
			['black gnat', 'britain'],
			['heather fly', 'britain', 'scandinavia'],
			['march fly', 'eastern-na', 'western-na']
		],
		waters: { freestone: 0.3, tailwater: 0.3, 'spring-creek': 0.3, lake: 0.4 },
		seasons: seasons([105, 123, 145]),
		emergence: 'land',
		emergenceHours: DAYLIGHT,
		flightHours: DAYLIGHT,
		waterC: water(6, 9, 18, 24),
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
		sources: ['merritt-2008']
	}
];
