import { goodman, LEAST_TO_TELL, type ShareInterval } from './intervals';

/** Wing pads as a guide sorts them: the colour of the body, darker, or black and swollen. */
export const PAD_STATES = ['pale', 'dark', 'black'] as const;
export type PadState = (typeof PAD_STATES)[number];
export type PadCounts = Record<PadState, number>;

/** Days to emergence at the reference temperature: from, to (field rules; docs/method.md). */
const DAYS: Record<PadState, readonly [number, number]> = { pale: [14, 60], dark: [3, 14], black: [0, 3] };
/** Development stops near 3 °C and the rules above are for water of about 9 °C. */
const BASE_C = 3;
const REFERENCE_C = 9;

export interface Ripeness {
	shares: Record<PadState, ShareInterval>;
	/** Animals whose pads were looked at: of each state, and together. */
	counts: PadCounts;
	looked: number;
	/** Whether enough were looked at to tell days and shares of the population. */
	enough: boolean;
	/** Days until the ripest tenth and the middle animal of the population emerge. */
	days: { first: readonly [number, number]; most: readonly [number, number] };
}

/**
 * How ripe a population of nymphs is: the share in each state with simultaneous intervals, and when it should
 * emerge as a range of days, hastened or slowed by the degree-days of the water.
 *
 * @param waterC temperature of the water in °C, if known
 * @throws RangeError when no animal was looked at
 */
export function ripenessOf(pads: PadCounts, waterC?: number): Ripeness {
	const [pale, dark, black] = goodman(PAD_STATES.map((state) => pads[state]));
	if (!pale || !dark || !black) throw new RangeError('No pads were looked at.');
	const pace = waterC === undefined ? 1 : (REFERENCE_C - BASE_C) / Math.max(1, waterC - BASE_C);
	const days = (state: PadState) => [DAYS[state][0] * pace, DAYS[state][1] * pace] as const;
	/** The state that the animal at this share, counted from the ripest, is in. */
	const at = (share: number): PadState =>
		black.share >= share ? 'black' : black.share + dark.share >= share ? 'dark' : 'pale';
	const looked = pads.pale + pads.dark + pads.black;
	const enough = looked >= LEAST_TO_TELL;
	return {
		shares: { pale, dark, black },
		counts: pads,
		looked,
		enough,
		days: { first: days(at(0.1)), most: days(at(0.5)) }
	};
}
