export { coarsen } from './coarsen';
export { abundanceOf, proposeRecords, type RecordPlace } from './propose';
export {
	HatchRecordSchema,
	PRECISION_NAMES,
	PRECISIONS,
	SharedRecordSchema,
	type HatchRecord,
	type Precision,
	type SharedPlace,
	type SharedRecord
} from './record';
