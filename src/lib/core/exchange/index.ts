export { csvLine, RECORD_COLUMNS, recordCells } from './csv';
export { type BadReach, type DrawnReach } from './drawn-reach';
export { geojsonReader } from './drawn-geojson';
export { gpxReader } from './gpx';
export {
	DATE_ORDER_NAMES,
	DATE_ORDERS,
	guessMapping,
	missingFields,
	TABLE_FIELDS,
	TableMappingSchema,
	type GuessedMapping,
	type TableField,
	type TableMapping
} from './table-fields';
export { answerKey } from './table-cells';
export { unknownWords, type UnknownWord } from './table-content';
export { readTableRow, type BadCell, type TableRecord } from './table-record';
export { TableRows, type TableRow } from './table-rows';
export { Unreadable } from './unreadable';
export { ARCHIVE_TABLES, archiveAbout, archiveMeta } from './darwin-core';
export { recordFeature, type Feature } from './geojson';
export { CALENDAR_FOOT, CALENDAR_HEAD, expectedEvent, recordEvent } from './icalendar';
export {
	PACKET,
	packetLine,
	PacketLineSchema,
	readPacketLine,
	type BadLine,
	type PacketLine
} from './packet';
