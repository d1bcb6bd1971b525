import { BROOK, LAKE, RIVER } from '../story';
import { on, situation, TAILWATER, type Situation } from './situation';

/** What lies in the net. */
export const NETS: readonly Situation[] = [
	situation(
		'one ant in a net of twenty-nine olives, noses every six seconds: what the net is full of',
		on(BROOK, '2026-05-12', 14)
			.weather({ waterC: 10.5 })
			.net('surface-net', ['baetis', 'emerger', 20], ['baetis', 'dun', 8], ['formicidae', 'terrestrial', 1])
			.rises('nose', 8, 6),
		['baetis/*']
	),
	situation(
		'thirty egg-laying caddis and nothing else in the net, noses: that caddis, spent',
		on(RIVER, '2026-06-24', 21)
			.weather({ waterC: 14 })
			.net('surface-net', ['hydropsyche', 'egg-laying', 30])
			.rises('nose', 5),
		['hydropsyche/egg-laying', 'hydropsyche/adult']
	),
	situation(
		'nine emergers in the net and bulges',
		on(BROOK, '2026-05-14', 13)
			.weather({ waterC: 10 })
			.net('surface-net', ['baetis', 'emerger', 9])
			.rises('bulge', 7),
		['baetis/emerger']
	),
	situation(
		'spent spinners in the net after supper and unhurried noses',
		on(BROOK, '2026-06-16', 20.5)
			.weather({ waterC: 14, windMs: 0 })
			.net('surface-net', ['ephemerella', 'spinner', 14])
			.rises('nose', 9),
		['ephemerella/spinner']
	),
	situation(
		'midge pupae in the surface net on a still winter day, noses',
		on(TAILWATER, '2026-02-08', 13)
			.weather({ waterC: 5 })
			.net('surface-net', ['chironomidae', 'pupa', 22])
			.rises('nose', 7),
		['chironomidae/pupa', 'chironomidae/adult']
	),
	situation(
		'blackflies in the net in a run, small quick rises',
		on(RIVER, '2026-05-26', 12)
			.weather({ waterC: 11 })
			.net('surface-net', ['simuliidae', 'adult', 18])
			.rises('nose', 5),
		['simuliidae/*']
	),
	situation(
		'caddis pupae in the drift net and slashing rises in the tail',
		on(RIVER, '2026-06-10', 20)
			.weather({ waterC: 13 })
			.net('surface-net', ['hydropsyche', 'pupa', 10], ['hydropsyche', 'adult', 2])
			.rises('splash', 4),
		['caddisfly/*']
	),
	situation(
		'an insect the calendar does not have now: thirty drakes in September, and they are taken',
		on(RIVER, '2026-09-22', 13)
			.weather({ waterC: 11 })
			.net('surface-net', ['drunella', 'dun', 30])
			.rises('head-back-tail', 10),
		['drunella/*']
	),
	situation(
		'four large early springflies in the hand on a tailwater in March',
		on(TAILWATER, '2026-03-10', 13)
			.weather({ waterC: 6 })
			.net('bank', ['perlodes', 'adult', 4])
			.rises('splash', 2),
		['perlodes/*'],
		{ notSure: true }
	),
	situation(
		'a margin strainer full of damsels and dragonflies on a lake: colours noted, midge pupae lead',
		on(LAKE, '2026-06-14', 15)
			.weather({ waterC: 16 })
			.net('margin-strainer', ['zygoptera', 'nymph', 14], ['anisoptera', 'nymph', 5])
			.rises('head-back-tail', 3),
		['true-fly/pupa']
	),
	situation(
		'a kick net full of scuds and sow bugs, nothing rises, weaving fish under the weed',
		on(BROOK, '2026-02-20', 12)
			.weather({ waterC: 7 })
			.net('kick-net', ['gammarus', 'crustacean', 30], ['asellus', 'crustacean', 12])
			.rises('weaving', 4),
		['bed']
	),
	situation(
		'a throat of emergers after bulges',
		on(RIVER, '2026-05-10', 14)
			.weather({ waterC: 10 })
			.net('throat', ['baetis', 'emerger', 11], ['baetis', 'nymph', 5])
			.rises('bulge', 3),
		['baetis/emerger', 'baetis/nymph']
	),
	situation(
		'a throat of water fleas in a lake, no rises',
		on(LAKE, '2026-07-25', 12)
			.weather({ waterC: 18 })
			.net('throat', ['daphnia', 'crustacean', 60], ['chironomidae', 'pupa', 3]),
		['daphnia/crustacean']
	),
	situation(
		'two kinds in the net alike many, rises of both looks: two shown, none sure',
		on(RIVER, '2026-06-12', 19)
			.weather({ waterC: 13 })
			.net('surface-net', ['ephemerella', 'dun', 10], ['hydropsyche', 'adult', 10])
			.rises('splash', 3)
			.rises('head-back-tail', 3, 40),
		['ephemerella/*', 'hydropsyche/*'],
		{ notSure: true }
	),
	situation(
		'pale sulphurs in the net on a cold damp afternoon that holds duns on the film, splashes',
		on(BROOK, '2026-05-30', 16)
			.weather({ waterC: 12, airC: 8, sky: 'drizzle' })
			.net('surface-net', ['ephemerella', 'dun', 18], ['ephemerella', 'emerger', 3])
			.rises('splash', 5),
		['ephemerella/dun', 'ephemerella/cripple']
	),
	situation(
		'stonefly nymphs crawl up the stones in June, adults on the bank, one heavy splash under the alders',
		on(RIVER, '2026-06-15', 9)
			.weather({ waterC: 12 })
			.net('bank', ['perla', 'adult', 8])
			.net('stones', ['perla', 'nymph', 9])
			.rises('crash', 1),
		['perla/*']
	)
];
