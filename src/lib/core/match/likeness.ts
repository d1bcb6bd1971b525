import { differenceCiede2000 } from 'culori';
import { SHADES, type Lab } from '../atlas';
import type { Hypothesis } from '../reading';
import { dressedMm } from '../rig';
import type { Pattern } from './patterns.data';
import type { School } from './school';
import { STYLES, type Outline, type Style } from './style';

/** How alike a fly and a natural are, each part 0 to 1. */
export interface Likeness {
	posture: number;
	size: number;
	outline: number;
	colour: number;
	/** The parts by the school's weights: their weighted geometric mean. */
	total: number;
}

/** A fly in one size, with what the comparison needs worked out once. */
export interface Variant {
	pattern: Pattern;
	style: Style;
	hookSize: number;
	dressedMm: number;
	belly: Lab;
	wing?: Lab;
}

export function variantOf(pattern: Pattern, hookSize: number): Variant {
	const style: Style = STYLES[pattern.style];
	const hook = { family: style.hook, longX: style.longX, offsetSteps: 0, dressShort: false };
	return {
		pattern,
		style,
		hookSize,
		dressedMm: dressedMm(hookSize, hook),
		belly: SHADES[pattern.belly],
		...(pattern.wing && { wing: SHADES[pattern.wing] })
	};
}

/** How like a fly in one size is to what the fish may be eating. */
export function likenessOf(variant: Variant, hypothesis: Hypothesis, school: School): Likeness {
	const posture = Math.max(LEAST, variant.style.stages[hypothesis.stage] ?? 0);
	const size = sizeLikeness(variant.dressedMm, hypothesis.lengthMm);
	const outline = outlineLikeness(variant.style.outline, outlineOf(hypothesis));
	const belly = colourLikeness(variant.belly, hypothesis.colours.belly);
	// Winged things enter the fish's window wing first; a fly without the wing shows its belly alone.
	const wing =
		variant.wing && hypothesis.colours.wing ? colourLikeness(variant.wing, hypothesis.colours.wing) : belly;
	const colour = 0.75 * belly + 0.25 * wing;
	const { weights } = school;
	const total = Math.exp(
		weights.posture * Math.log(posture) +
			weights.size * Math.log(size) +
			weights.outline * Math.log(outline) +
			weights.colour * Math.log(colour)
	);
	return { posture, size, outline, colour, total };
}

/** Nothing is wholly unlike: fish take the wrong fly now and then. */
const LEAST = 0.04;
/** One even hook step off is a factor of 1.2 in length: then the likeness is 0.6. */
const SIZE_SPREAD = Math.log(1.2);

/** Likeness of two body lengths in mm by their ratio: a normal curve on the log scale. */
export function sizeLikeness(flyMm: number, naturalMm: number): number {
	const z = Math.log(flyMm / naturalMm) / SIZE_SPREAD;
	return Math.max(LEAST, Math.exp((-z * z) / 2));
}

/** Under 2 the eye sees no difference, over 10 it is another colour (Sharma, Wu & Dalal 2005 for the measure). */
const COLOUR_SPREAD = 12;
const ciede2000 = differenceCiede2000();
const differences = new WeakMap<Lab, WeakMap<Lab, number>>();

/** Likeness of two colours by CIEDE2000, 1 for the same. */
export function colourLikeness(one: Lab, other: Lab): number {
	let row = differences.get(one);
	if (!row) differences.set(one, (row = new WeakMap()));
	let likeness = row.get(other);
	if (likeness === undefined) {
		const difference = ciede2000({ mode: 'lab65', ...one }, { mode: 'lab65', ...other });
		likeness = Math.max(LEAST, Math.exp(-((difference / COLOUR_SPREAD) ** 2)));
		row.set(other, likeness);
	}
	return likeness;
}

/** The silhouette of a natural. */
export function outlineOf({ kind, group, stage, lengthMm }: Hypothesis): Outline {
	if (kind === 'unseen') return 'hanging';
	switch (stage) {
		case 'emerger':
			return 'hanging';
		case 'cripple':
			return 'mayfly-low';
		case 'dun':
			return 'mayfly-upright';
		case 'spinner':
			return 'mayfly-spent';
		case 'pupa':
			return 'pupa';
		case 'larva':
			return 'grub';
		case 'nymph':
			return group === 'stonefly' || lengthMm > 10 ? 'stout-nymph' : 'slim-nymph';
		case 'terrestrial':
			return 'waisted';
		case 'adult':
		case 'egg-laying':
			return group === 'caddisfly' ? 'tent' : group === 'ant' ? 'waisted' : 'flat-wing';
	}
}

/** Silhouettes that pass for one another, one way or the other; all else are 0.3 alike. */
const NEAR_OUTLINES: readonly [Outline, Outline, number][] = [
	['mayfly-upright', 'mayfly-low', 0.75],
	['mayfly-low', 'hanging', 0.8],
	['mayfly-low', 'mayfly-spent', 0.6],
	['mayfly-upright', 'mayfly-spent', 0.4],
	['hanging', 'pupa', 0.75],
	['hanging', 'slim-nymph', 0.65],
	['tent', 'flat-wing', 0.7],
	['slim-nymph', 'stout-nymph', 0.65],
	['slim-nymph', 'pupa', 0.55],
	['pupa', 'grub', 0.6],
	['stout-nymph', 'grub', 0.5]
];
const nearOutlines = new Map(
	NEAR_OUTLINES.flatMap(([a, b, likeness]) => [
		[`${a} ${b}`, likeness],
		[`${b} ${a}`, likeness]
	])
);

function outlineLikeness(fly: Outline, natural: Outline): number {
	return fly === natural ? 1 : (nearOutlines.get(`${fly} ${natural}`) ?? 0.3);
}
