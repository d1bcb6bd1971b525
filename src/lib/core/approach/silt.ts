import type { Spot } from '../drift';
import { SILT } from './stance-tables';

const S = SILT.values;

/**
 * How far to each side the silt from wading feet has spread so far below them, m: twice the standard deviation of a
 * plume that mixes across by 0.6 of depth × shear velocity, that velocity a tenth of the current, so that the current
 * itself drops out (Fischer, H. B. et al. (1979). Mixing in Inland and Coastal Waters. Academic Press, ch. 5).
 *
 * @param belowM downstream of the feet, m; nothing spreads upstream
 */
export function plumeHalfM(belowM: number, depthM: number): number {
	return belowM < 0 ? 0 : S.feetM + 2 * Math.sqrt(2 * S.mixing * S.shear * depthM * belowM);
}

/** Whether silt from feet at one spot drifts over another before it has settled or thinned. */
export function siltReaches(feet: Spot, at: Spot, depthM: number): boolean {
	const belowM = at.alongM - feet.alongM;
	return (
		belowM > 0 && belowM <= S.lastsM && Math.abs(at.acrossM - feet.acrossM) <= plumeHalfM(belowM, depthM)
	);
}

/**
 * The water over which silt drifts down from feet, as far as it matters: a polygon within the banks.
 *
 * @param endM how far it is followed, m downstream of the fish
 */
export function plumeOutline(feet: Spot, depthM: number, widthM: number, endM: number): Spot[] {
	const lengthM = Math.min(S.lastsM, Math.max(0, endM - feet.alongM));
	const edge = (side: 1 | -1): Spot[] =>
		Array.from({ length: STEPS + 1 }, (_, i) => {
			const belowM = (lengthM * i) / STEPS;
			const acrossM = feet.acrossM + side * plumeHalfM(belowM, depthM);
			return { alongM: feet.alongM + belowM, acrossM: Math.min(widthM, Math.max(0, acrossM)) };
		});
	return [...edge(1), ...edge(-1).reverse()];
}
const STEPS = 8;
