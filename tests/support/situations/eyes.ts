import { BROOK, LAKE, RIVER } from '../story';
import { on, situation, TAILWATER, type Situation } from './situation';

/** The emerger of a mayfly, seen or not. */
const HATCHING = ['mayfly/emerger', 'mayfly/cripple', 'unseen/mayfly'];

/** What guides see. */
export const EYES: readonly Situation[] = [
	situation(
		'spring creek, July morning: duns of one mayfly in masses on the film, seen and not netted',
		on(BROOK, '2026-07-10', 10)
			.weather({ waterC: 12 })
			.saw('serratella', 'dun', { abundance: 'masses' })
			.rises('nose', 4),
		['serratella/*']
	),
	situation(
		'many sulphurs on the film on a May evening, seen only',
		on(BROOK, '2026-05-28', 18)
			.weather({ waterC: 13 })
			.saw('ephemerella', 'dun', { abundance: 'many' })
			.rises('head-back-tail', 3),
		['ephemerella/*']
	),
	situation(
		'olive duns in masses, quiet noses, and duns pass untouched: the emerger or the cripple of the olives',
		on(TAILWATER, '2026-03-26', 13)
			.weather({ waterC: 8, sky: 'overcast' })
			.saw('baetis', 'dun', { abundance: 'masses' })
			.rises('nose', 12)
			.drifted('baetis', 'dun', 'passed', 15),
		['baetis/emerger', 'baetis/cripple', 'unseen/mayfly']
	),
	situation(
		'big drakes in masses at dusk on a slow river',
		on(TAILWATER, '2026-06-12', 20.5)
			.weather({ waterC: 16, windMs: 0 })
			.saw('ephemera', 'dun', { abundance: 'masses' })
			.rises('splash', 5),
		['ephemera/*']
	),
	situation(
		'twelve drakes in the net at dusk',
		on(BROOK, '2026-06-05', 20)
			.weather({ waterC: 15 })
			.net('surface-net', ['ephemera', 'dun', 12])
			.rises('splash', 4),
		['ephemera/*']
	),
	situation(
		'hoppers in masses along the grass, a strong wind, one splash',
		on(RIVER, '2026-08-18', 14)
			.weather({ waterC: 15, windMs: 8 })
			.saw('acrididae', 'terrestrial', { abundance: 'masses' })
			.rises('splash', 1),
		['acrididae/*']
	),
	situation(
		'ants all over the water on a sultry August afternoon',
		on(RIVER, '2026-08-09', 15)
			.weather({ waterC: 16, airC: 26, windMs: 1 })
			.saw('formicidae', 'terrestrial', { abundance: 'masses' })
			.rises('nose', 6),
		['formicidae/*']
	),
	situation(
		'caddis all over the bushes and hopping on the water on a June evening',
		on(RIVER, '2026-06-20', 20)
			.weather({ waterC: 14 })
			.saw('hydropsyche', 'adult', { abundance: 'masses' })
			.rises('splash', 5),
		['caddisfly/*']
	),
	situation(
		'small black midges in clouds over a winter tailwater, noses',
		on(TAILWATER, '2026-01-18', 12.5)
			.weather({ waterC: 4.5, airC: 1 })
			.saw('chironomidae', 'adult', { abundance: 'masses' })
			.rises('nose', 6),
		['chironomidae/*']
	),
	situation(
		'tiny mayflies in masses at dawn in August, spent on the flat',
		on(BROOK, '2026-08-12', 7.5)
			.weather({ waterC: 15, windMs: 0 })
			.saw('tricorythodes', 'spinner', { abundance: 'masses' })
			.rises('nose', 8),
		['tricorythodes/spinner']
	),
	situation(
		'march browns on the film at noon in April, splashy rises',
		on(RIVER, '2026-04-16', 13)
			.weather({ waterC: 8.5 })
			.saw('rhithrogena', 'dun', { abundance: 'many' })
			.rises('splash', 4),
		['rhithrogena/*']
	),
	situation(
		'a few olives on the water and bulges: the olive in the film',
		on(RIVER, '2026-04-28', 13).weather({ waterC: 9 }).saw('baetis', 'dun').rises('bulge', 5),
		['baetis/emerger', 'baetis/cripple', 'unseen/mayfly', 'mayfly/emerger']
	),
	situation(
		'looked and saw no duns at all; bulges go on',
		on(RIVER, '2026-04-28', 13)
			.weather({ waterC: 9 })
			.saw('baetis', 'dun', { abundance: 'none' })
			.rises('bulge', 6),
		[...HATCHING, '*/pupa', 'mayfly/nymph'],
		{ notSure: true }
	),
	situation(
		'spinners dance over the riffle in the evening and have not fallen; splashes at caddis that are seen',
		on(RIVER, '2026-06-18', 20)
			.weather({ waterC: 14 })
			.saw('baetis', 'spinner', { sign: 'swarm', zone: 'air', abundance: 'many' })
			.saw('hydropsyche', 'adult', { abundance: 'many' })
			.rises('splash', 5),
		['caddisfly/*']
	),
	situation(
		'grannom in thousands at midday in late April',
		on(RIVER, '2026-04-27', 13)
			.weather({ waterC: 10 })
			.saw('brachycentrus', 'adult', { abundance: 'masses' })
			.rises('splash', 6),
		['brachycentrus/*']
	),
	situation(
		'damsels on every reed in June, splashes along the reeds',
		on(LAKE, '2026-06-22', 13)
			.weather({ waterC: 17 })
			.saw('zygoptera', 'adult', { abundance: 'masses' })
			.rises('splash', 3),
		['zygoptera/*']
	)
];
