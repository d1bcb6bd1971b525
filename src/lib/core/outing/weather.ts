import { solarHour, type Weather } from '../atlas';
import { usualAirC, usualWaterC } from '../hatch';
import type { Outing } from './fold';

/**
 * Weather from the outing's conditions; what nobody noted is taken as usual. Air that was noted is weighed by itself
 * (`reading/conditions.ts`): it says more of land insects than the usual does.
 */
export function weatherOf({ place, now, conditions: noted }: Outing, conditions = noted): Weather {
	const sky = conditions.sky?.value;
	return {
		waterC: conditions.waterC?.value ?? usualWaterC(place, now),
		...(conditions.airC === undefined && { airC: usualAirC(place, now, solarHour(place, now)) }),
		dull: sky !== undefined && sky !== 'clear' && sky !== 'broken',
		windMs: conditions.windMs?.value ?? 2
	};
}
