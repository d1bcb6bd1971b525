import type { Note } from '$lib/core/note';

/** A note that waits on this device, and for which outing. */
export interface Waiting {
	outingId: string;
	note: Note;
	/** Whose it is, and that guide's name; older versions did not write it down. */
	account?: string;
	by?: string;
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
/** What the server says is wrong with a field of what was sent, like `notes.3.body`. */
export interface ToldIssue {
	field: string;
	message: string;
}
export type Answer = { kept: string[] } | { status: number; message: string; issues: ToldIssue[] };

const BATCH = 50;
/** What the server says of a note itself, whoever sends it: it is no note, too long, a clash, or wrong in a field. */
const OF_THE_NOTE: readonly number[] = [400, 409, 413, 422];
const SIGNED_OUT = 401;

/** Why notes are left: no server, nobody (or somebody else) signed in, an outing that is not there for this guide. */
export type Left = 'unreachable' | 'signed-out' | 'no-outing';

export interface Sent {
	kept: string[];
	refused: { noteId: string; message: string }[];
	left?: Left;
}

/** Whether it is this guide's to send: what has no owner written on it is tried by whoever has the outing. */
export const isOf = ({ account: owner }: Waiting, account: string): boolean =>
	owner === undefined || owner === account;

/**
 * Sends what a guide has on the shelf, oldest first, in batches; nothing of another guide's. A note leaves the shelf
 * only once the server has said that it is kept. One that the server refuses for what it holds stays, with the
 * reason, and holds none of the others up. Every other answer means: wait, and try again.
 */
export async function sendWaiting(shelf: Shelf, account: string, post: Post): Promise<Sent> {
	const sent: Sent = { kept: [], refused: [] };
	const waiting = (await shelf.all()).filter((entry) => entry.refused === undefined && isOf(entry, account));
	const outings = new Map<string, Waiting[]>();
	for (const entry of waiting) {
		const of = outings.get(entry.outingId);
		if (of) of.push(entry);
		else outings.set(entry.outingId, [entry]);
	}
	for (const [outingId, entries] of outings) {
		const left = await sendOuting(shelf, outingId, entries, post, sent);
		if (left) sent.left = left;
		if (left === 'unreachable' || left === 'signed-out') break;
	}
	return sent;
}

/** Sends one outing's notes; answers with why some are left, if the answer was not about the notes. */
async function sendOuting(
	shelf: Shelf,
	outingId: string,
	entries: readonly Waiting[],
	post: Post,
	sent: Sent
): Promise<Left | undefined> {
	let queue = [...entries].sort(
		(a, b) => a.note.at.getTime() - b.note.at.getTime() || (a.note.id < b.note.id ? -1 : 1)
	);
	let size = BATCH;
	while (queue.length > 0) {
		const batch = queue.slice(0, size);
		const answer = await post(
			outingId,
			batch.map(({ note }) => note)
		);
		if (!answer) return 'unreachable';
		if ('kept' in answer) {
			await shelf.remove(answer.kept);
			sent.kept.push(...answer.kept);
			queue = queue.slice(size);
			continue;
		}
		if (answer.status === SIGNED_OUT) return 'signed-out';
		if (answer.status === 404) return 'no-outing';
		if (!OF_THE_NOTE.includes(answer.status)) return 'unreachable';
		const faulty = batch.length === 1 ? batch : namedIn(answer.issues, batch);
		// It does not say which: one by one, then.
		if (faulty.length === 0) size = 1;
		for (const entry of faulty) {
			await shelf.put({ ...entry, refused: answer.message });
			sent.refused.push({ noteId: entry.note.id, message: answer.message });
		}
		queue = queue.filter((entry) => !faulty.includes(entry));
	}
	return undefined;
}

/** The notes of a batch that an answer's issues name. */
function namedIn(issues: readonly ToldIssue[], batch: readonly Waiting[]): readonly Waiting[] {
	const named = new Set(issues.map(({ field }) => Number(/^notes\.(\d+)\b/.exec(field)?.[1])));
	return batch.filter((_, i) => named.has(i));
}
