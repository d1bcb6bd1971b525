import { words } from '$lib/core/message';

export default words('atlas', {
	'in-regions': 'in {regions}',
	'in-circle': 'in {circle}',
	to: ' to {lengthMm}',
	'to-you': 'to you'
});
