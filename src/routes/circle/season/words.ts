import { words } from '$lib/core/message';

export default words('page.circle.season', {
	'a-table': 'a table',
	all: 'all',
	'all-seasons': 'All seasons',
	'all-that-was-shared': 'All that was shared with you',
	as: 'As',
	'by-week-of-the':
		'By week of the year and hour of the day. A bar is as tall as its share of that kind’s tallest; the numbers say how many shares stand behind the row, and behind its tallest week.',
	circle: 'Circle',
	'days-on-which-somebody':
		'Days on which somebody saw it, this week and on the average of earlier years about this week. More eyes see more: a difference may be of guides, not of insects.',
	look: 'Look',
	'no-earlier-year-to': 'No earlier year to compare with yet.',
	'nothing-shared-fits-that': 'Nothing shared {waterIs, select, yes {fits that} other {yet}}.',
	ribbons: 'ribbons',
	'the-circles-season': 'The circle’s season',
	'this-week': 'This week',
	'this-week-against-the': 'This week against the usual week{value}',
	'usually-hardly': '{now}, usually hardly ever · {says}',
	usually: '{now}, usually {usual} · {says}',
	water: 'Water',
	week: 'Week {week}',
	year: 'Year'
});
