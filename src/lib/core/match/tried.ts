import type { AttemptBody, RigBody } from '../note';
import type { Outing } from '../outing';
import type { DepthTried } from '../rig';
import { fishesBelow, patternFor } from '../tackle';
import type { WhichFly } from '../vocabulary';

/** Fish that took to something, and what was spent on it: good drifts or draws, at least one for each note. */
export interface Tried {
	takes: number;
	effort: number;
}

/**
 * What was tried of something that changes through an outing, in the order in which it first was.
 *
 * @param of what a fly was fished with, as the rig stood then; nothing where that was not noted
 */
export function triedBy<Key>(
	{ live }: Outing,
	of: (fly: AttemptBody, rig: RigBody | undefined) => readonly Key[]
): Map<Key, Tried> {
	const found = new Map<Key, Tried>();
	let rig: RigBody | undefined;
	for (const { note } of live) {
		if (note.kind === 'rig') rig = note.body;
		if (note.kind !== 'attempt' || SAYS_NOTHING.has(note.body.outcome)) continue;
		const { outcome, drifts = 0, dragged = 0 } = note.body;
		for (const key of of(note.body, rig)) {
			const tried = found.get(key) ?? { takes: 0, effort: 0 };
			tried.effort += Math.max(1, drifts + dragged);
			// A fish that is landed was noted as taken before.
			if (outcome === 'taken' || outcome === 'missed' || outcome === 'short') tried.takes += 1;
			found.set(key, tried);
		}
	}
	return found;
}

/** A fly that was only tied on, or lost, was not fished by that. */
const SAYS_NOTHING: ReadonlySet<string> = new Set(['tied-on', 'lost']);

/**
 * What was fished at each depth, from above down. Where the note of a fly does not say how deep it went, the rig does for
 * a fly that goes beneath the film.
 *
 * @param mostM depth of the water, m: what was fished deeper was fished elsewhere
 */
export function depthsTried(outing: Outing, mostM: number): DepthTried[] {
	const hung = outing.place.water === 'lake';
	const tried = triedBy(outing, (fly, rig) =>
		depthsOf(fly, hung ? rig : undefined, rig?.depthM).filter((depthM) => depthM <= mostM)
	);
	return [...tried].map(([depthM, tally]) => ({ depthM, ...tally })).sort((a, b) => a.depthM - b.depthM);
}

/**
 * How deep the flies fished that a note tells of, m: the one it names, or all that hang where nothing went for any.
 *
 * @param hung the rig, where flies hang one under the other
 * @param riggedM how deep it is rigged to fish
 */
function depthsOf(fly: AttemptBody, hung: RigBody | undefined, riggedM: number | undefined): number[] {
	// A note that names a fly and says how deep it was speaks of that fly.
	if (fly.depthM !== undefined && (fly.which || !hung)) return [fly.depthM];
	const lowestM = fly.depthM ?? (sinks(fly) ? riggedM : undefined);
	if (lowestM === undefined) return [];
	const depths = depthsOnRig(lowestM, hung);
	const named = fly.which && depths[fly.which];
	return named === undefined ? Object.values(depths) : [named];
}

/**
 * How deep each of the flies hangs that hang one under the other, m, by how deep the lowest does; one alone where the
 * second floats or there is none.
 */
export function depthsOnRig(lowestM: number, rig: RigBody | undefined): Partial<Record<WhichFly, number>> {
	const { second, third } = rig ?? {};
	if (!second || !sinks(second)) return { first: lowestM };
	const above = (m: number) => Number(Math.max(0, lowestM - m).toFixed(1));
	if (!third) return { first: above(second.distanceM), second: lowestM };
	return {
		first: above(third.distanceM + second.distanceM),
		second: above(third.distanceM),
		third: lowestM
	};
}

function sinks(fly: Parameters<typeof patternFor>[0]): boolean {
	const pattern = patternFor(fly);
	return pattern !== undefined && fishesBelow(pattern);
}
