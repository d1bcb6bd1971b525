import {
	findStage,
	findTaxon,
	livesAt,
	ofTaxa,
	seasonWeight,
	shareAt,
	zoneOf,
	type Group,
	type LifeStage,
	type Place
} from '../atlas';
import { effectiveNumber, entropyBits } from '../math';
import type { Message } from '../message';
import type { SampleMethod } from '../vocabulary';
import { WEIGHTS } from '../reading';
import type { Answer } from './answer';
import { contradictionsIn, type Contradiction } from './contradictions';
import { fishingEnough, flyClass, type Enough } from './enough';
import { MARK_IDS, markAsks, MARKS, type MarkId } from './mark';
import { padChances, stateChances, statesShown, type Suspect } from './states';
import { wordsFor } from './stage-words';
import { trapAt } from './traps';

/** Where, when and how the animal was found; each part may be left out, and narrows what is likely. */
export interface Finding {
	place?: Place;
	at?: Date;
	method?: SampleMethod;
	/** What is known of it already: "it is a stonefly". */
	group?: Group;
}

export interface Candidate {
	taxonId: string;
	stage: LifeStage;
	/** 0 to 1; all candidates sum to 1. */
	probability: number;
}

export interface Question {
	mark: MarkId;
	asks: Message;
	effortS: number;
	/** Expected gain in bits: towards the fly first, towards the name second. */
	gainBits: number;
	/** Each answer, likeliest first. */
	answers: {
		state: string;
		/** Named as fits the stages that are still possible. */
		says: Message;
		probability: number;
		/** Some animal that agrees with all answers so far shows this; otherwise one of them was wrong. */
		possible: boolean;
	}[];
	/** What goes wrong in looking here, when it would matter. */
	trap?: Message;
}

export interface Identification {
	/** Likeliest first. */
	candidates: Candidate[];
	/** The likeliest stage of a group, whatever its kind, and how likely that is. */
	group: { group: Group; stage: LifeStage; probability: number };
	/** How many are really in play: the exponential of the entropy (Hill, M. O. 1973, Ecology 54). */
	inPlay: number;
	/** Best first: what to look at next. Empty when nothing would tell more. */
	questions: Question[];
	/** Whether, and on what fly, it is good enough to fish. */
	enough: Enough;
	contradictions: Contradiction[];
}

/** A state noted of something that should not have the mark at all is as likely as this, spread over the states. */
const MARK_NOT_THERE = 0.3;
/** The name counts this much beside the fly in the worth of a question. */
const NAME_WORTH = 0.35;
/** A question that gains less is not worth asking, in bits. */
const WORTH_ASKING = 0.02;

const suspects = ofTaxa((taxa): readonly Suspect[] =>
	taxa.flatMap((taxon) =>
		taxon.stages.map((traits) => ({
			taxonId: taxon.id,
			stage: traits.stage,
			chances: stateChances(taxon, traits),
			shows: statesShown(taxon, traits)
		}))
	)
);

/**
 * What an animal is, from marks answered in any order: the posterior over every taxon and stage of the atlas by
 * Bayes with misreadings, so that no single wrong answer is fatal. A multi-access key in the sense of Dallwitz,
 * Paine & Zurcher (2000), Principles of interactive keys, with the next question chosen by expected information
 * (Lindley 1956) for the second of looking.
 *
 * `identify([{ mark: 'tails', state: '2' }, { mark: 'pads', state: '2' }]).candidates[0]` is a stonefly nymph.
 *
 * @param finding place, day and method; pass `{}` to take every animal as equally likely
 * @throws RangeError naming a mark or state that the key does not have
 */
export function identify(
	answers: readonly Answer[],
	finding: Finding = {},
	mostQuestions = 4
): Identification {
	for (const { mark, state, shares } of answers)
		for (const seen of [state, ...Object.keys(shares ?? {})]) check(mark, seen);
	const given = answers.filter(({ state }) => state !== 'unseen');
	const prior = priorOf(finding);
	const rows = given.map((answer) => evidenceOf(answer, finding));
	const posterior = normalised(
		prior.map((p, i) => rows.reduce((product, row) => product * (row[i] ?? 0), p))
	);
	const length = given.find(({ mark }) => mark === 'length')?.state;
	const all = suspects();
	const order = all.map((_, i) => i).sort((a, b) => (posterior[b] ?? 0) - (posterior[a] ?? 0) || a - b);
	const candidates = order.map((i): Candidate => {
		const { taxonId, stage } = all[i] as Suspect;
		return { taxonId, stage, probability: posterior[i] ?? 0 };
	});
	const answered = new Set(answers.map(({ mark }) => mark));
	return {
		candidates,
		group: likeliestGroup(candidates),
		inPlay: effectiveNumber(posterior),
		questions: questionsFor(posterior, given, answered, length).slice(0, mostQuestions),
		enough: fishingEnough(candidates, given.length, length),
		contradictions: contradictionsIn(given, rows, prior, posterior)
	};
}

