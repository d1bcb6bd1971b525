export { describeNote } from './describe';
export { checked, fieldIssues, type FieldIssue } from './issues';
export { listOf } from './list';
export {
	AttemptSchema,
	ConditionsSchema,
	DaySchema,
	DressingSchema,
	EARLIEST,
	InstantSchema,
	LATEST,
	NoteSchema,
	PAST_AFTER_H,
	RigSchema,
	SampleSchema,
	nameOf,
	words,
	type AttemptBody,
	type ConditionsBody,
	type Lot,
	type Note,
	type NoteKind,
	type NoteOf,
	type RemarkBody,
	type RigBody,
	type RiseBody,
	type SampleBody,
	type SightingBody,
	type WatchBegin
} from './note';
