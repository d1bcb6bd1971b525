import { AFTERNOON, EVENING, hours, MIDDAY, NIGHT, seasons, stages, water } from './compact';
import type { Taxon } from './taxon';

const elliott = ['elliott-humpesch-2010', 'bauernfeind-soldan-2012'] as const;
const merritt = ['merritt-2008', 'brittain-1982'] as const;
const three = { anatomy: { tails: 3 } } as const;
const clinger = { anatomy: { build: 'clinger' }, zone: 'bed' } as const;
const group = 'mayfly' as const;
const rank = 'genus' as const;

/** Further mayflies of the northern temperate zone, running and still water. */
export const MORE_MAYFLIES: readonly Taxon[] = [
	{
		id: 'heptagenia',
		scientificName: 'Heptagenia',
		rank,
		group,
		commonName: 'yellow upland mayfly',
		waters: { freestone: 0.4, tailwater: 0.3 },
		seasons: seasons([130, 165, 215]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(7, 10, 16, 20),
		likes: 'mild',
		stages: stages([
			['nymph', [8, 10, 13], 'sand', 'brown-olive', undefined, clinger],
			['emerger', [8, 10, 12], 'pale yellow', 'tan', 'pale grey'],
			['dun', [8, 10, 12], 'sulphur', 'ginger', 'pale grey'],
			['spinner', [8, 10, 12], 'amber', 'ginger', 'clear']
		]),
		sources: elliott
	},
	{
		id: 'stenonema',
		scientificName: 'Stenonema',
		rank,
		group,
		commonName: 'pale stone-clinger',
		waters: { freestone: 0.4, tailwater: 0.2, lake: 0.1 },
		seasons: seasons([135, 170, 225]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(9, 12, 18, 23),
		likes: 'mild',
		stages: stages([
			['nymph', [8, 11, 14], 'cream', 'mottled brown', undefined, clinger],
			['emerger', [8, 11, 13], 'cream', 'tan', 'pale yellow'],
			['dun', [8, 11, 13], 'cream', 'ginger', 'pale yellow'],
			['spinner', [8, 11, 13], 'pale yellow', 'ginger', 'clear']
		]),
		sources: merritt
	},
	{
		id: 'cinygmula',
		scientificName: 'Cinygmula',
		rank,
		group,
		commonName: 'dark red-quill type',
		waters: { freestone: 0.35 },
		seasons: seasons([120, 160, 215]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(5, 7, 12, 16),
		likes: 'mild',
		stages: stages([
			['nymph', [6, 8, 10], 'tan', 'brown', undefined, clinger],
			['emerger', [6, 8, 10], 'cinnamon', 'brown', 'blue-grey'],
			['dun', [6, 8, 10], 'cinnamon', 'brown', 'blue-grey'],
			['spinner', [6, 8, 10], 'rust', 'mahogany', 'clear']
		]),
		sources: merritt
	},
	{
		id: 'ameletus',
		scientificName: 'Ameletus',
		rank,
		group,
		commonName: 'brown upland swimmer',
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
		sources: merritt
	},
	{
		id: 'siphlonurus',
		scientificName: 'Siphlonurus',
		rank,
		group,
		commonName: 'large summer mayfly',
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
		sources: elliott
	},
	{
		id: 'leptophlebia',
		scientificName: 'Leptophlebia',
		rank,
		group,
		commonName: 'claret mayfly',
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
			['dun', [8, 10, 12], 'claret', 'black-brown', 'charcoal', three],
			['spinner', [8, 10, 12], 'claret', 'dark brown', 'clear', three]
		]),
		sources: elliott
	},
	{
		id: 'habrophlebia',
		scientificName: 'Habrophlebia',
		rank,
		group,
		commonName: 'ditch mayfly',
		waters: { 'spring-creek': 0.25, freestone: 0.15 },
		seasons: seasons([145, 180, 225]),
		emergence: 'crawls-out',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(9, 11, 16, 20),
		likes: 'mild',
		stages: stages([
			['nymph', [4, 6, 7], 'tan', 'brown', undefined, { anatomy: { build: 'slender', tailLength: 1 } }],
			['dun', [4, 6, 7], 'brown', 'dark brown', 'grey', three],
			['spinner', [4, 6, 7], 'mahogany', 'dark brown', 'clear', three]
		]),
		sources: elliott
	},
	{
		id: 'callibaetis',
		scientificName: 'Callibaetis',
		rank,
		group,
		commonName: 'speckled lake mayfly',
		waters: { lake: 0.7, 'spring-creek': 0.4 },
		seasons: seasons([120, 160, 200], [205, 235, 275]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 13, 15.5]], [[9.5, 11.5, 14]]),
		flightHours: MIDDAY,
		waterC: water(8, 11, 19, 24),
		likes: 'any',
		stages: stages([
			['nymph', [6, 9, 12], 'pale olive', 'grey-olive', undefined, { zone: 'under-film' }],
			['emerger', [6, 9, 12], 'tan', 'grey-olive', 'mottled grey'],
			['cripple', [6, 9, 12], 'tan', 'grey-olive', 'mottled grey'],
			['dun', [6, 9, 12], 'tan', 'grey-olive', 'mottled grey'],
			['spinner', [6, 9, 12], 'sand', 'mottled brown', 'clear']
		]),
		sources: merritt
	},
	{
		id: 'procloeon',
		scientificName: 'Procloeon',
		rank,
		group,
		commonName: 'pale evening mayfly',
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
		sources: elliott
	},
	{
		id: 'acentrella',
		scientificName: 'Acentrella',
		rank,
		group,
		commonName: 'tiny torrent olive',
		waters: { freestone: 0.35, tailwater: 0.2 },
		seasons: seasons([110, 150, 200], [240, 265, 300]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(6, 9, 15, 19),
		likes: 'dull',
		stages: stages([
			['nymph', [3, 5, 6], 'olive', 'brown-olive', undefined, { anatomy: { tails: 2 } }],
			['emerger', [3, 5, 6], 'olive', 'brown-olive', 'slate', { anatomy: { tails: 2 } }],
			['dun', [3, 5, 6], 'dark olive', 'brown-olive', 'slate'],
			['spinner', [3, 5, 6], 'mahogany', 'dark brown', 'clear']
		]),
		sources: ['bauernfeind-soldan-2012', 'merritt-2008']
	},
	{
		id: 'drunella',
		scientificName: 'Drunella',
		rank,
		group,
		commonName: 'large green mayfly',
		waters: { freestone: 0.4, tailwater: 0.3 },
		seasons: seasons([140, 172, 210]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(7, 9, 14, 18),
		likes: 'dull',
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
			['dun', [9, 12, 15], 'dark olive', 'brown-olive', 'slate', three],
			['spinner', [9, 12, 15], 'dark olive', 'mahogany', 'clear', three]
		]),
		sources: merritt
	},
	{
		id: 'tricorythodes',
		scientificName: 'Tricorythodes',
		rank,
		group,
		commonName: 'tiny dawn mayfly',
		waters: { 'spring-creek': 0.5, tailwater: 0.5 },
		seasons: seasons([180, 225, 285]),
		emergence: 'open-water',
		emergenceHours: hours([[6.5, 9, 11.5]], [[4.5, 6.5, 9]]),
		flightHours: hours([[8, 10, 12.5]], [[6, 8, 10.5]]),
		waterC: water(11, 14, 20, 24),
		likes: 'mild',
		stages: stages([
			['nymph', [3, 4.5, 6], 'brown', 'dark brown', undefined, { anatomy: { build: 'stout' }, zone: 'bed' }],
			['emerger', [3, 4, 5], 'pale olive', 'charcoal', 'white'],
			['dun', [3, 4, 5], 'pale olive', 'charcoal', 'white', three],
			['spinner', [3, 4, 5], 'white', 'black', 'clear', three]
		]),
		sources: merritt
	},
	{
		id: 'hexagenia',
		scientificName: 'Hexagenia',
		rank,
		group,
		commonName: 'giant burrowing mayfly',
		waters: { lake: 0.4, tailwater: 0.15, 'spring-creek': 0.1 },
		seasons: seasons([155, 178, 210]),
		emergence: 'open-water',
		emergenceHours: hours([[18, 20, 22]], [[20, 21.7, 24]]),
		flightHours: hours([[18, 20, 22]], [[20, 21.7, 24]]),
		waterC: water(13, 16, 21, 25),
		likes: 'mild',
		stages: stages([
			['nymph', [20, 27, 35], 'cream', 'sand', undefined, { anatomy: { build: 'burrower' }, zone: 'bed' }],
			['emerger', [18, 24, 30], 'pale yellow', 'ginger', 'grey-olive'],
			['dun', [18, 24, 30], 'pale yellow', 'brown-olive', 'grey-olive'],
			['spinner', [18, 24, 30], 'sulphur', 'brown', 'clear']
		]),
		sources: merritt
	},
	{
		id: 'potamanthus',
		scientificName: 'Potamanthus',
		rank,
		group,
		commonName: 'yellow silt mayfly',
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
			['dun', [10, 12, 14], 'sulphur', 'ginger', 'pale yellow', three],
			['spinner', [10, 12, 14], 'sulphur', 'amber', 'clear', three]
		]),
		sources: ['bauernfeind-soldan-2012', 'brittain-1982']
	},
	{
		id: 'isonychia',
		scientificName: 'Isonychia',
		rank,
		group,
		commonName: 'slate-winged swimmer',
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
		sources: merritt
	},
	{
		id: 'oligoneuriella',
		scientificName: 'Oligoneuriella',
		rank,
		group,
		commonName: 'milky-winged mayfly',
		waters: { freestone: 0.1, tailwater: 0.1 },
		seasons: seasons([205, 225, 245]),
		emergence: 'open-water',
		emergenceHours: hours([[17, 19, 21]], [[18.5, 20, 21.5]]),
		flightHours: NIGHT,
		waterC: water(13, 15, 20, 24),
		likes: 'mild',
		stages: stages([
			['nymph', [11, 14, 17], 'tan', 'brown', undefined, clinger],
			['emerger', [10, 13, 15], 'sand', 'tan', 'white'],
			['dun', [10, 13, 15], 'sand', 'tan', 'white'],
			['spinner', [10, 13, 15], 'sand', 'brown', 'clear']
		]),
		sources: ['bauernfeind-soldan-2012', 'brittain-1982']
	}
];
