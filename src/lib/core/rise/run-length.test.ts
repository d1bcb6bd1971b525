import { describe, expect, it } from 'vitest';
import { BROOK, Story } from '../../../../tests/support/story';
import { foldOuting } from '../outing';
import { usualWays, weightsOf } from '../reading';
import { lastChange } from './change';
import { looksOf } from './looks';
import { unchangedSince } from './run-length';

const NOON = new Date('2026-05-19T11:30:00Z');
const { abundance } = weightsOf('even-handed');
const outingOf = (story: Story) => story.outing(30);
const looks = (story: Story) => looksOf(outingOf(story), abundance);
const told = () => new Story(BROOK, NOON);
/** How likely nothing has changed since the beginning, by what drifted alone. */
const unchanged = (story: Story) => unchangedSince(undefined, looks(story))(NOON);

describe('what drifts', () => {
	it('is told by surface nets and by looks about, not by what is gathered where it sits', () => {
		const story = told()
			.net('surface-net', ['baetis', 'dun', 4])
			.net('kick-net', ['baetis', 'nymph', 30])
			.net('bank', ['nemoura', 'adult', 5])
			.net('surface-net');
		expect(looks(story).map(({ sort, counts }) => [sort, [...counts]])).toEqual([
			['net', [['baetis/dun', 4]]]
		]);
	});

	it('is one look where sightings follow within five minutes', () => {
		const story = told()
			.saw('baetis', 'dun', { abundance: 'many' })
			.saw('baetis', 'spinner', { abundance: 'few' })
			.saw('nemoura', 'adult', { abundance: 'none' })
			.later(20)
			.saw('baetis', 'spinner', { abundance: 'many' });
		expect(looks(story).map(({ sort, counts }) => [sort, [...counts.keys()]])).toEqual([
			['eye', ['baetis/dun', 'baetis/spinner']],
			['eye', ['baetis/spinner']]
		]);
	});

	it('has changed when the next net holds something else, and not when it holds the same', () => {
		const first = () => told().net('surface-net', ['baetis', 'emerger', 20], ['baetis', 'dun', 8]);
		const same = first().later(20).net('surface-net', ['baetis', 'emerger', 12], ['baetis', 'dun', 7]);
		const other = first().later(20).net('surface-net', ['baetis', 'spinner', 18]);
		expect(unchanged(same)).toBeGreaterThan(0.85);
		expect(unchanged(other)).toBeLessThan(0.2);
		expect(unchanged(told())).toBe(1);
	});

	it('says less by eye, which lists what strikes it', () => {
		const other = told()
			.saw('baetis', 'dun', { abundance: 'many' })
			.later(20)
			.saw('baetis', 'spinner', { abundance: 'many' });
		expect(unchanged(other)).toBeGreaterThan(0.25);
		expect(unchanged(other)).toBeLessThan(0.9);
	});
});

describe('a fish', () => {
	const watched = (story: Story) => outingOf(story).watches[0];
	const ways = usualWays('middling');
	const since = (story: Story) => unchangedSince(watched(story), [], ways)(NOON);

	it('has most likely not changed where forms of one way follow each other, and has where another way shows', () => {
		const bulging = () => told().rises('bulge', 8);
		expect(since(bulging().later(4).rises('head-back-tail', 2).later(1).rises('bulge', 2))).toBeGreaterThan(
			0.8
		);
		expect(since(bulging().later(4).rises('splash', 8))).toBeLessThan(0.2);
	});

	it('is told to have changed by its form, once three rises show it', () => {
		const change = (noses: number) =>
			lastChange(watched(told().rises('bulge', 10).later(5).rises('splash', noses))?.rises ?? [], ways);
		expect(change(2)).toBeUndefined();
		expect(change(6)?.forms).toEqual({ before: 'bulge', after: 'splash' });
	});
});

it('leaves the order of notes to their times', () => {
	const story = told()
		.net('surface-net', ['baetis', 'emerger', 20])
		.later(20)
		.net('surface-net', ['baetis', 'spinner', 18]);
	const { place, now, live } = outingOf(story);
	const reversed = foldOuting(live.map(({ note }) => note).reverse(), place, now);
	expect(looksOf(reversed, abundance)).toEqual(looks(story));
});
