import { said } from '../../../../tests/support/said';
import { describe, expect, it } from 'vitest';
import { lastChange } from './change';
import { usualWays } from '../reading';
import { currentFrom } from './current';
import { describeChange, describeLanding, describeRhythm } from './describe';
import { driftingNow } from './drifting';
import { riseTimes } from './intervals';
import { landWithin } from './landing';
import { burstiness, rhythmOf } from './rhythm';
import { watchTable } from './watch-table';
import type { Place } from '../atlas';
import { seededRandom } from '../math';
import type { Note } from '../note';
import { fishInHand, foldOuting, isPaused } from '../outing';
import type { RiseForm } from '../vocabulary';

const place: Place = { latitude: 47, longitude: -20, elevationM: 500, water: 'freestone' };
const start = new Date('2026-05-19T12:00:00Z');
const at = (seconds: number) => new Date(start.getTime() + seconds * 1000);
const watchId = '00000000-0000-7000-8000-000000000001';
let serial = 1;
const id = () => `00000000-0000-7000-8000-${String(++serial).padStart(12, '0')}`;
const begin: Note = {
	id: watchId,
	at: start,
	kind: 'watch',
	body: { event: 'begin', lie: 'seam', holding: 'on-station', mark: '=by the alder' }
};
const rise = (seconds: number, form: RiseForm = 'bulge'): Note => ({
	id: id(),
	at: at(seconds),
	kind: 'rise',
	body: { form, watchId }
});
const event = (seconds: number, what: 'pause' | 'resume' | 'end'): Note => ({
	id: id(),
	at: at(seconds),
	kind: 'watch',
	body: { event: what, watchId }
});
const watched = (notes: Note[], seconds: number) => {
	const [watch] = foldOuting([begin, ...notes], place, at(seconds)).watches;
	if (!watch) throw new Error('no watch');
	return watch;
};

describe('a watch', () => {
	it('gathers what names it, and nothing else', () => {
		const stray: Note = { id: id(), at: at(5), kind: 'rise', body: { form: 'nose' } };
		const watch = watched([rise(10), rise(20), stray, event(60, 'end')], 100);
		expect(watch.rises).toHaveLength(2);
		expect(watch.endedAt).toEqual(at(60));
	});

	it('goes on when its end is withdrawn, and keeps what belongs to it when its beginning is corrected', () => {
		const end = event(60, 'end');
		const undo: Note = { id: id(), at: at(61), kind: 'void', body: {}, replaces: end.id };
		expect(watched([rise(10), end, undo], 100).endedAt).toBeUndefined();
		const corrected: Note = {
			id: id(),
			at: at(70),
			kind: 'watch',
			replaces: watchId,
			body: { event: 'begin', lie: 'edge', holding: 'cruising' }
		};
		const watch = watched([rise(10), corrected], 100);
		expect(watch.fish.lie).toBe('edge');
		expect(watch.begunAt).toEqual(start);
		expect(watch.rises).toHaveLength(1);
	});

	it('is written out for a spreadsheet, one row for each tap in order', () => {
		const outing = foldOuting(
			[begin, rise(20, 'nose'), event(30, 'pause'), event(40, 'resume'), rise(50)],
			place,
			at(60)
		);
		const rows = watchTable(outing);
		expect(rows.map(({ event: what, seconds }) => [what, seconds])).toEqual([
			['begin', 0],
			['rise', 20],
			['look-away', 30],
			['look-again', 40],
			['rise', 50]
		]);
		expect(rows[1]?.form).toBe('nose');
	});
});

describe('time between rises', () => {
	it('takes looking away as not known, not as silence', () => {
		const times = riseTimes(
			watched([rise(10), rise(30), event(40, 'pause'), event(100, 'resume'), rise(110), rise(125)], 130),
			at(130)
		);
		expect(times.whole).toEqual([20, 15]);
		expect(times.atLeast).toEqual([10]);
		expect(times.sinceS).toBe(5);
	});

	it('does not count on while nobody looks, nor after the end', () => {
		expect(riseTimes(watched([rise(10), event(20, 'pause')], 90), at(90)).sinceS).toBeUndefined();
		expect(riseTimes(watched([rise(10), event(20, 'end')], 90), at(90)).sinceS).toBeUndefined();
	});

	it('knows a clock, chance and bursts apart by burstiness', () => {
		expect(burstiness([20, 20, 20, 20])).toBe(-1);
		expect(burstiness([5, 5, 5, 120, 5, 5, 120])).toBeGreaterThan(0.1);
	});
});

