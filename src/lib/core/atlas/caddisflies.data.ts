import type { Taxon } from './taxon';

/** Caddisflies: cased and free larvae, a swimming pupa, tent-winged adults. */
export const CADDISFLIES: readonly Taxon[] = [
	{
		id: 'brachycentrus',
		scientificName: 'Brachycentrus',
		rank: 'genus',
		group: 'caddisfly',
		commonName: 'grannom',
		waters: { freestone: 0.6, tailwater: 0.6, 'spring-creek': 0.5 },
		seasons: [{ begins: 95, peaks: 122, ends: 155 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 11, peak: 14, to: 17 }], warm: [{ from: 9, peak: 12, to: 16 }] },
		flightHours: { cool: [{ from: 13, peak: 15.5, to: 18 }], warm: [{ from: 15, peak: 18, to: 20.5 }] },
		waterC: { least: 7, best: [9, 14], most: 18 },
		likes: 'mild',
		stages: [
			{
				stage: 'larva',
				lengthMm: { least: 8, typical: 10, most: 13 },
				belly: 'apple green',
				back: 'brown',
				anatomy: { case: 'square' }
			},
			{
				stage: 'pupa',
				lengthMm: { least: 8, typical: 10, most: 12 },
				belly: 'bright green',
				back: 'dark olive',
				wing: 'charcoal'
			},
			{
				stage: 'adult',
				lengthMm: { least: 7, typical: 9, most: 11 },
				belly: 'dark olive',
				back: 'charcoal',
				wing: 'mottled grey'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 8, typical: 9.5, most: 12 },
				belly: 'apple green',
				back: 'charcoal',
				wing: 'mottled grey'
			}
		],
		sources: ['wallace-2003', 'wiggins-2004']
	},
	{
		id: 'hydropsyche',
		scientificName: 'Hydropsyche',
		rank: 'genus',
		group: 'caddisfly',
		commonName: 'net-spinning caddis',
		waters: { freestone: 0.8, tailwater: 0.9, 'spring-creek': 0.5 },
		seasons: [{ begins: 125, peaks: 175, ends: 265 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 13, peak: 16, to: 19 }], warm: [{ from: 18, peak: 20.3, to: 22.5 }] },
		flightHours: { cool: [{ from: 14, peak: 17, to: 19.5 }], warm: [{ from: 18, peak: 20.5, to: 22.5 }] },
		waterC: { least: 8, best: [11, 18], most: 22 },
		likes: 'mild',
		stages: [
			{
				stage: 'larva',
				lengthMm: { least: 9, typical: 13, most: 18 },
				belly: 'pale olive',
				back: 'brown-olive',
				anatomy: { gills: 'abdomen' }
			},
			{
				stage: 'pupa',
				lengthMm: { least: 8, typical: 11, most: 14 },
				belly: 'olive',
				back: 'brown',
				wing: 'brown'
			},
			{
				stage: 'adult',
				lengthMm: { least: 8, typical: 10, most: 13 },
				belly: 'olive',
				back: 'brown',
				wing: 'mottled brown'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 9, typical: 11, most: 14 },
				belly: 'pale olive',
				back: 'brown',
				wing: 'mottled brown'
			}
		],
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'rhyacophila',
		scientificName: 'Rhyacophila',
		rank: 'genus',
		group: 'caddisfly',
		commonName: 'free-living green caddis',
		waters: { freestone: 0.8, tailwater: 0.4, 'spring-creek': 0.2 },
		seasons: [{ begins: 110, peaks: 165, ends: 270 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 12, peak: 15, to: 18 }], warm: [{ from: 17, peak: 19.8, to: 22 }] },
		flightHours: { cool: [{ from: 13, peak: 16, to: 19 }], warm: [{ from: 17.5, peak: 20, to: 22 }] },
		waterC: { least: 6, best: [8, 14], most: 18 },
		likes: 'any',
		stages: [
			{
				stage: 'larva',
				lengthMm: { least: 10, typical: 15, most: 22 },
				belly: 'apple green',
				back: 'bright green'
			},
			{
				stage: 'pupa',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'apple green',
				back: 'brown-olive',
				wing: 'brown'
			},
			{
				stage: 'adult',
				lengthMm: { least: 8, typical: 11, most: 14 },
				belly: 'dark olive',
				back: 'brown',
				wing: 'mottled grey'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 9, typical: 12, most: 15 },
				belly: 'olive',
				back: 'brown',
				wing: 'mottled grey'
			}
		],
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'limnephilus',
		scientificName: 'Limnephilus',
		rank: 'genus',
		group: 'caddisfly',
		commonName: 'cinnamon caddis',
		waters: { lake: 0.8, 'spring-creek': 0.4, tailwater: 0.2 },
		seasons: [{ begins: 140, peaks: 215, ends: 290 }],
		emergence: 'open-water',
		emergenceHours: { cool: [{ from: 15, peak: 18, to: 20.5 }], warm: [{ from: 19, peak: 21, to: 23.5 }] },
		flightHours: { cool: [{ from: 16, peak: 18.5, to: 21 }], warm: [{ from: 19, peak: 21, to: 23.5 }] },
		waterC: { least: 9, best: [12, 18], most: 23 },
		likes: 'mild',
		stages: [
			{
				stage: 'larva',
				lengthMm: { least: 14, typical: 18, most: 24 },
				belly: 'cream',
				back: 'brown',
				anatomy: { case: 'plants' }
			},
			{
				stage: 'pupa',
				lengthMm: { least: 12, typical: 16, most: 20 },
				belly: 'ginger',
				back: 'cinnamon',
				wing: 'tan'
			},
			{
				stage: 'adult',
				lengthMm: { least: 11, typical: 14, most: 18 },
				belly: 'ginger',
				back: 'cinnamon',
				wing: 'cinnamon'
			},
			{
				stage: 'egg-laying',
				lengthMm: { least: 12, typical: 15, most: 19 },
				belly: 'tan',
				back: 'cinnamon',
				wing: 'cinnamon'
			}
		],
		sources: ['wallace-2003', 'wiggins-2004']
	}
];
