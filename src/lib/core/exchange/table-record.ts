import { faultOf, sayMessage, toldBack } from '../message';
import * as v from 'valibot';
import type { GivenNames } from '../atlas';
import { SKIES, SKY_NAMES, SURFACE_NAMES, SURFACES } from '../vocabulary';
import { RecordTextSchema, type RecordText } from '../record';
import { celsiusFromFahrenheit, isTimeZone, mmFromInch } from '../units';
import { fliesFromCell, partsOf } from './csv';
import {
	dayOfInstants,
	readAbundance,
	readDay,
	readId,
	readLab,
	readRiseForm,
	readRival,
	readStage,
	readNatural,
	readTimes
} from './table-cells';
import { RowCells, type BadCell } from './row-cells';
import { DATE_ORDER_NAMES } from './date-order';
import type { TableMapping } from './table-fields';
import type { TableRow } from './table-rows';
import says from './words';

/** A record as a row of a table tells it; its reach may be new to the guide. */
export interface TableRecord {
	recordId?: string;
	outingId?: string;
	day: string;
	timeZone: string;
	basin: string;
	water: string;
	reach: string;
	/** Degrees; absent where the table has no position. */
	position?: { latitude: number; longitude: number };
	told: RecordText;
}

/**
 * A row of a table as a record, or all that is wrong with it. Names are taken as guides write them, numbers of
 * insects as well as words for them, times as clock times of the day or as instants.
 *
 * @param names what the guide and the guide's circles call insects
 */
export function readTableRow(
	row: TableRow,
	mapping: TableMapping,
	names?: GivenNames
): { value: TableRecord } | { bad: BadCell[] } {
	const cells = new RowCells(row, mapping);
	const when = readWhen(cells, mapping);
	const named = readNamed(cells, mapping, names);
	const position = readPosition(cells);
	const place = {
		basin: cells.needed('basin', 80),
		water: cells.needed('water', 80),
		reach: cells.needed('reach', 80)
	};
	const ids = {
		recordId: readId('record_id', cells.text, cells.wrong),
		outingId: readId('outing_id', cells.text, cells.wrong)
	};
	const told = { ...named, ...when.instants, ...readSeen(cells, mapping) };
	const { day, timeZone } = when;
	if (cells.bad.length > 0 || !day) return { bad: cells.bad };
	const parsed = v.safeParse(RecordTextSchema, withoutEmpty(told));
	if (!parsed.success)
		return {
			bad: parsed.issues.map((issue) => ({
				line: row.line,
				field: fieldOf((issue.path ?? []).map((item) => String(item.key))),
				says: faultOf(issue)
			}))
		};
	return {
		value: {
			...(ids.recordId && { recordId: ids.recordId }),
			...(ids.outingId && { outingId: ids.outingId }),
			day,
			timeZone,
			...place,
			...(position && { position }),
			told: parsed.output
		}
	};
}

/** The day of a row, its time zone and the times of that day. */
function readWhen(cells: RowCells, mapping: TableMapping) {
	const { text, wrong } = cells;
	const timeZone = cells.needed('time_zone', 60);
	const zoneExists = isTimeZone(timeZone);
	if (timeZone && !zoneExists) wrong('time_zone', says('no-zone', { given: toldBack(timeZone) }));
	const day = readDay(text('day'), mapping.dates) ?? dayOfInstants(text, zoneExists ? timeZone : 'UTC');
	if (!day)
		wrong(
			'day',
			text('day')
				? says('no-day', { given: toldBack(text('day')), order: DATE_ORDER_NAMES[mapping.dates] })
				: says('empty')
		);
	return { day, timeZone, instants: day && zoneExists ? readTimes(text, day, timeZone, wrong) : undefined };
}

function readPosition(cells: RowCells): { latitude: number; longitude: number } | undefined {
	const [latitude, longitude] = [cells.number('latitude_deg'), cells.number('longitude_deg')];
	if ((latitude === undefined) !== (longitude === undefined))
		cells.wrong(latitude === undefined ? 'latitude_deg' : 'longitude_deg', says('one-alone'));
	if (latitude !== undefined && Math.abs(latitude) > 90)
		cells.wrong('latitude_deg', says('beyond', { most: 90 }));
	if (longitude !== undefined && Math.abs(longitude) > 180)
		cells.wrong('longitude_deg', says('beyond', { most: 180 }));
	return latitude === undefined || longitude === undefined ? undefined : { latitude, longitude };
}

