import { describe, expect, it } from 'vitest';
import { said } from '../../../../tests/support/said';
import type { Message } from '../message';
import { hiddenStances, type StandingPlace } from './hidden';
import { maySpawn } from './day';
import { wadingCaution, type WadingPlace } from './wading';

describe('hidden or seen', () => {
	const distances = (place: StandingPlace): Record<string, number> =>
		Object.fromEntries(hiddenStances(place).stances.map((one) => [one.posture, one.hiddenFromM]));
	const reasons = (because: readonly Message[]) => because.map((one) => said(one)).join(' ');

	it('kneeling may come nearer than standing, crouching nearer still; a bank lifts all of them', () => {
		const flat = distances({ depthM: 0.5 });
		const high = distances({ depthM: 0.5, bankM: 1 });
		expect(flat['standing']).toBeGreaterThan(flat['kneeling'] ?? 0);
		expect(flat['kneeling']).toBeGreaterThan(flat['crouching'] ?? 0);
		for (const posture of ['standing', 'kneeling', 'crouching'])
			// A metre of bank at ten degrees.
			expect((high[posture] ?? 0) - (flat[posture] ?? 0)).toBeCloseTo(5.67, 1);
	});

	it('who wades to the waist stands lower, and its legs are told of', () => {
		const { stances, because } = hiddenStances({ depthM: 0.5, wadeM: 0.9 });
		const wading = stances.find(({ posture }) => posture === 'wading');
		expect(wading?.heightM).toBeCloseTo(0.85, 6);
		expect(reasons(because)).toContain('Legs are seen');
		expect(reasons(hiddenStances({ depthM: 0.5 }).because)).not.toContain('Legs');
	});

	it('calls water coloured only where it is', () => {
		const told = (clarityM: number) => reasons(hiddenStances({ depthM: 0.5, clarityM }).because);
		expect(told(1)).toContain('Coloured');
		expect(told(6)).not.toContain('Coloured');
	});

	it('says where thick water hides everybody', () => {
		const [tallest] = hiddenStances({ depthM: 1.5, clarityM: 0.3 }).stances;
		expect(tallest && said(tallest.says)).toContain('hides you at any distance');
	});
});

describe('wading', () => {
	const word = (place: WadingPlace) => wadingCaution(place).word;
	it.each([
		['to the shin in a slow glide', { depthM: 0.3, speedMs: 0.3 }, 'fine'],
		['to the knee in a quick run', { depthM: 0.5, speedMs: 0.9 }, 'staff'],
		['to the thigh in a strong current', { depthM: 0.8, speedMs: 1.2 }, 'out'],
		['to the waist in a still bay', { depthM: 0.95, speedMs: 0.05 }, 'fine'],
		['to the chest in any water', { depthM: 1.2, speedMs: 0 }, 'out'],
		['shallow but racing', { depthM: 0.3, speedMs: 2.5 }, 'out']
	] as const)('%s', (_, place, expected) => {
		expect(word(place)).toBe(expected);
	});

	it('a product of 1.4 m²/s topples somebody of the middle (Abt et al. 1989)', () => {
		expect(wadingCaution({ depthM: 1, speedMs: 0.3 }).share).toBeCloseTo(0.3 / 1.356, 2);
	});

	it('rising or cold water and failing light ask for more', () => {
		const place = { depthM: 0.6, speedMs: 0.6 };
		expect(word(place)).toBe('fine');
		expect(word({ ...place, rising: true })).toBe('staff');
		expect(word({ ...place, waterC: 4 })).toBe('staff');
		expect(word({ ...place, lightMin: 20 })).toBe('staff');
		expect(
			wadingCaution({ ...place, rising: true })
				.because.map((one) => said(one))
				.join(' ')
		).toContain('turn back');
	});

	it('speaks of spawning where trout may', () => {
		const told = (spawning: boolean) =>
			wadingCaution({ depthM: 0.3, speedMs: 0.3, spawning })
				.because.map((one) => said(one))
				.join(' ');
		expect(told(true)).toContain('keep off clean, pale gravel');
		expect(told(false)).not.toContain('gravel');
		const river = { latitude: 47, longitude: 0, elevationM: 500, water: 'freestone' } as const;
		const months = (place: Parameters<typeof maySpawn>[0]) =>
			Array.from({ length: 12 }, (_, month) => maySpawn(place, new Date(Date.UTC(2026, month, 15))));
		expect(months(river).flatMap((spawns, month) => (spawns ? [] : [month]))).toEqual([1, 5, 6, 7, 8]);
		expect(months({ ...river, latitude: -40 })[3]).toBe(true);
		expect(months({ ...river, water: 'lake' })).not.toContain(true);
	});

	it('never gets safer by depth, by speed, or for a lighter person', () => {
		for (let depthM = 0.1; depthM < 1; depthM += 0.1)
			for (let speedMs = 0.1; speedMs < 2; speedMs += 0.2) {
				const { share } = wadingCaution({ depthM, speedMs });
				expect(wadingCaution({ depthM: depthM + 0.05, speedMs }).share).toBeGreaterThan(share);
				expect(wadingCaution({ depthM, speedMs: speedMs + 0.1 }).share).toBeGreaterThan(share);
				expect(wadingCaution({ depthM, speedMs, massKg: 50 }).share).toBeGreaterThan(share);
			}
	});

	it('defers to the guide, and names what is out of range', () => {
		expect(said(wadingCaution({ depthM: 0.2, speedMs: 0.1 }).because.at(-1))).toContain('local rules');
		expect(() => wadingCaution({ depthM: -1, speedMs: 0 })).toThrow('depthM is -1');
		expect(() => wadingCaution({ depthM: 1, speedMs: Infinity })).toThrow('speedMs');
	});
});
