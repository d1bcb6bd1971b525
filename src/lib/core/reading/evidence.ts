import type { LifeStage } from '../atlas';
import type { Lot } from '../note';
import type { LiveNote, Outing } from '../outing';
import type { SampleMethod } from '../vocabulary';
import type { Hypothesis } from '../likeness';
import { fade } from './fade';
import { evidenceOfFish } from './fish-evidence';
import { naturalsMet } from './met';
import type { Evidence } from './weight-of-evidence';
import { WEIGHTS, type Weights } from './weights';

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
	weights: Weights,
	watchId?: string
): Evidence[] {
	const seenBy = new Map<SampleMethod, Float64Array>();
	const visibleTo = (method: SampleMethod): Float64Array => {
		let visible = seenBy.get(method);
		if (!visible)
			seenBy.set(method, (visible = Float64Array.from(hypotheses, (h) => visibility(method, h, weights))));
		return visible;
	};
	const expectedByEye = shareByEye(hypotheses, priors, weights);
	const evidence = [
		...outing.samples.map((entry) => fromSample(entry, outing.now, hypotheses, priors, visibleTo, weights)),
		...outing.sightings.map((entry) => fromSighting(entry, outing.now, hypotheses, expectedByEye, weights)),
		...evidenceOfFish(outing, hypotheses, watchId, weights)
	];
	for (const { logLikelihoods } of evidence)
		for (let i = 0; i < logLikelihoods.length; i++)
			logLikelihoods[i] = (logLikelihoods[i] ?? 0) * weights.bounds.sharpness;
	const byNote = new Map(evidence.map((entry) => [entry.noteId, entry]));
	const met = naturalsMet(outing);
	for (const [taxonId, noteId] of firstNamedBy(outing)) {
		const logs = byNote.get(noteId)?.logLikelihoods;
		hypotheses.forEach((hypothesis, i) => {
			if (!logs || hypothesis.kind !== 'natural' || hypothesis.taxonId !== taxonId) return;
			const here = presence[i] ?? 0;
			// What was met itself has been weighed against the season already: it says so once.
			if (!met.has(hypothesis.id)) logs[i] = (logs[i] ?? 0) + here;
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
export function visibility(
	method: SampleMethod,
	{ kind, zone, stage }: Hypothesis,
	{ sees, passesFor }: Weights = WEIGHTS
): number {
	if (kind === 'anything') return 0;
	if (kind === 'unseen')
		return method === 'surface-net'
			? passesFor.unseenInNet
			: method === 'throat'
				? passesFor.unseenInThroat
				: 0;
	const seen = sees[method][zone];
	return stage === 'cripple' ? seen * passesFor.cripplesToldApart : seen;
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
	visibleTo: (method: SampleMethod) => Float64Array,
	weights: Weights
): Evidence {
	const { method, lots } = note.body;
	const caught = caughtIn(lots);
	const offer = offered(caught, hypotheses, priors, visibleTo(method), weights);
	const scale = weights.trust[method] * fade(observedAt, now, weights.halfLifeMin[method]);
	const logLikelihoods = Float64Array.from(hypotheses, (hypothesis, i) =>
		offer.visibleMass > 0 ? scale * ofKind(hypothesis, i, caught, offer, weights) : 0
	);
	const ripening = fade(observedAt, now, weights.halfLifeMin[method]);
	for (const [taxonId, weight] of ripenessIn(lots, weights))
		hypotheses.forEach((h, i) => {
			if (h.kind === 'natural' && h.taxonId === taxonId && EMERGING.has(h.stage))
				logLikelihoods[i] = (logLikelihoods[i] ?? 0) + ripening * weight;
		});
	return { noteId: note.id, logLikelihoods };
}

/** Animals in a sample: in all, of each stage of a taxon by its id, and of each taxon. */
interface Caught {
	total: number;
	counts: ReadonlyMap<string, number>;
	taxonCounts: ReadonlyMap<string, number>;
}

function caughtIn(lots: readonly Lot[]): Caught {
	const counts = new Map<string, number>();
	const taxonCounts = new Map<string, number>();
	for (const { taxonId, stage, count } of lots) {
		const key = `${taxonId}/${stage}`;
		counts.set(key, (counts.get(key) ?? 0) + count);
		taxonCounts.set(taxonId, (taxonCounts.get(taxonId) ?? 0) + count);
	}
	return { total: lots.reduce((sum, lot) => sum + lot.count, 0), counts, taxonCounts };
}

/** What a method had before it: how far it sees each kind, and how much of all that it sees each was expected to be. */
interface Offer {
	seen: Float64Array;
	mass: Float64Array;
	taxonMass: ReadonlyMap<string, number>;
	visibleMass: number;
}

function offered(
	{ counts, taxonCounts }: Caught,
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	visible: Float64Array,
	{ passesFor }: Weights
): Offer {
	const seen = new Float64Array(hypotheses.length);
	const mass = new Float64Array(hypotheses.length);
	const taxonMass = new Map<string, number>();
	let visibleMass = 0;
	hypotheses.forEach((h, i) => {
		const sees = visible[i] ?? 0;
		// What lies in the net was plainly visible to it, whatever the table says.
		const met = taxonCounts.has(h.taxonId);
		const bySight = met && counts.has(h.id) ? Math.max(passesFor.metInNet, sees) : sees;
		const own = (priors[i] ?? 0) * bySight;
		seen[i] = bySight;
		mass[i] = own;
		visibleMass += own;
		if (met) taxonMass.set(h.taxonId, (taxonMass.get(h.taxonId) ?? 0) + own);
	});
	return { seen, mass, taxonMass, visibleMass };
}

/** What the sample says of one kind, before it is scaled by how far its method speaks for what is eaten. */
function ofKind(
	h: Hypothesis,
	i: number,
	{ total, counts, taxonCounts }: Caught,
	{ seen, mass, taxonMass, visibleMass }: Offer,
	{ scales, bounds }: Weights
): number {
	const sees = seen[i] ?? 0;
	// An empty net in the lane speaks against all that it would have caught.
	if (total === 0) return Math.log(1 - scales.emptyNet * sees);
	const alpha = bounds.sampleConcentration;
	// A kind that is not in the net has the same ratio whatever its share.
	if (!taxonCounts.has(h.taxonId)) return Math.max(bounds.least, sees * Math.log(alpha / (total + alpha)));
	const ratio = (count: number, share: number) =>
		Math.log((count + alpha * share) / (share * (total + alpha)));
	const own =
		sees > 0
			? sees * ratio(counts.get(h.id) ?? 0, Math.max((mass[i] ?? 0) / visibleMass, bounds.leastShare))
			: 0;
	const kin = h.kind === 'natural' && !counts.has(h.id) ? (taxonCounts.get(h.taxonId) ?? 0) : 0;
	const kinShare = kin > 0 ? Math.max((taxonMass.get(h.taxonId) ?? 0) / visibleMass, bounds.leastKin) : 1;
	const relation = kin > 0 ? scales.sameTaxon * Math.max(0, ratio(kin, kinShare)) : 0;
	return clamp(own + relation, bounds.least, bounds.most);
}

const EMERGING: ReadonlySet<LifeStage> = new Set(['emerger', 'cripple', 'dun']);

/** For each taxon whose wing pads were looked at, what they say for its emerging today. */
function ripenessIn(lots: readonly Lot[], { ripeness }: Weights): Map<string, number> {
	const found = new Map<string, number>();
	for (const { taxonId, pads } of lots) {
		if (!pads) continue;
		const { pale, dark, black } = ripeness;
		const looked = pads.pale + pads.dark + pads.black;
		found.set(taxonId, (pads.pale * pale + pads.dark * dark + pads.black * black) / looked);
	}
	return found;
}

/** How much of all that an eye would see now each natural was expected to be. */
function shareByEye(
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	{ sees, bounds }: Weights
): (taxonId: string, stage: LifeStage) => number {
	const masses = new Map<string, number>();
	let all = 0;
	hypotheses.forEach(({ id, kind, zone }, i) => {
		if (kind !== 'natural') return;
		const mass = (priors[i] ?? 0) * sees.eye[zone];
		masses.set(id, mass);
		all += mass;
	});
	return (taxonId, stage) => Math.max(bounds.leastShare, (masses.get(`${taxonId}/${stage}`) ?? 0) / all);
}

/**
 * An eye is a net too: so many of a kind, by the word that was said, against its share of what was expected to be seen.
 * Who says "masses" of one kind has not counted the others: they are not spoken against. None speaks against what the
 * look would have shown.
 */
function saidByEye(count: number, share: number, { trust, scales, bounds }: Weights): number {
	if (count === 0) return Math.log(1 - scales.emptyEye);
	const alpha = bounds.sampleConcentration;
	const ratio = Math.log((count + alpha * share) / (share * (count + alpha)));
	return clamp(trust.eye * ratio, trust.eye * Math.log(1 + count), bounds.most);
}

function fromSighting(
	{ note, observedAt }: LiveNote<'sighting'>,
	now: Date,
	hypotheses: readonly Hypothesis[],
	expected: (taxonId: string, stage: LifeStage) => number,
	weights: Weights
): Evidence {
	const { taxonId, stage, zone, abundance, sign } = note.body;
	const said = saidByEye(weights.abundance[abundance], expected(taxonId, stage), weights);
	const weight = said * fade(observedAt, now, weights.halfLifeMin.sighting);
	const spread: Partial<Record<string, number>> = weights.sightingSpread[sign][stage];
	const logLikelihoods = new Float64Array(hypotheses.length);
	for (let i = 0; i < hypotheses.length; i++) {
		const h = hypotheses[i];
		if (!h || h.taxonId !== taxonId || h.kind === 'unseen') continue;
		// To have seen none speaks only against the stage that was looked for.
		if (abundance === 'none' && h.stage !== stage) continue;
		// In the air they are out of reach; lower down than they live, they have come to where fish are.
		const elsewhere = h.stage === stage && zone === 'air' && h.zone !== zone && sign === 'insects';
		logLikelihoods[i] = weight * (spread[h.stage] ?? 0) * (elsewhere ? weights.scales.otherHeight : 1);
	}
	return { noteId: note.id, logLikelihoods };
}

const clamp = (x: number, least: number, most: number): number => Math.min(most, Math.max(least, x));
