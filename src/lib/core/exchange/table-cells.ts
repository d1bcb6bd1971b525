import { toldBack, type Message } from '../message';
import * as v from 'valibot';
import {
	findTaxon,
	GROUP_NAMES,
	GROUPS,
	unnamedOf,
	LIFE_STAGES,
	STAGE_NAMES,
	taxaNamed,
	taxonName,
	type GivenNames,
	type LifeStage,
	type Region,
	type Taxon
} from '../atlas';
import { ABUNDANCE_NAMES, ABUNDANCES, RISE_FORM_NAMES, RISE_FORMS, type Abundance } from '../vocabulary';
import { abundanceOf } from '../record';
import { instantOn, localDay, MONTH_NAMES } from '../units';
import type { DateOrder } from './date-order';
import says from './words';

/** Notes down what is wrong with a field. */
export type Wrong = (field: string, says: Message) => undefined;
/** The text of a row's field, empty where there is none. */
export type CellOf = (field: string) => string;

/** What a guide was asked about and answered: by word, in small letters, what it stands for. */
export type Answers = Readonly<Record<string, string>>;
export const answerKey = (word: string): string =>
	word.trim().toLowerCase().replaceAll(/\s+/g, ' ').slice(0, 80);
const answerTo = (answers: Answers, word: string): string | undefined => {
	const key = answerKey(word);
	return Object.hasOwn(answers, key) ? answers[key] : undefined;
};

/** By whose names insects are called. */
export interface Called {
	/** What the guide and the guide's circles call them. */
	names?: GivenNames | undefined;
	/** Where the names of a table are from. */
	region?: Region | undefined;
}

/**
 * The taxon of a name as guides write it, and the stage where the name says it too: "olive dun". What the guide was
 * asked about goes before all else.
 */
export function readNatural(
	given: string,
	answers: Answers,
	called: Called,
	wrong: Wrong
): { taxon: Taxon; stage?: LifeStage } | undefined {
	if (given === '') return wrong('taxon_id', says('empty'));
	const found = namedNatural(given, answers, called);
	const [taxon, other] = found.taxa;
	if (!taxon) return wrong('taxon_id', says('no-insect', { given: toldBack(given) }));
	if (other) {
		const taxa = found.taxa.map(({ scientificName }) => scientificName).join(', ');
		return wrong('taxon_id', says('may-be', { given: toldBack(given), taxa }));
	}
	return { taxon, ...(found.stage && { stage: found.stage }) };
}

/** The taxa that a name may stand for, and the stage at its end. */
export function namedNatural(
	given: string,
	answers: Answers,
	{ names, region }: Called = {}
): { taxa: readonly Taxon[]; stage?: LifeStage; without: string } {
	const [, without = '', last = given.trim()] = /^(.*\S)\s+(\S+)$/s.exec(given.trim()) ?? [];
	const stage = stageOfWord(last);
	const lookUp = (name: string): readonly Taxon[] => {
		const answered = findTaxon(answerTo(answers, name) ?? '');
		if (answered) return [answered];
		const named = taxaNamed(name, names, region);
		const group = named.length > 0 ? undefined : groupNamed(name);
		return group ? [group] : named;
	};
	const whole = lookUp(given);
	// A name that ends in a stage is of that stage, also where it is one: "mahogany dun".
	const ends = stage && whole.every((taxon) => taxon.stages.some((traits) => traits.stage === stage));
	if (whole.length > 0) return { taxa: whole, without: given, ...(ends && { stage }) };
	if (!stage) return { taxa: [], without: given };
	return { taxa: lookUp(without), stage, without };
}

/** What a table calls by its group alone: "a mayfly", "stoneflies". */
function groupNamed(name: string): Taxon | undefined {
	const sought = name
		.trim()
		.toLowerCase()
		.replace(/^(an?|unnamed|unknown|some) /, '');
	const group = GROUPS.find((id) =>
		[GROUP_NAMES[id].text, id]
			.flatMap((word) => [word, `${word}s`, word.replace(/y$/, 'ies')])
			.includes(sought)
	);
	return group && findTaxon(unnamedOf(group));
}

