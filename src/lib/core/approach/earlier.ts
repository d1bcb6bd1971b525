import { isTake } from '../note';
import type { Outing, Watch } from '../outing';
import type { Stance } from '../vocabulary';

/** What came of fishing from one side. */
export interface FromThere {
	/** Good drifts over this fish that it left. */
	drifts: number;
	/** Drifts over it in which the fly dragged. */
	dragged: number;
	/** How often it was put down. */
	putDown: number;
	/** Takes, of this fish or of others. */
	took: number;
}
export type Earlier = { [Side in Stance]?: FromThere | undefined };

/** Of a side from which nothing was tried. */
export const NOTHING_CAME: FromThere = { drifts: 0, dragged: 0, putDown: 0, took: 0 };

/**
 * What came of each stance of an outing: of casts over one fish, and of takes by any. A stance that was taken up for one
 * fish says nothing of casts over another.
 */
export function earlierFrom({ live }: Outing, watch: Watch | undefined): Earlier {
	const earlier: Earlier = {};
	let stood: { stance: Stance; watchId?: string | undefined } | undefined;
	/** A fish took, and what became of it may still be noted. */
	let on = false;
	for (const { note } of live) {
		if (note.kind === 'stance') stood = note.body;
		if (note.kind !== 'attempt') continue;
		const { outcome, watchId, drifts, dragged = 0 } = note.body;
		const took = isTake(note.body) && !(on && outcome !== 'taken');
		on = outcome === 'taken';
		if (!stood || (stood.watchId !== undefined && stood.watchId !== watchId)) continue;
		const before = earlier[stood.stance] ?? NOTHING_CAME;
		const own = watchId === watch?.id && !isTake(note.body);
		earlier[stood.stance] = {
			drifts: before.drifts + (own ? (drifts ?? (LEFT.has(outcome) ? 1 : 0)) : 0),
			dragged: before.dragged + (own ? dragged : 0),
			putDown: before.putDown + (own && outcome === 'put-down' ? 1 : 0),
			took: before.took + (took ? 1 : 0)
		};
	}
	return earlier;
}

/** Outcomes that tell of one good drift where no number is said. */
const LEFT: ReadonlySet<string> = new Set(['drifted', 'refused']);
