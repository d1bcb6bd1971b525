import { create } from 'xmlbuilder2';
import { joined, names, words, type Message } from '../message';
import { classificationOf, findTaxon, taxonName, type Classification } from '../atlas';
import { HOW_SURE_NAMES, NAMED_BY_NAMES, type Precision, type SharedRecord } from '../record';

/** Namespace of the terms of Darwin Core (Wieczorek et al. 2012, PLoS ONE 7, e29715; TDWG standard 450). */
const DWC = 'http://rs.tdwg.org/dwc/terms/';

type Cell = string | number | Message | undefined;
type Tell = (message: Message) => string;

interface Column {
	term: string;
	of: (id: string, record: SharedRecord) => Cell;
}

/** Within what of the truth a position from a phone is taken to be, m. */
const POSITION_M = 30;

const says = words('archive', {
	title: 'Hatch records of {by}',
	abstract: 'When aquatic insects hatched, flew or fell, as a fishing guide saw it from the bank.',
	protocol: 'Observation from the bank, nets and turned stones',
	effort: '1 observer, {minutes} minutes',
	minute: 'minute',
	withheld: 'Position withheld; ask the observer.',
	scale: 'Lacewing scale of abundance'
});
const GENERALIZED = names('archive-generalized', {
	exact: '',
	reach: 'Place generalized to a named reach; times rounded to a quarter of an hour.',
	water: 'Place generalized to a water; times rounded to the hour.',
	basin: 'Place generalized to a river basin; times rounded to three hours.',
	season: 'Place generalized to a river basin; the date to half of a month.'
} satisfies Record<Precision, string>);

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
	{ term: 'samplingProtocol', of: () => says('protocol') },
	// Who looked for how long: from the last look that showed none, or from the first animal, to the end.
	{ term: 'samplingEffort', of: (_, record) => says('effort', { minutes: minutesWatched(record) }) },
	{ term: 'sampleSizeValue', of: (_, record) => minutesWatched(record) },
	{ term: 'sampleSizeUnit', of: () => says('minute') },
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
		of: (_, { place }) => (place.precision === 'exact' ? undefined : says('withheld'))
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
	{ term: 'vernacularName', of: (_, { taxonId }) => taxonName(taxonId) },
	{
		term: 'identificationRemarks',
		of: (_, { naming }) => naming && joined(', ', HOW_SURE_NAMES[naming.sure], NAMED_BY_NAMES[naming.by])
	},
	{ term: 'lifeStage', of: (_, { stage }) => stage },
	{ term: 'organismQuantity', of: (_, { abundance }) => abundance },
	{ term: 'organismQuantityType', of: () => says('scale') },
	{ term: 'occurrenceRemarks', of: (_, { words }) => words }
];

const line = (cells: readonly (string | number | undefined)[]): string =>
	`${cells.map((cell) => String(cell ?? '').replaceAll(/[\t\r\n]+/g, ' ')).join('\t')}\n`;
const told = (columns: readonly Column[], id: string, record: SharedRecord, tell: Tell) =>
	columns.map(({ of }) => {
		const cell = of(id, record);
		return typeof cell === 'object' ? tell(cell) : cell;
	});

/** The two tables of an archive, and what opens each. */
export const ARCHIVE_TABLES = {
	event: {
		file: 'event.txt',
		head: line(EVENT.map(({ term }) => term)),
		row: (id: string, record: SharedRecord, tell: Tell) => line(told(EVENT, id, record, tell))
	},
	occurrence: {
		file: 'occurrence.txt',
		head: line(['eventID', ...OCCURRENCE.map(({ term }) => term)]),
		row: (id: string, record: SharedRecord, tell: Tell) => line([id, ...told(OCCURRENCE, id, record, tell)])
	}
} as const;

/** `meta.xml`: which column holds which term (Darwin Core text guide). */
export function archiveMeta(): string {
	const table = (key: 'id' | 'coreid', file: string, rowType: string, columns: readonly Column[]) => ({
		'@encoding': 'UTF-8',
		'@fieldsTerminatedBy': '\\t',
		'@linesTerminatedBy': '\\n',
		'@fieldsEnclosedBy': '',
		'@ignoreHeaderLines': '1',
		'@rowType': `${DWC}${rowType}`,
		files: { location: file },
		[key]: { '@index': '0' },
		field: columns.map(({ term }, i) => ({
			'@index': String(key === 'id' ? i : i + 1),
			'@term': `${DWC}${term}`
		}))
	});
	return document({
		archive: {
			'@xmlns': 'http://rs.tdwg.org/dwc/text/',
			'@metadata': 'eml.xml',
			core: table('id', ARCHIVE_TABLES.event.file, 'Event', EVENT),
			extension: table('coreid', ARCHIVE_TABLES.occurrence.file, 'Occurrence', OCCURRENCE)
		}
	});
}

const document = (tree: object): string =>
	`${create({ version: '1.0', encoding: 'UTF-8' }, tree).end({ prettyPrint: true })}\n`;

/** `eml.xml`: whose data these are, and from when. */
export function archiveAbout(by: string, at: Date, tell: Tell): string {
	const named = { individualName: { surName: by } };
	return document({
		'eml:eml': {
			'@xmlns:eml': 'https://eml.ecoinformatics.org/eml-2.2.0',
			'@packageId': `lacewing-${at.getTime()}`,
			'@system': 'lacewing',
			dataset: {
				title: tell(says('title', { by })),
				creator: named,
				pubDate: at.toISOString().slice(0, 10),
				language: 'en',
				abstract: { para: tell(says('abstract')) },
				contact: named
			}
		}
	});
}
