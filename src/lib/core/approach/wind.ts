import { within, words, type Message } from '../message';
import { compassPoint } from '../units';
import { BANK_NAMES, COMPASS_NAMES, type BankSide } from '../vocabulary';
import { alongFlow, type Ground } from './ground';
import { WIND } from './tables';

const W = WIND.values;
const HALF_ROUND = 180;

const says = words('wind', {
	fills: 'Wind fills the {bank}: land insects and duns collect there.',
	'fills-shore': 'Wind drifts food to the shore in the {to}: look there, and where it meets calm water.',
	calm: 'A calm strip under the {bank}: spinners gather there.',
	'calm-shore': 'Calm water under the shore in the {from}: spinners and pupae hang there.',
	blown: 'Land insects are blown on from the {bank}.',
	against: 'Wind up the stream: it ruffles, and holds duns back.',
	cover: 'Ruffled water hides you: come nearer.',
	hot: 'Hot: look in the shade, and under trees.',
	cool: 'Cool air: insects fly on the sheltered side.'
});

/** What wind does on a reach. */
export interface WindOnWater {
	/** The bank that it fills; undefined where it blows along, hardly, or nobody knows which way the water flows. */
	fills?: BankSide;
	/** Under which bank the water stays calm, and how wide, m. */
	calm?: { side: BankSide; widthM: number };
	/** Downstream, and to the right bank, m/s. */
	alongMs: number;
	acrossMs: number;
	says: Message[];
}

/** The weather on the bank. */
export interface WindNow {
	windMs?: number | undefined;
	windFromDeg?: number | undefined;
	airC?: number | undefined;
}

/** Which bank the wind fills with what drifts, where it stays calm, and what that means for where to look. */
export function windOn(
	{ banks, flowDeg, lanes }: Ground,
	{ windMs = 0, windFromDeg, airC }: WindNow
): WindOnWater {
	const told: Message[] = [];
	let [alongMs, acrossMs] = [0, 0];
	let found: Pick<WindOnWater, 'fills' | 'calm'> = {};
	if (windFromDeg !== undefined && windMs > 0) {
		const toDeg = windFromDeg + HALF_ROUND;
		if (lanes.length === 0) {
			if (windMs >= W.fillsMs)
				told.push(
					says('fills-shore', { to: within(COMPASS_NAMES[compassPoint(toDeg)]) }),
					says('calm-shore', { from: within(COMPASS_NAMES[compassPoint(windFromDeg)]) })
				);
		} else if (flowDeg !== undefined) {
			const { along, across } = alongFlow(toDeg, flowDeg);
			[alongMs, acrossMs] = [windMs * along, windMs * across];
			if (Math.abs(acrossMs) >= W.fillsMs) {
				const fills: BankSide = acrossMs > 0 ? 'right' : 'left';
				const side: BankSide = fills === 'right' ? 'left' : 'right';
				const { heightM, treesM } = banks[side];
				found = { fills, calm: { side, widthM: Math.max(W.leeLeastM, W.leePerM * (heightM + treesM)) } };
				told.push(says('fills', { bank: within(BANK_NAMES[fills]) }));
				if (windMs >= W.blownMs) told.push(says('blown', { bank: within(BANK_NAMES[side]) }));
				told.push(says('calm', { bank: within(BANK_NAMES[side]) }));
			}
			if (alongMs <= -W.fillsMs) told.push(says('against'));
		}
	}
	if (windMs >= W.ruffledMs) told.push(says('cover'));
	if (airC !== undefined && airC >= W.hotC) told.push(says('hot'));
	if (airC !== undefined && airC <= W.coolC && windMs >= W.fillsMs) told.push(says('cool'));
	return { ...found, alongMs, acrossMs, says: told };
}
