import { describe, expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { said } from '../../../../tests/support/said';
import { seededRandom } from '../math';
import type { AttemptBody } from '../note';
import { depthsTried } from '../match/tried';
import { ownPattern, patternFor } from '../tackle';
import { CHANGES } from '../vocabulary';
import { adviceFor, type Advice } from './advice';

const NOON = new Date('2026-05-19T11:30:00Z');
const NYMPH = 'wing-case-nymph-dark';
const DUN = 'parachute-dun-grey-olive';

const below = (waterM = 1.6, depthM?: number) =>
	new Story(RIVER, NOON)
		.weather({ surface: 'rippled', speedMs: 0.4, clarityM: 1.2 })
		.net('kick-net', ['baetis', 'nymph', 12])
		.rig(4, { waterM, ...(depthM !== undefined && { depthM }) })
		.fly(5, NYMPH, 16, 'tied-on');
const adviceOf = (story: Story, minutes = 20): Advice => {
	const advice = adviceFor(story.outing(minutes), story.read(minutes));
	if (!advice) throw new Error('no fly is on');
	return advice;
};
const chance = ({ causes }: Advice, of: string) => causes.find(({ cause }) => cause === of)?.probability ?? 0;
const changes = ({ next, others }: Advice) => [next, ...others];
const drifts = (story: Story, ...answers: readonly Partial<AttemptBody>[]) => {
	answers.forEach((more, i) => story.fly(6 + i, NYMPH, 16, 'drifted', { drifts: 5, ...more }));
	return story;
};

describe('a fly below the film', () => {
	it('that meets nothing is likely at the wrong depth, the likelier the more drifts', () => {
		const [before, after] = [0, 6].map((times) =>
			chance(adviceOf(drifts(below(1.6, 1.1), ...Array.from({ length: times }, () => ({})))), 'depth')
		);
		expect(before).toBeGreaterThan(0.15);
		expect(after).toBeGreaterThan((before ?? 1) * 1.3);
	});

	it('is sent to another depth, told in metres, and not back to one that was fished', () => {
		const advice = adviceOf(drifts(below(1.6, 1.1), {}, {}, {}, {}));
		expect(['deeper', 'shallower']).toContain(advice.next.id);
		expect(said(advice.next.says)).toMatch(/^(Deeper|Higher in the water): [\d.]+ (c?m)\./);
		const to = advice.next.depthM ?? 0;
		expect(Math.abs(to - 1.1)).toBeGreaterThan(0.2);
		const there = drifts(below(1.6, 1.1), {}, {}, {}, {}).rig(12, { waterM: 1.6, depthM: to });
		const next = adviceOf(there.fly(13, NYMPH, 16, 'drifted', { drifts: 12 }), 15);
		for (const change of changes(next))
			if (change.depthM !== undefined) expect(Math.abs(change.depthM - to)).toBeGreaterThan(0.2);
	});

	it('that took at this depth stays there', () => {
		const story = below(1.6, 1.1).fly(6, NYMPH, 16, 'taken').fly(8, NYMPH, 16, 'landed');
		expect(chance(adviceOf(story.fly(10, NYMPH, 16, 'drifted', { drifts: 5 })), 'depth')).toBeLessThan(
			chance(adviceOf(drifts(below(1.6, 1.1), {})), 'depth')
		);
	});

	it('a fly on the film is at its depth: what refuses it looks up', () => {
		const story = new Story(RIVER, NOON)
			.rises('nose', 4)
			.fly(5, DUN, 16, 'tied-on')
			.fly(7, DUN, 16, 'refused', { drifts: 3 });
		const advice = adviceOf(story, 9);
		expect(chance(advice, 'depth')).toBe(0);
		expect(changes(advice).some(({ id }) => id === 'deeper' || id === 'shallower')).toBe(false);
	});

	it('on a lake moves through its depth too', () => {
		const story = new Story(LAKE, NOON)
			.net('throat', ['chironomus', 'pupa', 9])
			.rig(4, { waterM: 5, depthM: 4.7 })
			.fly(5, 'bead-headed-hung-pupa-black', 12, 'tied-on');
		for (const minute of [8, 12, 16])
			story.fly(minute, 'bead-headed-hung-pupa-black', 12, 'drifted', { drifts: 8 });
		expect(changes(adviceOf(story, 18)).map(({ id }) => id)).toContain('shallower');
	});
});

describe('what a note of the rig does not do', () => {
	it('ties no new tippet on when it only says how deep, or from where', () => {
		const changes = (story: Story) => adviceOf(story).tippet;
		const cut = () => below().fly(7, 'slim-nymph-olive', 18, 'tied-on').fly(8, NYMPH, 16, 'tied-on');
		const before = changes(cut());
		expect(before.changes).toBeGreaterThan(1);
		expect(changes(cut().rig(9, { depthM: 1.2, waterM: 1.6, sameTippet: true }))).toEqual(before);
		expect(changes(cut().rig(9)).changes).toBe(0);
	});

	it('takes no dry fly down: what it drifted over says nothing of a depth', () => {
		const nymph = () => drifts(below(1.6, 1.1), {}, {});
		const dry = nymph();
		for (let i = 0; i < 4; i++) dry.fly(9 + i, DUN, 16, 'drifted', { drifts: 8 });
		expect(depthsTried(dry.outing(20), 1.6)).toEqual(depthsTried(nymph().outing(20), 1.6));
	});

	it('and the part of the drift in which one fish took is not that of the next', () => {
		const story = below(1.2)
			.fly(6, NYMPH, 16, 'taken', { part: 'swinging' })
			.fly(7, NYMPH, 16, 'landed')
			.fly(9, NYMPH, 16, 'taken');
		expect(said(adviceOf(story, 10).next.says)).not.toMatch(/part of the drift/);
		const same = below(1.2).fly(6, NYMPH, 16, 'taken', { part: 'swinging' }).fly(7, NYMPH, 16, 'landed');
		expect(said(adviceOf(same, 8).next.says)).toMatch(/part of the drift/);
	});
});

describe('a second fly', () => {
	it('goes with all that a note of it needs: its distance, and the dressing of one’s own', () => {
		const own = ownPattern('mine', { name: 'Mine', style: 'slim-nymph', belly: 'olive' }, [16, 18]);
		const story = new Story(RIVER, NOON).fly(5, DUN, 16, 'tied-on').fly(7, DUN, 16, 'drifted', { drifts: 9 });
		const advice = adviceFor(story.outing(20), story.read(20), {
			patterns: [own],
			declined: CHANGES.filter((id) => id !== 'second')
		});
		const second = advice && changes(advice).find(({ id }) => id === 'second')?.second;
		expect(second?.dressing?.name).toBe('Mine');
		expect(second?.distanceM).toBeGreaterThan(0.2);
		expect(second && patternFor(second)?.style).toBe('slim-nymph');
	});
});

describe('how it is moved', () => {
	it('what took as it swung is let swing again', () => {
		const story = below(1.2).fly(6, NYMPH, 16, 'taken', { part: 'swinging' });
		expect(said(adviceOf(story, 8).next.says)).toMatch(/same part of the drift: swinging round/);
		const later = story.fly(10, NYMPH, 16, 'drifted', { drifts: 6 });
		const swing = changes(adviceOf(later, 12)).find(({ id }) => id === 'swing');
		expect(swing?.way).toBe('swung');
		expect(said(swing?.because[0])).toBe('The last one took it so.');
	});

	it('a dun over fish that take what hangs in the film is left plain; once plain, over fish on duns, it is dressed', () => {
		const bulging = new Story(BROOK, NOON)
			.net('surface-net', ['baetis', 'emerger', 30])
			.rises('bulge', 6)
			.fly(5, 'parachute-dun-grey-olive', 16, 'tied-on')
			.fly(7, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 4 });
		const found = changes(adviceOf(bulging, 9));
		expect(found.find(({ id }) => id === 'plain')?.dressed).toBe(false);
		expect(found.map(({ id }) => id)).not.toContain('dressed');
		expect(changes(adviceOf(bulging.rig(8, { dressed: false }), 9)).map(({ id }) => id)).not.toContain(
			'plain'
		);
		const upright = new Story(BROOK, NOON)
			.net('surface-net', ['baetis', 'dun', 30])
			.rises('nose', 6)
			.drifted('baetis', 'dun', 'taken', 3)
			.fly(5, 'parachute-dun-grey-olive', 16, 'tied-on')
			.rig(6, { dressed: false })
			.fly(7, 'parachute-dun-grey-olive', 16, 'refused', { drifts: 4 });
		expect(changes(adviceOf(upright, 9)).map(({ id }) => id)).toContain('dressed');
	});

	it('caddis that run and lay are twitched, duns on glass are not', () => {
		const caddis = new Story(RIVER, new Date('2026-06-19T19:30:00Z'))
			.saw('hydropsyche', 'egg-laying', { abundance: 'many' })
			.rises('splash', 4)
			.fly(5, 'hair-wing-caddis-olive', 14, 'tied-on')
			.fly(7, 'hair-wing-caddis-olive', 14, 'drifted', { drifts: 6 })
			.riseAt(8, 'splash');
		expect(changes(adviceOf(caddis, 9)).map(({ id }) => id)).toContain('twitch');
		const duns = new Story(RIVER, NOON)
			.net('surface-net', ['baetis', 'dun', 9])
			.rises('nose', 5)
			.fly(5, DUN, 16, 'tied-on')
			.fly(7, DUN, 16, 'refused', { drifts: 3 });
		expect(changes(adviceOf(duns, 9)).map(({ id }) => id)).not.toContain('twitch');
	});

	it('a second fly comes off where two drag', () => {
		const story = new Story(RIVER, NOON)
			.net('surface-net', ['baetis', 'dun', 9])
			.rises('nose', 4)
			.rig(4, { second: { patternId: 'slim-nymph-olive', hookSize: 18, distanceM: 0.5 } })
			.fly(5, DUN, 16, 'tied-on')
			.fly(7, DUN, 16, 'drifted', { drifts: 0, dragged: 3 });
		const ids = changes(adviceOf(story, 9)).map(({ id }) => id);
		expect(ids).toContain('one-fly');
		expect(ids).not.toContain('second');
	});
});

