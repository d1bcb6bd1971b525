export { DEMO_BASIN, DEMO_CIRCLE, DEMO_GUIDES, DEMO_TIME_ZONE } from './basin.data';
export { benchShot, type BenchShot } from './bench-camera';
export type { Laid } from './bench-scene';
export { findingOf, useKey } from './key-observer';
export { DEMO_NOW, demoColleague, demoMorning } from './morning';
export { simulatedNoteId } from './outing';
export { simulatePastSeasons } from './past-seasons';
export { standInTarget, type Presentation } from './taking';
export { standInWatch, type StandInWatch } from './watch';
