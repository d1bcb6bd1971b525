import { isSurface, shadeName, type ColumnZone, type StageTraits, type Taxon } from '../atlas';
import type { Outing } from '../outing';
import {
	hypothesisWords,
	type Hypothesis,
	likenessOf,
	likenessOver,
	outlineLikeness,
	silhouetteOf,
	variantOf,
	wantedMm,
	type Likeness,
	type Variant,
	SCHOOLS,
	type SchoolId,
	isParticular
} from '../likeness';
import type { Belief, Reading } from '../reading';
import { leaderFor, stillLeaderM, WIND_MS, type OwnTackle, type Rig } from '../rig';
import {
	PATTERNS,
	STYLES,
	styleName,
	styleSits,
	customsOn,
	type HookCalibration,
	type Pattern,
	type Style,
	type StyleId
} from '../tackle';
import { atStart, withArticle, words, type Message } from '../message';
import { CHOSEN } from './choice-tables';
import { FITNESS_WATER } from './fitness-rules';
import { preferred, saidOfNoRise, type Preferences } from './preference';
import { fitnessFor, fitnessReasons, flyWaterOf, type FlyWater } from './fitness';

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
	because: Message[];
}

export interface ShortlistOptions extends Preferences, OwnTackle {
	school?: SchoolId;
	box?: FlyBox;
	patterns?: readonly Pattern[];
	/** How many flies at the most, each pattern once. */
	most?: number;
	/** The guide's own hooks against the table. */
	hooks?: HookCalibration;
	/** The smallest fly that the guest sees on the water, as a hook size. */
	smallestSeen?: number;
}

const {
	shareMatched,
	mostMatched,
	notInBox,
	willDo,
	passes,
	canServe,
	likeSize,
	likeColour,
	nearColour,
	bulky
} = CHOSEN.values;

/** So many flies, and styles for a natural, are shown unless more are asked for. */
const SHOWN = 5;
const STYLES_SHOWN = 4;

const says = words('match', {
	passes: '{sits}; passes for {natural}.',
	'can-pass': '{sits}; can pass for {natural}.',
	'like-size': '{fly} long, like the natural.',
	longer: '{fly} long; the natural is {natural}, smaller.',
	shorter: '{fly} long; the natural is {natural}, larger.',
	younger: 'Its eldest have hatched and gone: the nymphs that are left are a size or two smaller.',
	'by-custom': '{fly} long; the natural is {natural}, and by custom it is dressed so.',
	'same-colour': 'Belly {belly}, as the natural’s.',
	'near-colour': 'Belly {belly}, near the natural’s.',
	'other-colour': 'Belly {belly} is another colour than the natural’s.',
	'not-in-box': 'Not in the box.'
});

/**
 * The flies to tie on, best first: expected likeness over the whole reading, so that one which passes for two
 * stages rises when the reading is split, times fitness for the water. A pattern appears once, in its best size.
 *
 * @param options.box what the guide carries; without it every pattern counts as carried
 */
export function shortlist(outing: Outing, reading: Reading, options: ShortlistOptions = {}): FlyChoice[] {
	const { school = 'posture-first', box, patterns = PATTERNS, most = SHOWN, smallestSeen } = options;
	const hooks = customsOn(outing.place.water, options.hooks);
	const water = flyWaterOf(outing, smallestSeen);
	const carried = box && new Map(box.map((fly) => [`${fly.patternId} ${fly.hookSize}`, fly.count]));
	const beliefs = worthMatching(preferred(reading.beliefs, outing, options));
	const likenessTo = likenessOver(beliefs, SCHOOLS[school]);
	const best = new Map<string, Ranked>();
	for (const pattern of patterns)
		for (const hookSize of pattern.sizes) {
			const ranked = rank(variantOf(pattern, hookSize, hooks), beliefs, likenessTo, water, school);
			const inBox = carried ? (carried.get(`${pattern.id} ${hookSize}`) ?? 0) : undefined;
			if (inBox === 0) ranked.order *= notInBox;
			const before = best.get(pattern.id);
			if (!before || comesBefore(ranked, before))
				best.set(pattern.id, inBox === undefined ? ranked : { ...ranked, inBox });
		}
	const ranked = [...best.values()].sort(
		(a, b) => b.order - a.order || (a.variant.pattern.id < b.variant.pattern.id ? -1 : 1)
	);
	return carriedFirst(ranked)
		.slice(0, most)
		.map((ranked, place) => {
			const choice = choiceOf(ranked, water, school, options);
			const noRise = place === 0 ? saidOfNoRise(outing, choice.zone, options) : undefined;
			return noRise ? { ...choice, because: [...choice.because, noRise] } : choice;
		});
}

