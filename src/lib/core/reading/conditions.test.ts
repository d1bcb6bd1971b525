import { describe, expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { byStage } from './spread';
import type { Reading } from './reading';

const may = new Date('2026-05-20T13:00:00Z');
const august = new Date('2026-08-09T16:00:00Z');
const chance = (reading: Reading, of: (taking: string, taxonId: string, group: string) => boolean) =>
	reading.beliefs.reduce(
		(sum, { hypothesis: { kind, taking, taxonId, group }, probability }) =>
			kind !== 'anything' && of(taking, taxonId, group) ? sum + probability : sum,
		0
	);
/** That what a fish takes is taken below, if it feeds. */
const below = (reading: Reading) =>
	chance(reading, (taking) => taking === 'drift') /
	(1 - (reading.beliefs.find(({ hypothesis }) => hypothesis.kind === 'not-feeding')?.probability ?? 0));

describe('water and air', () => {
	it('coloured or rising water sends fish below and brings worms, and the more of it never the less', () => {
		const usual = new Story(RIVER, may).weather({ waterC: 10, clarityM: 2 }).read();
		const coloured = new Story(RIVER, may).weather({ waterC: 10, clarityM: 0.3 }).read();
		const rising = new Story(RIVER, may).weather({ waterC: 10, levelM: 0.6, levelTrend: 'rising' }).read();
		const worms = (reading: Reading) => chance(reading, (_, taxonId) => taxonId === 'oligochaeta');
		for (const high of [coloured, rising]) {
			expect(below(high)).toBeGreaterThan(below(usual) * 1.3);
			expect(worms(high)).toBeGreaterThan(worms(usual) * 2);
		}
		// High and falling clear is no spate.
		const falling = new Story(RIVER, may).weather({ waterC: 10, levelM: 0.6, levelTrend: 'falling' }).read();
		expect(below(falling)).toBeCloseTo(below(new Story(RIVER, may).weather({ waterC: 10 }).read()), 6);
	});

	it('land insects go by the warmth of the air: the colder the fewer', () => {
		const ants = [8, 12, 15, 19, 26].map((airC) =>
			chance(
				new Story(RIVER, august).weather({ waterC: 15, airC }).rises('nose', 3).read(),
				(_, __, group) => group === 'ant' || group === 'terrestrial'
			)
		);
		// Of the least that is about, shares shift by nothing that counts.
		ants.slice(1).forEach((chance, i) => expect(chance).toBeGreaterThan((ants[i] ?? 0) - 0.002));
		expect(ants[0] ?? 1).toBeLessThan((ants[4] ?? 0) / 3);
		expect(ants[4]).toBeCloseTo(ants[3] ?? 0, 2);
	});

	it('spinners do not fall in the cold', () => {
		const spinners = (airC: number) =>
			byStage(
				new Story(BROOK, new Date('2026-06-16T21:30:00Z'))
					.weather({ waterC: 13, airC })
					.rises('nose', 3)
					.read()
			)
				.filter(({ stage }) => stage === 'spinner')
				.reduce((sum, { probability }) => sum + probability, 0);
		expect(spinners(4)).toBeLessThan(spinners(16) * 0.8);
		expect(Math.abs(spinners(10) - spinners(16))).toBeLessThan(0.05);
	});
});

describe('a fish that is looked at', () => {
	it('and does not rise feeds below, more so with each minute, until it rises or takes', () => {
		const quiet = (minutes: number) => below(new Story(RIVER, may).read(minutes));
		const unwatched = (minutes: number) => {
			const story = new Story(RIVER, may);
			story.notes = [];
			return below(story.read(minutes));
		};
		expect(quiet(6)).toBeGreaterThan(unwatched(6));
		expect(quiet(11) / unwatched(11)).toBeGreaterThan(quiet(3) / unwatched(3));
		// Bounded: an hour proves no more than a quarter of it did.
		expect(quiet(60) / unwatched(60)).toBeLessThan(8);
		expect(below(new Story(RIVER, may).rises('unsure', 1).read(11))).toBeCloseTo(unwatched(11), 6);
	});

	it('and takes at a depth takes what lives there', () => {
		const at = (depthM?: number) =>
			new Story(LAKE, new Date('2026-06-16T15:30:00Z'))
				.fly(5, 'hanging-midge-pupa-red', 14, 'taken', depthM === undefined ? {} : { depthM })
				.read();
		const onTop = (reading: Reading) =>
			chance(reading, (taking) => taking === 'spent' || taking === 'upright' || taking === 'large');
		expect(onTop(at(3.4))).toBeLessThan(onTop(at()) / 4);
		expect(onTop(at(0.5))).toBeCloseTo(onTop(at()), 6);
	});
});
