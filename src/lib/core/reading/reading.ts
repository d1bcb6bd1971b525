import { effectiveNumber } from '../math';
import { describeNote, type Note } from '../note';
import { type CurrentConditions, type Outing, weatherOf } from '../outing';
import { joined, names, within, words, type Message } from '../message';
import { CERTAINTY, STRENGTH } from './evidence-tables';
import { evidenceOf } from './evidence';
import type { Hypothesis } from '../likeness';
import { hypothesesFor, priorWeights } from './hypothesis';
import { naturalsMet, naturalsWithinReach } from './met';
import { statesOf, type State } from './states';
import { WEIGHTS, type Weights } from './weights';

const say = words('reading', {
	season: 'Season and hour',
	note: 'A note',
	detailed: '{title}: {detail}',
	'several-times': '{reason} × {times}',
	strongly: '{way, select, for {strongly for} other {strongly against}}',
	clearly: '{way, select, for {clearly for} other {clearly against}}',
	somewhat: '{way, select, for {somewhat for} other {somewhat against}}',
	little: '{way, select, for {a little for} other {a little against}}',
	'under-one': 'under 1',
	without: 'without {notes, plural, one {this note} other {these notes}}: {without} instead of {now} in 100',
	'without-season': 'without it: {without} instead of {now} in 100',
	'as-much': 'without it: as much, {now} in 100',
	'guess-first': 'by the notes likeliest, {now} in 100',
	guess: 'by the notes {now} in 100'
});

/** What each word of certainty is called. */
export const CERTAINTY_NAMES = names('certainty', {
	sure: 'Sure',
	'fairly-sure': 'Fairly sure',
	leaning: 'Leaning',
	open: 'Open'
});

/** How one note, or the season, moved every hypothesis: natural-log weights of evidence, in the order of `beliefs`. */
export interface Contribution {
	/** The note, or null for season and hour. */
	noteId: string | null;
	says: Message;
	readonly weights: Float64Array;
}

export interface Belief {
	hypothesis: Hypothesis;
	/** 0 to 1; all beliefs of a reading sum to 1. */
	probability: number;
}

export interface Certainty {
	/** Probability of the likeliest hypothesis. */
	top: number;
	/** How many hypotheses are really in play: the exponential of the entropy (Hill, M. O. 1973, Ecology 54). */
	inPlay: number;
	word: 'sure' | 'fairly-sure' | 'leaning' | 'open';
	/** Two things are about as likely, and between them more likely than all else: shown as two, not forced into one. */
	mixed: boolean;
}

/** What the fish are most likely eating, and why. */
export interface Reading {
	at: Date;
	/** Likeliest first. */
	beliefs: Belief[];
	contributions: Contribution[];
	certainty: Certainty;
}

/** The model of this reading: raised when the same notes would be read otherwise; records say which one read them. */
export const READING_MODEL = 2;

/** One reason for a belief. */
export interface Reason {
	says: Message;
	/** Natural-log weight of evidence: above 0 it speaks for, below 0 against. */
	weight: number;
	/** How likely the hypothesis would be without these notes, 0 to 1. */
	without: number;
	noteIds: string[];
}

/**
 * Reads the water: a probability for every taxon and stage the fish may be eating, from season, hour,
 * temperature, samples, sightings and rises. Order of notes does not matter, and taking a note away undoes
 * exactly what it did. Naive Bayes with tempered evidence; every number is in `weights.ts`.
 *
 * @param watchId one fish under watch: the reading is then of what that fish takes, and other fish say less
 * @param weights the table, or what a school of weighing puts in its place
 */
