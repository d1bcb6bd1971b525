export { adviceFor, type Advice, type AdviceOptions } from './advice';
export type { Change } from './change';
export { ADVICE_TABLES, CAUSE_NAMES, CAUSES, REFUSED } from './tables';
export { FISH_FIRST, FISHED_FROM, STRIKING } from './schools';
