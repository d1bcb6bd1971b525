import { words } from '../message';

/** Why a file can't be read on. */
export default words('file', {
	'no-xml': 'Line {line} is not XML that can be read: {reason}.',
	doctype: 'Line {line} declares a document type, which GPX has none of.',
	'no-gpx': 'This is not GPX: it begins with “{name}”.',
	'too-deep': 'Line {line} is nested too deeply.',
	'no-gpx-reach': 'There is no track, route or point in this file.',
	'long-line': 'Line {line} is over {most} characters long. Is a quotation mark left open?',
	'quotation-mark': 'Line {line} has a quotation mark out of place.',
	columns: 'Line {line} has {columns} columns; a table of records has under {most}.',
	'no-json': 'This is not JSON that can be read; it breaks off behind feature {number}.',
	'large-feature': 'Feature {number} is over {most} MB; simplify its line.',
	'ends-within': 'The file ends within feature {number}, or behind the last one.',
	'no-geojson': 'This is not GeoJSON: it is no FeatureCollection.',
	'no-feature': 'There is no feature in this file.'
});
