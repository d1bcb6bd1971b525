import { expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { LIFE_STAGES, TAXA } from '../atlas';
import { likenessOf, outlineLikeness, SCHOOL, SCHOOLS, silhouetteOf, variantOf } from '../likeness';
import { hypothesesFor } from '../reading';
import { LIGHTS, SURFACES } from '../vocabulary';
import { OUTLINES, PATTERNS } from '../tackle';
import { compareSchools } from './compare';
import { fitnessFor, flyWaterOf, lossesOf, type FlyWater } from './fitness';
import { pairFor } from './pair';
import { shortlist, stylesServing, type FlyChoice } from './shortlist';
import { startingSet } from './starting-set';

/**
 * Likeness, fitness and choices worked through, printed into worked.txt; a number that is changed shows there as a
 * difference, to be looked at before it is kept (`npx vitest run -u --project core worked`).
 */
const NOON = new Date('2026-05-19T11:30:00Z');
const digits = (value: number): string => String(Number(value.toPrecision(4)));
const FLIES = [...new Map(PATTERNS.map((pattern) => [pattern.style, pattern])).values()];
const told = ({ pattern, hookSize, score, expectedLikeness, fitness, because }: FlyChoice): string =>
	`${pattern.id} ${hookSize} ${digits(score)} ${digits(expectedLikeness)} ${digits(fitness)} ${because.map(({ id }) => id).join(' ')}`;

it('how alike flies and naturals are', async () => {
	const hypotheses = hypothesesFor(new Story(BROOK, NOON).outing()).filter((_, i) => i % 7 === 0);
	const lines = FLIES.flatMap((pattern) => {
		const variant = variantOf(pattern, pattern.sizes[0] ?? 14);
		return hypotheses.map((hypothesis) => {
			const { posture, size, outline, colour } = likenessOf(variant, hypothesis, SCHOOLS['posture-first']);
			const totals = SCHOOL.ids.map((id) => digits(likenessOf(variant, hypothesis, SCHOOLS[id]).total));
			return `${pattern.id} ${hypothesis.id}: ${[posture, size, outline, colour].map(digits).join(' ')}; ${totals.join(' ')}`;
		});
	});
	for (const one of OUTLINES)
		lines.push(`${one}: ${OUTLINES.map((other) => outlineLikeness(one, other)).join(' ')}`);
	for (const lengthMm of [9, 11, 13, 15])
		for (const stage of LIFE_STAGES)
			lines.push(
				`${stage} ${lengthMm}: ${silhouetteOf('terrestrial', stage, lengthMm)} ${silhouetteOf('mayfly', stage, lengthMm)}`
			);
	for (const taxon of TAXA.filter((_, i) => i % 5 === 0))
		for (const traits of taxon.stages)
			lines.push(
				`${taxon.id}/${traits.stage}: ${stylesServing(taxon, traits)
					.map(({ id }) => id)
					.join(' ')}`
			);
	await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('../likeness/worked.txt');
});

it('how well flies suit the water, and which are chosen', async () => {
	const usual: FlyWater = {
		surface: 'rippled',
		speedMs: 0.5,
		clarityM: 1.5,
		dim: false,
		windMs: 2,
		light: 'even',
		hunger: 0
	};
	const waters: FlyWater[] = [
		...SURFACES.flatMap((surface) => [0.2, 0.9, 1.4].map((speedMs) => ({ ...usual, surface, speedMs }))),
		...LIGHTS.flatMap((light) => [
			{ ...usual, light },
			{ ...usual, light, surface: 'broken' as const, dim: true }
		]),
		...[4.9, 6, 9].map((windMs) => ({ ...usual, windMs })),
		...[0.3, 0.49, 0.51].map((clarityM) => ({ ...usual, clarityM })),
		...[10, 16].map((smallestSeen) => ({ ...usual, smallestSeen })),
		{ ...usual, surface: 'broken', speedMs: 3, dim: true }
	];
	const lines = waters.flatMap((water) => [
		JSON.stringify(water),
		...FLIES.map((pattern) => {
			const variant = variantOf(pattern, pattern.sizes.at(-1) ?? 14);
			const losses = lossesOf(variant, water).map(
				({ rule, lost, says }) => `${rule} ${digits(lost)} ${says.id}`
			);
			return `  ${pattern.id}: ${digits(fitnessFor(variant, water))} ${losses.join(', ')}`;
		})
	]);
	const stories: Record<string, Story> = {
		brook: new Story(BROOK, NOON).rises('bulge', 5),
		'brook, silver': new Story(BROOK, NOON).weather({ light: 'silver', surface: 'rippled' }).rises('nose', 5),
		river: new Story(RIVER, NOON).weather({ surface: 'broken', speedMs: 0.9, clarityM: 0.4 }),
		greedy: new Story(BROOK, NOON).rises('splash', 14, 10),
		'rather greedy': new Story(BROOK, NOON).rises('splash', 13, 20),
		lake: new Story(LAKE, NOON).net('margin-strainer', ['chironomidae', 'pupa', 20]),
		caddis: new Story(RIVER, new Date('2026-06-20T20:00:00Z')).saw('hydropsyche', 'adult', {
			abundance: 'masses'
		})
	};
	for (const [name, story] of Object.entries(stories)) {
		const [outing, reading] = [story.outing(), story.read()];
		const all = shortlist(outing, reading, { most: 400 });
		const box = all
			.slice(3, 30)
			.map(({ pattern, hookSize }) => ({ patternId: pattern.id, hookSize, count: 2 }));
		const poor = all
			.slice(60, 64)
			.map(({ pattern, hookSize }) => ({ patternId: pattern.id, hookSize, count: 1 }));
		const pair = pairFor(outing, reading);
		const small = pairFor(outing, reading, { box });
		lines.push(
			`${name}: ${JSON.stringify(flyWaterOf(outing))}`,
			...all.slice(0, 12).map((fly) => `  ${told(fly)}`),
			...shortlist(outing, reading, { box }).map((fly) => `  of the box ${told(fly)}`),
			...shortlist(outing, reading, { box: poor }).map((fly) => `  of a poor box ${told(fly)}`),
			...shortlist(outing, reading, { smallestSeen: 12, school: 'presentation-first' }).map(
				(fly) => `  seen ${told(fly)}`
			),
			...[pair, small].map((two) =>
				two
					? `  ${two.lead.pattern.id} and ${two.second.pattern.id}, ${two.fishes} ${digits(two.expected)} ${digits(two.single)} ${two.worthIt} ${two.because.map(({ id }) => id).join(' ')}`
					: '  no pair'
			),
			...compareSchools(outing, reading).map(
				({ school, flies, placeOfFirst }) =>
					`  ${school}: ${flies.map(({ pattern }) => pattern.id).join(' ')} ${placeOfFirst}`
			)
		);
	}
	for (const month of [4, 7])
		lines.push(
			startingSet(BROOK, 2026, month, 'Europe/Zurich')
				.map(({ patternId, hookSize, count }) => `${count} ${patternId} ${hookSize}`)
				.join(', ')
		);
	await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('worked.txt');
});