export function readWater(outing: Outing, watchId?: string, weights: Weights = WEIGHTS): Reading {
	const hypotheses = hypothesesFor(outing);
	const { rows: weatherRows, logPriors } = seasonAndWeather(outing, hypotheses, weights);
	const priors = softmax(logPriors);
	const evidence = evidenceOf(
		outing,
		hypotheses,
		priors,
		presenceOf(outing, hypotheses, weights),
		weights,
		watchId
	);

	const totals = Float64Array.from(logPriors);
	const noteById = new Map<string, Note>(outing.live.map(({ note }) => [note.id, note]));
	const noteRows = evidence.map(({ noteId, says, logLikelihoods }) => {
		const moves = centred(logLikelihoods, priors);
		for (let i = 0; i < moves.length; i++) totals[i] = (totals[i] ?? 0) + (moves[i] ?? 0);
		return { noteId, says: says ?? saysOf(noteById.get(noteId)), weights: moves };
	});

	const met = naturalsMet(outing);
	const tempering = temperingOf(met, hypotheses, totals, weights);
	const fed = softmax(totals.map((total) => total * tempering));
	const states = statesOf(outing, hypotheses, fed, watchId, weights);
	const feeds = 1 - states.reduce((sum, { probability }) => sum + probability, 0);
	const all = [...hypotheses, ...states.map(({ hypothesis }) => hypothesis)];
	const probabilities = [...fed.map((p) => p * feeds), ...states.map(({ probability }) => probability)];
	const order = all
		.map((_, i) => i)
		.sort(
			(a, b) => (probabilities[b] ?? 0) - (probabilities[a] ?? 0) || (idOf(all, a) < idOf(all, b) ? -1 : 1)
		);
	const foodRows = [...weatherRows, ...noteRows];
	const level =
		tempering * foodRows.reduce((sum, { weights: row }) => sum + must(row[0]), 0) -
		Math.log(must(probabilities[0]));
	const stateRows = states.flatMap((state, i) =>
		rowsOfState(state, hypotheses.length + i, all.length, level, noteById)
	);
	const rows = [
		...foodRows.map((row) => ({ ...row, by: tempering })),
		...stateRows.map((row) => ({ ...row, by: 1 }))
	];
	return {
		at: outing.now,
		beliefs: order.map((i) => ({ hypothesis: must(all[i]), probability: must(probabilities[i]) })),
		contributions: rows.map(({ noteId, says, weights: moves, by }) => {
			let sorted: Float64Array | undefined;
			// Tempered and put in order when somebody asks why, not at each tap.
			return {
				noteId,
				says,
				get weights() {
					return (sorted ??= reordered(moves, order, by));
				}
			};
		}),
		certainty: certaintyOf(probabilities, naturalsWithinReach(outing).has(idOf(all, order[0] ?? -1)))
	};
}

/**
 * What each note said of a state, and how likely it was beforehand, so that the rows add up to its probability as those
 * of the foods do to theirs.
 *
 * @param at its place among the hypotheses, of so many
 * @param level what the sum of a food's rows lies above the logarithm of its probability
 */
function rowsOfState(
	{ probability, evidence }: State,
	at: number,
	of: number,
	level: number,
	noteById: ReadonlyMap<string, Note>
): { noteId: string | null; says: Message; weights: Float64Array }[] {
	const row = (noteId: string | null, says: Message, weight: number) => {
		const weights = new Float64Array(of);
		weights[at] = weight;
		return { noteId, says, weights };
	};
	const moved = evidence.reduce((sum, { weight }) => sum + weight, 0);
	return [
		row(null, say('season'), Math.log(probability) + level - moved),
		...evidence.map(({ noteId, says, weight }) => row(noteId, says ?? saysOf(noteById.get(noteId)), weight))
	];
}

/** Between the two of the table: by how likely it is that what is taken was itself met with today. */
function temperingOf(
	met: ReadonlySet<string>,
	hypotheses: readonly Hypothesis[],
	totals: Float64Array,
	{ bounds }: Weights
): number {
	const isShown = ({ id, group, stage }: Hypothesis) => met.has(id) || met.has(`group/${group}/${stage}`);
	const shown = softmax(totals).reduce((sum, probability, i) => {
		const hypothesis = hypotheses[i];
		return hypothesis && isShown(hypothesis) ? sum + probability : sum;
	}, 0);
	return bounds.unseen + (bounds.seen - bounds.unseen) * shown;
}

/** Weights of evidence smaller than this (a factor of 1.03) are not worth a line. */
const WORTH_SAYING = 0.03;

/**
 * The reasons for and against one hypothesis, weightiest first; notes that say the same are one reason.
 *
 * @throws RangeError when the reading has no such hypothesis
 */
