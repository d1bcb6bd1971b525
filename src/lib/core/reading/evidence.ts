import type { Hypothesis } from '../likeness';
import type { Outing } from '../outing';
import type { SampleMethod } from '../vocabulary';
import { evidenceOfFish } from './fish-evidence';
import { naturalsMet } from './met';
import { fromSample } from './sample-evidence';
import { fromSightings } from './sighting-evidence';
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
	const seenBy = new Map<SampleMethod | 'eye', Float64Array>();
	const visibleTo = (method: SampleMethod | 'eye'): Float64Array => {
		let visible = seenBy.get(method);
		if (!visible)
			seenBy.set(method, (visible = Float64Array.from(hypotheses, (h) => visibility(method, h, weights))));
		return visible;
	};
	const evidence = [
		...outing.samples.map((entry) => fromSample(entry, outing.now, hypotheses, priors, visibleTo, weights)),
		...fromSightings(outing, hypotheses, priors, visibleTo('eye'), weights),
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
			// What was met itself has been weighed against the season already; of its kin, the note has said so in part.
			if (met.has(hypothesis.id)) return;
			const said = logs[i] ?? 0;
			logs[i] = Math.max(said, presence[i] ?? 0) + (said < 0 ? said : 0);
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
				: note.kind === 'drifted' || (note.kind === 'sighting' && note.body.abundance !== 'none')
					? [note.body.taxonId]
					: [];
		for (const taxonId of named) if (!first.has(taxonId)) first.set(taxonId, note.id);
	}
	return first;
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
