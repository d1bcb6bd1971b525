import type { LifeStage } from '../atlas';
import type { Lot } from '../note';
import type { SampleMethod } from '../vocabulary';
import { ripenessOf } from '../tray';
import type { HatchRecord } from './record';

/** What a guide netted on a reach, on an earlier outing or earlier on the same one. */
export interface EarlierSample {
	outingId: string;
	at: Date;
	method: SampleMethod;
	lots: readonly Lot[];
	/** Temperature of the water then, °C. */
	waterC?: number;
}

/** The sample in which a hatch was to be seen coming. */
export interface Foretold {
	outingId: string;
	at: Date;
	method: SampleMethod;
	stage: LifeStage;
	count: number;
	/** Whole days between the sample and the hatch. */
	daysBefore: number;
	/** Whole days to the first of them by the wing pads, from and to, where those of enough animals were looked at. */
	due?: readonly [number, number];
	/** Whether it came within those days, one more or less. */
	borneOut?: boolean;
}

/** Nymphs found longer before tell little of a day. Field rule. */
export const FORETOLD_DAYS = 30;
const DAY_MS = 86_400_000;
const STILL_TO_COME: readonly LifeStage[] = ['nymph', 'larva', 'pupa'];

/**
 * The earlier sample on the same reach that held the same taxon still below: the latest whose wing pads were looked
 * at, or else the latest. Undefined for a record of what had not hatched itself, and where there is no such sample.
 *
 * @param samples of the same reach, in any order
 */
export function foretoldBy(
	{ taxonId, stage, firstSeen }: Pick<HatchRecord, 'taxonId' | 'stage' | 'firstSeen'>,
	samples: readonly EarlierSample[]
): Foretold | undefined {
	if (stage === 'nymph' || stage === 'larva') return undefined;
	const found = samples
		.flatMap((sample) =>
			sample.lots
				.filter((lot) => lot.taxonId === taxonId && lot.stage !== stage && STILL_TO_COME.includes(lot.stage))
				.map((lot) => ({ sample, lot, days: (firstSeen.getTime() - sample.at.getTime()) / DAY_MS }))
		)
		.filter(({ days }) => days > 0 && days <= FORETOLD_DAYS)
		.sort((a, b) => Number(!a.lot.pads) - Number(!b.lot.pads) || a.days - b.days);
	const [best] = found;
	if (!best) return undefined;
	const { sample, lot, days } = best;
	const ripe = lot.pads && ripenessOf(lot.pads, sample.waterC);
	// Days told by one or two animals are no forecast of a population.
	const due = ripe?.enough ? ripe.days.first : undefined;
	return {
		outingId: sample.outingId,
		at: sample.at,
		method: sample.method,
		stage: lot.stage,
		count: lot.count,
		daysBefore: Math.floor(days),
		...(due && {
			due: [Math.round(due[0]), Math.round(due[1])] as const,
			borneOut: days >= due[0] - 1 && days <= due[1] + 1
		})
	};
}
