import { describe, expect, it } from 'vitest';
import { activityOf } from './activity';
import { colourDifference } from './colour-difference';
import { localNames } from './common-names';
import { lookAlikesOf } from './look-alikes';
import { LOOK_ALIKES } from './look-alikes.data';
import { anatomyOf, findStage, zoneOf } from './lookup';
import { findTaxon, TAXA } from './shelf';
import { movementOf } from './movement';
import { MOVEMENTS } from './movements';
import { taxaNamed } from './named';
import { alsoCalled } from './common-names';
import type { Place } from './place';
import { solarHour } from './solar-time';
import { regionOf } from './region';
import { namesFound, searchAtlas, yearOf } from './search';
import { seasonWeight, temperatureWeight } from './season';
import { SHADE_NAMES, SHADES } from './shades';
import { SOURCES } from './sources';
import { GROUPS } from './stages';
import type { HourWindow, Taxon } from './taxon';
import { yearsToGrow } from './years';
import { methodsReaching, riseFormsProvoked } from '../reading';

const river: Place = { latitude: 47, longitude: -20, elevationM: 500, water: 'freestone' };
const at = (iso: string) => new Date(iso);
const must = (id: string): Taxon => {
	const taxon = findTaxon(id);
	if (!taxon) throw new Error(`no ${id}`);
	return taxon;
};

describe('the atlas tables', () => {
	it('holds at least 150 taxa and 450 stages, at the level that changes the fly', () => {
		const of = (group: Taxon['group']) => TAXA.filter((taxon) => taxon.group === group).length;
		expect(TAXA.length).toBeGreaterThanOrEqual(150);
		expect(TAXA.flatMap((taxon) => taxon.stages).length).toBeGreaterThanOrEqual(450);
		expect([of('mayfly') >= 50, of('stonefly') >= 30, of('caddisfly') >= 40]).toEqual([true, true, true]);
		expect(new Set(TAXA.map((t) => t.group)).size).toBe(GROUPS.length);
		expect(new Set(TAXA.map((t) => t.id)).size).toBe(TAXA.length);
	});

	it.each(TAXA.map((t) => [t.id, t] as const))(
		'%s has its ranges in order and its sources on the list',
		(_, taxon) => {
			for (const { begins, peaks, ends } of taxon.seasons) {
				expect(begins).toBeLessThan(peaks);
				expect(peaks).toBeLessThan(ends);
			}
			const hours = [taxon.emergenceHours, taxon.flightHours];
			for (const window of hours
				.flatMap((of) => Object.values({ ...of } as Record<string, readonly HourWindow[]>))
				.flat()) {
				expect(window.from).toBeLessThan(window.peak);
				expect(window.peak).toBeLessThan(window.to);
			}
			const { least, best, most } = taxon.waterC;
			expect([least, ...best, most]).toEqual([least, ...best, most].sort((a, b) => a - b));
			for (const traits of taxon.stages) {
				const { least: l, typical, most: m } = traits.lengthMm;
				expect(l).toBeLessThan(typical);
				expect(typical).toBeLessThan(m);
				expect(zoneOf(taxon, traits)).toBeTruthy();
				expect(anatomyOf(taxon, traits).wings !== 'none').toBe(traits.wing !== undefined);
			}
			expect(taxon.sources.length).toBeGreaterThan(0);
			for (const source of taxon.sources) expect(SOURCES).toHaveProperty([source]);
		}
	);

	it('keeps mayfly nymphs, stonefly nymphs and caddis larvae apart by their marks', () => {
		for (const taxon of TAXA) {
			const nymph = findStage(taxon, 'nymph');
			if (!nymph || taxon.group === 'dragonfly') continue;
			const { gills, tails, wingPads } = anatomyOf(taxon, nymph);
			expect(gills).toBe(taxon.group === 'mayfly' ? 'abdomen' : 'none');
			expect(wingPads).toBe(taxon.group === 'mayfly' ? 1 : 2);
			if (taxon.group === 'stonefly') expect(tails).toBe(2);
		}
	});

	it('knows both sides of every look-alike, each in a stage that one of the two has', () => {
		for (const { between, stages, mark } of LOOK_ALIKES) {
			const [one, other] = between.map(must);
			expect(one?.id).not.toBe(other?.id);
			const both = [...(one?.stages ?? []), ...(other?.stages ?? [])].map(({ stage }) => stage);
			for (const stage of stages) expect(both, `${between.join(' and ')}: ${stage}`).toContain(stage);
			expect(mark.length).toBeGreaterThan(20);
			expect(lookAlikesOf(between[0]).map(({ taxonId }) => taxonId)).toContain(between[1]);
			expect(lookAlikesOf(between[1]).map(({ taxonId }) => taxonId)).toContain(between[0]);
		}
		const without = TAXA.filter(({ id }) => lookAlikesOf(id).length === 0);
		expect(without.map(({ id }) => id)).toEqual([]);
	});

	it('has a movement, rise forms and a method that reaches it for every stage', () => {
		for (const taxon of TAXA) {
			expect(yearsToGrow(taxon).least).toBeLessThanOrEqual(yearsToGrow(taxon).most);
			for (const traits of taxon.stages) {
				expect(MOVEMENTS).toHaveProperty([movementOf(taxon, traits)]);
				expect(riseFormsProvoked(taxon, traits).length).toBeGreaterThan(0);
				expect(methodsReaching(zoneOf(taxon, traits)).length, `${taxon.id} ${traits.stage}`).toBeGreaterThan(
					0
				);
			}
		}
	});

	it('resolves every local name, none of them twice for the same insect', () => {
		for (const { taxonId, regions } of localNames()) {
			must(taxonId);
			expect(regions.length).toBeGreaterThan(0);
		}
		const keys = localNames().map(({ name, taxonId }) => `${name} ${taxonId}`);
		expect(new Set(keys).size).toBe(keys.length);
	});

	it('gives no two colour words the same dubbing', () => {
		for (const one of SHADE_NAMES)
			for (const other of SHADE_NAMES) {
				if (one >= other) continue;
				const apart = colourDifference(SHADES[one], SHADES[other]);
				expect(apart, `${one} and ${other}`).toBeGreaterThan(5);
			}
	});
});

