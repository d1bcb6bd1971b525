import type { Lie } from '../vocabulary';
import type { Rhythm } from '../rise';
import { LANE, LOOKS } from './seen-tables';

const L = LOOKS.values;
/** Drifts that differ by less are as many. */
const ROUNDING = 1e-9;

/** Whether the fish has really seen the fly. */
export interface Seen {
	/** Chance that it has by now, 0 to 1. */
	chance: number;
	/** Chance that one good drift meets its lane at the moment it looks. */
	perDrift: number;
	/** Good drifts still needed until it has seen the fly with 80 %; 0 when it has. */
	until80: number;
}

/**
 * The chance that a fish has really seen the fly by now: each good drift meets its lane and its moment with some
 * chance, independently; drifts that dragged do not count.
 *
 * `seenBy(30, {}).chance` is about 0.8: thirty drifts on an unknown rhythm.
 *
 * @param goodDrifts drifts in which the fly did not drag
 * @param fish where it lies, how it holds, and its rhythm, as far as they are known
 * @throws RangeError when the number of drifts is negative or no number
 */
export function seenBy(
	goodDrifts: number,
	{
		lie,
		holding,
		rhythm
	}: {
		lie?: Lie | undefined;
		holding?: 'on-station' | 'cruising' | undefined;
		rhythm?: Pick<Rhythm, 'medianS' | 'kind' | 'sure'> | undefined;
	}
): Seen {
	if (!(goodDrifts >= 0)) throw new RangeError(`drifts is ${goodDrifts}; it cannot be under 0.`);
	const lane = LANE.values[lie ?? 'unknown'] * (holding === 'cruising' ? L.cruising : 1);
	const looks = 1 - Math.exp(-L.looksS / (rhythm?.medianS ?? L.usualMedianS));
	const timed = rhythm?.kind === 'on-station' && rhythm.sure > L.timedSure ? L.timed : 1;
	const perDrift = Math.min(L.most, lane * looks * timed);
	const missed = (1 - perDrift) ** goodDrifts;
	const until80 = Math.max(
		0,
		Math.ceil(Math.log((1 - L.enough) / missed) / Math.log(1 - perDrift) - ROUNDING)
	);
	return { chance: 1 - missed, perDrift, until80 };
}
