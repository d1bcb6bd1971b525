import { words } from '$lib/core/message';

export default words('weighing.table', {
	'field-rule': 'Field rule: practitioners say so, and nobody has measured it.',
	source: 'Source: {source}.',
	scrolls: '{title}, table'
});
