import { joined, sayMessage } from '../message';
import { classificationOf, findTaxon, type Classification } from '../atlas';
import { HOW_SURE_NAMES, NAMED_BY_NAMES, type Precision, type SharedRecord } from '../record';

/** Namespace of the terms of Darwin Core (Wieczorek et al. 2012, PLoS ONE 7, e29715; TDWG standard 450). */
const DWC = 'http://rs.tdwg.org/dwc/terms/';

interface Column {
	term: string;
	of: (id: string, record: SharedRecord) => string | number | undefined;
}

/** Within what of the truth a position from a phone is taken to be, m. */
const POSITION_M = 30;

const GENERALIZED: Record<Precision, string> = {
	exact: '',
	reach: 'Place generalized to a named reach; times rounded to a quarter of an hour.',
	water: 'Place generalized to a water; times rounded to the hour.',
	basin: 'Place generalized to a river basin; times rounded to three hours.',
	season: 'Place generalized to a river basin; the date to half of a month.'
};

const standing = (taxonId: string): Classification | undefined => {
	const taxon = findTaxon(taxonId);
	return taxon && classificationOf(taxon);
};

/** Minutes between the first and the last look that a record tells of; a look takes one at the least. */
function minutesWatched({ notBefore, notAfter, firstSeen, lastSeen }: SharedRecord): number {
	const [from, to] = [notBefore ?? firstSeen, notAfter ?? lastSeen];
	return Math.max(1, Math.round((to.getTime() - from.getTime()) / 60_000));
}

/** Columns of the core, one event for each record: somebody looked, then and there. */
const EVENT: readonly Column[] = [
	{ term: 'eventID', of: (id) => id },
	{
		term: 'eventDate',
		of: (_, { firstSeen, lastSeen }) => `${firstSeen.toISOString()}/${lastSeen.toISOString()}`
	},
	{ term: 'samplingProtocol', of: () => 'Observation from the bank, nets and turned stones' },
	// Who looked for how long: from the last look that showed none, or from the first animal, to the end.
	{ term: 'samplingEffort', of: (_, record) => `1 observer, ${minutesWatched(record)} minutes` },
	{ term: 'sampleSizeValue', of: (_, record) => minutesWatched(record) },
	{ term: 'sampleSizeUnit', of: () => 'minute' },
	{ term: 'higherGeography', of: (_, { place }) => place.basin },
	{ term: 'waterBody', of: (_, { place }) => ('water' in place ? place.water : undefined) },
	{ term: 'locality', of: (_, { place }) => ('reach' in place ? place.reach : undefined) },
	{
		term: 'decimalLatitude',
		of: (_, { place }) => (place.precision === 'exact' ? place.latitude : undefined)
	},
	{
		term: 'decimalLongitude',
		of: (_, { place }) => (place.precision === 'exact' ? place.longitude : undefined)
	},
	{ term: 'geodeticDatum', of: (_, { place }) => (place.precision === 'exact' ? 'EPSG:4326' : undefined) },
	{
		term: 'coordinateUncertaintyInMeters',
		of: (_, { place }) => (place.precision === 'exact' ? POSITION_M : undefined)
	},
	{ term: 'dataGeneralizations', of: (_, { place }) => GENERALIZED[place.precision] },
	{
		term: 'informationWithheld',
		of: (_, { place }) => (place.precision === 'exact' ? undefined : 'Position withheld; ask the observer.')
	}
];

