import type { FishSize, Surface } from '../vocabulary';
import { tippetX, words, type Message } from '../message';
import { mmFromInch } from '../units';
import { HOOK_SIZES, tippetMm } from '../tackle';
import {
	LEADER,
	LEADER_LIMITS,
	LEADER_M,
	LENGTH_RULES,
	shortRod,
	TIPPET,
	TIPPET_RULES,
	tippetFromHook,
	type LeaderSchool,
	type LeaderWater,
	type TippetSchool
} from './leader-rules';
import { SECOND_M, SINKING, STILL } from './line-tables';
import { check, DEPTH_M, WIND_MS, type Range } from './range';

const L = LEADER_LIMITS.values;

const says = words('rig', {
	butt: 'Butt',
	taper: 'Taper',
	tippet: 'Tippet',
	'knot.line': 'Leader to line: loop to loop, or a nail knot that runs through the rings.',
	'knot.tippet': 'Taper to tippet: a three-turn surgeon’s knot, wetted before it is drawn up.',
	'knot.small-fly': 'Fly: a five-turn clinch knot, wetted, the tag cut close.',
	'knot.fly': 'Fly: a clinch knot; a loop knot for a fly that should swing.',
	'knot.nymph': 'Nymph: tied to the bend of the leading hook, about {distance} beneath.',
	'knot.second': 'Second fly: tied to the bend of the leading hook, which stays dry and in sight.',
	still: 'Still water: as long as brings the fly to its depth, {leader}.',
	hung: 'A pupa hung {above} above the bed: the leader is {leader}.',
	'long-to-cast': 'That is long to cast: a slip indicator, or a sinking line counted down.'
});

/** What a guide's own tackle and schools make of any rig. */
export interface OwnTackle {
	/** How fine. */
	tippet?: TippetSchool;
	/** How long on glass. */
	leader?: LeaderSchool;
	rodM?: number;
	/** What the guide's own tippet of 5X breaks at, N, as its spool says. */
	fiveXBreaksN?: number;
}

/** What a rig is made for. What is left out is taken as usual. */
export interface RigFor {
	hookSize: number;
	/** How deep one can see, m. */
	clarityM?: number | undefined;
	surface?: Surface | undefined;
	speedMs?: number | undefined;
	windMs?: number | undefined;
	fish?: FishSize | undefined;
	rodM?: number | undefined;
	waterC?: number | undefined;
	/** Trees or banks leave little room to cast. */
	tight?: boolean | undefined;
	/** Weed or snags that a hooked fish would reach. */
	weed?: boolean | undefined;
	/** A bushy or heavy fly that the wind catches. */
	bulky?: boolean | undefined;
	school?: TippetSchool | undefined;
	leader?: LeaderSchool | undefined;
	/** As the spool of 5X says, N. */
	fiveXBreaksN?: number | undefined;
	/** Length that still water asks for, m (`stillLeaderM`). */
	stillM?: number | undefined;
	/** Depth of running water at the lie, m: a nymph hangs under a dry fly by one and a half times as much. */
	waterM?: number | undefined;
	/** A second fly behind or under the first, and how it fishes. */
	second?: 'flush' | 'hanging' | 'nymph' | undefined;
}

export interface Rig {
	/** Whole leader from line to fly, m. */
	lengthM: number;
	/** Butt, taper and tippet, from the line down. */
	parts: { name: Message; lengthM: number; diameterMm: number }[];
	tippetX: number;
	tippetMm: number;
	/** Breaking strain of this diameter, from and to, N: of nylon and fluorocarbon at large, or as the guide's spool has it. */
	strengthN: readonly [number, number];
	/** Distance of the second fly from the first, m. */
	secondM?: { least: number; most: number };
	/** Knots in the order of tying. */
	knots: Message[];
	because: Message[];
}

/** What may be asked for; outside is a mistake. */
const HOOKS: Range = { least: HOOK_SIZES.at(-1) ?? 0, most: HOOK_SIZES[0] ?? 0, unit: '' };
const CLARITY_M: Range = { least: 0, most: 20, unit: ' m' };
const SPEED_MS: Range = { least: 0, most: 5, unit: ' m/s' };
const ROD_M: Range = { least: 1.5, most: 5, unit: ' m' };
const WATER_C: Range = { least: -1, most: 35, unit: ' °C' };
const BREAKS_N: Range = { least: 5, most: 60, unit: ' N' };
const TIPPET_M: Range = { least: 0.1, most: 5, unit: ' m' };
const KNOT_M: Range = { least: 0.01, most: 0.5, unit: ' m' };
const FLIES: Range = { least: 1, most: 4, unit: '' };
/** Lengths that differ by less are the same. */
const ROUNDING = 1e-9;

