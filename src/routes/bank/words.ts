import { words } from '$lib/core/message';

export default words('page.bank', {
	bank: 'Bank',
	before: 'Before',
	'begin-an-outing': 'Begin an outing',
	'earlier-ones': 'Earlier ones',
	'no-outings-yet-begin': 'No outings yet. Begin one when you reach the water; it needs only a reach.',
	notes: '{noteCount} notes',
	open: 'open',
	past: 'past',
	'since-notes': '{localDate}, since {localClock} · {noteCount} notes',
	'the-outing-in-hand': 'The outing in hand, and those before',
	'under-way': 'Under way'
});
