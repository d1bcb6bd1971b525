import type { Taxon } from './taxon';

/** Stoneflies: two-tailed, without gills along the abdomen; they crawl out to emerge. */
export const STONEFLIES: readonly Taxon[] = [
	{
		id: 'capnia',
		scientificName: 'Capnia',
		rank: 'genus',
		group: 'stonefly',
		commonName: 'small winter stonefly',
		waters: { freestone: 0.6, tailwater: 0.2 },
		seasons: [{ begins: 15, peaks: 65, ends: 115 }],
		emergence: 'crawls-out',
		emergenceHours: { cool: [{ from: 10, peak: 13, to: 16 }], warm: [{ from: 9, peak: 12, to: 15 }] },
		flightHours: { cool: [{ from: 11, peak: 13.5, to: 16 }], warm: [{ from: 10, peak: 13, to: 16 }] },
		waterC: { least: 1, best: [3, 7], most: 11 },
		likes: 'mild',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 5, typical: 7, most: 9 },
				belly: 'brown',
				back: 'dark brown',
				anatomy: { build: 'slender' }
			},
			{
				stage: 'adult',
				lengthMm: { least: 5, typical: 7, most: 9 },
				belly: 'black-brown',
				back: 'black',
				wing: 'charcoal'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'black-brown',
				back: 'black',
				wing: 'charcoal'
			}
		],
		sources: ['hynes-1977', 'brittain-1990']
	},
	{
		id: 'leuctra',
		scientificName: 'Leuctra',
		rank: 'genus',
		group: 'stonefly',
		commonName: 'needle fly',
		waters: { freestone: 0.7, tailwater: 0.3, 'spring-creek': 0.3 },
		seasons: [
			{ begins: 95, peaks: 130, ends: 170 },
			{ begins: 220, peaks: 262, ends: 310 }
		],
		emergence: 'crawls-out',
		emergenceHours: { cool: [{ from: 10, peak: 13, to: 16 }], warm: [{ from: 8, peak: 11, to: 15 }] },
		flightHours: { cool: [{ from: 11, peak: 14, to: 17 }], warm: [{ from: 15, peak: 18, to: 20.5 }] },
		waterC: { least: 4, best: [7, 14], most: 18 },
		likes: 'any',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 5, typical: 8, most: 10 },
				belly: 'tan',
				back: 'ginger',
				anatomy: { build: 'slender' }
			},
			{
				stage: 'adult',
				lengthMm: { least: 5, typical: 7, most: 9 },
				belly: 'dark brown',
				back: 'black-brown',
				wing: 'brown'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'dark brown',
				back: 'black-brown',
				wing: 'brown'
			}
		],
		sources: ['hynes-1977']
	},
	{
		id: 'nemoura',
		scientificName: 'Nemoura',
		rank: 'genus',
		group: 'stonefly',
		commonName: 'small brown stonefly',
		waters: { freestone: 0.5, 'spring-creek': 0.35, tailwater: 0.2 },
		seasons: [{ begins: 70, peaks: 110, ends: 165 }],
		emergence: 'crawls-out',
		emergenceHours: { cool: [{ from: 10, peak: 13, to: 16 }], warm: [{ from: 9, peak: 12, to: 15 }] },
		flightHours: { cool: [{ from: 11, peak: 14, to: 17 }], warm: [{ from: 14, peak: 17, to: 20 }] },
		waterC: { least: 4, best: [6, 12], most: 16 },
		likes: 'any',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 5, typical: 7, most: 9 },
				belly: 'brown',
				back: 'dark brown',
				anatomy: { build: 'stout' }
			},
			{
				stage: 'adult',
				lengthMm: { least: 6, typical: 8, most: 9 },
				belly: 'brown',
				back: 'dark brown',
				wing: 'brown'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'brown',
				back: 'dark brown',
				wing: 'brown'
			}
		],
		sources: ['hynes-1977', 'brittain-1990']
	},
	{
		id: 'isoperla',
		scientificName: 'Isoperla',
		rank: 'genus',
		group: 'stonefly',
		commonName: 'yellow stonefly',
		waters: { freestone: 0.6, tailwater: 0.3, 'spring-creek': 0.2 },
		seasons: [{ begins: 118, peaks: 155, ends: 205 }],
		emergence: 'crawls-out',
		emergenceHours: { cool: [{ from: 10, peak: 13, to: 16 }], warm: [{ from: 5, peak: 8, to: 11 }] },
		flightHours: { cool: [{ from: 12, peak: 15, to: 18 }], warm: [{ from: 16, peak: 19, to: 21 }] },
		waterC: { least: 6, best: [9, 15], most: 19 },
		likes: 'mild',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 9, typical: 12, most: 16 },
				belly: 'pale yellow',
				back: 'brown-olive'
			},
			{
				stage: 'adult',
				lengthMm: { least: 8, typical: 11, most: 14 },
				belly: 'sulphur',
				back: 'pale olive',
				wing: 'pale yellow'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'sulphur',
				back: 'pale olive',
				wing: 'pale yellow'
			}
		],
		sources: ['hynes-1977', 'merritt-2008']
	},
	{
		id: 'perla',
		scientificName: 'Perla',
		rank: 'genus',
		group: 'stonefly',
		commonName: 'large stonefly',
		waters: { freestone: 0.55, tailwater: 0.1 },
		seasons: [{ begins: 125, peaks: 152, ends: 190 }],
		emergence: 'crawls-out',
		emergenceHours: {
			cool: [{ from: 4, peak: 6.5, to: 10 }],
			warm: [
				{ from: 3, peak: 5, to: 8 },
				{ from: 21, peak: 23, to: 26 }
			]
		},
		flightHours: { cool: [{ from: 12, peak: 15, to: 18 }], warm: [{ from: 15, peak: 18.5, to: 21 }] },
		waterC: { least: 7, best: [9, 15], most: 19 },
		likes: 'mild',
		stages: [
			{ stage: 'nymph', lengthMm: { least: 18, typical: 26, most: 35 }, belly: 'sand', back: 'dark brown' },
			{
				stage: 'adult',
				lengthMm: { least: 16, typical: 22, most: 28 },
				belly: 'ginger',
				back: 'dark brown',
				wing: 'brown'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 20, typical: 25, most: 30 },
				belly: 'ginger',
				back: 'dark brown',
				wing: 'brown'
			}
		],
		sources: ['hynes-1977', 'brittain-1990']
	}
];
