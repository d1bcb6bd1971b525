import { words } from '$lib/core/message';

export default words('key', {
	'what-i-know': 'It is a',
	'nothing-yet': 'not known yet',
	'answers-so-far': 'Answers so far',
	'begin-again': 'Begin again',
	'cant-see': 'Can’t see',
	'cant-see-2': 'can’t see',
	'good-enough-to-fish': 'Good enough to fish',
	'it-serves-whatever-of': ': it serves whatever of these it is.',
	'look-again': 'Look again',
	'name-it-finer-all': 'Name it finer all the same',
	'naming-it-finer-would': 'Naming it finer would change the fly only if it were',
	'naming-it-finer-would-2': 'Naming it finer would change neither style nor size.',
	'no-name-just': 'No name: {name}',
	'none-of-these-all': 'None of these: all answers',
	'nothing-more-that-could': 'Nothing more that could be looked at would tell these apart.',
	or: ' or ',
	'or-look-at': 'Or look at:',
	question: 'Question',
	'take-back': ', take back',
	'tie-on-a': 'Tie on a',
	'weigh-by-place-month': 'Weigh by place, month and how it was caught',
	'what-it-may-be': 'What it may be',
	'wide-open-about-kinds': 'Wide open: about {inPlay} kinds and stages are possible.',
	'with-these-an-earlier': 'With these an earlier answer would be wrong, or misread:'
});
