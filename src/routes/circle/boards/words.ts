import { words } from '$lib/core/message';

export default words('page.circle.boards', {
	'a-day-later': 'a day later',
	'a-week-later': 'a week later',
	'after-days': 'after {delayDays} days',
	'anybody-with-the-link':
		'Anybody with the link sees what hatched on the waters you choose: no reach, no words, no flies, never who was with you, and not before the time you set. It can be printed on one page.',
	'at-once': 'at once',
	'boards-that-are-up': 'Boards that are up',
	circle: 'Circle',
	'confirm-a-record-of': 'Confirm a record of an outing first; then its water can be chosen here.',
	'for-a-window-or': 'For a window, or for guests',
	'it-names-the': 'It names the',
	'its-link-shown-only': 'Its link, shown only now',
	'its-title': 'Its title',
	'link-of-the-board': 'Link of the board',
	'look-at-it': 'Look at it',
	none: 'None.',
	'not-before': 'Not before',
	'public-boards': 'Public boards',
	'put-it-up': 'Put it up',
	records: '{waters} · {within} · {value} · {records} records',
	'take-down': 'Take down',
	'the-link-as-a': 'The link as a code to scan',
	'three-days-later': 'three days later',
	'two-weeks-later': 'two weeks later',
	'up-now': 'Up now',
	waters: 'Waters',
	'what-is-hatching': 'What is hatching'
});
