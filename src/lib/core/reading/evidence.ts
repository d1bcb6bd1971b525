import type { LifeStage } from '../atlas';
import { likenessOf, variantOf } from '../match/likeness';
import { PATTERNS } from '../match/patterns.data';
import { SCHOOLS } from '../match/school';
import type { LiveNote, Lot, Note, Outing, RiseForm, SampleMethod, Watch } from '../note';
import { LEAST_INTERVALS, patternOf, riseTimes, type RhythmKind } from '../rise';
import type { Phrase } from '../units';
import type { Hypothesis } from './hypothesis';
import { riseFormProbability, WEIGHTS, type Taking } from './weights';

/** What a fly that was tried says of the insect does not hang on the guide's school. */
const EVEN_HANDED = SCHOOLS['posture-first'];

/** The log likelihood of one note under each hypothesis, up to a constant that they share. */
export interface Evidence {
	noteId: string;
	/** In place of what the note says, where several together say something else. */
	says?: Phrase;
	logLikelihoods: Float64Array;
}

/**
 * Evidence of every note that bears on what fish eat.
 *
 * @param priors prior probabilities of the hypotheses
 * @param watchId the fish to read; what was noted of other fish then says less. Left out, all count alike.
 * @param presence log factor by which each would be likelier, were its taxon known to be about today
 */
export function evidenceOf(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	presence: readonly number[],
	watchId?: string
): Evidence[] {
	const scaleOf = fishScale(outing, watchId);
	const seenBy = new Map<SampleMethod, Float64Array>();
	const visibleTo = (method: SampleMethod): Float64Array => {
		let visible = seenBy.get(method);
		if (!visible) seenBy.set(method, (visible = Float64Array.from(hypotheses, (h) => visibility(method, h))));
		return visible;
	};
	const evidence = [
		...outing.samples.map((entry) => fromSample(entry, outing.now, hypotheses, priors, visibleTo)),
		...outing.sightings.map((entry) => fromSighting(entry, outing.now, hypotheses)),
		...fromRises(outing, hypotheses, scaleOf),
		...fromDrifted(outing, hypotheses, scaleOf),
		...fromRhythm(outing, hypotheses, scaleOf),
		...fromAttempts(outing, hypotheses, scaleOf)
	];
	for (const { logLikelihoods } of evidence)
		for (let i = 0; i < logLikelihoods.length; i++)
			logLikelihoods[i] = (logLikelihoods[i] ?? 0) * WEIGHTS.sharpness;
	const byNote = new Map(evidence.map((entry) => [entry.noteId, entry]));
	for (const [taxonId, noteId] of firstNamedBy(outing)) {
		const logs = byNote.get(noteId)?.logLikelihoods;
		hypotheses.forEach((hypothesis, i) => {
			if (logs && hypothesis.kind === 'natural' && hypothesis.taxonId === taxonId)
				logs[i] = (logs[i] ?? 0) + (presence[i] ?? 0);
		});
	}
	return evidence;
}

/** The earliest note to show that a taxon is there today: it outweighs what the season's table says. */
function firstNamedBy(outing: Outing): Map<string, string> {
	const first = new Map<string, string>();
	for (const { note } of outing.live) {
		const named =
			note.kind === 'sample'
				? note.body.lots.map(({ taxonId }) => taxonId)
				: note.kind === 'sighting' && note.body.abundance !== 'none'
					? [note.body.taxonId]
					: [];
		for (const taxonId of named) if (!first.has(taxonId)) first.set(taxonId, note.id);
	}
	return first;
}

/** How much of a method's catch can hold this hypothesis, 0 to 1. */
export function visibility(method: SampleMethod, { kind, zone, stage }: Hypothesis): number {
	if (kind === 'anything') return 0;
	if (kind === 'unseen')
		return method === 'surface-net' ? WEIGHTS.unseenInNet : method === 'throat' ? 0.6 : 0;
	const sees = WEIGHTS.sees[method][zone];
	return stage === 'cripple' ? sees * WEIGHTS.cripplesToldApart : sees;
}

/**
 * A sample moves belief among the kinds its method can see, towards those it held. The share of each kind on
 * offer has a Dirichlet prior with the reading's own proportions as its mean; the weight is the logarithm of
 * its posterior mean over its prior mean, scaled by how far that method speaks for what is eaten.
 */
