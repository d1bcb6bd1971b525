import { words } from '$lib/core/message';

export default words('page', {
	'anybody-in-this-network':
		'Anybody in this network can read along: this address is not secured. Use it at home, for a try.',
	'back-to-the-bank': 'Back to the bank',
	lacewing: 'Lacewing',
	'nothing-here': 'Nothing here',
	'that-did-not-work': 'That did not work',
	'the-log-knows-it': 'The log knows it as {reference}.'
});
