import { sayMessage, type Message } from '../message';
import * as v from 'valibot';
import type { GivenNames } from '../atlas';
import { SKIES, SKY_NAMES, SURFACE_NAMES, SURFACES } from '../vocabulary';
import { RecordTextSchema, type RecordText } from '../record';
import { celsiusFromFahrenheit, isTimeZone, mmFromInch } from '../units';
import { cellText, fliesFromCell, partsOf } from './csv';
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
	readTimes,
	short
} from './table-cells';
import { DATE_ORDER_NAMES } from './date-order';
import type { TableMapping } from './table-fields';
import type { TableRow } from './table-rows';

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

/** What is wrong with a cell. */
export interface BadCell {
	line: number;
	/** The field, as `TABLE_FIELDS` names it. */
	field: string;
	message: string;
}

/** Characters that a cell may have; of a cell that lists things, room for as many as a record may hold. */
const LONGEST = 300;
const LONGEST_CELL: Readonly<Record<string, number>> = {
	words: 2000,
	flies: 20_000,
	rise_forms: 1000,
	rivals: 2000
};
/** What is wrong with one row, as far as it is told. */
const MOST_BAD = 50;

/**
 * A row of a table as a record, or all that is wrong with it. Names are taken as guides write them, numbers of
 * insects as well as words for them, times as clock times of the day or as instants.
 *
 * @param names what the guide and the guide's circles call insects
 */
