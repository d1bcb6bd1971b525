import type { LiveNote, Outing, RiseForm, SampleMethod } from '../note';
import type { Hypothesis } from './hypothesis';
import { riseFormProbability, WEIGHTS, type Taking } from './weights';

/** The log likelihood of one note under each hypothesis, up to a constant that they share. */
export interface Evidence {
	noteId: string;
	logLikelihoods: Float64Array;
}

/** Evidence of every note that bears on what fish eat. `priors` are the prior probabilities of the hypotheses. */
export function evidenceOf(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	priors: readonly number[]
): Evidence[] {
	return [
		...outing.samples.map((entry) => fromSample(entry, outing.now, hypotheses, priors)),
		...outing.sightings.map((entry) => fromSighting(entry, outing.now, hypotheses)),
		...fromRises(outing, hypotheses)
	];
}

/** How much of a method's catch can hold this hypothesis, 0 to 1. */
export function visibility(method: SampleMethod, { kind, zone, stage }: Hypothesis): number {
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
	priors: readonly number[]
): Evidence {
	const { method, lots } = note.body;
	const counts = new Map<string, number>();
	const taxonCounts = new Map<string, number>();
	for (const lot of lots) {
		const key = `${lot.taxonId}/${lot.stage}`;
		counts.set(key, (counts.get(key) ?? 0) + lot.count);
		taxonCounts.set(lot.taxonId, (taxonCounts.get(lot.taxonId) ?? 0) + lot.count);
	}
	// What lies in the net was plainly visible to it, whatever the table says.
	const seen = hypotheses.map((h) =>
		counts.has(h.id) ? Math.max(0.4, visibility(method, h)) : visibility(method, h)
	);
	const mass = hypotheses.map((_, i) => (priors[i] ?? 0) * (seen[i] ?? 0));
	const visibleMass = mass.reduce((sum, m) => sum + m, 0);
	const total = lots.reduce((sum, lot) => sum + lot.count, 0);
	const alpha = WEIGHTS.sampleConcentration;
	const scale = WEIGHTS.trust[method] * fade(observedAt, now, WEIGHTS.halfLifeMin[method]);
	const taxonMass = new Map<string, number>();
	hypotheses.forEach((h, i) => taxonMass.set(h.taxonId, (taxonMass.get(h.taxonId) ?? 0) + (mass[i] ?? 0)));

	const ratio = (count: number, share: number) =>
		Math.log((count + alpha * share) / (share * (total + alpha)));
	const weights = Float64Array.from(hypotheses, (h, i) => {
		if (visibleMass === 0) return 0;
		const share = Math.max((mass[i] ?? 0) / visibleMass, 1e-5);
		const own = (seen[i] ?? 0) > 0 ? (seen[i] ?? 0) * ratio(counts.get(h.id) ?? 0, share) : 0;
		const kin = h.kind === 'natural' && !counts.has(h.id) ? (taxonCounts.get(h.taxonId) ?? 0) : 0;
		const kinShare = Math.max((taxonMass.get(h.taxonId) ?? 0) / visibleMass, 1e-3);
		const relation = kin > 0 ? WEIGHTS.sameTaxon * Math.max(0, ratio(kin, kinShare)) : 0;
		return scale * clamp(own + relation, -2.5, 3.5);
	});
	// An empty net in the lane speaks against all that it would have caught.
	if (total === 0) hypotheses.forEach((_, i) => (weights[i] = scale * Math.log(1 - 0.65 * (seen[i] ?? 0))));
	return { noteId: note.id, logLikelihoods: weights };
}

function fromSighting(
	{ note, observedAt }: LiveNote<'sighting'>,
	now: Date,
	hypotheses: readonly Hypothesis[]
): Evidence {
	const { taxonId, stage, zone, abundance, sign } = note.body;
	const fading = fade(observedAt, now, WEIGHTS.halfLifeMin.sighting);
	const spread: Partial<Record<string, number>> = WEIGHTS.sightingSpread[sign][stage];
	return {
		noteId: note.id,
		logLikelihoods: Float64Array.from(hypotheses, (h) => {
			if (h.kind === 'unseen' || h.taxonId !== taxonId) return 0;
			const passes = spread[h.stage] ?? 0;
			// To have seen none speaks only against the stage that was looked for.
			if (abundance === 'none' && h.stage !== stage) return 0;
			const place = h.stage === stage && h.zone !== zone && sign === 'insects' ? WEIGHTS.elsewhere : 1;
			return fading * WEIGHTS.abundance[abundance] * passes * place;
		})
	};
}

function fromRises(outing: Outing, hypotheses: readonly Hypothesis[]): Evidence[] {
	const byForm = new Map<RiseForm, LiveNote<'rise'>[]>();
	for (const rise of outing.rises) {
		const list = byForm.get(rise.note.body.form);
		if (list) list.push(rise);
		else byForm.set(rise.note.body.form, [rise]);
	}
	return outing.rises.map(({ note, observedAt }) => {
		const { form } = note.body;
		if (form === 'unsure') return { noteId: note.id, logLikelihoods: new Float64Array(hypotheses.length) };
		const alike = byForm.get(form)?.length ?? 1;
		const tempered = 1 / (1 + (alike - 1) * WEIGHTS.alikeRises);
		const scale = tempered * fade(observedAt, outing.now, WEIGHTS.halfLifeMin.rise);
		return {
			noteId: note.id,
			logLikelihoods: Float64Array.from(hypotheses, (h) => scale * logForm(h.taking, form))
		};
	});
}

const logForms = new Map<string, number>();

function logForm(taking: Taking, form: Exclude<RiseForm, 'unsure'>): number {
	const key = `${taking} ${form}`;
	let log = logForms.get(key);
	if (log === undefined) logForms.set(key, (log = Math.log(riseFormProbability(taking, form))));
	return log;
}

/** 1 when new, one half after a half-life. */
function fade(observedAt: Date, now: Date, halfLifeMin: number): number {
	const minutes = Math.max(0, now.getTime() - observedAt.getTime()) / 60_000;
	return 0.5 ** (minutes / halfLifeMin);
}

const clamp = (x: number, least: number, most: number): number => Math.min(most, Math.max(least, x));
