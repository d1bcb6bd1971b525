import { words, type Message } from '../message';
import { POSTURES_M, WADING } from './tables';

const W = WADING.values;
const GRAVITY = 9.81;
/** Somebody of the middle. */
const USUAL_PERSON = { heightM: POSTURES_M.values.standing, massKg: 75 };

const says = words('wading', {
	fine: 'Wading: well within what a person stands.',
	staff: 'Wading: with a staff and a belt, and feel for each step.',
	out: 'Stay out: this comes near to what takes people off their feet.',
	'too-deep': 'Stay out: deeper than anybody should wade.',
	product: '{depth} deep at {speed}: {share} in 100 of what lifts a person of {height}.',
	rising: 'The water rises: turn back while the way is open.',
	cold: 'Cold water takes strength from hands and legs within minutes.',
	dark: 'The light goes: be out before it is gone.',
	spawning:
		'Trout may be spawning: keep off clean, pale gravel where it is shallow, and leave fish on it alone; parts of a river may be closed.',
	defers: 'Stones, slope and soles are yours to judge; follow local rules.'
});

/** What speaks of a place where somebody wades. */
export interface WadingPlace {
	depthM: number;
	speedMs: number;
	waterC?: number | undefined;
	rising?: boolean | undefined;
	/** Trout may spawn here at this time of the year. */
	spawning?: boolean | undefined;
	/** Minutes of light that are left. */
	lightMin?: number | undefined;
	heightM?: number | undefined;
	massKg?: number | undefined;
}

/** How far water is from taking a person off their feet, and what to say of it. */
export interface WadingCaution {
	word: 'fine' | 'staff' | 'out';
	/** Share of what topples or slides a person away, 0 and up. */
	share: number;
	says: Message;
	because: Message[];
}

/**
 * Depth and speed against what lifts people: toppled by the product of both (Abt et al. 1989), slid away by depth and
 * the square of speed against the friction of the soles (Jonkman & Penning-Rowsell 2008). A caution, not a licence.
 *
 * @throws RangeError naming a depth or speed below 0
 */
export function wadingCaution(place: WadingPlace): WadingCaution {
	const { depthM, speedMs, waterC, rising = false, spawning = false, lightMin } = place;
	const { heightM = USUAL_PERSON.heightM, massKg = USUAL_PERSON.massKg } = place;
	for (const [name, value] of Object.entries({ depthM, speedMs }))
		if (!(value >= 0 && Number.isFinite(value)))
			throw new RangeError(`${name} is ${value}; it must be 0 or more.`);
	const toppled = W.product * Math.exp(W.perKgM * massKg * heightM + W.offset) ** 2;
	const weightN = massKg * GRAVITY * Math.max(0, 1 - (W.buoyed * depthM) / heightM);
	const pushN = (W.density * W.drag * W.breadthM * depthM * speedMs ** 2) / 2;
	const slid = weightN > 0 ? pushN / (W.friction * weightN) : Infinity;
	const share = Math.max((depthM * speedMs) / toppled, slid);
	const cold = waterC !== undefined && waterC < W.coldUnderC;
	const dark = lightMin !== undefined && lightMin < W.darkUnderMin;
	const felt = share * (rising ? W.rising : 1) * (cold ? W.cold : 1) * (dark ? W.dark : 1);
	const deep = depthM > W.deepest * heightM;
	const word = deep || felt >= W.outFrom ? 'out' : felt >= W.staffFrom ? 'staff' : 'fine';
	return {
		word,
		share,
		says: says(deep ? 'too-deep' : word),
		because: [
			...(Number.isFinite(share)
				? [
						says('product', {
							depth: { distanceM: depthM },
							speed: { currentMs: speedMs },
							share: Math.round(PERCENT * share),
							height: { distanceM: heightM }
						})
					]
				: []),
			...(rising ? [says('rising')] : []),
			...(cold ? [says('cold')] : []),
			...(dark ? [says('dark')] : []),
			...(spawning ? [says('spawning')] : []),
			says('defers')
		]
	};
}
const PERCENT = 100;