/** What can be kept of it where no name is sure: the stage of a group that is likeliest, whatever its kind. */
function likeliestGroup(candidates: readonly Candidate[]): Identification['group'] {
	const sums = new Map<string, Identification['group']>();
	for (const { taxonId, stage, probability } of candidates) {
		const group = findTaxon(taxonId)?.group;
		if (!group) continue;
		const key = `${group} ${stage}`;
		const sum = sums.get(key) ?? { group, stage, probability: 0 };
		sums.set(key, { ...sum, probability: sum.probability + probability });
	}
	const [first] = [...sums.values()].sort((a, b) => b.probability - a.probability);
	if (!first) throw new Error('The key knows no animal.');
	return first;
}

/** For each mark and state, the chance that it is noted looking at each suspect. */
const likelihoods = ofTaxa(
	() =>
		new Map<MarkId, ReadonlyMap<string, Float64Array>>(
			MARK_IDS.map((mark) => {
				const states = Object.keys(MARKS[mark].states);
				const rows = states.map((state): [string, Float64Array] => [
					state,
					Float64Array.from(
						suspects(),
						({ chances }) => chances[mark]?.[state] ?? MARK_NOT_THERE / states.length
					)
				]);
				return [mark, new Map(rows)];
			})
		)
);

/** The likelihood of an answer under each suspect. */
function likelihoodOf(mark: MarkId, state: string): Float64Array {
	const row = likelihoods().get(mark)?.get(state);
	if (!row) throw new RangeError(`"${state}" is no answer about ${mark}.`);
	return row;
}

/** The likelihood of what was seen or measured under each suspect: of wing pads, by the season. */
function evidenceOf({ mark, state, shares = { [state]: 1 } }: Answer, { place, at }: Finding): Float64Array {
	const parts = Object.entries(shares).map(([seen, share]) => ({
		seen,
		share,
		row: likelihoodOf(mark, seen)
	}));
	const row = suspects().map((_, i) => parts.reduce((sum, { share, row }) => sum + share * (row[i] ?? 0), 0));
	if (mark !== 'pad-colour' || !place || !at) return Float64Array.from(row);
	return Float64Array.from(suspects(), ({ taxonId, shows }, i) => {
		const taxon = shows[mark] && findTaxon(taxonId);
		if (!taxon || !livesAt(taxon, place)) return row[i] ?? 0;
		const ripe: Readonly<Record<string, number>> = padChances(taxon, place, at);
		return parts.reduce((sum, { seen, share }) => sum + share * (ripe[seen] ?? 0), 0);
	});
}

function check(mark: string, state: string): void {
	if (!Object.hasOwn(MARKS, mark)) throw new RangeError(`The key has no mark "${mark}".`);
	const { states } = MARKS[mark as MarkId];
	if (state !== 'unseen' && !Object.hasOwn(states, state))
		throw new RangeError(
			`"${state}" is no answer about ${mark}; use one of ${Object.keys(states).join(', ')} or unseen.`
		);
}

/** Never wholly excluded: seasons shift, and animals turn up where no book has them. */
const STRAY = 0.02;

function priorOf({ place, at, method, group }: Finding): number[] {
	return normalised(
		suspects().map(({ taxonId, stage }) => {
			const taxon = findTaxon(taxonId);
			const traits = taxon && findStage(taxon, stage);
			if (!taxon || !traits || (group && taxon.group !== group)) return 0;
			let weight = stage === 'cripple' || stage === 'egg-laying' ? 0.4 : 1;
			if (place && !livesAt(taxon, place)) return 0;
			if (place) weight *= STRAY + shareAt(taxon, place);
			// Nymphs and larvae are in the water most of the year; what flies has its weeks.
			if (place && at) {
				const season = seasonWeight(taxon, place, at);
				weight *= LIVES_LONG.has(stage) ? 0.3 + 0.7 * season : STRAY + season;
			}
			if (method) weight *= STRAY + WEIGHTS.sees[method][zoneOf(taxon, traits)];
			return weight;
		})
	);
}

