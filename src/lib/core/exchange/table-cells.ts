import * as v from 'valibot';
import { LIFE_STAGES, STAGE_NAMES, taxaNamed, type LifeStage, type Taxon } from '../atlas';
import { ABUNDANCE_NAMES, ABUNDANCES, RISE_FORM_NAMES, RISE_FORMS, type Abundance } from '../note';
import { abundanceOf } from '../record';
import { instantOn, localDay } from '../units';
import type { DateOrder } from './table-fields';

/** Notes down what is wrong with a field. */
export type Wrong = (field: string, message: string) => undefined;
/** The text of a row's field, empty where there is none. */
export type CellOf = (field: string) => string;

/** A cell as a message quotes it. */
export const short = (text: string): string => (text.length > 40 ? `${text.slice(0, 40)}…` : text);

/** The taxon of a name as guides write it. */
export function readTaxon(given: string, wrong: Wrong): Taxon | undefined {
	if (given === '') return wrong('taxon_id', 'is empty');
	const found = taxaNamed(given);
	const [taxon, other] = found;
	if (!taxon) return wrong('taxon_id', `no insect of the atlas is called “${short(given)}”`);
	if (!other) return taxon;
	const names = found.map(({ scientificName }) => scientificName).join(', ');
	return wrong('taxon_id', `“${short(given)}” may be ${names}; write which`);
}

/** Words for stages beside their own names. */
const STAGE_WORDS: Record<string, LifeStage> = {
	emerging: 'emerger',
	hatching: 'emerger',
	subimago: 'dun',
	spent: 'spinner',
	'egg laying': 'egg-laying',
	ovipositing: 'egg-laying'
};

/** The stage of a word, as far as the taxon has it. */
export function readStage(given: string, taxon: Taxon | undefined, wrong: Wrong): LifeStage | undefined {
	const sought = given.toLowerCase();
	if (sought === '') return wrong('stage', 'is empty');
	const stage =
		LIFE_STAGES.find((id) => [id, `${id}s`, STAGE_NAMES[id], `${STAGE_NAMES[id]}s`].includes(sought)) ??
		STAGE_WORDS[sought] ??
		(sought === 'imago' ? (taxon?.group === 'mayfly' ? 'spinner' : 'adult') : undefined);
	if (!stage) return wrong('stage', `“${short(given)}” is no stage; use ${LIFE_STAGES.join(', ')}`);
	if (!taxon || taxon.stages.some((traits) => traits.stage === stage)) return stage;
	const stages = taxon.stages.map((traits) => traits.stage).join(', ');
	return wrong('stage', `${taxon.commonName} has no ${stage}; it has ${stages}`);
}

/** A number of insects, or a word of the scale. */
export function readAbundance(given: string, wrong: Wrong): Abundance | undefined {
	const sought = given.toLowerCase();
	if (sought === '') return wrong('how_many', 'is empty');
	if (/^\d+$/.test(sought)) return abundanceOf(Number(sought));
	const found = ABUNDANCES.find((step) => step === sought || ABUNDANCE_NAMES[step].toLowerCase() === sought);
	return (
		found ?? wrong('how_many', `“${short(given)}” is neither a number nor one of ${ABUNDANCES.join(', ')}`)
	);
}

export function readRiseForm(part: string, wrong: Wrong) {
	const [, name = '', count = '1'] = /^(.*?)(?:\s+(?:×\s*)?(\d+))?$/s.exec(part) ?? [];
	const sought = name.toLowerCase();
	const form = RISE_FORMS.find((id) => id === sought || RISE_FORM_NAMES[id].toLowerCase() === sought);
	return form ? { form, count: Number(count) } : wrong('rise_forms', `“${short(name)}” is no rise form`);
}

export function readRival(part: string) {
	const [taxonId, stage, probability] = part.split(/\s+/);
	return { taxonId, stage, probability: Number(probability) };
}

export function readLab(given: string, wrong: Wrong) {
	if (given === '') return undefined;
	const [l, a, b, more] = given.split(/\s+/).map(Number);
	return [l, a, b].every(Number.isFinite) && more === undefined
		? { l, a, b }
		: wrong('belly_lab', `“${short(given)}” is not three numbers, L a b`);
}

