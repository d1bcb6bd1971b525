import type { ColumnZone, Group, LifeStage } from '../../../src/lib/core/atlas';
import type { Abundance } from '../../../src/lib/core/vocabulary';
import { BROOK, LAKE, RIVER } from '../story';
import { on, situation, SOUTH_RIVER, TAILWATER, type Situation } from './situation';

const NA = { latitude: 45.6, longitude: -111, elevationM: 1500, water: 'freestone' as const };
const NATAIL = { ...NA, water: 'tailwater' as const, elevationM: 1100 };
const NASPRING = { ...NA, water: 'spring-creek' as const };
const EAST = { latitude: 42, longitude: -75, elevationM: 350, water: 'freestone' as const };
/** Animals seen that nobody can name. */
const nameless = (
	group: Group,
	stage: LifeStage,
	abundance: Abundance,
	lengthMm?: number,
	zone: ColumnZone = 'on-film'
) => ({
	kind: 'unnamed' as const,
	body: { group, stage, zone, abundance, ...(lengthMm !== undefined && { lengthMm }) }
});
const nothingRose = (minutes: number) => ({ kind: 'looked' as const, body: { rising: 0, minutes } });

/** Other regions, and animals that nobody could name; written without a look at the numbers, and kept as they were. */
export const ELSEWHERE: readonly Situation[] = [
	situation(
		'western spring creek, July, pale duns many, noses and head-tails, two duns taken',
		on(NASPRING, '2026-07-08', 10.5)
			.weather({ waterC: 13, airC: 20, windMs: 1 })
			.saw('ephemerella', 'dun', { abundance: 'many' })
			.drifted('ephemerella', 'dun', 'taken', 2)
			.rises('nose', 6)
			.rises('head-back-tail', 3),
		['ephemerella/dun', 'ephemerella/emerger', 'ephemerella/cripple']
	),
	situation(
		'large salmonfly adults in the willows, western river in June, crashes along the bank',
		on(NA, '2026-06-20', 14, { lie: 'edge' })
			.weather({ waterC: 12, airC: 22, windMs: 4 })
			.saw('pteronarcys', 'adult', { abundance: 'many', zone: 'air' })
			.rises('crash', 3),
		['pteronarcys/*', 'stonefly/adult', 'stonefly/egg-laying']
	),
	situation(
		'trico-like tiny spinners fall on a late summer morning, steady sips',
		on(NATAIL, '2026-08-20', 9.5)
			.weather({ waterC: 15, airC: 18, windMs: 0.5 })
			.saw('tricorythodes', 'spinner', { abundance: 'masses' })
			.rises('nose', 12, 12),
		['tricorythodes/spinner']
	),
	situation(
		'eastern river in mid May, mayfly duns unnamed of 12 mm many, splashes and noses',
		on(EAST, '2026-05-14', 15)
			.weather({ waterC: 13, airC: 18 })
			.says(2, nameless('mayfly', 'dun', 'many', 12))
			.rises('nose', 4)
			.rises('splash', 3),
		['mayfly/dun', 'mayfly/emerger', 'group/mayfly/dun', 'unseen/mayfly', 'mayfly/cripple']
	),
	situation(
		'caddis unnamed in clouds at dusk over the riffle, slashes',
		on(EAST, '2026-05-20', 20)
			.weather({ waterC: 14, airC: 17, windMs: 1 })
			.says(2, nameless('caddisfly', 'adult', 'masses', 9, 'air'))
			.rises('splash', 7),
		['caddisfly/*', 'group/caddisfly/adult', 'unseen/caddisfly']
	),
	situation(
		'October, falling leaves, rain, 9 °C, small olive duns few, noses',
		on(RIVER, '2026-10-12', 13.5)
			.weather({ waterC: 9, airC: 9, sky: 'drizzle', windMs: 1 })
			.saw('baetis', 'dun', { abundance: 'few' })
			.rises('nose', 5),
		['baetis/dun', 'baetis/emerger', 'baetis/cripple', 'unseen/mayfly']
	),
	situation(
		'ants swarm: winged ants in masses in August after rain, quiet noses',
		on(RIVER, '2026-08-14', 15)
			.weather({ waterC: 15, airC: 24, windMs: 1 })
			.saw('formicidae', 'adult', { abundance: 'masses' })
			.rises('nose', 9),
		['formicidae/*', 'ant/*', 'lasius/*', 'myrmica/*']
	),
	situation(
		'beetles blown in, July wind, three in the net among nothing',
		on(RIVER, '2026-07-18', 14, { lie: 'edge' })
			.weather({ waterC: 16, airC: 25, windMs: 6 })
			.net('surface-net', ['coleoptera', 'terrestrial', 6])
			.rises('nose', 4),
		['coleoptera/terrestrial', '*/terrestrial']
	),
	situation(
		'lake in May, midges in the evening calm, head and tail porpoising',
		on(LAKE, '2026-05-12', 19.5)
			.weather({ waterC: 11, windMs: 0.5 })
			.saw('chironomidae', 'adult', { abundance: 'few' })
			.rises('head-back-tail', 8),
		['chironomidae/pupa', 'unseen/true-fly']
	),
	situation(
		'lake in July, sedges scuttle at dusk, crashing rises',
		on(LAKE, '2026-07-10', 21)
			.weather({ waterC: 18, windMs: 2 })
			.says(2, nameless('caddisfly', 'adult', 'few', 18))
			.rises('crash', 5),
		['caddisfly/*', 'group/caddisfly/adult']
	),
	situation(
		'autumn lake, fry shoals along the weed, heavy swirls and crashes',
		on(LAKE, '2026-10-08', 9)
			.weather({ waterC: 11 })
			.saw('phoxinus', 'fry', { abundance: 'many', zone: 'drift' })
			.rises('crash', 4),
		['*/fry']
	),
	situation(
		'southern river in January, cicadas sing and fall, crashes',
		on(SOUTH_RIVER, '2026-01-18', 14)
			.weather({ waterC: 15, airC: 26, windMs: 4 })
			.says(2, nameless('terrestrial', 'terrestrial', 'few', 28))
			.rises('crash', 3),
		['*/terrestrial', 'group/terrestrial/terrestrial']
	),
	situation(
		'southern stream, November, duns of the common mayfly in the net and noses',
		on(SOUTH_RIVER, '2026-11-14', 13)
			.weather({ waterC: 12, airC: 16 })
			.net('surface-net', ['deleatidium', 'dun', 6], ['deleatidium', 'emerger', 3])
			.rises('nose', 6),
		['deleatidium/dun', 'deleatidium/emerger', 'deleatidium/cripple']
	),
	situation(
		'winter freestone, 3 °C, stones turned: many small mayfly nymphs, nothing rises',
		on(RIVER, '2026-01-28', 12)
			.weather({ waterC: 3, airC: 1 })
			.net('stones', ['baetis', 'nymph', 20], ['rhithrogena', 'nymph', 8])
			.says(8, nothingRose(20)),
		['bed', 'not-feeding']
	),
	situation(
		'kick net: scuds by the hundred on a chalk stream in March, no rises',
		on(BROOK, '2026-03-18', 11)
			.weather({ waterC: 9 })
			.net('kick-net', ['gammarus', 'crustacean', 120], ['baetis', 'nymph', 14])
			.says(8, nothingRose(15)),
		['gammarus/*', 'baetis/nymph']
	),
	situation(
		'evening: duns pass untouched, spinners in the net with spent wings, sips in the soft edge',
		on(RIVER, '2026-06-25', 21)
			.weather({ waterC: 15, airC: 17, windMs: 0.3 })
			.net('surface-net', ['ephemerella', 'spinner', 5], ['ephemerella', 'dun', 3])
			.drifted('ephemerella', 'dun', 'passed', 7)
			.rises('nose', 8),
		['ephemerella/spinner']
	),
	situation(
		'mixed: caddis pupae and mayfly emergers in the net alike, bulges',
		on(RIVER, '2026-05-20', 16)
			.weather({ waterC: 12 })
			.net('surface-net', ['brachycentrus', 'pupa', 6], ['baetis', 'emerger', 7])
			.rises('bulge', 6),
		['brachycentrus/pupa', 'baetis/emerger', 'unseen/mayfly', 'unseen/caddisfly'],
		{ notSure: true }
	),
	situation(
		'yellow stoneflies lay on a warm July evening, splashes',
		on(NA, '2026-07-15', 18.5)
			.weather({ waterC: 15, airC: 23, windMs: 1 })
			.says(2, nameless('stonefly', 'egg-laying', 'many', 11))
			.rises('splash', 6),
		['stonefly/*', 'group/stonefly/egg-laying']
	),
	situation(
		'hopper taken before the eyes, August meadow, wind',
		on(NA, '2026-08-16', 14, { lie: 'edge' })
			.weather({ waterC: 15, airC: 28, windMs: 5 })
			.saw('acrididae', 'terrestrial', { abundance: 'few' })
			.drifted('acrididae', 'terrestrial', 'taken', 2)
			.rises('crash', 2),
		['acrididae/terrestrial']
	),
	situation(
		'a fish weaves under the surface in a riffle, net on the bed full of mayfly nymphs with black pads',
		on(RIVER, '2026-05-05', 12)
			.weather({ waterC: 10 })
			.net('kick-net', ['ephemerella', 'nymph', 16], ['baetis', 'nymph', 9])
			.rises('weaving', 5),
		['ephemerella/nymph', 'baetis/nymph']
	),
	situation(
		'throat sample tells 22 midge pupae and one damsel on a lake',
		on(LAKE, '2026-06-04', 11)
			.weather({ waterC: 15 })
			.net('throat', ['chironomidae', 'pupa', 22], ['coenagrionidae', 'nymph', 1]),
		['chironomidae/pupa']
	),
	situation(
		'nobody can name it: mayflies rise off the water and yet fish only bulge, none of the duns is taken',
		on(TAILWATER, '2026-09-20', 14)
			.weather({ waterC: 11, sky: 'overcast' })
			.says(2, nameless('mayfly', 'dun', 'many', 6))
			.rises('bulge', 7),
		['mayfly/emerger', 'unseen/mayfly', 'mayfly/cripple', 'mayfly/nymph']
	),
	situation(
		'blackfly larvae by hundreds on the stones of a tailwater, fish weave',
		on(TAILWATER, '2026-03-28', 12)
			.weather({ waterC: 6 })
			.net('stones', ['simuliidae', 'larva', 140], ['baetis', 'nymph', 30])
			.rises('weaving', 4),
		['simuliidae/larva', 'baetis/nymph']
	),
	situation(
		'worms after a spate: coloured, rising, everything is in the flood',
		on(RIVER, '2026-06-02', 10).weather({ waterC: 11, levelM: 0.6, levelTrend: 'rising', clarityM: 0.3 }),
		['bed', 'anything', 'worm/*', 'annelida/*']
	),
	situation(
		'crane flies blown over the lake in September, splashy rises on the drift',
		on(LAKE, '2026-09-15', 13)
			.weather({ waterC: 16, airC: 18, windMs: 6 })
			.saw('tipulidae', 'adult', { abundance: 'many' })
			.rises('splash', 5),
		['tipulidae/adult', 'tipulidae/egg-laying']
	),
	situation(
		'the march brown hatch in bursts, duns taken in a run',
		on(RIVER, '2026-04-20', 13)
			.weather({ waterC: 9, airC: 12 })
			.saw('rhithrogena', 'dun', { abundance: 'many' })
			.drifted('rhithrogena', 'dun', 'taken', 3)
			.rises('splash', 4)
			.rises('nose', 3),
		['rhithrogena/dun']
	),
	situation(
		'only noses, many of them, at dusk in June with nothing seen',
		on(RIVER, '2026-06-15', 21.3).weather({ waterC: 14, airC: 16, windMs: 0.3 }).rises('nose', 14, 12),
		['*/spinner', 'chironomidae/pupa', '*/emerger', 'unseen/mayfly', '*/adult'],
		{ notSure: true }
	),
	situation(
		'snow in March, midge adults crawl on the snow, no wind, sips',
		on(TAILWATER, '2026-03-04', 13)
			.weather({ waterC: 4.5, airC: -1, sky: 'snow', windMs: 0 })
			.saw('chironomidae', 'adult', { abundance: 'many' })
			.rises('nose', 5),
		['chironomidae/*', 'unseen/true-fly']
	),
	situation(
		'big drakes at night on an eastern river, crash and nose',
		on(EAST, '2026-05-30', 20.8)
			.weather({ waterC: 16, airC: 19 })
			.saw('ephemera', 'spinner', { abundance: 'many' })
			.rises('nose', 5)
			.rises('crash', 2),
		['ephemera/spinner']
	),
	situation(
		'small dark stoneflies on the snow in February, quick splashes by the bank',
		on(EAST, '2026-02-25', 13, { lie: 'edge' })
			.weather({ waterC: 5, airC: 7 })
			.says(2, nameless('stonefly', 'adult', 'many', 8))
			.rises('splash', 3),
		['stonefly/*', 'group/stonefly/adult']
	)
];
