export { hypothesisName, hypothesisPhrase, type Hypothesis, type Taking } from './hypothesis';
export {
	likenessOf,
	likenessOver,
	outlineLikeness,
	outlineOf,
	silhouetteOf,
	sizeLikeness,
	variantOf,
	type Likeness,
	type Variant
} from './likeness';
export { SCHOOLS, SCHOOL_IDS, type School, type SchoolId } from './school';
