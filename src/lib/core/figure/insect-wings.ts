import type { Anatomy } from '../atlas';
import { hexOf, line, patch, shaded, type Mark, type Point } from './figure';
import { at, type Insect } from './insect-body';

export function wingInk({ length, anatomy, colours }: Insect, opacity: number) {
	const wing = colours.wing ?? colours.back;
	return {
		fill: hexOf(wing),
		stroke: shaded(wing, 0.5),
		width: 0.012 * length,
		opacity: anatomy.wingLook === 'clear' ? opacity * 0.55 : opacity
	};
}

/** Veins from a wing's root towards its edge. */
function veins(insect: Insect, root: Point, edge: readonly Point[]): Mark[] {
	const wing = insect.colours.wing ?? insect.colours.back;
	const spots = insect.anatomy.wingLook === 'patterned' ? 0.55 : 0.4;
	return edge.map(([x, y]) =>
		line(
			[
				root,
				[root[0] * 0.45 + x * 0.55, root[1] * 0.45 + y * 0.55],
				[root[0] * 0.08 + x * 0.92, root[1] * 0.08 + y * 0.92]
			],
			{
				stroke: shaded(wing, 0.5),
				width: 0.007 * insect.length,
				opacity: spots
			}
		)
	);
}

function uprightWing(insect: Insect, lean: number, opacity: number): Mark[] {
	const { length, anatomy } = insect;
	const span = anatomy.wingLength * length;
	const root = at(insect, 0.24, -0.9);
	const tip: Point = [root[0] + span * (0.42 + lean), root[1] - span * 0.9];
	const trailing: Point = [root[0] + span * (0.72 + lean), root[1] - span * 0.5];
	const heel: Point = [root[0] + span * 0.36, root[1] - span * 0.06];
	const leading: Point = [root[0] + span * (0.1 + lean * 0.5), root[1] - span * 0.55];
	return [
		patch([root, leading, tip, trailing, heel], wingInk(insect, opacity)),
		...veins(insect, root, [tip, trailing, [(tip[0] + trailing[0]) / 2, (tip[1] + trailing[1]) / 2]])
	];
}

/** A wing lying out on the water, seen a little from above. */
function spentWing(insect: Insect, side: number, opacity: number): Mark[] {
	const { length, anatomy } = insect;
	const span = anatomy.wingLength * length;
	const root = at(insect, 0.25, side > 0 ? 0.3 : -0.5);
	const tip: Point = [root[0] - span * 0.12 * side + span * 0.08, root[1] + side * span * 0.42];
	return [
		patch(
			[
				root,
				[root[0] - span * 0.04, root[1] + side * span * 0.22],
				tip,
				[tip[0] + span * 0.2, tip[1] - side * span * 0.04],
				[root[0] + span * 0.2, root[1] + side * span * 0.16]
			],
			wingInk(insect, opacity)
		),
		...veins(insect, root, [tip, [tip[0] + span * 0.16, tip[1] - side * span * 0.04]])
	];
}

export function farWings(insect: Insect): Mark[] {
	const { wings } = insect.anatomy;
	if (wings === 'upright') return uprightWing(insect, 0.1, 0.55);
	if (wings === 'spent') return spentWing(insect, -1, 0.8);
	return [];
}

/** Folded flat along the back, as stoneflies and midges do. */
function flatWing(insect: Insect): Mark[] {
	const { length, anatomy } = insect;
	const span = anatomy.wingLength * length;
	const root = at(insect, 0.2, -0.75);
	const tip: Point = [root[0] + span * 0.97, root[1] - 0.03 * length];
	const below: Point = [root[0] + span * 0.85, root[1] + 0.085 * length];
	return [
		patch(
			[
				root,
				[root[0] + span * 0.3, root[1] - 0.05 * length],
				tip,
				below,
				[root[0] + span * 0.35, root[1] + 0.075 * length]
			],
			wingInk(insect, 0.92)
		),
		...veins(insect, root, [tip, [(tip[0] + below[0]) / 2, (tip[1] + below[1]) / 2], below])
	];
}

/** A ridged roof over the back, as caddisflies and alderflies do. */
function tentWing(insect: Insect): Mark[] {
	const { length, anatomy } = insect;
	const span = anatomy.wingLength * length;
	const root = at(insect, 0.2, -0.75);
	const ridge: Point = [root[0] + span * 0.55, root[1] - 0.16 * length];
	const tip: Point = [root[0] + span * 0.98, root[1] - 0.02 * length];
	const edge: Point = [root[0] + span * 0.85, root[1] + 0.17 * length];
	const low: Point = [root[0] + span * 0.3, root[1] + 0.14 * length];
	return [
		patch([root, ridge, tip, edge, low], wingInk(insect, 0.95)),
		...veins(insect, root, [ridge, tip, edge, [(tip[0] + edge[0]) / 2, (tip[1] + edge[1]) / 2]])
	];
}

/** Still wet, or in its sheath. */
function crumpledWing(insect: Insect): Mark[] {
	const { anatomy, length } = insect;
	const span = anatomy.wingLength * length;
	const root = at(insect, 0.2, -0.75);
	const raised =
		insect.stage === 'cripple' ? 1 : anatomy.build === 'comma' || insect.stage === 'pupa' ? -0.55 : 0.45;
	return [
		patch(
			[
				at(insect, 0.16, -0.8 * Math.sign(raised)),
				[root[0] + span * 0.05, root[1] - span * 0.5 * raised],
				[root[0] + span * 0.4, root[1] - span * 0.62 * raised],
				[root[0] + span * 0.5, root[1] - span * 0.2 * raised],
				at(insect, 0.36, -0.7 * Math.sign(raised))
			],
			wingInk(insect, 0.9)
		)
	];
}

/** Held out from the body, a pair on this side. */
function spreadWings(insect: Insect): Mark[] {
	const { length, anatomy } = insect;
	const span = anatomy.wingLength * length;
	const root = at(insect, 0.2, -0.75);
	return [-0.34, -0.16].map((rise, i) =>
		patch(
			[
				root,
				[root[0] + span * (0.3 + 0.1 * i), root[1] + rise * 1.5 * length],
				[root[0] + span, root[1] + rise * 1.6 * length],
				[root[0] + span * 0.85, root[1] + rise * 0.8 * length]
			],
			wingInk(insect, 0.95)
		)
	);
}

const NEAR_WINGS: Record<Anatomy['wings'], (insect: Insect) => Mark[]> = {
	upright: (insect) => uprightWing(insect, 0, 0.9),
	spent: (insect) => spentWing(insect, 1, 0.85),
	flat: flatWing,
	tent: tentWing,
	crumpled: crumpledWing,
	spread: spreadWings,
	none: () => []
};

export const nearWings = (insect: Insect): Mark[] => NEAR_WINGS[insect.anatomy.wings](insect);
