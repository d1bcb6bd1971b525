import { words } from '$lib/core/message';

export default words('page.bank.one.record', {
	'and-a-record-of': ', and a record of each stage is proposed here.',
	board: 'board',
	'board-2': 'Board',
	'nothing-to-record-yet': 'Nothing to record yet. Note what you see or net on the',
	'records-of-this-outing': 'Records of this outing'
});
