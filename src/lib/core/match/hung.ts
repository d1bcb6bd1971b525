import type { RigBody } from '../note';
import { dressingOf, type Pattern } from '../tackle';

/** A fly as it is noted behind or under another on the same leader, so far from it, m. */
export function flyBehind(
	{ pattern, hookSize }: { pattern: Pattern; hookSize: number },
	distanceM: number
): NonNullable<RigBody['second']> {
	const dressing = dressingOf(pattern);
	return { patternId: pattern.id, hookSize, ...(dressing && { dressing }), distanceM };
}

/** Parts of a metre to which lengths of leader, and depths, are noted. */
const CM = 100;
const DM = 10;

/**
 * What is noted of a leader with two or three flies hung evenly through a column, the first the highest.
 *
 * @param leader its whole length, and how deep its last fly hangs, m
 */
export function hungThrough(
	flies: readonly { pattern: Pattern; hookSize: number }[],
	leader: { leaderM: number; hangsM: number },
	waterM: number
): Partial<RigBody> {
	const [, second, third] = flies;
	const apartM = Math.round((CM * leader.hangsM) / flies.length) / CM;
	return {
		leaderM: leader.leaderM,
		waterM,
		depthM: Math.round(DM * leader.hangsM) / DM,
		second: second && flyBehind(second, apartM),
		third: third && flyBehind(third, apartM)
	};
}
