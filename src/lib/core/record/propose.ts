import {
	bodyLengthMm,
	findTaxon,
	hypothesisIdOf,
	SHADES,
	unnamedOf,
	type Lab,
	type LifeStage
} from '../atlas';
import type { Hypothesis } from '../likeness';
import type { Lot, Note } from '../note';
import { foldOuting, type Outing } from '../outing';
import { ABUNDANCES, type Abundance } from '../vocabulary';
import { READING_MODEL, readWater } from '../reading';
import { DRY_HOOK, HOOK_FOR_MM, hookFor, NYMPH_HOOK, type HookCalibration } from '../tackle';
import { localDay } from '../units';
import { looksAt, unseenAround } from './looked';
import { NAMED_BY, usualNaming, type NamedBy } from './naming';
import type { HatchRecord } from './record';

/** Names and position of the reach an outing was on. */
export interface RecordPlace {
	basin: string;
	water: string;
	reach: string;
	latitude: number;
	longitude: number;
	timeZone: string;
}

/** Records at the most for one outing: what matters to colleagues is a handful. */
const MOST_RECORDS = 12;

/**
 * The hatch records an outing gives rise to, one for each stage of a taxon that was seen: what hatched or flew
 * before what was still below, and of each what the fish were likeliest taking first; what was looked for and not
 * seen comes last. Times are those of the notes; how many is the most that any note tells.
 *
 * @param notes all notes of the outing, which `outing` was folded from
 * @param hooks how the guide's own hooks run
 */
export function proposeRecords(
	outing: Outing,
	notes: readonly Note[],
	place: RecordPlace,
	hooks?: HookCalibration
): HatchRecord[] {
	return [...gatherSeen(outing).values()]
		.map((seen) => recordOf(seen, outing, notes, place, hooks))
		.sort(
			(a, b) =>
				Number(a.abundance === 'none') - Number(b.abundance === 'none') ||
				Number(isWingless(a)) - Number(isWingless(b)) ||
				b.taken - a.taken ||
				rank(b.abundance) - rank(a.abundance) ||
				(a.taxonId < b.taxonId ? -1 : 1)
		)
		.slice(0, MOST_RECORDS);
}

/** The record of one stage of a taxon that was seen, or looked for in vain. */
function recordOf(
	seen: Seen,
	outing: Outing,
	notes: readonly Note[],
	{ timeZone, ...where }: RecordPlace,
	hooks: HookCalibration | undefined
): HatchRecord {
	const most = seen.times.reduce((best, next) => (rank(next.abundance) > rank(best.abundance) ? next : best));
	const id = hypothesisIdOf(seen.taxonId, seen.stage);
	const instants = seen.times.map(({ at }) => at.getTime());
	const then = foldOuting(notes, outing.place, most.at, outing.measuredBefore);
	// Rises are noted after the net: what fish took of it shows a little later.
	const shown = Math.min(outing.now.getTime(), Math.max(...instants) + TAKEN_AFTER_MS);
	const reading = readWater(foldOuting(notes, outing.place, new Date(shown), outing.measuredBefore));
	const [firstSeen, lastSeen] = [new Date(Math.min(...instants)), new Date(Math.max(...instants))];
	const lengthMm =
		seen.measured > 0 ? Math.round(Math.exp(seen.logLength / seen.measured) * 10) / 10 : undefined;
	const hookSize = lengthMm === undefined ? undefined : hookAsDressed(lengthMm, seen.stage, hooks);
	const leader = outing.rigs.at(-1)?.note.body;
	return {
		taxonId: seen.taxonId,
		stage: seen.stage,
		day: localDay(most.at, timeZone),
		timeZone,
		firstSeen,
		mostSeen: most.at,
		lastSeen,
		...(most.abundance !== 'none' &&
			unseenAround(looksAt(outing, seen.taxonId, seen.stage), firstSeen, lastSeen)),
		abundance: most.abundance,
		naming: usualNaming(seen.taxonId, seen.stage, seen.by),
		...(lengthMm !== undefined && { lengthMm }),
		...(seen.bellies.length > 0 && { belly: meanColour(seen.bellies) }),
		...(hookSize !== undefined && { hookSize }),
		conditions: conditionsOf(outing, then),
		...waterSpanOf(outing, firstSeen, lastSeen),
		riseForms: riseFormsOf(outing),
		// What nobody saw, no fish was seen to be on.
		taken:
			most.abundance === 'none'
				? 0
				: (reading.beliefs.find(({ hypothesis }) => hypothesis.id === id)?.probability ?? 0),
		readBy: READING_MODEL,
		rivals: reading.beliefs
			.filter(
				({ hypothesis, probability }) =>
					hypothesis.id !== id && probability >= RIVAL_FROM && findTaxon(idOf(hypothesis))
			)
			.slice(0, RIVALS)
			.map(({ hypothesis, probability }) => ({
				taxonId: idOf(hypothesis),
				stage: hypothesis.stage,
				probability: Math.round(probability * 1000) / 1000
			})),
		...(leader && { leader: { leaderM: leader.leaderM, tippetX: leader.tippetX } }),
		flies: fliesOf(outing),
		...(seen.photoId && { photoId: seen.photoId }),
		place: { precision: 'exact', ...where }
	};
}

