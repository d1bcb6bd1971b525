export { type Spot, type Surface } from './chain';
export { driftOf, longestFreeS, wayOf, type Drift, type Followed, type Laid } from './drift';
export { CAST_SHAPES, DRIFT_TABLES, LINE_ON_WATER } from './tables';
export { laneAt, middleOf, surfaceOf, widthOf, type Lane } from './water';
