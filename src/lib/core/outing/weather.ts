import { solarHour, type Weather } from '../atlas';
import { usualAirC, usualWaterC } from '../hatch';
import type { Outing } from './fold';

/** Weather from the outing's conditions; what nobody noted is taken as usual. */
export function weatherOf({ place, now, live, conditions: noted }: Outing, conditions = noted): Weather {
	const sky = conditions.sky?.value;
	const rained = live.some(({ note }) => note.kind === 'conditions' && note.body.sky === 'rain');
	return {
		waterC: conditions.waterC?.value ?? usualWaterC(place, now),
		airC: conditions.airC?.value ?? usualAirC(place, now, solarHour(place, now)),
		dull: sky !== undefined && sky !== 'clear' && sky !== 'broken',
		windMs: conditions.windMs?.value ?? 2,
		afterRain: rained && sky !== 'rain'
	};
}
