import { words } from '$lib/core/message';

export default words('page.bank.one.stand', {
	'where-to-stand': 'Where to stand',
	board: 'Board'
});
