import * as v from 'valibot';
import {
	COLUMN_ZONES,
	findTaxon,
	foldOuting,
	hypothesisPhrase,
	InstantSchema,
	LIFE_STAGES,
	lookNext,
	NoteSchema,
	PlaceSchema,
	readWater,
	reasonsFor,
	sayPhrase,
	SCHOOL_IDS,
	shortlist,
	WEIGHING_IDS,
	WEIGHINGS
} from '$lib/core';

const MOST_NOTES = 500;
const MOST_FLIES = 2000;

export const ReadingRequestSchema = v.object({
	place: PlaceSchema,
	at: InstantSchema,
	notes: v.pipe(v.array(NoteSchema), v.maxLength(MOST_NOTES, `holds over ${MOST_NOTES} notes`)),
	school: v.optional(v.picklist(SCHOOL_IDS)),
	/** What is trusted most: nets, fish, or both alike. */
	weighing: v.optional(v.picklist(WEIGHING_IDS)),
	/** One fish under watch: the reading is then that fish's. */
	watchId: v.optional(v.pipe(v.string(), v.uuid('must be a UUID'))),
	box: v.optional(
		v.pipe(
			v.array(
				v.object({ patternId: v.string(), hookSize: v.number(), count: v.pipe(v.number(), v.minValue(0)) })
			),
			v.maxLength(MOST_FLIES, `holds over ${MOST_FLIES} flies`)
		)
	)
});

const ReasonSchema = v.object({ says: v.string(), weight: v.number(), noteIds: v.array(v.string()) });

export const ReadingAnswerSchema = v.object({
	reading: v.object({
		certainty: v.object({ top: v.number(), inPlay: v.number(), word: v.string(), mixed: v.boolean() }),
		beliefs: v.array(
			v.object({
				id: v.string(),
				says: v.string(),
				kind: v.picklist(['natural', 'unseen', 'anything']),
				taxon: v.string(),
				stage: v.picklist(LIFE_STAGES),
				zone: v.picklist(COLUMN_ZONES),
				lengthMm: v.number(),
				probability: v.number(),
				because: v.array(ReasonSchema)
			})
		)
	}),
	shortlist: v.array(
		v.object({
			patternId: v.string(),
			name: v.string(),
			hookSize: v.number(),
			dressedMm: v.number(),
			tippetMm: v.number(),
			score: v.number(),
			passesFor: v.string(),
			inBox: v.optional(v.number()),
			because: v.array(v.string())
		})
	),
	lookNext: v.array(
		v.object({
			id: v.string(),
			title: v.string(),
			minutes: v.number(),
			gainBits: v.number(),
			outcomes: v.array(v.object({ finds: v.string(), probability: v.number(), means: v.string() })),
			caution: v.optional(v.string())
		})
	)
});

/** Reads the water for a program: nothing is stored. Reasons are written in metric units. */
export function answerReading(
	request: v.InferOutput<typeof ReadingRequestSchema>
): v.InferInput<typeof ReadingAnswerSchema> {
	const outing = foldOuting(request.notes, request.place, request.at);
	const reading = readWater(outing, request.watchId, WEIGHINGS[request.weighing ?? 'even-handed'].weights);
	const flies = shortlist(outing, reading, {
		...(request.school && { school: request.school }),
		...(request.box && { box: request.box })
	});
	return {
		reading: {
			certainty: reading.certainty,
			beliefs: reading.beliefs.map(({ hypothesis, probability }) => ({
				id: hypothesis.id,
				says: hypothesisPhrase(hypothesis),
				kind: hypothesis.kind,
				taxon: findTaxon(hypothesis.taxonId)?.scientificName ?? hypothesis.taxonId,
				stage: hypothesis.stage,
				zone: hypothesis.zone,
				lengthMm: hypothesis.lengthMm,
				probability,
				because: reasonsFor(reading, hypothesis.id).map(({ noteIds, weight, ...phrase }) => ({
					says: sayPhrase(phrase),
					weight,
					noteIds
				}))
			}))
		},
		shortlist: flies.map((fly) => ({
			patternId: fly.pattern.id,
			name: fly.pattern.name,
			hookSize: fly.hookSize,
			dressedMm: fly.dressedMm,
			tippetMm: fly.tippetMm,
			score: fly.score,
			passesFor: hypothesisPhrase(fly.passesFor),
			...(fly.inBox !== undefined && { inBox: fly.inBox }),
			because: fly.because.map((phrase) => sayPhrase(phrase))
		})),
		lookNext: lookNext(outing, reading)
	};
}
