import Papa from 'papaparse';
import { findTaxon } from '../atlas';
import { ATTEMPT_OUTCOMES } from '../vocabulary';
import { instantWithOffset } from '../units';
import type { HatchRecord } from '../record';

/** The columns of a records table, units in their names; documented in docs/formats.md. */
export const RECORD_COLUMNS = [
	'record_id',
	'outing_id',
	'day',
	'time_zone',
	'first_seen',
	'most_seen',
	'last_seen',
	'not_before',
	'not_after',
	'taxon_id',
	'scientific_name',
	'common_name',
	'stage',
	'named_by',
	'how_sure',
	'how_many',
	'length_mm',
	'belly_lab',
	'hook_size',
	'water_c',
	'water_first_c',
	'water_last_c',
	'air_c',
	'sky',
	'wind_ms',
	'clarity_m',
	'surface',
	'current_ms',
	'level_m',
	'rise_forms',
	'taken_probability',
	'rivals',
	'leader_m',
	'tippet_x',
	'flies',
	'words',
	'basin',
	'water',
	'reach',
	'latitude_deg',
	'longitude_deg'
] as const;
export type RecordColumn = (typeof RECORD_COLUMNS)[number];

/** One record as cells, in the order of the columns; instants in ISO 8601, by the clock of the water with its offset. */
export function recordCells(id: string, outingId: string, record: HatchRecord): string[] {
	const { conditions: c, place } = record;
	const taxon = findTaxon(record.taxonId);
	const at = (instant: Date) => instantWithOffset(instant, record.timeZone);
	const cells: Record<RecordColumn, string | number | undefined> = {
		record_id: id,
		outing_id: outingId,
		day: record.day,
		time_zone: record.timeZone,
		first_seen: at(record.firstSeen),
		most_seen: at(record.mostSeen),
		last_seen: at(record.lastSeen),
		not_before: record.notBefore && at(record.notBefore),
		not_after: record.notAfter && at(record.notAfter),
		taxon_id: record.taxonId,
		scientific_name: taxon?.scientificName,
		common_name: taxon?.commonName,
		stage: record.stage,
		named_by: record.naming?.by,
		how_sure: record.naming?.sure,
		how_many: record.abundance,
		length_mm: record.lengthMm,
		belly_lab: record.belly && `${record.belly.l} ${record.belly.a} ${record.belly.b}`,
		hook_size: record.hookSize,
		water_c: c.waterC,
		water_first_c: record.waterSpan?.firstC,
		water_last_c: record.waterSpan?.lastC,
		air_c: c.airC,
		sky: c.sky,
		wind_ms: c.windMs,
		clarity_m: c.clarityM,
		surface: c.surface,
		current_ms: c.speedMs,
		level_m: c.levelM,
		rise_forms: record.riseForms.map(({ form, count }) => `${form} ${count}`).join('; '),
		taken_probability: record.taken,
		rivals: record.rivals
			?.map(({ taxonId, stage, probability }) => `${taxonId} ${stage} ${probability}`)
			.join('; '),
		leader_m: record.leader?.leaderM,
		tippet_x: record.leader?.tippetX,
		flies: record.flies.map(flyCell).join('; '),
		words: record.words,
		basin: place.basin,
		water: place.water,
		reach: place.reach,
		latitude_deg: place.latitude,
		longitude_deg: place.longitude
	};
	return RECORD_COLUMNS.map((column) => plainCell(cells[column]));
}

/** One fly in a cell: `hanging-parachute-emerger-olive #16 taken 2`, a guide's own with its name in brackets. */
function flyCell({ patternId, name, hookSize, outcome, times }: HatchRecord['flies'][number]): string {
	return `${patternId}${name === undefined ? '' : ` (${hidden(name)})`} #${hookSize} ${outcome} ${times}`;
}

const FLY_CELL = /^(\S+)(?: \((.*)\))? #(\d+) (\S+) (\d+)$/s;

/** Reads a cell of flies back; what is no fly as we write them is answered with its text. */
export function fliesFromCell(cell: string): { flies: unknown[]; others: string[] } {
	const flies = [];
	const others: string[] = [];
	for (const part of partsOf(cell)) {
		const [, patternId, name, hookSize, outcome, times] = FLY_CELL.exec(part) ?? [];
		if (!patternId || !ATTEMPT_OUTCOMES.some((known) => known === outcome)) {
			others.push(part);
			continue;
		}
		flies.push({
			patternId,
			...(name !== undefined && { name: shown(name) }),
			hookSize: Number(hookSize),
			outcome,
			times: Number(times)
		});
	}
	return { flies, others };
}

/** The parts of a cell that holds several things. */
export const partsOf = (cell: string): string[] =>
	cell
		.split(';')
		.map((part) => part.trim())
		.filter((part) => part !== '');

/** A name with what parts cells hidden away, and back. */
const hidden = (name: string): string => name.replaceAll('%', '%25').replaceAll(';', '%3B');
const shown = (name: string): string => name.replaceAll('%3B', ';').replaceAll('%25', '%');

/**
 * Text that no spreadsheet takes for a formula: what begins like one is led by an apostrophe, also behind what some
 * spreadsheets part cells at.
 */
function plainCell(value: string | number | undefined): string {
	if (value === undefined) return '';
	if (typeof value === 'number') return String(value);
	return value.replaceAll(/(^|[;,\r\n])( *)('*[=+\-@\t\r])/g, "$1$2'$3");
}

/** The text of a cell without the apostrophes that keep spreadsheets from computing it. */
export const cellText = (cell: string): string =>
	cell.replaceAll(/(^|[;,\r\n])( *)'('*[=+\-@\t\r])/g, '$1$2$3');

/** A line of CSV (RFC 4180), with its line end. */
export function csvLine(cells: readonly string[]): string {
	return `${Papa.unparse([[...cells]])}\r\n`;
}
