import { said } from '../../../../tests/support/said';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hatchIndex, selectionOf } from './compare';
import { completeness } from './diversity';
import { goodman, ratioOf, wilson } from './intervals';
import { dryMassMg } from './mass';
import { predatorsAmong } from './predators';
import { ripenessOf } from './ripeness';
import { numbersOf } from './sample';
import { sizeGroups } from './size-groups';
import { compareToday } from './today';
import { normal, poisson, seededRandom } from '../math';
import type { Note } from '../note';
import { foldOuting } from '../outing';
import { DEMO_NOW, demoMorning } from '$lib/simulate';

describe('one share', () => {
	// Newcombe, R. G. (1998), Statistics in Medicine 17, 857–872, Table I, the score method without correction.
	it.each([
		[81, 263, 0.2553, 0.3662],
		[15, 148, 0.0624, 0.1605],
		[0, 20, 0, 0.1611],
		[1, 29, 0.0061, 0.1718]
	])('is %d of %d: from %f to %f, as published', (x, n, low, high) => {
		const interval = wilson(x, n);
		expect(interval.low).toBeCloseTo(low, 4);
		expect(interval.high).toBeCloseTo(high, 4);
	});

	it('refuses shares of nothing and more than all', () => {
		expect(() => wilson(0, 0)).toThrow('at least one animal');
		expect(() => wilson(5, 4)).toThrow('between 0 and 4');
	});
});

describe('several shares at once', () => {
	it('are the roots of Goodman’s equation, at the chi-square of one degree and a k-th of the error', () => {
		const counts = [56, 72, 73, 59, 62, 87, 58];
		const n = counts.reduce((a, b) => a + b, 0);
		// Upper 0.05/7 point of chi-square with one degree of freedom, from tables: 7.2368.
		const chiSquare = 7.2368;
		for (const { share, low, high } of goodman(counts))
			for (const p of [low, high]) expect((n * (share - p) ** 2) / (p * (1 - p))).toBeCloseTo(chiSquare, 2);
	});

	it('is Wilson’s interval when there is one kind to be sure of', () => {
		expect(goodman([12])[0]?.low).toBeCloseTo(wilson(12, 12).low, 12);
	});

	it('hold the truth all at once in at least 95 of 100 samples', () => {
		const random = seededRandom(21);
		const truth = [0.5, 0.3, 0.15, 0.05];
		let held = 0;
		const rounds = 2000;
		for (let round = 0; round < rounds; round++) {
			const counts = truth.map((p) => poisson(random, 80 * p));
			if (counts.reduce((a, b) => a + b, 0) === 0) continue;
			if (goodman(counts).every(({ low, high }, i) => low <= (truth[i] ?? 0) && (truth[i] ?? 0) <= high))
				held += 1;
		}
		// Two standard errors of a share of 0.95 in 2,000 rounds are 0.01.
		expect(held / rounds).toBeGreaterThan(0.94);
	});

	it('grow wider as fewer animals were counted', () => {
		const width = (scale: number) => {
			const [first] = goodman([6 * scale, 3 * scale, scale]);
			return (first?.high ?? 1) - (first?.low ?? 0);
		};
		expect(width(1)).toBeGreaterThan(width(4));
		expect(width(4)).toBeGreaterThan(width(16));
	});
});

describe('the ratio to the commonest', () => {
	it('turns "a hundred to one, or fifty" into an interval', () => {
		const { ratio, low, high } = ratioOf(100, 1);
		expect(ratio).toBe(100);
		expect(low).toBeLessThan(50);
		expect(high).toBeGreaterThan(100);
		expect(ratioOf(5, 0)).toMatchObject({ ratio: Infinity, high: Infinity });
	});
});

