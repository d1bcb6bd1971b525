import { findStage, findTaxon, bodyLengthMm } from '../atlas';
import type { SampleBody } from '../note';
import { completeness, type Completeness } from './diversity';
import { goodman, LEAST_TO_TELL, ratioOf, ratioTells, type ShareInterval } from './intervals';
import { dryMassMg } from './mass';
import { ripenessOf, type Ripeness } from './ripeness';
import { sizeGroups, type SizeGroups } from './size-groups';
import { sizeHistogram } from './size-histogram';

/** One lot of a sample, in numbers. */
export interface LotNumbers {
	taxonId: string;
	stage: SampleBody['lots'][number]['stage'];
	/** Animals in the whole sample: as counted, or scaled up where only a part was counted. */
	count: number;
	/** Share by number, with intervals that hold for all lots at once. */
	byNumber: ShareInterval;
	/** Share of the dry mass, 0 to 1: most food, against most numerous. */
	byMass: number;
	/** Body length taken for the mass, mm. */
	bodyMm: number;
	/**
	 * How many of the commonest kind there are for each of this one, with its interval; absent for the commonest itself,
	 * and where the counts cannot tell which is more.
	 */
	commonestForEach?: { ratio: number; low: number; high: number };
	/** How ripe its nymphs are, where wing pads were looked at. */
	ripeness?: Ripeness;
	/** Whether its lengths fall into one group or two, where enough single animals were measured. */
	sizes?: SizeGroups;
	/** How many of them are how long, in bars of half a millimetre. */
	bars?: { fromMm: number; count: number }[];
}

export interface SampleNumbers {
	lots: LotNumbers[];
	/** Animals in the whole sample. */
	total: number;
	/** Whether enough were counted to tell shares and what else is there. */
	enough: boolean;
	/** The kind of which most were counted, where the counts can tell. */
	commonest: Pick<LotNumbers, 'taxonId' | 'stage'> | undefined;
	/** How much of what is there was seen. */
	completeness: Completeness;
}

/**
 * A sample in numbers, each with how sure it is. Where a part of the tray was counted, counts are scaled up and
 * certainty is not: intervals rest on the animals that were counted.
 *
 * @param waterC temperature of the water in °C, if known: it hastens or slows ripening
 * @returns undefined for an empty sample: looked and found none
 */
export function numbersOf(
	{ lots, countedShare = 1 }: SampleBody,
	waterC?: number
): SampleNumbers | undefined {
	const commonest = lots.reduce<SampleBody['lots'][number] | undefined>(
		(most, lot) => (!most || lot.count > most.count ? lot : most),
		undefined
	);
	if (!commonest) return undefined;
	const counts = lots.map(({ count }) => count);
	const intervals = goodman(counts.map((count) => count * certainShare(lots)));
	const bodies = lots.map(bodyOf);
	const masses = lots.map(({ taxonId, stage, count }, i) => {
		const taxon = findTaxon(taxonId);
		return taxon ? count * dryMassMg(bodies[i] ?? 1, taxon, stage) : 0;
	});
	const totalMass = masses.reduce((a, b) => a + b, 0);
	const counted = counts.reduce((a, b) => a + b, 0);
	const ratios = lots.map((lot) => (lot === commonest ? undefined : ratioOf(commonest.count, lot.count)));
	const second = Math.max(0, ...lots.filter((lot) => lot !== commonest).map(({ count }) => count));
	const whole = (count: number) => Math.round(count / countedShare);
	return {
		lots: lots.map((lot, i) => ({
			taxonId: lot.taxonId,
			stage: lot.stage,
			count: whole(lot.count),
			byNumber: intervals[i] ?? { share: 0, low: 0, high: 1 },
			byMass: (masses[i] ?? 0) / totalMass,
			bodyMm: bodies[i] ?? 0,
			...tellingRatio(ratios[i]),
			...(lot.pads && { ripeness: ripenessOf(lot.pads, waterC) }),
			...(lot.lengthsMm &&
				lot.lengthsMm.length >= LEAST_TO_TELL && {
					sizes: sizeGroups(lot.lengthsMm),
					bars: sizeHistogram(lot.lengthsMm)
				})
		})),
		total: whole(counted),
		enough: counted >= LEAST_TO_TELL,
		commonest: lots.length > 1 && second < commonest.count ? commonest : undefined,
		completeness: completeness(counts)
	};
}

/** Of the commonest itself there is no ratio to tell. */
const tellingRatio = (ratio: ReturnType<typeof ratioOf> | undefined): Pick<LotNumbers, 'commonestForEach'> =>
	ratio && ratioTells(ratio) ? { commonestForEach: ratio } : {};

/** A count at a glance is off by about this share of itself, one standard deviation (field rule). */
const GLANCE_CV = 0.3;

/** Animals counted one by one that would be as certain as these counts, as a share of them. */
function certainShare(lots: SampleBody['lots']): number {
	const given = lots.reduce((sum, { count }) => sum + count, 0);
	const worth = lots.reduce(
		(sum, { count, about }) => sum + (about ? count / (1 + GLANCE_CV ** 2 * count) : count),
		0
	);
	return worth / given;
}

function bodyOf({ taxonId, stage, lengthMm, lengthsMm, measured }: SampleBody['lots'][number]): number {
	if (lengthsMm && lengthsMm.length > 0)
		return bodyLengthMm(
			Math.exp(lengthsMm.reduce((sum, length) => sum + Math.log(length), 0) / lengthsMm.length),
			measured,
			taxonId,
			stage
		);
	if (lengthMm !== undefined) return bodyLengthMm(lengthMm, measured, taxonId, stage);
	const taxon = findTaxon(taxonId);
	return (taxon && findStage(taxon, stage)?.lengthMm.typical) ?? 5;
}
