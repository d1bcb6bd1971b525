import type { Anatomy, Lab } from '../atlas';
import { ellipse, hexOf, line, patch, shaded, type Mark, type Point } from './figure';

/** What a drawing of an animal goes by that is not built like an insect on the move. */
export interface Animal {
	length: number;
	anatomy: Anatomy;
	colours: { belly: Lab; back: Lab };
}

/** A curved, side-flattened crustacean with a row of legs beneath. */
export function scud({ length, anatomy, colours }: Animal): Mark[] {
	const ink = { stroke: shaded(colours.back, 0.5), width: 0.014 * length };
	const arc = (share: number, out: number): Point => {
		const angle = Math.PI * (0.95 - 0.9 * share);
		return [(0.5 - 0.5 * Math.cos(Math.PI - angle) * 1) * length, (0.16 - out * Math.sin(angle)) * length];
	};
	const stations = Array.from({ length: 9 }, (_, i) => i / 8);
	const back = stations.map((t) => arc(t, 0.3 - 0.06 * t));
	const belly = stations.map((t) => arc(t, 0.1)).reverse();
	return [
		...stations.slice(1, 8).map((t) => {
			const [x, y] = arc(t, 0.11);
			return line(
				[
					[x, y],
					[x - 0.02 * length, y + 0.1 * length],
					[x + 0.03 * length, y + 0.17 * length]
				],
				ink
			);
		}),
		patch([...back, ...belly], { fill: hexOf(colours.belly), ...ink }),
		...stations
			.slice(1, 8)
			.map((t) => line([arc(t, 0.29 - 0.06 * t), arc(t, 0.2), arc(t, 0.11)], { ...ink, opacity: 0.7 })),
		ellipse([0.08 * length, 0.03 * length], 0.018 * length, 0.018 * length, { fill: '#111' }),
		...(anatomy.antennae === 'long' ? [-0.12, 0.02] : []).map((lift) =>
			line(
				[
					[0.03 * length, 0.04 * length],
					[-0.1 * length, lift * length],
					[-0.22 * length, (lift + 0.05) * length]
				],
				ink
			)
		)
	];
}

/** A crayfish: a long shield, claws held forward and a ringed tail ending in a fan. */
export function crayfish({ length, colours }: Animal): Mark[] {
	const ink = { stroke: shaded(colours.back, 0.5), width: 0.012 * length };
	const p = (x: number, y: number): Point => [x * length, y * length];
	const legs = [0.26, 0.32, 0.38, 0.44].map((x) =>
		line([p(x, 0.05), p(x - 0.02, 0.12), p(x - 0.07, 0.19)], ink)
	);
	const rings = [0.58, 0.66, 0.74, 0.82].map((x) => line([p(x, -0.09), p(x + 0.015, 0), p(x, 0.06)], ink));
	const feelers = [-0.2, -0.12].map((lift) =>
		line([p(0.03, -0.03), p(-0.15, lift), p(-0.38, lift + 0.06)], ink)
	);
	const claw = (reach: number): Mark =>
		patch(
			[
				p(0.14, 0.05),
				p(-0.02, 0.09 + reach),
				p(-0.2, 0.02 + reach),
				p(-0.12, 0.06 + reach),
				p(-0.22, 0.09 + reach),
				p(0, 0.14 + reach)
			],
			{ fill: hexOf(colours.back), ...ink }
		);
	return [
		...feelers,
		claw(-0.03),
		...legs,
		patch([p(0, -0.02), p(0.2, -0.1), p(0.5, -0.1), p(0.52, 0.06), p(0.25, 0.07), p(0.04, 0.03)], {
			fill: hexOf(colours.back),
			...ink
		}),
		patch([p(0.5, -0.1), p(0.72, -0.09), p(0.88, -0.03), p(0.88, 0.05), p(0.7, 0.07), p(0.5, 0.07)], {
			fill: hexOf(colours.belly),
			...ink
		}),
		...rings,
		patch([p(0.86, -0.03), p(1, -0.06), p(1.02, 0.03), p(1, 0.11), p(0.86, 0.06)], {
			fill: hexOf(colours.back),
			...ink
		}),
		claw(0.01),
		ellipse(p(0.06, -0.05), 0.014 * length, 0.014 * length, { fill: '#111' })
	];
}

/** A crab of fresh water from above: a broad shield, claws held forward, three legs of a side, the tail tucked under. */
export function crab({ length, colours }: Animal): Mark[] {
	const ink = { stroke: shaded(colours.back, 0.5), width: 0.014 * length };
	const p = (x: number, y: number): Point => [x * length, y * length];
	const sides = [1, -1] as const;
	return [
		...sides.flatMap((side) =>
			[0.4, 0.56, 0.7].map((x, i) =>
				line([p(x, 0.2 * side), p(x + 0.06 * (i - 1), 0.42 * side), p(x + 0.16 * i, 0.56 * side)], {
					...ink,
					width: 0.03 * length
				})
			)
		),
		...sides.map((side) =>
			patch(
				[
					p(0.26, 0.16 * side),
					p(0.06, 0.34 * side),
					p(-0.14, 0.26 * side),
					p(-0.3, 0.1 * side),
					p(-0.16, 0.16 * side),
					p(-0.26, 0.22 * side),
					p(-0.1, 0.4 * side),
					p(0.1, 0.46 * side),
					p(0.32, 0.26 * side)
				],
				{ fill: hexOf(colours.back), ...ink }
			)
		),
		patch(
			[
				p(0, 0),
				p(0.22, -0.18),
				p(0.55, -0.28),
				p(0.84, -0.2),
				p(0.95, 0),
				p(0.84, 0.2),
				p(0.55, 0.28),
				p(0.22, 0.18)
			],
			{ fill: hexOf(colours.back), ...ink }
		),
		patch([p(0.84, -0.16), p(1, -0.08), p(1, 0.08), p(0.84, 0.16)], { fill: hexOf(colours.belly), ...ink }),
		line([p(0.5, -0.24), p(0.58, 0), p(0.5, 0.24)], { ...ink, opacity: 0.7 }),
		...sides.map((side) => ellipse(p(0.1, 0.08 * side), 0.022 * length, 0.022 * length, { fill: '#111' }))
	];
}

/** A water flea: a clear round shell with one dark eye, rowing with branched antennae. */
export function flea({ length, colours }: Animal): Mark[] {
	const ink = { stroke: shaded(colours.back, 0.6), width: 0.018 * length };
	const p = (x: number, y: number): Point => [x * length, y * length];
	const oars = [-0.12, 0, 0.12].map((spread) =>
		line([p(0.2, -0.12), p(0.08, -0.4), p(-0.02 + spread, -0.55)], ink)
	);
	return [
		...oars,
		line([p(0.82, 0.1), p(0.95, 0.14), p(1.12, 0.16)], ink),
		patch(
			[
				p(0, 0.02),
				p(0.12, -0.2),
				p(0.45, -0.34),
				p(0.8, -0.2),
				p(0.92, 0.1),
				p(0.6, 0.36),
				p(0.22, 0.26),
				p(0.16, 0.1)
			],
			{
				fill: hexOf(colours.belly),
				opacity: 0.75,
				...ink
			}
		),
		line([p(0.2, 0), p(0.45, -0.06), p(0.62, 0.1), p(0.6, 0.24)], {
			...ink,
			width: 0.05 * length,
			opacity: 0.7
		}),
		ellipse(p(0.11, -0.06), 0.045 * length, 0.045 * length, { fill: '#111' })
	];
}
