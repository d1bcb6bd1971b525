import { LOCAL_NAMES, type LocalName } from './local-names.data';

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

/** Local names of a taxon with the regions where each is used. `localNamesOf('perla')` holds "creeper". */
export function localNamesOf(taxonId: string): LocalName[] {
	return LOCAL_NAMES.filter((name) => name.taxonId === taxonId);
}

/** Other taxa that are called by the same name somewhere: why names get argued about. */
export function alsoCalled(name: LocalName): LocalName[] {
	return LOCAL_NAMES.filter((other) => other.name === name.name && other.taxonId !== name.taxonId);
}
