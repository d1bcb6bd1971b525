import { words } from '$lib/core/message';

export default words('frame', {
	'as-usual': 'As usual, {value}',
	atlas: 'Atlas',
	bank: 'Bank',
	box: 'Box',
	circle: 'Circle',
	clear: 'Clear',
	close: 'Close',
	'does-not-read-type': '“{text}” does not read: type it like {written}.',
	'is-outside-to': '{written} is outside {written2} to {written3}.',
	lacewing: '{title} · Lacewing',
	'lacewing-2': 'Lacewing',
	less: '{label}: less',
	log: 'Log',
	more: '{label}: more',
	'much-less': '{label}: much less',
	'much-more': '{label}: much more',
	places: 'Places',
	settings: 'Settings',
	'what-hatches-what-the':
		'What hatches, what the trout are taking, and which fly to tie on, with the reasons beside it.',
	'your-places-stay-yours':
		'Your places stay yours. Fellow guides see what and when; where, only as far as you choose.'
});
