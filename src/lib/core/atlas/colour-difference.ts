import { differenceCiede2000 } from 'culori';
import type { Lab } from './shades';

const ciede2000 = differenceCiede2000();

/**
 * How different two colours look: CIEDE2000 (Sharma, Wu & Dalal 2005). Under 2 the eye hardly sees it, over 10 it
 * is another colour.
 */
export function colourDifference(one: Lab, other: Lab): number {
	return ciede2000({ mode: 'lab65', ...one }, { mode: 'lab65', ...other });
}