export function reasonsFor(reading: Reading, hypothesisId: string): Reason[] {
	const index = reading.beliefs.findIndex((belief) => belief.hypothesis.id === hypothesisId);
	if (index < 0) throw new RangeError(`The reading has no hypothesis "${hypothesisId}"`);
	const totals = new Float64Array(reading.beliefs.length);
	const bySaying = new Map<string, { says: Message; noteIds: string[]; weights: Float64Array }>();
	for (const { noteId, says, weights } of reading.contributions) {
		const key = JSON.stringify(says);
		let same = bySaying.get(key);
		if (!same) bySaying.set(key, (same = { says, noteIds: [], weights: new Float64Array(totals.length) }));
		if (noteId) same.noteIds.push(noteId);
		for (let i = 0; i < weights.length; i++) {
			const weight = weights[i] ?? 0;
			totals[i] = (totals[i] ?? 0) + weight;
			same.weights[i] = (same.weights[i] ?? 0) + weight;
		}
	}
	return [...bySaying.values()]
		.filter(({ weights }) => Math.abs(weights[index] ?? 0) >= WORTH_SAYING)
		.map(({ says, noteIds, weights }): Reason => ({
			says: noteIds.length > 1 ? say('several-times', { reason: says, times: noteIds.length }) : says,
			weight: weights[index] ?? 0,
			without: must(softmax(totals.map((total, i) => total - (weights[i] ?? 0)))[index]),
			noteIds
		}))
		.sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
}

/** A weight of evidence in a word: factors of 1.5, 3 and 10 in the odds, after Jeffreys, H. (1961), Theory of probability. */
export function strengthOf(weight: number): Message {
	const factor = Math.exp(Math.abs(weight));
	const strength =
		(['strongly', 'clearly', 'somewhat'] as const).find((word) => factor > STRENGTH.values[word]) ?? 'little';
	return say(strength, { way: weight > 0 ? 'for' : 'against' });
}

/** What a reason is worth: how likely it would be without these notes, against how likely it is. */
export function worthOf({ without, noteIds }: Reason, probability: number): Message {
	const [now, then] = [inHundred(probability), inHundred(without)];
	return say(now === then ? 'as-much' : noteIds.length === 0 ? 'without-season' : 'without', {
		notes: noteIds.length,
		without: then || say('under-one'),
		now: now || say('under-one')
	});
}

/** What became of a guess, which the reading leaves alone: how likely what was guessed is by the notes there are now. */
export function scoreOfGuess(
	{ beliefs }: Reading,
	{ taxonId, stage }: Pick<Hypothesis, 'taxonId' | 'stage'>
): Message {
	const [first] = beliefs;
	const own = beliefs.find(({ hypothesis: { id } }) => id === `${taxonId}/${stage}`);
	const now = inHundred(own?.probability ?? 0);
	return say(own && own === first ? 'guess-first' : 'guess', { now: now || say('under-one') });
}

const HUNDRED = 100;
const inHundred = (probability: number): number => Math.round(HUNDRED * probability);

/**
 * Log prior under the conditions in force, taken apart: first season and hour in usual weather, then what each
 * conditions note changed, oldest first, so that the parts add up exactly.
 */
function seasonAndWeather(outing: Outing, hypotheses: readonly Hypothesis[], table: Weights) {
	const logPrior = (conditions: CurrentConditions) =>
		logNormalised(
			priorWeights(hypotheses, outing.place, outing.now, weatherOf(outing, conditions), table, { conditions })
		);
	let before = logPrior({});
	const uniform = -Math.log(Math.max(1, hypotheses.length));
	const rows: { noteId: string | null; says: Message; weights: number[] }[] = [
		{ noteId: null, says: say('season'), weights: before.map((log) => log - uniform) }
	];
	const noted: CurrentConditions = {};
	const notes = new Map<string, [keyof CurrentConditions, unknown][]>();
	for (const [field, value] of Object.entries(outing.conditions))
		notes.set(value.noteId, [...(notes.get(value.noteId) ?? []), [field as keyof CurrentConditions, value]]);
	for (const { note } of outing.live) {
		const fields = notes.get(note.id);
		if (!fields) continue;
		Object.assign(noted, Object.fromEntries(fields));
		const after = logPrior(noted);
		rows.push({ noteId: note.id, says: saysOf(note), weights: after.map((log, i) => log - must(before[i])) });
		before = after;
	}
	return { rows, logPriors: before };
}

