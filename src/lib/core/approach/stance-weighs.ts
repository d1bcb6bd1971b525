import { laneAt, LINE_ON_WATER, widthOf, type Spot } from '../drift';
import { within, words, type Message } from '../message';
import { BANK_NAMES, type BankSide, type Cast, type Posture, type Stance } from '../vocabulary';
import { NOTHING_CAME, type Earlier } from './earlier';
import type { Ground } from './ground';
import type { LandingPoint } from './landing';
import type { SeenThrough } from './optics';
import { siltReaches } from './silt';
import { glares, shadows, type Sun } from './sun';
import { EARLIER, FALLS, STANCE, STRIKES } from './stance-tables';
import { WIND } from './tables';
import type { WadingCaution, WadingPlace } from './wading';
import type { WindOnWater } from './wind';

const S = STANCE.values;
const W = WIND.values;
const E = EARLIER.values;
const L = LINE_ON_WATER.values;

const says = words('stances', {
	'drifts-long': 'Drifts {drift, number, ::.0} s, needs {needs, number, ::.0}.',
	'drifts-short':
		'Drifts {drift, number, ::.0} s, needs {needs, number, ::.0}: it drags before the fish has it.',
	'no-end': 'Still drifts freely after {drift, number, ::.0} s, needs {needs, number, ::.0}.',
	hidden: 'Not seen from here.',
	'hidden-low':
		'Not seen from here when {posture, select, kneeling {kneeling} crouching {crouching} other {low}}.',
	near: 'Near enough to be seen: {distance}, hidden from {from} on.',
	behind: 'From behind it sees you last.',
	lanes: '{count, plural, =0 {No other lane} one {One other lane} other {# other lanes}} under the line.',
	lined: 'The line falls over the fish.',
	leadered: 'The leader falls over the fish.',
	'fly-first': 'It sees the fly before the leader.',
	against: 'Wind against the cast.',
	shoulder: 'Wind from the side of the casting arm: mind the hook, or cast over the other shoulder.',
	behindSlack: 'Wind from behind straightens the slack.',
	breeze: 'A breeze from ahead helps the slack to fall.',
	silt: 'Silt from your feet drifts down on it: stand still before you cast.',
	'silt-others': 'Silt from your feet drifts down on another fish.',
	left: '{drifts, plural, one {One good drift} other {# good drifts}} from this side went unanswered.',
	dragged: 'It dragged from this side: {times, plural, one {once} other {# times}}.',
	'put-down': 'It was put down from this side.',
	took: 'A fish took from this side today.',
	shadow: 'Your shadow falls over it.',
	glare: 'The water glares from here.',
	between: 'Another fish is in between.',
	bank: 'From the {bank}.',
	wade: 'Wade to {depth}.',
	usual: 'The lanes are those of any such reach: sketch them, and this becomes sharper.'
});

/** What else is known of where a fish is fished. */
export interface StanceFor {
	ground: Ground;
	/** The fish: its lane's middle, or where it is, m from the left bank. */
	acrossM: number;
	through: SeenThrough;
	landing: LandingPoint;
	wind: WindOnWater;
	sun?: Sun | undefined;
	hand?: 'right' | 'left' | undefined;
	school?: 'from-below' | 'from-above' | undefined;
	/** Other fish: upstream of this one, and from the left bank, m. */
	others?: readonly { upM: number; acrossM: number }[] | undefined;
	/** Of the guide, m and kg. */
	heightM?: number | undefined;
	/** What speaks of wading beside the lanes. */
	wading?: Omit<WadingPlace, 'depthM' | 'speedMs' | 'heightM'> | undefined;
	/** Nobody wades here. */
	dry?: boolean | undefined;
	leaderM?: number | undefined;
	/** What came of stances before. */
	earlier?: Earlier | undefined;
}

/** One way to fish a fish: from where, how low, with which cast, and what comes of it. */
export interface StanceFound {
	stance: Stance;
	cast: Cast;
	posture: Posture;
	/** The guide's feet, against the fish. */
	at: Spot;
	/** Where the fly falls. */
	fly: Spot;
	distanceM: number;
	/** The bank on which the guide stands; undefined who wades. */
	bank?: BankSide;
	wadeM?: number;
	/** How long the fly drifts as the water does, and whether it comes to drag at all. */
	driftS: number;
	/** How far it drifts in that time, m. */
	driftM: number;
	drags: boolean;
	needsS: number;
	/** Line beyond the straight way, m. */
	slackM: number;
	/** Chance that the fish notices. */
	seen: number;
	/** Chance of a good drift over an undisturbed fish: what stances are ranked by. */
	chance: number;
	because: Message[];
	cautions: Message[];
}

/** A place from which a cast is tried. */
export interface Tried {
	stance: Stance;
	cast: Cast;
	at: Spot;
	distanceM: number;
	aboutDeg: number;
}

/** What surrounds one place to stand, whatever the cast: worked out once for all casts there. */
export interface There {
	posture: Posture;
	headM: number;
	hiddenM: number;
	seen: number;
	bank?: BankSide;
	wading?: { depthM: number; caution: WadingCaution };
}