describe('season, hour and temperature', () => {
	it('puts the large burrowing mayfly at the end of May in the north and of November in the south', () => {
		const ephemera = must('ephemera');
		const brook: Place = { ...river, water: 'spring-creek' };
		const south: Place = { ...brook, latitude: -47 };
		expect(seasonWeight(ephemera, brook, at('2026-06-01T12:00Z'))).toBeGreaterThan(0.95);
		expect(seasonWeight(ephemera, south, at('2026-06-01T12:00Z'))).toBeLessThan(0.01);
		expect(seasonWeight(ephemera, south, at('2026-11-30T12:00Z'))).toBeGreaterThan(0.95);
	});

	it('comes four days later in spring for each 122 m and each degree, and as much earlier in autumn', () => {
		const peak = (id: string, place: Place, from: string) => {
			const days = Array.from({ length: 120 }, (_, day) => new Date(at(from).getTime() + day * 86_400_000));
			const weights = days.map((day) => seasonWeight(must(id), place, day));
			return weights.indexOf(Math.max(...weights));
		};
		const later = (id: string, from: string, change: Partial<Place>) =>
			peak(id, { ...river, ...change }, from) - peak(id, river, from);
		expect(later('brachyptera', '2026-02-01T12:00Z', { elevationM: 500 + 3 * 122 })).toBe(12);
		expect(later('brachyptera', '2026-02-01T12:00Z', { latitude: 50 })).toBe(12);
		expect(later('allogamus', '2026-08-15T12:00Z', { elevationM: 500 + 3 * 122 })).toBe(-12);
		expect(later('brachycentrus', '2026-03-01T12:00Z', { elevationM: 1400, water: 'tailwater' })).toBe(0);
	});

	it('is nowhere where it does not live, in no season', () => {
		const gorge: Place = { ...river, latitude: 45, longitude: -111, elevationM: 1500 };
		const may = at('2026-05-20T12:00Z');
		expect(regionOf(gorge)).toBe('western-na');
		expect(seasonWeight(must('perla'), gorge, at('2026-06-01T12:00Z'))).toBe(0);
		expect(seasonWeight(must('perla'), { ...gorge, region: 'anywhere' }, may)).toBeGreaterThan(0);
	});

	it('keeps the sun’s time, whatever the clock says', () => {
		expect(solarHour(river, at('2026-05-19T13:20Z'))).toBeCloseTo(12, 6);
	});

	it('is idle in water that is too cold, and full on inside the band', () => {
		const { waterC } = must('baetis');
		expect([2, 3.5, 10, 20, 25].map((t) => temperatureWeight(waterC, t))).toEqual([0, 0, 1, 0, 0]);
	});

	it('brings olives at midday in spring, more of them when it is dull', () => {
		const noon = at('2026-05-01T14:20Z');
		const dull = activityOf(must('baetis'), river, noon, { waterC: 9, airC: 12, dull: true, windMs: 1 });
		const bright = activityOf(must('baetis'), river, noon, { waterC: 9, airC: 12, dull: false, windMs: 1 });
		const night = activityOf(must('baetis'), river, at('2026-05-01T03:00Z'), {
			waterC: 9,
			airC: 12,
			dull: true,
			windMs: 1
		});
		expect(dull.emerging).toBeGreaterThan(0.6);
		expect(bright.emerging).toBeLessThan(dull.emerging);
		expect(night.emerging).toBeLessThan(0.02);
	});

	it('keeps spinners from flying in a strong wind', () => {
		const evening = at('2026-05-01T16:20Z');
		const calm = activityOf(must('baetis'), river, evening, { waterC: 9, airC: 12, dull: false, windMs: 1 });
		const windy = activityOf(must('baetis'), river, evening, { waterC: 9, airC: 12, dull: false, windMs: 9 });
		expect(calm.flying).toBeGreaterThan(0.5);
		expect(windy.flying).toBe(0);
	});
});

