import { words, type Message } from '../message';
import type { FishSize, RiseForm, Stance } from '../vocabulary';
import { STRIKE } from './tables';

const S = STRIKE.values;

const says = words('strike', {
	'at-once': 'Strike as it takes.',
	wait: 'Wait {seconds, number, ::.0} s, until its head is down, then strike.',
	lift: 'Lift: the hook goes back into its jaw.',
	side: 'Low and to the side, downstream.',
	low: 'Low to the near side, never straight up: from upstream it pulls out of the mouth.',
	'from-above': 'From upstream wait longer.',
	large: 'A large fish turns slowly.',
	small: 'A small fish is quick.',
	quick: 'A splash is quick: it has it or it is gone.',
	slack: '{slack} of slack to take up first: a longer sweep, and begin {seconds, number, ::.0} s sooner.'
});

/** When to strike, and which way. */
export interface Strike {
	/** From the take to the beginning of the strike, s. */
	waitS: number;
	way: 'lift' | 'side' | 'low';
	says: Message;
	because: Message[];
}

const WAYS: Record<Stance, Strike['way']> = {
	below: 'lift',
	'below-and-across': 'side',
	across: 'side',
	'above-and-across': 'low',
	above: 'low'
};
const QUICK: readonly RiseForm[] = ['splash', 'crash', 'leap'];
const TOLD_FROM_S = 0.1;

/**
 * How long to wait and which way to strike: by how it takes, from where one stands, how large it is, and the slack that
 * must be taken up before the hook moves.
 *
 * @param slackM of the line between rod and fly, m
 */
export function strikeFor({
	form = 'unsure',
	stance,
	size,
	slackM = 0,
	school = 'wait'
}: {
	form?: RiseForm | undefined;
	stance: Stance;
	size?: FishSize | undefined;
	slackM?: number | undefined;
	school?: 'wait' | 'at-once' | undefined;
}): Strike {
	const way = WAYS[stance];
	const fromAbove = way === 'low';
	const took = slackM / S.takesUpMs;
	const turned = S[form] + (size === 'large' ? S.large : size === 'small' ? -S.small : 0);
	const wanted = Math.max(0, turned) * (school === 'at-once' ? S.atOnce : 1) + (fromAbove ? S.fromAbove : 0);
	const waitS = Math.max(0, wanted - took);
	return {
		waitS,
		way,
		says: waitS < 2 * TOLD_FROM_S ? says('at-once') : says('wait', { seconds: waitS }),
		because: [
			says(way),
			...(QUICK.includes(form) ? [says('quick')] : []),
			...(fromAbove ? [says('from-above')] : []),
			...(size === 'large' || size === 'small' ? [says(size)] : []),
			...(took >= TOLD_FROM_S ? [says('slack', { slack: { distanceM: slackM }, seconds: took })] : [])
		]
	};
}
