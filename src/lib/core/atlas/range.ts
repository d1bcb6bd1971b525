import type { Place } from './place';
import { REGION_IDS, regionOf, type Region, type Whereabouts } from './region';
import type { Taxon } from './taxon';

/** Whether a taxon lives in the region of a place; everything does where no region is known or asked for. */
export function livesAt({ lives }: Taxon, place: Whereabouts): boolean {
	const region = regionOf(place);
	return region === undefined || lives.includes(region);
}

/** How much of a taxon there is at a place, 0 to 1: nothing in another region, or in water that it does not live in. */
export function shareAt(taxon: Taxon, place: Place): number {
	if (!livesAt(taxon, place)) return 0;
	const region = taxon.there && regionOf(place);
	const waters = (region && taxon.there?.[region]?.waters) ?? taxon.waters;
	return waters[place.water] ?? 0;
}

/** The taxa of a list that live in a region; all of them where none is named. */
export const faunaOf = (taxa: readonly Taxon[], region: Region | undefined): Taxon[] =>
	taxa.filter(({ lives }) => !region || lives.includes(region));

/**
 * What takes the place of a taxon in a region where it does not live: of its family first, else of its group and
 * habits, the nearest in length first.
 *
 * @returns at most three; none where it lives there itself
 */
function replacementsIn(taxon: Taxon, region: Region, taxa: readonly Taxon[]): Taxon[] {
	if (taxon.lives.includes(region)) return [];
	const there = faunaOf(taxa, region).filter(({ group }) => group === taxon.group);
	const kin = there.filter(({ family }) => taxon.family !== undefined && family === taxon.family);
	const length = lengthOf(taxon);
	return (kin.length > 0 ? kin : there.filter(({ emergence }) => emergence === taxon.emergence))
		.toSorted((a, b) => apart(a, length) - apart(b, length))
		.slice(0, 3);
}

/** What stands for a taxon in each region where it does not live and something does. */
export const replacedElsewhere = (
	taxon: Taxon,
	taxa: readonly Taxon[]
): { region: Region; stands: readonly Taxon[] }[] =>
	REGION_IDS.map((region) => ({ region, stands: replacementsIn(taxon, region, taxa) })).filter(
		({ stands }) => stands.length > 0
	);

const lengthOf = ({ stages }: Taxon): number => stages[0]?.lengthMm.typical ?? 0;
const apart = (taxon: Taxon, length: number): number => Math.abs(Math.log(lengthOf(taxon) / length));
