export { flyWords, patternName, styleName, styleSits } from './fly-words';
export {
	CURVED_HOOK,
	DRY_HOOK,
	HOOK_FAMILIES,
	HOOK_SIZES,
	LARGE_MM,
	NYMPH_HOOK,
	PUPAE_UP,
	calibrate,
	dressedMm,
	customsOn,
	targetMm,
	type HookCalibration,
	type HookFamily
} from './hook';
export { HOOK_FOR_MM, hookFor } from './hook-choice';
export { dressingOf, fishesBelow, ownPattern, patternFor, patternWords } from './library';
export type { Dressing, Pattern } from './pattern';
export { PATTERNS } from './patterns.data';
export { OUTLINES, POSTS, hookOf, type Outline, type Post, type Style } from './style';
export { STYLES, STYLE_IDS, type StyleId } from './styles.data';
export { BEADS_MM, inWater, usualWeighting, WEIGHT, type FlyInWater } from './weight';
export { tippetMm } from './tippet';
export {
	MATERIAL_NAMES,
	SOFT_FEATHERS,
	buildWords,
	dressingAdvice,
	traitsOf,
	type SoftFeatherSchool
} from './traits';
