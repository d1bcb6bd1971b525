import { BROOK, LAKE, RIVER } from '../story';
import { on, situation, SOUTH_LAKE, SOUTH_RIVER, TAILWATER, type Situation } from './situation';

/** Written after the tables were set, to see whether they hold where nobody had looked. */
export const FURTHER: readonly Situation[] = [
	situation(
		'midges in clusters on a winter tailwater, quiet sips along the edge',
		on(TAILWATER, '2026-01-22', 12.5, { lie: 'edge' })
			.weather({ waterC: 4.5, airC: 0, sky: 'overcast', windMs: 1 })
			.saw('chironomidae', 'adult', { abundance: 'many' })
			.rises('nose', 7),
		['chironomidae/adult', 'chironomidae/pupa', 'unseen/true-fly']
	),
	situation(
		'midge pupae in the net below a winter dam, fish bulge',
		on(TAILWATER, '2026-02-10', 13)
			.weather({ waterC: 4, airC: 2 })
			.net('surface-net', ['chironomidae', 'pupa', 14], ['chironomidae', 'adult', 3])
			.rises('bulge', 5),
		['chironomidae/pupa', 'unseen/true-fly']
	),
	situation(
		'a throat full of scuds on a spring creek, nothing rises',
		on(BROOK, '2026-03-05', 11)
			.weather({ waterC: 8 })
			.net('throat', ['gammarus', 'crustacean', 18], ['baetis', 'nymph', 3]),
		['gammarus/*']
	),
	situation(
		'caddis skitter and lay at dusk, fish slash at them',
		on(RIVER, '2026-07-02', 20.5)
			.weather({ waterC: 15, windMs: 1 })
			.saw('hydropsyche', 'egg-laying', { abundance: 'many' })
			.rises('splash', 8),
		['hydropsyche/*']
	),
	situation(
		'caddis pupae in a net at dusk, fish leap after them',
		on(RIVER, '2026-06-20', 20)
			.weather({ waterC: 14 })
			.net('surface-net', ['hydropsyche', 'pupa', 9], ['hydropsyche', 'adult', 2])
			.rises('leap', 3)
			.rises('bulge', 3),
		['hydropsyche/pupa', 'unseen/caddisfly']
	),
	situation(
		'rusty spinners fall at dusk, a dozen in the net, sipping along the bank',
		on(RIVER, '2026-06-18', 20.8)
			.weather({ waterC: 15, airC: 19, windMs: 0.5 })
			.net('surface-net', ['ephemerella', 'spinner', 12])
			.rises('nose', 9),
		['ephemerella/spinner']
	),
	situation(
		'spinners over the riffle at noon, high up, and nothing in the film: not on the water yet',
		on(RIVER, '2026-06-10', 12)
			.weather({ waterC: 13, windMs: 2 })
			.saw('baetis', 'spinner', { abundance: 'many', zone: 'air' })
			.net('surface-net', ['baetis', 'emerger', 8], ['baetis', 'dun', 4])
			.rises('bulge', 5),
		['baetis/emerger', 'baetis/cripple', 'unseen/mayfly']
	),
	situation(
		'blue-winged olives in drizzle, noses and head-and-tails, six duns taken',
		on(RIVER, '2026-04-14', 14)
			.weather({ waterC: 9, sky: 'rain', airC: 8 })
			.saw('baetis', 'dun', { abundance: 'many' })
			.drifted('baetis', 'dun', 'taken', 6)
			.rises('nose', 6),
		['baetis/dun']
	),
	situation(
		'flying ants on an August evening after rain, in numbers, gentle sips',
		on(TAILWATER, '2026-08-22', 17)
			.weather({ waterC: 16, airC: 24, windMs: 1 })
			.net('surface-net', ['formicidae', 'adult', 16])
			.rises('nose', 8),
		['formicidae/*']
	),
	situation(
		'one beetle in a net full of midge pupae',
		on(BROOK, '2026-06-02', 10)
			.weather({ waterC: 11 })
			.net('surface-net', ['chironomidae', 'pupa', 26], ['coleoptera', 'terrestrial', 1])
			.rises('nose', 6),
		['chironomidae/*', 'unseen/true-fly']
	),
	situation(
		'hoppers in a warm wind, three taken with a crash',
		on(RIVER, '2026-08-26', 15)
			.weather({ waterC: 16, airC: 27, windMs: 6 })
			.drifted('acrididae', 'terrestrial', 'taken', 3)
			.rises('crash', 4),
		['acrididae/*']
	),
	situation(
		'big stoneflies on the willows, a few flutter over the water, heavy splashes',
		on(RIVER, '2026-06-08', 14)
			.weather({ waterC: 11 })
			.net('bank', ['pteronarcys', 'adult', 7])
			.saw('pteronarcys', 'egg-laying', { abundance: 'few' })
			.rises('crash', 4),
		['pteronarcys/*']
	),
	situation(
		'little black stoneflies on snow, nothing rises',
		on(RIVER, '2026-02-26', 13).weather({ waterC: 3.5, airC: 3 }).net('bank', ['capnia', 'adult', 12]),
		['capnia/*', 'taeniopteryx/*', 'bed', 'not-feeding'],
		{ notSure: true }
	),
	situation(
		'kick net of golden stonefly nymphs with dark pads, nothing rises, an hour looked',
		on(RIVER, '2026-06-03', 8)
			.weather({ waterC: 9 })
			.net('kick-net', ['perla', 'nymph', 8], ['baetis', 'nymph', 6])
			.says(5, { kind: 'looked', body: { rising: 0, minutes: 30 } }),
		['bed', 'perla/nymph', 'baetis/nymph', 'not-feeding']
	),
	situation(
		'weaving fish above the stones, olive nymphs in the drift',
		on(BROOK, '2026-04-04', 10.5)
			.weather({ waterC: 9 })
			.net('kick-net', ['baetis', 'nymph', 22], ['gammarus', 'crustacean', 6])
			.rises('weaving', 8),
		['baetis/nymph', 'bed']
	),
	situation(
		'alder flies seen, few, and black gnats in masses on the film',
		on(RIVER, '2026-05-07', 14)
			.weather({ waterC: 12, windMs: 4, airC: 16 })
			.saw('sialis', 'adult', { abundance: 'few' })
			.net('surface-net', ['bibionidae', 'terrestrial', 21])
			.rises('nose', 6),
		['bibionidae/*']
	),
	situation(
		'tiny tricos at sunrise, spinners in the net by the dozen',
		on(TAILWATER, '2026-08-12', 8.5)
			.weather({ waterC: 15, windMs: 0 })
			.net('surface-net', ['tricorythodes', 'spinner', 34], ['tricorythodes', 'dun', 3])
			.rises('nose', 14, 8),
		['tricorythodes/spinner']
	),
	situation(
		'a still evening on the lake, midge pupae under the film, quiet rings',
		on(LAKE, '2026-05-20', 19.5)
			.weather({ waterC: 13, windMs: 1 })
			.net('surface-net', ['chironomidae', 'pupa', 11])
			.rises('bulge', 6),
		['chironomidae/pupa', 'chironomus/pupa', 'unseen/true-fly']
	),
	situation(
		'damsel nymphs swim to the reeds, swirls along them',
		on(LAKE, '2026-06-22', 10)
			.weather({ waterC: 17 })
			.saw('zygoptera', 'nymph', { abundance: 'many', zone: 'under-film' })
			.rises('bulge', 4),
		['zygoptera/*']
	),
	situation(
		'lake olives hatch on a choppy noon, fish show head and tail',
		on(LAKE, '2026-05-26', 13)
			.weather({ waterC: 13, windMs: 3, sky: 'overcast' })
			.net('surface-net', ['cloeon', 'emerger', 7], ['cloeon', 'dun', 6])
			.rises('head-back-tail', 5),
		['cloeon/*', 'unseen/mayfly']
	),
	situation(
		'boatmen fall onto the autumn lake, splashes after each',
		on(LAKE, '2026-10-03', 14)
			.weather({ waterC: 12, windMs: 1 })
			.saw('corixidae', 'aquatic', { abundance: 'many', zone: 'under-film' })
			.rises('splash', 5),
		['corixidae/*']
	),
	situation(
		'fry scatter in the shallows of the lake, a fish crashes into them',
		on(LAKE, '2026-08-30', 7)
			.weather({ waterC: 17 })
			.saw('phoxinus', 'fry', { abundance: 'many', zone: 'under-film' })
			.rises('crash', 3),
		['phoxinus/*']
	),
	situation(
		'daphnia bloom, the throat holds nothing else',
		on(LAKE, '2026-07-15', 12)
			.weather({ waterC: 19 })
			.net('throat', ['daphnia', 'crustacean', 60], ['chironomidae', 'pupa', 2]),
		['daphnia/*']
	),
	situation(
		'a take on a buzzer pupa hung at three metres on a March lake',
		on(LAKE, '2026-03-24', 12)
			.weather({ waterC: 7, windMs: 4 })
			.net('throat', ['chironomidae', 'pupa', 6], ['chironomidae', 'larva', 2]),
		['chironomidae/pupa', 'chironomus/pupa', 'chironomidae/larva', 'chironomus/larva']
	),
	situation(
		'southern November, duns of a mayfly ride in numbers, seen and taken',
		on(SOUTH_RIVER, '2026-11-18', 13)
			.weather({ waterC: 12 })
			.saw('siphlonurus', 'dun', { abundance: 'many' })
			.drifted('siphlonurus', 'dun', 'taken', 3)
			.rises('nose', 5),
		['siphlonurus/dun', 'siphlonurus/*']
	),
	situation(
		'southern February, cicada-sized land insects of wind: hoppers taken with a crash',
		on(SOUTH_RIVER, '2026-02-14', 15)
			.weather({ waterC: 16, airC: 25, windMs: 5 })
			.saw('acrididae', 'terrestrial', { abundance: 'many' })
			.rises('crash', 3),
		['acrididae/*']
	),
	situation(
		'southern lake in January, dragonfly larvae in the strainer, fish cruise and bulge',
		on(SOUTH_LAKE, '2026-01-10', 11, { holding: 'cruising' })
			.weather({ waterC: 17 })
			.net('surface-net', ['chironomidae', 'pupa', 9])
			.rises('bulge', 4),
		['chironomidae/pupa', 'unseen/true-fly', 'chironomus/pupa']
	),
	situation(
		'mahogany duns in October, spotty, nose by nose, two taken',
		on(TAILWATER, '2026-10-05', 13)
			.weather({ waterC: 11, sky: 'overcast' })
			.saw('paraleptophlebia', 'dun', { abundance: 'few' })
			.drifted('paraleptophlebia', 'dun', 'taken', 2)
			.rises('nose', 4),
		['paraleptophlebia/dun', 'paraleptophlebia/*']
	),
	situation(
		'blue-winged olives of October and a few mahoganies: the olives make the net',
		on(TAILWATER, '2026-10-12', 14)
			.weather({ waterC: 10, sky: 'overcast' })
			.net('surface-net', ['baetis', 'emerger', 15], ['baetis', 'dun', 7], ['paraleptophlebia', 'dun', 2])
			.rises('bulge', 6),
		['baetis/emerger', 'unseen/mayfly', 'baetis/cripple']
	),
	situation(
		'october caddis lay on a mild evening, big splashes',
		on(RIVER, '2026-10-01', 17)
			.weather({ waterC: 10, airC: 16 })
			.saw('dicosmoecus', 'egg-laying', { abundance: 'few' })
			.rises('crash', 3),
		['dicosmoecus/*']
	),
	situation(
		'blackflies swarm at the outlet, larvae and pupae in the throat',
		on(TAILWATER, '2026-04-20', 12)
			.weather({ waterC: 8 })
			.net('throat', ['simuliidae', 'larva', 24], ['baetis', 'nymph', 2]),
		['simuliidae/larva', 'simuliidae/*']
	),
	situation(
		'high coloured water after rain, nothing rises',
		on(RIVER, '2026-05-15', 12)
			.weather({ waterC: 9, clarityM: 0.3, levelM: 0.6 })
			.says(6, { kind: 'looked', body: { rising: 0, minutes: 20 } }),
		['oligochaeta/*', 'bed', 'not-feeding'],
		{ notSure: true }
	),
	situation(
		'large fish noses slowly at drakes by day; three of them taken',
		on(BROOK, '2026-05-30', 16, { size: 'large' })
			.weather({ waterC: 14 })
			.drifted('ephemera', 'dun', 'taken', 3)
			.saw('ephemera', 'dun', { abundance: 'many' })
			.rises('nose', 6),
		['ephemera/dun', 'ephemera/*']
	),
	situation(
		'a net of cripples and stillborn duns, noses in the slack',
		on(RIVER, '2026-05-18', 13)
			.weather({ waterC: 9, sky: 'overcast' })
			.net('surface-net', ['rhithrogena', 'cripple', 9], ['rhithrogena', 'dun', 4])
			.rises('nose', 5),
		['rhithrogena/cripple', 'rhithrogena/*']
	),
	situation(
		'duns pass untouched and a fish bulges below them',
		on(RIVER, '2026-05-05', 13)
			.weather({ waterC: 9 })
			.saw('rhithrogena', 'dun', { abundance: 'many' })
			.drifted('rhithrogena', 'dun', 'passed', 9)
			.rises('bulge', 6),
		['rhithrogena/emerger', 'rhithrogena/nymph', 'rhithrogena/cripple', 'unseen/mayfly']
	),
	situation(
		'nothing at all noted but sipping on a June dusk',
		on(RIVER, '2026-06-15', 21).weather({ waterC: 15, windMs: 0 }).rises('nose', 6),
		['*/spinner', 'anything', 'unseen/mayfly', '*/emerger', 'chironomidae/*'],
		{ notSure: true }
	),
	situation(
		'yellow sallies lay in the afternoon, slashes',
		on(RIVER, '2026-07-06', 15)
			.weather({ waterC: 14 })
			.saw('isoperla', 'egg-laying', { abundance: 'many' })
			.rises('splash', 5),
		['isoperla/*']
	),
	situation(
		'green caterpillars drop from trees, three in the net, plops taken',
		on(BROOK, '2026-06-05', 14)
			.weather({ waterC: 13, windMs: 4, airC: 20 })
			.net('surface-net', ['lepidoptera', 'terrestrial', 6])
			.drifted('lepidoptera', 'terrestrial', 'taken', 2)
			.rises('nose', 3),
		['lepidoptera/*']
	),
	situation(
		'crane flies blow onto an autumn lake',
		on(LAKE, '2026-09-15', 14)
			.weather({ waterC: 14, windMs: 6, airC: 17 })
			.saw('tipulidae', 'adult', { abundance: 'many' })
			.rises('splash', 4),
		['tipulidae/*']
	),
	situation(
		'snails under the film of a hot lake, head-and-tails without an insect',
		on(LAKE, '2026-08-02', 15).weather({ waterC: 21 }).net('throat', ['lymnaeidae', 'aquatic', 20]),
		['lymnaeidae/*']
	),
	situation(
		'gray drakes fall spent over a slow reach',
		on(TAILWATER, '2026-06-28', 19.5)
			.weather({ waterC: 16, windMs: 0 })
			.net('surface-net', ['siphlonurus', 'spinner', 11])
			.rises('nose', 7),
		['siphlonurus/spinner']
	),
	situation(
		'grannom in a blizzard of an April noon, pupae bulged at',
		on(RIVER, '2026-04-28', 14)
			.weather({ waterC: 10 })
			.saw('brachycentrus', 'adult', { abundance: 'masses' })
			.rises('bulge', 7),
		['brachycentrus/pupa', 'unseen/caddisfly', 'brachycentrus/*']
	),
	situation(
		'a mouse-grey morning, no insect anywhere and fish lie still on the bottom in two degrees',
		on(RIVER, '2026-12-20', 10)
			.weather({ waterC: 2, airC: -3 })
			.says(4, { kind: 'looked', body: { rising: 0, minutes: 40 } }),
		['not-feeding', 'bed'],
		{ notSure: true }
	),
	situation(
		'the switch: duns taken for ten minutes, then spinners fall and noses follow',
		on(RIVER, '2026-06-12', 19.5)
			.weather({ waterC: 14, windMs: 0 })
			.net('surface-net', ['ephemerella', 'dun', 8])
			.rises('splash', 8)
			.later(25)
			.net('surface-net', ['ephemerella', 'spinner', 19])
			.rises('nose', 10),
		['ephemerella/spinner'],
		{ after: 36 }
	),
	situation(
		'the switch back: bulging at pupae, then egg-layers and slashes, no new net',
		on(RIVER, '2026-06-25', 20)
			.weather({ waterC: 15 })
			.net('surface-net', ['hydropsyche', 'pupa', 12])
			.rises('bulge', 8)
			.later(20)
			.saw('hydropsyche', 'egg-laying', { abundance: 'masses' })
			.rises('splash', 9),
		['hydropsyche/egg-laying', 'hydropsyche/adult'],
		{ after: 30 }
	)
];
