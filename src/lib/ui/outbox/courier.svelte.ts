import { getContext, setContext } from 'svelte';
import { guide } from '../guide.svelte';
import { isOf, sendWaiting, type Left, type Post, type Sent, type Shelf } from './send';
import { deviceShelf } from './shelf';

const FIRST_RETRY_MS = 1_000;
const LAST_RETRY_MS = 30_000;

/** What sends comes right behind the page; where it did not, there is no server to be reached either. */
const postAs =
	(account: string): Post =>
	async (...batch) => {
		const post = await import('./post').catch(() => undefined);
		return post?.postTo('', account)(...batch);
	};

/** Notes of other guides that wait on this device. */
export interface OfOthers {
	by: string;
	count: number;
}

/** Sends what the guide who is signed in has on this device, whatever page is open, until the server has it all. */
export class Courier {
	/** How many of the guide's own notes wait. */
	own = $state(0);
	ofOthers = $state.raw<readonly OfOthers[]>([]);
	/** Why some of the guide's own still wait after the last try. */
	left = $state<Left | undefined>();
	#account: () => string | undefined;
	#shelf: Shelf;
	#listeners = new Set<(sent: Sent) => void>();
	#sending: Promise<void> | undefined;
	#again = false;
	#retryMs = FIRST_RETRY_MS;
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor(account: () => string | undefined, shelf: Shelf = deviceShelf) {
		this.#account = account;
		this.#shelf = shelf;
	}

	/** Sends now, when there is signal again, and when the page is looked at again. Answers with the way to stop. */
	begin(): () => void {
		// Where the browser keeps nothing, there is nothing to send.
		const now = () => void this.send().catch(() => undefined);
		void import('./post').catch(() => undefined);
		now();
		window.addEventListener('online', now);
		window.addEventListener('focus', now);
		return () => {
			window.removeEventListener('online', now);
			window.removeEventListener('focus', now);
			clearTimeout(this.#timer);
		};
	}

	/** Hears what became of each try. Answers with the way to stop. */
	follow(listener: (sent: Sent) => void): () => void {
		this.#listeners.add(listener);
		return () => void this.#listeners.delete(listener);
	}

	/** Sends everything that waits; what is put on the shelf meanwhile goes in the next round. */
	send(): Promise<void> {
		this.#again = true;
		return (this.#sending ??= this.#rounds().finally(() => (this.#sending = undefined)));
	}

	async #rounds(): Promise<void> {
		clearTimeout(this.#timer);
		while (this.#again) {
			this.#again = false;
			await this.#round();
		}
		this.#retryMs = this.left ? Math.min(LAST_RETRY_MS, this.#retryMs * 2) : FIRST_RETRY_MS;
		if (this.left) this.#timer = setTimeout(() => void this.send(), this.#retryMs);
	}

	async #round(): Promise<void> {
		const account = this.#account();
		if (account !== undefined) {
			const sent = await sendWaiting(this.#shelf, account, postAs(account));
			this.left = sent.left;
			if (sent.left === 'signed-out') guide.signedOut = true;
			else if (sent.kept.length > 0) guide.signedOut = false;
			for (const listener of this.#listeners) listener(sent);
		}
		await this.look();
	}

	/** Counts what waits. */
	async look(): Promise<void> {
		const account = this.#account();
		const waiting = (await this.#shelf.all()).filter(({ refused }) => refused === undefined);
		let own = 0;
		const others = new Map<string, number>();
		for (const entry of waiting)
			if (account !== undefined && isOf(entry, account)) own += 1;
			else others.set(entry.by ?? '', (others.get(entry.by ?? '') ?? 0) + 1);
		this.own = own;
		this.ofOthers = [...others].map(([by, count]) => ({ by, count }));
	}

	/** Takes what a guide has on this device away, once the account is gone. */
	async forget(account: string): Promise<void> {
		const theirs = (await this.#shelf.all()).filter((entry) => entry.account === account);
		await this.#shelf.remove(theirs.map(({ note }) => note.id));
		await this.look();
	}
}

const KEY = Symbol('courier');

export const provideCourier = (courier: Courier): Courier => setContext(KEY, courier);
export const useCourier = (): Courier => getContext<Courier>(KEY);
