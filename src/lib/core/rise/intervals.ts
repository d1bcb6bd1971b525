import type { Watch } from '../outing';

/** What a watch tells of time between rises, in seconds. */
export interface RiseTimes {
	/** Whole intervals between one noted rise and the next, with nobody looking away between. */
	whole: number[];
	/** Stretches after a rise in which no further one came before somebody looked away: at least so long. */
	atLeast: number[];
	/** Since the last rise, if it was being watched ever since. */
	sinceS?: number;
	/** When the last rise was. */
	lastAt?: Date;
}

/**
 * Intervals of a watch. Time in which nobody looked is censored, not silence: an interval with a pause in it
 * tells only that nothing came before the pause.
 *
 * @param now the moment up to which the fish was watched
 */
export function riseTimes(watch: Pick<Watch, 'rises' | 'pauses' | 'endedAt'>, now: Date): RiseTimes {
	const times = watch.rises.map(({ observedAt }) => observedAt.getTime()).sort((a, b) => a - b);
	const pauses = watch.pauses.map(({ from, to }) => ({
		from: from.getTime(),
		to: to?.getTime() ?? Number.POSITIVE_INFINITY
	}));
	const pausedBetween = (from: number, to: number) =>
		pauses.find((pause) => pause.from >= from && pause.from < to) ??
		pauses.find((pause) => pause.from < from && pause.to > from);
	const result: RiseTimes = { whole: [], atLeast: [] };
	for (let i = 1; i < times.length; i++) {
		const [from, to] = [times[i - 1] ?? 0, times[i] ?? 0];
		const pause = pausedBetween(from, to);
		if (!pause) result.whole.push(seconds(to - from));
		else if (pause.from > from) result.atLeast.push(seconds(pause.from - from));
	}
	const last = times.at(-1);
	if (last === undefined) return result;
	result.lastAt = new Date(last);
	const until = Math.min(now.getTime(), watch.endedAt?.getTime() ?? Number.POSITIVE_INFINITY);
	const pause = pausedBetween(last, until);
	if (!pause && !watch.endedAt) result.sinceS = Math.max(0, (until - last) / 1000);
	else if (pause && pause.from > last) result.atLeast.push(seconds(pause.from - last));
	return result;
}

/** Two taps within half a second are one moment to a renewal model. */
const seconds = (ms: number): number => Math.max(0.5, ms / 1000);
