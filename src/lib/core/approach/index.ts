export { approachOf } from './from-notes';
export { USUAL_PLACE } from './tables';
export { hiddenStances, type HiddenStance } from './hidden';
export { sightLine, windowRadiusM, type SeenThrough } from './optics';
export { APPROACH_TABLES } from './tables';
export { wadingCaution } from './wading';
