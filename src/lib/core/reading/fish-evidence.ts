import { likenessOf, variantOf, SCHOOLS, type Hypothesis, type Taking } from '../likeness';
import { groupOfUnnamed, hypothesisIdOf, type LifeStage } from '../atlas';
import { patternFor } from '../tackle';
import type { AttemptBody } from '../note';
import type { LiveNote, Outing } from '../outing';
import { RISE_FORMS, type FishSize, type RiseForm } from '../vocabulary';
import { LEAST_INTERVALS, patternOf, riseTimes, type RhythmKind } from '../rise';
import { lnGamma } from '../math';
import { names } from '../message';
import type { FishScale } from './clock';
import { fromSilence, WENT_FOR_IT } from './silence';
import type { Evidence } from './weight-of-evidence';
import { riseFormProbability, type Weights } from './weights';

/** What a fly that was tried says of the insect does not hang on the guide's school. */
const EVEN_HANDED = SCHOOLS['posture-first'];

/**
 * Evidence of what fish did: how they rose, what they took and let pass, in which rhythm, and which flies.
 *
 * @param scaleOf how far a note of some fish counts
 */
export function evidenceOfFish(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	scaleOf: FishScale,
	weights: Weights
): Evidence[] {
	return [
		...fromRises(outing, hypotheses, scaleOf, weights),
		...fromDrifted(outing, hypotheses, scaleOf, weights),
		...fromSilence(outing, hypotheses, scaleOf, weights),
		...fromRhythm(outing, hypotheses, scaleOf, weights),
		...fromAttempts(outing, hypotheses, scaleOf, weights)
	];
}

function fromRises(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	scaleOf: FishScale,
	weights: Weights
): Evidence[] {
	const sizes = new Map(outing.watches.map(({ id, fish }) => [id, fish.size]));
	const scales = outing.rises.map(({ note: { body }, observedAt }) =>
		scaleOf(body.watchId, observedAt, weights.halfLifeMin.rise)
	);
	// Rises of one form of one fish, each by how far it still counts.
	const alike = new Map<string, number>();
	const keyOf = (form: RiseForm, watchId: string | undefined) => `${form} ${watchId ?? ''}`;
	outing.rises.forEach(({ note: { body } }, i) => {
		const key = keyOf(body.form, body.watchId);
		alike.set(key, (alike.get(key) ?? 0) + (scales[i] ?? 0));
	});
	const said = new Map<string, Record<Taking, number>>();
	return outing.rises.map(({ note }, i) => {
		const { form, watchId } = note.body;
		const logLikelihoods = new Float64Array(hypotheses.length);
		const scale = scales[i] ?? 0;
		if (form !== 'unsure' && scale > 0) {
			const key = keyOf(form, watchId);
			let each = said.get(key);
			if (!each)
				said.set(
					key,
					(each = eachAlike(
						form,
						Math.max(1, alike.get(key) ?? 1),
						sizes.get(watchId ?? '') ?? 'middling',
						weights
					))
				);
			for (let h = 0; h < hypotheses.length; h++)
				logLikelihoods[h] = scale * each[hypotheses[h]?.taking ?? 'film'];
		}
		return { noteId: note.id, logLikelihoods };
	});
}

/**
 * What each of so many alike rises of one fish says, by how fish take. Fish differ in how they show what they take, so
 * that a form comes again from the same fish more readily than from another: forms are Dirichlet-multinomial (Mosimann,
 * J. E. 1962, Biometrika 49), and the logarithm of their chance is shared out evenly among the alike. What is the same
 * for all ways of taking is left out.
 *
 * @param count how many, old ones in part; one at least
 */
function eachAlike(
	form: Exclude<RiseForm, 'unsure'>,
	count: number,
	size: FishSize,
	weights: Weights
): Record<Taking, number> {
	const { formsAlike } = weights.scales;
	const chances = formChancesOf(weights)[size][form];
	const entries = Object.entries(chances).map(([taking, chance]) => {
		const expected = formsAlike * chance;
		return [taking, (lnGamma(expected + count) - lnGamma(expected)) / count];
	});
	return Object.fromEntries(entries) as Record<Taking, number>;
}

/**
 * Naturals seen to drift over a fish, passed or taken: beta-binomial for each natural and fish. The logarithm of
 * the chance of k takes in n is shared out among the takes and among the passes by how far each counts, so that each
 * note has its part and their order does not matter.
 */
