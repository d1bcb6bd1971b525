import { v7 as uuidV7 } from 'uuid';
import type { Note } from '$lib/core/note';
import { now } from '../clock';
import type { Courier } from './courier.svelte';
import { isOf, type Sent, type Shelf } from './send';
import { deviceShelf } from './shelf';

/** What a guide has to say: a note without its id and time. */
export type Said = Note extends infer N ? (N extends Note ? Omit<N, 'id' | 'at'> : never) : never;

/** Whose notes they are, and of which outing. */
export interface Of {
	outingId: string;
	account: { id: string; name: string };
}

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
	#of: Of;
	#courier: Courier;
	/** The moment that a note is written at. */
	#clock: () => Date;
	#shelf: Shelf;

	constructor(
		of: Of,
		kept: readonly Note[],
		courier: Courier,
		clock: () => Date = now,
		shelf: Shelf = deviceShelf
	) {
		this.#of = of;
		this.#courier = courier;
		this.#clock = clock;
		this.#shelf = shelf;
		this.notes = [...kept];
	}

	/** Takes up what an earlier visit left on the device, and sends it. Answers with the way to stop. */
	begin(): () => void {
		const stop = this.#courier.follow((sent) => this.#hear(sent));
		void this.#takeUp();
		return stop;
	}

	/** Writes a note. */
	async say(said: Said): Promise<Note> {
		const at = this.#after(this.#clock());
		const note: Note = { ...said, id: uuidV7({ msecs: at.getTime() }), at };
		const { outingId, account } = this.#of;
		await this.#shelf.put({ outingId, note, account: account.id, by: account.name });
		this.here = new Map([...this.here, [note.id, undefined]]);
		this.notes = [...this.notes, note];
		this.lastSaid = note;
		void this.#courier.send();
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
		const { outingId, account } = this.#of;
		const waiting = (await this.#shelf.all()).filter(
			(entry) => entry.outingId === outingId && isOf(entry, account.id)
		);
		const known = new Set(this.notes.map(({ id }) => id));
		this.notes = [...this.notes, ...waiting.map(({ note }) => note).filter(({ id }) => !known.has(id))];
		this.here = new Map([...this.here, ...waiting.map(({ note, refused }) => [note.id, refused] as const)]);
		await this.#courier.send();
	}

	/** What became of notes that were sent. */
	#hear({ kept, refused }: Sent): void {
		const here = new Map(this.here);
		for (const id of kept) here.delete(id);
		for (const { noteId, message } of refused) if (here.has(noteId)) here.set(noteId, message);
		this.here = here;
	}
}
