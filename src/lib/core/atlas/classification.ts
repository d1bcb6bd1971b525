import type { Group } from './stages';
import type { Taxon } from './taxon';

/** Where a taxon stands, from kingdom to genus, as far down as it is named. */
export interface Classification {
	kingdom: 'Animalia';
	phylum: 'Arthropoda' | 'Mollusca' | 'Annelida' | 'Chordata';
	class: string;
	order?: string;
	family?: string;
	genus?: string;
}

type Above = Omit<Classification, 'kingdom' | 'genus' | 'family'>;

const insects = (order: string): Above => ({ phylum: 'Arthropoda', class: 'Insecta', order });

/** Orders of the groups, after Merritt, Cummins & Berg (2008) and, beside insects, Thorp & Covich (2009). */
const GROUPS: Record<Group, Above> = {
	mayfly: insects('Ephemeroptera'),
	stonefly: insects('Plecoptera'),
	caddisfly: insects('Trichoptera'),
	'true-fly': insects('Diptera'),
	dragonfly: insects('Odonata'),
	alderfly: insects('Megaloptera'),
	bug: insects('Hemiptera'),
	beetle: insects('Coleoptera'),
	ant: insects('Hymenoptera'),
	crustacean: { phylum: 'Arthropoda', class: 'Malacostraca', order: 'Amphipoda' },
	snail: { phylum: 'Mollusca', class: 'Gastropoda', order: 'Hygrophila' },
	leech: { phylum: 'Annelida', class: 'Clitellata', order: 'Arhynchobdellida' },
	worm: { phylum: 'Annelida', class: 'Clitellata' },
	terrestrial: insects('Coleoptera'),
	fish: { phylum: 'Chordata', class: 'Actinopterygii', order: 'Cypriniformes' }
};

/** Where all of a group stand: its order, or its class where it is told apart into several. */
export function standingOfGroup(group: Group): { scientificName: string; rank: Taxon['rank'] } {
	if (group === 'ant') return { scientificName: 'Formicidae', rank: 'family' };
	const { class: above, order } = GROUPS[group];
	return order === undefined || OF_SEVERAL_ORDERS.has(group)
		? { scientificName: above, rank: 'class' }
		: { scientificName: order, rank: 'order' };
}
/** Groups of several orders: the one that stands above is that of most of their rows. */
const OF_SEVERAL_ORDERS: ReadonlySet<Group> = new Set<Group>([
	'crustacean',
	'snail',
	'leech',
	'terrestrial',
	'fish'
]);

/**
 * Where a taxon stands. `classificationOf(baetis)` has order Ephemeroptera, family Baetidae, genus Baetis; a family has
 * no genus, and an order no family.
 *
 * @throws RangeError for a genus whose row has no family
 */
export function classificationOf({
	scientificName,
	rank,
	group,
	family,
	order,
	class: above
}: Taxon): Classification {
	const base = {
		kingdom: 'Animalia' as const,
		...GROUPS[group],
		...(above && { class: above }),
		...(order && { order })
	};
	switch (rank) {
		case 'genus': {
			if (!family) throw new RangeError(`The row of ${scientificName} has no family.`);
			return { ...base, family, genus: scientificName };
		}
		case 'family':
			return { ...base, family: scientificName };
		case 'order':
			return base;
		case 'class': {
			// Of which order it is, is not known.
			const { kingdom, phylum, class: own } = base;
			return { kingdom, phylum, class: own };
		}
	}
}
