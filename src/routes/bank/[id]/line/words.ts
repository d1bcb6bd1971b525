import { words } from '$lib/core/message';

export default words('page.bank.one.line', {
	'a-good-drift': 'A good drift',
	board: 'Board',
	'it-dragged': 'It dragged',
	'no-fly-is-on': 'No fly is on yet. Choose one under',
	'on-the-board': 'on the board.',
	'on-the-line': 'On the line',
	'refused-at-the-last': 'Refused at the last moment',
	taken: 'Taken',
	'tie-on': 'Tie on',
	'to-the-board': 'To the board',
	'undo-the-last-tap': 'Undo the last tap',
	'wet-cold-hands-and':
		'Wet, cold hands and net; the fish stays in the water; camera ready first; let it go when it holds itself.'
});
