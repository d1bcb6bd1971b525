import { words } from '$lib/core/message';

export default words('stand', {
	'in-section':
		'In section: the fish {depth} down, its window {window} across, and from where on each way to stand is not noticed.',
	'hidden-or-seen': 'Hidden or seen',
	'how-deep-it-lies': 'How deep it lies',
	'bank-above-water': 'The bank above the water',
	wading: 'Wading',
	'water-you-wade': 'Water you would wade',
	'its-current': 'Its current',
	'not-wading': 'Not wading'
});