function fromSample(
	{ note, observedAt }: LiveNote<'sample'>,
	now: Date,
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	visibleTo: (method: SampleMethod) => Float64Array
): Evidence {
	const { method, lots } = note.body;
	const counts = new Map<string, number>();
	const taxonCounts = new Map<string, number>();
	for (const lot of lots) {
		const key = `${lot.taxonId}/${lot.stage}`;
		counts.set(key, (counts.get(key) ?? 0) + lot.count);
		taxonCounts.set(lot.taxonId, (taxonCounts.get(lot.taxonId) ?? 0) + lot.count);
	}
	const size = hypotheses.length;
	const visible = visibleTo(method);
	const seen = new Float64Array(size);
	const mass = new Float64Array(size);
	const taxonMass = new Map<string, number>();
	let visibleMass = 0;
	for (let i = 0; i < size; i++) {
		const h = hypotheses[i];
		if (!h) continue;
		const sees = visible[i] ?? 0;
		// What lies in the net was plainly visible to it, whatever the table says.
		const met = taxonCounts.has(h.taxonId);
		seen[i] = met && counts.has(h.id) ? Math.max(0.4, sees) : sees;
		mass[i] = (priors[i] ?? 0) * (seen[i] ?? 0);
		visibleMass += mass[i] ?? 0;
		if (met) taxonMass.set(h.taxonId, (taxonMass.get(h.taxonId) ?? 0) + (mass[i] ?? 0));
	}
	const total = lots.reduce((sum, lot) => sum + lot.count, 0);
	const scale = WEIGHTS.trust[method] * fade(observedAt, now, WEIGHTS.halfLifeMin[method]);
	const alpha = WEIGHTS.sampleConcentration;
	const ratio = (count: number, share: number) =>
		Math.log((count + alpha * share) / (share * (total + alpha)));

	/** A kind that is not in the net has the same ratio whatever its share. */
	const absent = Math.log(alpha / (total + alpha));
	const logLikelihoods = new Float64Array(size);
	for (let i = 0; i < size && visibleMass > 0; i++) {
		const h = hypotheses[i];
		const sees = seen[i] ?? 0;
		if (!h) continue;
		// An empty net in the lane speaks against all that it would have caught.
		if (total === 0) {
			logLikelihoods[i] = scale * Math.log(1 - WEIGHTS.emptyNet * sees);
			continue;
		}
		if (!taxonCounts.has(h.taxonId)) {
			logLikelihoods[i] = scale * Math.max(-2.5, sees * absent);
			continue;
		}
		const own =
			sees > 0 ? sees * ratio(counts.get(h.id) ?? 0, Math.max((mass[i] ?? 0) / visibleMass, 1e-5)) : 0;
		const kin = h.kind === 'natural' && !counts.has(h.id) ? (taxonCounts.get(h.taxonId) ?? 0) : 0;
		const kinShare = kin > 0 ? Math.max((taxonMass.get(h.taxonId) ?? 0) / visibleMass, 1e-3) : 1;
		const relation = kin > 0 ? WEIGHTS.sameTaxon * Math.max(0, ratio(kin, kinShare)) : 0;
		logLikelihoods[i] = scale * clamp(own + relation, -2.5, 8);
	}
	const ripening = fade(observedAt, now, WEIGHTS.halfLifeMin[method]);
	for (const [taxonId, weight] of ripenessIn(lots))
		for (let i = 0; i < size; i++) {
			const h = hypotheses[i];
			if (h?.kind === 'natural' && h.taxonId === taxonId && EMERGING.has(h.stage))
				logLikelihoods[i] = (logLikelihoods[i] ?? 0) + ripening * weight;
		}
	return { noteId: note.id, logLikelihoods };
}

const EMERGING: ReadonlySet<LifeStage> = new Set(['emerger', 'cripple', 'dun']);

/** For each taxon whose wing pads were looked at, what they say for its emerging today. */
function ripenessIn(lots: readonly Lot[]): Map<string, number> {
	const found = new Map<string, number>();
	for (const { taxonId, pads } of lots) {
		if (!pads) continue;
		const { pale, dark, black } = WEIGHTS.ripeness;
		const looked = pads.pale + pads.dark + pads.black;
		found.set(taxonId, (pads.pale * pale + pads.dark * dark + pads.black * black) / looked);
	}
	return found;
}

function fromSighting(
	{ note, observedAt }: LiveNote<'sighting'>,
	now: Date,
	hypotheses: readonly Hypothesis[]
): Evidence {
	const { taxonId, stage, zone, abundance, sign } = note.body;
	const weight = WEIGHTS.abundance[abundance] * fade(observedAt, now, WEIGHTS.halfLifeMin.sighting);
	const spread: Partial<Record<string, number>> = WEIGHTS.sightingSpread[sign][stage];
	const logLikelihoods = new Float64Array(hypotheses.length);
	for (let i = 0; i < hypotheses.length; i++) {
		const h = hypotheses[i];
		if (!h || h.taxonId !== taxonId || h.kind === 'unseen') continue;
		// To have seen none speaks only against the stage that was looked for.
		if (abundance === 'none' && h.stage !== stage) continue;
		const elsewhere = h.stage === stage && h.zone !== zone && sign === 'insects';
		logLikelihoods[i] = weight * (spread[h.stage] ?? 0) * (elsewhere ? WEIGHTS.elsewhere : 1);
	}
	return { noteId: note.id, logLikelihoods };
}

