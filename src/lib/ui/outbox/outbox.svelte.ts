import { v7 as uuidV7 } from 'uuid';
import type { Note } from '$lib/core';
import { now } from '../clock';
import { postTo } from './post';
import { sendWaiting, type Shelf } from './send';
import { deviceShelf } from './shelf';

/** What a guide has to say: a note without its id and time. */
export type Said = Note extends infer N ? (N extends Note ? Omit<N, 'id' | 'at'> : never) : never;

const FIRST_RETRY_MS = 1_000;
const LAST_RETRY_MS = 30_000;
/** A device's clock is set back by less than this now and then. */
const SAME_MOMENT_MS = 1_000;

/**
 * The notes of one outing on this device: those the server has, and those that still wait. A new note is on the
 * device before it is shown, and is sent until the server says that it is kept.
 */
export class Outbox {
	notes = $state.raw<Note[]>([]);
	/** Ids of the notes that are here only, with the reason if the server refused one. */
	here = $state.raw<ReadonlyMap<string, string | undefined>>(new Map());
	/** The note that Undo would withdraw. */
	lastSaid = $state.raw<Note | undefined>(undefined);
	#outingId: string;
	/** The moment that a note is written at. */
	#clock: () => Date;
	#shelf: Shelf;
	#sending = false;
	#retryMs = FIRST_RETRY_MS;
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor(outingId: string, kept: readonly Note[], clock: () => Date = now, shelf: Shelf = deviceShelf) {
		this.#outingId = outingId;
		this.#clock = clock;
		this.#shelf = shelf;
		this.notes = [...kept];
	}

	/** Takes up what an earlier visit left on the device, and sends it. Answers with the way to stop. */
	begin(): () => void {
		void this.#takeUp();
		const online = () => void this.#send();
		window.addEventListener('online', online);
		return () => {
			window.removeEventListener('online', online);
			clearTimeout(this.#timer);
		};
	}

	/** Writes a note. */
	async say(said: Said): Promise<Note> {
		const at = this.#after(this.#clock());
		const note: Note = { ...said, id: uuidV7({ msecs: at.getTime() }), at };
		await this.#shelf.put({ outingId: this.#outingId, note });
		this.here = new Map([...this.here, [note.id, undefined]]);
		this.notes = [...this.notes, note];
		this.lastSaid = note;
		void this.#send();
		return note;
	}

	/** This moment, or just after the last note if the clock has not moved on: what was said later stays later. */
	#after(at: Date): Date {
		const ms = at.getTime();
		const last = this.notes.reduce(
			(most, note) => (note.at.getTime() < ms + SAME_MOMENT_MS ? Math.max(most, note.at.getTime()) : most),
			0
		);
		return last >= ms ? new Date(last + 1) : at;
	}

	/** Withdraws a note; withdrawing the withdrawal brings it back. */
	async withdraw(noteId: string): Promise<void> {
		await this.say({ kind: 'void', body: {}, replaces: noteId });
	}

	/** Takes back the last thing said. */
	async undo(): Promise<void> {
		if (!this.lastSaid) return;
		await this.withdraw(this.lastSaid.id);
		this.lastSaid = undefined;
	}

	async #takeUp(): Promise<void> {
		const waiting = (await this.#shelf.all()).filter(({ outingId }) => outingId === this.#outingId);
		const known = new Set(this.notes.map(({ id }) => id));
		this.notes = [...this.notes, ...waiting.map(({ note }) => note).filter(({ id }) => !known.has(id))];
		this.here = new Map([...this.here, ...waiting.map(({ note, refused }) => [note.id, refused] as const)]);
		await this.#send();
	}

	async #send(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		clearTimeout(this.#timer);
		try {
			const before = this.notes.length;
			const { kept, refused, unreachable } = await sendWaiting(this.#shelf, postTo(''));
			const here = new Map(this.here);
			for (const id of kept) here.delete(id);
			for (const { noteId, message } of refused) here.set(noteId, message);
			this.here = here;
			this.#retryMs = unreachable ? Math.min(LAST_RETRY_MS, this.#retryMs * 2) : FIRST_RETRY_MS;
			if (unreachable) this.#timer = setTimeout(() => void this.#send(), this.#retryMs);
			// Something was said while the batch was under way.
			else if (this.notes.length > before) this.#timer = setTimeout(() => void this.#send(), 0);
		} finally {
			this.#sending = false;
		}
	}
}
