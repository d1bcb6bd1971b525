import { describe, expect, it } from 'vitest';
import { said } from '../../../../tests/support/said';
import { RIVER, Story } from '../../../../tests/support/story';
import { driftingNow } from '../rise';
import {
	classificationOf,
	findTaxon,
	GROUPS,
	groupOfUnnamed,
	hypothesisIdOf,
	naturalName,
	searchAtlas,
	TAXA,
	taxaNamed,
	unnamedOf,
	type Group
} from '../atlas';

describe('what nobody could name', () => {
	it('stands as a taxon of its own for each group, in no list, no search, and under no name of another', () => {
		for (const group of GROUPS) {
			const taxon = findTaxon(unnamedOf(group));
			expect(taxon?.group).toBe(group);
			expect(groupOfUnnamed(unnamedOf(group))).toBe(group);
			expect(TAXA).not.toContain(taxon);
			expect(taxaNamed(unnamedOf(group).replace('unnamed-', ''))).not.toContain(taxon);
			expect(searchAtlas({ words: taxon?.scientificName ?? '' })).not.toContain(taxon);
		}
		expect(groupOfUnnamed('baetis')).toBeUndefined();
		expect(groupOfUnnamed('unnamed-horse')).toBeUndefined();
	});

	it('stands as high as its group is known: no order is made up', () => {
		const stands = (group: Group) => {
			const taxon = findTaxon(unnamedOf(group));
			if (!taxon) throw new Error(`no ${group}`);
			return classificationOf(taxon);
		};
		expect(stands('mayfly')).toMatchObject({ class: 'Insecta', order: 'Ephemeroptera' });
		expect(stands('ant')).toMatchObject({ order: 'Hymenoptera', family: 'Formicidae' });
		for (const group of ['crustacean', 'terrestrial', 'snail', 'fish'] as const)
			expect(stands(group)).not.toHaveProperty('order');
	});

	it('is said by its group and stage', () => {
		expect(said(naturalName(unnamedOf('mayfly'), 'dun'))).toBe('Mayfly dun');
		expect(hypothesisIdOf(unnamedOf('mayfly'), 'dun')).toBe('group/mayfly/dun');
		expect(hypothesisIdOf('baetis', 'dun')).toBe('baetis/dun');
	});
});

describe('what nobody could name, on the water', () => {
	const may = new Date('2026-05-10T11:30:00Z');
	const chance = (story: Story, minutes: number, of: (group: string, stage: string) => boolean) =>
		story
			.read(minutes)
			.beliefs.filter(({ hypothesis: { group, stage } }) => of(group, stage))
			.reduce((sum, { probability }) => sum + probability, 0);
	const duns = (group: string, stage: string) => group === 'mayfly' && stage === 'dun';

	it('taken over and over is what fish take, and passed over and over is not', () => {
		const story = () => new Story(RIVER, may).weather({ waterC: 9 }).rises('nose', 4);
		const before = chance(story(), 20, duns);
		const taken = [0, 1, 2, 3].reduce((on) => on.drifted(unnamedOf('mayfly'), 'dun', 'taken', 1), story());
		const passed = [0, 1, 2, 3, 4, 5].reduce(
			(on) => on.drifted(unnamedOf('mayfly'), 'dun', 'passed', 1),
			story()
		);
		expect(chance(taken, 20, duns)).toBeGreaterThan(2 * before);
		expect(chance(passed, 20, duns)).toBeLessThan(before / 2);
	});

	it('may swarm, or leave its skins, and nothing breaks', () => {
		for (const sign of ['swarm', 'shucks'] as const) {
			const story = new Story(RIVER, may).saw(unnamedOf('caddisfly'), 'adult', { sign, abundance: 'masses' });
			const total = story.read(5).beliefs.reduce((sum, { probability }) => sum + probability, 0);
			expect(total).toBeCloseTo(1, 9);
		}
	});

	it('in a net or seen by eye counts as without a name, and can be followed over the fish', () => {
		const net = new Story(RIVER, may).net('surface-net', [unnamedOf('mayfly'), 'dun', 6]).outing(5);
		expect(net.samples[0]?.note.body.lots).toEqual([]);
		expect(net.samples[0]?.note.body.unnamed).toEqual([{ group: 'mayfly', stage: 'dun', count: 6 }]);
		const seen = new Story(RIVER, may).saw(unnamedOf('stonefly'), 'adult', { abundance: 'few' }).outing(5);
		expect(seen.sightings).toEqual([]);
		expect(seen.unnamed.map(({ note }) => note.body.group)).toEqual(['stonefly']);
		expect(driftingNow(net, undefined)[0]).toMatchObject({ taxonId: 'unnamed-mayfly', stage: 'dun' });
	});
});