/** How much a note of some fish says of the fish that is read. */
type FishScale = (watchId: string | undefined) => number;

function fishScale(outing: Outing, watchId: string | undefined): FishScale {
	const mine = outing.watches.find(({ id }) => id === watchId);
	if (!mine) return () => 1;
	const marks = new Map(outing.watches.map(({ id, fish }) => [id, fish.mark]));
	return (other) => {
		if (other === mine.id) return 1;
		const same = other !== undefined && mine.fish.mark !== undefined && marks.get(other) === mine.fish.mark;
		return same ? WEIGHTS.otherFish.sameLie : WEIGHTS.otherFish.elsewhere;
	};
}

function fromRises(outing: Outing, hypotheses: readonly Hypothesis[], scaleOf: FishScale): Evidence[] {
	const alike = new Map<string, number>();
	const key = (form: RiseForm, watchId: string | undefined) => `${form} ${watchId ?? ''}`;
	for (const { note } of outing.rises) {
		const k = key(note.body.form, note.body.watchId);
		alike.set(k, (alike.get(k) ?? 0) + 1);
	}
	return outing.rises.map(({ note, observedAt }) => {
		const { form, watchId } = note.body;
		const logLikelihoods = new Float64Array(hypotheses.length);
		if (form !== 'unsure') {
			const tempered = 1 / (1 + ((alike.get(key(form, watchId)) ?? 1) - 1) * WEIGHTS.alikeRises);
			const scale = scaleOf(watchId) * tempered * fade(observedAt, outing.now, WEIGHTS.halfLifeMin.rise);
			const logs = LOG_FORMS[form];
			for (let i = 0; i < hypotheses.length; i++)
				logLikelihoods[i] = scale * logs[hypotheses[i]?.taking ?? 'film'];
		}
		return { noteId: note.id, logLikelihoods };
	});
}

/**
 * Naturals seen to drift over a fish, passed or taken: beta-binomial for each natural and fish. The logarithm of
 * the chance of k takes in n is shared out evenly among the takes and among the passes, so that each note has
 * its part and their order does not matter.
 */
function fromDrifted(outing: Outing, hypotheses: readonly Hypothesis[], scaleOf: FishScale): Evidence[] {
	const roseNear = risesNear(outing);
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
		const takes = group.filter(({ note }) => note.body.fate === 'taken').length;
		const passes = group.length - takes;
		const tables = Object.fromEntries(
			Object.entries(WEIGHTS.taken).map(([role, [a, b]]) => [role, shareOut(takes, passes, a, b)])
		) as Record<keyof typeof WEIGHTS.taken, { take: number; pass: number }>;
		const roles = hypotheses.map(({ kind, taxonId: t, stage: s }): keyof typeof WEIGHTS.taken =>
			kind === 'anything'
				? 'anything'
				: kind === 'natural' && t === taxonId
					? s === stage
						? 'food'
						: 'kin'
					: 'other'
		);
		const takeLogs = roles.map((role) => tables[role].take);
		const passLogs = roles.map((role) => tables[role].pass);
		const alike = 1 / (1 + (group.length - 1) * WEIGHTS.alikeDrifts);
		return group.map(({ note, observedAt }): Evidence => {
			const taken = note.body.fate === 'taken';
			const feeding = taken || roseNear(watchId, observedAt) ? 1 : WEIGHTS.passWithoutRise.scale;
			const scale =
				scaleOf(watchId) * alike * feeding * fade(observedAt, outing.now, WEIGHTS.halfLifeMin.drifted);
			const logs = taken ? takeLogs : passLogs;
			const logLikelihoods = new Float64Array(logs.length);
			for (let i = 0; i < logs.length; i++) logLikelihoods[i] = scale * (logs[i] ?? 0);
			return { noteId: note.id, logLikelihoods };
		});
	});
}

/** Each take's and each pass's even part of the log beta-binomial chance, its constant left out. */
function shareOut(takes: number, passes: number, a: number, b: number): { take: number; pass: number } {
	const rising = (from: number, count: number) => {
		let sum = 0;
		for (let j = 0; j < count; j++) sum += Math.log(from + j);
		return sum;
	};
	const each = rising(a + b, takes + passes) / (takes + passes);
	return {
		take: takes > 0 ? rising(a, takes) / takes - each : 0,
		pass: passes > 0 ? rising(b, passes) / passes - each : 0
	};
}

