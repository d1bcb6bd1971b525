/**
 * The next rise against seeded fish: how often it comes within the window that is said to hold it with a chance
 * of one half. `npm run trial -- rhythm`.
 */
import { normal, seededRandom, type Random } from '../../src/lib/core/math';
import { rhythmOf, type RiseTimes } from '../../src/lib/core/rise';
import { count, median, percent, table } from './print';

const FISH = 300;
/** How many rises were seen, from and to: any number between, so that no fish is always met at one point of its burst. */
const RISES = [
	[5, 9],
	[10, 16],
	[20, 30]
] as const;

/** A gamma deviate with this shape and mean (Marsaglia & Tsang 2000). */
function gamma(random: Random, shape: number, mean: number): number {
	const d = shape - 1 / 3;
	const c = 1 / Math.sqrt(9 * d);
	for (;;) {
		const x = normal(random, 0, 1);
		const v = (1 + c * x) ** 3;
		if (v > 0 && Math.log(1 - random()) < 0.5 * x * x + d - d * v + d * Math.log(v))
			return (d * v * mean) / shape;
	}
}

/** Waits of a fish, one after the other. */
type Fish = () => number;
const WAYS: Record<string, (random: Random) => Fish> = {
	'By chance (exponential)': (random) => {
		const mean = 15 + 75 * random();
		return () => Math.max(1, gamma(random, 1.0001, mean));
	},
	'On station (gamma, shape 4 to 12)': (random) => {
		const [mean, shape] = [12 + 50 * random(), 4 + 8 * random()];
		return () => Math.max(1, gamma(random, shape, mean));
	},
	'Bursts of three or four, then a pause': (random) => {
		const [gap, pause] = [6 + 12 * random(), 80 + 120 * random()];
		let left = 3 + Math.round(random());
		return () => {
			if (left-- > 0) return Math.max(1, gamma(random, 5, gap));
			left = 2 + Math.round(random());
			return gamma(random, 8, pause);
		};
	},
	'Bursts of any length': (random) => {
		const [gap, pause] = [6 + 12 * random(), 80 + 120 * random()];
		return () => (random() < 0.28 ? gamma(random, 6, pause) : Math.max(1, gamma(random, 4, gap)));
	}
};

const random = seededRandom(91);
const rows = Object.entries(WAYS).flatMap(([name, way]) =>
	RISES.map(([least, most]) => {
		let held = 0;
		const widths: number[] = [];
		for (let i = 0; i < FISH; i++) {
			const wait = way(random);
			const times: RiseTimes = {
				whole: Array.from({ length: least - 1 + Math.floor((most - least + 1) * random()) }, wait),
				atLeast: [],
				sinceS: 0
			};
			const next = rhythmOf(times)?.next;
			if (!next) throw new Error('no window');
			const came = wait();
			if (came >= next.fromS && came <= next.toS) held++;
			widths.push((next.toS - next.fromS) / 2);
		}
		return [name, `${least} to ${most}`, percent(held / FISH), `${count(median(widths))} s`];
	})
);
console.log(
	`Next rise: ${FISH} seeded fish of each kind. Asked for: the stated half holds the next rise in 45 to 55 %.\n`
);
console.log(table(['', 'Rises seen', 'Held', 'Give or take'], rows));
