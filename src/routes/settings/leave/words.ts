import { words } from '$lib/core/message';

export default words('page.settings.leave', {
	'as-a-packet': 'as a packet.',
	'delete-everything-of-mine': 'Delete everything of mine',
	log: 'log',
	settings: 'Settings',
	'take-my-account-away': 'Take my account away',
	'your-outings-notes-pictures':
		'Your outings, notes, pictures, records, boards and flies are deleted, and everything you shared is gone from the circles. This cannot be undone. Take it along first if you want to keep it: it is in the',
	'your-password-to-say': 'Your password, to say that you mean it'
});