describe('rhythm', () => {
	const of = (whole: number[], sinceS = 0) => rhythmOf({ whole, atLeast: [], sinceS });

	it('says nothing before five rises', () => {
		expect(of([20, 21, 19])).toBeUndefined();
	});

	it('recognises a fish on station, one in bursts and one that wanders', () => {
		expect(of([20, 22, 19, 21, 20, 18, 22])).toMatchObject({ kind: 'on-station' });
		const bursts = of([8, 9, 7, 150, 8, 7, 140, 9, 8, 8, 160, 7, 9]);
		expect(bursts?.kind).toBe('bursts');
		expect(bursts?.bursts?.gapS).toBeLessThan(15);
		expect(bursts?.bursts?.pauseS).toBeGreaterThan(80);
		expect(of([12, 95, 30, 5, 160, 44, 70, 18])?.kind).not.toBe('on-station');
	});

	it('expects the next rise of a steady fish when it is due, and later the longer it waits', () => {
		const steady = [20, 22, 19, 21, 20, 18, 22, 20];
		const next = of(steady)?.next;
		expect(next?.fromS).toBeGreaterThan(14);
		expect(next?.toS).toBeLessThan(26);
		const waiting = of(steady, 15)?.next;
		expect(waiting?.toS).toBeLessThan(12);
	});

	it('holds the next rise about half the time, for fish of a gamma renewal', () => {
		const random = seededRandom(8);
		const wait = () => {
			// Erlang of shape 4, mean 30.
			let sum = 0;
			for (let k = 0; k < 4; k++) sum -= 7.5 * Math.log(1 - random());
			return sum;
		};
		let held = 0;
		const fish = 80;
		for (let i = 0; i < fish; i++) {
			const next = of(Array.from({ length: 12 }, wait))?.next;
			const came = wait();
			if (next && came >= next.fromS && came <= next.toS) held++;
		}
		expect(held / fish).toBeGreaterThan(0.36);
		expect(held / fish).toBeLessThan(0.64);
	}, 20_000);

	it('lands the fly ahead of the rise by its drift', () => {
		expect(landWithin({ fromS: 20, toS: 30 }, 0.5)).toEqual({ fromS: 17, toS: 27, driftS: 3 });
		expect(landWithin({ fromS: 1, toS: 2 }, 0.1)).toMatchObject({ fromS: 0, toS: 0 });
	});
});

describe('a change', () => {
	it('says since when it is noses and no longer bulges', () => {
		const notes = [
			...[0, 20, 41, 60, 82, 99].map((s) => rise(s)),
			...[120, 141, 160, 178, 200].map((s) => rise(s, 'nose'))
		];
		const change = lastChange(watched(notes, 300).rises, usualWays(undefined));
		expect(change?.forms).toEqual({ before: 'bulge', after: 'nose' });
		expect(change?.at).toEqual(at(120));
	});

	it('sees the pace fall when a hatch ends', () => {
		const notes = [0, 8, 15, 24, 31, 40, 47, 55, 140, 230, 330, 410, 500].map((s) => rise(s));
		const change = lastChange(watched(notes, 600).rises, usualWays(undefined));
		expect(change?.paceS && change.paceS.after > 3 * change.paceS.before).toBe(true);
		expect(change?.forms).toBeUndefined();
	});

	it('does not cry change at one odd rise', () => {
		const notes = [0, 20, 41, 60, 82, 99].map((s, i) => rise(s, i === 3 ? 'splash' : 'bulge'));
		expect(lastChange(watched(notes, 300).rises, usualWays(undefined))).toBeUndefined();
	});
});

