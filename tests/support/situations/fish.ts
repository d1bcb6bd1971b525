import { BROOK, LAKE, RIVER } from '../story';
import { on, situation, type Situation } from './situation';

/** What fish do. */
export const FISH: readonly Situation[] = [
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
		['ephemerella/*', 'anything', 'unseen/mayfly', 'fading'],
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
