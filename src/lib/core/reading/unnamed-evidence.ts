import {
	findStage,
	findTaxon,
	colourDifference,
	SHADES,
	type Group,
	type LifeStage,
	type ShadeName
} from '../atlas';
import type { Hypothesis } from '../likeness';
import type { Outing } from '../outing';
import type { SampleMethod } from '../vocabulary';
import type { MenuScale } from './clock';
import { animalsIn } from './sample-evidence';
import { saidByNumber } from './sighting-evidence';
import type { Evidence } from './weight-of-evidence';
import type { Weights } from './weights';

/** Animals of which only the group is known, however they were met with. */
interface Unnamed {
	group: Group;
	stage: LifeStage;
	count: number;
	lengthMm?: number | undefined;
	lengthIs?: 'about' | 'larger-than' | 'smaller-than' | undefined;
	shade?: ShadeName | undefined;
}

/**
 * What nobody could name speaks for its group and stage, shared among the taxa by how like each is to what was seen of
 * length and colour; the group itself stands beside them for one that the atlas does not list.
 *
 * @param visibleTo how far a way of looking sees each hypothesis
 */
export function fromUnnamed(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	visibleTo: (method: SampleMethod | 'eye') => Float64Array,
	ofMenu: MenuScale,
	weights: Weights
): Evidence[] {
	const { halfLifeMin, abundance, trust } = weights;
	const said = (
		seen: Unnamed,
		method: SampleMethod | 'eye',
		scale: number,
		total = seen.count
	): Float64Array => {
		const visible = visibleTo(method);
		const mass = hypotheses.map((_, i) => (visible[i] ?? 0) * (priors[i] ?? 0));
		const all = mass.reduce((sum, one) => sum + one, 0);
		const own = hypotheses.reduce((sum, h, i) => (isOf(h, seen) ? sum + (mass[i] ?? 0) : sum), 0);
		const number = saidByNumber(seen.count, all > 0 ? own / all : 0, trust[method], weights, total);
		const spread: Partial<Record<string, number>> = weights.sightingSpread.insects[seen.stage];
		return Float64Array.from(hypotheses, (h) =>
			h.group === seen.group && (h.kind === 'natural' || h.kind === 'group')
				? scale * (number + Math.log(likeSeen(h, seen, weights))) * (spread[h.stage] ?? 0)
				: 0
		);
	};
	return [
		...outing.unnamed
			.filter(({ note }) => note.body.abundance !== 'none')
			.map(({ note, observedAt }) => ({
				noteId: note.id,
				logLikelihoods: said(
					{ ...note.body, count: abundance[note.body.abundance] },
					'eye',
					ofMenu(observedAt, halfLifeMin.sighting)
				)
			})),
		...outing.samples.flatMap(({ note, observedAt }) =>
			(note.body.unnamed ?? []).map((lot) => ({
				noteId: note.id,
				logLikelihoods: said(
					lot,
					note.body.method,
					ofMenu(observedAt, halfLifeMin[note.body.method]),
					animalsIn(note.body)
				)
			}))
		)
	];
}

const isOf = (h: Hypothesis, { group, stage }: Unnamed): boolean => h.group === group && h.stage === stage;

/** How like a natural is to what was seen of length and colour, 0 to 1: normal in the logarithm of the one, and in ΔE00 of the other. */
function likeSeen(
	{ kind, taxonId, stage }: Hypothesis,
	{ lengthMm, lengthIs = 'about', shade, stage: seenAs }: Unnamed,
	{ unnamed }: Weights
): number {
	const taxon = kind === 'natural' ? findTaxon(taxonId) : undefined;
	const traits = taxon && findStage(taxon, stage);
	if (!traits) return 1;
	let log = 0;
	if (lengthMm !== undefined) {
		const apart = Math.log(lengthMm / traits.lengthMm.typical);
		const off =
			lengthIs === 'larger-than'
				? Math.max(0, apart)
				: lengthIs === 'smaller-than'
					? Math.min(0, apart)
					: apart;
		log -= (off / unnamed.lengthSpread) ** 2 / 2;
	}
	if (shade && stage === seenAs)
		log -= (colourDifference(SHADES[shade], SHADES[traits.belly]) / unnamed.colourSpread) ** 2 / 2;
	return Math.max(unnamed.leastLike, Math.exp(log));
}
