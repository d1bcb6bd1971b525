import type { Anatomy } from '../atlas';
import { crab, crayfish, flea, scud, type Animal } from './crustaceans';
import { ellipse, hexOf, line, patch, shaded, type Mark, type Point } from './figure';

/** Animals that are not built like an insect on the move, seen from the side with the head to the left. */
export const OTHER_BUILDS: Partial<Record<Anatomy['build'], (animal: Animal) => Mark[]>> = {
	scud,
	oval,
	shell,
	ribbon,
	fish,
	crayfish,
	crab,
	flea,
	egg
};

/** An egg of a fish: a clear ball with a spot of oil. */
function egg({ length, colours }: Animal): Mark[] {
	const at = (x: number, y: number): Point => [x * length, y * length];
	return [
		ellipse(at(0.5, 0), 0.5 * length, 0.5 * length, {
			fill: hexOf(colours.belly),
			opacity: 0.85,
			stroke: shaded(colours.back, 0.7),
			width: 0.03 * length
		}),
		ellipse(at(0.36, -0.16), 0.14 * length, 0.14 * length, { fill: shaded(colours.back, 0.75) }),
		ellipse(at(0.62, -0.24), 0.07 * length, 0.05 * length, { fill: '#fff', opacity: 0.6 })
	];
}

/** The hind legs that jump or row; plain ones are drawn with the others. */
function hindLegs(
	length: number,
	kind: Animal['anatomy']['hindLegs'],
	leg: { stroke: string; width: number }
): Mark[] {
	if (kind === 'jumping')
		return [
			line(
				[
					[0.5 * length, 0.04 * length],
					[0.78 * length, -0.26 * length],
					[0.92 * length, 0.24 * length]
				],
				{ ...leg, width: 0.04 * length }
			)
		];
	if (kind === 'rowing')
		return [
			line(
				[
					[0.55 * length, 0.05 * length],
					[0.8 * length, 0.2 * length],
					[1.12 * length, 0.16 * length]
				],
				{ ...leg, width: 0.035 * length }
			)
		];
	return [];
}

/** A beetle, bug or hopper: a domed back, wing cases and the hind legs that tell them apart. */
function oval(animal: Animal): Mark[] {
	const { length, anatomy, colours } = animal;
	if (anatomy.legs === 8) return spider(animal);
	const edge = { stroke: shaded(colours.back, 0.45), width: 0.016 * length };
	const tall = anatomy.hindLegs === 'jumping' ? 0.13 : 0.2;
	const leg = { stroke: shaded(colours.back, 0.7), width: 0.024 * length };
	const legs = [0.24, 0.36, 0.48].map((t) =>
		line(
			[
				[t * length, 0.05 * length],
				[(t - 0.05) * length, 0.15 * length],
				[(t - 0.1) * length, 0.24 * length]
			],
			leg
		)
	);
	return [
		...legs,
		patch(
			[
				[0.02 * length, 0.02 * length],
				[0.14 * length, -tall * 0.7 * length],
				[0.45 * length, -tall * length],
				[0.82 * length, -tall * 0.75 * length],
				[length, 0.02 * length],
				[0.7 * length, 0.09 * length],
				[0.3 * length, 0.09 * length]
			],
			{ fill: hexOf(colours.back), ...edge }
		),
		patch(
			[
				[0.05 * length, 0.03 * length],
				[0.5 * length, 0.02 * length],
				[0.95 * length, 0.03 * length],
				[0.7 * length, 0.09 * length],
				[0.3 * length, 0.09 * length]
			],
			{
				fill: hexOf(colours.belly)
			}
		),
		line(
			[
				[0.25 * length, -tall * 0.86 * length],
				[0.28 * length, -tall * 0.3 * length],
				[0.26 * length, 0.04 * length]
			],
			edge
		),
		ellipse([0.08 * length, -0.03 * length], 0.03 * length, 0.035 * length, { fill: '#171412' }),
		...hindLegs(length, anatomy.hindLegs, leg)
	];
}

