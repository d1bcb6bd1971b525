import { getPosition, getTimes } from 'suncalc';
import type { Place } from '../atlas';
import { middleOf, widthOf, type Spot } from '../drift';
import { within, words, type Message } from '../message';
import { BANK_NAMES, type BankSide } from '../vocabulary';
import { alongFlow, type Ground } from './ground';
import { SUN } from './tables';

const S = SUN.values;
const DEGREE = Math.PI / 180;
const HALF_ROUND = 180;
const MINUTE_MS = 60_000;

/** Where the sun stands: bearing and height, degrees. */
export interface Sun {
	bearingDeg: number;
	heightDeg: number;
}

export function sunAt({ latitude, longitude }: Pick<Place, 'latitude' | 'longitude'>, at: Date): Sun {
	const { azimuth, altitude } = getPosition(at, latitude, longitude);
	return { bearingDeg: azimuth, heightDeg: altitude };
}

/**
 * Whether the trees of a bank shade the water so far from the left one; undefined where nobody knows which way it flows.
 * All of it is in shade while the sun is down.
 */
function isShaded({ lanes, banks, flowDeg }: Ground, acrossM: number, sun: Sun): boolean | undefined {
	if (sun.heightDeg <= 0) return true;
	if (flowDeg === undefined) return undefined;
	const { across } = alongFlow(sun.bearingDeg, flowDeg);
	const side: BankSide = across > 0 ? 'right' : 'left';
	const { heightM, treesM } = banks[side];
	const toBankM = side === 'left' ? acrossM : widthOf(lanes) - acrossM;
	// Along the ray, over the water and slantwise to the bank.
	return across !== 0 && Math.tan(sun.heightDeg * DEGREE) < ((heightM + treesM) * Math.abs(across)) / toBankM;
}

/** When a lane lies in the shade of trees between sunrise and sunset. */
export interface Shade {
	lane: number;
	spans: { from: Date; to: Date }[];
}

/** Which lanes are in shade when, on the day of an instant; none where nobody knows which way the water flows. */
export function shadeOf(ground: Ground, place: Pick<Place, 'latitude' | 'longitude'>, at: Date): Shade[] {
	const { sunrise, sunset } = getTimes(at, place.latitude, place.longitude);
	if (ground.flowDeg === undefined || !sunrise || !sunset) return [];
	const step = S.everyMin * MINUTE_MS;
	return ground.lanes.map((_, lane) => {
		const acrossM = middleOf(ground.lanes, lane);
		const spans: Shade['spans'] = [];
		let open: Shade['spans'][number] | undefined;
		for (let time = sunrise.getTime() + step; time < sunset.getTime(); time += step) {
			const moment = new Date(time);
			if (!isShaded(ground, acrossM, sunAt(place, moment))) open = undefined;
			else if (open) open.to = moment;
			else spans.push((open = { from: moment, to: moment }));
		}
		// What is touched by shade for one look is not worth telling.
		return { lane, spans: spans.filter(({ from, to }) => to > from) };
	});
}

const says = words('approach.sun', {
	glare: 'Low sun: from the {bank} the water glares.',
	shadow: 'Shadows fall to the {bank}: standing, you and the rod throw one of {long}.',
	lengthwise:
		'Shadows fall {way, select, down {downstream} other {upstream}}: standing, you and the rod throw one of {long}.'
});
const MOSTLY = 0.5;

/** From which bank the water glares just now, and where shadows fall; nothing while the sun is down. */
export function sunSays({ flowDeg }: Ground, sun: Sun, headM: number): Message[] {
	if (sun.heightDeg <= 0 || flowDeg === undefined) return [];
	const { along, across } = alongFlow(sun.bearingDeg, flowDeg);
	/** Across from the sun. */
	const away: BankSide = across > 0 ? 'left' : 'right';
	const longM = shadowM(headM, sun);
	const sidewise = Math.abs(across) >= MOSTLY;
	const low = sun.heightDeg <= S.glareUnderDeg;
	const long = { distanceM: longM };
	return [
		// Who stands across from the sun looks into it.
		...(low && sidewise ? [says('glare', { bank: within(BANK_NAMES[away]) })] : []),
		...(longM >= S.longestShadowM
			? []
			: [
					sidewise
						? says('shadow', { bank: within(BANK_NAMES[away]), long })
						: says('lengthwise', { way: along > 0 ? 'up' : 'down', long })
				])
	];
}

/** How long a shadow is that falls from a head and the rod over it, m. */
const shadowM = (headM: number, { heightDeg }: Sun): number =>
	Math.min(S.longestShadowM, (headM + S.rodM) / Math.tan(heightDeg * DEGREE));

/** Whether a guide who looks from one spot to another has the glare of the sun on the water there. */
export function glares(from: Spot, to: Spot, sun: Sun, flowDeg: number): boolean {
	if (sun.heightDeg <= 0 || sun.heightDeg > S.glareUnderDeg) return false;
	const { along, across } = alongFlow(sun.bearingDeg, flowDeg);
	const [dAlong, dAcross] = [to.alongM - from.alongM, to.acrossM - from.acrossM];
	const cosine = (along * dAlong + across * dAcross) / Math.hypot(dAlong, dAcross);
	return cosine > Math.cos(S.glareDeg * DEGREE);
}

/** Whether the shadow of a guide, or of the rod, falls over a fish. */
export function shadows(guide: Spot & { headM: number }, fish: Spot, sun: Sun, flowDeg: number): boolean {
	if (sun.heightDeg <= 0) return false;
	const longM = shadowM(guide.headM, sun);
	const { along, across } = alongFlow(sun.bearingDeg + HALF_ROUND, flowDeg);
	const [dAlong, dAcross] = [fish.alongM - guide.alongM, fish.acrossM - guide.acrossM];
	const way = Math.min(longM, Math.max(0, dAlong * along + dAcross * across));
	return way > 0 && Math.hypot(dAlong - way * along, dAcross - way * across) < S.nearM;
}