/** What was seen: taxon, stage and how many, with the guide's answers to words that were asked about. */
function readNamed(cells: RowCells, { answers, region }: TableMapping, names: GivenNames | undefined) {
	const { text, wrong } = cells;
	const natural = readNatural(text('taxon_id'), answers?.taxon_id ?? {}, { names, region }, wrong);
	const taxon = natural?.taxon;
	// A stage of its own column goes before that in the name, and that before the one for all rows.
	const stage =
		cells.own('stage') === '' && natural?.stage
			? readStage(natural.stage, taxon, {}, wrong)
			: readStage(text('stage'), taxon, answers?.stage ?? {}, wrong);
	const abundance = readAbundance(text('how_many'), answers?.how_many ?? {}, wrong);
	return { taxonId: taxon?.id, stage, abundance };
}

/** Everything else that a row tells, in the units of its columns. */
function readSeen(cells: RowCells, mapping: TableMapping): Record<string, unknown> {
	const { text, wrong } = cells;
	const celsius = (field: string) =>
		cells.number(field, mapping.temperature, mapping.temperature === 'F' ? celsiusFromFahrenheit : undefined);
	const waterSpan = { firstC: celsius('water_first_c'), lastC: celsius('water_last_c') };
	const leader = { leaderM: cells.number('leader_m', 'm'), tippetX: cells.number('tippet_x', 'X') };
	const naming = { by: text('named_by') || undefined, sure: text('how_sure') || undefined };
	const { flies, others } = fliesFromCell(text('flies'));
	return {
		...(naming.by && naming.sure && { naming }),
		lengthMm: cells.number('length_mm', mapping.length, mapping.length === 'in' ? mmFromInch : undefined),
		belly: readLab(text('belly_lab'), wrong),
		hookSize: cells.number('hook_size'),
		conditions: {
			waterC: celsius('water_c'),
			airC: celsius('air_c'),
			sky: cells.word('sky', SKIES, SKY_NAMES),
			windMs: cells.number('wind_ms', 'm/s'),
			clarityM: cells.number('clarity_m', 'm'),
			surface: cells.word('surface', SURFACES, SURFACE_NAMES),
			speedMs: cells.number('current_ms', 'm/s'),
			levelM: cells.number('level_m', 'm')
		},
		...(waterSpan.firstC !== undefined && waterSpan.lastC !== undefined && { waterSpan }),
		riseForms: partsOf(text('rise_forms')).map((part) => readRiseForm(part, wrong)),
		taken: cells.number('taken_probability') ?? 0,
		rivals: partsOf(text('rivals')).map(readRival),
		...(leader.leaderM !== undefined && leader.tippetX !== undefined && { leader }),
		flies,
		words: wordsWith(text('words'), others) || undefined
	};
}

/** Flies that are told in another way than ours stay as words, beside the guide's own. */
const wordsWith = (words: string, others: readonly string[]): string =>
	[words, ...(others.length > 0 ? [sayMessage(says('flies', { flies: others.join('; ') }))] : [])]
		.filter(Boolean)
		.join(' ');

/** Fields of the schema by their columns, for what it finds wrong. */
const FIELD_OF: Record<string, string> = {
	taxonId: 'taxon_id',
	stage: 'stage',
	firstSeen: 'first_seen',
	mostSeen: 'most_seen',
	lastSeen: 'last_seen',
	notBefore: 'not_before',
	notAfter: 'not_after',
	abundance: 'how_many',
	naming: 'named_by',
	lengthMm: 'length_mm',
	belly: 'belly_lab',
	hookSize: 'hook_size',
	riseForms: 'rise_forms',
	taken: 'taken_probability',
	rivals: 'rivals',
	leader: 'leader_m',
	flies: 'flies',
	words: 'words',
	waterC: 'water_c',
	airC: 'air_c',
	windMs: 'wind_ms',
	clarityM: 'clarity_m',
	speedMs: 'current_ms',
	levelM: 'level_m',
	firstC: 'water_first_c',
	lastC: 'water_last_c',
	leaderM: 'leader_m',
	tippetX: 'tippet_x'
};

/** The field of what the schema found wrong: the innermost that is a column of its own. */
const fieldOf = (keys: readonly string[]): string =>
	keys.map((key) => FIELD_OF[key]).findLast((field) => field !== undefined) ?? '';

/** An object without its undefined fields and empty lists that a record leaves out, at both levels. */
function withoutEmpty(given: Record<string, unknown>): Record<string, unknown> {
	return Object.fromEntries(
		Object.entries(given)
			.filter(
				([key, value]) => value !== undefined && !(key === 'rivals' && (value as unknown[]).length === 0)
			)
			.map(([key, value]) => [
				key,
				key === 'conditions' ? withoutEmpty(value as Record<string, unknown>) : value
			])
	);
}
