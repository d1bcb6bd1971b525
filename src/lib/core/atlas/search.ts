import MiniSearch from 'minisearch';
import { ofTaxa, TAXA } from './shelf';
import type { LocalName } from './common-names';
import { localNamesOf, type GuidesName } from './common-names';
import { seasonWeight } from './season';
import { nameIn } from './dialect';
import { referencePlace } from './phenology';
import type { Region } from './region';
import { initialsOf, squashed } from './spelling';
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
	/** Only what lives there, what is so called there first. */
	region?: Region;
}

/** At least this far into its season in the middle of a month, to count for that month. */
const IN_SEASON = 0.1;

/**
 * The taxa that fit a query: by how well the words fit, without words in the order of the atlas.
 *
 * A local name that means several insects finds them all. `searchAtlas({ words: 'grannom' })[0]?.id` is
 * `brachycentrus`.
 *
 * @param names what a guide and the guide's circles call insects
 */
export function searchAtlas(
	{ words, group, stage, water, month, region }: AtlasQuery,
	names: readonly GuidesName[] = []
): Taxon[] {
	const order = words?.trim()
		? new Map(
				indexWith(names)
					.search(squashedToo(words))
					.map(({ id }, rank) => [String(id), rank])
			)
		: undefined;
	const soCalledThere = (taxon: Taxon): number => {
		if (!region || !words) return 0;
		const names = localNamesOf(taxon.id).filter(({ regions }) => regions.includes(region));
		const sought = squashed(words).replace(/ies$/, 'y');
		return [nameIn(taxon, region), ...names.map(({ name }) => name)].some(
			(name) => squashed(name).includes(sought) || initialsOf(name) === sought
		)
			? 1
			: 0;
	};
	return TAXA.filter(
		(taxon) =>
			(!order || order.has(taxon.id)) &&
			(!region || taxon.lives.includes(region)) &&
			(!group || taxon.group === group) &&
			(!stage || taxon.stages.some((traits) => traits.stage === stage)) &&
			(!water || taxon.waters[water] !== undefined) &&
			(!month || inSeason(taxon, month, region))
	).sort((a, b) =>
		order ? soCalledThere(b) - soCalledThere(a) || (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0) : 0
	);
}

/** What is sought, and the same in one word and of one animal: names are told apart by spaces and hyphens last. */
const squashedToo = (words: string): string =>
	[words, squashed(words), words.replaceAll(/ies\b/g, 'y'), squashed(words).replace(/ies$/, 'y')].join(' ');

/**
 * How far into its season a taxon is in the middle of each month, January first, 0 to 1.
 *
 * @param region where: at the place for which its seasons were written; the first in which it lives unless said
 */
export function yearOf(taxon: Taxon, region: Region | undefined = taxon.lives[0]): number[] {
	const [water] = Object.keys(taxon.waters) as WaterKind[];
	const place = referencePlace(region ?? 'anywhere', water ?? 'freestone');
	return Array.from({ length: 12 }, (_, month) =>
		seasonWeight(taxon, place, new Date(Date.UTC(2026, month, 15)))
	);
}

const inSeason = (taxon: Taxon, month: number, region?: Region): boolean =>
	(yearOf(taxon, region)[month - 1] ?? 0) >= IN_SEASON;

/** Indexes by the list of names they were made with; the list of a page stays the same while it is open. */
const made = ofTaxa(() => new WeakMap<readonly GuidesName[], MiniSearch>());
const NO_NAMES: readonly GuidesName[] = [];

function indexWith(given: readonly GuidesName[]): MiniSearch {
	const names = given.length === 0 ? NO_NAMES : given;
	let index = made().get(names);
	if (!index) {
		index = new MiniSearch({
			fields: ['scientificName', 'commonName', 'localNames', 'written', 'group'],
			searchOptions: {
				prefix: true,
				fuzzy: 0.2,
				boost: { commonName: 2, scientificName: 2, localNames: 1.5, written: 1.5 }
			}
		});
		index.addAll(
			TAXA.map(({ id, scientificName, commonName, group }) => {
				const local = [...localNamesOf(id), ...names.filter(({ taxonId }) => taxonId === id)].map(
					({ name }) => name
				);
				const all = [commonName, ...local];
				return {
					id,
					scientificName,
					commonName,
					localNames: local.join(', '),
					// As they are written in a hurry: in one word, and by their initials.
					written: all.flatMap((name) => [squashed(name), initialsOf(name) ?? '']).join(' '),
					group: GROUP_NAMES[group]
				};
			})
		);
		made().set(names, index);
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
