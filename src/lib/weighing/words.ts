import { words } from '$lib/core/message';

export default words('weighing', {
	reading: 'What they are taking',
	hatch: 'What may hatch, and in which water',
	rise: 'When something has changed',
	likeness: 'How like a fly is to it',
	match: 'Which fly suits the water',
	rig: 'Leader, line and patience',
	advice: 'What next',
	approach: 'Where to stand'
});
