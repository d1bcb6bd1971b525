import { words } from '$lib/core/message';

export default words('page.log.bring-in', {
	'a-table-of-records':
		'A table of records (CSV), waters and reaches (GPX, GeoJSON), or a packet of yours. A file is looked at first and saved only when you say so; what is here already stays as it is, so the same file twice changes nothing. Up to 100 MB.',
	basin: 'Basin',
	'begin-an-outing-there': 'Begin an outing there',
	'bring-in': 'Bring in',
	cancel: 'Cancel',
	file: 'File',
	'is-none-of': '“{name}” is none of {flatMap}.',
	log: 'Log',
	'look-through-it': 'Look through it',
	'nothing-new-in-it': 'Nothing new in it',
	'read-so-far': 'Read so far',
	'save-what-is-new': 'Save what is new and right',
	'say-how-the-days': 'Say how the days are written before the table is looked through.',
	'there-is-no-row': 'There is no row in this table below its head.',
	'time-zone': 'Time zone',
	'to-the-log': 'To the log',
	water: 'Water',
	'where-they-lie': 'Where they lie',
	'where-they-lie-unless': 'Where they lie, unless the file says so'
});
