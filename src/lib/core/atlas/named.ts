import { findTaxon, TAXA } from './lookup';
import { LOCAL_NAMES } from './local-names.data';
import type { Taxon } from './taxon';

/**
 * The taxa that a name as somebody wrote it stands for: an id, a scientific name (a species counts for its genus), a
 * common or a local name, in singular or plural. Several where a local name means several, none where nobody calls
 * an insect so.
 *
 * `taxaNamed('Baetis rhodani')` is the one taxon `baetis`.
 */
export function taxaNamed(name: string): Taxon[] {
	const sought = plain(name);
	if (sought === '') return [];
	const byId = findTaxon(sought.replaceAll(' ', '-'));
	if (byId) return [byId];
	const [genus] = sought.split(' ');
	const scientific = TAXA.filter(({ scientificName }) => [sought, genus].includes(plain(scientificName)));
	if (scientific.length > 0) return exactFirst(scientific, sought);
	const common = TAXA.filter(({ commonName }) => sameWord(plain(commonName), sought));
	if (common.length > 0) return common;
	const local = new Set(
		LOCAL_NAMES.filter((entry) => sameWord(plain(entry.name), sought)).map(({ taxonId }) => taxonId)
	);
	return TAXA.filter(({ id }) => local.has(id));
}

/** Where the whole name is in the atlas, its genus is not meant. */
function exactFirst(found: Taxon[], sought: string): Taxon[] {
	const exact = found.filter(({ scientificName }) => plain(scientificName) === sought);
	return exact.length > 0 ? exact : found;
}

const sameWord = (name: string, sought: string): boolean => name === sought || `${name}s` === sought;

function plain(name: string): string {
	return name
		.toLowerCase()
		.replaceAll(/\b(sp|spp)\.?(?=\s|$)/g, '')
		.replaceAll(/[\s_]+/g, ' ')
		.trim();
}
