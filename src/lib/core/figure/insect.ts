import { anatomyOf, coloursOf, findStage, findTaxon, type LifeStage } from '../atlas';
import {
	ellipse,
	figureOf,
	hexOf,
	line,
	patch,
	shaded,
	turned,
	upsideDown,
	type Figure,
	type Mark,
	type Point
} from './figure';
import { at, bend, STATIONS, type Insect } from './insect-body';
import { caseOf } from './insect-case';
import { farWings, nearWings, wingInk } from './insect-wings';
import { OTHER_BUILDS } from './other-animals';

/**
 * A drawing of a taxon's life stage from its traits, seen from the side with the head to the left, at true
 * scale in mm: just the tails, gills, pads, wings and case that the atlas gives it.
 *
 * @param lengthMm body length; the atlas's typical one when left out
 * @throws RangeError for a taxon or stage that the atlas lacks
 */
export function drawInsect(taxonId: string, stage: LifeStage, lengthMm?: number): Figure {
	return figureOf(insectMarks(taxonId, stage, lengthMm));
}

/** The strokes and patches of `drawInsect`, in the order of drawing. */
export function insectMarks(taxonId: string, stage: LifeStage, lengthMm?: number): Mark[] {
	const insect = insectOf(taxonId, stage, lengthMm);
	const { anatomy } = insect;
	if (anatomy.build === 'waisted') return ant(insect);
	const other = OTHER_BUILDS[anatomy.build];
	// A snail that floats hangs by its foot beneath the film.
	if (other)
		return anatomy.build === 'shell' && stage === 'adult' ? upsideDown(other(insect)) : other(insect);
	const marks = [
		...tails(insect),
		...farLegs(insect),
		...farWings(insect),
		...body(insect),
		...gills(insect),
		...pads(insect),
		...nearLegs(insect),
		...head(insect),
		...caseOf(insect),
		...nearWings(insect),
		...eggs(insect)
	];
	const hangs = stage === 'emerger' ? 42 : stage === 'cripple' ? 22 : anatomy.build === 'comma' ? 58 : 0;
	return turned([...shuck(insect), ...marks], hangs, [0.2 * insect.length, 0]);
}

/** Points along the middle of the drawn body from head to end, for stages that are drawn lying: what a ruler would follow. */
export function bodyAxis(taxonId: string, stage: LifeStage, lengthMm?: number, steps = 24): Point[] {
	const insect = insectOf(taxonId, stage, lengthMm);
	return Array.from({ length: steps + 1 }, (_, i): Point => {
		const t = i / steps;
		return [t * insect.length, bend(insect, t) * insect.length];
	});
}

function insectOf(taxonId: string, stage: LifeStage, lengthMm?: number): Insect {
	const taxon = findTaxon(taxonId);
	const traits = taxon && findStage(taxon, stage);
	if (!taxon || !traits) throw new RangeError(`The atlas has no ${stage} of "${taxonId}".`);
	const caseForm = taxon.marks?.[stage]?.['case-form'];
	return {
		length: lengthMm ?? traits.lengthMm.typical,
		anatomy: anatomyOf(taxon, traits),
		colours: coloursOf(traits),
		stage,
		...(caseForm !== undefined && { caseForm })
	};
}

function body(insect: Insect): Mark[] {
	const { length, colours } = insect;
	const fine = 0.012 * length;
	const top = STATIONS.map((t) => at(insect, t, -1));
	const middle = STATIONS.map((t) => at(insect, t, 0.1)).reverse();
	const bottom = STATIONS.map((t) => at(insect, t, 1)).reverse();
	const rings = Array.from({ length: 8 }, (_, i) => 0.42 + (i * 0.55) / 8);
	return [
		patch([...top, ...bottom], { fill: hexOf(colours.belly) }),
		patch([...top, ...middle], { fill: hexOf(colours.back) }),
		...rings.map((t) =>
			line([at(insect, t, -0.96), at(insect, t + 0.012, 0), at(insect, t, 0.96)], {
				stroke: shaded(colours.back, 0.62),
				width: fine,
				opacity: 0.75
			})
		),
		patch([...top, ...bottom], { stroke: shaded(colours.back, 0.5), width: fine * 1.2 })
	];
}

