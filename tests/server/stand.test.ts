import { beforeAll, describe, expect, it } from 'vitest';
import { send, type App } from './app';
import { openDemo } from './house';

let app: App;
beforeAll(async () => {
	app = await openDemo({ API_PER_MINUTE: '60' });
});

describe('where to stand, for programs', () => {
	it('says how near one may come unseen, and what speaks of wading; what is out of range is named', async () => {
		const response = await send(app, '/api/v1/approach', {
			depthM: 0.5,
			wadeM: 0.9,
			speedMs: 1.3,
			rising: true
		});
		expect(response.status).toBe(200);
		const { windowM, stances, wading } = await response.json();
		expect(windowM).toBeCloseTo(0.567, 3);
		expect(stances[0]).toMatchObject({ posture: 'standing', heightM: 1.75 });
		expect(stances[0].hiddenFromM).toBeCloseTo(10.47, 1);
		expect(wading.word).toBe('out');
		expect((await (await send(app, '/api/v1/approach', { depthM: 0.5 })).json()).wading).toBeUndefined();
		for (const [field, body] of Object.entries({
			depthM: { depthM: -1 },
			wadeM: { depthM: 1, wadeM: 'knee' }
		})) {
			const wrong = await send(app, '/api/v1/approach', body);
			expect(wrong.status).toBe(422);
			expect((await wrong.json()).error.issues[0].field).toBe(field);
		}
	});

	it('ranks stances for a fish in lanes, and says where fish hold, what wind fills, when to strike, and whom first', async () => {
		const lanes = [
			{ widthM: 2, depthM: 0.4, speedMs: 0.2 },
			{ widthM: 3, depthM: 0.7, speedMs: 0.6 },
			{ widthM: 2, depthM: 0.5, speedMs: 0.3 }
		];
		const asked = {
			depthM: 0.4,
			lanes,
			flowDeg: 180,
			lane: 3,
			waterC: 12,
			windMs: 5,
			windFromDeg: 270,
			form: 'nose'
		};
		const fish = [
			{ id: 'up', upM: 9 },
			{ id: 'low', upM: 0 }
		];
		const response = await send(app, '/api/v1/approach', { ...asked, fish, castM: 0.3 });
		expect(response.status).toBe(200);
		const { ranked, lies, wind, landing, lanesWorth, inTurn } = await response.json();
		expect(ranked.length).toBeGreaterThanOrEqual(3);
		expect(ranked.map(({ chance }: { chance: number }) => chance)).toEqual(
			ranked.map(({ chance }: { chance: number }) => chance).toSorted((a: number, b: number) => b - a)
		);
		expect(ranked[0].strike.waitS).toBeGreaterThan(0.3);
		expect(lies[0].because.length).toBeGreaterThan(0);
		expect(wind.fills).toBe('left');
		expect(landing.short).toBe(true);
		expect(lanesWorth).toHaveLength(3);
		expect(inTurn[0].id).toBe('low');
		for (const [field, body] of Object.entries({
			'lanes.0.widthM': { lanes: [{ widthM: 0, depthM: 1, speedMs: 1 }] },
			lanes: { lanes: [] },
			flowDeg: { ...asked, flowDeg: 400 },
			'fish.0.id': { fish: [{ id: '' }] }
		})) {
			const wrong = await send(app, '/api/v1/approach', body);
			expect(wrong.status).toBe(422);
			expect((await wrong.json()).error.issues[0].field).toBe(field);
		}
	});

	it('sends nobody into lanes that sweep people away, however shallow the fish lies', async () => {
		const lanes = Array.from({ length: 3 }, () => ({ widthM: 4, depthM: 0.9, speedMs: 1.8 }));
		const asked = { depthM: 0.3, speedMs: 0.3, lanes, lane: 2 };
		const { ranked } = await (await send(app, '/api/v1/approach', asked)).json();
		expect(ranked.length).toBeGreaterThan(0);
		expect(ranked.map(({ wadeM }: { wadeM?: number }) => wadeM)).toEqual(ranked.map(() => undefined));
	});

	it('weighs what came of a side before, and fish beside it', async () => {
		const asked = { depthM: 0.4, reachKind: 'run', lane: 3 };
		const chances = async (more: object) => {
			const { ranked } = await (await send(app, '/api/v1/approach', { ...asked, ...more })).json();
			return Object.fromEntries(
				ranked.map(({ stance, chance }: { stance: string; chance: number }) => [stance, chance])
			);
		};
		const plain = await chances({});
		const later = await chances({ earlier: { below: { drifts: 8, putDown: 1 } } });
		expect(later.below).toBeLessThan(plain.below);
		expect(later.across).toBe(plain.across);
		expect((await chances({ others: [{ upM: -3, acrossM: 5 }] })).below).toBeLessThanOrEqual(plain.below);
	});

	it('follows a drift: held off the water it drags after √(L² − W²)/U, and where the line lies is told', async () => {
		const asked = {
			lanes: [{ widthM: 30, depthM: 1, speedMs: 0.5 }],
			tip: { alongM: 0, acrossM: 1 },
			fly: { alongM: 0, acrossM: 9 },
			lineM: 10,
			heldM: 10,
			followM: 0
		};
		const response = await send(app, '/api/v1/drift', { ...asked, everyS: 1 });
		expect(response.status).toBe(200);
		const { freeS, heldFreeS, drags, frames } = await response.json();
		expect(heldFreeS).toBeCloseTo(12, 6);
		expect(freeS).toBeCloseTo(12, 0);
		expect(drags).toBe(true);
		expect(frames[0].line.at(-1)).toEqual({ alongM: 0, acrossM: 9 });
		expect((await (await send(app, '/api/v1/drift', { ...asked, heldM: 0 })).json()).freeS).toBeLessThan(10);
		for (const [field, body] of Object.entries({
			lineM: { ...asked, lineM: 5 },
			fly: { ...asked, fly: asked.tip },
			lanes: { ...asked, lanes: undefined }
		})) {
			const wrong = await send(app, '/api/v1/drift', body);
			expect(wrong.status).toBe(422);
			expect((await wrong.json()).error.issues[0].field).toBe(field);
		}
	});
});
