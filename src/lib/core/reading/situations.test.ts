import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readWater, reasonsFor, type Reading } from './reading';
import { byNatural, byStage } from './spread';
import { WEIGHING, type WeighingId } from './weights';
import type { Place } from '../atlas';
import { seededRandom } from '../math';
import { faultOf, sayMessage } from '../message';
import { NoteSchema, type Note } from '../note';
import { foldOuting } from '../outing';
import { RISE_FORMS } from '../vocabulary';
import { standInWatch } from '$lib/simulate';
import { BROOK, RIVER, Story, testId } from '../../../../tests/support/story';
import * as v from 'valibot';

const river = RIVER;
const brook = BROOK;

const stageOf = (reading: Reading) => byStage(reading)[0]?.stage;
const of = (reading: Reading, id: string) =>
	reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.probability ?? 0;
const inFilm = (reading: Reading) =>
	reading.beliefs
		.filter(({ hypothesis }) => hypothesis.zone === 'in-film')
		.reduce((sum, { probability }) => sum + probability, 0);
const may = new Date('2026-05-08T14:00:00Z');

describe('situations that guides know', () => {
	it('several duns of two kinds pass untouched, rises go on, skins drift: something in the film, not the duns', () => {
		const reading = new Story(river, may)
			.saw('baetis', 'dun')
			.saw('rhithrogena', 'dun')
			.saw('baetis', 'dun', { sign: 'shucks', zone: 'in-film' })
			.drifted('baetis', 'dun', 'passed', 6)
			.drifted('rhithrogena', 'dun', 'passed', 5)
			.rises('bulge', 3, 70)
			.rises('head-back-tail', 2, 90)
			.read();
		expect(inFilm(reading)).toBeGreaterThan(0.6);
		expect(of(reading, 'baetis/dun') + of(reading, 'rhithrogena/dun')).toBeLessThan(0.1);
		const unseen = reading.beliefs.filter(({ hypothesis }) => hypothesis.kind === 'unseen');
		// What is seen of a hatch speaks for the emerger of that hatch before the unseen of another.
		const ofTheHatch = of(reading, 'baetis/emerger') + of(reading, 'baetis/cripple');
		expect(ofTheHatch).toBeGreaterThan(unseen.reduce((sum, { probability }) => sum + probability, 0));
		expect(ofTheHatch).toBeGreaterThan(0.5);
	});

	it('unhurried noses along a calm edge on a mild still morning, clear-winged females in the net: spent spinners', () => {
		const reading = new Story(brook, new Date('2026-07-20T11:30:00Z'))
			.weather({ waterC: 14, sky: 'broken', windMs: 0 })
			.net('surface-net', ['serratella', 'spinner', 7])
			.rises('nose', 6)
			.read();
		expect(stageOf(reading)).toBe('spinner');
		expect(reading.beliefs[0]?.hypothesis.id).toBe('serratella/spinner');
	});

	it('bulges during the first olives: emergers', () => {
		const reading = new Story(river, may)
			.saw('baetis', 'dun', { abundance: 'single' })
			.rises('bulge', 5)
			.read();
		expect(
			byStage(reading)
				.slice(0, 2)
				.map(({ stage }) => stage)
		).toContain('emerger');
		expect(inFilm(reading)).toBeGreaterThan(of(reading, 'baetis/dun'));
	});

	it('neat duns refused while rises go on: cripples or emergers', () => {
		const before = new Story(river, may)
			.net('surface-net', ['baetis', 'dun', 8], ['baetis', 'emerger', 3])
			.rises('nose', 3, 90)
			.rises('head-back-tail', 3, 80);
		const then = before.read();
		const after = before.drifted('baetis', 'dun', 'passed', 15).read();
		const low = (reading: Reading) => of(reading, 'baetis/emerger') + of(reading, 'baetis/cripple');
		expect(low(after)).toBeGreaterThan(low(then));
		expect(low(after)).toBeGreaterThan(of(after, 'baetis/dun'));
	});

	it('a fish that weaves and does not rise: nymphs or larvae below', () => {
		const reading = new Story(river, may).rises('weaving', 5).read();
		const below = byStage(reading)
			.filter(({ stage }) => stage === 'nymph' || stage === 'larva')
			.reduce((sum, { probability }) => sum + probability, 0);
		expect(below).toBeGreaterThan(0.6);
	});

	it('a swarm in the air with nothing fallen: hardly more spinners than before', () => {
		const story = () => new Story(river, may).rises('bulge', 2);
		const spinners = (reading: Reading) =>
			byStage(reading).find(({ stage }) => stage === 'spinner')?.probability ?? 0;
		const swarm = story().saw('baetis', 'spinner', { zone: 'air', sign: 'swarm', abundance: 'many' }).read();
		expect(spinners(swarm)).toBeLessThan(0.3);
	});

	it('a heavy crash near boulders in early season, with split skins: stonefly adults', () => {
		const reading = new Story(river, new Date('2026-06-01T17:00:00Z'))
			.saw('perla', 'nymph', { sign: 'shucks', zone: 'air', abundance: 'many' })
			.rises('crash', 3, 100)
			.read();
		expect(byNatural(reading)[0]).toMatchObject({ taxonId: 'perla' });
		expect(['adult', 'egg-laying']).toContain(byNatural(reading)[0]?.stage);
	});

	it('two passes of a dun: hardly any change; many: a clear one', () => {
		const story = () => new Story(river, may).net('surface-net', ['baetis', 'dun', 6]).rises('nose', 4);
		const [none, two, many] = [
			story().read(),
			story().drifted('baetis', 'dun', 'passed', 2).read(),
			story().drifted('baetis', 'dun', 'passed', 14).read()
		].map((reading) => of(reading, 'baetis/dun'));
		expect(two).toBeGreaterThan(0.5 * (none ?? 0));
		expect(many).toBeLessThan(0.35 * (none ?? 0));
	});

	it('a throat full of pupae: pupae, whatever the margin net said', () => {
		const lake: Place = { ...river, water: 'lake' };
		const reading = new Story(lake, may)
			.net('margin-strainer', ['zygoptera', 'nymph', 12], ['anisoptera', 'nymph', 4])
			.net('throat', ['chironomus', 'pupa', 25])
			.read();
		expect(byNatural(reading)[0]).toMatchObject({ taxonId: 'chironomus', stage: 'pupa' });
	});

	it('takes of everything that comes: nothing in particular', () => {
		const story = new Story(river, new Date('2026-08-20T16:00:00Z'));
		for (const [taxonId, stage] of [
			['acrididae', 'terrestrial'],
			['coleoptera', 'terrestrial'],
			['hydropsyche', 'adult'],
			['baetis', 'dun']
		] as const)
			story.drifted(taxonId, stage, 'taken', 1);
		const reading = story.rises('splash', 2, 100).rises('nose', 2, 130).read();
		expect(of(reading, 'anything')).toBeGreaterThan(0.06);
	});

	it('a fly like the olive emerger taken on the first cast settles it', () => {
		const story = new Story(river, may).rises('bulge', 3);
		const before = of(story.read(), 'baetis/emerger');
		story.notes.push({
			id: testId(),
			at: new Date(may.getTime() + 8 * 60_000),
			kind: 'attempt',
			body: {
				patternId: 'hanging-parachute-emerger-olive',
				hookSize: 16,
				outcome: 'taken',
				watchId: story.watchId
			}
		});
		const after = of(story.read(), 'baetis/emerger');
		expect(after).toBeGreaterThan(before);
	});

	it('a mixed hatch is shown as two things, not forced into one', () => {
		const story = new Story(river, may)
			.net('surface-net', ['baetis', 'emerger', 9], ['baetis', 'dun', 9], ['chironomidae', 'pupa', 9])
			.rises('nose', 1)
			.rises('bulge', 1, 40);
		const { certainty, beliefs } = story.read();
		expect(certainty.word).not.toBe('sure');
		const [first = 0, second = 0] = beliefs.map(({ probability }) => probability);
		expect(certainty.mixed).toBe(second >= 0.25 && first - second <= 0.15);
		const sure = new Story(river, may).net('throat', ['baetis', 'emerger', 20]).rises('bulge', 4).read();
		expect(sure.certainty.mixed).toBe(false);
	});

	it('another fish in the same lie begins from what the last one showed, loosened', () => {
		const begin = (id: string, minute: number, mark?: string): Note => ({
			id,
			at: new Date(may.getTime() + minute * 60_000),
			kind: 'watch',
			body: { event: 'begin', lie: 'edge', holding: 'on-station', ...(mark && { mark }) }
		});
		const [first, same, other] = [testId(), testId(), testId()];
		const notes: Note[] = [begin(first, 0, 'the alder')];
		for (let i = 0; i < 6; i++)
			notes.push({
				id: testId(),
				at: new Date(may.getTime() + (1 + i / 2) * 60_000),
				kind: 'rise',
				body: { form: 'nose', watchId: first }
			});
		notes.push(begin(same, 6, 'the alder'), begin(other, 6, 'the far bank'));
		const outing = foldOuting(notes, river, new Date(may.getTime() + 7 * 60_000));
		const spent = (watchId: string) =>
			readWater(outing, watchId)
				.beliefs.filter(({ hypothesis }) => hypothesis.taking === 'spent')
				.reduce((sum, { probability }) => sum + probability, 0);
		expect(spent(first)).toBeGreaterThan(spent(same));
		expect(spent(same)).toBeGreaterThan(spent(other));
	});
});

