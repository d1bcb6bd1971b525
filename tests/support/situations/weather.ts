import { BROOK, LAKE, RIVER } from '../story';
import { on, situation, type Situation } from './situation';

/** Weather and water. */
export const WEATHER: readonly Situation[] = [
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
