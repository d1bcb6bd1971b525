/** So much work may come at once before the share counts, ms. */
const BURST_MS = 1_000;
/** Who asked for something within this time counts as being here, ms. */
const HERE_MS = 10_000;
/** The share that everybody has, however many are here. */
const LEAST_SHARE = 0.05;
const MOST_AT_ONCE = 2;
/** More than this is not held against anybody, ms. */
const MOST_DEBT_MS = 5_000;
const MOST_WAITING = 500;
/** A turn is looked for again after this at the latest, ms: others may have left. */
const LOOK_AGAIN_MS = 1_000;

interface Sender {
	/** Work that may be done now, ms; below nothing, it has been done on credit. */
	creditMs: number;
	/** When it last asked, and up to when its share has grown. */
	seenAt: number;
	earnedAt: number;
	atOnce: number;
	waiting: (() => void)[];
	timer: ReturnType<typeof setTimeout> | undefined;
}

/**
 * Shares the time of one process among those who ask: of n who are here, each may have 1/n of it, what comes beyond
 * waits until its sender's share has grown, and who is alone never waits. The work of a request is the time that it
 * took, divided among all that were under way meanwhile, as in a queue with processor sharing: who answers slowly
 * because others work much does not pay for them.
 *
 * Source: Kleinrock, L. (1967), Time-shared systems: a theoretical treatment, J. ACM 14(2), 242–261; Demers, A.,
 * Keshav, S. & Shenker, S. (1989), Analysis and simulation of a fair queueing algorithm, SIGCOMM '89.
 */
export class FairShare {
	#senders = new Map<string, Sender>();
	#underWay = 0;
	/** Work that each request under way has had so far, had it been there all the time, ms. */
	#virtualMs = 0;
	#virtualAt: number;
	#now: () => number;

	constructor(now: () => number = () => performance.now()) {
		this.#now = now;
		this.#virtualAt = now();
	}

	/** Does some work when its sender's turn has come; answers undefined where too much of that sender waits already. */
	async turn<T>(who: string, work: () => Promise<T>): Promise<T | undefined> {
		const sender = this.#seen(who);
		if (sender.waiting.length >= MOST_WAITING) return undefined;
		if (sender.waiting.length > 0 || !this.#mayGo(sender))
			await new Promise<void>((go) => {
				sender.waiting.push(go);
				this.#lookAgain(sender);
			});
		else sender.atOnce += 1;
		const began = this.#virtual(1);
		try {
			return await work();
		} finally {
			sender.atOnce -= 1;
			this.charge(who, this.#virtual(-1) - began);
			this.#letGo(sender);
		}
	}

	/** Counts work that was not done in a turn, ms. */
	charge(who: string, workMs: number): void {
		const sender = this.#senders.get(who);
		if (sender) sender.creditMs = Math.max(-MOST_DEBT_MS, sender.creditMs - workMs);
	}

	/** Moves the virtual clock on, then counts one more or fewer under way. */
	#virtual(change: 1 | -1): number {
		const now = this.#now();
		this.#virtualMs += (now - this.#virtualAt) / Math.max(1, this.#underWay);
		this.#virtualAt = now;
		this.#underWay += change;
		return this.#virtualMs;
	}

	#seen(who: string): Sender {
		this.#forgetThoseGone();
		const now = this.#now();
		const sender = this.#senders.get(who) ?? {
			...{ creditMs: BURST_MS, seenAt: now, earnedAt: now, atOnce: 0, waiting: [], timer: undefined }
		};
		this.#earn(sender);
		sender.seenAt = now;
		this.#senders.delete(who);
		this.#senders.set(who, sender);
		return sender;
	}

	#forgetThoseGone(): void {
		// The map is in the order in which they were seen last.
		for (const [who, { seenAt, atOnce, waiting }] of this.#senders) {
			if (this.#now() - seenAt < HERE_MS) return;
			if (atOnce === 0 && waiting.length === 0) this.#senders.delete(who);
		}
	}

	/** Lets the share of the time that has passed grow. */
	#earn(sender: Sender): void {
		const now = this.#now();
		sender.creditMs = Math.min(BURST_MS, sender.creditMs + (now - sender.earnedAt) * this.#share());
		sender.earnedAt = now;
	}

	#share(): number {
		return Math.max(LEAST_SHARE, 1 / Math.max(1, this.#senders.size));
	}

	#mayGo(sender: Sender): boolean {
		if (this.#senders.size <= 1) return true;
		return sender.atOnce < MOST_AT_ONCE && sender.creditMs >= 0;
	}

	/** Starts what waits, as far as its sender's turn has come. */
	#letGo(sender: Sender): void {
		this.#forgetThoseGone();
		this.#earn(sender);
		while (sender.waiting.length > 0 && this.#mayGo(sender)) {
			sender.atOnce += 1;
			sender.waiting.shift()?.();
		}
		this.#lookAgain(sender);
	}

	#lookAgain(sender: Sender): void {
		clearTimeout(sender.timer);
		if (sender.waiting.length === 0) return;
		const until = Math.max(0, -sender.creditMs) / this.#share();
		sender.timer = setTimeout(() => this.#letGo(sender), Math.min(LOOK_AGAIN_MS, until + 1));
	}
}
