import { describe, expect, it } from 'vitest';
import { adviceFor, type AdviceOptions } from '../advice';
import { STYLES, calibrate, DRY_HOOK, dressedMm, hookFor, NYMPH_HOOK } from '../tackle';
import { compareSchools } from './compare';
import { pairFor } from './pair';
import { shortlist, type FlyChoice } from './shortlist';
import { readWater, type Reading } from '../reading';
import { leaderFor, planDepth, tippetXOf } from '../rig';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { sayMessage } from '../message';

const may = new Date('2026-05-19T13:40:00Z');
const evening = new Date('2026-05-19T19:40:00Z');
const styleOf = (fly: FlyChoice) => STYLES[fly.pattern.style];
const first = (flies: FlyChoice[]): FlyChoice => {
	const [fly] = flies;
	if (!fly) throw new Error('no fly');
	return fly;
};
/** A story's best flies, as read for its fish. */
const flies = (story: Story, options: AdviceOptions = {}) => shortlist(story.outing(), story.read(), options);
const advice = (story: Story, minute: number, options: AdviceOptions = {}) => {
	const given = adviceFor(story.outing(minute), story.read(minute), options);
	if (!given) throw new Error('no advice');
	return given;
};
const chanceOf = (given: ReturnType<typeof advice>, ...causes: string[]) =>
	given.causes
		.filter(({ cause }) => causes.includes(cause))
		.reduce((sum, { probability }) => sum + probability, 0);

/** Dark small duns on the water, taken with unhurried noses. */
const smallDuns = (place = BROOK) =>
	new Story(place, may, { lie: 'flat' })
		.saw('baetis', 'dun', { abundance: 'many' })
		.net('surface-net', ['baetis', 'dun', 24])
		.drifted('baetis', 'dun', 'taken', 3)
		.rises('nose', 5, 40);