it.each([
	['weeded', /Clean the fly/],
	['worn', /a fresh one of the same/],
	['tipping-over', /until it stands/]
] as const)('a fly that came back %s is put right first, and no drift of it counts', (state, words) => {
	const story = below(1.2).fly(6, NYMPH, 16, 'drifted', { drifts: 0, state });
	const advice = adviceOf(story, 8);
	expect(advice.seen.goodDrifts).toBe(0);
	expect(said(changes(advice).find(({ id }) => id === 'clean')?.says)).toMatch(words);
	const fished = story.fly(9, NYMPH, 16, 'drifted', { drifts: 4 });
	expect(changes(adviceOf(fished, 11)).map(({ id }) => id)).not.toContain('clean');
});

it('finds the depth of a fish that feeds at one within three changes, four times in five', () => {
	const random = seededRandom(161);
	let found = 0;
	const fish = 60;
	for (let i = 0; i < fish; i++) {
		const waterM = 0.8 + 1.7 * random();
		// Most feed near the bed, some anywhere.
		const feedsAt = random() < 0.6 ? waterM * (0.7 + 0.25 * random()) : waterM * (0.15 + 0.8 * random());
		const within = Math.max(0.25, 0.15 * waterM);
		let depthM = Math.round(waterM * 7) / 10;
		const story = below(waterM, depthM);
		for (let changesMade = 0, minute = 6; changesMade <= 3; changesMade++) {
			if (Math.abs(depthM - feedsAt) < within) {
				found++;
				break;
			}
			story.fly(minute, NYMPH, 16, 'drifted', { drifts: 10 });
			const change = changes(adviceOf(story, minute + 1)).find((one) => one.depthM !== undefined);
			if (change?.depthM === undefined) break;
			({ depthM } = { depthM: change.depthM });
			story.rig(minute + 2, { waterM, depthM });
			minute += 4;
		}
	}
	expect(found / fish).toBeGreaterThanOrEqual(0.8);
});
