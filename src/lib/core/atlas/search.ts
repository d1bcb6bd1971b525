import MiniSearch from 'minisearch';
import { TAXA } from './lookup';
import type { LocalName } from './common-names';
import { localNamesOf, type GuidesName } from './common-names';
import { seasonWeight } from './season';
import type { Place } from './place';
import { type Group, type LifeStage, GROUP_NAMES } from './stages';
import type { Taxon, WaterKind } from './taxon';

/** What a reader of the atlas asks for; whatever is left out is open. */
export interface AtlasQuery {
	/** Part of a scientific, common or local name, or of a group's; near misspellings count. */
	words?: string;
	group?: Group;
	stage?: LifeStage;
	water?: WaterKind;
	/** 1 to 12: in season then, at the reference place. */
	month?: number;
}

/** At least this far into its season in the middle of a month, to count for that month. */
const IN_SEASON = 0.1;
const REFERENCE: Omit<Place, 'water'> = { latitude: 47, longitude: 0, elevationM: 500 };

/**
 * The taxa that fit a query: by how well the words fit, without words in the order of the atlas.
 *
 * A local name that means several insects finds them all. `searchAtlas({ words: 'grannom' })[0]?.id` is
 * `brachycentrus`.
 *
 * @param names what a guide and the guide's circles call insects
 */
export function searchAtlas(
	{ words, group, stage, water, month }: AtlasQuery,
	names: readonly GuidesName[] = []
): Taxon[] {
	const order = words?.trim()
		? new Map(
				indexWith(names)
					.search(words)
					.map(({ id }, rank) => [String(id), rank])
			)
		: undefined;
	return TAXA.filter(
		(taxon) =>
			(!order || order.has(taxon.id)) &&
			(!group || taxon.group === group) &&
			(!stage || taxon.stages.some((traits) => traits.stage === stage)) &&
			(!water || taxon.waters[water] !== undefined) &&
			(!month || inSeason(taxon, month))
	).sort((a, b) => (order ? (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0) : 0));
}

/** How far into its season a taxon is in the middle of each month, January first, 0 to 1. */
export function yearOf(taxon: Taxon): number[] {
	return Array.from({ length: 12 }, (_, month) => {
		const [water] = Object.keys(taxon.waters) as WaterKind[];
		return seasonWeight(
			taxon,
			{ ...REFERENCE, water: water ?? 'freestone' },
			new Date(Date.UTC(2026, month, 15))
		);
	});
}

const inSeason = (taxon: Taxon, month: number): boolean => (yearOf(taxon)[month - 1] ?? 0) >= IN_SEASON;

/** Indexes by the list of names they were made with; the list of a page stays the same while it is open. */
const made = new WeakMap<readonly GuidesName[], MiniSearch>();
const NO_NAMES: readonly GuidesName[] = [];

function indexWith(given: readonly GuidesName[]): MiniSearch {
	const names = given.length === 0 ? NO_NAMES : given;
	let index = made.get(names);
	if (!index) {
		index = new MiniSearch({
			fields: ['scientificName', 'commonName', 'localNames', 'group'],
			searchOptions: {
				prefix: true,
				fuzzy: 0.2,
				boost: { commonName: 2, scientificName: 2, localNames: 1.5 }
			}
		});
		index.addAll(
			TAXA.map(({ id, scientificName, commonName, group }) => ({
				id,
				scientificName,
				commonName,
				localNames: [...localNamesOf(id), ...names.filter(({ taxonId }) => taxonId === id)]
					.map(({ name }) => name)
					.join(', '),
				group: GROUP_NAMES[group]
			}))
		);
		made.set(names, index);
	}
	return index;
}

/**
 * The local names of a taxon that words searched for are part of, to be shown beside it.
 *
 * `namesFound('green drake', 'drunella')` says that it is so called in western North America.
 */
export function namesFound(words: string, taxonId: string): LocalName[] {
	const sought = words.trim().toLowerCase();
	return sought.length < 3
		? []
		: localNamesOf(taxonId).filter(({ name }) => name.toLowerCase().includes(sought));
}