describe('how much was seen', () => {
	// The spider samples of Ellison et al. (2010) as worked by Chao et al. (2014), Ecological Monographs 84, 45–67.
	const girdled = [46, 22, 17, 15, 15, 9, 8, 6, 6, 4, 2, 2, 2, 2, ...Array<number>(12).fill(1)];
	const logged = [
		88,
		22,
		16,
		15,
		13,
		10,
		8,
		8,
		7,
		7,
		7,
		5,
		4,
		4,
		4,
		3,
		3,
		3,
		3,
		2,
		2,
		2,
		2,
		...Array<number>(14).fill(1)
	];

	it.each([
		['girdled', girdled, 168, 26, 0.9289, 43.893],
		['logged', logged, 252, 37, 0.9446, 61.403]
	])('is as published for the %s plots', (_, counts, n, seen, coverage, likely) => {
		expect(counts.reduce((a, b) => a + b, 0)).toBe(n);
		const found = completeness(counts);
		expect(found.seen).toBe(seen);
		expect(found.coverage).toBeCloseTo(coverage, 4);
		expect(found.likely).toBeCloseTo(likely, 3);
	});

	it('says that another kick would probably add kinds while many were met once, and none when none was', () => {
		expect(completeness([20, 5, 1, 1, 1]).anotherWouldAdd).toBeGreaterThan(0.5);
		expect(completeness([20, 15, 9]).anotherWouldAdd).toBe(0);
		expect(completeness([1]).coverage).toBe(0);
	});

	it('stays between none and all, whatever was counted', () => {
		fc.assert(
			fc.property(fc.array(fc.nat({ max: 60 }), { minLength: 1, maxLength: 20 }), (counts) => {
				fc.pre(counts.some((count) => count > 0));
				const { coverage, likely, seen, anotherWouldAdd } = completeness(counts);
				expect(coverage).toBeGreaterThanOrEqual(0);
				expect(coverage).toBeLessThanOrEqual(1);
				expect(likely).toBeGreaterThanOrEqual(seen);
				expect(anotherWouldAdd).toBeLessThanOrEqual(likely - seen + 1e-9);
			})
		);
		expect(() => completeness([1.5])).toThrow('1.5 is not a number of animals');
		expect(() => completeness([0])).toThrow('without animals');
	});
});

describe('most food against most numerous', () => {
	it('weighs a mayfly of 7 mm and a stonefly of 26 mm as Benke and colleagues do', () => {
		expect(dryMassMg(7, { group: 'mayfly' })).toBeCloseTo(0.0071 * 7 ** 2.832, 9);
		expect(dryMassMg(26, { group: 'stonefly' }) / dryMassMg(7, { group: 'mayfly' })).toBeGreaterThan(30);
		// Winged ones are heavier built than nymphs of their length: a small midge, a hopper.
		expect(dryMassMg(7, { group: 'mayfly' }, 'dun')).toBeCloseTo(0.014 * 7 ** 2.49, 9);
		expect(dryMassMg(5, { group: 'true-fly' }, 'adult')).toBeGreaterThan(
			3 * dryMassMg(5, { group: 'true-fly' }, 'larva')
		);
		expect(dryMassMg(20, { group: 'terrestrial' }, 'terrestrial')).toBeCloseTo(0.0305 * 20 ** 2.62, 9);
		expect(dryMassMg(35, { group: 'worm' })).toBeLessThan(5);
		// A row of a genus goes by its family, one of a family by itself.
		expect(dryMassMg(8, { group: 'mayfly', family: 'Baetidae' })).toBeCloseTo(0.0053 * 8 ** 2.875, 9);
		expect(dryMassMg(8, { group: 'true-fly', scientificName: 'Simuliidae' })).toBeCloseTo(
			0.002 * 8 ** 3.011,
			9
		);
		expect(() => dryMassMg(0, { group: 'mayfly' })).toThrow('no animal');
	});

	it('puts three large stoneflies before forty small olives', () => {
		const numbers = numbersOf({
			method: 'kick-net',
			lots: [
				{ taxonId: 'baetis', stage: 'nymph', count: 40, lengthMm: 7, measured: 'body' },
				{ taxonId: 'perla', stage: 'nymph', count: 3, lengthMm: 26, measured: 'body' }
			]
		});
		const [olive, stonefly] = numbers?.lots ?? [];
		expect(olive?.byNumber.share).toBeGreaterThan(0.9);
		expect(stonefly?.byMass).toBeGreaterThan(0.6);
		expect(stonefly?.commonestForEach?.ratio).toBeCloseTo(40 / 3, 9);
		expect(olive?.commonestForEach).toBeUndefined();
	});

	it('scales up a quarter of the tray, but not the certainty', () => {
		const lots = [
			{ taxonId: 'baetis', stage: 'nymph' as const, count: 9, measured: 'body' as const },
			{ taxonId: 'leuctra', stage: 'nymph' as const, count: 3, measured: 'body' as const }
		];
		const part = numbersOf({ method: 'kick-net', lots, countedShare: 0.25 });
		const all = numbersOf({ method: 'kick-net', lots });
		expect(part?.total).toBe(48);
		expect(part?.lots.map(({ count }) => count)).toEqual([36, 12]);
		expect(part?.lots.map(({ byNumber }) => byNumber)).toEqual(all?.lots.map(({ byNumber }) => byNumber));
		expect(numbersOf({ method: 'kick-net', lots: [] })).toBeUndefined();
	});
});

