import type { LiveNote } from '../outing';
import type { RiseForm } from '../vocabulary';
import { formEvents, MOST_EVENTS, runsOf, WORTH_TELLING } from './run-length';

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

const SURE_ENOUGH = 0.5;
const LEAST_EACH_SIDE = 3;
/** So many times faster or slower is another pace. */
const PACE_FACTOR = 1.8;

/**
 * The last change of form or pace in a fish's rises, or undefined when there is none to be sure of.
 *
 * @param rises in the order in which they came
 */
export function lastChange(rises: readonly LiveNote<'rise'>[]): RiseChange | undefined {
	const seen = rises.filter(({ note }) => note.body.form !== 'unsure').slice(-MOST_EVENTS);
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
	const runs = runsOf(formEvents(rises), WORTH_TELLING);
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
