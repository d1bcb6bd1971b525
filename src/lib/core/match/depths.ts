import type { Outing } from '../outing';
import type { DepthTried } from '../rig';

/**
 * What was fished at each depth: every note of an attempt there is some effort, good drifts or draws are more. Where the
 * note of a fly does not say how deep it went, that of the rig does.
 *
 * @param mostM depth of the water, m: what was fished deeper was fished elsewhere
 */
export function depthsTried({ live }: Outing, mostM: number): DepthTried[] {
	const found = new Map<number, DepthTried>();
	let rigM: number | undefined;
	for (const { note } of live) {
		if (note.kind === 'rig') rigM = note.body.depthM;
		if (note.kind !== 'attempt') continue;
		const { outcome, drifts = 0, dragged = 0, depthM = rigM } = note.body;
		if (depthM === undefined || depthM > mostM || SAYS_NOTHING.has(outcome)) continue;
		const tried = found.get(depthM) ?? { depthM, takes: 0, effort: 0 };
		tried.effort += Math.max(1, drifts + dragged);
		// A fish that is landed was noted as taken before.
		if (outcome === 'taken' || outcome === 'missed' || outcome === 'short') tried.takes += 1;
		found.set(depthM, tried);
	}
	return [...found.values()].sort((a, b) => a.depthM - b.depthM);
}

/** A fly that was only tied on, or lost, was not fished by that. */
const SAYS_NOTHING: ReadonlySet<string> = new Set(['tied-on', 'lost']);
