export { editedRecord } from './edited';
export { tellFlies } from './flies-told';
export { FORETOLD_DAYS, foretoldBy, type EarlierSample, type Foretold } from './foretold';
export { monthWeeks } from './month';
export { HOW_SURE, HOW_SURE_NAMES, NAMED_BY, NAMED_BY_NAMES, namingWeight, type Naming } from './naming';
export { abundanceOf, proposeRecords } from './propose';
export {
	HatchRecordSchema,
	PRECISIONS,
	PRECISION_NAMES,
	RecordTextSchema,
	SharedRecordSchema,
	finestOf,
	isFiner,
	tellsReach,
	type HatchRecord,
	type Precision,
	type RecordText,
	type SharedPlace,
	type SharedRecord
} from './record';
export { patternsOfStyle, searchTerms } from './search-words';
export {
	hemisphereOf,
	seasonRows,
	seasonWeeks,
	seasonYear,
	type Hemisphere,
	type SeasonCount,
	type SeasonRow
} from './season';
export { sharesByWeek, weekBesideUsual, type WeekCount } from './usual-week';
