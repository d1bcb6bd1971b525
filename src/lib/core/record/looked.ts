import { findStage, findTaxon, zoneOf, type ColumnZone, type LifeStage } from '../atlas';
import type { Outing } from '../outing';
import { methodsReaching } from '../reading';

/** Heights that whoever stands on the bank sees. */
const SEEN_FROM_THE_BANK: readonly ColumnZone[] = ['air', 'on-film', 'in-film'];

/**
 * When somebody looked where a stage would have shown: samples by a method that reaches its height and, for what
 * can be seen from the bank, whatever was noted of insects and rises there.
 *
 * @throws RangeError when the taxon has no such stage
 */
export function looksAt(outing: Outing, taxonId: string, stage: LifeStage): Date[] {
	const taxon = findTaxon(taxonId);
	const traits = taxon && findStage(taxon, stage);
	if (!taxon || !traits) throw new RangeError(`The atlas has no ${stage} of "${taxonId}"`);
	const zone = zoneOf(taxon, traits);
	const reaching = methodsReaching(zone);
	const nets = outing.samples.filter(({ note }) => reaching.includes(note.body.method));
	const seen = SEEN_FROM_THE_BANK.includes(zone)
		? [...outing.sightings, ...outing.rises, ...outing.drifted]
		: outing.sightings.filter(({ note }) => note.body.zone === zone);
	return [...nets, ...seen].map(({ observedAt }) => observedAt);
}

/** A window is only as sharp as the looks around it: the last before that did not show it, and the first after. */
export function unseenAround(
	looks: readonly Date[],
	firstSeen: Date,
	lastSeen: Date
): { notBefore?: Date; notAfter?: Date } {
	const before = looks.filter((at) => at < firstSeen).map((at) => at.getTime());
	const after = looks.filter((at) => at > lastSeen).map((at) => at.getTime());
	return {
		...(before.length > 0 && { notBefore: new Date(Math.max(...before)) }),
		...(after.length > 0 && { notAfter: new Date(Math.min(...after)) })
	};
}
