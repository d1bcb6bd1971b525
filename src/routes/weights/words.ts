import { words } from '$lib/core/message';

export default words('page.weights', {
	bank: 'Bank',
	'every-number': 'Every number that judges anything',
	'choose-another-school': 'Choose another school',
	'how-this-is-weighed': 'How this is weighed',
	'numbers-of-this-schools': 'Numbers of this school’s own stand in bold.',
	'season-hour-temperature-and':
		'Season, hour, temperature and weather set what is likely before anything is noted. Each note then raises or lowers it, fading with its age; what a line says is in the reasons behind every band of the board.'
});
