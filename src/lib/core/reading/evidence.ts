import type { Hypothesis } from '../likeness';
import type { Outing } from '../outing';
import type { SampleMethod } from '../vocabulary';
import { clockOf } from './clock';
import { evidenceOfFish } from './fish-evidence';
import { addPresence } from './presence';
import { fromSample } from './sample-evidence';
import { fromSightings } from './sighting-evidence';
import { fromUnnamed } from './unnamed-evidence';
import { waysOfRising } from './ways';
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
	const { ofFish, ofMenu } = clockOf(outing, watchId, waysOfRising(hypotheses, priors, weights), weights);
	const seenBy = new Map<SampleMethod | 'eye', Float64Array>();
	const visibleTo = (method: SampleMethod | 'eye'): Float64Array => {
		let visible = seenBy.get(method);
		if (!visible)
			seenBy.set(method, (visible = Float64Array.from(hypotheses, (h) => visibility(method, h, weights))));
		return visible;
	};
	const evidence = [
		...outing.samples.map((entry) => fromSample(entry, ofMenu, hypotheses, priors, visibleTo, weights)),
		...fromSightings(outing, hypotheses, priors, visibleTo('eye'), ofMenu, weights),
		...fromUnnamed(outing, hypotheses, priors, visibleTo, ofMenu, weights),
		...evidenceOfFish(outing, hypotheses, ofFish, weights)
	];
	for (const { logLikelihoods } of evidence)
		for (let i = 0; i < logLikelihoods.length; i++)
			logLikelihoods[i] = (logLikelihoods[i] ?? 0) * weights.bounds.sharpness;
	addPresence(evidence, outing, hypotheses, presence, visibleTo, weights);
	return evidence;
}

/** How much of a method's catch can hold this hypothesis, 0 to 1. */
export function visibility(
	method: SampleMethod | 'eye',
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