function head(insect: Insect): Mark[] {
	const { length, anatomy, colours, stage } = insect;
	const dark = shaded(colours.back, 0.45);
	const fine = 0.014 * length;
	const marks: Mark[] = [];
	if (anatomy.build !== 'grub' || anatomy.legs > 0)
		marks.push(ellipse(at(insect, 0.045, -0.25), 0.035 * length, 0.036 * length, { fill: dark }));
	const reach = { short: 0.13, long: 0.75, elbowed: 0.3, feathery: 0.22 }[anatomy.antennae];
	if (anatomy.legs === 0 && anatomy.build !== 'comma') return marks;
	if (stage === 'pupa' && anatomy.antennae === 'long') {
		// A caddis pupa carries its antennae back along the belly.
		marks.push(
			line([at(insect, 0.03, 0.4), at(insect, 0.3, 1.25), at(insect, 0.8, 1.6)], {
				stroke: dark,
				width: fine
			})
		);
		return marks;
	}
	if (anatomy.build === 'comma') return marks;
	for (const lift of [-0.62, -0.4])
		marks.push(
			line(
				[
					at(insect, 0.02, -0.4),
					[-0.4 * reach * length, lift * reach * length],
					[-reach * length, lift * 1.25 * reach * length]
				],
				{
					stroke: dark,
					width: fine
				}
			)
		);
	if (anatomy.antennae === 'feathery')
		for (let i = 1; i <= 4; i++)
			marks.push(
				line(
					[
						[-0.04 * i * length, -0.035 * i * length - 0.04 * length],
						[-0.04 * i * length - 0.05 * length, -0.035 * i * length + 0.02 * length]
					],
					{ stroke: dark, width: fine * 0.7 }
				)
			);
	return marks;
}

function tails(insect: Insect): Mark[] {
	const { length, anatomy, colours } = insect;
	if (anatomy.tails === 0) return [];
	const reach = anatomy.tailLength * length;
	const [x, y] = at(insect, 0.99, 0);
	const spread = { 1: [0], 2: [-0.26, 0.2], 3: [-0.32, 0, 0.32] }[anatomy.tails];
	return spread.map((slope) =>
		line(
			[
				[x, y],
				[x + reach * 0.45, y + slope * reach * 0.28],
				[x + reach * Math.cos(slope), y + slope * reach * 0.85]
			],
			{ stroke: shaded(colours.back, 0.8), width: Math.max(0.08, 0.016 * length) }
		)
	);
}

function gills(insect: Insect): Mark[] {
	const { length, anatomy, colours } = insect;
	if (anatomy.gills === 'thorax')
		return [-0.5, -0.2, 0.1].map((lean) =>
			line(
				[
					at(insect, 0.04, -0.3),
					[(lean * 0.2 - 0.08) * length, -0.16 * length],
					[(lean * 0.5 - 0.14) * length, -0.24 * length]
				],
				{
					stroke: '#b9b9ac',
					width: 0.024 * length
				}
			)
		);
	if (anatomy.gills === 'tail')
		return [-0.16, 0, 0.16].map((slope) =>
			patch(
				[
					at(insect, 0.99, 0),
					[1.14 * length, (slope - 0.045) * length],
					[1.32 * length, slope * 1.6 * length],
					[1.14 * length, (slope + 0.045) * length]
				],
				{ fill: hexOf(colours.belly), stroke: shaded(colours.back, 0.6), width: 0.01 * length, opacity: 0.9 }
			)
		);
	if (anatomy.gills !== 'abdomen') return [];
	const under = anatomy.build === 'grub';
	return Array.from({ length: 7 }, (_, i) => {
		const t = 0.43 + i * 0.068;
		const side = under ? 1 : -1;
		const [x, y] = at(insect, t, side * 0.55);
		const size = (0.075 - i * 0.004) * length;
		return patch(
			[
				[x, y],
				[x + size * 0.35, y + side * size * 1.05],
				[x + size * 1.15, y + side * size * 0.75],
				[x + size * 0.6, y]
			],
			{
				fill: shaded(colours.belly, 1.12),
				stroke: shaded(colours.back, 0.7),
				width: 0.008 * length,
				opacity: 0.92
			}
		);
	});
}

function pads(insect: Insect): Mark[] {
	const { length, anatomy, colours } = insect;
	const dark = shaded(colours.back, 0.4);
	return Array.from({ length: anatomy.wingPads }, (_, i) => {
		const t = 0.2 + i * 0.12;
		return patch(
			[
				at(insect, t, -0.95),
				at(insect, t + 0.07, -1.12),
				at(insect, t + 0.2, -0.7),
				at(insect, t + 0.16, -0.15),
				at(insect, t + 0.04, -0.1)
			],
			{ fill: dark, stroke: shaded(colours.back, 0.3), width: 0.008 * length }
		);
	});
}

