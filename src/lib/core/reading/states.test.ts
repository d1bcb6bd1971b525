import { describe, expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import type { Note } from '../note';
import { foldOuting } from '../outing';
import type { ClearForm } from '../vocabulary';
import { readWater, reasonsFor, type Reading } from './reading';
import { riseFormProbability, WEIGHTS } from './weights';

const may = new Date('2026-05-20T14:00:00Z');
const chance = (reading: Reading, id: string): number =>
	reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.probability ?? 0;
const idle = (reading: Reading) => chance(reading, 'not-feeding');
const fading = (reading: Reading) => chance(reading, 'fading');
const looked = (rising: number, minutes: number): Omit<Note, 'id' | 'at'> => ({
	kind: 'looked',
	body: { rising, minutes }
});
const hatch = (trend: 'growing' | 'steady' | 'fading'): Omit<Note, 'id' | 'at'> => ({
	kind: 'hatch',
	body: { trend }
});
/** A story in which nobody watches one fish. */
const unwatched = (place = RIVER, at = may) => {
	const story = new Story(place, at);
	story.notes = [];
	return story;
};

describe('a fish that does not feed', () => {
	it('is likelier with each minute in which it does not rise, most where it cruises on running water', () => {
		const held = (minutes: number) => idle(new Story(RIVER, may).read(minutes));
		const cruises = (minutes: number, place = RIVER) =>
			idle(new Story(place, may, { holding: 'cruising' }).read(minutes));
		expect(held(15)).toBeGreaterThan(held(3));
		expect(cruises(15)).toBeGreaterThan(2 * held(15));
		expect(cruises(15)).toBeGreaterThan(0.25);
		// In still water all fish cruise.
		expect(cruises(15, LAKE)).toBeLessThan(0.5 * cruises(15));
	});

	it('is likelier in water that is too cold or too warm, and all but ruled out by rises', () => {
		const at = (waterC: number) => idle(new Story(RIVER, may).weather({ waterC }).read(9));
		expect(at(3)).toBeGreaterThan(2 * at(10));
		expect(at(23)).toBeGreaterThan(2 * at(10));
		expect(idle(new Story(RIVER, may).rises('nose', 4).read(9))).toBeLessThan(0.01);
		expect(idle(new Story(RIVER, may).drifted('baetis', 'dun', 'taken', 4).read(9))).toBeLessThan(0.01);
	});
});

describe('looking for rises', () => {
	it('and seeing none, for minutes that were noted, speaks for the bed and for fish that do not feed', () => {
		const below = (reading: Reading) =>
			reading.beliefs.reduce(
				(sum, { hypothesis, probability }) =>
					hypothesis.kind === 'natural' && hypothesis.taking === 'drift' ? sum + probability : sum,
				0
			);
		const none = (minutes: number) => unwatched().says(2, looked(0, minutes)).read();
		expect(below(none(20))).toBeGreaterThan(1.5 * below(unwatched().read()));
		expect(below(none(20))).toBeGreaterThan(below(none(5)));
		expect(idle(none(20))).toBeGreaterThan(idle(unwatched().read()));
		// Who noted rises in that time has seen some.
		const risen = unwatched().rises('nose', 3).says(6, looked(0, 5));
		expect(below(risen.read())).toBeCloseTo(below(unwatched().rises('nose', 3).read()), 6);
	});

	it('and seeing some says that they feed', () => {
		expect(idle(unwatched().says(2, looked(4, 5)).read())).toBeLessThan(0.5 * idle(unwatched().read()));
	});
});

describe('a hatch that ends', () => {
	const heavy = () =>
		new Story(BROOK, may, { holding: 'cruising' }).saw('ephemerella', 'dun', { abundance: 'masses' });
	const slowing = () => {
		const story = heavy().rises('head-back-tail', 12, 10);
		for (const minute of [20, 23, 27, 30, 34]) story.riseAt(minute, 'head-back-tail');
		return story;
	};

	it('is said of a fish that slows down and wanders after a heavy hatch, and not before', () => {
		expect(fading(heavy().rises('head-back-tail', 12, 10).read(9))).toBe(0);
		expect(fading(slowing().read(36))).toBeGreaterThan(0.4);
	});

	it('is not said where the guide had cast before it slowed down', () => {
		const cast = slowing().fly(10, 'parachute-dun-sulphur', 16, 'refused');
		expect(fading(cast.read(36))).toBeLessThan(0.5 * fading(slowing().read(36)));
	});

	it('shows in nets and eyes that meet with fewer, and less where they do not', () => {
		const net = (count: number): Omit<Note, 'id' | 'at'> => ({
			kind: 'sample',
			body: {
				method: 'surface-net',
				lots: [{ taxonId: 'ephemerella', stage: 'dun', count, measured: 'body' }]
			}
		});
		const thinned = (count: number) => fading(heavy().says(3, net(30)).says(30, net(count)).read(32));
		expect(thinned(4)).toBeGreaterThan(0);
		expect(thinned(30)).toBe(0);
		expect(thinned(20)).toBe(0);
	});

	it('shows in fewer fish that rise', () => {
		const counted = (now: number) => fading(heavy().says(4, looked(12, 5)).says(30, looked(now, 5)).read(32));
		expect(counted(2)).toBeGreaterThan(counted(11));
	});

	it('is said by the guide, and so is that it grows', () => {
		const told = (trend: 'growing' | 'steady' | 'fading') =>
			fading(slowing().says(35, hatch(trend)).read(36));
		expect(told('fading')).toBeGreaterThan(fading(slowing().read(36)));
		expect(told('steady')).toBeLessThan(fading(slowing().read(36)));
		expect(told('growing')).toBeLessThan(told('steady'));
		expect(fading(unwatched().says(2, hatch('fading')).read())).toBeGreaterThan(0.1);
	});
});

describe('a fish that changed', () => {
	const emergers = () =>
		new Story(BROOK, new Date('2026-06-10T18:00:00Z'))
			.weather({ waterC: 14 })
			.net('surface-net', ['ephemerella', 'emerger', 6])
			.rises('bulge', 8);
	const noses = (story: Story, times: number) => {
		for (let i = 0; i < times; i++) story.riseAt(20 + i * 0.4, 'nose');
		return story;
	};
	const beneath = (reading: Reading) =>
		reading.beliefs.reduce(
			(sum, { hypothesis, probability }) => (hypothesis.taking === 'film' ? sum + probability : sum),
			0
		);

	it('is believed within six rises, and nobody is sure at first', () => {
		const before = emergers().read(8);
		const after = noses(emergers(), 6).read(23);
		expect(beneath(before)).toBeGreaterThan(0.7);
		expect(beneath(after)).toBeLessThan(0.4);
		expect(after.certainty.top).toBeLessThan(before.certainty.top);
		expect(after.certainty.word).not.toBe('sure');
	});

	it('leaves little of what was noted before', () => {
		const reading = noses(emergers(), 9).read(24);
		const bulges = reasonsFor(reading, 'ephemerella/emerger').find(({ noteIds }) => noteIds.length === 8);
		expect(Math.abs(bulges?.weight ?? 0)).toBeLessThan(0.3);
	});

	it('counts what was seen between its last rise and its next by how late it was seen', () => {
		const with_ = (minute: number) => {
			const story = noses(emergers(), 8);
			story.says(minute, {
				kind: 'sighting',
				body: {
					taxonId: 'ephemerella',
					stage: 'spinner',
					zone: 'on-film',
					abundance: 'many',
					sign: 'insects'
				}
			});
			return chance(story.read(24), 'ephemerella/spinner');
		};
		expect(with_(19)).toBeGreaterThan(with_(2));
	});
});

describe('reasons', () => {
	it('say what would be believed without them', () => {
		const story = new Story(RIVER, may)
			.weather({ waterC: 10 })
			.net('surface-net', ['baetis', 'dun', 12])
			.rises('nose', 4);
		const outing = story.outing();
		const reading = readWater(outing, story.watchId);
		const net = reasonsFor(reading, 'baetis/dun').find(({ noteIds }) =>
			outing.samples.some(({ note }) => noteIds.includes(note.id))
		);
		if (!net) throw new Error('the net says nothing');
		const rest = story.notes.filter(({ kind }) => kind !== 'sample');
		const without = readWater(foldOuting(rest, story.place, outing.now), story.watchId);
		expect(net.without).toBeLessThan(chance(reading, 'baetis/dun'));
		// The rest is weighed a little differently where the net is missing wholly.
		expect(Math.abs(net.without - chance(without, 'baetis/dun'))).toBeLessThan(0.1);
	});
});

describe('what was seen only in part', () => {
	it('is as likely as all forms that it may have been', () => {
		const sum = (forms: readonly ClearForm[]) =>
			forms.reduce((all, form) => all + riseFormProbability('film', form), 0);
		expect(riseFormProbability('film', 'lifted')).toBeCloseTo(sum(['bulge', 'weaving']), 12);
		expect(riseFormProbability('film', 'broke-film') + riseFormProbability('film', 'lifted')).toBeCloseTo(
			1,
			9
		);
	});

	it('of a large fish: noses where others splash, and every row still sums to one', () => {
		const forms = Object.keys(WEIGHTS.riseForm.upright) as ClearForm[];
		for (const taking of ['upright', 'large', 'active'] as const) {
			const of = (form: ClearForm, size: 'small' | 'large') =>
				riseFormProbability(taking, form, WEIGHTS, size);
			expect(of('nose', 'large')).toBeGreaterThan(of('nose', 'small'));
			expect(of('splash', 'large')).toBeLessThan(of('splash', 'small'));
			expect(forms.reduce((all, form) => all + of(form, 'large'), 0)).toBeCloseTo(1, 9);
		}
	});
});

describe('what nobody could name', () => {
	const caddis = (more: object = {}): Omit<Note, 'id' | 'at'> => ({
		kind: 'unnamed',
		body: { group: 'caddisfly', stage: 'adult', zone: 'on-film', abundance: 'many', ...more }
	});
	const story = (more?: object) => {
		const told = new Story(RIVER, new Date('2026-06-20T19:00:00Z')).weather({ waterC: 14 });
		if (more) told.says(2, caddis(more));
		return told.rises('splash', 3).read();
	};
	const ofGroup = (reading: Reading) =>
		reading.beliefs.reduce(
			(sum, { hypothesis, probability }) => (hypothesis.group === 'caddisfly' ? sum + probability : sum),
			0
		);

	it('speaks for its group, shared among its taxa, and stands for itself', () => {
		expect(ofGroup(story({}))).toBeGreaterThan(ofGroup(story()));
		expect(chance(story({}), 'group/caddisfly/adult')).toBeGreaterThan(0.01);
		const named = story({}).beliefs.filter(
			({ hypothesis: { kind, group, stage }, probability }) =>
				kind === 'natural' && group === 'caddisfly' && stage === 'adult' && probability > 0.01
		);
		expect(named.length).toBeGreaterThan(2);
	});

	it('keeps its length and colour, and they tell its taxa apart', () => {
		const reading = story({ lengthMm: 22, shade: 'ginger' });
		const group = reading.beliefs.find(({ hypothesis }) => hypothesis.id === 'group/caddisfly/adult');
		expect(group?.hypothesis.lengthMm).toBe(22);
		const mean = (read: Reading) => {
			const own = read.beliefs.filter(
				({ hypothesis: { kind, group: one, stage } }) =>
					kind === 'natural' && one === 'caddisfly' && stage === 'adult'
			);
			const all = own.reduce((sum, { probability }) => sum + probability, 0);
			return own.reduce(
				(sum, { hypothesis, probability }) => sum + (probability * hypothesis.lengthMm) / all,
				0
			);
		};
		expect(mean(reading)).toBeGreaterThan(mean(story({ lengthMm: 7 })) + 1);
		expect(mean(story({ lengthMm: 12, lengthIs: 'larger-than' }))).toBeGreaterThan(
			mean(story({ lengthMm: 12, lengthIs: 'smaller-than' }))
		);
	});

	it('in a net counts like what has a name', () => {
		const net = (count: number): Omit<Note, 'id' | 'at'> => ({
			kind: 'sample',
			body: {
				method: 'surface-net',
				lots: [],
				unnamed: [{ group: 'caddisfly', stage: 'pupa', count, lengthMm: 9 }]
			}
		});
		const read = (count?: number) => {
			const told = new Story(RIVER, new Date('2026-06-20T19:00:00Z')).weather({ waterC: 14 });
			return ofGroup((count ? told.says(1, net(count)) : told).read());
		};
		expect(read(3)).toBeGreaterThan(read());
		expect(read(20)).toBeGreaterThan(read(3));
	});
});

describe('nymphs on the move', () => {
	it('raise the nymph and the adult along the bank, and no emerger of anything else', () => {
		const at = new Date('2026-05-28T14:00:00Z');
		const told = (sign: 'insects' | 'to-shallows') =>
			new Story(RIVER, at).saw('perla', 'nymph', { sign, zone: 'bed', abundance: 'many' }).read();
		expect(chance(told('to-shallows'), 'perla/adult')).toBeGreaterThan(
			chance(told('insects'), 'perla/adult')
		);
		const emergers = (reading: Reading) =>
			reading.beliefs.reduce(
				(sum, { hypothesis, probability }) => (hypothesis.stage === 'emerger' ? sum + probability : sum),
				0
			);
		expect(emergers(told('to-shallows'))).toBeLessThan(emergers(new Story(RIVER, at).read()));
	});
});
