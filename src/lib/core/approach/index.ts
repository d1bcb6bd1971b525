export { hiddenStances, type HiddenStance } from './hidden';
export { sightLine, windowRadiusM, type SeenThrough } from './optics';
export { APPROACH_TABLES } from './tables';
export { wadingCaution } from './wading';
