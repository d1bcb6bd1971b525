import type { Taxon } from './taxon';

/** Midges and blackflies, and the ants that fall in from the bank. */
export const TRUE_FLIES_AND_ANTS: readonly Taxon[] = [
	{
		id: 'chironomidae',
		scientificName: 'Chironomidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'midge',
		waters: { freestone: 0.5, tailwater: 0.9, 'spring-creek': 0.7, lake: 1 },
		seasons: [
			{ begins: 1, peaks: 100, ends: 200 },
			{ begins: 150, peaks: 260, ends: 366 }
		],
		emergence: 'open-water',
		emergenceHours: {
			cool: [{ from: 9, peak: 12.5, to: 16 }],
			warm: [
				{ from: 4.5, peak: 7, to: 10.5 },
				{ from: 17.5, peak: 20.5, to: 23 }
			]
		},
		flightHours: {
			cool: [{ from: 11, peak: 14, to: 17 }],
			warm: [{ from: 18, peak: 20.5, to: 22.5 }]
		},
		waterC: { least: 2, best: [5, 18], most: 24 },
		likes: 'any',
		stages: [
			{ stage: 'larva', lengthMm: { least: 4, typical: 9, most: 18 }, belly: 'red', back: 'red' },
			{
				stage: 'pupa',
				lengthMm: { least: 3, typical: 5.5, most: 12 },
				belly: 'charcoal',
				back: 'black-brown',
				wing: 'pale grey'
			},
			{
				stage: 'adult',
				lengthMm: { least: 3, typical: 5, most: 11 },
				belly: 'charcoal',
				back: 'black',
				wing: 'clear'
			}
		],
		sources: ['armitage-1995', 'merritt-2008']
	},
	{
		id: 'simuliidae',
		scientificName: 'Simuliidae',
		rank: 'family',
		group: 'true-fly',
		commonName: 'blackfly',
		waters: { freestone: 0.5, tailwater: 0.4, 'spring-creek': 0.6 },
		seasons: [{ begins: 85, peaks: 150, ends: 290 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 10, peak: 13, to: 16 }], warm: [{ from: 7, peak: 10, to: 13 }] },
		flightHours: { cool: [{ from: 12, peak: 14, to: 17 }], warm: [{ from: 17, peak: 19, to: 21 }] },
		waterC: { least: 5, best: [9, 18], most: 22 },
		likes: 'any',
		stages: [
			{
				stage: 'larva',
				lengthMm: { least: 4, typical: 6, most: 10 },
				belly: 'grey-olive',
				back: 'brown-olive',
				anatomy: { build: 'stout' }
			},
			{
				stage: 'pupa',
				lengthMm: { least: 3, typical: 4, most: 5 },
				belly: 'brown',
				back: 'dark brown',
				wing: 'pale grey',
				zone: 'under-film'
			},
			{
				stage: 'adult',
				lengthMm: { least: 2.5, typical: 3.5, most: 5 },
				belly: 'charcoal',
				back: 'black',
				wing: 'clear',
				anatomy: { antennae: 'short', build: 'stout' }
			}
		],
		sources: ['merritt-2008']
	},
	{
		id: 'formicidae',
		scientificName: 'Formicidae',
		rank: 'family',
		group: 'ant',
		commonName: 'ant',
		waters: { freestone: 0.5, tailwater: 0.4, 'spring-creek': 0.5, lake: 0.5 },
		seasons: [{ begins: 118, peaks: 205, ends: 285 }],
		emergence: 'land',
		emergenceHours: { cool: [{ from: 11, peak: 14, to: 17 }], warm: [{ from: 10, peak: 15, to: 19 }] },
		flightHours: { cool: [{ from: 12, peak: 14.5, to: 17 }], warm: [{ from: 12, peak: 16, to: 19 }] },
		waterC: { least: 6, best: [10, 20], most: 26 },
		likes: 'mild',
		stages: [
			{
				stage: 'terrestrial',
				lengthMm: { least: 3, typical: 6, most: 12 },
				belly: 'black-brown',
				back: 'black'
			},
			{
				stage: 'adult',
				lengthMm: { least: 3, typical: 7, most: 14 },
				belly: 'black-brown',
				back: 'black',
				wing: 'clear'
			}
		],
		sources: ['hoelldobler-wilson-1990']
	}
];
