import { tell } from '../tell';
import * as v from 'valibot';
import { adviceFor, CAUSES, FISH_FIRST, FISHED_FROM, REFUSED, STRIKING, type Change } from '$lib/core/advice';
import { PATIENCE } from '$lib/core/rig';
import { flyEntries, flyOptions, outingEntries, PhrasesSchema, readRequest } from './outing';
import { listOf, RigSchema, within } from '$lib/core/note';
import { CHANGES, MOVES_OF_FLY, WAYS } from '$lib/core/vocabulary';
import { reasonsTold } from './said';

export const AdviceRequestSchema = v.object({
	...outingEntries,
	...flyEntries,
	refused: v.optional(v.picklist(REFUSED.ids)),
	patience: v.optional(v.picklist(PATIENCE.ids)),
	fishFirst: v.optional(v.picklist(FISH_FIRST.ids)),
	fishedFrom: v.optional(v.picklist(FISHED_FROM.ids)),
	striking: v.optional(v.picklist(STRIKING.ids)),
	/** Tippet that each change of fly uses up, m. */
	perKnotM: v.optional(within(0.01, 0.5, ' m')),
	/** Depth of the water, m. */
	waterM: v.optional(within(0.1, 30, ' m')),
	/** Changes that cannot be made from here. */
	declined: v.optional(listOf(v.picklist(CHANGES), CHANGES.length))
});

const ChangeSchema = v.object({
	id: v.string(),
	says: v.string(),
	code: v.string(),
	because: PhrasesSchema,
	codes: PhrasesSchema,
	minutes: v.number(),
	/** Chance of a take in the next drifts after it. */
	chance: v.number(),
	/** Chance of a take within ten minutes. */
	inTenMinutes: v.number(),
	fly: v.optional(v.object({ patternId: v.string(), name: v.string(), hookSize: v.number() })),
	tippetX: v.optional(v.number()),
	/** A tippet longer than usual, m. */
	tippetM: v.optional(v.number()),
	from: v.optional(v.string()),
	/** How deep to fish, m. */
	depthM: v.optional(v.number()),
	/** How the fly is brought to the fish, and moved. */
	way: v.optional(v.picklist(WAYS)),
	moved: v.optional(v.picklist(MOVES_OF_FLY)),
	/** Greased to ride high, or plain to sit low. */
	dressed: v.optional(v.boolean()),
	/** A fly to tie on behind the one that is on. */
	second: RigSchema.entries.second
});

export const AdviceAnswerSchema = v.object({
	/** Absent while the notes tie no fly on. */
	advice: v.optional(
		v.object({
			fly: v.object({ patternId: v.string(), hookSize: v.number() }),
			causes: v.array(v.object({ cause: v.picklist(CAUSES), says: v.string(), probability: v.number() })),
			seen: v.object({
				goodDrifts: v.number(),
				dragged: v.number(),
				chance: v.number(),
				perDrift: v.number(),
				until80: v.number(),
				answered: v.boolean()
			}),
			tally: v.object({ hooked: v.number(), landed: v.number(), cameOff: v.number() }),
			works: v.boolean(),
			next: ChangeSchema,
			others: v.array(ChangeSchema),
			/** How the first cast over this fish is laid, before anything was tried. */
			firstCast: v.array(ChangeSchema),
			leave: v.boolean(),
			/** Chance of a take in the next ten minutes, of this fish and of the next. */
			tenMinutes: v.object({ here: v.number(), next: v.number() }),
			tippet: v.object({
				leftM: v.number(),
				changesLeft: v.number(),
				short: v.boolean(),
				x: v.number(),
				wantedX: v.number()
			}),
			cautions: PhrasesSchema
		})
	)
});

/** What may be wrong, and the one thing to change, for a program. */
export function answerAdvice(
	request: v.InferOutput<typeof AdviceRequestSchema>
): v.InferInput<typeof AdviceAnswerSchema> {
	const { outing, reading } = readRequest(request);
	const { refused, patience, perKnotM, declined, fishFirst, fishedFrom, striking } = request;
	const advice = adviceFor(outing, reading, {
		...flyOptions(request),
		...(refused && { refused }),
		...(patience && { patience }),
		...(fishFirst && { fishFirst }),
		...(fishedFrom && { fishedFrom }),
		...(striking && { striking }),
		...(perKnotM !== undefined && { perKnotM }),
		...(request.waterM !== undefined && { waterM: request.waterM }),
		...(declined && { declined })
	});
	if (!advice) return {};
	const { fly, causes, seen, tally, works, next, others, firstCast, leave, tenMinutes, tippet, cautions } =
		advice;
	return {
		advice: {
			fly: { patternId: fly.pattern.id, hookSize: fly.hookSize },
			causes: causes.map(({ cause, name, probability }) => ({ cause, says: tell(name), probability })),
			seen,
			tally,
			works,
			next: changeAnswer(next),
			others: others.map(changeAnswer),
			firstCast: firstCast.map(changeAnswer),
			leave,
			tenMinutes,
			tippet,
			cautions: cautions.map((phrase) => tell(phrase))
		}
	};
}

function changeAnswer({ says, because, fly, ...change }: Change): v.InferInput<typeof ChangeSchema> {
	return {
		...change,
		says: tell(says),
		code: says.id,
		...reasonsTold(because),
		...(fly && { fly: { ...fly, name: tell(fly.name) } })
	};
}
