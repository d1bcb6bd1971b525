import { colourDifference, COLUMN_ZONES, SHADES, type Group, type Lab, type LifeStage } from '../atlas';
import type { Hypothesis } from './hypothesis';
import {
	dressedMm,
	targetMm,
	type HookCalibration,
	type Pattern,
	hookOf,
	OUTLINES,
	STYLES,
	type Outline,
	type Style
} from '../tackle';
import type { School } from './school';
import { ALIKE, NEAR_OUTLINES } from './tables';

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
	/** Large naturals are dressed shorter than life on it. */
	dressShort: boolean;
	/** By custom so many even sizes larger than life. */
	sizesUp: number;
	belly: Lab;
	wing?: Lab;
}

export function variantOf(pattern: Pattern, hookSize: number, calibration?: HookCalibration): Variant {
	const style: Style = STYLES[pattern.style];
	const hook = hookOf(style, calibration);
	return {
		pattern,
		style,
		hookSize,
		dressedMm: dressedMm(hookSize, hook),
		dressShort: hook.dressShort,
		sizesUp: hook.sizesUp ?? 0,
		belly: SHADES[pattern.belly],
		...(pattern.wing && { wing: SHADES[pattern.wing] })
	};
}

/** Body length in mm that a fly is to have for what may be eaten, by custom; what is not full grown is dressed short as those that are. */
export const wantedMm = (
	{ lengthMm, younger = 1 }: Hypothesis,
	custom: Pick<Variant, 'dressShort' | 'sizesUp'>
): number => younger * targetMm(lengthMm / younger, custom);

/** How like a fly in one size is to what the fish may be eating. */
export function likenessOf(variant: Variant, hypothesis: Hypothesis, school: School): Likeness {
	const posture = postureLikeness(variant.style, hypothesis);
	const size = sizeLikeness(variant.dressedMm, wantedMm(hypothesis, variant));
	const outline = outlineLikeness(variant.style.outline, outlineOf(hypothesis));
	const colour = dressingLikeness(variant, hypothesis);
	const { weights } = school;
	const total = Math.exp(
		weights.posture * Math.log(posture) +
			weights.size * Math.log(size) +
			weights.outline * Math.log(outline) +
			weights.colour * Math.log(colour)
	);
	return { posture, size, outline, colour, total };
}

/**
 * Expected likeness of many flies over the same beliefs: the sum of probability × total likeness, as
 * `likenessOf` has it. What depends on the style or the dressing alone is worked out once for each.
 *
 * @returns for a variant, its expected likeness and the index of the belief that gives most of it
 */
export function likenessOver(
	beliefs: readonly { hypothesis: Hypothesis; probability: number }[],
	{ weights }: School
): (variant: Variant) => { expected: number; serves: number } {
	const byStyle = new Map<Style, Float64Array>();
	const byDressing = new Map<string, Float64Array>();
	const byCustom = new Map<string, Float64Array>();
	const logTargets = (custom: Pick<Variant, 'dressShort' | 'sizesUp'>) =>
		remembered(byCustom, `${custom.dressShort} ${custom.sizesUp}`, () =>
			Float64Array.from(beliefs, ({ hypothesis }) => Math.log(wantedMm(hypothesis, custom)))
		);
	const probabilities = Float64Array.from(beliefs, ({ probability }) => probability);
	const outlines = beliefs.map(({ hypothesis }) => outlineOf(hypothesis));
	const styleLogs = (style: Style): Float64Array =>
		Float64Array.from(
			beliefs,
			({ hypothesis }, i) =>
				weights.posture * Math.log(postureLikeness(style, hypothesis)) +
				weights.outline * Math.log(outlineLikeness(style.outline, outlines[i] ?? 'hanging'))
		);
	const dressingLogs = (variant: Variant): Float64Array =>
		Float64Array.from(
			beliefs,
			({ hypothesis }) => weights.colour * Math.log(dressingLikeness(variant, hypothesis))
		);

	return (variant) => {
		const style = remembered(byStyle, variant.style, () => styleLogs(variant.style));
		const { belly, wing } = variant.pattern;
		const dressing = remembered(byDressing, `${belly}|${wing ?? ''}`, () => dressingLogs(variant));
		const logFly = Math.log(variant.dressedMm);
		const { size } = weights;
		const logLengths = logTargets(variant);
		let expected = 0;
		let most = 0;
		let serves = 0;
		for (let i = 0; i < probabilities.length; i++) {
			const z = (logFly - (logLengths[i] as number)) / SIZE_SPREAD;
			const logSize = Math.max(LOG_LEAST, (-z * z) / 2);
			const log = (style[i] as number) + (dressing[i] as number) + size * logSize;
			const part = (probabilities[i] as number) * Math.exp(log);
			expected += part;
			if (part > most) {
				most = part;
				serves = i;
			}
		}
		return { expected, serves };
	};
}

