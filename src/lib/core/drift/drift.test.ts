import { describe, expect, it } from 'vitest';
import { CASTS } from '../vocabulary';
import { chainOf, holdsOf, moveOn, type Chain } from './chain';
import { driftOf, longestFreeS, type Followed, type Laid } from './drift';
import { laneAt, middleOf, surfaceOf, widthOf, type Lane } from './water';

const uniform = (speedMs: number) => surfaceOf([{ widthM: 40, depthM: 1, speedMs }]);
const THREE: readonly Lane[] = [
	{ widthM: 3, depthM: 0.5, speedMs: 0.3 },
	{ widthM: 3, depthM: 0.8, speedMs: 0.8 },
	{ widthM: 3, depthM: 0.6, speedMs: 0.4 }
];
const across = (more: Partial<Laid> = {}, widthM = 8): Laid => ({
	tip: { alongM: 0, acrossM: 0 },
	fly: { alongM: 0, acrossM: widthM },
	cast: 'wiggle',
	followM: 0,
	...more
});
/** Within a share of what is expected. */
const near = (value: number, expected: number, share: number) => {
	expect(value).toBeGreaterThan(expected * (1 - share));
	expect(value).toBeLessThan(expected * (1 + share));
};

describe('a line on uniform current', () => {
	it.each([0.2, 0.5, 1])('with the tip carried along it never drags, at %d m/s', (speedMs) => {
		for (const cast of CASTS)
			expect(driftOf(across({ cast, followM: 100, heldM: 0 }), uniform(speedMs)).drags, cast).toBe(false);
	});

	it.each([
		[0.3, 4],
		[0.5, 8],
		[0.9, 6],
		[1.2, 12]
	])('held off the water it drags at %d m/s over %d m after √(L² − W²)/U', (speedMs, widthM) => {
		const { freeS, lineM, freeM } = driftOf(across({ heldM: 100 }, widthM), uniform(speedMs), {
			longestS: 60
		});
		const exact = Math.sqrt(lineM ** 2 - widthM ** 2) / speedMs;
		near(freeS, exact, 0.02);
		expect(longestFreeS(lineM, widthM, speedMs)).toBeCloseTo(exact, 9);
		near(freeM, exact * speedMs, 0.02);
	});

	it.each([0.3, 0.5, 0.9])(
		'what lies on the water has less than that, and more than (L − W)/U, at %d m/s',
		(speedMs) => {
			for (const heldM of [0, 2, 5]) {
				const { freeS, lineM } = driftOf(across({ heldM }), uniform(speedMs), { longestS: 60 });
				expect(freeS).toBeLessThan(longestFreeS(lineM, 8, speedMs));
				expect(freeS).toBeGreaterThan((lineM - 8) / speedMs);
			}
		}
	);

	it('a line that bows has about two thirds of it, at any speed alike', () => {
		const shares = [0.25, 0.5, 1].map((speedMs) => {
			const { freeS, lineM } = driftOf(across({ heldM: 0 }), uniform(speedMs), { longestS: 60 });
			return freeS / longestFreeS(lineM, 8, speedMs);
		});
		for (const share of shares) near(share, 0.67, 0.05);
	});

	it('of a length that is said it drags after the same, however it was cast', () => {
		for (const cast of CASTS) {
			if (cast === 'reach') continue;
			const { freeS, lineM } = driftOf(across({ cast, lineM: 10, heldM: 100 }), uniform(0.5));
			expect(lineM).toBe(10);
			near(freeS, 6 / 0.5, 0.02);
		}
	});

	it('cast straight upstream it comes back to the guide and never drags', () => {
		expect(
			driftOf(
				{ tip: { alongM: 9, acrossM: 2 }, fly: { alongM: 0, acrossM: 2 }, cast: 'straight' },
				uniform(0.6),
				{ longestS: 10 }
			).drags
		).toBe(false);
	});

	it('let down to a fish straight below it has its slack, divided by the current', () => {
		const laid: Laid = {
			tip: { alongM: 0, acrossM: 2 },
			fly: { alongM: 8, acrossM: 2 },
			cast: 'straight',
			slackM: 3,
			followM: 0,
			heldM: 0
		};
		const { freeS, lineM } = driftOf(laid, uniform(0.5), { longestS: 30 });
		near(freeS, (lineM - 8) / 0.5, 0.03);
	});
});

