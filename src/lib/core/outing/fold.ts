import { groupOfUnnamed, type Place } from '../atlas';
import type { MeasuredWater } from '../hatch';
import type { ConditionsBody, GroundBody, Note, NoteKind, NoteOf, UnnamedLot, WatchBegin } from '../note';

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
	/** What this water measured on the days before. */
	measuredBefore: readonly MeasuredWater[];
	samples: readonly LiveNote<'sample'>[];
	sightings: readonly LiveNote<'sighting'>[];
	/** Sightings of which only the group is known. */
	unnamed: readonly LiveNote<'unnamed'>[];
	looked: readonly LiveNote<'looked'>[];
	/** How the hatch went on. */
	trends: readonly LiveNote<'hatch'>[];
	rises: readonly LiveNote<'rise'>[];
	attempts: readonly LiveNote<'attempt'>[];
	drifted: readonly LiveNote<'drifted'>[];
	rigs: readonly LiveNote<'rig'>[];
	/** The water one stands at, each part of it as last noted. */
	ground: GroundBody;
	stances: readonly LiveNote<'stance'>[];
	/** In the order in which they were begun. */
	watches: readonly Watch[];
}

/**
 * The state of an outing at an instant, from its notes in any order: later notes are left out, corrections
 * and withdrawals applied as far as they had been made by then.
 *
 * A note is in force unless one that counts replaces it: a correction stands in the place of what it corrects, also
 * when it is corrected again, and withdrawing it brings back what it had corrected. Of several corrections of one note
 * the latest counts.
 *
 * @param measuredBefore temperatures of this water from the weeks before, of other outings
 */
export function foldOuting(
	notes: readonly Note[],
	place: Place,
	now: Date,
	measuredBefore: readonly MeasuredWater[] = []
): Outing {
	const known = new Map<string, Note>();
	for (const note of notes) if (note.at <= now) known.set(note.id, note);

	const corrected = correctedBy(known);
	const replacers = new Map<string, Note[]>();
	for (const [note, replaced] of corrected) {
		const own = replacers.get(replaced.id);
		if (own) own.push(note);
		else replacers.set(replaced.id, [note]);
	}

	const counts = notesThatCount(known, replacers);
	const firstOf = firstNotes(corrected);
	/** By the first note of a chain of corrections: the latest that is in force. */
	const latest = new Map<string, Note>();
	for (const note of known.values()) {
		if (note.kind === 'void' || replacers.get(note.id)?.some(({ id }) => counts.has(id))) continue;
		const first = firstOf(note).id;
		const before = latest.get(first);
		if (!before || isLater(note, before)) latest.set(first, note);
	}
	const live: LiveNote[] = [...latest.values()].map((note) => ({
		note: withUnnamedApart(note),
		observedAt: firstOf(note).at
	}));
	live.sort((a, b) => a.observedAt.getTime() - b.observedAt.getTime() || compare(a.note.id, b.note.id));

	return {
		place,
		now,
		live,
		conditions: currentConditions(ofKind(live, 'conditions')),
		measuredBefore: measuredBefore.filter(({ at }) => at <= now),
		samples: ofKind(live, 'sample'),
		sightings: ofKind(live, 'sighting'),
		unnamed: ofKind(live, 'unnamed'),
		looked: ofKind(live, 'looked'),
		trends: ofKind(live, 'hatch'),
		rises: ofKind(live, 'rise'),
		attempts: ofKind(live, 'attempt'),
		drifted: ofKind(live, 'drifted'),
		rigs: ofKind(live, 'rig'),
		ground: groundFrom(ofKind(live, 'ground').map(({ note }) => note.body)),
		stances: ofKind(live, 'stance'),
		watches: watchesIn(live)
	};
}

