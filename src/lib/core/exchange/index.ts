export { RECORD_COLUMNS, csvLine, recordCells } from './csv';
export { ARCHIVE_TABLES, archiveAbout, archiveMeta } from './darwin-core';
export { DATE_ORDERS, DATE_ORDER_NAMES } from './date-order';
export { geojsonReader } from './drawn-geojson';
export type { BadReach, DrawnReach } from './drawn-reach';
export { recordFeature } from './geojson';
export { gpxReader } from './gpx';
export { CALENDAR_FOOT, CALENDAR_HEAD, expectedEvent, recordEvent } from './icalendar';
export { PACKET, packetLine, readPacketLine, type BadLine, type PacketLine } from './packet';
export { answerKey } from './table-cells';
export { unknownWords, type UnknownWord } from './table-content';
export {
	TABLE_FIELDS,
	TableMappingSchema,
	guessMapping,
	missingFields,
	type GuessedMapping,
	type TableMapping
} from './table-fields';
export { readTableRow, type TableRecord } from './table-record';
export { TableRows, type TableRow } from './table-rows';
export { Unreadable } from './unreadable';