export function readId(field: string, text: CellOf, wrong: Wrong): string | undefined {
	const given = text(field).toLowerCase();
	if (given === '' || v.is(v.pipe(v.string(), v.uuid()), given)) return given || undefined;
	return wrong(field, `“${short(given)}” is not an id`);
}

/** A day as `YYYY-MM-DD`, from its numbers in whatever order. */
export function readDay(given: string, order: DateOrder): string | undefined {
	const numbers = /^(\d{1,4})[-./ ](\d{1,2})[-./ ](\d{1,4})(?:[T ].*)?$/.exec(given)?.slice(1).map(Number);
	if (!numbers) return undefined;
	const [a = 0, b = 0, c = 0] = numbers;
	// A year of four digits says itself where it stands.
	const [year, month, date] =
		a > 31 ? [a, b, c] : order === 'dmy' ? [c, b, a] : order === 'mdy' ? [c, a, b] : [a, b, c];
	const full = (year ?? 0) < 100 ? 2000 + (year ?? 0) : (year ?? 0);
	const day = new Date(Date.UTC(full, (month ?? 0) - 1, date));
	return full >= 1990 && full <= 2100 && day.getUTCMonth() === (month ?? 0) - 1 && day.getUTCDate() === date
		? day.toISOString().slice(0, 10)
		: undefined;
}

const ISO = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})$/;

/** Where there is no day of its own, that of the first instant. */
export function dayOfInstants(text: CellOf, timeZone: string): string | undefined {
	if (text('day') !== '') return undefined;
	const given = ['most_seen', 'first_seen', 'last_seen'].map(text).find((cell) => ISO.test(cell));
	const at = new Date(given ?? '');
	return Number.isNaN(at.getTime()) ? undefined : localDay(at, timeZone);
}

/** First, most and last: whichever are told stand for those that are not; past midnight is the next day. */
export function readTimes(text: CellOf, day: string, timeZone: string, wrong: Wrong) {
	const read = (field: string): Date | undefined => {
		const given = text(field);
		if (given === '') return undefined;
		if (ISO.test(given)) {
			const at = new Date(given);
			return Number.isNaN(at.getTime()) ? wrong(field, `“${short(given)}” is not a time`) : at;
		}
		const [, hours = '', minutes = '0', half] =
			/^(\d{1,2})(?:[:.h](\d{2}))?(?::\d{2})?\s*([ap])?\.?m?\.?$/i.exec(given) ?? [];
		const hour = (Number(hours) % (half ? 12 : 24)) + (half?.toLowerCase() === 'p' ? 12 : 0);
		if (hours === '' || Number(hours) > (half ? 12 : 24) || Number(minutes) > 59)
			return wrong(field, `“${short(given)}” is not a time like 14:30`);
		return instantOn(day, timeZone, hour, Number(minutes));
	};
	const [first, most, last] = [read('first_seen'), read('most_seen'), read('last_seen')];
	const any = first ?? most ?? last;
	if (!any) {
		if (!['first_seen', 'most_seen', 'last_seen'].some((field) => text(field)))
			wrong('first_seen', 'no time is told; give one for all rows');
		return undefined;
	}
	const firstSeen = first ?? any;
	const lastSeen = afterMidnight(
		firstSeen,
		last ?? most ?? firstSeen,
		text('last_seen') || text('most_seen')
	);
	const mostSeen = afterMidnight(firstSeen, most ?? firstSeen, text('most_seen'));
	const [notBefore, notAfter] = [read('not_before'), read('not_after')];
	return { firstSeen, mostSeen, lastSeen, ...(notBefore && { notBefore }), ...(notAfter && { notAfter }) };
}

/** A clock time before the first one is that of the next day; an instant says its day itself. */
function afterMidnight(firstSeen: Date, at: Date, given: string): Date {
	return at < firstSeen && !ISO.test(given) ? new Date(at.getTime() + 86_400_000) : at;
}
