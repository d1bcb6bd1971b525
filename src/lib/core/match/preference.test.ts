import { describe, expect, it } from 'vitest';
import { said } from '../../../../tests/support/said';
import { RIVER, Story } from '../../../../tests/support/story';
import { findStage, findTaxon, zoneOf } from '../atlas';
import { nothingRises } from '../reading';
import { preferred, type Preferences } from './preference';
import { shortlist } from './shortlist';

const MORNING = new Date('2026-04-10T11:00:00Z');
const silent = (minutes: number) =>
	new Story(RIVER, MORNING)
		.weather({ waterC: 5 })
		.says(minutes, { kind: 'looked', body: { rising: 0, minutes } });
const flies = (story: Story, options: Preferences) => shortlist(story.outing(40), story.read(40), options);
/** How likely what is matched is to be such a thing. */
const share = (
	story: Story,
	options: Preferences,
	is: (one: { taxonId: string; stage: string; zone: string; group: string }) => boolean
) =>
	preferred(story.read(40).beliefs, story.outing(40), options)
		.filter(({ hypothesis }) => is(hypothesis))
		.reduce((sum, { probability }) => sum + probability, 0);

describe('when nothing rises', () => {
	it('is so once somebody has looked for a while, and no longer after a rise or a take', () => {
		expect(nothingRises(silent(30).outing(40))).toBe(true);
		expect(nothingRises(silent(30).rises('nose', 1).outing(40))).toBe(false);
		expect(nothingRises(silent(30).drifted('baetis', 'dun', 'taken', 1).outing(40))).toBe(false);
		expect(nothingRises(new Story(RIVER, MORNING).outing(2))).toBe(false);
		expect(nothingRises(new Story(RIVER, MORNING).outing(25))).toBe(true);
		expect(nothingRises(silent(5).outing(40))).toBe(false);
	});

	it('is so again hours after the last rise, and not before a later one', () => {
		const hours = () =>
			new Story(RIVER, MORNING)
				.rises('nose', 6)
				.later(240)
				.says(0, { kind: 'looked', body: { rising: 0, minutes: 30 } });
		expect(nothingRises(hours().outing(245))).toBe(true);
		expect(nothingRises(hours().later(3).rises('nose', 1).outing(250))).toBe(false);
	});

	it('says nothing of a fly that fishes elsewhere', () => {
		const adults = () =>
			silent(30).net('surface-net', ['taeniopteryx', 'adult', 40]).saw('taeniopteryx', 'adult', {
				abundance: 'masses'
			});
		const [first] = flies(adults(), {});
		const told = first?.because.map((line) => said(line)).join(' ') ?? '';
		expect(told.includes('fished below')).toBe(first?.zone === 'bed' || first?.zone === 'drift');
	});

	it('sends below, or prospects with a dry, or says that waiting may be better', () => {
		const below = flies(silent(30), {});
		const dry = flies(silent(30), { nothingRising: 'dry' });
		const wait = flies(silent(30), { nothingRising: 'wait' });
		expect(['bed', 'drift', 'under-film']).toContain(below[0]?.zone);
		expect(['on-film', 'in-film']).toContain(dry[0]?.zone);
		expect(wait.map(({ pattern }) => pattern.id)).toEqual(below.map(({ pattern }) => pattern.id));
		const says = (list: typeof below) => list[0]?.because.map((line) => said(line)).join(' ');
		expect(says(below)).toContain('fished below');
		expect(says(dry)).toContain('a dry to search with');
		expect(says(wait)).toContain('waiting until the water is warmest');
		expect(below[1]?.because.map((line) => said(line)).join(' ')).not.toContain('Nothing rises');
	});

	it('changes nothing while fish rise', () => {
		const rising = () => new Story(RIVER, MORNING).weather({ waterC: 9 }).rises('nose', 5);
		const chosen = (options: Preferences) => flies(rising(), options).map(({ pattern }) => pattern.id);
		expect(chosen({ nothingRising: 'dry' })).toEqual(chosen({}));
	});
});

it('takes the commonest of the tray, or the most food for the effort, in cold water most of all', () => {
	const kicked = (waterC: number) =>
		new Story(RIVER, MORNING)
			.weather({ waterC })
			.net('kick-net', ['baetis', 'nymph', 24], ['perla', 'nymph', 4])
			.says(30, { kind: 'looked', body: { rising: 0, minutes: 30 } });
	const stone = (waterC: number, options: Preferences) =>
		share(kicked(waterC), options, ({ taxonId }) => taxonId === 'perla') /
		share(kicked(waterC), options, ({ taxonId }) => taxonId === 'baetis');
	expect(stone(5, { fromTray: 'most-food' })).toBeGreaterThan(3 * stone(5, {}));
	const below = (options: Preferences) =>
		share(kicked(5), options, ({ zone }) => zone === 'bed' || zone === 'drift');
	expect(below({ fromTray: 'most-food' })).toBeCloseTo(below({}), 2);
	expect(stone(5, { fromTray: 'most-food' }) / stone(5, {})).toBeGreaterThan(
		stone(12, { fromTray: 'most-food' }) / stone(12, {})
	);
});

it('fishes a stonefly dry by preference, once there may be any on the wing', () => {
	const perla = findTaxon('perla');
	const adult = perla && findStage(perla, 'adult');
	expect(perla && adult && zoneOf(perla, adult)).toBeDefined();
	const crawl = () =>
		new Story(RIVER, new Date('2026-06-12T10:00:00Z'))
			.weather({ waterC: 12 })
			.net('kick-net', ['perla', 'nymph', 6])
			.net('bank', ['perla', 'adult', 3]);
	const winged = ({ group, stage }: { group: string; stage: string }) =>
		group === 'stonefly' && stage !== 'nymph';
	expect(share(crawl(), { stonefly: 'dry' }, winged)).toBeGreaterThan(share(crawl(), {}, winged));
	expect(preferred(crawl().read(40).beliefs, crawl().outing(40), { stonefly: 'dry' })).toHaveLength(
		crawl().read(40).beliefs.length
	);
});
