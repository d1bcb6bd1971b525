import { findTaxon } from '../atlas';
import { flyWords } from '../note';
import type { HatchRecord } from '../record';

/** The columns of a records table, units in their names; documented in docs/formats.md. */
export const RECORD_COLUMNS = [
	'record_id',
	'day',
	'time_zone',
	'first_seen',
	'most_seen',
	'last_seen',
	'taxon_id',
	'scientific_name',
	'common_name',
	'stage',
	'how_many',
	'length_mm',
	'water_c',
	'air_c',
	'sky',
	'wind_ms',
	'clarity_m',
	'surface',
	'current_ms',
	'level_m',
	'rise_forms',
	'taken_probability',
	'flies',
	'words',
	'basin',
	'water',
	'reach',
	'latitude_deg',
	'longitude_deg'
] as const;
type Column = (typeof RECORD_COLUMNS)[number];

/** One record as cells, in the order of the columns; instants in ISO 8601, UTC. */
export function recordCells(id: string, record: HatchRecord): string[] {
	const { conditions: c, place } = record;
	const taxon = findTaxon(record.taxonId);
	const cells: Record<Column, string | number | undefined> = {
		record_id: id,
		day: record.day,
		time_zone: record.timeZone,
		first_seen: record.firstSeen.toISOString(),
		most_seen: record.mostSeen.toISOString(),
		last_seen: record.lastSeen.toISOString(),
		taxon_id: record.taxonId,
		scientific_name: taxon?.scientificName,
		common_name: taxon?.commonName,
		stage: record.stage,
		how_many: record.abundance,
		length_mm: record.lengthMm,
		water_c: c.waterC,
		air_c: c.airC,
		sky: c.sky,
		wind_ms: c.windMs,
		clarity_m: c.clarityM,
		surface: c.surface,
		current_ms: c.speedMs,
		level_m: c.levelM,
		rise_forms: record.riseForms.map(({ form, count }) => `${form} ${count}`).join('; '),
		taken_probability: record.taken,
		flies: record.flies
			.map((fly) => `${flyWords(fly)} #${fly.hookSize} ${fly.outcome} ${fly.times}`)
			.join('; '),
		words: record.words,
		basin: place.basin,
		water: place.water,
		reach: place.reach,
		latitude_deg: place.latitude,
		longitude_deg: place.longitude
	};
	return RECORD_COLUMNS.map((column) => plainCell(cells[column]));
}

/** Text that no spreadsheet takes for a formula: what begins like one is led by an apostrophe. */
function plainCell(value: string | number | undefined): string {
	if (value === undefined) return '';
	if (typeof value === 'number') return String(value);
	return /^[=+\-@\t\r]/.test(value) ? `'${value}` : value;
}

/** A line of CSV (RFC 4180), with its line end. */
export function csvLine(cells: readonly string[]): string {
	return `${cells.map((cell) => (/[",\r\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join(',')}\r\n`;
}
