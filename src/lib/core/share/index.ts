export { hourTold, latestOfEach } from './board';
export { coarsen } from './coarsen';
export { EMBARGOES, EMBARGO_NAMES, appearsAt, type Embargo } from './embargo';
export { gatherEvents, weighNames, type Reply } from './events';
export { finerNames, type WaterNames } from './finer-names';
export { onBoard, shownOf, type BoardRecord, type ShownRecord } from './shown';
