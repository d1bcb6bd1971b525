import { BROOK, RIVER } from '../story';
import { on, situation, SOUTH_LAKE, SOUTH_RIVER, TAILWATER, type Situation } from './situation';

/** Seasons, in both hemispheres. */
export const SEASONS: readonly Situation[] = [
	situation(
		'small winter stoneflies walk the snow in February, a quiet rise along the edge',
		on(RIVER, '2026-02-22', 13)
			.weather({ waterC: 4, airC: 3 })
			.saw('capnia', 'adult', { abundance: 'many' })
			.rises('nose', 2),
		['capnia/*']
	),
	situation(
		'needle-thin dark stoneflies on the bridge in March, splashes under it',
		on(RIVER, '2026-03-18', 13)
			.weather({ waterC: 6 })
			.saw('taeniopteryx', 'adult', { abundance: 'many' })
			.rises('splash', 3),
		['taeniopteryx/*']
	),
	situation(
		'olives on a dull November noon',
		on(TAILWATER, '2026-11-06', 13)
			.weather({ waterC: 8, sky: 'drizzle' })
			.saw('baetis', 'dun', { abundance: 'many' })
			.rises('head-back-tail', 6),
		['baetis/*']
	),
	situation(
		'big amber caddis on an October afternoon, crashes',
		on(RIVER, '2026-10-02', 16)
			.weather({ waterC: 10 })
			.saw('dicosmoecus', 'adult', { abundance: 'many' })
			.rises('crash', 3),
		['dicosmoecus/*']
	),
	situation(
		'giant stoneflies bumble over a June river, crashes under the willows',
		on(RIVER, '2026-06-10', 14)
			.weather({ waterC: 11 })
			.saw('pteronarcys', 'adult', { abundance: 'many' })
			.rises('crash', 3),
		['pteronarcys/*']
	),
	situation(
		'blue-winged olives on an August evening in rain',
		on(RIVER, '2026-08-22', 19)
			.weather({ waterC: 14, sky: 'rain' })
			.saw('serratella', 'dun', { abundance: 'many' })
			.rises('head-back-tail', 6),
		['serratella/*']
	),
	situation(
		'mahogany duns in mid September at noon, slow pool',
		on(BROOK, '2026-09-16', 13)
			.weather({ waterC: 12 })
			.saw('paraleptophlebia', 'dun', { abundance: 'many' })
			.rises('nose', 5),
		['paraleptophlebia/*']
	),
	situation(
		'giant burrowing mayflies after dark in July, netted',
		on(TAILWATER, '2026-07-04', 22)
			.weather({ waterC: 20 })
			.net('surface-net', ['hexagenia', 'dun', 14])
			.rises('splash', 4),
		['hexagenia/*']
	),
	situation(
		'nothing noted but the season: nobody is sure',
		on(RIVER, '2026-05-20', 13),
		['*/*', 'anything', 'not-feeding', 'unseen/mayfly', 'unseen/caddisfly', 'unseen/true-fly'],
		{ notSure: true }
	),
	situation(
		'nothing rises in a winter river at 5 °C and the bed is full of case caddis and stonefly nymphs',
		on(RIVER, '2026-01-28', 12)
			.weather({ waterC: 5 })
			.net('kick-net', ['brachycentrus', 'larva', 20], ['taeniopteryx', 'nymph', 12]),
		['bed']
	),
	situation(
		'spring in the south: olives on a November noon',
		on(SOUTH_RIVER, '2026-11-08', 13)
			.weather({ waterC: 10 })
			.saw('baetis', 'dun', { abundance: 'many' })
			.rises('head-back-tail', 5),
		['baetis/*']
	),
	situation(
		'midsummer in the south: hoppers in January, wind on the flats',
		on(SOUTH_RIVER, '2026-01-20', 14)
			.weather({ waterC: 16, windMs: 7 })
			.saw('acrididae', 'terrestrial', { abundance: 'many' })
			.rises('splash', 2),
		['acrididae/*']
	),
	situation(
		'a southern lake in December: midge skins in the evening calm',
		on(SOUTH_LAKE, '2026-12-04', 20)
			.weather({ waterC: 14, windMs: 0 })
			.saw('chironomidae', 'pupa', { sign: 'shucks', zone: 'in-film', abundance: 'many' })
			.rises('head-back-tail', 5),
		['true-fly/pupa']
	),
	situation(
		'a southern winter noon: midge adults on the film, noses',
		on(SOUTH_RIVER, '2026-07-12', 12.5)
			.weather({ waterC: 5 })
			.saw('chironomidae', 'adult', { abundance: 'many' })
			.rises('nose', 5),
		['chironomidae/*']
	)
];
