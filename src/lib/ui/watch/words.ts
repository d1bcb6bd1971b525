import { words } from '$lib/core/message';

export default words('watch', {
	'how-wary': 'How wary it is',
	'a-mark-to-find': 'A mark to find it by',
	cruising: 'Cruising',
	current: 'Current {value}',
	depth: 'Depth',
	'filled-taken-open-passed': 'filled: taken · open: passed',
	'left-of-the-split': 'left of the split alder',
	'looked-away-this-time': 'Looked away: this time does not count.',
	'min-ago': '{MINUTES} min ago',
	'next-rise-even-odds': 'Next rise, even odds, in {whole} to {whole2} seconds',
	'no-telling-when-it': 'No telling when it rises next',
	'not-now': 'Not now',
	now: 'now',
	'of-rises-for-a': '{rises} of {n} rises for a rhythm.',
	'on-station': 'On station',
	size: 'Size',
	'stay-low-keep-your':
		'Stay low, keep your shadow off the water, and wade no deeper than the watch is worth. Keep an eye on the level while you look at the fish.',
	'the-last-minutes-rises': 'The last {MINUTES} minutes: {length} rises, {length2} naturals followed',
	there: 'There',
	time: 'Time {distanceM}',
	'two-things-at-once': 'Two things at once',
	'watch-it': 'Watch it',
	'what-it-does': 'What it does',
	'what-this-fish-is': 'What this fish is taking',
	'where-it-lies': 'Where it lies'
});
