import { seededRandom } from '../math';
import type { Outing } from '../outing';
import type { SampleMethod } from '../vocabulary';
import { findTaxon, type LifeStage } from '../atlas';
import { hatchIndex, selectionOf, type HatchIndex, type Selection } from './compare';

/** The samples of one outing held against each other. */
export interface TodayCompared {
	/** Bed against surface, for each taxon of the bed that leaves the water through the film. */
	hatches: { taxonId: string; index: HatchIndex }[];
	/** Offered against eaten, by `taxon/stage`; absent until a throat was sampled. */
	selection?: Selection[];
}

const BED: readonly SampleMethod[] = ['kick-net', 'stones'];
const OFFERED: readonly SampleMethod[] = ['surface-net', 'margin-strainer'];
const LEAVING: ReadonlySet<LifeStage> = new Set(['emerger', 'cripple', 'dun', 'pupa', 'adult']);
/** What crawls out, or never leaves the water, no surface net can show to hatch. */
const hatchesInFilm = (taxonId: string): boolean => findTaxon(taxonId)?.emergence === 'open-water';
/** The same samples give the same intervals. */
const SEED = 1965;

/** Compares what the day's samples hold: the hatch from bed against surface, and selection from offered against eaten. */
export function compareToday(outing: Outing): TodayCompared {
	const count = (
		methods: readonly SampleMethod[],
		key: (taxonId: string, stage: LifeStage) => string | undefined
	) => {
		const counts = new Map<string, number>();
		for (const { note } of outing.samples) {
			if (!methods.includes(note.body.method)) continue;
			for (const { taxonId, stage, count: animals } of note.body.lots) {
				const name = key(taxonId, stage);
				if (name !== undefined) counts.set(name, (counts.get(name) ?? 0) + animals);
			}
		}
		return counts;
	};
	const bed = count(BED, (taxonId, stage) =>
		LEAVING.has(stage) || !hatchesInFilm(taxonId) ? undefined : taxonId
	);
	const surface = count(['surface-net'], (taxonId, stage) => (LEAVING.has(stage) ? taxonId : undefined));
	const hatches = [...bed]
		.map(([taxonId, nymphs]) => ({ taxonId, index: hatchIndex(nymphs, surface.get(taxonId) ?? 0) }))
		.sort((a, b) => b.index.share - a.index.share);
	const both = (taxonId: string, stage: LifeStage) => `${taxonId}/${stage}`;
	const offered = count(OFFERED, both);
	const eaten = count(['throat'], both);
	const kinds = new Set([...offered.keys(), ...eaten.keys()]).size;
	return {
		hatches:
			surface.size > 0 || outing.samples.some(({ note }) => note.body.method === 'surface-net')
				? hatches
				: [],
		...(eaten.size > 0 &&
			offered.size > 0 &&
			kinds > 1 && { selection: selectionOf(offered, eaten, seededRandom(SEED)) })
	};
}
