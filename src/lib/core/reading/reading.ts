import { effectiveNumber } from '../math';
import { describeNote, type Note } from '../note';
import { type CurrentConditions, type Outing, weatherOf } from '../outing';
import type { Phrase } from '../units';
import { evidenceOf } from './evidence';
import type { Hypothesis } from '../likeness';
import { hypothesesFor, priorWeights } from './hypothesis';
import { WEIGHTS, type Weights } from './weights';

/** How one note, or the season, moved every hypothesis: natural-log weights of evidence, in the order of `beliefs`. */
export interface Contribution {
	/** The note, or null for season and hour. */
	noteId: string | null;
	says: Phrase;
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
	word: 'Sure' | 'Fairly sure' | 'Leaning' | 'Open';
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

/** One reason for a belief. */
export interface Reason extends Phrase {
	/** Natural-log weight of evidence: above 0 it speaks for, below 0 against. */
	weight: number;
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

	const resolve = resolveOf(outing, hypotheses, totals, weights);
	const probabilities = softmax(totals.map((total) => total * resolve));
	const order = hypotheses
		.map((_, i) => i)
		.sort(
			(a, b) =>
				(probabilities[b] ?? 0) - (probabilities[a] ?? 0) ||
				(idOf(hypotheses, a) < idOf(hypotheses, b) ? -1 : 1)
		);
	return {
		at: outing.now,
		beliefs: order.map((i) => ({ hypothesis: must(hypotheses[i]), probability: must(probabilities[i]) })),
		contributions: [...weatherRows, ...noteRows].map(({ noteId, says, weights: moves }) => {
			let sorted: Float64Array | undefined;
			// Put in order when somebody asks why, not at each tap.
			return {
				noteId,
				says,
				get weights() {
					return (sorted ??= reordered(moves, order, resolve));
				}
			};
		}),
		certainty: certaintyOf(probabilities)
	};
}

/** Between the two of the table: by how likely it is that what is taken was itself met with today. */
function resolveOf(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	totals: Float64Array,
	{ resolve }: Weights
): number {
	const met = naturalsMet(outing);
	const shown = softmax(totals).reduce(
		(sum, probability, i) => sum + (met.has(hypotheses[i]?.id ?? '') ? probability : 0),
		0
	);
	return resolve.unseen + (resolve.seen - resolve.unseen) * shown;
}

/** Naturals, as `taxon/stage`, that a net held or somebody saw, followed or found the skins of. */
function naturalsMet(outing: Outing): Set<string> {
	const met = new Set<string>();
	for (const { note } of outing.samples)
		for (const { taxonId, stage } of note.body.lots) met.add(`${taxonId}/${stage}`);
	for (const { note } of outing.sightings)
		if (note.body.abundance !== 'none' && note.body.sign === 'insects')
			met.add(`${note.body.taxonId}/${note.body.stage}`);
	for (const { note } of outing.drifted)
		if (note.body.fate === 'taken') met.add(`${note.body.taxonId}/${note.body.stage}`);
	return met;
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
	const bySaying = new Map<string, Reason>();
	for (const { noteId, says, weights } of reading.contributions) {
		const weight = weights[index] ?? 0;
		const key = `${says.say}|${JSON.stringify(says.with ?? {})}`;
		const reason = bySaying.get(key) ?? { ...says, weight: 0, noteIds: [] };
		reason.weight += weight;
		if (noteId) reason.noteIds.push(noteId);
		bySaying.set(key, reason);
	}
	return [...bySaying.values()]
		.filter((reason) => Math.abs(reason.weight) >= WORTH_SAYING)
		.sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight))
		.map((reason) =>
			reason.noteIds.length > 1
				? {
						...reason,
						say: `${reason.say} × {times}`,
						with: { ...reason.with, times: { count: reason.noteIds.length } }
					}
				: reason
		);
}

/** A weight of evidence in words: factors of 1.5, 3 and 10 in the odds, after Jeffreys, H. (1961), Theory of probability. */
export function weightWords(weight: number): { strength: string; odds: string } {
	const size = Math.abs(weight);
	const word =
		size > Math.log(10)
			? 'strongly'
			: size > Math.log(3)
				? 'clearly'
				: size > Math.log(1.5)
					? 'somewhat'
					: 'a little';
	return {
		strength: `${word} ${weight > 0 ? 'for' : 'against'}`,
		odds: `${timesWord(Math.exp(size))} times the odds ${weight > 0 ? 'for' : 'against'}`
	};
}

/** A factor as a guide would say it: 1.5, 4, 30, or over a thousand. */
function timesWord(factor: number): string {
	if (factor > 1000) return 'over 1,000';
	if (factor >= 20) return String(Math.round(factor / 10) * 10);
	return String(Number(factor.toFixed(factor < 3 ? 1 : 0)));
}

/**
 * Log prior under the conditions in force, taken apart: first season and hour in usual weather, then what each
 * conditions note changed, oldest first, so that the parts add up exactly.
 */
function seasonAndWeather(outing: Outing, hypotheses: readonly Hypothesis[], table: Weights) {
	const logPrior = (conditions: CurrentConditions) =>
		logNormalised(priorWeights(hypotheses, outing.place, outing.now, weatherOf(outing, conditions), table));
	let before = logPrior({});
	const uniform = -Math.log(Math.max(1, hypotheses.length));
	const rows: { noteId: string | null; says: Phrase; weights: number[] }[] = [
		{ noteId: null, says: { say: 'Season and hour' }, weights: before.map((log) => log - uniform) }
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
		priorWeights(hypotheses, outing.place, outing.now, weather, weights, leastSeason);
	const expected = by(0);
	return by(weights.seasonWhenSeen).map((seen, i) =>
		hypotheses[i]?.kind === 'natural' ? Math.log(seen / must(expected[i])) : 0
	);
}

/** Notes never change, so what they say need be written once only. */
const sayings = new WeakMap<Note, Phrase>();

function saysOf(note: Note | undefined): Phrase {
	if (!note) return { say: 'A note' };
	let says = sayings.get(note);
	if (!says) sayings.set(note, (says = write(note)));
	return says;
}

function write(note: Note): Phrase {
	const { title, detail } = describeNote(note);
	// Alike rises of different fish are one reason.
	if (note.kind === 'rise') return { say: title };
	if (note.kind === 'drifted') return { say: `${detail.say} ${title.toLowerCase()}` };
	return detail.say ? { ...detail, say: `${title}: ${detail.say}` } : { say: title };
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

/** The same numbers in another order, each times a factor. */
function reordered(weights: ArrayLike<number>, order: readonly number[], factor: number): Float64Array {
	const sorted = new Float64Array(order.length);
	for (let i = 0; i < order.length; i++) sorted[i] = factor * (weights[order[i] ?? 0] ?? 0);
	return sorted;
}

/** From so much for the second, and no further apart than this, two things are taken at once (field rule). */
const MIXED = { least: 0.25, apart: 0.15 };

function certaintyOf(probabilities: readonly number[]): Certainty {
	const top = Math.max(0, ...probabilities);
	const inPlay = effectiveNumber(probabilities);
	const word = top >= 0.75 ? 'Sure' : top >= 0.5 ? 'Fairly sure' : top >= 0.3 ? 'Leaning' : 'Open';
	const [, second = 0] = [...probabilities].sort((a, b) => b - a);
	const mixed = second >= MIXED.least && top - second <= MIXED.apart;
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
