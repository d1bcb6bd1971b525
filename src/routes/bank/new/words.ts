import { words } from '$lib/core/message';

export default words('page.bank.new', {
	'whose-insects': 'Insects of',
	'by-where-it-lies': 'By where it lies',
	'a-past-day': 'A past day',
	'add-a-reach-of': 'Add a reach of your own',
	'add-the-reach': 'Add the reach',
	bank: 'Bank',
	basin: 'Basin',
	begin: 'Begin',
	'begin-an-outing': 'Begin an outing',
	day: 'Day',
	'exactly-where': 'Exactly where',
	'fill-my-empty-box': 'Fill my empty box with a starting set for this water and month',
	from: 'From',
	'from-a-notebook': 'from a notebook',
	guests: 'Guests',
	'height-m': 'Height, m',
	kind: 'Kind',
	'no-reaches-yet-add': 'No reaches yet: add your first one beside this.',
	now: 'Now',
	'only-you-can-see':
		'Only you can see it. What colleagues see of its records is chosen each time you share.',
	'only-you-will-ever': 'Only you will ever see it.',
	'otherwise-the-middle-of': 'Otherwise the middle of the reach. Either stays with you.',
	reach: 'Reach',
	'say-exactly-where': 'Say exactly where',
	'tap-the-map-where': 'Tap the map where the reach is.',
	'the-line': 'The line {wrong}',
	'the-day': 'The day {wrong}',
	'wading-staff-and-belt':
		'Wading staff and belt; off the water and rod down in lightning. Check the local rules before you fish.',
	water: 'Water',
	when: 'When',
	where: 'Where',
	'where-it-runs': 'Where it runs'
});
