import type { Place } from '../atlas';
import type { ConditionsBody, Note, NoteKind, NoteOf, WatchBegin } from './note';

/** A note in force, with the moment of what it tells of: a correction keeps the time of what it corrects. */
export interface LiveNote<K extends NoteKind = NoteKind> {
	note: NoteOf<K>;
	observedAt: Date;
}

type ConditionField = keyof ConditionsBody;

/** Each condition as last noted, and by which note. */
export type CurrentConditions = {
	[F in ConditionField]?: { value: NonNullable<ConditionsBody[F]>; noteId: string; at: Date };
};

/** One fish under watch, with what was noted of it. */
export interface Watch {
	/** The id of the note that began it. */
	id: string;
	fish: WatchBegin;
	begunAt: Date;
	/** Undefined while it goes on. */
	endedAt?: Date;
	/** Stretches in which nobody looked; the last may still go on. */
	pauses: readonly { from: Date; to?: Date }[];
	rises: readonly LiveNote<'rise'>[];
	drifted: readonly LiveNote<'drifted'>[];
	attempts: readonly LiveNote<'attempt'>[];
}

export interface Outing {
	place: Place;
	now: Date;
	/** All notes in force, oldest first. */
	live: readonly LiveNote[];
	conditions: CurrentConditions;
	samples: readonly LiveNote<'sample'>[];
	sightings: readonly LiveNote<'sighting'>[];
	rises: readonly LiveNote<'rise'>[];
	attempts: readonly LiveNote<'attempt'>[];
	drifted: readonly LiveNote<'drifted'>[];
	rigs: readonly LiveNote<'rig'>[];
	/** In the order in which they were begun. */
	watches: readonly Watch[];
}

/**
 * The state of an outing at an instant, from its notes in any order: later notes are left out, corrections
 * and withdrawals applied as far as they had been made by then.
 *
 * A note is in force unless a note in force replaces it; so withdrawing a correction brings back what it had
 * corrected. Of two notes that replace the same one, both stand in its place, except that of two
 * corrections of the same kind the later counts.
 */
export function foldOuting(notes: readonly Note[], place: Place, now: Date): Outing {
	const known = new Map<string, Note>();
	for (const note of notes) if (note.at <= now) known.set(note.id, note);

	const replacers = new Map<string, Note[]>();
	for (const note of known.values()) {
		if (!note.replaces || !known.has(note.replaces)) continue;
		const list = replacers.get(note.replaces);
		if (list) list.push(note);
		else replacers.set(note.replaces, [note]);
	}

	const live: LiveNote[] = [];
	const inForce = forceOf(replacers);
	for (const note of known.values()) {
		if (note.kind === 'void' || !inForce(note)) continue;
		if (note.replaces && outdone(note, replacers.get(note.replaces) ?? [], inForce)) continue;
		live.push({ note, observedAt: observedAt(note, known) });
	}
	live.sort((a, b) => a.observedAt.getTime() - b.observedAt.getTime() || compare(a.note.id, b.note.id));

	return {
		place,
		now,
		live,
		conditions: currentConditions(ofKind(live, 'conditions')),
		samples: ofKind(live, 'sample'),
		sightings: ofKind(live, 'sighting'),
		rises: ofKind(live, 'rise'),
		attempts: ofKind(live, 'attempt'),
		drifted: ofKind(live, 'drifted'),
		rigs: ofKind(live, 'rig'),
		watches: watchesIn(live)
	};
}

/** The fish in hand: the last one under watch that has not been let go. */
export function fishInHand({ watches }: Outing): Watch | undefined {
	return watches.findLast(({ endedAt }) => !endedAt);
}

/** Whether nobody looks at a fish just now. */
export function isPaused({ pauses }: Watch): boolean {
	const last = pauses.at(-1);
	return last !== undefined && !last.to;
}

/** The notes of one kind. */
function ofKind<K extends NoteKind>(live: readonly LiveNote[], kind: K): LiveNote<K>[] {
	// The kind of a nested note does not narrow its holder; the filter makes the cast true.
	return live.filter(({ note }) => note.kind === kind) as unknown as LiveNote<K>[];
}

/** The watches of an outing; what names a watch that was withdrawn belongs to none. */
function watchesIn(live: readonly LiveNote[]): Watch[] {
	const begun: (LiveNote<'watch'> & { fish: WatchBegin })[] = [];
	const events = ofKind(live, 'watch');
	for (const entry of events)
		if (entry.note.body.event === 'begin') begun.push({ ...entry, fish: entry.note.body });
	if (begun.length === 0) return [];
	const rises = ofKind(live, 'rise');
	const drifted = ofKind(live, 'drifted');
	const attempts = ofKind(live, 'attempt');
	return begun.map(({ note, observedAt, fish }) => {
		// A corrected beginning keeps the watch: what names the first note still belongs to it.
		const names = new Set([note.id, ...(note.replaces ? [note.replaces] : [])]);
		const own = <K extends 'rise' | 'drifted' | 'attempt'>(entries: LiveNote<K>[]): LiveNote<K>[] =>
			entries.filter((entry: { note: { body: object } }) => {
				// What belongs to a watch names it in its body, whichever of the three kinds it is.
				const { watchId } = entry.note.body as { watchId?: string };
				return watchId !== undefined && names.has(watchId);
			});
		const pauses: { from: Date; to?: Date }[] = [];
		let endedAt: Date | undefined;
		for (const { note: event, observedAt: at } of events) {
			if (event.body.event === 'begin' || !names.has(event.body.watchId)) continue;
			const open = pauses.at(-1);
			if (event.body.event === 'pause' && (!open || open.to)) pauses.push({ from: at });
			if (event.body.event !== 'pause' && open && !open.to) open.to = at;
			endedAt = event.body.event === 'end' ? at : undefined;
		}
		return {
			id: note.id,
			fish,
			begunAt: observedAt,
			...(endedAt && { endedAt }),
			pauses,
			rises: own(rises),
			drifted: own(drifted),
			attempts: own(attempts)
		};
	});
}

function forceOf(replacers: Map<string, Note[]>): (note: Note) => boolean {
	const decided = new Map<string, boolean>();
	return function inForce(note: Note): boolean {
		const before = decided.get(note.id);
		if (before !== undefined) return before;
		// Two notes that name each other can only come from outside; both then stand.
		decided.set(note.id, true);
		const force = !(replacers.get(note.id) ?? []).some(inForce);
		decided.set(note.id, force);
		return force;
	};
}

/** Whether a later correction of the same note is in force. */
function outdone(note: Note, rivals: Note[], inForce: (note: Note) => boolean): boolean {
	return rivals.some(
		(rival) =>
			rival.id !== note.id &&
			rival.kind !== 'void' &&
			inForce(rival) &&
			(rival.at > note.at || (rival.at.getTime() === note.at.getTime() && rival.id > note.id))
	);
}

function observedAt(note: Note, known: Map<string, Note>): Date {
	let root = note;
	for (let steps = 0; root.replaces && steps < known.size; steps++) {
		const earlier = known.get(root.replaces);
		if (!earlier) break;
		root = earlier;
	}
	return root.at;
}

function currentConditions(notes: LiveNote<'conditions'>[]): CurrentConditions {
	const current: Record<string, { value: unknown; noteId: string; at: Date }> = {};
	for (const { note, observedAt: at } of notes)
		for (const [field, value] of Object.entries(note.body))
			if (value !== undefined) current[field] = { value, noteId: note.id, at };
	return current as CurrentConditions;
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
