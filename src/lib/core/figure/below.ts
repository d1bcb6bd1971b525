import { SHADES, type Lab } from '../atlas';
import { isParticular, outlineOf, type Hypothesis } from '../likeness';
import {
	hookOf,
	STYLES,
	type Outline,
	type Pattern,
	type Style,
	dressedMm,
	type HookCalibration
} from '../tackle';
import { drawInsect } from './insect';
import { ellipse, figureOf, hexOf, line, patch, shaded, type Figure, type Mark, type Point } from './figure';
import type { FlyFigure } from './fly';

/** What a fish sees of something from beneath. */
interface Underside {
	lengthMm: number;
	outline: Outline;
	belly: Lab;
	wing?: Lab | undefined;
	/** Fibres that dent the film round the thorax: of a hackle, more than of legs. */
	dents: number;
	/** Share of the body that lies in the film; the rest hangs and looks short. */
	inFilm: number;
	/** A hook's bend behind the body. */
	hook: boolean;
}

/** The natural seen from beneath, head to the left, at true scale in mm. */
export function naturalFromBelow(hypothesis: Hypothesis): Figure {
	const { lengthMm, colours } = hypothesis;
	const outline = outlineOf(hypothesis);
	return underside({
		lengthMm,
		outline,
		belly: colours.belly,
		wing: colours.wing,
		dents: outline === 'scud' || outline === 'grub' || outline === 'pupa' || outline === 'ribbon' ? 0 : 6,
		inFilm: outline === 'hanging' ? 0.45 : 1,
		hook: false
	});
}

/** The fly seen from beneath, eye to the left, at true scale in mm. */
export function flyFromBelow(pattern: Pattern, hookSize: number, calibration?: HookCalibration): Figure {
	const style: Style = STYLES[pattern.style];
	const { hackle } = style.parts;
	return underside({
		lengthMm: dressedMm(hookSize, hookOf(style, calibration)),
		outline: style.outline,
		belly: SHADES[pattern.belly],
		wing: pattern.wing && SHADES[pattern.wing],
		dents: hackle === 'none' ? 0 : hackle === 'soft' ? 8 : 14,
		inFilm: Math.cos((Math.min(70, style.tilt) * Math.PI) / 180),
		hook: true
	});
}

/** The natural from the side with the height of the film: where it stands, lies, hangs or swims. */
export function naturalAtFilm(hypothesis: Hypothesis): FlyFigure | undefined {
	if (!isParticular(hypothesis)) return undefined;
	const { taxonId, stage, lengthMm, zone } = hypothesis;
	const figure = drawInsect(taxonId, stage, lengthMm);
	const { top, bottom } = figure.bounds;
	const lies = stage === 'spinner' || stage === 'terrestrial';
	const filmY: Record<Hypothesis['zone'], number> = {
		air: bottom + 0.5 * lengthMm,
		'on-film': lies ? 0.12 * lengthMm : bottom,
		'in-film': top + 0.12 * (bottom - top),
		'under-film': top - 0.5 * lengthMm,
		drift: top - lengthMm,
		bed: top - 1.2 * lengthMm
	};
	return { ...figure, filmY: filmY[zone] };
}

function underside(seen: Underside): Figure {
	return figureOf([...wings(seen), ...tails(seen), ...body(seen), ...dents(seen), ...bend(seen)]);
}

/** How wide the body is for its length, and where it is widest. */
const BUILD: Record<Outline, { width: number; widest: number }> = {
	'mayfly-upright': { width: 0.13, widest: 0.22 },
	'mayfly-low': { width: 0.14, widest: 0.22 },
	'mayfly-spent': { width: 0.12, widest: 0.2 },
	hanging: { width: 0.17, widest: 0.3 },
	tent: { width: 0.2, widest: 0.35 },
	'flat-wing': { width: 0.17, widest: 0.3 },
	waisted: { width: 0.24, widest: 0.8 },
	pupa: { width: 0.24, widest: 0.22 },
	'slim-nymph': { width: 0.18, widest: 0.25 },
	'stout-nymph': { width: 0.27, widest: 0.28 },
	grub: { width: 0.22, widest: 0.5 },
	scud: { width: 0.24, widest: 0.4 },
	lump: { width: 0.5, widest: 0.5 },
	ribbon: { width: 0.12, widest: 0.3 },
	shell: { width: 0.62, widest: 0.5 },
	ball: { width: 0.9, widest: 0.5 },
	claws: { width: 0.24, widest: 0.3 },
	fish: { width: 0.16, widest: 0.35 }
};