function remembered<K, V>(known: Map<K, V>, key: K, work: () => V): V {
	let value = known.get(key);
	if (value === undefined) known.set(key, (value = work()));
	return value;
}

function postureLikeness(style: Style, { stage, zone }: Hypothesis): number {
	const apart = Math.abs(COLUMN_ZONES.indexOf(style.zone) - COLUMN_ZONES.indexOf(zone));
	return Math.max(LEAST, (style.stages[stage] ?? 0) * ALIKE.values.stepApart ** apart);
}

/** Colours as a fish sees them: the belly, and the wing that comes into its window first. */
function dressingLikeness(variant: Variant, { colours }: Hypothesis): number {
	const belly = colourLikeness(variant.belly, colours.belly);
	// A fly without the wing, or a natural without one, shows its belly alone.
	const wing = variant.wing && colours.wing ? colourLikeness(variant.wing, colours.wing) : belly;
	return ALIKE.values.belly * belly + (1 - ALIKE.values.belly) * wing;
}

const LEAST = ALIKE.values.least;
const LOG_LEAST = Math.log(LEAST);
const SIZE_SPREAD = Math.log(ALIKE.values.sizeFactor);

/** Likeness of two body lengths in mm by their ratio: a normal curve on the log scale. */
export function sizeLikeness(flyMm: number, naturalMm: number): number {
	const z = Math.log(flyMm / naturalMm) / SIZE_SPREAD;
	return Math.max(LEAST, Math.exp((-z * z) / 2));
}

const differences = new WeakMap<Lab, WeakMap<Lab, number>>();

/** Likeness of two colours by CIEDE2000, 1 for the same. */
export function colourLikeness(one: Lab, other: Lab): number {
	let row = differences.get(one);
	if (!row) differences.set(one, (row = new WeakMap()));
	let likeness = row.get(other);
	if (likeness === undefined) {
		const difference = colourDifference(one, other);
		likeness = Math.max(LEAST, Math.exp(-((difference / ALIKE.values.colourSpread) ** 2)));
		row.set(other, likeness);
	}
	return likeness;
}

/** The silhouette of a natural. */
export function outlineOf({ kind, group, stage, lengthMm }: Hypothesis): Outline {
	return kind === 'unseen' ? 'hanging' : silhouetteOf(group, stage, lengthMm);
}

/** The silhouette of a stage of a group, at a body length in mm. */
export function silhouetteOf(group: Group, stage: LifeStage, lengthMm: number): Outline {
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
			return group === 'stonefly' || group === 'dragonfly' || lengthMm > ALIKE.values.stoutFromMm
				? 'stout-nymph'
				: 'slim-nymph';
		case 'terrestrial':
			return group === 'ant' ? 'waisted' : lengthMm >= ALIKE.values.flatFromMm ? 'flat-wing' : 'lump';
		case 'crustacean':
			return lengthMm >= ALIKE.values.clawsFromMm ? 'claws' : 'scud';
		case 'aquatic':
			return group === 'leech' || group === 'worm'
				? 'ribbon'
				: group === 'snail'
					? 'shell'
					: group === 'fish'
						? 'ball'
						: 'lump';
		case 'fry':
			return 'fish';
		case 'adult':
		case 'egg-laying':
			return group === 'caddisfly' || group === 'alderfly'
				? 'tent'
				: group === 'ant'
					? 'waisted'
					: 'flat-wing';
	}
}

const nearOutlines = new Map<Outline, Map<Outline, number>>(
	OUTLINES.map((outline) => [outline, new Map([[outline, 1]])])
);
for (const [one, row] of Object.entries(NEAR_OUTLINES.values) as [
	Outline,
	Partial<Record<Outline, number>>
][])
	for (const [other, likeness] of Object.entries(row) as [Outline, number][]) {
		nearOutlines.get(one)?.set(other, likeness);
		nearOutlines.get(other)?.set(one, likeness);
	}

export const outlineLikeness = (fly: Outline, natural: Outline): number =>
	nearOutlines.get(fly)?.get(natural) ?? ALIKE.values.otherOutlines;
