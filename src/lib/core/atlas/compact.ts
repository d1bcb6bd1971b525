import type { Anatomy } from './anatomy';
import type { Movement } from './movements';
import type { ShadeName } from './shades';
import type { ColumnZone, LifeStage } from './stages';
import type { Hours, HourWindow, Season, StageTraits, Taxon } from './taxon';

/** One line of a stage table: stage, least-typical-most body length in mm, belly, back, wing, and what differs. */
export type StageRow = readonly [
	stage: LifeStage,
	lengthMm: readonly [least: number, typical: number, most: number],
	belly: ShadeName,
	back: ShadeName,
	wing?: ShadeName | undefined,
	differs?: { anatomy?: Partial<Anatomy>; zone?: ColumnZone; moves?: Movement }
];

/** A stage table as the atlas keeps it. */
export function stages(rows: readonly StageRow[]): StageTraits[] {
	return rows.map(([stage, [least, typical, most], belly, back, wing, differs]) => ({
		stage,
		lengthMm: { least, typical, most },
		belly,
		back,
		...(wing && { wing }),
		...differs
	}));
}

/** Broods as begins-peaks-ends, in days of the year. */
export const seasons = (...rows: readonly (readonly [number, number, number])[]): Season[] =>
	rows.map(([begins, peaks, ends]) => ({ begins, peaks, ends }));

const windows = (rows: readonly (readonly [number, number, number])[]): HourWindow[] =>
	rows.map(([from, peak, to]) => ({ from, peak, to }));

/** Hours in cold and in warm water, each window from-peak-to in solar hours. */
export const hours = (
	cool: readonly (readonly [number, number, number])[],
	warm: readonly (readonly [number, number, number])[]
): Hours => ({ cool: windows(cool), warm: windows(warm) });

/** Least, best from, best to and most water temperature in °C. */
export const water = (least: number, from: number, to: number, most: number): Taxon['waterC'] => ({
	least,
	best: [from, to],
	most
});

/** Hours that many taxa share. */
export const MIDDAY = hours([[10.5, 13, 16]], [[8, 10.5, 13]]);
export const AFTERNOON = hours([[11.5, 14, 17]], [[16, 18.5, 21]]);
export const EVENING = hours([[13, 16, 19]], [[18, 20.2, 22.3]]);
export const DAYLIGHT = hours([[9, 14, 18]], [[7, 14, 20]]);
export const NIGHT = hours([[3, 6, 9]], [[2, 4.5, 7]]);
