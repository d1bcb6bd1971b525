import { describe, expect, it } from 'vitest';
import { apparentRad, elevationSeen, hiddenFromM, transmittedShare, windowRadiusM } from './optics';

const rad = (degrees: number) => (degrees * Math.PI) / 180;
const degrees = (radians: number) => (radians * 180) / Math.PI;

describe('the window of a trout', () => {
	// 0.5 m down: tan 48.6° × 0.5 = 1.134 × 0.5.
	it.each([
		[0, 0],
		[0.25, 0.284],
		[0.5, 0.567],
		[1, 1.135],
		[2.5, 2.836]
	])('%d m down it is %d m in radius', (depth, radius) => {
		expect(windowRadiusM(depth)).toBeCloseTo(radius, 3);
	});
});

describe('where something above the water is seen', () => {
	// By hand: a ray at e meets the film d · tan(asin(cos e / 1.333)) from the fish, and rises h in h / tan e.
	it.each([
		[1, 1, 1.75, 101.392],
		[2, 0.2, 0.3, 8.817],
		[5, 0.5, 1.75, 20.565],
		[10, 0.5, 1.75, 10.473],
		[15, 0.4, 1.2, 4.899],
		[20, 0.5, 1.75, 5.305],
		[30, 1, 1, 2.587],
		[45, 1, 2, 2.626],
		[60, 0.3, 1.5, 0.987],
		[80, 2, 1, 0.439]
	])(
		'at %d° to a fish %d m down what is %d m high stands %d m away',
		(elevation, depth, height, distance) => {
			expect(degrees(elevationSeen(height, distance, depth))).toBeCloseTo(elevation, 1);
		}
	);

	it('far off it comes to the angle that it has over the window’s edge', () => {
		expect(elevationSeen(1.75, 200, 0.5)).toBeCloseTo(Math.atan(1.75 / (200 - windowRadiusM(0.5))), 4);
	});

	it('what lies on the film outside the window is not seen at all, inside it is', () => {
		expect(elevationSeen(0, 0.6, 0.5)).toBeCloseTo(0, 6);
		expect(elevationSeen(0, 0.3, 0.5)).toBeGreaterThan(rad(40));
	});

	it('near the horizon all is squeezed together, and mostly mirrored away', () => {
		// Degrees of the window that the lowest degrees of the bank take up, and the share of their light.
		for (const [e, squeezed, light] of [
			[1, 0.01, 0.104],
			[5, 0.247, 0.416],
			[10, 0.978, 0.652],
			[20, 3.781, 0.867],
			[45, 16.57, 0.972]
		] as const) {
			expect(degrees(apparentRad(rad(e)))).toBeCloseTo(squeezed, 2);
			expect(transmittedShare(rad(e))).toBeCloseTo(light, 3);
		}
		expect(transmittedShare(0)).toBe(0);
		expect(transmittedShare(rad(90))).toBeCloseTo(0.98, 2);
	});
});

describe('how near one may come', () => {
	// By hand for 10°: 1.0959 × depth + 5.6713 × height.
	it.each([
		[0.1, 1.75, 10.03],
		[0.3, 1.75, 10.25],
		[0.5, 1.75, 10.47],
		[0.8, 1.75, 10.8],
		[1.2, 1.75, 11.24],
		[2, 1.75, 12.12],
		[0.1, 1.15, 6.63],
		[0.3, 1.15, 6.85],
		[0.5, 1.15, 7.07],
		[1.2, 1.15, 7.84],
		[0.3, 0.9, 5.43],
		[0.8, 0.9, 5.98],
		[2, 0.9, 7.3],
		[0.3, 2.75, 15.92],
		[0.5, 3.75, 21.82]
	])('of a fish %d m down, %d m tall: from %d m on', (depthM, height, from) => {
		expect(hiddenFromM(height, { depthM })).toBeCloseTo(from, 1);
	});

	it('nearer the lower one keeps, over ripple and broken water, and the less clear it is', () => {
		const depths = [0.2, 0.5, 1, 2];
		for (const depthM of depths) {
			const of = (height: number, more = {}) => hiddenFromM(height, { depthM, ...more });
			expect(of(0.9)).toBeLessThan(of(1.75));
			expect(of(1.75, { surface: 'rippled' })).toBeLessThan(of(1.75));
			expect(of(1.75, { surface: 'broken' })).toBeLessThan(of(1.75, { surface: 'rippled' }));
			let before = of(1.75);
			for (const clarityM of [8, 4, 2, 1, 0.5]) {
				const now = of(1.75, { clarityM });
				expect(now, `${depthM} m down, clear to ${clarityM} m`).toBeLessThanOrEqual(before);
				before = now;
			}
		}
	});

	it('in thick water a deep fish notices nobody', () => {
		expect(hiddenFromM(1.75, { depthM: 1.5, clarityM: 0.3 })).toBe(0);
		expect(hiddenFromM(1.75, { depthM: 0.2, clarityM: 3 })).toBeGreaterThan(5);
	});

	it('names what is out of range', () => {
		expect(() => hiddenFromM(-1, { depthM: 1 })).toThrow('heightM is -1');
		expect(() => hiddenFromM(1, { depthM: Number.NaN })).toThrow('depthM is NaN');
		expect(() => hiddenFromM(1, { depthM: 1, clarityM: 0 })).toThrow('clarityM is 0');
		expect(() => windowRadiusM(-0.1)).toThrow('depthM');
	});
});
