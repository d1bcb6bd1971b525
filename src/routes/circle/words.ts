import { words } from '$lib/core/message';

export default words('page.circle', {
	'a-month': 'a month',
	'a-week': 'a week',
	all: 'all',
	circle: 'Circle',
	'earlier-ones': 'Earlier ones',
	ever: 'ever',
	feed: 'Feed',
	insect: 'Insect',
	'its-name': 'Its name',
	live: 'Live',
	map: 'Map',
	'not-told-to-the': 'Not told to the day',
	'nothing-shared-fits-that': 'Nothing shared fits that.',
	'nothing-shared-yet-confirm':
		'Nothing shared yet. Confirm a record of an outing and share it: the circle sees it at once.',
	'of-cannot-be-read':
		'{count, plural, one {An entry of {circles} cannot be read and is} other {# entries of {circles} cannot be read and are}} left out here. Whoever runs this server finds which in its log; only keepers are told.',
	'on-now': 'On now',
	'public-boards': 'Public boards',
	reconnecting: 'Reconnecting',
	season: 'Season',
	show: 'Show',
	since: 'Since',
	stage: 'Stage',
	'start-a-circle': 'Start a circle',
	'start-it': 'Start it',
	water: 'Water',
	'what-colleagues-saw-and': 'What colleagues saw, and when',
	yesterday: 'yesterday',
	'you-are-in-no': 'You are in no circle yet. Start one, or ask a colleague for an invitation.'
});