describe('what drifts over the fish now', () => {
	it('offers what the net and the eye have shown on the film, those followed first', () => {
		const notes: Note[] = [
			{
				id: id(),
				at: at(-600),
				kind: 'sample',
				body: {
					method: 'surface-net',
					lots: [
						{ taxonId: 'baetis', stage: 'dun', count: 5, measured: 'body' },
						{ taxonId: 'baetis', stage: 'emerger', count: 9, measured: 'body' },
						{ taxonId: 'rhithrogena', stage: 'dun', count: 1, measured: 'body' }
					]
				}
			},
			begin,
			{
				id: id(),
				at: at(5),
				kind: 'drifted',
				body: { watchId, taxonId: 'rhithrogena', stage: 'dun', fate: 'passed' }
			}
		];
		const outing = foldOuting(notes, place, at(60));
		expect(driftingNow(outing, outing.watches[0])).toEqual([
			{ taxonId: 'rhithrogena', stage: 'dun', passed: 1, taken: 0 },
			{ taxonId: 'baetis', stage: 'dun', passed: 0, taken: 0 }
		]);
	});
});

describe('in words', () => {
	it('says a rhythm, how sure, and when to land the fly', () => {
		const rhythm = { kind: 'on-station', sure: 0.7, medianS: 21.3, burstiness: -0.5 } as const;
		expect(said(describeRhythm(rhythm, start, 'UTC'))).toBe('Rises likely on station, every 21 s');
		expect(
			said(
				describeRhythm(
					{
						...rhythm,
						kind: 'bursts',
						sure: 0.9,
						bursts: { gapS: 8, pauseS: 149.6, usualRises: 3.8 }
					},
					start,
					'UTC'
				)
			)
		).toBe('Rises in bursts of about 4, 150 s between');
		expect(said(describeRhythm({ ...rhythm, pausedS: 300 }, start, 'UTC'))).toBe(
			'Paused since 11:55, was every 21 s'
		);
		expect(said(describeLanding({ fromS: 17.2, toS: 26.9, driftS: 3 }))).toBe('land it in 17–27 s');
		expect(said(describeLanding({ fromS: 0, toS: 5, driftS: 3 }))).toBe('land it now');
		expect(said(describeLanding({ fromS: 0, toS: 0.2, driftS: 3 }))).toBe('wait for the next');
	});

	it('says a change by the clock of the water', () => {
		const forms = { before: 'bulge', after: 'nose' } as const;
		expect(said(describeChange({ at: start, forms, probability: 0.8 }, 'UTC'))).toBe(
			'Since 12:00 nose, not bulge'
		);
		const paceS = { before: 10, after: 60 };
		expect(said(describeChange({ at: start, paceS, probability: 0.8 }, 'UTC'))).toBe('Since 12:00 slower');
	});
});

describe('the current', () => {
	it('comes from a float over paced metres', () => {
		expect(currentFrom(3, 6)).toBe(0.5);
		expect(currentFrom(3, 0.1)).toBe(5);
		expect(() => currentFrom(3, 0)).toThrow('not 0 s');
	});
});

describe('the fish in hand', () => {
	it('is the last that has not been let go, and is not seen while one looks away', () => {
		const second: Note = { ...begin, id: id(), at: at(5) };
		const outing = (notes: Note[]) => foldOuting([begin, second, ...notes], place, at(100));
		expect(fishInHand(outing([]))?.id).toBe(second.id);
		const ended = outing([
			{ ...event(50, 'end'), kind: 'watch', body: { event: 'end', watchId: second.id } }
		]);
		expect(fishInHand(ended)?.id).toBe(watchId);
		expect(
			fishInHand(
				outing([
					event(50, 'end'),
					{ ...event(51, 'end'), kind: 'watch', body: { event: 'end', watchId: second.id } }
				])
			)
		).toBeUndefined();
		expect(isPaused(watched([event(20, 'pause')], 30))).toBe(true);
		expect(isPaused(watched([event(20, 'pause'), event(25, 'resume')], 30))).toBe(false);
	});
});
