export { lastChange, type RiseChange } from './change';
export { CURRENT_NAMES, CURRENTS, PACED_M, currentFrom } from './current';
export { describeChange, describeLanding, describeRhythm } from './describe';
export { driftingNow } from './drifting';
export { riseTimes, type RiseTimes } from './intervals';
export { landWithin } from './landing';
export { LEAST_INTERVALS, patternOf, rhythmOf, type Rhythm, type RhythmKind } from './rhythm';
export { unchangedSince, type WaysOfRising } from './run-length';
export { watchTable } from './watch-table';