describe('a guess at a glance', () => {
	it('has the same shares as a count, less surely', () => {
		const lots = (about: boolean) => [
			{ taxonId: 'baetis', stage: 'nymph' as const, count: 60, measured: 'body' as const, about },
			{ taxonId: 'simuliidae', stage: 'larva' as const, count: 20, measured: 'body' as const, about }
		];
		const [counted, guessed] = [false, true].map(
			(about) => numbersOf({ method: 'kick-net', lots: lots(about) })?.lots[0]?.byNumber
		);
		expect(guessed?.share).toBeCloseTo(counted?.share ?? 0, 9);
		expect((guessed?.high ?? 0) - (guessed?.low ?? 0)).toBeGreaterThan(
			(counted?.high ?? 0) - (counted?.low ?? 0)
		);
	});
});

describe('the jar', () => {
	it('names the predators to keep apart, unless there is nothing to eat', () => {
		const perla = { taxonId: 'perla' };
		expect(predatorsAmong([perla, { taxonId: 'baetis' }])).toEqual([perla]);
		expect(predatorsAmong([perla])).toEqual([]);
		expect(predatorsAmong([{ taxonId: 'baetis' }, { taxonId: 'simuliidae' }])).toEqual([]);
		expect(predatorsAmong([{ taxonId: 'anisoptera' }, { taxonId: 'baetis' }])).toHaveLength(1);
	});
});

describe('size groups', () => {
	const lengths = (random: () => number, count: number, middle: number, spread = 0.09) =>
		Array.from({ length: count }, () => middle * Math.exp(normal(random, 0, spread)));

	it('finds two year-classes where there are two, and one where there is one', () => {
		const random = seededRandom(8);
		const rounds = 200;
		let foundTwo = 0;
		let inventedTwo = 0;
		for (let round = 0; round < rounds; round++) {
			if (sizeGroups([...lengths(random, 15, 13), ...lengths(random, 10, 24)]).groups.length === 2)
				foundTwo += 1;
			if (sizeGroups(lengths(random, 25, 18)).groups.length === 2) inventedTwo += 1;
		}
		expect(foundTwo / rounds).toBeGreaterThan(0.97);
		expect(inventedTwo / rounds).toBeLessThan(0.06);
	});

	it('tells the middle of each and its share, smaller first', () => {
		const random = seededRandom(9);
		const { groups, twoGroups } = sizeGroups([...lengths(random, 60, 12), ...lengths(random, 30, 24)]);
		expect(twoGroups).toBeGreaterThan(0.99);
		expect(groups.map(({ middleMm }) => Math.round(middleMm))).toEqual([12, 24]);
		expect(groups[0]?.share).toBeCloseTo(2 / 3, 1);
	});

	it('says nothing of groups from a handful, and refuses no length at all', () => {
		expect(sizeGroups([7, 7, 14, 14]).twoGroups).toBe(0);
		expect(sizeGroups([])).toEqual({ groups: [], twoGroups: 0 });
		expect(() => sizeGroups([7, 0])).toThrow('0 mm is no animal');
	});
});

describe('ripeness', () => {
	it('judges the population, not one animal', () => {
		const ripe = ripenessOf({ pale: 1, dark: 2, black: 7 });
		const green = ripenessOf({ pale: 9, dark: 1, black: 0 });
		expect(ripe.days.most[1]).toBeLessThanOrEqual(3);
		expect(green.days.most[0]).toBeGreaterThanOrEqual(14);
		expect(green.days.first[1]).toBeLessThan(green.days.most[1]);
		expect(ripe.shares.black.low).toBeLessThan(0.7);
		expect(ripe.shares.black.high).toBeGreaterThan(0.7);
	});

	it('ripens later in colder water', () => {
		const pads = { pale: 2, dark: 8, black: 0 };
		expect(ripenessOf(pads, 6).days.most[1]).toBeGreaterThan(ripenessOf(pads, 9).days.most[1]);
		expect(ripenessOf(pads, 13).days.most[1]).toBeLessThan(ripenessOf(pads).days.most[1]);
	});
});

