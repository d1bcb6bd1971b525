import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LiveNote, Watch } from '../outing';
import { lastChange } from './change';
import { landWithin } from './landing';
import { riseTimes } from './intervals';
import { FARTHEST_S, rhythmOf } from './rhythm';

const of = (whole: number[], sinceS = 0, atLeast: number[] = []) => rhythmOf({ whole, atLeast, sinceS });
const every6 = Array.from({ length: 14 }, (_, i) => 6 + (i % 3) * 0.2);

describe('a pause', () => {
	it('is told as one after a silence far outside the rhythm, without a window for the next rise', () => {
		for (const [silence, paused] of [
			[4, false],
			[9, false],
			[36, true],
			[400, true],
			[7200, true]
		] as const) {
			const rhythm = of(every6, silence);
			expect(rhythm?.pausedS, `${silence} s`).toBe(paused ? silence : undefined);
			expect(rhythm?.next === undefined, `${silence} s`).toBe(paused);
			expect(rhythm?.medianS).toBeCloseTo(6.2, 1);
		}
	});

	it('does not make bursts of a steady fish: one pause is its own affair', () => {
		for (const pause of [30, 60, 300]) {
			const resumed = of([...every6, pause]);
			expect(resumed?.kind, `${pause} s`).toBe('on-station');
			expect(resumed?.next?.toS).toBeLessThan(12);
			expect(of([...every6, pause], 90)?.pausedS).toBe(90);
		}
	});

	it('makes bursts of two pauses and more, when the rises between them are few', () => {
		expect(of([7, 8, 7, 120, 8, 7, 8])?.kind).not.toBe('bursts');
		expect(of([7, 8, 7, 120, 8, 7, 8, 130, 7, 8])?.kind).toBe('bursts');
	});

	it('ends "land it now" when a burst that was due does not come', () => {
		const bursts = [7, 8, 7, 120, 8, 7, 8, 130, 7, 8, 7];
		expect(of(bursts, 20)?.pausedS).toBeUndefined();
		expect(of(bursts, 3600)?.pausedS).toBe(3600);
	});

	it('is longer for a fish that rises slowly', () => {
		const slow = [110, 130, 120, 125, 118, 122];
		expect(of(slow, 150)?.pausedS).toBeUndefined();
		expect(of(slow, 900)?.pausedS).toBe(900);
	});
});

/** A watch from taps: seconds to the next tap, and what is tapped. */
function watched(taps: readonly { afterS: number; what: 'rise' | 'away' | 'back' }[], waitS: number) {
	let ms = Date.UTC(2026, 4, 19, 10);
	const rises: LiveNote<'rise'>[] = [];
	const pauses: { from: Date; to?: Date }[] = [];
	for (const { afterS, what } of taps) {
		ms += afterS * 1000;
		const at = new Date(ms);
		const open = pauses.findLast(({ to }) => !to);
		if (what === 'rise')
			rises.push({
				note: {
					id: String(rises.length),
					at,
					kind: 'rise',
					body: { form: rises.length % 2 ? 'nose' : 'bulge' }
				},
				observedAt: at
			});
		else if (what === 'away' && !open) pauses.push({ from: at });
		else if (what === 'back' && open) open.to = at;
	}
	const watch = { rises, pauses } as unknown as Watch;
	return { watch, now: new Date(ms + waitS * 1000) };
}

const seconds = fc.oneof(
	fc.constant(0),
	fc.double({ min: 0, max: 2, noNaN: true }),
	fc.double({ min: 2, max: 120, noNaN: true }),
	fc.double({ min: 120, max: 40_000, noNaN: true })
);
const tap = fc.record({
	afterS: seconds,
	what: fc.constantFrom('rise' as const, 'rise' as const, 'rise' as const, 'away' as const, 'back' as const)
});
/** Steady fish too: chance alone hardly makes one. */
const steady = fc
	.tuple(fc.double({ min: 0, max: 300, noNaN: true }), fc.integer({ min: 5, max: 40 }))
	.map(([afterS, count]) => Array.from({ length: count }, () => ({ afterS, what: 'rise' as const })));

describe('any series of taps, looks away and waits', () => {
	it('gives a window inside ten minutes, or says that none is known', () => {
		fc.assert(
			fc.property(
				fc.tuple(
					fc.oneof(steady, fc.constant([])),
					fc.array(tap, { maxLength: 30 }),
					fc.oneof(steady, fc.constant([]))
				),
				seconds,
				(parts, waitS) => {
					const { watch, now } = watched(parts.flat(), waitS);
					const rhythm = rhythmOf(riseTimes(watch, now));
					const change = lastChange(watch.rises, undefined);
					if (change?.paceS) for (const pace of Object.values(change.paceS)) expect(pace).toBeGreaterThan(0);
					if (!rhythm) return;
					for (const value of [
						rhythm.medianS,
						rhythm.burstiness,
						rhythm.sure,
						...Object.values(rhythm.bursts ?? {})
					])
						expect(Number.isFinite(value)).toBe(true);
					expect(rhythm.next !== undefined && rhythm.pausedS !== undefined).toBe(false);
					if (!rhythm.next) return;
					const { fromS, toS } = rhythm.next;
					expect(fromS).toBeGreaterThanOrEqual(0);
					expect(toS).toBeGreaterThanOrEqual(fromS);
					expect(toS).toBeLessThanOrEqual(FARTHEST_S);
					expect(landWithin(rhythm.next, 0.4).toS).toBeLessThanOrEqual(FARTHEST_S);
				}
			),
			{ numRuns: 250, seed: 11 }
		);
	}, 60_000);
});
