export { tellFlies } from './flies-told';
export { dayTold, hourTold, latestOfEach } from './board';
export { coarsen } from './coarsen';
export { editedRecord, type RecordEdit } from './edited';
export { monthWeeks, type CalendarDay } from './month';
export { patternsOfStyle, searchTerms, type SearchTerm } from './search-words';
export { foretoldBy, FORETOLD_DAYS, type EarlierSample, type Foretold } from './foretold';
export { finerNames, type WaterNames } from './finer-names';
export { sharesByWeek, weekBesideUsual, type WeekBesideUsual, type WeekCount } from './usual-week';
export {
	hemisphereOf,
	seasonRows,
	seasonWeeks,
	seasonYear,
	type Hemisphere,
	type SeasonCount,
	type SeasonRow
} from './season';
export { appearsAt, EMBARGO_NAMES, EMBARGOES, type Embargo } from './embargo';
export { gatherEvents, weighNames, type HatchEvent, type NameWeight, type Reply } from './events';
export {
	HOW_SURE,
	HOW_SURE_NAMES,
	NAMED_BY,
	NAMED_BY_NAMES,
	namingWeight,
	usualNaming,
	type HowSure,
	type NamedBy,
	type Naming
} from './naming';
export { abundanceOf, proposeRecords, type RecordPlace } from './propose';
export {
	finestOf,
	HatchRecordSchema,
	isFiner,
	PRECISION_NAMES,
	PRECISIONS,
	RecordTextSchema,
	SharedRecordSchema,
	tellsReach,
	type HatchRecord,
	type Precision,
	type RecordText,
	type SharedPlace,
	type SharedRecord
} from './record';
export { onBoard, shownOf, type BoardRecord, type ShownRecord } from './shown';
