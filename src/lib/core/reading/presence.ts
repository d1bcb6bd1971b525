import type { LifeStage } from '../atlas';
import type { Hypothesis } from '../likeness';
import type { Outing } from '../outing';
import type { SampleMethod } from '../vocabulary';
import { naturalsMet } from './met';
import { animalsIn } from './sample-evidence';
import type { Evidence } from './weight-of-evidence';
import type { Weights } from './weights';

/**
 * What was met with today is here: the first note to show it takes back what season, water and temperature had said
 * against it, once, for it and for the other stages of the same hatch.
 *
 * @param evidence to which it is added
 * @param presence log factor by which each would be likelier, were its taxon known to be about today
 * @param visibleTo how far a way of looking sees each hypothesis
 */
export function addPresence(
	evidence: readonly Evidence[],
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	presence: readonly number[],
	visibleTo: (method: SampleMethod | 'eye') => Float64Array,
	weights: Weights
): void {
	const byNote = new Map(evidence.map((entry) => [entry.noteId, entry]));
	const met = naturalsMet(outing);
	for (const { noteId, taxonId, phase, by, animals } of firstMet(outing)) {
		const logs = byNote.get(noteId)?.logLikelihoods;
		if (!logs) continue;
		const unargued = SHOWS_SHARES.has(by) ? 0 : 1;
		const { sampleConcentration } = weights.bounds;
		// A net that shows shares has shown as well what it does not hold.
		const absent = SHOWS_SHARES.has(by) ? Math.log(sampleConcentration / (animals + sampleConcentration)) : 0;
		// Its kin are less likely to be here than what was met.
		const most = hypotheses.reduce(
			(max, { id, taxonId: one }, i) =>
				one === taxonId && met.has(id)
					? Math.max(max, (logs[i] ?? 0) + Math.max(0, presence[i] ?? 0) * unargued)
					: max,
			0
		);
		hypotheses.forEach((hypothesis, i) => {
			if (hypothesis.kind !== 'natural' || hypothesis.taxonId !== taxonId) return;
			if (phaseOf(hypothesis.stage) !== phase) return;
			const said = logs[i] ?? 0;
			const here = presence[i] ?? 0;
			// What was met itself argues with the season by its share, where the way of looking shows one.
			if (met.has(hypothesis.id)) logs[i] = said + Math.max(0, here) * unargued;
			// Of its kin, the note has said so in part.
			else
				logs[i] =
					Math.max(said, Math.min(here, weights.scales.kin * most) + absent * (visibleTo(by)[i] ?? 0)) +
					(said < 0 ? said : 0);
		});
	}
}

/** Ways of looking that show what there is of each kind beside the others; the rest gather what can be found. */
const SHOWS_SHARES: ReadonlySet<SampleMethod | 'eye'> = new Set(['surface-net', 'throat', 'eye']);

/** What grows up in the water is there for months; what hatches, flies and falls is of one hatch. */
type Phase = 'growing' | 'hatch';
const GROWING: ReadonlySet<LifeStage> = new Set(['nymph', 'larva', 'crustacean', 'aquatic', 'fry']);
const phaseOf = (stage: LifeStage): Phase => (GROWING.has(stage) ? 'growing' : 'hatch');

/** That a phase of a taxon is there today, and the earliest note to show it: it outweighs what the season's table says. */
interface FirstMet {
	noteId: string;
	taxonId: string;
	phase: Phase;
	by: SampleMethod | 'eye';
	/** In the net, with what else it held; 0 for the eye, which counts one kind. */
	animals: number;
}

function firstMet(outing: Outing): FirstMet[] {
	const first = new Map<string, FirstMet>();
	for (const { note } of outing.live) {
		const named =
			note.kind === 'sample'
				? note.body.lots
				: note.kind === 'drifted' || (note.kind === 'sighting' && note.body.abundance !== 'none')
					? [note.body]
					: [];
		const by = note.kind === 'sample' ? note.body.method : 'eye';
		const animals = note.kind === 'sample' ? animalsIn(note.body) : 0;
		for (const { taxonId, stage } of named) {
			// A skin is what something grew up in and has left.
			const phase = note.kind === 'sighting' && note.body.sign === 'shucks' ? 'hatch' : phaseOf(stage);
			const key = `${taxonId} ${phase}`;
			if (!first.has(key)) first.set(key, { noteId: note.id, taxonId, phase, by, animals });
		}
	}
	return [...first.values()];
}
