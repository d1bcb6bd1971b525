import type { Lie } from '../vocabulary';
import type { Rhythm } from '../rise';

/** Schools of patience: thirty drifts on one rhythm, or two drifts, rest, and change if it isn't working. */
export const PATIENCE_SCHOOLS = ['thirty-drifts', 'two-then-rest'] as const;
export type PatienceSchool = (typeof PATIENCE_SCHOOLS)[number];

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
 * Chance that a good cast comes down a fish's own lane, by where it lies: a lane is a hand wide, and broad where
 * the current spreads food or the fish must hurry. Field rules: with a usual rhythm, one or two casts of thirty
 * meet both lane and moment.
 */
const LANE: Record<Lie, number> = {
	seam: 0.22,
	'foam-lane': 0.26,
	'pool-tail': 0.24,
	pocket: 0.32,
	flat: 0.26,
	edge: 0.3,
	eddy: 0.14,
	margin: 0.34
};
const USUAL_LANE = 0.24;
/** A cruising fish has no lane to come down. */
const CRUISING = 0.5;
/** A fish takes notice for so many seconds of what it waits between two rises. */
const LOOKS_S = 8;
const USUAL_MEDIAN_S = 30;
/** Fish that rise like a clock can be met by casting on their rhythm. */
const TIMED = 1.5;
const ENOUGH = 0.8;

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
	const lane = (lie ? LANE[lie] : USUAL_LANE) * (holding === 'cruising' ? CRUISING : 1);
	const looks = 1 - Math.exp(-LOOKS_S / (rhythm?.medianS ?? USUAL_MEDIAN_S));
	const timed = rhythm?.kind === 'on-station' && rhythm.sure > 0.6 ? TIMED : 1;
	const perDrift = Math.min(0.9, lane * looks * timed);
	const missed = (1 - perDrift) ** goodDrifts;
	const until80 = Math.max(0, Math.ceil(Math.log((1 - ENOUGH) / missed) / Math.log(1 - perDrift) - 1e-9));
	return { chance: 1 - missed, perDrift, until80 };
}
