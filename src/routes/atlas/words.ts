import { words } from '$lib/core/message';

export default words('page.atlas', {
	'a-name-common-local': 'A name: common, local or scientific',
	'any-group': 'Any group',
	'any-month': 'Any month',
	'any-region': 'Any region',
	'any-stage': 'Any stage',
	'any-water': 'Any water',
	atlas: 'Atlas',
	group: 'Group',
	'kind-kinds': '{length} {length, plural, one {kind} other {kinds}}',
	month: 'Month',
	name: 'Name',
	'nothing-by-that-name': 'Nothing by that name here. Try part of it, or fewer of the other choices.',
	region: 'Region',
	stage: 'Stage',
	water: 'Water',
	'what-is-this': 'What is this?'
});