const USUAL = { clarityM: 1.5, speedMs: 0.4, windMs: 2, rodM: 2.7 } as const;

/**
 * The leader for a fly and the water, and why: 2.4 to 2.7 m where there is little room, in murk, fast and broken water,
 * 3.5 to 4 m in clear, up to twice the rod where it is low and glassy; tippet by hook (a quarter, or a third for choosy
 * fish on glass), finer in clear slow water, stouter for large fish, warmth, weed, colour and flow (field rules of
 * docs/method.md). Never finer than 7X.
 *
 * `leaderFor({ hookSize: 18, clarityM: 3, surface: 'glassy', speedMs: 0.1 }).lengthM` is over 4.
 *
 * @throws RangeError naming the field that is out of range
 */
export function leaderFor(given: RigFor): Rig {
	check('hookSize', given.hookSize, HOOKS);
	check('clarityM', given.clarityM, CLARITY_M);
	check('speedMs', given.speedMs, SPEED_MS);
	check('windMs', given.windMs, WIND_MS);
	check('rodM', given.rodM, ROD_M);
	check('waterC', given.waterC, WATER_C);
	check('fiveXBreaksN', given.fiveXBreaksN, BREAKS_N);
	const water: LeaderWater = {
		hookSize: given.hookSize,
		clarityM: given.clarityM ?? USUAL.clarityM,
		surface: given.surface,
		speedMs: given.speedMs ?? USUAL.speedMs,
		windMs: given.windMs ?? USUAL.windMs,
		rodM: given.rodM ?? USUAL.rodM,
		fish: given.fish,
		waterC: given.waterC,
		tight: given.tight ?? false,
		weed: given.weed ?? false,
		bulky: given.bulky ?? false,
		school: given.school ?? TIPPET.usual,
		leader: given.leader ?? LEADER.usual
	};
	const length = LENGTH_RULES.find(({ applies }) => applies(water));
	if (!length) throw new Error('No rule of length applies.');
	const lengthM = given.stillM ?? length.lengthM(water);
	const tippet = tippetFor(water);
	const diameter = tippetMm(tippet.x);
	const tippetM = Math.min(
		L.tippetMostM,
		L.tippetLeastM +
			L.tippetEachX * Math.max(0, tippet.x - L.tippetFromX) +
			(given.surface === 'glassy' ? L.tippetGlassM : 0)
	);
	const butt = mmFromInch(L.buttInch);
	const rest = lengthM - tippetM;
	return {
		lengthM,
		parts: [
			{ name: says('butt'), lengthM: L.butt * rest, diameterMm: butt },
			{ name: says('taper'), lengthM: (1 - L.butt) * rest, diameterMm: (butt + diameter) / 2 },
			{ name: says('tippet'), lengthM: tippetM, diameterMm: diameter }
		],
		tippetX: tippet.x,
		tippetMm: diameter,
		strengthN: strengthOf(diameter, given.fiveXBreaksN),
		...(given.second && { secondM: secondFor(given.second, given.waterM) }),
		knots: knotsOf(given),
		because: [
			...(given.stillM === undefined ? [length.says] : [says('still', { leader: { distanceM: lengthM } })]),
			...(given.stillM === undefined && lengthM < LEADER_M.values[length.id] - ROUNDING
				? [shortRod(water)]
				: []),
			...tippet.because
		]
	};
}

/** How far behind or under the first the second fly goes, m: a nymph by one and a half times the depth, where that is known. */
function secondFor(
	second: keyof typeof SECOND_M.values,
	waterM: number | undefined
): Rig['secondM'] & object {
	const row = SECOND_M.values[second];
	if (second !== 'nymph' || waterM === undefined) return row;
	const { underDry, underDryMostM, give } = STILL.values;
	const middle = Math.min(underDryMostM, underDry * waterM);
	return { least: middle * (1 - give), most: middle * (1 + give) };
}

const areaMm2 = (mm: number): number => Math.PI * (mm / 2) ** 2;
const FIVE_X = 5;

/** By the tenacity of nylon and fluorocarbon, or that of the guide's own spool. */
function strengthOf(mm: number, fiveXBreaksN: number | undefined): readonly [number, number] {
	const own = fiveXBreaksN && fiveXBreaksN / areaMm2(tippetMm(FIVE_X));
	return [areaMm2(mm) * (own ?? L.breaksFrom), areaMm2(mm) * (own ?? L.breaksTo)];
}