/** A spider: a round hind body, a small fore one, and four legs of a side that bend high. */
function spider({ length, colours }: Animal): Mark[] {
	const leg = { stroke: shaded(colours.back, 0.7), width: 0.022 * length };
	const p = (x: number, y: number): Point => [x * length, y * length];
	const legs = [-0.32, -0.12, 0.1, 0.34].map((foot) =>
		line([p(0.26, 0.02), p(0.26 + 0.6 * foot, -0.2), p(0.26 + foot, 0.24)], leg)
	);
	const edge = { stroke: shaded(colours.back, 0.45), width: 0.016 * length };
	return [
		...legs,
		ellipse(p(0.66, -0.03), 0.33 * length, 0.2 * length, { fill: hexOf(colours.back), ...edge }),
		ellipse(p(0.66, 0.06), 0.24 * length, 0.09 * length, { fill: hexOf(colours.belly) }),
		ellipse(p(0.22, 0), 0.17 * length, 0.11 * length, { fill: hexOf(colours.back), ...edge }),
		ellipse(p(0.1, -0.03), 0.02 * length, 0.02 * length, { fill: '#171412' })
	];
}

/** A snail in its coil. */
function shell({ length, colours }: Animal): Mark[] {
	const edge = { stroke: shaded(colours.back, 0.5), width: 0.025 * length };
	const turns = Array.from({ length: 22 }, (_, i): Point => {
		const angle = i * 0.62;
		const radius = 0.4 * length * (1 - i / 24);
		return [0.58 * length + radius * Math.cos(angle), -0.12 * length + radius * 0.85 * Math.sin(angle)];
	});
	return [
		patch(
			[
				[0, 0.26 * length],
				[0.1 * length, 0.14 * length],
				[0.9 * length, 0.2 * length],
				[length, 0.28 * length]
			],
			{ fill: hexOf(colours.belly), ...edge }
		),
		ellipse([0.58 * length, -0.12 * length], 0.41 * length, 0.35 * length, {
			fill: hexOf(colours.back),
			...edge
		}),
		line(turns, edge)
	];
}

/** A leech or worm: a ribbon with rings. */
function ribbon({ length, colours }: Animal): Mark[] {
	const wave = (t: number): number => 0.07 * Math.sin(t * 5.5) * length;
	const half = (t: number): number =>
		(0.02 + 0.035 * Math.sin(Math.PI * Math.min(1, t * 0.85 + 0.1))) * length;
	const stations = Array.from({ length: 15 }, (_, i) => i / 14);
	const edge = { stroke: shaded(colours.back, 0.5), width: 0.012 * length };
	return [
		patch(
			[
				...stations.map((t): Point => [t * length, wave(t) - half(t)]),
				...stations.map((t): Point => [t * length, wave(t) + half(t)]).reverse()
			],
			{ fill: hexOf(colours.back), ...edge }
		),
		...stations.slice(1, 14).map((t) =>
			line(
				[
					[t * length, wave(t) - half(t)],
					[t * length, wave(t)],
					[t * length, wave(t) + half(t)]
				],
				{ ...edge, opacity: 0.6 }
			)
		)
	];
}

/** A small fish. */
function fish({ length, colours }: Animal): Mark[] {
	const edge = { stroke: shaded(colours.back, 0.5), width: 0.014 * length };
	return [
		patch(
			[
				[0, 0],
				[0.25 * length, -0.1 * length],
				[0.6 * length, -0.075 * length],
				[0.86 * length, -0.02 * length],
				[0.86 * length, 0.03 * length],
				[0.55 * length, 0.1 * length],
				[0.22 * length, 0.1 * length]
			],
			{ fill: hexOf(colours.belly), ...edge }
		),
		patch(
			[
				[0, 0],
				[0.25 * length, -0.1 * length],
				[0.6 * length, -0.075 * length],
				[0.86 * length, -0.02 * length],
				[0.5 * length, -0.01 * length]
			],
			{ fill: hexOf(colours.back) }
		),
		patch(
			[
				[0.84 * length, 0],
				[length, -0.09 * length],
				[0.95 * length, 0],
				[length, 0.09 * length]
			],
			{ fill: hexOf(colours.back), ...edge }
		),
		ellipse([0.08 * length, -0.01 * length], 0.025 * length, 0.025 * length, {
			fill: '#f4f4ee',
			stroke: '#111',
			width: 0.012 * length
		})
	];
}
