import type { WaterKind } from '../atlas';

/** Hooks a fly can be dressed on: a straight dry-fly shank, a curved one, a nymph shank. */
export const HOOK_FAMILIES = ['dry', 'curved', 'nymph'] as const;
export type HookFamily = (typeof HOOK_FAMILIES)[number];

export interface Hook {
	family: HookFamily;
	/** "X long" of the shank; below 0 is "X short". */
	longX: number;
	/** Even steps by which this guide's hooks run larger (above 0) or smaller than the table; their own calibration. */
	offsetSteps: number;
	/** Dress naturals over 18 mm shorter than life. */
	dressShort: boolean;
	/** Even sizes by which the fly is to be larger than life. */
	sizesUp?: number;
}

/** A guide's own hooks against the table, even steps by family, and by which customs flies are sized. */
export interface HookCalibration {
	steps?: { [F in HookFamily]?: number | undefined } | undefined;
	/** Nymphs of large naturals are dressed shorter than life; the usual custom. */
	dressShort?: boolean | undefined;
	/** Dry flies of large naturals as well. */
	shortDries?: boolean | undefined;
	/** Pupae of still water so many even sizes larger than life. */
	pupaeUp?: number | undefined;
}

/** By how many sizes pupae of still water may be dressed larger. */
export const PUPAE_UP = [0, 1, 2] as const;

/** The customs that hold on a water: pupae are dressed larger for still water alone. */
export const customsOn = (
	water: WaterKind,
	hooks: HookCalibration | undefined
): HookCalibration | undefined => (water === 'lake' ? hooks : hooks && { ...hooks, pupaeUp: 0 });

export const DRY_HOOK: Hook = { family: 'dry', longX: 0, offsetSteps: 0, dressShort: false };
export const CURVED_HOOK: Hook = { family: 'curved', longX: 0, offsetSteps: 0, dressShort: false };
export const NYMPH_HOOK: Hook = { family: 'nymph', longX: 2, offsetSteps: 0, dressShort: true };

/**
 * Dressed body length in mm on a standard dry-fly hook, by size. Field rule: makers vary by about one size,
 * each even step is about 1.2 times (docs/method.md).
 */
const DRESSED_MM: ReadonlyMap<number, number> = new Map([
	[28, 2.2],
	[26, 2.7],
	[24, 3.2],
	[22, 3.9],
	[20, 4.8],
	[18, 5.9],
	[16, 7.2],
	[14, 8.7],
	[12, 10.3],
	[10, 12.3],
	[8, 14.6],
	[6, 17.5],
	[4, 20.5],
	[2, 24]
]);
/** Even hook sizes, smallest first. */
export const HOOK_SIZES: readonly number[] = [...DRESSED_MM.keys()];

const EVEN_STEP = 1.2;
/** Each X is half an even step of shank. */
const STEPS_PER_X = 0.5;
/** Curved shanks carry about one even size more body for the same gape. */
const CURVED_STEPS = 1;
/** Naturals longer than this are by custom dressed at 60 to 80 % of life; the middle. */
export const LARGE_MM = 18;
const SHORT_FACTOR = 0.7;

/** Makers vary by about one size; over two is a slip of the ruler. */
const MOST_OFFSET = 2;

/**
 * Body length in mm that a fly dressed on this hook has.
 *
 * `dressedMm(16, DRY_HOOK)` is 7.2.
 *
 * @throws RangeError for a size that is not an even hook from 2 to 28
 */
export function dressedMm(size: number, hook: Hook): number {
	const base = DRESSED_MM.get(size);
	if (base === undefined)
		throw new RangeError(`Hook ${size} is not on the table; use an even size from 2 to 28.`);
	const steps = hook.longX * STEPS_PER_X + hook.offsetSteps + (hook.family === 'curved' ? CURVED_STEPS : 0);
	return base * EVEN_STEP ** steps;
}

/**
 * Even steps by which a guide's hooks run larger than the table, from one of them laid on the measuring card.
 *
 * `calibrate(16, 7.9, DRY_HOOK)` is about half a step.
 *
 * @param dressed the dressed length of that hook, mm
 * @throws RangeError when the hook is not on the table, or over two steps away from it
 */
export function calibrate(size: number, dressed: number, hook: Hook): number {
	const steps = Math.log(dressed / dressedMm(size, { ...hook, offsetSteps: 0 })) / Math.log(EVEN_STEP);
	if (!(Math.abs(steps) <= MOST_OFFSET))
		throw new RangeError(
			`${dressed} mm on hook ${size} is over ${MOST_OFFSET} sizes away from the table; measure the dressed body, not the hook.`
		);
	return Math.round(steps * 20) / 20;
}

/** Body length in mm that a fly is to have for a natural: life size, or by custom short for large ones, or sizes larger. */
export function targetMm(
	naturalMm: number,
	{ dressShort, sizesUp = 0 }: Pick<Hook, 'dressShort' | 'sizesUp'>
): number {
	// Just above the limit a full cut would make the larger natural's fly smaller than its neighbour's.
	const dressed =
		dressShort && naturalMm > LARGE_MM ? Math.max(LARGE_MM, naturalMm * SHORT_FACTOR) : naturalMm;
	return dressed * EVEN_STEP ** sizesUp;
}
