import { withArticle, type ColumnZone, type StageTraits, type Taxon } from '../atlas';
import type { Outing } from '../outing';
import {
	hypothesisPhrase,
	type Hypothesis,
	likenessOf,
	likenessOver,
	outlineLikeness,
	silhouetteOf,
	variantOf,
	type Likeness,
	type Variant,
	SCHOOLS,
	type SchoolId
} from '../likeness';
import type { Belief, Reading } from '../reading';
import { leaderFor, type Rig, type TippetSchool } from '../rig';
import { type HookCalibration, type Pattern, PATTERNS, STYLES, type Style, type StyleId } from '../tackle';
import type { Phrase } from '../units';
import { fitnessFor, flyWaterOf, type FlyWater } from './fitness';

/** What a guide carries: how many of each pattern in each size. */
export type FlyBox = readonly { patternId: string; hookSize: number; count: number }[];

/** One fly of the shortlist, and why it is there. */
export interface FlyChoice {
	pattern: Pattern;
	/** The height at which it fishes. */
	zone: ColumnZone;
	hookSize: number;
	dressedMm: number;
	/** The leader that carries it here, and why. */
	rig: Rig;
	tippetMm: number;
	/** Expected likeness over the whole reading times fitness for the water, 0 to 1. */
	score: number;
	expectedLikeness: number;
	fitness: number;
	/** The belief it serves best, and how like it is to that. */
	passesFor: Hypothesis;
	likeness: Likeness;
	/** How many are in the box, when the box is known. */
	inBox?: number;
	because: Phrase[];
}

export interface ShortlistOptions {
	school?: SchoolId;
	box?: FlyBox;
	patterns?: readonly Pattern[];
	/** How many flies at the most, each pattern once. */
	most?: number;
	/** The guide's own hooks against the table. */
	hooks?: HookCalibration;
	/** The smallest fly that the guest sees on the water, as a hook size. */
	smallestSeen?: number;
	tippet?: TippetSchool;
}

/** Beliefs are matched, likeliest first, until they hold this share of the whole: the rest moves no ranking. */
const SHARE_MATCHED = 0.98;
const MOST_MATCHED = 24;
/** How much of the exactness fish forgive that take everything that comes. Field rule. */
const FORGIVES = 0.4;
/** A fly that is not in the box must be better by this factor to be named before one that is. */
const NOT_IN_BOX = 0.8;
/** A carried fly with this share of the best fly's score will do, and is named first. Field rule. */
const WILL_DO = 0.4;

/**
 * The flies to tie on, best first: expected likeness over the whole reading, so that one which passes for two
 * stages rises when the reading is split, times fitness for the water. A pattern appears once, in its best size.
 *
 * @param options.box what the guide carries; without it every pattern counts as carried
 */
export function shortlist(outing: Outing, reading: Reading, options: ShortlistOptions = {}): FlyChoice[] {
	const { school = 'posture-first', box, patterns = PATTERNS, most = 5, hooks, smallestSeen } = options;
	const water = flyWaterOf(outing, smallestSeen);
	const carried = box && new Map(box.map((fly) => [`${fly.patternId} ${fly.hookSize}`, fly.count]));
	const beliefs = worthMatching(reading.beliefs);
	const likenessTo = likenessOver(beliefs, SCHOOLS[school]);
	const best = new Map<string, Ranked>();
	for (const pattern of patterns)
		for (const hookSize of pattern.sizes) {
			const ranked = rank(variantOf(pattern, hookSize, hooks), beliefs, likenessTo, water, school);
			const inBox = carried ? (carried.get(`${pattern.id} ${hookSize}`) ?? 0) : undefined;
			if (inBox === 0) ranked.order *= NOT_IN_BOX;
			const before = best.get(pattern.id);
			if (!before || ranked.order > before.order)
				best.set(pattern.id, inBox === undefined ? ranked : { ...ranked, inBox });
		}
	const ranked = [...best.values()].sort(
		(a, b) => b.order - a.order || (a.variant.pattern.id < b.variant.pattern.id ? -1 : 1)
	);
	return carriedFirst(ranked)
		.slice(0, most)
		.map((ranked) => choiceOf(ranked, water, school, options.tippet));
}

/** Puts the best fly that is carried before all that are not, unless nothing carried will do. */
function carriedFirst(ranked: readonly Ranked[]): readonly Ranked[] {
	const [top] = ranked;
	const carried = ranked.find(({ inBox }) => inBox !== 0);
	if (!top || !carried || carried === top || carried.score < WILL_DO * top.score) return ranked;
	return [carried, ...ranked.filter((fly) => fly !== carried)];
}

interface Ranked {
	variant: Variant;
	order: number;
	score: number;
	expected: number;
	fitness: number;
	serves: Hypothesis | undefined;
	inBox?: number;
}

