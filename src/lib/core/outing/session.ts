import type { Outing } from './fold';

/** What an outing came to, or one angler's part of it. */
export interface SessionTally {
	/** Fish that were cast to: those under watch, and each time that a fly was fished without one. */
	castTo: number;
	/** Fish that turned to the fly and were not hooked. */
	moved: number;
	hooked: number;
	landed: number;
	/** Hooked, and come off. */
	lost: number;
	longestMm?: number;
}

/** The tally of an outing: of all, of fish seen, and of each angler or boat in the order in which they first fished. */
export interface Session {
	/** Fish that were watched or cast to. */
	seen: number;
	all: SessionTally;
	byAngler: readonly { angler: string; tally: SessionTally }[];
}

const none = (): SessionTally => ({ castTo: 0, moved: 0, hooked: 0, landed: 0, lost: 0 });

/** Counts what became of the fish of an outing, by its notes of flies and watches. */
export function sessionOf({ attempts, watches }: Outing): Session {
	const all = none();
	const byAngler = new Map<string, SessionTally>();
	/** Fish already counted as cast to, for each tally. */
	const cast = new Map<SessionTally, Set<string>>();
	/** Of the fish on now, whether it was counted as hooked. */
	let on = false;
	let unwatched = 0;
	for (const { note } of attempts) {
		const { outcome, watchId, angler, fishLengthMm } = note.body;
		if (outcome === 'tied-on' || outcome === 'lost') continue;
		const fish = watchId ?? `unwatched ${unwatched}`;
		const tallies = [all, ...(angler ? [tallyOf(byAngler, angler)] : [])];
		const isHooked = outcome === 'taken' || ((outcome === 'landed' || outcome === 'came-off') && !on);
		for (const tally of tallies) {
			const known = cast.get(tally) ?? new Set();
			cast.set(tally, known.add(fish));
			tally.castTo = known.size;
			if (outcome === 'refused' || outcome === 'short' || outcome === 'missed') tally.moved++;
			if (isHooked) tally.hooked++;
			if (outcome === 'landed') tally.landed++;
			if (outcome === 'came-off') tally.lost++;
			if (fishLengthMm !== undefined && fishLengthMm > (tally.longestMm ?? 0)) tally.longestMm = fishLengthMm;
		}
		on = outcome === 'taken';
		// Without a watch, a fish that took is done with, and what follows is another.
		if (outcome === 'landed' || outcome === 'came-off') unwatched++;
	}
	const watched = new Set(watches.map(({ id }) => id));
	const others = [...(cast.get(all) ?? [])].filter((id) => !watched.has(id)).length;
	return {
		seen: watched.size + others,
		all,
		byAngler: [...byAngler].map(([angler, tally]) => ({ angler, tally }))
	};
}

function tallyOf(byAngler: Map<string, SessionTally>, angler: string): SessionTally {
	const known = byAngler.get(angler) ?? none();
	byAngler.set(angler, known);
	return known;
}
