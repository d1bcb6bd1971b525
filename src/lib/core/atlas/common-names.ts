import { ofTaxa } from './shelf';
import type { Region } from './region';

/** One name, a taxon it is used for, and where: many to many. */
export interface LocalName {
	name: string;
	taxonId: string;
	regions: readonly Region[];
}

/** General common names of insects and where they are used, as the rows of the atlas have them. */
export const localNames = ofTaxa((taxa): readonly LocalName[] =>
	taxa.flatMap(({ id, localNames = [] }) =>
		localNames.map(([name, ...regions]) => ({ name, taxonId: id, regions }))
	)
);

/** A name that a guide or a circle gave an insect. */
export interface GuidesName {
	id: string;
	taxonId: string;
	name: string;
	/** Whether the guide who looks gave it. */
	mine: boolean;
	/** The circle that shares it, if one does: its name, and its id. */
	circle?: string;
	circleId?: string;
}

const byTaxon = ofTaxa(() => {
	const names = new Map<string, LocalName[]>();
	for (const name of localNames()) names.set(name.taxonId, [...(names.get(name.taxonId) ?? []), name]);
	return names;
});

/** Local names of a taxon with the regions where each is used. `localNamesOf('perla')` holds "creeper". */
export function localNamesOf(taxonId: string): LocalName[] {
	return byTaxon().get(taxonId) ?? [];
}

/** Other taxa that are called by the same name somewhere: why names get argued about. */
export function alsoCalled(name: LocalName): LocalName[] {
	return localNames().filter((other) => other.name === name.name && other.taxonId !== name.taxonId);
}
