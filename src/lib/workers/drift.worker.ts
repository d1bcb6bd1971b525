/// <reference lib="webworker" />
import { expose } from 'comlink';
import { searchStances, shownDrift, type StanceFor, type StanceFound } from '$lib/core/approach';
import type { DriftProgress } from './drift-messages';

/** The search that is wanted; an older one gives up at its next piece. */
let wanted = 0;

/** What the stand page asks for: drifts are followed here, off the page's thread. */
const desk = {
	/** Ranks stances piece by piece; undefined where another search has begun since. */
	async rank(asked: StanceFor, tell: DriftProgress): Promise<StanceFound[] | undefined> {
		const own = ++wanted;
		const search = searchStances(asked);
		for (;;) {
			const next = search.next();
			if (next.done) return next.value;
			tell(next.value.share, next.value.found);
			// Lets a newer question in.
			await new Promise((resolve) => setTimeout(resolve));
			if (own !== wanted) return undefined;
		}
	},

	/** Where the line lies of one stance, moment by moment. */
	follow: (asked: StanceFor, stance: StanceFound) => shownDrift(asked, stance)
};
export type DriftDesk = typeof desk;

expose(desk);
