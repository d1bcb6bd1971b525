import { GROUP_ANATOMY, GROUP_ZONES, type Anatomy } from './anatomy';
import { SHADES, type Lab } from './shades';
import type { ColumnZone, Group, LifeStage } from './stages';
import type { StageTraits, Taxon } from './taxon';

/** What the atlas says of one life stage of a taxon, or undefined when it has none such. */
export function findStage(taxon: Taxon, stage: LifeStage): StageTraits | undefined {
	return taxon.stages.find((traits) => traits.stage === stage);
}

/** Whether animals of a group have a stage. */
export const hasGroupStage = ({ group, stage }: { group: Group; stage: LifeStage }): boolean =>
	GROUP_ANATOMY[group][stage] !== undefined;

/** Height in the column at which fish usually meet a stage of a group. */
export function zoneOfGroup(group: Group, stage: LifeStage): ColumnZone {
	const zone = GROUP_ZONES[group][stage];
	if (!zone) throw new Error(`${group} has no ${stage}`);
	return zone;
}

/** Height in the column at which fish meet this stage. */
export function zoneOf(taxon: Taxon, traits: StageTraits): ColumnZone {
	const zone = traits.zone ?? GROUP_ZONES[taxon.group][traits.stage];
	if (!zone) throw new Error(`${taxon.id} has no zone for ${traits.stage}`);
	return zone;
}

/** The build of this stage: its group's, with what the taxon states of its own. */
export function anatomyOf(taxon: Taxon, traits: StageTraits): Anatomy {
	const anatomy = GROUP_ANATOMY[taxon.group][traits.stage];
	if (!anatomy) throw new Error(`${taxon.id} has no anatomy for ${traits.stage}`);
	return { ...anatomy, ...traits.anatomy };
}

/** Belly, back and wing of a stage as CIELAB. */
export function coloursOf(traits: StageTraits): { belly: Lab; back: Lab; wing?: Lab } {
	return {
		belly: SHADES[traits.belly],
		back: SHADES[traits.back],
		...(traits.wing && { wing: SHADES[traits.wing] })
	};
}
