import { STILL } from './line-tables';
import { check, DEPTH_M, WIND_MS } from './range';

/**
 * Length of the leader on still water, m: down to just above the bed where flies hang under a floating line, short on a
 * line that is itself under the water, as in wind or where it is too deep to hang.
 *
 * `stillLeaderM(4, 2)` is 3.7; in a gale it is 2.7.
 *
 * @throws RangeError naming depth or wind out of range
 */
export function stillLeaderM(waterM: number, windMs: number): number {
	check('waterM', waterM, { ...DEPTH_M, least: 0.1, most: 30 });
	check('windMs', windMs, WIND_MS);
	const { aboveBedM, leastM, sunkM, windyMs, hangsToM } = STILL.values;
	const hungM = Math.max(leastM, waterM - aboveBedM);
	return windMs > windyMs || hungM > hangsToM ? sunkM : hungM;
}
