import { RISE_FORM_NAMES } from '../vocabulary';
import { names, within, words, type Message } from '../message';
import { localClock } from '../units';
import type { RiseChange } from './change';
import type { Landing } from './landing';
import type { Rhythm, RhythmKind } from './rhythm';

const KINDS = names('rhythm', {
	'on-station': 'on station',
	bursts: 'in bursts',
	wandering: 'here and there'
} satisfies Record<RhythmKind, string>);
const SURE = names('rhythm.sure', { sure: '{kind}', likely: 'likely {kind}', perhaps: 'perhaps {kind}' });
const says = words('rise', {
	paused: 'Paused since {since}, was every {seconds} s',
	'in-bursts': 'Rises {kind} of about {rises}, {seconds} s between',
	paced: 'Rises {kind}, every {seconds} s',
	'form-changed': 'Since {since} {after}, not {before}',
	faster: 'Since {since} faster',
	slower: 'Since {since} slower',
	changed: 'Since {since}',
	'wait-for-next': 'wait for the next',
	'land-now': 'land it now',
	'land-in': 'land it in {from}–{to} s'
});

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
): Message {
	if (pausedS !== undefined) {
		const since = localClock(new Date(now.getTime() - pausedS * 1000), timeZone);
		return says('paused', { since, seconds: Math.round(medianS) });
	}
	const how = {
		...SURE[sure > 0.8 ? 'sure' : sure > 0.6 ? 'likely' : 'perhaps'],
		with: { kind: KINDS[kind] }
	};
	return bursts
		? says('in-bursts', {
				kind: how,
				rises: Math.round(bursts.usualRises),
				seconds: Math.round(bursts.pauseS)
			})
		: says('paced', { kind: how, seconds: Math.round(medianS) });
}

/** "Since 12:52 nose, not bulge"; "Since 12:52 slower". */
export function describeChange({ at, forms, paceS }: RiseChange, timeZone: string): Message {
	const since = localClock(at, timeZone);
	if (forms)
		return says('form-changed', {
			since,
			after: within(RISE_FORM_NAMES[forms.after]),
			before: within(RISE_FORM_NAMES[forms.before])
		});
	return says(paceS ? (paceS.after < paceS.before ? 'faster' : 'slower') : 'changed', { since });
}

/** When to land the fly, in words. */
export function describeLanding({ fromS, toS }: Landing): Message {
	if (toS <= 0.5) return says('wait-for-next');
	return fromS <= 0.5 ? says('land-now') : says('land-in', { from: Math.round(fromS), to: Math.round(toS) });
}