/** What a hypothesis is called in a record. */
const idOf = ({ kind, taxonId, group }: Hypothesis): string =>
	kind === 'group' ? unnamedOf(group) : taxonId;

/** How many of the other readings are kept beside the record's own. */
const RIVALS = 3;
const RIVAL_FROM = 0.05;

/** The hook its length asks for: a nymph's on a nymph shank, all else on a straight dry-fly one. */
function hookAsDressed(
	lengthMm: number,
	stage: LifeStage,
	{ steps, dressShort }: HookCalibration = {}
): number | undefined {
	if (lengthMm < HOOK_FOR_MM.least || lengthMm > HOOK_FOR_MM.most) return undefined;
	const hook = stage === 'nymph' || stage === 'larva' ? NYMPH_HOOK : DRY_HOOK;
	return hookFor(lengthMm, 'body', {
		...hook,
		offsetSteps: steps?.[hook.family] ?? 0,
		dressShort: hook.dressShort && dressShort !== false
	}).size;
}

function meanColour(colours: readonly Lab[]): Lab {
	const mean = (of: (colour: Lab) => number) =>
		Math.round((colours.reduce((sum, colour) => sum + of(colour), 0) / colours.length) * 10) / 10;
	return { l: mean(({ l }) => l), a: mean(({ a }) => a), b: mean(({ b }) => b) };
}

const isWingless = ({ stage }: HatchRecord): boolean => stage === 'nymph' || stage === 'larva';

/** Within this time after the last sighting, the rises tell whether fish were on it. */
const TAKEN_AFTER_MS = 20 * 60_000;

/** The step of the common scale for a count in a net. */
export function abundanceOf(count: number): Abundance {
	if (count === 0) return 'none';
	if (count <= 2) return 'single';
	if (count < 10) return 'few';
	return count < 50 ? 'many' : 'masses';
}

interface Seen {
	taxonId: string;
	stage: LifeStage;
	times: { at: Date; abundance: Abundance }[];
	logLength: number;
	measured: number;
	bellies: Lab[];
	/** The surest way in which it was named. */
	by: NamedBy;
	photoId?: string;
}