/** Answers whether a fish rose within a few minutes of an instant. */
function risesNear(outing: Outing): (watchId: string, at: Date) => boolean {
	const within = WEIGHTS.passWithoutRise.withinMin * 60_000;
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

const RHYTHM_SAYS: Record<RhythmKind, string> = {
	'on-station': 'It rises steadily, on station',
	bursts: 'It rises in bursts with pauses',
	wandering: 'It rises here and there'
};

/** Notes never change, so the rhythm up to a rise need be worked out once only for what was noted by then. */
const rhythms = new WeakMap<Note, { key: string; pattern: ReturnType<typeof patternOf> }>();

function rhythmNow(watch: Watch, { note, observedAt }: LiveNote<'rise'>): ReturnType<typeof patternOf> {
	const key = `${watch.rises.map((rise) => rise.note.id).join()} ${JSON.stringify(watch.pauses)}`;
	let known = rhythms.get(note);
	if (known?.key !== key)
		rhythms.set(note, (known = { key, pattern: patternOf(riseTimes(watch, observedAt)) }));
	return known.pattern;
}

/** The rhythm of each fish, once there is one: carried by its last rise. */
function fromRhythm(outing: Outing, hypotheses: readonly Hypothesis[], scaleOf: FishScale): Evidence[] {
	return outing.watches.flatMap((watch): Evidence[] => {
		const last = watch.rises.at(-1);
		if (!last || watch.rises.length <= LEAST_INTERVALS) return [];
		const rhythm = rhythmNow(watch, last);
		if (!rhythm) return [];
		const scale =
			scaleOf(watch.id) * rhythm.sure * fade(last.observedAt, outing.now, WEIGHTS.halfLifeMin.rise);
		const logs = (taking: Taking) => scale * Math.log(WEIGHTS.rhythm[taking][rhythm.kind]);
		return [
			{
				noteId: last.note.id,
				says: { say: RHYTHM_SAYS[rhythm.kind] },
				logLikelihoods: Float64Array.from(hypotheses, ({ taking }) => logs(taking))
			}
		];
	});
}

/** Flies that were tried, by how like each is to what may be eaten. A take speaks; a refusal says less. */
function fromAttempts(outing: Outing, hypotheses: readonly Hypothesis[], scaleOf: FishScale): Evidence[] {
	const { takenWhenLike, takenAnyway, refusalSpeaks, firstCastSpeaks } = WEIGHTS.attempt;
	const tried = new Set<string>();
	return outing.attempts.flatMap(({ note, observedAt }): Evidence[] => {
		const { patternId, hookSize, outcome, watchId } = note.body;
		const pattern = PATTERNS.find(({ id }) => id === patternId);
		if (outcome === 'tied-on' || !pattern?.sizes.includes(hookSize)) return [];
		const first = !tried.has(watchId ?? '');
		tried.add(watchId ?? '');
		const variant = variantOf(pattern, hookSize);
		const taken = outcome !== 'refused';
		const speaks = taken ? (first ? firstCastSpeaks : 1) : refusalSpeaks;
		const scale = scaleOf(watchId) * speaks * fade(observedAt, outing.now, WEIGHTS.halfLifeMin.attempt);
		return [
			{
				noteId: note.id,
				logLikelihoods: Float64Array.from(hypotheses, (hypothesis) => {
					const like =
						hypothesis.kind === 'anything' ? 0.6 : likenessOf(variant, hypothesis, EVEN_HANDED).total;
					const take = takenAnyway + takenWhenLike * like ** 2;
					return scale * Math.log(taken ? take : 1 - take);
				})
			}
		];
	});
}

type ClearForm = Exclude<RiseForm, 'unsure'>;
const LOG_FORMS = Object.fromEntries(
	Object.keys(WEIGHTS.riseForm.film).map((form) => [
		form,
		Object.fromEntries(
			Object.keys(WEIGHTS.riseForm).map((taking) => [
				taking,
				Math.log(riseFormProbability(taking as Taking, form as ClearForm))
			])
		)
	])
) as Record<ClearForm, Record<Taking, number>>;

/** 1 when new, one half after a half-life. */
function fade(observedAt: Date, now: Date, halfLifeMin: number): number {
	const minutes = Math.max(0, now.getTime() - observedAt.getTime()) / 60_000;
	return 0.5 ** (minutes / halfLifeMin);
}

const clamp = (x: number, least: number, most: number): number => Math.min(most, Math.max(least, x));
