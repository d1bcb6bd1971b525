import { words } from '$lib/core/message';

export default words('page.box.new', {
	'a-fly-of-your': 'A fly of your own',
	belly: 'Belly',
	box: 'Box',
	'carries-a-heavy-nymph': 'Carries a heavy nymph.',
	'carries-a-light-second': 'Carries a light second fly.',
	'dark-post-for-silver': 'Dark post, for silver water',
	fishes: '{sits}. Fishes {within}.',
	frail: 'Frail.',
	'hooks-it-is-tied': 'Hooks it is tied on',
	'its-name': 'Its name',
	none: 'none',
	of: 'Of {materials}.',
	'of-thread-and-fur': 'Of thread and fur.',
	'only-you-see-it': 'Only you see it',
	'pale-post-for-even': 'Pale post, for even light',
	post: 'Post',
	'save-it': 'Save it',
	'sinks-at-about-cm': 'Sinks at about {n} cm/s.',
	sizes: 'sizes',
	style: 'Style',
	'the-fly-could-not':
		'The fly could not be saved: no connection. Nothing is lost; try again when there is signal.',
	'twists-fine-tippet': 'Twists fine tippet.',
	'wing-or-what-stands': 'Wing, or what stands for it'
});
