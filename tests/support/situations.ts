import type { Place } from '../../src/lib/core/atlas';
import type { Hypothesis } from '../../src/lib/core/likeness';
import { BROOK, LAKE, RIVER, Story } from './story';

/** What a guide noted, and what an experienced one would say of it. */
export interface Situation {
	says: string;
	story: Story;
	/** Minutes after its beginning at which it is read. */
	after: number;
	/**
	 * What may be first, as `taxon/stage`, `group/stage`, `*` for any, `bed` for whatever is taken under the surface,
	 * `anything`, or the unseen of a group.
	 */
	first: readonly string[];
	/** Nobody would be sure here. */
	notSure?: boolean;
}

const TAILWATER: Place = { ...RIVER, elevationM: 560, water: 'tailwater' };
const SOUTH = { latitude: -44.6, longitude: 169.2, elevationM: 380 } as const;
const SOUTH_RIVER: Place = { ...SOUTH, water: 'freestone' };
const SOUTH_LAKE: Place = { ...SOUTH, water: 'lake' };
const HOUR_MS = 3_600_000;

/** A story that begins on a day at an hour of the sun. */
function on(
	place: Place,
	day: string,
	hour: number,
	fish: ConstructorParameters<typeof Story>[2] = {}
): Story {
	return new Story(
		place,
		new Date(Date.parse(`${day}T00:00:00Z`) + (hour - place.longitude / 15) * HOUR_MS),
		fish
	);
}

const situation = (
	says: string,
	story: Story,
	first: readonly string[],
	more: { after?: number; notSure?: boolean } = {}
): Situation => ({ says, story, first, after: 12, ...more });

/** Whether a hypothesis is one that a pattern names. */
export function isAmong(
	{ id, kind, group, stage, taking }: Hypothesis,
	patterns: readonly string[]
): boolean {
	return patterns.some((pattern) => {
		if (pattern === id) return true;
		if (kind !== 'natural') return false;
		if (pattern === 'bed') return taking === 'drift';
		const [what, when] = pattern.split('/');
		return (what === '*' || what === group || id.startsWith(`${what}/`)) && (when === '*' || when === stage);
	});
}

const HATCHING = ['mayfly/emerger', 'mayfly/cripple', 'unseen/mayfly'];