/** What was noted by its group alone, as what has no name: in a net beside the named, by eye as a note of its own. */
function withUnnamedApart(note: Note): Note {
	if (note.kind === 'sighting' && note.body.sign === 'insects') {
		const { taxonId, stage, zone, abundance } = note.body;
		const group = groupOfUnnamed(taxonId);
		return group ? { ...note, kind: 'unnamed', body: { group, stage, zone, abundance } } : note;
	}
	if (note.kind !== 'sample' || !note.body.lots.some(({ taxonId }) => groupOfUnnamed(taxonId))) return note;
	const { lots, unnamed = [] } = note.body;
	const apart = lots.flatMap(({ taxonId, stage, count, lengthMm }): UnnamedLot[] => {
		const group = groupOfUnnamed(taxonId);
		return group ? [{ group, stage, count, ...(lengthMm !== undefined && { lengthMm }) }] : [];
	});
	const named = lots.filter(({ taxonId }) => !groupOfUnnamed(taxonId));
	return { ...note, body: { ...note.body, lots: named, unnamed: [...unnamed, ...apart] } };
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

/**
 * The ids of notes that count against what they replace: those that are in force, and corrections in whose place a
 * later correction stands. Only a withdrawal that counts itself takes them out. One step for each note, however long
 * its chain of corrections.
 */
function notesThatCount(known: Map<string, Note>, replacers: Map<string, Note[]>): Set<string> {
	const counts = new Map<string, boolean>();
	for (const start of known.values()) {
		const open = [start];
		for (let note = open.at(-1); note; note = open.at(-1)) {
			const own = replacers.get(note.id) ?? [];
			const undecided = own.filter(({ id }) => !counts.has(id));
			if (undecided.length > 0) {
				open.push(...undecided);
				continue;
			}
			const against = own.filter(({ id }) => counts.get(id));
			counts.set(note.id, against.length === 0 || against.some(({ kind }) => kind !== 'void'));
			open.pop();
		}
	}
	return new Set([...counts].filter(([, does]) => does).map(([id]) => id));
}

/** By each note that replaces another one of these: that one. Notes that name each other in a ring replace none. */
function correctedBy(known: Map<string, Note>): Map<Note, Note> {
	const corrected = new Map<Note, Note>();
	for (const note of known.values()) {
		const replaced = note.replaces && known.get(note.replaces);
		if (replaced) corrected.set(note, replaced);
	}
	const seen = new Set<Note>();
	for (const start of known.values()) {
		const chain = new Set<Note>();
		let note: Note | undefined = start;
		for (; note && !seen.has(note); note = corrected.get(note)) {
			seen.add(note);
			chain.add(note);
		}
		// It came back to itself: such a ring can only come from outside.
		while (note && chain.has(note)) {
			const next = corrected.get(note);
			corrected.delete(note);
			chain.delete(note);
			note = next;
		}
	}
	return corrected;
}

/** The first note of the chain of corrections that a note ends: it tells when what they tell of was seen. */
function firstNotes(corrected: Map<Note, Note>): (note: Note) => Note {
	const firsts = new Map<Note, Note>();
	return (note) => {
		const chain: Note[] = [];
		let first = firsts.get(note);
		for (let at = note; !first;) {
			chain.push(at);
			const earlier = corrected.get(at);
			first = earlier ? firsts.get(earlier) : at;
			if (earlier) at = earlier;
		}
		for (const one of chain) firsts.set(one, first);
		return first;
	};
}

const isLater = (one: Note, other: Note): boolean =>
	one.at > other.at || (one.at.getTime() === other.at.getTime() && one.id > other.id);

function currentConditions(notes: LiveNote<'conditions'>[]): CurrentConditions {
	const current: Record<string, { value: unknown; noteId: string; at: Date }> = {};
	for (const { note, observedAt: at } of notes)
		for (const [field, value] of Object.entries<unknown>(note.body))
			if (value !== undefined) current[field] = { value, noteId: note.id, at };
	return current;
}

/** The water one stands at, of notes of it from the oldest on: each part as last noted. */
export function groundFrom(notes: readonly GroundBody[]): GroundBody {
	const ground: GroundBody = {};
	for (const { left, right, ...rest } of notes) {
		Object.assign(
			ground,
			Object.fromEntries(Object.entries(rest).filter(([, value]) => value !== undefined))
		);
		if (left) ground.left = { ...ground.left, ...left };
		if (right) ground.right = { ...ground.right, ...right };
	}
	return ground;
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
