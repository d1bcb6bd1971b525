export { coarsen } from './coarsen';
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
