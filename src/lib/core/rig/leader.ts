import type { FishSize, Surface } from '../vocabulary';
import { mmFromInch, tippetX, type Phrase } from '../units';
import { HOOK_SIZES, tippetMm } from '../tackle';

export const TIPPET_SCHOOLS = ['as-fine-as-clear', 'never-too-fine'] as const;
/** Two schools of tippet: as fine as the water is clear, or never finer than the fish allows. */
export type TippetSchool = (typeof TIPPET_SCHOOLS)[number];

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
	/** A bushy or heavy fly that the wind catches. */
	bulky?: boolean | undefined;
	school?: TippetSchool | undefined;
	/** A second fly behind or under the first, and how it fishes. */
	second?: 'flush' | 'hanging' | 'nymph' | undefined;
}

export interface Rig {
	/** Whole leader from line to fly, m. */
	lengthM: number;
	/** Butt, taper and tippet, from the line down. */
	parts: { name: string; lengthM: number; diameterMm: number }[];
	tippetX: number;
	tippetMm: number;
	/** Breaking strain that makers state for this diameter, from and to, N; not a promise. */
	strengthN: readonly [number, number];
	/** Distance of the second fly from the first, m. */
	secondM?: { least: number; most: number };
	/** Knots in the order of tying. */
	knots: string[];
	because: Phrase[];
}

const USUAL = { clarityM: 1.5, speedMs: 0.4, windMs: 2, rodM: 2.7 } as const;
const FINEST_X = 8;
const STOUTEST_X = 0;
/** Nylon breaks at about 500 to 750 N for each square mm, as makers state it (field rule). */
const STRENGTH_N_PER_MM2 = [500, 750] as const;

/**
 * The leader for a fly and the water, and why: 2.7 m in murk and fast water, 3.5 to 4 m in clear, up to twice the
 * rod where it is low and glassy; tippet by hook (a third for delicacy, a quarter for what the wind catches), finer
 * in clear slow water, stouter for large fish, colour and flow (field rules of docs/method.md).
 *
 * `leaderFor({ hookSize: 18, clarityM: 3, surface: 'glassy', speedMs: 0.1 }).lengthM` is over 4.
 *
 * @throws RangeError naming the field that is out of range
 */
export function leaderFor(given: RigFor): Rig {
	check('hookSize', given.hookSize, HOOK_SIZES.at(-1) ?? 2, HOOK_SIZES[0] ?? 28, '');
	check('clarityM', given.clarityM, 0, 20, ' m');
	check('speedMs', given.speedMs, 0, 5, ' m/s');
	check('windMs', given.windMs, 0, 25, ' m/s');
	check('rodM', given.rodM, 1.5, 5, ' m');
	const clarityM = given.clarityM ?? USUAL.clarityM;
	const speedMs = given.speedMs ?? USUAL.speedMs;
	const windMs = given.windMs ?? USUAL.windMs;
	const rodM = given.rodM ?? USUAL.rodM;
	const because: Phrase[] = [];
	const lengthM = wholeLength(given, clarityM, speedMs, windMs, rodM, because);
	const x = tippetOf(given, clarityM, speedMs, windMs, because);
	const diameter = tippetMm(x);
	const tippetM = Math.min(1.8, 0.5 + 0.25 * Math.max(0, x - 3) + (given.surface === 'glassy' ? 0.3 : 0));
	const butt = mmFromInch(0.021);
	const rest = lengthM - tippetM;
	return {
		lengthM,
		parts: [
			{ name: 'Butt', lengthM: 0.55 * rest, diameterMm: butt },
			{ name: 'Taper', lengthM: 0.45 * rest, diameterMm: (butt + diameter) / 2 },
			{ name: 'Tippet', lengthM: tippetM, diameterMm: diameter }
		],
		tippetX: x,
		tippetMm: diameter,
		strengthN: [strength(diameter, STRENGTH_N_PER_MM2[0]), strength(diameter, STRENGTH_N_PER_MM2[1])],
		...(given.second && { secondM: SECOND[given.second] }),
		knots: knotsOf(given),
		because
	};
}

const strength = (mm: number, perMm2: number): number => (Math.PI / 4) * mm * mm * perMm2;

/** Distances between two flies: flush and hanging ones behind the leading fly, a nymph beneath it. */
const SECOND = {
	flush: { least: 0.3, most: 0.6 },
	hanging: { least: 0.6, most: 0.75 },
	nymph: { least: 0.25, most: 0.35 }
} as const;

function wholeLength(
	{ surface }: RigFor,
	clarityM: number,
	speedMs: number,
	windMs: number,
	rodM: number,
	because: Phrase[]
): number {
	if (clarityM < 0.6 || speedMs > 0.8) {
		because.push({
			say:
				clarityM < 0.6 ? 'Coloured water: a short leader will do.' : 'Fast water: a short leader turns over.'
		});
		return 2.7;
	}
	if (surface === 'glassy' && clarityM > 1.2 && windMs < 3) {
		because.push({ say: 'Low, clear and glassy: up to twice the rod.' });
		return Math.min(2 * rodM, 5.4);
	}
	if (clarityM > 1.2) {
		because.push({
			say: windMs > 5 ? 'Clear, but the wind wants it shorter.' : 'Clear water: a long leader.'
		});
		return windMs > 5 ? 3 : 3.8;
	}
	because.push({ say: 'Water neither clear nor coloured: a middling leader.' });
	return 3.2;
}

