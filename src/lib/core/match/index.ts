export { fitnessFor, flyWaterOf, type FlyWater } from './fitness';
export {
	colourLikeness,
	likenessOf,
	likenessOver,
	sizeLikeness,
	variantOf,
	type Likeness,
	type Variant
} from './likeness';
export { PATTERNS, type Pattern } from './patterns.data';
export { SCHOOL_IDS, SCHOOLS, type School, type SchoolId } from './school';
export { shortlist, stylesServing, type FlyBox, type FlyChoice } from './shortlist';
export { hookOf, STYLES, type Outline, type Style, type StyleId } from './style';
