import { expect, it } from 'vitest';
import { LIES, SURFACES } from '../vocabulary';
import { leaderFor, planDepth, tippetLedger, type RigFor } from './leader';
import { TIPPET } from './leader-rules';
import { seenBy } from './seen';
import { depthPosterior, lineFor, windDrift } from './still-water';
import { winterWindow } from './winter';

/**
 * Leaders, lines and patience worked through, printed into worked.txt; a number that is changed shows there as a
 * difference, to be looked at before it is kept (`npx vitest run -u --project core worked`).
 */
const digits = (value: number): string => String(Number(value.toPrecision(4)));

it('leaders, lines and patience', async () => {
	const lines: string[] = [];
	const leader = (given: RigFor) => {
		const { lengthM, tippetX, parts, strengthN, secondM, because, knots } = leaderFor(given);
		lines.push(
			`${JSON.stringify(given)}: ${digits(lengthM)} m, ${tippetX}X; ${parts.map((part) => `${digits(part.lengthM)} m of ${digits(part.diameterMm)}`).join(', ')}; ${strengthN.map(digits).join(' to ')} N${secondM ? `; second ${secondM.least} to ${secondM.most}` : ''}; ${[...because, ...knots].map(({ id }) => id).join(' ')}`
		);
	};
	for (const hookSize of [8, 14, 18, 24])
		for (const clarityM of [0.3, 0.7, 1.3, 2.6]) {
			leader({ hookSize, clarityM });
			leader({ hookSize, clarityM, bulky: true });
			leader({ hookSize, clarityM, school: 'never-too-fine' });
		}
	for (const surface of SURFACES)
		for (const speedMs of [0.1, 0.4, 0.7, 1])
			for (const windMs of [1, 4, 7]) leader({ hookSize: 16, surface, speedMs, windMs, clarityM: 2 });
	for (const school of TIPPET.ids)
		for (const fish of ['small', 'middling', 'large'] as const)
			leader({ hookSize: 18, fish, school, surface: 'glassy', speedMs: 0.1 });
	for (const second of ['flush', 'hanging', 'nymph'] as const) leader({ hookSize: 12, second });
	for (const rodM of [2.1, 2.7, 3.6])
		leader({ hookSize: 20, rodM, surface: 'glassy', windMs: 0, clarityM: 3 });

	for (const more of [
		{ tight: true },
		{ weed: true },
		{ waterC: 15.9 },
		{ waterC: 16.1 },
		{ fiveXBreaksN: 20 },
		{ rodM: 2.1 },
		{ leader: 'as-it-turns-over', surface: 'glassy', windMs: 0 } as const
	])
		leader({ hookSize: 16, clarityM: 2, ...more });

	for (const depthM of [1, 4, 7, 11]) {
		const { leaderM, depthsM, countdownS, because } = planDepth(depthM, 3);
		lines.push(
			`depth ${depthM}: ${digits(leaderM)}; ${depthsM.map(digits).join(' ')}; ${Object.values(countdownS).map(digits).join(' ')}; ${because.map(({ id }) => id).join(' ')}`
		);
		for (const windMs of [0, 4, 8])
			lines.push(
				`  wind ${windMs}: ${JSON.stringify(lineFor(leaderM, windMs))} ${digits(windDrift(windMs, 230).metresAMinute)}`
			);
		for (const tried of [
			[],
			[{ depthM: depthM / 2, takes: 2, effort: 20 }],
			[{ depthM: depthM - 0.2, takes: 0, effort: 40 }]
		])
			lines.push(
				`  ${JSON.stringify(tried)}: ${depthPosterior(depthM, tried)
					.map(({ probability }) => digits(probability))
					.join(' ')}`
			);
	}
	for (const waterC of [4, 7.9, 8.1])
		for (const solarHour of [11.4, 11.6, 14.4, 14.6])
			for (const more of [
				{},
				{ warmingC: 0.4 },
				{ warmingC: 0.6 },
				{ sky: 'rain' },
				{ sky: 'clear' },
				{ clarityM: 0.7 },
				{ clarityM: 0.9 }
			] as const) {
				const window = winterWindow({ waterC, windMs: 4.9, solarHour, ...more });
				lines.push(
					`winter ${waterC} ${solarHour} ${JSON.stringify(more)}: ${window ? `${window.naturals} ${digits(window.sure)} ${window.because.map(({ id }) => id).join(' ')}` : 'not wintry'}`
				);
			}
	for (const windMs of [4.9, 5.1])
		lines.push(
			`winter wind ${windMs}: ${winterWindow({ waterC: 5, windMs, solarHour: 13, warmingC: 1, sky: 'clear', clarityM: 2 })?.naturals}`
		);

	for (const lie of [undefined, ...LIES])
		for (const holding of ['on-station', 'cruising'] as const)
			for (const rhythm of [
				undefined,
				{ medianS: 12, kind: 'on-station', sure: 0.9 },
				{ medianS: 80, kind: 'wandering', sure: 0.7 },
				{ medianS: 12, kind: 'on-station', sure: 0.55 }
			] as const) {
				const { chance, perDrift, until80 } = seenBy(6, { lie, holding, rhythm });
				lines.push(
					`seen ${lie} ${holding} ${rhythm?.kind} ${rhythm?.sure}: ${digits(chance)} ${digits(perDrift)} ${until80}`
				);
			}
	lines.push(
		JSON.stringify(seenBy(2, { lie: 'margin', rhythm: { medianS: 1, kind: 'on-station', sure: 1 } })),
		JSON.stringify(tippetLedger(1, 3, 0.12, 0.7))
	);
	await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('worked.txt');
});