/** What became of the drift of a cast. */
export interface Drifted {
	freeS: number;
	freeM: number;
	drags: boolean;
	slackM: number;
}

/** Who is seen with less chance than that counts as hidden. */
export const SEEN_ENOUGH = 0.2;

/** A chance from its odds, in logarithms. */
export const sigmoid = (x: number): number => 1 / (1 + Math.exp(-x));

/** Where the fly falls. */
export function flyFor({ landing, acrossM }: StanceFor): Spot {
	return { alongM: -landing.aboveLieM, acrossM };
}

/** One thing that speaks for or against a stance: by what factor, and what is told of it. */
interface Weighs {
	by?: number;
	because?: Message;
	caution?: Message;
}

/** What comes of one stance with one cast: its chance, and what speaks for and against it. */
export function judge(asked: StanceFor, tried: Tried, stood: There, drifted: Drifted): StanceFound {
	const { stance, cast, at, distanceM } = tried;
	const { posture, seen, wading, bank } = stood;
	const { freeS, freeM, drags, slackM } = drifted;
	const weighed = [
		byDrift(drifted, asked.landing.neededS),
		bySight(stood, tried),
		...byCast(asked, tried),
		...byWind(asked, tried),
		...byPlace(asked, stood, tried),
		...bySun(asked, tried, stood),
		...byOthers(asked, tried),
		...byEarlier(asked, tried),
		...bySchool(asked, tried)
	];
	return {
		stance,
		cast,
		posture,
		at,
		fly: flyFor(asked),
		distanceM,
		...(bank && { bank }),
		...(wading && { wadeM: wading.depthM }),
		driftS: freeS,
		driftM: freeM,
		drags,
		needsS: asked.landing.neededS,
		slackM,
		seen,
		chance: Math.min(
			1,
			weighed.reduce((chance, { by = 1 }) => chance * by, 1)
		),
		because: weighed.flatMap(({ because }) => because ?? []),
		cautions: weighed.flatMap(({ caution }) => caution ?? [])
	};
}

function byDrift({ freeS, drags }: Drifted, needsS: number): Weighs {
	const told = { drift: freeS, needs: needsS };
	if (!drags) return { because: says('no-end', told) };
	const by = sigmoid((freeS / needsS - 1) / S.driftShare);
	return freeS < needsS
		? { by, caution: says('drifts-short', told) }
		: { by, because: says('drifts-long', told) };
}

function bySight({ seen, posture, hiddenM }: There, { distanceM }: Tried): Weighs {
	const by = 1 - seen;
	if (seen >= SEEN_ENOUGH)
		return { by, caution: says('near', { distance: { distanceM }, from: { distanceM: hiddenM } }) };
	const low = posture === 'kneeling' || posture === 'crouching';
	return { by, because: low ? says('hidden-low', { posture }) : says('hidden') };
}

/** How the cast falls, what lies under the line, and what falls over the fish. */
function byCast(asked: StanceFor, tried: Tried): Weighs[] {
	const { stance, cast, at, aboutDeg } = tried;
	const fly = flyFor(asked);
	const wayM = Math.hypot(fly.alongM - at.alongM, fly.acrossM - at.acrossM);
	const over = overFish(asked, tried);
	return [
		{ by: FALLS.values[cast] * Math.exp(-((wayM / S.aimM) ** 2)) * STRIKES.values[stance] },
		{ because: says('lanes', { count: lanesCrossed(asked.ground, at.acrossM, asked.acrossM) }) },
		...(aboutDeg <= S.behindDeg ? [{ because: says('behind') }] : []),
		...(over ? [{ by: S[over], caution: says(over) }] : []),
		...(isAbove(stance) ? [{ because: says('fly-first') }] : [])
	];
}

const byWind = (asked: StanceFor, { at, cast }: Tried): Weighs[] =>
	windOnCast(asked, at, flyFor(asked), cast).map((blows) => ({
		by: S[blows],
		[blows === 'breeze' ? 'because' : 'caution']: says(blows)
	}));

function byPlace({ acrossM, others = [] }: StanceFor, { wading, bank }: There, { at }: Tried): Weighs[] {
	if (!wading) return bank ? [{ because: says('bank', { bank: within(BANK_NAMES[bank]) }) }] : [];
	const staff = wading.caution.word === 'staff';
	const silts = (on: Spot) => siltReaches(at, on, wading.depthM);
	return [
		{ by: staff ? S.staff : S.wades, because: says('wade', { depth: { distanceM: wading.depthM } }) },
		...(staff ? [{ caution: wading.caution.says }] : []),
		...(silts({ alongM: 0, acrossM }) ? [{ by: S.silt, caution: says('silt') }] : []),
		...(others.some((other) => silts({ alongM: -other.upM, acrossM: other.acrossM }))
			? [{ by: S.between, caution: says('silt-others') }]
			: [])
	];
}