describe('the shear of two lanes', () => {
	/** A line across two lanes, with so much slack gathered where they meet. */
	function gathered(slackM: number, pieces = 12): Chain {
		const half = Array.from({ length: pieces }, (_, i) => i / pieces);
		const points = [
			...half.map((share) => 4 * share),
			3.999,
			4.001,
			...half.slice(1).map((share) => 4 + 4 * share),
			8
		];
		const lengthsM = points.slice(1).map((to, i) => (i === pieces ? slackM : to - (points[i] ?? 0)));
		return chainOf(
			points.map((acrossM) => ({ alongM: 0, acrossM })),
			lengthsM,
			holdsOf(lengthsM, () => 1)
		);
	}

	it.each([
		[0.2, 0.7, 1],
		[0.9, 0.4, 2],
		[0.1, 1.1, 0.6]
	])(
		'%d beside %d m/s, %d m of slack between them, the tip carried: taut after S/ΔU',
		(near_, far, slackM) => {
			const surface = surfaceOf(
				[
					{ widthM: 4, depthM: 1, speedMs: near_ },
					{ widthM: 4, depthM: 1, speedMs: far }
				],
				0
			);
			const chain = gathered(slackM);
			const stepS = 0.01;
			let seconds = 0;
			// Until the piece between the lanes is drawn out straight.
			for (; seconds < 20; seconds += stepS) {
				moveOn(chain, surface, { alongM: near_ * (seconds + stepS), acrossM: 0 }, stepS);
				const [here = 0, there = 0] = chain.along.slice(12, 14);
				if (Math.abs(there - here) > 0.999 * slackM) break;
			}
			near(seconds, slackM / Math.abs(far - near_), 0.05);
		}
	);

	it.each([
		[4, 5, 0.5],
		[3, 4.5, 0.8]
	])(
		'held over a near lane of %d m with %d m of line, the rest straight over the far one: √(H² − W²)/U',
		(widthM, heldM, speedMs) => {
			const surface = surfaceOf(
				[
					{ widthM, depthM: 1, speedMs: 2 },
					{ widthM: 9, depthM: 1, speedMs }
				],
				0
			);
			const pieces = 12;
			const chain = chainOf(
				[0, ...Array.from({ length: pieces + 1 }, (_, i) => widthM + 0.001 + (4 * i) / pieces)].map(
					(acrossM) => ({ alongM: 0, acrossM })
				),
				[heldM, ...Array.from({ length: pieces }, () => 4 / pieces)],
				Array.from({ length: pieces + 2 }, () => 1)
			);
			const stepS = 0.01;
			let seconds = 0;
			for (; seconds < 20; seconds += stepS)
				if (moveOn(chain, surface, { alongM: 0, acrossM: 0 }, stepS) > 0.03 * stepS) break;
			near(seconds, Math.sqrt(heldM ** 2 - widthM ** 2) / speedMs, 0.05);
		}
	);
});

