import { CURRENTS } from './current';
import type { Rhythm } from './rhythm';

/** When to land the fly, in seconds from now, so that it comes to the fish when it is likeliest to rise. */
export interface Landing {
	fromS: number;
	toS: number;
	/** How long the fly drifts from landing to lie. */
	driftS: number;
}

/** Land this far above the lie when nothing else is known, m: beyond the window of a fish half a metre down, and a second's thought. */
const ABOVE_LIE_M = 1.5;

/**
 * When to land the fly for the next rise: the window of the rhythm, less the drift from landing to lie.
 *
 * `landWithin({ fromS: 20, toS: 30 }, 0.5)` is 17 to 27 seconds, with 3 of drift.
 *
 * @param speedMs surface current at the lie, m/s; a usual one when left out
 */
export function landWithin(
	next: Pick<NonNullable<Rhythm['next']>, 'fromS' | 'toS'>,
	speedMs: number = CURRENTS.medium,
	aboveLieM: number = ABOVE_LIE_M
): Landing {
	const driftS = aboveLieM / Math.max(0.05, speedMs);
	return { fromS: Math.max(0, next.fromS - driftS), toS: Math.max(0, next.toS - driftS), driftS };
}
