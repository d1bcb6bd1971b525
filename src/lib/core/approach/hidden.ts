import { words, type Message } from '../message';
import { hiddenFromM, type SeenThrough } from './optics';
import { POSTURES_M, SEEN } from './tables';

export type Posture = keyof typeof POSTURES_M.values;
const POSTURES = Object.keys(POSTURES_M.values) as Posture[];

const says = words('approach', {
	standing: 'Standing',
	kneeling: 'Kneeling',
	crouching: 'Crouching',
	wading: 'Wading, {depth} deep',
	'hidden-from': '{how}: not noticed from {distance} on.',
	'always-hidden': '{how}: this water hides you at any distance; your step may still be felt.',
	'over-bank': 'The bank lifts you {bank} higher: kneel, or keep back from its edge.',
	ripple: 'Ripple hides what stands low.',
	broken: 'Broken water hides what stands low.',
	murk: 'Coloured water takes contrast: you may come nearer.',
	legs: 'Legs are seen through the water itself, as far as it is clear: wade slowly, and wait.',
	skyline: 'No skyline, no shadow, and wait a minute or two after wading.'
});

/** One way to stand, and from where on it is not noticed. */
export interface HiddenStance {
	posture: Posture | 'wading';
	name: Message;
	/** Of the head above the water, m. */
	heightM: number;
	/** Not noticed from here on, m from the fish; 0 where the water hides everybody. */
	hiddenFromM: number;
	says: Message;
}

/** Where somebody stands, beside what the fish sees through. */
export interface StandingPlace extends SeenThrough {
	/** Of the bank above the water, m. */
	bankM?: number | undefined;
	/** A guide's own height, m. */
	heightM?: number | undefined;
	/** Of the water where somebody wades, m; nobody does when it is left out. */
	wadeM?: number | undefined;
}

/** How near one may come in each posture, the tallest first, and why. */
export function hiddenStances(place: StandingPlace): { stances: HiddenStance[]; because: Message[] } {
	const { bankM = 0, heightM = POSTURES_M.values.standing, wadeM, surface, clarityM } = place;
	const tall = heightM / POSTURES_M.values.standing;
	const stanceOf = (posture: HiddenStance['posture'], name: Message, headM: number): HiddenStance => {
		const hidden = hiddenFromM(headM, place);
		return {
			posture,
			name,
			heightM: headM,
			hiddenFromM: hidden,
			says:
				hidden === 0
					? says('always-hidden', { how: name })
					: says('hidden-from', { how: name, distance: { distanceM: hidden } })
		};
	};
	const stances = POSTURES.map((posture) =>
		stanceOf(posture, says(posture), POSTURES_M.values[posture] * tall + bankM)
	);
	if (wadeM !== undefined)
		stances.push(
			stanceOf('wading', says('wading', { depth: { distanceM: wadeM } }), Math.max(0, heightM - wadeM))
		);
	return {
		stances: stances.sort((a, b) => b.heightM - a.heightM),
		because: [
			...(bankM > 0 ? [says('over-bank', { bank: { distanceM: bankM } })] : []),
			...(surface === 'rippled' ? [says('ripple')] : []),
			...(surface === 'broken' ? [says('broken')] : []),
			...(clarityM !== undefined && clarityM < SEEN.values.colouredUnderM ? [says('murk')] : []),
			...(wadeM === undefined ? [] : [says('legs')]),
			says('skyline')
		]
	};
}
