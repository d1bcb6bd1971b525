import { tell } from '../tell';
import * as v from 'valibot';
import { COLUMN_ZONES, findTaxon, LIFE_STAGES } from '$lib/core/atlas';
import { hypothesisWords } from '$lib/core/likeness';
import { shortlist } from '$lib/core/match';
import { lookNext } from '$lib/core/look';
import { CERTAINTY_NAMES, reasonsFor } from '$lib/core/reading';
import { FlyAnswerSchema, flyAnswer, flyEntries, flyOptions, outingEntries, readRequest } from './outing';
import { within } from '$lib/core/note';

export const ReadingRequestSchema = v.object({
	...outingEntries,
	...flyEntries,
	/** Throat samples are lawful here and practised, on fish from this length; left out, none is proposed. */
	throatFromMm: v.optional(within(100, 1500, ' mm'))
});

const ReasonSchema = v.object({
	says: v.string(),
	code: v.string(),
	weight: v.number(),
	/** How likely it would be without these notes, 0 to 1. */
	without: v.number(),
	noteIds: v.array(v.string())
});

export const ReadingAnswerSchema = v.object({
	reading: v.object({
		certainty: v.object({ top: v.number(), inPlay: v.number(), word: v.string(), mixed: v.boolean() }),
		beliefs: v.array(
			v.object({
				id: v.string(),
				says: v.string(),
				kind: v.picklist(['natural', 'group', 'unseen', 'anything', 'not-feeding', 'fading']),
				taxon: v.string(),
				stage: v.picklist(LIFE_STAGES),
				zone: v.picklist(COLUMN_ZONES),
				lengthMm: v.number(),
				probability: v.number(),
				because: v.array(ReasonSchema)
			})
		)
	}),
	shortlist: v.array(FlyAnswerSchema),
	lookNext: v.array(
		v.object({
			id: v.string(),
			title: v.string(),
			minutes: v.number(),
			gainBits: v.number(),
			gainOfFly: v.number(),
			outcomes: v.array(v.object({ finds: v.string(), probability: v.number(), means: v.string() })),
			caution: v.optional(v.string())
		})
	)
});

/** Reads the water for a program: nothing is stored. Reasons are written in metric units. */
export function answerReading(
	request: v.InferOutput<typeof ReadingRequestSchema>
): v.InferInput<typeof ReadingAnswerSchema> {
	const { outing, reading } = readRequest(request);
	const { throatFromMm } = request;
	const flies = shortlist(outing, reading, flyOptions(request));
	return {
		reading: {
			certainty: { ...reading.certainty, word: tell(CERTAINTY_NAMES[reading.certainty.word]) },
			beliefs: reading.beliefs.map(({ hypothesis, probability }) => ({
				id: hypothesis.id,
				says: tell(hypothesisWords(hypothesis)),
				kind: hypothesis.kind,
				taxon: findTaxon(hypothesis.taxonId)?.scientificName ?? hypothesis.taxonId,
				stage: hypothesis.stage,
				zone: hypothesis.zone,
				lengthMm: hypothesis.lengthMm,
				probability,
				because: reasonsFor(reading, hypothesis.id).map(({ noteIds, weight, without, says }) => ({
					says: tell(says),
					code: says.id,
					weight,
					without,
					noteIds
				}))
			}))
		},
		shortlist: flies.map(flyAnswer),
		lookNext: lookNext(outing, reading, 3, { ...(throatFromMm !== undefined && { throatFromMm }) }).map(
			({ title, caution, outcomes, ...observation }) => ({
				...observation,
				title: tell(title),
				outcomes: outcomes.map(({ finds, probability, means }) => ({
					finds: tell(finds),
					probability,
					means: tell(means)
				})),
				...(caution && { caution: tell(caution) })
			})
		)
	};
}
