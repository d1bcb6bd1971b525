import { createSubscriber } from 'svelte/reactivity';
import { now } from './clock';

/** A moment that moves on by itself: whatever shows it is drawn anew every so many milliseconds, while it is shown. */
export function movingNow(everyMs: number): () => Date {
	let at = now();
	const follow = createSubscriber((tell) => {
		at = now();
		const tick = setInterval(() => {
			at = now();
			tell();
		}, everyMs);
		return () => clearInterval(tick);
	});
	return () => {
		follow();
		return $effect.tracking() ? at : now();
	};
}
