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
const crustaceans = (order: string, above = 'Malacostraca'): Above => ({
	phylum: 'Arthropoda',
	class: above,
	order
});

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
	crustacean: crustaceans('Amphipoda'),
	snail: { phylum: 'Mollusca', class: 'Gastropoda', order: 'Hygrophila' },
	leech: { phylum: 'Annelida', class: 'Clitellata', order: 'Arhynchobdellida' },
	worm: { phylum: 'Annelida', class: 'Clitellata' },
	terrestrial: insects('Coleoptera'),
	fish: { phylum: 'Chordata', class: 'Actinopterygii', order: 'Cypriniformes' }
};

/** Taxa of another order than most of their group. */
const OWN: Readonly<Record<string, Above>> = {
	asellus: crustaceans('Isopoda'),
	astacidae: crustaceans('Decapoda'),
	daphnia: crustaceans('Anomopoda', 'Branchiopoda'),
	bibionidae: insects('Diptera'),
	acrididae: insects('Orthoptera'),
	lepidoptera: insects('Lepidoptera'),
	cicadellidae: insects('Hemiptera')
};

/** Families and their genera of the atlas, after the keys that the atlas's blocks cite. */
const FAMILIES: Readonly<Record<string, readonly string[]>> = {
	Baetidae: ['baetis', 'cloeon', 'callibaetis', 'procloeon', 'acentrella'],
	Heptageniidae: ['rhithrogena', 'ecdyonurus', 'epeorus', 'heptagenia', 'stenonema', 'cinygmula'],
	Ephemeridae: ['ephemera', 'hexagenia'],
	Ephemerellidae: ['ephemerella', 'serratella', 'drunella'],
	Leptophlebiidae: ['paraleptophlebia', 'leptophlebia', 'habrophlebia'],
	Caenidae: ['caenis'],
	Ameletidae: ['ameletus'],
	Siphlonuridae: ['siphlonurus'],
	Leptohyphidae: ['tricorythodes'],
	Potamanthidae: ['potamanthus'],
	Isonychiidae: ['isonychia'],
	Oligoneuriidae: ['oligoneuriella'],
	Capniidae: ['capnia'],
	Leuctridae: ['leuctra'],
	Nemouridae: ['nemoura', 'protonemura', 'amphinemura'],
	Perlodidae: ['isoperla', 'perlodes'],
	Perlidae: ['perla', 'dinocras'],
	Taeniopterygidae: ['taeniopteryx', 'brachyptera'],
	Chloroperlidae: ['siphonoperla', 'alloperla'],
	Pteronarcyidae: ['pteronarcys'],
	Brachycentridae: ['brachycentrus'],
	Hydropsychidae: ['hydropsyche', 'cheumatopsyche'],
	Rhyacophilidae: ['rhyacophila'],
	Limnephilidae: ['limnephilus', 'dicosmoecus'],
	Glossosomatidae: ['glossosoma', 'agapetus'],
	Philopotamidae: ['philopotamus'],
	Polycentropodidae: ['polycentropus'],
	Psychomyiidae: ['psychomyia'],
	Lepidostomatidae: ['lepidostoma'],
	Sericostomatidae: ['sericostoma'],
	Leptoceridae: ['mystacides'],
	Phryganeidae: ['phryganea'],
	Chironomidae: ['chironomus'],
	Chaoboridae: ['chaoborus'],
	Sialidae: ['sialis'],
	Gammaridae: ['gammarus'],
	Asellidae: ['asellus'],
	Daphniidae: ['daphnia'],
	Leuciscidae: ['phoxinus']
};
const familyOf = new Map(
	Object.entries(FAMILIES).flatMap(([family, genera]) => genera.map((genus) => [genus, family] as const))
);

/**
 * Where a taxon stands. `classificationOf(baetis)` has order Ephemeroptera, family Baetidae, genus Baetis; a family has
 * no genus, and an order no family.
 *
 * @throws RangeError for a genus whose family the table lacks
 */
export function classificationOf({ id, scientificName, rank, group }: Taxon): Classification {
	const above = OWN[id] ?? GROUPS[group];
	const base = { kingdom: 'Animalia' as const, ...above };
	switch (rank) {
		case 'genus': {
			const family = familyOf.get(id);
			if (!family) throw new RangeError(`The family of ${scientificName} is not in the table.`);
			return { ...base, family, genus: scientificName };
		}
		case 'family':
			return { ...base, family: scientificName };
		case 'order':
		case 'class':
			return base;
	}
}
