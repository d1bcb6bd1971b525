import type { Taxon } from './taxon';
import { UNNAMED } from './unnamed';

/**
 * The taxa at hand, in the order of the atlas. A server and tests have all of them (`all.ts`); a page has those that it
 * fetched: the ones of a region, or all.
 */
export let TAXA: readonly Taxon[] = [];

const byId = new Map<string, Taxon>();
let edition = 0;

/** Puts taxa at hand, in place of the list before; what was at hand can still be looked up by its id. */
export function keepTaxa(taxa: readonly Taxon[]): void {
	TAXA = taxa;
	edition++;
	for (const taxon of taxa) for (const id of [taxon.id, ...(taxon.aliases ?? [])]) byId.set(id, taxon);
}

/**
 * The taxon with that id, or that had it in an earlier release, or what stands for a group without a name;
 * undefined for others. `findTaxon('baetis')?.commonName`
 * is `olive`.
 */
export const findTaxon = (id: string): Taxon | undefined => byId.get(id) ?? UNNAMED.get(id);

/** Works something out of the taxa at hand once, and anew when others come. */
export function ofTaxa<T>(work: (taxa: readonly Taxon[]) => T): () => T {
	let known: { edition: number; value: T } | undefined;
	return () => {
		if (known?.edition !== edition) known = { edition, value: work(TAXA) };
		return known.value;
	};
}
