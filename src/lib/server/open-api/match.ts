import * as v from 'valibot';
import { SCHOOL_IDS } from '$lib/core/likeness';
import { compareSchools, PAIR_WAYS, pairFor, shortlist } from '$lib/core/match';
import {
	FlyAnswerSchema,
	flyAnswer,
	flyEntries,
	flyOptions,
	outingEntries,
	outingOf,
	PhrasesSchema,
	readingOf
} from './outing';
import { LIFE_STAGES } from '$lib/core/atlas';
import { fault } from '$lib/core/message';
import { faults, hasStage, TaxonIdSchema, within } from '$lib/core/note';
import { statedReading } from '$lib/core/reading';
import { rigAnswer, RigPartSchema } from './rig';
import { reasonsTold } from './said';

export const MatchRequestSchema = v.object({
	...outingEntries,
	...flyEntries,
	/** A natural in the hand: the flies are then for just this, whatever the notes say fish take. */
	natural: v.optional(
		v.pipe(
			v.object({
				taxonId: TaxonIdSchema,
				stage: v.picklist(LIFE_STAGES),
				lengthMm: v.optional(within(0.5, 120, ' mm'))
			}),
			v.forward(v.partialCheck([['taxonId'], ['stage']], hasStage, fault(faults('no-stage'))), ['stage'])
		)
	),
	/** How many flies at the most; five unless told. */
	most: v.optional(within(1, 50))
});

export const MatchAnswerSchema = v.object({
	flies: v.array(FlyAnswerSchema),
	/** The two flies that together serve the reading best. */
	pair: v.optional(
		v.object({
			lead: FlyAnswerSchema,
			second: FlyAnswerSchema,
			fishes: v.picklist(PAIR_WAYS),
			distanceM: v.object({ least: v.number(), most: v.number() }),
			expected: v.number(),
			single: v.number(),
			worthIt: v.boolean(),
			rig: RigPartSchema,
			because: PhrasesSchema,
			codes: PhrasesSchema
		})
	),
	/** What each school would tie on. */
	schools: v.array(
		v.object({
			school: v.picklist(SCHOOL_IDS),
			flies: v.array(v.object({ patternId: v.string(), hookSize: v.number() })),
			placeOfFirst: v.optional(v.number())
		})
	)
});

/** The flies that match, one or two, and how schools differ, for a program. */
export function answerMatch(
	request: v.InferOutput<typeof MatchRequestSchema>
): v.InferInput<typeof MatchAnswerSchema> {
	const outing = outingOf(request);
	const reading = request.natural ? statedReading(outing, request.natural) : readingOf(request, outing);
	const options = flyOptions(request);
	const pair = pairFor(outing, reading, options);
	return {
		flies: shortlist(outing, reading, { ...options, most: Math.round(request.most ?? 5) }).map(flyAnswer),
		...(pair && {
			pair: {
				lead: flyAnswer(pair.lead),
				second: flyAnswer(pair.second),
				fishes: pair.fishes,
				distanceM: pair.distanceM,
				expected: pair.expected,
				single: pair.single,
				worthIt: pair.worthIt,
				rig: rigAnswer(pair.rig),
				...reasonsTold(pair.because)
			}
		}),
		schools: compareSchools(outing, reading, options).map(({ school, flies, placeOfFirst }) => ({
			school,
			flies: flies.map(({ pattern, hookSize }) => ({ patternId: pattern.id, hookSize })),
			...(placeOfFirst !== undefined && { placeOfFirst })
		}))
	};
}
