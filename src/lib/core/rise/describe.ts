import { RISE_FORM_NAMES } from '../vocabulary';
import { localClock } from '../units';
import type { RiseChange } from './change';
import type { Landing } from './landing';
import type { Rhythm, RhythmKind } from './rhythm';

const KINDS: Record<RhythmKind, string> = {
	'on-station': 'on station',
	bursts: 'in bursts',
	wandering: 'here and there'
};
const whole = (seconds: number): string => String(Math.round(seconds));

/**
 * "Rises likely on station, every 21 s"; "Rises in bursts of about 4, 150 s between"; and after a silence far outside
 * the rhythm "Paused since 12:04, was every 6 s".
 *
 * @param now up to when the rhythm was worked out
 */
export function describeRhythm(
	{ kind, sure, bursts, medianS, pausedS }: Rhythm,
	now: Date,
	timeZone: string
): string {
	if (pausedS !== undefined) {
		const since = localClock(new Date(now.getTime() - pausedS * 1000), timeZone);
		return `Paused since ${since}, was every ${whole(medianS)} s`;
	}
	const word = sure > 0.8 ? '' : sure > 0.6 ? 'likely ' : 'perhaps ';
	const pace = bursts
		? ` of about ${whole(bursts.usualRises)}, ${whole(bursts.pauseS)} s between`
		: `, every ${whole(medianS)} s`;
	return `Rises ${word}${KINDS[kind]}${pace}`;
}

/** "Since 12:52 nose, not bulge"; "Since 12:52 slower". */
export function describeChange({ at, forms, paceS }: RiseChange, timeZone: string): string {
	const since = `Since ${localClock(at, timeZone)}`;
	if (forms)
		return `${since} ${RISE_FORM_NAMES[forms.after].toLowerCase()}, not ${RISE_FORM_NAMES[forms.before].toLowerCase()}`;
	return paceS ? `${since} ${paceS.after < paceS.before ? 'faster' : 'slower'}` : since;
}

/** When to land the fly, in words. */
export function describeLanding({ fromS, toS }: Landing): string {
	if (toS <= 0.5) return 'wait for the next';
	return fromS <= 0.5 ? 'land it now' : `land it in ${whole(fromS)}–${whole(toS)} s`;
}
