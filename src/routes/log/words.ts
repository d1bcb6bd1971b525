import { words } from '$lib/core/message';

export default words('page.log', {
	all: 'all',
	any: 'any',
	'1-record-of-yours': '1 record of yours',
	'a-calendar-icalendar': 'A calendar (iCalendar)',
	'a-map-layer-geojson': 'A map layer (GeoJSON)',
	'a-notebooks-table-waters':
		'A notebook’s table, waters and reaches from a map, or a packet: looked at first, kept when you say so.',
	'a-table-csv': 'A table (CSV)',
	'any-name-water-or': 'Any name, water or words',
	'bring-in': 'Bring in',
	'bring-in-a-file': 'Bring in a file',
	'by-kind': 'by kind',
	calendar: 'Calendar',
	'everything-of-mine-packet': 'Everything of mine (packet)',
	'fly-style': 'Fly style',
	'for-science-by-water': 'For science, by water (Darwin Core)',
	'largest-first': 'largest first',
	'likeliest-taken-first': 'likeliest taken first',
	log: 'Log',
	look: 'Look',
	month: 'Month',
	more: 'More',
	'most-first': 'most first',
	'newest-first': 'newest first',
	'no-record-outing-of': 'No {viewIs, select, yes {record} other {outing}} of yours fits that.',
	'nothing-recorded-yet-confirm': 'Nothing recorded yet. Confirm a record of an outing, and it stands here.',
	'oldest-first': 'oldest first',
	order: 'Order',
	outings: 'Outings',
	records: 'Records',
	'records-of-yours': '{total} records of yours',
	'take-along': 'Take along',
	'the-records-that-were':
		'{searched, select, yes {The records that were searched for} other {Your own records}} with their places, exact as you noted them: mind whom you give them to. The packet holds everything of yours, and goes back in here or on another server.',
	water: 'Water',
	'what-my-circles-shared': 'What my circles shared (GeoJSON)',
	'what-to-expect-icalendar': 'What to expect (iCalendar)',
	'what-you-recorded-by':
		'What you recorded, by week of the year and hour of the day. A bar is as tall as its share of that kind’s tallest; the numbers say how many records stand behind the row, and behind its tallest week.',
	'your-seasons': 'Your seasons'
});
