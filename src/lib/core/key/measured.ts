import normalBelow from '@stdlib/stats-base-dists-normal-cdf';
import type { Lab } from '../atlas';
import type { PadState } from '../tray';
import type { Answer } from './answer';
import { familyChances, hasFamily } from './colour-family';
import { LENGTH_BANDS, type MarkId } from './mark';

/** What was measured of one animal: body length in mm, colours as CIELAB, and how ripe its wing pads are. */
export interface MeasuredAnimal {
	lengthMm?: number;
	belly?: Lab;
	back?: Lab;
	wing?: Lab;
	pads?: PadState;
}

/** One standard deviation of the logarithm of a measured length. Field rule; the bench keeps within it. */
const LENGTH_WITHIN = 0.05;
/** Pads near the border between two states are called by the next as often as this. Field rule. */
const NEXT_STATE = 0.15;
/** A state that is less likely than this is left out. */
const LEAST_SHARE = 0.001;

/**
 * What was measured of an animal as answers to the key, each with its uncertainty, so that the key goes on from there:
 * a length near the end of a band speaks for the next band too, a colour between two words for both.
 *
 * `measuredAnswers({ lengthMm: 7.2 })` is `[{ mark: 'length', state: '9', shares: { '9': 1 } }]`.
 *
 * @throws RangeError for a length that is no positive number
 */
export function measuredAnswers({ lengthMm, belly, back, wing, pads }: MeasuredAnimal): Answer[] {
	const answers: Answer[] = [];
	if (lengthMm !== undefined) {
		if (!(lengthMm > 0)) throw new RangeError(`${lengthMm} mm is no length of a body.`);
		answers.push(answer('length', bandShares(lengthMm)));
	}
	for (const [mark, colour] of [
		['belly', belly],
		['back-colour', back],
		['wing-colour', wing]
	] as const)
		if (colour && hasFamily(colour)) answers.push(answer(mark, familyChances(colour)));
	if (pads) answers.push(answer('pad-colour', PAD_SHARES[pads]));
	return answers;
}

/** Where the true length lies, by band. */
function bandShares(lengthMm: number): Record<string, number> {
	const below = (mm: number) => (mm === 0 ? 0 : normalBelow(Math.log(mm / lengthMm), 0, LENGTH_WITHIN));
	return Object.fromEntries(
		Object.entries(LENGTH_BANDS).map(([band, { fromMm, toMm }]) => [band, below(toMm) - below(fromMm)])
	);
}

const PAD_SHARES: Record<PadState, Record<string, number>> = {
	pale: { pale: 1 - NEXT_STATE, dark: NEXT_STATE },
	dark: { dark: 1 - 2 * NEXT_STATE, pale: NEXT_STATE, black: NEXT_STATE },
	black: { black: 1 - NEXT_STATE, dark: NEXT_STATE }
};

/** The state that is likeliest, with the shares of all that are likely at all. */
function answer(mark: MarkId, chances: Readonly<Record<string, number>>): Answer {
	const likely = Object.entries(chances).filter(([, share]) => share >= LEAST_SHARE);
	const sum = likely.reduce((all, [, share]) => all + share, 0);
	const [first] = [...likely].sort(([, one], [, other]) => other - one);
	if (!first) throw new Error(`Nothing was measured of ${mark}.`);
	return { mark, state: first[0], shares: Object.fromEntries(likely.map(([s, share]) => [s, share / sum])) };
}
