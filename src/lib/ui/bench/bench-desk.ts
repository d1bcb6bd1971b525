import { proxy, transferHandlers, wrap } from 'comlink';
import { InputError, type Message } from '$lib/core/message';
import SpecimenWorker from '$lib/workers/specimen.worker?worker';
import type { SpecimenBench } from '$lib/workers/specimen.worker';
import type { Progress } from '$lib/workers/specimen-messages';
import words from './words';

const thrown = transferHandlers.get('throw');
if (thrown)
	transferHandlers.set('throw', {
		...thrown,
		deserialize: (says: Message) => {
			throw new InputError(says);
		}
	});

/** What a desk's worker is asked. */
export type Asked = {
	[K in keyof SpecimenBench]: (
		...takes: Parameters<SpecimenBench[K]>
	) => Promise<Awaited<ReturnType<SpecimenBench[K]>>>;
};

/** The photo bench's worker: pixels stay there, off the page's thread. */
export class BenchDesk {
	#worker = new SpecimenWorker();
	#asked = wrap<SpecimenBench>(this.#worker) as unknown as Asked;
	#broken = new Promise<never>((_, fail) => {
		this.#worker.onerror = () => fail(new InputError(words('not-worked-on')));
	});

	constructor() {
		// Who is waiting hears of it; nobody else needs to.
		this.#broken.catch(() => undefined);
	}

	/** @throws InputError with a sentence for the guide */
	do<T>(job: (asked: Asked) => Promise<T>): Promise<T> {
		return Promise.race([job(this.#asked), this.#broken]);
	}

	end(): void {
		this.#worker.terminate();
	}
}

/** Progress as it can go over to the worker. */
export const told = (progress: Progress): Progress => proxy(progress);
