import { type Outing, weatherOf } from '../outing';
import { words, type Message } from '../message';
import { believed, type Reading } from '../reading';
import { inWater, STYLES, usualWeighting } from '../tackle';
import { TWO_NYMPHS } from './choice-tables';
import type { FlyChoice } from './shortlist';

const says = words('nymphs', {
	heavy: 'The heavy one takes both down; the light one swims freely.',
	cold: 'Cold water of {water}: fish hold near the bed, the heavy fly on the point goes by them.',
	bed: 'What is eaten lives on the bed: the heavy fly on the point.',
	ripe: 'What comes up is eaten: the light fly trails, and rises at the end of the drift.'
});

/** A heavy and a light nymph, and which of them is on the point. */
export interface NymphPair {
	lead: FlyChoice;
	second: FlyChoice;
	fishes: 'heavy-point' | 'light-trails';
	expected: number;
	because: Message[];
}

/**
 * One heavy and one light nymph that together serve the reading best. On the point goes the heavy one where the water
 * is cold or food is on the bed; the light one where what comes up is eaten.
 *
 * @param expectedOf likeness over the reading of one fly, or of the better of two
 */
export function twoNymphs(
	flies: readonly FlyChoice[],
	outing: Outing,
	reading: Reading,
	expectedOf: (fly: FlyChoice, other?: FlyChoice) => number
): NymphPair | undefined {
	const { heavier, coldC, risesFrom } = TWO_NYMPHS.values;
	let best: { heavy: FlyChoice; light: FlyChoice; expected: number } | undefined;
	for (const heavy of flies)
		for (const light of flies) {
			if (heavy.pattern.id === light.pattern.id || weightN(heavy) < heavier * weightN(light)) continue;
			const expected = expectedOf(heavy, light);
			if (!best || expected > best.expected) best = { heavy, light, expected };
		}
	if (!best) return undefined;
	const { heavy, light, expected } = best;
	const rising = believed(reading, ({ zone }) => zone === 'under-film' || zone === 'in-film');
	const { waterC } = weatherOf(outing);
	const cold = waterC < coldC;
	if (cold || rising < risesFrom)
		return {
			lead: light,
			second: heavy,
			fishes: 'heavy-point',
			expected,
			because: [says('heavy'), cold ? says('cold', { water: { temperatureC: waterC } }) : says('bed')]
		};
	return {
		lead: heavy,
		second: light,
		fishes: 'light-trails',
		expected,
		because: [says('heavy'), says('ripe')]
	};
}

/** Weight under water of a fly with its usual bead, N. */
function weightN({ pattern, dressedMm }: FlyChoice): number {
	const style = STYLES[pattern.style];
	return inWater(style, dressedMm, usualWeighting(style, dressedMm)).submergedN;
}
