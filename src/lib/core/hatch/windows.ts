import type { Place } from '../atlas';
import { instantOn } from '../units';
import { expectDay, type Ribbon } from './day';

/** When on a day a hatch or a fall of spinners is worth standing there for. */
export interface ExpectedWindow {
	taxonId: string;
	what: Ribbon['what'];
	from: Date;
	to: Date;
	peakAt: Date;
	/** At its peak, 0 to 1. */
	strength: number;
}

/** Nobody knows the weather yet: an ordinary day, neither dull nor windy. */
const ORDINARY = { dull: false, windMs: 2 };
/** A window lasts as long as there is at least so much of its peak. Field rule. */
const OF_PEAK = 0.5;
const DAY_HOURS = { from: 4, to: 23 };
const STEPS = (DAY_HOURS.to - DAY_HOURS.from) * 4 + 1;

/**
 * The windows to expect on a day to come, from season, hour and the water's usual temperature alone, strongest first.
 *
 * @param day local day at the water, `YYYY-MM-DD`
 */
export function expectedWindows(place: Place, day: string, timeZone: string, most = 3): ExpectedWindow[] {
	const { instants, ribbons } = expectDay(
		place,
		instantOn(day, timeZone, DAY_HOURS.from),
		instantOn(day, timeZone, DAY_HOURS.to),
		ORDINARY,
		[],
		{ most, steps: STEPS }
	);
	return ribbons.map(({ taxonId, what, strength, peakAt }) => {
		const peak = Math.max(...strength);
		const at = strength.indexOf(peak);
		let [first, last] = [at, at];
		while (first > 0 && (strength[first - 1] ?? 0) >= OF_PEAK * peak) first--;
		while (last < strength.length - 1 && (strength[last + 1] ?? 0) >= OF_PEAK * peak) last++;
		return {
			taxonId,
			what,
			from: instants[first] ?? peakAt,
			to: instants[last] ?? peakAt,
			peakAt,
			strength: peak
		};
	});
}
