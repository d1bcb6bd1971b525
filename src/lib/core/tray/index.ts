export { LEAST_TO_TELL, shareTells, type ShareInterval } from './intervals';
export { dryMassMg } from './mass';
export { predatorsAmong } from './predators';
export { PAD_STATES, type PadState, ripenessOf, type PadCounts, type Ripeness } from './ripeness';
export { numbersOf } from './sample';
export { sizeGroups } from './size-groups';
export { compareToday } from './today';
