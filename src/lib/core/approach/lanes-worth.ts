import type { Lane } from '../drift';
import { LANE_WORTH } from './tables';

const W = LANE_WORTH.values;

/**
 * How much each lane is worth to a fish that holds in it: food that drifts by within its reach, in its own lane and in
 * the next one, less what swimming against its own current costs, as shares of all lanes.
 *
 * A fish holds in slow water beside quick (Fausch 1984); what it sees of the drift grows with depth and speed, what it
 * catches of that falls with speed, and the colder the sooner (Hughes & Dill 1990).
 *
 * @param waterC water temperature, °C; a good one when left out
 */
export function lanesWorth(lanes: readonly Lane[], waterC: number = W.usualC): number[] {
	const cold = Math.max(0, (W.usualC - waterC) / W.usualC);
	const catches = (speedMs: number) =>
		1 / (1 + Math.exp((speedMs - W.halfMs * (1 - W.coldSlows * cold)) / W.spreadMs));
	const food = ({ depthM, speedMs }: Lane) =>
		Math.min(depthM, W.reachM) * Math.min(1, depthM / W.coverM) * speedMs * catches(speedMs);
	const net = lanes.map((lane, i) => {
		const beside = [lanes[i - 1], lanes[i + 1]].map((next) => (next ? food(next) : 0));
		const eats = food(lane) + W.beside * Math.max(0, ...beside.map((its) => its - food(lane)));
		const costs = W.cost * (Math.exp(W.costPerMs * lane.speedMs) - 1) * (1 + cold);
		const cover = Math.min(1, lane.depthM / W.coverM);
		return Math.max(
			W.least,
			(eats - costs) * (1 - cold) + W.rest * cold * cover * lane.depthM * Math.exp(-lane.speedMs / W.restMs)
		);
	});
	const total = net.reduce((sum, one) => sum + one, 0);
	return net.map((one) => one / total);
}
