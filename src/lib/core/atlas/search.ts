import MiniSearch from 'minisearch';
import { TAXA } from './lookup';
import { seasonWeight } from './season';
import type { Place } from './place';
import type { Group, LifeStage } from './stages';
import { GROUP_NAMES } from './stages';
import type { Taxon, WaterKind } from './taxon';

/** What a reader of the atlas asks for; whatever is left out is open. */
export interface AtlasQuery {
	/** Part of a scientific or common name, or of a group's; near misspellings count. */
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
 * `searchAtlas({ words: 'grannom' })[0]?.id` is `brachycentrus`.
 */
export function searchAtlas({ words, group, stage, water, month }: AtlasQuery): Taxon[] {
	const order = words?.trim()
		? new Map(
				index()
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

let made: MiniSearch | undefined;

function index(): MiniSearch {
	if (!made) {
		made = new MiniSearch({
			fields: ['scientificName', 'commonName', 'group'],
			searchOptions: { prefix: true, fuzzy: 0.2, boost: { commonName: 2, scientificName: 2 } }
		});
		made.addAll(
			TAXA.map(({ id, scientificName, commonName, group }) => ({
				id,
				scientificName,
				commonName,
				group: GROUP_NAMES[group]
			}))
		);
	}
	return made;
}