describe('a line over three lanes', () => {
	const laid = (cast: Laid['cast'], more: Partial<Laid> = {}): Laid => ({
		tip: { alongM: 0, acrossM: 0.5 },
		fly: { alongM: 0, acrossM: 7.5 },
		cast,
		...more
	});
	const free = (cast: Laid['cast'], more: Partial<Laid> = {}, followed: Followed = {}) =>
		driftOf(laid(cast, more), surfaceOf(THREE), followed).freeS;

	it('no piece is ever longer than it is by a hundredth, and the whole line stays as long', () => {
		for (const cast of CASTS) {
			const { frames, lineM } = driftOf(laid(cast), surfaceOf(THREE), { everyS: 0.1, longestS: 8 });
			for (const { line, atS } of frames) {
				const lengths = line.slice(1).map((to, i) => {
					const from = line[i] ?? to;
					return Math.hypot(to.alongM - from.alongM, to.acrossM - from.acrossM);
				});
				expect(lengths[0], `${cast} at ${atS}`).toBeLessThan(2 * 1.01);
				for (const length of lengths.slice(1))
					expect(length, `${cast} at ${atS}`).toBeLessThan(((lineM - 2) / 36) * 1.01);
			}
		}
	});

	it('half the step, or twice the pieces, changes the answer by less than 3 %', () => {
		for (const cast of CASTS) {
			const usual = free(cast);
			near(free(cast, {}, { stepS: 0.0125 }), usual, 0.03);
			near(free(cast, {}, { pieces: 72 }), usual, 0.05);
		}
	});

	it('slack casts drift longer than a straight one, and so does line held off the quick lane', () => {
		for (const cast of ['reach', 'pile', 'wiggle', 'mend'] as const)
			expect(free(cast), cast).toBeGreaterThan(1.3 * free('straight'));
		expect(free('straight', { heldM: 6 })).toBeGreaterThan(free('straight', { heldM: 1 }));
		expect(free('straight', { slackM: 1 })).toBeGreaterThan(free('straight'));
		expect(free('straight', { followM: 3 })).toBeGreaterThan(free('straight', { followM: 0 }));
	});

	it('keeps where the line lies from the first moment on', () => {
		const { frames } = driftOf(laid('reach'), surfaceOf(THREE), { everyS: 0.5, longestS: 3 });
		expect(frames.map(({ atS }) => Math.round(10 * atS) / 10)).toEqual([0, 0.5, 1, 1.5, 2, 2.5, 3]);
		const fly = frames[0]?.line.at(-1);
		expect(fly?.alongM).toBeCloseTo(0, 6);
		expect(fly?.acrossM).toBeCloseTo(7.5, 6);
		expect(frames[0]?.line[0]?.alongM).toBeLessThan(-1);
	});
});

describe('lanes', () => {
	it('know where they are', () => {
		expect(widthOf(THREE)).toBe(9);
		expect([0, 1, 2].map((lane) => middleOf(THREE, lane))).toEqual([1.5, 4.5, 7.5]);
		expect([-1, 0.5, 3.5, 8, 20].map((acrossM) => laneAt(THREE, acrossM))).toEqual([0, 0, 1, 2, 2]);
	});

	it('run at their own speeds, and blend over a seam', () => {
		const surface = surfaceOf(THREE);
		expect([1, 4.5, 8].map(surface)).toEqual([0.3, 0.8, 0.4]);
		expect(surface(3)).toBeCloseTo(0.55, 9);
		expect(surfaceOf(THREE, 0)(3.0001)).toBe(0.8);
	});
});

describe('what is out of range', () => {
	it.each([
		[across({ leaderM: -1 }), {}, 'leaderM is -1'],
		[across({ lineM: 7 }), {}, 'lineM is 7'],
		[across({ slackM: Number.NaN }), {}, 'slackM is NaN'],
		[across({ followM: -2 }), {}, 'followM is -2'],
		[across({ fly: { alongM: 0, acrossM: 0 } }), {}, 'fall away'],
		[across(), { stepS: 0 }, 'stepS is 0']
	])('is named', (laid, followed, message) => {
		expect(() => driftOf(laid, uniform(0.5), followed)).toThrow(message);
		expect(() => surfaceOf([])).toThrow('a lane');
		expect(() => surfaceOf([{ widthM: 0, depthM: 1, speedMs: 1 }])).toThrow('widthM is 0');
	});
});
