export { FIELD_RULE, leavesOf, numbers, type Nested, type NumberTable } from './numbers';
export { quarrel, type Choice, type Quarrel } from './quarrel';
export { shownTable, type ShownTable, type TableWords } from './shown';
