import { words } from '$lib/core/message';

export default words('page.atlas.key', {
	'answer-what-you-can': 'Answer what you can see, in any order; a wrong answer is not fatal',
	'any-water': 'any water',
	atlas: 'Atlas',
	'found-in': 'Found in',
	'what-is-this': 'What is this?'
});