/** The beliefs that a fly is matched to, likeliest first: the rest moves no ranking. */
export function worthMatching(all: readonly Belief[]): Belief[] {
	// A fish on nothing in particular takes any fair fly: it ranks none above another.
	const beliefs = all.filter(({ hypothesis }) => hypothesis.kind !== 'anything');
	let held = 0;
	const end = beliefs.findIndex(({ probability }) => (held += probability) >= SHARE_MATCHED);
	return beliefs.slice(0, Math.min(MOST_MATCHED, end < 0 ? beliefs.length : end + 1));
}

function rank(
	variant: Variant,
	beliefs: readonly Belief[],
	likenessTo: ReturnType<typeof likenessOver>,
	water: FlyWater,
	schoolId: SchoolId
): Ranked {
	const { expected, serves } = likenessTo(variant);
	const fitness = fitnessFor(variant, water);
	// Fish that take freely forgive; to the presentation school, how a fly behaves on the water counts double.
	const score =
		expected ** (1 - FORGIVES * water.hunger) * (schoolId === 'presentation-first' ? fitness ** 2 : fitness);
	return { variant, order: score, score, expected, fitness, serves: beliefs[serves]?.hypothesis };
}

function choiceOf(
	ranked: Ranked,
	water: FlyWater,
	schoolId: SchoolId,
	tippet: TippetSchool | undefined
): FlyChoice {
	const { variant, serves } = ranked;
	if (!serves) throw new RangeError('The reading holds no belief to match a fly to.');
	const likeness = likenessOf(variant, serves, SCHOOLS[schoolId]);
	const rig = rigFor(variant, water, tippet);
	const fits: Phrase[] = [];
	fitnessFor(variant, water, fits);
	return {
		pattern: variant.pattern,
		zone: variant.style.zone,
		hookSize: variant.hookSize,
		dressedMm: variant.dressedMm,
		rig,
		tippetMm: rig.tippetMm,
		score: ranked.score,
		expectedLikeness: ranked.expected,
		fitness: ranked.fitness,
		passesFor: serves,
		likeness,
		...(ranked.inBox !== undefined && { inBox: ranked.inBox }),
		because: [
			...likenessReasons(variant, serves, likeness),
			...fits,
			...(ranked.inBox === 0 ? [{ say: 'Not in the box.' }] : [])
		]
	};
}

/** The leader that carries a fly on this water. */
export function rigFor(
	{ hookSize, style }: Pick<Variant, 'hookSize' | 'style'>,
	{ clarityM, surface, speedMs, windMs, fish }: FlyWater,
	school?: TippetSchool,
	second?: 'flush' | 'hanging' | 'nymph'
): Rig {
	return leaderFor({
		hookSize,
		clarityM,
		surface,
		speedMs,
		windMs: Math.min(25, windMs),
		bulky: style.bulk > 0.65,
		...(fish && { fish }),
		...(school && { school }),
		...(second && { second })
	});
}

function likenessReasons(variant: Variant, natural: Hypothesis, likeness: Likeness): Phrase[] {
	const sits = variant.style.sits;
	const reasons: Phrase[] = [
		{
			say: `${sits.charAt(0).toUpperCase()}${sits.slice(1)}; ${likeness.posture >= 0.7 ? 'passes' : 'can pass'} for ${withArticle(hypothesisPhrase(natural))}.`
		}
	];
	const ratio = variant.dressedMm / natural.lengthMm;
	reasons.push({
		say:
			likeness.size > 0.85
				? '{fly} long, like the natural.'
				: ratio > 1
					? '{fly} long; the natural is {natural}, smaller.'
					: '{fly} long; the natural is {natural}, larger.',
		with: { fly: { lengthMm: variant.dressedMm }, natural: { lengthMm: natural.lengthMm } }
	});
	reasons.push({
		say:
			likeness.colour > 0.8
				? `Belly ${variant.pattern.belly}, as the natural's.`
				: likeness.colour > 0.45
					? `Belly ${variant.pattern.belly}, near the natural's.`
					: `Belly ${variant.pattern.belly} is another colour than the natural's.`
	});
	return reasons;
}

/** Styles that pass well for a stage of a taxon, best first: how a guide would dress for it. */
export function stylesServing(
	taxon: Taxon,
	traits: StageTraits,
	most = 4
): { id: StyleId; name: string; sits: string }[] {
	return (Object.entries(STYLES) as [StyleId, Style][])
		.map(([id, style]) => ({ id, style, fit: styleFit(style, taxon, traits) }))
		.filter(({ fit }) => fit >= SERVES)
		.sort((a, b) => b.fit - a.fit)
		.slice(0, most)
		.map(({ id, style: { name, sits } }) => ({ id, name, sits }));
}

/** Posture and outline together, each half. */
const SERVES = 0.55;
const styleFit = (style: Style, taxon: Taxon, { stage, lengthMm }: StageTraits): number =>
	Math.sqrt(
		(style.stages[stage] ?? 0) *
			outlineLikeness(style.outline, silhouetteOf(taxon.group, stage, lengthMm.typical))
	);