function fromDrifted(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	scaleOf: FishScale,
	weights: Weights
): Evidence[] {
	const roseNear = risesNear(outing, weights.scales.withinMin);
	const groups = new Map<string, LiveNote<'drifted'>[]>();
	for (const entry of outing.drifted) {
		const { watchId, taxonId, stage } = entry.note.body;
		const key = `${watchId} ${taxonId}/${stage}`;
		const group = groups.get(key);
		if (group) group.push(entry);
		else groups.set(key, [entry]);
	}
	return [...groups.values()].flatMap((group) => {
		const [first] = group;
		if (!first) return [];
		const { taxonId, stage, watchId } = first.note.body;
		const counted = group.map(({ note, observedAt }) => {
			const taken = note.body.fate === 'taken';
			const feeding = taken || roseNear(watchId, observedAt) ? 1 : weights.scales.passWithoutRise;
			const count = feeding * scaleOf(watchId, observedAt, weights.halfLifeMin.drifted);
			return { noteId: note.id, taken, count };
		});
		const sum = (taken: boolean) =>
			counted.reduce((total, one) => total + (one.taken === taken ? one.count : 0), 0);
		const all = { takes: sum(true), passes: sum(false) };
		const alike = 1 + Math.max(0, all.takes + all.passes - 1) * weights.scales.alikeDrifts;
		const tables = Object.fromEntries(
			Object.entries(weights.taken).map(([role, beta]) => [
				role,
				shareOut(all.takes / alike, all.passes / alike, beta.takes, beta.passes)
			])
		) as Record<keyof Weights['taken'], { take: number; pass: number }>;
		const posture = hypotheses.find(({ id }) => id === hypothesisIdOf(taxonId, stage))?.taking;
		const roles = hypotheses.map((hypothesis) => roleOf(hypothesis, taxonId, stage, posture));
		return counted.map(({ noteId, taken, count }): Evidence => {
			const share = count / alike;
			return {
				noteId,
				logLikelihoods: Float64Array.from(roles, (role) => share * tables[role][taken ? 'take' : 'pass'])
			};
		});
	});
}

/** What a natural that drifted by is to one that may be eaten; takes of several kinds in one posture speak for the posture. */
function roleOf(
	{ kind, taxonId, group, stage, taking }: Hypothesis,
	drifted: string,
	as: LifeStage,
	posture: Taking | undefined
): keyof Weights['taken'] {
	if (kind === 'anything') return 'anything';
	const unnamed = groupOfUnnamed(drifted);
	if (kind !== 'natural' && !(kind === 'group' && unnamed)) return 'other';
	if (unnamed ? group === unnamed : taxonId === drifted) return stage === as ? 'food' : 'kin';
	return taking === posture ? 'alike' : 'other';
}

/**
 * Each take's and each pass's even part of the log beta-binomial chance, its constant left out. Counts may be parts of
 * notes: one that is old, or of a fish that may not feed, is less than a whole one, and so one more pass never says less.
 */
function shareOut(takes: number, passes: number, a: number, b: number): { take: number; pass: number } {
	const rising = (from: number, count: number) => lnGamma(from + count) - lnGamma(from);
	const each = rising(a + b, takes + passes) / (takes + passes);
	return {
		take: takes > 0 ? rising(a, takes) / takes - each : 0,
		pass: passes > 0 ? rising(b, passes) / passes - each : 0
	};
}

/** Answers whether a fish rose within a few minutes of an instant. */
function risesNear(outing: Outing, withinMin: number): (watchId: string, at: Date) => boolean {
	const within = withinMin * 60_000;
	const times = new Map<string, number[]>();
	for (const { note, observedAt } of outing.rises) {
		const { watchId } = note.body;
		if (watchId === undefined) continue;
		const list = times.get(watchId);
		if (list) list.push(observedAt.getTime());
		else times.set(watchId, [observedAt.getTime()]);
	}
	return (watchId, at) => {
		const list = times.get(watchId) ?? [];
		const moment = at.getTime();
		// Rises are in the order of time: the first that is not too early decides.
		let [low, high] = [0, list.length];
		while (low < high) {
			const middle = (low + high) >> 1;
			if ((list[middle] ?? 0) < moment - within) low = middle + 1;
			else high = middle;
		}
		return (list[low] ?? Number.POSITIVE_INFINITY) <= moment + within;
	};
}

const RHYTHM_SAYS = names('rhythm.says', {
	'on-station': 'It rises steadily, on station',
	bursts: 'It rises in bursts with pauses',
	wandering: 'It rises here and there'
} satisfies Record<RhythmKind, string>);

