import { said } from '../../../../tests/support/said';
import { describe, expect, it } from 'vitest';
import { expectDay, ribbonName } from './day';
import { daylightOf } from './daylight';
import { usualWaterC, waterCAt } from './water-temperature';
import { expectedWindows } from './windows';
import { yearOfTaxon } from './year';
import {
	findTaxon,
	referencePlace,
	replacedElsewhere,
	seasonWeight,
	TAXA,
	type Place,
	type WaterKind
} from '../atlas';

const river: Place = {
	latitude: 47.17,
	longitude: -20.33,
	elevationM: 720,
	water: 'freestone',
	region: 'western-europe'
};
const may = new Date('2026-05-19T12:00:00Z');
const from = new Date('2026-05-19T05:00:00Z');
const to = new Date('2026-05-19T23:00:00Z');

describe('water temperature to expect', () => {
	it('is warmest in the afternoon and in July, and moves little below a dam', () => {
		const at = (iso: string, place = river) => usualWaterC(place, new Date(iso));
		expect(at('2026-05-19T16:50:00Z')).toBeGreaterThan(at('2026-05-19T05:00:00Z') + 2);
		expect(at('2026-07-20T12:00:00Z')).toBeGreaterThan(at('2026-02-01T12:00:00Z') + 8);
		const dam: Place = { ...river, water: 'tailwater' };
		expect(at('2026-05-19T16:50:00Z', dam) - at('2026-05-19T05:00:00Z', dam)).toBeLessThan(1.1);
	});

	it('passes through what was measured', () => {
		expect(waterCAt(river, may, { waterC: 9.8, at: may })).toBeCloseTo(9.8, 9);
		expect(waterCAt(river, new Date('2026-05-19T16:50:00Z'), { waterC: 9.8, at: may })).toBeGreaterThan(9.8);
	});
});

describe('the day to expect', () => {
	const day = expectDay(river, from, to, { dull: true, windMs: 2 }, [{ waterC: 9.8, at: may }]);

	it('shows a handful of hatches, strongest first, none of them of another season', () => {
		expect(day.ribbons.length).toBeGreaterThan(1);
		expect(day.ribbons.length).toBeLessThanOrEqual(5);
		const peaks = day.ribbons.map(({ strength }) => Math.max(...strength));
		expect(peaks).toEqual([...peaks].sort((a, b) => b - a));
		expect(day.ribbons.map(({ taxonId }) => taxonId)).not.toContain('capnia');
		expect(day.ribbons.map((ribbon) => said(ribbonName(ribbon)))).toContain('olive');
	});

	it('puts the spring hatch in the warm hours', () => {
		const olives = day.ribbons.find(({ taxonId, what }) => taxonId === 'baetis' && what === 'emerging');
		expect(olives?.peakAt.getUTCHours()).toBeGreaterThanOrEqual(13);
		expect(olives?.peakAt.getUTCHours()).toBeLessThanOrEqual(16);
	});

	it('knows the light of a May day at 47° north', () => {
		const { sunrise, sunset } = daylightOf(river, may);
		if (!sunrise || !sunset) throw new Error('no sun');
		const hours = (sunset.getTime() - sunrise.getTime()) / 3_600_000;
		expect(hours).toBeGreaterThan(15);
		expect(hours).toBeLessThan(15.7);
	});
});

describe('the year of an insect', () => {
	const taxon = (id: string) => {
		const found = findTaxon(id);
		if (!found) throw new Error(`no ${id}`);
		return found;
	};

	it('has broods in order, with dates of the hemisphere and warmth that grows', () => {
		const olives = yearOfTaxon(taxon('baetis'), 'western-europe', 2025);
		expect(olives.allYear).toBe(false);
		const peaks = olives.broods.map((brood) => brood.peaks.getTime());
		expect(peaks).toEqual([...peaks].sort((a, b) => a - b));
		for (const { begins, peaks: most, ends } of olives.broods)
			expect(begins < most && most < ends).toBe(true);
		const ofTheYear = olives.broods.filter(({ waters }) => !waters);
		expect(ofTheYear.length).toBeGreaterThan(1);
		for (const { gathered } of ofTheYear)
			expect(gathered?.atItsMost).toBeGreaterThan(gathered?.whenItBegins ?? Infinity);
		const [southern] = yearOfTaxon(taxon('deleatidium'), 'new-zealand', 2025).broods;
		expect([8, 9, 10, 11, 0, 1]).toContain(southern?.peaks.getUTCMonth());
	});

	it('goes on through the winter below dams, and nowhere else', () => {
		const winter = new Date('2026-01-20T12:30:00Z');
		const met = (water: WaterKind) =>
			seasonWeight(taxon('baetis'), referencePlace('western-na', water), winter);
		expect(met('tailwater')).toBeGreaterThan(0.9);
		expect(met('spring-creek')).toBeLessThan(0.2);
		expect(met('freestone')).toBeLessThan(0.2);
		const [told] = yearOfTaxon(taxon('baetis'), 'western-na', 2025).broods.filter(({ waters }) => waters);
		expect(told?.waters).toEqual(['tailwater']);
		expect(told?.gathered).toBeUndefined();
	});

	it('tells no warmth for land insects, and none for what is met all year', () => {
		expect(
			yearOfTaxon(taxon('acrididae'), 'western-na', 2025).broods.every(({ gathered }) => !gathered)
		).toBe(true);
		expect(yearOfTaxon(taxon('gammarus'), 'western-europe', 2025).allYear).toBe(true);
	});

	it('is taken elsewhere by what lives there, never by itself', () => {
		for (const { region, stands } of replacedElsewhere(taxon('baetis'), TAXA))
			for (const one of stands) {
				expect(one.lives).toContain(region);
				expect(one.id).not.toBe('baetis');
			}
		expect(replacedElsewhere(taxon('baetis'), TAXA).map(({ region }) => region)).toContain('new-zealand');
	});
});

describe('windows to expect on a day to come', () => {
	const windows = expectedWindows(river, '2026-05-19', 'Atlantic/South_Georgia');

	it('lie around their peaks, within the day, strongest first', () => {
		expect(windows.length).toBeGreaterThan(1);
		for (const { from, peakAt, to } of windows) {
			expect(from <= peakAt && peakAt <= to).toBe(true);
			expect(to.getTime() - from.getTime()).toBeLessThan(19 * 3_600_000);
		}
		expect(windows.map(({ strength }) => strength)).toEqual(
			windows.map(({ strength }) => strength).sort((a, b) => b - a)
		);
	});

	it('are fewer in the winter', () => {
		expect(expectedWindows(river, '2026-01-10', 'UTC', 9).length).toBeLessThan(
			expectedWindows(river, '2026-05-19', 'UTC', 9).length
		);
	});
});
