import { describe, expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { said } from '../../../../tests/support/said';
import type { AttemptBody } from '../note';
import { fishesBelow, PATTERNS } from '../tackle';
import { CHANGES, type ChangeId } from '../vocabulary';
import { adviceFor, type Advice, type AdviceOptions } from './advice';
import type { Cause } from './tables';

const NOON = new Date('2026-05-19T11:30:00Z');
const FLY = 'parachute-dun-grey-olive';
const NYMPH = PATTERNS.find((one) => fishesBelow(one) && one.sizes.includes(16))?.id ?? '';
const LAKE_FLY =
	PATTERNS.find(({ style, sizes }) => style === 'hanging-pupa' && sizes.includes(16))?.id ?? '';

type Outcome = AttemptBody['outcome'];
type Fished = readonly [outcome: Outcome, more?: Partial<AttemptBody>];

/** Olives in the net and a fish that noses; then a fly, and what became of it, two minutes apart. */
function fished(story: Story, fly: string, ...answers: readonly Fished[]): Story {
	story.fly(5, fly, 16, 'tied-on');
	answers.forEach(([outcome, more], i) =>
		story.fly(7 + 2 * i, fly, 16, outcome, { drifts: 3, ...more }).riseAt(7.5 + 2 * i, 'nose')
	);
	return story;
}
const olives = (place = BROOK, fish: ConstructorParameters<typeof Story>[2] = {}) =>
	new Story(place, NOON, fish).rises('nose', 4).net('surface-net', ['baetis', 'dun', 9]);
const glass = { surface: 'glassy', speedMs: 0.15, clarityM: 2.5, windMs: 0.5 } as const;
const murk = { surface: 'broken', speedMs: 0.9, clarityM: 0.35 } as const;

function adviceOf(story: Story, minutes = 14, options: AdviceOptions = {}): Advice {
	const advice = adviceFor(story.outing(minutes), story.read(minutes), options);
	if (!advice) throw new Error('no fly is on');
	return advice;
}
const ids = ({ next, others }: Advice): ChangeId[] => [next.id, ...others.map(({ id }) => id)];
const chance = ({ causes }: Advice, ...of: Cause[]): number =>
	causes.filter(({ cause }) => of.includes(cause)).reduce((sum, { probability }) => sum + probability, 0);
const missed = (times: number): Fished[] => Array.from({ length: times }, () => ['missed', { drifts: 1 }]);

describe('strikes that miss', () => {
	it('six of them are a fault of timing, not of the fly, and never “nothing is wrong”', () => {
		const advice = adviceOf(fished(olives(), FLY, ...missed(6)), 20);
		expect(advice.causes[0]?.cause).toBe('hooking');
		expect(chance(advice, 'posture', 'size', 'stage', 'insect')).toBeLessThan(0.05);
		expect(advice.next.id).toBe('strike');
		expect(said(advice.next.says)).toMatch(/wait until its head is down/);
		expect(said(advice.next.because[0])).toBe('6 strikes missed it: that is timing, not the fly.');
	});

	it('from upstream the strike waits longer; in poor light it answers any rise near the fly', () => {
		const above = fished(olives().rig(4, { from: 'above' }), FLY, ...missed(2));
		expect(said(adviceOf(above, 12).next.says)).toMatch(/from upstream/);
		const dim = fished(olives().weather({ light: 'silver' }), FLY, ...missed(2));
		expect(said(adviceOf(dim, 12).next.says)).toMatch(/any rise near it/);
	});

	it('once it was fished again, something else may come first', () => {
		const again = fished(olives(), FLY, ...missed(1), ['refused', { lastMoment: true }]);
		expect(ids(adviceOf(again, 12))).not.toContain('strike');
	});

	it('each miss makes the strike likelier the cause, and none leaves it as it was', () => {
		const chances = [0, 1, 2, 4].map((times) =>
			chance(adviceOf(fished(olives(), FLY, ...missed(times)), 18), 'hooking')
		);
		expect(chances).toEqual([...chances].sort((a, b) => a - b));
		expect(chances[0]).toBeLessThan(0.06);
	});
});

describe('how it refused', () => {
	const late = ['drag', 'tippet', 'size'] as const;
	const once = (more: Partial<AttemptBody>) => adviceOf(fished(olives(), FLY, ['refused', more]), 10);

	it.each(['sank', 'bumped'] as const)('“%s” is late, and speaks for drag, tippet and size', (how) => {
		expect(chance(once({ how }), ...late)).toBeGreaterThan(
			chance(once({ how: 'turned-away' }), ...late) + 0.1
		);
	});

	it('a plain refusal says less of when it turned than either word for it', () => {
		const [plain, early, close] = [once({}), once({ how: 'turned-away' }), once({ lastMoment: true })].map(
			(advice) => chance(advice, ...late)
		);
		expect(plain).toBeGreaterThan(early ?? 1);
		expect(plain).toBeLessThan(close ?? 0);
	});

	it('three flies refused alike speak for the drift, not for one more fly', () => {
		const story = olives().weather(glass);
		for (const [i, fly] of [FLY, 'soft-high-wing-dun-grey-olive', 'wing-up-cripple-olive'].entries())
			story
				.fly(5 + 3 * i, fly, 16, 'tied-on')
				.fly(6 + 3 * i, fly, 16, 'refused', { drifts: 3, lastMoment: true })
				.riseAt(6.5 + 3 * i, 'nose');
		const advice = adviceOf(story, 16);
		expect(chance(advice, 'drag', 'tippet', 'position')).toBeGreaterThan(0.5);
		expect(['mend', 'longer', 'finer', 'position']).toContain(advice.next.id);
	});
});

describe('with two flies on', () => {
	const SECOND = 'hanging-parachute-emerger-olive';
	const two = (...answers: readonly Fished[]) =>
		answers.reduce(
			(story, [outcome, more], i) => {
				const fly = more?.which === 'second' ? SECOND : FLY;
				return story.fly(7 + 2 * i, fly, 16, outcome, { drifts: 3, ...more }).riseAt(7.5 + 2 * i, 'nose');
			},
			olives().fly(5, FLY, 16, 'tied-on')
		);

	it('what befell the second leaves the first the fly on the line', () => {
		const advice = adviceOf(two(['refused', { which: 'second' }]), 10);
		expect(advice.fly).toMatchObject({ hookSize: 16 });
		expect(advice.fly.pattern.id).toBe(FLY);
		expect(adviceOf(two(['taken', { which: 'second' }]), 10)).toMatchObject({
			works: true,
			tally: { hooked: 0 }
		});
		expect(adviceOf(two(['taken', { which: 'first' }]), 10).tally).toMatchObject({ hooked: 1 });
	});

	it('a refusal of the second says less against the first, and as much against the drift', () => {
		const wrong = ['posture', 'size', 'stage', 'insect'] as const;
		const late = { lastMoment: true } as const;
		const [none, first, second] = [
			two(['drifted']),
			two(['refused', { ...late, which: 'first' }]),
			two(['refused', { ...late, which: 'second' }])
		].map((story) => adviceOf(story, 10));
		if (!none || !first || !second) throw new Error('not tried');
		expect(chance(second, ...wrong)).toBeLessThan(chance(first, ...wrong));
		expect(chance(second, 'drag', 'tippet')).toBeGreaterThan(chance(none, 'drag', 'tippet'));
	});
});

describe('stay or go', () => {
	it.each([1, 2, 3])('never leaves a fish after %d drifts', (drifts) => {
		const story = olives().fly(5, FLY, 16, 'tied-on').fly(6, FLY, 16, 'drifted', { drifts });
		expect(adviceOf(story, 7).leave).toBe(false);
	});

	it('never before it has met the fly a fair number of times, whatever stood in the way', () => {
		for (const answers of [
			[['put-down', { dragged: 2 }]],
			[['drifted', { drifts: 5 }]],
			[
				['refused', { lastMoment: true }],
				['drifted', { drifts: 6 }]
			]
		] as readonly Fished[][])
			expect(adviceOf(fished(olives(), FLY, ...answers), 40).leave).toBe(false);
	});

	it('leaves one that has had forty good drifts and shown nothing for half an hour', () => {
		const story = new Story(BROOK, NOON)
			.rises('nose', 4)
			.net('surface-net', ['baetis', 'dun', 9])
			.fly(5, FLY, 16, 'tied-on')
			.fly(20, FLY, 16, 'drifted', { drifts: 60 })
			.fly(34, FLY, 16, 'drifted', { drifts: 60 });
		const advice = adviceOf(story, 50);
		expect(advice.tenMinutes.here).toBeLessThan(advice.tenMinutes.next);
		expect(advice.leave).toBe(true);
	});

	it('by the school of thirty drifts not before those', () => {
		const story = olives();
		for (const i of [0, 1, 2, 3]) story.fly(6 + i, FLY, 16, 'refused', { drifts: 5, lastMoment: true });
		const [sooner, later] = (['two-then-rest', 'thirty-drifts'] as const).map((patience) =>
			adviceOf(story, 70, { patience })
		);
		expect(later?.leave).toBe(false);
		expect(sooner?.tenMinutes).toEqual(later?.tenMinutes);
	});
});

describe('what is proposed', () => {
	it('nothing is mended where nothing dragged and no fish turned away', () => {
		const quiet = fished(olives(), FLY, ['drifted', { drifts: 8 }]);
		expect(ids(adviceOf(quiet, 10))).not.toContain('mend');
		expect(ids(adviceOf(fished(olives(), FLY, ['drifted', { drifts: 4, dragged: 2 }]), 10))).toContain(
			'mend'
		);
	});

	it('on glass: drift, a longer tippet, a finer one and the place before another size, stage or insect', () => {
		const story = olives(BROOK, { lie: 'flat' }).weather(glass).rig(4, { tippetX: 7, tippetM: 1.1 });
		const order = ids(adviceOf(fished(story, FLY, ['refused', { lastMoment: true }]), 10));
		const at = (id: ChangeId) => (order.includes(id) ? order.indexOf(id) : CHANGES.length);
		expect(at('mend')).toBe(0);
		expect(Math.min(at('longer'), at('finer'))).toBeLessThan(
			Math.min(at('stage'), at('insect'), at('larger'))
		);
		expect(order).not.toContain('outrageous');
	});

	it('a longer tippet is proposed once, and not where it is long', () => {
		const short = fished(olives().weather(glass).rig(4, { tippetX: 6, tippetM: 1.1 }), FLY, ['refused']);
		const long = fished(olives().weather(glass).rig(4, { tippetX: 6, tippetM: 1.7 }), FLY, ['refused']);
		expect(ids(adviceOf(short, 10))).toContain('longer');
		expect(ids(adviceOf(long, 10))).not.toContain('longer');
		expect(
			adviceOf(short, 10)
				.others.concat(adviceOf(short, 10).next)
				.find(({ id }) => id === 'longer')?.tippetM
		).toBe(1.6);
	});

	it('in murk the tippet is hardly a cause, and larger comes before smaller; as the water clears, ever less so', () => {
		const tried = (clarityM: number) =>
			adviceOf(fished(olives(RIVER).weather({ ...murk, clarityM }), FLY, ['refused']), 10, {
				refused: 'larger'
			});
		const [thick, thin, clear] = [0.3, 0.8, 1.6].map(tried);
		if (!thick || !thin || !clear) throw new Error('not tried');
		expect(chance(thick, 'tippet')).toBeLessThan(chance(thin, 'tippet'));
		expect(chance(thin, 'tippet')).toBeLessThan(chance(clear, 'tippet'));
		const order = ids(thick);
		expect(order).toContain('larger');
		if (order.includes('smaller')) expect(order.indexOf('larger')).toBeLessThan(order.indexOf('smaller'));
	});

	it('an open reading is no word against the insect', () => {
		const known = olives();
		const open = new Story(RIVER, NOON).rises('nose', 2, 120);
		const [sure, unsure] = [known, open].map((story) =>
			adviceOf(fished(story, 'foam-beetle-black', ['drifted', { drifts: 2 }]), 10)
		);
		if (!sure || !unsure) throw new Error('not tried');
		expect(chance(unsure, 'insect', 'stage')).toBeLessThan(chance(sure, 'insect', 'stage'));
	});

	it('what cannot be done from here gives way to the next best, and comes back when it is not declined', () => {
		const story = fished(olives().weather(glass), FLY, ['refused', { lastMoment: true }]);
		const first = adviceOf(story, 10);
		const second = adviceOf(story, 10, { declined: [first.next.id] });
		expect(second.next.id).toBe(first.others[0]?.id);
		const none = adviceOf(story, 10, { declined: [first.next.id, second.next.id] });
		expect([first.next.id, second.next.id]).not.toContain(none.next.id);
	});

	it('whatever is declined, there is something to do, and after a take the next fish', () => {
		const story = fished(olives(), FLY, ['refused']);
		expect(adviceOf(story, 10, { declined: CHANGES }).next.id).toBe(adviceOf(story, 10).next.id);
		expect(adviceOf(fished(olives(), FLY, ['taken']), 10, { declined: CHANGES }).next.id).toBe('next-fish');
	});

	it('no tippet is called finer that is stouter than the one on', () => {
		const story = fished(olives().weather(glass).rig(4, { tippetX: 8, tippetM: 1.1 }), FLY, ['refused']);
		expect(ids(adviceOf(story, 10))).not.toContain('finer');
	});

	it('what was refused on a short tippet still speaks on a long one, and not the other way', () => {
		const late = { lastMoment: true } as const;
		const onTippet = (first: number, then: number) =>
			adviceOf(
				olives()
					.weather(glass)
					.rig(4, { tippetX: 6, tippetM: first })
					.fly(5, FLY, 16, 'tied-on')
					.fly(7, FLY, 16, 'refused', { drifts: 3, ...late })
					.fly(9, FLY, 16, 'refused', { drifts: 3, ...late })
					.rig(10, { tippetX: 6, tippetM: then }),
				11
			);
		expect(chance(onTippet(1, 1.7), 'drag', 'tippet')).toBeGreaterThan(
			chance(onTippet(1.7, 1), 'drag', 'tippet')
		);
	});

	it('something outrageous only after three ways of fishing have failed', () => {
		const same = fished(
			olives(),
			FLY,
			...Array.from({ length: 5 }, (): Fished => ['drifted', { drifts: 6 }])
		);
		expect(ids(adviceOf(same, 20))).not.toContain('outrageous');
	});

	it('a lake’s fish is led and waited for, never mended over', () => {
		const lake = new Story(LAKE, NOON, { lie: 'margin', holding: 'cruising' })
			.rises('nose', 3)
			.net('surface-net', ['chironomidae', 'pupa', 9]);
		const advice = adviceOf(fished(lake, LAKE_FLY, ['refused', { dragged: 1 }]), 10);
		expect(said(advice.next.says)).not.toMatch(/[Mm]end/);
	});
});

describe('schools of fishing for one fish', () => {
	it('strike: the one waits for the head to go down, the other tightens and strikes at once', () => {
		const story = () => fished(olives(), FLY, ...missed(2));
		expect(said(adviceOf(story(), 12, { striking: 'wait' }).next.says)).toMatch(/until its head is down/);
		expect(said(adviceOf(story(), 12, { striking: 'at-once' }).next.says)).toMatch(/strike as it goes under/);
	});

	it('which fish first: told after a take, and the best is stayed with longer', () => {
		const took = (fishFirst: 'nearest' | 'best') =>
			adviceOf(fished(olives(), FLY, ['taken']), 10, { fishFirst })
				.next.because.map((one) => said(one))
				.join(' ');
		expect(took('nearest')).toContain('The nearest one first');
		expect(took('best')).toContain('The best one first');
		const tired = () =>
			fished(olives(), FLY, ...Array.from({ length: 12 }, (): Fished => ['drifted', { drifts: 4 }]));
		const leaves = (fishFirst: 'nearest' | 'best') => adviceOf(tired(), 34, { fishFirst }).leave;
		expect(Number(leaves('best'))).toBeLessThanOrEqual(Number(leaves('nearest')));
	});

	it('where from: the first move is away from where one usually stands', () => {
		const moved = (fishedFrom: 'from-below' | 'from-above') => {
			const advice = adviceOf(fished(olives().weather(glass), FLY, ['refused', { lastMoment: true }]), 12, {
				fishedFrom,
				declined: ['mend', 'longer', 'finer', 'smaller', 'larger']
			});
			return [advice.next, ...advice.others].find(({ id }) => id === 'position')?.from;
		};
		expect(moved('from-below')).toBe('side');
		expect(moved('from-above')).toBe('side');
		const again = adviceOf(
			fished(olives().weather(glass).rig(4, { from: 'side' }), FLY, ['refused', { lastMoment: true }]),
			12,
			{ fishedFrom: 'from-above', declined: ['mend', 'longer', 'finer', 'smaller', 'larger'] }
		);
		expect([again.next, ...again.others].find(({ id }) => id === 'position')?.from).toBe('below');
	});
});

describe('before the first cast over a fish', () => {
	const laid = (story: Story, fly = FLY, minutes = 6) =>
		adviceOf(story.fly(5, fly, 16, 'tied-on'), minutes).firstCast.map(
			({ id, says }) => [id, said(says)] as const
		);
	const idsOf = (...from: Parameters<typeof laid>) => laid(...from).map(([id]) => id);
	const breeze = { ...glass, windMs: 7 };

	it('in a seam: slack and a mend, a long tippet, and when to strike', () => {
		expect(idsOf(olives(BROOK, { lie: 'seam' }).weather(glass))).toEqual(
			expect.arrayContaining(['mend', 'longer', 'strike'])
		);
	});

	it('no long tippet in wind, among trees, or where it is on already; no mend that is made already', () => {
		const seam = () => olives(BROOK, { lie: 'seam' });
		expect(idsOf(seam().weather(breeze))).not.toContain('longer');
		expect(idsOf(seam().weather(glass).rig(4, { tight: true }))).not.toContain('longer');
		expect(idsOf(seam().weather(glass).rig(4, { tippetM: 1.6 }))).not.toContain('longer');
		expect(idsOf(seam().weather(glass).rig(4, { mending: true }))).not.toContain('mend');
	});

	it('a lake has no currents to mend; a fly below the film is struck otherwise', () => {
		expect(idsOf(olives(LAKE).weather(glass))).not.toContain('mend');
		expect(idsOf(olives().weather(glass), NYMPH)).not.toContain('strike');
	});

	it('where the fly is not seen, at any rise; from above, late; by the other school, at once', () => {
		const strike = (story: Story, options: AdviceOptions = {}) =>
			said(
				adviceOf(story.fly(5, FLY, 16, 'tied-on'), 6, options).firstCast.find(({ id }) => id === 'strike')
					?.says
			);
		expect(strike(olives())).toMatch(/when its head is down/);
		expect(strike(olives(), { striking: 'at-once' })).toMatch(/as the fly goes under/);
		expect(strike(olives().weather({ light: 'silver' }))).toMatch(/any rise near/);
		expect(strike(olives().rig(4, { from: 'above' }))).toMatch(/from upstream/);
	});

	it('once it was cast, or a fish has taken, nothing is said of the first cast any more', () => {
		expect(adviceOf(fished(olives(), FLY, ['drifted'])).firstCast).toEqual([]);
		expect(adviceOf(fished(olives(), FLY, ['taken'])).firstCast).toEqual([]);
	});
});