const EYES: readonly Situation[] = [
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

const NETS: readonly Situation[] = [
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

const FISH: readonly Situation[] = [
	situation(
		'duns pass untouched while rises go on, skins drift: in the film',
		on(RIVER, '2026-05-08', 13)
			.weather({ waterC: 9.5 })
			.saw('baetis', 'dun', { abundance: 'many' })
			.saw('baetis', 'dun', { sign: 'shucks', zone: 'in-film' })
			.drifted('baetis', 'dun', 'passed', 10)
			.rises('bulge', 4),
		['baetis/emerger', 'baetis/cripple', 'unseen/mayfly']
	),
	situation(
		'takes of two kinds of dun, nothing else noted: a dun on the film',
		on(RIVER, '2026-05-20', 14)
			.weather({ waterC: 10.5 })
			.drifted('baetis', 'dun', 'taken', 3)
			.drifted('rhithrogena', 'dun', 'taken', 3),
		['mayfly/dun']
	),
	situation(
		'six duns taken of nine that drifted by',
		on(BROOK, '2026-05-20', 15)
			.weather({ waterC: 11 })
			.drifted('ephemerella', 'dun', 'taken', 6)
			.drifted('ephemerella', 'dun', 'passed', 3),
		['ephemerella/dun', 'ephemerella/cripple']
	),
	situation(
		'a net of emergers and bulges, then many spinners and noses: the fish has changed',
		(() => {
			const story = on(BROOK, '2026-06-10', 18)
				.weather({ waterC: 14 })
				.net('surface-net', ['ephemerella', 'emerger', 6])
				.rises('bulge', 7);
			story.says(52, {
				kind: 'sighting',
				body: {
					taxonId: 'ephemerella',
					stage: 'spinner',
					zone: 'on-film',
					abundance: 'many',
					sign: 'insects'
				}
			});
			for (let i = 0; i < 10; i++) story.riseAt(54 + i * 0.4, 'nose');
			return story;
		})(),
		['*/spinner'],
		{ after: 60 }
	),
	situation(
		'a heavy hatch is over: the fish cruises and rises six times in twenty minutes',
		(() => {
			const story = on(BROOK, '2026-05-20', 14, { holding: 'cruising' })
				.weather({ waterC: 11 })
				.saw('ephemerella', 'dun', { abundance: 'masses' })
				.rises('head-back-tail', 12, 10);
			for (const minute of [40, 43, 47, 50, 55, 58]) story.riseAt(minute, 'head-back-tail');
			return story;
		})(),
		['ephemerella/*', 'anything', 'unseen/mayfly'],
		{ after: 60, notSure: true }
	),
	situation(
		'rain and cold air, four noses: not an ant',
		on(RIVER, '2026-07-08', 14).weather({ waterC: 13, airC: 12, sky: 'rain' }).rises('nose', 4),
		['mayfly/*', 'caddisfly/*', 'true-fly/*', 'unseen/mayfly', 'unseen/true-fly'],
		{ notSure: true }
	),
	situation(
		'one splash and nothing else',
		on(RIVER, '2026-06-20', 12).weather({ waterC: 13 }).rises('splash', 1),
		['*/*', 'anything', 'unseen/mayfly', 'unseen/caddisfly'],
		{ notSure: true }
	),
	situation(
		'weaving fish with white of the mouth, no rise, a bed full of olive nymphs',
		on(RIVER, '2026-04-10', 11)
			.weather({ waterC: 7 })
			.net('kick-net', ['baetis', 'nymph', 24], ['rhithrogena', 'nymph', 10])
			.rises('weaving', 6),
		['bed']
	),
	situation(
		'five short takes at a dry dun, bulges between them: under it',
		on(RIVER, '2026-05-08', 14)
			.weather({ waterC: 9.5 })
			.saw('baetis', 'dun', { abundance: 'many' })
			.rises('bulge', 5)
			.fly(8, 'parachute-dun-olive', 16, 'refused')
			.fly(10, 'parachute-dun-olive', 16, 'refused'),
		['baetis/emerger', 'baetis/cripple', 'unseen/mayfly']
	),
	situation(
		'a leap after something that flits low over the tail in the evening, caddis seen',
		on(RIVER, '2026-07-02', 20.5)
			.weather({ waterC: 15 })
			.saw('hydropsyche', 'adult', { abundance: 'many' })
			.rises('leap', 3),
		['caddisfly/*']
	),
	situation(
		'noses in foam, spinners of the morning in the net, no dun anywhere',
		on(RIVER, '2026-08-04', 9.5)
			.weather({ waterC: 14, windMs: 0 })
			.net('surface-net', ['baetis', 'spinner', 9])
			.rises('nose', 6),
		['baetis/spinner']
	),
	situation(
		'big fish nose at big duns too: drakes seen and taken, noses',
		on(BROOK, '2026-06-06', 19, { size: 'large' })
			.weather({ waterC: 15 })
			.saw('ephemera', 'dun', { abundance: 'many' })
			.drifted('ephemera', 'dun', 'taken', 3)
			.rises('nose', 4),
		['ephemera/*']
	),
	situation(
		'eleven alike noses do not outvote a net full of duns',
		on(BROOK, '2026-05-24', 16)
			.weather({ waterC: 12 })
			.net('surface-net', ['ephemerella', 'dun', 25], ['baetis', 'spinner', 1])
			.rises('nose', 11),
		['ephemerella/dun', 'ephemerella/cripple', 'ephemerella/emerger']
	),
	situation(
		'a beetle fall off the bank in a June wind, splashes close in',
		on(BROOK, '2026-06-25', 14)
			.weather({ waterC: 15, windMs: 6 })
			.saw('coleoptera', 'terrestrial', { abundance: 'many' })
			.rises('nose', 2)
			.rises('splash', 2, 45),
		['terrestrial/*', 'coleoptera/*']
	),
	situation(
		'dangling-leg flies blown onto the lake in late April, unhurried rises along the wind lane',
		on(LAKE, '2026-05-04', 13)
			.weather({ waterC: 10, windMs: 5 })
			.saw('bibionidae', 'terrestrial', { abundance: 'masses' })
			.rises('nose', 5),
		['bibionidae/*']
	),
	situation(
		'needle flies along an October edge, soft rises',
		on(RIVER, '2026-10-04', 13)
			.weather({ waterC: 10 })
			.saw('leuctra', 'adult', { abundance: 'many' })
			.rises('nose', 4),
		['leuctra/*']
	)
];

const STILL: readonly Situation[] = [
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

const SEASONS: readonly Situation[] = [
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
		['*/*', 'anything', 'unseen/mayfly', 'unseen/caddisfly', 'unseen/true-fly'],
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

const WEATHER: readonly Situation[] = [
	situation(
		'snow over spinners: they do not fall; olives seen on the film',
		on(RIVER, '2026-04-08', 14)
			.weather({ waterC: 6, airC: 0, sky: 'snow' })
			.saw('baetis', 'dun', { abundance: 'many' })
			.rises('head-back-tail', 4),
		['baetis/dun', 'baetis/emerger', 'baetis/cripple', 'unseen/mayfly']
	),
	situation(
		'a river up and coloured after rain: worms and the bed, no rise',
		on(RIVER, '2026-05-16', 12)
			.weather({ waterC: 9, levelM: 0.6, levelTrend: 'rising', clarityM: 0.3 })
			.net('kick-net', ['oligochaeta', 'aquatic', 8], ['baetis', 'nymph', 10]),
		['bed', 'oligochaeta/*']
	),
	situation(
		'a warm dry breeze carries duns off at once; bulges and olives in the air',
		on(RIVER, '2026-05-24', 13)
			.weather({ waterC: 12, airC: 23, sky: 'clear', windMs: 4 })
			.saw('baetis', 'dun', { zone: 'air', abundance: 'many' })
			.rises('bulge', 5),
		['baetis/emerger', 'baetis/nymph', 'unseen/mayfly', 'mayfly/emerger']
	),
	situation(
		'a gale over the lake shore, beetles and flies in the lane, sips',
		on(LAKE, '2026-07-02', 14)
			.weather({ waterC: 18, windMs: 10 })
			.saw('coleoptera', 'terrestrial', { abundance: 'many' })
			.rises('nose', 4),
		['terrestrial/*', 'coleoptera/*']
	),
	situation(
		'a mild damp dusk, spinners down on the flat, seen only',
		on(BROOK, '2026-06-20', 21)
			.weather({ waterC: 15, airC: 16, windMs: 0 })
			.saw('serratella', 'spinner', { abundance: 'many' })
			.rises('nose', 7),
		['serratella/spinner']
	),
	situation(
		'a cold bright March noon, three olives seen, a rise now and then',
		on(RIVER, '2026-03-20', 13)
			.weather({ waterC: 7, airC: 5, sky: 'clear' })
			.saw('baetis', 'dun')
			.rises('head-back-tail', 2, 240),
		['baetis/*', 'unseen/mayfly'],
		{ notSure: true }
	)
];

/** Written situations of all seasons and waters, to hold the reading against. */
export const SITUATIONS: readonly Situation[] = [...EYES, ...NETS, ...FISH, ...STILL, ...SEASONS, ...WEATHER];