const LIVES_LONG: ReadonlySet<LifeStage> = new Set(['nymph', 'larva', 'crustacean', 'aquatic']);

/** A state that an animal shows less often than this it does not have. */
const SHOWN_BY = 0.02;
/** An animal less likely than this by place, season and net alone is not among the possible ones. */
const POSSIBLE_FROM = 0.0005;

/** Whether an animal really shows every answer that was given. */
const agrees = ({ shows }: Suspect, given: readonly Answer[]): boolean =>
	given.every(({ mark, state, shares = { [state]: 1 } }) =>
		Object.keys(shares).some((seen) => (shows[mark]?.[seen] ?? 0) >= SHOWN_BY)
	);

function questionsFor(
	posterior: readonly number[],
	given: readonly Answer[],
	answered: ReadonlySet<MarkId>,
	length: string | undefined
): Question[] {
	const all = suspects();
	// The unlikely tail moves no question but costs most of the time.
	const alive = posterior.flatMap((p, i) => (p > POSSIBLE_FROM ? [i] : []));
	const inAgreement = alive.filter((i) => agrees(all[i] as Suspect, given));
	// Where nothing agrees with every answer, one of them is wrong, and all that is likely stays possible.
	const possible = (inAgreement.length > 0 ? inAgreement : alive).map((i) => all[i] as Suspect);
	const flies = alive.map((i) => flyClass(all[i] as Suspect, length));
	const weights = alive.map((i) => posterior[i] ?? 0);
	return MARK_IDS.filter((mark) => !answered.has(mark))
		.map((mark) => questionAbout(mark, alive, weights, flies, possible))
		.filter(({ gainBits, answers }) => gainBits > WORTH_ASKING && answers.some(({ possible }) => possible))
		.sort((a, b) => checks(a) - checks(b) || b.gainBits / b.effortS - a.gainBits / a.effortS);
}

/** A question with one possible answer can only show that an earlier one was wrong: it comes after all others. */
const checks = ({ answers }: Question): number =>
	answers.filter(({ possible }) => possible).length > 1 ? 0 : 1;

function questionAbout(
	mark: MarkId,
	alive: readonly number[],
	weights: readonly number[],
	flies: readonly string[],
	possible: readonly Suspect[]
): Question {
	const all = suspects();
	const { effortS, states } = MARKS[mark];
	let gainBits = 0;
	const answers: Question['answers'] = [];
	const before = worth(weights, flies);
	for (const state of Object.keys(states)) {
		const showing = possible.filter(({ shows }) => (shows[mark]?.[state] ?? 0) >= SHOWN_BY);
		const says = wordsFor(mark, state, showing.length > 0 ? showing : possible);
		const row = likelihoodOf(mark, state);
		const joint = alive.map((i, k) => (weights[k] ?? 0) * (row[i] ?? 0));
		const probability = joint.reduce((a, b) => a + b, 0);
		if (probability <= 0) continue;
		gainBits += probability * (before - worth(joint, flies));
		answers.push({ state, says, probability, possible: showing.length > 0 });
	}
	const trap = trapAt(mark, (is) =>
		alive.reduce((sum, i, k) => sum + (is(all[i] as Suspect) ? (weights[k] ?? 0) : 0), 0)
	);
	return {
		mark,
		asks: markAsks(mark),
		effortS,
		gainBits: Math.max(0, gainBits),
		answers: answers.sort((a, b) => b.probability - a.probability),
		...(trap && { trap })
	};
}

/** Bits still open: about the fly, and with less weight about the name. */
const worth = (weights: readonly number[], flies: readonly string[]): number =>
	entropyBits(grouped(weights, flies)) + NAME_WORTH * entropyBits(weights);

function grouped(weights: readonly number[], keys: readonly string[]): number[] {
	const sums = new Map<string, number>();
	weights.forEach((w, i) => sums.set(keys[i] ?? '', (sums.get(keys[i] ?? '') ?? 0) + w));
	return [...sums.values()];
}

function normalised(weights: readonly number[]): number[] {
	const sum = weights.reduce((a, b) => a + b, 0);
	return weights.map((w) => w / sum);
}
