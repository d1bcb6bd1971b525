import { AFTERNOON, EVENING, hours, MIDDAY, NIGHT, seasons, stages, water, type StageRow } from './compact';
import type { ShadeName } from './shades';
import type { Taxon } from './taxon';

type Length = readonly [number, number, number];
const stoneflySources = ['hynes-1977', 'merritt-2008'] as const;
const caddisSources = ['wiggins-2004', 'wallace-2003'] as const;

/** Nymph, adult and egg-layer: all that a fisher meets of a stonefly. */
const stonefly = (
	nymph: Length,
	adult: Length,
	nymphBelly: ShadeName,
	nymphBack: ShadeName,
	belly: ShadeName,
	back: ShadeName,
	wing: ShadeName
) =>
	stages([
		['nymph', nymph, nymphBelly, nymphBack],
		['adult', adult, belly, back, wing],
		['egg-laying', [adult[0] + 1, adult[1] + 1, adult[2] + 2], belly, back, wing]
	]);

/** Larva, pupa, adult and egg-layer of a caddis. */
const caddis = (
	larva: Length,
	adult: Length,
	larvaBelly: ShadeName,
	pupaBelly: ShadeName,
	belly: ShadeName,
	wing: ShadeName,
	differs?: StageRow[5]
) =>
	stages([
		['larva', larva, larvaBelly, 'brown', undefined, differs],
		['pupa', [adult[0], adult[1] + 1, adult[2] + 1], pupaBelly, 'brown', wing],
		['adult', adult, belly, 'brown', wing],
		['egg-laying', [adult[0] + 1, adult[1] + 1, adult[2] + 1], belly, 'brown', wing]
	]);

const crawls = 'crawls-out' as const;
const genus = 'genus' as const;

export const MORE_STONEFLIES: readonly Taxon[] = [
	{
		id: 'taeniopteryx',
		scientificName: 'Taeniopteryx',
		rank: genus,
		group: 'stonefly',
		commonName: 'early dark stonefly',
		waters: { freestone: 0.4, tailwater: 0.15 },
		seasons: seasons([40, 75, 110]),
		emergence: crawls,
		emergenceHours: MIDDAY,
		flightHours: MIDDAY,
		waterC: water(2, 4, 8, 12),
		likes: 'mild',
		stages: stonefly([8, 11, 14], [8, 10, 13], 'brown', 'dark brown', 'dark brown', 'black-brown', 'brown'),
		sources: stoneflySources
	},
	{
		id: 'brachyptera',
		scientificName: 'Brachyptera',
		rank: genus,
		group: 'stonefly',
		commonName: 'february-red type',
		waters: { freestone: 0.45 },
		seasons: seasons([45, 85, 125]),
		emergence: crawls,
		emergenceHours: MIDDAY,
		flightHours: MIDDAY,
		waterC: water(2, 4, 9, 13),
		likes: 'mild',
		stages: stonefly([7, 10, 12], [7, 9, 11], 'tan', 'brown', 'chestnut', 'mahogany', 'chestnut'),
		sources: stoneflySources
	},
	{
		id: 'protonemura',
		scientificName: 'Protonemura',
		rank: genus,
		group: 'stonefly',
		commonName: 'moss stonefly',
		waters: { freestone: 0.5 },
		seasons: seasons([80, 120, 170]),
		emergence: crawls,
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(3, 6, 11, 15),
		likes: 'any',
		stages: stonefly([6, 8, 10], [6, 8, 10], 'brown', 'dark brown', 'brown', 'dark brown', 'slate'),
		sources: stoneflySources
	},
	{
		id: 'amphinemura',
		scientificName: 'Amphinemura',
		rank: genus,
		group: 'stonefly',
		commonName: 'small dusky stonefly',
		waters: { freestone: 0.4, 'spring-creek': 0.15 },
		seasons: seasons([105, 140, 185]),
		emergence: crawls,
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(5, 8, 13, 17),
		likes: 'any',
		stages: stonefly([4, 6, 7], [4, 6, 7], 'brown', 'dark brown', 'dark brown', 'black-brown', 'charcoal'),
		sources: stoneflySources
	},
	{
		id: 'siphonoperla',
		scientificName: 'Siphonoperla',
		rank: genus,
		group: 'stonefly',
		commonName: 'small yellow stonefly',
		waters: { freestone: 0.5 },
		seasons: seasons([120, 160, 215]),
		emergence: crawls,
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(6, 9, 14, 18),
		likes: 'mild',
		stages: stonefly([6, 8, 10], [6, 7, 9], 'pale yellow', 'tan', 'sulphur', 'pale olive', 'pale yellow'),
		sources: stoneflySources
	},
	{
		id: 'alloperla',
		scientificName: 'Alloperla',
		rank: genus,
		group: 'stonefly',
		commonName: 'green stonefly',
		waters: { freestone: 0.35 },
		seasons: seasons([145, 180, 220]),
		emergence: crawls,
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(6, 9, 14, 18),
		likes: 'mild',
		stages: stonefly(
			[7, 9, 12],
			[7, 9, 11],
			'pale yellow',
			'tan',
			'apple green',
			'apple green',
			'pale yellow'
		),
		sources: stoneflySources
	},
	{
		id: 'perlodes',
		scientificName: 'Perlodes',
		rank: genus,
		group: 'stonefly',
		commonName: 'large springfly',
		waters: { freestone: 0.4, tailwater: 0.1 },
		seasons: seasons([80, 110, 145]),
		emergence: crawls,
		emergenceHours: NIGHT,
		flightHours: AFTERNOON,
		waterC: water(4, 6, 11, 15),
		likes: 'mild',
		stages: stonefly([17, 23, 30], [16, 20, 25], 'pale yellow', 'brown', 'brown', 'dark brown', 'grey'),
		sources: stoneflySources
	},
	{
		id: 'dinocras',
		scientificName: 'Dinocras',
		rank: genus,
		group: 'stonefly',
		commonName: 'dark large stonefly',
		waters: { freestone: 0.4 },
		seasons: seasons([130, 158, 195]),
		emergence: crawls,
		emergenceHours: NIGHT,
		flightHours: EVENING,
		waterC: water(6, 9, 14, 18),
		likes: 'mild',
		stages: stonefly(
			[18, 25, 33],
			[16, 21, 26],
			'sand',
			'black-brown',
			'dark brown',
			'black-brown',
			'dark brown'
		),
		sources: ['hynes-1977', 'brittain-1990']
	},
	{
		id: 'pteronarcys',
		scientificName: 'Pteronarcys',
		rank: genus,
		group: 'stonefly',
		commonName: 'giant stonefly',
		waters: { freestone: 0.35, tailwater: 0.15 },
		seasons: seasons([125, 150, 180]),
		emergence: crawls,
		emergenceHours: NIGHT,
		flightHours: AFTERNOON,
		waterC: water(7, 9, 14, 18),
		likes: 'mild',
		stages: stonefly(
			[30, 40, 52],
			[28, 36, 45],
			'dark brown',
			'black-brown',
			'orange',
			'dark brown',
			'brown'
		),
		sources: stoneflySources
	}
];

