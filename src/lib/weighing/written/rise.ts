import type { WrittenTables } from './written';

/** The words of the tables of a fish under watch, by their ids. */
export const RISE_WORDS: WrittenTables = {
	'rise.change': {
		title: 'When a fish, or what drifts, has changed',
		reason:
			'Runs of what a fish did and what drifted, each as likely as it explains what was seen (Adams & MacKay 2007). A change is told to the guide by the last rises; what was noted before counts by what is left of the chance that nothing has changed.',
		keys: {
			risesToForm: 'A change of form is told as if one came in so many rises',
			paceOfForm: 'How far the pace counts beside the form',
			risesToPace: 'A change of pace, in so many rises',
			minutesToFood: 'What was noted before: a change in so many minutes',
			paceOfFood: 'How far the pace counts for that',
			kindPrior: 'Each kind to begin with',
			kindsOfFood: 'Kinds of food',
			kindsDrifting: 'Kinds that drift',
			waitShape: 'Waits to begin with: shape',
			waitS: 'Waits to begin with, s',
			usualWaitS: 'A usual wait, s',
			mostEvents: 'Rises and takes looked back at',
			mostLooks: 'Looks and nets looked back at',
			sureEnough: 'Told from a chance of',
			leastEachSide: 'Rises before and after it, at least',
			near: 'Placed to within, rises',
			shareChanged: 'Another form: so much more of it',
			paceFactor: 'Another pace: by the factor',
			oneLookMin: 'Sightings within so many minutes are one look',
			mostCounted: 'Animals of a look that count, at most',
			byEye: 'A look about, beside a net'
		}
	}
};
