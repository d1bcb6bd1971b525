import { proxy, wrap, type Remote } from 'comlink';
import type { StanceFor, StanceFound } from '$lib/core/approach';
import type { Drift } from '$lib/core/drift';
import DriftWorker from '$lib/workers/drift.worker?worker';
import type { DriftDesk as Desk } from '$lib/workers/drift.worker';
import type { DriftProgress } from '$lib/workers/drift-messages';

/** Who works out drifts and stances beside the page. */
export class DriftDesk {
	#worker = new DriftWorker();
	#asked: Remote<Desk> = wrap<Desk>(this.#worker);
	/** Fails when the worker does: it was not loaded, or came to its end. */
	#broken = new Promise<never>((_, fail) => {
		this.#worker.addEventListener('error', (event) =>
			fail(new Error(event.message || 'The worker is gone.'))
		);
	});

	constructor() {
		// Who asks hears of it; with nobody asking it is no matter.
		this.#broken.catch(() => undefined);
	}

	/** Stances, the best of each kind; undefined where another question came meanwhile. */
	rank(asked: StanceFor, tell: DriftProgress): Promise<StanceFound[] | undefined> {
		return Promise.race([this.#asked.rank(asked, proxy(tell)), this.#broken]);
	}

	follow(asked: StanceFor, stance: StanceFound): Promise<Drift> {
		return Promise.race([this.#asked.follow(asked, stance), this.#broken]);
	}

	end(): void {
		this.#worker.terminate();
	}
}
