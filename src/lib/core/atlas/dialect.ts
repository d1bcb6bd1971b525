import { ENGLISH, type Language } from '../message';
import { findTaxon } from './shelf';
import { NAME_FORMS } from './natural-words';
import type { Region } from './region';
import type { Taxon } from './taxon';

/** What guides of a region usually call a taxon: the first of its names there, or else its general common name. */
export function nameIn({ localNames = [], commonName }: Taxon, region: Region | undefined): string {
	const local = region && localNames.find(([, ...regions]) => regions.includes(region));
	return local?.[0] ?? commonName;
}

const OF_TAXON = /^taxon\.([\w-]+?)(?:\.(stem|dun))?$/;

/**
 * A language as it is spoken in a region: its insects go by the names that they have there.
 *
 * In `inRegion('western-na')` the emerger of *Ephemerella* is a "pale morning emerger", its dun a "pale morning dun".
 */
export function inRegion(region: Region | undefined, language: Language = ENGLISH): Language {
	if (!region) return language;
	let spoken = made.get(language)?.get(region);
	if (!spoken) {
		spoken = {
			...language,
			text: (id, english) => {
				const [, taxonId, form] = OF_TAXON.exec(id) ?? [];
				const taxon = taxonId === undefined ? undefined : findTaxon(taxonId);
				if (!taxon) return language.text(id, english);
				const local = nameIn(taxon, region);
				if (local === taxon.commonName) return language.text(id, english);
				const as = NAME_FORMS[(form as 'stem' | 'dun' | undefined) ?? 'alone'];
				return language.text(`${id}.in.${region}`, as(local));
			}
		};
		const own = made.get(language) ?? new Map<Region, Language>();
		made.set(language, own.set(region, spoken));
	}
	return spoken;
}
const made = new WeakMap<Language, Map<Region, Language>>();