describe('looking things up', () => {
	const ids = (query: Parameters<typeof searchAtlas>[0]) => searchAtlas(query).map(({ id }) => id);

	it('finds a taxon by either name, in part and misspelt', () => {
		expect(ids({ words: 'grannom' })[0]).toBe('brachycentrus');
		expect(ids({ words: 'brachyc' })[0]).toBe('brachycentrus');
		expect(ids({ words: 'granom' })).toContain('brachycentrus');
		expect(ids({ words: 'zzz' })).toEqual([]);
	});

	it('finds every insect that a local name means, with where it is so called', () => {
		expect(ids({ words: 'green drake' }).slice(0, 2).sort()).toEqual(['drunella', 'ephemera']);
		expect(namesFound('green drake', 'drunella')).toContainEqual({
			name: 'green drake',
			taxonId: 'drunella',
			regions: ['western-na']
		});
		const [drake] = namesFound('green drake', 'ephemera');
		expect(drake && alsoCalled(drake).map(({ taxonId }) => taxonId)).toEqual(['drunella']);
	});

	it('finds an insect by what a guide calls it', () => {
		const names = [{ id: '1', taxonId: 'sialis', name: 'the brown roof', mine: true }];
		expect(searchAtlas({ words: 'brown roof' }, names)[0]?.id).toBe('sialis');
		expect(ids({ words: 'brown roof' })[0]).not.toBe('sialis');
	});

	it('shows every insect that a name may mean', () => {
		const olives = ids({ words: 'olive' });
		expect(olives).toEqual(expect.arrayContaining(['baetis', 'cloeon', 'serratella', 'acentrella']));
	});

	it('narrows by group, stage, water and month', () => {
		expect(ids({ group: 'crustacean', region: 'new-zealand' })).toEqual([
			'daphnia',
			'paranephrops',
			'paracalliope',
			'atyidae'
		]);
		expect(ids({ stage: 'fry', region: 'patagonia' })).toEqual(['salmonidae', 'galaxias']);
		const february = ids({ month: 2, group: 'stonefly' });
		expect(february).toContain('capnia');
		expect(february).not.toContain('perla');
		for (const taxon of searchAtlas({ water: 'lake', group: 'mayfly' }))
			expect(taxon.waters.lake).toBeGreaterThan(0);
	});

	it('tells a taxon’s year month by month, highest near its peak', () => {
		const year = yearOf(must('ephemera'));
		expect(year).toHaveLength(12);
		expect(year.indexOf(Math.max(...year))).toBeGreaterThanOrEqual(4);
		expect(year[0]).toBeLessThan(0.01);
	});
});

describe('a name as somebody wrote it', () => {
	const named = (name: string) => taxaNamed(name).map(({ id }) => id);

	it.each([
		['baetis', 'baetis'],
		['BAETIS', 'baetis'],
		['Baetis sp.', 'baetis'],
		['Baetis  rhodani', 'baetis'],
		['olives', 'baetis'],
		['creeper', 'perla'],
		['Grannom', 'brachycentrus']
	])('“%s” is %s', (name, id) => {
		expect(named(name)).toContain(id);
	});

	it('is that of several where it is used for several, and of none where nobody uses it', () => {
		expect(named('green drake').length).toBeGreaterThan(1);
		expect(named('zyxw')).toEqual([]);
		expect(named('  ')).toEqual([]);
	});

	it('finds every taxon by its id and by its scientific name', () => {
		for (const { id, scientificName } of TAXA) {
			expect(named(id)).toEqual([id]);
			expect(named(scientificName)).toContain(id);
		}
	});
});