/** Words for stages beside their own names. */
const STAGE_WORDS: Record<string, LifeStage> = {
	emerging: 'emerger',
	hatching: 'emerger',
	subimago: 'dun',
	spent: 'spinner',
	'egg laying': 'egg-laying',
	'egg-layer': 'egg-laying',
	'egg layer': 'egg-laying',
	ovipositing: 'egg-laying',
	nymphs: 'nymph',
	pupae: 'pupa',
	larvae: 'larva',
	stillborn: 'cripple',
	fly: 'adult',
	flies: 'adult',
	winged: 'adult'
};

/** Where an animal has no such stage: what guides mean who say so, of a winged mayfly or of its young. */
const SAID_FOR: Partial<Record<LifeStage, LifeStage>> = { adult: 'dun', nymph: 'larva', larva: 'nymph' };

/** The stage of a word, whatever animal it is of. */
function stageOfWord(word: string): LifeStage | undefined {
	const sought = word.toLowerCase();
	return (
		LIFE_STAGES.find((id) =>
			[id, `${id}s`, STAGE_NAMES[id].text, `${STAGE_NAMES[id].text}s`].includes(sought)
		) ?? (Object.hasOwn(STAGE_WORDS, sought) ? STAGE_WORDS[sought] : undefined)
	);
}

/** The stage of a word, as far as the taxon has it. */
export function readStage(
	given: string,
	taxon: Taxon | undefined,
	answers: Answers,
	wrong: Wrong
): LifeStage | undefined {
	const sought = given.toLowerCase();
	if (sought === '') return wrong('stage', says('empty'));
	const answered = answerTo(answers, given);
	const stage =
		LIFE_STAGES.find((id) => id === answered) ??
		stageOfWord(sought) ??
		(sought === 'imago' ? (taxon?.group === 'mayfly' ? 'spinner' : 'adult') : undefined);
	if (!stage)
		return wrong('stage', says('is-no-stage', { given: toldBack(given), among: LIFE_STAGES.join(', ') }));
	const has = (wanted: LifeStage) => taxon?.stages.some((traits) => traits.stage === wanted);
	if (!taxon || has(stage)) return stage;
	const meant = SAID_FOR[stage];
	if (meant && has(meant)) return meant;
	return wrong(
		'stage',
		says('has-no-stage', {
			taxon: taxonName(taxon.id),
			stage,
			among: taxon.stages.map((traits) => traits.stage).join(', ')
		})
	);
}

/** How guides write how many there were, beside the words of the scale. Field rule. */
const ABUNDANCE_WORDS: Readonly<Record<string, Abundance>> = {
	no: 'none',
	nil: 'none',
	nothing: 'none',
	one: 'single',
	two: 'single',
	'a couple': 'single',
	couple: 'single',
	odd: 'single',
	'the odd one': 'single',
	some: 'few',
	several: 'few',
	sparse: 'few',
	light: 'few',
	handful: 'few',
	'a handful': 'few',
	moderate: 'many',
	good: 'many',
	lots: 'many',
	'a lot': 'many',
	loads: 'many',
	plenty: 'many',
	dozens: 'many',
	strong: 'many',
	heavy: 'masses',
	hundreds: 'masses',
	thousands: 'masses',
	blanket: 'masses',
	clouds: 'masses',
	tons: 'masses',
	everywhere: 'masses'
};

/** A number of insects, or a word for it. */
export function readAbundance(given: string, answers: Answers, wrong: Wrong): Abundance | undefined {
	const sought = answerKey(given);
	if (sought === '') return wrong('how_many', says('empty'));
	// "about 30", "20+", "10-20", "3 or 4".
	const numbers =
		/^(?:about |ca\.? ?|c\.? ?|~ ?|> ?|over )?(\d{1,6})\s*(?:(?:-|–|to|or)\s*(\d{1,6})|\+)?$/.exec(sought);
	if (numbers) {
		const [low, high] = [Number(numbers[1]), Number(numbers[2] ?? numbers[1])];
		return abundanceOf(Math.round((low + high) / 2));
	}
	const answered = answerTo(answers, given);
	const found =
		ABUNDANCES.find((step) => step === answered) ??
		ABUNDANCES.find((step) => step === sought || ABUNDANCE_NAMES[step].text.toLowerCase() === sought) ??
		(Object.hasOwn(ABUNDANCE_WORDS, sought) ? ABUNDANCE_WORDS[sought] : undefined);
	return (
		found ?? wrong('how_many', says('no-abundance', { given: toldBack(given), among: ABUNDANCES.join(', ') }))
	);
}

