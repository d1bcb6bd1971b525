import { words } from '$lib/core/message';

export default words('page.board.one', {
	'check-the-rules-of':
		'Check the rules of the water and the day before you fish. Check, clean and dry between waters.',
	lacewing: '{title} · Lacewing',
	'nothing-to-show-yet': 'Nothing to show yet. Come back in a few days.',
	print: 'Print',
	'this-board-as-a': 'This board as a code to scan',
	'what-saw-hatch': 'What {by} saw hatch'
});
