import type { Hypothesis } from '../likeness';
import type { LifeStage } from '../atlas';
import { clamp } from '../math';
import type { Lot, SampleBody } from '../note';
import type { LiveNote } from '../outing';
import type { SampleMethod } from '../vocabulary';
import type { MenuScale } from './clock';
import type { Evidence } from './weight-of-evidence';
import type { Weights } from './weights';

/**
 * A sample moves belief among the kinds its method can see, towards those it held. The share of each kind on
 * offer has a Dirichlet prior with the reading's own proportions as its mean; the weight is the logarithm of
 * its posterior mean over its prior mean, scaled by how far that method speaks for what is eaten.
 */
export function fromSample(
	{ note, observedAt }: LiveNote<'sample'>,
	ofMenu: MenuScale,
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	visibleTo: (method: SampleMethod) => Float64Array,
	weights: Weights
): Evidence {
	const { method, lots } = note.body;
	const caught = { ...caughtIn(lots), total: animalsIn(note.body) };
	const offer = offered(caught, hypotheses, priors, visibleTo(method), weights);
	const scale = weights.trust[method] * ofMenu(observedAt, weights.halfLifeMin[method]);
	const logLikelihoods = Float64Array.from(hypotheses, (hypothesis, i) =>
		offer.visibleMass > 0 ? scale * ofKind(hypothesis, i, caught, offer, weights) : 0
	);
	const ripening = ofMenu(observedAt, weights.halfLifeMin[method]);
	for (const [taxonId, weight] of ripenessIn(lots, weights))
		hypotheses.forEach((h, i) => {
			if (h.kind === 'natural' && h.taxonId === taxonId && isEmerging(h))
				logLikelihoods[i] = (logLikelihoods[i] ?? 0) + ripening * weight;
		});
	return { noteId: note.id, logLikelihoods };
}

/** Animals in a sample, with a name or without. */
export const animalsIn = ({ lots, unnamed = [] }: SampleBody): number =>
	[...lots, ...unnamed].reduce((sum, { count }) => sum + count, 0);

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
		const own = (priors[i] ?? 0) * sees;
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
	const count = counts.get(h.id) ?? 0;
	// What fills a net speaks by its number, also where it was expected there.
	const fills = (count / total) * Math.log(1 + count);
	const own =
		sees > 0
			? Math.max(
					sees * ratio(count, Math.max((mass[i] ?? 0) / visibleMass, bounds.leastShare)),
					count > 0 ? fills : -Infinity
				)
			: 0;
	const kin = h.kind === 'natural' && !counts.has(h.id) ? (taxonCounts.get(h.taxonId) ?? 0) : 0;
	const kinShare = kin > 0 ? Math.max((taxonMass.get(h.taxonId) ?? 0) / visibleMass, bounds.leastKin) : 1;
	const relation = kin > 0 ? scales.sameTaxon * Math.max(0, ratio(kin, kinShare)) : 0;
	return clamp(own + relation, bounds.least, bounds.most);
}

const EMERGING: ReadonlySet<LifeStage> = new Set(['emerger', 'cripple', 'dun']);
/** A stonefly crawls out, and is then along the bank. */
const isEmerging = ({ group, stage }: Hypothesis): boolean =>
	EMERGING.has(stage) || (group === 'stonefly' && stage === 'adult');

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
