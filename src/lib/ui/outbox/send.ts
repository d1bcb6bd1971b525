import type { FieldIssue, Note } from '$lib/core';

/** A note that waits on this device, and for which outing. */
export interface Waiting {
	outingId: string;
	note: Note;
	/** Why the server will never take it, once it has said so. */
	refused?: string;
}

/** Where waiting notes are kept until the server has them. */
export interface Shelf {
	all(): Promise<Waiting[]>;
	put(waiting: Waiting): Promise<void>;
	remove(noteIds: readonly string[]): Promise<void>;
}

/** Posts one batch; `undefined` when the server could not be reached or is in trouble. */
export type Post = (outingId: string, notes: readonly Note[]) => Promise<Answer | undefined>;
export type Answer = { kept: string[] } | { status: number; message: string; issues: FieldIssue[] };

const BATCH = 50;

export interface Sent {
	kept: string[];
	refused: { noteId: string; message: string }[];
	/** Notes are left because the server could not be reached. */
	unreachable: boolean;
}

/**
 * Sends everything on the shelf, oldest first, in batches. A note leaves the shelf only once the server has said
 * that it is kept; one that the server refuses stays, with its reason, and holds none of the others up.
 */
export async function sendWaiting(shelf: Shelf, post: Post): Promise<Sent> {
	const sent: Sent = { kept: [], refused: [], unreachable: false };
	const waiting = (await shelf.all()).filter(({ refused }) => refused === undefined);
	const outings = new Map<string, Waiting[]>();
	for (const entry of waiting) outings.set(entry.outingId, [...(outings.get(entry.outingId) ?? []), entry]);

	for (const [outingId, entries] of outings) {
		let queue = entries.sort(
			(a, b) => a.note.at.getTime() - b.note.at.getTime() || (a.note.id < b.note.id ? -1 : 1)
		);
		while (queue.length > 0) {
			const batch = queue.slice(0, BATCH);
			const answer = await post(
				outingId,
				batch.map(({ note }) => note)
			);
			if (!answer) return { ...sent, unreachable: true };
			if ('kept' in answer) {
				await shelf.remove(answer.kept);
				sent.kept.push(...answer.kept);
				queue = queue.slice(BATCH);
				continue;
			}
			if (answer.status === 401 || answer.status === 429) return { ...sent, unreachable: true };
			const faulty = faultyEntries(batch, answer.issues);
			for (const entry of faulty) {
				await shelf.put({ ...entry, refused: answer.message });
				sent.refused.push({ noteId: entry.note.id, message: answer.message });
			}
			queue = queue.filter((entry) => !faulty.includes(entry));
		}
	}
	return sent;
}

/** The notes that an answer's issues name; when it names none, the whole batch. */
function faultyEntries(batch: readonly Waiting[], issues: readonly FieldIssue[]): readonly Waiting[] {
	const named = new Set(issues.map(({ field }) => Number(/^notes\.(\d+)\b/.exec(field)?.[1])));
	const faulty = batch.filter((_, i) => named.has(i));
	return faulty.length > 0 ? faulty : batch;
}
