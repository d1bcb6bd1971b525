export { adviceFor, type Advice, type AdviceOptions } from './advice';
export { REFUSED_SCHOOLS, type Change } from './change';
export { CAUSES } from './tables';
