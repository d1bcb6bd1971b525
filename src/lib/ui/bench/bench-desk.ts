import { InputError, type Message } from '$lib/core/message';
import words from './words';
import SpecimenWorker from '$lib/workers/specimen.worker?worker';
import type { BenchAnswer, BenchTask } from '$lib/workers/specimen-messages';

/** The photo bench's worker, asked like a function: pixels stay there, off the page's thread. */
export class BenchDesk {
	#worker = new SpecimenWorker();
	#asked = 0;
	#waiting = new Map<
		number,
		{ done: (value: unknown) => void; fail: (error: Error) => void; progress?: Progress | undefined }
	>();

	constructor() {
		this.#worker.onmessage = ({ data }: MessageEvent<BenchAnswer>) => {
			const waiting = this.#waiting.get(data.id);
			if (!waiting) return;
			if ('progress' in data) return waiting.progress?.(data.progress.share, data.progress.says);
			this.#waiting.delete(data.id);
			if ('wrong' in data) waiting.fail(new InputError(data.wrong));
			else waiting.done(data.done);
		};
		this.#worker.onerror = () => {
			for (const { fail } of this.#waiting.values()) fail(new InputError(words('not-worked-on')));
			this.#waiting.clear();
		};
	}

	/** @throws InputError with a sentence for the guide */
	ask<K extends keyof BenchTask>(
		task: K,
		takes: BenchTask[K]['takes'],
		{ progress }: { progress?: Progress } = {}
	): Promise<BenchTask[K]['gives']> {
		const id = ++this.#asked;
		return new Promise((done, fail) => {
			// The worker answers each task with what that task gives.
			this.#waiting.set(id, { done: done as (value: unknown) => void, fail, progress });
			this.#worker.postMessage({ id, task, with: takes });
		});
	}

	end(): void {
		this.#worker.terminate();
	}
}

type Progress = (share: number, says: Message) => void;
