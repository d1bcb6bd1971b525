import { findTaxon, ofTaxa } from './shelf';
import { localNames, type GuidesName } from './common-names';
import { initialsOf, squashed } from './spelling';
import type { Region } from './region';
import type { Taxon } from './taxon';

/** Taxa by the names that guides gave them. */
export type GivenNames = ReadonlyMap<string, readonly Taxon[]>;
const NONE_GIVEN: GivenNames = new Map();

/**
 * The taxa that a name as somebody wrote it stands for: an id of this or an earlier release, a scientific name (a
 * species counts for its genus), a common or a local name, in singular or plural, or the initials of one, whatever its
 * spaces and hyphens. Several where a name means several there, none where nobody calls an insect so.
 *
 * `taxaNamed('Baetis rhodani')` is the one taxon `baetis`; `taxaNamed('BWO', none, 'western-na')` is it too.
 *
 * @param given names that guides gave, before those of the atlas; from `givenNames`
 * @param region where it was written: what it means there goes before what it means elsewhere
 */
export function taxaNamed(name: string, given: GivenNames = NONE_GIVEN, region?: Region): readonly Taxon[] {
	const sought = squashed(name);
	if (sought === '') return [];
	const byId = findTaxon(name.trim().toLowerCase().replaceAll(/\s+/g, '-'));
	if (byId) return [byId];
	const genus = squashed(name.trim().split(/\s+/)[0] ?? '');
	const meant = (names: ReadonlyMap<string, readonly Taxon[]>, word: string) => names.get(word) ?? [];
	const there = (taxa: readonly Taxon[]) =>
		region ? taxa.filter(({ lives }) => lives.includes(region)) : taxa;
	const candidates = [
		meant(written().scientific, sought),
		meant(given, sought),
		meant(written().scientific, genus),
		...(region ? [meant(localIn(region), sought)] : []),
		there(meant(written().common, sought)),
		there(meant(written().local, sought)),
		...(region ? [meant(initialsIn(region), sought)] : []),
		there(meant(written().initials, sought)),
		meant(written().common, sought),
		meant(written().local, sought),
		meant(written().initials, sought)
	];
	return candidates.find((taxa) => taxa.length > 0) ?? [];
}

/** Taxa by each of the names that are given, in singular and plural. */
function byName(names: readonly (readonly [name: string, taxon: Taxon | undefined])[]): Map<string, Taxon[]> {
	const found = new Map<string, Taxon[]>();
	for (const [name, taxon] of names) {
		const word = squashed(name);
		for (const form of new Set([word, `${word}s`, word.replace(/y$/, 'ies'), word.replace(/s$/, 'ses')])) {
			const taxa = found.get(form) ?? [];
			if (taxon && !taxa.includes(taxon)) found.set(form, [...taxa, taxon]);
		}
	}
	return found;
}

/** What guides call insects, to look names up in; one that means several stands for all of them. */
export const givenNames = (names: readonly GuidesName[]): GivenNames =>
	byName(names.map(({ name, taxonId }) => [name, findTaxon(taxonId)]));

type NameRow = readonly [name: string, taxon: Taxon | undefined];
const initialRows = (rows: readonly NameRow[]): NameRow[] =>
	rows.flatMap(([name, taxon]): NameRow[] => {
		const initials = initialsOf(name);
		return initials ? [[initials, taxon]] : [];
	});

/** The taxa at hand by each way of writing them. */
const written = ofTaxa((taxa) => {
	const common: NameRow[] = taxa.map((taxon) => [taxon.commonName, taxon]);
	const local: NameRow[] = localNames().map(({ name, taxonId }) => [name, findTaxon(taxonId)]);
	return {
		scientific: byName(taxa.map((taxon) => [taxon.scientificName, taxon])),
		common: byName(common),
		local: byName(local),
		initials: byName(initialRows([...common, ...local]))
	};
});

const rowsIn = (region: Region): NameRow[] =>
	localNames()
		.filter(({ regions }) => regions.includes(region))
		.map(({ name, taxonId }) => [name, findTaxon(taxonId)]);

/** Looks up what is worked out once for each region. */
function oncePerRegion<T>(work: (region: Region) => T): (region: Region) => T {
	const known = ofTaxa(() => new Map<Region, T>());
	return (region) => {
		const found = known().get(region) ?? work(region);
		known().set(region, found);
		return found;
	};
}
const localIn = oncePerRegion((region) => byName(rowsIn(region)));
const initialsIn = oncePerRegion((region) => byName(initialRows(rowsIn(region))));