function tippetOf(
	{ hookSize, surface, fish, bulky, school = 'as-fine-as-clear' }: RigFor,
	clarityM: number,
	speedMs: number,
	windMs: number,
	because: Phrase[]
): number {
	const delicate = !bulky && windMs <= 5;
	let x = hookSize / (delicate ? 3 : 4);
	because.push({
		say: delicate
			? 'A third of the hook size, for delicacy: {hook}.'
			: 'A quarter of the hook size, to turn over what the wind catches: {hook}.',
		with: { hook: { hookSize } }
	});
	// Clearer water never asks for stouter: each of these only ever goes one way.
	const clear = clarityM >= 2.5 ? 1 : clarityM >= 1.2 ? 0.5 : clarityM < 0.6 ? -1 : 0;
	if (clear < 0) because.push({ say: 'Coloured: stouter.' });
	if (school === 'as-fine-as-clear' && clear > 0)
		because.push({ say: 'Clear to {clarity}: finer.', with: { clarity: { distanceM: clarityM } } });
	x += school === 'as-fine-as-clear' ? clear : Math.min(0, clear);
	if (surface === 'glassy' && speedMs < 0.3 && school === 'as-fine-as-clear') {
		x += 0.5;
		because.push({ say: 'Slow and glassy: finer.' });
	}
	if (fish === 'large') {
		x -= school === 'never-too-fine' ? 1.5 : 1;
		because.push({ say: 'Large fish: stouter, so that the fight is short.' });
	}
	if (speedMs > 0.8) {
		x -= 0.5;
		because.push({ say: 'Heavy flow: stouter.' });
	}
	return Math.min(FINEST_X, Math.max(STOUTEST_X, Math.round(x)));
}

function knotsOf({ second, hookSize }: RigFor): string[] {
	return [
		'Leader to line: loop to loop, or a nail knot that runs through the rings.',
		'Taper to tippet: a three-turn surgeon’s knot, wetted before it is drawn up.',
		hookSize >= 18
			? 'Fly: a five-turn clinch knot, wetted, the tag cut close.'
			: 'Fly: a clinch knot; a loop knot for a fly that should swing.',
		...(second === 'nymph' ? ['Nymph: tied to the bend of the leading hook, about 30 cm beneath.'] : []),
		...(second && second !== 'nymph'
			? ['Second fly: tied to the bend of the leading hook, which stays dry and in sight.']
			: [])
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
	check('startM', startM, 0.1, 5, ' m');
	check('perKnotM', perKnotM, 0.01, 0.5, ' m');
	check('wantedM', wantedM, 0, 5, ' m');
	const leftM = Math.max(0, startM - changes * perKnotM);
	return {
		leftM,
		changesLeft: Math.max(0, Math.floor((leftM - wantedM) / perKnotM + 1e-9)),
		short: leftM < wantedM - 1e-9
	};
}

/** Sink rates in m/s, typical; makers vary (docs/method.md). */
export const SINK_RATES_MS = { intermediate: 0.045, 'slow-sink': 0.065, 'fast-sink': 0.14 } as const;
export type SinkingLine = keyof typeof SINK_RATES_MS;

/** A suspended fly hangs this far above the bed, m. */
const ABOVE_BED_M = 0.3;

export interface DepthPlan {
	/** Leader beneath the indicator, m. */
	leaderM: number;
	/** Depths of several flies through the whole column, m. */
	depthsM: number[];
	/** Seconds to count before the retrieve, by line, to reach just above the bed. */
	countdownS: Record<SinkingLine, number>;
	/** Deeper than a hand can cast a leader: the flies hang on a slip indicator, or a sinking line does it. */
	because: Phrase[];
}

/**
 * Depths on still water: a pupa 0.3 m above the bed, flies spaced through the column, and how long lines sink.
 *
 * `planDepth(4).leaderM` is 3.7.
 *
 * @throws RangeError for a depth outside 0.5 to 15 m
 */
export function planDepth(depthM: number, flies = 1): DepthPlan {
	check('depthM', depthM, 0.5, 15, ' m');
	check('flies', flies, 1, 4, '');
	const leaderM = depthM - ABOVE_BED_M;
	const count = Math.round(flies);
	const depthsM = Array.from({ length: count }, (_, i) => leaderM * ((i + 1) / count));
	const because: Phrase[] = [
		{
			say: 'A pupa hung {above} above the bed: the leader is {leader}.',
			with: { above: { distanceM: ABOVE_BED_M }, leader: { distanceM: leaderM } }
		}
	];
	if (leaderM > 6)
		because.push({ say: 'That is long to cast: a slip indicator, or a sinking line counted down.' });
	const entries = Object.entries(SINK_RATES_MS) as [SinkingLine, number][];
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
	if (!(mm >= tippetMm(FINEST_X + 0.5) && mm <= tippetMm(STOUTEST_X - 0.5)))
		throw new RangeError(
			`A tippet of ${mm} mm is outside ${tippetMm(FINEST_X).toFixed(3)} to ${tippetMm(STOUTEST_X).toFixed(3)} mm.`
		);
	return tippetX(mm);
}

function check(field: string, value: number | undefined, least: number, most: number, unit: string): void {
	if (value === undefined) return;
	if (!(value >= least && value <= most))
		throw new RangeError(`${field} is ${value}${unit}; use ${least} to ${most}${unit}.`);
}
