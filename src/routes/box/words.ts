import { words } from '$lib/core/message';

export default words('page.box', {
	'a-fly-of-your': 'A fly of your own',
	box: 'Box',
	'fill-it-with-a':
		'Fill it with a starting set: what the water of that month asks for, a few of each. Change it as you like; the shortlist then names first what you carry.',
	'fill-the-box': 'Fill the box',
	'flies-carried': '{total} flies carried',
	for: 'For',
	hook: '{name}, hook {size}',
	in: 'In',
	'one-fewer': 'One fewer',
	'one-more': 'One more',
	'starting-set': 'Starting set',
	'take-away': 'take away',
	'the-box-is-empty': 'The box is empty',
	'the-count-could-not': 'The count could not be saved: no connection. Try again when there is signal.',
	'the-fly-could-not': 'The fly could not be taken away: no connection. Try again when there is signal.',
	'your-own': 'Your own'
});
