export { flyWords, patternName, styleName, styleSits } from './fly-words';
export {
	CURVED_HOOK,
	DRY_HOOK,
	HOOK_FAMILIES,
	HOOK_FOR_MM,
	HOOK_SIZES,
	NYMPH_HOOK,
	calibrate,
	dressedMm,
	hookFor,
	targetMm,
	type HookCalibration,
	type HookFamily
} from './hook';
export { dressingOf, ownPattern, patternFor, patternWords } from './library';
export type { Dressing, Pattern } from './pattern';
export { PATTERNS } from './patterns.data';
export {
	OUTLINES,
	POSTS,
	STYLES,
	STYLE_IDS,
	hookOf,
	type Outline,
	type Post,
	type Style,
	type StyleId
} from './style';
export { tippetMm } from './tippet';
export { MATERIAL_NAMES, SOFT_FEATHERS, dressingAdvice, traitsOf, type SoftFeatherSchool } from './traits';
