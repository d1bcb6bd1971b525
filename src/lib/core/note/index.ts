export { isBehind, isTake } from './behind';
export { describeNote } from './describe';
export { checked, fieldIssues, type FieldIssue } from './issues';
export { default as faults } from './fault-words';
export {
	DaySchema,
	EARLIEST,
	IdSchema,
	InstantSchema,
	LATEST,
	PAST_AFTER_H,
	nameOf,
	whole,
	within,
	wordsOf
} from './fields';
export { listOf } from './list';
export {
	AttemptSchema,
	ConditionsSchema,
	DressingSchema,
	KeptNoteSchema,
	NOTE_KINDS,
	NoteSchema,
	RigSchema,
	SampleSchema,
	TaxonIdSchema,
	hasStage,
	type AttemptBody,
	type HatchBody,
	type KeptNote,
	type LookedBody,
	type SuspicionBody,
	type UnnamedBody,
	type UnnamedLot,
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
export { GroundSchema, type GroundBody, type StanceBody } from './stand';
export { taxaOf } from './taxa-of';
