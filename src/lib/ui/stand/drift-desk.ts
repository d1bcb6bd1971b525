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

	/** Stances, the best of each kind; undefined where another question came meanwhile. */
	rank(asked: StanceFor, tell: DriftProgress): Promise<StanceFound[] | undefined> {
		return this.#asked.rank(asked, proxy(tell));
	}

	follow(asked: StanceFor, stance: StanceFound): Promise<Drift> {
		return this.#asked.follow(asked, stance);
	}

	end(): void {
		this.#worker.terminate();
	}
}