describe('two samples compared', () => {
	it('finds the tiny pupae in the throat taken more than the margin offered them', () => {
		const margin = new Map([
			['damsel', 30],
			['pupa', 4],
			['olive', 12]
		]);
		const throat = new Map([
			['damsel', 1],
			['pupa', 40],
			['olive', 2]
		]);
		const selection = selectionOf(margin, throat, seededRandom(2));
		const of = (kind: string) => selection.find((s) => s.kind === kind);
		expect(said(of('pupa')?.says)).toBe('taken more than offered');
		expect(said(of('damsel')?.says)).toBe('taken less than offered');
		expect(selection.reduce((sum, { alpha }) => sum + alpha, 0)).toBeCloseTo(1, 9);
		for (const { low, alpha, high } of selection) expect(low <= alpha && alpha <= high).toBe(true);
	});

	it('claims nothing from a few animals', () => {
		const few = selectionOf(
			new Map([
				['a', 2],
				['b', 1]
			]),
			new Map([
				['a', 1],
				['b', 1]
			]),
			seededRandom(2)
		);
		expect(few.map(({ says }) => said(says))).toEqual(['too few to tell', 'too few to tell']);
		expect(() => selectionOf(new Map([['a', 2]]), new Map(), seededRandom(2))).toThrow('two kinds');
	});

	it('never says "as offered" of what was not eaten, nor of an interval that spans everything', () => {
		const saidOf = (offered: number[], eaten: number[]) =>
			selectionOf(
				new Map(offered.map((n, i) => [String(i), n])),
				new Map(eaten.map((n, i) => [String(i), n])),
				seededRandom(2)
			).map(({ says }) => said(says));
		expect(saidOf([8, 1, 3], [10, 2, 0])[2]).toBe('too few to tell');
		expect(saidOf([20, 1], [20, 1])[1]).toBe('too few to tell');
		expect(saidOf([40, 40], [40, 40])).toEqual(['taken as offered', 'taken as offered']);
		expect(saidOf([60, 60], [40, 0])[1]).toBe('taken less than offered');
		expect(saidOf([5, 4], [40, 40])).toEqual(['too few to tell', 'too few to tell']);
	});

	it('says of no sample under ten animals what it holds, how ripe it is, or what a second would add', () => {
		const lot = { taxonId: 'baetis', stage: 'nymph' as const, measured: 'body' as const };
		const numbers = (...counts: number[]) =>
			numbersOf({
				method: 'kick-net',
				lots: counts.map((count, i) => ({
					...lot,
					...(i === 1 && { taxonId: 'ecdyonurus' }),
					count,
					lengthsMm: [6, 7, 6.5].slice(0, count),
					...(i === 0 && { pads: { pale: 0, dark: 0, black: Math.min(count, 12) } })
				}))
			});
		expect(numbers(1)).toMatchObject({ enough: false, commonest: undefined });
		expect(numbers(8, 1)).toMatchObject({ enough: false });
		expect(numbers(8, 1)?.lots[0]?.ripeness).toMatchObject({ enough: false, looked: 8 });
		expect(numbers(40, 2)).toMatchObject({ enough: true, commonest: { taxonId: 'baetis' } });
		expect(numbers(40, 2)?.lots[0]?.ripeness).toMatchObject({ enough: true, looked: 12 });
		expect(numbers(40, 2)?.lots[0]?.sizes).toBeUndefined();
		// Nine to one may be fourteen to ten, or fifty to one: no statement.
		expect(numbers(9, 1)?.lots[1]?.commonestForEach).toBeUndefined();
		expect(numbers(40, 10)?.lots[1]?.commonestForEach?.ratio).toBe(4);
		expect(numbers(10, 10)?.commonest).toBeUndefined();
	});

	it('reads the hatch from bed against surface', () => {
		expect(said(hatchIndex(3, 0).says)).toBe('too few to tell');
		expect(said(hatchIndex(1, 8).says)).toBe('too few to tell');
		expect(said(hatchIndex(20, 15).says)).toBe('hatching now');
		expect(said(hatchIndex(40, 1).says)).toBe('beginning');
		expect(said(hatchIndex(40, 0).says)).toBe('not yet');
	});
});

describe('the day’s samples compared', () => {
	const place = { latitude: 47, longitude: -20, elevationM: 700, water: 'freestone' as const };
	const morning = foldOuting(demoMorning(seededRandom(7)).notes, place, DEMO_NOW);

	it('finds the olives hatching at Alder Bend, and the stoneflies of the same kick not', () => {
		const { hatches, selection } = compareToday(morning);
		const of = (taxonId: string) => said(hatches.find((hatch) => hatch.taxonId === taxonId)?.index.says);
		expect(of('baetis')).toBe('hatching now');
		// Needle flies crawl out: no surface net can show them hatch.
		expect(of('leuctra')).toBe('');
		expect(selection).toBeUndefined();
	});

	it('says nothing of the hatch before a net was held at the surface', () => {
		const early = foldOuting(demoMorning(seededRandom(7)).notes, place, new Date('2026-05-19T11:00:00Z'));
		expect(compareToday(early).hatches).toEqual([]);
	});

	it('holds a throat against what was on offer, the same each time', () => {
		const throat: Note = {
			id: '01890000-0000-7000-8000-000000000001',
			at: DEMO_NOW,
			kind: 'sample',
			body: {
				method: 'throat',
				lots: [{ taxonId: 'chironomidae', stage: 'pupa', count: 40, measured: 'body' }]
			}
		};
		const outing = foldOuting([...demoMorning(seededRandom(7)).notes, throat], place, DEMO_NOW);
		const { selection } = compareToday(outing);
		expect(said(selection?.find(({ kind }) => kind === 'chironomidae/pupa')?.says)).toBe(
			'taken more than offered'
		);
		expect(compareToday(outing)).toEqual(compareToday(outing));
	});
});
