import { words } from '$lib/core/message';

export default words('page.bank.one.watch', {
	rise: 'Rise: {form}',
	'add-a-natural': 'Add a natural',
	'another-fish': 'Another fish',
	board: 'Board',
	end: 'End',
	'fish-of': 'fish {n} of {length}',
	'fish-under-watch': 'Fish under watch',
	fly: 'Fly',
	forms: 'Forms',
	'forms-you-tap': 'Forms you tap',
	'hide-the-forms-you': 'Hide the forms you never tap; the rest grow larger.',
	'it-rose': 'It rose',
	'look-away': 'Look away',
	'look-away-look-again': 'Look away, look again',
	'looking-again': 'Looking again',
	'naturals-over-the-fish': 'Naturals over the fish',
	'next-fish': 'Next fish',
	passed: 'Passed',
	stand: 'Stand',
	taken: 'Taken',
	'undo-the-last-tap': 'Undo the last tap',
	'watch-a-fish': 'Watch a fish',
	'watch-another-fish': 'Watch another fish',
	'watch-lacewing': 'Watch · Lacewing',
	'what-drifts-over-it': 'What drifts over it'
});
