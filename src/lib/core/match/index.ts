export {
	adviceFor,
	CAUSE_NAMES,
	CAUSES,
	REFUSED_SCHOOLS,
	type Advice,
	type AdviceOptions,
	type Cause,
	type Change,
	type RefusedSchool
} from './advice';
export { compareSchools, type SchoolRanking } from './compare';
export { fitnessFor, flyWaterOf, visibilityIn, type FlyWater } from './fitness';
export {
	colourLikeness,
	likenessOf,
	likenessOver,
	outlineOf,
	sizeLikeness,
	variantOf,
	type Likeness,
	type Variant
} from './likeness';
export { pairFor, type FlyPair } from './pair';
export { dressingOf, ownPattern, patternFor, type NamedFly, type Pattern } from './pattern';
export { PATTERNS } from './patterns.data';
export { stillWaterPlan, type StillWaterPlan } from './still-water-plan';
export { SCHOOL_IDS, SCHOOLS, type School, type SchoolId } from './school';
export {
	rigFor,
	shortlist,
	stylesServing,
	type FlyBox,
	type FlyChoice,
	type ShortlistOptions
} from './shortlist';
export { hookOf, POSTS, STYLE_IDS, STYLES, type Outline, type Post, type Style, type StyleId } from './style';
export {
	dressingAdvice,
	SOFT_FEATHER_SCHOOLS,
	traitsOf,
	type BuildTraits,
	type SoftFeatherSchool
} from './traits';
export { startingSet } from './starting-set';
