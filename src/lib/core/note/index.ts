export { describeNote } from './describe';
export { checked, fieldIssues, type FieldIssue } from './issues';
export { default as faults } from './fault-words';
export { listOf } from './list';
export {
	AttemptSchema,
	ConditionsSchema,
	DaySchema,
	DressingSchema,
	EARLIEST,
	IdSchema,
	InstantSchema,
	LATEST,
	NoteSchema,
	PAST_AFTER_H,
	RigSchema,
	SampleSchema,
	TaxonIdSchema,
	hasStage,
	nameOf,
	whole,
	within,
	wordsOf,
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
