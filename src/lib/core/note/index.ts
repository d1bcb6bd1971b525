export { bodyLengthMm } from './body-length';
export { describeNote, naturalName } from './describe';
export {
	fishInHand,
	foldOuting,
	isPaused,
	type CurrentConditions,
	type LiveNote,
	type Outing,
	type Watch
} from './fold';
export { flyWords } from './fly-words';
export { checked, fieldIssues, type FieldIssue } from './issues';
export { listOf } from './list';
export * from './names';
export * from './note';
