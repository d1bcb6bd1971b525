import { findTaxon, type Group } from '../atlas';
import type { Lot } from '../note';

/** Kinds that eat the rest of a sample in the jar (Merritt, Cummins & Berg 2008, functional feeding groups). */
const PREDATORY_GROUPS: ReadonlySet<Group> = new Set(['dragonfly', 'alderfly', 'leech']);
const PREDATORY_TAXA: ReadonlySet<string> = new Set([
	'perla',
	'dinocras',
	'perlodes',
	'isoperla',
	'rhyacophila',
	'polycentropus',
	'notonectidae',
	'dytiscidae'
]);

/** The predators among the lots of a sample, as far as there is anything beside them to eat. */
export function predatorsAmong<L extends Pick<Lot, 'taxonId'>>(lots: readonly L[]): L[] {
	const predators = lots.filter(({ taxonId }) => {
		const taxon = findTaxon(taxonId);
		return taxon !== undefined && (PREDATORY_TAXA.has(taxonId) || PREDATORY_GROUPS.has(taxon.group));
	});
	return lots.length > 1 ? predators : [];
}