export function readRiseForm(part: string, wrong: Wrong) {
	const [, name = '', count = '1'] = /^(.*?)(?:\s+(?:×\s*)?(\d+))?$/s.exec(part) ?? [];
	const sought = name.toLowerCase();
	const form = RISE_FORMS.find((id) => id === sought || RISE_FORM_NAMES[id].text.toLowerCase() === sought);
	return form
		? { form, count: Number(count) }
		: wrong('rise_forms', says('no-rise', { given: toldBack(name) }));
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
		: wrong('belly_lab', says('no-lab', { given: toldBack(given) }));
}

export function readId(field: string, text: CellOf, wrong: Wrong): string | undefined {
	const given = text(field).toLowerCase();
	if (given === '' || v.is(v.pipe(v.string(), v.uuid()), given)) return given || undefined;
	return wrong(field, says('no-id', { given: toldBack(given) }));
}

/** A day as `YYYY-MM-DD`, from its numbers in whatever order. */
export function readDay(said: string, order: DateOrder): string | undefined {
	const given = withMonthNumber(said);
	const numbers = /^(\d{1,4})[-./ ](\d{1,2})[-./ ](\d{1,4})(?:[T ].*)?$/.exec(given)?.slice(1).map(Number);
	if (!numbers) return undefined;
	const [a, b, c] = numbers as [number, number, number];
	// A year of four digits says itself where it stands.
	const [year, month, date]: [number, number, number] =
		a > 31 ? [a, b, c] : order === 'dmy' ? [c, b, a] : order === 'mdy' ? [c, a, b] : [a, b, c];
	const full = year < 100 ? 2000 + year : year;
	const day = new Date(Date.UTC(full, month - 1, date));
	return full >= 1990 && full <= 2100 && day.getUTCMonth() === month - 1 && day.getUTCDate() === date
		? day.toISOString().slice(0, 10)
		: undefined;
}

/** "19 May 2025" and "May 19, 2025" as numbers, the year first: a month by name leaves no doubt. */
function withMonthNumber(given: string): string {
	const [, day, name, year] =
		/^(\d{1,2})(?:st|nd|rd|th)?[-. ]+(\p{L}{3,9})\.?[-,. ]+(\d{4})$/u.exec(given) ?? [];
	const [, name2, day2, year2] =
		/^(\p{L}{3,9})\.?\s+(\d{1,2})(?:st|nd|rd|th)?,?\s+(\d{4})$/u.exec(given) ?? [];
	const called = (name ?? name2 ?? '').toLowerCase();
	const month = MONTH_NAMES.findIndex((full) => called.length >= 3 && full.toLowerCase().startsWith(called));
	return month < 0 ? given : `${year ?? year2}-${month + 1}-${day ?? day2}`;
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
			return Number.isNaN(at.getTime()) ? wrong(field, says('no-instant', { given: toldBack(given) })) : at;
		}
		const [, hours = '', minutes = '0', half] =
			/^(\d{1,2})(?:[:.h](\d{2}))?(?::\d{2})?\s*([ap])?\.?m?\.?$/i.exec(given) ?? [];
		const hour = (Number(hours) % (half ? 12 : 24)) + (half?.toLowerCase() === 'p' ? 12 : 0);
		if (hours === '' || Number(hours) > (half ? 12 : 24) || Number(minutes) > 59)
			return wrong(field, says('no-time', { given: toldBack(given) }));
		return instantOn(day, timeZone, hour, Number(minutes));
	};
	const [first, most, last] = [read('first_seen'), read('most_seen'), read('last_seen')];
	const any = first ?? most ?? last;
	if (!any) {
		if (!['first_seen', 'most_seen', 'last_seen'].some((field) => text(field)))
			wrong('first_seen', says('no-times'));
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
