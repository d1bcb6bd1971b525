import { words } from '$lib/core/message';

export default words('page.bank.one.stand', {
	'where-to-stand': 'Where to stand',
	board: 'Board',
	'looking-for-stances': 'Following drifts from all round: {share} in 100.',
	'none-from-here':
		'Nobody can stand where this fish could be reached. Look from a bridge, or for another fish.',
	strike: 'Strike',
	'where-it-falls': 'Where it falls',
	'casts-fall': 'Your casts fall above its ring',
	'standing-at': 'Standing at {number}',
	'stands-there': 'Noted: {stance}. What you note of the fly now is of there.',
	'which-first': 'Which fish first',
	fish: 'Fish {number}',
	'the-fish': 'The fish',
	'the-water': 'The water here',
	'only-from-the-bank': 'Only from the bank',
	shade: 'Shade',
	'shade-of-lane': 'Lane {lane}: {times}',
	'all-day': 'in the sun all day',
	'from-to': '{from} to {to}'
});