export function readTableRow(
	{ line, cells }: TableRow,
	mapping: TableMapping,
	names?: GivenNames
): { value: TableRecord } | { bad: BadCell[] } {
	const bad: BadCell[] = [];
	const wrong = (field: string, message: string): undefined => {
		if (bad.length < MOST_BAD) bad.push({ line, field, message });
	};
	/** Looked at once for its length, before anything is looked for in it. */
	const text = (field: string): string => {
		const cell = cells[mapping.columns[field] ?? -1]?.trim();
		const most = LONGEST_CELL[field] ?? LONGEST;
		if (cell && cell.length > most) {
			if (!bad.some((one) => one.field === field)) wrong(field, `is over ${most} characters`);
			return '';
		}
		return cellText(cell ? cell : (mapping.fixed[field]?.trim() ?? ''));
	};
	/** A unit behind a number must be the one the column is in: another would be taken for it unseen. */
	const number = (field: string, unit = '', convert?: (x: number) => number): number | undefined => {
		const given = text(field);
		if (given === '') return undefined;
		const [, digits = '', said = ''] = /^([-+]?[\d.,]+(?:e[-+]?\d+)?)\s*(\D*)$/i.exec(given) ?? [];
		const value = digits === '' ? NaN : Number(digits.replace(/^([-+]?\d+),(\d+)$/, '$1.$2'));
		if (!Number.isFinite(value)) return wrong(field, `“${short(given)}” is not a number`);
		if (said !== '' && said.replace('°', '').trim().toLowerCase() !== unit.toLowerCase())
			return wrong(field, `“${short(given)}” is not in ${unit || 'plain numbers'}, as the column is`);
		return convert ? Math.round(convert(value) * 100) / 100 : value;
	};
	const word = <T extends string>(field: string, ids: readonly T[], names: Record<T, Message>) => {
		const given = text(field).toLowerCase();
		if (given === '') return undefined;
		const found = ids.find((id) => id === given || names[id].text.toLowerCase() === given);
		return found ?? wrong(field, `“${short(given)}” is not one of ${ids.join(', ')}`);
	};
	const needed = (field: string, most: number): string => {
		const given = text(field);
		if (given === '') wrong(field, 'is empty');
		if (given.length > most) wrong(field, `is over ${most} characters`);
		return given;
	};

	const timeZone = needed('time_zone', 60);
	const zoneExists = isTimeZone(timeZone);
	if (timeZone && !zoneExists) wrong('time_zone', `“${short(timeZone)}” is not a time zone`);
	const day = readDay(text('day'), mapping.dates) ?? dayOfInstants(text, zoneExists ? timeZone : 'UTC');
	if (!day)
		wrong(
			'day',
			text('day')
				? `“${short(text('day'))}” is not a day written ${sayMessage(DATE_ORDER_NAMES[mapping.dates])}`
				: 'is empty'
		);
	const instants = day && zoneExists ? readTimes(text, day, timeZone, wrong) : undefined;

	const { answers } = mapping;
	const natural = readNatural(text('taxon_id'), answers?.taxon_id ?? {}, names, wrong);
	const taxon = natural?.taxon;
	// A stage of its own column goes before that in the name, and that before the one for all rows.
	const ownStage = cells[mapping.columns['stage'] ?? -1]?.trim() ?? '';
	const stage =
		ownStage === '' && natural?.stage
			? readStage(natural.stage, taxon, {}, wrong)
			: readStage(text('stage'), taxon, answers?.stage ?? {}, wrong);
	const abundance = readAbundance(text('how_many'), answers?.how_many ?? {}, wrong);
	const celsius = (field: string) =>
		number(field, mapping.temperature, mapping.temperature === 'F' ? celsiusFromFahrenheit : undefined);
	const { flies, others } = fliesFromCell(text('flies'));
	const [latitude, longitude] = [number('latitude_deg'), number('longitude_deg')];
	if ((latitude === undefined) !== (longitude === undefined))
		wrong(latitude === undefined ? 'latitude_deg' : 'longitude_deg', 'is missing beside the other');
	if (latitude !== undefined && Math.abs(latitude) > 90) wrong('latitude_deg', 'is beyond 90°');
	if (longitude !== undefined && Math.abs(longitude) > 180) wrong('longitude_deg', 'is beyond 180°');
	const place = { basin: needed('basin', 80), water: needed('water', 80), reach: needed('reach', 80) };
	const ids = { recordId: readId('record_id', text, wrong), outingId: readId('outing_id', text, wrong) };
	const waterSpan = {
		firstC: celsius('water_first_c'),
		lastC: celsius('water_last_c')
	};
	const leader = { leaderM: number('leader_m', 'm'), tippetX: number('tippet_x', 'X') };
	const naming = { by: text('named_by') || undefined, sure: text('how_sure') || undefined };
	const given = {
		taxonId: taxon?.id,
		stage,
		...instants,
		abundance,
		...(naming.by && naming.sure && { naming }),
		lengthMm: number('length_mm', mapping.length, mapping.length === 'in' ? mmFromInch : undefined),
		belly: readLab(text('belly_lab'), wrong),
		hookSize: number('hook_size'),
		conditions: {
			waterC: celsius('water_c'),
			airC: celsius('air_c'),
			sky: word('sky', SKIES, SKY_NAMES),
			windMs: number('wind_ms', 'm/s'),
			clarityM: number('clarity_m', 'm'),
			surface: word('surface', SURFACES, SURFACE_NAMES),
			speedMs: number('current_ms', 'm/s'),
			levelM: number('level_m', 'm')
		},
		...(waterSpan.firstC !== undefined && waterSpan.lastC !== undefined && { waterSpan }),
		riseForms: partsOf(text('rise_forms')).map((part) => readRiseForm(part, wrong)),
		taken: number('taken_probability') ?? 0,
		rivals: partsOf(text('rivals')).map(readRival),
		...(leader.leaderM !== undefined && leader.tippetX !== undefined && { leader }),
		flies,
		words: wordsWith(text('words'), others) || undefined
	};
	if (bad.length > 0 || !day) return { bad };
	const parsed = v.safeParse(RecordTextSchema, withoutEmpty(given));
	if (!parsed.success)
		return {
			bad: parsed.issues.map(({ path, message }) => ({
				line,
				field: fieldOf((path ?? []).map((item) => String(item.key))),
				message
			}))
		};
	return {
		value: {
			...(ids.recordId && { recordId: ids.recordId }),
			...(ids.outingId && { outingId: ids.outingId }),
			day,
			timeZone,
			...place,
			...(latitude !== undefined && longitude !== undefined && { position: { latitude, longitude } }),
			told: parsed.output
		}
	};
}

/** Flies that are told in another way than ours stay as words, beside the guide's own. */
const wordsWith = (words: string, others: readonly string[]): string =>
	[words, ...(others.length > 0 ? [`Flies: ${others.join('; ')}`] : [])].filter(Boolean).join(' ');

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
