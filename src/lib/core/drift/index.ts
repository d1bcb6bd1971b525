export { type Spot } from './chain';
export { driftOf, longestFreeS, wayOf, type Drift, type Laid } from './drift';
export { DRIFT_TABLES, LINE_ON_WATER } from './tables';
export { inLanes, laneAt, middleOf, surfaceOf, widthOf, type Lane } from './water';
