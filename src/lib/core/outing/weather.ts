import type { Weather } from '../atlas';
import { usualWaterC } from '../hatch';
import type { Outing } from './fold';

/** Weather from the outing's conditions; what nobody noted is taken as usual. */
export function weatherOf(outing: Outing, conditions = outing.conditions): Weather {
	const sky = conditions.sky?.value;
	return {
		waterC: conditions.waterC?.value ?? usualWaterC(outing.place, outing.now),
		dull: sky !== undefined && sky !== 'clear' && sky !== 'broken',
		windMs: conditions.windMs?.value ?? 2
	};
}
