import { GROUP_ANATOMY } from './anatomy';
import { standingOfGroup } from './classification';
import { GROUP_NAMES, GROUPS, LIFE_STAGES, type Group, type LifeStage } from './stages';
import type { Taxon } from './taxon';

/**
 * "A mayfly dun": what nobody could name beyond its group stands in notes, records and tables as a taxon of its own,
 * `unnamed-mayfly`. It is no row of the atlas, lives nowhere, and is never what the reading, the key or a search finds;
 * it can be noted, weighed by its group, said and drawn.
 */
export const unnamedOf = (group: Group): string => `${PREFIX}${group}`;
const PREFIX = 'unnamed-';

/** The group of what nobody could name; undefined for what has a name. */
export const groupOfUnnamed = (taxonId: string): Group | undefined =>
	taxonId.startsWith(PREFIX) ? GROUPS.find((group) => taxonId === unnamedOf(group)) : undefined;

/** What the reading calls a noted natural: a stage of a taxon, or of a group where that is all that is known. */
export function hypothesisIdOf(taxonId: string, stage: LifeStage): string {
	const group = groupOfUnnamed(taxonId);
	return group ? `group/${group}/${stage}` : `${taxonId}/${stage}`;
}

const ALL_DAY = { cool: [], warm: [] };

function unnamed(group: Group): Taxon {
	return {
		id: unnamedOf(group),
		...standingOfGroup(group),
		group,
		commonName: GROUP_NAMES[group].text,
		lives: [],
		waters: {},
		seasons: [],
		emergence: 'never',
		emergenceHours: ALL_DAY,
		flightHours: ALL_DAY,
		waterC: { least: 0, best: [4, 20], most: 30 },
		likes: 'any',
		stages: LIFE_STAGES.filter((stage) => GROUP_ANATOMY[group][stage]).map((stage) => ({
			stage,
			lengthMm: { least: 2, typical: 9, most: 40 },
			belly: 'brown',
			back: 'brown',
			...(WINGED.has(stage) && { wing: 'grey' as const })
		})),
		sources: ['field-rule']
	};
}
const WINGED: ReadonlySet<LifeStage> = new Set<LifeStage>([
	'emerger',
	'dun',
	'adult',
	'egg-laying',
	'spinner'
]);

/** What can be noted without a name, by its id. */
export const UNNAMED: ReadonlyMap<string, Taxon> = new Map(
	GROUPS.map((group) => [unnamedOf(group), unnamed(group)])
);
