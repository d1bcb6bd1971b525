import type { Hypothesis } from '../likeness';
import { words } from '../message';
import type { Outing, Watch } from '../outing';
import type { AttemptOutcome } from '../vocabulary';
import type { FishScale } from './clock';
import type { Evidence } from './weight-of-evidence';
import { WEIGHTS, type Weights } from './weights';

/** Outcomes that tell of a fish which meant to eat the fly. */
export const WENT_FOR_IT: ReadonlySet<AttemptOutcome> = new Set<AttemptOutcome>([
	'short',
	'missed',
	'taken',
	'landed',
	'came-off'
]);

const says = words('silence', { says: 'It has not risen' });

/** A fish that is looked at and does not rise, as all that were looked for, takes what it takes below: carried by the note that began the watch. */
export function fromSilence(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	scaleOf: FishScale,
	{ silence, halfLifeMin }: Weights
): Evidence[] {
	const still = outing.place.water === 'lake';
	// In still water pupae hang at every depth before they hatch.
	const against = (weight: number) =>
		Float64Array.from(hypotheses, ({ taking, stage }) =>
			taking === 'drift' || (still && stage === 'pupa') ? 0 : weight
		);
	const noneRose = outing.looked
		.filter(
			({ note, observedAt }) => note.body.rising === 0 && noneRisesNear(outing, observedAt, note.body.minutes)
		)
		.map(({ note, observedAt }): Evidence => ({
			noteId: note.id,
			logLikelihoods: against(
				-scaleOf(undefined, observedAt, halfLifeMin.rise) *
					Math.min(silence.most, silence.eachMin * note.body.minutes)
			)
		}));
	const watched = outing.watches.flatMap((watch): Evidence[] => {
		const took =
			watch.drifted.some(({ note }) => note.body.fate === 'taken') ||
			watch.attempts.some(({ note }) => WENT_FOR_IT.has(note.body.outcome));
		if (watch.rises.length > 0 || took) return [];
		const until = watch.endedAt ?? outing.now;
		const silent = Math.min(silence.most, silence.eachMin * minutesLooked(watch, until));
		return [
			{
				noteId: watch.id,
				says: says('says'),
				logLikelihoods: against(-scaleOf(watch.id, until, halfLifeMin.rise) * silent)
			}
		];
	});
	return [...noneRose, ...watched];
}

/** Whether no rise was noted in the time that was looked, nor since. */
export function noneRisesNear({ rises }: Outing, lookedUntil: Date, minutes: number): boolean {
	const from = lookedUntil.getTime() - minutes * 60_000;
	return rises.every(({ observedAt }) => observedAt.getTime() < from);
}

/**
 * Whether nothing rises: somebody has looked for a while, counting or watching a fish, and no rise or take was noted in
 * that time, nor since.
 */
export function nothingRises(outing: Outing, { silence }: Weights = WEIGHTS): boolean {
	const { looked, watches, attempts, drifted, now } = outing;
	const took = [
		...drifted.filter(({ note }) => note.body.fate === 'taken'),
		...attempts.filter(({ note }) => WENT_FOR_IT.has(note.body.outcome))
	];
	const inVain = (until: Date, minutes: number): boolean => {
		const from = until.getTime() - minutes * 60_000;
		return (
			minutes >= silence.nothingFromMin &&
			noneRisesNear(outing, until, minutes) &&
			took.every(({ observedAt }) => observedAt.getTime() < from)
		);
	};
	const counted = looked.at(-1);
	if (counted) return counted.note.body.rising === 0 && inVain(counted.observedAt, counted.note.body.minutes);
	const watch = watches.at(-1);
	const until = watch?.endedAt ?? now;
	return watch !== undefined && inVain(until, minutesLooked(watch, until));
}

/** Minutes of a watch in which somebody looked. */
export function minutesLooked({ begunAt, pauses }: Watch, until: Date): number {
	const away = pauses.reduce((ms, { from, to = until }) => ms + (to.getTime() - from.getTime()), 0);
	return Math.max(0, until.getTime() - begunAt.getTime() - away) / 60_000;
}
