import { describe, expect, it } from 'vitest';
import { RIVER, Story } from '../../../../tests/support/story';
import { sessionOf } from './session';

const NOON = new Date('2026-05-19T11:30:00Z');
const FLY = 'parachute-dun-olive';

describe('the tally of a session', () => {
	it('counts fish, not notes: seen, cast to, moved, hooked, landed and lost', () => {
		const story = new Story(RIVER, NOON)
			.fly(1, FLY, 16, 'tied-on')
			.fly(2, FLY, 16, 'drifted', { drifts: 4 })
			.fly(3, FLY, 16, 'refused')
			.fly(4, FLY, 16, 'taken')
			.fly(5, FLY, 16, 'landed', { fishLengthMm: 380 });
		expect(sessionOf(story.outing(20))).toEqual({
			seen: 1,
			all: { castTo: 1, moved: 1, hooked: 1, landed: 1, lost: 0, longestMm: 380 },
			byAngler: []
		});
	});

	it('tells one angler from another, and a fish that came off from one that was landed', () => {
		const story = new Story(RIVER, NOON)
			.fly(2, FLY, 16, 'taken', { angler: 'bow' })
			.fly(3, FLY, 16, 'came-off', { angler: 'bow' })
			.fly(6, FLY, 16, 'landed', { angler: 'stern', fishLengthMm: 300, watchId: undefined })
			.fly(9, FLY, 16, 'missed', { angler: 'stern', watchId: undefined });
		const { seen, all, byAngler } = sessionOf(story.outing(20));
		expect(seen).toBe(3);
		expect(all).toMatchObject({ castTo: 3, hooked: 2, landed: 1, lost: 1, moved: 1 });
		expect(byAngler.map(({ angler, tally }) => [angler, tally.hooked, tally.landed, tally.lost])).toEqual([
			['bow', 1, 0, 1],
			['stern', 1, 1, 0]
		]);
	});

	it('is nothing before anything was fished, and a fly tied on is no fish', () => {
		const { seen, all } = sessionOf(new Story(RIVER, NOON).fly(1, FLY, 16, 'tied-on').outing(20));
		expect(seen).toBe(1);
		expect(all).toEqual({ castTo: 0, moved: 0, hooked: 0, landed: 0, lost: 0 });
	});
});