const LEGS = [0.17, 0.25, 0.33] as const;

function legs(insect: Insect, far: boolean): Mark[] {
	const { length, anatomy, colours, stage } = insect;
	if (anatomy.legs === 0 || stage === 'emerger' || stage === 'cripple') return [];
	if (anatomy.build === 'grub')
		return far
			? []
			: [0.1, 0.16, 0.22].map((t) =>
					line([at(insect, t, 0.9), at(insect, t - 0.01, 1.9), at(insect, t - 0.05, 2.5)], {
						stroke: shaded(colours.back, 0.7),
						width: 0.022 * length
					})
				);
	const strong = anatomy.build === 'clinger' ? 1.5 : 1;
	const reach = (anatomy.antennae === 'feathery' ? 0.42 : anatomy.wings === 'none' ? 0.24 : 0.3) * length;
	return LEGS.map((t, i) => {
		const [x, y] = at(insect, t, 0.8);
		const way = i - 1 + (far ? 0.35 : 0);
		return line(
			[
				[x, y],
				[x + way * reach * 0.4, y + reach * 0.12],
				[x + way * reach * 0.85, y + reach * 0.62],
				[x + way * reach * 1.1, y + reach * 0.7]
			],
			{
				stroke: shaded(colours.back, far ? 0.9 : 0.75),
				width: 0.017 * strong * length,
				opacity: far ? 0.6 : 1
			}
		);
	});
}
const farLegs = (insect: Insect): Mark[] => legs(insect, true);
const nearLegs = (insect: Insect): Mark[] => legs(insect, false);

/** The egg mass of a laying female. */
function eggs(insect: Insect): Mark[] {
	if (insect.stage !== 'egg-laying') return [];
	const { length } = insect;
	return [
		ellipse(at(insect, 0.99, 1.6), 0.07 * length, 0.06 * length, {
			fill: '#5f7d3a',
			stroke: '#33471c',
			width: 0.01 * length
		})
	];
}

/** The skin an emerger or cripple still trails. */
function shuck(insect: Insect): Mark[] {
	if (insect.stage !== 'emerger' && insect.stage !== 'cripple') return [];
	const { length } = insect;
	const [x, y] = at(insect, 0.72, 0);
	return [
		patch(
			[
				[x, y - 0.07 * length],
				[x + 0.3 * length, y - 0.085 * length],
				[x + 0.62 * length, y - 0.02 * length],
				[x + 0.3 * length, y + 0.085 * length],
				[x, y + 0.07 * length]
			],
			{ fill: '#d8c79a', stroke: '#8d7a4c', width: 0.01 * length, opacity: 0.55 }
		)
	];
}

function ant(insect: Insect): Mark[] {
	const { length, anatomy, colours } = insect;
	const ink = { fill: hexOf(colours.back), stroke: shaded(colours.back, 0.4), width: 0.012 * length };
	const leg = { stroke: hexOf(colours.back), width: 0.022 * length };
	const marks: Mark[] = [0.36, 0.45, 0.53].flatMap((t, i) => [
		line(
			[
				[t * length, 0],
				[(t + (i - 1) * 0.13) * length, 0.06 * length],
				[(t + (i - 1) * 0.26) * length, 0.24 * length]
			],
			leg
		)
	]);
	for (const lift of [-0.16, -0.08])
		marks.push(
			line(
				[
					[0.05 * length, -0.04 * length],
					[-0.03 * length, (lift - 0.05) * length],
					[-0.2 * length, lift * length]
				],
				leg
			)
		);
	marks.push(
		ellipse([0.11 * length, 0], 0.11 * length, 0.095 * length, ink),
		ellipse([0.4 * length, 0], 0.17 * length, 0.085 * length, ink),
		ellipse([0.585 * length, -0.01 * length], 0.03 * length, 0.05 * length, ink),
		ellipse([0.8 * length, 0], 0.2 * length, 0.13 * length, ink)
	);
	if (anatomy.wings !== 'none') {
		const span = anatomy.wingLength * length;
		const root: Point = [0.38 * length, -0.08 * length];
		marks.push(
			patch(
				[
					root,
					[root[0] + span * 0.5, root[1] - 0.22 * length],
					[root[0] + span * 0.9, root[1] - 0.12 * length],
					[root[0] + span * 0.45, root[1] + 0.02 * length]
				],
				wingInk(insect, 0.95)
			)
		);
	}
	return marks;
}
