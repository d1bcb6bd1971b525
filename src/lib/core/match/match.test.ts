import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	likenessOf,
	likenessOver,
	SCHOOL_IDS,
	SCHOOLS,
	sizeLikeness,
	variantOf,
	type Hypothesis
} from '../likeness';
import { PATTERNS, STYLES, type StyleId } from '../tackle';
import { fitnessFor, fitnessReasons, type FlyWater } from './fitness';
import { pairFor } from './pair';
import { shortlist, stylesServing } from './shortlist';
import { colourDifference, findStage, findTaxon, SHADES, TAXA, type LifeStage, type Place } from '../atlas';
import type { Note } from '../note';
import { foldOuting } from '../outing';
import { readWater, statedReading, type Reading } from '../reading';
import { DEMO_NOW, demoMorning } from '$lib/simulate';
import { seededRandom } from '../math';
import { RIVER, Story } from '../../../../tests/support/story';
import { said } from '../../../../tests/support/said';

const place: Place = {
	latitude: 47.17,
	longitude: -20.33,
	elevationM: 720,
	water: 'freestone',
	region: 'western-europe'
};
const notes = demoMorning(seededRandom(7)).notes;
const outing = foldOuting(notes, place, DEMO_NOW);
const reading = readWater(outing);
const posture = SCHOOLS['posture-first'];

const natural = (id: string): Hypothesis => {
	const found = reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.hypothesis;
	if (!found) throw new Error(id);
	return found;
};
const pattern = (style: StyleId, belly?: string) => {
	const found = PATTERNS.find((p) => p.style === style && (!belly || p.belly === belly));
	if (!found) throw new Error(style);
	return found;
};
/** A reading that holds only these beliefs. */
const split = (beliefs: [string, number][]): Reading => ({
	...reading,
	beliefs: beliefs.map(([id, probability]) => ({ hypothesis: natural(id), probability }))
});
const condition = (body: Extract<Note, { kind: 'conditions' }>['body']): Note => ({
	id: '01890000-0000-7000-8000-000000000001',
	at: DEMO_NOW,
	kind: 'conditions',
	body
});
const on = (body: Extract<Note, { kind: 'conditions' }>['body']) =>
	foldOuting([...notes, condition(body)], place, DEMO_NOW);

