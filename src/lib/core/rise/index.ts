export { CURRENTS, currentFrom, PACED_M } from './current';
export { describeChange, describeLanding, describeRhythm } from './describe';
export { driftingNow, type Drifting } from './drifting';
export { lastChange, type RiseChange } from './change';
export { riseTimes, type RiseTimes } from './intervals';
export { landWithin, type Landing } from './landing';
export {
	burstiness,
	FARTHEST_S,
	LEAST_INTERVALS,
	patternOf,
	rhythmOf,
	type Rhythm,
	type RhythmKind
} from './rhythm';
export { watchTable, type WatchRow } from './watch-table';