function bySun({ sun, ground: { flowDeg }, acrossM }: StanceFor, { at }: Tried, { headM }: There): Weighs[] {
	if (!sun || flowDeg === undefined) return [];
	const fish = { alongM: 0, acrossM };
	return [
		...(shadows({ ...at, headM }, fish, sun, flowDeg) ? [{ by: S.shadow, caution: says('shadow') }] : []),
		...(glares(at, fish, sun, flowDeg) ? [{ by: S.glare, caution: says('glare') }] : [])
	];
}

function byOthers({ others = [], acrossM }: StanceFor, { at }: Tried): Weighs[] {
	const fish = { alongM: 0, acrossM };
	return others.some((other) => isBetween(at, fish, { alongM: -other.upM, acrossM: other.acrossM }))
		? [{ by: S.between, caution: says('between') }]
		: [];
}

function byEarlier({ earlier }: StanceFor, { stance }: Tried): Weighs[] {
	const { drifts, dragged, putDown, took } = earlier?.[stance] ?? NOTHING_CAME;
	return [
		...(drifts > 0
			? [{ by: Math.max(E.leftLeast, E.left ** drifts), caution: says('left', { drifts }) }]
			: []),
		...(dragged >= E.draggedFrom && dragged > drifts
			? [{ by: E.dragged, caution: says('dragged', { times: dragged }) }]
			: []),
		...(putDown > 0 ? [{ by: E.putDown, caution: says('put-down') }] : []),
		...(took > 0 ? [{ by: E.took, because: says('took') }] : [])
	];
}

function bySchool({ school = 'from-below', through, ground }: StanceFor, { stance }: Tried): Weighs[] {
	const below = stance === 'below' || stance === 'below-and-across';
	const flat = isAbove(stance) && through.surface === 'glassy' && school === 'from-above';
	return [
		...(stance === 'across' ? [] : [{ by: below === (school === 'from-below') ? S.favoured : S.unfavoured }]),
		...(flat ? [{ by: S.flatFromAbove }] : []),
		...(ground.usual ? [{ because: says('usual') }] : [])
	];
}

const isAbove = (stance: Stance): boolean => stance === 'above' || stance === 'above-and-across';

/** Lanes of another speed between guide and fish. */
function lanesCrossed({ lanes }: Ground, from: number, to: number): number {
	const widthM = widthOf(lanes);
	const [a, b] = [from, to].map((acrossM) => laneAt(lanes, Math.min(widthM, Math.max(0, acrossM))));
	return Math.abs((a ?? 0) - (b ?? 0));
}

/** Whether the line, or only the leader, falls across the fish on the way to where the fly falls. */
function overFish(
	{ landing, leaderM = L.leaderM, acrossM }: StanceFor,
	{ at }: Tried
): 'lined' | 'leadered' | undefined {
	const fly = { alongM: -landing.aboveLieM, acrossM };
	if (at.alongM <= 0) return undefined;
	// Where the line passes the fish, and how far aside.
	const asideM = Math.abs(at.acrossM - acrossM) * (landing.aboveLieM / (at.alongM - fly.alongM));
	if (asideM > ASIDE_M) return undefined;
	return landing.aboveLieM > leaderM ? 'lined' : 'leadered';
}
const ASIDE_M = 0.35;

type Blows = 'against' | 'shoulder' | 'behindSlack' | 'breeze';

/** What wind does to a cast from one spot to another. */
function windOnCast({ wind, hand = 'right' }: StanceFor, at: Spot, fly: Spot, cast: Cast): Blows[] {
	const wayM = Math.hypot(fly.alongM - at.alongM, fly.acrossM - at.acrossM);
	const [along, across] = [(fly.alongM - at.alongM) / wayM, (fly.acrossM - at.acrossM) / wayM];
	const withIt = wind.alongMs * along + wind.acrossMs * across;
	// To the right of the cast: across grows to the right as one looks downstream.
	const toRight = wind.acrossMs * along - wind.alongMs * across;
	const slack = cast !== 'straight' && cast !== 'mend';
	return [
		...(withIt < -W.againstMs ? (['against'] as const) : []),
		...(withIt > W.behindMs && slack ? (['behindSlack'] as const) : []),
		...(withIt < -1 && withIt >= -W.breezeMs && slack ? (['breeze'] as const) : []),
		// From the side of the arm it blows line and hook onto the caster.
		...((hand === 'right' ? -toRight : toRight) > W.shoulderMs ? (['shoulder'] as const) : [])
	];
}

/** Whether another fish lies near the way from guide to fish. */
function isBetween(at: Spot, fish: Spot, other: Spot): boolean {
	const [along, across] = [fish.alongM - at.alongM, fish.acrossM - at.acrossM];
	const square = along ** 2 + across ** 2;
	const share = ((other.alongM - at.alongM) * along + (other.acrossM - at.acrossM) * across) / square;
	if (share <= 0 || share >= 1) return false;
	return (
		Math.hypot(at.alongM + share * along - other.alongM, at.acrossM + share * across - other.acrossM) <
		BETWEEN_M
	);
}
const BETWEEN_M = 1.5;
