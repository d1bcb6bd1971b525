import { ellipse, line, patch, polygon, type Mark, type Point } from './figure';
import type { Insect } from './insect-body';

/** The case that a caddis larva lives in, in the form that its genus builds. */
export function caseOf(insect: Insect): Mark[] {
	const { length, anatomy, caseForm } = insect;
	if (anatomy.case === 'none') return [];
	if (caseForm === 'coil') return coil(length);
	if (caseForm === 'saddle') return saddle(length);
	const grows = anatomy.case === 'square' ? 0.5 : 0.85;
	const colour = { stones: '#7d7a70', plants: '#6b5a36', square: '#5d4a2f' }[anatomy.case];
	const edge = '#33291a';
	const outline: Point[] = [
		[0.2 * length, -0.27 * length],
		[1.2 * length, -0.27 * length * grows],
		[1.2 * length, 0.06 * length + 0.08 * length * grows],
		[0.2 * length, 0.14 * length]
	];
	const rows = anatomy.case === 'square' ? 9 : 6;
	return [
		polygon(outline, { fill: colour, stroke: edge, width: 0.014 * length }),
		...Array.from({ length: rows }, (_, i) => {
			const x = (0.2 + (i + 1) / (rows + 1)) * length;
			const slant = anatomy.case === 'plants' ? 0.12 * length : 0;
			return line(
				[
					[x - slant, -0.24 * length * (1 - ((1 - grows) * (i + 1)) / rows)],
					[x + slant, 0.12 * length * (1 - ((1 - grows) * (i + 1)) / rows)]
				],
				{ stroke: edge, width: 0.01 * length, opacity: 0.7 }
			);
		})
	];
}

const GRAINS = { fill: '#7d7a70', stroke: '#33291a' };

/** A case of grains coiled like a small snail. */
function coil(length: number): Mark[] {
	const [x, y] = [0.66 * length, -0.14 * length];
	const turns = Array.from({ length: 20 }, (_, i): Point => {
		const radius = 0.5 * length * (1 - i / 22);
		return [x + radius * Math.cos(2.6 + 0.6 * i), y + 0.82 * radius * Math.sin(2.6 + 0.6 * i)];
	});
	return [
		ellipse([x, y], 0.52 * length, 0.43 * length, { ...GRAINS, width: 0.014 * length }),
		line(turns, { stroke: GRAINS.stroke, width: 0.02 * length }),
		...turns
			.slice(2)
			.map(([px, py]) => ellipse([px, py], 0.03 * length, 0.025 * length, { fill: '#a09a88', opacity: 0.8 }))
	];
}

/** A dome of small stones over the whole grub. */
function saddle(length: number): Mark[] {
	const stones: readonly Point[] = [
		[0.2, -0.02],
		[0.42, -0.16],
		[0.68, -0.2],
		[0.9, -0.12],
		[0.34, 0.02],
		[0.6, -0.02],
		[0.84, 0.03]
	];
	return [
		patch(
			[
				[0.04 * length, 0.12 * length],
				[0.14 * length, -0.14 * length],
				[0.55 * length, -0.34 * length],
				[0.98 * length, -0.16 * length],
				[1.08 * length, 0.12 * length]
			],
			{ ...GRAINS, width: 0.014 * length }
		),
		...stones.map(([x, y]) =>
			ellipse([x * length, y * length], 0.12 * length, 0.08 * length, {
				fill: '#979181',
				stroke: GRAINS.stroke,
				width: 0.008 * length
			})
		)
	];
}
