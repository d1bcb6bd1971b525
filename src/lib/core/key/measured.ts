import { colourDifference, SHADES, type Lab, type ShadeName } from '../atlas';
import type { Answer } from './answer';
import { COLOUR_FAMILIES, familyOf, type ColourFamily } from './colour-family';
import { LENGTH_BANDS } from './mark';

/** What was measured of one animal: body length in mm, and colours as CIELAB. */
export interface MeasuredAnimal {
	lengthMm?: number;
	belly?: Lab;
	wing?: Lab;
}

/** A colour further from every word than this is none of them (CIEDE2000). */
const MOST_APART = 18;

/**
 * What was measured of an animal as answers to the key, so that it goes on from there: the length as the band it lies
 * in, a colour as the plain word for the nearest shade. How often such an answer is wrong, the key knows of its marks.
 *
 * `measuredAnswers({ lengthMm: 7.2 })` is `[{ mark: 'length', state: '9' }]`.
 *
 * @throws RangeError for a length that is no positive number
 */
export function measuredAnswers({ lengthMm, belly, wing }: MeasuredAnimal): Answer[] {
	const answers: Answer[] = [];
	if (lengthMm !== undefined) {
		if (!(lengthMm > 0)) throw new RangeError(`${lengthMm} mm is no length of a body.`);
		const band = Object.entries(LENGTH_BANDS).find(([, { toMm }]) => lengthMm < toMm)?.[0];
		if (band !== undefined) answers.push({ mark: 'length', state: band });
	}
	for (const [mark, colour] of [
		['belly', belly],
		['wing-colour', wing]
	] as const) {
		const family = colour && nearestFamily(colour);
		if (family) answers.push({ mark, state: family });
	}
	return answers;
}

function nearestFamily(colour: Lab): ColourFamily | undefined {
	let [nearest, apart]: [ShadeName | undefined, number] = [undefined, MOST_APART];
	for (const [name, shade] of Object.entries(SHADES) as [ShadeName, Lab][]) {
		const own = colourDifference(colour, shade);
		if (own < apart) [nearest, apart] = [name, own];
	}
	const family = nearest && familyOf(nearest);
	return family !== undefined && family in COLOUR_FAMILIES ? family : undefined;
}
