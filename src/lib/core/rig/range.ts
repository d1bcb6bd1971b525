/** From where to where something may be asked for, with its unit. */
export interface Range {
	least: number;
	most: number;
	unit: string;
}

/** @throws RangeError naming the field, when its value is outside; what is left out passes */
export function check(field: string, value: number | undefined, { least, most, unit }: Range): void {
	if (value === undefined) return;
	if (!(value >= least && value <= most))
		throw new RangeError(`${field} is ${value}${unit}; use ${least} to ${most}${unit}.`);
}

/** Winds and depths that anybody fishes in. */
export const WIND_MS: Range = { least: 0, most: 25, unit: ' m/s' };
export const DEPTH_M: Range = { least: 0.5, most: 15, unit: ' m' };
