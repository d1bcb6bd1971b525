import * as v from 'valibot';
import { fault, words } from '../message';
import { REGIONS_TO_SET } from './region';
import { WATER_KINDS } from './taxon';

const says = words('place', { range: 'must be a number from {least} to {most}{unit}' });
const within = (least: number, most: number, unit: string) => {
	const wrong = fault(says('range', { least: String(least), most: String(most), unit }));
	return v.pipe(v.number(wrong), v.minValue(least, wrong), v.maxValue(most, wrong));
};

/** Where an outing is, as far as computing needs it. Degrees north and east; height in metres. */
export const PlaceSchema = v.object({
	latitude: within(-66, 72, '°'),
	longitude: within(-180, 180, '°'),
	elevationM: within(-400, 5500, ' m'),
	water: v.picklist(WATER_KINDS),
	/** Set by hand; left out, it follows from the position. */
	region: v.exactOptional(v.picklist(REGIONS_TO_SET))
});
export type Place = v.InferOutput<typeof PlaceSchema>;