describe('what to tie on, in situations that guides know', () => {
	it('a glassy slow pool and dark small duns: a low sparse dun of that size, not the bushy one', () => {
		const story = smallDuns().weather({
			surface: 'glassy',
			speedMs: 0.12,
			clarityM: 2.5,
			sky: 'broken',
			windMs: 1
		});
		const fly = first(flies(story));
		expect(styleOf(fly).stages.dun).toBeGreaterThanOrEqual(0.75);
		expect(styleOf(fly).bulk).toBeLessThan(0.5);
		const natural = story.read().beliefs[0]?.hypothesis.lengthMm ?? 0;
		expect(Math.abs(Math.log(fly.dressedMm / natural))).toBeLessThan(Math.log(1.2));
		const bushy = flies(story, { most: 100 }).findIndex(({ pattern }) => pattern.style === 'collar-dun');
		expect(bushy).toBeGreaterThan(1);
	});

	it('the same duns in fast dim water: taller, a size up', () => {
		const pool = first(
			flies(smallDuns().weather({ surface: 'glassy', speedMs: 0.12, clarityM: 2.5, windMs: 1 }))
		);
		const fast = first(
			flies(
				smallDuns(RIVER).weather({ surface: 'broken', speedMs: 0.9, clarityM: 1.5, sky: 'rain', windMs: 2 })
			)
		);
		expect(styleOf(fast).buoyancy).toBeGreaterThan(styleOf(pool).buoyancy);
		expect(fast.dressedMm).toBeGreaterThan(pool.dressedMm);
	});

	it('coloured water: a size up, darker, and a stouter tippet', () => {
		const clear = first(flies(smallDuns(RIVER).weather({ surface: 'rippled', clarityM: 2, windMs: 2 })));
		const murk = first(flies(smallDuns(RIVER).weather({ surface: 'rippled', clarityM: 0.3, windMs: 2 })));
		expect(murk.hookSize).toBeLessThanOrEqual(clear.hookSize);
		expect(murk.rig.tippetMm).toBeGreaterThan(clear.rig.tippetMm);
		expect(murk.score).toBeLessThan(clear.score);
	});

	it('a reading split between emerger and dun: one fly that passes for both, or a dun with an emerger behind it', () => {
		const story = new Story(BROOK, may)
			.saw('baetis', 'dun', { abundance: 'few' })
			.saw('baetis', 'dun', { sign: 'shucks', zone: 'in-film' })
			.net('surface-net', ['baetis', 'dun', 9], ['baetis', 'emerger', 7])
			.rises('bulge', 1, 60)
			.rises('nose', 4, 60);
		const fly = first(flies(story));
		expect(Math.min(styleOf(fly).stages.dun ?? 0, styleOf(fly).stages.emerger ?? 0)).toBeGreaterThanOrEqual(
			0.3
		);
		const pair = pairFor(story.outing(), story.read());
		expect(pair && styleOf(pair.lead).zone).toBe('on-film');
		expect(pair?.fishes).toBe('hanging');
		expect(pair?.distanceM).toEqual({ least: 0.6, most: 0.75 });
		expect(pair?.expected).toBeGreaterThan(pair?.single ?? 1);
	});

	it('spent spinners in silver glare: a flush spinner behind a visible dark post, by 30 to 60 cm', () => {
		const story = new Story(RIVER, evening, { lie: 'flat' })
			.weather({ surface: 'glassy', light: 'silver', sky: 'clear', windMs: 0.5, waterC: 13 })
			.saw('baetis', 'spinner', { abundance: 'many' })
			.net('surface-net', ['baetis', 'spinner', 30])
			.rises('nose', 7, 25);
		const pair = pairFor(story.outing(), story.read());
		expect(pair?.second.pattern.style).toBe('spent-wing');
		expect(pair?.lead.pattern.post).toBe('dark');
		expect(pair?.fishes).toBe('flush');
		expect(pair?.distanceM).toEqual({ least: 0.3, most: 0.6 });
		expect(pair?.worthIt).toBe(true);
	});

	it('pupae in the throat: a suspended pupa, 0.3 m above the bed on still water', () => {
		const story = new Story(LAKE, may, { lie: 'margin', holding: 'cruising' })
			.net('margin-strainer', ['ischnura', 'nymph', 14])
			.net('throat', ['chironomus', 'pupa', 22]);
		expect(styleOf(first(flies(story))).stages.pupa).toBeGreaterThanOrEqual(0.95);
		expect(planDepth(3).leaderM).toBeCloseTo(2.7, 9);
		expect(planDepth(4).leaderM).toBeCloseTo(3.7, 9);
	});

	it('a stonefly nymph of 25 mm: a long shank of about 6 to 8, dressed short, and what it would be at life size', () => {
		const short = hookFor(25, 'body', NYMPH_HOOK);
		expect([6, 8]).toContain(short.size);
		expect(short.lifeSize).toBeLessThan(short.size);
		expect(hookFor(25, 'body', { ...NYMPH_HOOK, dressShort: false }).size).toBe(short.lifeSize);
		expect(hookFor(12, 'body', NYMPH_HOOK).lifeSize).toBeUndefined();
	});

	it('after the large stoneflies have hatched: their nymphs a size or two down, unless one was measured', () => {
		const nymphs = (day: string, measured?: number) => {
			const story = new Story(RIVER, new Date(`${day}T09:40:00Z`))
				.weather({ waterC: 9, clarityM: 1 })
				.says(1, {
					kind: 'sample',
					body: {
						method: 'kick-net',
						lots: [
							{
								taxonId: 'perla',
								stage: 'nymph',
								count: 30,
								measured: 'body',
								...(measured && { lengthMm: measured })
							}
						]
					}
				});
			return shortlist(story.outing(), story.read(), { most: 60 }).find(
				({ passesFor }) => passesFor.id === 'perla/nymph'
			);
		};
		const [before, after, found] = [nymphs('2026-04-20'), nymphs('2026-07-20'), nymphs('2026-07-20', 27)];
		const steps =
			Math.log((before?.passesFor.lengthMm ?? 0) / (after?.passesFor.lengthMm ?? 1)) / Math.log(1.2);
		expect(steps).toBeGreaterThan(1);
		expect(steps).toBeLessThan(2);
		expect(after?.dressedMm).toBeLessThan(before?.dressedMm ?? 0);
		expect(after?.because.map((one) => sayMessage(one)).join(' ')).toMatch(/a size or two smaller/);
		expect(found?.passesFor.lengthMm).toBeCloseTo(27);
		expect(before?.because.map((one) => sayMessage(one)).join(' ')).not.toMatch(/a size or two smaller/);
	});

	it('fantasies are refused by name', () => {
		expect(() => tippetXOf(0.01)).toThrow(/tippet of 0.01 mm/);
		expect(() => dressedMm(40, DRY_HOOK)).toThrow(/Hook 40/);
		expect(() => hookFor(0, 'body', DRY_HOOK)).toThrow(/0 mm/);
		expect(() => hookFor(300, 'body', DRY_HOOK)).toThrow(/300 mm/);
		expect(() => leaderFor({ hookSize: 40 })).toThrow(/hookSize is 40/);
		expect(() => calibrate(16, 30, DRY_HOOK)).toThrow(/30 mm on hook 16/);
	});

	it('a guest with poor eyes: what hardly shows goes up a size, and says why', () => {
		const story = smallDuns().weather({ surface: 'rippled', clarityM: 2 });
		const sizeOf = (smallestSeen?: number) =>
			flies(story, { most: 30, ...(smallestSeen && { smallestSeen }) }).find(
				({ pattern }) => pattern.id === 'soft-high-wing-dun-grey-olive'
			)?.hookSize;
		expect(sizeOf()).toBe(16);
		expect(sizeOf(12)).toBe(14);
		const said = flies(story, { smallestSeen: 10, most: 30 }).flatMap(({ because }) =>
			because.map(({ text }) => text)
		);
		expect(said).toContain('Smaller than this guest can see.');
	});

	it('a fish that rises at everything forgives: exactness counts less', () => {
		const calm = smallDuns();
		const hungry = smallDuns().rises('splash', 30, 6);
		const spread = (story: Story) => {
			const [one, , , , five] = flies(story);
			return (five?.score ?? 0) / (one?.score ?? 1);
		};
		expect(spread(hungry)).toBeGreaterThan(spread(calm));
	});

	it('schools differ, and each says what it would tie on and where that stands with mine', () => {
		const story = new Story(RIVER, may).weather({ surface: 'broken', speedMs: 0.8 }).rises('splash', 2, 60);
		const rankings = compareSchools(story.outing(), story.read());
		expect(rankings.map(({ school }) => school)).toContain('presentation-first');
		expect(rankings.find(({ school }) => school === 'posture-first')?.placeOfFirst).toBe(1);
		expect(
			new Set(rankings.map((r) => r.flies.map(({ pattern }) => pattern.id).join())).size
		).toBeGreaterThan(1);
	});
});

