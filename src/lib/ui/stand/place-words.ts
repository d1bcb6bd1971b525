import { words } from '$lib/core/message';

export default words('stand.place', {
	'its-lane': 'The lane it lies in',
	'from-left': 'From the left bank, as you look downstream.',
	'up-from-lowest': 'Upstream of the lowest fish'
});
