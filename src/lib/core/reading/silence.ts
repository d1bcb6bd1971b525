import type { Hypothesis } from '../likeness';
import { words } from '../message';
import type { Outing, Watch } from '../outing';
import type { AttemptOutcome } from '../vocabulary';
import type { FishScale } from './clock';
import type { Evidence } from './weight-of-evidence';
import type { Weights } from './weights';

/** Outcomes that tell of a fish which meant to eat the fly. */
export const WENT_FOR_IT: ReadonlySet<AttemptOutcome> = new Set<AttemptOutcome>([
	'short',
	'missed',
	'taken',
	'landed',
	'came-off'
]);

const says = words('silence', { says: 'It has not risen' });

/** A fish that is looked at and does not rise takes what it takes below: carried by the note that began the watch. */
export function fromSilence(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	scaleOf: FishScale,
	{ silence, halfLifeMin }: Weights
): Evidence[] {
	const still = outing.place.water === 'lake';
	return outing.watches.flatMap((watch): Evidence[] => {
		const took =
			watch.drifted.some(({ note }) => note.body.fate === 'taken') ||
			watch.attempts.some(({ note }) => WENT_FOR_IT.has(note.body.outcome));
		if (watch.rises.length > 0 || took) return [];
		const until = watch.endedAt ?? outing.now;
		const against = Math.min(silence.most, silence.eachMin * minutesLooked(watch, until));
		const weight = -scaleOf(watch.id, until, halfLifeMin.rise) * against;
		return [
			{
				noteId: watch.id,
				says: says('says'),
				// In still water pupae hang at every depth before they hatch.
				logLikelihoods: Float64Array.from(hypotheses, ({ taking, stage }) =>
					taking === 'drift' || (still && stage === 'pupa') ? 0 : weight
				)
			}
		];
	});
}

/** Minutes of a watch in which somebody looked. */
export function minutesLooked({ begunAt, pauses }: Watch, until: Date): number {
	const away = pauses.reduce((ms, { from, to = until }) => ms + (to.getTime() - from.getTime()), 0);
	return Math.max(0, until.getTime() - begunAt.getTime() - away) / 60_000;
}
