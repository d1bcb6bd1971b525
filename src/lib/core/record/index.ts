export { tellFlies } from './flies-told';
export { dayTold, hourTold, latestOfEach } from './board';
export { coarsen } from './coarsen';
export { sharesByWeek, weekBesideUsual, type WeekBesideUsual, type WeekCount } from './usual-week';
export { SEASON_HOURS, SEASON_WEEKS, seasonRows, type SeasonCount, type SeasonRow } from './season';
export { appearsAt, EMBARGO_NAMES, EMBARGOES, type Embargo } from './embargo';
export { gatherEvents, weighNames, type HatchEvent, type NameWeight, type Reply } from './events';
export { abundanceOf, proposeRecords, type RecordPlace } from './propose';
export {
	HatchRecordSchema,
	PRECISION_NAMES,
	PRECISIONS,
	RecordTextSchema,
	SharedRecordSchema,
	type HatchRecord,
	type Precision,
	type RecordText,
	type SharedPlace,
	type SharedRecord
} from './record';