describe('the shipped patterns', () => {
	it('are at least 24, each in a style of the list, under a name that says how it is built', () => {
		expect(PATTERNS.length).toBeGreaterThanOrEqual(24);
		expect(new Set(PATTERNS.map(({ id }) => id)).size).toBe(PATTERNS.length);
		for (const { sizes } of PATTERNS) for (const size of sizes) expect(size % 2).toBe(0);
		for (const [id, { weights }] of Object.entries(SCHOOLS))
			if (id !== 'presentation-first')
				expect(Object.values(weights).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
	});
});

describe('likeness', () => {
	it('never scores a fly higher for being further from the natural in size', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 2, max: 25, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.boolean(),
				(length, off, more, larger) => {
					const factor = (x: number) => (larger ? Math.exp(x) : Math.exp(-x));
					expect(sizeLikeness(length * factor(off), length)).toBeGreaterThanOrEqual(
						sizeLikeness(length * factor(off + more), length)
					);
				}
			)
		);
	});

	it('never scores a fly higher for being further from the natural in colour, or for sitting worse', () => {
		const emerger = natural('baetis/emerger');
		const variants = PATTERNS.filter(({ style }) => STYLES[style].zone === 'in-film').map((fly) =>
			variantOf(fly, fly.sizes[0] ?? 14)
		);
		const base = variants[0];
		if (!base) throw new Error('no fly');
		fc.assert(
			fc.property(
				fc.constantFrom(...Object.keys(SHADES)),
				fc.constantFrom(...Object.keys(SHADES)),
				fc.constantFrom(...Object.values(SCHOOLS)),
				(one, other, school) => {
					const dressed = (shade: string) => {
						const belly = SHADES[shade as keyof typeof SHADES];
						return {
							apart: colourDifference(belly, emerger.colours.belly),
							...likenessOf({ ...base, belly }, emerger, school)
						};
					};
					const [near, far] = [dressed(one), dressed(other)].sort((a, b) => a.apart - b.apart);
					expect(near?.total).toBeGreaterThanOrEqual((far?.total ?? 0) - 1e-12);
				}
			)
		);
		fc.assert(
			fc.property(
				fc.double({ min: 0.05, max: 1, noNaN: true }),
				fc.double({ min: 0.05, max: 1, noNaN: true }),
				fc.constantFrom(...Object.values(SCHOOLS)),
				(one, other, school) => {
					const sitting = (emerges: number) =>
						likenessOf({ ...base, style: { ...base.style, stages: { emerger: emerges } } }, emerger, school)
							.total;
					expect(sitting(Math.max(one, other))).toBeGreaterThanOrEqual(sitting(Math.min(one, other)) - 1e-12);
				}
			)
		);
	});

	it('puts the olive fly before the tan one for an olive, all else equal', () => {
		const emerger = natural('baetis/emerger');
		const at = (belly: string) =>
			likenessOf(variantOf(pattern('hanging-parachute', belly), 14), emerger, posture);
		expect(at('olive').colour).toBeGreaterThan(at('tan').colour);
		expect(at('olive').total).toBeGreaterThan(at('tan').total);
	});

	it('expects over a whole reading just what it says of each natural in it', () => {
		const beliefs = reading.beliefs.slice(0, 20);
		for (const school of Object.values(SCHOOLS)) {
			const over = likenessOver(beliefs, school);
			for (const fly of PATTERNS)
				for (const size of fly.sizes) {
					const variant = variantOf(fly, size);
					const sum = beliefs.reduce(
						(s, { hypothesis, probability }) =>
							s + probability * likenessOf(variant, hypothesis, school).total,
						0
					);
					expect(over(variant).expected).toBeCloseTo(sum, 12);
				}
		}
	});

	it('knows a spent wing from an upright one', () => {
		const dun = natural('baetis/dun');
		const upright = likenessOf(variantOf(pattern('soft-wing-dun', 'grey-olive'), 16), dun, posture);
		const spent = likenessOf(variantOf(pattern('spent-wing'), 16), dun, posture);
		expect(upright.posture).toBeGreaterThan(spent.posture);
		expect(upright.outline).toBe(1);
		expect(upright.total).toBeGreaterThan(2 * spent.total);
	});
});

