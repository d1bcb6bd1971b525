import { solarHour, type Weather } from '../atlas';
import { usualAirC, waterCAt, type MeasuredWater } from '../hatch';
import type { Outing } from './fold';

/** What is known of the water's temperature by measuring: today's, and that of the days before. */
export const waterMeasured = ({
	conditions: { waterC },
	measuredBefore
}: Outing): readonly MeasuredWater[] =>
	waterC ? [{ waterC: waterC.value, at: waterC.at }, ...measuredBefore] : measuredBefore;

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
