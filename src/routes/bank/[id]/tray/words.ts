import { words } from '$lib/core/message';

export default words('page.bank.one.tray', {
	'a-quarter': 'A quarter',
	'a-tenth': 'A tenth',
	all: 'All',
	answers: 'Answers:',
	area: 'Area',
	'blind-to': 'Blind to:',
	board: 'Board',
	'correct-the-sample': 'Correct the sample',
	counted: 'Counted',
	effort: 'Effort',
	habitat: 'Habitat',
	half: 'Half',
	'how-it-was-taken': 'How it was taken',
	'keep-the-in-another': 'Keep the {predators} in another jar, or it eats the sample.',
	leave: 'Leave',
	'looked-found-none': 'Looked, found none',
	min: '{n} min',
	'not-noted': 'not noted',
	'nothing-yet-saved-like':
		'Nothing yet. Saved like this, it says that you looked and found none: that counts too.',
	'on-the-tray': 'On the tray',
	'photo-bench': 'Photo bench',
	'photograph-then-release': 'Photograph, then release',
	'save-in-kind-kinds': 'Save: {total} in {length} {length, plural, one {kind} other {kinds}}',
	'tap-each-kind-again': 'Tap each kind; again for one more',
	tray: 'Tray',
	'what-is-in-it': 'What is in it',
	'what-is-this': 'What is this?',
	'where-how-long-how': 'Where, how long, how much'
});
