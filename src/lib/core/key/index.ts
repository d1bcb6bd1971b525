export { COLOUR_FAMILIES, COLOUR_FAMILY_SHADES, familyChances, type ColourFamily } from './colour-family';
export { MARK_WORDS, type Contradiction } from './contradictions';
export { type Enough } from './enough';
export {
	identify,
	type Answer,
	type Candidate,
	type Finding,
	type Identification,
	type Question
} from './identify';
export { LENGTH_BANDS, MARK_IDS, MARKS, type MarkId, type MarkKind } from './mark';
export { stateChances } from './states';
