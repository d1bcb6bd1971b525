export { DEMO_BASIN, DEMO_CIRCLE, DEMO_GUIDES, DEMO_TIME_ZONE, type DemoReach } from './basin.data';
export { DEMO_NOW, demoMorning } from './morning';
export { simulatedNoteId, simulateOuting } from './outing';
export { simulatePastSeasons, type PastOuting } from './past-seasons';
export { findingOf, useKey, type KeySession, type ObserverHabits } from './key-observer';
export { benchShot, type BenchSettings, type BenchShot, type LaidTruth } from './bench-camera';
export { driftOf, feed, type Meal, type Prey, type RiverDay, type StandInFish } from './feeding';
export { standInWatch, type StandInWatch } from './watch';
export type { Laid } from './bench-scene';
