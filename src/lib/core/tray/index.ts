export { hatchIndex, selectionOf, type HatchIndex, type Selection } from './compare';
export { completeness, type Completeness } from './diversity';
export { goodman, LEAST_TO_TELL, ratioOf, shareTells, wilson, type ShareInterval } from './intervals';
export { dryMassMg } from './mass';
export { PAD_STATES, ripenessOf, type PadCounts, type PadState, type Ripeness } from './ripeness';
export { numbersOf, type LotNumbers, type SampleNumbers } from './sample';
export { compareToday, type TodayCompared } from './today';
export { sizeGroups, type SizeGroup, type SizeGroups } from './size-groups';
export { predatorsAmong } from './predators';