describe('the shortlist', () => {
	it('hangs an olive emerger first for the morning at Alder Bend, and says why', () => {
		const [first] = shortlist(outing, reading);
		expect(first?.pattern.style).toBe('hanging-parachute');
		expect(first?.pattern.belly).toBe('olive');
		expect([16, 18]).toContain(first?.hookSize);
		expect(first?.because.length).toBeGreaterThanOrEqual(3);
	});

	it('raises a fly that passes for both when the reading is split between emerger and dun', () => {
		const both = shortlist(
			outing,
			split([
				['baetis/emerger', 0.5],
				['baetis/dun', 0.5]
			]),
			{ most: 36 }
		);
		const passesForBoth = STYLES[both[0]?.pattern.style ?? 'bent-larva'].stages as Record<string, number>;
		expect(Math.min(passesForBoth['emerger'] ?? 0, passesForBoth['dun'] ?? 0)).toBeGreaterThan(0.45);
	});

	it('takes a low sparse dun on a glassy slow pool and a taller one in fast dim water', () => {
		const dun = split([['baetis/dun', 1]]);
		const glassy = shortlist(on({ surface: 'glassy', speedMs: 0.2, sky: 'clear' }), dun, { most: 40 });
		const fast = shortlist(on({ surface: 'broken', speedMs: 1.2, sky: 'rain' }), dun, { most: 40 });
		const bulk = (flies: typeof glassy) => STYLES[flies[0]?.pattern.style ?? 'bent-larva'].bulk;
		const buoyancy = (flies: typeof glassy) => STYLES[flies[0]?.pattern.style ?? 'bent-larva'].buoyancy;
		expect(bulk(glassy)).toBeLessThan(bulk(fast) + 0.01);
		expect(buoyancy(fast)).toBeGreaterThan(buoyancy(glassy) - 0.01);
		const rank = (flies: typeof glassy, style: StyleId) =>
			flies.findIndex((fly) => fly.pattern.style === style);
		expect(rank(fast, 'collar-dun')).toBeLessThan(rank(glassy, 'collar-dun'));
		expect(rank(glassy, 'soft-wing-dun')).toBeLessThan(rank(fast, 'soft-wing-dun'));
	});

	it('prefers what is in the box, says what is missing, and counts the rest', () => {
		const [best] = shortlist(outing, reading);
		if (!best) throw new Error('no fly');
		const others = PATTERNS.flatMap((p) =>
			p.sizes.map((hookSize) => ({ patternId: p.id, hookSize, count: 2 }))
		);
		const without = others.filter(({ patternId }) => patternId !== best.pattern.id);
		const [carried] = shortlist(outing, reading, { box: others });
		expect(carried).toMatchObject({ inBox: 2, pattern: { id: best.pattern.id } });
		const list = shortlist(outing, reading, { box: without, most: 40 });
		const missing = list.find(({ pattern: { id } }) => id === best.pattern.id);
		expect(list[0]?.inBox).toBe(2);
		expect(missing?.because.map(({ text }) => text)).toContain('Not in the box.');
	});

	it('names first what is carried, as long as it will do; a fly that will not do is not named for being there', () => {
		const all = shortlist(outing, reading, { most: 400 });
		const [best] = all;
		const fair = all.find(({ score }) => best && score < 0.7 * best.score && score > 0.5 * best.score);
		const hopeless = all.find(({ score }) => best && score < 0.2 * best.score);
		if (!best || !fair || !hopeless) throw new Error('no fly');
		const first = (...flies: typeof all) =>
			shortlist(outing, reading, {
				box: flies.map(({ pattern: { id }, hookSize }) => ({ patternId: id, hookSize, count: 1 }))
			})[0];
		expect(first(fair)).toMatchObject({ pattern: { id: fair.pattern.id }, inBox: 1 });
		expect(first(fair, hopeless)?.pattern.id).toBe(fair.pattern.id);
		expect(first(hopeless)).toMatchObject({ inBox: 0 });
		expect(first()).toMatchObject({ pattern: { id: best.pattern.id }, inBox: 0 });
	});

	it('rigs two flies that are carried, where the box has such', () => {
		const box = PATTERNS.filter((_, i) => i % 2 === 0).flatMap((p) =>
			p.sizes.map((hookSize) => ({ patternId: p.id, hookSize, count: 1 }))
		);
		const pair = pairFor(outing, reading, { box });
		expect(pair?.lead.inBox).toBe(1);
		expect(pair?.second.inBox).toBe(1);
	});

	it('ranks as the school has it: presentation first forgives a wrong colour that colour first does not', () => {
		const emergers = split([['baetis/emerger', 1]]);
		const score = (school: (typeof SCHOOL_IDS)[number], belly: string) =>
			shortlist(outing, emergers, { school, patterns: [pattern('hanging-parachute', belly)], most: 1 })[0]
				?.score ?? 0;
		const loss = (school: (typeof SCHOOL_IDS)[number]) => score(school, 'tan') / score(school, 'olive');
		expect(loss('colour-first')).toBeLessThan(loss('posture-first'));
		expect(loss('presentation-first')).toBeGreaterThan(loss('posture-first'));
	});
});