const hour = hours([[12, 15, 18]], [[17, 20, 22]]);

export const MORE_CADDISFLIES: readonly Taxon[] = [
	{
		id: 'glossosoma',
		scientificName: 'Glossosoma',
		rank: genus,
		group: 'caddisfly',
		commonName: 'saddle-case caddis',
		waters: { freestone: 0.5, tailwater: 0.4, 'spring-creek': 0.3 },
		seasons: seasons([95, 135, 190], [225, 250, 285]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(6, 8, 14, 18),
		likes: 'mild',
		stages: caddis([5, 7, 9], [6, 7, 9], 'sand', 'tan', 'brown', 'brown', { anatomy: { case: 'stones' } }),
		sources: caddisSources
	},
	{
		id: 'agapetus',
		scientificName: 'Agapetus',
		rank: genus,
		group: 'caddisfly',
		commonName: 'small pebble-case caddis',
		waters: { freestone: 0.4, 'spring-creek': 0.5 },
		seasons: seasons([120, 155, 205]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(7, 9, 14, 18),
		likes: 'mild',
		stages: caddis([4, 5, 6], [4, 5, 6], 'sand', 'cinnamon', 'dark brown', 'brown', {
			anatomy: { case: 'stones' }
		}),
		sources: caddisSources
	},
	{
		id: 'philopotamus',
		scientificName: 'Philopotamus',
		rank: genus,
		group: 'caddisfly',
		commonName: 'torrent caddis',
		waters: { freestone: 0.4 },
		seasons: seasons([100, 140, 195]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(5, 7, 12, 16),
		likes: 'any',
		stages: caddis([11, 15, 19], [8, 10, 12], 'amber', 'olive', 'dark olive', 'mottled brown'),
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'polycentropus',
		scientificName: 'Polycentropus',
		rank: genus,
		group: 'caddisfly',
		commonName: 'trumpet-net caddis',
		waters: { freestone: 0.3, tailwater: 0.4, lake: 0.4 },
		seasons: seasons([140, 185, 250]),
		emergence: 'open-water',
		emergenceHours: hour,
		flightHours: EVENING,
		waterC: water(9, 11, 17, 22),
		likes: 'mild',
		stages: caddis([10, 14, 18], [7, 9, 11], 'grey-olive', 'olive', 'brown-olive', 'mottled brown'),
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'psychomyia',
		scientificName: 'Psychomyia',
		rank: genus,
		group: 'caddisfly',
		commonName: 'small yellow-brown caddis',
		waters: { tailwater: 0.5, freestone: 0.4, 'spring-creek': 0.3 },
		seasons: seasons([140, 180, 245]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(9, 11, 18, 22),
		likes: 'mild',
		stages: caddis([4, 6, 8], [4, 5, 6], 'olive', 'ginger', 'ginger', 'tan'),
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'lepidostoma',
		scientificName: 'Lepidostoma',
		rank: genus,
		group: 'caddisfly',
		commonName: 'square-case caddis',
		waters: { freestone: 0.4, 'spring-creek': 0.5, tailwater: 0.4 },
		seasons: seasons([145, 185, 235]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(8, 10, 16, 20),
		likes: 'mild',
		stages: caddis([7, 9, 11], [7, 9, 11], 'pale olive', 'apple green', 'olive', 'tan', {
			anatomy: { case: 'square' }
		}),
		sources: caddisSources
	},
	{
		id: 'sericostoma',
		scientificName: 'Sericostoma',
		rank: genus,
		group: 'caddisfly',
		commonName: 'sand-case caddis',
		waters: { freestone: 0.35, 'spring-creek': 0.4, lake: 0.15 },
		seasons: seasons([140, 175, 220]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(8, 10, 16, 20),
		likes: 'mild',
		stages: caddis([11, 14, 17], [11, 13, 15], 'cream', 'amber', 'dark brown', 'chestnut', {
			anatomy: { case: 'stones' }
		}),
		sources: caddisSources
	},
	{
		id: 'dicosmoecus',
		scientificName: 'Dicosmoecus',
		rank: genus,
		group: 'caddisfly',
		commonName: 'giant autumn caddis',
		waters: { freestone: 0.3, tailwater: 0.2 },
		seasons: seasons([235, 270, 300]),
		emergence: crawls,
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(6, 8, 14, 18),
		likes: 'mild',
		stages: caddis([22, 30, 38], [18, 24, 30], 'cream', 'orange', 'orange', 'cinnamon', {
			anatomy: { case: 'stones' }
		}),
		sources: caddisSources
	},
	{
		id: 'mystacides',
		scientificName: 'Mystacides',
		rank: genus,
		group: 'caddisfly',
		commonName: 'black dancer caddis',
		waters: { lake: 0.6, tailwater: 0.2, 'spring-creek': 0.3 },
		seasons: seasons([145, 185, 245]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(10, 12, 19, 23),
		likes: 'mild',
		stages: caddis([8, 10, 12], [7, 8, 9], 'pale olive', 'olive', 'charcoal', 'black', {
			anatomy: { case: 'plants' }
		}),
		sources: caddisSources
	},
	{
		id: 'phryganea',
		scientificName: 'Phryganea',
		rank: genus,
		group: 'caddisfly',
		commonName: 'great lake caddis',
		waters: { lake: 0.5 },
		seasons: seasons([140, 175, 225]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(10, 13, 19, 23),
		likes: 'mild',
		stages: caddis([25, 32, 40], [18, 22, 27], 'cream', 'ginger', 'brown', 'mottled brown', {
			anatomy: { case: 'plants' }
		}),
		sources: caddisSources
	},
	{
		id: 'cheumatopsyche',
		scientificName: 'Cheumatopsyche',
		rank: genus,
		group: 'caddisfly',
		commonName: 'small net-spinning caddis',
		waters: { tailwater: 0.6, freestone: 0.4, 'spring-creek': 0.3 },
		seasons: seasons([140, 185, 255]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(10, 12, 19, 23),
		likes: 'mild',
		stages: caddis([8, 10, 13], [6, 8, 9], 'olive', 'apple green', 'olive', 'mottled brown', {
			anatomy: { gills: 'abdomen' }
		}),
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	}
];
