import { words } from '$lib/core/message';

export default words('page.join.one', {
	'invites-you-you-will':
		'{from} invites you. You will see what its guides share, and choose for each of your own records whether they see it, and how much of the place.',
	join: 'Join {circle}',
	'join-2': 'Join'
});
