import { quarrel } from '../rule';
import { words, type Message } from '../message';
import type { Position } from '../vocabulary';

const says = words('advice-school', {
	nearest: 'The nearest one first, from below: it gives no alarm to those above.',
	best: 'The best one first, while the water is rested.',
	'strike.wait': 'The same fly, and strike later: wait until its head is down.',
	'first.wait': 'Strike when its head is down, not at the rise.',
	'first.at-once': 'Strike on a tight line, as the fly goes under.',
	'strike.at-once': 'The same fly on a tighter line, and strike as it goes under: a slack line strikes late.'
});

/** Schools of which of several rising fish is fished first. */
export const FISH_FIRST = quarrel<'nearest' | 'best', { advice: Message; leaveUnder: number }>(
	'fishFirst',
	{ asks: 'Which fish first', usual: 'nearest' },
	{
		nearest: {
			name: 'The nearest first',
			consequence: 'more fish; the best may be disturbed by one that is hooked',
			advice: says('nearest'),
			/** How far the share of the next fish counts under which this one is left. */
			leaveUnder: 1
		},
		best: {
			name: 'The best first',
			consequence: 'fewer fish, larger ones; more time over each',
			advice: says('best'),
			leaveUnder: 0.7
		}
	}
);
export type FishFirst = (typeof FISH_FIRST.ids)[number];

/** Schools of the strike at a fly on the film. */
export const STRIKING = quarrel<'wait' | 'at-once', { advice: Message; first: Message }>(
	'striking',
	{ asks: 'When to strike', usual: 'wait' },
	{
		wait: {
			name: 'When its head is down',
			consequence: 'fewer pulled out of the mouth; small quick fish let go',
			advice: says('strike.wait'),
			/** Before the first strike. */
			first: says('first.wait')
		},
		'at-once': {
			name: 'At once',
			consequence: 'quick fish are hooked; large slow ones are missed',
			advice: says('strike.at-once'),
			first: says('first.at-once')
		}
	}
);
export type Striking = (typeof STRIKING.ids)[number];

/** Schools of where a rising fish is fished from. */
export const FISHED_FROM = quarrel<'from-below' | 'from-above', { from: Position; then: Position }>(
	'fishedFrom',
	{ asks: 'Where to fish from', usual: 'from-below' },
	{
		'from-below': {
			name: 'From below, upstream',
			consequence: 'unseen and a sure strike; line falls over the fish',
			from: 'below',
			then: 'side'
		},
		'from-above': {
			name: 'From above, the fly first',
			consequence: 'fly before line on clear flats; nearer to its eyes, the strike pulls upstream',
			from: 'above',
			then: 'side'
		}
	}
);
export type FishedFrom = (typeof FISHED_FROM.ids)[number];
