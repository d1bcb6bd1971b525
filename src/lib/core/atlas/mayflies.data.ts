import type { Hours, Taxon } from './taxon';

const middayThenEnds: Hours = {
	cool: [{ from: 10.5, peak: 13, to: 16 }],
	warm: [
		{ from: 7.5, peak: 10, to: 12.5 },
		{ from: 17, peak: 19.5, to: 21.5 }
	]
};
const eveningFalls: Hours = {
	cool: [{ from: 12, peak: 15, to: 18.5 }],
	warm: [
		{ from: 7, peak: 9.5, to: 11.5 },
		{ from: 18, peak: 20, to: 22 }
	]
};

/** Mayflies of cool northern running and still waters. */
export const MAYFLIES: readonly Taxon[] = [
	{
		id: 'baetis',
		scientificName: 'Baetis',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'olive',
		waters: { freestone: 1, tailwater: 1, 'spring-creek': 1 },
		seasons: [
			{ begins: 70, peaks: 115, ends: 170 },
			{ begins: 230, peaks: 275, ends: 325 }
		],
		emergence: 'open-water',
		emergenceHours: middayThenEnds,
		flightHours: eveningFalls,
		waterC: { least: 4.5, best: [7, 13], most: 18 },
		likes: 'dull',
		stages: [
			{ stage: 'nymph', lengthMm: { least: 4, typical: 7, most: 10 }, belly: 'olive', back: 'brown-olive' },
			{
				stage: 'emerger',
				lengthMm: { least: 4, typical: 7, most: 10 },
				belly: 'olive',
				back: 'brown-olive',
				wing: 'slate'
			},
			{
				stage: 'cripple',
				lengthMm: { least: 4, typical: 7, most: 10 },
				belly: 'olive',
				back: 'brown-olive',
				wing: 'slate'
			},
			{
				stage: 'dun',
				lengthMm: { least: 4, typical: 7, most: 10 },
				belly: 'grey-olive',
				back: 'brown-olive',
				wing: 'slate'
			},
			{
				stage: 'spinner',
				lengthMm: { least: 4, typical: 7, most: 10 },
				belly: 'rust',
				back: 'mahogany',
				wing: 'clear'
			}
		],
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'rhithrogena',
		scientificName: 'Rhithrogena',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'march-brown type',
		waters: { freestone: 0.8, tailwater: 0.25 },
		seasons: [{ begins: 80, peaks: 118, ends: 160 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 11.5, peak: 13.8, to: 16 }], warm: [{ from: 10, peak: 13, to: 15.5 }] },
		flightHours: eveningFalls,
		waterC: { least: 5.5, best: [8, 13], most: 17 },
		likes: 'any',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'tan',
				back: 'brown-olive',
				anatomy: { build: 'clinger' },
				zone: 'bed'
			},
			{
				stage: 'emerger',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'tan',
				back: 'brown',
				wing: 'mottled brown'
			},
			{
				stage: 'cripple',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'tan',
				back: 'brown',
				wing: 'mottled brown'
			},
			{
				stage: 'dun',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'tan',
				back: 'brown',
				wing: 'mottled brown'
			},
			{
				stage: 'spinner',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'cinnamon',
				back: 'chestnut',
				wing: 'clear'
			}
		],
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'ecdyonurus',
		scientificName: 'Ecdyonurus',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'late stone-clinger',
		waters: { freestone: 0.6, tailwater: 0.3 },
		seasons: [{ begins: 130, peaks: 185, ends: 260 }],
		emergence: 'crawls-out',
		emergenceHours: { cool: [{ from: 12, peak: 15, to: 18 }], warm: [{ from: 17, peak: 19.5, to: 21.5 }] },
		flightHours: eveningFalls,
		waterC: { least: 7, best: [10, 16], most: 20 },
		likes: 'any',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 9, typical: 12, most: 16 },
				belly: 'tan',
				back: 'brown',
				anatomy: { build: 'clinger' },
				zone: 'bed'
			},
			{
				stage: 'dun',
				lengthMm: { least: 9, typical: 12, most: 16 },
				belly: 'ginger',
				back: 'brown',
				wing: 'mottled brown'
			},
			{
				stage: 'spinner',
				lengthMm: { least: 9, typical: 12, most: 16 },
				belly: 'rust',
				back: 'mahogany',
				wing: 'clear'
			}
		],
		sources: ['elliott-humpesch-2010', 'brittain-1982']
	},
	{
		id: 'epeorus',
		scientificName: 'Epeorus',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'two-tailed torrent mayfly',
		waters: { freestone: 0.45 },
		seasons: [{ begins: 120, peaks: 160, ends: 215 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 11, peak: 13.5, to: 16.5 }], warm: [{ from: 16, peak: 19, to: 21 }] },
		flightHours: eveningFalls,
		waterC: { least: 6, best: [8, 14], most: 18 },
		likes: 'mild',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 8, typical: 11, most: 14 },
				belly: 'sand',
				back: 'brown-olive',
				anatomy: { build: 'clinger', tails: 2 },
				zone: 'bed'
			},
			{
				stage: 'emerger',
				lengthMm: { least: 8, typical: 11, most: 14 },
				belly: 'pale yellow',
				back: 'tan',
				wing: 'pale grey',
				anatomy: { tails: 2 }
			},
			{
				stage: 'dun',
				lengthMm: { least: 8, typical: 11, most: 14 },
				belly: 'pale yellow',
				back: 'tan',
				wing: 'pale grey'
			},
			{
				stage: 'spinner',
				lengthMm: { least: 8, typical: 11, most: 14 },
				belly: 'ginger',
				back: 'cinnamon',
				wing: 'clear'
			}
		],
		sources: ['bauernfeind-soldan-2012', 'merritt-2008']
	},
	{
		id: 'ephemera',
		scientificName: 'Ephemera',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'large burrowing mayfly',
		waters: { tailwater: 0.3, 'spring-creek': 0.7, lake: 0.4 },
		seasons: [{ begins: 132, peaks: 152, ends: 182 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 12, peak: 15, to: 18 }], warm: [{ from: 13, peak: 17, to: 20.5 }] },
		flightHours: { cool: [{ from: 15, peak: 18, to: 20.5 }], warm: [{ from: 17.5, peak: 19.8, to: 21.8 }] },
		waterC: { least: 9, best: [12, 17], most: 21 },
		likes: 'mild',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 16, typical: 22, most: 28 },
				belly: 'cream',
				back: 'sand',
				anatomy: { build: 'burrower' },
				zone: 'bed'
			},
			{
				stage: 'emerger',
				lengthMm: { least: 15, typical: 20, most: 25 },
				belly: 'cream',
				back: 'tan',
				wing: 'pale olive'
			},
			{
				stage: 'dun',
				lengthMm: { least: 15, typical: 20, most: 25 },
				belly: 'cream',
				back: 'sand',
				wing: 'pale olive',
				anatomy: { tails: 3 }
			},
			{
				stage: 'spinner',
				lengthMm: { least: 15, typical: 20, most: 25 },
				belly: 'white',
				back: 'brown',
				wing: 'clear',
				anatomy: { tails: 3 }
			}
		],
		sources: ['elliott-humpesch-2010', 'brittain-1982']
	},
	{
		id: 'ephemerella',
		scientificName: 'Ephemerella',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'sulphur mayfly',
		waters: { freestone: 0.5, tailwater: 0.8, 'spring-creek': 0.7 },
		seasons: [{ begins: 122, peaks: 155, ends: 200 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 12, peak: 14.5, to: 17 }], warm: [{ from: 17, peak: 19.3, to: 21.3 }] },
		flightHours: { cool: [{ from: 14, peak: 16.5, to: 19 }], warm: [{ from: 18.5, peak: 20.2, to: 22 }] },
		waterC: { least: 8, best: [11, 16], most: 20 },
		likes: 'mild',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 6, typical: 8, most: 11 },
				belly: 'brown-olive',
				back: 'brown',
				anatomy: { build: 'stout' }
			},
			{
				stage: 'emerger',
				lengthMm: { least: 6, typical: 8, most: 11 },
				belly: 'pale yellow',
				back: 'brown',
				wing: 'pale grey'
			},
			{
				stage: 'cripple',
				lengthMm: { least: 6, typical: 8, most: 11 },
				belly: 'pale yellow',
				back: 'brown',
				wing: 'pale grey'
			},
			{
				stage: 'dun',
				lengthMm: { least: 6, typical: 8, most: 11 },
				belly: 'sulphur',
				back: 'ginger',
				wing: 'pale grey',
				anatomy: { tails: 3 }
			},
			{
				stage: 'spinner',
				lengthMm: { least: 6, typical: 8, most: 11 },
				belly: 'rust',
				back: 'cinnamon',
				wing: 'clear',
				anatomy: { tails: 3 }
			}
		],
		sources: ['bauernfeind-soldan-2012', 'merritt-2008']
	},
	{
		id: 'serratella',
		scientificName: 'Serratella',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'blue-winged olive',
		waters: { freestone: 0.6, tailwater: 0.6, 'spring-creek': 0.8 },
		seasons: [{ begins: 155, peaks: 205, ends: 285 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 12, peak: 14.5, to: 17.5 }], warm: [{ from: 18, peak: 20, to: 22 }] },
		flightHours: { cool: [{ from: 14, peak: 17, to: 19.5 }], warm: [{ from: 18.5, peak: 20.3, to: 22.2 }] },
		waterC: { least: 8, best: [11, 17], most: 21 },
		likes: 'dull',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'brown',
				back: 'dark brown',
				anatomy: { build: 'stout' }
			},
			{
				stage: 'emerger',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'pale olive',
				back: 'dark brown',
				wing: 'slate'
			},
			{
				stage: 'cripple',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'pale olive',
				back: 'dark brown',
				wing: 'slate'
			},
			{
				stage: 'dun',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'pale olive',
				back: 'olive',
				wing: 'slate',
				anatomy: { tails: 3 }
			},
			{
				stage: 'spinner',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'amber',
				back: 'rust',
				wing: 'clear',
				anatomy: { tails: 3 }
			}
		],
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	},
	{
		id: 'paraleptophlebia',
		scientificName: 'Paraleptophlebia',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'mahogany dun',
		waters: { freestone: 0.5, 'spring-creek': 0.5, tailwater: 0.3 },
		seasons: [{ begins: 105, peaks: 145, ends: 200 }],
		emergence: 'crawls-out',
		emergenceHours: { cool: [{ from: 10.5, peak: 12.8, to: 15.5 }], warm: [{ from: 8, peak: 10.5, to: 13 }] },
		flightHours: eveningFalls,
		waterC: { least: 7, best: [9, 14], most: 18 },
		likes: 'mild',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'tan',
				back: 'chestnut',
				anatomy: { build: 'slender', tailLength: 0.9 }
			},
			{
				stage: 'dun',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'mahogany',
				back: 'mahogany',
				wing: 'slate',
				anatomy: { tails: 3 }
			},
			{
				stage: 'spinner',
				lengthMm: { least: 6, typical: 8, most: 10 },
				belly: 'mahogany',
				back: 'dark brown',
				wing: 'clear',
				anatomy: { tails: 3 }
			}
		],
		sources: ['elliott-humpesch-2010', 'merritt-2008']
	},
	{
		id: 'caenis',
		scientificName: 'Caenis',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'tiny white mayfly',
		waters: { 'spring-creek': 0.5, lake: 0.8, tailwater: 0.4 },
		seasons: [{ begins: 145, peaks: 185, ends: 240 }],
		emergence: 'open-water',
		emergenceHours: {
			cool: [{ from: 6, peak: 8.5, to: 11 }],
			warm: [
				{ from: 4.5, peak: 6.5, to: 9 },
				{ from: 19.5, peak: 21, to: 22.5 }
			]
		},
		flightHours: {
			cool: [{ from: 6.5, peak: 9, to: 11.5 }],
			warm: [
				{ from: 5, peak: 7.5, to: 10 },
				{ from: 20, peak: 21.3, to: 22.8 }
			]
		},
		waterC: { least: 11, best: [14, 20], most: 24 },
		likes: 'mild',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 3, typical: 4.5, most: 6 },
				belly: 'sand',
				back: 'brown',
				anatomy: { build: 'stout' },
				zone: 'bed'
			},
			{
				stage: 'emerger',
				lengthMm: { least: 2.5, typical: 4, most: 5.5 },
				belly: 'cream',
				back: 'tan',
				wing: 'white'
			},
			{
				stage: 'dun',
				lengthMm: { least: 2.5, typical: 4, most: 5.5 },
				belly: 'cream',
				back: 'tan',
				wing: 'white',
				anatomy: { tails: 3 }
			},
			{
				stage: 'spinner',
				lengthMm: { least: 2.5, typical: 4, most: 5.5 },
				belly: 'white',
				back: 'brown',
				wing: 'clear',
				anatomy: { tails: 3 }
			}
		],
		sources: ['elliott-humpesch-2010', 'brittain-1982']
	},
	{
		id: 'cloeon',
		scientificName: 'Cloeon',
		rank: 'genus',
		group: 'mayfly',
		commonName: 'lake olive',
		waters: { lake: 0.9, 'spring-creek': 0.15 },
		seasons: [
			{ begins: 115, peaks: 150, ends: 190 },
			{ begins: 210, peaks: 250, ends: 290 }
		],
		emergence: 'open-water',
		emergenceHours: middayThenEnds,
		flightHours: eveningFalls,
		waterC: { least: 8, best: [11, 19], most: 24 },
		likes: 'dull',
		stages: [
			{
				stage: 'nymph',
				lengthMm: { least: 5, typical: 8, most: 11 },
				belly: 'pale olive',
				back: 'olive',
				zone: 'under-film'
			},
			{
				stage: 'emerger',
				lengthMm: { least: 5, typical: 8, most: 11 },
				belly: 'pale olive',
				back: 'olive',
				wing: 'grey'
			},
			{
				stage: 'dun',
				lengthMm: { least: 5, typical: 8, most: 11 },
				belly: 'pale olive',
				back: 'olive',
				wing: 'grey'
			},
			{
				stage: 'spinner',
				lengthMm: { least: 5, typical: 8, most: 11 },
				belly: 'amber',
				back: 'claret',
				wing: 'clear'
			}
		],
		sources: ['elliott-humpesch-2010', 'bauernfeind-soldan-2012']
	}
];
