import { solarHour, type Weather } from '../atlas';
import { usualAirC, waterCAt } from '../hatch';
import type { Outing } from './fold';

/**
 * Weather from the outing's conditions. What nobody noted is taken as usual, the water as it stood against the usual
 * when it was measured last.
 */
export function weatherOf(
	{ place, now, live, measuredBefore, conditions: noted }: Outing,
	conditions = noted
): Weather {
	const sky = conditions.sky?.value;
	const rained = live.some(({ note }) => note.kind === 'conditions' && note.body.sky === 'rain');
	return {
		waterC: conditions.waterC?.value ?? waterCAt(place, now, ...measuredBefore),
		airC: conditions.airC?.value ?? usualAirC(place, now, solarHour(place, now)),
		dull: sky !== undefined && sky !== 'clear' && sky !== 'broken',
		windMs: conditions.windMs?.value ?? 2,
		afterRain: rained && sky !== 'rain'
	};
}
