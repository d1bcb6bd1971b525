import { words, type Message } from '../message';
import { windowRadiusM } from './optics';
import { LANDING } from './tables';

const L = LANDING.values;

const says = words('landing', {
	lie: 'It lies {distance} upstream of its ring.',
	above: 'Let the fly fall {lie} above the lie, {ring} above the ring.',
	'above-still': 'Let the fly fall {lie} ahead of it, on its way.',
	sinks: 'With weight: {lead} above the lie, so that it is down there.',
	'never-down': 'This weight does not come down so deep here: more of it, or a slower lane.',
	short: 'Casts that fall {distance} above the ring fall short: it sees them late, or not at all.'
});

/** Where a fly must fall for a fish that rose somewhere. */
export interface LandingPoint {
	/** From the ring up to the lie, m. */
	lieAboveRingM: number;
	/** From the lie up to where the fly falls, m. */
	aboveLieM: number;
	/** From where it falls down to the ring: all this way it must drift freely, m and s. */
	neededM: number;
	neededS: number;
	/** From the lie up to where a weighted fly falls, m; left out where none is fished, or it never gets down. */
	leadM?: number;
	short: boolean;
	says: Message[];
}

/**
 * From the ring back to the lie and up to where the fly must fall: a fish rises from its depth at some 0.28 m/s while
 * the current carries it, and looks at a fly for about a second from the edge of its window on.
 *
 * `landingPoint({ depthM: 0.5, speedMs: 0.4 })` has the lie 0.71 m above the ring, and the fly 0.97 m above the lie.
 *
 * @param riseMs speed at which it rises, m/s, above 0
 * @param castM where the casts fall so far, m above the ring
 * @param leadM of a weighted fly, m above the lie; null where it never gets down
 * @throws RangeError naming what is out of range
 */
export function landingPoint({
	depthM,
	speedMs,
	riseMs = L.riseMs,
	castM,
	leadM
}: {
	depthM: number;
	speedMs: number;
	riseMs?: number | undefined;
	castM?: number | undefined;
	leadM?: number | null | undefined;
}): LandingPoint {
	if (!(speedMs >= 0 && Number.isFinite(speedMs)))
		throw new RangeError(`speedMs is ${speedMs}; it must be 0 or more.`);
	if (!(riseMs > 0)) throw new RangeError(`riseMs is ${riseMs}; it must be above 0.`);
	const lieAboveRingM = (depthM * speedMs) / riseMs;
	const aboveLieM = windowRadiusM(depthM) + speedMs * L.decidesS;
	const neededM = aboveLieM + lieAboveRingM;
	const short = castM !== undefined && castM < neededM - L.shortM;
	const still = speedMs === 0;
	return {
		lieAboveRingM,
		aboveLieM,
		neededM,
		neededS: still ? 0 : neededM / speedMs,
		...(typeof leadM === 'number' && { leadM }),
		short,
		says: [
			...(still
				? [says('above-still', { lie: { distanceM: aboveLieM } })]
				: [
						says('lie', { distance: { distanceM: lieAboveRingM } }),
						says('above', { lie: { distanceM: aboveLieM }, ring: { distanceM: neededM } })
					]),
			...(typeof leadM === 'number' ? [says('sinks', { lead: { distanceM: leadM } })] : []),
			...(leadM === null ? [says('never-down')] : []),
			...(short ? [says('short', { distance: { distanceM: castM } })] : [])
		]
	};
}
