import {
	AFTERNOON,
	DUSK,
	EUROPE,
	EVENING,
	HOLARCTIC,
	MIDDAY,
	NORTH_AMERICA,
	hours,
	mayfly,
	seasons,
	stages,
	water
} from './compact';
import type { Taxon } from './taxon';

/** How nymphs that cling to stones are built, and where they live. */
const CLINGER = { anatomy: { build: 'clinger' }, zone: 'bed' } as const;

/** Mayflies (Ephemeroptera). */
export const MAYFLIES: readonly Taxon[] = [
	{
		id: 'baetis',
		scientificName: 'Baetis',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'olive',
		lives: HOLARCTIC,
		localNames: [
			['olive', 'british-isles', 'western-europe', 'northern-europe', 'mediterranean'],
			['blue-winged olive', 'eastern-na', 'western-na'],
			['large dark olive', 'british-isles'],
			['medium olive', 'british-isles'],
			['small dark olive', 'british-isles'],
			['pale watery', 'british-isles']
		],
		waters: { freestone: 1, tailwater: 1, 'spring-creek': 1 },
		seasons: seasons(
			[62, 108, 160, 1.05],
			[150, 190, 235, 0.75],
			[225, 275, 328, 0.9],
			// It hatches through the winter where a dam keeps the water warm (Brittain & Saltveit 1989).
			[318, 385, 430, 1.05, ['tailwater']]
		),
		there: {
			'northern-europe': {
				seasons: seasons([105, 140, 178, 1.05], [165, 205, 245, 0.75], [235, 258, 290, 0.9])
			}
		},
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
		waterC: water(3.5, 6, 15, 20),
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
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012', 'brittain-saltveit-1989']
	},
	{
		id: 'rhithrogena',
		scientificName: 'Rhithrogena',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'march brown',
		lives: HOLARCTIC,
		localNames: [
			['march brown', 'british-isles', 'western-europe', 'western-na', 'northern-europe'],
			['olive upright', 'british-isles'],
			['western march brown', 'western-na']
		],
		waters: { freestone: 0.8, tailwater: 0.25 },
		seasons: seasons([80, 118, 160], [150, 175, 225]),
		there: {
			'western-na': { seasons: seasons([50, 90, 135], [150, 180, 220]) },
			'eastern-na': { seasons: seasons([120, 150, 190]) }
		},
		emergence: 'open-water',
		emergenceHours: hours([[11.5, 13.8, 16]], [[10, 13, 15.5]]),
		flightHours: hours(
			[[12, 15, 18.5]],
			[
				[7, 9.5, 11.5],
				[18, 20, 22]
			]
		),
		waterC: water(4, 6.5, 13, 17),
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
		lives: [...EUROPE, 'japan'],
		localNames: [
			['large brook dun', 'british-isles'],
			['false march brown', 'british-isles'],
			['autumn dun', 'british-isles', 'western-europe'],
			['late march brown', 'british-isles']
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
			['emerger', [9, 12, 16], 'ginger', 'brown', 'mottled brown'],
			['cripple', [9, 12, 16], 'ginger', 'brown', 'mottled brown'],
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
		lives: ['western-europe', 'mediterranean', ...NORTH_AMERICA, 'japan'],
		localNames: [
			['little yellow mayfly', 'western-na'],
			['torrent mayfly', 'eastern-na'],
			['two-tailed mayfly', 'western-europe']
		],
		waters: { freestone: 0.45 },
		seasons: seasons([120, 160, 215]),
		there: {
			'eastern-na': { seasons: seasons([105, 125, 160]) },
			'western-na': { seasons: seasons([150, 190, 230]) },
			japan: { seasons: seasons([85, 115, 150], [240, 265, 290]) }
		},
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
			[
				'emerger',
				[8, 11, 14],
				'pale yellow',
				'tan',
				'pale grey',
				{ anatomy: { tails: 2, wings: 'upright', wingLength: 0.9 }, zone: 'under-film' }
			],
			['cripple', [8, 11, 14], 'pale yellow', 'tan', 'pale grey', { anatomy: { tails: 2 } }],
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
		lives: HOLARCTIC,
		localNames: [
			['mayfly', 'british-isles'],
			['green drake', 'eastern-na', 'british-isles'],
			['brown drake', 'western-na', 'eastern-na'],
			['grey drake', 'british-isles'],
			['yellow drake', 'eastern-na'],
			['the mayfly', 'british-isles'],
			['large mayfly', 'western-europe', 'northern-europe', 'mediterranean']
		],
		waters: { freestone: 0.15, tailwater: 0.3, 'spring-creek': 0.7, lake: 0.25 },
		seasons: seasons([132, 152, 182]),
		there: {
			'eastern-na': { seasons: seasons([132, 155, 190]) },
			'western-na': { seasons: seasons([145, 168, 195]), emergenceHours: EVENING },
			japan: { seasons: seasons([100, 130, 165]), emergenceHours: EVENING }
		},
		emergence: 'open-water',
		emergenceHours: hours([[12, 15, 18]], [[13, 17, 20.5]]),
		flightHours: hours([[15, 18, 20.5]], [[17.5, 19.8, 21.8]]),
		waterC: water(9, 12, 17, 21),
		likes: 'mild',
		years: [1, 2],
		stages: stages([
			['nymph', [16, 22, 28], 'cream', 'sand', undefined, { anatomy: { build: 'burrower' }, zone: 'bed' }],
			['emerger', [15, 20, 25], 'cream', 'tan', 'pale olive'],
			['cripple', [15, 20, 25], 'cream', 'tan', 'pale olive'],
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
		lives: ['british-isles', 'western-europe', 'northern-europe', ...NORTH_AMERICA, 'japan'],
		localNames: [
			['sulphur', 'eastern-na'],
			['pale morning dun', 'western-na'],
			['yellow evening dun', 'british-isles'],
			['early brown dun', 'eastern-na'],
			['pale evening sulphur', 'eastern-na']
		],
		waters: { freestone: 0.5, tailwater: 0.8, 'spring-creek': 0.7 },
		seasons: seasons([122, 155, 200]),
		there: {
			'western-na': {
				seasons: seasons([148, 188, 262], [195, 235, 285, 0.9, ['tailwater']]),
				emergenceHours: hours([[10.5, 13, 16]], [[8.5, 11, 14.5]]),
				flightHours: hours(
					[[9, 11, 14]],
					[
						[7, 9.5, 12],
						[18.5, 20.2, 22]
					]
				)
			},
			'eastern-na': { seasons: seasons([100, 118, 138, 1.25], [125, 152, 195]) },
			japan: { seasons: seasons([80, 115, 150]) }
		},
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
		lives: HOLARCTIC,
		localNames: [
			['blue-winged olive', 'british-isles', 'western-europe'],
			['sherry spinner', 'british-isles']
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
		lives: HOLARCTIC,
		localNames: [
			['mahogany dun', 'western-na'],
			['slate-wing mahogany', 'eastern-na'],
			['turkey brown', 'british-isles'],
			['purple dun', 'british-isles']
		],
		waters: { freestone: 0.5, 'spring-creek': 0.5, tailwater: 0.3 },
		seasons: seasons([105, 145, 200]),
		there: { 'western-na': { seasons: seasons([120, 160, 205], [230, 262, 300]) } },
		emergence: 'open-water',
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
			['emerger', [6, 8, 10], 'mahogany', 'chestnut', 'slate'],
			['cripple', [6, 8, 10], 'mahogany', 'chestnut', 'slate'],
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
		lives: HOLARCTIC,
		localNames: [
			['fisherman’s curse', 'british-isles'],
			['broadwing', 'british-isles'],
			['angler’s curse', 'british-isles'],
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
			['cripple', [2.5, 4, 5.5], 'cream', 'tan', 'white'],
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
		lives: [...EUROPE, 'japan'],
		localNames: [
			['lake olive', 'british-isles', 'western-europe', 'northern-europe'],
			['pond olive', 'british-isles', 'western-europe'],
			['apricot spinner', 'british-isles']
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
			['cripple', [5, 8, 11], 'pale olive', 'olive', 'grey'],
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
		lives: [...EUROPE, ...NORTH_AMERICA],
		localNames: [
			['yellow may dun', 'british-isles'],
			['yellow may', 'british-isles'],
			['yellow dun', 'western-europe'],
			['pale evening dun', 'western-na']
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
			['cripple', [8, 10, 12], 'pale yellow', 'tan', 'pale grey'],
			['dun', [8, 10, 12], 'sulphur', 'ginger', 'pale grey'],
			['spinner', [8, 10, 12], 'amber', 'ginger', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'plates-tufts', back: 'banded' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'maccaffertium',
		scientificName: 'Maccaffertium',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'pale stone-clinger',
		lives: ['eastern-na'],
		aliases: ['stenonema'],
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
			['cripple', [8, 11, 13], 'cream', 'tan', 'pale yellow'],
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
		commonName: 'dusky upland mayfly',
		lives: [...NORTH_AMERICA, 'japan'],
		localNames: [['dark western clinger', 'western-na']],
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
			['cripple', [6, 8, 10], 'cinnamon', 'brown', 'blue-grey'],
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
		lives: ['british-isles', 'western-europe', 'northern-europe', ...NORTH_AMERICA, 'japan'],
		localNames: [
			['brown dun', 'western-na'],
			['upland summer mayfly', 'british-isles', 'northern-europe']
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
			['emerger', [8, 11, 13], 'brown', 'brown', 'mottled grey'],
			['cripple', [8, 11, 13], 'brown', 'brown', 'mottled grey'],
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
		lives: HOLARCTIC,
		localNames: [
			['grey drake', 'eastern-na', 'western-na'],
			['summer mayfly', 'british-isles', 'northern-europe']
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
			['emerger', [11, 14, 17], 'brown-olive', 'olive', 'grey'],
			['cripple', [11, 14, 17], 'brown-olive', 'olive', 'grey'],
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
		lives: [...EUROPE, ...NORTH_AMERICA],
		localNames: [
			['claret dun', 'british-isles'],
			['sepia dun', 'british-isles'],
			['early black-winged dun', 'eastern-na']
		],
		waters: { lake: 0.5, 'spring-creek': 0.2 },
		seasons: seasons([115, 145, 190]),
		emergence: 'open-water',
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
			['emerger', [8, 10, 12], 'claret', 'dark brown', 'charcoal'],
			['cripple', [8, 10, 12], 'claret', 'dark brown', 'charcoal'],
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
		lives: [...EUROPE, 'eastern-na'],
		localNames: [['ditch dun', 'british-isles']],
		waters: { 'spring-creek': 0.25, freestone: 0.15 },
		seasons: seasons([145, 180, 225]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(9, 11, 16, 20),
		likes: 'mild',
		stages: stages([
			['nymph', [4, 6, 7], 'tan', 'brown', undefined, { anatomy: { build: 'slender', tailLength: 1 } }],
			['emerger', [4, 6, 7], 'brown', 'brown', 'grey'],
			['cripple', [4, 6, 7], 'brown', 'brown', 'grey'],
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
		lives: [...NORTH_AMERICA, 'patagonia'],
		localNames: [
			['speckled dun', 'western-na', 'eastern-na'],
			['speckled lake dun', 'western-na']
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
		lives: HOLARCTIC,
		localNames: [['pale evening dun', 'british-isles']],
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
			['cripple', [5, 7, 9], 'cream', 'sand', 'pale grey'],
			['dun', [5, 7, 9], 'pale yellow', 'sand', 'pale grey'],
			['spinner', [5, 7, 9], 'cream', 'ginger', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'banded' }, winged: { 'hind-wing': 'none' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'acentrella',
		scientificName: 'Acentrella',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'tiny torrent olive',
		lives: ['western-europe', 'northern-europe', 'mediterranean', ...NORTH_AMERICA, 'japan'],
		localNames: [['tiny blue-winged olive', 'eastern-na', 'western-na']],
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
			['cripple', [3, 5, 6], 'olive', 'brown-olive', 'slate', { anatomy: { tails: 2 } }],
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
		lives: [...NORTH_AMERICA, 'japan'],
		localNames: [
			['green drake', 'western-na'],
			['western green drake', 'western-na'],
			['small green drake', 'western-na'],
			['lesser green drake', 'western-na']
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
		lives: NORTH_AMERICA,
		localNames: [
			['white-winged black', 'eastern-na', 'western-na'],
			['fisherman’s curse', 'eastern-na'],
			['trico', 'eastern-na', 'western-na'],
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
			['cripple', [3, 4, 5], 'pale olive', 'charcoal', 'white'],
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
		lives: NORTH_AMERICA,
		localNames: [
			['giant lake drake', 'eastern-na', 'western-na'],
			['hex', 'eastern-na', 'western-na'],
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
			['cripple', [18, 24, 30], 'pale yellow', 'ginger', 'grey-olive'],
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
		lives: ['british-isles', 'western-europe', 'mediterranean', 'japan'],
		localNames: [
			['yellow drake', 'western-europe'],
			['yellow silt dun', 'british-isles']
		],
		waters: { freestone: 0.15, tailwater: 0.2, 'spring-creek': 0.15 },
		seasons: seasons([165, 195, 225]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(13, 15, 20, 24),
		likes: 'mild',
		stages: stages([
			['nymph', [10, 13, 16], 'sand', 'tan', undefined, { anatomy: { build: 'burrower' }, zone: 'bed' }],
			['emerger', [10, 12, 14], 'sulphur', 'ginger', 'pale yellow'],
			['cripple', [10, 12, 14], 'sulphur', 'ginger', 'pale yellow'],
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
		lives: [...NORTH_AMERICA, 'japan'],
		localNames: [
			['slate drake', 'eastern-na'],
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
			['emerger', [10, 13, 16], 'mahogany', 'dark brown', 'slate'],
			['cripple', [10, 13, 16], 'mahogany', 'dark brown', 'slate'],
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
		lives: ['western-europe', 'mediterranean'],
		localNames: [['white evening mayfly', 'western-europe']],
		waters: { freestone: 0.1, tailwater: 0.1 },
		seasons: seasons([205, 225, 245]),
		emergence: 'open-water',
		emergenceHours: hours([[17, 19, 21]], [[18.5, 20, 21.5]]),
		flightHours: hours([[18, 20, 21.5]], [[19, 20.5, 22.3]]),
		waterC: water(13, 15, 20, 24),
		likes: 'mild',
		stages: stages([
			['nymph', [11, 14, 17], 'tan', 'brown', undefined, { anatomy: { build: 'clinger' }, zone: 'bed' }],
			['emerger', [10, 13, 15], 'sand', 'tan', 'white'],
			['cripple', [10, 13, 15], 'sand', 'tan', 'white'],
			['dun', [10, 13, 15], 'sand', 'tan', 'white'],
			['spinner', [10, 13, 15], 'sand', 'brown', 'clear']
		]),
		marks: { nymph: { 'gill-shape': 'single', forelegs: 'fringed' } },
		sources: ['bauernfeind-soldan-2012', 'brittain-1982']
	},
	{
		id: 'nigrobaetis',
		scientificName: 'Nigrobaetis',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'iron blue',
		lives: [...EUROPE, 'japan'],
		localNames: [
			['iron blue', 'british-isles', 'western-europe', 'northern-europe'],
			['jenny spinner', 'british-isles']
		],
		waters: { freestone: 0.5, 'spring-creek': 0.4, tailwater: 0.2 },
		seasons: seasons([110, 138, 175], [235, 268, 310]),
		emergence: 'open-water',
		emergenceHours: hours([[10.5, 13.5, 16]], [[10, 12.5, 15.5]]),
		flightHours: hours([[12, 15, 18]], [[17, 19.3, 21.5]]),
		waterC: water(5, 7, 14, 18),
		likes: 'dull',
		years: [0.3, 0.5],
		stages: mayfly(
			[4, 5.5, 7],
			['olive', 'dark brown'],
			['charcoal', 'black-brown', 'charcoal'],
			['mahogany', 'black-brown', 'clear']
		),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'plain' }, winged: { 'hind-wing': 'tiny' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'centroptilum',
		scientificName: 'Centroptilum',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'small spurwing',
		lives: [...EUROPE, ...NORTH_AMERICA],
		localNames: [
			['small spurwing', 'british-isles'],
			['little sky-blue', 'british-isles']
		],
		waters: { 'spring-creek': 0.4, tailwater: 0.15, lake: 0.2, freestone: 0.1 },
		seasons: seasons([115, 155, 200], [205, 245, 290]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(8, 11, 17, 21),
		likes: 'mild',
		years: [0.3, 0.5],
		stages: mayfly(
			[5, 6.5, 8],
			['pale olive', 'brown-olive'],
			['pale olive', 'sand', 'pale grey'],
			['amber', 'ginger', 'clear']
		),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'banded' }, winged: { 'hind-wing': 'tiny' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'plauditus',
		scientificName: 'Plauditus',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'tiny summer olive',
		lives: NORTH_AMERICA,
		localNames: [
			['tiny blue-winged olive', 'eastern-na', 'western-na'],
			['pseudo', 'western-na']
		],
		waters: { 'spring-creek': 0.5, tailwater: 0.5, freestone: 0.2 },
		seasons: seasons([150, 200, 250], [240, 270, 310]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 13.5, 16]], [[15, 17.5, 20]]),
		flightHours: EVENING,
		waterC: water(8, 11, 18, 22),
		likes: 'dull',
		years: [0.3, 0.5],
		stages: mayfly(
			[3, 4, 5],
			['pale olive', 'olive'],
			['apple green', 'olive', 'pale grey'],
			['pale olive', 'mahogany', 'clear'],
			{ anatomy: { tails: 2 } }
		),
		marks: { nymph: { 'gill-shape': 'single' }, winged: { 'hind-wing': 'none' } },
		sources: ['merritt-2008']
	},
	{
		id: 'electrogena',
		scientificName: 'Electrogena',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'dusky yellowstreak',
		lives: EUROPE,
		localNames: [['dusky yellowstreak', 'british-isles']],
		waters: { freestone: 0.4, lake: 0.15 },
		seasons: seasons([125, 165, 230]),
		emergence: 'open-water',
		emergenceHours: hours([[12, 14.5, 17]], [[15, 18, 20.5]]),
		flightHours: EVENING,
		waterC: water(6, 9, 15, 19),
		likes: 'any',
		years: [1, 1],
		stages: mayfly(
			[8, 10, 13],
			['sand', 'dark brown'],
			['grey-olive', 'dark brown', 'charcoal'],
			['brown-olive', 'mahogany', 'clear'],
			CLINGER
		),
		marks: { nymph: { 'gill-shape': 'plates-tufts' }, winged: { 'wing-marks': 'plain' } },
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'stenacron',
		scientificName: 'Stenacron',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'orange-bellied clinger',
		lives: ['eastern-na'],
		localNames: [['orange evening dun', 'eastern-na']],
		waters: { freestone: 0.4, tailwater: 0.2 },
		seasons: seasons([138, 165, 205]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(10, 13, 19, 24),
		likes: 'mild',
		stages: mayfly(
			[8, 10, 12],
			['cream', 'mottled brown'],
			['orange', 'ginger', 'pale yellow'],
			['amber', 'ginger', 'clear'],
			CLINGER
		),
		marks: { nymph: { 'gill-shape': 'plates-tufts', back: 'bold' }, winged: { 'wing-marks': 'bands' } },
		sources: ['merritt-2008']
	},
	{
		id: 'leucrocuta',
		scientificName: 'Leucrocuta',
		rank: 'genus',
		family: 'Heptageniidae',
		group: 'mayfly',
		commonName: 'pale summer clinger',
		lives: NORTH_AMERICA,
		localNames: [['little pale evening dun', 'eastern-na', 'western-na']],
		waters: { freestone: 0.3, tailwater: 0.1 },
		seasons: seasons([150, 190, 240]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(9, 12, 18, 23),
		likes: 'mild',
		stages: mayfly(
			[6, 8, 10],
			['sand', 'brown'],
			['cream', 'sand', 'pale yellow'],
			['cream', 'amber', 'clear'],
			CLINGER
		),
		marks: { nymph: { 'gill-shape': 'plates-tufts' } },
		sources: ['merritt-2008']
	},
	{
		id: 'attenella',
		scientificName: 'Attenella',
		rank: 'genus',
		family: 'Ephemerellidae',
		group: 'mayfly',
		commonName: 'small summer spiny mayfly',
		lives: NORTH_AMERICA,
		localNames: [['small blue-winged olive', 'eastern-na', 'western-na']],
		waters: { freestone: 0.3, 'spring-creek': 0.3, tailwater: 0.2 },
		seasons: seasons([150, 185, 220]),
		emergence: 'open-water',
		emergenceHours: hours([[10, 12.5, 15]], [[8, 10.5, 13]]),
		flightHours: DUSK,
		waterC: water(9, 12, 18, 22),
		likes: 'any',
		stages: mayfly(
			[5, 7, 9],
			['brown-olive', 'brown'],
			['olive', 'dark olive', 'slate'],
			['dark olive', 'brown', 'clear'],
			{ anatomy: { build: 'stout' }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'back' } },
		sources: ['merritt-2008']
	},
	{
		id: 'eurylophella',
		scientificName: 'Eurylophella',
		rank: 'genus',
		family: 'Ephemerellidae',
		group: 'mayfly',
		commonName: 'chocolate dun',
		lives: ['eastern-na'],
		localNames: [['chocolate dun', 'eastern-na']],
		waters: { freestone: 0.35, 'spring-creek': 0.3, lake: 0.1 },
		seasons: seasons([125, 150, 180]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(8, 11, 17, 21),
		likes: 'any',
		stages: mayfly(
			[6, 8, 10],
			['brown', 'dark brown'],
			['chestnut', 'dark brown', 'slate'],
			['rust', 'dark brown', 'clear'],
			{ anatomy: { build: 'stout' }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'back', 'tail-look': 'banded' } },
		sources: ['merritt-2008']
	},
	{
		id: 'cincticostella',
		scientificName: 'Cincticostella',
		rank: 'genus',
		family: 'Ephemerellidae',
		group: 'mayfly',
		commonName: 'broad-bordered mayfly',
		lives: ['japan'],
		waters: { freestone: 0.6, tailwater: 0.3 },
		seasons: seasons([80, 110, 150]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(6, 9, 15, 19),
		likes: 'any',
		stages: mayfly(
			[8, 11, 14],
			['brown', 'dark brown'],
			['rust', 'dark brown', 'slate'],
			['mahogany', 'dark brown', 'clear'],
			{ anatomy: { build: 'stout' }, zone: 'bed', tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'back' } },
		sources: ['kawai-tanida-2005']
	},
	{
		id: 'anthopotamus',
		scientificName: 'Anthopotamus',
		rank: 'genus',
		family: 'Potamanthidae',
		group: 'mayfly',
		commonName: 'golden drake',
		lives: ['eastern-na'],
		localNames: [
			['golden drake', 'eastern-na'],
			['yellow drake', 'eastern-na']
		],
		waters: { tailwater: 0.25, 'spring-creek': 0.1, freestone: 0.2 },
		seasons: seasons([165, 190, 220]),
		emergence: 'open-water',
		emergenceHours: DUSK,
		flightHours: DUSK,
		waterC: water(13, 16, 21, 25),
		likes: 'mild',
		stages: mayfly(
			[11, 14, 17],
			['sand', 'tan'],
			['pale yellow', 'sulphur', 'pale yellow'],
			['pale yellow', 'amber', 'clear'],
			{ anatomy: { build: 'burrower' }, zone: 'bed', tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'side', back: 'mottled' } },
		sources: ['merritt-2008']
	},
	{
		id: 'ephoron',
		scientificName: 'Ephoron',
		rank: 'genus',
		family: 'Polymitarcyidae',
		group: 'mayfly',
		commonName: 'white mayfly',
		lives: ['western-europe', 'mediterranean', ...NORTH_AMERICA, 'japan'],
		localNames: [
			['white fly', 'eastern-na', 'western-na'],
			['white mayfly', 'western-europe', 'eastern-na']
		],
		waters: { tailwater: 0.3, freestone: 0.2, 'spring-creek': 0.1 },
		seasons: seasons([205, 228, 255]),
		emergence: 'open-water',
		emergenceHours: DUSK,
		flightHours: DUSK,
		waterC: water(14, 17, 23, 27),
		likes: 'mild',
		stages: mayfly([9, 12, 15], ['cream', 'sand'], ['white', 'cream', 'white'], ['white', 'cream', 'clear'], {
			anatomy: { build: 'burrower' },
			zone: 'bed'
		}),
		marks: { nymph: { 'gill-shape': 'feathers' } },
		sources: ['merritt-2008', 'bauernfeind-soldan-2012']
	},
	{
		id: 'baetisca',
		scientificName: 'Baetisca',
		rank: 'genus',
		family: 'Baetiscidae',
		group: 'mayfly',
		commonName: 'armoured mayfly',
		lives: NORTH_AMERICA,
		waters: { freestone: 0.15, tailwater: 0.1 },
		seasons: seasons([125, 150, 185]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(9, 12, 18, 22),
		likes: 'any',
		stages: mayfly(
			[8, 10, 13],
			['tan', 'mottled brown'],
			['rust', 'brown', 'mottled grey'],
			['mahogany', 'brown', 'clear'],
			{ anatomy: { build: 'stout' }, zone: 'bed' }
		),
		sources: ['merritt-2008']
	},
	{
		id: 'siphloplecton',
		scientificName: 'Siphloplecton',
		rank: 'genus',
		family: 'Metretopodidae',
		group: 'mayfly',
		commonName: 'early cleft-footed mayfly',
		lives: ['eastern-na'],
		waters: { freestone: 0.15, 'spring-creek': 0.1 },
		seasons: seasons([95, 118, 145]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(6, 9, 14, 18),
		likes: 'mild',
		stages: mayfly(
			[10, 13, 16],
			['olive', 'mottled brown'],
			['brown', 'brown', 'mottled grey'],
			['mahogany', 'brown', 'clear']
		),
		marks: { nymph: { 'gill-shape': 'double', 'tail-look': 'banded' } },
		sources: ['merritt-2008']
	},
	{
		id: 'choroterpes',
		scientificName: 'Choroterpes',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'warm-stream forkgill',
		lives: ['mediterranean', 'western-europe', ...NORTH_AMERICA, 'japan'],
		waters: { freestone: 0.25 },
		seasons: seasons([165, 200, 245]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(13, 16, 22, 27),
		likes: 'mild',
		stages: mayfly(
			[5, 7, 9],
			['tan', 'brown'],
			['brown', 'dark brown', 'grey'],
			['rust', 'dark brown', 'clear'],
			{ anatomy: { build: 'slender', tailLength: 1 }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'leaf' } },
		sources: ['bauernfeind-soldan-2012', 'merritt-2008']
	},
	{
		id: 'habroleptoides',
		scientificName: 'Habroleptoides',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'spring forkgill',
		lives: ['western-europe', 'mediterranean'],
		waters: { freestone: 0.45, 'spring-creek': 0.2 },
		seasons: seasons([95, 130, 170]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(6, 9, 14, 18),
		likes: 'any',
		stages: mayfly(
			[6, 8, 10],
			['tan', 'dark brown'],
			['brown', 'dark brown', 'slate'],
			['mahogany', 'dark brown', 'clear'],
			{ anatomy: { build: 'slender', tailLength: 1 }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'forked' } },
		sources: ['bauernfeind-soldan-2012']
	},
	{
		id: 'deleatidium',
		scientificName: 'Deleatidium',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'stony-stream mayfly',
		lives: ['new-zealand'],
		localNames: [
			['mayfly', 'new-zealand'],
			['common mayfly', 'new-zealand']
		],
		waters: { freestone: 1, tailwater: 0.8, 'spring-creek': 0.8, lake: 0.2 },
		seasons: seasons([70, 135, 200], [190, 250, 310], [300, 385, 440]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 13.5, 16.5]], [[14, 17.5, 20.8]]),
		flightHours: hours([[12, 15, 18]], [[17.5, 19.8, 21.8]]),
		waterC: water(5, 8, 16, 21),
		likes: 'dull',
		years: [0.4, 1],
		stages: mayfly(
			[6, 8.5, 11],
			['tan', 'brown-olive'],
			['olive', 'brown', 'grey'],
			['rust', 'mahogany', 'clear'],
			{ anatomy: { build: 'clinger', tailLength: 1.1 }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'leaf' } },
		sources: ['winterbourn-2006']
	},
	{
		id: 'coloburiscus',
		scientificName: 'Coloburiscus',
		rank: 'genus',
		family: 'Coloburiscidae',
		group: 'mayfly',
		commonName: 'spiny-gilled mayfly',
		lives: ['new-zealand'],
		localNames: [['spiny gilled mayfly', 'new-zealand']],
		waters: { freestone: 0.7, tailwater: 0.3, 'spring-creek': 0.4 },
		seasons: seasons([100, 160, 245]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(6, 9, 16, 20),
		likes: 'mild',
		years: [1, 2],
		stages: mayfly(
			[13, 16, 20],
			['tan', 'dark brown'],
			['brown', 'dark brown', 'slate'],
			['rust', 'dark brown', 'clear'],
			{ zone: 'bed' }
		),
		marks: { nymph: { 'gill-shape': 'branched' } },
		sources: ['winterbourn-2006']
	},
	{
		id: 'nesameletus',
		scientificName: 'Nesameletus',
		rank: 'genus',
		family: 'Nesameletidae',
		group: 'mayfly',
		commonName: 'swimming mayfly',
		lives: ['new-zealand'],
		localNames: [
			['swimming mayfly', 'new-zealand'],
			['nesameletus', 'new-zealand']
		],
		waters: { freestone: 0.5, 'spring-creek': 0.5, tailwater: 0.3 },
		seasons: seasons([90, 160, 250]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(6, 9, 16, 20),
		likes: 'mild',
		years: [0.5, 1],
		stages: mayfly(
			[10, 13, 16],
			['pale olive', 'brown-olive'],
			['brown-olive', 'brown', 'grey'],
			['rust', 'mahogany', 'clear']
		),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'fringed' } },
		sources: ['winterbourn-2006']
	},
	{
		id: 'zephlebia',
		scientificName: 'Zephlebia',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'double-gilled mayfly',
		lives: ['new-zealand'],
		localNames: [['double gilled mayfly', 'new-zealand']],
		waters: { freestone: 0.4, 'spring-creek': 0.6, lake: 0.1 },
		seasons: seasons([100, 155, 235]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(7, 10, 17, 21),
		likes: 'any',
		stages: mayfly(
			[7, 9, 12],
			['sand', 'brown'],
			['brown-olive', 'brown', 'grey'],
			['rust', 'brown', 'clear'],
			{ anatomy: { build: 'slender', tailLength: 1 }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'double' } },
		sources: ['winterbourn-2006']
	},
	{
		id: 'ameletopsis',
		scientificName: 'Ameletopsis',
		rank: 'genus',
		family: 'Ameletopsidae',
		group: 'mayfly',
		commonName: 'yellow mayfly',
		lives: ['new-zealand'],
		localNames: [['yellow dun', 'new-zealand']],
		waters: { freestone: 0.2 },
		seasons: seasons([130, 175, 225]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(7, 10, 15, 19),
		likes: 'mild',
		years: [1, 2],
		stages: mayfly(
			[14, 18, 22],
			['sand', 'mottled brown'],
			['sulphur', 'pale yellow', 'pale yellow'],
			['sulphur', 'amber', 'clear']
		),
		sources: ['winterbourn-2006']
	},
	{
		id: 'oniscigaster',
		scientificName: 'Oniscigaster',
		rank: 'genus',
		family: 'Oniscigastridae',
		group: 'mayfly',
		commonName: 'keeled swimming mayfly',
		lives: ['new-zealand'],
		waters: { lake: 0.3, 'spring-creek': 0.3, freestone: 0.2 },
		seasons: seasons([115, 165, 225]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(7, 10, 16, 20),
		likes: 'mild',
		years: [1, 1],
		stages: mayfly(
			[15, 19, 23],
			['pale olive', 'mottled brown'],
			['brown', 'dark brown', 'grey'],
			['mahogany', 'dark brown', 'clear']
		),
		marks: { nymph: { 'tail-look': 'fringed' } },
		sources: ['winterbourn-2006']
	},
	{
		id: 'atalophlebia',
		scientificName: 'Atalophlebia',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'feather-gilled mayfly',
		lives: ['australia'],
		localNames: [
			['highland dun', 'australia'],
			['possum-winged dun', 'australia']
		],
		waters: { freestone: 0.6, lake: 0.7, tailwater: 0.4, 'spring-creek': 0.4 },
		seasons: seasons([90, 150, 240]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 14, 17]], [[11, 14.5, 19]]),
		flightHours: EVENING,
		waterC: water(7, 10, 18, 23),
		likes: 'dull',
		years: [1, 1],
		stages: mayfly(
			[9, 12, 15],
			['brown', 'dark brown'],
			['brown', 'dark brown', 'mottled grey'],
			['mahogany', 'dark brown', 'clear'],
			{ anatomy: { build: 'clinger', tailLength: 1 }, zone: 'bed', tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'feathers' }, winged: { 'wing-marks': 'spots' } },
		sources: ['gooderham-tsyrlin-2002']
	},
	{
		id: 'nousia',
		scientificName: 'Nousia',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'brown forkgill mayfly',
		lives: ['australia', 'patagonia'],
		localNames: [['mahogany dun', 'australia']],
		waters: { freestone: 0.6, tailwater: 0.3, lake: 0.2 },
		seasons: seasons([75, 130, 215]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 13.5, 16.5]], [[15, 18, 20.5]]),
		flightHours: EVENING,
		waterC: water(6, 9, 16, 20),
		likes: 'any',
		stages: mayfly(
			[6, 8, 10],
			['tan', 'brown'],
			['brown', 'dark brown', 'slate'],
			['rust', 'mahogany', 'clear'],
			{ anatomy: { build: 'slender', tailLength: 1 }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'leaf' } },
		sources: ['gooderham-tsyrlin-2002', 'dominguez-2006']
	},
	{
		id: 'tasmanocoenis',
		scientificName: 'Tasmanocoenis',
		rank: 'genus',
		family: 'Caenidae',
		group: 'mayfly',
		commonName: 'southern snowflake mayfly',
		lives: ['australia'],
		localNames: [
			['snowflake caenid', 'australia'],
			['caenid', 'australia']
		],
		waters: { lake: 0.7, tailwater: 0.3, 'spring-creek': 0.4, freestone: 0.2 },
		seasons: seasons([110, 165, 240]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[6, 8.5, 11]],
			[
				[4.5, 6.5, 9],
				[19, 20.5, 22.3]
			]
		),
		flightHours: hours([[6.5, 9, 11.5]], [[5, 7.2, 9.8]]),
		waterC: water(10, 13, 20, 25),
		likes: 'mild',
		years: [0.4, 1],
		stages: mayfly(
			[3, 4.5, 6],
			['sand', 'brown'],
			['cream', 'brown', 'white'],
			['cream', 'black-brown', 'clear'],
			{ anatomy: { build: 'stout' }, zone: 'bed', tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'square' }, winged: { 'hind-wing': 'none' } },
		sources: ['gooderham-tsyrlin-2002']
	},
	{
		id: 'coloburiscoides',
		scientificName: 'Coloburiscoides',
		rank: 'genus',
		family: 'Coloburiscidae',
		group: 'mayfly',
		commonName: 'highland spiny-gilled mayfly',
		lives: ['australia'],
		waters: { freestone: 0.6, tailwater: 0.2 },
		seasons: seasons([110, 155, 215]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(6, 9, 15, 19),
		likes: 'mild',
		years: [1, 2],
		stages: mayfly(
			[13, 17, 21],
			['tan', 'dark brown'],
			['olive', 'brown', 'grey'],
			['orange', 'brown', 'clear'],
			{ zone: 'bed' }
		),
		marks: { nymph: { 'gill-shape': 'branched' } },
		sources: ['gooderham-tsyrlin-2002']
	},
	{
		id: 'offadens',
		scientificName: 'Offadens',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'southern olive',
		lives: ['australia'],
		localNames: [
			['baetid', 'australia'],
			['blue-winged olive', 'australia']
		],
		waters: { freestone: 0.6, tailwater: 0.6, 'spring-creek': 0.5 },
		seasons: seasons([60, 115, 175], [200, 260, 320]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[11, 13.5, 16.5]],
			[
				[8, 10.5, 13],
				[16.5, 19, 21]
			]
		),
		flightHours: EVENING,
		waterC: water(5, 8, 17, 22),
		likes: 'dull',
		years: [0.3, 0.6],
		stages: mayfly(
			[4, 6, 8],
			['olive', 'brown-olive'],
			['olive', 'brown-olive', 'grey'],
			['rust', 'mahogany', 'clear']
		),
		marks: { nymph: { 'gill-shape': 'single', 'tail-look': 'banded' }, winged: { 'hind-wing': 'tiny' } },
		sources: ['gooderham-tsyrlin-2002']
	},
	{
		id: 'meridialaris',
		scientificName: 'Meridialaris',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'southern stream mayfly',
		lives: ['patagonia'],
		waters: { freestone: 0.9, tailwater: 0.6, 'spring-creek': 0.6 },
		seasons: seasons([90, 150, 225]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 14, 17]], [[15, 18.5, 20.8]]),
		flightHours: EVENING,
		waterC: water(5, 8, 15, 19),
		likes: 'any',
		stages: mayfly(
			[6, 8, 10],
			['tan', 'dark brown'],
			['brown', 'dark brown', 'slate'],
			['rust', 'mahogany', 'clear'],
			{ anatomy: { build: 'clinger', tailLength: 1.1 }, tails: 3 }
		),
		marks: { nymph: { 'gill-shape': 'leaf' } },
		sources: ['dominguez-2006']
	},
	{
		id: 'penaphlebia',
		scientificName: 'Penaphlebia',
		rank: 'genus',
		family: 'Leptophlebiidae',
		group: 'mayfly',
		commonName: 'large southern forkgill',
		lives: ['patagonia'],
		waters: { freestone: 0.5, lake: 0.4, 'spring-creek': 0.4 },
		seasons: seasons([75, 125, 190]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(5, 8, 15, 19),
		likes: 'any',
		stages: mayfly(
			[9, 12, 15],
			['tan', 'brown'],
			['chestnut', 'dark brown', 'mottled grey'],
			['mahogany', 'dark brown', 'clear'],
			{ anatomy: { build: 'slender', tailLength: 1 }, zone: 'bed', tails: 3 }
		),
		sources: ['dominguez-2006']
	},
	{
		id: 'andesiops',
		scientificName: 'Andesiops',
		rank: 'genus',
		family: 'Baetidae',
		group: 'mayfly',
		commonName: 'andean olive',
		lives: ['patagonia'],
		localNames: [['olive', 'patagonia']],
		waters: { freestone: 0.9, tailwater: 0.7, 'spring-creek': 0.8 },
		seasons: seasons([60, 110, 170], [160, 210, 260], [240, 280, 325]),
		emergence: 'open-water',
		emergenceHours: hours(
			[[11, 13.5, 16.5]],
			[
				[9, 11.5, 14],
				[17, 19, 21]
			]
		),
		flightHours: EVENING,
		waterC: water(4, 7, 15, 19),
		likes: 'dull',
		years: [0.3, 0.6],
		stages: mayfly(
			[5, 7, 9],
			['olive', 'brown-olive'],
			['grey-olive', 'brown-olive', 'grey'],
			['rust', 'mahogany', 'clear']
		),
		marks: { nymph: { 'gill-shape': 'single' }, winged: { 'hind-wing': 'tiny' } },
		sources: ['dominguez-2006']
	},
	{
		id: 'chiloporter',
		scientificName: 'Chiloporter',
		rank: 'genus',
		family: 'Ameletopsidae',
		group: 'mayfly',
		commonName: 'large southern swimmer',
		lives: ['patagonia'],
		waters: { freestone: 0.3, 'spring-creek': 0.2 },
		seasons: seasons([110, 155, 205]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: DUSK,
		waterC: water(6, 9, 15, 19),
		likes: 'mild',
		years: [1, 2],
		stages: mayfly(
			[15, 19, 24],
			['sand', 'mottled brown'],
			['pale yellow', 'tan', 'pale yellow'],
			['amber', 'brown', 'clear']
		),
		sources: ['dominguez-2006']
	}
];
