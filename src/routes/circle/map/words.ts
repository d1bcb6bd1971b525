import { words } from '$lib/core/message';

export default words('page.circle.map', {
	circle: 'Circle',
	'map-of-waters': 'Map of waters',
	nothing: 'nothing',
	'only-what-was-shared':
		'Only what was shared with the name of a water stands here; what is told of a basin stands in the feed.',
	'the-last-fortnight': 'The last fortnight',
	waters: 'Waters',
	'what-was-shared-of': 'What was shared of each'
});