describe('fitness for the water', () => {
	const pool: FlyWater = {
		surface: 'rippled',
		speedMs: 0.5,
		clarityM: 1.5,
		dim: false,
		windMs: 2,
		light: 'even',
		hunger: 0
	};

	it('asks for a size up and a darker fly in coloured water', () => {
		const murky = { ...pool, clarityM: 0.3 };
		const because: string[] = [];
		const at = (size: number, belly: string) => {
			const fly = variantOf(pattern('parachute-dun', belly), size);
			because.push(...fitnessReasons(fly, murky).map(({ text }) => text));
			return fitnessFor(fly, murky);
		};
		expect(at(14, 'grey-olive')).toBeGreaterThan(at(18, 'grey-olive'));
		expect(at(16, 'mahogany')).toBeGreaterThan(at(16, 'sulphur'));
		expect(because.join()).toMatch(/size up.*darker/);
	});

	it('stays between nothing and one for every fly in every water', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...PATTERNS),
				fc.record({
					surface: fc.constantFrom('glassy' as const, 'rippled' as const, 'broken' as const),
					speedMs: fc.double({ min: 0, max: 5, noNaN: true }),
					clarityM: fc.double({ min: 0, max: 20, noNaN: true }),
					dim: fc.boolean(),
					windMs: fc.double({ min: 0, max: 25, noNaN: true }),
					light: fc.constantFrom('even' as const, 'silver' as const, 'shade' as const),
					hunger: fc.double({ min: 0, max: 1, noNaN: true })
				}),
				(fly, water) => {
					for (const size of fly.sizes) {
						const value = fitnessFor(variantOf(fly, size), water);
						expect(value).toBeGreaterThan(0);
						expect(value).toBeLessThanOrEqual(1);
					}
				}
			)
		);
	});
});

describe('styles that serve', () => {
	it('names a spent wing for spinners, a tent wing for caddis, and some style for every stage a fly can be', () => {
		const serving = (id: string, stage: LifeStage) => {
			const taxon = findTaxon(id);
			const traits = taxon && findStage(taxon, stage);
			if (!taxon || !traits) throw new Error(id);
			return stylesServing(taxon, traits).map((style) => style.id);
		};
		expect(serving('baetis', 'spinner')[0]).toBe('spent-wing');
		expect(serving('hydropsyche', 'adult')[0]).toMatch(/caddis/);
		expect(serving('gammarus', 'crustacean')).toEqual(['scud']);
		for (const taxon of TAXA)
			for (const { stage } of taxon.stages)
				expect(serving(taxon.id, stage).length, `${taxon.id} ${stage}`).toBeGreaterThan(0);
	});
});

describe('two nymphs', () => {
	const kicked = (place: Place, at: string, waterC: number) =>
		new Story(place, new Date(at), { depthM: 1 })
			.weather({ waterC, surface: 'rippled', speedMs: 0.5 })
			.net('kick-net', ['rhithrogena', 'nymph', 9], ['baetis', 'nymph', 12], ['gammarus', 'crustacean', 8]);
	const pairOf = (story: Story) => {
		const pair = pairFor(story.outing(9), story.read(9));
		if (!pair) throw new Error('no pair');
		return pair;
	};

	it('cold water: a heavy one on the point, a light one before it, 40 to 50 cm apart', () => {
		const pair = pairOf(kicked(RIVER, '2026-02-10T12:00:00Z', 4));
		expect(pair.fishes).toBe('heavy-point');
		expect(pair.distanceM).toEqual({ least: 0.4, most: 0.5 });
		expect(said(pair.because[1])).toMatch(/^Cold water of 4.0 °C/);
		expect(STYLES[pair.second.pattern.style].parts.bead).toBe(true);
		expect(pair.expected).toBeGreaterThanOrEqual(pair.single);
	});

	it('what comes up is eaten: the light one trails', () => {
		const story = new Story(RIVER, new Date('2026-05-19T11:30:00Z'), { depthM: 1 })
			.weather({ waterC: 11, surface: 'rippled', speedMs: 0.5 })
			.net('throat', ['hydropsyche', 'pupa', 14]);
		expect(pairOf(story).fishes).toBe('light-trails');
	});
});

it('a natural smaller than any fly is matched by the smallest of a pattern, never the largest, and the rest is told', () => {
	const story = new Story(RIVER, new Date('2026-05-19T11:30:00Z'));
	const tiny = statedReading(story.outing(9), { taxonId: 'chironomidae', stage: 'pupa', lengthMm: 1.2 });
	for (const { pattern, hookSize, because } of shortlist(story.outing(9), tiny, { most: 20 })) {
		expect(hookSize, pattern.id).toBe(Math.max(...pattern.sizes));
		expect(because.map((one) => said(one)).join(' ')).toMatch(/the natural is 1.2 mm, smaller/);
	}
});
