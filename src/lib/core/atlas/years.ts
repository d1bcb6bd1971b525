import type { Taxon } from './taxon';

/** Years from egg to adult, least to most; a third of a year is one of three broods. */
export interface YearsToGrow {
	least: number;
	most: number;
}

/**
 * How long a taxon takes to grow up. Where two year-classes live together, a tray shows two sizes.
 * Sources: Elliott & Humpesch (2010) for mayflies, Stewart & Stark (2002) for stoneflies, Merritt, Cummins &
 * Berg (2008) for the rest; where they differ, the wider range.
 */
export function yearsToGrow(taxon: Taxon): YearsToGrow {
	const [least, most] = taxon.years ?? GROUP[taxon.group];
	return { least, most };
}

const GROUP: Record<Taxon['group'], readonly [number, number]> = {
	mayfly: [0.5, 1],
	stonefly: [1, 1],
	caddisfly: [0.5, 1],
	'true-fly': [0.2, 1],
	dragonfly: [1, 3],
	alderfly: [1, 2],
	bug: [0.5, 1],
	beetle: [1, 2],
	crustacean: [0.5, 1],
	snail: [1, 2],
	leech: [1, 2],
	worm: [0.5, 2],
	ant: [0.2, 0.5],
	terrestrial: [0.3, 1],
	fish: [2, 3]
};
