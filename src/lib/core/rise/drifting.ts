import { findStage, findTaxon, unnamedOf, zoneOf, type LifeStage } from '../atlas';
import type { SampleBody } from '../note';
import type { Outing, Watch } from '../outing';

/** A natural that can be seen to drift over a fish, with what became of those that were followed. */
export interface Drifting {
	taxonId: string;
	stage: LifeStage;
	passed: number;
	taken: number;
}

/** What was on the film so long ago has most likely gone by. */
const FRESH_MIN = 90;

/**
 * The naturals that drift on the film now, as nets, sightings and this watch have shown them: what a guide can
 * follow over the fish. Those already followed come first, then the most abundant.
 */
export function driftingNow(outing: Outing, watch: Watch | undefined, most = 4): Drifting[] {
	const found = new Map<string, Drifting & { weight: number }>();
	const add = (taxonId: string, stage: LifeStage, weight: number) => {
		const taxon = findTaxon(taxonId);
		const traits = taxon && findStage(taxon, stage);
		if (!taxon || !traits || zoneOf(taxon, traits) !== 'on-film') return undefined;
		const key = `${taxonId}/${stage}`;
		const entry = found.get(key) ?? { taxonId, stage, passed: 0, taken: 0, weight: 0 };
		entry.weight += weight;
		found.set(key, entry);
		return entry;
	};
	const fresh = (at: Date) => outing.now.getTime() - at.getTime() <= FRESH_MIN * 60_000;
	for (const { note, observedAt } of outing.samples)
		if (fresh(observedAt) && note.body.method === 'surface-net')
			for (const { taxonId, stage, count } of lotsOf(note.body)) add(taxonId, stage, count);
	for (const { note, observedAt } of outing.sightings)
		if (fresh(observedAt) && note.body.abundance !== 'none' && note.body.zone !== 'air')
			add(note.body.taxonId, note.body.stage, 3);
	for (const { note, observedAt } of outing.unnamed)
		if (fresh(observedAt) && note.body.abundance !== 'none' && note.body.zone !== 'air')
			add(unnamedOf(note.body.group), note.body.stage, 3);
	for (const { note } of watch?.drifted ?? []) {
		const entry = add(note.body.taxonId, note.body.stage, 1000);
		if (entry) entry[note.body.fate] += 1;
	}
	return [...found.values()]
		.sort((a, b) => b.weight - a.weight)
		.slice(0, most)
		.map(({ taxonId, stage, passed, taken }) => ({ taxonId, stage, passed, taken }));
}

/** All that a net held, with what has no name. */
const lotsOf = ({ lots, unnamed = [] }: SampleBody) => [
	...lots,
	...unnamed.map(({ group, stage, count }) => ({ taxonId: unnamedOf(group), stage, count }))
];