function gatherSeen(outing: Outing): Map<string, Seen> {
	const found = new Map<string, Seen>();
	const add = (taxonId: string, stage: LifeStage, at: Date, abundance: Abundance): Seen => {
		const key = `${taxonId}/${stage}`;
		const seen = found.get(key) ?? {
			taxonId,
			stage,
			times: [],
			logLength: 0,
			measured: 0,
			bellies: [],
			by: 'eye'
		};
		seen.times.push({ at, abundance });
		found.set(key, seen);
		return seen;
	};
	for (const { note, observedAt } of outing.samples)
		for (const lot of note.body.lots) {
			const seen = add(lot.taxonId, lot.stage, observedAt, abundanceOf(lot.count));
			seen.by = surer(seen.by, namedBy(lot));
			if (lot.belly) seen.bellies.push(lot.belly);
			if (lot.photoId) seen.photoId = lot.photoId;
			if (lot.lengthMm === undefined) continue;
			seen.logLength +=
				Math.log(bodyLengthMm(lot.lengthMm, lot.measured, lot.taxonId, lot.stage)) * lot.count;
			seen.measured += lot.count;
		}
	for (const { note, observedAt } of outing.samples)
		for (const { group, stage, count, lengthMm, shade } of note.body.unnamed ?? []) {
			const seen = add(unnamedOf(group), stage, observedAt, abundanceOf(count));
			seen.by = surer(seen.by, 'hand');
			if (shade) seen.bellies.push(SHADES[shade]);
			if (lengthMm === undefined) continue;
			seen.logLength += Math.log(lengthMm) * count;
			seen.measured += count;
		}
	for (const { note, observedAt } of outing.unnamed) {
		const { group, stage, abundance, shade, lengthMm } = note.body;
		if (abundance === 'none') continue;
		const seen = add(unnamedOf(group), stage, observedAt, abundance);
		if (shade) seen.bellies.push(SHADES[shade]);
		if (lengthMm === undefined) continue;
		seen.logLength += Math.log(lengthMm);
		seen.measured += 1;
	}
	for (const { note, observedAt } of outing.sightings) {
		const { taxonId, stage, abundance } = note.body;
		if (abundance !== 'none') add(taxonId, stage, observedAt, abundance);
	}
	// Looked and saw none is a record too, unless it was seen after all: without absences nothing can be learned.
	const seen = new Set(found.keys());
	for (const { note, observedAt } of outing.sightings) {
		const { taxonId, stage, abundance, sign } = note.body;
		if (abundance === 'none' && sign === 'insects' && !seen.has(`${taxonId}/${stage}`))
			add(taxonId, stage, observedAt, 'none');
	}
	return found;
}

const namedBy = ({ photoId, belly, measured }: Lot): NamedBy =>
	photoId || belly ? 'picture' : measured === 'binoculars' ? 'eye' : 'hand';
const surer = (a: NamedBy, b: NamedBy): NamedBy => (NAMED_BY.indexOf(a) > NAMED_BY.indexOf(b) ? a : b);

/** Conditions when most were seen; what nobody had noted by then, as noted later. */
function conditionsOf(outing: Outing, then: Outing): HatchRecord['conditions'] {
	const conditions: Record<string, unknown> = {};
	for (const field of [
		'waterC',
		'airC',
		'sky',
		'windMs',
		'clarityM',
		'surface',
		'speedMs',
		'levelM'
	] as const) {
		const noted = then.conditions[field] ?? outing.conditions[field];
		if (noted) conditions[field] = noted.value;
	}
	return conditions;
}

/** The water when it was first and last seen, from the measurement nearest before each; the first one counts backwards too. */
function waterSpanOf(outing: Outing, firstSeen: Date, lastSeen: Date): Pick<HatchRecord, 'waterSpan'> {
	const measured = outing.live.flatMap(({ note, observedAt }) =>
		note.kind === 'conditions' && note.body.waterC !== undefined
			? [{ at: observedAt, waterC: note.body.waterC }]
			: []
	);
	const [earliest] = measured;
	if (!earliest) return {};
	const when = (moment: Date) => (measured.findLast(({ at }) => at <= moment) ?? earliest).waterC;
	return { waterSpan: { firstC: when(firstSeen), lastC: when(lastSeen) } };
}

function riseFormsOf(outing: Outing): HatchRecord['riseForms'] {
	const counts = new Map<HatchRecord['riseForms'][number]['form'], number>();
	for (const { note } of outing.rises) counts.set(note.body.form, (counts.get(note.body.form) ?? 0) + 1);
	return [...counts].map(([form, count]) => ({ form, count })).sort((a, b) => b.count - a.count);
}

function fliesOf(outing: Outing): HatchRecord['flies'] {
	const flies = new Map<string, HatchRecord['flies'][number]>();
	for (const { note } of outing.attempts) {
		const { patternId, hookSize, outcome, dressing, drifts } = note.body;
		const key = `${patternId} ${hookSize} ${outcome}`;
		const times = outcome === 'drifted' ? (drifts ?? 1) : 1;
		const fly = flies.get(key);
		if (fly) fly.times += times;
		else flies.set(key, { patternId, hookSize, outcome, times, ...(dressing && { name: dressing.name }) });
	}
	return [...flies.values()];
}

const rank = (abundance: Abundance): number => ABUNDANCES.indexOf(abundance);