/** Columns of the extension: what was seen, or looked for and not seen. */
const OCCURRENCE: readonly Column[] = [
	{ term: 'occurrenceID', of: (id, { taxonId, stage }) => `${id}:${taxonId}:${stage}` },
	{ term: 'basisOfRecord', of: () => 'HumanObservation' },
	{ term: 'occurrenceStatus', of: (_, { abundance }) => (abundance === 'none' ? 'absent' : 'present') },
	{ term: 'scientificName', of: (_, { taxonId }) => findTaxon(taxonId)?.scientificName ?? taxonId },
	{ term: 'taxonRank', of: (_, { taxonId }) => findTaxon(taxonId)?.rank },
	...(['kingdom', 'phylum', 'class', 'order', 'family', 'genus'] as const).map((term): Column => ({
		term,
		of: (_, { taxonId }) => standing(taxonId)?.[term]
	})),
	{ term: 'vernacularName', of: (_, { taxonId }) => findTaxon(taxonId)?.commonName },
	{
		term: 'identificationRemarks',
		of: (_, { naming }) =>
			naming && sayMessage(joined(', ', HOW_SURE_NAMES[naming.sure], NAMED_BY_NAMES[naming.by]))
	},
	{ term: 'lifeStage', of: (_, { stage }) => stage },
	{ term: 'organismQuantity', of: (_, { abundance }) => abundance },
	{ term: 'organismQuantityType', of: () => 'Lacewing scale of abundance' },
	{ term: 'occurrenceRemarks', of: (_, { words }) => words }
];

const line = (cells: readonly (string | number | undefined)[]): string =>
	`${cells.map((cell) => String(cell ?? '').replaceAll(/[\t\r\n]+/g, ' ')).join('\t')}\n`;

/** The two tables of an archive, and what opens each. */
export const ARCHIVE_TABLES = {
	event: {
		file: 'event.txt',
		head: line(EVENT.map(({ term }) => term)),
		row: (id: string, record: SharedRecord) => line(EVENT.map(({ of }) => of(id, record)))
	},
	occurrence: {
		file: 'occurrence.txt',
		head: line(['eventID', ...OCCURRENCE.map(({ term }) => term)]),
		row: (id: string, record: SharedRecord) => line([id, ...OCCURRENCE.map(({ of }) => of(id, record))])
	}
} as const;

/** `meta.xml`: which column holds which term (Darwin Core text guide). */
export function archiveMeta(): string {
	const table = (
		element: 'core' | 'extension',
		file: string,
		rowType: string,
		columns: readonly Column[]
	) => {
		const key = element === 'core' ? 'id' : 'coreid';
		const first = element === 'core' ? 0 : 1;
		const fields = columns
			.map(({ term }, i) => `    <field index="${i + first}" term="${DWC}${term}"/>`)
			.join('\n');
		return `  <${element} encoding="UTF-8" fieldsTerminatedBy="\\t" linesTerminatedBy="\\n" fieldsEnclosedBy="" ignoreHeaderLines="1" rowType="${DWC}${rowType}">
    <files><location>${file}</location></files>
    <${key} index="0"/>
${fields}
  </${element}>`;
	};
	return `<?xml version="1.0" encoding="UTF-8"?>
<archive xmlns="http://rs.tdwg.org/dwc/text/" metadata="eml.xml">
${table('core', ARCHIVE_TABLES.event.file, 'Event', EVENT)}
${table('extension', ARCHIVE_TABLES.occurrence.file, 'Occurrence', OCCURRENCE)}
</archive>
`;
}

/** `eml.xml`: whose data these are, and from when. */
export function archiveAbout(by: string, at: Date): string {
	const name = by.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
	return `<?xml version="1.0" encoding="UTF-8"?>
<eml:eml xmlns:eml="https://eml.ecoinformatics.org/eml-2.2.0" packageId="lacewing-${at.getTime()}" system="lacewing">
  <dataset>
    <title>Hatch records of ${name}</title>
    <creator><individualName><surName>${name}</surName></individualName></creator>
    <pubDate>${at.toISOString().slice(0, 10)}</pubDate>
    <language>en</language>
    <abstract><para>When aquatic insects hatched, flew or fell, as a fishing guide saw it from the bank.</para></abstract>
    <contact><individualName><surName>${name}</surName></individualName></contact>
  </dataset>
</eml:eml>
`;
}
