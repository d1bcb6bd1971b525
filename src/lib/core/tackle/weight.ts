import { numbers } from '../rule';
import type { Style } from './style';

/** What makes a fly sink: a bead of so many mm, turns of lead-free wire under the dressing, or nothing but its hook. */
export interface Weighting {
	beadMm?: number | undefined;
	/** Turns of wire as thick as the hook's own. */
	turns?: number | undefined;
}

/** Beads as they are sold, mm. */
export const BEADS_MM = [1.5, 2, 2.5, 2.8, 3.3, 3.8, 4.6, 5.5] as const;

export const WEIGHT = numbers(
	'tackle.weight',
	{
		unit: 'weight',
		range: [0, 20],
		source:
			'Densities of sintered tungsten, tin wire and carbon steel in g/cm³ from tables of materials; Hoerner, S. F. (1965), Fluid-Dynamic Drag, for a blunt body; field rule for the rest'
	},
	{
		tungsten: 17,
		wire: 7.3,
		steel: 7.8,
		/** Of a bead's ball, what is left beside its bore. */
		bored: 0.7,
		blunt: 1.1,
		/** Of the dressing’s side, what its fibres add to what faces the flow. */
		fibres: 0.5,
		/** Breadth of a dressing for its length, at its sparsest and at its bushiest. */
		slimmest: 0.16,
		bushiest: 0.5,
		/** Hook wire for its dressed length, as thick and as long. */
		wireThick: 0.055,
		wireLong: 2.2,
		/** Length of wire that a turn takes, in dressing breadths. */
		turnLong: 2.5,
		/** A straight line through the beads that are worn, by the length of the fly: 2 mm on a size 18, 2.8 on a 14. */
		beadForLength: 0.22,
		beadLeastMm: 0.9
	}
);
const W = WEIGHT.values;

const GRAVITY = 9.81;
const WATER_G_CM3 = 1;
const MM3_G_TO_KG = 1e-6;
const MM2_TO_M2 = 1e-6;

/** A dressed fly as water meets it. */
export interface FlyInWater {
	/** Weight under water, N. */
	submergedN: number;
	/** Drag area, m²: the coefficient times what faces the flow. */
	dragAreaM2: number;
}

/** The bead that a style wears in a size when nobody says another: the commonest for its length; none without one. */
export function usualWeighting({ parts }: Pick<Style, 'parts'>, dressedMm: number): Weighting {
	if (!parts.bead) return {};
	const wanted = W.beadForLength * dressedMm + W.beadLeastMm;
	const beadMm = BEADS_MM.reduce((best, next) =>
		Math.abs(next - wanted) < Math.abs(best - wanted) ? next : best
	);
	return { beadMm };
}
const ballMm3 = (mm: number): number => (Math.PI / 6) * mm ** 3;
const roundMm2 = (mm: number): number => (Math.PI / 4) * mm ** 2;

/**
 * Weight under water and drag of a dressed fly, from its hook, bead and wire, and how bushy it is.
 *
 * @param bulk 0 sparse to 1 bushy; @param dressedMm length of its body, mm
 * @throws RangeError for a length, a bead or turns that no fly has
 */
export function inWater(
	{ bulk }: Pick<Style, 'bulk'>,
	dressedMm: number,
	{ beadMm = 0, turns = 0 }: Weighting
): FlyInWater {
	if (!(dressedMm > 0)) throw new RangeError(`${dressedMm} mm is no length of a fly.`);
	if (!(beadMm >= 0 && beadMm <= MOST_BEAD_MM))
		throw new RangeError(`A bead of ${beadMm} mm; use 0 to ${MOST_BEAD_MM} mm.`);
	if (!(turns >= 0 && turns <= MOST_TURNS))
		throw new RangeError(`${turns} turns of wire; use 0 to ${MOST_TURNS}.`);
	const wireMm = W.wireThick * dressedMm;
	const breadthMm = (W.slimmest + (W.bushiest - W.slimmest) * bulk) * dressedMm;
	const hookMm3 = roundMm2(wireMm) * W.wireLong * dressedMm;
	const turnsMm3 = roundMm2(wireMm) * W.turnLong * breadthMm * turns;
	const grams =
		hookMm3 * (W.steel - WATER_G_CM3) +
		turnsMm3 * (W.wire - WATER_G_CM3) +
		W.bored * ballMm3(beadMm) * (W.tungsten - WATER_G_CM3);
	return {
		submergedN: grams * MM3_G_TO_KG * GRAVITY,
		dragAreaM2:
			W.blunt * (roundMm2(Math.max(beadMm, breadthMm)) + W.fibres * breadthMm * dressedMm) * MM2_TO_M2
	};
}
const MOST_BEAD_MM = 8;
const MOST_TURNS = 40;
