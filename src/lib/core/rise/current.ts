/** Currents as a guide says them, m/s at the surface. Field rule. */
import { names } from '../message';

export const CURRENTS = { slow: 0.2, medium: 0.45, fast: 0.8 } as const;
export const CURRENT_NAMES = names('current', { slow: 'slow', medium: 'medium', fast: 'fast' });

/** A usual pacing along the bank to time a float over, m. */
export const PACED_M = 3;
const FASTEST_MS = 5;

/** The middle of several currents timed at one place, m/s; undefined for none. */
export const middleCurrent = (speeds: readonly number[]): number | undefined =>
	speeds.toSorted((a, b) => a - b)[Math.floor(speeds.length / 2)];

/**
 * The surface current from a float timed over a paced length, m/s to a hundredth.
 *
 * `currentFrom(3, 6)` is 0.5.
 *
 * @throws RangeError when it took no time
 */
export function currentFrom(pacedM: number, seconds: number): number {
	if (!(seconds > 0)) throw new RangeError(`A float needs time for ${pacedM} m, not ${seconds} s.`);
	return Math.min(FASTEST_MS, Math.round((100 * pacedM) / seconds) / 100);
}
