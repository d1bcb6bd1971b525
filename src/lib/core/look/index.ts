export type { LookNextOptions } from './candidates';
export { lookNext, type Observation } from './look-next';
export { LOOK_TABLES } from './tables';
