import { tell } from '../tell';
import words from '../words';
import { fault } from '$lib/core/message';
import * as v from 'valibot';
import { findTaxon, LIFE_STAGES, PlaceSchema } from '$lib/core/atlas';
import { identify, MARK_IDS, MARKS, type Question } from '$lib/core/key';
import { InstantSchema, listOf } from '$lib/core/note';
import { SAMPLE_METHODS } from '$lib/core/vocabulary';

export const IdentifyRequestSchema = v.object({
	/** What was seen, in any order. */
	marks: listOf(
		v.pipe(
			v.object({ mark: v.picklist(MARK_IDS), state: v.string() }),
			v.forward(
				v.partialCheck(
					[['mark'], ['state']],
					({ mark, state }) => state === 'unseen' || Object.hasOwn(MARKS[mark].states, state),
					fault(words('no-answer-to-that-mark'))
				),
				['state']
			)
		),
		60
	),
	place: v.optional(PlaceSchema),
	at: v.optional(InstantSchema),
	method: v.optional(v.picklist(SAMPLE_METHODS))
});

export const IdentifyAnswerSchema = v.object({
	candidates: v.array(
		v.object({
			taxonId: v.string(),
			taxon: v.string(),
			stage: v.picklist(LIFE_STAGES),
			probability: v.number()
		})
	),
	next: v.optional(
		v.object({
			mark: v.string(),
			asks: v.string(),
			effortS: v.number(),
			gainBits: v.number(),
			answers: v.array(v.object({ state: v.string(), says: v.string(), probability: v.number() })),
			trap: v.optional(v.string())
		})
	),
	enough: v.object({
		yes: v.boolean(),
		served: v.number(),
		style: v.string(),
		hookSize: v.number(),
		wouldChange: v.array(
			v.object({
				taxonId: v.string(),
				stage: v.picklist(LIFE_STAGES),
				probability: v.number(),
				style: v.string(),
				hookSize: v.number()
			})
		)
	}),
	contradictions: v.array(
		v.object({ marks: v.array(v.string()), lookAgain: v.string(), says: v.string(), code: v.string() })
	)
});

/** Candidates less likely than this are left out of the answer. */
const WORTH_NAMING = 0.001;

/** Names an animal from its marks, for a program. */
export function answerIdentify({
	marks,
	place,
	at,
	method
}: v.InferOutput<typeof IdentifyRequestSchema>): v.InferInput<typeof IdentifyAnswerSchema> {
	const { candidates, questions, enough, contradictions } = identify(marks, {
		...(place && { place }),
		...(at && { at }),
		...(method && { method })
	});
	return {
		candidates: candidates
			.filter(({ probability }) => probability >= WORTH_NAMING)
			.map((candidate) => ({
				...candidate,
				taxon: findTaxon(candidate.taxonId)?.scientificName ?? candidate.taxonId
			})),
		...(questions[0] && { next: questionTold(questions[0]) }),
		enough: {
			yes: enough.yes,
			served: enough.served,
			style: tell(enough.styleName),
			hookSize: enough.hookSize,
			wouldChange: enough.wouldChange.map(({ styleName, ...other }) => ({
				...other,
				style: tell(styleName)
			}))
		},
		contradictions: contradictions.map(({ marks: pair, lookAgain, says }) => ({
			marks: [...pair],
			lookAgain,
			says: tell(says),
			code: says.id
		}))
	};
}

function questionTold({
	asks,
	trap,
	answers,
	...question
}: Question): NonNullable<v.InferInput<typeof IdentifyAnswerSchema>['next']> {
	return {
		...question,
		asks: tell(asks),
		...(trap && { trap: tell(trap) }),
		answers: answers
			.filter(({ possible }) => possible)
			.map(({ state, says, probability }) => ({ state, says: tell(says), probability }))
	};
}
