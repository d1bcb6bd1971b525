import { AFTERNOON, EVENING, MIDDAY, NIGHT, hours, seasons, stages, water } from './compact';
import type { Taxon } from './taxon';

/** Mayflies (Ephemeroptera). */
export const MAYFLIES: readonly Taxon[] = [
	{
		id: 'baetis',
		scientificName: 'Baetis',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'olive',
		localNames: [
			['blue-winged olive', 'eastern-na', 'western-na'],
			['large dark olive', 'britain'],
			['iron-blue', 'britain'],
			['medium olive', 'britain'],
			['olive dun', 'alps']
		],
		waters: { freestone: 1, tailwater: 1, 'spring-creek': 1 },
		seasons: seasons([70, 115, 170], [230, 275, 325]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[10.5, 13, 16]],
			[
				[7.5, 10, 12.5],
				[17, 19.5, 21.5]
			]
		),
		flightHours: hours(
			[[12, 15, 18.5]],
			[
				[7, 9.5, 11.5],
				[18, 20, 22]
			]
		),
		waterC: water(4.5, 7, 13, 18),
		likes: 'dull',
		years: [0.3, 0.5],
		stages: stages([
			['nymph', [4, 7, 10], 'olive', 'brown-olive'],
			['emerger', [4, 7, 10], 'olive', 'brown-olive', 'slate'],
			['cripple', [4, 7, 10], 'olive', 'brown-olive', 'slate'],
			['dun', [4, 7, 10], 'grey-olive', 'brown-olive', 'slate'],
			['spinner', [4, 7, 10], 'rust', 'mahogany', 'clear']
		]),
		marks: {
			nymph: { 'gill-shape': 'single', 'tail-look': 'short-middle' },
			winged: { 'hind-wing': 'tiny' }
		},
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'rhithrogena',
		scientificName: 'Rhithrogena',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'march-brown type',
		localNames: [
			['march brown', 'britain', 'alps', 'western-na'],
			['olive upright', 'britain']
		],
		waters: { freestone: 0.8, tailwater: 0.25 },
		seasons: seasons([80, 118, 160]),
		emergence: 'open-water',
		emergenceHours: hours([[11.5, 13.8, 16]], [[10, 13, 15.5]]),
		flightHours: hours(
			[[12, 15, 18.5]],
			[
				[7, 9.5, 11.5],
				[18, 20, 22]
			]
		),
		waterC: water(5.5, 8, 13, 17),
		likes: 'any',
		years: [1, 1],
		stages: stages([
			['nymph', [9, 12, 15], 'tan', 'brown-olive', undefined, { anatomy: { build: 'clinger' }, zone: 'bed' }],
			['emerger', [9, 12, 15], 'tan', 'brown', 'mottled brown'],
			['cripple', [9, 12, 15], 'tan', 'brown', 'mottled brown'],
			['dun', [9, 12, 15], 'tan', 'brown', 'mottled brown'],
			['spinner', [9, 12, 15], 'cinnamon', 'chestnut', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'sucker' }, winged: { 'wing-marks': 'window' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'ecdyonurus',
		scientificName: 'Ecdyonurus',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'late stone-clinger',
		localNames: [
			['false march brown', 'britain'],
			['autumn dun', 'britain', 'alps'],
			['late march brown', 'britain']
		],
		waters: { freestone: 0.6, tailwater: 0.3 },
		seasons: seasons([130, 185, 260]),
		emergence: 'crawls-out',
		emergenceHours: hours([[12, 15, 18]], [[17, 19.5, 21.5]]),
		flightHours: hours(
			[[12, 15, 18.5]],
			[
				[7, 9.5, 11.5],
				[18, 20, 22]
			]
		),
		waterC: water(7, 10, 16, 20),
		likes: 'any',
		years: [0.5, 1],
		stages: stages([
			['nymph', [9, 12, 16], 'tan', 'brown', undefined, { anatomy: { build: 'clinger' }, zone: 'bed' }],
			['dun', [9, 12, 16], 'ginger', 'brown', 'mottled brown'],
			['spinner', [9, 12, 16], 'rust', 'mahogany', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'plates-tufts', back: 'mottled' }, winged: { 'wing-marks': 'veins' } },
		sources: ['elliott-humpesch-2010', 'brittain-1982']
	},
	{
		id: 'epeorus',
		scientificName: 'Epeorus',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'two-tailed torrent mayfly',
		localNames: [
			['quill mayfly', 'eastern-na'],
			['little yellow mayfly', 'western-na']
		],
		waters: { freestone: 0.45 },
		seasons: seasons([120, 160, 215]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 13.5, 16.5]], [[16, 19, 21]]),
		flightHours: hours(
			[[12, 15, 18.5]],
			[
				[7, 9.5, 11.5],
				[18, 20, 22]
			]
		),
		waterC: water(6, 8, 14, 18),
		likes: 'mild',
		stages: stages([
			[
				'nymph',
				[8, 11, 14],
				'sand',
				'brown-olive',
				undefined,
				{ anatomy: { build: 'clinger', tails: 2 }, zone: 'bed' }
			],
			['emerger', [8, 11, 14], 'pale yellow', 'tan', 'pale grey', { anatomy: { tails: 2 } }],
			['dun', [8, 11, 14], 'pale yellow', 'tan', 'pale grey'],
			['spinner', [8, 11, 14], 'ginger', 'cinnamon', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'plain' } },
		sources: ['bauernfeind-soldan-2012', 'merritt-2008']
	},
	{
		id: 'ephemera',
		scientificName: 'Ephemera',
		rank: 'genus',
		family: 'Ephemeridae',
		group: 'mayfly',
		commonName: 'large burrowing mayfly',
		localNames: [
			['green drake', 'eastern-na', 'britain'],
			['grey drake', 'britain'],
			['brown drake', 'eastern-na', 'western-na'],
			['the mayfly', 'britain', 'alps']
		],
		waters: { tailwater: 0.3, 'spring-creek': 0.7, lake: 0.4 },
		seasons: seasons([132, 152, 182]),
		emergence: 'open-water',
		emergenceHours: hours([[12, 15, 18]], [[13, 17, 20.5]]),
		flightHours: hours([[15, 18, 20.5]], [[17.5, 19.8, 21.8]]),
		waterC: water(9, 12, 17, 21),
		likes: 'mild',
		years: [1, 2],
		stages: stages([
			['nymph', [16, 22, 28], 'cream', 'sand', undefined, { anatomy: { build: 'burrower' }, zone: 'bed' }],
			['emerger', [15, 20, 25], 'cream', 'tan', 'pale olive'],
			['dun', [15, 20, 25], 'cream', 'sand', 'pale olive', { anatomy: { tails: 3 } }],
			['spinner', [15, 20, 25], 'white', 'brown', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'feathers', back: 'bold' }, winged: { 'wing-marks': 'spots' } },
		sources: ['elliott-humpesch-2010', 'brittain-1982']
	},
	{
		id: 'ephemerella',
		scientificName: 'Ephemerella',
		rank: 'genus',
		family: 'Ephemerellidae',
		group: 'mayfly',
		commonName: 'sulphur mayfly',
		localNames: [
			['sulphur', 'eastern-na'],
			['pale morning dun', 'western-na'],
			['yellow evening dun', 'britain']
		],
		waters: { freestone: 0.5, tailwater: 0.8, 'spring-creek': 0.7 },
		seasons: seasons([122, 155, 200]),
		emergence: 'open-water',
		emergenceHours: hours([[12, 14.5, 17]], [[17, 19.3, 21.3]]),
		flightHours: hours([[14, 16.5, 19]], [[18.5, 20.2, 22]]),
		waterC: water(8, 11, 16, 20),
		likes: 'mild',
		stages: stages([
			['nymph', [6, 8, 11], 'brown-olive', 'brown', undefined, { anatomy: { build: 'stout' } }],
			['emerger', [6, 8, 11], 'pale yellow', 'brown', 'pale grey'],
			['cripple', [6, 8, 11], 'pale yellow', 'brown', 'pale grey'],
			['dun', [6, 8, 11], 'sulphur', 'ginger', 'pale grey', { anatomy: { tails: 3 } }],
			['spinner', [6, 8, 11], 'rust', 'cinnamon', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'back', 'tail-look': 'banded' } },
		sources: ['bauernfeind-soldan-2012', 'merritt-2008']
	},
	{
		id: 'serratella',
		scientificName: 'Serratella',
		rank: 'genus',
		family: 'Ephemerellidae',
		group: 'mayfly',
		commonName: 'blue-winged olive',
		localNames: [
			['blue-winged olive', 'britain', 'alps'],
			['sherry spinner', 'britain']
		],
		waters: { freestone: 0.6, tailwater: 0.6, 'spring-creek': 0.8 },
		seasons: seasons([155, 205, 285]),
		emergence: 'open-water',
		emergenceHours: hours([[12, 14.5, 17.5]], [[18, 20, 22]]),
		flightHours: hours([[14, 17, 19.5]], [[18.5, 20.3, 22.2]]),
		waterC: water(8, 11, 17, 21),
		likes: 'dull',
		stages: stages([
			['nymph', [6, 8, 10], 'brown', 'dark brown', undefined, { anatomy: { build: 'stout' } }],
			['emerger', [6, 8, 10], 'pale olive', 'dark brown', 'slate'],
			['cripple', [6, 8, 10], 'pale olive', 'dark brown', 'slate'],
			['dun', [6, 8, 10], 'pale olive', 'olive', 'slate', { anatomy: { tails: 3 } }],
			['spinner', [6, 8, 10], 'amber', 'rust', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'back', 'tail-look': 'banded' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'paraleptophlebia',
		scientificName: 'Paraleptophlebia',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'mahogany dun',
		localNames: [
			['mahogany dun', 'western-na'],
			['blue quill', 'eastern-na'],
			['turkey brown', 'britain'],
			['slate-wing mahogany', 'eastern-na']
		],
		waters: { freestone: 0.5, 'spring-creek': 0.5, tailwater: 0.3 },
		seasons: seasons([105, 145, 200]),
		emergence: 'crawls-out',
		emergenceHours: hours([[10.5, 12.8, 15.5]], [[8, 10.5, 13]]),
		flightHours: hours(
			[[12, 15, 18.5]],
			[
				[7, 9.5, 11.5],
				[18, 20, 22]
			]
		),
		waterC: water(7, 9, 14, 18),
		likes: 'mild',
		stages: stages([
			['nymph', [6, 8, 10], 'tan', 'chestnut', undefined, { anatomy: { build: 'slender', tailLength: 0.9 } }],
			['dun', [6, 8, 10], 'mahogany', 'mahogany', 'slate', { anatomy: { tails: 3 } }],
			['spinner', [6, 8, 10], 'mahogany', 'dark brown', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'forked' } },
		sources: ['elliott-humpesch-2010', 'merritt-2008']
	},
	{
		id: 'caenis',
		scientificName: 'Caenis',
		rank: 'genus',
		family: 'Caenidae',
		group: 'mayfly',
		commonName: 'tiny white mayfly',
		localNames: [
			['fisherman’s curse', 'britain'],
			['broadwing', 'britain'],
			['white midge', 'eastern-na']
		],
		waters: { 'spring-creek': 0.5, lake: 0.8, tailwater: 0.4 },
		seasons: seasons([145, 185, 240]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[6, 8.5, 11]],
			[
				[4.5, 6.5, 9],
				[19.5, 21, 22.5]
			]
		),
		flightHours: hours(
			[[6.5, 9, 11.5]],
			[
				[5, 7.5, 10],
				[20, 21.3, 22.8]
			]
		),
		waterC: water(11, 14, 20, 24),
		likes: 'mild',
		years: [0.5, 1],
		stages: stages([
			['nymph', [3, 4.5, 6], 'sand', 'brown', undefined, { anatomy: { build: 'stout' }, zone: 'bed' }],
			['emerger', [2.5, 4, 5.5], 'cream', 'tan', 'white'],
			['dun', [2.5, 4, 5.5], 'cream', 'tan', 'white', { anatomy: { tails: 3 } }],
			['spinner', [2.5, 4, 5.5], 'white', 'brown', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'square' }, winged: { 'hind-wing': 'none' } },
		sources: ['elliott-humpesch-2010', 'brittain-1982']
	},
	{
		id: 'cloeon',
		scientificName: 'Cloeon',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'lake olive',
		localNames: [
			['pond olive', 'britain', 'alps'],
			['lake olive', 'britain', 'alps', 'scandinavia'],
			['apricot spinner', 'britain']
		],
		waters: { lake: 0.9, 'spring-creek': 0.15 },
		seasons: seasons([115, 150, 190], [210, 250, 290]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[10.5, 13, 16]],
			[
				[7.5, 10, 12.5],
				[17, 19.5, 21.5]
			]
		),
		flightHours: hours(
			[[12, 15, 18.5]],
			[
				[7, 9.5, 11.5],
				[18, 20, 22]
			]
		),
		waterC: water(8, 11, 19, 24),
		likes: 'dull',
		years: [0.3, 0.5],
		stages: stages([
			['nymph', [5, 8, 11], 'pale olive', 'olive', undefined, { zone: 'under-film' }],
			['emerger', [5, 8, 11], 'pale olive', 'olive', 'grey'],
			['dun', [5, 8, 11], 'pale olive', 'olive', 'grey'],
			['spinner', [5, 8, 11], 'amber', 'claret', 'clear']
		]),
		marks: {
			nymph: { 'gill-shape': 'double', 'tail-look': 'banded' },
			winged: { 'hind-wing': 'none' },
			spinner: { 'wing-marks': 'edge' }
		},
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'heptagenia',
		scientificName: 'Heptagenia',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'yellow upland mayfly',
		localNames: [
			['yellow may dun', 'britain'],
			['dusky yellowstreak', 'britain'],
			['yellow dun', 'alps']
		],
		waters: { freestone: 0.4, tailwater: 0.3 },
		seasons: seasons([130, 165, 215]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(7, 10, 16, 20),
		likes: 'mild',
		stages: stages([
			[
				'nymph',
				[8, 10, 13],
				'sand',
				'brown-olive',
				undefined,
				{ anatomy: { build: 'clinger' }, zone: 'bed' }
			],
			['emerger', [8, 10, 12], 'pale yellow', 'tan', 'pale grey'],
			['dun', [8, 10, 12], 'sulphur', 'ginger', 'pale grey'],
			['spinner', [8, 10, 12], 'amber', 'ginger', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'plates-tufts', back: 'banded' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'stenonema',
		scientificName: 'Stenonema',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'pale stone-clinger',
		localNames: [
			['march brown', 'eastern-na'],
			['pale evening dun', 'eastern-na']
		],
		waters: { freestone: 0.4, tailwater: 0.2, lake: 0.1 },
		seasons: seasons([135, 170, 225]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(9, 12, 18, 23),
		likes: 'mild',
		stages: stages([
			[
				'nymph',
				[8, 11, 14],
				'cream',
				'mottled brown',
				undefined,
				{ anatomy: { build: 'clinger' }, zone: 'bed' }
			],
			['emerger', [8, 11, 13], 'cream', 'tan', 'pale yellow'],
			['dun', [8, 11, 13], 'cream', 'ginger', 'pale yellow'],
			['spinner', [8, 11, 13], 'pale yellow', 'ginger', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'plates-tufts', back: 'bold' }, winged: { 'wing-marks': 'bands' } },
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'cinygmula',
		scientificName: 'Cinygmula',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'dark red-quill type',
		localNames: [['dark quill mayfly', 'western-na']],
		waters: { freestone: 0.35 },
		seasons: seasons([120, 160, 215]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(5, 7, 12, 16),
		likes: 'mild',
		stages: stages([
			['nymph', [6, 8, 10], 'tan', 'brown', undefined, { anatomy: { build: 'clinger' }, zone: 'bed' }],
			['emerger', [6, 8, 10], 'cinnamon', 'brown', 'blue-grey'],
			['dun', [6, 8, 10], 'cinnamon', 'brown', 'blue-grey'],
			['spinner', [6, 8, 10], 'rust', 'mahogany', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single' }, winged: { 'wing-marks': 'plain' } },
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'ameletus',
		scientificName: 'Ameletus',
		rank: 'genus',
		family: 'Ameletidae',
		group: 'mayfly',
		commonName: 'brown upland swimmer',
		localNames: [
			['brown dun', 'western-na'],
			['upland summer mayfly', 'britain', 'scandinavia']
		],
		waters: { freestone: 0.25 },
		seasons: seasons([85, 120, 175]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(3, 5, 10, 14),
		likes: 'any',
		stages: stages([
			['nymph', [8, 11, 14], 'brown-olive', 'brown'],
			['dun', [8, 11, 13], 'brown', 'dark brown', 'mottled grey'],
			['spinner', [8, 11, 13], 'mahogany', 'dark brown', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'banded' }, winged: { 'wing-marks': 'veins' } },
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'siphlonurus',
		scientificName: 'Siphlonurus',
		rank: 'genus',
		family: 'Siphlonuridae',
		group: 'mayfly',
		commonName: 'large summer mayfly',
		localNames: [
			['grey drake', 'eastern-na', 'western-na'],
			['summer mayfly', 'britain', 'scandinavia']
		],
		waters: { lake: 0.4, 'spring-creek': 0.15, freestone: 0.1 },
		seasons: seasons([145, 185, 240]),
		emergence: 'crawls-out',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(9, 12, 18, 22),
		likes: 'mild',
		stages: stages([
			['nymph', [11, 14, 18], 'pale olive', 'olive', undefined, { zone: 'under-film' }],
			['dun', [11, 14, 17], 'brown-olive', 'brown', 'grey'],
			['spinner', [11, 14, 17], 'olive', 'mahogany', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'double', 'tail-look': 'fringed', back: 'mottled' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'leptophlebia',
		scientificName: 'Leptophlebia',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'claret mayfly',
		localNames: [
			['claret dun', 'britain'],
			['sepia dun', 'britain'],
			['black quill', 'eastern-na']
		],
		waters: { lake: 0.5, 'spring-creek': 0.2 },
		seasons: seasons([115, 145, 190]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(7, 10, 15, 19),
		likes: 'any',
		stages: stages([
			[
				'nymph',
				[8, 10, 13],
				'brown',
				'dark brown',
				undefined,
				{ anatomy: { build: 'slender', tailLength: 1 }, zone: 'bed' }
			],
			['dun', [8, 10, 12], 'claret', 'black-brown', 'charcoal', { anatomy: { tails: 3 } }],
			['spinner', [8, 10, 12], 'claret', 'dark brown', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'leaf' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'habrophlebia',
		scientificName: 'Habrophlebia',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'ditch mayfly',
		localNames: [['ditch dun', 'britain']],
		waters: { 'spring-creek': 0.25, freestone: 0.15 },
		seasons: seasons([145, 180, 225]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(9, 11, 16, 20),
		likes: 'mild',
		stages: stages([
			['nymph', [4, 6, 7], 'tan', 'brown', undefined, { anatomy: { build: 'slender', tailLength: 1 } }],
			['dun', [4, 6, 7], 'brown', 'dark brown', 'grey', { anatomy: { tails: 3 } }],
			['spinner', [4, 6, 7], 'mahogany', 'dark brown', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'bunch' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'callibaetis',
		scientificName: 'Callibaetis',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'speckled lake mayfly',
		localNames: [
			['speckled dun', 'western-na', 'eastern-na'],
			['speckle-wing quill', 'western-na']
		],
		waters: { lake: 0.7, 'spring-creek': 0.4 },
		seasons: seasons([120, 160, 200], [205, 235, 275]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 13, 15.5]], [[9.5, 11.5, 14]]),
		flightHours: MIDDAY,
		waterC: water(8, 11, 19, 24),
		likes: 'any',
		years: [0.2, 0.5],
		stages: stages([
			['nymph', [6, 9, 12], 'pale olive', 'grey-olive', undefined, { zone: 'under-film' }],
			['emerger', [6, 9, 12], 'tan', 'grey-olive', 'mottled grey'],
			['cripple', [6, 9, 12], 'tan', 'grey-olive', 'mottled grey'],
			['dun', [6, 9, 12], 'tan', 'grey-olive', 'mottled grey'],
			['spinner', [6, 9, 12], 'sand', 'mottled brown', 'clear']
		]),
		marks: {
			nymph: { 'gill-shape': 'double', 'tail-look': 'fringed' },
			winged: { 'hind-wing': 'tiny', 'wing-marks': 'edge' }
		},
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'procloeon',
		scientificName: 'Procloeon',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'pale evening mayfly',
		localNames: [
			['pale evening dun', 'britain'],
			['pale watery', 'britain']
		],
		waters: { 'spring-creek': 0.35, tailwater: 0.2, lake: 0.15 },
		seasons: seasons([160, 200, 260]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(11, 13, 18, 23),
		likes: 'mild',
		stages: stages([
			['nymph', [5, 7, 9], 'sand', 'grey-olive'],
			['emerger', [5, 7, 9], 'cream', 'sand', 'pale grey'],
			['dun', [5, 7, 9], 'pale yellow', 'sand', 'pale grey'],
			['spinner', [5, 7, 9], 'cream', 'ginger', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'banded' }, winged: { 'hind-wing': 'tiny' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'acentrella',
		scientificName: 'Acentrella',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'tiny torrent olive',
		localNames: [
			['tiny blue-winged olive', 'eastern-na', 'western-na'],
			['small dark olive', 'britain']
		],
		waters: { freestone: 0.35, tailwater: 0.2 },
		seasons: seasons([110, 150, 200], [240, 265, 300]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(6, 9, 15, 19),
		likes: 'dull',
		years: [0.3, 1],
		stages: stages([
			['nymph', [3, 5, 6], 'olive', 'brown-olive', undefined, { anatomy: { tails: 2 } }],
			['emerger', [3, 5, 6], 'olive', 'brown-olive', 'slate', { anatomy: { tails: 2 } }],
			['dun', [3, 5, 6], 'dark olive', 'brown-olive', 'slate'],
			['spinner', [3, 5, 6], 'mahogany', 'dark brown', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'fringed' }, winged: { 'hind-wing': 'none' } },
		sources: ['bauernfeind-soldan-2012', 'merritt-2008']
	},
	{
		id: 'drunella',
		scientificName: 'Drunella',
		rank: 'genus',
		family: 'Ephemerellidae',
		group: 'mayfly',
		commonName: 'large green mayfly',
		localNames: [
			['green drake', 'western-na'],
			['small green drake', 'western-na'],
			['blue-winged olive', 'western-na']
		],
		waters: { freestone: 0.4, tailwater: 0.3 },
		seasons: seasons([140, 172, 210]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(7, 9, 14, 18),
		likes: 'dull',
		years: [1, 1],
		stages: stages([
			[
				'nymph',
				[9, 12, 16],
				'brown-olive',
				'dark brown',
				undefined,
				{ anatomy: { build: 'stout' }, zone: 'bed' }
			],
			['emerger', [9, 12, 15], 'dark olive', 'brown', 'slate'],
			['cripple', [9, 12, 15], 'dark olive', 'brown', 'slate'],
			['dun', [9, 12, 15], 'dark olive', 'brown-olive', 'slate', { anatomy: { tails: 3 } }],
			['spinner', [9, 12, 15], 'dark olive', 'mahogany', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'back', forelegs: 'toothed' } },
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'tricorythodes',
		scientificName: 'Tricorythodes',
		rank: 'genus',
		family: 'Leptohyphidae',
		group: 'mayfly',
		commonName: 'tiny dawn mayfly',
		localNames: [
			['fisherman’s curse', 'eastern-na'],
			['white-winged black', 'eastern-na', 'western-na'],
			['dawn spinner', 'western-na']
		],
		waters: { 'spring-creek': 0.5, tailwater: 0.5 },
		seasons: seasons([180, 225, 285]),
		emergence: 'open-water',
		emergenceHours: hours([[6.5, 9, 11.5]], [[4.5, 6.5, 9]]),
		flightHours: hours([[8, 10, 12.5]], [[6, 8, 10.5]]),
		waterC: water(11, 14, 20, 24),
		likes: 'mild',
		years: [0.3, 0.5],
		stages: stages([
			['nymph', [3, 4.5, 6], 'brown', 'dark brown', undefined, { anatomy: { build: 'stout' }, zone: 'bed' }],
			['emerger', [3, 4, 5], 'pale olive', 'charcoal', 'white'],
			['dun', [3, 4, 5], 'pale olive', 'charcoal', 'white', { anatomy: { tails: 3 } }],
			['spinner', [3, 4, 5], 'white', 'black', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: {
			nymph: { 'gill-shape': 'triangle' },
			winged: { 'hind-wing': 'none' },
			dun: { back: 'bold' },
			spinner: { back: 'bold' }
		},
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'hexagenia',
		scientificName: 'Hexagenia',
		rank: 'genus',
		family: 'Ephemeridae',
		group: 'mayfly',
		commonName: 'giant burrowing mayfly',
		localNames: [
			['giant lake drake', 'eastern-na', 'western-na'],
			['yellow drake', 'western-na']
		],
		waters: { lake: 0.4, tailwater: 0.15, 'spring-creek': 0.1 },
		seasons: seasons([155, 178, 210]),
		emergence: 'open-water',
		emergenceHours: hours([[18, 20, 22]], [[20, 21.7, 24]]),
		flightHours: hours([[18, 20, 22]], [[20, 21.7, 24]]),
		waterC: water(13, 16, 21, 25),
		likes: 'mild',
		years: [1, 2],
		stages: stages([
			['nymph', [20, 27, 35], 'cream', 'sand', undefined, { anatomy: { build: 'burrower' }, zone: 'bed' }],
			['emerger', [18, 24, 30], 'pale yellow', 'ginger', 'grey-olive'],
			['dun', [18, 24, 30], 'pale yellow', 'brown-olive', 'grey-olive'],
			['spinner', [18, 24, 30], 'sulphur', 'brown', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'feathers', back: 'banded' }, winged: { 'wing-marks': 'edge' } },
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'potamanthus',
		scientificName: 'Potamanthus',
		rank: 'genus',
		family: 'Potamanthidae',
		group: 'mayfly',
		commonName: 'yellow silt mayfly',
		localNames: [
			['yellow drake', 'eastern-na', 'alps'],
			['golden drake', 'eastern-na']
		],
		waters: { tailwater: 0.2, 'spring-creek': 0.15 },
		seasons: seasons([165, 195, 225]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(13, 15, 20, 24),
		likes: 'mild',
		stages: stages([
			['nymph', [10, 13, 16], 'sand', 'tan', undefined, { anatomy: { build: 'burrower' }, zone: 'bed' }],
			['emerger', [10, 12, 14], 'sulphur', 'ginger', 'pale yellow'],
			['dun', [10, 12, 14], 'sulphur', 'ginger', 'pale yellow', { anatomy: { tails: 3 } }],
			['spinner', [10, 12, 14], 'sulphur', 'amber', 'clear', { anatomy: { tails: 3 } }]
		]),
		marks: { nymph: { 'gill-shape': 'side', back: 'mottled' } },
		sources: ['bauernfeind-soldan-2012', 'brittain-1982']
	},
	{
		id: 'isonychia',
		scientificName: 'Isonychia',
		rank: 'genus',
		family: 'Isonychiidae',
		group: 'mayfly',
		commonName: 'slate-winged swimmer',
		localNames: [
			['slate drake', 'eastern-na'],
			['leadwing', 'eastern-na'],
			['mahogany dun', 'eastern-na']
		],
		waters: { freestone: 0.35, tailwater: 0.2 },
		seasons: seasons([150, 180, 215], [235, 260, 290]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(10, 13, 19, 23),
		likes: 'any',
		stages: stages([
			['nymph', [10, 14, 17], 'mahogany', 'dark brown'],
			['dun', [10, 13, 16], 'mahogany', 'dark brown', 'slate'],
			['spinner', [10, 13, 16], 'claret', 'dark brown', 'clear']
		]),
		marks: {
			nymph: { 'gill-shape': 'plates-tufts', 'tail-look': 'fringed', forelegs: 'fringed', back: 'striped' }
		},
		sources: ['merritt-2008', 'brittain-1982']
	},
	{
		id: 'oligoneuriella',
		scientificName: 'Oligoneuriella',
		rank: 'genus',
		family: 'Oligoneuriidae',
		group: 'mayfly',
		commonName: 'milky-winged mayfly',
		localNames: [['white evening mayfly', 'alps']],
		waters: { freestone: 0.1, tailwater: 0.1 },
		seasons: seasons([205, 225, 245]),
		emergence: 'open-water',
		emergenceHours: hours([[17, 19, 21]], [[18.5, 20, 21.5]]),
		flightHours: NIGHT,
		waterC: water(13, 15, 20, 24),
		likes: 'mild',
		stages: stages([
			['nymph', [11, 14, 17], 'tan', 'brown', undefined, { anatomy: { build: 'clinger' }, zone: 'bed' }],
			['emerger', [10, 13, 15], 'sand', 'tan', 'white'],
			['dun', [10, 13, 15], 'sand', 'tan', 'white'],
			['spinner', [10, 13, 15], 'sand', 'brown', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single', forelegs: 'fringed' } },
		sources: ['bauernfeind-soldan-2012', 'brittain-1982']
	}
];