/** The rhythm of each fish, once there is one: carried by its last rise. */
function fromRhythm(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	scaleOf: FishScale,
	weights: Weights
): Evidence[] {
	return outing.watches.flatMap((watch): Evidence[] => {
		const last = watch.rises.at(-1);
		if (!last || watch.rises.length <= LEAST_INTERVALS) return [];
		const rhythm = patternOf(riseTimes(watch, last.observedAt));
		if (!rhythm) return [];
		const scale = rhythm.sure * scaleOf(watch.id, last.observedAt, weights.halfLifeMin.rise);
		const logs = (taking: Taking) => scale * Math.log(weights.rhythm[taking][rhythm.kind]);
		return [
			{
				noteId: last.note.id,
				says: RHYTHM_SAYS[rhythm.kind],
				logLikelihoods: Float64Array.from(hypotheses, ({ taking }) => logs(taking))
			}
		];
	});
}

/** Flies that were tried, by how like each is to what may be eaten. A take speaks; a refusal says less. */
function fromAttempts(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	scaleOf: FishScale,
	weights: Weights
): Evidence[] {
	const { takenWhenLike, takenAnyway, likeAnything, deepFromM } = weights.scales;
	const tried = new Set<string>();
	const quiet = quietDrifts(outing);
	return outing.attempts.flatMap(({ note, observedAt }): Evidence[] => {
		const { hookSize, outcome, watchId } = note.body;
		const pattern = patternFor(note.body);
		if (weights.outcome[outcome] === 0 || !pattern) return [];
		const first = !tried.has(watchId ?? '');
		tried.add(watchId ?? '');
		const variant = variantOf(pattern, hookSize);
		const taken = WENT_FOR_IT.has(outcome);
		const fromDeep = taken && (note.body.depthM ?? 0) >= deepFromM;
		const scale =
			scaleOf(watchId, observedAt, weights.halfLifeMin.attempt) *
			attemptSpeaks(note.body, first, quiet.get(flyOver(note.body)) ?? 1, weights);
		return [
			{
				noteId: note.id,
				logLikelihoods: Float64Array.from(hypotheses, (hypothesis) => {
					// A fish on nothing in particular may be at any height.
					const height = hypothesis.kind === 'anything' ? 'in-film' : hypothesis.zone;
					const deep = fromDeep ? Math.log(weights.takenAtDepth[height]) : 0;
					const like =
						hypothesis.kind === 'anything'
							? likeAnything
							: likenessOf(variant, hypothesis, EVEN_HANDED).total;
					const take = takenAnyway + takenWhenLike * like ** 2;
					return scale * (deep + Math.log(taken ? take : 1 - take));
				})
			}
		];
	});
}

const flyOver = ({ patternId, hookSize, watchId }: AttemptBody): string =>
	`${patternId} ${hookSize} ${watchId ?? ''}`;

/** Good drifts without an answer, of each fly over each fish. */
function quietDrifts({ attempts }: Outing): Map<string, number> {
	const counts = new Map<string, number>();
	for (const { note } of attempts) {
		const { outcome, drifts = 1 } = note.body;
		if (outcome === 'drifted') counts.set(flyOver(note.body), (counts.get(flyOver(note.body)) ?? 0) + drifts);
	}
	return counts;
}

/** How far an attempt speaks of the insect: a fly that dragged was refused for that, one drift may have gone unseen. */
function attemptSpeaks(
	{ outcome, drifts = 1, dragged = 0 }: AttemptBody,
	first: boolean,
	quiet: number,
	{ outcome: speaking, scales }: Weights
): number {
	const speaks = speaking[outcome];
	if (WENT_FOR_IT.has(outcome)) return first ? speaks * scales.firstCastSpeaks : speaks;
	const all = drifts + dragged;
	const free = all === 0 ? 1 : drifts / all;
	// Drifts noted one by one say together what they would say as one note.
	return (
		speaks *
		free *
		(outcome === 'drifted'
			? (drifts / Math.max(1, quiet)) * Math.min(1, (quiet + scales.quietFrom) / scales.quietFull)
			: 1)
	);
}

type FormChances = Record<Exclude<RiseForm, 'unsure'>, Record<Taking, number>>;

/** The table of rise forms, worked out once for each school of weighing and size of fish. */
const formChances = new WeakMap<Weights, Record<FishSize, FormChances>>();

export function formChancesOf(weights: Weights): Record<FishSize, FormChances> {
	let chances = formChances.get(weights);
	if (!chances) {
		const takings = Object.keys(weights.riseForm) as Taking[];
		const forms = RISE_FORMS.filter((form) => form !== 'unsure');
		const of = (size: FishSize) =>
			Object.fromEntries(
				forms.map((form) => [
					form,
					Object.fromEntries(
						takings.map((taking) => [taking, riseFormProbability(taking, form, weights, size)])
					)
				])
			) as FormChances;
		chances = { small: of('small'), middling: of('middling'), large: of('large') };
		formChances.set(weights, chances);
	}
	return chances;
}
