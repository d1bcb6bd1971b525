import type { LiveNote } from '../outing';
import { RISE_FORMS, type RiseForm } from '../vocabulary';
import { CHANGE } from './change-tables';
import {
	type ChangeModel,
	formEvents,
	MOST_EVENTS,
	OF_FORM,
	OF_PACE,
	runsOf,
	type WaysOfRising
} from './run-length';

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

const {
	sureEnough: SURE_ENOUGH,
	leastEachSide: LEAST_EACH_SIDE,
	paceFactor: PACE_FACTOR,
	shareChanged: SHARE_CHANGED,
	near: NEAR
} = CHANGE.values;

/**
 * The last change of form or pace in a fish's rises, or undefined when there is none to be sure of. One of form is told
 * before one of pace: a fish that feeds in bursts changes its pace all the time.
 *
 * @param rises in the order in which they came
 * @param ways how fish show what they take: other forms of the same way are no change
 */
export function lastChange(
	rises: readonly LiveNote<'rise'>[],
	ways: WaysOfRising | undefined
): RiseChange | undefined {
	const seen = rises.filter(({ note }) => note.body.form !== 'unsure').slice(-MOST_EVENTS);
	if (seen.length < 2 * LEAST_EACH_SIDE) return undefined;
	return (
		changeBy(seen, { ...OF_FORM, ways }, ({ forms }) => forms !== undefined) ??
		changeBy(seen, OF_PACE, ({ paceS }) => paceS !== undefined)
	);
}

/** The last change that a model sees, if it is one of what is looked for. */
function changeBy(
	seen: readonly LiveNote<'rise'>[],
	model: ChangeModel,
	isLookedFor: (change: RiseChange) => boolean
): RiseChange | undefined {
	const { start, probability } = likeliestStart(seen, model);
	if (start < LEAST_EACH_SIDE || start > seen.length - LEAST_EACH_SIDE || probability < SURE_ENOUGH)
		return undefined;
	const [before, after] = [seen.slice(0, start), seen.slice(start)];
	const forms = formsChanged(before, after);
	const paceS = { before: pace(before), after: pace(after) };
	const ratio = paceS.after / paceS.before;
	const paceChanged = ratio > PACE_FACTOR || ratio < 1 / PACE_FACTOR;
	const first = after[0];
	if (!first) return undefined;
	const change = {
		at: first.observedAt,
		...(forms && { forms }),
		...(paceChanged && { paceS }),
		probability
	};
	return isLookedFor(change) ? change : undefined;
}

/** Where the present run most likely began, within a few rises either way. */
function likeliestStart(
	rises: readonly LiveNote<'rise'>[],
	model: ChangeModel
): { start: number; probability: number } {
	const runs = runsOf(formEvents(rises), model);
	const best = runs.reduce((a, b) => (b.weight > a.weight ? b : a));
	const near = runs.filter(({ start }) => Math.abs(start - best.start) <= NEAR);
	return { start: best.start, probability: near.reduce((sum, { weight }) => sum + weight, 0) };
}

/** The form that became rarer by most, and the one that came instead; none where shares are much as before. */
function formsChanged(
	before: readonly LiveNote<'rise'>[],
	after: readonly LiveNote<'rise'>[]
): RiseChange['forms'] {
	const share = (rises: readonly LiveNote<'rise'>[], form: RiseForm) =>
		rises.filter(({ note }) => note.body.form === form).length / rises.length;
	const grown = RISE_FORMS.map((form) => ({ form, by: share(after, form) - share(before, form) })).sort(
		(a, b) => a.by - b.by
	);
	const [least, most] = [grown[0], grown.at(-1)];
	return least && most && most.by >= SHARE_CHANGED ? { before: least.form, after: most.form } : undefined;
}

function pace(rises: readonly LiveNote<'rise'>[]): number {
	const [first, last] = [rises[0], rises.at(-1)];
	if (!first || !last || rises.length < 2) throw new RangeError('a pace needs two rises');
	return Math.max(0.5, (last.observedAt.getTime() - first.observedAt.getTime()) / 1000 / (rises.length - 1));
}
