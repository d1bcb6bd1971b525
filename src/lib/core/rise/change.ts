import type { LiveNote } from '../outing';
import { RISE_FORMS, type RiseForm } from '../vocabulary';

/** A change in how or how often a fish rises. */
export interface RiseChange {
	/** The first rise after it. */
	at: Date;
	/** What it was and what it is: forms, or a pace in seconds between rises. */
	forms?: { before: RiseForm; after: RiseForm };
	paceS?: { before: number; after: number };
	/** 0 to 1. */
	probability: number;
}

const FORMS = RISE_FORMS.filter((form) => form !== 'unsure');
/** A change is expected about once in so many rises. */
const RISES_BETWEEN_CHANGES = 15;
/** Pseudo-counts of forms, and of the gamma prior of pace, before anything is seen. */
const FORM_PRIOR = 0.4;
const PACE_PRIOR = { shape: 1.5, seconds: 60 };
const SURE_ENOUGH = 0.5;
const LEAST_EACH_SIDE = 3;
/** What happened longer ago than so many rises is no news. */
const MOST_RISES = 36;
/** So many times faster or slower is another pace. */
const PACE_FACTOR = 1.8;

/**
 * The last change of form or pace in a fish's rises, or undefined when there is none to be sure of. Online
 * change-point detection of Adams & MacKay (2007) over rises: forms by a Dirichlet, waits by a gamma prior on
 * an exponential.
 *
 * @param rises in the order in which they came
 */
export function lastChange(rises: readonly LiveNote<'rise'>[]): RiseChange | undefined {
	const seen = rises.filter(({ note }) => note.body.form !== 'unsure').slice(-MOST_RISES);
	if (seen.length < 2 * LEAST_EACH_SIDE) return undefined;
	const { start, probability } = likeliestStart(seen);
	if (start < LEAST_EACH_SIDE || start > seen.length - LEAST_EACH_SIDE || probability < SURE_ENOUGH)
		return undefined;
	const [before, after] = [seen.slice(0, start), seen.slice(start)];
	const forms = { before: commonest(before), after: commonest(after) };
	const paceS = { before: pace(before), after: pace(after) };
	const ratio = paceS.after / paceS.before;
	const paceChanged = ratio > PACE_FACTOR || ratio < 1 / PACE_FACTOR;
	if (forms.before === forms.after && !paceChanged) return undefined;
	const first = after[0];
	if (!first) return undefined;
	return {
		at: first.observedAt,
		...(forms.before !== forms.after && { forms }),
		...(paceChanged && { paceS }),
		probability
	};
}

/** Where the present run most likely began, within one rise either way. */
function likeliestStart(rises: readonly LiveNote<'rise'>[]): { start: number; probability: number } {
	let runs = [{ start: 0, weight: 1, counts: new Map<RiseForm, number>(), total: 0, waits: 0, waited: 0 }];
	rises.forEach(({ note, observedAt }, i) => {
		const waitS =
			i === 0
				? undefined
				: Math.max(1, (observedAt.getTime() - (rises[i - 1]?.observedAt.getTime() ?? 0)) / 1000);
		const { form } = note.body;
		const hazard = 1 / RISES_BETWEEN_CHANGES;
		const fresh = runs.reduce((sum, { weight }) => sum + weight * hazard, 0);
		runs = [
			...runs.map((run) => ({ ...run, weight: run.weight * (1 - hazard) })),
			{ start: i, weight: fresh, counts: new Map<RiseForm, number>(), total: 0, waits: 0, waited: 0 }
		].map((run) => {
			const ofForm = run.counts.get(form) ?? 0;
			let likelihood = (ofForm + FORM_PRIOR) / (run.total + FORM_PRIOR * FORMS.length);
			if (waitS !== undefined && i > run.start) {
				// Lomax predictive of an exponential wait with a gamma prior on its rate.
				const shape = PACE_PRIOR.shape + run.waits;
				const scale = PACE_PRIOR.seconds + run.waited;
				likelihood *= (shape / scale) * (1 + waitS / scale) ** -(shape + 1) * 30;
			}
			return {
				start: run.start,
				weight: run.weight * likelihood,
				counts: new Map(run.counts).set(form, ofForm + 1),
				total: run.total + 1,
				waits: run.waits + (waitS !== undefined && i > run.start ? 1 : 0),
				waited: run.waited + (i > run.start ? (waitS ?? 0) : 0)
			};
		});
		const sum = runs.reduce((all, { weight }) => all + weight, 0);
		runs = runs.map((run) => ({ ...run, weight: run.weight / sum })).filter(({ weight }) => weight > 1e-4);
	});
	const best = runs.reduce((a, b) => (b.weight > a.weight ? b : a));
	const near = runs.filter(({ start }) => Math.abs(start - best.start) <= 1);
	return { start: best.start, probability: near.reduce((sum, { weight }) => sum + weight, 0) };
}

function commonest(rises: readonly LiveNote<'rise'>[]): RiseForm {
	const counts = new Map<RiseForm, number>();
	for (const { note } of rises) counts.set(note.body.form, (counts.get(note.body.form) ?? 0) + 1);
	return [...counts].reduce((a, b) => (b[1] > a[1] ? b : a))[0];
}

function pace(rises: readonly LiveNote<'rise'>[]): number {
	const [first, last] = [rises[0], rises.at(-1)];
	if (!first || !last || rises.length < 2) throw new RangeError('a pace needs two rises');
	return Math.max(0.5, (last.observedAt.getTime() - first.observedAt.getTime()) / 1000 / (rises.length - 1));
}
