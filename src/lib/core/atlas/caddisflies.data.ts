import { AFTERNOON, EVENING, MIDDAY, hours, seasons, stages, water } from './compact';
import type { Taxon } from './taxon';

/** Caddisflies (Trichoptera). */
export const CADDISFLIES: readonly Taxon[] = [
	{
		id: 'brachycentrus',
		scientificName: 'Brachycentrus',
		rank: 'genus',
		family: 'Brachycentridae',
		group: 'caddisfly',
		commonName: 'grannom',
		localNames: [
			['grannom', 'britain', 'alps', 'eastern-na'],
			['greentail', 'britain'],
			['shadfly', 'eastern-na']
		],
		waters: { freestone: 0.6, tailwater: 0.6, 'spring-creek': 0.5 },
		seasons: seasons([95, 122, 155]),
		emergence: 'open-water',
		emergenceHours: hours([[11, 14, 17]], [[9, 12, 16]]),
		flightHours: hours([[13, 15.5, 18]], [[15, 18, 20.5]]),
		waterC: water(7, 9, 14, 18),
		likes: 'mild',
		stages: stages([
			['larva', [8, 10, 13], 'apple green', 'brown', undefined, { anatomy: { case: 'square' } }],
			['pupa', [8, 10, 12], 'bright green', 'dark olive', 'charcoal'],
			['adult', [7, 9, 11], 'dark olive', 'charcoal', 'mottled grey'],
			['egg-laying', [8, 9.5, 12], 'apple green', 'charcoal', 'mottled grey']
		]),
		marks: { larva: { plates: '2', 'case-form': 'chimney', head: 'striped', forelegs: 'long' } },
		sources: ['wallace-2003', 'wiggins-2004']
	},
	{
		id: 'hydropsyche',
		scientificName: 'Hydropsyche',
		rank: 'genus',
		family: 'Hydropsychidae',
		group: 'caddisfly',
		commonName: 'net-spinning caddis',
		localNames: [
			['grey flag', 'britain'],
			['spotted sedge', 'western-na'],
			['cinnamon sedge', 'eastern-na', 'western-na']
		],
		waters: { freestone: 0.8, tailwater: 0.9, 'spring-creek': 0.5 },
		seasons: seasons([125, 175, 265]),
		emergence: 'open-water',
		emergenceHours: hours([[13, 16, 19]], [[18, 20.3, 22.5]]),
		flightHours: hours([[14, 17, 19.5]], [[18, 20.5, 22.5]]),
		waterC: water(8, 11, 18, 22),
		likes: 'mild',
		stages: stages([
			['larva', [9, 13, 18], 'pale olive', 'brown-olive', undefined, { anatomy: { gills: 'abdomen' } }],
			['pupa', [8, 11, 14], 'olive', 'brown', 'brown'],
			['adult', [8, 10, 13], 'olive', 'brown', 'mottled brown'],
			['egg-laying', [9, 11, 14], 'pale olive', 'brown', 'mottled brown']
		]),
		marks: { larva: { gills: 'abdomen', 'gill-shape': 'branched', plates: '3', head: 'spotted' } },
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'rhyacophila',
		scientificName: 'Rhyacophila',
		rank: 'genus',
		family: 'Rhyacophilidae',
		group: 'caddisfly',
		commonName: 'free-living green caddis',
		localNames: [
			['sand fly sedge', 'britain'],
			['green rock worm', 'western-na'],
			['green sedge', 'western-na', 'eastern-na']
		],
		waters: { freestone: 0.8, tailwater: 0.4, 'spring-creek': 0.2 },
		seasons: seasons([110, 165, 270]),
		emergence: 'open-water',
		emergenceHours: hours([[12, 15, 18]], [[17, 19.8, 22]]),
		flightHours: hours([[13, 16, 19]], [[17.5, 20, 22]]),
		waterC: water(6, 8, 14, 18),
		likes: 'any',
		years: [1, 2],
		stages: stages([
			['larva', [10, 15, 22], 'apple green', 'bright green', undefined, { moves: 'clings' }],
			['pupa', [9, 12, 15], 'apple green', 'brown-olive', 'brown'],
			['adult', [8, 11, 14], 'dark olive', 'brown', 'mottled grey'],
			['egg-laying', [9, 12, 15], 'olive', 'brown', 'mottled grey']
		]),
		marks: { larva: { gills: 'none', plates: '1', head: 'dark' } },
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'limnephilus',
		scientificName: 'Limnephilus',
		rank: 'genus',
		family: 'Limnephilidae',
		group: 'caddisfly',
		commonName: 'cinnamon caddis',
		localNames: [
			['cinnamon sedge', 'britain'],
			['caperer', 'britain'],
			['lake sedge', 'western-na', 'scandinavia']
		],
		waters: { lake: 0.8, 'spring-creek': 0.4, tailwater: 0.2 },
		seasons: seasons([140, 215, 290]),
		emergence: 'open-water',
		emergenceHours: hours([[15, 18, 20.5]], [[19, 21, 23.5]]),
		flightHours: hours([[16, 18.5, 21]], [[19, 21, 23.5]]),
		waterC: water(9, 12, 18, 23),
		likes: 'mild',
		stages: stages([
			['larva', [14, 18, 24], 'cream', 'brown', undefined, { anatomy: { case: 'plants' } }],
			['pupa', [12, 16, 20], 'ginger', 'cinnamon', 'tan'],
			['adult', [11, 14, 18], 'ginger', 'cinnamon', 'cinnamon'],
			['egg-laying', [12, 15, 19], 'tan', 'cinnamon', 'cinnamon']
		]),
		marks: {
			larva: { plates: '2', 'case-form': 'anyhow', head: 'striped' },
			winged: { 'wing-marks': 'window' }
		},
		sources: ['wallace-2003', 'wiggins-2004']
	},
	{
		id: 'glossosoma',
		scientificName: 'Glossosoma',
		rank: 'genus',
		family: 'Glossosomatidae',
		group: 'caddisfly',
		commonName: 'saddle-case caddis',
		localNames: [
			['little black caddis', 'western-na', 'eastern-na'],
			['turtle-case caddis', 'western-na']
		],
		waters: { freestone: 0.5, tailwater: 0.4, 'spring-creek': 0.3 },
		seasons: seasons([95, 135, 190], [225, 250, 285]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(6, 8, 14, 18),
		likes: 'mild',
		stages: stages([
			['larva', [5, 7, 9], 'sand', 'brown', undefined, { anatomy: { case: 'stones' } }],
			['pupa', [6, 8, 10], 'tan', 'brown', 'brown'],
			['adult', [6, 7, 9], 'brown', 'brown', 'brown'],
			['egg-laying', [7, 8, 10], 'brown', 'brown', 'brown']
		]),
		marks: { larva: { plates: '1', 'case-form': 'saddle', head: 'dark' } },
		sources: ['wiggins-2004', 'wallace-2003']
	},
	{
		id: 'agapetus',
		scientificName: 'Agapetus',
		rank: 'genus',
		family: 'Glossosomatidae',
		group: 'caddisfly',
		commonName: 'small pebble-case caddis',
		localNames: [
			['little black caddis', 'britain', 'western-na'],
			['tiny sedge', 'britain']
		],
		waters: { freestone: 0.4, 'spring-creek': 0.5 },
		seasons: seasons([120, 155, 205]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: EVENING,
		waterC: water(7, 9, 14, 18),
		likes: 'mild',
		stages: stages([
			['larva', [4, 5, 6], 'sand', 'brown', undefined, { anatomy: { case: 'stones' } }],
			['pupa', [4, 6, 7], 'cinnamon', 'brown', 'brown'],
			['adult', [4, 5, 6], 'dark brown', 'brown', 'brown'],
			['egg-laying', [5, 6, 7], 'dark brown', 'brown', 'brown']
		]),
		marks: { larva: { plates: '1', 'case-form': 'saddle', head: 'dark' } },
		sources: ['wiggins-2004', 'wallace-2003']
	},
	{
		id: 'philopotamus',
		scientificName: 'Philopotamus',
		rank: 'genus',
		family: 'Philopotamidae',
		group: 'caddisfly',
		commonName: 'torrent caddis',
		localNames: [
			['yellow-spotted sedge', 'britain'],
			['little black caddis', 'eastern-na']
		],
		waters: { freestone: 0.4 },
		seasons: seasons([100, 140, 195]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(5, 7, 12, 16),
		likes: 'any',
		stages: stages([
			['larva', [11, 15, 19], 'amber', 'brown'],
			['pupa', [8, 11, 13], 'olive', 'brown', 'mottled brown'],
			['adult', [8, 10, 12], 'dark olive', 'brown', 'mottled brown'],
			['egg-laying', [9, 11, 13], 'dark olive', 'brown', 'mottled brown']
		]),
		marks: { larva: { plates: '1', head: 'orange' }, winged: { 'wing-marks': 'spots' } },
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'polycentropus',
		scientificName: 'Polycentropus',
		rank: 'genus',
		family: 'Polycentropodidae',
		group: 'caddisfly',
		commonName: 'trumpet-net caddis',
		localNames: [
			['dark-spotted sedge', 'britain'],
			['trumpet-net sedge', 'western-na']
		],
		waters: { freestone: 0.3, tailwater: 0.4, lake: 0.4 },
		seasons: seasons([140, 185, 250]),
		emergence: 'open-water',
		emergenceHours: hours([[12, 15, 18]], [[17, 20, 22]]),
		flightHours: EVENING,
		waterC: water(9, 11, 17, 22),
		likes: 'mild',
		stages: stages([
			['larva', [10, 14, 18], 'grey-olive', 'brown'],
			['pupa', [7, 10, 12], 'olive', 'brown', 'mottled brown'],
			['adult', [7, 9, 11], 'brown-olive', 'brown', 'mottled brown'],
			['egg-laying', [8, 10, 12], 'brown-olive', 'brown', 'mottled brown']
		]),
		marks: { larva: { plates: '1', head: 'spotted' }, winged: { 'wing-marks': 'spots' } },
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'psychomyia',
		scientificName: 'Psychomyia',
		rank: 'genus',
		family: 'Psychomyiidae',
		group: 'caddisfly',
		commonName: 'small yellow-brown caddis',
		localNames: [
			['small yellow sedge', 'britain'],
			['dinky purple-breasted sedge', 'western-na']
		],
		waters: { tailwater: 0.5, freestone: 0.4, 'spring-creek': 0.3 },
		seasons: seasons([140, 180, 245]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(9, 11, 18, 22),
		likes: 'mild',
		stages: stages([
			['larva', [4, 6, 8], 'olive', 'brown'],
			['pupa', [4, 6, 7], 'ginger', 'brown', 'tan'],
			['adult', [4, 5, 6], 'ginger', 'brown', 'tan'],
			['egg-laying', [5, 6, 7], 'ginger', 'brown', 'tan']
		]),
		marks: { larva: { plates: '1', head: 'pale' } },
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	},
	{
		id: 'lepidostoma',
		scientificName: 'Lepidostoma',
		rank: 'genus',
		family: 'Lepidostomatidae',
		group: 'caddisfly',
		commonName: 'square-case caddis',
		localNames: [
			['silver sedge', 'britain'],
			['little plain brown sedge', 'western-na', 'eastern-na']
		],
		waters: { freestone: 0.4, 'spring-creek': 0.5, tailwater: 0.4 },
		seasons: seasons([145, 185, 235]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(8, 10, 16, 20),
		likes: 'mild',
		stages: stages([
			['larva', [7, 9, 11], 'pale olive', 'brown', undefined, { anatomy: { case: 'square' } }],
			['pupa', [7, 10, 12], 'apple green', 'brown', 'tan'],
			['adult', [7, 9, 11], 'olive', 'brown', 'tan'],
			['egg-laying', [8, 10, 12], 'olive', 'brown', 'tan']
		]),
		marks: { larva: { plates: '2', 'case-form': 'chimney', head: 'spotted' } },
		sources: ['wiggins-2004', 'wallace-2003']
	},
	{
		id: 'sericostoma',
		scientificName: 'Sericostoma',
		rank: 'genus',
		family: 'Sericostomatidae',
		group: 'caddisfly',
		commonName: 'sand-case caddis',
		localNames: [['bushtailed caddis', 'western-na']],
		waters: { freestone: 0.35, 'spring-creek': 0.4, lake: 0.15 },
		seasons: seasons([140, 175, 220]),
		emergence: 'open-water',
		emergenceHours: AFTERNOON,
		flightHours: EVENING,
		waterC: water(8, 10, 16, 20),
		likes: 'mild',
		years: [1, 3],
		stages: stages([
			['larva', [11, 14, 17], 'cream', 'brown', undefined, { anatomy: { case: 'stones' } }],
			['pupa', [11, 14, 16], 'amber', 'brown', 'chestnut'],
			['adult', [11, 13, 15], 'dark brown', 'brown', 'chestnut'],
			['egg-laying', [12, 14, 16], 'dark brown', 'brown', 'chestnut']
		]),
		marks: { larva: { plates: '2', 'case-form': 'horn', head: 'dark' } },
		sources: ['wiggins-2004', 'wallace-2003']
	},
	{
		id: 'dicosmoecus',
		scientificName: 'Dicosmoecus',
		rank: 'genus',
		family: 'Limnephilidae',
		group: 'caddisfly',
		commonName: 'giant autumn caddis',
		localNames: [
			['october caddis', 'western-na'],
			['giant orange sedge', 'western-na']
		],
		waters: { freestone: 0.3, tailwater: 0.2 },
		seasons: seasons([235, 270, 300]),
		emergence: 'crawls-out',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(6, 8, 14, 18),
		likes: 'mild',
		years: [1, 2],
		stages: stages([
			['larva', [22, 30, 38], 'cream', 'brown', undefined, { anatomy: { case: 'stones' } }],
			['pupa', [18, 25, 31], 'orange', 'brown', 'cinnamon'],
			['adult', [18, 24, 30], 'orange', 'brown', 'cinnamon'],
			['egg-laying', [19, 25, 31], 'orange', 'brown', 'cinnamon']
		]),
		marks: { larva: { plates: '2', 'case-form': 'rough', head: 'dark' }, winged: { 'wing-marks': 'veins' } },
		sources: ['wiggins-2004', 'wallace-2003']
	},
	{
		id: 'mystacides',
		scientificName: 'Mystacides',
		rank: 'genus',
		family: 'Leptoceridae',
		group: 'caddisfly',
		commonName: 'black dancer caddis',
		localNames: [
			['black silverhorns', 'britain'],
			['black dancer', 'western-na', 'eastern-na']
		],
		waters: { lake: 0.6, tailwater: 0.2, 'spring-creek': 0.3 },
		seasons: seasons([145, 185, 245]),
		emergence: 'open-water',
		emergenceHours: MIDDAY,
		flightHours: AFTERNOON,
		waterC: water(10, 12, 19, 23),
		likes: 'mild',
		stages: stages([
			['larva', [8, 10, 12], 'pale olive', 'brown', undefined, { anatomy: { case: 'plants' } }],
			['pupa', [7, 9, 10], 'olive', 'brown', 'black'],
			['adult', [7, 8, 9], 'charcoal', 'brown', 'black'],
			['egg-laying', [8, 9, 10], 'charcoal', 'brown', 'black']
		]),
		marks: { larva: { plates: '2', 'case-form': 'twigs', head: 'spotted' }, winged: { antennae: 'longest' } },
		sources: ['wiggins-2004', 'wallace-2003']
	},
	{
		id: 'phryganea',
		scientificName: 'Phryganea',
		rank: 'genus',
		family: 'Phryganeidae',
		group: 'caddisfly',
		commonName: 'great lake caddis',
		localNames: [
			['great red sedge', 'britain'],
			['murragh', 'britain'],
			['traveller sedge', 'western-na']
		],
		waters: { lake: 0.5 },
		seasons: seasons([140, 175, 225]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(10, 13, 19, 23),
		likes: 'mild',
		years: [1, 2],
		stages: stages([
			['larva', [25, 32, 40], 'cream', 'brown', undefined, { anatomy: { case: 'plants' } }],
			['pupa', [18, 23, 28], 'ginger', 'brown', 'mottled brown'],
			['adult', [18, 22, 27], 'brown', 'brown', 'mottled brown'],
			['egg-laying', [19, 23, 28], 'brown', 'brown', 'mottled brown']
		]),
		marks: {
			larva: { plates: '1', 'case-form': 'spiral', head: 'striped' },
			winged: { 'wing-marks': 'bands' }
		},
		sources: ['wiggins-2004', 'wallace-2003']
	},
	{
		id: 'cheumatopsyche',
		scientificName: 'Cheumatopsyche',
		rank: 'genus',
		family: 'Hydropsychidae',
		group: 'caddisfly',
		commonName: 'small net-spinning caddis',
		localNames: [['little olive sedge', 'eastern-na', 'western-na']],
		waters: { tailwater: 0.6, freestone: 0.4, 'spring-creek': 0.3 },
		seasons: seasons([140, 185, 255]),
		emergence: 'open-water',
		emergenceHours: EVENING,
		flightHours: EVENING,
		waterC: water(10, 12, 19, 23),
		likes: 'mild',
		stages: stages([
			['larva', [8, 10, 13], 'olive', 'brown', undefined, { anatomy: { gills: 'abdomen' } }],
			['pupa', [6, 9, 10], 'apple green', 'brown', 'mottled brown'],
			['adult', [6, 8, 9], 'olive', 'brown', 'mottled brown'],
			['egg-laying', [7, 9, 10], 'olive', 'brown', 'mottled brown']
		]),
		marks: { larva: { gills: 'abdomen', 'gill-shape': 'branched', plates: '3', head: 'dark' } },
		sources: ['edington-hildrew-1995', 'wiggins-2004']
	}
];
