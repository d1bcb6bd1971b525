import { ciede2000Of } from '../math';
import type { Lab } from './shades';

/**
 * How different two colours look: CIEDE2000 (Sharma, Wu & Dalal 2005). Under 2 the eye hardly sees it, over 10 it
 * is another colour.
 */
export function colourDifference(one: Lab, other: Lab): number {
	return ciede2000Of(one, other);
}
