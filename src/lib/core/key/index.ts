export type { Answer } from './answer';
export { COLOUR_FAMILY_SHADES, type ColourFamily } from './colour-family';
export { MARK_WORDS } from './contradictions';
export { identify, type Finding, type Identification, type Question } from './identify';
export { LENGTH_BANDS, MARKS, MARK_IDS, type MarkId } from './mark';
export { measuredAnswers, type MeasuredAnimal } from './measured';
export { stateChances } from './states';
