import { words } from '$lib/core/message';

export default words('page.bank.one', {
	coming: 'Coming; it needs signal once.',
	'1-guest': '1 guest',
	'a-past-day-notes': 'A past day. Notes are written at',
	'add-a-note': 'Add a note',
	'back-to-now': 'Back to now',
	'end-the-outing': 'End the outing',
	guests: '{guests} guests',
	'hold-a-net-or': 'Hold a net or look along the bank, and tap what you find; nothing found counts too.',
	'i-see': 'I see',
	'note-a-rise': 'Note a rise',
	'note-a-sample': 'Note a sample',
	'note-a-sighting': 'Note a sighting',
	'note-conditions': 'Note conditions',
	'note-how-fish-rise':
		'Note how fish rise, or watch one: the water column says what they are taking, and why.',
	'note-the-conditions-the': "Note the conditions: the water's temperature already says what can hatch.",
	notes: 'Notes',
	'notes-are-written-at': 'Notes are written at',
	'open-it-again': 'Open it again',
	'part-of-the-board': 'Part of the board',
	'records-of-this-outing': 'Records of this outing',
	text: '{localDate} · {value}',
	'the-fly-on-the': 'The fly on the line',
	'tie-on': 'Tie on',
	'tie-on-what-stands':
		'Tie on what stands first, and note what becomes of it. Records are made of your notes.',
	'undo-the-last-note': 'Undo the last note',
	'watch-a-fish': 'Watch a fish',
	water: 'Water',
	'write-a-remark': 'Write a remark'
});
