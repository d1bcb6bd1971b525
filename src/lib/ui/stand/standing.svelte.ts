import type { StanceFor, StanceFound } from '$lib/core/approach';
import type { Drift } from '$lib/core/drift';
import { InputError, words, type Message } from '$lib/core/message';
import type { Stance } from '$lib/core/vocabulary';
import type { DriftDesk } from './drift-desk';

const says = words('stand.work', {
	'not-worked-on': 'Drifts cannot be followed in this browser just now; what is hidden or seen still holds.'
});
const SHOWN = 3;

/** The stances for a fish, ranked beside the page, and the drift of the one that is chosen. */
export class Standing {
	/** The best few, the best first. */
	found = $state.raw<readonly StanceFound[]>([]);
	/** How far the search has come, 0 to 1. */
	share = $state(0);
	drift = $state.raw<Drift>();
	trouble = $state.raw<Message>();
	/** The kind of stance that the guide chose; it stays theirs when all are ranked anew. */
	#picked = $state<Stance>();
	chosen = $derived(
		Math.max(
			0,
			this.found.findIndex(({ stance }) => stance === this.#picked)
		)
	);
	stance = $derived(this.found[this.chosen]);
	/** What was asked last, as text: the same question is not asked again as the clock moves on. */
	#asked = '';
	#desk: Promise<DriftDesk> | undefined;

	/** Ranks the stances, where something else is asked than before. */
	async ask(asked: StanceFor): Promise<void> {
		const question = JSON.stringify({ ...asked, sun: undefined, wading: { ...asked.wading, lightMin: 0 } });
		if (question === this.#asked) return;
		this.#asked = question;
		this.share = 0;
		await this.#telling(async (desk) => {
			const best = await desk.rank(asked, (share, some) => {
				this.share = share;
				if (this.found.length === 0) this.found = some.slice(0, SHOWN);
			});
			if (!best) return;
			this.share = 1;
			this.found = best.slice(0, SHOWN);
			await this.#follow(asked);
		});
	}

	/** Chooses a stance, and follows its drift. */
	async choose(index: number, asked: StanceFor): Promise<void> {
		this.#picked = this.found[index]?.stance;
		await this.#telling(() => this.#follow(asked));
	}

	async #follow(asked: StanceFor): Promise<void> {
		if (this.stance) this.drift = await (await this.#worker()).follow(asked, this.stance);
	}

	async #telling(job: (desk: DriftDesk) => Promise<void>): Promise<void> {
		try {
			await job(await this.#worker());
			this.trouble = undefined;
		} catch (error) {
			// The next question finds a new worker.
			this.end();
			this.#desk = undefined;
			this.share = 1;
			this.trouble = error instanceof InputError ? error.says : says('not-worked-on');
		}
	}

	/** The worker comes with the first question. */
	#worker(): Promise<DriftDesk> {
		return (this.#desk ??= import('./drift-desk').then(({ DriftDesk: Desk }) => new Desk()));
	}

	end(): void {
		void this.#desk?.then((desk) => desk.end()).catch(() => undefined);
	}
}