describe('what next, in situations that guides know', () => {
	it('refused at the last moment in clear slow water: drag and tippet first, then a size down', () => {
		const story = smallDuns()
			.weather({ surface: 'glassy', speedMs: 0.12, clarityM: 2.5, windMs: 1 })
			.rig(9, { tippetX: 4 })
			.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
			.fly(12, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 3, lastMoment: true })
			.riseAt(12.5, 'nose')
			.fly(14, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 3, lastMoment: true })
			.riseAt(14.5, 'nose');
		const early = advice(story, 15);
		expect(chanceOf(early, 'drag', 'tippet')).toBeGreaterThan(0.4);
		expect(['mend', 'longer', 'finer']).toContain(early.next.id);
		story
			.rig(15, { tippetX: 6, tippetM: 1.6, mending: true })
			.fly(17, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 4, lastMoment: true })
			.riseAt(17.5, 'nose')
			.rig(18, { tippetX: 7, tippetM: 1.6, mending: true, from: 'side' })
			.fly(20, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 4, lastMoment: true })
			.riseAt(20.5, 'nose');
		const later = advice(story, 21);
		expect(later.next.id).toBe('smaller');
		expect(later.next.fly?.hookSize).toBe(18);
	});

	it('neat duns refused while rises go on: a cripple or an emerger', () => {
		const story = new Story(BROOK, may, { lie: 'flat' })
			.saw('baetis', 'dun', { abundance: 'many' })
			.drifted('baetis', 'dun', 'passed', 6)
			.rises('bulge', 3, 60)
			.rig(9, { tippetX: 6, mending: true, from: 'side' })
			.fly(9, 'soft-high-wing-dun-grey-olive', 16, 'tied-on')
			.fly(12, 'soft-high-wing-dun-grey-olive', 16, 'refused', { drifts: 6 })
			.riseAt(12.5, 'bulge')
			.fly(15, 'soft-high-wing-dun-grey-olive', 16, 'refused', { drifts: 6 })
			.riseAt(15.5, 'bulge');
		const given = advice(story, 16);
		expect(chanceOf(given, 'stage', 'posture', 'insect')).toBeGreaterThan(0.5);
		expect(['stage', 'posture']).toContain(given.next.id);
		expect(given.next.fly?.patternId).toMatch(/cripple|emerger|shuck/);
	});

	it('after a take: the same fly to the next fish, what was hooked and landed, and nothing is wrong', () => {
		for (const outcome of ['taken', 'landed', 'came-off'] as const) {
			const story = smallDuns()
				.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
				.fly(10, 'parachute-dun-grey-olive', 16, 'drifted', { drifts: 4 })
				.fly(11, 'parachute-dun-grey-olive', 16, outcome);
			const given = advice(story, 12);
			expect(given).toMatchObject({ works: true, leave: false, causes: [], others: [] });
			expect(given.seen).toMatchObject({ answered: true, chance: 1, until80: 0 });
			expect(given.next.id).toBe('next-fish');
			const said = [given.next.says, ...given.next.because].map((phrase) => sayMessage(phrase)).join(' ');
			expect(said).toMatch(/It works: the same fly to the next fish in this lie/);
			expect(said).toMatch(/1 hooked, [01] landed/);
			expect(said).toMatch(/dry it/);
			expect(said).not.toMatch(/nothing is wrong|sits otherwise/i);
		}
		const story = smallDuns().fly(9, 'parachute-dun-grey-olive', 16, 'tied-on');
		for (const [i, outcome] of (
			['taken', 'landed', 'taken', 'came-off', 'landed', 'missed'] as const
		).entries())
			story.fly(10 + i, 'parachute-dun-grey-olive', 16, outcome);
		expect(advice(story, 17).tally).toEqual({ hooked: 3, landed: 2, cameOff: 1 });
		expect(advice(story, 17).works).toBe(false);
	});

	it('the next fish after a take: the fly is hardly doubted, and this fish has not met it yet', () => {
		const fresh = smallDuns()
			.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
			.fly(13, 'parachute-dun-grey-olive', 16, 'drifted', { drifts: 2 });
		const worked = smallDuns()
			.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
			.fly(11, 'parachute-dun-grey-olive', 16, 'landed')
			.fly(13, 'parachute-dun-grey-olive', 16, 'drifted', { drifts: 2 });
		const [doubt, trust] = [advice(fresh, 14), advice(worked, 14)];
		expect(trust.seen).toMatchObject({ answered: false, goodDrifts: 2 });
		const wrong = ['posture', 'size', 'stage', 'insect'] as const;
		expect(chanceOf(trust, ...wrong)).toBeLessThan(0.3 * chanceOf(doubt, ...wrong));
	});

	it.each([
		['taken short', 'short', {}],
		['a missed strike', 'missed', {}],
		['a refusal at the last moment', 'refused', { lastMoment: true }]
	] as const)('%s: it has seen the fly, and nothing says that it has not', (_, outcome, more) => {
		const given = advice(
			smallDuns()
				.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
				.fly(10, 'parachute-dun-grey-olive', 16, outcome, { drifts: 0, ...more }),
			11
		);
		expect(given.seen).toMatchObject({ answered: true, chance: 1, until80: 0 });
		const said = [...given.causes.map(({ name }) => name.text), sayMessage(given.next.says)].join(' ');
		expect(said).not.toMatch(/not (have )?met|until it has seen/);
	});

	describe('with a box', () => {
		const refusedOnce = () =>
			smallDuns()
				.rig(8, { tippetX: 7, tippetM: 1.2, mending: true, from: 'side' })
				.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
				.fly(12, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 6, lastMoment: true })
				.riseAt(12.5, 'nose');
		const boxed = (...flies: [string, number, number][]) => ({
			box: flies.map(([patternId, hookSize, count]) => ({ patternId, hookSize, count }))
		});
		const all = (given: ReturnType<typeof advice>) => [given.next, ...given.others];

		it('never puts a fly that is not carried before what can be done', () => {
			const given = advice(refusedOnce(), 13, boxed(['parachute-dun-grey-olive', 16, 2]));
			expect(given.next.fly?.inBox ?? 1).toBeGreaterThan(0);
			const missing = all(given).findIndex(({ fly }) => fly?.inBox === 0);
			if (missing >= 0)
				expect(
					all(given)
						.slice(missing)
						.every(({ fly }) => fly?.inBox === 0)
				).toBe(true);
			for (const { id, fly } of all(given))
				if (id === 'smaller' || id === 'larger') expect(fly?.inBox).toBe(0);
		});

		it('goes to the nearest size that is carried, two sizes away at most', () => {
			const given = advice(
				refusedOnce(),
				13,
				boxed(['parachute-dun-grey-olive', 16, 1], ['parachute-dun-grey-olive', 20, 1])
			);
			const smaller = all(given).find(({ id }) => id === 'smaller');
			expect(smaller?.fly).toMatchObject({ hookSize: 20, inBox: 1 });
			expect(smaller && sayMessage(smaller.says)).toBe('The same fly two sizes down, #20.');
		});

		it.each(['smaller', 'larger'] as const)('puts the size of the chosen school first: %s', (refused) => {
			const other = refused === 'smaller' ? 'larger' : 'smaller';
			for (const water of [
				{ clarityM: 3, surface: 'glassy' as const, speedMs: 0.1 },
				{ clarityM: 0.3, surface: 'broken' as const, speedMs: 0.9 }
			])
				for (const hookSize of [14, 16, 18]) {
					const story = smallDuns()
						.weather(water)
						.fly(9, 'parachute-dun-grey-olive', hookSize, 'tied-on')
						.fly(12, 'parachute-dun-grey-olive', hookSize, 'refused', { drifts: 6 });
					const ids = all(advice(story, 13, { refused })).map(({ id }) => id);
					if (ids.includes(other) && ids.includes(refused))
						expect(ids.indexOf(refused)).toBeLessThan(ids.indexOf(other));
				}
		});
	});

	it('two bad drifts and silence: rest it, with a timer', () => {
		const story = smallDuns()
			.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
			.fly(11, 'parachute-dun-grey-olive', 16, 'put-down', { dragged: 2 });
		const given = advice(story, 13);
		expect(given.causes[0]?.cause).toBe('put-down');
		expect(given.next.id).toBe('rest');
		expect(given.next.minutes).toBeGreaterThanOrEqual(4);
		expect(advice(story, 40).next.id).not.toBe('rest');
	});

	it('a fish that rises again was not put down', () => {
		const story = smallDuns()
			.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
			.fly(11, 'parachute-dun-grey-olive', 16, 'drifted', { drifts: 1, dragged: 3 });
		const before = chanceOf(advice(story, 12), 'put-down', 'not-feeding');
		story.riseAt(11.8, 'nose');
		expect(chanceOf(advice(story, 12), 'put-down', 'not-feeding')).toBeLessThan(before);
	});

	it('drifts that dragged through three changes of fly: the drift was at fault', () => {
		const story = smallDuns();
		for (const [i, id] of [
			'parachute-dun-grey-olive',
			'soft-high-wing-dun-grey-olive',
			'wing-up-cripple-olive'
		].entries())
			story
				.fly(9 + 3 * i, id, 16, 'tied-on')
				.fly(10 + 3 * i, id, 16, 'drifted', { drifts: 1, dragged: 4 })
				.riseAt(10.5 + 3 * i, 'nose');
		const given = advice(story, 17);
		expect(given.causes[0]?.cause).toBe('drag');
		expect(given.next.id).toBe('mend');
	});

	it('few good drifts: it may not have seen the fly; how many more until it has, and patience by school', () => {
		const story = smallDuns()
			.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
			.fly(10, 'parachute-dun-grey-olive', 16, 'drifted', { drifts: 3 })
			.riseAt(10.5, 'nose');
		const given = advice(story, 11, { patience: 'thirty-drifts' });
		expect(given.seen.goodDrifts).toBe(3);
		expect(given.seen.chance).toBeLessThan(0.6);
		expect(given.seen.until80).toBeGreaterThan(3);
		const rank = (patience: 'thirty-drifts' | 'two-then-rest') => {
			const { next, others } = advice(story, 11, { patience });
			return [next, ...others].findIndex(({ id }) => id === 'stay');
		};
		expect(rank('thirty-drifts')).toBeLessThanOrEqual(rank('two-then-rest') < 0 ? 99 : rank('two-then-rest'));
	});

	it('in murk a size up, in glass a size down; both schools can turn it', () => {
		const tried = (story: Story) =>
			story
				.fly(9, 'parachute-dun-grey-olive', 16, 'tied-on')
				.fly(12, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 6 });
		const sizes = (story: Story, refused: 'smaller' | 'larger') => {
			const { next, others } = advice(story, 13, { refused });
			return [next, ...others].filter(({ id }) => id === 'smaller' || id === 'larger').map(({ id }) => id);
		};
		const murk = tried(smallDuns(RIVER).weather({ clarityM: 0.3, surface: 'broken', speedMs: 0.9 }));
		const glass = tried(smallDuns().weather({ clarityM: 3, surface: 'glassy', speedMs: 0.1 }));
		expect(sizes(murk, 'larger')[0]).not.toBe('smaller');
		expect(sizes(glass, 'smaller')[0]).not.toBe('larger');
	});

	it('a take on the first cast speaks strongly, and the next fish in that lie starts from there', () => {
		const belief = (reading: Reading, id: string) =>
			reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.probability ?? 0;
		const quiet = new Story(BROOK, may, { mark: 'the alder' }).rises('bulge', 2, 60);
		const before = belief(quiet.read(12), 'baetis/emerger');
		quiet
			.fly(9, 'hanging-parachute-emerger-olive', 16, 'tied-on')
			.fly(10, 'hanging-parachute-emerger-olive', 16, 'taken', { drifts: 1 });
		const after = belief(quiet.read(12), 'baetis/emerger');
		expect(after).toBeGreaterThan(1.3 * before);
		const next = new Story(BROOK, may, { mark: 'the alder' });
		next.notes.push(...quiet.notes);
		const started = belief(readWater(next.outing(12), next.watchId), 'baetis/emerger');
		expect(started).toBeGreaterThan(belief(new Story(BROOK, may).read(12), 'baetis/emerger'));
	});

	it('has nothing to say before a fly is on, and warns in warm water', () => {
		expect(adviceFor(smallDuns().outing(), smallDuns().read())).toBeUndefined();
		const warm = smallDuns().weather({ waterC: 19 }).fly(9, 'parachute-dun-grey-olive', 16, 'tied-on');
		expect(
			advice(warm, 10)
				.cautions.map(({ text }) => text)
				.join()
		).toMatch(/Glasses.*warm for trout/s);
		const hot = smallDuns().weather({ waterC: 21 }).fly(9, 'parachute-dun-grey-olive', 16, 'tied-on');
		expect(
			advice(hot, 10)
				.cautions.map(({ text }) => text)
				.join()
		).toMatch(/Stop fishing/);
	});

	it('knows that changes of fly have shortened the tippet', () => {
		const story = smallDuns().rig(8, { tippetX: 6, tippetM: 0.9 });
		for (let i = 0; i < 6; i++)
			story.fly(9 + i, i % 2 ? 'wing-up-cripple-olive' : 'parachute-dun-grey-olive', 16, 'tied-on');
		const { tippet } = advice(story, 16);
		expect(tippet).toMatchObject({ changes: 6, short: true, x: 6 });
		expect(tippet.leftM).toBeCloseTo(0.3, 6);
		expect(advice(story.rig(16.5, { tippetX: 6, tippetM: 1.1 }), 17).tippet).toMatchObject({
			changes: 0,
			short: false
		});
	});
});