/** X for the hook and the water, within what is spooled, and each rule that moved it. */
function tippetFor(water: LeaderWater): { x: number; because: Message[] } {
	const start = tippetFromHook(water);
	const moved = TIPPET_RULES.filter((rule) => rule.applies(water) && rule.addsX(water) !== 0);
	const x = moved.reduce((sum, rule) => sum + rule.addsX(water), start.x);
	return {
		x: Math.min(L.finestX, Math.max(L.stoutestX, Math.round(x))),
		because: [start.says, ...moved.map((rule) => rule.says(water))]
	};
}

const midOf = ({ least, most }: { least: number; most: number }): number => (least + most) / 2;

function knotsOf({ second, hookSize, waterM }: RigFor): Message[] {
	return [
		says('knot.line'),
		says('knot.tippet'),
		says(hookSize >= L.smallFly ? 'knot.small-fly' : 'knot.fly'),
		...(second === 'nymph'
			? [says('knot.nymph', { distance: { distanceM: midOf(secondFor('nymph', waterM)) } })]
			: []),
		...(second && second !== 'nymph' ? [says('knot.second')] : [])
	];
}

/** A tippet that every change of fly shortens. */
export interface TippetLedger {
	leftM: number;
	/** Changes of fly that it still bears before it is under what the rig asks. */
	changesLeft: number;
	short: boolean;
}

/**
 * What is left of a tippet after so many knots.
 *
 * `tippetLedger(1, 3, 0.12, 0.7)` has 0.64 m left, which is short.
 *
 * @param startM tied on, m; @param wantedM what the rig asks, m; @param perKnotM used by each change, m
 * @throws RangeError naming what is not a length
 */
export function tippetLedger(
	startM: number,
	changes: number,
	perKnotM: number,
	wantedM: number
): TippetLedger {
	check('startM', startM, TIPPET_M);
	check('perKnotM', perKnotM, KNOT_M);
	check('wantedM', wantedM, { ...TIPPET_M, least: 0 });
	const leftM = Math.max(0, startM - changes * perKnotM);
	return {
		leftM,
		changesLeft: Math.max(0, Math.floor((leftM - wantedM) / perKnotM + ROUNDING)),
		short: leftM < wantedM - ROUNDING
	};
}

export type SinkingLine = keyof typeof SINKING.values;

export interface DepthPlan {
	/** Leader beneath the indicator, m. */
	leaderM: number;
	/** Depths of several flies through the whole column, m. */
	depthsM: number[];
	/** Seconds to count before the retrieve, by line, to reach just above the bed. */
	countdownS: Record<SinkingLine, number>;
	/** Deeper than a hand can cast a leader: the flies hang on a slip indicator, or a sinking line does it. */
	because: Message[];
}

/**
 * Depths on still water: a pupa 0.3 m above the bed, flies spaced through the column, and how long lines sink.
 *
 * `planDepth(4).leaderM` is 3.7.
 *
 * @throws RangeError for a depth outside 0.5 to 15 m
 */
export function planDepth(depthM: number, flies = 1): DepthPlan {
	check('depthM', depthM, DEPTH_M);
	check('flies', flies, FLIES);
	const leaderM = depthM - STILL.values.aboveBedM;
	const count = Math.round(flies);
	const depthsM = Array.from({ length: count }, (_, i) => leaderM * ((i + 1) / count));
	const because = [
		says('hung', { above: { distanceM: STILL.values.aboveBedM }, leader: { distanceM: leaderM } }),
		...(leaderM > STILL.values.hangsToM ? [says('long-to-cast')] : [])
	];
	const entries = Object.entries(SINKING.values) as [SinkingLine, number][];
	return {
		leaderM,
		depthsM,
		countdownS: Object.fromEntries(entries.map(([line, rate]) => [line, leaderM / rate])) as Record<
			SinkingLine,
			number
		>,
		because
	};
}

/**
 * X of a diameter in mm; the way back from `tippetMm`.
 *
 * @throws RangeError for what no maker spools: finer than 8X or stouter than 0X
 */
export function tippetXOf(mm: number): number {
	if (!(mm >= tippetMm(FINEST_SPOOLED_X + HALF_AN_X) && mm <= tippetMm(L.stoutestX - HALF_AN_X)))
		throw new RangeError(
			`A tippet of ${mm} mm is outside ${told(FINEST_SPOOLED_X)} to ${told(L.stoutestX)} mm.`
		);
	return tippetX(mm);
}

/** Finer than any rule asks for. */
const FINEST_SPOOLED_X = 8;
const HALF_AN_X = 0.5;
const MM_DIGITS = 3;
const told = (x: number): string => tippetMm(x).toFixed(MM_DIGITS);
