import * as v from 'valibot';
import { LIFE_STAGES } from '$lib/core/atlas';
import type { SampleBody } from '$lib/core/note';
import { numbersOf } from '$lib/core/tray';

const IntervalSchema = v.object({ share: v.number(), low: v.number(), high: v.number() });
const DaysSchema = v.array(v.number());

export const SampleAnswerSchema = v.object({
	total: v.number(),
	/** Whether enough were counted to tell shares and what else is there. */
	enough: v.optional(v.boolean()),
	completeness: v.optional(
		v.object({ coverage: v.number(), seen: v.number(), likely: v.number(), anotherWouldAdd: v.number() })
	),
	lots: v.array(
		v.object({
			taxonId: v.string(),
			stage: v.picklist(LIFE_STAGES),
			count: v.number(),
			byNumber: IntervalSchema,
			byMass: v.number(),
			bodyMm: v.number(),
			sizes: v.optional(
				v.object({
					groups: v.array(v.object({ share: v.number(), middleMm: v.number(), logSpread: v.number() })),
					twoGroups: v.number()
				})
			),
			ripeness: v.optional(
				v.object({
					shares: v.object({ pale: IntervalSchema, dark: IntervalSchema, black: IntervalSchema }),
					looked: v.number(),
					enough: v.boolean(),
					days: v.object({ first: DaysSchema, most: DaysSchema })
				})
			)
		})
	)
});

/** A sample in numbers, for a program. */
export function answerSample(sample: SampleBody): v.InferInput<typeof SampleAnswerSchema> {
	const numbers = numbersOf(sample);
	if (!numbers) return { total: 0, lots: [] };
	return {
		total: numbers.total,
		enough: numbers.enough,
		completeness: numbers.completeness,
		lots: numbers.lots.map(({ taxonId, stage, count, byNumber, byMass, bodyMm, sizes, ripeness }) => ({
			taxonId,
			stage,
			count,
			byNumber,
			byMass,
			bodyMm,
			...(sizes && { sizes }),
			...(ripeness && {
				ripeness: {
					shares: ripeness.shares,
					looked: ripeness.looked,
					enough: ripeness.enough,
					days: { first: [...ripeness.days.first], most: [...ripeness.days.most] }
				}
			})
		}))
	};
}
