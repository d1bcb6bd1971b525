import type { Surface } from './chain';
import { LINE_ON_WATER } from './tables';

/** A lane of current: how wide and deep it is, m, and how quick at the surface, m/s. */
export interface Lane {
	widthM: number;
	depthM: number;
	speedMs: number;
}

/** How wide the water is, m. */
export const widthOf = (lanes: readonly Lane[]): number => lanes.reduce((sum, { widthM }) => sum + widthM, 0);

/** The middle of a lane, m from the left bank; lanes from the left bank on, as one looks downstream. */
export const middleOf = (lanes: readonly Lane[], index: number): number =>
	widthOf(lanes.slice(0, index)) + (lanes[index]?.widthM ?? 0) / 2;

/** Which lane is so far from the left bank; that by the bank for what is beyond it. */
export function laneAt(lanes: readonly Lane[], acrossM: number): number {
	let end = 0;
	for (const [index, { widthM }] of lanes.entries()) {
		end += widthM;
		if (acrossM < end) return index;
	}
	return Math.max(0, lanes.length - 1);
}

const HALF_M = 0.5;

/** The same water in one lane more or fewer: as wide together, to half a metre each; a new one is like the last. */
export function inLanes(lanes: readonly Lane[], count: number): Lane[] {
	const last = lanes.at(-1) ?? { widthM: 2, depthM: 0.5, speedMs: 0.3 };
	const next = Array.from({ length: count }, (_, i) => lanes[i] ?? last);
	const share = lanes.length === 0 ? 1 : widthOf(lanes) / widthOf(next);
	return next.map((lane) => ({
		...lane,
		widthM: Math.max(HALF_M, Math.round((lane.widthM * share) / HALF_M) * HALF_M)
	}));
}

/**
 * The surface of lanes side by side: each at its own speed, and from one to the next over a seam.
 *
 * @param seamM over which the speed changes; 0 for a sharp edge
 * @throws RangeError for no lane, or one without width
 */
export function surfaceOf(lanes: readonly Lane[], seamM = LINE_ON_WATER.values.seamM): Surface {
	if (lanes.length === 0) throw new RangeError('There must be a lane of current.');
	const edges: { at: number; half: number; from: number; to: number }[] = [];
	let end = 0;
	for (const [index, { widthM, speedMs }] of lanes.entries()) {
		if (!(widthM > 0)) throw new RangeError(`widthM is ${widthM}; it must be above 0.`);
		end += widthM;
		const next = lanes[index + 1];
		if (next)
			edges.push({
				at: end,
				half: Math.min(seamM, widthM, next.widthM) / 2,
				from: speedMs,
				to: next.speedMs
			});
	}
	const first = lanes[0]?.speedMs ?? 0;
	return (acrossM) => {
		let speed = first;
		for (const { at, half, from, to } of edges) {
			if (acrossM <= at - half) break;
			speed = acrossM >= at + half ? to : from + ((to - from) * (acrossM - at + half)) / (2 * half);
		}
		return speed;
	};
}
