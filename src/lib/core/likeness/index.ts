export { hypothesisName, hypothesisWords, isParticular, type Hypothesis, type Taking } from './hypothesis';
export {
	likenessOf,
	likenessOver,
	outlineLikeness,
	outlineOf,
	silhouetteOf,
	sizeLikeness,
	variantOf,
	wantedMm,
	type Likeness,
	type Variant
} from './likeness';
export { SCHOOL, SCHOOLS, SCHOOL_IDS, type School, type SchoolId } from './school';
export { LIKENESS_TABLES } from './tables';
