import { BINOCULARS_FACTOR, WING_TIP_FACTOR } from '../atlas';
import { words, type Message } from '../message';
import type { Measured } from '../vocabulary';
import { dressedMm, HOOK_SIZES, LARGE_MM, targetMm, type Hook } from './hook';

/** Lengths for which there is a hook, mm. */
export const HOOK_FOR_MM = { least: 1.5, most: 60 } as const;

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
