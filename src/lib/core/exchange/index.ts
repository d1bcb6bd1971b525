export { csvLine, RECORD_COLUMNS, recordCells } from './csv';
export { ARCHIVE_TABLES, archiveAbout, archiveMeta } from './darwin-core';
export { recordFeature, type Feature } from './geojson';
export { CALENDAR_FOOT, CALENDAR_HEAD, recordEvent } from './icalendar';
export {
	PACKET,
	packetLine,
	PacketLineSchema,
	readPacketLine,
	type BadLine,
	type PacketLine
} from './packet';