function body({ lengthMm, outline, belly, inFilm }: Underside): Mark[] {
	const { width, widest } = BUILD[outline];
	const length = lengthMm * inFilm;
	const half = (width * lengthMm) / 2;
	const ink = { fill: hexOf(belly), stroke: shaded(belly, 0.5), width: 0.02 * lengthMm };
	if (outline === 'waisted')
		return [
			ellipse([0.22 * length, 0], 0.22 * length, 0.7 * half, ink),
			ellipse([0.74 * length, 0], 0.27 * length, half, ink)
		];
	const profile = (share: number): number =>
		share < widest
			? 0.55 + 0.45 * Math.sin((Math.PI / 2) * (share / widest))
			: Math.cos((Math.PI / 2) * ((share - widest) / (1 - widest)) * 0.86);
	const shares = [0, 0.08, 0.2, 0.35, 0.5, 0.65, 0.8, 0.92, 1];
	const edge = (side: number): Point[] => shares.map((s): Point => [s * length, side * half * profile(s)]);
	const rings = shares.slice(3, -1).map((s) =>
		line(
			[
				[s * length, -half * profile(s) * 0.8],
				[s * length, half * profile(s) * 0.8]
			],
			{ stroke: shaded(belly, 0.6), width: 0.012 * lengthMm, opacity: 0.6 }
		)
	);
	return [patch([...edge(-1), ...edge(1).reverse()], ink), ...rings];
}

function wings({ lengthMm: l, outline, wing, belly }: Underside): Mark[] {
	const colour = wing ?? { ...belly, l: Math.min(90, belly.l + 25) };
	const ink = { fill: hexOf(colour), stroke: shaded(colour, 0.6), width: 0.015 * l, opacity: 0.75 };
	const pair = (points: readonly Point[]): Mark[] =>
		[-1, 1].map((side) =>
			patch(
				points.map(([x, y]): Point => [x * l, side * y * l]),
				ink
			)
		);
	switch (outline) {
		case 'mayfly-spent':
			return pair([
				[0.2, 0.04],
				[0.12, 0.5],
				[0.22, 0.92],
				[0.36, 0.6],
				[0.34, 0.05]
			]);
		case 'mayfly-low':
			return pair([
				[0.2, 0.04],
				[0.3, 0.36],
				[0.5, 0.52],
				[0.55, 0.32],
				[0.36, 0.04]
			]);
		case 'mayfly-upright':
			// Edge on: the blur of wings that stand above.
			return pair([
				[0.16, 0],
				[0.24, 0.07],
				[0.5, 0.05],
				[0.52, 0]
			]);
		case 'tent':
			return pair([
				[0.1, 0],
				[0.2, 0.16],
				[0.8, 0.25],
				[1.3, 0.16],
				[1.32, 0]
			]);
		case 'flat-wing':
			return pair([
				[0.25, 0],
				[0.3, 0.12],
				[0.8, 0.15],
				[1.18, 0.1],
				[1.22, 0]
			]);
		default:
			return [];
	}
}

function tails({ lengthMm: l, outline, belly, inFilm }: Underside): Mark[] {
	const splay: Partial<Record<Outline, readonly number[]>> = {
		'mayfly-upright': [-0.12, 0.12],
		'mayfly-low': [-0.14, 0.14],
		'mayfly-spent': [-0.4, 0.4],
		'slim-nymph': [-0.12, 0, 0.12],
		'stout-nymph': [-0.16, 0.16],
		fish: [-0.1, 0.1]
	};
	const end = l * inFilm;
	return (splay[outline] ?? []).map((y) =>
		line(
			[
				[end, 0],
				[end + 0.25 * l, 0.5 * y * l],
				[end + (outline === 'fish' ? 0.18 : 0.5) * l, y * l]
			],
			{ stroke: shaded(belly, 0.6), width: 0.018 * l }
		)
	);
}

/** Feet and fibres dent the film in a ring of bright points about the thorax. */
function dents({ lengthMm: l, dents: count, outline, belly }: Underside): Mark[] {
	const reach = outline === 'lump' ? 0.4 : 0.34;
	return Array.from({ length: count }, (_, i) => {
		const angle = ((i + 0.5) / count) * 2 * Math.PI;
		const foot: Point = [0.26 * l + 1.1 * reach * l * Math.cos(angle), reach * l * Math.sin(angle)];
		return [
			line([[0.26 * l, 0], foot], { stroke: shaded(belly, 0.55), width: 0.012 * l, opacity: 0.7 }),
			ellipse(foot, 0.03 * l, 0.03 * l, { fill: '#f7fbfa', stroke: '#5d7774', width: 0.01 * l })
		];
	}).flat();
}

const STEEL = '#3c4546';

function bend({ hook, lengthMm: l, inFilm }: Underside): Mark[] {
	if (!hook) return [];
	const end = l * inFilm;
	return [
		line(
			[
				[end, 0],
				[end + 0.14 * l, 0.01 * l]
			],
			{ stroke: STEEL, width: 0.035 * l }
		)
	];
}
