import { words } from '$lib/core/message';

export default words('stand.scrub', {
	'how-it-drifts': 'How it drifts',
	'since-it-fell': 'Since the fly fell',
	'drifts-freely': '{seconds} s: it drifts freely.',
	'it-drags': '{seconds} s: it drags.',
	'let-it-drift': 'Let it drift',
	stop: 'Stop'
});