/** Log factors by which each hypothesis would be likelier, were its taxon known to be about today. */
function presenceOf(outing: Outing, hypotheses: readonly Hypothesis[], weights: Weights): number[] {
	const weather = weatherOf(outing);
	const by = (leastSeason: number) =>
		priorWeights(hypotheses, outing.place, outing.now, weather, weights, { leastSeason, apart: true });
	const expected = by(0);
	return by(weights.expected.seasonWhenSeen).map((seen, i) =>
		hypotheses[i]?.kind === 'natural' ? Math.log(seen / must(expected[i])) : 0
	);
}

/** Notes never change, so what they say need be written once only. */
const sayings = new WeakMap<Note, Message>();

function saysOf(note: Note | undefined): Message {
	if (!note) return say('note');
	let says = sayings.get(note);
	if (!says) sayings.set(note, (says = write(note)));
	return says;
}

function write(note: Note): Message {
	const { title, detail } = describeNote(note);
	// Alike rises of different fish are one reason.
	if (note.kind === 'rise' || !detail) return title;
	if (note.kind === 'drifted') return joined(' ', detail, within(title));
	return say('detailed', { title, detail });
}

/** Weights of evidence, in place of the log likelihoods: each against the average likelihood under the prior. */
function centred(logLikelihoods: Float64Array, priors: readonly number[]): Float64Array {
	const count = logLikelihoods.length;
	let most = -Infinity;
	for (let i = 0; i < count; i++) most = Math.max(most, logLikelihoods[i] ?? 0);
	let mean = 0;
	let last = 0;
	let factor = Math.exp(-most);
	for (let i = 0; i < count; i++) {
		const log = logLikelihoods[i] ?? 0;
		// Many hypotheses share a likelihood; exponentials are what takes the time.
		if (log !== last) [last, factor] = [log, Math.exp(log - most)];
		mean += (priors[i] ?? 0) * factor;
	}
	const middle = most + Math.log(mean);
	for (let i = 0; i < count; i++) logLikelihoods[i] = (logLikelihoods[i] ?? 0) - middle;
	return logLikelihoods;
}

/** The same numbers in another order, times a factor; where there is none, 0. */
function reordered(weights: ArrayLike<number>, order: readonly number[], by: number): Float64Array {
	return Float64Array.from(order, (i) => by * (weights[i] ?? 0));
}

/** @param met whether the likeliest was itself met with today within reach of fish: nobody is sure of what nobody has seen */
function certaintyOf(probabilities: readonly number[], met: boolean): Certainty {
	const top = Math.max(0, ...probabilities);
	const inPlay = effectiveNumber(probabilities);
	const { values: from } = CERTAINTY;
	const word =
		top >= from.sure && met
			? 'sure'
			: top >= from['fairly-sure']
				? 'fairly-sure'
				: top >= from.leaning
					? 'leaning'
					: 'open';
	const [, second = 0] = [...probabilities].sort((a, b) => b - a);
	const mixed = second >= from.mixedFrom && top - second <= from.mixedWithin;
	return { top, inPlay, word, mixed };
}

function softmax(logs: ArrayLike<number>): number[] {
	const list = Array.from(logs);
	const most = Math.max(...list);
	const raised = list.map((log) => Math.exp(log - most));
	const sum = raised.reduce((a, b) => a + b, 0);
	return raised.map((value) => value / sum);
}

function logNormalised(weights: readonly number[]): number[] {
	const sum = weights.reduce((a, b) => a + b, 0);
	return weights.map((weight) => Math.log(weight / sum));
}

const idOf = (hypotheses: readonly Hypothesis[], i: number): string => hypotheses[i]?.id ?? '';

function must<T>(value: T | undefined): T {
	if (value === undefined) throw new Error('index out of range');
	return value;
}
