import { BINOCULARS_FACTOR, WING_TIP_FACTOR, type WaterKind } from '../atlas';
import type { Measured } from '../vocabulary';
import { words, type Message } from '../message';

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
const LARGE_MM = 18;
const SHORT_FACTOR = 0.7;

/** Makers vary by about one size; over two is a slip of the ruler. */
const MOST_OFFSET = 2;

/** Lengths for which there is a hook, mm. */
export const HOOK_FOR_MM = { least: 1.5, most: 60 } as const;

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

export interface HookChoice {
	size: number;
	/** Body length the fly will have, mm. */
	dressedMm: number;
	/** Body length of the natural, mm. */
	bodyMm: number;
	/** The hook at life size, where by custom the fly is dressed shorter or larger. */
	lifeSize?: number;
	/** One size smaller and one larger, where there is one. */
	neighbours: { size: number; dressedMm: number }[];
	because: Message[];
}

/** Factor from what was measured to the body alone, when the animal is not known: middles of the usual ranges. */
const BODY_SHARE: Record<Measured, number> = {
	body: 1,
	'to-wing-tips': 1 / WING_TIP_FACTOR,
	'with-tails': 1 / 1.6,
	'against-hook': 1,
	binoculars: 1 / BINOCULARS_FACTOR
};
const says = words('hook', {
	body: 'Body {body}; a fly dressed on {hook} is {dressed} long.',
	'to-wing-tips': 'Measured to the wing tips, {length}: the body alone is shorter.',
	'with-tails': 'Measured with the tails, {length}: the body alone is shorter.',
	binoculars: 'Seen through binoculars as {length}: they make it look about two sizes larger.',
	'dressed-short': 'Large naturals are by custom dressed shorter than life; at life size it would be {life}.',
	'dressed-larger': 'Dressed larger than life by custom; at life size it would be {life}.',
	makers: 'Makers differ by about one size, so another guide may call it {other}.'
});

/**
 * The hook on which a fly comes nearest to a natural's length, with its neighbours and why guides may disagree.
 *
 * `hookFor(7, 'body', DRY_HOOK).size` is 16; measured to the wing tips, 18.
 *
 * @param lengthMm as measured, 1.5 to 60 mm
 * @param measured what was measured: the body, to the folded wing tips, or with the tails
 * @throws RangeError naming the length when it is outside that range
 */
export function hookFor(lengthMm: number, measured: Measured, hook: Hook): HookChoice {
	const { least, most } = HOOK_FOR_MM;
	if (!(lengthMm >= least && lengthMm <= most))
		throw new RangeError(`A length of ${lengthMm} mm is outside ${least} to ${most} mm.`);
	const bodyMm = lengthMm * BODY_SHARE[measured];
	const short = hook.dressShort && bodyMm > LARGE_MM;
	const larger = (hook.sizesUp ?? 0) > 0;
	const wantedMm = targetMm(bodyMm, hook);
	const size = nearestSize(wantedMm, hook);
	const lifeSize = nearestSize(bodyMm, hook);
	const at = HOOK_SIZES.indexOf(size);
	const neighbours = [HOOK_SIZES[at - 1], HOOK_SIZES[at + 1]]
		.filter((s) => s !== undefined)
		.map((s) => ({ size: s, dressedMm: dressedMm(s, hook) }));

	const because: Message[] = [
		says('body', {
			body: { lengthMm: bodyMm },
			hook: { hookSize: size },
			dressed: { lengthMm: dressedMm(size, hook) }
		})
	];
	if (measured !== 'body' && measured !== 'against-hook')
		because.push(says(measured, { length: { lengthMm } }));
	if (short) because.push(says('dressed-short', { life: { hookSize: lifeSize } }));
	if (larger) because.push(says('dressed-larger', { life: { hookSize: lifeSize } }));
	because.push(says('makers', { other: { hookSize: nearestOther(neighbours, wantedMm, size) } }));
	return {
		size,
		dressedMm: dressedMm(size, hook),
		bodyMm,
		...((short || larger) && { lifeSize }),
		neighbours,
		because
	};
}

/** The even hook whose fly is nearest to a length in mm. */
function nearestSize(wantedMm: number, hook: Hook): number {
	const distance = (size: number) => Math.abs(Math.log(dressedMm(size, hook) / wantedMm));
	return HOOK_SIZES.reduce((best, next) => (distance(next) < distance(best) ? next : best));
}

function nearestOther(neighbours: HookChoice['neighbours'], wantedMm: number, size: number): number {
	const [first, second] = neighbours;
	if (!first) return second?.size ?? size;
	if (!second) return first.size;
	const off = (mm: number) => Math.abs(Math.log(mm / wantedMm));
	return off(first.dressedMm) < off(second.dressedMm) ? first.size : second.size;
}
