import { browser, version } from '$app/environment';
import { keepTaxa, type RegionToSet, type Taxon } from '$lib/core/atlas';

/** Whose animals are at hand. */
let atHand: RegionToSet | undefined;
/** How often was asked, and which of it was kept last: answers may come in another order. */
let asked = 0;
let kept = 0;

/**
 * Fetches the animals of a region, or of anywhere, before a page that speaks of them is shown. A server has them all.
 *
 * @throws Error where they are neither at hand nor to be had
 */
export async function fetchFauna(fetch: typeof globalThis.fetch, region: RegionToSet): Promise<void> {
	if (!browser || atHand === region || atHand === 'anywhere') return;
	const mine = ++asked;
	const answer = await fetch(`/fauna/${region}?v=${version}`);
	if (!answer.ok) throw new Error(`The animals of ${region} are not to be had: ${answer.status}.`);
	const taxa = (await answer.json()) as Taxon[];
	if (mine < kept && region !== 'anywhere') return;
	keepTaxa(taxa);
	atHand = region;
	kept = Math.max(mine, kept);
}