describe('laws of the reading', () => {
	const note = fc.oneof(
		fc.record({ kind: fc.constant('rise' as const), form: fc.constantFrom(...RISE_FORMS) }),
		fc.record({
			kind: fc.constant('drifted' as const),
			stage: fc.constantFrom('dun' as const, 'spinner' as const),
			fate: fc.constantFrom('passed' as const, 'taken' as const)
		})
	);
	const told = (parts: readonly (typeof note extends fc.Arbitrary<infer T> ? T : never)[]) => {
		const story = new Story(river, may);
		for (const part of parts)
			if (part.kind === 'rise') story.rises(part.form, 1);
			else story.drifted('baetis', part.stage, part.fate, 1);
		return story;
	};

	it('sums to one, in any order of notes, and a withdrawn note leaves no trace', () => {
		fc.assert(
			fc.property(fc.array(note, { minLength: 1, maxLength: 8 }), (parts) => {
				const story = told(parts);
				const reading = story.read();
				expect(reading.beliefs.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
				const now = new Date(may.getTime() + 9 * 60_000);
				const shuffled = readWater(foldOuting([...story.notes].reverse(), river, now), story.watchId);
				const last = story.notes.at(-1);
				if (!last) return;
				const gone = readWater(
					foldOuting(
						[...story.notes, { id: testId(), at: now, kind: 'void', body: {}, replaces: last.id }],
						river,
						now
					),
					story.watchId
				);
				const without = readWater(foldOuting(story.notes.slice(0, -1), river, now), story.watchId);
				for (const { hypothesis, probability } of reading.beliefs)
					expect(of(shuffled, hypothesis.id)).toBeCloseTo(probability, 9);
				for (const { hypothesis, probability } of without.beliefs)
					expect(of(gone, hypothesis.id)).toBeCloseTo(probability, 9);
			}),
			{ numRuns: 25 }
		);
	});

	it('has reasons that add up to the odds it gives', () => {
		const reading = new Story(river, may).rises('bulge', 3).drifted('baetis', 'dun', 'passed', 4).read();
		const [top, other] = [reading.beliefs[0]?.hypothesis.id ?? '', 'baetis/dun'];
		const sum = (id: string) => {
			const i = reading.beliefs.findIndex(({ hypothesis }) => hypothesis.id === id);
			return reading.contributions.reduce((all, { weights }) => all + (weights[i] ?? 0), 0);
		};
		expect(sum(top) - sum(other)).toBeCloseTo(Math.log(of(reading, top) / of(reading, other)), 6);
		expect(
			reasonsFor(reading, other).some(({ says, weight }) => sayMessage(says).includes('passed') && weight < 0)
		).toBe(true);
	});

	it('says so when a note names an insect that the atlas lacks, and changes nothing', () => {
		const strange = {
			id: testId(),
			at: may.toISOString(),
			kind: 'drifted',
			body: { watchId: testId(), taxonId: 'unicornus', stage: 'dun', fate: 'passed' }
		};
		const parsed = v.safeParse(NoteSchema, strange);
		expect(parsed.success).toBe(false);
		expect(parsed.issues?.map((issue) => sayMessage(faultOf(issue))).join()).toContain(
			'the atlas has no taxon “unicornus”'
		);
	});
});

it('reads most stand-in fish aright', () => {
	const random = seededRandom(31);
	let right = 0;
	const watches = 40;
	for (let i = 0; i < watches; i++) {
		const watch = standInWatch(random);
		const outing = foldOuting(watch.notes, watch.place, watch.endsAt);
		const reading = readWater(outing, watch.watchId);
		if (byStage(reading)[0]?.stage === watch.truth.stage) right++;
	}
	expect(right / watches).toBeGreaterThan(0.6);
});

describe('schools of weighing', () => {
	const quarrel = () =>
		new Story(river, may)
			.net('surface-net', ['baetis', 'dun', 14], ['baetis', 'emerger', 1])
			.rises('bulge', 6, 40);

	it('differ where net and fish disagree: duns in the net, bulges under it', () => {
		const emerger = (id: WeighingId) => {
			const reading = quarrel().read(9, id);
			return of(reading, 'baetis/emerger') / of(reading, 'baetis/dun');
		};
		expect(emerger('fish-first')).toBeGreaterThan(emerger('even-handed'));
		expect(emerger('even-handed')).toBeGreaterThan(emerger('net-first'));
	});

	it('agree where nothing was noted, and each say what follows from choosing them', () => {
		const quiet = new Story(river, may);
		const chances = (id: WeighingId) => quiet.read(9, id).beliefs.map(({ probability }) => probability);
		for (const id of WEIGHING.ids) {
			expect(chances(id)).toEqual(chances('even-handed'));
			expect(sayMessage(WEIGHING.choices[id].consequence)).not.toBe('');
		}
	});
});
