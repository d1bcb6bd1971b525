import { findTaxon, TAXA } from './lookup';
import { LOCAL_NAMES, type GuidesName } from './common-names';
import type { Taxon } from './taxon';

/** Taxa by the names that guides gave them. */
export type GivenNames = ReadonlyMap<string, readonly Taxon[]>;
const NONE_GIVEN: GivenNames = new Map();

/**
 * The taxa that a name as somebody wrote it stands for: an id, a scientific name (a species counts for its genus), a
 * common or a local name, in singular or plural. Several where a local name means several, none where nobody calls
 * an insect so.
 *
 * `taxaNamed('Baetis rhodani')` is the one taxon `baetis`.
 *
 * @param given names that guides gave, before those of the atlas; from `givenNames`
 */
export function taxaNamed(name: string, given: GivenNames = NONE_GIVEN): readonly Taxon[] {
	const sought = plain(name);
	if (sought === '') return [];
	const byId = findTaxon(sought.replaceAll(' ', '-'));
	if (byId) return [byId];
	const [genus = ''] = sought.split(' ');
	for (const [names, word] of [
		[SCIENTIFIC, sought],
		[given, sought],
		[SCIENTIFIC, genus],
		[COMMON, sought],
		[LOCAL, sought]
	] as const) {
		const found = names.get(word);
		if (found) return found;
	}
	return [];
}

const plain = (name: string): string =>
	name
		.toLowerCase()
		.replaceAll(/\b(sp|spp)\.?(?=\s|$)/g, '')
		.replaceAll(/[\s_‐‑-]+/g, ' ')
		.replaceAll('’', "'")
		.trim();

/** Taxa by each of the names that are given, in singular and plural. */
function byName(names: readonly (readonly [name: string, taxon: Taxon | undefined])[]): Map<string, Taxon[]> {
	const found = new Map<string, Taxon[]>();
	for (const [name, taxon] of names)
		for (const word of [plain(name), `${plain(name)}s`]) {
			const taxa = found.get(word) ?? [];
			if (taxon && !taxa.includes(taxon)) found.set(word, [...taxa, taxon]);
		}
	return found;
}

/** What guides call insects, to look names up in; one that means several stands for all of them. */
export const givenNames = (names: readonly GuidesName[]): GivenNames =>
	byName(names.map(({ name, taxonId }) => [name, findTaxon(taxonId)]));

const SCIENTIFIC = byName(TAXA.map((taxon) => [taxon.scientificName, taxon]));
const COMMON = byName(TAXA.map((taxon) => [taxon.commonName, taxon]));
const LOCAL = byName(LOCAL_NAMES.map(({ name, taxonId }) => [name, findTaxon(taxonId)]));
