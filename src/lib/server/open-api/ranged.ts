import * as v from 'valibot';

/** A number within a range, with its unit in the words of the refusal. */
export const ranged = (least: number, most: number, unit: string) =>
	v.pipe(
		v.number('must be a number'),
		v.minValue(least, `is under ${least}${unit}`),
		v.maxValue(most, `is over ${most}${unit}`)
	);
