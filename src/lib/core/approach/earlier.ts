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

const NOTHING: FromThere = { drifts: 0, dragged: 0, putDown: 0, took: 0 };

/** What came of each stance of an outing: of casts over one fish, and of takes by any. */
export function earlierFrom({ live }: Outing, watch: Watch | undefined): Earlier {
	const earlier: Earlier = {};
	let stance: Stance | undefined;
	for (const { note } of live) {
		if (note.kind === 'stance') ({ stance } = note.body);
		if (note.kind !== 'attempt' || !stance) continue;
		const { outcome, watchId, drifts, dragged = 0 } = note.body;
		const before = earlier[stance] ?? NOTHING;
		const own = watchId === watch?.id;
		earlier[stance] = {
			drifts: before.drifts + (own ? (drifts ?? (LEFT.has(outcome) ? 1 : 0)) : 0),
			dragged: before.dragged + (own ? dragged : 0),
			putDown: before.putDown + (own && outcome === 'put-down' ? 1 : 0),
			took: before.took + (outcome === 'taken' ? 1 : 0)
		};
	}
	return earlier;
}

/** Outcomes that tell of one good drift where no number is said. */
const LEFT: ReadonlySet<string> = new Set(['drifted', 'refused']);