/** Whether one size of a pattern goes before another: where both do as well, the one nearer to the natural. */
function comesBefore(one: Ranked, other: Ranked): boolean {
	if (Math.abs(one.order - other.order) > SAME * other.order) return one.order > other.order;
	return sizesOff(one) < sizesOff(other);
}
const SAME = 1e-9;
const sizesOff = ({ variant, serves }: Ranked): number =>
	serves ? Math.abs(Math.log(variant.dressedMm / wantedMm(serves, variant))) : 0;

/** Puts the best fly that is carried before all that are not, unless nothing carried will do. */
function carriedFirst(ranked: readonly Ranked[]): readonly Ranked[] {
	const [top] = ranked;
	const carried = ranked.find(({ inBox }) => inBox !== 0);
	if (!top || !carried || carried === top || carried.score < willDo * top.score) return ranked;
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
	const beliefs = all.filter(({ hypothesis }) => isParticular(hypothesis));
	let held = 0;
	const end = beliefs.findIndex(({ probability }) => (held += probability) >= shareMatched);
	return beliefs.slice(0, Math.min(mostMatched, end < 0 ? beliefs.length : end + 1));
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
		expected ** (1 - FITNESS_WATER.values.forgives * water.hunger) * fitness ** SCHOOLS[schoolId].fitness;
	return { variant, order: score, score, expected, fitness, serves: beliefs[serves]?.hypothesis };
}

function choiceOf(ranked: Ranked, water: FlyWater, schoolId: SchoolId, tackle: OwnTackle): FlyChoice {
	const { variant, serves } = ranked;
	if (!serves) throw new RangeError('The reading holds no belief to match a fly to.');
	const likeness = likenessOf(variant, serves, SCHOOLS[schoolId]);
	const rig = rigFor(variant, water, tackle);
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
			...(serves.younger ? [says('younger')] : []),
			...fitnessReasons(variant, water),
			...(ranked.inBox === 0 ? [says('not-in-box')] : [])
		]
	};
}

/** The leader that carries a fly on this water. */
export function rigFor(
	{ hookSize, style }: Pick<Variant, 'hookSize' | 'style'>,
	{ windMs, clarityM, surface, speedMs, waterC, tight, weed, fish, still, depthM }: FlyWater,
	{ tippet, leader, rodM, fiveXBreaksN }: OwnTackle = {},
	second?: 'flush' | 'hanging' | 'nymph'
): Rig {
	const wind = Math.min(WIND_MS.most, windMs);
	return leaderFor({
		hookSize,
		clarityM,
		surface,
		speedMs,
		waterC,
		tight,
		weed,
		leader,
		rodM,
		fiveXBreaksN,
		windMs: wind,
		...(still && depthM !== undefined && !isSurface(style.zone) && { stillM: stillLeaderM(depthM, wind) }),
		...(!still && { waterM: depthM }),
		bulky: style.bulk > bulky,
		...(fish && { fish }),
		...(tippet && { school: tippet }),
		...(second && { second })
	});
}

function sizeReason(variant: Variant, natural: Hypothesis, { size }: Likeness) {
	const { lengthMm } = natural;
	if (size > likeSize) return wantedMm(natural, variant) === lengthMm ? 'like-size' : 'by-custom';
	return variant.dressedMm > lengthMm ? 'longer' : 'shorter';
}

function likenessReasons(variant: Variant, natural: Hypothesis, likeness: Likeness): Message[] {
	const { pattern, dressedMm: flyMm } = variant;
	return [
		says(likeness.posture >= passes ? 'passes' : 'can-pass', {
			sits: atStart(styleSits(pattern.style)),
			natural: withArticle(hypothesisWords(natural))
		}),
		says(sizeReason(variant, natural, likeness), {
			fly: { lengthMm: flyMm },
			natural: { lengthMm: natural.lengthMm }
		}),
		says(
			likeness.colour > likeColour
				? 'same-colour'
				: likeness.colour > nearColour
					? 'near-colour'
					: 'other-colour',
			{ belly: shadeName(pattern.belly) }
		)
	];
}

/** Styles that pass well for a stage of a taxon, best first: how a guide would dress for it. */
export function stylesServing(
	taxon: Taxon,
	traits: StageTraits,
	most = STYLES_SHOWN
): { id: StyleId; name: Message; sits: Message }[] {
	return (Object.entries(STYLES) as [StyleId, Style][])
		.map(([id, style]) => ({ id, style, fit: styleFit(style, taxon, traits) }))
		.filter(({ fit }) => fit >= canServe)
		.sort((a, b) => b.fit - a.fit)
		.slice(0, most)
		.map(({ id }) => ({ id, name: styleName(id), sits: styleSits(id) }));
}

/** Posture and outline together, each half. */
const styleFit = (style: Style, taxon: Taxon, { stage, lengthMm }: StageTraits): number =>
	Math.sqrt(
		(style.stages[stage] ?? 0) *
			outlineLikeness(style.outline, silhouetteOf(taxon.group, stage, lengthMm.typical))
	);
