/**
 * How long ranking stances takes over a reach of seven lanes: every place and cast roughly, the best fifty finely. Prints
 * medians of whole searches and of the way to the first stances found, and the ratio to a plain loop that carries as many
 * free flies down the same lanes by the same steps.
 */
import { groundOf, landingPoint, searchStances, windOn, type StanceFor } from '../src/lib/core/approach';
import { driftOf, surfaceOf, type Lane } from '../src/lib/core/drift';
import { medianMs } from './median';

const ROUNDS = 20;
const LASTS_S = 6;
/** The step of a coarse drift. */
const STEP_S = 0.1;
const lanes: Lane[] = [0.2, 0.5, 0.8, 0.9, 0.7, 0.4, 0.15].map((speedMs, i) => ({
	widthM: 1.5 + (i % 3),
	depthM: 0.3 + 0.1 * i,
	speedMs
}));
const ground = groundOf({ flowDeg: 135, reachKind: 'run', lanes }, { still: false });
const asked: StanceFor = {
	ground,
	acrossM: 6,
	through: { depthM: 0.5 },
	landing: landingPoint({ depthM: 0.5, speedMs: 0.8 }),
	wind: windOn(ground, { windMs: 4, windFromDeg: 300 })
};

let pieces = 0;
const whole = medianMs(() => {
	pieces = 0;
	const search = searchStances(asked);
	for (;;) {
		const next = search.next();
		if (next.done) return next.value.length;
		pieces++;
	}
}, ROUNDS);
const first = medianMs(() => {
	for (const { found } of searchStances(asked)) if (found.length > 0) return found.length;
	return 0;
}, ROUNDS);

const surface = surfaceOf(lanes);
const CASTS = 1000;
const laid = (i: number) => ({
	tip: { alongM: 5, acrossM: 1 + (i % 6) },
	fly: { alongM: -1, acrossM: 2 + (i % 9) },
	cast: 'reach' as const
});
const coarse = medianMs(() => {
	let sum = 0;
	for (let i = 0; i < CASTS; i++) sum += driftOf(laid(i), surface, { fine: false, longestS: LASTS_S }).freeS;
	return sum;
}, ROUNDS);
const plain = medianMs(() => {
	let sum = 0;
	for (let i = 0; i < CASTS; i++) {
		let { alongM } = laid(i).fly;
		for (let atS = 0; atS < LASTS_S; atS += STEP_S) alongM += surface(laid(i).fly.acrossM) * STEP_S;
		sum += alongM;
	}
	return sum;
}, ROUNDS);

const ms = (value: number) => `${value.toFixed(1)} ms`;
console.log(
	`a search of seven lanes, in ${pieces} pieces   median ${ms(whole.median)}, 95th percentile ${ms(whole.p95)}`
);
console.log(`its first stances                     median ${ms(first.median)}`);
console.log(`${CASTS} coarse drifts                   median ${ms(coarse.median)}`);
console.log(`${CASTS} flies carried freely            median ${ms(plain.median)}`);
console.log(`ratio                                 ${(coarse.median / plain.median).toFixed(0)}`);
