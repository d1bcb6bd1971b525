/** A line as a reach keeps it: longitude before latitude, degrees, as it flows. */
export type Line = readonly (readonly [longitude: number, latitude: number])[];

const POINT = /^\s*([-−]?\d+(?:[.,]\d+)?)\s*°?\s*[;,\s]\s*([-−]?\d+(?:[.,]\d+)?)\s*°?\s*$/;
const NORTH_MOST = 90;
const EAST_MOST = 180;

/** Points written one to a row, latitude before longitude: `47.17, -20.33`. */
export const writtenLine = (line: Line): string =>
	line.map(([longitude, latitude]) => `${latitude}, ${longitude}`).join('\n');

/** Reads points as `writtenLine` writes them; or the number of the first row that holds none, from 1. */
export function readLine(text: string): { line: Line } | { wrongRow: number } {
	const line: [number, number][] = [];
	for (const [i, row] of text.split('\n').entries()) {
		if (row.trim() === '') continue;
		const [latitude, longitude] = (POINT.exec(row)?.slice(1) ?? []).map((number) =>
			Number(number.replace('−', '-').replace(',', '.'))
		);
		if (latitude === undefined || longitude === undefined) return { wrongRow: i + 1 };
		if (Math.abs(latitude) > NORTH_MOST || Math.abs(longitude) > EAST_MOST) return { wrongRow: i + 1 };
		line.push([longitude, latitude]);
	}
	return { line };
}
