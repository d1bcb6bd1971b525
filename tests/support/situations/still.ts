import { LAKE } from '../story';
import { on, situation, type Situation } from './situation';

/** Still water. */
export const STILL: readonly Situation[] = [
	situation(
		'a take on a hung pupa near the bed on a June afternoon: a midge pupa',
		on(LAKE, '2026-06-16', 15)
			.weather({ waterC: 17 })
			.fly(5, 'hanging-midge-pupa-red', 14, 'taken', { depthM: 3.4 }),
		['true-fly/pupa', 'true-fly/larva'],
		{ notSure: true }
	),
	situation(
		'head, back and tail in a calm evening on the lake, midge skins everywhere',
		on(LAKE, '2026-05-22', 20)
			.weather({ waterC: 13, windMs: 0 })
			.saw('chironomidae', 'pupa', { sign: 'shucks', zone: 'in-film', abundance: 'masses' })
			.rises('head-back-tail', 6),
		['true-fly/pupa']
	),
	situation(
		'big lake midges hatch before dark, splashes at what skitters',
		on(LAKE, '2026-05-28', 21)
			.weather({ waterC: 14 })
			.saw('chironomus', 'adult', { abundance: 'masses' })
			.rises('splash', 4),
		['true-fly/*']
	),
	situation(
		'lake olives on a dull May noon, rises in the ripple',
		on(LAKE, '2026-05-18', 13)
			.weather({ waterC: 12, sky: 'overcast' })
			.saw('cloeon', 'dun', { abundance: 'many' })
			.rises('head-back-tail', 5),
		['cloeon/*']
	),
	situation(
		'tiny white mayflies cover the lake in a June dusk, sips',
		on(LAKE, '2026-06-26', 20.5)
			.weather({ waterC: 18, windMs: 0 })
			.saw('caenis', 'spinner', { abundance: 'masses' })
			.rises('nose', 8),
		['caenis/*']
	),
	situation(
		'pin fry scatter in the shallows in August, swirls and leaps',
		on(LAKE, '2026-08-20', 8)
			.weather({ waterC: 18 })
			.saw('phoxinus', 'fry', { zone: 'under-film', abundance: 'masses' })
			.rises('leap', 3),
		['phoxinus/fry']
	),
	situation(
		'a dozen damsel nymphs on the move to the reeds, bow waves',
		on(LAKE, '2026-06-18', 11)
			.weather({ waterC: 17 })
			.saw('zygoptera', 'nymph', { zone: 'under-film', abundance: 'many' })
			.rises('bulge', 3),
		['zygoptera/nymph']
	),
	situation(
		'sedges run over the lake at dusk in July, crashes',
		on(LAKE, '2026-07-12', 21)
			.weather({ waterC: 18 })
			.saw('phryganea', 'adult', { abundance: 'many' })
			.rises('crash', 3),
		['caddisfly/*']
	),
	situation(
		'water boatmen in the strainer of an October lake, weaving fish along the weed',
		on(LAKE, '2026-10-12', 14)
			.weather({ waterC: 11 })
			.net('margin-strainer', ['corixidae', 'aquatic', 20])
			.rises('weaving', 3),
		['corixidae/*', 'bed', 'true-fly/pupa'],
		{ notSure: true }
	),
	situation(
		'alderflies blown on the lake in May, a few splashes',
		on(LAKE, '2026-05-16', 13)
			.weather({ waterC: 12, windMs: 5 })
			.saw('sialis', 'adult', { abundance: 'many' })
			.rises('splash', 3),
		['sialis/*']
	),
	situation(
		'midge larvae in the throat of a January lake fish',
		on(LAKE, '2026-01-22', 12).weather({ waterC: 4 }).net('throat', ['chironomidae', 'larva', 25]),
		['true-fly/larva', 'true-fly/pupa']
	),
	situation(
		'speckled lake mayflies at noon in June, duns taken',
		on(LAKE, '2026-06-08', 12)
			.weather({ waterC: 14 })
			.drifted('callibaetis', 'dun', 'taken', 4)
			.rises('head-back-tail', 4),
		['callibaetis/*']
	)
];
